package lectulum.assumed;

import java.util.EnumMap;
import java.util.Map;
import lectulum.design.envelope.Substance;
import lectulum.kernel.heat.BuildUp;
import org.apache.commons.csv.CSVRecord;

/// What materials of walls do to heat and vapour, from their table.
public final class Substances {
    private static final Map<Substance, Entry> TABLE = read();

    private Substances() {
    }

    /// @param conductivity \[W/(m K)\]
    /// @param density      \[kg/m³\]
    /// @param heat         \[J/(kg K)\]
    /// @param mu           against vapour, times that of air
    /// @param price        of a cubic metre
    public record Entry(double conductivity, double density, double heat, double mu, double price) {
        /// A layer of it without studs.
        ///
        /// @param thick \[m\]
        public BuildUp.Layer layer(double thick) {
            return new BuildUp.Layer(thick, conductivity, density, heat, mu, 0, conductivity);
        }
    }

    /// @throws IllegalArgumentException for nothing, which is no material
    public static Entry of(Substance s) {
        Entry e = TABLE.get(s);
        if (e == null) {
            throw new IllegalArgumentException("no material: " + s);
        }
        return e;
    }

    private static Map<Substance, Entry> read() {
        Map<Substance, Entry> table = new EnumMap<>(Substance.class);
        for (CSVRecord r : Table.rows("substances")) {
            table.put(Substance.valueOf(r.get("substance")), new Entry(Table.number(r, "k"),
                    Table.number(r, "density"), Table.number(r, "heat"), Table.number(r, "mu"),
                    Table.number(r, "price_m3")));
        }
        return table;
    }
}
