package lectulum.gas;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Where the smoke of burners leaves, against every opening through which it could come back (makers' instructions and local
/// codes rule).
final class Exhausts {
    /// From an opening at least \[m\] (assumed; makers ask for 0.3 to 1.2).
    static final double CLEAR = 0.9;
    /// Of a wall that smoke rises along, and beside an opening \[m\] (assumed).
    private static final double ALONG = 0.3;
    private static final double BESIDE = 0.1;
    private static final double STEP = 0.05;
    private static final double IN = 0.06;

    private Exhausts() {
    }

    /// Burners in the cabin that give their smoke outside, and outlets.
    static Optional<Study> of(Design d) {
        List<Thing> burners = burners(d);
        List<Thing> outlets = outlets(d);
        if (burners.isEmpty() && outlets.isEmpty()) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("gas-exhaust", Stage.AIR, "Where smoke leaves", "");
        if (outlets.isEmpty()) {
            Thing b = burners.getFirst();
            book.say(GasRules.EXHAUST, Subject.thing(b.id()), Severity.NOTE,
                    Sentence.of("Where the smoke of {0} leaves is not drawn", b.name()),
                    Sentence.of("It leaves {0} from any opening, and under none: smoke that comes back kills.",
                            Amount.m(CLEAR)),
                    List.of(b.id()));
            return Optional.of(book.done());
        }
        Listing.Maker table = new Listing.Maker("").words("Outlet", "Nearest opening").numbers("away");
        for (Thing out : outlets) {
            Optional<Thing> near = nearest(d, out);
            double away = near.map(o -> apart(out, o)).orElse(Double.NaN);
            if (near.isPresent()) {
                book.figure("exhaust." + out.id() + ".away", out.name() + ": nearest opening", away, Quantity.LENGTH,
                        "least distance of the two", Sentence.of("{0}", near.get().name()), "geometry of the sheet");
                table.row(out.name(), near.get().name(), Amount.m(away));
            }
            Optional<Thing> over = d.things().stream().filter(Exhausts::opens).filter(o -> over(d, out, o)).findFirst();
            if (near.isPresent() && away < CLEAR) {
                say(book, out, near.get(), Sentence.of("{0} is {1} from {2}", out.name(), Amount.m(away),
                        near.get().name()));
            } else {
                over.ifPresent(o -> say(book, out, o, Sentence.of("{0} is under {1}", out.name(), o.name())));
            }
        }
        return Optional.of(book.listing(table.done())
                .caution(
                        "Smoke leaves away from openings, to the side that is not slept on, and never under a skirt. Makers'"
                                + " distances rule; an alarm for carbon monoxide stays on.")
                .done());
    }

    private static void say(Study.Notebook book, Thing out, Thing opening, Sentence title) {
        book.say(GasRules.EXHAUST, Subject.thing(out.id()), Severity.STOP, title,
                Sentence.of("Smoke rises and comes in. {0} from any opening at least, and under none.",
                        Amount.m(CLEAR)),
                List.of(out.id(), opening.id()));
    }

    private static List<Thing> outlets(Design d) {
        return d.things().stream().filter(t -> t.has(Aired.SmokeOutlet.class) && !t.place().away()).toList();
    }

    private static List<Thing> burners(Design d) {
        return d.things().stream().filter(t -> t.mount() != Mount.OUTSIDE)
                .filter(t -> t.feature(Aired.RoomHeater.class).filter(h -> h.burns().flame() && h.sealed()).isPresent()
                        || t.feature(Fuelled.Burner.class).filter(b -> b.flue() == Fuelled.Flue.SEALED
                                || b.flue() == Fuelled.Flue.OPEN).isPresent())
                .toList();
    }

    /// Whether smoke could come in through it.
    private static boolean opens(Thing t) {
        return !t.place().away() && (t.has(Feature.Opening.class) || t.has(Aired.Vent.class) || t.has(Aired.Fan.class));
    }

    private static double apart(Thing a, Thing b) {
        return Solid.of(a.size(), a.place()).distanceTo(Solid.of(b.size(), b.place()));
    }

    private static Optional<Thing> nearest(Design d, Thing out) {
        return d.things().stream().filter(Exhausts::opens).min(Comparator.comparingDouble(o -> apart(out, o)));
    }

    /// Whether an opening in a wall is over an outlet that stands before or under that wall.
    private static boolean over(Design d, Thing out, Thing opening) {
        Solid o = Solid.of(opening.size(), opening.place());
        Solid s = Solid.of(out.size(), out.place());
        boolean wall = opening.place().z() + opening.size().height() / 2 > 0 && Body.of(d.base()).overhead() > o.z1();
        boolean beside = s.x() > o.minX() - BESIDE && s.x() < o.maxX() + BESIDE
                && Math.abs(s.y() - o.y()) < ALONG + o.reachY();
        return wall && beside && o.z1() >= s.z2();
    }

    private static boolean clear(Design d, Thing out) {
        return nearest(d, out).map(o -> apart(out, o) >= CLEAR).orElse(true)
                && d.things().stream().noneMatch(o -> opens(o) && over(d, out, o));
    }

    /// At the edge of the floor, under it, where nothing else is: the nearest to the burner.
    static Stream<Remedy> remedies(Design d, Thing about) {
        boolean drawn = about.has(Aired.SmokeOutlet.class);
        Optional<Thing> shelf = drawn
                ? Optional.of(about)
                : Catalogue.shipped().find("exhaust-outlet").map(t -> t.withId(d.freeId("exhaust-outlet")));
        Thing from = drawn ? burners(d).stream().findFirst().orElse(about) : about;
        return shelf.flatMap(t -> place(d, t, from).map(p -> drawn
                ? new Remedy(Sentence.of("{0} {1} behind the front, {2}", t.name(), Amount.m(p.x()), side(p)),
                        new Edit("Move " + t.name(), x -> x.mapping(t.id(), o -> o.with(p))))
                : new Remedy(Sentence.of("An outlet {0} behind the front, {1}", Amount.m(p.x()), side(p)),
                        new Edit("An outlet", x -> x.plus(t.with(p))))))
                .stream();
    }

    private static Sentence side(Placement p) {
        return Sentence.of(p.y() < 0 ? "at the left edge" : "at the right edge");
    }

    private static Optional<Placement> place(Design d, Thing t, Thing burner) {
        Body body = Body.of(d.base());
        List<Solid> others = d.things().stream().filter(o -> !o.id().equals(t.id()) && o.solid() && !o.place().away())
                .map(o -> Solid.of(o.size(), o.place())).toList();
        double edge = body.halfWidth() - IN;
        double under = -d.base().floor() - t.size().height();
        return DoubleStream.iterate(STEP, x -> x < body.length(), x -> x + STEP).boxed()
                .flatMap(x -> Stream.of(-edge, edge)
                        .map(y -> new Placement(x, y, under, 0)))
                .filter(p -> others.stream().allMatch(o -> Solid.of(t.size(), p).distanceTo(o) > 0.01))
                .filter(p -> clear(d.without(List.of(t.id())), t.with(p)))
                .min(Comparator.comparingDouble(
                        p -> Math.hypot(p.x() - burner.place().x(), p.y() - burner.place().y())));
    }
}
