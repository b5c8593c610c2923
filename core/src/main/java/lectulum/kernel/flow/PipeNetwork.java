package lectulum.kernel.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/// Water from one source through pipes, branched or in loops, to open taps: flows and pressures.
///
/// Newton's method for flows and pressures together (Todini and Pilati's gradient method) with a halving line search. All laws
/// are monotone, so there is one answer; a tap above the reach of the source gets nothing and is left out. Nodes that no pipe
/// joins to the source are left out with their taps.
///
/// @param nodes  where pipes meet
/// @param pipes  between them
/// @param source at one node
public record PipeNetwork(List<Node> nodes, List<Pipe> pipes, Source source) {
    /// Largest error of the pressures \[Pa\] and, of the same order, of the flows.
    public static final double TOLERANCE = 1e-5;
    private static final double LITRE_A_MINUTE = 1 / 60_000.0;
    private static final double START = 2 * LITRE_A_MINUTE;
    private static final int STEPS = 200;
    private static final int HALVINGS = 40;
    /// Against the way of a check valve \[Pa per m³/s\]: nothing that counts.
    private static final double SHUT = 1e15;
    private static final double LEAST_SLOPE = 1e2;

    /// @param z above any level \[m\]
    public record Node(String id, double z) {
    }

    /// A pipe that water fills.
    ///
    /// @param length   \[m\]
    /// @param diameter inside \[m\]
    /// @param fittings equivalent lengths of its fittings, in diameters
    /// @param celsius  of the water in it
    /// @param check    whether it lets water through only from `from` to `to`
    public record Pipe(String id, String from, String to, double length, double diameter, double fittings,
            double celsius, boolean check) {
        double loss(double flow) {
            double loss = Friction.loss(flow, diameter, length / diameter + fittings, WaterAt.density(celsius),
                    WaterAt.viscosity(celsius));
            return check && flow < 0 ? loss + SHUT * flow : loss;
        }
    }

    /// What drives the water.
    ///
    /// @param node where it enters
    /// @param z    level that its pressure counts from \[m\]: the water in the tank, or the inlet
    /// @param law  pressure at a flow \[Pa, m³/s\], falling or level
    /// @param cuts flow below which a pressure switch stops the pump again and again \[m³/s\]; 0 where nothing does
    /// @param mid  mean pressure while it does \[Pa\]
    public record Source(String node, double z, DoubleUnaryOperator law, double cuts, double mid) {

        /// A pump with a pressure switch in a tank's suction line.
        ///
        /// @param on  switch on \[Pa\]
        /// @param off and off
        public static Source pump(String node, double level, PumpCurve curve, double on, double off) {
            return new Source(node, level, curve::rise, curve.flow(off), (on + off) / 2);
        }

        /// The mains of a site behind a regulator.
        ///
        /// @param fall of the regulator \[Pa per m³/s\]
        public static Source city(String node, double z, double pressure, double set, double fall) {
            return new Source(node, z, q -> Math.min(pressure, set) - fall * q, 0, 0);
        }

        /// A tank that stands high.
        public static Source gravity(String node, double level) {
            return new Source(node, level, q -> 0, 0, 0);
        }
    }

    /// An open tap.
    ///
    /// @param c flow at one pascal \[m³/s/√Pa\]: rated flow over the root of the rated pressure, times how far it is open
    public record Tap(String id, String node, double c) {
        /// @param flow     rated \[m³/s\]
        /// @param pressure at which \[Pa\]
        /// @param opening  0 to 1
        public static Tap rated(String id, String node, double flow, double pressure, double opening) {
            return new Tap(id, node, flow / Math.sqrt(pressure) * opening);
        }
    }

    /// What comes.
    ///
    /// @param taps      flow of each open tap \[m³/s\]; 0 above the reach
    /// @param pressures at the nodes \[Pa\]
    /// @param pipes     flow in each \[m³/s\], from `from` to `to`
    /// @param total     that the source gives \[m³/s\]
    /// @param cycles    whether its switch stops it again and again
    /// @param residual  largest error of a pressure \[Pa\]
    public record Flow(Map<String, Double> taps, Map<String, Double> pressures, Map<String, Double> pipes, double total,
            boolean cycles, double residual) {
        public Flow {
            taps = Map.copyOf(taps);
            pressures = Map.copyOf(pressures);
            pipes = Map.copyOf(pipes);
        }
    }

    public PipeNetwork {
        nodes = List.copyOf(nodes);
        pipes = List.copyOf(pipes);
    }

    /// Ids of the nodes that a pipe joins to the source, the source among them.
    public java.util.Set<String> reached() {
        java.util.Set<String> seen = new java.util.LinkedHashSet<>();
        if (nodes.stream().noneMatch(n -> n.id.equals(source.node))) {
            return seen;
        }
        List<String> next = new ArrayList<>(List.of(source.node));
        while (!next.isEmpty()) {
            String at = next.removeLast();
            if (seen.add(at)) {
                pipes.forEach(p -> {
                    if (p.from.equals(at)) {
                        next.add(p.to);
                    } else if (p.to.equals(at)) {
                        next.add(p.from);
                    }
                });
            }
        }
        return seen;
    }

    /// Flows with these taps open, all others shut. A tap at a node that is not reached has no entry.
    public Flow solve(List<Tap> open) {
        java.util.Set<String> reached = reached();
        List<Tap> taps = new ArrayList<>(open.stream().filter(t -> reached.contains(t.node) && t.c > 0).toList());
        List<Tap> dry = new ArrayList<>();
        while (true) {
            Solver solver = new Solver(reached, taps, source.law);
            solver.run();
            Tap worst = solver.lowest();
            if (worst != null) {
                taps.remove(worst);
                dry.add(worst);
                continue;
            }
            boolean cycles = !taps.isEmpty() && source.cuts > 0 && solver.total() < source.cuts;
            if (cycles) {
                Solver mid = new Solver(reached, taps, q -> source.mid);
                mid.run();
                if (mid.lowest() == null) {
                    solver = mid;
                }
            }
            return solver.flow(dry, cycles);
        }
    }

    /// Newton's method with some taps open.
    private final class Solver {
        private final List<Node> at = new ArrayList<>();
        private final Map<String, Integer> index = new HashMap<>();
        private final List<Pipe> inside;
        private final List<Tap> taps;
        private final DoubleUnaryOperator law;
        private final int links;
        private final double[] flow;
        private final double[] pressure;
        private final double weight = WaterAt.density(WaterAt.COOL) * WaterAt.G;

        Solver(java.util.Set<String> reached, List<Tap> taps, DoubleUnaryOperator law) {
            nodes.stream().filter(n -> reached.contains(n.id) && !index.containsKey(n.id)).forEach(n -> {
                index.put(n.id, at.size());
                at.add(n);
            });
            this.inside = pipes.stream().filter(p -> index.containsKey(p.from) && index.containsKey(p.to)
                    && !p.from.equals(p.to)).toList();
            this.taps = List.copyOf(taps);
            this.law = law;
            this.links = inside.size() + taps.size() + 1;
            this.flow = new double[links];
            this.pressure = new double[at.size()];
            for (int l = 0; l < links; l++) {
                flow[l] = START;
            }
        }

        /// Links: pipes, then taps, then the source.
        private int from(int l) {
            return l < inside.size()
                    ? index.get(inside.get(l).from)
                    : l < links - 1 ? index.get(taps.get(l - inside.size()).node) : -1;
        }

        private int to(int l) {
            return l < inside.size() ? index.get(inside.get(l).to) : l < links - 1 ? -1 : index.get(source.node);
        }

        private double loss(int l, double q) {
            if (l < inside.size()) {
                return inside.get(l).loss(q);
            }
            if (l < links - 1) {
                double c = taps.get(l - inside.size()).c;
                return q * Math.abs(q) / (c * c);
            }
            return -law.applyAsDouble(q);
        }

        private double slope(int l) {
            double step = Math.max(1e-9, Math.abs(flow[l]) * 1e-6);
            return Math.max(LEAST_SLOPE, (loss(l, flow[l] + step) - loss(l, flow[l] - step)) / (2 * step));
        }

        /// Pressure with its height, of a node or of the air \[Pa\].
        private double head(int node, int link) {
            if (node >= 0) {
                return pressure[node] + weight * at.get(node).z;
            }
            return weight * (link == links - 1 ? source.z : at.get(from(link)).z);
        }

        void run() {
            if (at.isEmpty()) {
                return;
            }
            double error = error();
            for (int step = 0; step < STEPS && error > TOLERANCE; step++) {
                error = step(error);
            }
        }

        private double step(double before) {
            int n = at.size();
            double[] d = new double[links];
            RealMatrix matrix = MatrixUtils.createRealMatrix(n, n);
            double[] right = new double[n];
            for (int l = 0; l < links; l++) {
                d[l] = 1 / slope(l);
                double gap = head(from(l), l) - head(to(l), l) - loss(l, flow[l]);
                int a = from(l);
                int b = to(l);
                if (a >= 0) {
                    matrix.addToEntry(a, a, d[l]);
                    right[a] -= flow[l] + d[l] * gap;
                }
                if (b >= 0) {
                    matrix.addToEntry(b, b, d[l]);
                    right[b] += flow[l] + d[l] * gap;
                }
                if (a >= 0 && b >= 0) {
                    matrix.addToEntry(a, b, -d[l]);
                    matrix.addToEntry(b, a, -d[l]);
                }
            }
            DecompositionSolver equations = new LUDecomposition(matrix, 0).getSolver();
            if (!equations.isNonSingular()) {
                return before;
            }
            double[] up = equations.solve(new ArrayRealVector(right, false)).toArray();
            double[] by = new double[links];
            for (int l = 0; l < links; l++) {
                double gap = head(from(l), l) - head(to(l), l) - loss(l, flow[l]);
                double rise = (from(l) >= 0 ? up[from(l)] : 0) - (to(l) >= 0 ? up[to(l)] : 0);
                by[l] = d[l] * (gap + rise);
            }
            double[] flowWas = flow.clone();
            double[] pressureWas = pressure.clone();
            double part = 1;
            for (int h = 0; h < HALVINGS; h++, part /= 2) {
                for (int l = 0; l < links; l++) {
                    flow[l] = flowWas[l] + part * by[l];
                }
                for (int i = 0; i < n; i++) {
                    pressure[i] = pressureWas[i] + part * up[i];
                }
                double error = error();
                if (error < before || h == HALVINGS - 1) {
                    return error;
                }
            }
            return before;
        }

        /// Largest gap of a pressure, flows that do not add up counted as what they would cost in a usual tap \[Pa\].
        double error() {
            double most = 0;
            double[] sum = new double[at.size()];
            for (int l = 0; l < links; l++) {
                most = Math.max(most, Math.abs(head(from(l), l) - head(to(l), l) - loss(l, flow[l])));
                if (from(l) >= 0) {
                    sum[from(l)] -= flow[l];
                }
                if (to(l) >= 0) {
                    sum[to(l)] += flow[l];
                }
            }
            for (double s : sum) {
                most = Math.max(most, Math.abs(s) * 1e8);
            }
            return most;
        }

        double total() {
            return flow[links - 1];
        }

        /// The open tap that would suck most; null where none does.
        Tap lowest() {
            Tap worst = null;
            double least = -1e-12;
            for (int i = 0; i < taps.size(); i++) {
                double q = flow[inside.size() + i];
                if (q < least) {
                    least = q;
                    worst = taps.get(i);
                }
            }
            return worst;
        }

        Flow flow(List<Tap> dry, boolean cycles) {
            Map<String, Double> atTaps = new HashMap<>();
            dry.forEach(t -> atTaps.put(t.id, 0.0));
            for (int i = 0; i < taps.size(); i++) {
                atTaps.put(taps.get(i).id, Math.max(0, flow[inside.size() + i]));
            }
            Map<String, Double> pressures = new HashMap<>();
            for (int i = 0; i < at.size(); i++) {
                pressures.put(at.get(i).id, pressure[i]);
            }
            Map<String, Double> inPipes = new HashMap<>();
            for (int i = 0; i < inside.size(); i++) {
                inPipes.put(inside.get(i).id, flow[i]);
            }
            return new Flow(atTaps, pressures, inPipes, taps.isEmpty() ? 0 : total(), cycles,
                    at.isEmpty() ? 0 : error());
        }
    }
}
