package lectulum.symbols;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Small signs drawn on faces: lines in a square of side one, up being up.
final class Glyphs {
    private static final Map<String, List<double[][]>> ALL = new HashMap<>();

    static {
        Table.read("glyphs.csv").forEach(row -> ALL.put(row.get("name"),
                Arrays.stream(row.get("strokes").split(";")).map(Glyphs::stroke).toList()));
    }

    private Glyphs() {
    }

    /// @throws IllegalArgumentException where there is none of that name
    static List<double[][]> named(String name) {
        List<double[][]> strokes = ALL.get(name);
        if (strokes == null) {
            throw new IllegalArgumentException("\"" + name + "\" is no sign");
        }
        return strokes;
    }

    private static double[][] stroke(String text) {
        double[] v = Arrays.stream(text.strip().split("\\s+")).mapToDouble(Double::parseDouble).toArray();
        double[][] points = new double[v.length / 2][];
        for (int i = 0; i < points.length; i++) {
            points[i] = new double[]{v[2 * i], v[2 * i + 1]};
        }
        return points;
    }
}
