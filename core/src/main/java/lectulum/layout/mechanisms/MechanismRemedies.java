package lectulum.layout.mechanisms;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.mechanisms.RisingBed;
import lectulum.kernel.mechanisms.SmallParts;
import lectulum.units.Quantity;

/// Other struts, runners, bars, legs, fixings, cables, gears and slats.
final class MechanismRemedies {
    private MechanismRemedies() {
    }

    static Stream<Remedy> of(Known known, MechanismRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> thing = finding.things().stream().flatMap(t -> d.thing(t).stream()).findFirst();
        return thing.stream().flatMap(t -> switch (rule) {
            case LID_TRAVEL, LID_HAND, LID_COLD, LID_HOT -> lid(d, t);
            case LIFT_UNLOCKED -> locked(t);
            case LIFT_TRAVEL -> Stream.concat(rising(d, t), within(t));
            case LIFT_START, LIFT_COLD -> rising(d, t);
            case SLIDE_ROOT, SLIDE_PERSON, SLIDE_OVERLAP -> slide(t);
            case PARK_PERSON, PARK_TIP -> Stream.concat(Stream.of(Mend.assumed(Assumption.CAMP_REAR_JACKS, 2,
                    Sentence.of("Two rear jacks, lowered before it is pulled out"))), shorter(t));
            case TAMBOUR_RADIUS, TAMBOUR_PARK, TAMBOUR_EXIT, LEG_BUCKLE, LEG_LOCK, BEARER_STRESS, BEARER_SAG,
                    HUNG_FIXING,
                    CABLE_WEAK, HOIST_CRANK, HOIST_HOLDS ->
                parts(d, t);
        });
    }

    private static Stream<Remedy> lid(Design d, Thing t) {
        Feature.Lid f = t.feature(Feature.Lid.class).orElseThrow();
        return StrutStudies.chosen(d, t, f).stream().map(b -> Mend.feature(t, b,
                Sentence.of("{0} struts of {1}, {2} long, body mount at {3} out and {4} down", b.struts(),
                        new Amount(b.force(), Quantity.FORCE), Amount.m(b.extended()), Amount.m(b.bodyX()),
                        Amount.m(-b.bodyZ()))));
    }

    private static Stream<Remedy> locked(Thing t) {
        Feature.Rising r = t.feature(Feature.Rising.class).orElseThrow();
        return Stream.of(Mend.feature(t, new Feature.Rising(r.low(), r.high(), r.centre(), r.frontX(), r.frontZ(),
                r.frontBed(), r.rearX(), r.rearZ(), r.rearBed(), r.frontForce(), r.rearForce(), r.ratio(), r.stroke(),
                r.extended(), r.depth(), r.play(), true),
                Sentence.of("Give it pins for the road and ledges for the night")));
    }

    private static Stream<Remedy> rising(Design d, Thing t) {
        Feature.Rising r = t.feature(Feature.Rising.class).orElseThrow();
        return StrutStudies.chosen(d, t, r).stream()
                .map(b -> Mend.feature(t, b, Sentence.of("Front struts of {0}, rear struts of {1}",
                        new Amount(b.frontForce(), Quantity.FORCE), new Amount(b.rearForce(), Quantity.FORCE))));
    }

    /// Raised, or let down, only as far as its struts reach.
    private static Stream<Remedy> within(Thing t) {
        Feature.Rising r = t.feature(Feature.Rising.class).orElseThrow();
        RisingBed bed = StrutStudies.rising(t, r);
        Optional<Remedy> top = last(r.low(), r.high(), z -> bed.beyondTravel(r.low(), z))
                .map(z -> Mend.feature(t, between(r, r.low(), z), Sentence.of("Raise it only to {0}", Amount.m(z))));
        Optional<Remedy> foot = last(r.high(), r.low(), z -> bed.beyondTravel(z, r.high()))
                .map(z -> Mend.feature(t, between(r, z, r.high()),
                        Sentence.of("Let it down only to {0}", Amount.m(z))));
        return Stream.of(top, foot).flatMap(Optional::stream);
    }

    /// The last of the places from one towards another, centimetre by centimetre, that is not beyond the travel.
    private static Optional<Double> last(double from, double to, DoubleUnaryOperator beyond) {
        double step = Math.copySign(0.01, to - from);
        return IntStream.iterate((int) Math.floor(Math.abs(to - from) * 100 + 1e-9), n -> n >= 5, n -> n - 1)
                .mapToObj(n -> Math.round((from + n * step) * 1000) / 1000.0)
                .filter(z -> beyond.applyAsDouble(z) <= 0).findFirst();
    }

    private static Feature.Rising between(Feature.Rising r, double low, double high) {
        return new Feature.Rising(low, high, r.centre(), r.frontX(), r.frontZ(), r.frontBed(), r.rearX(), r.rearZ(),
                r.rearBed(), r.frontForce(), r.rearForce(), r.ratio(), r.stroke(), r.extended(), r.depth(), r.play(),
                r.locked());
    }

    private static Stream<Remedy> slide(Thing t) {
        Feature.Rails r = t.feature(Feature.Rails.class).orElseThrow();
        Feature.Drawer f = t.feature(Feature.Drawer.class).orElseThrow();
        double third = Math.ceil(f.travel() / 3 * 1000) / 1000;
        Stream<Remedy> stronger = DoubleStream.of(1.25, 1.5, 2, 3).map(k -> Math.ceil(k * r.rated() / 5) * 5)
                .mapToObj(
                        rated -> Mend.feature(t, new Feature.Rails(Math.max(r.overlap(), third), rated, r.stiffness()),
                                Sentence.of("Runners for {0} with {1} left in", Amount.kg(rated),
                                        Amount.m(Math.max(r.overlap(), third)))));
        return Stream.concat(stronger, shorter(t));
    }

    private static Stream<Remedy> shorter(Thing t) {
        return t.feature(Feature.Drawer.class).stream().flatMap(f -> DoubleStream.of(0.8, 0.6, 0.4)
                .map(k -> Math.round(k * f.travel() * 100) / 100.0)
                .mapToObj(travel -> Mend.feature(t, new Feature.Drawer(f.face(), travel),
                        Sentence.of("Pull it out only {0}", Amount.m(travel)))));
    }

    private static Stream<Remedy> parts(Design d, Thing t) {
        return t.features().stream().flatMap(f -> switch (f) {
            case Feature.Bearers b -> Stream.concat(
                    DoubleStream.of(1.25, 1.5, 2).map(k -> Math.ceil(k * b.thick() * 1000) / 1000)
                            .mapToObj(thick -> Mend.feature(t,
                                    b.sized(b.count(), thick),
                                    Sentence.of("Bars {0} thick", Amount.m(thick)))),
                    Stream.of(Mend.feature(t,
                            b.sized(2 * b.count(), b.thick()),
                            Sentence.of("{0} bars", 2 * b.count()))));
            case Feature.Leg l -> Stream.concat(
                    DoubleStream.of(1.25, 1.5, 2).map(k -> Math.ceil(k * l.thick() * 1000) / 1000)
                            .mapToObj(thick -> Mend.feature(t,
                                    new Feature.Leg(l.length(), thick, Math.max(thick, l.wide()), l.stuff(), l.load(),
                                            true),
                                    Sentence.of("A leg {0} thick that locks", Amount.m(thick)))),
                    Stream.of(
                            Mend.feature(t, new Feature.Leg(l.length(), l.thick(), l.wide(), l.stuff(), l.load(), true),
                                    Sentence.of("A lock over centre"))));
            case Feature.Hung h -> IntStream.of(2, 3, 4).mapToObj(k -> Mend.feature(t,
                    new Feature.Hung(h.off(), h.rows(), k * h.top(), k * h.all(), h.pull(), h.shear()),
                    Sentence.of("{0} fixings, {1} of them above", k * h.all(), k * h.top())));
            case Feature.Cables c -> Stream.of(45, 60, 75).map(Math::toRadians)
                    .flatMap(a -> IntStream.of(1, 2).mapToObj(k -> Mend.feature(t,
                            new Feature.Cables(k * c.lines(), Math.max(a, c.angle()), c.strength()),
                            Sentence.of("{0} cables, {1} above the level", k * c.lines(),
                                    new Amount(Math.max(a, c.angle()), Quantity.ANGLE)))));
            case Feature.Hoist h -> Stream.of(1.0, 1.5, 2.0, 3.0)
                    .map(k -> Mend.feature(t,
                            new Feature.Hoist(h.lines(), h.sheaves(), h.drum(), h.crank(), k * h.gear(), true),
                            Sentence.of("A gear of {0} that holds by itself", Amount.count(k * h.gear()))));
            case Feature.RollFront r when r.groove() <= r.thick() -> {
                double groove = r.thick() + 0.002;
                yield Stream.of(Mend.feature(t, new Feature.RollFront(r.slat(), r.thick(), groove,
                        Math.max(r.radius(), SmallParts.rollFrontRadius(r.slat(), r.thick(), groove)), r.opening(),
                        r.overlap(), r.run(), r.exit()),
                        Sentence.of("A groove of {0}, bent no sharper than its slats go round", Amount.m(groove))));
            }
            case Feature.RollFront r -> DoubleStream.of(0.8, 0.6, 0.4)
                    .map(k -> Math.round(k * r.slat() * 1000) / 1000.0)
                    .mapToObj(slat -> Mend.feature(t,
                            new Feature.RollFront(slat, r.thick(), r.groove(), r.radius(), r.opening(), r.overlap(),
                                    Math.max(r.run(), r.opening() + r.overlap()), Math.max(r.exit(), slat)),
                            Sentence.of("Slats of {0}, parked in {1}, with a rail that comes off", Amount.m(slat),
                                    Amount.m(Math.max(r.run(), r.opening() + r.overlap())))));
            default -> Stream.<Remedy>empty();
        });
    }
}
