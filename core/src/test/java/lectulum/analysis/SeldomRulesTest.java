package lectulum.analysis;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Survey;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Plumbed;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.wiring.Measured;
import lectulum.design.works.Job;
import lectulum.design.works.Works;
import lectulum.kernel.finance.Bill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Checks that hardly ever say anything: each is provoked by the one change that it is for, and is silent before.
class SeldomRulesTest {
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();
    private static final Design CHAMOIS = Campers.demo("chamois").orElseThrow().design();

    private static Design set(Design d, String assumption, double value) {
        return d.with(d.settings().with(assumption, value));
    }

    private static Design every(Design d, Class<? extends lectulum.design.feature.Feature> kind,
            UnaryOperator<Thing> change) {
        return d.withThings(d.things().stream().map(t -> t.has(kind) ? change.apply(t) : t).toList());
    }

    private static Thing bulb(Thing t, double lumens) {
        Electric.Lamp l = t.feature(Electric.Lamp.class).orElseThrow();
        return t.with(new Electric.Lamp(lumens, l.zone(), false, false, l.pair()));
    }

    /// The second bank is another age.
    private static Design ofTwoAges() {
        Thing cells = NIGHTJAR.things().stream().filter(t -> t.battery().isPresent()).findFirst().orElseThrow();
        Electric.Blocks b = cells.feature(Electric.Blocks.class).orElse(Electric.Blocks.ONE);
        return NIGHTJAR.plus(cells.withId("old-cells").with(
                new Electric.Blocks(b.volts(), b.series(), b.parallel(), 6, b.opening(), b.box())));
    }

    private static Design lampsOverThePillow() {
        Thing bed = NIGHTJAR.things().stream().filter(t -> t.has(lectulum.design.feature.Feature.Bed.class)
                && t.id().contains("bench")).findFirst().orElseThrow();
        double x = bed.at(Mode.NIGHT).x();
        Design d = every(NIGHTJAR, Electric.Lamp.class, t -> bulb(t, 4000));
        List<Thing> lamps = d.things().stream().filter(t -> t.has(Electric.Lamp.class)).toList();
        for (int i = 0; i < lamps.size(); i++) {
            double along = x - 0.95 + 1.9 * i / Math.max(1, lamps.size() - 1);
            d = d.mapping(lamps.get(i).id(), t -> t.with(
                    new lectulum.design.thing.Placement(along, bed.at(Mode.NIGHT).y(), 1.4, 0)));
        }
        return d;
    }

    private static Design lukewarm() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Thing heater = d.things().stream().filter(t -> t.has(Plumbed.WaterTap.class)).findFirst().orElseThrow();
        return d.with(d.brief().withNights(12)).mapping(heater.id(), t -> t.with(new Plumbed.Boiler(
                lectulum.design.feature.Aired.Energy.GAS, 1200, 0.8, 0.01, 38, 0)));
    }

    private static Design unchecked() {
        Survey s = NIGHTJAR.base().survey();
        Survey.Tapes t = s.tapes().orElseThrow();
        return NIGHTJAR
                .with(NIGHTJAR.base().with(s.withTapes(java.util.Optional.of(new Survey.Tapes(t.front(), t.left(),
                        t.right(), t.diagonalA(), t.diagonalB(), OptionalDouble.empty())))));
    }

    private static Design gift() {
        Receipt r = Receipt.of("gift", "a window from a neighbour", Receipt.State.PAID, 0);
        return NIGHTJAR.with(NIGHTJAR.purse().withReceipts(Stream.concat(NIGHTJAR.purse().receipts().stream(),
                Stream.of(r.withCover(Bill.Cover.GIFT))).toList()));
    }

    /// A bed that is raised by struts, with everything that a mattress of steel would weigh.
    private static Design risingBed(double mass) {
        Thing bed = Catalogue.shipped().find("rising-bed-double").orElseThrow();
        return NIGHTJAR.plus(bed.withId("rising").with(Mass.weighed(mass)));
    }

    /// A task of one's own that has to cure, in a shop of that warmth.
    private static Design drying(double shop) {
        return set(NIGHTJAR.with(Works.NONE.withStart("2027-01-02").withJobs(
                List.of(Job.own("varnish", "Varnish the table", 3600).withDrying(24 * 3600.0)))), "paint.shop", shop);
    }

    /// A lamp whose wire was measured, with what was read at it.
    private static Design measured(double volts) {
        String lamp = NIGHTJAR.things().stream().filter(t -> t.has(Electric.Lamp.class)).findFirst().orElseThrow()
                .id();
        return NIGHTJAR.with(NIGHTJAR.wiring().withMeasured(List.of(new Measured(lamp, OptionalDouble.of(13.2),
                OptionalDouble.of(volts), OptionalDouble.of(2)))));
    }

    /// The water heater stands at the rear, the tap with warm water in front.
    private static Design withTheHeaterBehind() {
        Design d = variant("nightjar", "winter");
        return d.mapping("water-heater", t -> t.with(new lectulum.design.thing.Placement(4.3, t.place().y(), 0, 0)));
    }

    private static Design variant(String demo, String id) {
        return Campers.demo(demo).orElseThrow().variants().stream().filter(v -> v.id().equals(id)).findFirst()
                .orElseThrow().design();
    }

    static Stream<Arguments> cases() {
        return Stream.of(
                Arguments.of("change.time", NIGHTJAR, set(NIGHTJAR, "change.budget", 120)),
                Arguments.of("power.ages", NIGHTJAR, ofTwoAges()),
                Arguments.of("light.bright", NIGHTJAR, every(NIGHTJAR, Electric.Lamp.class, t -> bulb(t, 5000))),
                Arguments.of("light.blinds", NIGHTJAR, lampsOverThePillow()),
                Arguments.of("hot.stands", NIGHTJAR, lukewarm()),
                Arguments.of("pipe.cycles", NIGHTJAR, every(NIGHTJAR, Plumbed.WaterPump.class, t -> t.with(
                        new Plumbed.WaterPump(1e-3, 170_000, 310_000, 0)))),
                Arguments.of("lift.start", risingBed(34), risingBed(400)),
                Arguments.of("survey.unchecked", NIGHTJAR, unchecked()),
                Arguments.of("chain.d", NIGHTJAR, set(NIGHTJAR, "coupler.d", 2)),
                Arguments.of("bars.rated", NIGHTJAR, set(set(NIGHTJAR, "bars.length", 0.75), "bars.rated", 50)),
                Arguments.of("bars.axle", set(NIGHTJAR, "bars.length", 0.75), set(NIGHTJAR.with(NIGHTJAR.base()
                        .with(Rating.AXLE, OptionalDouble.of(1005))), "bars.length", 0.75)),
                Arguments.of("roof.road", CHAMOIS, set(CHAMOIS, "roof.road", 5)),
                Arguments.of("roof.still", CHAMOIS, set(CHAMOIS, "roof.still", 5)),
                Arguments.of("paint.cold", NIGHTJAR, set(NIGHTJAR, "paint.least", 30)),
                Arguments.of("build.cold", drying(20), drying(2)),
                Arguments.of("money.fair", NIGHTJAR, gift()),
                Arguments.of("test.joint", measured(13.1), measured(10.5)),
                Arguments.of("pipe.waits", variant("nightjar", "winter"),
                        set(withTheHeaterBehind(), "pipe.bore", 25)),
                // A coupler half a metre too high lifts one axle off the ground.
                Arguments.of("torsion.hangs", variant("chamois", "tandem"),
                        set(variant("chamois", "tandem"), "hitch.coupler", 0.95)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void aCheckIsProvokedByWhatItIsFor(String rule, Design before, Design after) {
        Provoked.byWhatItIsFor(rule, before, after);
    }
}
