package lectulum.design.thing;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// A mass and how sure it is.
///
/// @param value       mass \[kg\], ≥ 0
/// @param uncertainty standard uncertainty \[kg\] where the user knows it better than the default of the source
public record Mass(@Means(value = "Mass", of = Quantity.MASS, high = 5000) double value, MassSource source,
        @Means(value = "Uncertainty", of = Quantity.MASS, high = 5000, says = "standard uncertainty") OptionalDouble uncertainty) {
    private static final double GUESS_SHARE = 0.25;
    private static final double CATALOGUE_SHARE = 0.07;
    private static final double SCALE_STEP = 0.1;
    private static final double SCALE_SHARE = 0.002;

    public Mass {
        source = source == null ? MassSource.GUESS : source;
        uncertainty = uncertainty == null ? OptionalDouble.empty() : uncertainty;
    }

    public static Mass guess(double value) {
        return new Mass(value, MassSource.GUESS, OptionalDouble.empty());
    }

    public static Mass catalogue(double value) {
        return new Mass(value, MassSource.CATALOGUE, OptionalDouble.empty());
    }

    public static Mass weighed(double value) {
        return new Mass(value, MassSource.WEIGHED, OptionalDouble.empty());
    }

    /// Standard uncertainty \[kg\]: a quarter of a guess, 7 % of a catalogue figure, half a step of a 100 g scale
    /// and 0.2 % of a weighing (assumed defaults, see docs/method/balance.md).
    public double standardUncertainty() {
        return uncertainty.orElseGet(() -> switch (source) {
            case GUESS -> GUESS_SHARE * value;
            case CATALOGUE, RECONCILED -> CATALOGUE_SHARE * value;
            case WEIGHED -> Math.hypot(SCALE_STEP / Math.sqrt(12), SCALE_SHARE * value);
        });
    }
}
