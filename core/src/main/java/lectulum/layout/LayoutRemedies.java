package lectulum.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;
import lectulum.space.OnTop;
import lectulum.space.Solid;

/// Moves that free what overlaps or passes through the shell.
public final class LayoutRemedies {
    private static final double STEP = 0.001;
    /// A longer move is another layout, not a remedy \[m\].
    private static final double LONGEST = 0.8;

    private LayoutRemedies() {
    }

    static Stream<Remedy> of(Known known, LayoutRules rule, Finding finding) {
        return known.of(Layout.DISCIPLINE).faults().values().stream().flatMap(f -> f.stream())
                .filter(f -> Layout.rule(f) == rule && Layout.about(f).equals(finding.about())).findFirst().stream()
                .flatMap(f -> switch (f) {
                    case Fault.Overlap o -> apart(known, o);
                    case Fault.Outside o -> inside(known, o);
                });
    }

    /// Either of the two, in each level direction, shortest move first; then either to a free place; then room made for
    /// one of them by taking another thing out.
    private static Stream<Remedy> apart(Known known, Fault.Overlap overlap) {
        Optional<Thing> mover = known.design().thing(overlap.thing());
        Optional<Thing> other = known.design().thing(overlap.other());
        if (mover.isEmpty() || other.isEmpty()) {
            return Stream.empty();
        }
        Mode mode = overlap.mode();
        Solid a = Solid.of(mover.get().size(), mover.get().at(mode));
        Solid b = Solid.of(other.get().size(), other.get().at(mode));
        Stream<Remedy> moved = Stream.concat(moves(mover.get(), mode, a, b), moves(other.get(), mode, b, a));
        return mode != Mode.ROAD
                ? moved
                : Stream.concat(moved, Stream.concat(
                        Stream.of(mover.get(), other.get()).flatMap(t -> free(known.design(), t)),
                        Stream.of(mover.get(), other.get()).flatMap(t -> roomFor(known.design(), t))));
    }

    /// To the first place on the road where it touches nothing.
    private static Stream<Remedy> free(Design design, Thing thing) {
        return FreePlace.find(design, thing).stream()
                .map(to -> new Remedy(Sentence.of("Put {0} where it is free, {1} behind the ball", thing.name(),
                        Amount.m(design.base().tongueLength() + to.x())),
                        new Edit("Move " + thing.name(),
                                d -> Contents.put(d, thing, to))));
    }

    /// Something else taken out, and the thing put where that stood.
    private static Stream<Remedy> roomFor(Design design, Thing thing) {
        if (FreePlace.find(design, thing).isPresent()) {
            return Stream.empty();
        }
        return FreePlace.without(design, thing).stream()
                .map(room -> new Remedy(Sentence.of("Leave {0} out ({1}) and put {2} there", room.taken().name(),
                        Amount.kg(room.taken().mass().value()), thing.name()),
                        new Edit("Make room for " + thing.name(),
                                d -> Contents.put(d.without(List.of(room.taken().id())), thing, room.place()))));
    }

    private static Stream<Remedy> moves(Thing thing, Mode mode, Solid mine, Solid other) {
        double back = other.maxX() - mine.minX();
        double forward = mine.maxX() - other.minX();
        double right = other.maxY() - mine.minY();
        double left = mine.maxY() - other.minY();
        record Way(double amount, double dx, double dy) {
        }
        return Stream.of(new Way(back, 1, 0), new Way(forward, -1, 0), new Way(right, 0, 1), new Way(left, 0, -1))
                .filter(w -> w.amount <= LONGEST).sorted(java.util.Comparator.comparingDouble(Way::amount))
                .map(w -> Contents.shift(thing, mode, whole(w.amount), w.dx, w.dy, 0));
    }

    private static Stream<Remedy> inside(Known known, Fault.Outside fault) {
        boolean rises = OnTop.left(known.design()).stream().anyMatch(t -> t.id().equals(fault.thing()));
        return Stream.concat(rises ? Stream.of(withTheTop()) : Stream.empty(), known.design().thing(fault.thing())
                .stream()
                .map(t -> Contents.shift(t, fault.mode(), whole(fault.amount()), fault.dx(), fault.dy(), fault.dz())));
    }

    private static Remedy withTheTop() {
        return new Remedy(Sentence.of("What is on the lifting top rises with it, in camp and at night"),
                new Edit("Rise with the top", OnTop::risen));
    }

    /// Rounded up to whole millimetres, so that it can be set on a tape.
    private static double whole(double amount) {
        return Math.ceil(amount / STEP - 1e-6) * STEP;
    }
}
