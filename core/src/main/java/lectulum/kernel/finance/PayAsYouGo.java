package lectulum.kernel.finance;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// When things can be ordered out of cash and of what is put aside each month, in the order in which they must be ordered.
public final class PayAsYouGo {
    private static final int MOST_MONTHS = 600;

    private PayAsYouGo() {
    }

    /// Something to buy.
    ///
    /// @param need day on which it is wanted
    /// @param lead days from the order to its arrival
    public record Buy(String name, double price, LocalDate need, int lead) {
        public LocalDate orderBy() {
            return need.minusDays(lead);
        }
    }

    /// When it is ordered and comes.
    ///
    /// @param late days after it is wanted, 0 or less for in time
    public record Ordered(Buy buy, LocalDate order, LocalDate arrival, long late) {
    }

    /// In the order of buying. What cannot be paid within fifty years is left out.
    ///
    /// @param today   nothing is ordered before
    /// @param cash    that is there today
    /// @param monthly put aside on each payday after today
    /// @param payday  day of the month, the last day where the month is shorter
    public static List<Ordered> plan(List<Buy> buys, LocalDate today, double cash, double monthly, int payday) {
        List<Buy> order = new ArrayList<>(buys);
        order.sort(Comparator.comparing(Buy::orderBy));
        List<Ordered> all = new ArrayList<>();
        double spent = 0;
        for (Buy b : order) {
            spent += b.price;
            LocalDate from = b.orderBy().isBefore(today) ? today : b.orderBy();
            LocalDate paid = covered(spent, today, cash, monthly, payday);
            if (paid == null) {
                continue;
            }
            LocalDate day = paid.isAfter(from) ? paid : from;
            LocalDate arrives = day.plusDays(b.lead);
            all.add(new Ordered(b, day, arrives, arrives.toEpochDay() - b.need.toEpochDay()));
        }
        return all;
    }

    /// The first day on which so much is there; null where it never is.
    private static LocalDate covered(double sum, LocalDate today, double cash, double monthly, int payday) {
        double have = cash;
        LocalDate day = today;
        YearMonth month = YearMonth.from(today);
        for (int i = 0; have < sum - 1e-9; i++) {
            if (monthly <= 0 || i > MOST_MONTHS) {
                return null;
            }
            LocalDate pay = month.atDay(Math.min(payday, month.lengthOfMonth()));
            if (pay.isAfter(today)) {
                have += monthly;
                day = pay;
            }
            month = month.plusMonths(1);
        }
        return day;
    }

    /// The least monthly saving with which everything is in time; infinite where none does, since something is wanted before a
    /// payday.
    public static double least(List<Buy> buys, LocalDate today, double cash, int payday) {
        double low = 0;
        double high = buys.stream().mapToDouble(Buy::price).sum();
        if (late(buys, today, cash, high, payday)) {
            return Double.POSITIVE_INFINITY;
        }
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (late(buys, today, cash, middle, payday)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static boolean late(List<Buy> buys, LocalDate today, double cash, double monthly, int payday) {
        List<Ordered> plan = plan(buys, today, cash, monthly, payday);
        return plan.size() < buys.size() || plan.stream()
                .anyMatch(o -> o.late > 0 && !o.buy.orderBy().isBefore(today));
    }
}
