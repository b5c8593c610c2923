package lectulum.analysis;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import lectulum.analysis.soundness.Soundness;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.road.RoadRules;
import lectulum.brief.Demand;
import lectulum.brief.Demands;
import lectulum.brief.Measure;
import lectulum.brief.draft.Concept;
import lectulum.brief.draft.Drafts;
import lectulum.brief.draft.Plan;
import lectulum.brief.draft.Taste;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.brief.Brief;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Finding;
import lectulum.figures.Severity;

/// Every concept drawn for a brief and judged by all disciplines. Takes some dozens of milliseconds each, so it belongs off
/// the interface thread.
public final class Concepts {
    /// What lengthens the tongue of a draft that sways, and how far \[m\].
    private static final double LONGER = 0.2;
    private static final double LONGEST = 2.0;

    private Concepts() {
    }

    /// A drawn camper with what it measures.
    ///
    /// @param plan     numbers it was drawn with
    /// @param measures by what it is compared; NaN where it has none
    /// @param unmet    demands of the brief that it fails, worst first
    /// @param stops    findings that forbid it, worst first
    /// @param behind   what is left of the tow limit behind each of the other vehicles, in their order \[kg\]; empty where
    ///                 that was not asked for, NaN in it where no rating is known
    public record Drawn(Concept concept, Plan plan, Design design, Map<Measure, Double> measures, List<Demand> unmet,
            List<Finding> stops, List<Double> behind) {
        /// Whether nothing forbids it.
        public boolean sound() {
            return stops.isEmpty();
        }

        /// The same, with what the other vehicles may still carry of it.
        private Drawn behindAll() {
            Analysis own = Analysis.of(design);
            List<Double> left = IntStream.range(0, design.garage().size())
                    .mapToObj(i -> Measure.TOW.of(own.peek(design.towedBy(i)))).toList();
            return new Drawn(concept, plan, design, measures, unmet, stops, left);
        }

        public double of(Measure measure) {
            return measures.getOrDefault(measure, Double.NaN);
        }
    }

    /// What drawn campers hang on: two designs with equal ones are given the same campers.
    public record Question(Brief brief, Vehicle vehicle, List<Vehicle> garage, List<LoadCase> cases,
            Map<String, Double> assumed) {
        public static Question of(Design d) {
            Map<String, Double> assumed = new TreeMap<>(d.settings().assumed());
            assumed.remove(Assumption.HOURS_BASE.id());
            assumed.remove(Assumption.CAMP_REAR_JACKS.id());
            for (Measure m : Measure.values()) {
                m.weight().ifPresent(w -> assumed.remove(w.id()));
            }
            return new Question(d.brief().withType(null).withCandidates(List.of()), d.vehicle(), d.garage(),
                    d.cases(), assumed);
        }
    }

    /// All of them, in the order of the concepts.
    ///
    /// @param brief design whose brief, vehicles, load cases and settings they are drawn for
    /// @param stop  ends it early: what is drawn by then is given
    /// @param each  is told of every one as it is done
    public static List<Drawn> of(Design brief, BooleanSupplier stop, Consumer<Drawn> each) {
        List<Drawn> all = new ArrayList<>();
        for (Concept concept : Concept.values()) {
            if (stop.getAsBoolean()) {
                return List.copyOf(all);
            }
            Drawn drawn = best(brief, concept);
            drawn = brief.garage().isEmpty() ? drawn : drawn.behindAll();
            all.add(drawn);
            each.accept(drawn);
        }
        return List.copyOf(all);
    }

    /// As usual; where something forbids that, in the first taste that nothing forbids, or that the fewest do.
    private static Drawn best(Design brief, Concept concept) {
        Drawn best = steady(brief, concept, Plan.of(Taste.USUAL));
        for (Taste taste : List.of(Taste.LIGHT, Taste.COMFORTABLE, Taste.CHEAP)) {
            if (best.sound()) {
                break;
            }
            Drawn other = steady(brief, concept, Plan.of(taste));
            best = other.stops.size() < best.stops.size() ? other : best;
        }
        return best;
    }

    /// Drawn with a tongue long enough not to sway, where that is to be had.
    static Drawn steady(Design brief, Concept concept, Plan plan) {
        Drawn drawn = draw(brief, concept, plan);
        Plan longer = plan;
        while (sways(drawn) && longer.tongue() + LONGER <= LONGEST) {
            longer = longer.withTongue(longer.tongue() + LONGER);
            drawn = draw(brief, concept, longer);
        }
        return drawn;
    }

    private static boolean sways(Drawn drawn) {
        return drawn.stops.stream()
                .anyMatch(f -> f.rule() == RoadRules.SWAY_DAMPING || f.rule() == RoadRules.SWAY_TURNS_AWAY);
    }

    static Drawn draw(Design brief, Concept concept, Plan plan) {
        return judged(concept, plan, Analysis.of(drafted(brief, concept, plan)));
    }

    /// Drawn for the brief with its impossible numbers replaced, which it gets back as they were.
    static Design drafted(Design brief, Concept concept, Plan plan) {
        Design sound = Soundness.of(brief, Optional.empty()).design();
        Design drawn = Drafts.draw(sound, concept, plan);
        return sound == brief
                ? drawn
                : drawn.with(brief.brief().withType(concept.type())).withVehicle(brief.vehicle())
                        .withCases(brief.cases());
    }

    static Drawn judged(Concept concept, Plan plan, Analysis analysis) {
        Map<Measure, Double> measures = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            measures.put(m, m.of(analysis));
        }
        List<Finding> stops = analysis.findings().stream()
                .filter(f -> f.open() && f.severity() == Severity.STOP).toList();
        return new Drawn(concept, plan, analysis.given(), Map.copyOf(measures),
                analysis.of(Demands.DISCIPLINE).unmet(), stops, List.of());
    }

    /// How good each is among the others, 0 to 100, by the weights of the design: the best of each measure counts its whole
    /// weight, the worst none.
    public static List<Double> scores(List<Drawn> all, Design weights) {
        List<Double> scores = new ArrayList<>();
        for (Drawn d : all) {
            double sum = 0;
            double of = 0;
            for (Measure m : Measure.values()) {
                OptionalDouble weight = m.weight().stream().mapToDouble(w -> Assumed.value(weights, w)).findFirst();
                if (weight.isPresent() && weight.getAsDouble() > 0) {
                    of += weight.getAsDouble();
                    sum += weight.getAsDouble() * part(all, d, m);
                }
            }
            scores.add(of > 0 ? 100 * sum / of : 0);
        }
        return List.copyOf(scores);
    }

    /// Place between the worst and the best, 0 to 1; where all are the same, all are the best.
    private static double part(List<Drawn> all, Drawn d, Measure m) {
        double own = d.of(m);
        if (Double.isNaN(own)) {
            return 0;
        }
        double low = all.stream().mapToDouble(o -> o.of(m)).filter(v -> !Double.isNaN(v)).min().orElse(own);
        double high = all.stream().mapToDouble(o -> o.of(m)).filter(v -> !Double.isNaN(v)).max().orElse(own);
        double at = high > low ? (own - low) / (high - low) : 1;
        return m.more() || high <= low ? at : 1 - at;
    }
}
