package lectulum.power;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.layout.FreePlace;

/// A larger inlet, a thicker cord, a breaker, a switch-over.
final class MainsRemedies {
    private static final double[] CORDS = {1.5, 2.5, 4, 5.26, 6, 10, 16};
    private static final double[] GENERATORS = {1000, 1800, 2200, 2800, 3500, 5000, 7000};

    private MainsRemedies() {
    }

    static Stream<Remedy> of(Known known, MainsRules rule, Finding finding) {
        Design d = known.design();
        Plant plant = Plant.of(d);
        Optional<Thing> inlet = plant.inlet();
        return switch (rule) {
            case INLET -> placed(d).stream();
            case TOO_MUCH -> inlet.stream().flatMap(MainsRemedies::larger);
            case LOW -> inlet.stream().flatMap(MainsRemedies::thicker);
            case GUARD -> inlet.stream().map(t -> Mend.feature(t, inletOf(t).guarded(),
                    Sentence.of("{0} with a fault-current breaker", t.name())));
            case JOINED -> plant.inverter().stream().map(MainsRemedies::switched);
            case GENERATOR -> plant.generator().stream().flatMap(MainsRemedies::stronger);
            case FUMES -> plant.generator().stream().flatMap(MainsRemedies::outside);
        };
    }

    private static Remedy switched(Thing t) {
        Electric.Inverter i = t.feature(Electric.Inverter.class).orElseThrow();
        return Mend.feature(t, new Electric.Inverter(i.watts(), i.surge(), i.idle(), i.efficiency(), i.always(), true),
                Sentence.of("{0} behind a transfer switch", t.name()));
    }

    /// In camp and at night beside the camper; on the road stowed in a thing, or outside.
    private static Stream<Remedy> outside(Thing t) {
        Thing beside = t.placed(Mode.CAMP, t.at(Mode.CAMP).away(true)).placed(Mode.NIGHT, t.at(Mode.NIGHT).away(true));
        Sentence camp = Sentence.of("{0} stands beside the camper in camp", t.name());
        return t.mount() == Mount.INSIDE
                ? Stream.of(put(t, beside.with(Mount.STOWED), camp),
                        put(t, beside.with(Mount.OUTSIDE), Sentence.of("{0} outside, on the road too", t.name())))
                : Stream.of(put(t, beside, camp));
    }

    private static Remedy put(Thing t, Thing to, Sentence says) {
        return new Remedy(says, new Edit("Generator outside", x -> x.mapping(t.id(), o -> to)));
    }

    private static Electric.Inlet inletOf(Thing t) {
        return t.feature(Electric.Inlet.class).orElseThrow();
    }

    private static Stream<Remedy> larger(Thing t) {
        Electric.Inlet has = inletOf(t);
        return Arrays.stream(Electric.Socket.values()).filter(s -> s.volts() == has.socket().volts()
                && s.amps() * s.legs() * s.continuous() > has.socket().amps() * has.socket().legs()
                        * has.socket().continuous())
                .sorted(Comparator.comparingDouble(s -> s.amps() * s.legs()))
                .map(s -> Mend.feature(t, has.with(s), Sentence.of("{0} for {1}", t.name(), s.label())));
    }

    private static Stream<Remedy> thicker(Thing t) {
        Electric.Inlet has = inletOf(t);
        return Arrays.stream(CORDS).filter(a -> a > has.area()).limit(3).mapToObj(a -> Mend.feature(t,
                has.withArea(a), Sentence.of("A cord of {0} mm²", Amount.count(a))));
    }

    private static Stream<Remedy> stronger(Thing t) {
        Electric.Generator g = t.feature(Electric.Generator.class).orElseThrow();
        return Arrays.stream(GENERATORS).filter(w -> w > g.watts()).limit(4).mapToObj(w -> Mend.feature(t, g.sized(w),
                Sentence.of("{0} of {1}", t.name(), Amount.watt(w))));
    }

    private static Optional<Remedy> placed(Design d) {
        Thing inlet = Catalogue.shipped().find("shore-inlet-and-breaker").orElseThrow();
        Thing named = inlet.withId(d.freeId("shore-inlet"));
        return FreePlace.find(d, named).map(p -> new Remedy(Sentence.of("{0}: {1}, {2}", inlet.name(),
                Amount.kg(inlet.mass().value()), Amount.money(inlet.cost().forecast())),
                new Edit("Shore inlet", x -> {
                    Design with = x.plus(named.with(p));
                    return Plant.of(with).inverter().map(MainsRemedies::switched).map(r -> r.edit().apply(with))
                            .orElse(with);
                })));
    }
}
