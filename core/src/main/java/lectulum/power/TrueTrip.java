package lectulum.power;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Appliance;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Hours;
import lectulum.kernel.electric.Simulation;
import lectulum.kernel.weather.SplitMix;

/// A trip as it would truly have gone: loads and sun differ from the plan by what a seed hides. For a battery monitor that
/// stands in for a real one.
///
/// @param volts class of the system \[V\]
/// @param times what each load truly draws, as a multiple of the plan, by the id of its thing
/// @param sun   what the panels truly give, as a multiple
/// @param hours the course
public record TrueTrip(double volts, Map<String, Double> times, double sun, List<Hour> hours) {
    private static final double SUN_ERROR = 0.15;

    /// One hour.
    ///
    /// @param state of charge at its end
    /// @param sun   into the battery and the loads \[W\]
    /// @param load  of all \[W\]
    /// @param loads mean power by the id of the thing \[W\]
    /// @param air   outside \[°C\]
    public record Hour(double state, double sun, double load, Map<String, Double> loads, double air) {
    }

    /// @param days of the month of the brief
    /// @return without hours where nothing stores power
    public static TrueTrip of(Design design, int days, long seed) {
        Rehearsal r = Rehearsal.of(design);
        SplitMix chance = new SplitMix(seed);
        Map<String, Double> times = new TreeMap<>();
        double[] factors = new double[r.drawing().size()];
        for (int i = 0; i < factors.length; i++) {
            Thing t = r.drawing().get(i);
            double error = t.feature(Electric.Draws.class).map(Electric.Draws::known).orElse(Electric.Known.GUESS)
                    .error();
            factors[i] = Math.clamp(1 + error * chance.normal(), 0.3, 2);
            times.put(t.id(), factors[i]);
        }
        double sun = Math.clamp(1 + SUN_ERROR * chance.normal(), 0.5, 1.4);
        if (r.bank().isEmpty()) {
            return new TrueTrip(Plant.CLASS, times, sun, List.of());
        }
        Bank bank = r.bank().get();
        Hours plan = r.meanDays(days, true);
        Hours truth = new Hours(plan.air(), Arrays.stream(plan.sun()).map(w -> w * sun).toArray(), plan.occupied(),
                plan.driving(), plan.shore(), plan.season());
        Simulation.Trace trace = r.simulation(bank, factors).trace(truth, 1);
        List<Hour> hours = new ArrayList<>();
        for (int h = 0; h < truth.count(); h++) {
            Map<String, Double> loads = new TreeMap<>();
            for (int i = 0; i < factors.length; i++) {
                Thing t = r.drawing().get(i);
                Appliance a = r.loads().get(i).times(factors[i]);
                if (t.load().orElseThrow().feed() != Load.Feed.SHORE) {
                    loads.put(t.id(), a.mean(h % 24, truth.air()[h], true, 0, truth.season()[h]));
                }
            }
            hours.add(new Hour(trace.state()[h], trace.sun()[h], trace.load()[h] - trace.unmet()[h], loads,
                    truth.air()[h]));
        }
        return new TrueTrip(bank.voltage(), times, sun, hours);
    }
}
