package lectulum.kernel.fuel;

/// A gas bottle in the cold: how much it can give before it chills below what the regulator needs.
///
/// Antoine's equation for the vapour pressures, good to some 3 % between 230 and 320 K; air passes 10 W/(m² K) to the wet wall.
/// The mix is taken as it was filled: a real bottle gives off propane first and grows weaker.
///
/// @param mass     of gas in it \[kg\], ≥ 0
/// @param diameter \[m\]
/// @param propane  part of it by moles, 0 to 1, the rest butane
/// @param needs    pressure at the regulator's inlet \[Pa over air\]
public record Bottle(double mass, double diameter, double propane, double needs) {
    private static final double KELVIN = 273.15;
    private static final double AIR = 101_325;
    private static final double BAR = 1e5;
    private static final double PASSES = 10;
    private static final double LIQUID_HEAT = 2500;
    private static final double COLDEST = 150;
    private static final double HOTTEST = 340;

    /// Pressure of saturated vapour \[Pa, absolute\].
    ///
    /// @param kelvin \[K\]
    public double pressure(double kelvin) {
        return propane * BAR * Math.pow(10, 3.98292 - 819.296 / (kelvin - 24.417))
                + (1 - propane) * BAR * Math.pow(10, kelvin >= 272.66
                        ? 4.35576 - 1175.581 / (kelvin - 2.071)
                        : 3.85002 - 909.65 / (kelvin - 36.146));
    }

    /// Coldest at which it still feeds the regulator \[°C\].
    public double coldest() {
        double low = COLDEST;
        double high = HOTTEST;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (pressure(middle) < needs + AIR) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2 - KELVIN;
    }

    /// Wall that liquid wets \[m²\].
    public double wetted(double celsius) {
        double base = Math.PI * diameter * diameter / 4;
        double level = mass / (529 - 1.36 * celsius) / base;
        return Math.PI * diameter * level + base;
    }

    /// Heat that turns a kilogram of it to gas \[J/kg\] (Watson, propane).
    public static double vaporises(double celsius) {
        return 425.4e3 * Math.pow((1 - (celsius + KELVIN) / 369.83) / (1 - 231.04 / 369.83), 0.38);
    }

    /// Fire that it can feed for ever \[W, higher heating value\]; 0 where the air is too cold.
    public double sustains(double celsius) {
        double least = coldest();
        return celsius <= least
                ? 0
                : PASSES * wetted(celsius) * (celsius - least) / vaporises(least) * Fuel.PROPANE.higher();
    }

    /// Until a fire starves \[s\]; infinite where it never does, 0 where it does not start.
    ///
    /// @param load \[W, higher heating value\]
    public double starves(double load, double celsius) {
        double least = coldest();
        if (celsius <= least || mass <= 0) {
            return 0;
        }
        double passes = PASSES * wetted(celsius);
        double ends = celsius - load / Fuel.PROPANE.higher() * vaporises(least) / passes;
        return ends >= least
                ? Double.POSITIVE_INFINITY
                : mass * LIQUID_HEAT / passes * Math.log((celsius - ends) / (least - ends));
    }
}
