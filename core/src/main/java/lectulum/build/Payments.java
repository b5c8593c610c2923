package lectulum.build;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.purse.Receipt;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.finance.PayAsYouGo;
import lectulum.units.Day;

/// When what is open can be paid out of what is put aside, and so when it comes: for the months of Money and for what tasks wait for.
///
/// @param today   from which it is counted
/// @param start   put aside already
/// @param monthly put aside each month
/// @param payday  on that day of it
public record Payments(LocalDate today, double start, double monthly, int payday) {

    /// Empty where nobody said which day is today.
    public static Optional<Payments> of(Design d) {
        return Day.iso(d.purse().today()).map(today -> new Payments(today, Assumed.value(d, Assumption.CASH_START),
                Assumed.value(d, Assumption.CASH_MONTHLY),
                (int) Math.round(Assumed.value(d, Assumption.CASH_PAYDAY))));
    }

    /// What is not paid, is bought, and of which somebody said when it is wanted; in the currency of the project, so that what has no
    /// rate is left out.
    public static List<PayAsYouGo.Buy> buys(Design d) {
        List<PayAsYouGo.Buy> buys = new ArrayList<>();
        for (Receipt r : d.purse().receipts()) {
            OptionalDouble rate = d.purse().rate(r.currency(), d.brief().currency());
            Optional<LocalDate> need = Day.iso(r.need());
            if (r.state() != Receipt.State.PAID && r.cover() == Bill.Cover.BUY && need.isPresent()
                    && rate.isPresent()) {
                double price = r.bill().total(Receipt.exact(rate.getAsDouble())).doubleValue()
                        + rate.getAsDouble() * r.freight();
                buys.add(new PayAsYouGo.Buy(r.id(), price, need.get(), (int) Math.round(r.lead())));
            }
        }
        return buys;
    }

    /// In the order of buying.
    public List<PayAsYouGo.Ordered> plan(List<PayAsYouGo.Buy> buys) {
        return PayAsYouGo.plan(buys, today, start, monthly, payday);
    }

    /// The least monthly saving with which everything is in time; infinite where none does.
    public double least(List<PayAsYouGo.Buy> buys) {
        return PayAsYouGo.least(buys, today, start, payday);
    }
}
