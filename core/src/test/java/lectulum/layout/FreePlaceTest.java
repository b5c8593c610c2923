package lectulum.layout;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.Finding;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.analysis.Disciplines;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Survey;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Sentence;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// New things in a box of 3.0 × 1.8 × 1.8 m outside: 2.94 × 1.74 × 1.77 m within.
class FreePlaceTest {
    /// Six crates fill the floor to the roof, and a seventh stands in one of them: no step aside frees it and no place is left, so another
    /// is left at home for it.
    @Test
    void whereNothingIsFreeSomethingElseIsLeftOut() {
        List<Thing> crates = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 2; j++) {
                crates.add(thing("crate-" + i + j, 20 + i, 0.5 + 0.97 * i, -0.43 + 0.86 * j)
                        .with(new Size(0.9, 0.8, 1.7)));
            }
        }
        Thing seventh = thing("seventh", 5, 1.5, 0.4).with(new Size(0.85, 0.75, 1.6));
        crates.add(seventh);
        Design d = box(crates.toArray(Thing[]::new));
        Analysis a = Analysis.of(d);
        Finding overlap = a.findings().stream().filter(f -> f.rule() == LayoutRules.LAYOUT_OVERLAP).findFirst()
                .orElseThrow();

        assertThat(Disciplines.ALL.stream().flatMap(x -> x.remedies(a, overlap)).map(r -> r.says().text(Style.PLAIN)))
                .anyMatch(s -> s.startsWith("Leave crate-") && s.endsWith("and put seventh there"));
        assertThat(Remedies.of(a, overlap)).isNotEmpty().allSatisfy(r -> {
            Design after = r.edit().apply(d);
            assertThat(after.things().size()).isEqualTo(6);
            assertThat(Analysis.of(after).findings()).noneMatch(f -> f.rule() == LayoutRules.LAYOUT_OVERLAP);
        });
    }

    private static List<Fault> road(Design d) {
        return Layout.of(d).faults().get(Mode.ROAD);
    }

    private static Thing sized(String id, double mass, double length, double width, double height) {
        return thing(id, mass, 0, 0).with(new Size(length, width, height));
    }

    /// A box whose floor is taken but for a lane of 0.50 m along the right wall.
    private static Design lane() {
        return box(sized("block", 80, 2.94, 1.24, 1.0).with(new Placement(1.5, -0.25, 0, 0)));
    }

    /// The box is 1.8 m high and wide, 3.0 m long.
    @ParameterizedTest
    @CsvSource({"0.60, 0.05, 1.50, 1.5, -0.885, 0.02", "0.90, 0.05, 0.45, 1.5, -0.885, 0.9",
            "0.40, 0.40, 0.12, 1.5, 0, 1.68", "0.05, 1.50, 1.70, 2.985, 0, 0.02", "0.60, 0.05, 1.90, 1.5, -0.885, 0"})
    void whatIsSetIntoTheShellGoesWhereItBelongs(double length, double width, double height, double x, double y,
            double z) {
        Placement place = FreePlace.of(box(),
                thing("hole", 5, 0, 0).with(Mount.SET_IN).with(new Size(length, width, height)));

        assertThat(place.x()).isCloseTo(x, within(1e-9));
        assertThat(place.y()).isCloseTo(y, within(1e-9));
        assertThat(place.z()).isCloseTo(z, within(1e-9));
    }

    @Test
    void aSecondWindowStandsBesideTheFirstAndAThirdOnTheOtherSideOfIt() {
        Thing window = sized("w1", 5, 0.7, 0.05, 0.5).with(Mount.SET_IN);
        Design d = box();
        List<Double> places = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            Thing next = window.withId("w" + i);
            Placement at = FreePlace.of(d, next);
            places.add(at.x());
            assertThat(at.y()).isEqualTo(i < 4 ? -0.885 : 0.885);
            d = d.plus(next.with(at));
        }

        // 0.7 m wide each, 0.1 between: 1.5, then 0.8 to either side; the left wall is then full.
        assertThat(places.get(0)).isEqualTo(1.5);
        assertThat(places.get(1)).isCloseTo(2.3, within(1e-9));
        assertThat(places.get(2)).isCloseTo(0.7, within(1e-9));
        assertThat(places.get(3)).isEqualTo(1.5);
    }

    @Test
    void aNewThingFindsAFreePlace() {
        Design d = box(thing("a", 5, 0.23, -0.72));
        Thing next = thing("b", 5, 0, 0);

        Placement place = FreePlace.of(d, next);

        assertThat(road(d.plus(next.with(place)))).isEmpty();
        assertThat(FreePlace.trouble(d, next)).isEmpty();
    }

    @Test
    void aThingThatFitsOnlyAcrossIsTurnedByAQuarter() {
        Thing bench = sized("bench", 20, 0.45, 1.2, 0.5);

        Placement place = FreePlace.find(lane(), bench).orElseThrow();

        assertThat(place.yaw()).isEqualTo(Math.PI / 2);
        assertThat(road(lane().plus(bench.with(place)))).isEmpty();
    }

    /// The box is measured 60 mm narrower at the floor than drawn.
    @Test
    void aNarrowerBodyIsFilledToItsMeasuredWalls() {
        Design drawn = box();
        Design d = drawn.with(drawn.base().with(drawn.base().survey()
                .withStations(List.of(new Survey.Station(1.5, 1.68, 1.74, 1.77, 1.77, 0)))));
        Thing chest = sized("chest", 10, 0.8, 0.4, 0.5);

        Placement place = FreePlace.find(d, chest).orElseThrow();

        assertThat(place.y()).isCloseTo(-0.84 + 0.2, within(1e-9));
        assertThat(road(d.plus(chest.with(place)))).isEmpty();
    }

    @Test
    void aMattressLiesOnTheBedBoxAndASecondOneOnTheFloor() {
        Thing bedBox = sized("box", 20, 1.95, 0.7, 0.4).with(SystemGroup.SLEEPING).with(new Placement(1.6, 0.4, 0, 0));
        Thing mattress = sized("mattress", 6, 1.95, 0.7, 0.1).with(SystemGroup.SLEEPING)
                .withFeatures(List.of(new Feature.Bed(1.95, 0.7, 150)));

        Placement first = FreePlace.of(box(bedBox), mattress);

        assertThat(first).isEqualTo(new Placement(1.6, 0.4, 0.4, 0));
        assertThat(FreePlace.of(box(bedBox, mattress.with(first)), mattress.withId("second")).z()).isZero();
    }

    @Test
    void manyThingsOneAfterTheOtherNeverTouch() {
        Design d = box();
        for (int i = 0; i < 14; i++) {
            Thing next = sized("t" + i, 3, 0.3 + 0.05 * (i % 5), 0.4, 0.5 + 0.02 * i);
            d = d.plus(next.with(FreePlace.find(d, next).orElseThrow()));
        }

        assertThat(road(d)).isEmpty();
    }

    @Test
    void whereNothingIsFreeItSaysWhatWouldMakeRoom() {
        Thing crate = sized("crate", 12, 2.94, 0.5, 0.4).with(new Placement(1.5, 0.62, 0, 0));
        Design d = lane().plus(crate);
        Thing bed = sized("bed", 25, 1.9, 0.48, 0.4);

        assertThat(FreePlace.find(d, bed)).isEmpty();
        assertThat(FreePlace.of(d, bed)).isEqualTo(new Placement(1.5, 0, 0, 0));
        assertThat(FreePlace.without(d, bed)).extracting(r -> r.taken().id()).containsExactly("crate", "block");
        assertThat(FreePlace.trouble(d, bed).orElseThrow().text(Style.PLAIN))
                .isEqualTo("Nothing is free for bed. Leaving out crate or block would make room.");
        for (FreePlace.Room room : FreePlace.without(d, bed)) {
            assertThat(road(d.without(List.of(room.taken().id())).plus(bed.with(room.place())))).isEmpty();
        }
    }

    @Test
    void whatIsLeastFixedIsNamedFirst() {
        Thing crate = sized("crate", 12, 2.94, 0.5, 0.4).with(new Placement(1.5, 0.62, 0, 0)).with(Fix.FIXED);
        Design d = lane().mapping("block", t -> t.with(Fix.LOOSE)).plus(crate);

        assertThat(FreePlace.trouble(d, sized("bed", 25, 1.9, 0.48, 0.4))).map(s -> s.text(Style.PLAIN))
                .hasValue("Nothing is free for bed. Leaving out block or crate would make room.");
    }

    @Test
    void whereNoOneThingMakesRoomItSaysThat() {
        Design d = box(sized("a", 9, 1.47, 1.74, 1.0).with(new Placement(0.765, 0, 0, 0)),
                sized("b", 9, 1.47, 1.74, 1.0).with(new Placement(2.235, 0, 0, 0)));

        assertThat(FreePlace.trouble(d, sized("bed", 25, 1.9, 0.7, 0.4))).map(s -> s.text(Style.PLAIN))
                .hasValue("Nothing is free for bed, and no one thing left out would make room.");
    }

    @Test
    void whatIsLargerThanTheBodyIsSaidSo() {
        Sentence says = FreePlace.trouble(box(), sized("boat", 40, 3.4, 0.8, 0.4)).orElseThrow();

        assertThat(says.text(Style.PLAIN).replace('\u00a0', ' '))
                .startsWith("boat (3.400 m × 800 mm × 400 mm) does not go into this body");
    }

    @Test
    void flatThingsGoOnTheRoofAndOthersOverTheTongue() {
        Thing flat = sized("flat", 20, 1.0, 1.2, 0.05).with(Mount.OUTSIDE);
        Thing high = sized("high", 20, 0.5, 0.8, 0.5).with(Mount.OUTSIDE);

        Placement first = FreePlace.of(box(), flat);
        Placement second = FreePlace.of(box(flat.with(first)), flat.withId("flat 2"));

        assertThat(first.x()).isEqualTo(0.5);
        assertThat(first.z()).isCloseTo(1.8, within(0.031));
        assertThat(second.x()).isCloseTo(1.5, within(1e-9));
        assertThat(FreePlace.of(box(), high).x()).isCloseTo(-0.3, within(1e-9));
    }

    @Test
    void tanksOutsideGoUnderTheFloorAndPanelsAcrossTheRoof() {
        Design d = box();
        Thing tank = Catalogue.shipped().find("grey-tank-60-l-under-floor").orElseThrow();
        Thing panel = Catalogue.shipped().find("solar-panel-100-w").orElseThrow();

        Placement under = FreePlace.find(d, tank).orElseThrow();
        assertThat(under.z()).isNegative();
        Design one = d.plus(panel.with(FreePlace.find(d, panel).orElseThrow()));
        Placement second = FreePlace.find(one, panel.withId("second")).orElseThrow();
        assertThat(second.z()).isGreaterThanOrEqualTo(d.base().shell().height() - 1e-9);
        assertThat(second.x()).isNotEqualTo(one.thing("solar-panel-100-w").orElseThrow().place().x());
    }

    /// One on each side, and no place for a third.
    @Test
    void awningsHangAlongTheSides() {
        Thing awning = Catalogue.shipped().find("side-awning-2-5-m").orElseThrow();
        Design d = box();
        Placement first = FreePlace.find(d, awning).orElseThrow();
        Design one = d.plus(awning.with(first));
        Placement second = FreePlace.find(one, awning.withId("second")).orElseThrow();

        assertThat(first.y()).isGreaterThan(d.base().shell().width() / 2);
        assertThat(second.y()).isLessThan(-d.base().shell().width() / 2);
        assertThat(first.z() + awning.size().height()).isLessThan(d.base().shell().height());
    }
}
