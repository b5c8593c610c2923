package lectulum.sheet;

import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.symbols.Form;
import lectulum.symbols.Piece;
import lectulum.symbols.Unfolded;

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

    /// The whole camper in a window, with all that stands out of it in a mode.
    ///
    /// @param side   whether the side elevation is shown below the plan
    /// @param beside pixels kept free at the right
    /// @param bottom pixels kept free below the ground
    public static Projection fit(Design design, Mode mode, double width, double height, boolean side,
            double beside, double bottom) {
        Reach r = Reach.of(design, mode);
        double length = VEHICLE_SHOWN + r.rear + BEHIND;
        double wide = r.right + r.left + 0.1;
        double metresHigh = wide + (side ? r.top + 0.1 : 0);
        double wideFree = width - 24 - beside;
        double free = height - RULER - (side ? GAP : 8) - bottom;
        double scale = Math.max(15, Math.min(wideFree / length, free / metresHigh));
        double spare = Math.max(0, free - metresHigh * scale);
        double x0 = 12 + VEHICLE_SHOWN * scale + Math.max(0, (wideFree - length * scale) / 2);
        double planY = RULER + spare / 3 + (r.left + 0.05) * scale;
        double sideY = side
                ? planY + (r.right + 0.05) * scale + GAP + spare / 3 + (r.top + 0.05) * scale
                : Double.POSITIVE_INFINITY;
        return new Projection(scale, x0, planY, sideY);
    }

    /// How far the camper reaches: behind the ball, to both sides, above the ground \[m\].
    private record Reach(double rear, double left, double right, double top) {
        /// Of an awning no more than this is shown \[m\].
        private static final double AWNING = 0.9;
        private static final double ROAM = 4;

        static Reach of(Design design, Mode mode) {
            Body body = Body.of(design.base(), mode);
            double tongue = design.base().tongueLength();
            double half = Math.max(body.halfWidth(), design.base().axle().track() / 2 + 0.15);
            Reach reach = new Reach(tongue + body.length(), half, half, Math.max(design.base().axle().wheelDiameter(),
                    design.base().floorHeight() + body.roofOutside().highest()));
            for (Thing thing : design.things()) {
                if (thing.mount() == Mount.OUTSIDE && !thing.at(mode).away()) {
                    Solid s = Solid.of(thing.size(), thing.at(mode));
                    reach = reach.with(tongue + s.maxX(), s.minY(), s.maxY(), design.base().floorHeight() + s.z2());
                }
                Optional<Form> unfolded = Unfolded.of(thing, mode, design.base().floorHeight());
                if (unfolded.isPresent()) {
                    double most = thing.has(Feature.Bed.class) ? ROAM : body.halfWidth() + AWNING;
                    for (Piece piece : unfolded.get().pieces()) {
                        double[] b = piece.bounds();
                        reach = reach.with(tongue + b[1], Math.max(b[2], -most), Math.min(b[3], most),
                                design.base().floorHeight() + b[5]);
                    }
                }
            }
            return reach;
        }

        private Reach with(double x, double y1, double y2, double z) {
            return new Reach(Math.max(rear, x), Math.clamp(-y1, left, Math.max(left, ROAM)),
                    Math.clamp(y2, right, Math.max(right, ROAM)), Math.max(top, z));
        }
    }
}
