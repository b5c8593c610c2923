package lectulum.kernel.statics;

import java.util.List;
import java.util.Optional;

/// Where the axle may go so that every load case keeps its band, and where it is best.
///
/// With fixed masses M_f at X_f and the group that moves with the axle at offsets d from it, the place that gives a
/// tongue load T is x = (M_f·X_f + Σm·d)/(M_f − T); x rises with T, so each limit bounds the place from one side.
///
/// @param from      smallest place that fits every case, behind the ball \[m\]
/// @param fromCase  the case that sets it
/// @param to        largest place that fits every case \[m\]
/// @param toCase    the case that sets it
/// @param best      place for the target share in the reference case, brought inside the bounds \[m\]
public record AxlePlace(double from, String fromCase, double to, String toCase, double best) {

    /// What one load case weighs apart from what moves with the axle.
    ///
    /// @param mass   fixed mass \[kg\]
    /// @param centre its centre behind the ball \[m\]
    public record Fixed(String loadCase, double mass, double centre) {
    }

    /// What is wanted.
    ///
    /// @param low       lower edge of the tongue share
    /// @param high      upper edge of the tongue share
    /// @param tongueMax largest tongue load \[kg\], infinite for none
    /// @param axleMax   largest axle load \[kg\], infinite for none
    public record Wanted(double low, double high, double tongueMax, double axleMax) {
    }

    /// @param cases     load cases; the first is the reference for the target
    /// @param moving    mass that moves with the axle \[kg\]
    /// @param movingArm its first moment about the axle line Σm·d \[kg·m\]
    /// @param target    wanted tongue share in the reference case
    /// @return empty where there is no case
    public static Optional<AxlePlace> of(List<Fixed> cases, double moving, double movingArm, Wanted wanted,
            double target) {
        if (cases.isEmpty()) {
            return Optional.empty();
        }
        double from = Double.NEGATIVE_INFINITY;
        double to = Double.POSITIVE_INFINITY;
        String fromCase = "";
        String toCase = "";
        for (Fixed c : cases) {
            double mass = c.mass() + moving;
            double low = Math.max(place(c, movingArm, wanted.low() * mass),
                    place(c, movingArm, mass - wanted.axleMax()));
            double high = Math.min(place(c, movingArm, wanted.high() * mass),
                    place(c, movingArm, wanted.tongueMax()));
            if (low > from) {
                from = low;
                fromCase = c.loadCase();
            }
            if (high < to) {
                to = high;
                toCase = c.loadCase();
            }
        }
        Fixed reference = cases.getFirst();
        double aim = place(reference, movingArm, target * (reference.mass() + moving));
        double best = from <= to ? Math.clamp(aim, from, to) : (from + to) / 2;
        return Optional.of(new AxlePlace(from, fromCase, to, toCase, best));
    }

    /// Whether some place fits every case.
    public boolean possible() {
        return from <= to;
    }

    /// The best place on a step of the tape, stepped back inside the bounds where rounding left them.
    ///
    /// @param step \[m\], > 0
    public double rounded(double step) {
        double place = Math.round(best / step) * step;
        if (possible() && place < from) {
            return Math.ceil(from / step) * step;
        }
        return possible() && place > to ? Math.floor(to / step) * step : place;
    }

    /// Place of the axle that gives the tongue load \[m\]: infinitely far back for a load that all the fixed mass cannot
    /// give.
    public static double place(Fixed fixed, double movingArm, double tongue) {
        return tongue >= fixed.mass()
                ? Double.POSITIVE_INFINITY
                : (fixed.mass() * fixed.centre() + movingArm) / (fixed.mass() - tongue);
    }
}
