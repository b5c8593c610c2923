package lectulum.sheet;

import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;

/// From metres to pixels: plan above and side elevation below on one x axis, which counts from the ball.
///
/// @param scale pixels per metre
/// @param x0    pixel of the ball
/// @param planY pixel of the middle line in the plan
/// @param sideY pixel of the ground in the side elevation; not finite where only the plan is shown
public record Projection(double scale, double x0, double planY, double sideY) {
    private static final double RULER = 36;
    private static final double GAP = 30;
    private static final double VEHICLE_SHOWN = 0.85;
    private static final double BEHIND = 0.3;

    public double sx(double x) {
        return x0 + x * scale;
    }

    public double py(double y) {
        return planY + y * scale;
    }

    public double sz(double z) {
        return sideY - z * scale;
    }

    public double x(double pixel) {
        return (pixel - x0) / scale;
    }

    public double y(double pixel) {
        return (pixel - planY) / scale;
    }

    public double z(double pixel) {
        return (sideY - pixel) / scale;
    }

    public boolean sideShown() {
        return Double.isFinite(sideY);
    }

    public Projection panned(double dx, double dy) {
        return new Projection(scale, x0 + dx, planY + dy, sideY + dy);
    }

    /// Zoomed so that the point under a pixel stays where it is.
    public Projection zoomed(double factor, double px, double py) {
        double next = Math.clamp(scale * factor, 15, 2000);
        double f = next / scale;
        return new Projection(next, px + (x0 - px) * f, py + (planY - py) * f, py + (sideY - py) * f);
    }

    /// The whole camper in a window.
    ///
    /// @param side   whether the side elevation is shown below the plan
    /// @param bottom pixels kept free below the ground
    public static Projection fit(Design design, double width, double height, boolean side, double bottom) {
        Body body = Body.of(design.base(), Mode.NIGHT);
        double tongue = design.base().tongueLength();
        double rear = tongue + body.length();
        double half = Math.max(body.halfWidth(), design.base().axle().track() / 2 + 0.15);
        double top = body.heightAboveGround();
        for (Thing thing : design.things()) {
            if (thing.mount() == Mount.OUTSIDE) {
                Solid s = Solid.of(thing.size(), thing.at(Mode.ROAD));
                rear = Math.max(rear, tongue + s.maxX());
                half = Math.max(half, Math.max(s.maxY(), -s.minY()));
                top = Math.max(top, design.base().floorHeight() + s.z2());
            }
        }
        double length = VEHICLE_SHOWN + rear + BEHIND;
        double metresHigh = 2 * half + 0.1 + (side ? top + 0.1 : 0);
        double free = height - RULER - (side ? GAP : 8) - bottom;
        double scale = Math.max(15, Math.min((width - 24) / length, free / metresHigh));
        double spare = Math.max(0, free - metresHigh * scale);
        double x0 = 12 + VEHICLE_SHOWN * scale + Math.max(0, (width - 24 - length * scale) / 2);
        double planY = RULER + spare / 3 + (half + 0.05) * scale;
        double sideY = side
                ? planY + (half + 0.05) * scale + GAP + spare / 3 + (top + 0.05) * scale
                : Double.POSITIVE_INFINITY;
        return new Projection(scale, x0, planY, sideY);
    }
}
