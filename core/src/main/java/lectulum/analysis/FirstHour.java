package lectulum.analysis;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.brief.CamperType;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.units.UnitSystem;

/// The first hour of somebody new: a small teardrop from the first name to the log. Each step is done when the design says so, so it needs
/// no memory of its own, and works on any camper.
public final class FirstHour {
    private static final String NAME = "First hour";

    private FirstHour() {
    }

    /// What stands where at the beginning.
    private static final class Begun {
        private static final List<Thing> THINGS = Campers.start(CamperType.TEARDROP, NAME).design().things();
    }

    /// One step.
    ///
    /// @param id   stable
    /// @param says what to do
    /// @param how  where, and what to look at
    /// @param leaf page of the stage; `sheet` where it is the sheet
    public record Step(String id, String says, String how, Stage stage, String leaf, boolean done) {
    }

    /// The camper that it begins with.
    public static Project begin(UnitSystem units) {
        return Campers.start(CamperType.TEARDROP, NAME, units);
    }

    /// In the order in which they are done.
    public static List<Step> of(Analysis a) {
        Design d = a.given();
        return List.of(
                step("people", "Name the two who travel, with their heights",
                        "Type over “Person 1” and “Person 2”. The beds are judged by these heights.", Stage.BRIEF,
                        "needs",
                        NextSteps.named(d)),
                step("budget", "Say what it may cost",
                        "Under “The trip, off grid”. The tally below compares the forecast with it.", Stage.BRIEF,
                        "needs",
                        d.brief().budget().isPresent()),
                step("vehicle", "Copy the limits of the tow vehicle",
                        "Under “Tow vehicle”: what it may tow, bear on the ball and carry stands on its plate and in its manual.",
                        Stage.BRIEF, "needs",
                        d.vehicle().rating(Rating.TONGUE_VEHICLE).isPresent()
                                && d.vehicle().rating(Rating.PAYLOAD).isPresent()
                                && (d.vehicle().rating(Rating.TOW_BRAKED).isPresent()
                                        || d.vehicle().rating(Rating.TOW_UNBRAKED).isPresent())),
                step("empty", "Weigh the bare trailer",
                        "On the card, “Known from”: choose the scale, and enter what stood under coupler and wheels.",
                        Stage.BASE, "sheet", NextSteps.weighed(d)),
                step("framing", "Say how the walls are framed",
                        "Choose a side, then how far apart its studs stand. What a door cuts is said.",
                        Stage.BASE, "walls",
                        !d.base().carcass().framing().isEmpty()),
                step("move", "Move something heavy, and watch the tongue",
                        "Drag the battery forward on the sheet. While the button is down the tally follows.",
                        Stage.LAYOUT,
                        "sheet", moved(d)),
                step("sun", "Put a solar panel on the roof",
                        "Add things (A), type “solar panel”, press Enter. Nights off grid grow.", Stage.LAYOUT, "sheet",
                        d.things().stream().anyMatch(t -> t.solar() > 0)),
                step("waste", "Give the waste water a place to go",
                        "Add things (A), type “grey tank 40”, press Enter: it hangs below the floor.", Stage.LAYOUT,
                        "sheet",
                        d.things().stream().anyMatch(t -> t.tank().map(Tank::use).filter(
                                u -> u == Tank.Use.GREY || u == Tank.Use.BLACK).isPresent())),
                step("wires", "Lay the raceways for the wires",
                        "Press “The usual ones”: wires, fuses and what is bought follow.", Stage.POWER, "power-wire",
                        !d.wiring().raceways().isEmpty()),
                step("trip", "Plan a trip of your own, day by day",
                        "Press “My own from this”, then see hour by hour what fails first.", Stage.TRIP, "trip",
                        !d.outings().isEmpty()),
                step("paid", "Enter what you paid for one thing",
                        "In the column Paid. Spent and forecast part in the tally.", Stage.MONEY, "money-prices",
                        d.things().stream().anyMatch(t -> t.cost().paid().orElse(0) > 0)
                                || d.purse().receipts().stream().anyMatch(r -> r.state() == Receipt.State.PAID)),
                step("start", "Say when building begins",
                        "Under “Begins on”; the hours of a week are assumed until you change them.", Stage.BUILD,
                        "build-plan",
                        !d.works().start().isBlank()),
                step("entry", "Write the first entry of the log",
                        "Press “Write an entry”: what you did, and how long it took.", Stage.LOG, "log-diary",
                        !d.logbook().entries().isEmpty()),
                step("stops", "Mend what must not stay",
                        "Stages with the red mark: try a remedy, keep it, or accept the finding with a reason.",
                        stopped(a), "sheet", a.findings().stream().noneMatch(FirstHour::stops)));
    }

    private static Step step(String id, String says, String how, Stage stage, String leaf, boolean done) {
        return new Step(id, says, how, stage, leaf, done);
    }

    private static boolean stops(Finding f) {
        return f.open() && f.severity() == Severity.STOP;
    }

    private static Stage stopped(Analysis a) {
        return a.findings().stream().filter(FirstHour::stops).map(f -> f.stage()).findFirst().orElse(Stage.LAYOUT);
    }

    /// Whether anything that the camper began with stands elsewhere, or is gone.
    private static boolean moved(Design d) {
        return Begun.THINGS.stream().anyMatch(t -> !Objects.equals(
                d.thing(t.id()).map(Thing::place), Optional.of(t.place())));
    }
}
