package lectulum.assumed;

import java.util.List;
import lectulum.design.base.Stuff;

/// A section for headers and rails.
///
/// @param inertia \[m⁴\]
/// @param modulus \[m³\]
/// @param mass    \[kg/m\]
public record HeaderSection(String label, Stuff stuff, double inertia, double modulus, double mass) {
    private static final List<HeaderSection> TABLE = Table.rows("headers").stream()
            .map(row -> new HeaderSection(row.get("label"), Stuff.valueOf(row.get("stuff")),
                    Table.number(row, "inertia_cm4") * 1e-8, Table.number(row, "modulus_cm3") * 1e-6,
                    Table.number(row, "mass_kg_m")))
            .toList();

    /// Lightest first.
    public static List<HeaderSection> all() {
        return TABLE;
    }
}
