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

    /// How a value is entered: as what it is.
    public sealed interface Kind {
        /// A number.
        record Number() implements Kind {
        }

        /// 1 for yes, 0 for no.
        record YesNo() implements Kind {
        }

        /// One of a few, each with its value.
        record Choice(List<Option> options) implements Kind {
        }

        /// A number that may be unknown, which is kept as 0.
        ///
        /// @param says what an empty field means
        record Unknown(String says) implements Kind {
        }

        /// @param label of one of a few
        record Option(String label, double value) {
        }

        /// @param text of the table: `number`, `yesno`, `choice:label=value/…`, `unknown:what that means`
        private static Kind of(String text) {
            String rest = text.substring(text.indexOf(':') + 1);
            return switch (text.split(":")[0]) {
                case "yesno" -> new YesNo();
                case "choice" -> new Choice(Arrays.stream(rest.split("/"))
                        .map(o -> new Option(o.substring(0, o.indexOf('=')),
                                Double.parseDouble(o.substring(o.indexOf('=') + 1))))
                        .toList());
                case "unknown" -> new Unknown(rest);
                default -> new Number();
            };
        }
    }

    /// One assumed value.
    ///
    /// @param table in which it ships: `layout`, `balance`, `power`, `air` or `water`
    /// @param pages on which it is shown, by their ids
    /// @param value SI, unless the project has its own
    /// @param low   least that is sensible
    /// @param high  most that is sensible
    /// @param kind  how it is entered
    /// @param first pages on which it is one of the few that matter
    public record Entry(Assumption what, String table, List<String> pages, Owner owner, String label, Quantity quantity,
            double value, double low, double high, String source, Kind kind, List<String> first) {

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
        for (String name : List.of("layout", "balance", "power", "air", "water", "materials", "money")) {
            for (CSVRecord row : Table.rows(name)) {
                Assumption what = Assumption.of(row.get("id"))
                        .orElseThrow(() -> new IllegalStateException("nobody asks for " + row.get("id")));
                table.put(what, new Entry(what, name, List.of(row.get("page").split(" ")),
                        Owner.valueOf(row.get("owner").toUpperCase(java.util.Locale.ROOT)), row.get("label"),
                        Quantity.valueOf(row.get("quantity")), Table.number(row, "value"), Table.number(row, "low"),
                        Table.number(row, "high"), row.get("source"), Kind.of(row.get("kind")),
                        List.of(row.get("first").split(" "))));
            }
        }
        Arrays.stream(Assumption.values()).filter(a -> !table.containsKey(a)).findFirst().ifPresent(a -> {
            throw new IllegalStateException("no table has " + a.id());
        });
        return table;
    }
}
