package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.nio.file.Path;
import java.nio.file.Files;
import java.io.IOException;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import lectulum.standin.PriceShop;
import lectulum.design.Project;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Joined;
import lectulum.design.workshop.Stock;
import lectulum.figures.Stage;
import lectulum.kernel.joinery.Build;
import lectulum.materials.cutting.CutBoard;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.Lot;
import lectulum.materials.framing.Members;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetView;
import lectulum.sheet.SketchView;
import org.junit.jupiter.api.Test;

/// The workshop under the hand: studs dragged, pieces laid elsewhere, offcuts entered, ways of building lighter tried.
class WorkshopTest extends WindowTest {
    private void turn(String page) {
        robot.interact(() -> window().turnTo(Stage.MATERIALS, page));
        robot.rest();
    }

    private double value(String figure) {
        return state().analysis().figures().value(figure);
    }

    private Lot lot(String id) {
        return state().analysis().of(CutPlans.DISCIPLINE).lot(id).orElseThrow();
    }

    private Carcass.Framing left() {
        return state().design().base().carcass().framing().get(Carcass.Face.LEFT);
    }

    private void scrollTo(Node node) {
        robot.interact(() -> reveal(node));
        robot.rest();
    }

    private static Point2D on(SketchView view, double x, double y) {
        return view.localToScreen(view.toPixel(x, y));
    }

    private void drag(Point2D from, Point2D to) {
        robot.moveTo(from).press(MouseButton.PRIMARY).moveTo(from.midpoint(to)).moveTo(to)
                .release(MouseButton.PRIMARY);
        robot.rest();
    }

    /// A stud of the left wall half a step back: sticks, mass and ball follow, and undo brings it back.
    @Test
    void aStudIsDraggedOnItsWall() {
        turn("mat-frame");
        Project before = state().project();
        SketchView wall = robot.lookup("#wall-left").query();
        scrollTo(wall);
        double first = left().studs().getFirst();
        double from = state().design().base().shell() instanceof lectulum.design.base.Shell.Nosed n ? n.noseDepth() : 0;
        double stud = left().studs().get(2);
        assertThat(first).isLessThan(stud);

        drag(on(wall, stud - from, 0.4), on(wall, stud - from + 0.15, 0.4));

        assertThat(left().studs().get(2)).isCloseTo(stud + 0.15, within(0.012));
        robot.doubleClickOn(on(wall, stud - from - 0.2, 0.6));
        robot.rest();
        assertThat(left().studs()).hasSize(before.design().base().carcass().framing().get(Carcass.Face.LEFT).studs()
                .size() + 1);
        robot.clickOn(on(wall, stud - from - 0.2, 0.6));
        robot.type(KeyCode.DELETE);
        robot.rest();
        assertThat(left().studs()).hasSameSizeAs(before.design().base().carcass().framing().get(Carcass.Face.LEFT)
                .studs());
        undoTo(before);
    }

    /// With the keyboard alone: the third stud 10 mm back.
    @Test
    void aStudIsMovedByKeys() {
        turn("mat-frame");
        Project before = state().project();
        Node wall = robot.lookup("#wall-left").query();
        robot.interact(wall::requestFocus);
        robot.type(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
        assertThat(wall.getAccessibleText()).startsWith("Stud of the left wall");
        chord(KeyCode.RIGHT, KeyCode.ALT);
        robot.rest();

        assertThat(left().studs().get(2)).isCloseTo(before.design().base().carcass().framing().get(Carcass.Face.LEFT)
                .studs().get(2) + 0.01, within(1e-9));
        undoTo(before);
    }

    /// On the sheet of the stage each member has a grip.
    @Test
    void aBowIsDraggedOnTheSheet() {
        turn("sheet");
        Project before = state().project();
        Members.Member bow = Members.of(state().design()).stream().filter(m -> m.face() == Carcass.Face.ROOF)
                .skip(2).findFirst().orElseThrow();
        SheetView sheet = window().sheet();
        Projection p = sheet.projection();
        double tongue = state().design().base().tongueLength();
        Point2D grip = sheet.localToScreen(p.sx(tongue + bow.grip().x()), p.py(bow.grip().y()));

        drag(grip, grip.add(0.2 * p.scale(), 0));

        assertThat(state().design().base().carcass().framing().get(Carcass.Face.ROOF).studs().get(2))
                .isCloseTo(bow.at() + 0.2, within(0.06));
        undoTo(before);
    }

    /// A piece carried to another bar stays there; the bar is cut, its rest becomes stock, and all of it undoes.
    @Test
    void aPieceIsLaidByHandAndItsBarIsCut() {
        turn("mat-cut");
        Project before = state().project();
        double cost = value("cut.bars.cost");
        SketchView plan = robot.lookup("#plan-cut-bars").query();
        scrollTo(plan);
        CutBoard board = CutBoard.of(lot("cut.bars"));
        CutBoard.Spot moves = board.spots().stream().filter(s -> board.carried(s, 1).isPresent()
                || board.carried(s, -1).isPresent()).findFirst().orElseThrow();
        robot.clickOn(on(plan, moves.x() + moves.wide() / 2, moves.y() + moves.high() / 2));
        assertThat(text("#plan-says-cut-bars")).contains("on stick " + (moves.laid() + 1));
        robot.type(board.carried(moves, 1).isPresent() ? KeyCode.DOWN : KeyCode.UP);
        robot.rest();

        assertThat(state().design().workshop().kept()).isNotEmpty();
        assertThat(value("cut.bars.free")).isCloseTo(cost, within(0.005));
        assertThat(lot("cut.bars").laid()).filteredOn(Lot.Laid::kept).isNotEmpty();

        CutBoard now = CutBoard.of(lot("cut.bars"));
        CutBoard.Spot any = now.spots().getFirst();
        robot.clickOn(on(plan, any.x() + any.wide() / 2, any.y() + any.high() / 2));
        robot.rest();
        click("#plan-cut-cut-bars");
        robot.rest();
        assertThat(lot("cut.bars").laid()).filteredOn(Lot.Laid::cut).hasSize(1);
        undoTo(before);
        assertThat(value("cut.bars.cost")).isCloseTo(cost, within(1e-9));
    }

    /// Dragged into the rest of another sheet where it fits, a panel lies there; let go over another panel it goes back.
    @Test
    void aPanelIsDraggedOnItsSheet() {
        turn("mat-cut");
        Project before = state().project();
        Lot lot = state().analysis().of(CutPlans.DISCIPLINE).lots().stream().filter(l -> l.ware().sheet()
                && l.laid().getLast().puts().size() == 1 && l.laid().size() > 1).findFirst().orElseThrow();
        SketchView plan = robot.lookup("#plan-" + lot.id().replace('.', '-')).query();
        scrollTo(plan);
        CutBoard board = CutBoard.of(lot);
        CutBoard.Spot last = board.spots().getLast();
        CutBoard.Spot first = board.spots().getFirst();
        Point2D middle = on(plan, last.x() + last.wide() / 2, last.y() + last.high() / 2);

        drag(middle, on(plan, first.x() + first.wide() / 2, first.y() + first.high() / 2));
        assertThat(state().project()).isEqualTo(before);

        CutBoard.Frame sheet = board.frames().getLast();
        double right = sheet.x() + sheet.wide() - last.wide() / 2;
        drag(middle, on(plan, right, last.y() + last.high() / 2));
        Lot after = lot(lot.id());
        assertThat(after.laid()).filteredOn(Lot.Laid::kept).singleElement().satisfies(l -> assertThat(
                l.puts().getFirst().x() + l.puts().getFirst().along()).isCloseTo(sheet.wide(), within(1e-6)));
        undoTo(before);
    }

    /// An offcut as long as the longest piece of the bars is used first and saves its bar.
    @Test
    @SuppressWarnings("unchecked")
    void anOffcutIsUsedFirst() {
        turn("mat-stock");
        Project before = state().project();
        double cost = value("cut.bars.cost");
        click("#stock-stick");
        robot.rest();
        TableView<Stock> table = robot.lookup("#stock").queryAs(TableView.class);
        assertThat(table.getItems()).hasSize(1);
        robot.interact(() -> window().bench().edit("As a test offcut", d -> d.with(d.workshop().mapping("stock-1",
                s -> s.withOf(lectulum.design.envelope.Substance.STEEL)))));
        robot.rest();
        enter("#field-long-stock", "6000");
        enter("#field-wide-stock", "25");
        enter("#field-thick-stock", "25");
        enter("#field-pieces-stock", "2");
        robot.rest();
        click("#field-it-is-there-already-stock");
        robot.rest();

        Stock own = state().design().workshop().stock().getFirst();
        assertThat(own.own()).isTrue();
        assertThat(own.length()).isEqualTo(6);
        assertThat(value("cut.bars.cost")).isLessThan(cost);
        assertThat(value("cut.bars.saved")).isCloseTo(cost - value("cut.bars.cost"), within(0.005));
        assertThat(texts()).contains("Sticks and sheets");
        click("#stock-remove");
        robot.rest();
        assertThat(value("cut.bars.cost")).isCloseTo(cost, within(0.005));
        undoTo(before);
    }

    /// A shop's list comes in row by row, prices of what is there already change, and all of it undoes at once.
    @Test
    void aPriceListIsTakenOver() throws IOException {
        turn("mat-stock");
        Project before = state().project();
        Path list = folder.resolve("prices.csv");
        Files.writeString(list, PriceShop.list(state().design(), "2026-11-20", 4) + "brick,,1,1,0.1,piece,1,3,,,,,\n");
        answer = Optional.of(list);
        click("#prices-read");
        until(() -> window().settled() && !state().design().workshop().stock().isEmpty());

        assertThat(texts()).anyMatch(t -> t.endsWith(" 0 taken with a note, 1 rejected."))
                .anyMatch(t -> t.contains("material: “brick” is none of"));
        assertThat(state().design().workshop().stock()).hasSizeGreaterThan(20);
        Path out = folder.resolve("out.csv");
        answer = Optional.of(out);
        click("#prices-write");
        assertThat(Files.readString(out)).startsWith("material,").contains("yard 4");
        Path rejected = folder.resolve("bad.csv");
        answer = Optional.of(rejected);
        click("#prices-rejected");
        assertThat(Files.readString(rejected)).contains("brick").doesNotContain("plywood");
        chord(KeyCode.Z, KeyCode.CONTROL);
        assertThat(state().project()).isEqualTo(before);
    }

    /// Two tins bought and one brought back: what is left to buy falls by a tin, and one is paid.
    @Test
    void aTinIsBoughtAndOneGoesBack() {
        turn("mat-stock");
        Project before = state().project();
        MenuButton menu = robot.lookup("#supply-sold").queryAs(MenuButton.class);
        robot.interact(() -> menu.getItems().stream().filter(i -> i.getText().equals("paint")).findFirst().orElseThrow()
                .fire());
        robot.rest();
        double kits = value("paint.kits");
        enter("#field-bought-supply", "2");
        enter("#field-returned-supply", "1");
        enter("#field-price-of-one-supply", "45");
        robot.rest();

        assertThat(value("paint.kits")).isEqualTo(kits - 1);
        assertThat(value("stock.supplies")).isEqualTo(45);
        enter("#field-bought-supply", "0");
        robot.rest();
        assertThat(value("paint.kits")).isEqualTo(kits);
        click("#supply-remove");
        robot.rest();
        assertThat(state().design().workshop().supplies()).isEmpty();
        undoTo(before);
    }

    /// A way of building lighter is tried: the tally shows it, nothing is changed until it is kept.
    @Test
    void aLighterWayIsTried() {
        turn("mat-lighter");
        until(() -> robot.lookup("#lighter-try-1").tryQuery().isPresent() && window().settled());
        Project before = state().project();
        Button first = robot.lookup("#lighter-try-1").query();
        String says = first.getAccessibleText();

        click("#lighter-try-1");
        robot.rest();

        assertThat(says).startsWith("Try ");
        assertThat(state().trial()).isPresent();
        assertThat(state().project()).isEqualTo(before);
        assertThat(state().trial().orElseThrow().says().text(state().style())).isEqualTo(says.substring(4));
        robot.interact(() -> window().bench().dropTrial());
        robot.rest();
        assertThat(state().trial()).isEmpty();
    }

    /// The boards of the galley on its card: thinner ones are lighter, drawers bring runners.
    @Test
    void furnitureFollowsItsCard() {
        turn("mat-cabinets");
        Project before = state().project();
        double mass = value("built.galley.mass");
        robot.interact(() -> window().bench().edit("Thinner", d -> d.mapping("galley", t -> t.with(t.feature(
                Joined.Boards.class).orElseThrow().thick(0.012)))));
        robot.rest();
        assertThat(value("built.galley.mass")).isLessThan(mass);
        robot.interact(() -> window().bench().edit("Drawers", d -> d.mapping("galley", t -> t.with(t.feature(
                Joined.Boards.class).orElseThrow().drawers(2)))));
        robot.rest();
        assertThat(texts()).contains("Pairs of drawer runners").anyMatch(t -> t.equals("drawer front"));
        robot.interact(() -> window().bench().edit("Angle", d -> d.mapping("galley", t -> t.with(t.feature(
                Joined.Boards.class).orElseThrow().joined(Build.Joint.ANGLE)))));
        robot.rest();
        assertThat(texts()).contains("Aluminium angle", "Rivets");
        undoTo(before);
    }
}
