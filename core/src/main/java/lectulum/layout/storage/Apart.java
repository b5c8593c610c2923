package lectulum.layout.storage;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Soils.Soil;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Mend;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.layout.FreePlace;
import lectulum.space.Body;

/// What must not lie in one store: what is wet, foul or smells of fuel, with food, dishes, bedding and drinking water.
final class Apart {
    private static final Set<SystemGroup> CLEAN = EnumSet.of(SystemGroup.SLEEPING, SystemGroup.GALLEY,
            SystemGroup.COLD);

    /// Half a wheel and what it moves, before and behind the axle; steps in which a place is looked for \[m\].
    private static final double WHEEL = 0.45;
    private static final double STEP = 0.1;

    private Apart() {
    }

    /// What a thing brings into its store: as it is marked, otherwise by the waste water or fuel that it holds or leads.
    static Optional<Soil> soil(Thing t) {
        Optional<Feature.Soils> marked = t.feature(Feature.Soils.class);
        if (marked.isPresent()) {
            return marked.filter(s -> !s.closed()).map(Feature.Soils::soil);
        }
        if (leads(t, Plumbed.Hose.Water.WASTE)) {
            return Optional.of(Soil.FOUL);
        }
        return t.tank().flatMap(k -> switch (k.use()) {
            case GREY, BLACK -> Optional.of(Soil.FOUL);
            case PETROL, DIESEL -> Optional.of(Soil.FUMES);
            case FRESH, GAS -> Optional.empty();
        });
    }

    /// Whether somebody eats, drinks or sleeps with it.
    static boolean clean(Thing t) {
        return soil(t).isEmpty() && Keeping.packed(t) && (t.role() == Role.PROVISIONS || CLEAN.contains(t.system())
                || leads(t, Plumbed.Hose.Water.DRINKING)
                || t.tank().filter(k -> k.use() == Tank.Use.FRESH).isPresent());
    }

    private static boolean leads(Thing t, Plumbed.Hose.Water water) {
        return t.feature(Plumbed.Hose.class).filter(h -> h.water() == water).isPresent();
    }

    /// The clean things of a store.
    static List<Thing> clean(Design d, Keeping.Shelf shelf) {
        return shelf.contents().stream().flatMap(id -> d.thing(id).stream()).filter(Apart::clean).toList();
    }

    /// Into a store without clean things that has room for it, the smallest first; into a box that shuts; what smells of fuel
    /// outside.
    static Stream<Remedy> mend(Design d, Thing t) {
        Stream<Remedy> elsewhere = Keeping.of(d).withRoom(d, t).stream().filter(s -> clean(d, s).isEmpty())
                .flatMap(s -> Keeping.move(d, t.id(), s.thing()).stream()
                        .map(e -> new Remedy(Sentence.of("Put it into {0}", s.name()), e)));
        return Stream.concat(elsewhere, soil(t).stream().flatMap(soil -> soil == Soil.FUMES
                ? outside(d, t).stream()
                : Stream.concat(tube(d, t).stream(), Stream.of(Mend.feature(t, new Feature.Soils(soil, true),
                        Sentence.of("Keep it in a box that shuts"))))));
    }

    /// A tube of its own under the floor, clear of the wheels, for a hose that goes into it.
    private static Optional<Remedy> tube(Design d, Thing t) {
        if (!leads(t, Plumbed.Hose.Water.WASTE)) {
            return Optional.empty();
        }
        Thing tube = Catalogue.shipped().find("hose-tube-150-cm").orElseThrow().withId(d.freeId("hose-tube"));
        return FreePlace.first(d, tube, hung(d, tube.size())).flatMap(p -> {
            Design with = d.plus(tube.with(p));
            boolean takes = Keeping.of(with).withRoom(with, t).stream().anyMatch(s -> s.thing().equals(tube.id()));
            return takes
                    ? Keeping.move(with, t.id(), tube.id()).map(put -> new Remedy(
                            Sentence.of("A tube of its own under the floor"),
                            new Edit("A tube for " + t.name(), x -> put.change().apply(x.plus(tube.with(p))))))
                    : Optional.empty();
        });
    }

    /// Under the floor from the rear, along the right side, along the left one, across.
    private static Stream<Placement> hung(Design d, Size size) {
        Body body = Body.of(d.base());
        double side = body.halfWidth() - size.width();
        double under = -d.base().floor() - size.height();
        Stream<Placement> along = Stream.of(side, -side).flatMap(y -> clear(d, body, size.length() / 2)
                .mapToObj(x -> new Placement(x, y, under, 0)));
        return 2 * body.halfWidth() < size.length()
                ? along
                : Stream.concat(along, clear(d, body, size.width())
                        .mapToObj(x -> new Placement(x, 0, under, Math.PI / 2)));
    }

    /// Middles from the rear at which something that reaches so far each way is clear of the wheels.
    private static DoubleStream clear(Design d, Body body, double half) {
        return DoubleStream.iterate(body.length() - half, x -> x >= half, x -> x - STEP)
                .filter(x -> Math.abs(x - d.base().axle().x()) > half + WHEEL);
    }

    private static Optional<Remedy> outside(Design d, Thing t) {
        Thing out = t.with(Mount.OUTSIDE);
        return FreePlace.find(d, out).map(p -> new Remedy(Sentence.of("Carry it outside"),
                new Edit(t.name() + " outside", x -> x.mapping(t.id(), o -> o.with(Mount.OUTSIDE).with(p)))));
    }
}
