package lectulum.layout.score;

import java.util.List;
import java.util.Map;

/// One number from 0 to 100 for a layout, from parts that the user weighs. It ranks variants; it judges nothing by itself.
///
/// @param parts in their usual order
/// @param stop  whether an open stop exists: then no more than 40 is given
public record Score(List<Part> parts, boolean stop) {
    private static final double CAP = 40;

    public Score {
        parts = List.copyOf(parts);
    }

    /// One part.
    ///
    /// @param value  0 to 1
    /// @param weight ≥ 0
    public record Part(String name, double value, double weight) {
    }

    /// Weights unless the user sets others.
    public static final Map<String, Double> USUAL = Map.of("sleep", 3.0, "exits", 3.0, "balance", 3.0, "headroom", 1.0,
            "access", 2.0, "storage", 2.0, "setup", 1.0, "low", 1.0, "floor", 1.0);

    /// The score; 0 where nothing is weighed.
    public double total() {
        double weights = parts.stream().mapToDouble(Part::weight).sum();
        double sum = parts.stream().mapToDouble(p -> p.weight * p.value).sum();
        double score = weights > 0 ? 100 * sum / weights : 0;
        return stop ? Math.min(CAP, score) : score;
    }

    /// 1 at good, 0 at bad, straight between and no further.
    public static double linear(double value, double good, double bad) {
        return Math.clamp((value - bad) / (good - bad), 0, 1);
    }

    /// Value of the ways out.
    public static double exits(int independent) {
        return independent >= 2 ? 1 : independent * 0.5;
    }

    /// Value of the balance in the worst load case.
    public static double balance(double share, double target) {
        return 1 - Math.min(1, Math.abs(share - target) / 0.05);
    }

    /// Part of a whole; all of it where there is no whole.
    public static double part(double some, double all) {
        return all > 0 ? some / all : 1;
    }
}
