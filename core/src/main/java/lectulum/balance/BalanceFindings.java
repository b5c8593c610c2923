package lectulum.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.brief.Brief;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.kernel.maths.Normal;

/// What the balance has to say: one finding for each cause, with the worst load case named and the others counted.
final class BalanceFindings {
    /// Side difference that is worth a word, share of the axle load (assumed).
    private static final double SIDE = 0.05;
    /// Reserve wanted on every rating (assumed).
    private static final double RESERVE = 0.10;
    /// A rating may be exceeded with no more than this chance (assumed).
    private static final double RARELY = 0.05;
    /// Above this chance of being outside the band it is a warning (assumed).
    private static final double LIKELY = 0.20;
    /// Balls that differ by less are of one size \[m\]: 50 mm and 2 in are 0.8 mm apart.
    private static final double SAME_BALL = 0.0003;
    private static final int NAMED = 4;
    private static final Set<Rating> BY_VEHICLE = EnumSet.of(Rating.PAYLOAD, Rating.REAR_AXLE, Rating.VEHICLE_GROSS);

    private BalanceFindings() {
    }

    static List<Finding> of(Design design, List<LoadedState> states) {
        List<Finding> all = new ArrayList<>();
        List<LoadedState> trips = states.stream().filter(LoadedState::trip).toList();
        if (!(design.base().ballToAxle() > 0)) {
            all.add(Finding.of(BalanceRules.BALANCE_NO_AXLE, Subject.WHOLE, Severity.STOP,
                    Sentence.of("The axle is not behind the ball"),
                    Sentence.of("It stands {0} behind the ball, so nothing can be said about tongue and axle load.",
                            Amount.m(design.base().ballToAxle())),
                    List.of()));
            return all;
        }
        if (states.stream().allMatch(s -> s.mass() <= 0)) {
            all.add(Finding.of(BalanceRules.BALANCE_NO_MASS, Subject.WHOLE, Severity.WARN,
                    Sentence.of("Nothing weighs anything"),
                    Sentence.of("Enter the empty mass of the base on the Base stage."), List.of()));
            return all;
        }
        share(design.brief(), trips, all);
        nowhere(design, states, all);
        limits(states, all);
        side(trips, all);
        coupling(design, all);
        unweighed(design, all);
        unknown(design, all);
        return all;
    }

    private static void share(Brief brief, List<LoadedState> trips, List<Finding> all) {
        double low = brief.tongueLow();
        double high = brief.tongueHigh();
        List<LoadedState> out = trips.stream().filter(s -> s.share() < low || s.share() > high)
                .sorted(Comparator.comparingDouble(s -> -distance(s.share(), low, high))).toList();
        if (out.isEmpty()) {
            doubt(brief, trips, all);
            return;
        }
        LoadedState worst = out.getFirst();
        if (worst.tongue() <= 0) {
            all.add(Finding.of(BalanceRules.BALANCE_TONGUE_LIFT, Subject.WHOLE, Severity.STOP,
                    Sentence.of("{0}: the coupler is pulled up", worst.loadCase().name()),
                    Sentence.of("It pulls with {0}; the trailer will sway and may lift off the ball.{1}",
                            Amount.kg(-worst.tongue()), others(out)),
                    List.of()));
            return;
        }
        boolean light = worst.share() < low;
        boolean severe = Balance.severe(worst.share(), low, high);
        all.add(Finding.of(BalanceRules.BALANCE_TONGUE_SHARE, Subject.WHOLE, severe ? Severity.STOP : Severity.WARN,
                Sentence.of(light ? "Tongue is light: {0}" : "Tongue is heavy: {0}", worst.loadCase().name()),
                Sentence.of(light
                        ? "{0} is {1} of {2}; your band starts at {3}. A light tongue sways.{4}"
                        : "{0} is {1} of {2}; your band ends at {3}. A heavy tongue loads the vehicle's rear.{4}",
                        Amount.kg(worst.tongue()), Amount.share(worst.share()), Amount.kg(worst.mass()),
                        Amount.share(light ? low : high), others(out)),
                List.of()));
    }

    /// Inside the band, but not surely so: the trip that is most likely outside speaks.
    private static void doubt(Brief brief, List<LoadedState> trips, List<Finding> all) {
        double low = brief.tongueLow();
        double high = brief.tongueHigh();
        trips.stream().max(Comparator.comparingDouble(s -> outside(s, low, high)))
                .filter(s -> s.share() - Normal.HALF_95 * s.certainty().share() < low
                        || s.share() + Normal.HALF_95 * s.certainty().share() > high)
                .ifPresent(s -> {
                    double below = below(s, low);
                    double above = 1 - below(s, high);
                    all.add(Finding.of(BalanceRules.BALANCE_TONGUE_DOUBT, Subject.WHOLE,
                            below + above > LIKELY ? Severity.WARN : Severity.NOTE,
                            Sentence.of("The tongue share is not sure yet"),
                            Sentence.of("{0}: {1} ± {2}; a chance of {3} that it is too light, {4} that it is too heavy"
                                    + " for {5} to {6}. Weighing narrows it.", s.loadCase().name(),
                                    Amount.share(s.share()), Amount.share(Normal.HALF_95 * s.certainty().share()),
                                    Amount.share(below), Amount.share(above), Amount.share(low), Amount.share(high)),
                            s.certainty().next().map(n -> List.of(n.thing())).orElse(List.of())));
                });
    }

    private static double outside(LoadedState s, double low, double high) {
        return 1 + below(s, low) - below(s, high);
    }

    /// Chance that the true share is below a bound.
    private static double below(LoadedState s, double bound) {
        double u = s.certainty().share();
        return u > 0 ? Normal.below((bound - s.share()) / u) : s.share() < bound ? 1 : 0;
    }

    /// No place of the axle suits all trips: it has to be something else that moves.
    private static void nowhere(Design design, List<LoadedState> states, List<Finding> all) {
        Balance.axlePlace(design, states).filter(p -> !p.possible() && Double.isFinite(p.from())
                && Double.isFinite(p.to()))
                .ifPresent(p -> all.add(Finding.of(BalanceRules.BALANCE_AXLE_PLACE, Subject.WHOLE, Severity.STOP,
                        Sentence.of("No place of the axle suits every trip"),
                        Sentence.of("{0} needs it at {1} or more behind the ball, {2} allows no more than {3}: {4}"
                                + " apart. Move tanks or things, or carry ballast.", p.fromCase(), Amount.m(p.from()),
                                p.toCase(), Amount.m(p.to()), Amount.m(p.from() - p.to())),
                        List.of())));
    }

    private static void coupling(Design design, List<Finding> all) {
        OptionalDouble ball = design.vehicle().ball();
        double coupler = Assumed.value(design, Assumption.COUPLER_SIZE);
        if (ball.isPresent() && coupler > 0 && Math.abs(ball.getAsDouble() - coupler) > SAME_BALL) {
            all.add(Finding.of(BalanceRules.BALANCE_BALL, Subject.WHOLE, Severity.STOP,
                    Sentence.of("Ball and coupler are not of one size"),
                    Sentence.of("The ball has {0}, the coupler is made for {1}. A larger ball does not latch, a smaller"
                            + " one lifts out; 50 mm and 2 in are not the same.", Amount.m(ball.getAsDouble()),
                            Amount.m(coupler)),
                    List.of()));
        }
    }

    /// Things that were placed but never given a mass.
    private static void unweighed(Design design, List<Finding> all) {
        List<Thing> light = design.things().stream().filter(Thing::unweighed).toList();
        if (!light.isEmpty()) {
            all.add(Finding.of(BalanceRules.BALANCE_UNWEIGHED, Subject.WHOLE, Severity.NOTE,
                    Sentence.counted(light.size(), "{1} has no mass yet", "{0} things have no mass yet",
                            light.getFirst().name()),
                    Sentence.of("Counted as nothing: {0}. Every verdict on mass and tongue is incomplete until then.",
                            light.stream().limit(NAMED).map(Thing::name).collect(Collectors.joining(", "))
                                    + (light.size() > NAMED ? " and others" : "")),
                    light.stream().map(Thing::id).toList()));
        }
    }

    private static double distance(double p, double low, double high) {
        return Math.max(low - p, p - high);
    }

    private static String others(List<LoadedState> out) {
        return out.size() < 2
                ? ""
                : " " + (out.size() - 1) + (out.size() == 2 ? " other case is" : " other cases are")
                        + " outside too.";
    }

    private record Worst(LoadedState state, Limit limit) {
    }

    private static void limits(List<LoadedState> states, List<Finding> all) {
        Map<Rating, Worst> worst = new EnumMap<>(Rating.class);
        for (LoadedState s : states) {
            for (Limit limit : s.limits()) {
                Worst before = worst.get(limit.rating());
                if (before == null || limit.margin() < before.limit.margin()) {
                    worst.put(limit.rating(), new Worst(s, limit));
                }
            }
        }
        List<Worst> ranked = worst.values().stream().sorted(Comparator.comparingDouble(w -> w.limit.margin())).toList();
        for (Worst w : ranked) {
            if (w.limit.margin() < RESERVE || w.limit.exceeded() > RARELY) {
                all.add(limit(w, w == ranked.getFirst()));
            } else if (w == ranked.getFirst() && BY_VEHICLE.contains(w.limit.rating())) {
                all.add(Finding.of(BalanceRules.BALANCE_VEHICLE_FIRST, Subject.WHOLE, Severity.NOTE,
                        Sentence.of("The tow vehicle limits first: {0}", w.limit.rating().label()),
                        Sentence.of(
                                "{0} are left of {1} in {2}. Gear further forward or less in the vehicle gives room.",
                                Amount.kg(w.limit.left()), Amount.kg(w.limit.rated()), w.state.loadCase().name()),
                        List.of()));
            }
        }
    }

    private static Finding limit(Worst w, boolean first) {
        Limit limit = w.limit;
        String whose = limit.rating().trailer() ? "Trailer" : "Tow vehicle";
        Subject about = Subject.part(Balance.camel(limit.rating()));
        String rank = first ? " It is the limit you reach first." : "";
        if (limit.margin() >= RESERVE) {
            return Finding.of(BalanceRules.BALANCE_LIMIT, about, Severity.WARN,
                    Sentence.of("{0}, {1}: may be exceeded", whose, limit.rating().label()),
                    Sentence.of("{0} of {1} in {2}, but the masses are so uncertain that the chance of more is {3}."
                            + " Weigh.{4}", Amount.kg(limit.load()), Amount.kg(limit.rated()),
                            w.state.loadCase().name(), Amount.share(limit.exceeded()), rank),
                    List.of());
        }
        return limit.margin() < 0
                ? Finding.of(BalanceRules.BALANCE_LIMIT, about, Severity.STOP,
                        Sentence.of("{0}, {1}: {2} too much", whose, limit.rating().label(), Amount.kg(-limit.left())),
                        Sentence.of("{0} on {1} in {2}.{3}", Amount.kg(limit.load()), Amount.kg(limit.rated()),
                                w.state.loadCase().name(), rank),
                        List.of())
                : Finding.of(BalanceRules.BALANCE_LIMIT, about, Severity.WARN,
                        Sentence.of("{0}, {1}: only {2} left", whose, limit.rating().label(), Amount.kg(limit.left())),
                        Sentence.of("{0} of {1} in {2}; a tenth is wanted in reserve.{3}", Amount.kg(limit.load()),
                                Amount.kg(limit.rated()), w.state.loadCase().name(), rank),
                        List.of());
    }

    private static void side(List<LoadedState> trips, List<Finding> all) {
        trips.stream().filter(s -> Math.abs(s.right() - s.left()) > SIDE * s.axle())
                .max(Comparator.comparingDouble(s -> Math.abs(s.right() - s.left()))).ifPresent(s -> {
                    boolean right = s.right() > s.left();
                    all.add(Finding.of(BalanceRules.BALANCE_SIDE, Subject.WHOLE, Severity.WARN,
                            Sentence.of(right ? "Right wheels carry {0} more" : "Left wheels carry {0} more",
                                    Amount.kg(Math.abs(s.right() - s.left()))),
                            Sentence.of("{0}: {1} left, {2} right; up to {3} of the axle load is common.",
                                    s.loadCase().name(), Amount.kg(s.left()), Amount.kg(s.right()),
                                    Amount.share(SIDE)),
                            List.of()));
                });
    }

    private static void unknown(Design design, List<Finding> all) {
        List<String> missing = new ArrayList<>();
        for (Rating rating : Rating.values()) {
            boolean known = rating.trailer()
                    ? design.base().rating(rating).isPresent()
                    : design.vehicle().rating(rating).isPresent();
            if (!known && LoadedState.applies(rating, design.base().axle())) {
                missing.add((rating.trailer() ? "trailer " : "vehicle ") + rating.label());
            }
        }
        if (!missing.isEmpty()) {
            all.add(Finding.of(BalanceRules.BALANCE_UNKNOWN_RATINGS, Subject.WHOLE, Severity.NOTE,
                    Sentence.counted(missing.size(), "One rating is not known", "{0} ratings are not known"),
                    Sentence.of("Not checked: {0}. Look on plates, labels and in the manual.",
                            String.join(", ", missing)),
                    List.of()));
        }
    }
}
