package lectulum.layout.cutaway;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.base.Base;
import lectulum.design.thing.SystemGroup;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.figures.drawing.Paint;

/// Floor, walls and curved ends of a body as they are seen with the near ones taken away.
///
/// A wall away from the eye shows its inner side and its thickness; of one towards the eye a low rest stands, and its
/// outline. A profile is followed: its ends are strips.
final class ShellFaces {
    private static final String WALL = "wall:";
    private static final String FLOOR = "floor:";
    private static final double REST = 0.05;
    private static final double IN_WALL = 0.14;
    private static final int CURVE = 40;
    private static final int STRIPS = 14;

    private final Base base;
    private final Body body;
    private final View view;
    private final double cutAt;
    private final double[] eye;
    private final List<Part> parts = new ArrayList<>();
    private final List<double[][]> outlines = new ArrayList<>();

    ShellFaces(Base base, Body body, View view, double cutAt) {
        this.base = base;
        this.body = body;
        this.view = view;
        this.cutAt = cutAt;
        this.eye = view.toEye();
        floor();
        boolean curved = body.profile().isPresent() && !body.open() && !body.sideInside().isEmpty();
        walls(curved);
        if (curved) {
            ends();
        }
    }

    /// A part of the shell.
    ///
    /// @param nx level direction out of it, with ny; both 0 for the floor
    /// @param d  its inner side: nx·x + ny·y = d
    record Part(Block block, List<CutAway.Facet> facets, double nx, double ny, double d) {
        /// Whether something set in sits in this wall.
        boolean holds(Solid s) {
            return (nx != 0 || ny != 0) && Math.abs(nx * s.x() + ny * s.y() - d) < IN_WALL
                    && block.range(-ny, nx)[0] <= -ny * s.x() + nx * s.y()
                    && block.range(-ny, nx)[1] >= -ny * s.x() + nx * s.y();
        }
    }

    List<Part> parts() {
        return parts;
    }

    List<double[][]> outlines() {
        return outlines;
    }

    private double[] flat(double x, double y, double z) {
        return new double[]{view.x(x, y, z), view.y(x, y, z)};
    }

    private static CutAway.Facet facet(CutAway.Kind kind, double[][] points, double shade) {
        return new CutAway.Facet("", kind, Paint.BODY, SystemGroup.STRUCTURE, points, shade, false, true, false);
    }

    /// Seen from below it is taken away.
    private void floor() {
        List<double[]> plan = body.planInside();
        double[][] top = plan.stream().map(p -> flat(p[0], p[1], 0)).toArray(double[][]::new);
        if (eye[2] < -1e-9) {
            outlines.add(ring(top));
            return;
        }
        parts.add(new Part(new Block(FLOOR, plan.toArray(double[][]::new), -Math.max(0.001, base.floor()), 0),
                List.of(facet(CutAway.Kind.FLOOR, top, 0.9)), 0, 0, 0));
    }

    private static double[][] ring(double[][] points) {
        double[][] ring = java.util.Arrays.copyOf(points, points.length + 1);
        ring[points.length] = points[0];
        return ring;
    }

    private void walls(boolean curved) {
        List<double[]> plan = body.planInside();
        int n = plan.size();
        double t = Math.max(0.004, base.wall());
        for (int i = 0; i < n; i++) {
            double[] a = plan.get(i);
            double[] b = plan.get((i + 1) % n);
            double l = Math.hypot(b[0] - a[0], b[1] - a[1]);
            boolean end = Math.abs(b[0] - a[0]) < 1e-6;
            if (l < 1e-6 || curved && end) {
                continue;
            }
            double nx = (b[1] - a[1]) / l;
            double ny = -(b[0] - a[0]) / l;
            double out = nx * ((a[0] + b[0]) / 2 - body.length() / 2) + ny * (a[1] + b[1]) / 2 < 0 ? -1 : 1;
            double ox = out * nx;
            double oy = out * ny;
            boolean near = ox * eye[0] + oy * eye[1] > 1e-9;
            List<double[]> line = topLine(a, b, near ? Math.min(REST, cutAt) : cutAt);
            List<double[]> full = topLine(a, b, cutAt);
            if (near) {
                outlines.add(face(a, b, full));
            }
            double high = line.stream().mapToDouble(p -> p[2]).max().orElse(0);
            List<CutAway.Facet> facets = new ArrayList<>();
            if (!near) {
                facets.add(facet(CutAway.Kind.WALL, face(a, b, line), 0.72 + 0.2 * Math.abs(oy)));
            }
            edge(line, ox * t, oy * t, facets);
            if (near && high > 0.001) {
                facets.add(facet(CutAway.Kind.EDGE,
                        new double[][]{flat(a[0] + ox * t, a[1] + oy * t, 0), flat(b[0] + ox * t, b[1] + oy * t, 0),
                                flat(b[0] + ox * t, b[1] + oy * t, high), flat(a[0] + ox * t, a[1] + oy * t, high)},
                        0.5));
            }
            double[][] block = {a, b, {b[0] + ox * t, b[1] + oy * t}, {a[0] + ox * t, a[1] + oy * t}};
            parts.add(new Part(new Block(WALL + i, block, 0, Math.max(0.01, high)), facets, near ? 0 : ox,
                    near ? 0 : oy, ox * a[0] + oy * a[1]));
        }
    }

    /// The upper side of a wall, as thick as that is.
    private void edge(List<double[]> line, double tx, double ty, List<CutAway.Facet> facets) {
        if (eye[2] <= 1e-9) {
            return;
        }
        double[][] top = new double[2 * line.size()][];
        for (int k = 0; k < line.size(); k++) {
            double[] p = line.get(k);
            top[k] = flat(p[0], p[1], p[2]);
            top[2 * line.size() - 1 - k] = flat(p[0] + tx, p[1] + ty, p[2]);
        }
        facets.add(facet(CutAway.Kind.EDGE, top, 1));
    }

    /// The upper edge of a wall between two places, never over a height.
    private List<double[]> topLine(double[] a, double[] b, double most) {
        int steps = Math.abs(b[0] - a[0]) > 0.3 && body.profile().isPresent() && !body.open() ? CURVE : 1;
        List<double[]> line = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double t = (double) i / steps;
            double x = a[0] + t * (b[0] - a[0]);
            line.add(new double[]{x, a[1] + t * (b[1] - a[1]), Math.min(most, high(x))});
        }
        return line;
    }

    private double[][] face(double[] a, double[] b, List<double[]> line) {
        List<double[]> points = new ArrayList<>();
        points.add(flat(a[0], a[1], 0));
        line.forEach(p -> points.add(flat(p[0], p[1], p[2])));
        points.add(flat(b[0], b[1], 0));
        return points.toArray(double[][]::new);
    }

    private double high(double x) {
        return body.open() ? body.roofOutside().highest() : Math.max(0, body.roofInside().at(x));
    }

    /// The inner side of the curve where it is away from the eye, as strips across.
    private void ends() {
        List<double[]> clear = body.sideInside();
        double half = body.halfWidth() - base.wall();
        double[] middle = {body.length() / 2, 0};
        List<double[]> line = thinned(clear);
        for (int i = 0; i < line.size(); i++) {
            double[] a = line.get(i);
            double[] b = line.get((i + 1) % line.size());
            double l = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (l < 1e-6 || Math.min(a[1], b[1]) >= cutAt || a[1] < 1e-6 && b[1] < 1e-6) {
                continue;
            }
            double nx = (b[1] - a[1]) / l;
            double nz = -(b[0] - a[0]) / l;
            if (nx * (middle[0] - a[0]) + nz * (middle[1] + 0.3 - a[1]) < 0) {
                nx = -nx;
                nz = -nz;
            }
            if (nx * eye[0] + nz * eye[2] <= 1e-9) {
                continue;
            }
            double za = Math.min(a[1], cutAt);
            double zb = Math.min(b[1], cutAt);
            double[][] quad = {flat(a[0], -half, za), flat(b[0], -half, zb), flat(b[0], half, zb),
                    flat(a[0], half, za)};
            double x1 = Math.min(a[0], b[0]) - 0.005;
            double x2 = Math.max(a[0], b[0]) + 0.005;
            double out = nx > 0 ? -1 : 1;
            parts.add(new Part(
                    Block.box(WALL + "end:" + i, out < 0 ? x1 - 0.02 : x2 - 0.005, -half, Math.min(za, zb),
                            out < 0 ? x1 + 0.005 : x2 + 0.02, half,
                            Math.max(Math.max(za, zb), Math.min(za, zb) + 0.01)),
                    List.of(new CutAway.Facet("", CutAway.Kind.WALL, Paint.BODY, SystemGroup.STRUCTURE, quad,
                            CutAway.shade(new double[]{nx, 0, nz}), false, true, true)),
                    out, 0, out * (x1 + x2) / 2));
        }
    }

    /// Fewer points, the corners on the floor kept.
    private static List<double[]> thinned(List<double[]> clear) {
        int step = Math.max(1, clear.size() / (4 * STRIPS));
        List<double[]> line = new ArrayList<>();
        for (int i = 0; i < clear.size(); i++) {
            if (i % step == 0 || clear.get(i)[1] < 1e-6 || clear.get((i + 1) % clear.size())[1] < 1e-6) {
                line.add(clear.get(i));
            }
        }
        return line;
    }
}
