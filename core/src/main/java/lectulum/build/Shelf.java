package lectulum.build;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.purse.Tool;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.schedule.Sessions;
import lectulum.units.Day;

/// What is on the shelf on a day: parts, tools and hands.
final class Shelf {
    private static final double HOUR = 3600;
    private static final double SAME = 1e-9;

    private Shelf() {
    }

    /// Tasks that could be begun as far as what must be done before them goes, and what they still wait for on these days; by id.
    static Map<String, Sentence> blocked(Design d, Plan plan, List<LocalDate> days) {
        Map<String, Sentence> all = new LinkedHashMap<>();
        if (days.isEmpty()) {
            return all;
        }
        LocalDate last = days.getLast();
        Sessions helpers = Plan.helpers(d.works());
        boolean helped = days.stream().anyMatch(x -> !helpers.on(x).isEmpty());
        for (Task t : plan.ready()) {
            Optional<Plan.Delivery> part = plan.ordered().stream().filter(x -> x.task().equals(t.id())
                    && x.arrives().isAfter(last)).max(Comparator.comparing(Plan.Delivery::arrives));
            Optional<LocalDate> day = Day.iso(d.works().job(t.id()).notBefore()).filter(x -> x.isAfter(last));
            if (part.isPresent()) {
                all.put(t.id(), Sentence.of(
                        part.get().ordered() ? "{0}, which comes on {1}" : "{0}: ordered today, it comes on {1}",
                        part.get().receipt().what(), part.get().arrives().toString()));
            } else if (day.isPresent()) {
                all.put(t.id(), Sentence.of("{0}, as it was set", day.get().toString()));
            } else if (t.two() && !helped) {
                all.put(t.id(), Sentence.of("a second person"));
            } else if (t.session() && t.left() > plan.longest(days) + SAME) {
                all.put(t.id(), Sentence.of("a session of {0}", Amount.hours(t.left() * HOUR)));
            }
        }
        return all;
    }

    /// Tools that somebody said some tasks take, and how one comes by them.
    static List<String> tools(Design d, List<String> tasks) {
        List<String> all = new ArrayList<>();
        for (Tool t : d.purse().tools()) {
            if (tasks.contains(t.task())) {
                all.add(switch (t.way()) {
                    case HIRE -> t.name() + " (to hire)";
                    case OPEN -> t.name() + " (not decided)";
                    case BUY, THERE -> t.name();
                });
            }
        }
        return all;
    }

    /// The one thing that would let the most hours go on; empty where nothing is blocked.
    static Optional<Sentence> frees(Plan plan, Map<String, Sentence> blocked) {
        return blocked.keySet().stream().flatMap(id -> plan.task(id).stream())
                .max(Comparator.comparingDouble(Task::left)).map(t -> Sentence.of(
                        "Nothing can be begun. Most is freed by “{0}”, {1}: it waits for {2}.", t.name(),
                        Amount.hours(t.left() * HOUR), blocked.get(t.id())));
    }
}
