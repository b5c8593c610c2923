package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import lectulum.assumed.Assumed;
import lectulum.design.Project;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.figures.Stage;
import lectulum.sheet.ProfileEditor;
import lectulum.units.Quantity;
import lectulum.units.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is entered beside the pictures: profile, hatch, lifting top, skin, order of changing over, and everything that is
/// assumed.
class PagesTest extends WindowTest {
    @Override
    String start() {
        return "demo:dunlin";
    }

    private Base base() {
        return state().project().design().base();
    }

    private void page(Stage stage, String leaf) {
        robot.interact(() -> window().turnTo(stage, leaf));
        robot.rest();
    }

    private List<Shell.Profile.Point> points() {
        return ((Shell.Profile) base().shell()).points();
    }

    @Test
    void aPointOfTheProfileIsTypedToTheMillimetre() {
        page(Stage.BASE, "profile");
        ProfileEditor editor = robot.lookup("#profile-editor").query();
        Project before = state().project();
        robot.interact(editor::requestFocus);
        for (int i = 0; i < 5; i++) {
            robot.type(KeyCode.TAB);
        }
        robot.rest();
        int at = editor.selected();
        assertThat(at).isPositive();

        double x = points().get(at).x() + 0.013;
        enter("#field-back-from-the-front", Units.entry(x, Quantity.LENGTH, state().style()));
        assertThat(points().get(at).x()).isCloseTo(x, within(6e-4));
        double z = points().get(at).z() - 0.009;
        enter("#field-up-from-the-floor", Units.entry(z, Quantity.LENGTH, state().style()));
        assertThat(points().get(at).z()).isCloseTo(z, within(6e-4));

        robot.interact(() -> robot.lookup("#field-corner").queryAs(CheckBox.class).fire());
        robot.rest();
        assertThat(points().get(at).corner()).isTrue();
        enter("#field-rounded-by", "60");
        assertThat(points().get(at).radius()).isCloseTo(0.06, within(1e-9));
        int count = points().size();
        click("#profile-remove");
        assertThat(points()).hasSize(count - 1);
        undoTo(before);
    }

    @Test
    void theWholeProfileIsStretched() {
        page(Stage.BASE, "profile");
        double height = base().shell().height();

        enter("#field-length-over-all", "3.10 m");
        enter("#field-width-over-all", "1.55 m");

        assertThat(base().shell().length()).isCloseTo(3.10, within(1e-9));
        assertThat(base().shell().width()).isCloseTo(1.55, within(1e-9));
        assertThat(base().shell().height()).as("its height stays").isCloseTo(height, within(1e-9));
        enter("#field-height-over-all", "1.25 m");
        assertThat(base().shell().height()).isCloseTo(1.25, within(1e-6));
    }

    @Test
    void theHatchIsMovedTakenOffAndPutOnAgain() {
        page(Stage.BASE, "profile");
        Project before = state().project();
        enter("#field-hinge-behind-the-front", "2.2 m");
        enter("#field-opens-to", "80");
        assertThat(base().carcass().hatch()).hasValueSatisfying(h -> {
            assertThat(h.hinge()).isCloseTo(2.2, within(1e-9));
            assertThat(Math.toDegrees(h.open())).isCloseTo(80, within(1e-9));
        });
        click("#hatch-off");
        assertThat(base().carcass().hatch()).isEmpty();
        click("#hatch-on");
        assertThat(base().carcass().hatch()).isPresent();
        undoTo(before);
    }

    @Test
    void aLiftingTopIsAddedTypedAndTakenOff() {
        page(Stage.BASE, "profile");
        Project before = state().project();
        click("#lift-on");
        enter("#field-rises-by", "550");
        enter("#field-folding-panels", "18");
        enter("#field-top-weighs", "48 kg");
        enter("#field-seals-drag", "90");
        enter("#field-lifters", "2");
        assertThat(base().carcass().lift()).hasValueSatisfying(l -> assertThat(l).usingRecursiveComparison()
                .withComparatorForType((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : Double.compare(a, b), Double.class)
                .isEqualTo(new Carcass.Lift(0.55, 0.018, 48, 90, 2)));
        click("#lift-off");
        assertThat(base().carcass().lift()).isEqualTo(Optional.empty());
        undoTo(before);
    }

    @Test
    void anotherSheetBendsOtherwise() {
        page(Stage.BASE, "profile");
        ComboBox<String> sheets = robot.lookup("#field-sheet").query();
        String other = sheets.getItems().stream().filter(s -> !s.equals(sheets.getValue())).findFirst().orElseThrow();

        robot.interact(() -> sheets.setValue(other));
        enter("#field-layers", "2");
        robot.interact(() -> robot.lookup("#field-bent-across-the-grain").queryAs(CheckBox.class).fire());
        robot.rest();

        assertThat(base().carcass().skin()).hasValueSatisfying(s -> {
            assertThat(s.sheet()).isEqualTo(other);
            assertThat(s.layers()).isEqualTo(2);
            assertThat(s.across()).isFalse();
        });
    }

    /// Every value that a page assumes is there, is taken when it is typed, and comes back when the field is emptied.
    @ParameterizedTest
    @CsvSource({"BALANCE, trip, trip. mass.", "BALANCE, ratings, tyre. brake. coupler. steer. axle.",
            "BALANCE, hitch, hitch. bars. bounce.", "BASE, gear, guard. spring.bump spring.droop",
            "BALANCE, turning, tow. turn. gate. drive.", "BALANCE, road, road. slosh. tie. roof.",
            "BALANCE, camp, site. block. camp.", "POWER, power-sources, store.gap sunless. record.",
            "POWER, power-wire, wire.slack wire.tail line.", "POWER, power-towlights, lamp. magnet. breakaway.",
            "POWER, power-mains, mains.", "POWER, power-year, year.",
            "AIR, air-cool, air.cool air.trees air.bearing", "WATER, water-hot, water.shower water.tap",
            "WATER, water-winter, pipe.foam pipe.wind pipe.slope pipe.hours"})
    void everyAssumedValueCanBeReplacedAndComesBack(Stage stage, String leaf, String prefixes) {
        page(stage, leaf);
        Project before = state().project();
        List<Assumed.Entry> entries = new ArrayList<>();
        for (Assumed.Entry e : Assumed.entries()) {
            for (String prefix : prefixes.split(" ")) {
                if (e.id().startsWith(prefix)) {
                    entries.add(e);
                }
            }
        }
        assertThat(entries).isNotEmpty();
        robot.lookup("#assumed-all").tryQuery().ifPresent(fold -> click("#assumed-all"));
        for (Assumed.Entry e : entries) {
            String field = "#field-" + e.label().toLowerCase().replaceAll("[^a-z0-9]+", "-");
            assertThat(robot.lookup(field).tryQuery()).as(e.id() + " as " + field).isPresent();
        }
        Assumed.Entry e = entries.stream().filter(x -> x.kind() instanceof Assumed.Kind.Number).findFirst()
                .orElseThrow();
        String field = "#field-" + e.label().toLowerCase().replaceAll("[^a-z0-9]+", "-");
        double own = e.low() + 0.4 * (e.high() - e.low());
        enter(field, Units.entry(own, e.quantity(), state().style()));
        double kept = Assumed.value(state().project().design(), e.what());
        assertThat(kept).as(e.id()).isCloseTo(own, within(0.02 * Math.abs(own) + 1e-3));
        assertThat(state().project().design().settings().assumed()).containsKey(e.id());

        click(field);
        chord(KeyCode.A, KeyCode.CONTROL);
        robot.type(KeyCode.DELETE, KeyCode.ENTER);
        robot.rest();
        assertThat(Assumed.value(state().project().design(), e.what())).isEqualTo(e.value());
        undoTo(before);
    }

    @Test
    void theStopwatchTimesAStepAndGoesOnToTheNext() {
        robot.interact(() -> desk.start("demo:nightjar"));
        page(Stage.LAYOUT, "change");
        ToggleButton watch = robot.lookup("#change-stopwatch").query();
        Project before = state().project();

        robot.interact(watch::fire);
        robot.rest();
        robot.interact(watch::fire);
        robot.rest();

        assertThat(state().history().undoName()).hasValueSatisfying(n -> assertThat(n).startsWith("Timed "));
        assertThat(state().project()).isNotEqualTo(before);
        robot.clickOn("#undo");
        assertThat(state().project()).isEqualTo(before);
    }

    @Test
    void theDimThemeIsTheSameWindowInOtherColours() {
        page(Stage.BALANCE, "vehicles");
        Project before = state().project();

        command("dim");

        assertThat(state().project()).isEqualTo(before);
        assertThat(robot.lookup("#leaf-vehicles").queryAs(ToggleButton.class).isSelected()).isTrue();
        assertThat(window().root().getStylesheets()).anyMatch(s -> s.contains("shed"));
        command("dim");
        assertThat(window().root().getStylesheets()).noneMatch(s -> s.contains("shed"));
    }

    @Test
    void eTakesTheKeyboardIntoTheCardAndEscapeBack() {
        robot.clickOn("#stage-layout");
        robot.interact(() -> window().sheet().requestFocus());
        robot.type(KeyCode.TAB, KeyCode.E);
        robot.rest();
        assertThat(robot.window(0).getScene().getFocusOwner()).isInstanceOf(TextField.class);

        robot.type(KeyCode.ESCAPE);
        robot.rest();
        assertThat(robot.window(0).getScene().getFocusOwner()).isSameAs(window().sheet());
    }
}
