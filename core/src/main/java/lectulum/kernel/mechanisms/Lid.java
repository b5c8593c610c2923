package lectulum.kernel.mechanisms;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.units.Units;

/// A hinged lid or hatch on gas struts: hand force over the travel, whether it stays up in the cold and shut in the heat.
///
/// All places are measured from the hinge with the lid shut, x rearwards, z up; opening turns rearward things up.
///
/// @param mass    \[kg\]
/// @param centre  of gravity \[x, z\] \[m\]
/// @param handle  \[x, z\] \[m\]
/// @param open    opening angle \[rad\], > 0
/// @param body    strut mount on the body \[x, z\] \[m\]
/// @param leaf    strut mount on the lid \[x, z\] \[m\]
/// @param struts  how many
/// @param friction of each strut \[N\], 0 to 60: it is taken off its push on the way up and added on the way down
public record Lid(double mass, double[] centre, double[] handle, double open, double[] body, double[] leaf, int struts,
        GasStrut strut, double friction) {

    /// Without friction.
    public Lid(double mass, double[] centre, double[] handle, double open, double[] body, double[] leaf, int struts,
            GasStrut strut) {
        this(mass, centre, handle, open, body, leaf, struts, strut, 0);
    }

    private static final double STEP = Math.toRadians(5);
    /// Hand forces \[N\] (assumed): easy, too much for one hand, too much for anybody.
    public static final double HAND_EASY = 100;
    public static final double HAND_WARN = 150;
    public static final double HAND_STOP = 250;
    /// Strut moment over weight when fully open on the coldest day.
    public static final double HOLD = 1.10;

    /// Moment of the weight about the hinge, positive when it opens \[Nm\].
    public double gravityMoment(double angle) {
        return -mass * Units.GRAVITY * turned(centre, angle)[0];
    }

    /// Moment of all struts about the hinge, positive when it opens \[Nm\].
    public double strutMoment(double angle, double celsius) {
        return struts * strut.push(length(angle), celsius) * arm(angle);
    }

    /// Arm of a strut's push about the hinge \[m\].
    private double arm(double angle) {
        double[] b = turned(leaf, angle);
        double length = length(angle);
        return (b[0] * (b[1] - body[1]) - b[1] * (b[0] - body[0])) / length;
    }

    /// Distance of the strut's eyes \[m\].
    public double length(double angle) {
        double[] b = turned(leaf, angle);
        return Math.hypot(b[0] - body[0], b[1] - body[1]);
    }

    /// Force across the handle that holds the lid \[N\]: positive to lift, negative where it rises by itself.
    public double hand(double angle, double celsius) {
        return -(gravityMoment(angle) + strutMoment(angle, celsius)) / Math.hypot(handle[0], handle[1]);
    }

    /// The same while it is opened: friction works against the struts.
    public double opening(double angle, double celsius) {
        return hand(angle, celsius) + struts * friction * arm(angle) / Math.hypot(handle[0], handle[1]);
    }

    /// The same while it is shut: friction works with the struts.
    public double closing(double angle, double celsius) {
        return hand(angle, celsius) - struts * friction * arm(angle) / Math.hypot(handle[0], handle[1]);
    }

    /// Largest hand force over the travel either way, in steps of 5° and fully open \[N\].
    public double peakHand(double celsius) {
        return Math.max(peakOnTheWay(celsius),
                Math.max(Math.abs(opening(open, celsius)), Math.abs(closing(open, celsius))));
    }

    /// The same without the fully open end, where the lid rests against its stop: what choosers compare.
    double peakOnTheWay(double celsius) {
        double peak = 0;
        for (double angle = 0; angle <= open + 1e-9; angle += STEP) {
            peak = Math.max(peak, Math.max(Math.abs(opening(angle, celsius)), Math.abs(closing(angle, celsius))));
        }
        return peak;
    }

    /// Whether it leans past upright when fully open, so that its own weight holds it there.
    public boolean pastUpright() {
        return gravityMoment(open) >= 0;
    }

    /// Strut moment over weight when fully open; infinite for a lid that leans past upright.
    public double hold(double celsius) {
        return pastUpright() ? Double.POSITIVE_INFINITY : strutMoment(open, celsius) / -gravityMoment(open);
    }

    /// What pushes the shut lid open \[Nm\]; positive is carried by the latch.
    public double shut(double celsius) {
        return gravityMoment(0) + strutMoment(0, celsius);
    }

    /// The angle from which it rises by itself \[rad\]; empty where it never does or always.
    public OptionalDouble liftOff(double celsius) {
        if (-hand(0, celsius) >= 0 || -hand(open, celsius) < 0 && !rises(celsius)) {
            return OptionalDouble.empty();
        }
        double low = 0;
        for (double angle : angles()) {
            if (hand(angle, celsius) < 0) {
                double high = angle;
                for (int i = 0; i < 60; i++) {
                    double middle = (low + high) / 2;
                    if (hand(middle, celsius) < 0) {
                        high = middle;
                    } else {
                        low = middle;
                    }
                }
                return OptionalDouble.of((low + high) / 2);
            }
            low = angle;
        }
        return OptionalDouble.empty();
    }

    /// By how much the strut is too long or too short somewhere on the way \[m\]; not positive where it fits.
    public double beyondTravel() {
        double worst = Double.NEGATIVE_INFINITY;
        for (double angle : angles()) {
            worst = Math.max(worst, strut.beyond(length(angle)));
        }
        return worst;
    }

    /// 0°, 5°, 10°… and fully open \[rad\].
    public List<Double> angles() {
        List<Double> angles = new ArrayList<>();
        for (double a = 0; a <= open + 1e-9; a += STEP) {
            angles.add(a);
        }
        if (open - angles.getLast() > 1e-6) {
            angles.add(open);
        }
        return angles;
    }

    private boolean rises(double celsius) {
        return angles().stream().anyMatch(a -> hand(a, celsius) < 0);
    }

    private static double[] turned(double[] p, double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new double[]{c * p[0] - s * p[1], s * p[0] + c * p[1]};
    }
}
