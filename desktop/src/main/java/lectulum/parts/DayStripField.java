package lectulum.parts;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import lectulum.design.thing.DayStrip;

/// The 24 hours of a day, painted with the mouse or with the keys: pressing an hour turns it on or off and dragging does the
/// same to the others; arrows go from hour to hour, Space turns one on or off, Home and End go to the ends, Delete paints
/// all. What was painted is told when the mouse or the key is let go.
public final class DayStripField extends Region {
    private static final int HOURS = 24;
    private static final double HIGH = 16;
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final PseudoClass AT = PseudoClass.getPseudoClass("at");

    private final Region[] cells = new Region[HOURS];
    private final Consumer<DayStrip> painted;
    private final String name;
    private DayStrip shown = DayStrip.ANY;
    private DayStrip painting = DayStrip.ANY;
    private boolean paints;
    private int cursor;

    public DayStripField(String name, Consumer<DayStrip> painted) {
        this.name = name;
        this.painted = painted;
        getStyleClass().add("day-strip");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT_FIELD);
        for (int h = 0; h < HOURS; h++) {
            cells[h] = new Region();
            cells[h].getStyleClass().add("hour");
            cells[h].setMouseTransparent(true);
            getChildren().add(cells[h]);
        }
        Tooltip tip = new Tooltip("Paint the hours in which it runs, midnight at the left");
        Tooltip.install(this, tip);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> paint(hour(e.getX())));
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            tell();
            e.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((of, was, is) -> show());
    }

    public void show(DayStrip strip) {
        shown = strip;
        painting = strip;
        show();
    }

    private void show() {
        for (int h = 0; h < HOURS; h++) {
            cells[h].pseudoClassStateChanged(ON, painting.has(h));
            cells[h].pseudoClassStateChanged(AT, isFocused() && h == cursor);
        }
        String words = painting.words();
        setAccessibleText(name + ", hours: " + (words.isEmpty() ? "any" : words));
        setAccessibleHelp("hour " + cursor + (painting.has(cursor) ? " on" : " off"));
    }

    private int hour(double x) {
        return Math.clamp((int) (x / getWidth() * HOURS), 0, HOURS - 1);
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        cursor = hour(e.getX());
        // From any hour the first one painted is the first of its own.
        if (painting.equals(DayStrip.ANY)) {
            painting = new DayStrip(1 << cursor);
            paints = true;
            show();
        } else {
            paints = !painting.has(cursor);
            paint(cursor);
        }
        e.consume();
    }

    private void paint(int hour) {
        cursor = hour;
        painting = painting.with(hour, paints);
        show();
    }

    private void tell() {
        if (!painting.equals(shown)) {
            shown = painting;
            painted.accept(painting);
        }
    }

    private void key(KeyEvent e) {
        KeyCode code = e.getCode();
        switch (code) {
            case LEFT -> cursor = Math.max(0, cursor - 1);
            case RIGHT -> cursor = Math.min(HOURS - 1, cursor + 1);
            case HOME -> cursor = 0;
            case END -> cursor = HOURS - 1;
            case SPACE -> painting = painting.equals(DayStrip.ANY)
                    ? new DayStrip(1 << cursor)
                    : painting.with(cursor, !painting.has(cursor));
            case DELETE, BACK_SPACE -> painting = DayStrip.ANY;
            default -> {
                return;
            }
        }
        show();
        tell();
        e.consume();
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth() / HOURS;
        for (int h = 0; h < HOURS; h++) {
            double x = Math.round(h * w);
            cells[h].resizeRelocate(x, (getHeight() - HIGH) / 2, Math.round((h + 1) * w) - x, HIGH);
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        return HIGH + 4;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 8 * HOURS;
    }
}
