package lectulum.sheet;

import java.util.function.Supplier;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Paint;
import lectulum.figures.drawing.Sketch;
import lectulum.theme.Theme;
import lectulum.units.Style;

/// Draws a [Sketch] to scale into whatever room it has.
public class SketchView extends Drawing {
    private static final double EDGE = 26;
    /// Least and greatest height it asks for \[px\].
    private static final double LOW = 70;
    private static final double TALL = 330;
    private Sketch sketch = new Sketch("", java.util.List.of());
    private Sketch measure;
    private Style style = Style.PLAIN;
    private double scale = 1;
    private double left;
    private double bottom;

    public SketchView(Supplier<Theme> theme) {
        super(theme, 1, "sketch");
        setMinSize(120, 90);
    }

    public void show(Sketch next, Style shown) {
        sketch = next;
        style = shown;
        setAccessibleText(next.title());
        requestLayout();
    }

    public Sketch sketch() {
        return sketch;
    }

    /// Fits the drawing to what a sketch covers, whatever else is drawn: it stands still while something is dragged over it.
    protected void hold(Sketch by) {
        measure = by;
        requestLayout();
    }

    /// Pixel of a place of the sketch.
    public Point2D toPixel(double x, double y) {
        return new Point2D(left + x * scale, bottom - y * scale);
    }

    /// Place of the sketch under a pixel.
    public Point2D toPlace(double px, double py) {
        return new Point2D((px - left) / scale, (bottom - py) / scale);
    }

    public double scale() {
        return scale;
    }

    @Override
    void paint(Pen pen, double w, double h) {
        pen.fill(0, 0, w, h, pen.ink("inside"));
        fit(w, h);
        for (Sketch.Mark mark : sketch.marks()) {
            draw(pen, mark);
        }
        for (Sketch.Mark mark : sketch.marks()) {
            name(pen, mark);
        }
    }

    /// Least and greatest x and y of all marks; empty without any.
    private double[] bounds() {
        double[] b = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        for (Sketch.Mark mark : (measure == null ? sketch : measure).marks()) {
            for (double[] p : mark.points()) {
                b[0] = Math.min(b[0], p[0]);
                b[2] = Math.max(b[2], p[0]);
                b[1] = Math.min(b[1], p[1]);
                b[3] = Math.max(b[3], p[1]);
            }
        }
        return b[2] >= b[0] ? b : new double[0];
    }

    private void fit(double w, double h) {
        double[] b = bounds();
        if (b.length == 0) {
            return;
        }
        double x1 = b[0];
        double x2 = b[2];
        double y1 = b[1];
        double y2 = b[3];
        double wide = Math.max(x2 - x1, 1e-3);
        double high = Math.max(y2 - y1, 1e-3);
        scale = Math.max(1e-3, Math.min((w - 2 * EDGE) / wide, (h - 2 * EDGE) / high));
        left = w / 2 - (x1 + x2) / 2 * scale;
        bottom = h / 2 + (y1 + y2) / 2 * scale;
    }

    private double[][] pixels(Sketch.Mark mark) {
        double[][] out = new double[mark.points().length][];
        for (int i = 0; i < out.length; i++) {
            Point2D p = toPixel(mark.points()[i][0], mark.points()[i][1]);
            out[i] = new double[]{p.getX(), p.getY()};
        }
        return out;
    }

    private void draw(Pen pen, Sketch.Mark mark) {
        double[][] o = pixels(mark);
        switch (mark.pen()) {
            case SOLID -> line(pen, o, mark.closed(), "ink", 1.6, null);
            case AREA -> line(pen, o, mark.closed(), "faint", 0.8, pen.ink("edge").faded(0.75));
            case SWEEP -> line(pen, o, mark.closed(), "select", 1, pen.ink("select").faded(0.13));
            case MAIN -> line(pen, o, mark.closed(), "select", 2.2, pen.ink("select").faded(0.10));
            case FAULT -> line(pen, o, mark.closed(), "accent", 2.2, pen.ink("accent").faded(0.16));
            case THIN -> {
                line(pen, o, mark.closed(), "faint", 1, null);
                if (o.length == 2 && !mark.text().template().isEmpty()) {
                    ticks(pen, o);
                }
            }
            case DASHED -> {
                pen.dashed("faint", 1.2);
                pen.path(o, mark.closed());
            }
            case LOOK -> {
                Ink ink = pen.theme().ink(mark.skin().paint(), mark.skin().system());
                if (mark.closed()) {
                    pen.fill(o, ink);
                    pen.stroke(pen.ink("ink").faded(0.7), 0.8);
                } else {
                    pen.stroke(ink, mark.skin().paint() == Paint.FAINT ? 0.8 : 1.2);
                }
                pen.path(o, mark.closed());
            }
            case DOT -> pen.disc(o[0][0], o[0][1], 3, pen.ink("ink"));
        }
    }

    private static void line(Pen pen, double[][] o, boolean closed, String token, double width, Ink fill) {
        if (fill != null && closed) {
            pen.fill(o, fill);
        }
        pen.stroke(token, width);
        pen.path(o, closed);
    }

    private static void ticks(Pen pen, double[][] o) {
        double span = Math.hypot(o[1][0] - o[0][0], o[1][1] - o[0][1]);
        if (span < 8) {
            return;
        }
        double nx = -(o[1][1] - o[0][1]) / span * 4;
        double ny = (o[1][0] - o[0][0]) / span * 4;
        for (double[] p : o) {
            pen.line(p[0] - nx, p[1] - ny, p[0] + nx, p[1] + ny);
        }
    }

    /// Names stand in the middle of areas and lines, and beside points.
    private void name(Pen pen, Sketch.Mark mark) {
        String text = mark.text().text(style);
        if (text.isBlank()) {
            return;
        }
        double[][] o = pixels(mark);
        if (mark.pen() == Sketch.Pen.DOT) {
            pen.point(text, o[0][0], o[0][1], 4, 11, Labels.Rank.FIGURE);
        } else if (o.length == 1) {
            pen.must(text, o[0][0], o[0][1], 11, Labels.Rank.NAME);
        } else if (o.length == 2) {
            pen.along(text, o[0], o[1], 11,
                    mark.pen() == Sketch.Pen.THIN ? Labels.Rank.DIMENSION : Labels.Rank.FIGURE);
        } else {
            pen.about(text, o, 11, Labels.Rank.NAME);
        }
    }

    @Override
    protected double computePrefWidth(double height) {
        return 460;
    }

    /// Height of the drawing over its width.
    public double ratio() {
        double[] box = bounds();
        return box.length == 0 ? 1 : (box[3] - box[1]) / Math.max(1e-3, box[2] - box[0]);
    }

    /// Height that shows the drawing over a width in full \[px\].
    protected double heightFor(double width, double most) {
        double across = (width > 0 ? width : computePrefWidth(-1)) - 2 * EDGE;
        return Math.clamp(across * ratio() + 2 * EDGE, LOW, most);
    }

    /// As high as the drawing is at that width, within reason.
    @Override
    protected double computePrefHeight(double width) {
        return heightFor(width, TALL);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }
}
