package lectulum.layout;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Opening.Leaf;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.packing.Changeover;
import lectulum.layout.change.ChangeOvers;
import lectulum.layout.change.ChangePicture;
import lectulum.layout.change.Setup;
import lectulum.layout.doors.Doors;
import lectulum.layout.doors.Motion;
import lectulum.layout.doors.WayThrough;
import lectulum.layout.people.Comfort;
import lectulum.layout.people.People;
import lectulum.layout.people.Pose;
import lectulum.symbols.Facing;
import lectulum.layout.storage.Access;
import lectulum.layout.storage.Keeping;
import lectulum.layout.storage.Storage;
import lectulum.layout.storage.Whereabouts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// How people live in a layout: beds, ways out, doors and drawers, the way through, storage, reach, change-over, heights.
class LivingTest {
    private static Thing bed(double length, double x) {
        return thing("bed", 12, x, -0.5).with(new Size(length, 0.7, 0.1)).with(new Placement(x, -0.5, 0.4, 0))
                .with(new Feature.Bed(length, 0.7, 150)).with(Fix.FIXED);
    }

    private static Thing door(String id, double x, double y, double width, double height, boolean barred) {
        return thing(id, 12, x, y).with(Mount.SET_IN).with(new Size(width, 0.06, height))
                .with(new Placement(x, y, 0.05, 0))
                .with(new Feature.Opening(width, height, Leaf.HINGED_FRONT, Math.toRadians(95), true, barred));
    }

    private static Design people(Design d, Person... who) {
        return d.with(d.brief().withPeople(List.of(who)));
    }

    private static Person tall(String id, double height) {
        return new Person(id, id, height, 75);
    }

    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static Severity severity(Design d, String id) {
        return finding(d, id).map(Finding::severity).orElseThrow(() -> new AssertionError("no " + id + " among "
                + Analysis.of(d).findings().stream().map(Finding::id).toList()));
    }

    private static <R extends Result> R of(Discipline<R> discipline, Design d) {
        return Analysis.of(d).of(discipline);
    }

    /// A sleeper of 1.94 m needs 2.02 m; the bed is 1.89 m.
    @Test
    void aShortBedSaysByHowMuchAndIsMadeLonger() {
        Design d = people(box(bed(1.89, 1.5)), tall("bram", 1.94));

        Finding f = finding(d, "sleep.length.bed.bram").orElseThrow();
        assertThat(f.title().text(d.brief().style()).replace('\u00a0', ' ')).contains("130 mm");
        List<Remedy> remedies = Remedies.of(Analysis.of(d), f);
        assertThat(remedies).isNotEmpty();
        assertThat(finding(remedies.getFirst().edit().apply(d), "sleep.length.bed.bram")).isEmpty();
    }

    @Test
    void whoHasNoBedIsAStopOnceThereAreBeds() {
        Design two = people(box(bed(1.95, 1.5)), tall("a", 1.7), tall("b", 1.7));

        assertThat(severity(two, "sleep.capacity")).isEqualTo(Severity.STOP);
        assertThat(severity(people(box(), tall("a", 1.7)), "sleep.capacity")).isEqualTo(Severity.NOTE);
    }

    /// Mattress top at 0.5 m under a roof at 1.77 m: 1.27 m is enough for anybody, 0.8 m under a cupboard is not.
    @Test
    void sittingUpIsMeasuredToWhatHangsAboveTheBed() {
        Design d = people(box(bed(1.95, 1.5)), tall("a", 1.7));
        Thing shelf = thing("shelf", 8, 1.5, -0.5).with(new Size(2.0, 0.8, 0.3)).with(new Placement(1.5, -0.5, 1.1, 0));

        assertThat(of(People.DISCIPLINE, d).sleeping().nests().getFirst().sit()).isCloseTo(1.27, within(1e-6));
        assertThat(of(People.DISCIPLINE, d.plus(shelf)).sleeping().nests().getFirst().sit()).isCloseTo(0.60,
                within(1e-6));
        assertThat(finding(d.plus(shelf), "sleep.sit.bed.a")).isPresent();
    }

    @Test
    void aChildOutgrowsItsBedInFiveYears() {
        Design d = people(box(bed(1.60, 1.5)), new Person("k", "Kim", 1.30, 30, OptionalDouble.of(8)));

        assertThat(finding(d, "sleep.growth.k").orElseThrow().title().text(d.brief().style())).contains("5 years");
        Design longer = people(box(bed(1.95, 1.5)), new Person("k", "Kim", 1.30, 30, OptionalDouble.of(8)));
        assertThat(finding(longer, "sleep.growth.k")).isEmpty();
    }

    @Test
    void oneWayOutIsAStopTwoAreEnoughAndABarredOneIsNone() {
        Design one = people(box(bed(1.95, 1.5), door("d", 2.3, 0.885, 0.6, 1.5, false)), tall("a", 1.7));
        Design two = one.plus(door("rear", 2.97, 0, 0.7, 1.5, false).with(new Placement(2.97, 0.2, 0.05, Math.PI / 2)));
        Design barred = one
                .plus(door("rear", 2.97, 0, 0.7, 1.5, true).with(new Placement(2.97, 0.2, 0.05, Math.PI / 2)));

        assertThat(severity(one, "exit.count")).isEqualTo(Severity.STOP);
        assertThat(finding(two, "exit.count")).isEmpty();
        assertThat(severity(barred, "exit.count")).isEqualTo(Severity.STOP);
        assertThat(severity(barred, "exit.trap.rear")).isEqualTo(Severity.WARN);
    }

    @Test
    void aDoorThatHitsTheWallOppositeOpensLess() {
        Thing cupboard = thing("cup", 20, 1.5, 0.5).with(new Size(0.6, 0.6, 0.9)).with(new Placement(1.5, 0.5, 0, 0))
                .with(new Feature.Door(Feature.Face.LEFT, true, Math.toRadians(95), 1));
        Design free = box(cupboard);
        Design tight = box(cupboard, thing("box", 5, 1.5, -0.2).with(new Size(0.5, 0.3, 0.6)));

        assertThat(of(Doors.DISCIPLINE, free).motions().get(Mode.CAMP).getFirst().blocked()).isFalse();
        Motion blocked = of(Doors.DISCIPLINE, tight).motions().get(Mode.CAMP).getFirst();
        assertThat(blocked.blocked()).isTrue();
        assertThat(blocked.blocker()).isEqualTo("box");
        assertThat(severity(tight, "motion.blocked.cup")).isEqualTo(Severity.WARN);
    }

    /// Between the drawer's front at y = −0.2 and the box at y = 0.1 there are 0.3 m.
    @Test
    void aDrawerComesOutAsFarAsThereIsRoom() {
        Thing drawers = thing("d", 20, 1.5, -0.5).with(new Size(0.5, 0.6, 0.5)).with(new Placement(1.5, -0.5, 0, 0))
                .with(new Feature.Drawer(Feature.Face.RIGHT, 0.5));
        Design d = box(drawers, thing("box", 5, 1.5, 0.25).with(new Size(0.5, 0.3, 0.6)));

        Motion m = of(Doors.DISCIPLINE, d).motions().get(Mode.CAMP).getFirst();

        assertThat(m.free()).isCloseTo(0.3, within(0.002));
        assertThat(m.blocker()).isEqualTo("box");
    }

    @Test
    void drawersThatSweepOnePlaceAreNotOpenTogether() {
        Thing left = thing("l", 20, 1.5, -0.55).with(new Size(0.5, 0.5, 0.5)).with(new Placement(1.5, -0.55, 0, 0))
                .with(new Feature.Drawer(Feature.Face.RIGHT, 0.45));
        Thing right = thing("r", 20, 1.6, 0.55).with(new Size(0.5, 0.5, 0.5)).with(new Placement(1.6, 0.55, 0, 0))
                .with(new Feature.Drawer(Feature.Face.LEFT, 0.45));

        assertThat(severity(box(left, right), "motion.pair.l+r")).isEqualTo(Severity.NOTE);
        assertThat(finding(box(left, right.with(new Placement(2.6, 0.55, 0, 0))), "motion.pair.l+r")).isEmpty();
    }

    @Test
    void spaceToKeepClearStaysClear() {
        Thing fridge = thing("fridge", 20, 1.5, -0.6).with(new Feature.KeepClear(Feature.Face.REAR, 0.10));
        Design d = box(fridge, thing("box", 5, 1.95, -0.6).with(new Size(0.4, 0.3, 0.5)));

        assertThat(severity(d, "item.keepclear.fridge")).isEqualTo(Severity.WARN);
        assertThat(finding(box(fridge, thing("box", 5, 2.3, -0.6)), "item.keepclear.fridge")).isEmpty();
    }

    private static Thing store(String id, double carries) {
        return thing(id, 10, 1.0, -0.5).with(new Size(0.8, 0.5, 0.5)).with(new Placement(1.0, -0.5, 0, 0))
                .with(new Feature.Store(0.76, 0.46, 0.46, carries, 0.85));
    }

    private static Thing gear(String id, double x, double mass, boolean road) {
        return thing(id, mass, x, -0.5).with(Mount.STOWED).with(Role.GEAR).with(Fix.LOOSE).with(new Size(0.3, 0.2, 0.2))
                .with(new Placement(x, -0.5, 0.05, 0)).with(new Feature.Packed(Feature.WayUp.ANY, 1, road));
    }

    @Test
    void gearIsAtHomeInTheThingThatHoldsItAndElseHomeless() {
        Design d = box(store("chest", 40), gear("hose", 1.0, 2, false), gear("rope", 2.2, 1, false));

        assertThat(of(Storage.DISCIPLINE, d).keeping().home()).containsEntry("hose", "chest");
        assertThat(of(Storage.DISCIPLINE, d).keeping().homeless()).containsExactly("rope");
        Design packed = Keeping.packHomeless(d).apply(d);
        assertThat(of(Storage.DISCIPLINE, packed).keeping().homeless()).isEmpty();
        assertThat(of(Storage.DISCIPLINE, packed).keeping().shelves().getFirst().contents())
                .containsExactlyInAnyOrder("hose", "rope");
    }

    @Test
    void whereIsTheHoseIsAnswered() {
        Design d = box(store("chest", 40), gear("garden hose", 1.0, 2, true), door("d", 1.5, 0.885, 0.6, 1.5, false));

        List<Whereabouts> found = Whereabouts.search(d, of(Storage.DISCIPLINE, d), "hose");

        assertThat(found).singleElement().satisfies(w -> {
            assertThat(w.thing()).isEqualTo("garden hose");
            assertThat(w.says().text(d.brief().style())).contains("in chest", "on the left");
        });
        assertThat(Whereabouts.search(d, of(Storage.DISCIPLINE, d), "anvil")).isEmpty();
        assertThat(Whereabouts.search(d, of(Storage.DISCIPLINE, d), "  ")).isEmpty();
    }

    @Test
    void aStoreThatCarriesTooMuchIsSaid() {
        Design d = box(store("chest", 5), gear("iron", 1.0, 9, false));

        assertThat(severity(d, "storage.heavy.chest")).isEqualTo(Severity.WARN);
    }

    @Test
    void whatStandsInTheWayOfGearOnTheRoadIsCounted() {
        Thing chest = store("chest", 40).with(new Feature.Door(Feature.Face.RIGHT, true, 1.6, 1));
        Thing crate = thing("crate", 8, 1.0, -0.05).with(Role.GEAR).with(Fix.LOOSE).with(new Size(0.8, 0.35, 0.4));
        Design d = box(chest, crate, gear("jack", 1.0, 4, true), door("d", 1.6, 0.885, 0.6, 1.5, false));

        Access.Way way = of(Storage.DISCIPLINE, d).access().byThing().get("jack");

        assertThat(way.open()).isTrue();
        assertThat(way.behind()).containsExactly("crate");
        assertThat(way.door()).isEqualTo("d");
        assertThat(finding(d, "reach.road.jack").orElseThrow().detail().text(d.brief().style())).contains("crate",
                "through d");
        assertThat(of(Storage.DISCIPLINE, d.without(List.of("crate"))).access().byThing().get("jack").free()).isTrue();
    }

    @Test
    void theChangeOverWaitsForWhatStandsInTheNewPlace() {
        Thing a = thing("a", 12, 1.0, 0).placed(Mode.CAMP, new Placement(2.0, 0, 0, 0));
        Thing b = thing("b", 30, 2.0, 0).placed(Mode.CAMP, new Placement(2.0, 0, 0, 0).away(true));
        Design d = box(a, b);

        Setup road = of(ChangeOvers.DISCIPLINE, d).setups().getFirst();

        assertThat(road.order().steps()).extracting(Changeover.Step::id).containsExactly("b", "a");
        assertThat(road.order().parked()).isEmpty();
        Design liked = d.with(d.settings().ordering("road-camp", List.of("a", "b")));
        assertThat(of(ChangeOvers.DISCIPLINE, liked).setups().getFirst().order().steps())
                .extracting(Changeover.Step::id)
                .containsExactly("b", "a");
    }

    @Test
    void thingsThatSwapPlacesPutTheLighterAside() {
        Thing a = thing("a", 12, 1.0, 0).placed(Mode.CAMP, new Placement(2.0, 0, 0, 0));
        Thing b = thing("b", 30, 2.0, 0).placed(Mode.CAMP, new Placement(1.0, 0, 0, 0));

        Setup road = of(ChangeOvers.DISCIPLINE, box(a, b)).setups().getFirst();

        assertThat(road.order().parked()).containsExactly("a");
        assertThat(finding(box(a, b), "change.ring.road-camp.a")).isPresent();
    }

    @Test
    void ownMinutesReplaceTheAssumedOnes() {
        Thing a = thing("a", 5, 1.0, 0).placed(Mode.CAMP, new Placement(2.0, 0, 0, 0));

        assertThat(of(ChangeOvers.DISCIPLINE, box(a)).setups().getFirst().order().minutes()).isCloseTo(0.5,
                within(1e-9));
        assertThat(of(ChangeOvers.DISCIPLINE, box(a.with(new Feature.Timed(7)))).setups().getFirst().order().minutes())
                .isCloseTo(7, within(1e-9));
    }

    @Test
    void tentsAwningsAndALiftingTopAreStepsToo() {
        Design chamois = Campers.demo("chamois").orElseThrow().design();
        Design lifting = chamois.with(chamois.base().with(chamois.base().carcass()
                .withLift(Optional.of(new Carcass.Lift(0.4, 0.02, 50, 0, 4)))));

        assertThat(of(ChangeOvers.DISCIPLINE, lifting).setups().getFirst().order().steps())
                .extracting(Changeover.Step::id)
                .contains(Setup.TOP, "roof-tent", "awning");
        assertThat(Setup.name(lifting, Setup.TOP)).isEqualTo("Lifting top");
    }

    @Test
    void aStepPictureShowsWhatMoves() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Analysis a = Analysis.of(d);
        Setup setup = a.of(ChangeOvers.DISCIPLINE).setups().getFirst();

        Sketch picture = ChangePicture.of(a.design(), a.of(Layout.DISCIPLINE).body(), setup, 0);

        assertThat(picture.title()).contains("Step 1");
        assertThat(picture.marks()).anyMatch(m -> m.pen() == Sketch.Pen.DASHED);
    }

    /// The floor is 0.5 m up: one rise of 0.5 m, or three of 0.167 m with a double step.
    @Test
    void aHighWayInWantsSteps() {
        Design d = box(door("d", 1.5, 0.885, 0.6, 1.5, false));

        assertThat(severity(d, "floor.step")).isEqualTo(Severity.WARN);
        List<Remedy> remedies = Remedies.of(Analysis.of(d), finding(d, "floor.step").orElseThrow());
        assertThat(remedies).isNotEmpty();
        Design stepped = remedies.getFirst().edit().apply(d);
        assertThat(finding(stepped, "floor.step")).isEmpty();
        assertThat(Analysis.of(stepped).figures().value("layout.stepRise")).isCloseTo(0.5 / 3, within(1e-9));
    }

    @Test
    void seatsTablesAndHeadroomFollowThePeople() {
        Thing seat = thing("seat", 9, 1.0, -0.6).with(new Size(0.9, 0.45, 0.60)).with(new Feature.Seat(2));
        Thing table = thing("table", 9, 1.9, -0.6).with(new Size(0.6, 0.45, 0.95)).with(new Feature.Worktop(false));
        Design d = people(box(seat, table), tall("a", 1.80));

        /// 0.245 · 1.80 + 0.02 = 0.461 suits; 0.60 is high. A table beside a seat of 0.60 belongs at 0.89.
        assertThat(finding(d, "seat.height.seat")).isPresent();
        assertThat(finding(d, "worktop.height.table")).isPresent();
        assertThat(finding(d, "people.headroom")).isPresent();
        List<Remedy> lower = Remedies.of(Analysis.of(d), finding(d, "seat.height.seat").orElseThrow());
        assertThat(lower).isNotEmpty();
    }

    @Test
    void aToiletWantsRoomInFront() {
        Thing toilet = thing("wc", 6, 0.3, -0.65).with(new Size(0.42, 0.38, 0.42))
                .with(new Feature.Sanitary(Feature.Sanitary.Use.TOILET));
        Thing wallA = thing("a", 9, 0.8, -0.65).with(new Size(0.3, 0.4, 1.2));
        Thing wallB = thing("b", 9, 0.3, -0.25).with(new Size(0.42, 0.3, 1.2));

        assertThat(finding(people(box(toilet), tall("a", 1.7)), "sanitary.room.wc")).isEmpty();
        assertThat(finding(people(box(toilet, wallA, wallB), tall("a", 1.7)), "sanitary.room.wc")).isPresent();
    }

    /// A shower of 1.77 m under the roof is too low for 1.80 + 0.05 m.
    @Test
    void aShowerWantsItsHeight() {
        Thing shower = thing("sh", 5, 1.0, 0).with(new Size(0.6, 0.6, 0.08))
                .with(new Feature.Sanitary(Feature.Sanitary.Use.SHOWER));

        assertThat(finding(people(box(shower), tall("a", 1.80)), "sanitary.room.sh")).isPresent();
        assertThat(finding(people(box(shower), tall("a", 1.60)), "sanitary.room.sh")).isEmpty();
    }

    /// Roof 1.77, lower top 0.35, upper 0.10 thick: 1.32 to share; 1.00 and 1.10 m tall need 0.545 and 0.5975.
    @Test
    void bunksShareTheHeightSoThatBothSitUp() {
        Thing lower = bed(1.95, 1.5).with(new Placement(1.5, -0.5, 0.25, 0));
        Thing upper = thing("upper", 12, 1.5, -0.5).with(new Size(1.95, 0.7, 0.1))
                .with(new Placement(1.5, -0.5, 0.80, 0)).with(new Feature.Bed(1.95, 0.7, 150));
        Design d = people(box(lower, upper), new Person("k", "Kim", 1.00, 20, OptionalDouble.of(7)),
                new Person("l", "Lou", 1.10, 22, OptionalDouble.of(8)));

        Comfort.Bunks pair = of(People.DISCIPLINE, d).comfort().bunks().getFirst();

        assertThat(pair.best().room()).isCloseTo(1.32, within(1e-9));
        assertThat(pair.best().surplus()).isCloseTo(1.32 - 0.545 - 0.5975, within(1e-9));
        assertThat(Analysis.of(d).figures().value("layout.bunk.upper.underside"))
                .isCloseTo(0.35 + 0.545 + pair.best().surplus() / 2, within(1e-9));
        Finding low = finding(d, "bunk.height.upper").orElseThrow();
        Design hung = Remedies.of(Analysis.of(d), low).getFirst().edit().apply(d);
        assertThat(finding(hung, "bunk.height.upper")).isEmpty();
    }

    @Test
    void peopleLieSitAndStandWhereTheyWould() {
        Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());

        assertThat(a.of(People.DISCIPLINE).poses().get(Mode.ROAD)).isEmpty();
        assertThat(a.of(People.DISCIPLINE).poses().get(Mode.NIGHT)).hasSize(2)
                .allMatch(p -> p.kind() == Pose.Kind.LYING);
        assertThat(a.of(People.DISCIPLINE).poses().get(Mode.CAMP)).isNotEmpty();
        for (Pose p : a.of(People.DISCIPLINE).poses().get(Mode.NIGHT)) {
            double longest = seen(p, Facing.PLAN).mapToDouble(q -> Math.hypot(q[0], q[1])).max().orElseThrow();
            assertThat(2 * longest).isCloseTo(p.stature(), within(0.05 * p.stature()));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"STANDING", "SITTING", "LYING"})
    void aFigureIsAsTallAsThePerson(String kind) {
        Pose p = new Pose("a", "Ada", Pose.Kind.valueOf(kind), 1, 0, 0.4, 0, 1.8);

        double top = p.posed().up(Facing.SIDE) + seen(p, Facing.SIDE).mapToDouble(q -> q[1]).max().orElseThrow();
        double wanted = switch (p.kind()) {
            case STANDING -> 0.4 + 1.8;
            case SITTING -> 0.4 + 0.525 * 1.8;
            case LYING -> 0.4 + 0.135 * 1.8;
            case DOG -> throw new AssertionError("no dog here");
        };
        assertThat(top).isCloseTo(wanted, within(0.02));
        assertThat(p.needs()).isPositive();
    }

    /// A dog lies where floor is free, and is as long as it is: nose at the front, tail behind.
    @Test
    void aDogLiesOnFreeFloor() {
        Design d = box(bed(1.95, 1.2));
        Design with = d.with(d.brief().withDogs(List.of(new Dog("d", "Moss", 0.70, 0.50, 20))));

        Pose p = of(People.DISCIPLINE, with).poses().get(Mode.NIGHT).stream().filter(x -> x.kind() == Pose.Kind.DOG)
                .findFirst().orElseThrow();

        double nose = seen(p, Facing.SIDE).mapToDouble(q -> q[0]).min().orElseThrow();
        assertThat(nose).isCloseTo(-0.35, within(0.03));
        assertThat(p.z()).isZero();
        assertThat(of(People.DISCIPLINE, with).poses().get(Mode.ROAD)).isEmpty();
        Room night = of(Room.in(Mode.NIGHT), with);
        assertThat(night.between(0.02, 0.7)).noneMatch(s -> s.solid().covers(p.x(), p.y()));
        // In a V nose it does not lie through the walls.
        Design vee = Campers.demo("nightjar").orElseThrow().design();
        Design there = vee.with(vee.brief().withDogs(List.of(new Dog("d", "Moss", 0.48, 0.36, 12))));
        of(People.DISCIPLINE, there).poses().get(Mode.NIGHT).stream().filter(x -> x.kind() == Pose.Kind.DOG)
                .forEach(x -> assertThat(Math.abs(x.y()) + 0.2).isLessThan(Math.min(
                        of(Room.in(Mode.NIGHT), there).body().clearRight(x.x() - 0.29, 0),
                        of(Room.in(Mode.NIGHT), there).body().clearRight(x.x() + 0.29, 0)) + 0.01));
        Design full = d.with(d.brief().withDogs(List.of(new Dog("d", "Moss", 1.4, 1.1, 90))));
        assertThat(of(People.DISCIPLINE, full).poses().get(Mode.NIGHT)).noneMatch(x -> x.kind() == Pose.Kind.DOG);
    }

    /// A bag goes from one locker into the other, and is packed beside what is there.
    @Test
    void gearMovesFromOnePlaceToAnother() {
        Design d = Campers.demo("chamois").orElseThrow().design();
        Keeping before = Keeping.of(d);
        Keeping.Shelf from = before.shelves().stream().filter(s -> s.contents().size() > 1).findFirst().orElseThrow();
        Keeping.Shelf to = before.shelves().stream().filter(s -> s != from && !s.contents().isEmpty()).findFirst()
                .orElseThrow();
        String thing = from.contents().stream().filter(id -> Keeping.packed(d.thing(id).orElseThrow())).findFirst()
                .orElseThrow();

        Design moved = Keeping.move(d, thing, to.thing()).orElseThrow().apply(d);

        assertThat(Keeping.of(moved).home().get(thing)).isEqualTo(to.thing());
        assertThat(moved.things()).hasSameSizeAs(d.things());
        assertThat(Keeping.move(d, thing, from.thing())).as("it is there").isEmpty();
        assertThat(Keeping.move(d, "nothing", to.thing())).isEmpty();
        assertThat(Keeping.move(d, thing, "nowhere")).isEmpty();
    }

    private static Stream<double[]> seen(Pose p, Facing facing) {
        return p.posed().seen(facing).stream().flatMap(shape -> Arrays.stream(shape.points()));
    }

    @Test
    void theWayToTheGalleyIsAsWideAsTheGapBetweenThings() {
        Thing galley = thing("galley", 30, 0.5, -0.6).with(SystemGroup.GALLEY).with(new Size(0.6, 0.5, 0.9));
        Thing left = thing("l", 30, 1.5, -0.55).with(new Size(0.4, 0.6, 1.0));
        Thing right = thing("r", 30, 1.5, 0.55).with(new Size(0.4, 0.6, 1.0));
        Design d = box(galley, left, right, door("d", 2.4, 0.885, 0.6, 1.5, false));

        assertThat(of(WayThrough.in(Mode.CAMP), d).narrowest().orElseThrow().width()).isCloseTo(0.50, within(0.06));
        assertThat(of(WayThrough.in(Mode.CAMP), d).narrowest().orElseThrow().to()).isEqualTo("galley");
    }
}
