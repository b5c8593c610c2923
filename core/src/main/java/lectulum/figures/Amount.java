package lectulum.figures;

import lectulum.units.Quantity;

/// A number with what it measures, ready to be shown in either unit system.
///
/// @param value SI value
public record Amount(double value, Quantity quantity) {

    public static Amount kg(double value) {
        return new Amount(value, Quantity.MASS);
    }

    public static Amount m(double value) {
        return new Amount(value, Quantity.LENGTH);
    }

    /// Length of a wire or a hose as it is cut.
    public static Amount run(double metres) {
        return new Amount(metres, Quantity.RUN);
    }

    public static Amount moment(double newtonMetres) {
        return new Amount(newtonMetres, Quantity.MOMENT);
    }

    public static Amount stress(double pascal) {
        return new Amount(pascal, Quantity.STRESS);
    }

    /// A small length by which something gives way.
    public static Amount sag(double metres) {
        return new Amount(metres, Quantity.DEFLECTION);
    }

    public static Amount share(double value) {
        return new Amount(value, Quantity.SHARE);
    }

    public static Amount money(double value) {
        return new Amount(value, Quantity.MONEY);
    }

    public static Amount litres(double cubicMetres) {
        return new Amount(cubicMetres, Quantity.VOLUME);
    }

    /// Volume of a locker or of what goes into it.
    public static Amount stowage(double cubicMetres) {
        return new Amount(cubicMetres, Quantity.STOWAGE);
    }

    public static Amount energy(double joule) {
        return new Amount(joule, Quantity.ENERGY);
    }

    public static Amount watt(double value) {
        return new Amount(value, Quantity.POWER);
    }

    public static Amount hours(double seconds) {
        return new Amount(seconds, Quantity.DURATION);
    }

    public static Amount count(double value) {
        return new Amount(value, Quantity.COUNT);
    }

    public static Amount nights(double value) {
        return new Amount(value, Quantity.NIGHTS);
    }

    public static Amount days(double value) {
        return new Amount(value, Quantity.DAYS);
    }
}
