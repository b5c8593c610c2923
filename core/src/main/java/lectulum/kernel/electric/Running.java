package lectulum.kernel.electric;

/// Whether a bank, its panels and its inverter run one more thing every day.
///
/// @param dc        of it at the battery \[W\]
/// @param amps      at the battery \[A\]
/// @param rate      of the bank, as a part of its ampere hours
/// @param factor    of Peukert at that current
/// @param need      in a day \[Wh\]
/// @param sunHours  that the sun left over carries \[h\]
/// @param bankHours that the full bank carries \[h\]
/// @param forAmps   bank that may give the current \[Ah\]
/// @param forDay    bank that holds a day with it \[Ah\]
/// @param panels    that bring a day with it \[W\]; NaN where there is no sun
public record Running(Verdict verdict, double dc, double amps, double rate, double factor, double need,
        double sunHours, double bankHours, double forAmps, double forDay, double panels) {
    /// In the order in which they are decided.
    public enum Verdict {
        NO_POWER, YES, BATTERY_FIRST, NO_ENERGY
    }

    /// Something to run.
    ///
    /// @param watts  of the thing \[W\], > 0
    /// @param surge  when it starts, as a multiple
    /// @param hours  a day \[h\], > 0
    /// @param onMains whether it runs on the inverter
    public record Wish(double watts, double surge, double hours, boolean onMains) {
    }

    /// The inverter it would run on; for what runs straight from the battery it is not asked.
    ///
    /// @param most       it gives all the time \[W\]
    /// @param surge      it gives for a moment \[W\]
    /// @param idle       \[W\]
    /// @param efficiency of what it passes on
    public record Inverter(double most, double surge, double idle, double efficiency) {
    }

    /// @param base    taken in a day already \[Wh\]
    /// @param harvest of the panels in a day \[Wh\]
    /// @param peak    of the panels \[W\]
    /// @param celsius of the battery
    public static Running of(Bank bank, Inverter inverter, Wish wish, double base, double harvest, double peak,
            double celsius) {
        Chemistry c = bank.chemistry();
        double p = wish.onMains ? inverter.idle + wish.watts / inverter.efficiency : wish.watts;
        double amps = p / bank.voltage();
        double factor = bank.factor(amps);
        double need = p * factor * wish.hours;
        double depth = c.depth() * c.capacity(celsius);
        double sun = Math.max(0, harvest * c.efficiency() - base) / (p * factor);
        double held = bank.hours(amps, celsius);
        boolean weak = wish.onMains && (wish.watts > inverter.most || wish.watts * wish.surge > inverter.surge);
        Verdict verdict = amps > c.discharge() * bank.charge() || weak
                ? Verdict.NO_POWER
                : sun >= wish.hours ? Verdict.YES : held >= wish.hours ? Verdict.BATTERY_FIRST : Verdict.NO_ENERGY;
        return new Running(verdict, p, amps, bank.charge() > 0 ? amps / bank.charge() : Double.POSITIVE_INFINITY,
                factor, need, sun, held, amps / c.discharge(), (need + base) / (bank.voltage() * depth),
                harvest > 0 ? peak * (base + need) / (harvest * c.efficiency()) : Double.NaN);
    }
}
