package lectulum.assumed;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;

/// Something that is looked after again and again.
///
/// @param months   after which it is due
/// @param distance towed after which it is due \[m\]
/// @param running  after which it is due \[s\]
/// @param of       what a camper must have that it concerns it
/// @param how      in one sentence
public record UsualUpkeep(String id, String name, OptionalDouble months, OptionalDouble distance,
        OptionalDouble running,
        For of, String how) {
    private static final double KILOMETRE = 1000;
    private static final double HOUR = 3600;
    private static final List<UsualUpkeep> TABLE = Table.rows("upkeep").stream().map(UsualUpkeep::of).toList();

    /// What a camper must have.
    public enum For {
        ALWAYS, BRAKES, GAS, HEATER, ALARMS, BATTERY, WATER
    }

    private static UsualUpkeep of(CSVRecord r) {
        return new UsualUpkeep(r.get("id"), r.get("name"), number(r, "months", 1), number(r, "km", KILOMETRE),
                number(r, "hours", HOUR), For.valueOf(r.get("for").toUpperCase(Locale.ROOT)), r.get("how"));
    }

    private static OptionalDouble number(CSVRecord r, String column, double unit) {
        return r.get(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Table.number(r, column) * unit);
    }

    /// All of them, in their order.
    public static List<UsualUpkeep> all() {
        return TABLE;
    }
}
