package lectulum.balance;

import static lectulum.Told.everyRemedyMends;
import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static lectulum.Told.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.balance.ratings.RatingRules;
import lectulum.balance.hitch.HitchRules;
import lectulum.Told;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Axle;
import lectulum.design.brief.CamperType;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.discipline.Study;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Trip, ratings, camp, hitch, turn and road, from a design to what the checks say and mend.
class JourneyTest {
    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static Design set(Design d, String id, double value) {
        return d.with(d.settings().with(id, value));
    }

    /// A box of 400 kg with 200 kg of gear spread so that the tongue is good, axle 3.0 m behind the ball.
    private static Design loaded(Thing... more) {
        Design d = box(more).plus(thing("chest", 120, 1.2, 0).with(Role.GEAR)).plus(thing("beds", 80, 1.5, 0.1));
        return d;
    }

    static Stream<Design> designs() {
        return Stream.concat(Campers.demos().stream().map(d -> Campers.demo(d.key()).orElseThrow().design()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "New").design()));
    }

    @ParameterizedTest
    @MethodSource("designs")
    void everyFigureOfEveryShippedCamperIsFiniteOrSaysWhyNot(Design d) {
        List<Study> studies = Told.studies(Analysis.of(d), Stage.BALANCE);
        List<Figure> figures = studies.stream().flatMap(s -> s.figures().stream()).toList();

        assertThat(studies).hasSizeGreaterThan(15);
        assertThat(studies.stream().map(Study::id)).doesNotHaveDuplicates();
        assertThat(figures).extracting(Figure::id).doesNotHaveDuplicates();
        assertThat(figures).allSatisfy(f -> {
            if (f.value().isEmpty()) {
                assertThat(f.reason()).isNotBlank();
            } else {
                assertThat(f.value().getAsDouble()).as(f.id()).isFinite();
            }
            assertThat(f.working().numbers().text(Style.PLAIN)).as(f.id()).doesNotContain("NaN");
        });
        assertThat(studies.stream().flatMap(s -> s.findings().stream())).allSatisfy(f -> {
            assertThat(f.stage()).isEqualTo(Stage.BALANCE);
            assertThat(f.detail().text(Style.PLAIN)).doesNotContain("NaN").doesNotContain("{").endsWith(".");
        });
    }

    @Test
    void withoutAnAxleBehindTheBallNothingIsSaid() {
        Design d = loaded();
        assertThat(Told.studies(Analysis.of(d), Stage.BALANCE)).isNotEmpty();

        assertThat(Told.studies(Analysis.of(d.with(d.base().with(d.base().axle().at(-2)))), Stage.BALANCE)).isEmpty();
    }

    /// 100 kg of fresh water before the axle and an empty grey tank behind it: the tongue falls as water is used.
    @Test
    void aTripThatLeavesTheBandIsSaidWithItsDay() {
        Design d = loaded(tank("fresh", Tank.Use.FRESH, 100, 1.2), tank("grey", Tank.Use.GREY, 80, 2.8));
        LoadedState start = Analysis.of(d).of(Balance.DISCIPLINE).state("departure").orElseThrow();

        assertThat(value(d, "trip.least")).isLessThan(value(d, "trip.most"));
        assertThat(value(d, "trip.most")).isCloseTo(start.share(), within(1e-9));
        assertThat(value(d, "trip.greyPlace")).isFinite();
    }

    @Test
    void theTanksFillTheWholeRangeOfTheTongue() {
        Design d = loaded(tank("fresh", Tank.Use.FRESH, 100, 0.5), tank("grey", Tank.Use.GREY, 80, 2.8));
        Analysis a = Analysis.of(d);

        List<LoadedState> trips = a.of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip).toList();
        assertThat(trips).isNotEmpty().allSatisfy(s -> assertThat(s.share())
                .isBetween(value(d, "tanks.least") - 1e-9, value(d, "tanks.most") + 1e-9));
        assertThat(value(d, "tanks.least")).isLessThan(value(d, "tanks.most"));
        assertThat(value(box(thing("chest", 120, 1.2, 0)), "tanks.least")).isNaN();
    }

    /// 600 kg loaded, 750 kg by law, half of 1600 kg: nothing needed; a plate of 1000 kg without brakes does need them.
    @Test
    void brakesAreAskedForAboveTheLimitAndABrakedAxleMendsIt() {
        Design braked = loaded();
        Design d = braked.with(braked.base().with(braked.base().axle().withBrakes(false)));

        assertThat(finding(d, "brakes.needed")).hasValueSatisfying(
                f -> assertThat(f.severity()).isEqualTo(Severity.STOP));
        assertThat(value(d, "brakes.limit")).isEqualTo(750);
        assertThat(finding(braked, "brakes.needed")).isEmpty();
        assertThat(finding(set(set(d, "brake.law", 1361), "brake.share", 0), "brakes.needed")).isEmpty();
        Analysis a = Analysis.of(d);
        List<Remedy> remedies = Remedies.of(a, finding(d, "brakes.needed").orElseThrow());
        assertThat(remedies).isNotEmpty();
        assertThat(finding(remedies.getFirst().edit().apply(d), "brakes.needed")).isEmpty();
    }

    /// A tyre of load index 75 carries 387 kg; 12.5 % of 345 kg left is less than the 15 % wanted.
    @Test
    void tyresNeedAReserve() {
        Design d = loaded();
        double load = value(d, "tyres.load");
        int low = 50;
        while (lectulum.kernel.gear.TyreLoad.capacity(low, 1, false) < load) {
            low++;
        }
        assertThat(finding(set(d, "tyre.index", low), "tyres.reserve")).isPresent();
        assertThat(finding(set(d, "tyre.index", low - 2), "tyres.reserve").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        assertThat(finding(set(d, "tyre.index", 100), "tyres.reserve")).isEmpty();
        double wanted = value(d, "tyres.index");
        assertThat(finding(set(d, "tyre.index", wanted), "tyres.reserve")).isEmpty();
    }

    @Test
    void theRoomForCargoIsExactWhereItIsSaidToEnd() {
        Design d = loaded();
        d = d.with(d.base().with(Rating.GROSS_PLATE, java.util.OptionalDouble.of(700)));
        double most = value(d, "room.most");

        assertThat(most).isPositive().isLessThanOrEqualTo(
                700 - Analysis.of(d).of(Balance.DISCIPLINE).state("departure").orElseThrow().mass() + 1e-9);
    }

    @Test
    void aWeakCouplingIsAStop() {
        Design d = loaded();

        assertThat(finding(d, "chain.d")).isEmpty();
        assertThat(finding(set(d, "coupler.d", 2), "chain.d").orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(finding(set(d, "coupler.d", 20), "chain.d")).isEmpty();
        everyRemedyMends(Analysis.of(set(d, "coupler.d", 2)), RatingRules.CHAIN_D);
    }

    /// Behind a long tail somebody lifts the tongue; moved forward the axle leaves a longer one.
    @Test
    void whoStepsOnALongTailTipsIt() {
        Design d = loaded();
        Design tail = d.with(d.base().with(d.base().axle().at(1.05)));

        assertThat(value(tail, "camp.tip")).isLessThan(70);
        assertThat(finding(tail, "camp.tip").orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(value(d, "camp.tip")).isGreaterThan(value(tail, "camp.tip"));
    }

    @Test
    void rearJacksCarryAPersonAndWithoutThemItTips() {
        Design d = loaded();
        Design tail = d.with(d.base().with(d.base().axle().at(1.38)));

        assertThat(value(tail, "camp.foot.rearRightJack")).isBetween(1.0, 600.0);
        Design none = set(tail, "camp.rear.jacks", 0);
        assertThat(value(none, "camp.foot.rearRightJack")).isNaN();
        assertThat(finding(none, "camp.falls")).isPresent();
        assertThat(finding(tail, "camp.falls")).isEmpty();
        double sum = 0;
        for (Figure f : Analysis.of(tail).figures().all()) {
            sum += f.id().startsWith("camp.foot.") ? f.value().orElse(0) : 0;
        }
        LoadedState s = Analysis.of(tail).of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip)
                .min(java.util.Comparator.comparingDouble(LoadedState::share)).orElseThrow();
        assertThat(sum).as("trailer and Ada").isCloseTo(s.mass() + 70, within(1e-6));
    }

    /// Track 1.6 m, right side 2° down: 1.6·sin 2° = 55.8 mm; nearest stack of 20, 35 and 50 mm is 55.
    @Test
    void theLowSideIsBlockedUp() {
        Design d = set(loaded(), "site.roll", Math.toRadians(2));

        assertThat(value(d, "level.block")).isCloseTo(0.05584, within(1e-5));
        assertThat(value(d, "level.stack")).isCloseTo(0.055, within(1e-9));
        assertThat(finding(d, "level.blocks")).isEmpty();
        assertThat(finding(set(d, "site.roll", Math.toRadians(8)), "level.blocks")).isPresent();
        Design down = set(set(d, "site.pitch", Math.toRadians(-3)), "site.roll", Math.toRadians(8));
        assertThat(value(down, "level.turn")).isCloseTo(Math.atan2(Math.tan(Math.toRadians(8)), Math.tan(Math
                .toRadians(3))), within(1e-9));
        assertThat(says(down, "level.blocks")).contains("to the right, straight down the slope");
        assertThat(says(set(down, "site.pitch", Math.toRadians(3)), "level.blocks"))
                .contains("to the left, straight up the slope");
    }

    @Test
    void aLowBallTowsNoseDownAndAMountLevelsIt() {
        Design d = set(loaded(), "hitch.coupler", 0.55);

        Finding f = finding(d, "hitch.level").orElseThrow();
        assertThat(f.title().text(Style.PLAIN)).contains("nose down");
        Design level = Remedies.of(Analysis.of(d), f).getFirst().edit().apply(d);
        assertThat(level.vehicle().ballHeight()).isEqualTo(0.55);
        assertThat(value(level, "hitch.nose")).isCloseTo(0, within(1e-12));
    }

    @Test
    void independentAxlesShareByTheHeightOfTheBall() {
        Design d = loaded();
        Axle a = d.base().axle();
        Design two = set(d.with(d.base().with(a.with(2, 0.8))), "spring.torsion", 1);

        assertThat(value(two, "torsion.front")).isPositive();
        double level = value(two, "torsion.front") - value(two, "torsion.rear");
        Design low = set(two, "hitch.coupler", two.vehicle().ballHeight() + 0.05);
        assertThat(value(low, "torsion.front") - value(low, "torsion.rear")).isGreaterThan(level);
        assertThat(value(d, "torsion.front")).isNaN();
    }

    @Test
    void aTyreThatMeetsItsGuardIsAStopAndStiffSpringsANote() {
        Design d = loaded();

        assertThat(finding(d, "ride.guard")).isEmpty();
        assertThat(finding(set(d, "guard.gap", 0.40), "ride.guard").orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(finding(set(d, "guard.gap", 0.55), "ride.guard")).isEmpty();
        assertThat(finding(set(d, "spring.side", 400_000), "ride.bounce")).isPresent();
    }

    @Test
    void springBarsAreShownOnceTheyAreThere() {
        Design d = loaded();

        assertThat(value(d, "bars.force")).isNaN();
        Design bars = set(d, "bars.length", 0.7);
        assertThat(value(bars, "bars.force")).isPositive();
        assertThat(value(bars, "balance.departure.tongue")).as("bars do not change the tongue")
                .isEqualTo(value(d, "balance.departure.tongue"));
        assertThat(finding(set(bars, "bars.rated", 10), "bars.rated")).isPresent();
        everyRemedyMends(Analysis.of(set(bars, "bars.rated", 10)), HitchRules.BARS_RATED);
        assertThat(finding(set(bars, "bars.restored", 1.1), "bars.rear").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
    }

    @Test
    void aShortTongueTouchesAndALongerOneClears() {
        Design d = loaded();
        Design tight = set(d.with(d.base().withTongueLength(0.6)), "tow.half", 0.88);
        Finding f = finding(tight, "out.turn").orElseThrow();

        assertThat(f.severity()).isEqualTo(Severity.WARN);
        List<Remedy> remedies = Remedies.of(Analysis.of(tight), f);
        assertThat(remedies).isNotEmpty();
        Design mended = remedies.getFirst().edit().apply(tight);
        assertThat(value(mended, "outside.turn")).isGreaterThan(value(tight, "outside.turn"));
    }

    @Test
    void aSteepDrivewayGroundsALongTail() {
        Design d = loaded();

        assertThat(value(d, "drive.clearance")).isPositive();
        Design steep = set(set(d, "drive.rise", 0.9), "drive.run", 2.5);
        assertThat(value(steep, "drive.clearance")).isLessThan(value(d, "drive.clearance"));
        assertThat(finding(steep, "drive.clear")).isPresent();
        assertThat(finding(steep, "drive.bends")).isPresent();
    }

    @ParameterizedTest
    @ValueSource(doubles = {15, 20, 25, 30})
    void fasterIsLessDamped(double speed) {
        Design d = loaded();

        assertThat(value(set(d, "road.speed", speed + 5), "sway.damping"))
                .isLessThan(value(set(d, "road.speed", speed), "sway.damping"));
    }

    /// Heavy things at both ends swing more than the same in the middle.
    @Test
    void weightAtTheEndsSwingsAndIsGathered() {
        Design ends = box(thing("front", 90, 0.25, 0), thing("rear", 60, 2.75, 0), thing("beds", 50, 1.5, 0));
        Design middle = box(thing("front", 90, 1.1, 0), thing("rear", 60, 1.475, 0), thing("beds", 50, 1.5, 0));

        assertThat(value(ends, "sway.percussion")).isLessThan(value(middle, "sway.percussion"));
        assertThat(value(ends, "sway.damping")).isLessThan(value(middle, "sway.damping"));
    }

    @Test
    void aHeavyRoofTipsEarlier() {
        Thing tent = thing("tent", 90, 1.5, 0).with(Mount.OUTSIDE).with(new Size(1.4, 1.2, 0.3))
                .with(new Placement(1.5, 0, 1.8, 0));
        Design d = loaded();
        Design tall = d.plus(tent);

        assertThat(value(tall, "tip.sprung")).isLessThan(value(d, "tip.sprung"));
        assertThat(value(tall, "roof.road")).isEqualTo(90);
        assertThat(finding(set(tall, "roof.road", 75), "roof.road").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        assertThat(finding(set(tall, "road.roll.warn", 2), "tip.low")).isPresent();
    }

    @Test
    void whatIsLooseIsTied() {
        Design d = loaded(thing("fridge", 23, 2.2, 0.4).with(Fix.LOOSE));
        Finding f = finding(d, "tie.fridge").orElseThrow();

        assertThat(f.things()).containsExactly("fridge");
        Design tied = Remedies.of(Analysis.of(d), f).getFirst().edit().apply(d);
        assertThat(finding(tied, "tie.fridge")).isEmpty();
    }

    /// 0.3 g at a centre 0.6 m above a ball of 0.45 m on 3.0 m: T falls by M · 0.3 · (Z − h)/x_A.
    @Test
    void pullingAwayLightensTheTongue() {
        Design d = loaded();
        LoadedState s = Analysis.of(d).of(Balance.DISCIPLINE).states().stream().filter(LoadedState::trip)
                .min(java.util.Comparator.comparingDouble(LoadedState::share)).orElseThrow();

        assertThat(value(d, "climb.tongue"))
                .isCloseTo(s.tongue() - 0.3 * s.mass() * (s.roll().z() - 0.45) / 3.0, within(1e-9));
    }

    /// 160 kg more than the plan on small pads: far beyond chance, and the masses taken over mend it.
    @Test
    void aPlanThatTheScaleContradictsIsSaidAndMended() {
        Design d = loaded();
        LoadedState s = Analysis.of(d).of(Balance.DISCIPLINE).state("departure").orElseThrow();
        List<Weighing.Entry> entries = List.of(
                new Weighing.Entry(WeighPoint.TRAILER_ALONE, OptionalDouble.of(s.mass() + 160), 0, 1, true),
                new Weighing.Entry(WeighPoint.COUPLER, OptionalDouble.of(s.tongue() + 10), 0, 0.5, true));
        Design weighed = d.withWeighings(List.of(new Weighing("w", "2026-05-01", "", s.loadCase(), s.mass(), s.tongue(),
                entries, List.of(), "")));

        assertThat(value(weighed, "weigh.mass")).isCloseTo(s.mass() + 160, within(1e-6));
        Finding f = finding(weighed, "weigh.lacks").orElseThrow();
        assertThat(f.title().text(Style.PLAIN)).contains("160").contains("more than planned");
        Design mended = Remedies.of(Analysis.of(weighed), f).getFirst().edit().apply(weighed);
        assertThat(finding(mended, "weigh.lacks")).isEmpty();
        assertThat(Analysis.of(mended).of(Balance.DISCIPLINE).state("departure").orElseThrow().mass())
                .isGreaterThan(s.mass() + 100);
    }

    @ParameterizedTest
    @CsvSource({"road.speed, 8", "tyre.part, 0.5", "spring.travel, 0.4", "camp.chock, 0.4", "drive.run, 0.3",
            "block.1, 0", "tie.friction, 0", "bars.length, 1.5", "turn.radius, 2", "road.lag, 0.05"})
    void theEdgesOfWhatCanBeTypedNeverBreakIt(String id, double edge) {
        Design d = set(loaded(tank("fresh", Tank.Use.FRESH, 60, 1.4)), id, edge);

        assertThat(Told.studies(Analysis.of(d), Stage.BALANCE)).isNotEmpty();
        assertThat(Analysis.of(d).findings())
                .allSatisfy(f -> assertThat(f.title().text(Style.PLAIN)).doesNotContain("NaN"));
    }

    /// 300 kg of kitchen stand before the axle on the road and are pulled out behind the tail in camp.
    @Test
    void whatIsPulledOutInCampTipsIt() {
        Thing kitchen = thing("kitchen", 300, 0.5, 0);
        Design road = loaded(kitchen);
        Design camp = loaded(kitchen.placed(Mode.CAMP, new Placement(2.8, 0, 0, 0)));

        assertThat(value(camp, "camp.tip")).isLessThan(value(road, "camp.tip"));
        assertThat(value(camp, "balance.departure.tongue")).as("on the road nothing changes")
                .isEqualTo(value(road, "balance.departure.tongue"));
        assertThat(finding(camp, "camp.tip").orElseThrow().detail().text(Style.PLAIN)).contains("things as in");
    }

    @Test
    void whatStandsBesideTheCamperNoLongerHoldsTheTongueDown() {
        Thing water = thing("water", 60, -0.6, 0).with(Mount.OUTSIDE);
        Design aboard = loaded(water);
        Design beside = loaded(water.placed(Mode.CAMP, water.place().away(true)));

        // 60 kg at 0.6 m behind the ball press (3.0 − 0.6) × 60 before the axle; the tail is 1.2 m behind it, reserve 1.5
        assertThat(value(aboard, "camp.tip") - value(beside, "camp.tip")).isCloseTo(60 * 2.4 / 1.2 / 1.5,
                within(0.5));
    }

    @Test
    void theNightIsLookedAtToo() {
        Thing bed = thing("bed", 300, 0.5, 0);
        Design night = loaded(bed.placed(Mode.NIGHT, new Placement(2.7, 0, 0, 0)));

        assertThat(value(night, "camp.tip")).isLessThan(value(loaded(bed), "camp.tip"));
        assertThat(finding(night, "camp.tip").orElseThrow().detail().text(Style.PLAIN)).contains("Night");
    }

    @ParameterizedTest
    @CsvSource({"0, 25, false", "30, 25, false", "25, 25, false", "24, 25, true", "24, 20, false"})
    void tyresAreMadeForASpeed(double symbol, double speed, boolean said) {
        Design d = set(set(loaded(), "tyre.speed", symbol), "road.speed", speed);

        assertThat(finding(d, "tyres.speed").isPresent()).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"0, false", "6, false", "7, true", "12, true"})
    void oldTyresAreNamed(double years, boolean said) {
        Optional<Finding> f = finding(set(loaded(), "tyre.age", years), "tyres.age");

        assertThat(f.isPresent()).isEqualTo(said);
        f.ifPresent(x -> assertThat(x.title().text(Style.PLAIN)).contains(String.valueOf((int) years)));
    }

    @Test
    void whatTheBarsAddMayBeTooMuchForTheAxle() {
        Design d = set(loaded(), "bars.length", 0.7);
        double added = value(d, "bars.axle");
        double axle = value(d, "balance.departure.axle");
        Design enough = d.with(d.base().with(Rating.AXLE, OptionalDouble.of(axle + added + 1)));
        Design tooLittle = d.with(d.base().with(Rating.AXLE, OptionalDouble.of(axle + added - 1)));

        assertThat(added).isPositive();
        assertThat(finding(enough, "bars.axle")).isEmpty();
        assertThat(finding(tooLittle, "bars.axle").orElseThrow().severity()).isEqualTo(Severity.STOP);
    }
}
