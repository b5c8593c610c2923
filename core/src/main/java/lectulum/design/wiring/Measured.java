package lectulum.design.wiring;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// What a meter showed at a device while it alone was on.
///
/// @param thing   id of the device
/// @param battery volts at the battery then \[V\]
/// @param volts   at the device \[V\]
/// @param amps    that it drew \[A\]
public record Measured(String thing,
        @Means(value = "At the battery", of = Quantity.VOLTAGE, low = 5, high = 60) OptionalDouble battery,
        @Means(value = "At the device", of = Quantity.VOLTAGE, high = 60) OptionalDouble volts,
        @Means(value = "It drew", of = Quantity.CURRENT, high = 600) OptionalDouble amps) {
    public Measured {
        thing = thing == null ? "" : thing;
        battery = battery == null ? OptionalDouble.empty() : battery;
        volts = volts == null ? OptionalDouble.empty() : volts;
        amps = amps == null ? OptionalDouble.empty() : amps;
    }

    /// Nothing measured yet.
    public static Measured of(String thing) {
        return new Measured(thing, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static OptionalDouble known(double value) {
        return Double.isNaN(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    public Measured atBattery(double v) {
        return new Measured(thing, known(v), volts, amps);
    }

    public Measured atDevice(double v) {
        return new Measured(thing, battery, known(v), amps);
    }

    public Measured drew(double a) {
        return new Measured(thing, battery, volts, known(a));
    }
}
