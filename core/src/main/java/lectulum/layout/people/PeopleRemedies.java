package lectulum.layout.people;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.base.Raising;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Bodies;
import lectulum.space.Contents;
import lectulum.space.Solid;

/// Longer beds, an upper bed hung where both can sit up, seats and tables of another height, steps before the door.
final class PeopleRemedies {
    private PeopleRemedies() {
    }

    static Stream<Remedy> of(Known known, PeopleRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        return switch (rule) {
            case SLEEP_LENGTH -> longer(d, finding);
            case FLOOR_STEP -> thing.stream().flatMap(t -> steps(known, t));
            case BUNK_HEIGHT -> bunk(known, finding);
            case SEAT_HEAD, SEAT_HEIGHT, WORKTOP_HEIGHT -> thing.stream().flatMap(PeopleRemedies::height);
            case PEOPLE_HEADROOM -> Raising.standing(d, known.of(Bodies.DISCIPLINE).road(),
                    known.of(Bodies.DISCIPLINE).in(Mode.CAMP));
            case SANITARY_ROOM, SLEEP_CAPACITY, SLEEP_SIT, SLEEP_WIDTH, SLEEP_GROWTH,
                    ITEM_KEEPCLEAR ->
                Stream.empty();
        };
    }

    /// A bed long enough for who sleeps on it, kept where it is, or pushed towards either end as far as that needs.
    private static Stream<Remedy> longer(Design d, Finding finding) {
        Optional<Thing> bed = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        Optional<Person> who = finding.about() instanceof Subject.Sleeper(String _, String person)
                ? d.brief().people().stream().filter(p -> p.id().equals(person)).findFirst()
                : Optional.empty();
        if (bed.isEmpty() || who.isEmpty()) {
            return Stream.empty();
        }
        Thing t = bed.get();
        double need = Math.ceil(new Needs(who.get().height()).lyingLeast() * 1000 - 1e-6) / 1000;
        Feature.Bed b = t.feature(Feature.Bed.class).orElseThrow();
        double more = need - b.length();
        return Stream.of(0.0, 1.0, -1.0).map(way -> {
            String where = way == 0 ? "" : way > 0 ? ", to the rear" : ", to the front";
            return new Remedy(Sentence.of("Make {0} {1} long" + where, t.name(), Amount.m(need)),
                    new Edit("Lengthen " + t.name(), x -> x.mapping(t.id(), y -> stretched(
                            y.with(new Feature.Bed(need, b.width(), b.carries())), more, way))));
        });
    }

    /// Longer, and pushed along its length in every mode by half of that, or not.
    private static Thing stretched(Thing t, double more, double way) {
        Thing longer = t.with(new Size(t.size().length() + more, t.size().width(), t.size().height()))
                .with(pushed(t.place(), way * more / 2));
        for (var other : t.elsewhere().entrySet()) {
            longer = longer.placed(other.getKey(), pushed(other.getValue(), way * more / 2));
        }
        return longer;
    }

    private static Placement pushed(Placement at, double by) {
        return at.moved(Math.cos(at.yaw()) * by, Math.sin(at.yaw()) * by, 0);
    }

    /// An upper bed hung where both can sit up, with what it lies on.
    private static Stream<Remedy> bunk(Known known, Finding finding) {
        Design d = known.design();
        return known.of(People.DISCIPLINE).comfort().bunks().stream()
                .filter(b -> finding.things().contains(b.upper()))
                .map((Comfort.Bunks b) -> {
                    Thing upper = d.thing(b.upper()).orElseThrow();
                    Solid top = Solid.of(upper.size(), upper.at(Mode.NIGHT));
                    double now = top.z2() - b.thick();
                    double by = Math.round((b.best().underside() - now) * 1000) / 1000.0;
                    List<String> both = d.things().stream().filter(t -> {
                        Solid s = Solid.of(t.size(), t.at(Mode.NIGHT));
                        return t.solid() && s.z1() >= now - 0.001 && s.z2() <= top.z2() + 0.001
                                && s.levelApartFrom(top).depth() > 0.1;
                    }).map(Thing::id).toList();
                    return new Remedy(
                            Sentence.of("Hang {0} {1} {2}", upper.name(), Amount.m(Math.abs(by)),
                                    by > 0 ? "higher" : "lower"),
                            new Edit("Hang " + upper.name(),
                                    x -> Contents.moved(x, both, Mode.NIGHT, 0, 0, by)));
                });
    }

    /// Steps that ride under the floor and stand before the door in camp.
    private static Stream<Remedy> steps(Known known, Thing door) {
        Design d = known.design();
        double side = Math.signum(door.place().y()) == 0 ? 1 : Math.signum(door.place().y());
        return Stream.of("step-double-folding", "step-folding").flatMap(id -> Catalogue.shipped().find(id).stream())
                .flatMap(step -> DoubleStream.of(0, 0.6, -0.6, 0.9, -0.9, 1.2, -1.2).mapToObj(off -> {
                    double under = -d.base().floor() - step.size().height() - 0.01;
                    Placement road = new Placement(door.place().x() + off, side * 0.3, under, 0);
                    Placement camp = new Placement(door.place().x(),
                            side * (known.of(Bodies.DISCIPLINE).road().halfWidth() + step.size().width() / 2 + 0.01),
                            -d.base().floorHeight(), 0);
                    return new Remedy(Sentence.of("Add {0} before {1}", step.name(), door.name()),
                            new Edit("Add a step", x -> x.plus(step.withId(x.freeId("step")).with(road)
                                    .placed(Mode.CAMP, camp))));
                }));
    }

    /// A seat or a table of another height.
    private static Stream<Remedy> height(Thing t) {
        double top = Solid.of(t.size(), t.at(Mode.CAMP)).z2();
        return DoubleStream.of(-0.05, 0.05, -0.1, 0.1, -0.15, 0.15, -0.2, 0.2).mapToObj(by -> {
            double high = Math.round((t.size().height() + by) * 1000) / 1000.0;
            return new Remedy(Sentence.of("Build {0} with its top at {1}", t.name(), Amount.m(top + by)),
                    new Edit("Height of " + t.name(), d -> d.mapping(t.id(), x -> x.with(
                            new Size(x.size().length(), x.size().width(),
                                    Math.max(0.02, high))))));
        });
    }
}
