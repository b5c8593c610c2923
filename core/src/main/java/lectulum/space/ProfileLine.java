package lectulum.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.base.Shell;
import lectulum.kernel.profile.Node;
import lectulum.kernel.profile.Outline;
import lectulum.kernel.profile.Piece;
import lectulum.kernel.profile.Spline;

/// The side profile of a body as an outline: straight edges between corners, arcs at rounded corners, and one curve
/// through every run of smooth points that leaves its straight neighbours without a kink.
///
/// The line runs from the front foot over the roof to the rear foot; upright walls join feet that stand above the floor, and
/// the floor closes it. A smooth point that stands alone between corners is rounded by the largest arc that leaves half of
/// both its edges.
///
/// @param nodes   of the closed outline, counter-clockwise seen from the left with the front at the left, floor first
/// @param outline the same with arcs and curves
public record ProfileLine(List<Corner> nodes, Outline outline) {
    private static final double FOOT = 1e-6;

    /// A node of the closed outline.
    ///
    /// @param point index of the point of the profile, −1 for a foot that was added
    public record Corner(Node node, boolean smooth, int point) {
    }

    /// The outline through the points; empty where they are no body: fewer than two, two in one place, the rear foot before
    /// the front one, or crossing.
    public static Optional<ProfileLine> of(List<Shell.Profile.Point> points) {
        List<Corner> nodes = closed(points);
        if (points.size() < 2 || nodes.size() < 3 || points.getFirst().x() >= points.getLast().x() || twice(nodes)
                || crossing(points).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new ProfileLine(nodes, outline(nodes)));
    }

    /// The first two edges that cross, as indices of the points they begin at; the front wall counts with the first point.
    public static Optional<int[]> crossing(List<Shell.Profile.Point> points) {
        List<Corner> nodes = closed(points);
        return Outline.crossing(nodes.stream().map(Corner::node).toList())
                .map(pair -> new int[]{begin(nodes, pair[0]), begin(nodes, pair[1])});
    }

    /// Nodes run from rear to front: the edge behind one begins at the point of the next.
    private static int begin(List<Corner> nodes, int edge) {
        return Math.max(0, nodes.get((edge + 1) % nodes.size()).point);
    }

    /// The first two corners whose arcs do not fit between them, as indices of points.
    public Optional<Outline.Crowded> crowded() {
        List<Node> arcs = nodes.stream().map(c -> c.smooth ? new Node(c.node.x(), c.node.z(), 0) : c.node).toList();
        return Outline.crowded(arcs).map(c -> new Outline.Crowded(nodes.get(c.node()).point, nodes.get(c.next()).point,
                c.need(), c.have(), c.largest()));
    }

    private static List<Corner> closed(List<Shell.Profile.Point> points) {
        List<Corner> nodes = new ArrayList<>();
        if (points.isEmpty()) {
            return nodes;
        }
        Shell.Profile.Point front = points.getFirst();
        Shell.Profile.Point rear = points.getLast();
        if (front.z() > FOOT) {
            nodes.add(new Corner(new Node(front.x(), 0, 0), false, -1));
        }
        if (rear.z() > FOOT) {
            nodes.add(new Corner(new Node(rear.x(), 0, 0), false, -1));
        }
        for (int i = points.size() - 1; i >= 0; i--) {
            Shell.Profile.Point p = points.get(i);
            nodes.add(new Corner(new Node(p.x(), p.z(), p.corner() ? p.radius() : 0), !p.corner(), i));
        }
        if (front.z() <= FOOT) {
            nodes.addFirst(nodes.removeLast());
        }
        for (int i = 0; i < nodes.size(); i++) {
            if (nodes.get(i).smooth && !curved(nodes, i) && !curved(nodes, i + nodes.size() - 1)) {
                nodes.set(i, alone(nodes, i));
            }
        }
        return nodes;
    }

    /// A lone smooth point as a corner.
    private static Corner alone(List<Corner> nodes, int i) {
        int n = nodes.size();
        Node a = nodes.get((i + n - 1) % n).node;
        Node b = nodes.get(i).node;
        Node c = nodes.get((i + 1) % n).node;
        double in = Math.hypot(b.x() - a.x(), b.z() - a.z());
        double out = Math.hypot(c.x() - b.x(), c.z() - b.z());
        double turn = Math.atan2(c.z() - b.z(), c.x() - b.x()) - Math.atan2(b.z() - a.z(), b.x() - a.x());
        double half = Math.tan(Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)) / 2);
        double radius = half > 1e-9 ? Math.min(in, out) / 2 / half : 0;
        return new Corner(new Node(b.x(), b.z(), Double.isFinite(radius) ? radius : 0), false, nodes.get(i).point);
    }

    private static boolean twice(List<Corner> nodes) {
        for (int i = 0; i < nodes.size(); i++) {
            Node a = nodes.get(i).node;
            Node b = nodes.get((i + 1) % nodes.size()).node;
            if (Math.hypot(a.x() - b.x(), a.z() - b.z()) < 1e-4) {
                return true;
            }
        }
        return false;
    }

    private static Outline outline(List<Corner> nodes) {
        int n = nodes.size();
        int start = -1;
        for (int i = 0; i < n && start < 0; i++) {
            start = curved(nodes, i + n - 1) && !curved(nodes, i) ? i : start;
        }
        if (start < 0) {
            return Outline.rounded(nodes.stream().map(Corner::node).toList());
        }
        List<Piece> pieces = new ArrayList<>();
        int i = start;
        while (i < start + n) {
            List<Corner> straight = new ArrayList<>(List.of(nodes.get(i % n)));
            do {
                i++;
                straight.add(nodes.get(i % n));
            } while (!curved(nodes, i));
            List<Corner> curve = new ArrayList<>(List.of(nodes.get(i % n)));
            while (curved(nodes, i)) {
                i++;
                curve.add(nodes.get(i % n));
            }
            join(pieces, straight, curve, nodes.get((i + 1) % n));
        }
        return new Outline(pieces);
    }

    /// Whether the edge behind a node is part of a curve: between smooth points, but never the floor.
    private static boolean curved(List<Corner> nodes, int i) {
        Corner a = nodes.get(i % nodes.size());
        Corner b = nodes.get((i + 1) % nodes.size());
        return a.smooth && b.smooth && (a.node.z() > FOOT || b.node.z() > FOOT);
    }

    /// Straight edges up to a curve, and the curve.
    private static void join(List<Piece> pieces, List<Corner> straight, List<Corner> curve, Corner after) {
        Corner before = straight.get(straight.size() - 2);
        pieces.addAll(polyline(straight));
        pieces.addAll(Spline.through(curve.stream().map(ProfileLine::place).toList(),
                direction(before, curve.getFirst()), direction(curve.getLast(), after)));
    }

    /// Direction of a straight neighbour; none where it is the floor, from which a curve may leave as it likes.
    private static OptionalDouble direction(Corner from, Corner to) {
        boolean floor = from.node.z() <= FOOT && to.node.z() <= FOOT;
        return floor
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.atan2(to.node.z() - from.node.z(), to.node.x() - from.node.x()));
    }

    private static double[] place(Corner c) {
        return new double[]{c.node.x(), c.node.z()};
    }

    /// Rounded corners between two ends: the closed outline of them without its closing edge.
    private static List<Piece> polyline(List<Corner> corners) {
        List<Node> nodes = new ArrayList<>(corners.stream().map(Corner::node).toList());
        for (int end : new int[]{0, nodes.size() - 1}) {
            nodes.set(end, new Node(nodes.get(end).x(), nodes.get(end).z(), 0));
        }
        List<Piece> pieces = Outline.rounded(nodes).pieces();
        return pieces.subList(0, pieces.size() - 1);
    }

    /// The line from the front foot to the rear foot without the floor, as points \[x, z\].
    public List<double[]> overhead() {
        List<double[]> points = new ArrayList<>();
        for (Piece piece : outline.pieces()) {
            boolean floor = piece.start()[1] <= FOOT && piece.end()[1] <= FOOT;
            if (!floor) {
                for (double[] p : piece.samples()) {
                    if (points.isEmpty() || Math.hypot(p[0] - points.getLast()[0], p[1] - points.getLast()[1]) > 1e-9) {
                        points.add(p);
                    }
                }
            }
        }
        return rotatedToFront(points);
    }

    /// Pieces may start anywhere on the ring; the line shall run from the front foot to the rear foot.
    private static List<double[]> rotatedToFront(List<double[]> ring) {
        int seam = 0;
        for (int i = 1; i < ring.size(); i++) {
            if (ring.get(i - 1)[1] <= FOOT && ring.get(i)[1] <= FOOT) {
                seam = i;
            }
        }
        List<double[]> turned = new ArrayList<>(ring.subList(seam, ring.size()));
        for (double[] p : ring.subList(0, seam)) {
            if (Math.hypot(p[0] - turned.getLast()[0], p[1] - turned.getLast()[1]) > 1e-9) {
                turned.add(p);
            }
        }
        return turned.reversed();
    }

    /// Length of the skin over front, roof and rear: the outline less its floor \[m\].
    public double skin() {
        return outline.pieces().stream().filter(p -> p.start()[1] > FOOT || p.end()[1] > FOOT)
                .mapToDouble(Piece::length).sum();
    }

    /// The tightest place of the skin: \[x, z, radius\]; empty where all is straight.
    public Optional<double[]> tightest() {
        double[] worst = null;
        for (Piece piece : outline.pieces()) {
            int steps = piece instanceof Piece.Cubic ? 400 : 1;
            for (int i = 0; i <= steps; i++) {
                double t = (double) i / steps;
                double r = piece.radius(t);
                if (Double.isFinite(r) && (worst == null || r < worst[2])) {
                    double[] at = piece.at(piece instanceof Piece.Arc ? 0.5 : t);
                    worst = new double[]{at[0], at[1], r};
                }
            }
        }
        return Optional.ofNullable(worst);
    }
}
