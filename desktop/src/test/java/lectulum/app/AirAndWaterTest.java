package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import lectulum.catalogue.Catalogue;
import lectulum.design.Project;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.thing.Placement;
import lectulum.figures.Finding;
import lectulum.figures.Stage;
import lectulum.power.wiring.DiagramSheets;
import lectulum.sheet.DiagramView;
import lectulum.units.UnitSystem;
import org.junit.jupiter.api.Test;

/// The stages Air and Water under the hand: walls built up, panes, vents, taps; and the sheets of the one-line diagram.
class AirAndWaterTest extends WindowTest {
    private void turn(Stage stage, String page) {
        robot.interact(() -> window().turnTo(stage, page));
        robot.rest();
    }

    private double value(String figure) {
        return state().analysis().figures().value(figure);
    }

    private Wall wall(Wall.Side side) {
        return state().project().design().envelope().wall(side).orElseThrow();
    }

    private Optional<Finding> finding(String id) {
        return state().analysis().findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    @Test
    void aWallIsBuiltUpAndTheHeatFollows() {
        turn(Stage.AIR, "air-walls");
        Project before = state().project();
        double loss = value("air.loss");

        enter("#field-insulation-thick-sides", "50");
        assertThat(wall(Wall.Side.SIDES).insulationThick()).isCloseTo(0.05, within(1e-9));
        double thicker = value("air.loss");
        assertThat(thicker).isLessThan(loss);

        choose("#field-studs-sides", Wall.Studs.TIMBER);
        assertThat(wall(Wall.Side.SIDES).studs()).isEqualTo(Wall.Studs.TIMBER);
        assertThat(value("air.loss")).isLessThan(thicker);

        robot.interact(() -> robot.lookup("#wall-roof").queryAs(ToggleButton.class).fire());
        robot.rest();
        choose("#field-insulation-roof", Substance.PIR);
        choose("#field-outside-it-is-roof", Wall.Finish.DARK);
        assertThat(wall(Wall.Side.ROOF).insulation()).isEqualTo(Substance.PIR);
        undoTo(before);
        assertThat(value("air.loss")).isCloseTo(loss, within(1e-9));
    }

    @Test
    void theUsualWallsComeByOnePress() {
        turn(Stage.AIR, "air-walls");
        Project before = state().project();
        enter("#field-lining-thick-sides", "0");
        enter("#field-insulation-thick-sides", "0");
        enter("#field-skin-thick-sides", "0");
        assertThat(finding("air.walls")).isPresent();

        click("#walls-usual");
        assertThat(finding("air.walls")).isEmpty();
        undoTo(before);
    }

    @Test
    void theColdestNightIsTypedOnceAndHoldsInTheBriefToo() {
        turn(Stage.AIR, "sheet");
        Project before = state().project();
        double load = value("air.heat.load");

        enter("#field-coldest-night", "-15");
        assertThat(state().project().design().brief().travel().coldest()).hasValue(-15);
        assertThat(value("air.heat.load")).isGreaterThan(load);
        undoTo(before);
    }

    @Test
    void aRemedyOfDampIsTriedAndKept() {
        turn(Stage.AIR, "air-damp");
        Project before = state().project();
        enter("#field-meals-cooked-inside-an-evening", "6");
        assertThat(finding("air.panes")).isPresent();
        settle();
        Parent box = robot.under(window().root(), (Node n) -> "finding-air.panes".equals(n.getId())).query();
        Button remedy = box.lookupAll(".link").stream().map(Button.class::cast)
                .filter(b -> b.getText().startsWith("Try")).findFirst().orElseThrow();
        robot.interact(remedy::fire);
        robot.rest();
        double tried = value("air.damp.water");
        robot.clickOn("#trial-keep");
        robot.rest();
        assertThat(value("air.damp.water")).isEqualTo(tried);
        undoTo(before);
    }

    @Test
    void pagesOfAirSpeakBothSystems() {
        turn(Stage.AIR, "air-heat");
        assertThat(robot.lookup("#study-air-night").tryQuery()).isPresent();
        robot.interact(() -> window().bench().setUnits(UnitSystem.US));
        robot.rest();
        turn(Stage.AIR, "air-walls");
        assertThat(texts()).anyMatch(t -> t.contains("BTU/h"));
        robot.interact(() -> window().bench().setUnits(UnitSystem.METRIC));
        robot.rest();
        assertThat(texts()).noneMatch(t -> t.contains("BTU/h·°F"));
    }

    @Test
    void widerPipesBringMoreToTheSink() {
        turn(Stage.WATER, "water-pipes");
        Project before = state().project();
        double sink = value("pipe.all");
        ComboBox<?> bore = robot.lookup("#field-pipes").queryAs(ComboBox.class);
        robot.interact(() -> bore.getSelectionModel().select(2));
        robot.rest();
        assertThat(value("pipe.all")).isGreaterThan(sink);
        undoTo(before);
    }

    /// A hose is added, its drain moved away until it does not reach, a longer one tried and kept.
    @Test
    void aHoseIsTakenAlongAndReachesTheDrain() {
        Project before = state().project();
        robot.interact(() -> window().bench().add(Catalogue.shipped().find("waste-hose-3-m").orElseThrow(),
                new Placement(3.09, -0.556, 0.06, 0)));
        robot.rest();
        String hose = state().selected().getFirst().id();
        turn(Stage.WATER, "water-hoses");
        assertThat(value("hose." + hose + ".bay")).isCloseTo(1.35, within(1e-9));
        assertThat(finding("water.hoseReach." + hose)).isEmpty();

        enter("#field-a-drain-from-the-outlet-of-the-camper", "4 m");
        assertThat(finding("water.hoseReach." + hose)).isPresent();
        assertThat(texts()).anyMatch(t -> t.contains("leads 2.9"));
        enter("#field-a-drain-from-the-outlet-of-the-camper", "next door");
        assertThat(state().design().settings().assumed().get("hose.away")).as("nonsense is not taken").isEqualTo(4);
        undoTo(before);
    }

    /// Where the mouse rests on an assumed value, and to a screen reader, stands where it comes from.
    @Test
    void anAssumedValueTellsItsSource() {
        turn(Stage.WATER, "water-hoses");

        assertThat(robot.lookup("#field-a-waste-hose-falls-at-least").query().getAccessibleHelp()).contains("2 %");
        assertThat(robot.lookup("#field-a-drain-from-the-outlet-of-the-camper").query().getAccessibleHelp())
                .contains("own choice");
    }

    @Test
    void aBatteryAtRestTellsHowFullItIsUnlessTheSunIsOn() {
        turn(Stage.POWER, "power-measure");
        Project before = state().project();
        enter("#field-battery-at-rest-read", "13.3");
        assertThat(value("test.rest")).isCloseTo(0.9, within(1e-9));

        click("#field-sun-vehicle-or-a-charger-was-on");
        assertThat(state().analysis().figures().find("test.rest").orElseThrow().value()).isEmpty();
        assertThat(texts()).anyMatch(t -> t.contains("a source is on"));
        undoTo(before);
        assertThat(value("test.rest")).isCloseTo(0.64, within(1e-9));
    }

    @Test
    void whatOneChangeBringsIsShown() {
        turn(Stage.WATER, "water-days");
        assertThat(robot.lookup("#study-water-changes").tryQuery()).isPresent();
        Project before = state().project();
        double days = value("water.days");
        enter("#field-toilet-used-in-camp-of-all-uses", "0");
        assertThat(value("water.days")).isGreaterThan(days);
        undoTo(before);
    }

    @Test
    void theOneLineDiagramHasFourSheets() {
        turn(Stage.POWER, "power-draw");
        DiagramView view = robot.lookup("#one-line").query();
        int all = view.shown().symbols().size();
        for (DiagramSheets.Level level : DiagramSheets.Level.values()) {
            robot.interact(() -> robot.lookup("#sheet-" + level.id()).queryAs(ToggleButton.class).fire());
            robot.rest();
            assertThat(view.shown().symbols()).as(level.label()).isNotEmpty();
        }
        assertThat(view.shown().symbols()).anyMatch(s -> s.name().endsWith("plug"));
        robot.interact(() -> robot.lookup("#sheet-one-line").queryAs(ToggleButton.class).fire());
        robot.rest();
        assertThat(view.shown().symbols()).hasSize(all);
    }
}
