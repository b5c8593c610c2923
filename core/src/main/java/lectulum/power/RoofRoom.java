package lectulum.power;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.layout.FreePlace;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// The roof from above: what is on it, and which panels of the catalogue would still find a place. One panel after another is
/// set where [FreePlace] finds room for it, of the make that brings most in all; another order might fit one more.
///
/// @param on   what stands on the roof or is let into it
/// @param more panels that would fit, at their places
public record RoofRoom(List<Thing> on, List<Thing> more) implements Result {
    public static final Discipline<RoofRoom> DISCIPLINE = new Discipline<>("power-roof", "Room on the roof",
            Stage.POWER,
            Discipline.Pace.REST, in -> of(in.seeing(RoofRoom::seen, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS)),
            () -> new RoofRoom(List.of(), List.of()));
    /// What is flatter is a panel to be fixed, not one to stand up \[m\].
    private static final double FLAT = 0.15;
    private static final int MOST = 12;

    public RoofRoom {
        on = List.copyOf(on);
        more = List.copyOf(more);
    }

    /// What stands inside takes no room up there.
    private static Sight seen(Thing t) {
        return t.mount() == Mount.INSIDE ? Sight.UNSEEN : Sight.PLACED;
    }

    static RoofRoom of(Design d) {
        Body body = Body.of(d.base());
        List<Thing> on = d.things().stream()
                .filter(t -> FreePlace.onRoof(body, t)).toList();
        if (body.open()) {
            return new RoofRoom(on, List.of());
        }
        List<Thing> best = Catalogue.shipped().things().stream()
                .filter(t -> t.solar() > 0 && t.mount() == Mount.OUTSIDE && t.size().height() < FLAT)
                .map(t -> fitted(d, body, t))
                .max(Comparator.comparingDouble((List<Thing> l) -> l.stream().mapToDouble(Thing::solar).sum())
                        .thenComparingInt(l -> -l.size()))
                .orElse(List.of());
        return new RoofRoom(on, best);
    }

    private static List<Thing> fitted(Design d, Body body, Thing panel) {
        List<Thing> more = new ArrayList<>();
        Design next = d;
        while (more.size() < MOST) {
            Thing named = panel.withId(next.freeId("roof-panel"));
            Optional<Thing> placed = FreePlace.find(next, named).map(named::with)
                    .filter(t -> FreePlace.onRoof(body, t));
            if (placed.isEmpty()) {
                break;
            }
            more.add(placed.get());
            next = next.plus(placed.get());
        }
        return more;
    }

    Study study(Design d) {
        Study.Notebook book = new Study.Notebook("power-roof", Stage.POWER, "Room on the roof", "");
        double watts = more.stream().mapToDouble(Thing::solar).sum();
        book.figure("power.roof.more", "Panels that would still fit", watts, Quantity.POWER, "panels × W",
                more.isEmpty()
                        ? Sentence.of("no panel of the catalogue finds a place")
                        : Sentence.of("{0} of {1}, {2}", more.size(), more.getFirst().name(),
                                Amount.kg(more.stream().mapToDouble(t -> t.mass().value()).sum())),
                "free places on the road, tried one after another");
        return book.sketch(picture(Body.of(d.base())))
                .note(on.isEmpty()
                        ? "Nothing is on the roof. Room to walk, vents to come and shade are for you to leave."
                        : "Dashed: where they would go. Room to walk, vents to come and shade are for you to leave.")
                .done();
    }

    private Sketch picture(Body body) {
        Sketch.Board board = new Sketch.Board("From above, front at the left");
        board.path(Sketch.Pen.MAIN, mirrored(body.planOutside()), true, Sentence.of(""));
        for (Thing t : on) {
            board.path(Sketch.Pen.AREA, mirrored(List.of(Solid.of(t.size(), t.place()).corners())), true,
                    Sentence.of("{0}", t.name()));
        }
        for (Thing t : more) {
            board.path(Sketch.Pen.DASHED, mirrored(List.of(Solid.of(t.size(), t.place()).corners())), true,
                    Sentence.of("{0}", Amount.watt(t.solar())));
        }
        return board.done();
    }

    /// The plan has y to the right of the way it goes; on paper the right side is below.
    private static double[][] mirrored(List<double[]> plan) {
        return plan.stream().map(p -> new double[]{p[0], -p[1]}).toArray(double[][]::new);
    }
}
