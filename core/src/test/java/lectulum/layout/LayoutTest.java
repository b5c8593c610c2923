package lectulum.layout;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Shell;
import lectulum.design.base.WheelArches;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.space.Body;
import lectulum.space.Solid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LayoutTest {
    private static List<Fault> road(Design d) {
        return Layout.of(d).faults().get(Mode.ROAD);
    }

    private static Fault.Outside only(Thing thing) {
        List<Fault> faults = road(box(thing));
        assertThat(faults).hasSize(1);
        return (Fault.Outside) faults.getFirst();
    }

    @Test
    void thingsThatTouchAreNoFault() {
        assertThat(road(box(thing("a", 5, 1, 0), thing("b", 5, 1.4, 0)))).isEmpty();
    }

    /// Two things 0.4 long, 0.35 apart, share 50 mm; the lighter one is to move.
    @Test
    void anOverlapNamesItsAmountAndTheLighterThing() {
        List<Fault> faults = road(box(thing("heavy", 9, 1, 0), thing("light", 5, 1.35, 0)));

        assertThat(faults).singleElement().isInstanceOfSatisfying(Fault.Overlap.class, o -> {
            assertThat(o.thing()).isEqualTo("light");
            assertThat(o.amount()).isCloseTo(0.05, within(1e-9));
            assertThat(o.level().dx()).isEqualTo(1);
        });
    }

    /// The thing is 0.4 × 0.3 × 0.5; the inside is x 0.03 to 2.97, y ±0.87, height 1.77.
    @ParameterizedTest
    @CsvSource({"0.2, 0, 0, FRONT, 0.03", "2.8, 0, 0, REAR, 0.03", "1, 0.75, 0, RIGHT, 0.03", "1, -0.78, 0, LEFT, 0.06",
            "1, 0, 1.3, ROOF, 0.03", "1, 0, -0.05, FLOOR, 0.05"})
    void saysThroughWhatAThingGoesAndByHowMuch(double x, double y, double z, Fault.Boundary through, double amount) {
        Fault.Outside fault = only(thing("a", 5, x, y).with(new Placement(x, y, z, 0)));

        assertThat(fault.through()).isEqualTo(through);
        assertThat(fault.amount()).isCloseTo(amount, within(1e-9));
    }

    @Test
    void aWheelArchIsInTheWay() {
        Design d = box(thing("a", 5, 1.8, -0.7));

        Design arched = d.with(d.base().with(new WheelArches(0.8, 0.2, 0.3)));

        assertThat(road(d)).isEmpty();
        assertThat(road(arched)).singleElement().isInstanceOfSatisfying(Fault.Outside.class,
                o -> assertThat(o.through()).isEqualTo(Fault.Boundary.ARCH));
    }

    @Test
    void aCurvedRoofIsMeasuredWhereItIsLowestAboveTheThing() {
        Design d = box(thing("a", 5, 2.0, 0));
        Design curved = d.with(d.base().with(new Shell.Profile(1.8,
                List.of(new Shell.Profile.Point(0, 1.5, true, 0), new Shell.Profile.Point(3, 0, true, 0)))));

        /// Straight roof from 1.5 at x = 0 to 0 at x = 3, 30 mm thick at right angles; at x = 2.2 the inside is
        /// 0.4 − 0.03·√(1 + 0.5²); the thing is 0.5 high.
        assertThat(road(curved)).singleElement().satisfies(f -> assertThat(f.amount())
                .isCloseTo(0.5 - (0.4 - 0.03 * Math.sqrt(1.25)), within(1e-6)));
    }

    @Test
    void thingsOutsideMustNotCutIntoTheBody() {
        Thing onTheTongue = thing("box", 5, -0.25, 0).with(Mount.OUTSIDE);
        Thing tooFarBack = thing("box", 5, -0.1, 0).with(Mount.OUTSIDE);
        Thing onTheRoof = thing("tent", 5, 1, 0).with(Mount.OUTSIDE).with(new Placement(1, 0, 1.8, 0));

        assertThat(road(box(onTheTongue))).isEmpty();
        assertThat(only(tooFarBack).amount()).isCloseTo(0.1, within(1e-9));
        assertThat(road(box(onTheRoof))).isEmpty();
    }

    @Test
    void thingsStowedInOthersMayShareTheirPlaceButNotLeaveTheCabin() {
        Thing bag = thing("bag", 5, 1, 0).with(Mount.STOWED);

        assertThat(road(box(thing("locker", 9, 1, 0), bag))).isEmpty();
        assertThat(road(box(bag.with(new Placement(4, 0, 0, 0))))).hasSize(1);
        assertThat(road(box(thing("box", 9, -0.3, 0).with(Mount.OUTSIDE), bag.with(new Placement(-0.3, 0, 0, 0)))))
                .isEmpty();
    }

    /// A bag half through the side wall, under a panel on the roof: the panel does not hold it.
    @Test
    void whatIsStowedUnderTheRoofIsHeldAgainstTheWallsWhateverRidesOnIt() {
        Thing panel = thing("panel", 9, 1, 0).with(Mount.OUTSIDE).with(new Size(1.4, 1.7, 0.05))
                .with(new Placement(1, 0, 1.8, 0));
        Thing bag = thing("bag", 5, 1, 0).with(Mount.STOWED);

        assertThat(road(box(panel, bag.with(new Placement(1, 0.8, 0.1, 0))))).hasSize(1);
        assertThat(road(box(panel, bag))).isEmpty();
        assertThat(road(box(panel, bag.with(new Placement(1, 0, 1.85, 0))))).as("strapped on it").isEmpty();
    }

    @Test
    void placesInCampAndNightAreJudgedByThemselves() {
        Thing bed = thing("bed", 9, 2, 0).placed(Mode.NIGHT, new Placement(1, 0, 0, 0));
        Layout layout = Layout.of(box(thing("chest", 5, 1.1, 0), bed));

        assertThat(layout.faults().get(Mode.ROAD)).isEmpty();
        assertThat(layout.faults().get(Mode.CAMP)).isEmpty();
        assertThat(layout.faults().get(Mode.NIGHT)).hasSize(1);
        assertThat(layout.findings()).singleElement()
                .satisfies(f -> assertThat(f.detail().text(lectulum.units.Style.PLAIN)).contains("(Night)"));
        assertThat(layout.figures().value("layout.night.collisions")).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void theSweepFindsExactlyThePairsThatOverlap(long seed) {
        Design d = many(80, seed);
        Set<String> expected = new HashSet<>();
        for (Thing a : d.things()) {
            for (Thing b : d.things()) {
                if (a.id().compareTo(b.id()) < 0
                        && Solid.of(a.size(), a.place()).apartFrom(Solid.of(b.size(), b.place())).depth() > 0.001) {
                    expected.add("layout.overlap." + a.id() + "+" + b.id());
                }
            }
        }

        List<String> found = Layout.of(d).findings().stream().map(Finding::id)
                .filter(id -> id.startsWith("layout.overlap")).toList();

        assertThat(found).containsExactlyInAnyOrderElementsOf(expected);
    }

    @Test
    void snappingCatchesAWallAndANeighbour() {
        Design d = box(thing("a", 5, 1, 0), thing("b", 5, 2, 0.4));

        Snapping toWall = Snapping.of(d, Mode.ROAD, List.of("a"), -0.76, 0, 0, 0.02);
        Snapping toNeighbour = Snapping.of(d, Mode.ROAD, List.of("a"), 0.59, 0, 0, 0.02);
        Snapping free = Snapping.of(d, Mode.ROAD, List.of("a"), 0.3, 0.1, 0, 0);

        assertThat(toWall.dx()).isCloseTo(-0.77, within(1e-9));
        assertThat(toWall.lineX()).hasValue(0.03);
        assertThat(toNeighbour.dx()).isCloseTo(0.6, within(1e-9));
        assertThat(free.dx()).isEqualTo(0.3);
        assertThat(free.lineX()).isEmpty();
    }

    @Test
    void pickingTakesTheUppermostThing() {
        Thing low = thing("low", 5, 1, 0);
        Thing high = thing("high", 5, 1, 0).with(new Placement(1, 0, 0.6, 0));
        Design d = box(low, high, thing("stowed", 5, 1, 0).with(Mount.STOWED).with(new Placement(1, 0, 1.2, 0)));

        assertThat(Pick.inPlan(d, Mode.ROAD, 1.1, 0.1, 0)).hasValue("high");
        assertThat(Pick.inPlan(d, Mode.ROAD, 2.5, 0.1, 0)).isEmpty();
        assertThat(Pick.inSide(d, Mode.ROAD, 1.0, 0.3, 0)).hasValue("low");
        assertThat(Pick.inside(d, Mode.ROAD, true, 0.5, 1.5, -0.5, 0.5)).containsExactly("low", "high", "stowed");
    }

    @Test
    void clearancesAreMeasuredToTheInside() {
        Thing a = thing("a", 5, 1, 0.2);
        Design d = box(a);

        Clearances c = Clearances.of(d.base(), Body.of(d.base()), a, Mode.ROAD);

        assertThat(c.front()).isCloseTo(0.77, within(1e-9));
        assertThat(c.rear()).isCloseTo(1.77, within(1e-9));
        assertThat(c.left()).isCloseTo(0.92, within(1e-9));
        assertThat(c.right()).isCloseTo(0.52, within(1e-9));
        assertThat(c.above()).isCloseTo(1.27, within(1e-9));
    }

    @Test
    void aThingWithoutSizeTouchesNothing() {
        assertThat(road(box(thing("a", 5, 1, 0), thing("point", 5, 1, 0).with(new Size(0, 0, 0))))).isEmpty();
    }
}
