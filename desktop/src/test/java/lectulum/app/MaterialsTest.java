package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.control.TableView;
import lectulum.design.Project;
import lectulum.design.base.Carcass;
import lectulum.figures.Stage;
import lectulum.materials.Materials;
import lectulum.materials.cutting.CutRules;
import lectulum.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Materials under the hand: the bill, the frame, what is bought and how it is cut.
class MaterialsTest extends WindowTest {
    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.MATERIALS, page));
        robot.rest();
        settle();
    }

    private double value(String figure) {
        return state().analysis().figures().value(figure);
    }

    @Test
    @SuppressWarnings("unchecked")
    void theBillStandsUnderThings() {
        turn("mat-bill");
        TableView<Materials.Line> bill = robot.lookup("#bill").queryAs(TableView.class);

        assertThat(bill.getItems()).hasSameSizeAs(state().analysis().of(Materials.DISCIPLINE).lines());
        robot.interact(() -> {
            bill.requestFocus();
            bill.getSelectionModel().select(0);
        });
        robot.rest();
        assertThat(state().selection()).containsExactlyElementsOf(bill.getItems().getFirst().things());
    }

    @ParameterizedTest
    @ValueSource(strings = {"mat-frame", "mat-sheets", "mat-cut", "mat-finish", "mat-cushion", "mat-lighter"})
    void everyPageSaysSomethingInBothSystems(String page) {
        turn(page);
        List<String> metric = texts();
        robot.interact(() -> window().bench().setUnits(UnitSystem.US));
        robot.rest();
        settle();

        assertThat(metric).hasSizeGreaterThan(20).noneMatch(t -> t.contains("NaN") || t.contains("Infinity"));
        assertThat(texts()).isNotEqualTo(metric).noneMatch(t -> t.matches("[0-9. ]+ (kg|mm)"));
        robot.interact(() -> window().bench().setUnits(UnitSystem.METRIC));
    }

    /// Bars that are too short for a wall are named, and what is offered mends it.
    @Test
    void shorterBarsChangeThePlanAndLongerOnesMendIt() {
        turn("mat-cut");
        Project before = state().project();
        double cost = value("cut.bars.cost");
        assertThat(cost).isPositive();

        enter("#field-metal-bars-are-sold-in-lengths-of", "2000");
        settle();
        assertThat(state().analysis().findings()).anyMatch(f -> f.rule() == CutRules.LONG);
        enter("#field-metal-bars-are-sold-in-lengths-of", "4000");
        settle();
        assertThat(state().analysis().findings()).noneMatch(f -> f.rule() == CutRules.LONG);
        assertThat(value("cut.bars.cost")).isGreaterThan(0);
        assertThat(value("cut.bars.bought") * 4).isGreaterThan(value("stud.length"));
        undoTo(before);
        assertThat(value("cut.bars.cost")).isCloseTo(cost, within(1e-9));
    }

    /// A stud more on Base is a stick more here.
    @Test
    void aStudMoreIsAStickMore() {
        turn("mat-frame");
        Project before = state().project();
        double sticks = value("stud.sticks");
        robot.interact(() -> window().bench().edit("A bow more", d -> {
            Carcass.Framing f = d.base().carcass().framing().get(Carcass.Face.ROOF);
            List<Double> studs = new java.util.ArrayList<>(f.studs());
            studs.add(2.2);
            return d.with(d.base().withCarcass(d.base().carcass().with(Carcass.Face.ROOF, java.util.Optional.of(
                    new Carcass.Framing(studs, f.width(), f.depth(), f.measured())))));
        }));
        robot.rest();
        settle();

        assertThat(value("stud.sticks")).isEqualTo(sticks + 1);
        assertThat(texts()).contains("7");
        undoTo(before);
    }

    @Test
    void twoPartPaintIsMixedInBatches() {
        turn("mat-finish");
        Project before = state().project();
        enter("#field-two-part-parts-of-resin-to-one-of-hardener-0-for-one-part", "3");
        settle();

        assertThat(value("paint.batches")).isGreaterThanOrEqualTo(1);
        assertThat(texts()).anyMatch(t -> t.contains("of hardener by volume"));
        undoTo(before);
    }
}
