package lectulum.layout;

import java.util.List;
import lectulum.design.Base;
import lectulum.design.Shell;

/// The body as a solid: its outline in plan, its roof in the side view, outside and inside. Local coordinates: x behind
/// the foremost point, y right of the middle, z above the top of the floor.
///
/// A body without length or width has an empty inside: everything in it is outside.
public final class Body {
    private final Base base;
    private final double length;
    private final double halfWidth;
    private final double noseDepth;
    private final double noseHalfFlat;
    private final RoofLine roofOutside;
    private final RoofLine roofInside;

    private Body(Base base, double noseDepth, double noseHalfFlat, RoofLine outside) {
        this.base = base;
        this.length = base.shell().length();
        this.halfWidth = base.shell().width() / 2;
        this.noseDepth = noseDepth;
        this.noseHalfFlat = noseHalfFlat;
        this.roofOutside = outside;
        this.roofInside = outside.inwards(base.roof());
    }

    public static Body of(Base base) {
        return switch (base.shell()) {
            case Shell.Box box -> new Body(base, 0, 0, RoofLine.flat(0, box.length(), box.height()));
            case Shell.VNose nose -> new Body(base, nose.noseDepth(), Math.min(nose.noseFlat(), nose.width()) / 2,
                    RoofLine.flat(0, nose.length(), nose.height()));
            case Shell.Profile profile -> new Body(base, 0, 0, RoofLine.smooth(profile.points()));
        };
    }

    public double length() {
        return length;
    }

    public double halfWidth() {
        return halfWidth;
    }

    public RoofLine roofOutside() {
        return roofOutside;
    }

    public RoofLine roofInside() {
        return roofInside;
    }

    /// Where the clear space begins on the middle line \[m\]: behind the front wall, or where the walls of a sharp
    /// nose leave room between them.
    public double insideFront() {
        if (noseDepth <= 0) {
            return base.wall();
        }
        double slope = (halfWidth - noseHalfFlat) / noseDepth;
        double tip = slope > 0 ? (base.wall() * Math.sqrt(1 + slope * slope) - noseHalfFlat) / slope : 0;
        return Math.max(base.wall(), tip);
    }

    /// Inside of the rear wall \[m\].
    public double insideRear() {
        return length - base.wall();
    }

    /// Half of the outer width at x \[m\]; 0 outside the body.
    public double halfWidthOutside(double x) {
        if (x < 0 || x > length) {
            return 0;
        }
        if (x >= noseDepth || noseDepth <= 0) {
            return halfWidth;
        }
        return noseHalfFlat + (halfWidth - noseHalfFlat) * x / noseDepth;
    }

    /// Half of the clear width at x \[m\]: the outer half less the wall, measured at right angles to the wall; not
    /// positive where there is no room.
    public double halfWidthInside(double x) {
        double straight = halfWidth - base.wall();
        if (noseDepth <= 0) {
            return straight;
        }
        double slope = (halfWidth - noseHalfFlat) / noseDepth;
        double nose = noseHalfFlat + slope * x - base.wall() * Math.sqrt(1 + slope * slope);
        return Math.min(straight, nose);
    }

    /// Outline in plan, clockwise from the front left \[x, y\].
    public List<double[]> planOutside() {
        double front = halfWidthOutside(0);
        return noseDepth > 0
                ? List.of(new double[]{0, -front}, new double[]{0, front}, new double[]{noseDepth, halfWidth},
                        new double[]{length, halfWidth}, new double[]{length, -halfWidth},
                        new double[]{noseDepth, -halfWidth})
                : List.of(new double[]{0, -halfWidth}, new double[]{0, halfWidth}, new double[]{length, halfWidth},
                        new double[]{length, -halfWidth});
    }

    /// Clear outline in plan, clockwise from the front left \[x, y\].
    public List<double[]> planInside() {
        double front = insideFront();
        double rear = insideRear();
        double half = halfWidth - base.wall();
        double shoulder = shoulder();
        double tip = Math.max(0, halfWidthInside(front));
        return shoulder > front
                ? List.of(new double[]{front, -tip}, new double[]{front, tip}, new double[]{shoulder, half},
                        new double[]{rear, half}, new double[]{rear, -half}, new double[]{shoulder, -half})
                : List.of(new double[]{front, -half}, new double[]{front, half}, new double[]{rear, half},
                        new double[]{rear, -half});
    }

    /// Where the clear width becomes full behind a nose; the inside of the front wall where there is none.
    public double shoulder() {
        if (noseDepth <= 0) {
            return insideFront();
        }
        double slope = (halfWidth - noseHalfFlat) / noseDepth;
        double straight = halfWidth - base.wall();
        return (straight - noseHalfFlat + base.wall() * Math.sqrt(1 + slope * slope)) / slope;
    }

    /// Clear floor area \[m²\], wheel arches taken off.
    public double floorArea() {
        double area = Math.abs(shoelace(planInside()));
        var arches = base.arches();
        return area - (arches.present() ? 2 * arches.length() * arches.width() : 0);
    }

    /// Clear volume \[m³\]: the floor under the mean clear height.
    public double volume() {
        double front = insideFront();
        double rear = insideRear();
        int steps = 200;
        double step = (rear - front) / steps;
        double volume = 0;
        for (int i = 0; i < steps; i++) {
            double x = front + (i + 0.5) * step;
            volume += 2 * Math.max(0, halfWidthInside(x)) * Math.max(0, roofInside.at(x)) * step;
        }
        var arches = base.arches();
        return volume - (arches.present() ? 2 * arches.length() * arches.width() * arches.height() : 0);
    }

    /// Top of the roof above the ground \[m\].
    public double heightAboveGround() {
        return base.floorHeight() + roofOutside.highest();
    }

    private static double shoelace(List<double[]> outline) {
        double twice = 0;
        for (int i = 0; i < outline.size(); i++) {
            double[] a = outline.get(i);
            double[] b = outline.get((i + 1) % outline.size());
            twice += a[0] * b[1] - b[0] * a[1];
        }
        return twice / 2;
    }
}
