package lectulum.stage.materials;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import lectulum.design.Design;
import lectulum.figures.drawing.Sketch;
import lectulum.materials.cutting.CutBoard;
import lectulum.parts.Spoken;
import lectulum.sheet.SketchView;
import lectulum.theme.Theme;
import lectulum.units.Style;

/// The plan of one ware: its pieces are taken hold of and laid on another stick or sheet, with the mouse or the keyboard.
final class CutView extends SketchView {
    private static final double MOST = 900;
    private final Hand hand;
    private final Runnable chosen;
    private CutBoard board;
    private Style style = Style.PLAIN;
    private Optional<CutBoard.Spot> selected = Optional.empty();
    private boolean turned;
    private double gripX;
    private double gripY;
    private boolean dragging;

    /// What changes the project.
    interface Hand {
        void edit(String name, UnaryOperator<Design> change);
    }

    /// @param chosen is told when another piece is chosen
    CutView(Supplier<Theme> theme, Hand hand, Runnable chosen) {
        super(theme);
        this.hand = hand;
        this.chosen = chosen;
        Spoken.picture(this, "");
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setOnMouseMoved(e -> setCursor(spot(e).isPresent() ? Cursor.HAND : Cursor.DEFAULT));
        setOnKeyPressed(this::key);
    }

    void show(CutBoard next, Style shown) {
        Optional<CutBoard.Spot> before = selected;
        board = next;
        style = shown;
        hold(next.sketch());
        select(before.flatMap(b -> next.spots().stream().filter(s -> s.laid() == b.laid() && s.put() == b.put())
                .findFirst()));
    }

    CutBoard board() {
        return board;
    }

    Optional<CutBoard.Spot> selected() {
        return selected;
    }

    void select(Optional<CutBoard.Spot> spot) {
        selected = spot;
        turned = false;
        draw(Optional.empty(), true);
        Spoken.say(this, spot.map(s -> board.says(s).text(style))
                .orElse("Cutting plan; arrow keys choose pieces"));
        chosen.run();
    }

    /// The plan with what is chosen, and where it would come to lie.
    private void draw(Optional<double[]> ghost, boolean free) {
        Sketch.Board with = new Sketch.Board(board.sketch().title());
        board.sketch().marks().forEach(with::add);
        selected.ifPresent(s -> with.box(Sketch.Pen.SOLID, s.x(), s.y(), s.x() + s.wide(), s.y() + s.high()));
        ghost.ifPresent(g -> with.box(free ? Sketch.Pen.SWEEP : Sketch.Pen.FAULT, g[0], g[1], g[0] + g[2],
                g[1] + g[3]));
        show(with.done(), style);
    }

    private Optional<CutBoard.Spot> spot(MouseEvent e) {
        Point2D p = toPlace(e.getX(), e.getY());
        return board.spot(p.getX(), p.getY());
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        // The page would take the keyboard.
        e.consume();
        select(spot(e));
        Point2D p = toPlace(e.getX(), e.getY());
        selected.ifPresent(s -> {
            gripX = p.getX() - s.x();
            gripY = p.getY() - s.y();
        });
        dragging = false;
    }

    private void dragged(MouseEvent e) {
        dragging = selected.isPresent();
        Point2D p = toPlace(e.getX(), e.getY());
        selected.ifPresent(s -> {
            Optional<CutBoard.Landing> landing = board.landing(s, p.getX(), p.getY(), gripX, gripY, turned);
            draw(landing.map(CutBoard.Landing::ghost)
                    .or(() -> Optional.of(new double[]{p.getX() - gripX, p.getY() - gripY, s.wide(), s.high()})),
                    landing.map(CutBoard.Landing::free).orElse(false));
        });
    }

    private void released(MouseEvent e) {
        if (!dragging) {
            return;
        }
        dragging = false;
        Point2D p = toPlace(e.getX(), e.getY());
        selected.flatMap(s -> board.landing(s, p.getX(), p.getY(), gripX, gripY, turned)
                .filter(CutBoard.Landing::free).map(l -> board.moved(s, l)))
                .ifPresentOrElse(change -> hand.edit("Lay a piece by hand", change),
                        () -> draw(Optional.empty(), true));
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        Optional<Consumer<CutBoard.Spot>> does = switch (e.getCode()) {
            case RIGHT, LEFT -> Optional.of(s -> next(s, e.getCode() == KeyCode.RIGHT ? 1 : -1));
            case UP, DOWN -> Optional.of(s -> carry(s, e.getCode() == KeyCode.DOWN ? 1 : -1));
            case R -> Optional.of(s -> turn(s));
            default -> Optional.empty();
        };
        does.ifPresent(d -> {
            selected.or(() -> board.spots().stream().findFirst()).ifPresent(d);
            e.consume();
        });
    }

    private void next(CutBoard.Spot from, int by) {
        int n = board.spots().size();
        int at = selected.isEmpty() ? -1 : board.spots().indexOf(from);
        select(Optional.of(board.spots().get(Math.floorMod(selected.isEmpty() ? 0 : at + by, n))));
    }

    /// To the end of the next stick, or to the first place of the next sheet, that has room.
    private void carry(CutBoard.Spot s, int by) {
        board.carried(s, by).ifPresent(change -> hand.edit("Lay a piece by hand", change));
    }

    private void turn(CutBoard.Spot s) {
        turned = !turned;
        if (!dragging) {
            board.landing(s, s.x() + gripX, s.y() + gripY, gripX, gripY, true).filter(CutBoard.Landing::free)
                    .ifPresent(l -> hand.edit("Turn a piece", board.moved(s, l)));
            turned = false;
        }
    }

    /// The whole plan, as high as its width asks for.
    @Override
    protected double computePrefHeight(double width) {
        return heightFor(width, MOST);
    }
}
