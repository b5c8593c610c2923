package lectulum.assumed;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.brief.CamperType;
import org.apache.commons.csv.CSVRecord;

/// A task of a build in practitioners' order.
///
/// @param hours  likely, by kind of camper; none for a kind that has it not
/// @param after  ids of what must be done before
/// @param crew   people that it takes
/// @param drying hours at 20 °C until what follows may begin
/// @param flags  W weld or cut metal, G gas, M mains, D dry and warm, S one session
/// @param family of skill
public record UsualTask(String id, String name, Map<CamperType, Double> hours, List<String> after, int crew,
        double drying,
        String flags, String family) {
    private static final List<UsualTask> TABLE = Table.rows("tasks").stream().map(UsualTask::of).toList();

    public UsualTask {
        hours = Map.copyOf(hours);
        after = List.copyOf(after);
    }

    private static UsualTask of(CSVRecord r) {
        Map<CamperType, Double> hours = new EnumMap<>(CamperType.class);
        for (CamperType t : CamperType.values()) {
            if (!r.get(t.name()).isEmpty()) {
                hours.put(t, Table.number(r, t.name()));
            }
        }
        return new UsualTask(r.get("id"), r.get("task"), hours,
                r.get("after").isEmpty() ? List.of() : List.of(r.get("after").split(" ")),
                (int) Table.number(r, "crew"), Table.number(r, "wait"), r.get("flags"), r.get("family"));
    }

    /// All of them, in their order.
    public static List<UsualTask> all() {
        return TABLE;
    }

    /// Likely hours in a kind of camper; empty where that has it not.
    public OptionalDouble in(CamperType type) {
        return hours.containsKey(type) ? OptionalDouble.of(hours.get(type)) : OptionalDouble.empty();
    }
}
