package lectulum.kernel.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/// An outline in the x–z plane made of smooth pieces, closed or open, counter-clockwise where closed: the side of a camper
/// or of a panel.
///
/// Areas are exact for lines and arcs (Green's theorem) and by Gauss quadrature for cubics.
public record Outline(List<Piece> pieces) {
    public Outline {
        pieces = List.copyOf(pieces);
    }

    /// Why corners cannot be rounded as asked: the arcs at both ends of an edge need more of it than there is.
    ///
    /// @param node    index of the node before the edge
    /// @param next    index of the node after it
    /// @param need    \[m\]
    /// @param have    \[m\]
    /// @param largest common radius that would fit both \[m\]
    public record Crowded(int node, int next, double need, double have, double largest) {
    }

    /// The closed outline through rounded corners.
    ///
    /// Where a radius is too large for its edges it is cut down to what fits, so that there is always something to draw;
    /// [#crowded] says where.
    ///
    /// @param nodes counter-clockwise, at least three, no two neighbours in one place
    public static Outline rounded(List<Node> nodes) {
        int n = nodes.size();
        double[] tangent = tangents(nodes);
        for (int i = 0; i < n; i++) {
            double edge = edge(nodes, i);
            double sum = tangent[i] + tangent[(i + 1) % n];
            if (sum > edge) {
                tangent[i] *= edge / sum;
                tangent[(i + 1) % n] *= edge / sum;
            }
        }
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double[] in = direction(nodes, i - 1);
            double[] out = direction(nodes, i);
            Node c = nodes.get(i);
            double turn = turn(in, out);
            double t = tangent[i];
            double half = Math.tan(Math.abs(turn) / 2);
            if (t > 1e-9 && half > 1e-9) {
                double r = t / half;
                double side = Math.signum(turn);
                double sx = c.x() - t * in[0];
                double sz = c.z() - t * in[1];
                double cx = sx - side * r * in[1];
                double cz = sz + side * r * in[0];
                pieces.add(new Piece.Arc(cx, cz, r, Math.atan2(sz - cz, sx - cx), turn));
            }
            Node next = nodes.get((i + 1) % n);
            double after = tangent[(i + 1) % n];
            if (edge(nodes, i) - t - after > 1e-9) {
                pieces.add(new Piece.Line(c.x() + t * out[0], c.z() + t * out[1], next.x() - after * out[0],
                        next.z() - after * out[1]));
            }
        }
        return new Outline(pieces);
    }

    /// The first edge that is too short for the arcs at its ends; empty where all fit.
    public static Optional<Crowded> crowded(List<Node> nodes) {
        int n = nodes.size();
        double[] tangent = tangents(nodes);
        for (int i = 0; i < n; i++) {
            int j = (i + 1) % n;
            double edge = edge(nodes, i);
            double need = tangent[i] + tangent[j];
            if (need > edge + 1e-9) {
                double perRadius = half(nodes, i) + half(nodes, j);
                return Optional.of(new Crowded(i, j, need, edge, edge / perRadius));
            }
        }
        return Optional.empty();
    }

    /// The first two edges of a polygon that cross, as indices; a body cannot cross itself.
    public static Optional<int[]> crossing(List<Node> nodes) {
        int n = nodes.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                if ((j + 1) % n != i && crosses(nodes.get(i), nodes.get((i + 1) % n), nodes.get(j),
                        nodes.get((j + 1) % n))) {
                    return Optional.of(new int[]{i, j});
                }
            }
        }
        return Optional.empty();
    }

    private static boolean crosses(Node a, Node b, Node c, Node d) {
        return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
    }

    private static double side(Node a, Node b, Node p) {
        return (b.x() - a.x()) * (p.z() - a.z()) - (b.z() - a.z()) * (p.x() - a.x());
    }

    /// The corners with every edge moved inwards by its own build-up: convex radii shrink, hollow ones grow.
    ///
    /// @param buildUp of the edge from each node to the next \[m\]
    public static List<Node> inwards(List<Node> nodes, double[] buildUp) {
        int n = nodes.size();
        List<Node> moved = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int before = (i - 1 + n) % n;
            double[] in = direction(nodes, before);
            double[] out = direction(nodes, i);
            double t1 = buildUp[before];
            double t2 = buildUp[i];
            Node c = nodes.get(i);
            double cross = in[0] * out[1] - in[1] * out[0];
            double x;
            double z;
            if (Math.abs(cross) < 1e-9) {
                x = c.x() - in[1] * t1;
                z = c.z() + in[0] * t1;
            } else {
                double ax = c.x() - in[1] * t1;
                double az = c.z() + in[0] * t1;
                double bx = c.x() - out[1] * t2;
                double bz = c.z() + out[0] * t2;
                double s = ((bx - ax) * out[1] - (bz - az) * out[0]) / cross;
                x = ax + s * in[0];
                z = az + s * in[1];
            }
            double r = cross >= 0
                    ? Math.max(0, c.r() - Math.max(t1, t2))
                    : c.r() > 0 ? c.r() + Math.min(t1, t2) : 0;
            moved.add(new Node(x, z, r));
        }
        return moved;
    }

    /// Enclosed area \[m²\]; an open outline is closed by its chord.
    public double area() {
        double[] first = pieces.getFirst().start();
        double[] last = pieces.getLast().end();
        return Math.abs(pieces.stream().mapToDouble(Piece::green).sum()
                + new Piece.Line(last[0], last[1], first[0], first[1]).green());
    }

    /// Length of all pieces \[m\].
    public double length() {
        return pieces.stream().mapToDouble(Piece::length).sum();
    }

    /// Highest z above x; empty beside the outline.
    public OptionalDouble top(double x) {
        return pieces.stream().flatMap(p -> p.crossings(x).stream().map(t -> p.at(t)[1]))
                .mapToDouble(Double::doubleValue).max();
    }

    /// The tightest bend: place and radius \[x, z, r\]; r is infinite where all is straight.
    public double[] tightest() {
        double[] tightest = {0, 0, Double.POSITIVE_INFINITY};
        for (Piece piece : pieces) {
            int samples = piece instanceof Piece.Cubic ? 2000 : 1;
            for (int i = 0; i <= samples; i++) {
                double t = samples == 1 ? 0.5 : (double) i / samples;
                double r = piece.radius(t);
                if (r < tightest[2]) {
                    double[] p = piece.at(t);
                    tightest = new double[]{p[0], p[1], r};
                }
            }
        }
        return tightest;
    }

    /// The outline as points, each joint once; a closed one does not repeat its first point.
    public List<double[]> points() {
        List<double[]> points = new ArrayList<>();
        for (Piece piece : pieces) {
            List<double[]> samples = piece.samples();
            points.addAll(points.isEmpty() ? samples : samples.subList(1, samples.size()));
        }
        double[] first = points.getFirst();
        double[] last = points.getLast();
        if (points.size() > 2 && Math.hypot(first[0] - last[0], first[1] - last[1]) < 1e-7) {
            points.removeLast();
        }
        return points;
    }

    private static double[] tangents(List<Node> nodes) {
        double[] tangent = new double[nodes.size()];
        for (int i = 0; i < tangent.length; i++) {
            tangent[i] = nodes.get(i).r() * half(nodes, i);
        }
        return tangent;
    }

    /// Tangent length for a radius of one.
    private static double half(List<Node> nodes, int i) {
        return Math.tan(Math.abs(turn(direction(nodes, i - 1), direction(nodes, i))) / 2);
    }

    private static double turn(double[] in, double[] out) {
        return Math.atan2(in[0] * out[1] - in[1] * out[0], in[0] * out[0] + in[1] * out[1]);
    }

    private static double edge(List<Node> nodes, int i) {
        Node a = nodes.get(i);
        Node b = nodes.get((i + 1) % nodes.size());
        return Math.hypot(b.x() - a.x(), b.z() - a.z());
    }

    private static double[] direction(List<Node> nodes, int from) {
        int n = nodes.size();
        Node a = nodes.get((from + n) % n);
        Node b = nodes.get((from + 1 + n) % n);
        double length = Math.hypot(b.x() - a.x(), b.z() - a.z());
        return new double[]{(b.x() - a.x()) / length, (b.z() - a.z()) / length};
    }
}
