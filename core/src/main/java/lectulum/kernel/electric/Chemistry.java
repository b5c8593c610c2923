package lectulum.kernel.electric;

import java.util.Arrays;

/// What a kind of battery does, for a class of 12 V. Typical values; a data sheet rules.
///
/// @param nominal    volts of the class \[V\]
/// @param charging   while it is charged, as the simulation sees it \[V\]
/// @param resting    full and at rest, for faults \[V\]
/// @param depth      part of the charge that may be used
/// @param peukert    exponent of Peukert
/// @param rate       hours of the discharge that its ampere hours are given for \[h\]
/// @param efficiency part of the energy put in that comes out
/// @param charge     most it takes, as a part of its ampere hours per hour
/// @param discharge  most it gives, likewise
/// @param resistance of 100 Ah \[Ω\]
/// @param loss       of its charge in 30 days by itself
/// @param taper      state of charge from which it takes less and less
/// @param cycles     it lives through at `cyclesDepth`
/// @param wear       exponent by which shallower cycles are more
/// @param years      it lives at most
/// @param weight     \[kg/kWh\]
/// @param boost      gas current while charged fully \[mA/Ah\], 0 for none
/// @param floating   gas current while kept full \[mA/Ah\]
/// @param frost      whether it must not be charged below freezing
/// @param cold       part of its charge that is there at a temperature: pairs of °C and part, rising
/// @param rest       volts at rest by state of charge: pairs of part and V, rising
public record Chemistry(String name, double nominal, double charging, double resting, double depth, double peukert,
        double rate, double efficiency, double charge, double discharge, double resistance, double loss, double taper,
        double cycles, double cyclesDepth, double wear, double years, double weight, double absorption,
        double floatVoltage, double boost, double floating, boolean frost, double[][] cold, double[][] rest) {
    private static final double HALF_TAKEN = 5;

    /// Of a battery of its kind \[kg\].
    ///
    /// @param energy nominal \[Wh\]
    public double mass(double energy) {
        return energy / 1000 * weight;
    }

    /// Part of the charge that is there at a temperature; level outside the table.
    public double capacity(double celsius) {
        return between(cold, celsius);
    }

    /// The least of these.
    public double leastCapacity() {
        return Arrays.stream(cold).mapToDouble(p -> p[1]).min().orElse(0);
    }

    /// Volts at rest of a class of 12 V at a state of charge.
    public double atRest(double state) {
        return between(rest, state);
    }

    /// State of charge by the volts at rest of a class of 12 V, 0 to 1. Only after hours without current.
    public double stateAt(double volts) {
        return between(Arrays.stream(rest).map(p -> new double[]{p[1], p[0]}).toArray(double[][]::new), volts);
    }

    /// How much of its usual charging current it takes at a temperature: none below freezing where frost harms it.
    public double takes(double celsius) {
        if (frost) {
            return celsius < 0 ? 0 : celsius < HALF_TAKEN ? 0.2 : 1;
        }
        return celsius < 0 ? 0.5 : 1;
    }

    /// How much of its usual charging current it takes at a state of charge: all, then less and less to a fiftieth.
    public double takesAt(double state) {
        return state <= taper ? 1 : Math.max(0.02, (1 - state) / (1 - taper));
    }

    private static double between(double[][] table, double at) {
        if (at <= table[0][0]) {
            return table[0][1];
        }
        for (int i = 1; i < table.length; i++) {
            if (at <= table[i][0]) {
                double part = (at - table[i - 1][0]) / (table[i][0] - table[i - 1][0]);
                return table[i - 1][1] + part * (table[i][1] - table[i - 1][1]);
            }
        }
        return table[table.length - 1][1];
    }
}
