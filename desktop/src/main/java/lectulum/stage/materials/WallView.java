package lectulum.stage.materials;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import lectulum.design.Edit;
import lectulum.design.base.Carcass;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;
import lectulum.materials.framing.Members;
import lectulum.parts.Spoken;
import lectulum.sheet.SketchView;
import lectulum.theme.Theme;
import lectulum.units.Style;
import lectulum.workbench.State;

/// A wall of the frame: its studs are dragged, added by a double click and taken away by Delete.
final class WallView extends SketchView {
    private static final double STEP = 0.01;
    private final Carcass.Face face;
    private final Consumer<Edit> edit;
    private Sketch wall = new Sketch("", java.util.List.of());
    private State state;
    private double from;
    private double high = 1;
    private Optional<Double> held = Optional.empty();
    private double to;

    WallView(Supplier<Theme> theme, Carcass.Face face, Consumer<Edit> edit) {
        super(theme);
        this.face = face;
        this.edit = edit;
        setId("wall-" + face.name().toLowerCase(java.util.Locale.ROOT));
        Spoken.picture(this, "");
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(e -> released());
        setOnMouseMoved(e -> setCursor(near(e).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT));
        setOnKeyPressed(this::key);
    }

    /// @param origin of the drawing, as the face counts its members \[m\]
    void show(Sketch sketch, State next, double origin) {
        wall = sketch;
        state = next;
        from = origin;
        high = sketch.marks().stream().flatMap(m -> Arrays.stream(m.points())).mapToDouble(p -> p[1]).max().orElse(1);
        Sketch.Board room = new Sketch.Board("");
        sketch.marks().forEach(room::add);
        hold(room.line(Sketch.Pen.THIN, 0, -0.12, 0, high + 0.06).done());
        held = held.filter(at -> Members.nearest(next.design(), face, at).isPresent());
        draw();
    }

    private void draw() {
        Sketch.Board board = new Sketch.Board(wall.title());
        wall.marks().forEach(board::add);
        held.ifPresent(at -> {
            board.line(Sketch.Pen.MAIN, to - from, -0.06, to - from, high + 0.06);
            board.name(to - from, -0.1, Sentence.of("{0}", Amount.m(to)));
        });
        Style style = state.style();
        show(board.done(), style);
        Spoken.say(this, held.map(at -> Sentence.of("Stud of the {0} at {1}", face.label(), Amount.m(at)).text(style))
                .orElse("The " + face.label() + "; arrow keys choose studs"));
    }

    private double place(MouseEvent e) {
        Point2D p = toPlace(e.getX(), e.getY());
        return p.getX() + from;
    }

    private Optional<Double> near(MouseEvent e) {
        double at = place(e);
        return stud(at).filter(s -> Math.abs(s - at) * scale() < 12);
    }

    private Optional<Double> stud(double at) {
        return Members.nearest(state.design(), face, at)
                .map(i -> state.design().base().carcass().framing().get(face).studs().get(i));
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        // The page would take the keyboard.
        e.consume();
        if (e.getClickCount() == 2 && near(e).isEmpty()) {
            edit.accept(Members.added(face, place(e)));
            return;
        }
        held = near(e);
        to = held.orElse(0.0);
        draw();
    }

    private void dragged(MouseEvent e) {
        if (held.isPresent()) {
            to = place(e);
            draw();
        }
    }

    private void released() {
        held.filter(at -> Math.abs(to - at) * scale() > 2).ifPresent(at -> moveTo(at, to));
    }

    private void moveTo(double at, double next) {
        Members.of(state.design()).stream().filter(m -> m.face() == face && m.at() == at).findFirst().ifPresent(m -> {
            held = Optional.of(next);
            to = next;
            edit.accept(Members.moved(m, next));
        });
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || state == null) {
            return;
        }
        boolean back = e.getCode() == KeyCode.LEFT;
        boolean used = true;
        if (back || e.getCode() == KeyCode.RIGHT) {
            if (e.isAltDown()) {
                held.ifPresent(at -> moveTo(at, at + (back ? -STEP : STEP)));
            } else {
                choose(back);
            }
        } else if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            held.ifPresent(at -> edit.accept(Members.removed(face, at)));
        } else {
            used = false;
        }
        if (used) {
            e.consume();
        }
    }

    private void choose(boolean back) {
        java.util.List<Double> studs = state.design().base().carcass().framing().get(face).studs();
        int at = held.map(studs::indexOf).orElse(-1);
        held = Optional.of(studs.get(Math.floorMod(at < 0 ? 0 : at + (back ? -1 : 1), studs.size())));
        to = held.get();
        draw();
    }
}
