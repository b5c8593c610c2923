package lectulum.assumed;

import java.util.EnumMap;
import java.util.Map;
import lectulum.design.base.Stuff;

/// How stiff and strong a material is.
///
/// @param elasticity modulus \[Pa\]
/// @param density    \[kg/m³\]
/// @param limit      stress allowed under static load \[Pa\]
public record Strength(double elasticity, double density, double limit) {
    private static final Map<Stuff, Strength> TABLE = new EnumMap<>(Stuff.class);

    static {
        Table.rows("stuff").forEach(row -> TABLE.put(Stuff.valueOf(row.get("id")),
                new Strength(Table.number(row, "e_GPa") * 1e9, Table.number(row, "density"),
                        Table.number(row, "limit_MPa") * 1e6)));
    }

    public static Strength of(Stuff stuff) {
        return TABLE.get(stuff);
    }
}
