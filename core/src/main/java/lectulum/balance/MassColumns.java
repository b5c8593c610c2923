package lectulum.balance;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import lectulum.design.Design;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.kernel.statics.Part;

/// Masses along the camper in columns of one width, stacked by system; each thing is spread evenly over its length.
/// The bare base is not in it; what is forgotten counts as structure.
///
/// @param bySystem column number (x = number × width, behind the ball) to mass by system \[kg\]
/// @param largest  mass of the heaviest column \[kg\]
public record MassColumns(Map<Integer, Map<SystemGroup, Double>> bySystem, double largest) {

    /// @param width of a column \[m\], > 0
    public static MassColumns of(Design design, LoadedState state, double width) {
        Map<String, SystemGroup> systems = new HashMap<>();
        for (Thing thing : design.things()) {
            systems.put(thing.id(), thing.system());
        }
        Map<Integer, Map<SystemGroup, Double>> columns = new TreeMap<>();
        for (Part part : state.parts()) {
            SystemGroup system = part.thing().equals(Forgotten.ID)
                    ? SystemGroup.STRUCTURE
                    : systems.get(part.thing());
            if (system != null) {
                spread(columns, part, system, width);
            }
        }
        double largest = columns.values().stream()
                .mapToDouble(c -> c.values().stream().mapToDouble(Double::doubleValue).sum()).max().orElse(0);
        return new MassColumns(columns, largest);
    }

    private static void spread(Map<Integer, Map<SystemGroup, Double>> columns, Part part, SystemGroup system,
            double width) {
        int first = (int) Math.floor((part.x() - part.lx() / 2) / width);
        int last = Math.max(first, (int) Math.ceil((part.x() + part.lx() / 2) / width) - 1);
        for (int i = first; i <= last; i++) {
            double from = Math.max(i * width, part.x() - part.lx() / 2);
            double to = Math.min((i + 1) * width, part.x() + part.lx() / 2);
            double share = part.lx() > 0 ? Math.max(0, to - from) / part.lx() : 1;
            columns.computeIfAbsent(i, n -> new EnumMap<>(SystemGroup.class)).merge(system, share * part.mass(),
                    Double::sum);
        }
    }
}
