package lectulum.analysis;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.balance.weigh.WeighDay;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.units.Quantity;

/// What would mend a trip, a camp, a hitch, a turn or the way it runs: other places, longer tongues, other settings.
final class JourneyRemedies {
    private static final double STEP = 0.01;
    private static final int MOVED = 12;
    private static final Set<String> RULES = Set.of("trip", "tie", "camp", "level", "hitch", "ride", "bars", "turn",
            "drive", "sway", "tip", "climb", "brakes", "tyres", "dry", "chain", "torsion", "weigh");

    private JourneyRemedies() {
    }

    static boolean knows(String id) {
        return id.equals("out.turn") || id.equals("out.tailgate")
                || RULES.contains(id.substring(0, Math.max(0, id.indexOf('.'))));
    }

    static Stream<Remedy> of(Analysis analysis, Finding finding) {
        Design d = analysis.design();
        return switch (finding.id()) {
            case "trip.share", "climb.lift" -> Stream.concat(BalanceRemedies.of(analysis, "balance.tongue-share"),
                    tanks(d));
            case "trip.grey", "trip.fresh" -> Stream.empty();
            case "out.turn", "out.tailgate", "turn.circle" -> tongues(d);
            case "camp.tip", "camp.falls" -> Stream.concat(
                    Stream.of(set("camp.rear.jacks", 2, Sentence.of("Set two rear jacks first"))),
                    BalanceRemedies.of(analysis, "balance.tongue-share"));
            case "camp.margin" -> DoubleStream.of(0.05, 0).mapToObj(v -> set("camp.rear.inset", v,
                    Sentence.of("Set the rear jacks {0} from the corner", Amount.m(v))));
            case "ride.guard" -> GearRemedies.tyres(d);
            case "hitch.level" -> Stream.of(level(d));
            case "bars.rear" -> Stream.of(set("bars.restored", 0.5,
                    Sentence.of("Bring back half of what the front axle lost")));
            case "sway.damping" -> Stream.concat(Stream.concat(speeds(d), gathered(analysis)), tongues(d));
            case "weigh.lacks" -> weighed(d);
            case "brakes.needed" -> Stream.of(base(Sentence.of("Take a braked axle"), "Braked axle",
                    b -> b.with(b.axle().withBrakes(true))));
            case "tip.low" -> lower(d);
            default -> finding.id().startsWith("tie.") ? tied(d, finding) : Stream.empty();
        };
    }

    private static Stream<Remedy> weighed(Design d) {
        return d.weighings().isEmpty()
                ? Stream.empty()
                : Stream.of(new Remedy(Sentence.of("Take over what the weigh day of {0} makes of the masses",
                        d.weighings().getLast().date()),
                        new Edit("Accept the weighed masses",
                                x -> WeighDay.of(x, x.weighings().getLast()).acceptAll(x))));
    }

    private static Remedy set(String id, double value, Sentence says) {
        return new Remedy(says, new Edit(Assumed.entry(id).label(), d -> d.with(d.settings().with(id, value))));
    }

    private static Remedy base(Sentence says, String name, UnaryOperator<Base> change) {
        return new Remedy(says, new Edit(name, d -> d.with(change.apply(d.base()))));
    }

    private static Stream<Remedy> tongues(Design d) {
        double now = d.base().tongueLength();
        return IntStream.rangeClosed(1, 25).mapToObj(i -> Math.round((now + 0.04 * i) * 100) / 100.0)
                .map(l -> new Remedy(Sentence.of("Make the tongue {0} long", Amount.m(l)),
                        new Edit("Longer tongue", x -> lengthened(x, l))));
    }

    /// The jack stands on the frame and moves along.
    private static Design lengthened(Design d, double length) {
        double jack = Assumed.value(d, "jack.at") + length - d.base().tongueLength();
        return d.with(d.base().withTongue(length)).with(
                d.settings().with("jack.at", Math.min(jack, Assumed.entry("jack.at").high())));
    }

    private static Stream<Remedy> speeds(Design d) {
        double now = Assumed.value(d, "road.speed");
        return IntStream.rangeClosed(1, 8).mapToDouble(i -> Math.floor((now * 3.6 - 5 * i) / 5) * 5 / 3.6)
                .filter(v -> v >= 10).mapToObj(v -> set("road.speed", v,
                        Sentence.of("Drive no faster than {0}", new Amount(v, Quantity.SPEED))));
    }

    /// Things far from the axle brought nearer to it.
    private static Stream<Remedy> gathered(Analysis analysis) {
        Design d = analysis.design();
        double axle = d.base().axle().x();
        return movable(d).flatMap(t -> DoubleStream.of(0.5, 1.0).mapToObj(part -> {
            double by = Math.round((axle - t.place().x()) * part / STEP) * STEP;
            return LayoutRemedies.move(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0);
        }));
    }

    private static Stream<Thing> movable(Design d) {
        return d.things().stream().filter(t -> t.fix() != Fix.FIXED && t.mount() != Mount.SPREAD)
                .sorted(Comparator.comparingDouble((Thing t) -> -LoadCase.DEPARTURE.massOf(t))).limit(MOVED);
    }

    /// Fresh tanks moved along the camper, a step at a time.
    static Stream<Remedy> tanks(Design d) {
        return d.things().stream().filter(t -> t.tank().isPresent()).flatMap(t -> DoubleStream
                .of(-0.3, 0.3, -0.6, 0.6, -0.9, 0.9)
                .mapToObj(by -> LayoutRemedies.move(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0)));
    }

    private static Remedy level(Design d) {
        double coupler = Assumed.value(d, "hitch.coupler");
        return new Remedy(Sentence.of("A ball mount that brings the ball to {0}", Amount.m(coupler)),
                new Edit("Ball mount", x -> x.with(x.vehicle().withGeometry(x.vehicle().wheelbase(),
                        x.vehicle().overhang(), coupler))));
    }

    private static Stream<Remedy> lower(Design d) {
        return d.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && t.place().z() > 1)
                .map(t -> new Remedy(Sentence.of("Leave {0} at home", t.name()),
                        new Edit("Leave out " + t.name(), x -> x.without(List.of(t.id())))));
    }

    private static Stream<Remedy> tied(Design d, Finding finding) {
        return finding.things().stream().flatMap(id -> d.thing(id).stream())
                .map(t -> new Remedy(Sentence.of("Tie {0} down", t.name()),
                        new Edit("Tie down " + t.name(), x -> x.mapping(t.id(), y -> y.with(Fix.MOVABLE)))));
    }
}
