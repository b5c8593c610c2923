package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import lectulum.balance.Balance;
import lectulum.balance.camp.CampStudies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.envelope.Substance;
import lectulum.design.logbook.Journey;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Trial;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.workshop.Stock;
import lectulum.discipline.Discipline;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.log.Trials;
import lectulum.log.Upkeeps;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// An analysis that keeps what did not change, or computes parts beside each other, says what a fresh one says.
class ReuseTest {
    private static List<String> figures(Analysis a) {
        return a.figures().all().stream().map(ReuseTest::shown).sorted().toList();
    }

    private static String shown(Figure f) {
        return f.id() + "=" + f.value() + " " + f.reason() + " " + f.band().verdict();
    }

    private static List<String> findings(Analysis a) {
        return a.findings().stream().map(f -> f.id() + " " + f.severity()).sorted().toList();
    }

    private static void same(Analysis kept, Analysis fresh) {
        assertThat(figures(kept)).isEqualTo(figures(fresh));
        assertThat(findings(kept)).isEqualTo(findings(fresh));
    }

    /// Edits of every part of a design.
    private static List<UnaryOperator<Design>> edits(Design d) {
        Thing first = d.things().stream().filter(Thing::solid).findFirst().orElseThrow();
        List<UnaryOperator<Design>> edits = new ArrayList<>();
        edits.add(x -> x.mapping(first.id(), t -> t.with(t.place().at(t.place().x() + 0.03, t.place().y(),
                t.place().z(), t.place().yaw()))));
        edits.add(x -> x.mapping(first.id(), t -> t.with(Mass.weighed(t.mass().value() + 1))));
        edits.add(x -> x.mapping(first.id(), t -> t.placed(Mode.NIGHT, new Placement(1, 0, 0, 0.2))));
        edits.add(x -> x.with(x.base().with(x.base().axle().at(x.base().axle().x() + 0.02))));
        edits.add(x -> x.with(x.base().with(Rating.AXLE, OptionalDouble.of(700))));
        edits.add(x -> x.with(x.vehicle().withBall(0.0508)));
        edits.add(x -> x.with(x.brief().withNights(x.brief().nights() + 1)));
        edits.add(x -> x.with(x.settings().with("road.speed", 31)));
        edits.add(x -> x.with(x.settings().with("mass.forgotten", 0.12)));
        edits.add(x -> x.mappingCase("departure", c -> c.withFills(0.3, 0.2, 0.5)));
        edits.add(x -> x.mappingCase("wet", c -> c.soaked(0.5)));
        edits.add(x -> x.withThings(x.things().subList(1, x.things().size())));
        edits.add(x -> x.plus(thing("added", 12, 1, 0)));
        edits.add(x -> x.withGarage(List.of(x.vehicle().named("again"))));
        edits.addAll(edits());
        return edits;
    }

    /// Of money, plan and log.
    private static List<UnaryOperator<Design>> edits() {
        List<UnaryOperator<Design>> edits = new ArrayList<>();
        edits.add(x -> x.with(x.purse().withToday("2027-03-01")));
        edits.add(x -> x.with(x.purse().plus(Receipt.of(x.purse().freeId(), "rope", Receipt.State.PAID, 12.5)
                .withDate("2027-02-01").withShop("chandler").withFreight(4))));
        edits.add(x -> x.with(x.works().withStart("2027-04-01")));
        edits.add(x -> x.with(x.works().mapping("C1", j -> j.withDone(0.5).withLogged(OptionalDouble.of(36_000)))));
        edits.add(x -> x.with(x.works().mapping("E1", j -> j.withDone(0.1))));
        edits.add(x -> x.withLogbook(x.logbook().plus(LogEntry.of(x.logbook().freeId("entry"), "2027-02-20",
                LogEntry.Kind.WORK, "floor").withTask("C1").withHours(OptionalDouble.of(7200)))));
        edits.add(x -> x.withLogbook(x.logbook().plus(LogEntry.of(x.logbook().freeId("entry"), "2027-02-20",
                LogEntry.Kind.SNAG, "rattle").withUnsafe(true))));
        edits.add(x -> Trials.went(Trial.Kind.WATER, "floor seam", Trial.Outcome.FAILED).apply(x));
        edits.add(x -> x.withLogbook(x.logbook().plus(Journey.of(x.logbook().freeId("journey"), "moor", "2027-01-05", 3,
                2).withWater(OptionalDouble.of(0.05)).withDistance(2e5).withSetup(OptionalDouble.of(1500)))));
        edits.add(x -> Upkeeps.done("bearings").apply(x));
        edits.add(x -> x.withLogbook(x.logbook().withTyres("0518")));
        edits.add(x -> x.withLogbook(x.logbook().mappingCarrying(x.things().getLast().id(), c -> c.by("Ada"))));
        edits.add(x -> x.withOutings(List.of(new Outing("trip-1", "A week", List.of(OutingDay.USUAL)))));
        edits.add(x -> x.with(x.workshop().plus(new Stock(x.workshop().freeId(), Stock.Form.STICK, Substance.SOFTWOOD,
                3, 0.038, 0.038, OptionalDouble.empty(), false, "yard", 5.2, "2027-01-01"))));
        return edits;
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void oneEditAfterTheOther(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Analysis kept = Analysis.of(d);

        for (UnaryOperator<Design> edit : edits(d)) {
            Design edited = edit.apply(kept.given());
            kept = kept.next(edited);
            same(kept, Analysis.of(edited));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void editsInAnyOrder(long seed) {
        Design d = many(30, seed);
        List<UnaryOperator<Design>> edits = edits(d);
        SplittableRandom random = new SplittableRandom(seed);
        Analysis kept = Analysis.of(d);

        for (int i = 0; i < 12; i++) {
            Design edited = edits.get(random.nextInt(edits.size())).apply(kept.given());
            kept = random.nextBoolean() ? kept.next(edited) : kept.sketch(edited).next(edited);
            same(kept, Analysis.of(edited));
        }
    }

    @Test
    void theSameDesignGivesTheSameWhateverRunsFirst() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        List<String> figures = figures(Analysis.of(d));
        List<String> findings = findings(Analysis.of(d));

        for (int i = 0; i < 8; i++) {
            Analysis again = Analysis.of(d);
            assertThat(figures(again)).isEqualTo(figures);
            assertThat(again.findings().stream().map(Finding::id).collect(Collectors.toSet()))
                    .hasSize((int) findings.stream().map(f -> f.split(" ")[0]).distinct().count());
        }
    }

    /// Things that were sound are not looked at again; one that is no longer the same is.
    @Test
    void aThingThatBecomesImpossibleIsFoundThoughTheOthersAreKnown() {
        Design d = box(thing("a", 10, 1, 0), thing("b", 10, 2, 0));
        Analysis good = Analysis.of(d);

        Analysis bad = good.next(d.mapping("b", t -> t.with(new Size(-1, 0.3, 0.3))));

        assertThat(good.findings()).noneMatch(f -> f.id().startsWith("sound."));
        assertThat(bad.findings()).anyMatch(f -> f.id().startsWith("sound.things.b"));
        assertThat(bad.design()).isNotSameAs(bad.given());
    }

    @Test
    void anImpossibleThingStaysFoundWhileAnotherIsMoved() {
        Design d = box(thing("a", 10, 1, 0), thing("b", -5, 2, 0));
        Analysis bad = Analysis.of(d);

        Analysis still = bad.next(d.mapping("a", t -> t.with(new Placement(1.2, 0, 0, 0))));

        assertThat(still.findings()).anyMatch(f -> f.id().startsWith("sound.things.b"));
        same(still, Analysis.of(still.given()));
    }

    @Test
    void anImpossibleThingThatIsMendedIsForgotten() {
        Design d = box(thing("a", 10, 1, 0), thing("b", -5, 2, 0));

        Analysis mended = Analysis.of(d).next(d.mapping("b", t -> t.with(Mass.weighed(5))));

        assertThat(mended.findings()).noneMatch(f -> f.id().startsWith("sound."));
        same(mended, Analysis.of(mended.given()));
    }

    @Test
    void aThingTakenOutInFrontOfOthersShiftsNothingThatIsKnown() {
        Design d = many(20, 9);
        Analysis a = Analysis.of(d);

        same(a.next(d.without(List.of("t0"))), Analysis.of(d.without(List.of("t0"))));
    }

    @Test
    void nothingChangedIsTheSameObject() {
        Analysis a = Analysis.of(many(10, 1));

        assertThat(a.next(a.given())).isSameAs(a);
        assertThat(a.sketch(a.given())).isSameAs(a);
    }

    @Test
    void aSketchIsMadeWholeWhenTheHandLetsGo() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Analysis a = Analysis.of(d);
        Design edited = d.with(d.base().with(d.base().axle().at(d.base().axle().x() + 0.1)));

        Analysis sketch = a.sketch(edited);

        assertThat(sketch.sketched()).isTrue();
        assertThat(sketch.of(CampStudies.DISCIPLINE)).as("kept from before").isSameAs(a.of(CampStudies.DISCIPLINE));
        assertThat(sketch.old(CampStudies.DISCIPLINE)).isTrue();
        assertThat(sketch.old(Balance.DISCIPLINE)).isFalse();
        assertThat(sketch.of(Balance.DISCIPLINE).state("departure").orElseThrow().tongue())
                .isNotEqualTo(a.of(Balance.DISCIPLINE).state("departure").orElseThrow().tongue());
        same(sketch.next(edited), Analysis.of(edited));
    }

    /// What is equal is kept, and so is what was worked out from it and what shows it. The inside as it stands, and what is found in it, are
    /// geometry and equal to themselves only.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void resultsAreEqualByValue(String demo) {
        Analysis one = Analysis.of(Campers.demo(demo).orElseThrow().design());
        Analysis other = Analysis.of(Campers.demo(demo).orElseThrow().design());

        assertThat(Disciplines.ALL.stream().filter(d -> !one.of(d).equals(other.of(d)))
                .map(d -> d.id().replaceAll("\\..*", ""))).isSubsetOf("bodies", "layout", "room", "floor", "motions",
                        "doors", "rig", "water-pipes");
    }

    /// Of what stands inside, air, linings, frame and roof do not see where it stands; of a window they do.
    @Test
    void whatDoesNotAskWhereThingsStandIsNotWorkedOutAgain() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Analysis a = Analysis.of(d);
        Set<String> blind = Set.of("cabin", "air-wrap", "air-cool", "air-heat", "air-damp", "mat-frame", "mat-sheets",
                "mat-finish", "power-roof", "money-deal", "log-upkeep", "water-hot", "build");

        assertThat(again(a, d, Mount.INSIDE)).doesNotContainAnyElementsOf(blind).contains("balance", "layout");
        assertThat(again(a, d, Mount.SET_IN)).contains("cabin", "air-wrap", "mat-frame", "mat-sheets", "mat-finish",
                "power-roof");
    }

    /// What is worked out again where one thing of a mount is moved by a hand's width.
    private static List<String> again(Analysis a, Design d, Mount mount) {
        Thing moved = d.things().stream().filter(t -> t.mount() == mount).findFirst().orElseThrow();
        Analysis next = a.next(d.mapping(moved.id(), t -> t.with(t.place().moved(0.1, 0, 0))));
        return Disciplines.ALL.stream().filter(x -> next.kept(x).asked() != a.kept(x).asked()).map(Discipline::id)
                .toList();
    }

    /// A project that is opened is drawn before the rest is worked out; what comes then is what a fresh analysis says, even
    /// after an edit in between.
    @Test
    void theFirstLookSaysWhatTheHandWaitsForAndTheRestFollows() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Analysis whole = Analysis.of(d);

        Analysis first = Analysis.first(d);

        assertThat(first.sketched()).isTrue();
        for (Discipline<?> each : Disciplines.ALL) {
            if (each.pace() == Discipline.Pace.HAND) {
                assertThat(first.of(each).findings()).as(each.id()).isEqualTo(whole.of(each).findings());
                assertThat(first.of(each).figures().all()).as(each.id()).map(f -> f.id() + " " + f.value())
                        .isEqualTo(whole.of(each).figures().all().stream().map(f -> f.id() + " " + f.value())
                                .toList());
            } else {
                assertThat(first.of(each)).as(each.id()).isEqualTo(each.nothing());
                assertThat(first.old(each)).as(each.id()).isTrue();
            }
        }
        assertThat(first.whole().findings()).isEqualTo(whole.findings());

        Design edited = d.with(d.base().withTongueLength(d.base().tongueLength() + 0.1));
        Analysis second = first.sketch(edited);
        assertThat(Disciplines.ALL).filteredOn(x -> x.pace() == Discipline.Pace.REST).allMatch(second::old);
        assertThat(second.whole().findings()).isEqualTo(Analysis.of(edited).findings());
    }
}
