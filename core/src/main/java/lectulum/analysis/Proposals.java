package lectulum.analysis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import lectulum.analysis.Concepts.Drawn;
import lectulum.brief.Demand;
import lectulum.brief.Excluding;
import lectulum.brief.Measure;
import lectulum.brief.draft.Concept;
import lectulum.brief.draft.Plan;
import lectulum.brief.draft.Taste;
import lectulum.design.Design;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;

/// Answers to a brief: the light, the cheap and the comfortable camper that meets it best.
///
/// Every concept is drawn in every taste; the best few are drawn again with other numbers, by chance from a seed, keeping what is better;
/// then the remedies of the checks are applied to the best, as long as they make it better. Better is first fewer stops,
/// then fewer and smaller unmet demands, then fewer warnings, then the measure of the taste. The budget binds the cheap one;
/// the light and the comfortable one may pass it, which counts against them by how far. The three are looked for one after
/// another, and each taste then takes the best of what all have found, so that the light one is never heavier than an equal
/// among the others. The same brief and seed give the same answers unless the search is stopped.
public final class Proposals {
    /// Part of the work that drawing every concept is.
    private static final double STARTS = 0.1;
    /// Concepts that are drawn again, and how often each.
    private static final int KEPT = 3;
    private static final int TRIES = 26;
    /// Remedies that are applied at most, and findings looked at for each.
    private static final int MENDED = 10;
    private static final int LOOKED_AT = 6;
    /// How much one warning counts against the measure of the taste, as a part of it (assumed).
    private static final double WARNING = 0.02;
    /// How much a wholly unmet demand counts (assumed).
    private static final double UNMET = 0.25;

    /// How much a budget passed by its half counts where it does not bind: 0.15 is 150 kg or fifteen points of the layout
    /// (assumed).
    private static final double OVER = 0.3;

    /// How much cloth in place of walls counts against comfort (assumed).
    private static final double NO_WALLS = 0.3;

    private Proposals() {
    }

    /// The tastes that are answered.
    public static final List<Taste> TASTES = List.of(Taste.LIGHT, Taste.CHEAP, Taste.COMFORTABLE);

    /// An answer.
    ///
    /// @param drawn    the camper
    /// @param value    by the measure of the taste
    /// @param warnings how many
    /// @param mended   remedies that were applied to it
    /// @param lacks    what cannot be met, with the smallest change that would make it possible
    public record Proposal(Taste taste, Drawn drawn, double value, int warnings, List<Sentence> mended,
            List<Sentence> lacks) {
    }

    /// How far a search is.
    ///
    /// @param part of it that is done, 0 to 1
    /// @param best so far
    public record Progress(double part, String says, Proposal best) {
    }

    /// What a taste measures a camper by.
    public static Measure measure(Taste taste) {
        return switch (taste) {
            case LIGHT -> Measure.MASS;
            case CHEAP -> Measure.COST;
            case USUAL, COMFORTABLE -> Measure.LAYOUT;
        };
    }

    /// A camper as the search sees it.
    private record Found(Drawn drawn, Analysis analysis, int warnings, double badness, List<Sentence> mended) {
        /// The same by the count of a taste.
        Found judged(Taste taste) {
            return new Found(drawn, analysis, warnings, Proposals.badness(taste, drawn, warnings), mended);
        }
    }

    /// The best answer for each taste.
    ///
    /// @param seed of the chance
    /// @param stop ends the search: the best by then is given, at least one each
    /// @param at   is told how far it is
    public static List<Proposal> of(Design brief, long seed, BooleanSupplier stop, Consumer<Progress> at) {
        List<List<Found>> starts = new ArrayList<>();
        List<Found> all = new ArrayList<>();
        for (Concept concept : Concept.values()) {
            if (!starts.isEmpty() && stop.getAsBoolean()) {
                break;
            }
            starts.add(Stream.of(Taste.values()).map(t -> steady(brief, concept, Plan.of(t))).toList());
            at.accept(new Progress(STARTS * starts.size() / Concept.values().length, concept.label(), proposal(brief,
                    TASTES.getFirst(), best(TASTES.getFirst(), starts.stream().flatMap(List::stream)))));
        }
        for (Taste taste : TASTES) {
            double before = all.size();
            all.add(best(brief, taste, starts, seed, stop, (part, says, best) -> at.accept(
                    new Progress(STARTS + (1 - STARTS) * (before + part) / TASTES.size(),
                            "the " + taste.label() + " one: " + says, proposal(brief, taste, best)))));
        }
        return TASTES.stream().map(taste -> proposal(brief, taste, best(taste, all.stream()))).toList();
    }

    private static Found best(Taste taste, Stream<Found> all) {
        return all.map(f -> f.judged(taste)).min(Comparator.comparingDouble(Found::badness)).orElseThrow();
    }

    private interface Step {
        void at(double part, String says, Found best);
    }

    private static Found best(Design brief, Taste taste, List<List<Found>> starts, long seed, BooleanSupplier stop,
            Step at) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Found> all = new ArrayList<>(starts.stream().map(of -> best(taste, of.stream())).toList());
        Found best = best(taste, all.stream());
        double steps = KEPT * TRIES + MENDED;
        int done = 0;
        all.sort(Comparator.comparingDouble(Found::badness));
        for (Found start : all.subList(0, Math.min(KEPT, all.size()))) {
            Found now = start;
            for (int i = 0; i < TRIES && !stop.getAsBoolean(); i++) {
                Plan plan = changed(now.drawn.plan(), chance);
                Found next = found(taste, now.drawn.concept(), plan,
                        Analysis.of(Concepts.drafted(brief, now.drawn.concept(), plan)), List.of());
                now = next.badness < now.badness ? next : now;
                best = now.badness < best.badness ? now : best;
                at.at(++done / steps, now.drawn.concept().label() + " drawn anew", best);
            }
        }
        for (int i = 0; i < MENDED && !stop.getAsBoolean(); i++) {
            Found mended = mended(taste, best);
            done++;
            if (mended.badness >= best.badness) {
                break;
            }
            best = mended;
            at.at(done / steps, "remedies", best);
        }
        return best;
    }

    private static Found steady(Design brief, Concept concept, Plan plan) {
        Drawn drawn = Concepts.steady(brief, concept, plan);
        return found(Taste.USUAL, concept, drawn.plan(), Analysis.of(drawn.design()), List.of());
    }

    private static Found found(Taste taste, Concept concept, Plan plan, Analysis analysis, List<Sentence> mended) {
        Drawn drawn = Concepts.judged(concept, plan, analysis);
        int warnings = (int) analysis.findings().stream().filter(f -> f.open() && f.severity() == Severity.WARN)
                .count();
        return new Found(drawn, analysis, warnings, badness(taste, drawn, warnings), mended);
    }

    /// The less the better: stops weigh more than all demands, these more than all warnings and the measure.
    private static double badness(Taste taste, Drawn drawn, int warnings) {
        boolean bound = taste == Taste.CHEAP;
        double unmet = drawn.unmet().stream().filter(d -> bound || !d.is(Demand.BUDGET))
                .mapToDouble(d -> UNMET + d.lack()).sum();
        double over = drawn.unmet().stream().filter(d -> !bound && d.is(Demand.BUDGET)).mapToDouble(Demand::lack).sum();
        double own = drawn.of(measure(taste));
        double scale = switch (taste) {
            case LIGHT -> own / 1000;
            case CHEAP -> own / 10_000;
            case USUAL, COMFORTABLE -> 1 - own / 100 + (Double.isNaN(drawn.of(Measure.INSIDE)) ? NO_WALLS : 0)
                    + (drawn.concept() == Concept.TENT_BOX ? NO_WALLS : 0);
        };
        return 100.0 * drawn.stops().size() + 10 * unmet + OVER * over + scale + WARNING * warnings;
    }

    /// A plan with one or two numbers changed.
    private static Plan changed(Plan p, SplittableRandom chance) {
        Plan next = one(p, chance);
        return chance.nextBoolean() ? next : one(next, chance);
    }

    private static Plan one(Plan p, SplittableRandom chance) {
        return switch (chance.nextInt(6)) {
            case 0 -> p.withEach(step(p.each(), 0.60, 0.75, 0.03, chance));
            case 1 -> p.withToes(step(p.toes(), 0.08, 0.20, 0.03, chance));
            case 2 -> p.withFloor(step(p.floor(), 0, 0.8, 0.15, chance));
            case 3 -> p.withAisle(step(p.aisle(), 0.42, 0.70, 0.04, chance));
            case 4 -> p.withTongue(step(p.tongue(), 1.0, 2.0, 0.15, chance));
            default -> p.withHigher(step(p.higher(), 0, 0.25, 0.04, chance));
        };
    }

    private static double step(double value, double low, double high, double by, SplittableRandom chance) {
        double next = value + (chance.nextBoolean() ? by : -by) * (1 + chance.nextInt(2));
        return Math.round(Math.clamp(next, low, high) * 1000) / 1000.0;
    }

    /// The best of what the remedies of the worst findings make of it.
    private static Found mended(Taste taste, Found now) {
        Found best = now;
        List<Finding> worst = now.analysis.findings().stream()
                .filter(f -> f.open() && f.severity() != Severity.NOTE).limit(LOOKED_AT).toList();
        for (Finding finding : worst) {
            for (Remedy remedy : Remedies.of(now.analysis, finding)) {
                List<Sentence> applied = new ArrayList<>(now.mended);
                applied.add(remedy.says());
                Design edited = remedy.edit().apply(now.analysis.given());
                // What is wanted is not left at home to make room for what is wanted.
                if (edited.things().size() < now.analysis.given().things().size()) {
                    continue;
                }
                Found next = found(taste, now.drawn.concept(), now.drawn.plan(), now.analysis.next(edited),
                        List.copyOf(applied));
                best = next.badness < best.badness ? next : best;
            }
        }
        return best;
    }

    private static Proposal proposal(Design brief, Taste taste, Found best) {
        List<Sentence> lacks = new ArrayList<>();
        Excluding.of(brief).forEach(e -> lacks.add(e.detail()));
        for (Demand d : best.drawn.unmet()) {
            lacks.add(Sentence.of("{0}: {1}; wanted: {2}.", d.line(), d.says(), d.asks()));
        }
        for (Finding f : best.drawn.stops()) {
            lacks.add(Sentence.of("{0}. {1}", f.title(), f.detail()));
        }
        return new Proposal(taste, best.drawn, best.drawn.of(measure(taste)), best.warnings, best.mended,
                List.copyOf(lacks));
    }
}
