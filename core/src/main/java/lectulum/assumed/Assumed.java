package lectulum.assumed;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.Range;
import lectulum.units.Quantity;
import org.apache.commons.csv.CSVRecord;

/// Values that nobody can compute: limits, minutes, weights. They ship as a table and every project can replace them.
public final class Assumed {
    private static final Map<Assumption, Entry> TABLE = read();

    private Assumed() {
    }

    /// Whose value it is: a camper's own, the towing vehicle's, or one that starts with the region.
    public enum Owner {
        CAMPER, VEHICLE, REGION
    }

    /// One assumed value.
    ///
    /// @param table in which it ships: `layout` or `balance`
    /// @param pages on which it is shown, by their ids
    /// @param value SI, unless the project has its own
    /// @param low   least that is sensible
    /// @param high  most that is sensible
    public record Entry(Assumption what, String table, List<String> pages, Owner owner, String label, Quantity quantity,
            double value, double low, double high, String source) {

        public String id() {
            return what.id();
        }

        /// What may be typed in its place.
        public Range range() {
            return new Range(quantity, low, high);
        }
    }

    /// The value that holds for a design: its own, if it has a sensible one, else the shipped.
    public static double value(Design design, Assumption what) {
        Entry entry = entry(what);
        Double own = design.settings().assumed().get(what.id());
        return own != null && own >= entry.low && own <= entry.high ? own : entry.value;
    }

    public static Entry entry(Assumption what) {
        return TABLE.get(what);
    }

    /// All, in the order of the table.
    public static Iterable<Entry> entries() {
        return TABLE.values();
    }

    /// @throws IllegalStateException where table and names do not agree, which every test of anything assumed would show
    private static Map<Assumption, Entry> read() {
        Map<Assumption, Entry> table = new EnumMap<>(Assumption.class);
        for (String name : List.of("layout", "balance")) {
            for (CSVRecord row : Table.rows(name)) {
                Assumption what = Assumption.of(row.get("id"))
                        .orElseThrow(() -> new IllegalStateException("nobody asks for " + row.get("id")));
                table.put(what, new Entry(what, name, List.of(row.get("page").split(" ")),
                        Owner.valueOf(row.get("owner").toUpperCase(java.util.Locale.ROOT)), row.get("label"),
                        Quantity.valueOf(row.get("quantity")), Table.number(row, "value"), Table.number(row, "low"),
                        Table.number(row, "high"), row.get("source")));
            }
        }
        Arrays.stream(Assumption.values()).filter(a -> !table.containsKey(a)).findFirst().ifPresent(a -> {
            throw new IllegalStateException("no table has " + a.id());
        });
        return table;
    }
}
