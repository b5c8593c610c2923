package lectulum.assumed;

import java.util.Arrays;
import java.util.List;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;

/// The sizes of wire and the kinds of fuse that are sold, from their tables.
public final class Wires {
    /// American gauges, thinnest first.
    public static final List<Wire> GAUGES = series("AWG");
    /// Metric areas, thinnest first.
    public static final List<Wire> METRIC = series("METRIC");
    /// Kinds of fuse, cheapest first.
    public static final List<Fault.Family> FUSES = Table.rows("fuses").stream().map(r -> new Fault.Family(
            r.get("family"), Table.number(r, "least_A"), Table.number(r, "most_A"), Arrays
                    .stream(r.get("breaks").split(" "))
                    .map(w -> Arrays.stream(w.split(":")).mapToDouble(Double::parseDouble).toArray())
                    .toArray(double[][]::new)))
            .toList();

    private Wires() {
    }

    private static List<Wire> series(String name) {
        return Table.rows("wires").stream().filter(r -> r.get("series").equals(name)).map(r -> {
            double[] insulation = numbers(r.get("insulation_C"));
            double[] amps = numbers(r.get("ampacity_A"));
            double[][] pairs = new double[amps.length][];
            for (int i = 0; i < amps.length; i++) {
                pairs[i] = new double[]{insulation[i], amps[i]};
            }
            double area = r.get("area_mm2").isEmpty()
                    ? Wire.gauge(Integer.parseInt(r.get("gauge")))
                    : Table.number(r, "area_mm2");
            return new Wire(r.get("size"), area, pairs);
        }).toList();
    }

    private static double[] numbers(String words) {
        return Arrays.stream(words.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }
}
