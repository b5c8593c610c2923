package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.balance.Balance;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Survey;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.layout.Fault;
import lectulum.layout.Layout;
import lectulum.layout.Mirror;
import lectulum.layout.doors.Exits;
import lectulum.layout.score.LayoutScore;
import lectulum.layout.score.Score;
import lectulum.space.Contents;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Finding places, scoring, mirroring, and what must hold of every layout.
class SearchAndScoreTest {
    private static double off(Analysis a) {
        double aim = (a.design().brief().tongueLow() + a.design().brief().tongueHigh()) / 2;
        return Math.abs(a.of(Balance.DISCIPLINE).state("departure").orElseThrow().share() - aim);
    }

    @Test
    void aFoundPlaceFitsAndBringsTheTongueNearerToItsAim() {
        Design tail = box(thing("a", 60, 2.7, 0), thing("b", 40, 2.2, 0.6), thing("c", 25, 0.5, -0.6));
        Analysis before = Analysis.of(tail);

        List<Remedy> places = FindPlace.of(before, "a", 5, () -> false);

        assertThat(places).hasSizeBetween(1, 5);
        for (Remedy r : places) {
            Analysis after = Analysis.of(r.edit().apply(tail));
            assertThat(after.of(Layout.DISCIPLINE).faults().get(Mode.ROAD)).isEmpty();
            assertThat(off(after)).isLessThan(off(before));
        }
    }

    @Test
    void theFirstPlaceIsTheBest() {
        Design d = box(thing("a", 60, 2.7, 0), thing("b", 40, 2.2, 0.6));
        Analysis before = Analysis.of(d);

        List<Double> offs = FindPlace.of(before, "a", 5, () -> false).stream()
                .map(r -> off(Analysis.of(r.edit().apply(d)))).toList();

        assertThat(offs.getFirst()).isLessThanOrEqualTo(offs.getLast() + 0.02);
    }

    @Test
    void aSearchThatIsStoppedGivesNothingMore() {
        Design d = many(60, 3);

        assertThat(FindPlace.of(Analysis.of(d), "t7", 5, () -> true)).isEmpty();
        assertThat(FindPlace.of(Analysis.of(d), "nobody", 5, () -> false)).isEmpty();
    }

    @Test
    void withoutAnAxleNoPlaceIsBetter() {
        Design d = box(thing("a", 60, 2.7, 0));
        Design none = d.with(d.base().with(d.base().axle().at(-5)));

        assertThat(FindPlace.of(Analysis.of(none), "a", 5, () -> false)).isEmpty();
    }

    @Test
    void heavyThingsStayLow() {
        Design d = box(thing("a", 60, 2.7, 0), thing("shelf", 10, 1.2, 0).with(new Placement(1.2, 0, 0.7, 0)));

        assertThat(FindPlace.of(Analysis.of(d), "a", 5, () -> false)).isNotEmpty().allSatisfy(
                r -> assertThat(r.edit().apply(d).thing("a").orElseThrow().place().z()).isLessThanOrEqualTo(0.6));
    }

    /// A door that swings in, a way through, a bed and a passenger's gear: none of it is spoilt by a place that is offered.
    @ParameterizedTest
    @CsvSource({"nightjar, cells", "dunlin, cells", "chamois, cold-box"})
    void aFoundPlaceBringsNoNewFault(String demo, String id) {
        Analysis before = Analysis.of(Campers.demo(demo).orElseThrow().design());
        Map<String, Severity> known = before.findings().stream()
                .collect(Collectors.toMap(Finding::id, Finding::severity));

        List<Remedy> places = FindPlace.of(before, id, 3, () -> false);

        assertThat(places).hasSize(3);
        for (Remedy r : places) {
            assertThat(Analysis.of(r.edit().apply(before.given())).findings()).allSatisfy(
                    f -> assertThat(f.severity() == Severity.NOTE || f.id().equals("balance.tongue-doubt")
                            || known.containsKey(f.id()) && f.severity().compareTo(known.get(f.id())) <= 0)
                            .as(r.says().text(Style.PLAIN) + ": " + f.id()).isTrue());
        }
    }

    @Test
    void theScoreIsTheWeighedMeanOfItsParts() {
        Analysis a = Analysis.of(Campers.demo("dunlin").orElseThrow().design());

        Score score = a.of(LayoutScore.DISCIPLINE).score();

        double weights = score.parts().stream().mapToDouble(Score.Part::weight).sum();
        double sum = score.parts().stream().mapToDouble(p -> p.weight() * p.value()).sum();
        assertThat(score.total()).isCloseTo(score.stop() ? Math.min(40, 100 * sum / weights) : 100 * sum / weights,
                within(1e-9));
        assertThat(a.figures().value("layout.score")).as("whole points").isEqualTo(Math.round(score.total()));
        assertThat(score.parts()).extracting(Score.Part::name).containsExactly("sleep", "exits", "balance", "headroom",
                "access", "storage", "setup", "low", "floor");
    }

    @Test
    void aBodyWithoutABedHasNoScore() {
        Analysis a = Analysis.of(box());

        assertThat(a.figures().value("layout.score")).isNaN();
        assertThat(a.figures().find("layout.score")).hasValueSatisfying(
                f -> assertThat(f.reason()).isEqualTo("there is no bed yet"));
    }

    @Test
    void aStopHoldsTheScoreDownUntilItIsAccepted() {
        Analysis open = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
        Design accepted = open.given();
        for (Finding f : open.findings()) {
            if (f.severity() == Severity.STOP) {
                accepted = accepted.accepting(new lectulum.design.Acceptance(f.id(), "known", "2026-01-01"));
            }
        }

        assertThat(open.figures().value("layout.score")).isLessThanOrEqualTo(40);
        assertThat(Analysis.of(accepted).figures().value("layout.score"))
                .isGreaterThan(open.figures().value("layout.score"));
    }

    @Test
    void ownWeightsChangeTheScore() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Design onlySleep = d;
        for (String part : List.of("exits", "balance", "headroom", "access", "storage", "setup", "low", "floor")) {
            onlySleep = onlySleep.with(onlySleep.settings().with("score." + part, 0));
        }

        Score score = Analysis.of(onlySleep).of(LayoutScore.DISCIPLINE).score();

        assertThat(score.total()).isCloseTo(
                score.stop()
                        ? Math.min(40, 100 * score.parts().getFirst().value())
                        : 100 * score.parts().getFirst().value(),
                within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void mirroredTwiceACamperIsItselfAndOnceItHasTheSameFaultsOnTheOtherSide(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Design upright = d.with(d.base().with(Survey.NONE));

        Design once = Mirror.edit().apply(upright);

        assertThat(Mirror.edit().apply(once)).isEqualTo(upright);
        for (Mode mode : Mode.values()) {
            assertThat(amounts(Layout.of(once), mode)).usingElementComparator((x, y) -> Math.abs(x - y) < 1e-9
                    ? 0
                    : Double.compare(x, y)).containsExactlyElementsOf(amounts(Layout.of(upright), mode));
        }
        assertThat(Analysis.of(once).figures().value("balance.departure.tongue"))
                .isCloseTo(Analysis.of(upright).figures().value("balance.departure.tongue"), within(1e-9));
        assertThat(Analysis.of(once).of(Exits.DISCIPLINE).exits().independent()).hasSameSizeAs(
                Analysis.of(upright).of(Exits.DISCIPLINE).exits().independent());
    }

    private static List<Double> amounts(Layout layout, Mode mode) {
        return layout.faults().get(mode).stream().map(Fault::amount).sorted().toList();
    }

    @Test
    void mirroredHandedThingsAreNamed() {
        Design d = box(thing("door", 9, 1, 0).with(new Feature.Handed()));

        assertThat(Mirror.handed(d)).extracting(Thing::id).containsExactly("door");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void fourQuarterTurnsAreNone(long seed) {
        Design d = many(30, seed);
        Design turned = d;
        for (int i = 0; i < 4; i++) {
            turned = Contents.turned(turned, Set.of("t3"), Mode.ROAD, Math.PI / 2);
        }

        Placement was = d.thing("t3").orElseThrow().place();
        Placement is = turned.thing("t3").orElseThrow().place();
        assertThat(Math.abs(Math.IEEEremainder(is.yaw() - was.yaw(), 2 * Math.PI))).isLessThan(1e-9);
        assertThat(amounts(Layout.of(turned), Mode.ROAD)).hasSameSizeAs(amounts(Layout.of(d), Mode.ROAD));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void thingsMovedTogetherKeepTheirOverlaps(long seed) {
        Design d = many(25, seed);
        Design moved = d.mapping(d.things().stream().map(Thing::id).toList(),
                t -> t.with(t.place().moved(0.037, -0.011, 0.2)));

        assertThat(pairs(moved)).isEqualTo(pairs(d));
    }

    private static Set<Set<String>> pairs(Design d) {
        return Layout.of(d).faults().get(Mode.ROAD).stream().filter(Fault.Overlap.class::isInstance)
                .map(Fault.Overlap.class::cast).map(o -> Set.of(o.thing(), o.other()))
                .collect(java.util.stream.Collectors.toSet());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void theOrderOfThingsDoesNotMatter(long seed) {
        Design d = many(25, seed);

        assertThat(pairs(d.withThings(d.things().reversed()))).isEqualTo(pairs(d));
    }

    @Test
    void aThingOutsideInCampNeedsNoRoomInIt() {
        Design both = box(thing("a", 5, 1.5, 0), thing("b", 5, 1.6, 0));
        Design away = both.mapping("b", t -> t.placed(Mode.CAMP, t.place().away(true)));

        assertThat(Layout.of(away).faults().get(Mode.ROAD)).hasSize(1);
        assertThat(Layout.of(away).faults().get(Mode.CAMP)).isEmpty();
        assertThat(Layout.of(away).faults().get(Mode.NIGHT)).isEmpty();
    }

    @Test
    void aFoldedThingTakesOnlyTheRoomOfItsShape() {
        Design both = box(thing("a", 5, 1.5, 0), thing("b", 5, 1.8, 0));
        Design folded = both.mapping("b", t -> t.placed(Mode.CAMP,
                t.place().shaped(Optional.of(new lectulum.design.thing.Size(0.04, 0.3, 0.5)))));

        assertThat(Layout.of(folded).faults().get(Mode.ROAD)).hasSize(1);
        assertThat(Layout.of(folded).faults().get(Mode.CAMP)).isEmpty();
    }

    @Test
    void aTallThingStandsOnlyUnderARaisedTop() {
        Design d = box(thing("tall", 5, 1.5, 0).with(new lectulum.design.thing.Size(0.4, 0.3, 2.0)));
        Design lifted = d.with(d.base().with(d.base().carcass()
                .withLift(Optional.of(new Carcass.Lift(0.5, 0.02, 50, 0, 4)))));

        assertThat(Layout.of(lifted).faults().get(Mode.ROAD)).hasSize(1);
        assertThat(Layout.of(lifted).faults().get(Mode.CAMP)).isEmpty();
    }

    @Test
    void framingAndSurveyOutOfRangeAreLeftOutAndSaid() {
        Design d = box();
        Carcass.Framing wrong = new Carcass.Framing(List.of(1.0, 400.0), 0.038, 0.038, true);
        Design bad = d.with(d.base()
                .with(d.base().carcass().with(Carcass.Face.LEFT, Optional.of(wrong))
                        .withHatch(Optional.of(new Carcass.Hatch(1, Double.NaN))))
                .with(Survey.NONE.with(Optional.of(new Survey.Tapes(-1, 3, 3, 3.4, 3.4, 1.7)))
                        .withStations(List.of(new Survey.Station(1, 1.7, Double.NaN, 1.8, 1.8, 0)))));

        Analysis a = Analysis.of(bad);

        assertThat(a.findings()).extracting(Finding::id).contains("sound.base.framing.LEFT", "sound.base.hatch",
                "sound.base.survey.tapes", "sound.base.survey.station.0");
        assertThat(a.design().base().carcass()).isEqualTo(Carcass.UNKNOWN);
        assertThat(a.design().base().survey()).isEqualTo(Survey.NONE);
        assertThat(a.given()).isEqualTo(bad);
    }

    @Test
    void aThingSetIntoTheShellIsFoundOnItsNearestFace() {
        var body = lectulum.space.Body.of(box().base());
        Thing window = thing("w", 1, 1.5, 0).with(Mount.SET_IN).with(new lectulum.design.thing.Size(0.4, 0.05, 0.4));

        assertThat(face(body, window, 1.5, -0.88, 0.9)).isEqualTo(Carcass.Face.LEFT);
        assertThat(face(body, window, 1.5, 0.88, 0.9)).isEqualTo(Carcass.Face.RIGHT);
        assertThat(face(body, window, 0.02, 0.1, 0.9)).isEqualTo(Carcass.Face.FRONT);
        assertThat(face(body, window, 2.98, 0.1, 0.9)).isEqualTo(Carcass.Face.REAR);
        assertThat(face(body, window, 1.5, 0, 1.6)).isEqualTo(Carcass.Face.ROOF);
    }

    private static Carcass.Face face(lectulum.space.Body body, Thing t, double x, double y, double z) {
        return lectulum.space.Faces.of(body, t.with(new Placement(x, y, z, 0)), Mode.ROAD);
    }
}
