package lectulum.base.survey;

import java.util.Optional;
import lectulum.design.base.Survey;

/// How a photograph lies under the side view, from two of its points whose places on the body are known: turned, scaled
/// and moved, never sheared.
///
/// Points of the photograph count in parts of its width from its upper left corner, down positive. As complex numbers
/// w = a·p + b with p = u − i·v (plane similarity).
///
/// @param ar real part of a \[m\]
/// @param ai imaginary part of a \[m\]
public record PhotoFit(double ar, double ai, double bx, double bz) {

    /// Empty where the two points are one.
    public static Optional<PhotoFit> of(Survey.Trace t) {
        double px = t.u2() - t.u1();
        double pz = -(t.v2() - t.v1());
        double wx = t.x2() - t.x1();
        double wz = t.z2() - t.z1();
        double size = px * px + pz * pz;
        if (size < 1e-9 || wx * wx + wz * wz < 1e-9) {
            return Optional.empty();
        }
        double ar = (wx * px + wz * pz) / size;
        double ai = (wz * px - wx * pz) / size;
        return Optional
                .of(new PhotoFit(ar, ai, t.x1() - (ar * t.u1() + ai * t.v1()), t.z1() - (ai * t.u1() - ar * t.v1())));
    }

    /// Width of the photograph on the body \[m\].
    public double scale() {
        return Math.hypot(ar, ai);
    }

    /// How far it is turned, front up positive \[rad\].
    public double turn() {
        return Math.atan2(ai, ar);
    }

    /// Place on the body of a point of the photograph \[x, z\].
    public double[] toBody(double u, double v) {
        return new double[]{ar * u + ai * v + bx, ai * u - ar * v + bz};
    }

    /// Point of the photograph over a place on the body \[u, v\].
    public double[] toPhoto(double x, double z) {
        double wx = x - bx;
        double wz = z - bz;
        double size = ar * ar + ai * ai;
        return new double[]{(ar * wx + ai * wz) / size, -(ar * wz - ai * wx) / size};
    }
}
