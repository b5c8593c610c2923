package lectulum.kernel.electric;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/// Sizes of what turns direct into alternating current and back, and of what burns fuel for it.
public final class Sizing {
    private static final double[] INVERTERS = {300, 600, 1000, 1500, 2000, 3000, 5000};
    private static final double RESERVE = 1.2;

    private Sizing() {
    }

    /// Something that runs on mains.
    ///
    /// @param watts while it runs \[W\]
    /// @param surge when it starts, as a multiple
    public record Machine(double watts, double surge) {
    }

    /// What an inverter has to give.
    ///
    /// @param running all together \[W\]
    /// @param starting the worst start while the others run \[W\]
    /// @param need    \[W\]
    /// @param size    the next that is made \[W\]; NaN above the largest
    public record Inverter(double running, double starting, double need, double size) {
    }

    /// The next inverter that is made; empty above the largest.
    public static OptionalDouble next(double watts) {
        return Arrays.stream(INVERTERS).filter(size -> size >= watts).findFirst();
    }

    /// @param surge what an inverter gives for a moment, as a multiple of what it gives all the time
    public static Inverter inverter(List<Machine> together, double surge) {
        double running = together.stream().mapToDouble(Machine::watts).sum();
        double starting = starting(together);
        double need = Math.max(RESERVE * running, starting / surge);
        return new Inverter(running, starting, need, next(need).orElse(Double.NaN));
    }

    /// All others running and the worst one starting \[W\].
    public static double starting(List<Machine> together) {
        double running = together.stream().mapToDouble(Machine::watts).sum();
        return together.stream().mapToDouble(m -> running - m.watts + m.watts * m.surge).max().orElse(0);
    }

    /// From the battery \[A\].
    ///
    /// @param volts least of the battery \[V\]
    public static double amps(double watts, double idle, double efficiency, double volts) {
        return (idle + watts / efficiency) / volts;
    }

    /// What a generator gives high up and in the heat \[W\].
    ///
    /// @param altitude \[m\]
    /// @param gas      whether it burns propane or butane
    public static double generator(double rated, double altitude, double celsius, boolean gas) {
        return rated * derating(altitude, celsius, gas);
    }

    private static double derating(double altitude, double celsius, boolean gas) {
        return (1 - 0.035 * altitude / 304.8) * (1 - 0.01 * Math.max(0, celsius - 25) / 5.5) * (gas ? 0.9 : 1);
    }

    /// The rating it needs \[W\].
    public static double generatorFor(double running, double starting, double altitude, double celsius, boolean gas) {
        return Math.max(running / 0.8, starting) / derating(altitude, celsius, gas);
    }

    /// What it burns \[L/h\] (assumed).
    public static double fuel(double watts) {
        return 0.20 + 0.50 * watts / 1000;
    }

    /// What brakes get.
    ///
    /// @param amps  through the wire \[A\]
    /// @param ideal without wire \[A\]
    public record Brakes(double amps, double ideal) {
        /// Part of the brake that is lost: force follows current.
        public double loss() {
            return 1 - amps / ideal;
        }
    }

    /// @param magnets their number
    /// @param ohms    of one
    /// @param length  of the wire one way \[m\], at 40 °C, with 0.02 Ω of contacts
    public static Brakes brakes(double volts, int magnets, double ohms, double area, double length) {
        double all = ohms / magnets;
        double wire = 2 * length * Wire.resistance(area, 40);
        return new Brakes(volts / (all + wire + 0.02), volts / all);
    }

    /// Minutes that a breakaway battery holds the brakes, aged and cold \[min\].
    public static double breakaway(double ampereHours, double amps) {
        return 60 * 20 * Math.pow(ampereHours * 0.8 / (amps * 20), 1.12);
    }

    /// Resistance that a bad joint adds to what was predicted \[Ω\].
    public static double extra(double predicted, double measured, double amps) {
        return (predicted - measured) / amps;
    }
}
