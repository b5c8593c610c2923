package lectulum.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.kernel.plane.Inset;
import lectulum.kernel.profile.Nose;
import lectulum.kernel.profile.RoofLine;

/// The body as a solid: its outline in plan, its roof in the side view, outside and inside. Local coordinates: x behind
/// the foremost point, y right of the middle, z above the top of the floor.
///
/// A body without length or width has an empty inside: everything in it is outside. An open tray has no roof. Where the
/// inside was measured, its walls stand where they were found.
public final class Body {
    /// So high that it never matters \[m\].
    private static final double SKY = 100;
    /// What stands no further below the inside of the roof is not in the plan of the room \[m\].
    private static final double HUNG = 0.12;
    private static final int NOSE_STEPS = 24;
    private static final int NOSE_SAMPLES = 160;
    private static final int LEAN_STEPS = 6;

    private static final ThreadLocal<Body> LAST = new ThreadLocal<>();

    private final Base base;
    private final double length;
    private final double halfWidth;
    private final double noseDepth;
    private final double noseHalfFlat;
    private final Nose.Form form;
    private final RoofLine noseInside;
    private final RoofLine roofOutside;
    private final RoofLine roofInside;
    private final Optional<ProfileLine> profile;
    private final TrueShape shape;
    private final boolean open;
    private final double raised;

    private Body(Base base, Nosing nosing, RoofLine outside, Optional<ProfileLine> profile, double raised) {
        this.base = base;
        this.length = base.shell().length();
        this.halfWidth = base.shell().width() / 2;
        this.noseDepth = nosing.depth;
        this.noseHalfFlat = nosing.halfFlat;
        this.form = nosing.form;
        this.noseInside = noseDepth > 0 && form == Nose.Form.ELLIPSE
                ? RoofLine.over(nose()).inwards(base.wall())
                : RoofLine.flat(0, length, halfWidth - base.wall());
        this.profile = profile;
        this.open = base.shell() instanceof Shell.Tray;
        this.raised = raised;
        this.roofOutside = outside.raised(raised);
        this.roofInside = open
                ? RoofLine.flat(0, length, SKY)
                : outside.inwards(base.roof()).raised(raised > 0 ? raised : -folded());
        this.shape = TrueShape.of(base.survey(), shoulder(), insideRear() - shoulder(), 2 * (halfWidth - base.wall()),
                open ? base.shell().height() : roofInside.highest());
    }

    private record Nosing(double depth, double halfFlat, Nose.Form form) {
        private static final Nosing NONE = new Nosing(0, 0, Nose.Form.VEE);
    }

    /// Height that the folded panels of a lowered top take under the roof \[m\].
    private double folded() {
        return base.carcass().lift().map(
                l -> l.panel() * l.layers(2 * (halfWidth - base.wall()), length - 2 * base.wall())).orElse(0.0);
    }

    /// Height from which on a thing is on the roof or hangs under it \[m\]; infinite over an open tray.
    public double overhead() {
        return open ? Double.POSITIVE_INFINITY : roofInside.highest() - HUNG;
    }

    /// The body as it rides.
    public static Body of(Base base) {
        return of(base, Mode.ROAD);
    }

    /// The body in a mode: a lifting top stands up in camp and at night. The last one of a thread is kept, since most of an
    /// analysis asks for the same.
    public static Body of(Base base, Mode mode) {
        double raised = mode == Mode.ROAD ? 0 : base.carcass().lift().map(Carcass.Lift::rise).orElse(0.0);
        Body last = LAST.get();
        if (last == null || last.base != base || last.raised != raised) {
            last = made(base, raised);
            LAST.set(last);
        }
        return last;
    }

    private static Body made(Base base, double raised) {
        return switch (base.shell()) {
            case Shell.Box box -> new Body(base, Nosing.NONE, RoofLine.flat(0, box.length(), box.height()),
                    Optional.empty(), raised);
            case Shell.Tray tray -> new Body(base, Nosing.NONE, RoofLine.flat(0, tray.length(), tray.height()),
                    Optional.empty(), raised);
            case Shell.Nosed nose -> new Body(base,
                    new Nosing(nose.noseDepth(), Math.min(nose.noseFlat(), nose.width()) / 2, nose.form()),
                    RoofLine.flat(0, nose.length(), nose.height()), Optional.empty(), raised);
            case Shell.Profile profile -> {
                Optional<ProfileLine> line = ProfileLine.of(profile.points());
                yield new Body(base, Nosing.NONE,
                        line.map(l -> RoofLine.over(l.overhead()))
                                .orElseGet(() -> RoofLine.flat(0, profile.length(), profile.height())),
                        line, raised);
            }
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

    /// The side profile of a profiled body.
    public Optional<ProfileLine> profile() {
        return profile;
    }

    /// How the inside was found to stand.
    public TrueShape shape() {
        return shape;
    }

    /// Whether its front is a nose.
    public boolean nosed() {
        return noseDepth > 0;
    }

    /// Whether there is no roof.
    public boolean open() {
        return open;
    }

    /// Where the clear space begins on the middle line \[m\]: behind the front wall, or where the walls of a sharp
    /// nose leave room between them.
    public double insideFront() {
        if (noseDepth <= 0 || form != Nose.Form.VEE) {
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
        return switch (form) {
            case VEE -> noseHalfFlat + (halfWidth - noseHalfFlat) * x / noseDepth;
            case ARC -> arc(x, arcRadius());
            case ELLIPSE -> ellipse(x, noseDepth, halfWidth);
        };
    }

    /// The right half of an elliptic nose and a little of the side behind it, from the tip \[x, y\].
    private List<double[]> nose() {
        List<double[]> line = new ArrayList<>();
        for (int i = 0; i <= NOSE_SAMPLES; i++) {
            double t = (double) i / NOSE_SAMPLES;
            line.add(new double[]{noseDepth * t * t, halfWidthOutside(noseDepth * t * t)});
        }
        line.add(new double[]{noseDepth + 4 * base.wall() + 0.1, halfWidth});
        return line;
    }

    /// Half of the clear width at x \[m\]: as far from the outside as the wall is thick; not positive where there is no room.
    public double halfWidthInside(double x) {
        double straight = halfWidth - base.wall();
        if (noseDepth <= 0) {
            return straight;
        }
        return Math.min(straight, switch (form) {
            case VEE -> {
                double slope = (halfWidth - noseHalfFlat) / noseDepth;
                yield noseHalfFlat + slope * x - base.wall() * Math.sqrt(1 + slope * slope);
            }
            case ARC -> x >= arcRadius() ? straight : arc(x, arcRadius() - base.wall());
            case ELLIPSE -> x <= 0 ? 0 : noseInside.at(x);
        });
    }

    private double arcRadius() {
        return (halfWidth * halfWidth + noseDepth * noseDepth) / (2 * noseDepth);
    }

    private double arc(double x, double radius) {
        double off = x - arcRadius();
        return radius > Math.abs(off) ? Math.sqrt(radius * radius - off * off) : 0;
    }

    private static double ellipse(double x, double depth, double half) {
        double t = (depth - x) / depth;
        return Math.abs(t) < 1 ? half * Math.sqrt(1 - t * t) : 0;
    }

    /// How far a thing can reach to the left of the middle at a place and a height \[m\].
    public double clearLeft(double x, double z) {
        double nominal = halfWidthInside(x);
        return shape.known() ? shape.left(x, z, nominal) : nominal;
    }

    /// How far a thing can reach to the right of the middle at a place and a height \[m\].
    public double clearRight(double x, double z) {
        double nominal = halfWidthInside(x);
        return shape.known() ? shape.right(x, z, nominal) : nominal;
    }

    /// Where the front wall stands at a place and a height \[m\]; the tip of a nose is not measured.
    public double clearFront(double y, double z) {
        return shape.known() && noseDepth <= 0 ? shape.frontAt(y, z, insideFront()) : insideFront();
    }

    /// How far the walls come in at a height beyond where they are drawn, as blocks along them \[x, y\]; none where nothing
    /// was measured.
    public List<double[][]> leaning(double low, double high) {
        List<double[][]> blocks = new ArrayList<>();
        if (!shape.known()) {
            return blocks;
        }
        double front = shoulder();
        double rear = insideRear();
        for (int i = 0; i < LEAN_STEPS; i++) {
            double a = front + (rear - front) * i / LEAN_STEPS;
            double b = front + (rear - front) * (i + 1) / LEAN_STEPS;
            for (int side = -1; side <= 1; side += 2) {
                double drawn = halfWidthInside((a + b) / 2);
                double ya = Math.min(drawn, clear(side, a, low, high));
                double yb = Math.min(drawn, clear(side, b, low, high));
                if (Math.min(ya, yb) < drawn - 1e-6) {
                    blocks.add(new double[][]{{a, side * ya}, {b, side * yb}, {b, side * drawn}, {a, side * drawn}});
                }
            }
        }
        return blocks;
    }

    private double clear(int side, double x, double low, double high) {
        double least = Double.POSITIVE_INFINITY;
        for (double z : new double[]{low, (low + high) / 2, high}) {
            least = Math.min(least, side < 0 ? clearLeft(x, z) : clearRight(x, z));
        }
        return least;
    }

    /// Where the rear wall stands at a place and a height \[m\].
    public double clearRear(double y, double z) {
        return shape.known() ? shape.rear(y, z, insideRear()) : insideRear();
    }

    /// Clear height over a stretch of the floor \[m\].
    public double clearHeight(double from, double to) {
        double roof = roofInside.lowest(from, to);
        return shape.known() ? shape.ceiling(from, to, roof) : roof;
    }

    /// Outline in plan, clockwise from the front left \[x, y\].
    public List<double[]> planOutside() {
        return mirrored(0, noseDepth, length, this::halfWidthOutside, halfWidth);
    }

    /// Clear outline in plan, clockwise from the front left \[x, y\].
    public List<double[]> planInside() {
        double front = insideFront();
        return mirrored(front, Math.max(front, shoulder()), insideRear(),
                x -> Math.max(0, halfWidthInside(x)), halfWidth - base.wall());
    }

    /// Outline in the side view, closed, the floor's underside last \[x, z\].
    public List<double[]> sideOutside() {
        List<double[]> outline = profile.isPresent() && raised == 0
                ? new ArrayList<>(profile.get().overhead())
                : line(roofOutside, 0, length);
        return sunk(outline, base.floor());
    }

    /// Clear outline in the side view, closed \[x, z\]; empty for an open tray and where walls leave no room.
    public List<double[]> sideInside() {
        if (open) {
            return List.of();
        }
        double front = insideFront();
        double rear = insideRear();
        if (profile.isPresent() && raised == 0) {
            return Inset.of(sunk(profile.get().overhead(), SKY), base.roof(), front, 0, rear, SKY);
        }
        List<double[]> clear = line(roofInside, front, rear);
        return clear.stream().allMatch(p -> p[1] <= 0) ? List.of() : clear;
    }

    /// The area under a line between two places, never below the floor.
    private static List<double[]> line(RoofLine roof, double from, double to) {
        List<double[]> area = new ArrayList<>();
        if (!(to > from)) {
            return area;
        }
        area.add(new double[]{from, 0});
        area.add(new double[]{from, Math.max(0, roof.at(from))});
        double[] xs = roof.xs();
        double[] zs = roof.zs();
        for (int i = 0; i < xs.length; i++) {
            if (xs[i] > from && xs[i] < to) {
                area.add(new double[]{xs[i], Math.max(0, zs[i])});
            }
        }
        area.add(new double[]{to, Math.max(0, roof.at(to))});
        area.add(new double[]{to, 0});
        return area;
    }

    /// The same with what lies on the floor moved down.
    private static List<double[]> sunk(List<double[]> outline, double by) {
        return outline.stream().map(p -> p[1] < 1e-6 ? new double[]{p[0], -by} : p).toList();
    }

    /// The right side from front to rear, and the left one back.
    private List<double[]> mirrored(double front, double shoulder, double rear,
            java.util.function.DoubleUnaryOperator half, double straight) {
        List<double[]> right = new ArrayList<>();
        boolean nosed = noseDepth > 0 && shoulder > front;
        int steps = !nosed ? 0 : form == Nose.Form.VEE ? 1 : NOSE_STEPS;
        for (int i = 0; i < steps; i++) {
            double t = (double) i / steps;
            double x = front + (shoulder - front) * (form == Nose.Form.VEE ? t : t * t);
            right.add(new double[]{x, half.applyAsDouble(x)});
        }
        right.add(new double[]{nosed ? shoulder : front, straight});
        right.add(new double[]{rear, straight});
        List<double[]> all = new ArrayList<>();
        all.add(new double[]{right.getFirst()[0], -right.getFirst()[1]});
        all.addAll(right);
        for (int i = right.size() - 1; i > 0; i--) {
            all.add(new double[]{right.get(i)[0], -right.get(i)[1]});
        }
        return all;
    }

    /// Where the clear width becomes full behind a nose; the inside of the front wall where there is none.
    public double shoulder() {
        if (noseDepth <= 0) {
            return insideFront();
        }
        if (form != Nose.Form.VEE) {
            return noseShoulder();
        }
        double slope = (halfWidth - noseHalfFlat) / noseDepth;
        double straight = halfWidth - base.wall();
        return (straight - noseHalfFlat + base.wall() * Math.sqrt(1 + slope * slope)) / slope;
    }

    /// How far a thing goes into the nose \[m\]: from where the clear width becomes full to where it meets the walls; 0 where there
    /// is no nose, or it is wider than the room.
    ///
    /// @param half from the middle line to its outer side \[m\]
    public double intoNose(double half) {
        return noseDepth <= 0 || half > halfWidth - base.wall()
                ? 0
                : Math.max(0, shoulder() - Math.max(insideFront(), foremost(half)));
    }

    /// Behind a rounded nose the corner of the wall may reach further back than the nose does.
    private double noseShoulder() {
        return foremost(halfWidth - base.wall() - 1e-7);
    }

    /// Where half of the clear width is so much, from the tip on.
    private double foremost(double half) {
        double low = 0;
        double high = noseDepth + 4 * base.wall();
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (halfWidthInside(middle) >= half) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    /// Clear floor area \[m²\], wheel arches taken off.
    public double floorArea() {
        double area = Math.abs(shoelace(planInside()));
        var arches = base.arches();
        return area - (arches.present() ? 2 * arches.length() * arches.width() : 0);
    }

    /// Clear volume \[m³\]: the floor under the mean clear height; for a tray up to its sides.
    public double volume() {
        double front = insideFront();
        double rear = insideRear();
        int steps = 200;
        double step = (rear - front) / steps;
        double volume = 0;
        for (int i = 0; i < steps; i++) {
            double x = front + (i + 0.5) * step;
            double high = open ? base.shell().height() : roofInside.at(x);
            volume += 2 * Math.max(0, halfWidthInside(x)) * Math.max(0, high) * step;
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
