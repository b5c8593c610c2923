package lectulum.base.gear;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.UsualTyre;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Gear;
import lectulum.discipline.Known;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.gear.RunningGear;

/// Other hanger holes, longer shackles, a longer guide, tyres that fit, the axle where the tapes found it.
final class GearRemedies {
    private GearRemedies() {
    }

    static Stream<Remedy> of(Known known, GearRules rule, Finding finding) {
        Design d = known.design();
        Gear gear = d.base().carcass().gear();
        return switch (rule) {
            case GEAR_SHACKLE -> gear.springs().stream().flatMap(s -> shackle(gear, s));
            case GEAR_GUIDE -> gear.guide().stream().flatMap(g -> guides(g)
                    .map(other -> remedy(Sentence.of(other.kind() == Gear.Guide.Kind.BAR
                            ? "A level bar of {0}"
                            : g.kind() == Gear.Guide.Kind.BAR ? "Two arms of {0} and a link" : "Arms of {0}",
                            Amount.m(other.arm())), gear.withGuide(Optional.of(other)))));
            case GEAR_PLACE -> gear.tapes().stream().limit(1).map(t -> placed(d, t));
            case GEAR_GUARD, RIDE_GUARD -> tyres(d);
            case GEAR_PARALLEL, GEAR_TAPES, GEAR_SQUARE -> Stream.empty();
        };
    }

    /// Longer ones of its kind; for a bar those that are usual too, and what keeps straight.
    private static Stream<Gear.Guide> guides(Gear.Guide g) {
        boolean bar = g.kind() == Gear.Guide.Kind.BAR;
        Stream<Gear.Guide> longer = DoubleStream.concat(DoubleStream.of(1.25, 1.5, 2.0).map(k -> k * g.arm()),
                bar ? DoubleStream.of(0.6, 0.8, 1.0, 1.2) : DoubleStream.empty())
                .map(arm -> Math.round(arm * 100) / 100.0).filter(arm -> arm > g.arm()).distinct().sorted()
                .mapToObj(arm -> new Gear.Guide(g.kind(), arm, bar ? 0 : g.offset()));
        return bar ? Stream.concat(longer, Stream.of(new Gear.Guide(Gear.Guide.Kind.LINK, 0.35, 0.14))) : longer;
    }

    private static Stream<Remedy> tyres(Design d) {
        return Guards.fitting(d).stream().limit(4).map(t -> fitted(t));
    }

    private static Remedy fitted(UsualTyre t) {
        Sentence title = Sentence.of("Tyres {0}, {1} across", t.size(), Amount.m(t.diameter()));
        return new Remedy(title, new Edit("Other tyres", x -> {
            Axle a = x.base().axle();
            return x.with(x.base().with(a.withWheels(a.track(), t.diameter(), t.width())));
        }));
    }

    private static Stream<Remedy> shackle(Gear gear, Gear.Springs s) {
        return Stream.of(1.0, 1.2, 1.4, 1.7, 2.0).flatMap(k -> {
            double length = Math.round(k * s.shackle() * 1000) / 1000.0;
            double holes = new RunningGear.LeafSpring(s.leaf(), length, s.rise()).hangers(s.laden(), s.angle());
            return holes > 0
                    ? Stream.of(remedy(
                            k == 1
                                    ? Sentence.of("Holes {0} apart", Amount.m(holes))
                                    : Sentence.of("Shackles of {0}, holes {1} apart", Amount.m(length),
                                            Amount.m(holes)),
                            gear.withSprings(
                                    Optional.of(new Gear.Springs(s.leaf(), s.free(), s.laden(), s.bump(), length,
                                            s.rise(), s.angle(), OptionalDouble.of(Math.round(holes * 1e4) / 1e4))))))
                    : Stream.<Remedy>empty();
        });
    }

    private static Remedy placed(Design d, Gear.Tapes t) {
        double found = d.base().ballToMiddle() + AxleSquare.offPlan(d).orElse(0);
        return new Remedy(Sentence.of("Take the axle to be {0} behind the ball", Amount.m(found)),
                new Edit("Axle as taped",
                        x -> x.with(x.base().with(x.base().axle().at(found - x.base().tongueLength())))));
    }

    private static Remedy remedy(Sentence title, Gear gear) {
        return new Remedy(title, new Edit("Running gear", x -> {
            Base base = x.base();
            Carcass carcass = base.carcass();
            return x.with(base.with(carcass.with(gear)));
        }));
    }
}
