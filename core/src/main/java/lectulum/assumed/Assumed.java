package lectulum.assumed;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.units.Quantity;
import org.apache.commons.csv.CSVRecord;

/// Values that nobody can compute: limits, minutes, weights. They ship as a table and every project can replace them.
public final class Assumed {
    private static final Map<String, Entry> TABLE = read();

    private Assumed() {
    }

    /// One assumed value.
    ///
    /// @param value SI, unless the project has its own
    /// @param table in which it ships: `layout` or `balance`
    /// @param low   least that is sensible
    /// @param high  most that is sensible
    public record Entry(String table, String id, String label, Quantity quantity, double value, double low,
            double high, String source) {
        /// What may be typed in its place.
        public Range range() {
            return new Range(quantity, low, high);
        }
    }

    /// The value that holds for a design: its own, if it has a sensible one, else the shipped.
    ///
    /// @throws IllegalArgumentException for an id that is not in the table
    public static double value(Design design, String id) {
        Entry entry = entry(id);
        Double own = design.settings().assumed().get(id);
        return own != null && own >= entry.low && own <= entry.high ? own : entry.value;
    }

    public static Entry entry(String id) {
        Entry entry = TABLE.get(id);
        if (entry == null) {
            throw new IllegalArgumentException("nothing is assumed about " + id);
        }
        return entry;
    }

    /// The entry of an id, if it is in the table.
    public static Optional<Entry> known(String id) {
        return Optional.ofNullable(TABLE.get(id));
    }

    /// All, in the order of the table.
    public static Iterable<Entry> entries() {
        return TABLE.values();
    }

    private static Map<String, Entry> read() {
        Map<String, Entry> table = new LinkedHashMap<>();
        for (String name : List.of("layout", "balance")) {
            for (CSVRecord row : Table.rows(name)) {
                table.put(row.get("id"), new Entry(name, row.get("id"), row.get("label"),
                        Quantity.valueOf(row.get("quantity")), Table.number(row, "value"), Table.number(row, "low"),
                        Table.number(row, "high"), row.get("source")));
            }
        }
        return table;
    }
}
