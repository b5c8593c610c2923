package lectulum.assumed;

import java.util.List;

/// What gas struts can be had.
///
/// @param extended eye to eye \[m\]
/// @param stroke   \[m\]
/// @param ratio    pushed-in over extended force
public record StrutStock(double extended, double stroke, double ratio) {
    /// Forces each size is sold in \[N\] (assumed).
    private static final double[] FORCES = {100, 150, 200, 250, 300, 350, 400, 450, 500, 600, 700, 800, 1000, 1200};
    private static final List<StrutStock> TABLE = Table.rows("struts").stream()
            .map(row -> new StrutStock(Table.number(row, "extended_mm") / 1000, Table.number(row, "stroke_mm") / 1000,
                    Table.number(row, "ratio")))
            .toList();

    public static List<StrutStock> all() {
        return TABLE;
    }

    public static double[] forces() {
        return FORCES.clone();
    }
}
