package lectulum.assumed;

import java.util.Comparator;
import java.util.List;
import lectulum.kernel.gear.TyreSize;

/// A size in which tyres are commonly made.
///
/// @param size as it is written on the tyre
public record UsualTyre(String size, double diameter, double width) {
    private static final List<UsualTyre> TABLE = Table.rows("tyres").stream().map(row -> row.get("size"))
            .map(size -> {
                TyreSize read = TyreSize.read(size)
                        .orElseThrow(() -> new IllegalStateException("no tyre size " + size));
                return new UsualTyre(size, read.diameter(), read.width());
            }).sorted(Comparator.comparingDouble(UsualTyre::diameter).thenComparing(UsualTyre::width)).toList();

    /// All of the table, the smallest first.
    public static List<UsualTyre> all() {
        return TABLE;
    }
}
