package lectulum.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.logbook.Logbook;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.SystemGroup;
import lectulum.design.works.Job;
import lectulum.design.works.Slot;
import lectulum.design.works.Works;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.files.CalendarFile;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.schedule.Schedule;
import lectulum.kernel.schedule.Sessions;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlanTest {
    private static final double HOUR = 3600;

    private static Design demo(String key) {
        Design d = Campers.demo(key).orElseThrow().design();
        return d.withLogbook(Logbook.NONE);
    }

    private static Design begun(Design d) {
        return d.with(Works.NONE.withStart("2027-03-01"));
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).of(BuildStudies.DISCIPLINE).figures().find(figure).orElseThrow().value().orElseThrow();
    }

    private static List<Finding> findings(Design d) {
        return Analysis.of(d).of(BuildStudies.DISCIPLINE).findings();
    }

    /// Hours and longest path of the table when a camper has everything: 412 and 306, 362 and 282, 278 and 218.
    @ParameterizedTest
    @CsvSource({"TEARDROP, 412, 306", "OVERLAND, 362, 282", "CARGO, 278, 218"})
    void usualTasksOfEachKind(CamperType type, double hours, double path) {
        Design all = demo(type == CamperType.TEARDROP ? "dunlin" : type == CamperType.CARGO ? "nightjar" : "chamois");
        Design d = all.with(Works.NONE).with(all.brief().withType(type));

        List<Task> tasks = Tasks.of(d);

        assertThat(tasks.stream().mapToDouble(Task::hours).sum()).isEqualTo(hours);
        assertThat(Plan.of(d).network().longest(false)).isEqualTo(path);
        assertThat(Plan.of(d).network().loop()).isEmpty();
    }

    @Test
    void withoutWaterAndGasNobodyPlumbs() {
        Design d = demo("dunlin").with(Works.NONE);
        Design dry = d.without(d.things().stream()
                .filter(t -> t.system() == SystemGroup.WATER || t.system() == SystemGroup.HEAT).map(t -> t.id())
                .toList());

        assertThat(Tasks.of(d)).anyMatch(t -> t.id().equals("E4"));
        assertThat(Tasks.of(dry)).noneMatch(t -> t.id().equals("E4"));
        assertThat(Tasks.of(dry).stream().filter(t -> t.id().equals("G1")).findFirst().orElseThrow().after())
                .as("what came before it is still before what follows").contains("E2");
    }

    /// Every task once, none before what it waits for, all hours within sessions: whatever is done or left out.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void everyTaskIsLaidWithinSessions(String key) {
        Design d = begun(demo(key)).with(Works.NONE.withStart("2027-03-01").withJobs(List.of(
                Job.usual("A1").withDone(1), Job.usual("B1").withDone(0.5), Job.usual("E6").withDropped(true))));
        Plan plan = Plan.of(d);

        assertThat(plan.laid()).noneMatch(l -> l.trouble() == Schedule.Trouble.BEFORE_IT);
        Set<String> laid = plan.laid().stream().map(l -> l.job().id()).collect(Collectors.toSet());
        assertThat(laid).containsExactlyInAnyOrderElementsOf(
                plan.tasks().stream().filter(t -> !t.finished()).map(Task::id).toList());
        assertThat(laid).doesNotContain("A1", "E6");
        assertThat(plan.laid().stream().flatMap(l -> l.spans().stream()).mapToDouble(Sessions.Span::hours).sum())
                .isCloseTo(plan.left(), within(1e-3));
        for (Sessions.Span s : plan.laid().stream().flatMap(l -> l.spans().stream()).toList()) {
            assertThat(plan.own().on(s.from().toLocalDate())).anyMatch(w -> !s.from().isBefore(w.from())
                    && !s.to().isAfter(w.to()));
        }
    }

    /// 16 h a week: 412 hours take no less than 25 weeks, and the day after so many hours of sessions lies there.
    @Test
    void theEndFollowsFromTheHoursOfTheWeek() {
        Design d = begun(demo("dunlin"));
        Plan plan = Plan.of(d);
        double week = Works.USUAL.stream().mapToDouble(s -> s.to() - s.from()).sum();
        double left = plan.left();

        assertThat(value(d, "build.days")).isGreaterThanOrEqualTo(7 * (Math.ceil(left / week) - 1));
        LocalDate day = plan.dayAfter(left).orElseThrow();
        assertThat((double) LocalDate.parse("2027-03-01").until(day, java.time.temporal.ChronoUnit.DAYS))
                .isBetween(7 * (left / week - 1), 7 * (left / week + 1));
        assertThat(value(d, "build.p50")).isLessThan(value(d, "build.p80"));
        assertThat(value(d, "build.p50")).as("likely hours are too few").isGreaterThan(
                LocalDate.parse("2027-03-01").until(day, java.time.temporal.ChronoUnit.DAYS));
        Design twice = d.with(d.works().withSlots(List.of(new Slot(DayOfWeek.SATURDAY, 8, 20, true),
                new Slot(DayOfWeek.SUNDAY, 8, 20, true), new Slot(DayOfWeek.MONDAY, 12, 20, false))));
        assertThat(value(twice, "build.days")).isLessThan(value(d, "build.days"));
    }

    @Test
    void daysOffAreDaysOff() {
        Design d = begun(demo("dunlin"));
        Design off = d.with(d.works().withOff(List.of("2027-03-02", "2027-03-04", "2027-03-06", "2027-03-07", "soon")));

        assertThat(Plan.of(off).laid().getFirst().start().orElseThrow().toLocalDate())
                .isEqualTo(LocalDate.parse("2027-03-09"));
    }

    @Test
    void withoutABeginningThereAreHoursAndNoDays() {
        Design d = demo("nightjar").with(Works.NONE).with(Purse.NONE);

        assertThat(value(d, "build.hours")).isPositive();
        assertThat(Analysis.of(d).of(BuildStudies.DISCIPLINE).figures().find("build.days")).isEmpty();
    }

    @Test
    void whatCannotBePlannedIsSaidAndMended() {
        Design none = begun(demo("dunlin")).with(Works.NONE.withStart("2027-03-01")
                .withSlots(List.of(new Slot(DayOfWeek.SUNDAY, 12, 10, false))));
        Design alone = begun(demo("dunlin")).with(Works.NONE.withStart("2027-03-01")
                .withSlots(List.of(new Slot(DayOfWeek.SATURDAY, 8, 18, false))));
        Design evenings = begun(demo("dunlin")).with(Works.NONE.withStart("2027-03-01").withSlots(List.of(
                new Slot(DayOfWeek.MONDAY, 19, 21, true), new Slot(DayOfWeek.FRIDAY, 19, 21, true))));

        assertThat(findings(none)).extracting(Finding::id).contains("build.hours");
        assertThat(findings(alone)).extracting(Finding::id).anyMatch(i -> i.startsWith("build.helper."));
        assertThat(findings(evenings)).extracting(Finding::id).contains("build.session.C3");
        for (Design d : List.of(none, alone, evenings)) {
            Analysis a = Analysis.of(d);
            Finding f = a.of(BuildStudies.DISCIPLINE).findings().getFirst();
            Remedy r = Remedies.of(a, f).getFirst();
            assertThat(findings(r.edit().change().apply(d))).extracting(Finding::id).doesNotContain(f.id());
        }
    }

    @Test
    void aLoopOfOwnTasksIsNamedAndTheRestIsPlanned() {
        Design d = begun(demo("dunlin"));
        Job a = new Job("own-1", true, "a", false, OptionalDouble.of(HOUR), List.of("own-2"), false, 0, 0,
                OptionalDouble.empty(), "", "", "");
        Job b = new Job("own-2", true, "b", false, OptionalDouble.of(HOUR), List.of("own-1"), false, 0, 0,
                OptionalDouble.empty(), "", "", "");
        Design looped = d.with(d.works().withJobs(List.of(a, b)));

        assertThat(findings(looped)).extracting(Finding::id).anyMatch(i -> i.matches("build\\.loop\\.own-[12]"));
        assertThat(Plan.of(looped).laid()).hasSameSizeAs(Plan.of(d).laid());
    }

    @Test
    void whatTakesALicenceIsDoneByNobodyWithoutAName() {
        Design d = begun(demo("dunlin"));
        Design done = d.with(d.works().mapping("E3", j -> j.withDone(1)));
        Design said = d.with(d.works().mapping("E3", j -> j.withDone(1).withBy("an electrician").withChecked("Maris")));

        assertThat(findings(done)).extracting(Finding::id).contains("build.licence.E3");
        assertThat(findings(said)).extracting(Finding::id).doesNotContain("build.licence.E3");
    }

    /// B2 planned 16 h took 32: of metal (32 + 20)/(16 + 20) = 1.44 is expected of the rest.
    @Test
    void loggedHoursAreExpectedOfTheRest() {
        Design d = begun(demo("dunlin"));
        Design logged = d.with(d.works().mapping("B2", j -> j.withDone(1).withLogged(OptionalDouble.of(32 * HOUR))
                .withBy("a welder").withChecked("a friend")));
        double metal = Tasks.of(logged).stream().filter(t -> t.family().equals("metal")).mapToDouble(Task::left).sum();
        double others = Tasks.of(logged).stream().filter(t -> !t.family().equals("metal")).mapToDouble(Task::left)
                .sum();

        assertThat(value(logged, "build.forecast") / HOUR).isCloseTo(32 + metal * 52 / 36 + others, within(1e-6));
        assertThat(findings(logged)).extracting(Finding::id).contains("build.slow.metal");
    }

    @Test
    void theCalendarHasEverySessionAndNoLongLine() {
        Design d = begun(demo("dunlin"));
        String text = CalendarFile.of("Dunlin; näher, am Öhr", BuildStudies.sessions(d));

        long spans = Plan.of(d).laid().stream().mapToLong(l -> l.spans().size()).sum();
        assertThat(text.lines().filter(l -> l.equals("BEGIN:VEVENT")).count()).isEqualTo(spans);
        assertThat(text).startsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n").endsWith("END:VCALENDAR\r\n")
                .contains("DTSTART:20270302T190000\r\nDTEND:20270302T213000\r\n")
                .contains("Dunlin\\; näher\\, am Öhr: ");
        assertThat(text.split("\r\n")).allMatch(
                l -> l.getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= 75);
    }

    private static Design buying(Receipt... receipts) {
        Design d = begun(demo("dunlin"));
        return d.with(d.purse().withReceipts(List.of(receipts)).withToday("2027-03-01"));
    }

    private static LocalDate begins(Design d, String task) {
        return Plan.of(d).laid().stream().filter(l -> l.job().id().equals(task)).findFirst().orElseThrow().start()
                .orElseThrow().toLocalDate();
    }

    private static Receipt axle(Receipt.State state, double lead) {
        return Receipt.of("line-1", "Axle", state, 420).withTask("B3").withDate("2027-03-01").withLead(lead);
    }

    @Test
    void aTaskWaitsForWhatArrives() {
        LocalDate free = begins(buying(), "B3");
        Design late = buying(axle(Receipt.State.ORDERED, 120));
        Design soon = buying(axle(Receipt.State.ORDERED, 1));

        assertThat(begins(late, "B3")).isAfterOrEqualTo(LocalDate.parse("2027-06-29")).isAfter(free);
        assertThat(begins(soon, "B3")).isEqualTo(free);
        assertThat(begins(buying(axle(Receipt.State.PAID, 120)), "B3")).as("it is there").isEqualTo(free);
        assertThat(findings(late)).extracting(Finding::id).contains("build.parts.line-1");
        assertThat(findings(soon)).extracting(Finding::id).doesNotContain("build.parts.line-1");
        assertThat(value(late, "build.days")).isGreaterThan(value(soon, "build.days"));
    }

    @Test
    void whatIsNotOrderedSaysByWhen() {
        LocalDate free = begins(buying(), "B3");
        Design open = buying(axle(Receipt.State.QUOTE, 5));

        Plan.Delivery d = Plan.of(open).ordered().getFirst();
        assertThat(d.orderBy()).contains(free.minusDays(5));
        assertThat(d.arrives()).isEqualTo(LocalDate.parse("2027-03-06"));
        Design slow = buying(axle(Receipt.State.GUESS, 200));
        Finding late = findings(slow).stream().filter(f -> f.id().equals("build.parts.line-1")).findFirst()
                .orElseThrow();
        assertThat(late.title().text(Style.PLAIN)).startsWith("Axle comes ")
                .endsWith("too late for “Axle, hubs, brakes, coupler, chains”");
        assertThat(Plan.of(buying(axle(Receipt.State.QUOTE, 5).withTask("gone"))).ordered()).isEmpty();
        assertThat(Plan.of(buying(axle(Receipt.State.QUOTE, 5).withCover(Bill.Cover.GIFT))).ordered()).isEmpty();
    }

    /// By hand: of two that one task waits for, the later one counts.
    @Test
    void theLaterOfTwoDeliveriesCounts() {
        Design one = buying(axle(Receipt.State.ORDERED, 100));
        Design two = buying(axle(Receipt.State.ORDERED, 100), axle(Receipt.State.ORDERED, 130).withId("line-2"));

        assertThat(begins(two, "B3")).isAfterOrEqualTo(LocalDate.parse("2027-07-09"));
        assertThat(begins(one, "B3")).isBefore(begins(two, "B3"));
    }

    private static Timeline.Bar bar(Design d, String task) {
        return Timeline.of(Plan.of(d)).bars().stream().filter(b -> b.task().equals(task)).findFirst().orElseThrow();
    }

    @Test
    void aTaskIsDraggedLaterAndBack() {
        Design d = buying();
        Timeline.Bar before = bar(d, "B3");

        Design later = Timeline.notBefore(before, before.begins().plusWeeks(6)).apply(d);

        assertThat(begins(later, "B3")).isAfterOrEqualTo(before.begins().plusWeeks(6));
        assertThat(value(later, "build.days")).isGreaterThanOrEqualTo(value(d, "build.days"));
        assertThat(begins(Timeline.notBefore(bar(later, "B3"), before.begins().plusWeeks(2)).apply(later), "B3"))
                .as("a part of the way back").isBetween(before.begins().plusWeeks(2), before.begins().plusWeeks(3));
        assertThat(Timeline.notBefore(bar(later, "B3"), before.begins()).apply(later)).as("all the way back")
                .isEqualTo(d.with(d.works().mapping("B3", j -> j)));
    }

    /// Where a bar begins is where a drag that does not move it lets go.
    @Test
    void theDayUnderABarIsItsFirst() {
        Design d = buying();
        Timeline t = Timeline.of(Plan.of(d));

        for (Timeline.Bar b : t.bars()) {
            assertThat(t.day(b.from())).contains(b.begins());
        }
        assertThat(new Timeline(List.of(), List.of(), Optional.empty(), 0).day(0.5)).isEmpty();
    }
}
