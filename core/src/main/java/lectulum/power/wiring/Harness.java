package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Wires;
import lectulum.design.Design;
import lectulum.kernel.electric.Wire;
import lectulum.units.UnitSystem;

/// Every wire of a design with its way, its size and its fuse.
///
/// @param volts    class of the system \[V\]
/// @param runs     main line and feeder first, then circuits by their number, then chargers, inverter and panels
/// @param plugged  what is loose, in the order of things, and the socket it is plugged into
/// @param start    id of the thing where circuits begin; empty where nothing stores power
/// @param empty    ids of the user's circuits on which nothing hangs
public record Harness(double volts, List<Run> runs, Map<String, String> plugged, String start,
        List<String> empty) {
    /// The vehicle's end of a line, where no thing is.
    public static final String VEHICLE = "vehicle";
    /// The studs at the battery from which all lines go, where no bus bar is placed.
    public static final String BUS = "bus";
    /// Contacts of a circuit: a blade in its holder and four crimps \[Ω\].
    static final double CONTACTS = 0.003 + 4 * 0.0002;
    /// Of a line bolted to studs: a bolted fuse and four lugs \[Ω\].
    static final double BOLTED = 0.0005 + 4 * 0.0002;
    /// A return through the chassis: two joints \[Ω\].
    static final double CHASSIS = 0.008;

    public Harness {
        runs = List.copyOf(runs);
        plugged = Collections.unmodifiableMap(new LinkedHashMap<>(plugged));
    }

    public static Harness of(Design d) {
        return new HarnessMaker(d).harness();
    }

    public Optional<Run> run(String id) {
        return runs.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    public List<Run> of(Run.Kind kind) {
        return runs.stream().filter(r -> r.kind() == kind).toList();
    }

    /// The run that ends at a thing, itself or the socket it is plugged into.
    public Optional<Run> feeding(String thing) {
        String at = plugged.getOrDefault(thing, thing);
        return runs.stream().filter(r -> r.kind() == Run.Kind.CIRCUIT && r.things().contains(at)).findFirst();
    }

    /// All wires in a raceway, each conductor for itself.
    List<Wire> along(String raceway) {
        List<Wire> wires = new ArrayList<>();
        for (Run r : runs) {
            if (r.legs().stream().anyMatch(l -> l.along().contains(raceway))) {
                r.wire().ifPresent(w -> wires.addAll(Collections.nCopies(r.conductors(), w)));
            }
        }
        return wires;
    }

    /// Of all its wires \[kg\].
    public double mass() {
        return runs.stream().mapToDouble(Run::mass).sum();
    }

    /// The sizes that a design's wires are chosen from, thinnest first.
    public static List<Wire> sizes(Design d) {
        return metric(d) ? Wires.METRIC : Wires.GAUGES;
    }

    /// Whether wire is bought by square millimetres, and so by the metre.
    static boolean metric(Design d) {
        return switch (d.wiring().series()) {
            case AWG -> false;
            case METRIC -> true;
            case AS_SHOWN -> d.brief().units() == UnitSystem.METRIC;
        };
    }

    /// What the insulation of its wires stands \[°C\].
    public static double insulation(Design d) {
        boolean metric = metric(d);
        return d.wiring().hot() ? metric ? 70 : 75 : metric ? 90 : 105;
    }
}
