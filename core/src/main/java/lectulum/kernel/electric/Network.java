package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;

/// A direct-current network: sources, conductors and loads between nodes, solved for all volts at once, so that what loads
/// share in feeders and returns is seen.
///
/// Nodal analysis with loads of constant power brought to a line at each step of Newton (Vlach and Singhal, Computer Methods
/// for Circuit Analysis and Design). Node 0 is the reference. A load whose power the wires cannot bring is a collapse, which
/// is an answer and no error, and so is a source that gives as good as nothing. A node that nothing joins to the reference has no volts (NaN) and takes no part.
public final class Network {
    private static final double CLOSE = 1e-11;
    private static final int MOST_STEPS = 60;
    /// Below this part of the nominal volts a load of constant power has collapsed.
    private static final double COLLAPSED = 0.5;

    private final int nodes;
    private final double nominal;
    private final List<Element> elements = new ArrayList<>();

    /// @param nodes   their number, the reference counted
    /// @param nominal volts of the system \[V\]
    public Network(int nodes, double nominal) {
        this.nodes = nodes;
        this.nominal = nominal;
    }

    private enum Kind {
        RESISTANCE, SOURCE, POWER, CURRENT, CONDUCTANCE
    }

    private record Element(Kind kind, int from, int to, double value, double inside) {
    }

    /// A conductor, contact, fuse or switch \[Ω\], > 0. Its number among the elements is given.
    public int resistance(int from, int to, double ohms) {
        return add(new Element(Kind.RESISTANCE, from, to, ohms, 0));
    }

    /// A battery or charger.
    ///
    /// @param plus   its positive node
    /// @param volts  without current \[V\]
    /// @param inside its resistance \[Ω\], > 0
    public int source(int plus, int minus, double volts, double inside) {
        return add(new Element(Kind.SOURCE, plus, minus, volts, inside));
    }

    /// A load that takes the same power at any volts \[W\].
    public int power(int plus, int minus, double watts) {
        return add(new Element(Kind.POWER, plus, minus, watts, 0));
    }

    /// A load that takes the same current at any volts \[A\].
    public int current(int plus, int minus, double amps) {
        return add(new Element(Kind.CURRENT, plus, minus, amps, 0));
    }

    /// A load that is a resistance \[Ω\], > 0.
    public int heater(int plus, int minus, double ohms) {
        return add(new Element(Kind.CONDUCTANCE, plus, minus, ohms, 0));
    }

    /// Volts of the system \[V\].
    public double nominal() {
        return nominal;
    }

    /// Of a conductor, by its number \[Ω\].
    public double ohms(int element) {
        return elements.get(element).value;
    }

    private int add(Element e) {
        elements.add(e);
        return elements.size() - 1;
    }

    /// Volts and amps everywhere.
    ///
    /// @param volts     of each node against the reference \[V\]; NaN where it hangs on nothing
    /// @param amps      through each element, from its first node to its second; a source gives positive \[A\]
    /// @param collapsed elements that cannot get their power
    public record Solved(double[] volts, double[] amps, List<Integer> collapsed) {
        public double between(int plus, int minus) {
            return volts[plus] - volts[minus];
        }

        public boolean holds() {
            return collapsed.isEmpty();
        }
    }

    public Solved solve() {
        int[] row = rows();
        int size = 0;
        for (int r : row) {
            size = Math.max(size, r + 1);
        }
        double[] across = new double[elements.size()];
        java.util.Arrays.fill(across, nominal);
        double[] volts = new double[nodes];
        for (int step = 0; step < MOST_STEPS; step++) {
            double[][] g = new double[size][size];
            double[] i = new double[size];
            stamp(row, across, g, i);
            RealVector v = new ArrayRealVector(0);
            if (size > 0) {
                DecompositionSolver equations = new LUDecomposition(new Array2DRowRealMatrix(g, false)).getSolver();
                if (!equations.isNonSingular()) {
                    return dead(row);
                }
                v = equations.solve(new ArrayRealVector(i));
            }
            double most = 0;
            for (int n = 0; n < nodes; n++) {
                double next = n == 0 ? 0 : row[n] < 0 ? Double.NaN : v.getEntry(row[n]);
                most = row[n] >= 0 ? Math.max(most, Math.abs(next - volts[n])) : most;
                volts[n] = next;
            }
            List<Integer> low = across(row, volts, across);
            if (!low.isEmpty()) {
                return new Solved(volts, amps(row, volts), low);
            }
            if (most < CLOSE) {
                return new Solved(volts, amps(row, volts), List.of());
            }
        }
        List<Integer> all = new ArrayList<>();
        for (int e = 0; e < elements.size(); e++) {
            if (elements.get(e).kind == Kind.POWER) {
                all.add(e);
            }
        }
        return new Solved(volts, amps(row, volts), List.copyOf(all));
    }

    /// Where nothing holds any volts, since the sources give as good as no current: no load gets its power.
    private Solved dead(int[] row) {
        double[] volts = new double[nodes];
        for (int n = 1; n < nodes; n++) {
            volts[n] = row[n] < 0 ? Double.NaN : 0;
        }
        double[] amps = new double[elements.size()];
        List<Integer> dark = new ArrayList<>();
        for (int e = 0; e < amps.length; e++) {
            Element of = elements.get(e);
            amps[e] = joined(row, of) ? 0 : Double.NaN;
            if (of.kind == Kind.POWER && joined(row, of) && of.value > 0) {
                dark.add(e);
            }
        }
        return new Solved(volts, amps, List.copyOf(dark));
    }

    /// Volts across each load of constant power; those that have collapsed.
    private List<Integer> across(int[] row, double[] volts, double[] across) {
        List<Integer> low = new ArrayList<>();
        for (int e = 0; e < elements.size(); e++) {
            Element of = elements.get(e);
            if (of.kind == Kind.POWER && joined(row, of)) {
                across[e] = volts[of.from] - volts[of.to];
                if (!(across[e] >= COLLAPSED * nominal) && of.value > 0) {
                    low.add(e);
                }
            }
        }
        return low;
    }

    private static boolean joined(int[] row, Element e) {
        return (e.from == 0 || row[e.from] >= 0) && (e.to == 0 || row[e.to] >= 0);
    }

    /// Row of each node in the equations: −1 for the reference and for what nothing that conducts joins to it.
    private int[] rows() {
        boolean[] reached = new boolean[nodes];
        reached[0] = true;
        boolean more = true;
        while (more) {
            more = false;
            for (Element e : elements) {
                boolean conducts = e.kind == Kind.RESISTANCE || e.kind == Kind.SOURCE || e.kind == Kind.CONDUCTANCE;
                if (conducts && reached[e.from] != reached[e.to]) {
                    reached[e.from] = true;
                    reached[e.to] = true;
                    more = true;
                }
            }
        }
        int[] row = new int[nodes];
        int next = 0;
        for (int n = 0; n < nodes; n++) {
            row[n] = n > 0 && reached[n] ? next++ : -1;
        }
        return row;
    }

    private void stamp(int[] row, double[] across, double[][] g, double[] i) {
        for (int n = 0; n < elements.size(); n++) {
            Element e = elements.get(n);
            if (!joined(row, e)) {
                continue;
            }
            switch (e.kind) {
                case RESISTANCE, CONDUCTANCE -> conduct(row, e, 1 / e.value, g);
                case SOURCE -> {
                    conduct(row, e, 1 / e.inside, g);
                    inject(row, e, -e.value / e.inside, i);
                }
                case CURRENT -> inject(row, e, e.value, i);
                case POWER -> {
                    double u = across[n];
                    conduct(row, e, -e.value / (u * u), g);
                    inject(row, e, 2 * e.value / u, i);
                }
            }
        }
    }

    private static void conduct(int[] row, Element e, double siemens, double[][] g) {
        int a = row[e.from];
        int b = row[e.to];
        if (a >= 0) {
            g[a][a] += siemens;
        }
        if (b >= 0) {
            g[b][b] += siemens;
        }
        if (a >= 0 && b >= 0) {
            g[a][b] -= siemens;
            g[b][a] -= siemens;
        }
    }

    /// A current that an element takes from its first node to its second.
    private static void inject(int[] row, Element e, double amps, double[] i) {
        if (row[e.from] >= 0) {
            i[row[e.from]] -= amps;
        }
        if (row[e.to] >= 0) {
            i[row[e.to]] += amps;
        }
    }

    private double[] amps(int[] row, double[] volts) {
        double[] amps = new double[elements.size()];
        for (int n = 0; n < amps.length; n++) {
            Element e = elements.get(n);
            double u = volts[e.from] - volts[e.to];
            amps[n] = !joined(row, e) ? Double.NaN : switch (e.kind) {
                case RESISTANCE, CONDUCTANCE -> u / e.value;
                case SOURCE -> (e.value - u) / e.inside;
                case POWER -> e.value / u;
                case CURRENT -> e.value;
            };
        }
        return amps;
    }
}
