package lectulum.log;

import static lectulum.Told.everyRemedyMends;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumption;
import lectulum.build.BuildStudies;
import lectulum.build.Task;
import lectulum.build.Tasks;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.design.logbook.Carrying;
import lectulum.design.logbook.CheckItem;
import lectulum.design.logbook.CheckItem.Occasion;
import lectulum.design.logbook.Journey;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import lectulum.design.logbook.Tick;
import lectulum.design.logbook.Trial;
import lectulum.design.logbook.Upkeep;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.works.Job;
import lectulum.design.works.Works;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import lectulum.layout.storage.Keeping;
import lectulum.units.UnitSystem;
import lectulum.water.WaterUse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LogTest {
    private static final double HOUR = 3600;

    private static Design empty() {
        return Campers.start(CamperType.CARGO, "x", UnitSystem.METRIC).design();
    }

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static Design today(Design d, String day) {
        return d.with(d.purse().withToday(day));
    }

    private static Design with(Design d, LogEntry... entries) {
        return d.withLogbook(d.logbook().withEntries(List.of(entries)));
    }

    private static Studies studies(Design d, Discipline<Studies> discipline) {
        return Analysis.of(d).of(discipline);
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static List<Finding> findings(Design d, Rule rule) {
        return Analysis.of(d).findings(Stage.LOG).stream().filter(f -> f.rule() == rule).toList();
    }

    private static Design cure(Design d, Finding f) {
        return Remedies.of(Analysis.of(d), f).getFirst().edit().apply(d);
    }

    private static LogEntry snag(String id) {
        return LogEntry.of(id, "2027-01-04", LogEntry.Kind.SNAG, "Seal of the hatch gapes at its left corner");
    }

    @Test
    void anEmptyLogSaysWhatToWriteAndFindsNothing() {
        Design d = empty();

        assertThat(Analysis.of(d).findings(Stage.LOG)).isEmpty();
        assertThat(studies(d, Diary.DISCIPLINE).all().getFirst().notes().toString()).contains("Nothing is written yet");
        assertThat(studies(d, Journeys.DISCIPLINE).all().getFirst().notes().toString()).contains("No trip");
        assertThat(studies(d, Upkeeps.DISCIPLINE).all().getFirst().notes().toString()).contains("what day it is");
    }

    @Test
    void hoursOfWorkCountForTheirTaskAndForTheForecast() {
        Design d = today(empty(), "2027-03-01").with(Works.NONE.mapping("C1", j -> j.withDone(0.5)
                .withLogged(OptionalDouble.of(2 * HOUR))));
        LogEntry work = LogEntry.of("entry-1", "2027-02-02", LogEntry.Kind.WORK, "floor in").withTask("C1")
                .withHours(OptionalDouble.of(5 * HOUR));
        LogEntry mistake = LogEntry.of("entry-2", "2027-02-03", LogEntry.Kind.MISTAKE, "cut twice").withTask("C1")
                .withHours(OptionalDouble.of(1.5 * HOUR)).withCost(OptionalDouble.of(31))
                .withMass(OptionalDouble.of(0.4));

        Design logged = with(d, work, mistake);

        Task floor = Tasks.of(logged).stream().filter(t -> t.id().equals("C1")).findFirst().orElseThrow();
        assertThat(floor.logged()).as("typed and written, not what a mistake cost").hasValue(7);
        assertThat(value(logged, "build.spent")).isEqualTo(7 * HOUR);
        assertThat(value(logged, "log.hours")).isEqualTo(5 * HOUR);
        assertThat(value(logged, "log.lost.hours")).isEqualTo(1.5 * HOUR);
        assertThat(value(logged, "log.lost.money")).isEqualTo(31);
        assertThat(value(logged, "log.lost.mass")).isEqualTo(0.4);
        assertThat(value(logged, "build.forecast")).isNotEqualTo(value(d, "build.forecast"));
    }

    @Test
    void aSnagBecomesATaskOnceAndIsMendedWithIt() {
        Design d = with(empty(), snag("entry-1").withHours(OptionalDouble.of(3 * HOUR)));

        Design planned = Diary.task(d, "entry-1").orElseThrow().apply(d);

        Job job = planned.works().jobs().getFirst();
        assertThat(job.own()).isTrue();
        assertThat(job.hours()).hasValue(3 * HOUR);
        assertThat(job.name()).startsWith("Seal of the hatch");
        assertThat(planned.logbook().entry("entry-1").orElseThrow().task()).isEqualTo(job.id());
        assertThat(Diary.task(planned, "entry-1")).isEmpty();
        assertThat(value(planned, "build.hours") - value(d, "build.hours")).isCloseTo(3 * HOUR, within(1e-6));

        Design mended = Diary.mended("entry-1").apply(planned);
        assertThat(mended.works().job(job.id()).done()).isEqualTo(1);
        assertThat(value(mended, "log.open")).isZero();
        assertThat(Diary.task(mended, "entry-1")).isEmpty();
        assertThat(Diary.task(mended, "entry-9")).isEmpty();
    }

    @Test
    void whatIsUnsafeStopsAndWhatIsLateWarnsUntilItIsMended() {
        Design d = today(with(empty(), snag("entry-1").withUnsafe(true),
                snag("entry-2").withKind(LogEntry.Kind.MAKESHIFT).withDue("2027-02-01"),
                snag("entry-3").withDue("2027-04-01"), snag("entry-4").withDue("2027-02-01").withDone(true)),
                "2027-03-01");

        List<Finding> unsafe = findings(d, DiaryRules.UNSAFE);
        assertThat(unsafe).extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(findings(d, DiaryRules.OVERDUE)).extracting(Finding::id).containsExactly("log.overdue.entry-2");
        assertThat(findings(cure(d, unsafe.getFirst()), DiaryRules.UNSAFE)).isEmpty();
        assertThat(findings(cure(d, findings(d, DiaryRules.OVERDUE).getFirst()), DiaryRules.OVERDUE)).isEmpty();
    }

    @Test
    void aDayThatIsNoneAndOneAheadAreSaid() {
        Design d = today(with(empty(), snag("entry-1").withDate("2027-02-30"), snag("entry-2").withDate("2027-05-01"),
                snag("entry-3").withDue("2030-01-01")), "2027-03-01");

        assertThat(findings(d, DiaryRules.DAY)).extracting(Finding::id).containsExactly("log.day.entry-1.date");
        assertThat(findings(d, DiaryRules.FUTURE)).extracting(Finding::id).containsExactly("log.future.entry-2.date");
    }

    @Test
    void anEntryIsFoundByAnyOfItsWords() {
        Design d = with(demo("dunlin"), snag("entry-1").withTask("C9").withWhy("tape ran out").withDate("2027-01-04"),
                snag("entry-2").withText("Drawer sticks").withDate("2027-02-04").withThing("rear-galley"));

        assertThat(Diary.found(d, "")).extracting(LogEntry::id).as("the last first")
                .containsExactly("entry-2", "entry-1");
        assertThat(Diary.found(d, "GAPES tape")).extracting(LogEntry::id).containsExactly("entry-1");
        assertThat(Diary.found(d, "galley hatch")).as("name of its task").extracting(LogEntry::id)
                .containsExactly("entry-1");
        assertThat(Diary.found(d, "2027-02")).extracting(LogEntry::id).containsExactly("entry-2");
        assertThat(Diary.found(d, "gapes drawer")).isEmpty();
    }

    @Test
    void lessonsStandAtTheirStage() {
        Design d = with(empty(), snag("entry-1").withKind(LogEntry.Kind.NEXT_TIME).withStage("Layout"),
                snag("entry-2").withStage("Layout"), snag("entry-3").withKind(LogEntry.Kind.MISTAKE));

        assertThat(Diary.lessons(d, Stage.LAYOUT)).extracting(LogEntry::id).containsExactly("entry-1");
        assertThat(Diary.lessons(d, Stage.BASE)).isEmpty();
    }

    /// A search through 5000 entries stays within what a hand at the keys notices; here that it finds what it should.
    @Test
    void aLongLogIsSearched() {
        Design d = empty().withLogbook(Logbook.NONE.withEntries(IntStream.range(0, 5000)
                .mapToObj(i -> LogEntry.of("entry-" + i, "2027-01-01", LogEntry.Kind.WORK, "done number " + i))
                .toList()));

        assertThat(Diary.found(d, "number 4321")).extracting(LogEntry::id).containsExactly("entry-4321");
        assertThat(value(d, "log.entries")).isEqualTo(5000);
    }

    /// Measured a centimetre longer than planned: said with both sizes, planned as built it is no more, and the later entry counts.
    @Test
    void whatWasBuiltOtherwiseCanBePlannedAsBuilt() {
        Design d = demo("dunlin");
        Thing press = d.thing("drying-press").orElseThrow();
        LogEntry built = LogEntry.of("entry-1", "2027-01-04", LogEntry.Kind.AS_BUILT, "measured")
                .withThing("drying-press").withLength(OptionalDouble.of(press.size().length() + 0.01));
        Design measured = with(d, built);

        List<Finding> said = findings(measured, DiaryRules.AS_BUILT);
        Design planned = cure(measured, said.getFirst());

        assertThat(said).extracting(Finding::id).containsExactly("log.asbuilt.entry-1");
        assertThat(planned.thing("drying-press").orElseThrow().size()).isEqualTo(new Size(
                press.size().length() + 0.01, press.size().width(), press.size().height()));
        assertThat(planned.thing("drying-press").orElseThrow().mass()).isEqualTo(press.mass());
        assertThat(findings(planned, DiaryRules.AS_BUILT)).isEmpty();
        LogEntry later = built.withId("entry-2").withLength(OptionalDouble.of(press.size().length() + 0.0003));
        assertThat(findings(with(d, built, later), DiaryRules.AS_BUILT)).as("within the tape").isEmpty();
        assertThat(findings(with(d, built.withThing("gone")), DiaryRules.AS_BUILT)).isEmpty();
        assertThat(Diary.asBuilt(with(d, built.withKind(LogEntry.Kind.WORK)), "entry-1")).isEmpty();
    }

    private static Design tried(Design d, Trial.Kind kind, String zone, Trial.Outcome outcome) {
        return Trials.went(kind, zone, outcome).apply(d);
    }

    @Test
    void testsFollowWhatTheCamperHas() {
        Set<Trial.Kind> full = Trials.wanted(demo("nightjar")).stream().map(Trials.Wanted::kind)
                .collect(Collectors.toSet());
        Design bare = demo("nightjar").withThings(List.of()).withLogbook(Logbook.NONE);
        Set<Trial.Kind> little = Trials.wanted(bare).stream().map(Trials.Wanted::kind).collect(Collectors.toSet());

        assertThat(full).contains(Trial.Kind.GAS, Trial.Kind.PRESSURE, Trial.Kind.CIRCUIT, Trial.Kind.ALARM,
                Trial.Kind.BRAKE);
        assertThat(little).doesNotContain(Trial.Kind.GAS, Trial.Kind.PRESSURE, Trial.Kind.CIRCUIT, Trial.Kind.ALARM)
                .contains(Trial.Kind.LAMP, Trial.Kind.TOW, Trial.Kind.WATER);
        assertThat(Trials.wanted(demo("dunlin"))).as("no brakes, but a hatch").noneMatch(w -> w
                .kind() == Trial.Kind.BRAKE).anyMatch(w -> w.zone().equals("hatch"));
    }

    @Test
    void theLastTestOfAZoneCounts() {
        Design d = today(empty(), "2027-03-01");
        int all = Trials.wanted(d).size();
        Design failed = tried(d, Trial.Kind.WATER, "floor seam", Trial.Outcome.FAILED);
        Design passed = tried(failed, Trial.Kind.WATER, "floor seam", Trial.Outcome.PASSED);

        assertThat(findings(failed, TrialRules.FAILED)).hasSize(1);
        assertThat(findings(passed, TrialRules.FAILED)).isEmpty();
        assertThat(passed.logbook().trials()).as("both are kept").hasSize(2);
        assertThat(passed.logbook().trials().getLast().date()).isEqualTo("2027-03-01");
        assertThat(value(passed, "log.tests")).isEqualTo(all);
        assertThat(value(passed, "log.passed")).isEqualTo(1);
        assertThat(findings(cure(failed, findings(failed, TrialRules.FAILED).getFirst()), TrialRules.FAILED))
                .isEmpty();
    }

    @Test
    void aTestOfOnesOwnIsOneMore() {
        Design d = empty();
        Design own = tried(d, Trial.Kind.WATER, "seam over the nose", Trial.Outcome.OPEN);

        assertThat(Trials.wanted(own)).hasSize(Trials.wanted(d).size() + 1);
        assertThat(tried(own, Trial.Kind.WATER, "seam over the nose", Trial.Outcome.PASSED).logbook().trials())
                .as("an open one is filled in").hasSize(1);
    }

    @Test
    void liningBeforeTheRainTestStops() {
        Design d = empty();
        Design lined = d.with(d.works().mapping("E1", j -> j.withDone(0.2)));
        Design tested = lined;
        for (Trials.Wanted w : Trials.wanted(lined)) {
            if (w.kind() == Trial.Kind.WATER) {
                tested = tried(tested, w.kind(), w.zone(), Trial.Outcome.PASSED);
            }
        }

        assertThat(findings(d, TrialRules.LINING)).isEmpty();
        assertThat(findings(lined, TrialRules.LINING)).extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(findings(tested, TrialRules.LINING)).isEmpty();
    }

    @Test
    void aTrailerThatSwingsOnIsSaid() {
        Design d = empty();
        Trial bounce = Trial.of("test-1", "2027-01-01", Trial.Kind.BOUNCE, "loaded", Trial.Outcome.PASSED)
                .withCycles(OptionalDouble.of(12)).withShare(OptionalDouble.of(0.5));
        Design soft = d.withLogbook(d.logbook().plus(bounce));
        Design damped = d.withLogbook(d.logbook().plus(bounce.withCycles(OptionalDouble.of(1))));

        assertThat(value(soft, "log.damping.test-1")).isCloseTo(0.0091928, within(5e-8));
        assertThat(findings(soft, TrialRules.BOUNCE)).hasSize(1);
        assertThat(findings(damped, TrialRules.BOUNCE)).isEmpty();
    }

    private static Design travelled(Design d) {
        return today(d.withLogbook(d.logbook()
                .plus(Journey.of("journey-1", "Heath", "2027-01-01", 2, 2).withWater(OptionalDouble.of(0.031))
                        .withDistance(1e6).withSetup(OptionalDouble.of(34 * 60)))
                .plus(Journey.of("journey-2", "Moor", "2027-02-01", 3, 2).withWater(OptionalDouble.of(0.058))
                        .withDistance(1e6).withSetup(OptionalDouble.of(27 * 60)))),
                "2027-02-20");
    }

    @Test
    void distanceAndDailyUseComeFromTrips() {
        Design d = travelled(empty());

        assertThat(Upkeeps.towed(d)).isEqualTo(2e6);
        assertThat(Upkeeps.daily(d)).as("50 days since the first").isCloseTo(2e6 / 50, within(1e-6));
        assertThat(Upkeeps.towed(d.withLogbook(d.logbook().withTowed(OptionalDouble.of(9e6))))).isEqualTo(9e6);
        assertThat(Upkeeps.daily(empty())).as("of the brief")
                .isCloseTo(empty().brief().travel().distance() / 365.25, within(1e-9));
    }

    @Test
    void upkeepIsDueByWhatComesFirstAndIsDoneWithOnePress() {
        Design d = travelled(empty());
        Design late = d.withLogbook(d.logbook().mappingUpkeep("bearings", u -> u.withLast("2026-12-01")
                .withAt(OptionalDouble.of(0)).withDistance(OptionalDouble.of(1.5e6))));

        Finding due = findings(late, UpkeepRules.DUE).stream().filter(f -> f.id().endsWith("bearings")).findFirst()
                .orElseThrow();
        assertThat(due.severity()).isEqualTo(Severity.WARN);
        assertThat(due.detail().text(lectulum.units.Style.PLAIN)).startsWith("By distance");

        Design done = cure(late, due);
        assertThat(findings(done, UpkeepRules.DUE)).isEmpty();
        assertThat(done.logbook().upkeep("bearings").last()).isEqualTo("2027-02-20");
        assertThat(done.logbook().upkeep("bearings").at()).hasValue(2e6);
    }

    @Test
    void hoursOfRunningCountToo() {
        Design d = today(demo("nightjar").withLogbook(Logbook.NONE.mappingUpkeep("heater",
                u -> u.withLast("2027-01-01").withRan(OptionalDouble.of(280 * HOUR)))), "2027-02-20");
        Upkeeps.Item heater = Upkeeps.items(d).stream().filter(i -> i.id().equals("heater")).findFirst().orElseThrow();

        assertThat(heater.due().orElseThrow().by().label()).isEqualTo("hours of running");
        assertThat(heater.due().orElseThrow().day()).as("20 h left at 5.6 h a day")
                .isEqualTo(java.time.LocalDate.of(2027, 2, 24));
    }

    @Test
    void upkeepOfOnesOwnAndWhatIsLeftOut() {
        Design d = today(empty(), "2027-02-20");
        Design own = d.withLogbook(d.logbook()
                .mappingUpkeep("upkeep-1",
                        u -> u.withOwn(true).withName("Oil the hatch").withMonths(OptionalDouble.of(3))
                                .withLast("2026-10-01"))
                .mappingUpkeep("seals", u -> u.withDropped(true)));

        assertThat(Upkeeps.items(own)).extracting(Upkeeps.Item::name).contains("Oil the hatch")
                .doesNotContain("Sealant and roof");
        assertThat(findings(own, UpkeepRules.DUE)).extracting(Finding::id).containsExactly("log.due.upkeep-1");
    }

    @Test
    void oldTyresAreSaidAndTheirAgeIsOne() {
        Design d = today(empty(), "2027-02-20");
        Design five = d.withLogbook(d.logbook().withTyres("3821"));
        Design seven = d.withLogbook(d.logbook().withTyres("0220"));
        Design other = five.with(five.settings().with(Assumption.TYRE_AGE.id(), 2));

        assertThat(findings(five, UpkeepRules.TYRES)).extracting(Finding::severity).containsExactly(Severity.NOTE);
        assertThat(findings(seven, UpkeepRules.TYRES)).extracting(Finding::severity).containsExactly(Severity.WARN);
        assertThat(findings(d.withLogbook(d.logbook().withTyres("9921")), UpkeepRules.TYRE_CODE)).hasSize(1);
        assertThat(findings(five, UpkeepRules.TYRE_AGE)).isEmpty();
        Design same = cure(other, findings(other, UpkeepRules.TYRE_AGE).getFirst());
        assertThat(findings(same, UpkeepRules.TYRE_AGE)).isEmpty();
        assertThat(value(same, "log.tyres")).isCloseTo(5.4182, within(5e-5));
    }

    @Test
    void aRateOfWaterLearntIsThatOfThePlanAfterItIsTakenOver() {
        Design d = travelled(demo("nightjar").withLogbook(Logbook.NONE));
        int people = d.brief().people().size();
        double plan = WaterUse.styled(d).fresh() / people;

        double learnt = value(d, "log.water");

        assertThat(learnt).isCloseTo((6 * plan + 0.089) / 16, within(1e-12));
        Design thirsty = d.withLogbook(d.logbook().mappingJourney("journey-2", j -> j.withWater(
                OptionalDouble.of(0.2))));
        assertThat(findings(thirsty, JourneyRules.WATER)).hasSize(1);
        everyRemedyMends(Analysis.of(thirsty), JourneyRules.WATER);
        Design taken = Journeys.learnt(thirsty).orElseThrow().apply(thirsty);
        assertThat(WaterUse.of(taken).fresh() / people).isCloseTo(value(taken, "log.water"), within(1e-9));
        assertThat(findings(taken, JourneyRules.WATER)).isEmpty();
        assertThat(Journeys.learnt(empty())).isEmpty();
        assertThat(value(taken, "log.water")).as("the trips teach it only once")
                .isCloseTo(value(thirsty, "log.water"), within(1e-12));
    }

    @Test
    void timesOfSettingUpFollowPractice() {
        Design d = travelled(empty());

        assertThat(value(d, "log.setup.first")).isCloseTo(34 * 60, within(1e-6));
        assertThat(value(d, "log.setup.rate")).isCloseTo(27.0 / 34, within(1e-9));
        assertThat(value(d, "log.setup.next")).isCloseTo(34 * 60 * Math.pow(3, Math.log(27.0 / 34) / Math.log(2)),
                within(1e-6));
    }

    @Test
    void togetherCampIsSetUpNoSlowerThanAlone() {
        for (String key : List.of("nightjar", "dunlin", "chamois")) {
            Design d = demo(key);

            assertThat(value(d, "log.hands.all")).as(key).isLessThanOrEqualTo(value(d, "log.hands.alone") + 1e-9);
            assertThat(value(d, "log.hands.alone")).isEqualTo(
                    60 * Journeys.steps(d).stream().mapToDouble(s -> s.minutes()).sum(), within(1e-6));
        }
    }

    @Test
    void thePackingListIsWhatIsOnTheSheetAndWeighsTheSame() {
        Design d = demo("nightjar");
        List<Packing.Line> lines = Packing.lines(d, Keeping.of(d));

        double gear = d.things().stream().filter(Keeping::packed).mapToDouble(t -> t.mass().value()).sum();
        assertThat(value(d, "log.pack.mass")).isCloseTo(gear, within(1e-9));
        assertThat(lines).extracting(l -> l.thing().id()).doesNotHaveDuplicates();
        double carried = value(d, "log.pack.carry");
        Design stays = d.withLogbook(d.logbook().mappingCarrying(lines.getFirst().thing().id(), c -> c.staying(true)));
        assertThat(value(stays, "log.pack.carry"))
                .isCloseTo(carried - lines.getFirst().thing().mass().value(), within(1e-9));
    }

    @Test
    void packingIsTickedAndBegunAnew() {
        Design d = demo("nightjar");
        double open = value(d, "log.pack.left");
        Design packed = d.withLogbook(d.logbook().mappingCarrying("telescope", c -> c.packed(true)));

        assertThat(value(packed, "log.pack.left")).isEqualTo(open - 1);
        assertThat(Packing.anew().apply(packed).logbook().carried()).noneMatch(Carrying::packed);
        assertThat(Packing.anew().apply(packed).logbook().carrying("telescope").who()).isEqualTo("Bram");
    }

    @Test
    void whatIsNotUsedThreeTimesInARowCouldStayAtHome() {
        Design d = demo("nightjar");
        List<Finding> idle = findings(d, PackingRules.UNUSED);
        assertThat(idle).extracting(Finding::id).containsExactly("log.unused.tool-box");

        Design once = Packing.used("journey-3", "tool-box", true).apply(d);
        assertThat(findings(once, PackingRules.UNUSED)).isEmpty();
        assertThat(Packing.used("journey-3", "tool-box", false).apply(once)).isEqualTo(d);

        Design home = cure(d, idle.getFirst());
        assertThat(home.thing("tool-box")).isEmpty();
        assertThat(value(d, "balance.departure.mass") - value(home, "balance.departure.mass")).isCloseTo(
                d.thing("tool-box").map(Thing::mass).orElseThrow().value(), within(1e-6));
    }

    @Test
    void everyListIsMadeOfWhatIsThere() {
        Design d = demo("nightjar");

        assertThat(text(d, Occasion.LEAVING)).anyMatch(t -> t.startsWith("Gas bottle: shut"))
                .anyMatch(t -> t.contains("Breakaway")).anyMatch(t -> t.startsWith("Rear ramp door"));
        Design bare = d.withThings(List.of()).with(d.base().with(d.base().axle().withBrakes(false)));
        assertThat(text(bare, Occasion.LEAVING)).noneMatch(t -> t.contains("Gas") || t.contains("Breakaway"))
                .anyMatch(t -> t.contains("chains"));
        assertThat(text(demo("chamois"), Occasion.LEAVING)).anyMatch(t -> t.contains("folded and fastened"));
    }

    private static List<String> text(Design d, Occasion o) {
        return Checklists.items(d, o).stream().map(Checklists.Item::text).toList();
    }

    @ParameterizedTest
    @EnumSource(Occasion.class)
    void aListIsTickedWithSecondLooksAndBegunAnew(Occasion o) {
        Design d = demo("chamois");
        d = d.withLogbook(d.logbook().plus(new CheckItem("item-1", o, "Fold the map", true)));
        List<Checklists.Item> items = Checklists.items(d, o);
        assertThat(items).extracting(Checklists.Item::id).doesNotHaveDuplicates().contains("item-1");
        Design all = d;
        for (Checklists.Item i : items) {
            all = Checklists.tick(i, true, false).apply(all);
        }

        assertThat(Checklists.ticked(all, items)).as("a second look is missing")
                .isEqualTo(items.stream().filter(i -> !i.second()).count());
        for (Checklists.Item i : items) {
            all = Checklists.tick(i, true, true).apply(all);
        }
        assertThat(Checklists.ticked(all, items)).isEqualTo(items.size());
        assertThat(Checklists.tick(items.getFirst(), false, false).apply(all).logbook().ticks())
                .hasSize(items.size() - 1);
        assertThat(Checklists.anew(o).apply(all)).isEqualTo(d);
        assertThat(value(all, "log.list." + o.name().toLowerCase().replace("_", ""))).isZero();
    }

    @Test
    void aWholeLogIsReadBackAsItWas() throws UnreadableFile {
        Project p = Campers.demo("nightjar").orElseThrow();
        Design d = p.design();
        Design full = d.withLogbook(d.logbook().ticked(new Tick("leaving.coupler", true))
                .plus(new CheckItem("item-1", Occasion.STORING, "Bring in the cushions", false))
                .withTowed(OptionalDouble.of(7e6)));

        assertThat(ProjectJson.read(ProjectJson.write(p.with(full), null)).project().design().logbook())
                .isEqualTo(full.logbook());
    }

    @Test
    void nonsenseInALogIsFoundAndNothingThrows() {
        Design d = today(empty(), "not a day");
        Design odd = d.withLogbook(new Logbook(List.of(snag("").withThing("gone").withTask("gone")
                .withHours(OptionalDouble.of(Double.NaN)).withDate("soon")), List.of(
                        Trial.of("", "", null, "", null)
                                .withCycles(OptionalDouble.of(-3))),
                List.of(Upkeep.usual("gone").withOwn(true).withLast("2027-01-01")
                        .withDistance(OptionalDouble.of(Double.POSITIVE_INFINITY))),
                List.of(Journey.of("j", "", "1", -5, 0).withUsed(List.of("gone"))), List.of(Carrying.of("gone")),
                List.of(new CheckItem("", null, "", false)), List.of(new Tick("gone", true)),
                OptionalDouble.of(-1), "٣"));

        Analysis a = Analysis.of(odd);

        assertThat(a.findings(Stage.LOG)).extracting(Finding::id).anyMatch(id -> id.startsWith("sound."));
        assertThat(a.of(BuildStudies.DISCIPLINE).all()).isNotEmpty();
    }
}
