package lectulum.kernel.electric;

import java.util.List;
import java.util.Optional;

/// The least size that carries what its fuse lets through and loses no more volts than wanted.
///
/// @param fuse      that protects it \[A\]
/// @param allowed   what it may carry in its place \[A\]
/// @param warmth    at the current \[°C\]
/// @param drop      over both conductors and the contacts \[V\]
/// @param part      of the volts of the system
/// @param governed  what asked for this size
public record WireChoice(Wire wire, double fuse, double allowed, double warmth, double drop, double part,
        Governed governed) {
    /// Standard ratings \[A\] (ISO 8820, UL 248).
    public static final double[] RATINGS = {1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150,
            175, 200, 225, 250, 300, 350, 400};
    private static final double CONTINUOUS = 1.25;

    /// What asked for the size: the least that is allowed, the fuse, the drop, or the user.
    public enum Governed {
        LEAST, AMPACITY, DROP, USER
    }

    /// A size that the user wants, whatever comes of it.
    public static WireChoice given(Wire w, double fuse, Circuit c) {
        double warmth = w.warmth(c.insulation, c.celsius, c.loaded, c.amps);
        double drop = c.amps * (2 * c.length * w.resistance(warmth) + c.contact);
        return new WireChoice(w, fuse, w.allowed(c.insulation, c.celsius, c.loaded), warmth, drop, drop / c.volts,
                Governed.USER);
    }

    /// The fuse that a circuit wants: NaN above the largest.
    public static double fuse(Circuit c) {
        return rating(c.continuous ? CONTINUOUS * c.amps : c.amps);
    }

    /// A circuit to be sized.
    ///
    /// @param amps       it carries \[A\]
    /// @param continuous whether for more than three hours
    /// @param length     one way, as it is cut \[m\]
    /// @param contact    of all contacts on the way \[Ω\]
    /// @param volts      of the system \[V\]
    /// @param limit      part of them that may be lost
    /// @param insulation what the insulation stands \[°C\]
    /// @param celsius    of the warmest place on its way
    /// @param loaded     conductors that carry current beside it, itself counted
    /// @param least      size that is allowed \[mm²\]
    public record Circuit(double amps, boolean continuous, double length, double contact, double volts, double limit,
            double insulation, double celsius, int loaded, double least) {
    }

    /// The next standard rating from a current on; NaN above the largest.
    public static double rating(double amps) {
        for (double r : RATINGS) {
            if (r >= amps - 1e-9) {
                return r;
            }
        }
        return Double.NaN;
    }

    /// @param sizes thinnest first
    /// @return empty where no size fits
    public static Optional<WireChoice> of(List<Wire> sizes, Circuit c) {
        return of(sizes, c, fuse(c));
    }

    /// For a fuse that is given.
    public static Optional<WireChoice> of(List<Wire> sizes, Circuit c, double fuse) {
        if (Double.isNaN(fuse)) {
            return Optional.empty();
        }
        boolean first = true;
        boolean carried = false;
        for (Wire w : sizes) {
            if (w.area() < c.least - 1e-9) {
                continue;
            }
            double allowed = w.allowed(c.insulation, c.celsius, c.loaded);
            if (allowed >= fuse) {
                double warmth = w.warmth(c.insulation, c.celsius, c.loaded, c.amps);
                double drop = c.amps * (2 * c.length * w.resistance(warmth) + c.contact);
                if (drop <= c.limit * c.volts + 1e-12) {
                    return Optional.of(new WireChoice(w, fuse, allowed, warmth, drop, drop / c.volts,
                            first ? Governed.LEAST : carried ? Governed.DROP : Governed.AMPACITY));
                }
                carried = true;
            }
            first = false;
        }
        return Optional.empty();
    }
}
