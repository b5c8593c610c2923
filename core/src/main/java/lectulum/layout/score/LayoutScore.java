package lectulum.layout.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Working;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.change.ChangeOvers;
import lectulum.layout.doors.Exits;
import lectulum.layout.doors.WayThrough;
import lectulum.layout.people.People;
import lectulum.layout.people.Sleeping;
import lectulum.layout.storage.Access;
import lectulum.layout.storage.Keeping;
import lectulum.layout.storage.Storage;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.units.Quantity;

/// Scores a layout from its sleep, ways out, balance, headroom, access, storage, setting up, height of mass and floor.
///
/// @param score with all its parts
public record LayoutScore(Score score, Figures figures) implements Result {

    public static final Discipline<LayoutScore> DISCIPLINE = new Discipline<>("score", "The score", Stage.LAYOUT,
            Discipline.Pace.REST, LayoutScore::of, () -> new LayoutScore(new Score(List.of(), false), Figures.NONE));

    private static LayoutScore of(Reads in) {
        Score score = new Score(parts(in), in.stopped());
        List<Sentence> notes = new ArrayList<>();
        for (Score.Part p : score.parts()) {
            notes.add(Sentence.of("{0}: {1}, weight {2}.", p.name(), Amount.share(p.value()),
                    Amount.count(p.weight())));
        }
        if (score.stop()) {
            notes.add(Sentence.of("While a stop is open no more than 40 is given."));
        }
        Working how = new Working("100 Σ weight × part / Σ weight", Sentence.of("{0}", Amount.count(score.total())),
                notes, "own weights; ranks variants, judges nothing by itself");
        boolean beds = !in.of(People.DISCIPLINE).sleeping().nests().isEmpty();
        return new LayoutScore(score, Figures.of(List.of(beds
                ? Figure.of("layout.score", "Layout score", Math.round(score.total()), Quantity.COUNT, how)
                : Figure.absent("layout.score", "Layout score", Quantity.COUNT, "there is no bed yet", how))));
    }

    private static List<Score.Part> parts(Reads in) {
        Design design = in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS);
        Body body = in.of(Bodies.DISCIPLINE).road();
        People lives = in.of(People.DISCIPLINE);
        Sleeping sleeping = lives.sleeping();
        List<Score.Part> parts = new ArrayList<>();
        List<Person> people = design.brief().people();
        boolean outside = sleeping.nests().stream().allMatch(Sleeping.Nest::outside);
        int ways = outside ? 2 : in.of(Exits.DISCIPLINE).exits().independent().size();
        long well = IntStream.range(0, people.size()).filter(i -> lives.sleepsWell(design, i)).count();
        part(design, parts, Assumption.SCORE_SLEEP, ways > 0 ? Score.part(well, people.size()) : 0);
        part(design, parts, Assumption.SCORE_EXITS, Score.exits(ways));
        Optional<LoadedState> worst = in.of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip)
                .max(Comparator.comparingDouble(s -> Math.abs(s.share() - target(design))));
        worst.ifPresent(s -> part(design, parts, Assumption.SCORE_BALANCE, Score.balance(s.share(), target(design))));
        double tallest = people.stream().mapToDouble(p -> new Needs(p.height()).standing()).max().orElse(0);
        part(design, parts, Assumption.SCORE_HEADROOM, body.roofInside().highest() >= tallest ? 1 : 0);
        Storage storage = in.of(Storage.DISCIPLINE);
        access(design, parts, storage.access());
        storage(design, parts, storage.keeping());
        double minutes = in.of(ChangeOvers.DISCIPLINE).setups().stream().filter(s -> s.from().compareTo(s.to()) < 0)
                .mapToDouble(s -> s.order().minutes()).sum();
        part(design, parts, Assumption.SCORE_SETUP,
                Score.linear(60 * minutes, Assumed.value(design, Assumption.SETUP_GOOD),
                        Assumed.value(design, Assumption.SETUP_BAD)));
        worst.ifPresent(s -> part(design, parts, Assumption.SCORE_LOW,
                Score.linear(s.roll().z() / design.base().axle().track(), 0.45, 0.75)));
        OptionalDouble free = in.of(WayThrough.in(Mode.CAMP)).standing();
        part(design, parts, Assumption.SCORE_FLOOR,
                free.isEmpty() ? 0 : Score.linear(free.getAsDouble() / body.floorArea(), 0.35, 0.10));
        return parts;
    }

    private static double target(Design design) {
        return (design.brief().tongueLow() + design.brief().tongueHigh()) / 2;
    }

    private static void part(Design design, List<Score.Part> parts, Assumption weight, double value) {
        parts.add(new Score.Part(weight.id().substring("score.".length()), value, Assumed.value(design, weight)));
    }

    private static void access(Design design, List<Score.Part> parts, Access access) {
        double all = 0;
        double free = 0;
        for (Thing t : design.things()) {
            double uses = t.feature(Feature.Packed.class).map(Feature.Packed::uses).orElse(0.0);
            all += uses;
            var way = access.byThing().get(t.id());
            free += way != null && way.free() ? uses : 0;
        }
        part(design, parts, Assumption.SCORE_ACCESS, Score.part(free, all));
    }

    private static void storage(Design design, List<Score.Part> parts, Keeping keeping) {
        double all = 0;
        double homeless = 0;
        for (Thing t : design.things()) {
            if (t.mount() == Mount.STOWED && t.role() != Role.BUILT_IN) {
                double volume = t.size().length() * t.size().width() * t.size().height();
                all += volume;
                homeless += keeping.homeless().contains(t.id()) ? volume : 0;
            }
        }
        part(design, parts, Assumption.SCORE_STORAGE, all > 0 ? 1 - homeless / all : 1);
    }
}
