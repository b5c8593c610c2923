package lectulum.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Brief;
import lectulum.design.Design;
import lectulum.design.Rating;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;

/// What the balance has to say: one finding for each cause, with the worst load case named and the others counted.
final class BalanceFindings {
    /// Side difference that is worth a word, share of the axle load (assumed).
    private static final double SIDE = 0.05;
    /// Reserve wanted on every rating (assumed).
    private static final double RESERVE = 0.10;

    private BalanceFindings() {
    }

    static List<Finding> of(Design design, List<LoadedState> states) {
        List<Finding> all = new ArrayList<>();
        List<LoadedState> trips = states.stream().filter(LoadedState::trip).toList();
        if (!(design.base().ballToAxle() > 0)) {
            all.add(Finding.of("balance.no-axle", Stage.BALANCE, Severity.STOP,
                    Sentence.of("The axle is not behind the ball"),
                    Sentence.of("It stands {0} behind the ball, so nothing can be said about tongue and axle load.",
                            Amount.m(design.base().ballToAxle())),
                    List.of()));
            return all;
        }
        if (states.stream().allMatch(s -> s.mass() <= 0)) {
            all.add(Finding.of("balance.no-mass", Stage.BALANCE, Severity.WARN, Sentence.of("Nothing weighs anything"),
                    Sentence.of("Enter the empty mass of the base on the Base stage."), List.of()));
            return all;
        }
        share(design.brief(), trips, all);
        limits(states, all);
        side(trips, all);
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
            all.add(Finding.of("balance.tongue-lift", Stage.BALANCE, Severity.STOP,
                    Sentence.of("{0}: the coupler is pulled up", worst.loadCase().name()),
                    Sentence.of("It pulls with {0}; the trailer will sway and may lift off the ball.{1}",
                            Amount.kg(-worst.tongue()), others(out)),
                    List.of()));
            return;
        }
        boolean light = worst.share() < low;
        boolean severe = Balance.severe(worst.share(), low, high);
        all.add(Finding.of("balance.tongue-share", Stage.BALANCE, severe ? Severity.STOP : Severity.WARN,
                Sentence.of(light ? "Tongue is light: {0}" : "Tongue is heavy: {0}", worst.loadCase().name()),
                Sentence.of(light
                        ? "{0} is {1} of {2}; your band starts at {3}. A light tongue sways.{4}"
                        : "{0} is {1} of {2}; your band ends at {3}. A heavy tongue loads the vehicle's rear.{4}",
                        Amount.kg(worst.tongue()), Amount.share(worst.share()), Amount.kg(worst.mass()),
                        Amount.share(light ? low : high), others(out)),
                List.of()));
    }

    /// Inside the band, but not surely so.
    private static void doubt(Brief brief, List<LoadedState> trips, List<Finding> all) {
        for (LoadedState s : trips) {
            double half = 1.96 * s.certainty().share();
            if (s.share() - half < brief.tongueLow() || s.share() + half > brief.tongueHigh()) {
                all.add(Finding.of("balance.tongue-doubt", Stage.BALANCE, Severity.NOTE,
                        Sentence.of("The tongue share is not sure yet"),
                        Sentence.of("{0}: {1} ± {2} reaches past your band of {3} to {4}. Weighing narrows it.",
                                s.loadCase().name(), Amount.share(s.share()), Amount.share(half),
                                Amount.share(brief.tongueLow()), Amount.share(brief.tongueHigh())),
                        s.certainty().next().map(n -> List.of(n.thing())).orElse(List.of())));
                return;
            }
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
        List<Worst> tight = worst.values().stream().filter(w -> w.limit.margin() < RESERVE)
                .sorted(Comparator.comparingDouble(w -> w.limit.margin())).toList();
        for (int i = 0; i < tight.size(); i++) {
            all.add(limit(tight.get(i), i == 0));
        }
    }

    private static Finding limit(Worst w, boolean first) {
        Limit limit = w.limit;
        String whose = limit.rating().trailer() ? "Trailer" : "Tow vehicle";
        String id = "balance.limit." + Balance.camel(limit.rating());
        String rank = first ? " It is the limit you reach first." : "";
        return limit.margin() < 0
                ? Finding.of(id, Stage.BALANCE, Severity.STOP,
                        Sentence.of("{0}, {1}: {2} too much", whose, limit.rating().label(), Amount.kg(-limit.left())),
                        Sentence.of("{0} on {1} in {2}.{3}", Amount.kg(limit.load()), Amount.kg(limit.rated()),
                                w.state.loadCase().name(), rank),
                        List.of())
                : Finding.of(id, Stage.BALANCE, Severity.WARN,
                        Sentence.of("{0}, {1}: only {2} left", whose, limit.rating().label(), Amount.kg(limit.left())),
                        Sentence.of("{0} of {1} in {2}; a tenth is wanted in reserve.{3}", Amount.kg(limit.load()),
                                Amount.kg(limit.rated()), w.state.loadCase().name(), rank),
                        List.of());
    }

    private static void side(List<LoadedState> trips, List<Finding> all) {
        trips.stream().filter(s -> Math.abs(s.right() - s.left()) > SIDE * s.axle())
                .max(Comparator.comparingDouble(s -> Math.abs(s.right() - s.left()))).ifPresent(s -> {
                    boolean right = s.right() > s.left();
                    all.add(Finding.of("balance.side", Stage.BALANCE, Severity.WARN,
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
            all.add(Finding.of("balance.unknown-ratings", Stage.BALANCE, Severity.NOTE,
                    Sentence.of(missing.size() == 1 ? "One rating is not known" : "{0} ratings are not known",
                            missing.size()),
                    Sentence.of("Not checked: {0}. Look on plates, labels and in the manual.",
                            String.join(", ", missing)),
                    List.of()));
        }
    }
}
