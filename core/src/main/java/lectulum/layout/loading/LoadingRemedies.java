package lectulum.layout.loading;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// More straps, set wider, a longer ramp, more room above.
final class LoadingRemedies {
    private LoadingRemedies() {
    }

    static Stream<Remedy> of(Known known, LoadingRules rule, Finding finding) {
        return finding.things().stream().limit(1).flatMap(t -> known.design().thing(t).stream())
                .flatMap(t -> rule == LoadingRules.LOAD_ABOVE ? higher(known.design(), t) : loading(t, rule));
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
