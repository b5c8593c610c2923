package lectulum.layout.loading;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// More straps, set wider, a longer ramp, more room above, a wider door.
final class LoadingRemedies {
    private LoadingRemedies() {
    }

    static Stream<Remedy> of(Known known, LoadingRules rule, Finding finding) {
        return finding.things().stream().limit(1).flatMap(t -> known.design().thing(t).stream())
                .flatMap(t -> switch (rule) {
                    case LOAD_ABOVE -> higher(known.design(), t);
                    case LOAD_SIDE -> doorway(known.design(), t, finding);
                    case LOAD_DOOR -> gate(known.design(), t);
                    default -> loading(t, rule);
                });
    }

    private static Stream<Remedy> loading(Thing t, LoadingRules rule) {
        Optional<Feature.Carried> carried = t.feature(Feature.Carried.class);
        if (carried.isEmpty()) {
            return Stream.empty();
        }
        Feature.Carried c = carried.get();
        Stream<Remedy> straps = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> Mend.feature(t, c.over(c.ramp(), c.straps() + k),
                        Sentence.of("{0} straps forwards", c.straps() + k)));
        Stream<Remedy> ramps = IntStream.rangeClosed(1, 20)
                .mapToObj(k -> Math.round((c.ramp() + 0.2 * k) * 100) / 100.0)
                .map(r -> Mend.feature(t, c.over(r, c.straps()), Sentence.of("A ramp of {0}", Amount.m(r))));
        Stream<Remedy> both = IntStream.rangeClosed(1, 4)
                .mapToObj(k -> Mend.feature(t, c.over(c.ramp(), c.straps() + k).heldBack(c.backStraps() + k),
                        Sentence.of("{0} straps forwards, {1} rearwards", c.straps() + k, c.backStraps() + k)));
        return switch (rule) {
            case LOAD_LASH, LOAD_SUM, LOAD_RINGS -> Stream.concat(straps, both);
            case LOAD_ASIDE -> Stream.concat(wider(t, c), Stream.concat(straps, both));
            case LOAD_RAMP, LOAD_CREST, LOAD_HEADER, LOAD_APPROACH -> ramps;
            case LOAD_INSIDE, LOAD_DOOR, LOAD_SIDE, LOAD_DRIVER, LOAD_ABOVE -> Stream.empty();
        };
    }

    /// A ramp door in the rear, as large as the load wants.
    private static Stream<Remedy> gate(Design d, Thing load) {
        double clear = Assumed.value(d, Assumption.LOAD_CLEAR);
        double wide = Math.ceil((load.size().width() + 2 * clear) * 100 - 1e-6) / 100;
        double high = Math.ceil((load.size().height() + 2 * clear) * 100 - 1e-6) / 100;
        return Catalogue.shipped().find("rear-ramp-door").stream().map(door -> {
            Feature.Opening o = door.feature(Feature.Opening.class).orElseThrow();
            Thing fit = door.with(new Size(door.size().length(), wide, high))
                    .with(new Feature.Opening(wide, high, o.leaf(), o.angle(), true, false))
                    .with(new Placement(d.base().shell().length() - door.size().length() / 2, 0, 0, 0));
            return new Remedy(Sentence.of("Add {0}, {1} × {2} clear", door.name(), Amount.m(wide), Amount.m(high)),
                    new Edit("Add " + door.name(), x -> x.plus(fit.withId(x.freeId(door.id())))));
        });
    }

    /// The opening it comes in by, made wide enough.
    private static Stream<Remedy> doorway(Design d, Thing load, Finding finding) {
        double clear = Assumed.value(d, Assumption.LOAD_CLEAR);
        double wide = Math.ceil((load.size().width() + 2 * clear) * 100 - 1e-6) / 100;
        return finding.things().stream().flatMap(id -> d.thing(id).stream())
                .flatMap(t -> t.feature(Feature.Opening.class).filter(o -> o.width() < wide).stream().map(o -> {
                    double more = wide - o.width();
                    boolean across = t.size().width() > t.size().length();
                    Size size = new Size(t.size().length() + (across ? 0 : more),
                            t.size().width() + (across ? more : 0), t.size().height());
                    return new Remedy(Sentence.of("Make {0} {1} wide, clear", t.name(), Amount.m(wide)),
                            new Edit("Wider " + t.name(), x -> x.mapping(t.id(), y -> y.with(size)
                                    .with(new Feature.Opening(wide, o.height(), o.leaf(), o.angle(), o.inside(),
                                            o.barred())))));
                }));
    }

    /// Straps that pull further to the side.
    private static Stream<Remedy> wider(Thing t, Feature.Carried c) {
        return IntStream.of(30, 45, 60).mapToDouble(Math::toRadians).filter(a -> a > c.aside() + 1e-9)
                .mapToObj(a -> Mend.feature(t, c.setAside(a), Sentence.of("Straps of {0} {1} to the side", t.name(),
                        new Amount(a, Quantity.ANGLE))));
    }

    /// What hangs over it raised by what is missing.
    private static Stream<Remedy> higher(Design d, Thing t) {
        Solid s = Solid.of(t.size(), t.place());
        return LoadingStudies.over(d, t).stream().map(o -> {
            double by = Math.ceil((Assumed.value(d, Assumption.OVER_LOAD)
                    - (Solid.of(o.size(), o.place()).z1() - s.z2())) * 100) / 100;
            return new Remedy(Sentence.of("{0} higher by {1}", o.name(), Amount.m(by)), new Edit("Raise " + o.name(),
                    x -> x.mapping(o.id(), y -> y.with(y.place().moved(0, 0, by)))));
        });
    }
}
