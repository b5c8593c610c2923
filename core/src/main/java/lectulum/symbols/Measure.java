package lectulum.symbols;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A length that follows the size of a thing, or does not: `40%-20` is two fifths of the way less 20 mm.
///
/// A number alone is in millimetres; `%` is of what it is measured along, `%l`, `%w`, `%h` of length, width and height.
/// Sums are taken first; of several joined by `|` the least counts, so that `90%|300` is 300 mm wherever there is room.
public final class Measure {
    private static final Pattern TERM = Pattern.compile("([+-]?)([0-9]*\\.?[0-9]+)(%[lwh]?)?");

    private final List<double[]> sums;

    /// @param sums each as own share, shares of length, width and height, and metres
    private Measure(List<double[]> sums) {
        this.sums = sums;
    }

    /// @throws IllegalArgumentException where the text is no measure
    static Measure parse(String text) {
        List<double[]> sums = new ArrayList<>();
        for (String sum : text.split("\\|")) {
            sums.add(sum(sum));
        }
        return new Measure(sums);
    }

    private static double[] sum(String text) {
        double[] sum = new double[5];
        Matcher term = TERM.matcher(text);
        int end = 0;
        while (term.lookingAt()) {
            double value = (term.group(1).equals("-") ? -1 : 1) * Double.parseDouble(term.group(2));
            switch (term.group(3)) {
                case null -> sum[4] += value / 1000;
                case "%" -> sum[0] += value / 100;
                case "%l" -> sum[1] += value / 100;
                case "%w" -> sum[2] += value / 100;
                default -> sum[3] += value / 100;
            }
            end = term.end();
            term.region(end, text.length());
        }
        if (end == 0 || end < text.length()) {
            throw new IllegalArgumentException("\"" + text + "\" is no measure");
        }
        return sum;
    }

    /// @param own  what it is measured along \[m\]
    /// @param size length, width and height of the thing \[m\]
    double in(double own, double[] size) {
        double least = Double.POSITIVE_INFINITY;
        for (double[] s : sums) {
            least = Math.min(least, s[0] * own + s[1] * size[0] + s[2] * size[1] + s[3] * size[2] + s[4]);
        }
        return least;
    }
}
