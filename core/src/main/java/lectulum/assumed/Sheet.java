package lectulum.assumed;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/// A sheet that is bent cold and dry.
///
/// @param thickness \[m\]
/// @param across    least radius bent across the face grain \[m\]
/// @param along     the same along it; empty where it does not bend that way
public record Sheet(String id, String label, double thickness, double across, OptionalDouble along) {
    private static final List<Sheet> TABLE = Table.rows("sheets").stream()
            .map(row -> new Sheet(row.get("id"), row.get("label"), Table.number(row, "thickness_mm") / 1000,
                    Table.number(row, "across_m"),
                    row.get("along_m").isEmpty()
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(Table.number(row, "along_m"))))
            .toList();

    public static List<Sheet> all() {
        return TABLE;
    }

    public static Optional<Sheet> find(String id) {
        return TABLE.stream().filter(s -> s.id.equals(id)).findFirst();
    }

    /// Least radius in a direction \[m\]; infinite where it does not bend that way.
    public double least(boolean acrossGrain) {
        return acrossGrain ? across : along.orElse(Double.POSITIVE_INFINITY);
    }
}
