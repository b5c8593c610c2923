package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Person;
import lectulum.design.brief.TongueSchool;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Role;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.kernel.profile.Nose;
import org.junit.jupiter.api.Test;

/// Every field of the brief, the base and the card of a thing: what is typed is what is kept.
class CardsTest extends WindowTest {
    private Design design() {
        return state().project().design();
    }

    private Base base() {
        return design().base();
    }

    /// One field, what is typed into it, and what is read back from the design in SI.
    private record Typed(String field, String text, double si, ToDoubleFunction<Design> read) {
    }

    private void type(List<Typed> all) {
        for (Typed t : all) {
            enter("#field-" + t.field, t.text);
            assertThat(t.read.applyAsDouble(design())).as(t.field + " " + t.text).isCloseTo(t.si, within(1e-6));
        }
    }

    private <T> void choose(String field, int index, Function<Design, T> read) {
        ComboBox<T> box = robot.lookup("#field-" + field).query();
        T wanted = box.getItems().get(index);
        robot.interact(() -> box.setValue(wanted));
        robot.rest();
        assertThat(read.apply(design())).as(field).isEqualTo(wanted);
    }

    private void clear(String field) {
        click("#field-" + field);
        chord(KeyCode.A, KeyCode.CONTROL);
        robot.type(KeyCode.DELETE, KeyCode.ENTER);
        robot.rest();
    }

    private void press(String text) {
        Button button = robot.lookup(".button").queryAllAs(Button.class).stream()
                .filter(b -> text.equals(b.getText()) && seen(b)).findFirst().orElseThrow();
        robot.interact(button::fire);
        robot.rest();
    }

    @Test
    void theVehicleOnTheBrief() {
        robot.clickOn("#stage-brief");
        Project before = state().project();
        type(List.of(new Typed("kerb-mass", "1700", 1700, d -> d.vehicle().kerbMass()),
                new Typed("on-its-rear-axle", "1500 lb", 1500 * 0.45359237, d -> d.vehicle().kerbRear()),
                new Typed("wheelbase", "2.8 m", 2.8, d -> d.vehicle().wheelbase()),
                new Typed("rear-axle-to-ball", "44\"", 44 * 0.0254, d -> d.vehicle().overhang()),
                new Typed("ball-height-laden", "455", 0.455, d -> d.vehicle().ballHeight()),
                new Typed("ball-diameter", "2\"", 0.0508, d -> d.vehicle().ball().orElse(0)),
                new Typed("luggage-in-it", "50+12", 62, d -> d.vehicle().luggage()),
                new Typed("payload", "480", 480, d -> d.vehicle().rating(Rating.PAYLOAD).orElse(0)),
                new Typed("receiver-tongue", "120", 120, d -> d.vehicle().rating(Rating.TONGUE_RECEIVER).orElse(0))));
        enter("#field-vehicle", "Old estate");
        assertThat(design().vehicle().name()).isEqualTo("Old estate");
        clear("receiver-tongue");
        assertThat(design().vehicle().rating(Rating.TONGUE_RECEIVER)).isEmpty();
        clear("ball-diameter");
        assertThat(design().vehicle().ball()).as("not known").isEmpty();
        undoTo(before);
    }

    @Test
    void theTripOnTheBrief() {
        robot.clickOn("#stage-brief");
        type(List.of(new Typed("nights-per-trip", "6", 6, d -> d.brief().nights()),
                new Typed("budget", "12000", 12_000, d -> d.brief().budget().orElse(0)),
                new Typed("latitude-north-", "-33.5", -33.5, d -> d.brief().latitude())));
        choose("month", 0, d -> d.brief().month());
        choose("climate", 2, d -> d.brief().climate());
        choose("water-use", 2, d -> d.brief().water());
        choose("toilet", 0, d -> d.brief().toilet());
        choose("currency", 1, d -> d.brief().currency());
        choose("traffic-drives", 1, d -> d.brief().leftHandDrive());
        choose("tongue-school", 1, d -> d.brief().school());
        assertThat(design().brief().tongueLow()).isEqualTo(0.04);

        type(List.of(new Typed("band-from", "5", 0.05, d -> d.brief().tongueLow()),
                new Typed("band-to", "9", 0.09, d -> d.brief().tongueHigh())));
        assertThat(design().brief().school()).as("a typed band is one's own").isEqualTo(TongueSchool.OWN);
    }

    @Test
    void aBandCannotBeTurnedRound() {
        robot.clickOn("#stage-brief");

        enter("#field-band-from", "30");

        Brief b = design().brief();
        assertThat(b.tongueLow()).isCloseTo(0.30, within(1e-9));
        assertThat(b.tongueHigh()).isGreaterThan(b.tongueLow());
    }

    @Test
    void travellersComeAndGo() {
        robot.clickOn("#stage-brief");
        Project before = state().project();
        click("#add-person");
        assertThat(design().brief().people()).hasSize(3);
        enter("#field-name-3", "Ottilie");
        type(List.of(new Typed("height-3", "5' 4\"", 64 * 0.0254, d -> d.brief().people().get(2).height()),
                new Typed("weight-3", "58", 58, d -> d.brief().people().get(2).mass()),
                new Typed("age-3", "7", 7, d -> d.brief().people().get(2).age().orElse(-1))));
        clear("age-3");
        Person third = design().brief().people().get(2);
        assertThat(third.name()).isEqualTo("Ottilie");
        assertThat(third.age()).isEqualTo(OptionalDouble.empty());

        press("Take out Ottilie");
        assertThat(design().brief().people()).isEqualTo(before.design().brief().people());
        undoTo(before);
    }

    @Test
    void theBodyOnTheBase() {
        robot.clickOn("#stage-base");
        Project before = state().project();
        type(List.of(new Typed("outer-length", "4.2 m", 4.2, d -> d.base().shell().length()),
                new Typed("outer-width", "1.84 m", 1.84, d -> d.base().shell().width()),
                new Typed("roof-above-the-floor", "1950", 1.95, d -> d.base().shell().height()),
                new Typed("depth-of-the-nose", "600", 0.6, d -> ((Shell.Nosed) d.base().shell()).noseDepth()),
                new Typed("flat-at-its-tip", "4\"", 4 * 0.0254, d -> ((Shell.Nosed) d.base().shell()).noseFlat()),
                new Typed("walls", "30", 0.03, d -> d.base().wall()),
                new Typed("floor-thickness", "24", 0.024, d -> d.base().floor()),
                new Typed("roof-thickness", "36", 0.036, d -> d.base().roof()),
                new Typed("floor-above-ground", "560", 0.56, d -> d.base().floorHeight()),
                new Typed("arch-length", "900", 0.9, d -> d.base().arches().length()),
                new Typed("arch-width", "210", 0.21, d -> d.base().arches().width()),
                new Typed("arch-height", "240", 0.24, d -> d.base().arches().height())));
        choose("nose", 1, d -> ((Shell.Nosed) d.base().shell()).form());
        assertThat(((Shell.Nosed) base().shell()).form()).isEqualTo(Nose.Form.ARC);
        for (int kind = 0; kind < 4; kind++) {
            ComboBox<?> shape = robot.lookup("#field-shape").query();
            int at = kind;
            robot.interact(() -> shape.getSelectionModel().select(at));
            robot.rest();
            assertThat(base().shell().length()).as(shape.getValue().toString()).isCloseTo(4.2, within(1e-9));
            assertThat(state().analysis().findings()).isNotNull();
        }
        undoTo(before);
    }

    @Test
    void theRunningGearOnTheBase() {
        robot.clickOn("#stage-base");
        Project before = state().project();
        double tongue = base().tongueLength();
        type(List.of(new Typed("ball-to-axle", "3.65 m", 3.65, d -> d.base().ballToAxle()),
                new Typed("track", "1700", 1.7, d -> d.base().axle().track()),
                new Typed("tyre-diameter", "25\"", 25 * 0.0254, d -> d.base().axle().wheelDiameter()),
                new Typed("tyre-width", "185", 0.185, d -> d.base().axle().tyreWidth()),
                new Typed("axle-with-wheels", "102", 102, d -> d.base().axle().mass()),
                new Typed("axle-all-together", "1300", 1300, d -> d.base().rating(Rating.AXLE).orElse(0)),
                new Typed("ball-to-body", "1.3 m", 1.3, d -> d.base().tongueLength())));
        assertThat(base().axle().x()).as("a longer tongue leaves the axle under the body")
                .isCloseTo(3.65 - tongue, within(1e-9));
        choose("axles", 1, d -> d.base().axle().count());
        assertThat(base().axle().spacing()).isEqualTo(0.84);
        type(List.of(new Typed("axle-spacing", "900", 0.9, d -> d.base().axle().spacing())));
        boolean braked = base().axle().braked();
        robot.interact(() -> robot.lookup("#field-brakes").queryAs(CheckBox.class).fire());
        assertThat(base().axle().braked()).isEqualTo(!braked);
        clear("each-spring");
        assertThat(base().rating(Rating.SPRING)).isEmpty();
        undoTo(before);
    }

    @Test
    void theEmptyMassByScaleOrByPlateIsTheSameMassAtTheSamePlace() {
        robot.clickOn("#stage-base");
        double mass = base().empty().mass();
        double centre = base().emptyCentre();
        choose("known-from", 0, d -> d.base().empty() instanceof EmptyMass.Weighed
                ? "scale: tongue and wheels"
                : "a plate or guess");
        assertThat(base().empty().mass()).isCloseTo(mass, within(1e-9));
        assertThat(base().emptyCentre()).isCloseTo(centre, within(1e-9));

        type(List.of(new Typed("empty-mass", "500", 500, d -> d.base().empty().mass()),
                new Typed("centre-behind-ball", "3.3 m", 3.3, d -> d.base().emptyCentre()),
                new Typed("centre-above-floor", "400", 0.4, d -> d.base().empty().z())));
        choose("known-from", 1, d -> d.base().empty() instanceof EmptyMass.Weighed
                ? "scale: tongue and wheels"
                : "a plate or guess");
        assertThat(base().emptyCentre()).isCloseTo(3.3, within(1e-9));
        type(List.of(new Typed("under-the-coupler", "55", 55, d -> ((EmptyMass.Weighed) d.base().empty()).tongue()),
                new Typed("under-the-wheels", "450", 450, d -> ((EmptyMass.Weighed) d.base().empty()).axle()),
                new Typed("planned-for-the-base", "2200", 2200, d -> d.base().cost().planned()),
                new Typed("paid-for-the-base", "2150", 2150, d -> d.base().cost().paid().orElse(0))));
        clear("paid-for-the-base");
        assertThat(base().cost().paid()).isEmpty();
    }

    /// A base whose mass came from a weigh day keeps that mass and how sure it is when only its centre is typed.
    @Test
    void typingTheCentreKeepsWhatTheScaleSaidOfTheMass() {
        robot.interact(() -> window().bench().edit("reconciled", d -> d.with(d.base().with(new EmptyMass.Entered(510, 2,
                0.4, d.base().axle().x(), MassSource.RECONCILED, OptionalDouble.of(3.5))))));
        robot.clickOn("#stage-base");

        enter("#field-centre-behind-ball", "3.2 m");
        enter("#field-centre-above-floor", "420");

        assertThat(base().empty().source()).isEqualTo(MassSource.RECONCILED);
        assertThat(base().empty().uncertainty()).hasValue(3.5);
        assertThat(base().emptyCentre()).isCloseTo(3.2, within(1e-9));
    }

    private Thing cells() {
        return thing("cells");
    }

    private void select(String id) {
        robot.clickOn("#stage-layout");
        robot.interact(() -> window().bench().select(List.of(id)));
        robot.rest();
    }

    @Test
    void everythingOnTheCardOfAThing() {
        select("cells");
        Project before = state().project();
        double tongue = base().tongueLength();
        type(List.of(new Typed("behind-the-ball", "2.5 m", 2.5, d -> tongue + cells().place().x()),
                new Typed("right-of-middle", "-120", -0.12, d -> cells().place().y()),
                new Typed("above-the-floor", "35", 0.035, d -> cells().place().z()),
                new Typed("turned", "90", Math.PI / 2, d -> cells().place().yaw()),
                new Typed("length", "310", 0.31, d -> cells().size().length()),
                new Typed("width", "205", 0.205, d -> cells().size().width()),
                new Typed("height", "9 1/2\"", 9.5 * 0.0254, d -> cells().size().height()),
                new Typed("mass", "31 lb", 31 * 0.45359237, d -> cells().mass().value()),
                new Typed("planned-price", "900", 900, d -> cells().cost().planned()),
                new Typed("paid", "850", 850, d -> cells().cost().paid().orElse(0))));
        choose("mass-is", 2, d -> cells().mass().source());
        choose("system", 3, d -> cells().system());
        choose("aboard-as", 1, d -> cells().role());
        choose("held", 0, d -> cells().fix());
        enter("#field-note", "under the bench");
        enter("#field-name", "House battery");
        assertThat(cells().note()).isEqualTo("under the bench");
        assertThat(cells().name()).isEqualTo("House battery");
        assertThat(List.of(cells().system(), cells().role(), cells().fix())).isEqualTo(List.of(SystemGroup.values()[3],
                Role.values()[1], Fix.values()[0]));
        enter("#field-name", "");
        assertThat(cells().name()).as("a thing keeps a name").isEqualTo("House battery");
        undoTo(before);
    }

    private void give(String what) {
        MenuButton give = robot.lookup("#give-it").query();
        robot.interact(() -> give.getItems().stream().filter(i -> what.equals(i.getText())).findFirst().orElseThrow()
                .fire());
        robot.rest();
    }

    @Test
    void aThingIsGivenPowerABatteryATankAndCells() {
        String id = state().project().design().things().stream()
                .filter(t -> t.load().isEmpty() && t.battery().isEmpty() && t.tank().isEmpty() && t.solid()).findFirst()
                .orElseThrow().id();
        select(id);
        Project before = state().project();

        give("power use");
        type(List.of(new Typed("power", "45", 45, d -> thing(id).load().orElseThrow().power()),
                new Typed("hours-a-day", "1.5 h", 5400, d -> thing(id).load().orElseThrow().dailyRunning())));
        choose("fed-from", 1, d -> thing(id).load().map(Load::feed).orElseThrow());
        give("a battery");
        type(List.of(new Typed("stores", "1.2 kWh", 4.32e6, d -> thing(id).battery().orElseThrow().energy())));
        choose("chemistry", 1, d -> thing(id).battery().map(Battery::chemistry).orElseThrow());
        give("a tank");
        type(List.of(new Typed("volume", "25 l", 0.025, d -> thing(id).tank().orElseThrow().capacity())));
        choose("holds", 1, d -> thing(id).tank().map(Tank::use).orElseThrow());
        give("solar cells");
        type(List.of(new Typed("peak-power", "120", 120, d -> thing(id).solar())));
        Thing given = thing(id);
        give("a tank");
        assertThat(thing(id)).as("what it has it is not given twice").isEqualTo(given);
        undoTo(before);
    }

    @Test
    void aThingStandsElsewhereInCampInAnotherShapeAndComesBack() {
        select("cells");
        Project before = state().project();
        robot.clickOn("#mode-camp");
        robot.rest();
        robot.interact(() -> robot.lookup("#field-in-camp").<ComboBox<?>>query().getSelectionModel().select(1));
        robot.rest();
        assertThat(cells().elsewhere()).containsKey(Mode.CAMP);
        robot.interact(() -> robot.lookup("#field-other-size-in-camp").queryAs(CheckBox.class).fire());
        robot.rest();
        type(List.of(new Typed("length-in-camp", "600", 0.6, d -> cells().sizeIn(Mode.CAMP).length()),
                new Typed("width-in-camp", "400", 0.4, d -> cells().sizeIn(Mode.CAMP).width()),
                new Typed("height-in-camp", "300", 0.3, d -> cells().sizeIn(Mode.CAMP).height()),
                new Typed("right-of-middle", "0", 0, d -> cells().at(Mode.CAMP).y())));
        assertThat(cells().size()).as("on the road it is what it was")
                .isEqualTo(before.design().thing("cells").orElseThrow().size());

        robot.interact(() -> robot.lookup("#field-in-camp").<ComboBox<?>>query().getSelectionModel().select(2));
        robot.rest();
        assertThat(cells().at(Mode.CAMP).away()).isTrue();
        press("Same place always");
        assertThat(cells().elsewhere()).isEmpty();
        undoTo(before);
    }

    @Test
    void severalThingsAreSummedTurnedDoubledAndDeleted() {
        robot.clickOn("#stage-layout");
        List<String> two = design().things().stream().filter(Thing::solid).limit(2).map(Thing::id).toList();
        Project before = state().project();
        robot.interact(() -> window().bench().select(two));
        robot.rest();
        assertThat(robot.lookup(".label").queryAllAs(javafx.scene.control.Label.class))
                .anyMatch(l -> seen(l) && l.getText() != null && l.getText().startsWith("2 things, "));

        press("Turn");
        IntStream.range(0, 2).forEach(i -> assertThat(thing(two.get(i)).place().yaw())
                .isNotEqualTo(before.design().thing(two.get(i)).orElseThrow().place().yaw()));
        press("Duplicate");
        assertThat(design().things()).hasSize(before.design().things().size() + 2);
        press("Delete");
        assertThat(design().things()).hasSize(before.design().things().size());
        undoTo(before);
    }

    @Test
    void aVehicleIsOnlyWhatIsTyped() {
        robot.clickOn("#stage-brief");
        Vehicle was = design().vehicle();
        for (String nonsense : new String[]{"none", "-1", "", "9 m", "0"}) {
            enter("#field-kerb-mass", nonsense);
            assertThat(design().vehicle()).as(nonsense).isEqualTo(was);
            robot.type(KeyCode.ESCAPE);
        }
    }
}
