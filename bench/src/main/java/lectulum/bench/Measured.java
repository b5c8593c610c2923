package lectulum.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// One measurement: how long something takes, over many runs \[ms\].
///
/// @param things in the camper; 0 where it does not hang on them
/// @param budget what it may take, if there is a budget
record Measured(String what, int things, double median, double most95, double worst, Optional<Budget> budget) {

    /// @param millis  that it may take
    /// @param median  whether the median has to keep it, else the 95th percentile
    record Budget(double millis, boolean median) {
        static Optional<Budget> median(double millis) {
            return Optional.of(new Budget(millis, true));
        }

        static Optional<Budget> most95(double millis) {
            return Optional.of(new Budget(millis, false));
        }
    }

    /// @param millis of each run, at least one
    static Measured of(String what, int things, double[] millis, Optional<Budget> budget) {
        double[] sorted = millis.clone();
        Arrays.sort(sorted);
        return new Measured(what, things, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)],
                sorted[sorted.length - 1], budget);
    }

    /// `met`, `OVER`, or nothing where there is no budget.
    String verdict() {
        return budget.map(b -> (b.median ? median : most95) <= b.millis ? "met" : "OVER").orElse("");
    }

    private String key() {
        return what + "," + things;
    }

    static String header() {
        return String.format(Locale.ROOT, "%-34s %7s %10s %10s %10s %14s %6s %8s", "", "things", "median ms", "95 % ms",
                "worst ms", "budget", "", "to last");
    }

    /// @param kept medians of the run that was kept last, by [#key]
    String row(Map<String, Double> kept) {
        String asked = budget.map(b -> String.format(Locale.ROOT, "%s %.0f", b.median ? "median" : "95 %", b.millis))
                .orElse("");
        Double last = kept.get(key());
        return String.format(Locale.ROOT, "%-34s %7s %10.2f %10.2f %10.2f %14s %6s %8s", what,
                things > 0 ? String.valueOf(things) : "", median, most95, worst, asked, verdict(),
                last == null ? "" : String.format(Locale.ROOT, "%.2f", median / last));
    }

    /// The medians of a kept run; none where there is no such file.
    static Map<String, Double> kept(Path file) throws IOException {
        Map<String, Double> kept = new HashMap<>();
        if (Files.exists(file)) {
            for (String line : Files.readAllLines(file)) {
                int comma = line.lastIndexOf(',');
                if (comma > 0 && !line.startsWith("#")) {
                    kept.put(line.substring(0, comma), Double.parseDouble(line.substring(comma + 1)));
                }
            }
        }
        return kept;
    }

    /// Keeps the medians of a run for later ones to be held against.
    static void keep(Path file, List<Measured> run) throws IOException {
        StringBuilder text = new StringBuilder(
                "# Medians of the run kept last, in milliseconds: what, things, median.\n");
        run.forEach(m -> text.append(m.key()).append(',').append(String.format(Locale.ROOT, "%.3f", m.median))
                .append('\n'));
        Files.writeString(file, text);
    }
}
