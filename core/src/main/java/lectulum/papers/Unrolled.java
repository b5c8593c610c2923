package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import lectulum.base.walls.WallStudies;
import lectulum.design.Design;
import lectulum.design.base.Carcass.Face;
import lectulum.design.base.Shell;
import lectulum.kernel.profile.Nose;
import lectulum.kernel.profile.Piece;
import lectulum.papers.Template.Contour;
import lectulum.papers.Template.Use;
import lectulum.space.Body;

/// A front or rear that is not flat, rolled out: a V or rounded nose along its plan, a curved front or rear along the
/// profile. Bends are guides; a skin is cut to its outside.
///
/// @param line   outside of it: a nose from the left shoulder over the tip to the right one \[x, y\], a profile from the foot
///               up \[x, z\]; empty for a flat one
/// @param upward whether it is rolled out along its height and not along its width
record Unrolled(List<double[]> line, boolean upward) {
    static final Unrolled FLAT = new Unrolled(List.of(), false);
    private static final int STEPS = 64;
    /// A bend of less is drawn by no guide \[rad\].
    private static final double BEND = 0.1;
    /// From this slope on it is the roof \[rad\].
    private static final double ROOF = Math.PI / 4;

    static Unrolled of(Design design, Body body, Face face) {
        if (face == Face.FRONT && design.base().shell() instanceof Shell.Nosed nose && nose.noseDepth() > 0) {
            return new Unrolled(nose(body, nose), false);
        }
        return body.profile().map(p -> rising(p.overhead(), face)).filter(l -> l.size() > 2)
                .map(l -> new Unrolled(l, true)).orElse(FLAT);
    }

    private static List<double[]> nose(Body body, Shell.Nosed nose) {
        List<double[]> right = new ArrayList<>();
        int steps = nose.form() == Nose.Form.VEE ? 1 : STEPS;
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            double x = nose.noseDepth() * (steps == 1 ? t : t * t);
            right.add(new double[]{x, body.halfWidthOutside(x)});
        }
        List<double[]> all = new ArrayList<>();
        for (int i = right.size() - 1; i >= 0; i--) {
            all.add(new double[]{right.get(i)[0], -right.get(i)[1]});
        }
        for (double[] p : right) {
            if (Math.hypot(p[0] - all.getLast()[0], p[1] - all.getLast()[1]) > 1e-9) {
                all.add(p);
            }
        }
        return all;
    }

    /// The part of a profile from one foot up to where it leans over to the roof.
    private static List<double[]> rising(List<double[]> overhead, Face face) {
        List<double[]> line = face == Face.FRONT ? overhead : overhead.reversed();
        List<double[]> part = new ArrayList<>();
        for (double[] p : line) {
            if (!part.isEmpty()) {
                double[] q = part.getLast();
                if (Math.abs(Math.atan2(p[1] - q[1], Math.abs(p[0] - q[0]))) < ROOF && part.size() > 1) {
                    break;
                }
            }
            part.add(p);
        }
        double lean = part.stream().mapToDouble(p -> Math.abs(p[0] - part.getFirst()[0])).max().orElse(0);
        return lean > 1e-6 ? part : List.of();
    }

    boolean bent() {
        return !line.isEmpty();
    }

    /// Length along the line up to each of its points \[m\].
    private double[] along() {
        double[] s = new double[line.size()];
        for (int i = 1; i < s.length; i++) {
            s[i] = s[i - 1] + Math.hypot(line.get(i)[0] - line.get(i - 1)[0], line.get(i)[1] - line.get(i - 1)[1]);
        }
        return s;
    }

    /// Length along the line at a second coordinate of it \[m\]: across a nose, up a profile.
    private double at(double[] s, double second) {
        for (int i = 1; i < s.length; i++) {
            double a = line.get(i - 1)[1];
            double b = line.get(i)[1];
            if (second <= b || i == s.length - 1) {
                return b - a < 1e-9 ? s[i] : s[i - 1] + (s[i] - s[i - 1]) * Math.clamp((second - a) / (b - a), 0, 1);
            }
        }
        return 0;
    }

    Template template(Design design, Face face, List<WallStudies.Hole> holes) {
        double[] s = along();
        double length = s[s.length - 1];
        double half = design.base().shell().width() / 2;
        double high = design.base().shell().height();
        List<Contour> contours = new ArrayList<>();
        contours.add(new Contour(Use.CUT, "", upward
                ? Panels.box(-half, 0, half, length)
                : Panels.box(-length / 2, 0, length / 2, high)));
        for (int i = 1; i < s.length - 1; i++) {
            if (turn(i) > BEND) {
                contours.add(new Contour(Use.GUIDE, "bend", List.of(upward
                        ? new Piece.Line(-half, s[i], half, s[i])
                        : new Piece.Line(s[i] - length / 2, 0, s[i] - length / 2, high))));
            }
        }
        for (WallStudies.Hole h : holes) {
            contours.add(new Contour(Use.HOLE, h.thing().name(), upward
                    ? Panels.box(h.from(), at(s, h.low()), h.to(), at(s, h.high()))
                    : Panels.box(at(s, h.from()) - length / 2, h.low(), at(s, h.to()) - length / 2, h.high())));
        }
        return new Template(Character.toUpperCase(face.label().charAt(0)) + face.label().substring(1)
                + ", rolled out, " + (face == Face.FRONT ? "inside face" : "outside face") + ", seen from behind", "",
                contours,
                List.of("Rolled out along the outside. Its upper edge is cut to the roof where they meet."));
    }

    private double turn(int i) {
        double[] a = line.get(i - 1);
        double[] b = line.get(i);
        double[] c = line.get(i + 1);
        double t = Math.atan2(c[1] - b[1], c[0] - b[0]) - Math.atan2(b[1] - a[1], b[0] - a[0]);
        return Math.abs(Math.IEEEremainder(t, 2 * Math.PI));
    }
}
