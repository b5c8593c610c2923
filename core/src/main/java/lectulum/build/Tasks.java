package lectulum.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import lectulum.assumed.UsualTask;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.logbook.LogEntry;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.works.Job;
import lectulum.kernel.schedule.Pert;

/// The tasks of a design: the usual ones of its kind in practitioners' order, without those for which it has nothing, as the user has
/// changed them, and those of one's own.
public final class Tasks {
    private static final double HOUR = 3600;
    private static final double SAME = 1e-9;
    private static final double LEAST = 0.7;
    private static final double MOST = 1.8;
    /// The galley hatch is the task that is underestimated most.
    private static final double MOST_HATCH = 3.0;
    private static final String HATCH = "C9";

    private Tasks() {
    }

    public static List<Task> of(Design d) {
        Map<String, List<String>> passed = new HashMap<>();
        List<Task> all = new ArrayList<>();
        for (UsualTask u : UsualTask.all()) {
            Job j = d.works().job(u.id());
            OptionalDouble usual = u.in(d.brief().type());
            if (usual.isEmpty() || j.dropped() || !wanted(d, u.id())) {
                passed.put(u.id(), through(u.after(), passed));
                continue;
            }
            double hours = j.hours().isPresent() ? j.hours().getAsDouble() / HOUR : usual.getAsDouble();
            Pert spread = spread(j, hours, u.id().equals(HATCH) ? MOST_HATCH : MOST);
            all.add(new Task(u.id(), Character.toUpperCase(u.name().charAt(0)) + u.name().substring(1), hours,
                    spread.least(), spread.most(), through(before(u, j), passed), u.crew() > 1, u.drying(),
                    u.flags().contains("S"), u.family(), licence(u.flags()), false, j.done(), logged(d, j), j.by(),
                    j.checked()));
        }
        for (Job j : d.works().jobs()) {
            if (j.own() && !j.dropped()) {
                double hours = j.hours().orElse(0) / HOUR;
                Pert spread = spread(j, hours, MOST);
                all.add(new Task(j.id(), j.name().isBlank() ? "own task" : j.name(), hours, spread.least(),
                        spread.most(), through(j.after(), passed), j.two(), j.drying() / HOUR, j.session(), "own", "",
                        true, j.done(), logged(d, j), j.by(), j.checked()));
            }
        }
        return all;
    }

    private static List<String> before(UsualTask u, Job j) {
        return Stream.concat(u.after().stream(), j.after().stream()).distinct().toList();
    }

    /// As typed, where that can be: the usual spread about the likely hours otherwise.
    private static Pert spread(Job j, double hours, double most) {
        return contrary(j, hours)
                ? new Pert(LEAST * hours, hours, most * hours)
                : new Pert(j.least().isPresent() ? j.least().getAsDouble() / HOUR : LEAST * hours, hours,
                        j.most().isPresent() ? j.most().getAsDouble() / HOUR : most * hours);
    }

    /// Whether a task is typed to take at least more, or at most less, than is likely.
    ///
    /// @param hours likely
    static boolean contrary(Job j, double hours) {
        return j.least().orElse(0) / HOUR > hours + SAME
                || j.most().orElse(Double.POSITIVE_INFINITY) / HOUR < hours - SAME;
    }

    /// What was typed and what stands in the log.
    private static OptionalDouble logged(Design d, Job j) {
        double log = inLog(d, j.id());
        return log > 0 || j.logged().isPresent()
                ? OptionalDouble.of((j.logged().orElse(0) + log) / HOUR)
                : OptionalDouble.empty();
    }

    /// Hours of work on a task that stand in the log \[s\].
    public static double inLog(Design d, String task) {
        return d.logbook().entries().stream()
                .filter(e -> e.task().equals(task) && e.kind() == LogEntry.Kind.WORK)
                .mapToDouble(e -> e.hours().orElse(0)).sum();
    }

    private static List<String> through(List<String> after, Map<String, List<String>> passed) {
        Set<String> all = new LinkedHashSet<>();
        after.forEach(a -> all.addAll(passed.getOrDefault(a, List.of(a))));
        return List.copyOf(all);
    }

    private static String licence(String flags) {
        if (flags.contains("M")) {
            return "mains by a licensed person, or as local rules say";
        }
        if (flags.contains("G")) {
            return "gas by a competent person, with a leak test";
        }
        return flags.contains("W") ? "welds that carry by somebody who can, and inspected" : "";
    }

    /// Whether the design has anything for which a task is done.
    private static boolean wanted(Design d, String id) {
        return switch (id) {
            case HATCH -> d.base().carcass().hatch().isPresent() || hatchDrawn(d);
            case "C5", "E3" -> has(d, SystemGroup.ELECTRICAL);
            case "E4" -> has(d, SystemGroup.WATER) || has(d, SystemGroup.HEAT);
            case "C8" -> d.things().stream().anyMatch(t -> t.mount() == Mount.SET_IN && t.has(Feature.Opening.class));
            case "E6" -> has(d, SystemGroup.SLEEPING) || has(d, SystemGroup.SEATING);
            case "F1" -> has(d, SystemGroup.OUTSIDE);
            default -> true;
        };
    }

    private static boolean hatchDrawn(Design d) {
        return d.base().carcass().framing().containsKey(Carcass.Face.REAR);
    }

    private static boolean has(Design d, SystemGroup system) {
        return d.things().stream().anyMatch(t -> t.system() == system);
    }
}
