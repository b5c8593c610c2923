package lectulum.kernel.finance;

import java.util.OptionalDouble;

/// A loan paid back by equal payments at the end of each month (annuity).
///
/// @param principal that is lent
/// @param rate      a year, nominal, a twelfth of it each month
/// @param months    ≥ 1
public record Loan(double principal, double rate, int months) {
    private static final int HALVINGS = 200;
    private static final double MOST = 2.0;

    private double monthly() {
        return rate / 12;
    }

    /// Each month.
    public double payment() {
        double r = monthly();
        return r == 0 ? principal / months : principal * r / (1 - Math.pow(1 + r, -months));
    }

    /// Paid in all beyond what was lent.
    public double interest() {
        return payment() * months - principal;
    }

    /// Still owed after so many payments.
    public double balance(int after) {
        double r = monthly();
        double grown = Math.pow(1 + r, after);
        double owed = r == 0 ? principal - payment() * after : principal * grown - payment() * (grown - 1) / r;
        return Math.max(0, owed);
    }

    /// The rate that belongs to a payment; empty where the payments do not even pay back what was lent.
    public static OptionalDouble rate(double principal, double payment, int months) {
        if (!(principal > 0) || months < 1 || payment * months < principal) {
            return OptionalDouble.empty();
        }
        double low = 0;
        double high = MOST;
        if (new Loan(principal, high, months).payment() < payment) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (new Loan(principal, middle, months).payment() < payment) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }
}
