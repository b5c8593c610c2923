package lectulum.layout.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Working;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.Layout;
import lectulum.layout.Living;
import lectulum.space.Body;
import lectulum.units.Quantity;

/// Scores a layout from its sleep, ways out, balance, headroom, access, storage, setting up, height of mass and floor.
public final class LayoutScore {
    private LayoutScore() {
    }

    /// The score with all its parts.
    ///
    /// @param stop whether a stop is open
    public static Score score(Design design, Layout layout, Living living, Balance balance, boolean stop) {
        return score(design, layout.body(), living, balance, stop);
    }

    public static Figures of(Design design, Layout layout, Living living, Balance balance, boolean stop) {
        Score score = score(design, layout.body(), living, balance, stop);
        List<Sentence> notes = new ArrayList<>();
        for (Score.Part p : score.parts()) {
            notes.add(Sentence.of("{0}: {1}, weight {2}.", p.name(), Amount.share(p.value()),
                    Amount.count(p.weight())));
        }
        Working how = new Working("100 Σ weight × part / Σ weight", Sentence.of("{0}", Amount.count(score.total())),
                notes, "own weights; ranks variants, judges nothing by itself");
        if (living.sleeping().nests().isEmpty()) {
            return Figures.of(List.of(
                    Figure.absent("layout.score", "Layout score", Quantity.COUNT, "there is no bed yet", how)));
        }
        if (stop) {
            notes.add(Sentence.of("While a stop is open no more than 40 is given."));
        }
        return Figures.of(List.of(
                Figure.of("layout.score", "Layout score", Math.round(score.total()), Quantity.COUNT, how)));
    }

    private static Score score(Design design, Body body, Living living, Balance balance, boolean stop) {
        List<Score.Part> parts = new ArrayList<>();
        List<Person> people = design.brief().people();
        boolean outside = living.sleeping().nests().stream().allMatch(lectulum.layout.people.Sleeping.Nest::outside);
        int ways = outside ? 2 : living.exits().independent().size();
        long well = java.util.stream.IntStream.range(0, people.size()).filter(i -> living.sleepsWell(design, i))
                .count();
        part(design, parts, "sleep", ways > 0 ? Score.part(well, people.size()) : 0);
        part(design, parts, "exits", Score.exits(ways));
        Optional<LoadedState> worst = balance.states().stream().filter(LoadedState::trip)
                .max(java.util.Comparator.comparingDouble(s -> Math.abs(s.share() - target(design))));
        worst.ifPresent(s -> part(design, parts, "balance", Score.balance(s.share(), target(design))));
        double tallest = people.stream().mapToDouble(p -> new Needs(p.height()).standing()).max().orElse(0);
        part(design, parts, "headroom", body.roofInside().highest() >= tallest ? 1 : 0);
        access(design, parts, living);
        storage(design, parts, living);
        double minutes = living.setups().stream().filter(s -> s.from().compareTo(s.to()) < 0)
                .mapToDouble(s -> s.order().minutes()).sum();
        part(design, parts, "setup", Score.linear(60 * minutes, Assumed.value(design, "setup.good"),
                Assumed.value(design, "setup.bad")));
        worst.ifPresent(s -> part(design, parts, "low",
                Score.linear(s.roll().z() / design.base().axle().track(), 0.45, 0.75)));
        Double free = living.standing().get(Mode.CAMP);
        part(design, parts, "floor", free == null ? 0 : Score.linear(free / body.floorArea(), 0.35, 0.10));
        return new Score(parts, stop);
    }

    private static double target(Design design) {
        return (design.brief().tongueLow() + design.brief().tongueHigh()) / 2;
    }

    private static void part(Design design, List<Score.Part> parts, String name, double value) {
        parts.add(new Score.Part(name, value, Assumed.value(design, "score." + name)));
    }

    private static void access(Design design, List<Score.Part> parts, Living living) {
        double all = 0;
        double free = 0;
        for (Thing t : design.things()) {
            double uses = t.feature(Feature.Packed.class).map(Feature.Packed::uses).orElse(0.0);
            all += uses;
            var way = living.access().byThing().get(t.id());
            free += way != null && way.free() ? uses : 0;
        }
        part(design, parts, "access", Score.part(free, all));
    }

    private static void storage(Design design, List<Score.Part> parts, Living living) {
        double all = 0;
        double homeless = 0;
        for (Thing t : design.things()) {
            if (t.mount() == lectulum.design.thing.Mount.STOWED && t.role() != lectulum.design.thing.Role.BUILT_IN) {
                double volume = t.size().length() * t.size().width() * t.size().height();
                all += volume;
                homeless += living.keeping().homeless().contains(t.id()) ? volume : 0;
            }
        }
        part(design, parts, "storage", all > 0 ? 1 - homeless / all : 1);
    }
}
