package lectulum.balance.road;

import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.BalanceRemedies;
import lectulum.balance.turning.TurningRemedies;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.space.Contents;
import lectulum.units.Quantity;

/// Less speed, things nearer to the axle, a longer tongue; things tied down or left at home.
final class RoadRemedies {
    private static final double STEP = 0.01;
    /// Roofs and racks are rated in steps of that \[kg\].
    private static final double RATED_STEP = 5;

    private RoadRemedies() {
    }

    static Stream<Remedy> of(Known known, RoadRules rule, Finding finding) {
        Design d = known.design();
        return switch (rule) {
            case CLIMB_LIFT -> Stream.concat(BalanceRemedies.tongue(known), BalanceRemedies.tanks(d));
            case SWAY_DAMPING -> Stream.concat(Stream.concat(speeds(d), gathered(d)), TurningRemedies.tongues(d));
            case TIP_LOW -> lower(d);
            case TIE -> tied(d, finding);
            case SLOSH_LIFT -> parted(d);
            case ROOF_ROAD -> unloaded(d, Assumption.ROOF_ROAD, RoadStudies.onRoof(d));
            case ROOF_STILL -> unloaded(d, Assumption.ROOF_STILL, RoadStudies.atRest(d));
            case SWAY_TURNS_AWAY, ROOF_UNKNOWN -> Stream.empty();
        };
    }

    /// Baffles in the tank in which most runs.
    private static Stream<Remedy> parted(Design d) {
        return d.things().stream()
                .filter(t -> t.tank().filter(k -> k.use() != Tank.Use.GAS).isPresent() && Slosh.partedAlong(t))
                .sorted(Comparator.comparingDouble(t -> -t.tank().orElseThrow().capacity() * t.size().length()))
                .flatMap(t -> IntStream.rangeClosed(2, 4).filter(n -> n > Slosh.rooms(t))
                        .mapToObj(n -> Mend.feature(t, t.feature(Plumbed.Vessel.class).orElse(Plumbed.Vessel.USUAL)
                                .withRooms(n), Sentence.of("{0} parted into {1} rooms by baffles", t.name(), n))));
    }

    private static Stream<Remedy> speeds(Design d) {
        double now = Assumed.value(d, Assumption.ROAD_SPEED);
        return IntStream.rangeClosed(1, 8).mapToDouble(i -> Math.floor((now * 3.6 - 5 * i) / 5) * 5 / 3.6)
                .filter(v -> v >= 10).mapToObj(v -> Mend.assumed(Assumption.ROAD_SPEED, v,
                        Sentence.of("Drive no faster than {0}", new Amount(v, Quantity.SPEED))));
    }

    /// Things far from the axle brought nearer to it.
    private static Stream<Remedy> gathered(Design d) {
        double axle = d.base().axle().x();
        return BalanceRemedies.movable(d).stream().flatMap(t -> DoubleStream.of(0.5, 1.0).mapToObj(part -> {
            double by = Math.round((axle - t.place().x()) * part / STEP) * STEP;
            return Contents.shift(t, Mode.ROAD, Math.abs(by), Math.signum(by), 0, 0);
        }));
    }

    private static Stream<Remedy> lower(Design d) {
        return d.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && t.place().z() > 1)
                .map(t -> leftOut(List.of(t)));
    }

    /// The lightest thing that is enough left at home, or the heaviest ones until it is; or a roof that bears it all.
    private static Stream<Remedy> unloaded(Design d, Assumption limit, double load) {
        double over = load - Assumed.value(d, limit);
        List<Thing> up = RoadStudies.roofed(d).sorted(Comparator.comparingDouble(t -> -t.mass().value())).toList();
        List<Remedy> enough = up.reversed().stream().filter(t -> load - left(d, limit, List.of(t)) >= over)
                .map(t -> leftOut(List.of(t))).toList();
        List<Remedy> several = enough.isEmpty()
                ? IntStream.rangeClosed(2, up.size()).mapToObj(n -> up.subList(0, n))
                        .filter(some -> load - left(d, limit, some) >= over).limit(1).map(RoadRemedies::leftOut)
                        .toList()
                : List.of();
        double rated = Math.ceil(load / RATED_STEP) * RATED_STEP;
        return Stream.of(enough.stream(), several.stream(), rated <= Assumed.entry(limit).high()
                ? Stream.of(
                        Mend.assumed(limit, rated, Sentence.of("A roof and a rack rated for {0}", Amount.kg(rated))))
                : Stream.<Remedy>empty()).flatMap(s -> s);
    }

    /// What the roof then carries.
    private static double left(Design d, Assumption limit, List<Thing> out) {
        Design without = d.without(out.stream().map(Thing::id).toList());
        return limit == Assumption.ROOF_ROAD ? RoadStudies.onRoof(without) : RoadStudies.atRest(without);
    }

    private static Remedy leftOut(List<Thing> things) {
        return Mend.without("Leave {0} at home", things);
    }

    private static Stream<Remedy> tied(Design d, Finding finding) {
        return finding.things().stream().flatMap(id -> d.thing(id).stream())
                .map(t -> new Remedy(Sentence.of("Tie {0} down", t.name()),
                        new Edit("Tie down " + t.name(), x -> x.mapping(t.id(), y -> y.with(Fix.MOVABLE)))));
    }
}
