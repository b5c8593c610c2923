package lectulum.analysis;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lectulum.balance.BalanceRules;
import lectulum.design.Design;
import lectulum.design.base.Survey;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.thing.MassSource;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.layout.doors.DoorRules;
import lectulum.layout.doors.Exits;
import lectulum.layout.people.People;
import lectulum.symbols.Symbols;

/// What to do next on a stage, for somebody who begins: two or three things, each done when the design says so.
public final class NextSteps {
    /// What it looks like says that a thing charges: it has no other mark.
    private static final String CHARGER = "charger";

    private NextSteps() {
    }

    /// One thing to do.
    ///
    /// @param id stable
    public record Step(String id, String says, boolean done) {
    }

    /// In the order in which they are done; none for a stage that needs no beginning.
    public static List<Step> of(Analysis a, Stage stage) {
        Design d = a.given();
        return switch (stage) {
            case BRIEF -> List.of(step("people", "Name who travels and how tall they are", named(d)),
                    step("budget", "Say what it may cost", d.brief().budget().isPresent()),
                    step("vehicle", "Copy the tow vehicle's limits from its plate and manual",
                            known(d, Rating.TOW_BRAKED, Rating.TOW_UNBRAKED) && known(d, Rating.TONGUE_VEHICLE)
                                    && known(d, Rating.PAYLOAD)));
            case BASE -> List.of(
                    step("plates", "Copy the trailer's gross plate and axle rating",
                            d.base().rating(Rating.GROSS_PLATE).isPresent()
                                    && d.base().rating(Rating.AXLE).isPresent()),
                    step("empty", "Weigh the bare trailer: its wheels and its tongue",
                            weighed(d)),
                    step("survey", "Measure the inside with a tape, diagonals too",
                            !d.base().survey().equals(Survey.NONE)));
            case LAYOUT -> List.of(step("beds", "Give everybody a bed", bedded(a, d)),
                    step("cook", "Place what you cook with", any(d, t -> t.system() == SystemGroup.GALLEY
                            && t.role() == Role.BUILT_IN && t.mount() != Mount.SPREAD)),
                    step("out", "Give sleepers two ways out", bedded(a, d) && a.of(Exits.DISCIPLINE).findings().stream()
                            .noneMatch(f -> f.rule() == DoorRules.EXIT_COUNT)));
            case BALANCE -> List.of(
                    step("masses", "Weigh what you have: replace guesses by scale readings",
                            any(d, t -> t.mass().source() == MassSource.WEIGHED)),
                    step("cases", "Bring the tongue into its band on every trip",
                            a.findings(Stage.BALANCE).stream()
                                    .noneMatch(f -> f.rule() == BalanceRules.BALANCE_TONGUE_SHARE
                                            || f.rule() == BalanceRules.BALANCE_TONGUE_LIFT)),
                    step("day", "Drive onto a scale: Weigh day", !d.weighings().isEmpty()));
            case POWER ->
                List.of(step("loads", "Place what uses power, with its hours", any(d, t -> t.load().isPresent())),
                        step("battery", "Place a battery", any(d, t -> t.battery().isPresent())),
                        step("charge", "Place what charges it: panels, a charger",
                                any(d, t -> t.solar() > 0 || Symbols.of(t).name().equals(CHARGER))));
            case WATER -> List.of(step("fresh", "Place fresh water", tank(d, Tank.Use.FRESH)),
                    step("grey", "Place something for the waste water", tank(d, Tank.Use.GREY)),
                    step("toilet", "Place the toilet of the brief",
                            d.brief().toilet() == Toilet.NONE || tank(d, Tank.Use.BLACK)));
            case AIR -> List.of(
                    step("walls", "Say what the walls are built of", !d.envelope().walls().isEmpty()),
                    step("vents", "Give the cabin a low and a high opening for air",
                            d.things().stream().filter(t -> t.has(Aired.Vent.class)).count() > 1),
                    step("alarms", "Place the alarms: carbon monoxide, gas, smoke",
                            any(d, t -> t.feature(Aired.Alarm.class).filter(Aired.Alarm::monoxide).isPresent())));
            case TRIP -> List.of(
                    step("own", "Plan a trip of your own, day by day", !d.outings().isEmpty()),
                    step("stands", "Let it last: mend what fails first",
                            a.findings(Stage.TRIP).stream().noneMatch(f -> f.severity() != Severity.NOTE)));
            case MATERIALS -> List.of(step("framing", "Say how the walls are framed (Base, Walls)",
                    !d.base().carcass().framing().isEmpty()),
                    step("spread", "Add floor, lining and insulation from the list of things",
                            d.things().stream().filter(t -> t.mount() == Mount.SPREAD).count() > 2));
            case MONEY -> List.of(step("prices", "Give everything a price", d.things().stream()
                    .allMatch(t -> t.cost().planned() > 0 || t.cost().paid().isPresent())),
                    step("paid", "Enter what you paid as you buy",
                            any(d, t -> t.cost().paid().orElse(0) > 0)));
            case BUILD -> List.of(step("start", "Say when building begins and in which hours of the week",
                    !d.works().start().isBlank()),
                    step("done", "Say what is done, and how long it took",
                            d.works().jobs().stream().anyMatch(j -> j.done() > 0)));
            case LOG -> List.of(step("entry", "Write what was done on which day, with its hours",
                    !d.logbook().entries().isEmpty() && !d.purse().today().isBlank()),
                    step("tests", "Test for rain before the lining goes in", !d.logbook().trials().isEmpty()),
                    step("trips", "Write down the first trip: it corrects the plan",
                            !d.logbook().journeys().isEmpty()));
            case PAPERS -> List.of();
        };
    }

    private static Step step(String id, String says, boolean done) {
        return new Step(id, says, done);
    }

    /// Whether the bare trailer stood on a scale.
    static boolean weighed(Design d) {
        return d.base().empty().source() == MassSource.WEIGHED;
    }

    /// Whether everybody who travels has a name.
    static boolean named(Design d) {
        return !d.brief().people().isEmpty() && d.brief().people().stream().map(Person::name)
                .noneMatch(n -> n.isBlank() || n.matches("Person \\d+"));
    }

    private static boolean known(Design d, Rating... one) {
        return Stream.of(one).anyMatch(r -> d.vehicle().rating(r).isPresent());
    }

    private static boolean bedded(Analysis a, Design d) {
        return !d.brief().people().isEmpty()
                && a.of(People.DISCIPLINE).sleeping().where().stream().filter(w -> w.isPresent()).count() == d.brief()
                        .people().size();
    }

    private static boolean tank(Design d, Tank.Use use) {
        return any(d, t -> t.tank().map(k -> k.use() == use).orElse(false));
    }

    private static boolean any(Design d, Predicate<Thing> which) {
        return d.things().stream().anyMatch(which);
    }
}
