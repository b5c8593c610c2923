package lectulum.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Thing;
import lectulum.kernel.maths.Belief;

/// The plan against what a monitor measured: each load, and what the panels give, as far as the measurements move them.
///
/// Prior and measurements are normal; a load's prior is as sure as the source of its figure, a day of measuring to 4 %.
///
/// @param loads in the order of the plan's day, largest first
/// @param sun   part of the reckoned yield; empty where no day could be judged
/// @param charge part of the nominal charge; empty where it was never full and then well used
public record Recalibration(List<Changed> loads, Optional<Belief> sun, Optional<Double> charge) {
    private static final double DAY_ERROR = 0.04;
    private static final double SUN_PRIOR = 0.15;
    private static final double SUN_DAY = 0.06;
    private static final double WATT_HOUR = 3600;
    private static final double ENOUGH_USED = 0.3;
    /// A charge outside of this, of the nominal one, is a monitor that counts wrong, not a battery.
    private static final double LEAST_CHARGE = 0.3;
    private static final double MOST_CHARGE = 1.3;

    /// What was measured.
    ///
    /// @param energy of each day by the id of the thing \[Wh\]
    /// @param sun    of each day, the panels \[Wh\]; NaN for a day on which the battery was full too long to tell
    /// @param drawn  charge taken out between full and lowest \[Ah\]
    /// @param used   state of charge between them
    public record Measured(Map<String, List<Double>> energy, List<Double> sun, double drawn, double used) {
    }

    /// One load.
    ///
    /// @param plan  a day \[Wh\], with its standard error
    /// @param found a day after the measurements
    public record Changed(String thing, String name, Belief plan, List<Double> measured, Belief found) {
        /// Of the days that were measured \[Wh\]; NaN without any.
        public double mean() {
            return measured.stream().mapToDouble(x -> x).average().orElse(Double.NaN);
        }

        public double times() {
            return plan.value() > 0 ? found.value() / plan.value() : 1;
        }
    }

    public static Recalibration of(Design d, Measured m) {
        Power power = Power.of(d);
        List<Changed> loads = new ArrayList<>();
        for (Power.Draw draw : power.loads()) {
            List<Double> days = m.energy.getOrDefault(draw.thing(), List.of());
            double planned = draw.energy() / WATT_HOUR;
            if (days.isEmpty() || planned <= 0) {
                continue;
            }
            double error = d.thing(draw.thing()).flatMap(t -> t.feature(Electric.Draws.class))
                    .map(Electric.Draws::known).orElse(Electric.Known.GUESS).error();
            Belief plan = new Belief(planned, error * planned);
            double sigma = Math.max(0.1, DAY_ERROR * planned);
            loads.add(new Changed(draw.thing(), draw.name(), plan, days,
                    plan.with(days.stream().map(x -> new Belief(x, sigma)).toList())));
        }
        double reckoned = power.figures().value("power.sun.harvest") / WATT_HOUR;
        List<Belief> ratios = m.sun.stream().filter(x -> !x.isNaN() && reckoned > 0)
                .map(x -> new Belief(x / reckoned, SUN_DAY)).toList();
        Optional<Belief> sun = ratios.isEmpty() ? Optional.empty() : Optional.of(new Belief(1, SUN_PRIOR).with(ratios));
        Optional<Double> charge = m.used > ENOUGH_USED
                ? Plant.of(d).bank().map(b -> m.drawn / m.used / b.charge())
                        .filter(c -> c > LEAST_CHARGE && c < MOST_CHARGE)
                : Optional.empty();
        return new Recalibration(List.copyOf(loads), sun, charge);
    }

    /// Takes what was found into the plan.
    public Edit taken() {
        return new Edit("Take what was measured", d -> {
            Design next = d;
            for (Changed c : loads) {
                next = next.mapping(c.thing, t -> measured(t, c.times()));
            }
            for (Thing t : charge.isPresent() ? d.things() : List.<Thing>of()) {
                next = next.mapping(t.id(), x -> x.battery().map(b -> x.with(new Battery(
                        b.energy() * charge.get(), b.chemistry()))).orElse(x));
            }
            double was = Assumed.value(d, Assumption.SUN_YIELD);
            return sun.isEmpty()
                    ? next
                    : next.with(next.settings().with(Assumption.SUN_YIELD.id(),
                            Math.clamp(was * sun.get().value(), 0.2, 1.5)));
        });
    }

    private static Thing measured(Thing t, double times) {
        Electric.Draws draws = t.feature(Electric.Draws.class).orElse(Electric.Draws.USUAL);
        return t.load().map(l -> t.with(l.withPower(Math.min(20_000, l.power() * times))
                .withStandby(Math.min(1000, l.standby() * times))).with(draws.measured())).orElse(t);
    }
}
