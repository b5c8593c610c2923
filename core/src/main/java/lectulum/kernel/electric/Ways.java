package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.interfaces.ShortestPathAlgorithm.SingleSourcePaths;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.SimpleWeightedGraph;

/// Ways of wires along raceways: from a terminal along the walls to the nearest point of a raceway that rides on the same
/// part, along raceways, and to the other terminal likewise.
///
/// A crossing between two moving parts is only run from end to end, and takes its slack with it. Points closer than a
/// millimetre are one. The shortest way is Dijkstra's; of equal ones the one that the order of raceways names first.
public final class Ways {
    /// A wire leaves its raceway for no more than this, if any raceway is that near \[m\].
    static final double TAIL = 2.0;
    private static final double MILLIMETRE = 1e-3;
    /// A hair for each point on the way \[m\]: what makes the order of raceways decide between equal ways.
    private static final double HAIR = 1e-10;

    private final List<Piece> pieces;

    /// A point \[m\].
    public record At(double x, double y, double z) {
        double along(At o) {
            return Math.abs(x - o.x) + Math.abs(y - o.y) + Math.abs(z - o.z);
        }

        double to(At o) {
            return Math.sqrt((x - o.x) * (x - o.x) + (y - o.y) * (y - o.y) + (z - o.z) * (z - o.z));
        }

        At between(At o, double t) {
            return new At(x + t * (o.x - x), y + t * (o.y - y), z + t * (o.z - z));
        }

        At rounded() {
            return new At(Math.rint(x / MILLIMETRE) * MILLIMETRE, Math.rint(y / MILLIMETRE) * MILLIMETRE,
                    Math.rint(z / MILLIMETRE) * MILLIMETRE);
        }
    }

    /// A raceway.
    ///
    /// @param part  by name
    /// @param slack of a crossing \[m\]; 0 for what does not move
    public record Piece(String id, At from, At to, String part, double slack) {
        /// Where on it a wire from a point would join it: 0 at its beginning, 1 at its end.
        double nearest(At p) {
            double dx = to.x - from.x;
            double dy = to.y - from.y;
            double dz = to.z - from.z;
            double square = dx * dx + dy * dy + dz * dz;
            double t = square == 0
                    ? 0
                    : ((p.x - from.x) * dx + (p.y - from.y) * dy + (p.z - from.z) * dz) / square;
            return Math.clamp(t, 0, 1);
        }
    }

    /// Where a wire begins or ends.
    public record Terminal(At at, String part) {
    }

    /// A way.
    ///
    /// @param length \[m\], tails and slack counted
    /// @param points it goes through, terminals first and last; a tail goes along the walls between two of them
    /// @param along  ids of the raceways it uses, in their order on the way
    public record Way(double length, List<At> points, List<String> along) {
    }

    public Ways(List<Piece> pieces) {
        this.pieces = List.copyOf(pieces);
    }

    private record Edge(int piece, double length) {
    }

    private record Joint(int piece, double t, double tail) {
    }

    /// Everything that several ways share: points on the raceways where some terminal joins, in order.
    public List<Optional<Way>> all(List<Terminal> from, List<Terminal> to) {
        Map<Integer, List<Double>> cuts = new HashMap<>();
        List<List<Joint>> starts = from.stream().map(t -> joints(t, cuts)).toList();
        List<List<Joint>> ends = to.stream().map(t -> joints(t, cuts)).toList();
        Net net = new Net(cuts);
        List<Optional<Way>> ways = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            ways.add(net.way(from.get(i), starts.get(i), to.get(i), ends.get(i)));
        }
        return List.copyOf(ways);
    }

    /// The shortest way; empty where a terminal has no raceway on its part, or no way leads there.
    public Optional<Way> way(Terminal from, Terminal to) {
        return all(List.of(from), List.of(to)).getFirst();
    }

    private List<Joint> joints(Terminal terminal, Map<Integer, List<Double>> cuts) {
        List<Joint> near = new ArrayList<>();
        Optional<Joint> shortest = Optional.empty();
        for (int i = 0; i < pieces.size(); i++) {
            Piece p = pieces.get(i);
            if (!p.part.equals(terminal.part) || p.slack > 0) {
                continue;
            }
            double t = p.nearest(terminal.at);
            Joint j = new Joint(i, t, terminal.at.along(p.from.between(p.to, t)));
            if (j.tail <= TAIL) {
                near.add(j);
            }
            if (shortest.isEmpty() || j.tail < shortest.get().tail) {
                shortest = Optional.of(j);
            }
        }
        if (near.isEmpty()) {
            shortest.ifPresent(near::add);
        }
        near.forEach(j -> cuts.computeIfAbsent(j.piece, k -> new ArrayList<>()).add(j.t));
        return near;
    }

    /// The raceways cut at all joints, as a graph of points.
    private final class Net {
        private final Map<At, Integer> numbers = new HashMap<>();
        private final List<At> points = new ArrayList<>();
        private final Graph<Integer, Edge> graph = new SimpleWeightedGraph<>(Edge.class);
        private final Map<Integer, SingleSourcePaths<Integer, Edge>> known = new HashMap<>();

        Net(Map<Integer, List<Double>> cuts) {
            for (int i = 0; i < pieces.size(); i++) {
                Piece p = pieces.get(i);
                List<Double> at = new ArrayList<>(cuts.getOrDefault(i, List.of()));
                at.add(0.0);
                at.add(1.0);
                at.sort(Comparator.naturalOrder());
                for (int k = 1; k < at.size(); k++) {
                    join(i, p.from.between(p.to, at.get(k - 1)), p.from.between(p.to, at.get(k)), p.slack);
                }
            }
        }

        private int number(At at) {
            At rounded = at.rounded();
            Integer known = numbers.get(rounded);
            if (known != null) {
                return known;
            }
            numbers.put(rounded, points.size());
            points.add(at);
            graph.addVertex(points.size() - 1);
            return points.size() - 1;
        }

        private void join(int piece, At a, At b, double slack) {
            int from = number(a);
            int to = number(b);
            if (from == to) {
                return;
            }
            Edge edge = new Edge(piece, points.get(from).to(points.get(to)) + slack);
            Edge there = graph.getEdge(from, to);
            if (there == null || there.length > edge.length) {
                if (there != null) {
                    graph.removeEdge(there);
                }
                graph.addEdge(from, to, edge);
                graph.setEdgeWeight(edge, edge.length + HAIR * Math.max(from, to));
            }
        }

        Optional<Way> way(Terminal from, List<Joint> starts, Terminal to, List<Joint> ends) {
            Optional<Way> best = Optional.empty();
            for (Joint s : starts) {
                var paths = from(number(s));
                for (Joint e : ends) {
                    double least = s.tail + e.tail + paths.getWeight(number(e));
                    if (Double.isInfinite(least) || best.isPresent() && least > best.get().length + MILLIMETRE) {
                        continue;
                    }
                    GraphPath<Integer, Edge> path = paths.getPath(number(e));
                    double length = s.tail + e.tail + path.getEdgeList().stream().mapToDouble(Edge::length).sum();
                    if (best.isEmpty() || length < best.get().length - MILLIMETRE * MILLIMETRE) {
                        best = Optional.of(new Way(length, through(from, path, to), along(path, s)));
                    }
                }
            }
            return best;
        }

        /// The shortest ways from a point: many wires begin at the same panel.
        private SingleSourcePaths<Integer, Edge> from(int point) {
            return known.computeIfAbsent(point, p -> new DijkstraShortestPath<>(graph).getPaths(p));
        }

        private int number(Joint j) {
            Piece p = pieces.get(j.piece);
            return number(p.from.between(p.to, j.t));
        }

        private List<At> through(Terminal from, GraphPath<Integer, Edge> path, Terminal to) {
            List<At> all = new ArrayList<>();
            all.add(from.at);
            path.getVertexList().forEach(v -> all.add(points.get(v)));
            all.add(to.at);
            return List.copyOf(all);
        }

        private List<String> along(GraphPath<Integer, Edge> path, Joint start) {
            List<String> ids = new ArrayList<>();
            path.getEdgeList().forEach(e -> {
                String id = pieces.get(e.piece).id;
                if (ids.isEmpty() || !ids.getLast().equals(id)) {
                    ids.add(id);
                }
            });
            if (ids.isEmpty()) {
                ids.add(pieces.get(start.piece).id);
            }
            return List.copyOf(ids);
        }
    }
}
