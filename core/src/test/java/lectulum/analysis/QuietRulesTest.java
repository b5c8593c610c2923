package lectulum.analysis;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Stuff;
import lectulum.design.base.Survey;
import lectulum.design.brief.Kept;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.feature.Plumbed;
import lectulum.design.logbook.Journey;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Checks that are silent in every demonstration: each speaks where it has to, and did not before.
class QuietRulesTest {
    private static final Design NIGHTJAR = demo("nightjar");
    private static final Design DUNLIN = demo("dunlin");
    private static final Design CHAMOIS = demo("chamois");

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static Design set(Design d, String assumption, double value) {
        return d.with(d.settings().with(assumption, value));
    }

    private static <F extends Feature> Design with(Design d, Class<F> kind, UnaryOperator<F> change) {
        return d.withThings(d.things().stream()
                .map(t -> t.feature(kind).map(change).map(f -> t.with(f)).orElse(t)).toList());
    }

    private static Design without(Design d, Class<? extends Feature> kind) {
        return d.withThings(d.things().stream().filter(t -> !t.has(kind)).toList());
    }

    private static Design raised(String id, double by) {
        return NIGHTJAR.mapping(id, t -> t.with(t.place().moved(0, 0, by)));
    }

    private static Feature.Carried strapped(Feature.Carried c, double ring) {
        return new Feature.Carried(c.ramp(), c.wheelbase(), c.belly(), c.ahead(), c.back(), c.friction(), c.straps(),
                c.steep(), c.aside(), ring, c.strap(), c.rearwards(), c.overhang(), c.chin());
    }

    private static Design drawing(Design d, String id, double watts) {
        return d.mapping(id, t -> t.with(new Load(watts, 6 * 3600, Load.Feed.BATTERY)));
    }

    /// Two more panels, all side by side, each of which stands no more than half of what one gives.
    private static Design fourPanels() {
        Thing panel = NIGHTJAR.thing("solar-panel-front").orElseThrow();
        Design d = with(NIGHTJAR.plus(panel.withId("third")).plus(panel.withId("fourth")), Electric.Controller.class,
                c -> new Electric.Controller(c.tracking(), c.amps(), c.most(), c.charges(), c.frost(), 1));
        return with(d, Electric.Module.class, m -> new Electric.Module(m.open(), m.best(), 10, 5, m.tilt(),
                m.heading(), m.hot(), m.shade()));
    }

    private static Design withTheAxle(double moved) {
        Base b = NIGHTJAR.base();
        return NIGHTJAR.with(b.with(b.axle().at(b.axle().x() + moved)));
    }

    /// A bed that rises so much higher than it is made for.
    private static Design rising(double higher) {
        Thing bed = Catalogue.shipped().find("rising-bed-double").orElseThrow();
        return with(NIGHTJAR.plus(bed.withId("rising")), Feature.Rising.class, r -> new Feature.Rising(r.low(),
                r.high() + higher, r.centre(), r.frontX(), r.frontZ(), r.frontBed(), r.rearX(), r.rearZ(), r.rearBed(),
                r.frontForce(), r.rearForce(), r.ratio(), r.stroke(), r.extended(), r.depth(), r.play(), r.locked()));
    }

    private static Design chain(double need) {
        Survey.Link whole = new Survey.Link("inside", 2.0, 1, 0.005);
        return NIGHTJAR.with(NIGHTJAR.base().with(NIGHTJAR.base().survey().withChain(Optional.of(new Survey.Chain(whole,
                List.of(new Survey.Link("cupboard", 0.6, 2, 0.002)), need)))));
    }

    private static Design weightless() {
        Base base = NIGHTJAR.base().with(new EmptyMass.Entered(0, 0, 0, 0, MassSource.WEIGHED));
        return NIGHTJAR.with(base).withThings(List.of()).with(Envelope.NONE);
    }

    private static Design weighed(Object... pointsAndReadings) {
        Stream<Weighing.Entry> entries = Stream.iterate(0, i -> i < pointsAndReadings.length, i -> i + 2)
                .map(i -> new Weighing.Entry((WeighPoint) pointsAndReadings[i],
                        OptionalDouble.of((Double) pointsAndReadings[i + 1]), 0, 20, true, null, null));
        return NIGHTJAR.withWeighings(List.of(new Weighing("day", "2027-05-01", "whole", LoadCase.DEPARTURE, 1100, 120,
                entries.toList(), List.of(), "")));
    }

    private static Design trip(Design d, double warmer, double driving) {
        OutingDay day = OutingDay.USUAL.withWarmer(warmer);
        return d.withOutings(List.of(new Outing("trip", "Trip", List.of(day, day, day, day.withDriving(driving)))));
    }

    static Stream<Arguments> cases() {
        return Stream.of(
                Arguments.of("seat.head", NIGHTJAR, raised("bench-bed", 0.9)),
                Arguments.of("reach.service", NIGHTJAR, without(NIGHTJAR, Feature.Opening.class)),
                Arguments.of("lift.travel", rising(0), rising(0.5)),
                Arguments.of("storage.high", NIGHTJAR, raised("tool-box", 1.4)),
                Arguments.of("balance.no-mass", NIGHTJAR, weightless()),
                Arguments.of("power.current", NIGHTJAR, drawing(NIGHTJAR, "cold-box", 3000)),
                Arguments.of("power.string.fuse", NIGHTJAR, fourPanels()),
                Arguments.of("power.sunless", NIGHTJAR, set(NIGHTJAR, "sunless.days", 14)),
                Arguments.of("wire.volts", NIGHTJAR, with(NIGHTJAR, Electric.Draws.class, x -> new Electric.Draws(
                        x.behaviour(), x.surge(), 12.6, x.priority(), x.known(), x.isolated(), 1, 1, 1))),
                Arguments.of("wire.size", NIGHTJAR, drawing(NIGHTJAR, "cold-box", 9000)),
                Arguments.of("mains.inlet", CHAMOIS, NIGHTJAR.mapping("laptop",
                        t -> t.with(new Load(60, 3600, Load.Feed.SHORE)))),
                Arguments.of("water.residue", NIGHTJAR, NIGHTJAR.mapping("grey-tank",
                        t -> t.with(new Size(1.6, 0.5, 0.06)))),
                Arguments.of("pipe.flow", NIGHTJAR, with(NIGHTJAR, Plumbed.WaterTap.class,
                        w -> new Plumbed.WaterTap(w.use(), 5e-4, w.hot()))),
                Arguments.of("pipe.suction", NIGHTJAR, raised("pump", 1.9)),
                Arguments.of("fit.no", chain(0.5), chain(0.9)),
                Arguments.of("frame.sag", NIGHTJAR, set(NIGHTJAR, "frame.sag", 2000)),
                Arguments.of("park.tip", CHAMOIS, CHAMOIS.mapping("side-galley", t -> t.with(Mass.weighed(600))
                        .with(new Feature.Drawer(Feature.Face.REAR, 1.5)))),
                Arguments.of("bearer.sag", DUNLIN, with(DUNLIN, Feature.Bearers.class,
                        b -> new Feature.Bearers(b.count(), 2.4, b.width(), b.thick(), Stuff.SOFTWOOD, b.even(),
                                b.point(), b.at(), 1000))),
                Arguments.of("light.night", NIGHTJAR, with(NIGHTJAR, Electric.Lamp.class,
                        l -> new Electric.Lamp(400, l.zone(), false, false, l.pair()))),
                Arguments.of("lid.hand", NIGHTJAR, set(NIGHTJAR, "hand.warn", 10)),
                Arguments.of("load.crest", NIGHTJAR, set(NIGHTJAR, "load.clear", 0.3)),
                Arguments.of("load.side", NIGHTJAR, NIGHTJAR.mapping("telescope",
                        t -> t.with(new Size(t.size().length(), 3, t.size().height())))),
                Arguments.of("load.door", NIGHTJAR, without(NIGHTJAR, Feature.Opening.class)),
                Arguments.of("load.aside", NIGHTJAR, with(NIGHTJAR, Feature.Carried.class, c -> strapped(c, 20))),
                Arguments.of("load.above", NIGHTJAR, set(NIGHTJAR, "over.load", 0.5)),
                Arguments.of("out.limit.height", NIGHTJAR, set(NIGHTJAR, "limit.height", 2)),
                Arguments.of("out.limit.door", NIGHTJAR, NIGHTJAR.with(NIGHTJAR.brief().withKept(
                        new Kept(null, OptionalDouble.of(1.5), null, null)))),
                Arguments.of("weigh.impossible", NIGHTJAR, weighed(WeighPoint.TRAILER_ALONE, 100.0,
                        WeighPoint.COUPLER, 300.0)),
                Arguments.of("turn.circle", NIGHTJAR, set(NIGHTJAR, "turn.radius", 3.5)),
                Arguments.of("slosh.lift", set(withTheAxle(-0.184), "slosh.g", 0.01),
                        set(withTheAxle(-0.184), "slosh.g", 1)),
                Arguments.of("rehearsal.gas", NIGHTJAR, with(NIGHTJAR, Fuelled.Bottle.class,
                        b -> new Fuelled.Bottle(b.gas(), 0.01, b.propane(), b.age()))),
                Arguments.of("rehearsal.cold", NIGHTJAR, trip(without(NIGHTJAR, Aired.RoomHeater.class), -35, 0)),
                Arguments.of("rehearsal.hot", NIGHTJAR, trip(NIGHTJAR, 25, 0)),
                Arguments.of("money.guessed", NIGHTJAR, NIGHTJAR.with(NIGHTJAR.purse().withReceipts(List.of(
                        Receipt.of("g", "a guess", Receipt.State.GUESS, 5000))))),
                Arguments.of("log.energy", NIGHTJAR, NIGHTJAR.withLogbook(NIGHTJAR.logbook().withJourneys(List.of(
                        Journey.of("j", "away", "2027-06-01", 3, 2).withEnergy(OptionalDouble.of(3e8)))))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void aCheckSpeaksWhereItHasTo(String rule, Design before, Design after) {
        Provoked.byWhatItIsFor(rule, before, after);
    }
}
