package lectulum.analysis;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import lectulum.balance.weigh.WeighRules;
import lectulum.brief.Measure;
import lectulum.brief.schools.Question;
import lectulum.brief.schools.Way;
import lectulum.brief.schools.Ways;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Severity;

/// What each way of a disagreement among builders would change in the camper at hand: the design with that way analysed by
/// all disciplines. Some dozens of analyses, so it belongs off the interface thread.
public final class Schools {
    private Schools() {
    }

    /// A question with its ways; one that is as drawn measures what the camper measures.
    public record Compared(Question question, List<Weighed> ways) {
    }

    /// A way and what follows from it.
    ///
    /// @param measures empty where it cannot be; NaN in it where a measure has no value
    /// @param raised   stops and warnings that it has and the camper has not, worst first
    /// @param gone     how many of those that the camper has it has not
    public record Weighed(Way way, Map<Measure, Double> measures, List<Finding> raised, int gone) {
        public boolean possible() {
            return !measures.isEmpty();
        }
    }

    /// All questions that arise, in their order.
    ///
    /// @param stop ends it early: what is compared by then is given
    /// @param each is told of every one as it is done
    public static List<Compared> of(Analysis camper, BooleanSupplier stop, Consumer<Compared> each) {
        List<Compared> all = new ArrayList<>();
        for (Question question : Question.values()) {
            if (stop.getAsBoolean()) {
                break;
            }
            compared(camper, question).ifPresent(c -> {
                all.add(c);
                each.accept(c);
            });
        }
        return List.copyOf(all);
    }

    /// One of them; empty where it does not arise.
    public static Optional<Compared> compared(Analysis camper, Question question) {
        List<Way> ways = Ways.of(camper.design(), question);
        return ways.isEmpty()
                ? Optional.empty()
                : Optional.of(new Compared(question, ways.stream().map(w -> weighed(camper, w)).toList()));
    }

    private static Weighed weighed(Analysis camper, Way way) {
        if (way.edit().isEmpty()) {
            return new Weighed(way, way.now() ? measures(camper) : Map.of(), List.of(), 0);
        }
        Design edited = way.edit().get().apply(camper.design());
        Analysis other = camper.peek(edited);
        List<Finding> before = serious(camper);
        List<Finding> after = serious(other);
        return new Weighed(way, measures(other), missing(after, before), missing(before, after).size());
    }

    private static Map<Measure, Double> measures(Analysis a) {
        Map<Measure, Double> all = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            all.put(m, m.of(a));
        }
        return Map.copyOf(all);
    }

    /// What was weighed was the camper as it is, so how it compares with the plan says nothing about another plan.
    private static List<Finding> serious(Analysis a) {
        return a.findings().stream().filter(f -> f.open() && f.severity() != Severity.NOTE)
                .filter(f -> !(f.rule() instanceof WeighRules)).toList();
    }

    private static List<Finding> missing(List<Finding> of, List<Finding> in) {
        return of.stream().filter(f -> in.stream().noneMatch(o -> o.id().equals(f.id()))).toList();
    }
}
