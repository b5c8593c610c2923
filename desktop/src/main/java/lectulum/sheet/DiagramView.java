package lectulum.sheet;

import java.util.function.Supplier;
import lectulum.power.wiring.Diagram;
import lectulum.power.wiring.OneLine;
import lectulum.theme.Theme;
import lectulum.units.Style;

/// A one-line diagram as large as its room lets it be.
public final class DiagramView extends Drawing {
    private static final double LARGEST = 1.4;
    private OneLine shown = new OneLine(java.util.List.of(), java.util.List.of(), 0, 0);
    private Style style = Style.PLAIN;

    public DiagramView(Supplier<Theme> theme) {
        super(theme, 60, "sketch");
        setMinHeight(120);
        widthProperty().addListener((o, was, now) -> high());
    }

    /// As high as the diagram is in the width there is.
    private void high() {
        double scale = Math.min(LARGEST, getWidth() / Math.max(1, Diagram.width(shown)));
        setPrefHeight(Math.ceil(scale * Diagram.height(shown)) + 4);
    }

    public void show(OneLine next, Style as) {
        shown = next;
        style = as;
        setAccessibleText("One-line diagram, " + next.symbols().size() + " symbols");
        high();
        requestLayout();
    }

    public OneLine shown() {
        return shown;
    }

    @Override
    void paint(Pen pen, double w, double h) {
        pen.fill(0, 0, w, h, pen.ink("inside"));
        double scale = Math.min(LARGEST, Math.min(w / Math.max(1, Diagram.width(shown)),
                h / Math.max(1, Diagram.height(shown))));
        new Diagram(pen.ink("ink"), pen.ink("faint"), pen.ink("accent"), pen.ink("ink"), pen.ink("select"))
                .paint(pen.surface(), shown, style, scale);
    }
}
