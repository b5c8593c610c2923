package lectulum.sheet;

import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import lectulum.figures.drawing.Sketch;
import lectulum.theme.Theme;
import lectulum.units.Style;

/// Draws a [Sketch] to scale into whatever room it has.
public class SketchView extends Drawing {
    private static final double EDGE = 26;
    private Sketch sketch = new Sketch("", java.util.List.of());
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
    void paint(GraphicsContext g, double w, double h) {
        Theme look = theme.get();
        g.setFill(look.colour("inside"));
        g.fillRect(0, 0, w, h);
        fit(w, h);
        Pen pen = new Pen(g, look);
        for (Sketch.Mark mark : sketch.marks()) {
            draw(pen, mark);
        }
        for (Sketch.Mark mark : sketch.marks()) {
            name(pen, mark, w, h);
        }
    }

    private void fit(double w, double h) {
        double x1 = Double.POSITIVE_INFINITY;
        double x2 = Double.NEGATIVE_INFINITY;
        double y1 = Double.POSITIVE_INFINITY;
        double y2 = Double.NEGATIVE_INFINITY;
        for (Sketch.Mark mark : sketch.marks()) {
            for (double[] p : mark.points()) {
                x1 = Math.min(x1, p[0]);
                x2 = Math.max(x2, p[0]);
                y1 = Math.min(y1, p[1]);
                y2 = Math.max(y2, p[1]);
            }
        }
        if (!(x2 >= x1)) {
            return;
        }
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
            case AREA -> line(pen, o, mark.closed(), "faint", 0.8, tint("edge", 0.75));
            case SWEEP -> line(pen, o, mark.closed(), "select", 1, tint("select", 0.13));
            case MAIN -> line(pen, o, mark.closed(), "select", 2.2, mark.closed() ? tint("select", 0.10) : null);
            case FAULT -> line(pen, o, mark.closed(), "accent", 2.2, mark.closed() ? tint("accent", 0.16) : null);
            case THIN -> {
                line(pen, o, mark.closed(), "faint", 1, null);
                if (o.length == 2 && !mark.text().template().isEmpty()) {
                    ticks(pen, o);
                }
            }
            case DASHED -> {
                pen.dashed("faint", 1.2);
                path(pen, o, mark.closed());
                pen.g.setLineDashes();
            }
            case DOT -> {
                pen.g.setFill(pen.theme.colour("ink"));
                pen.g.fillOval(o[0][0] - 3, o[0][1] - 3, 6, 6);
            }
        }
    }

    private Color tint(String token, double strength) {
        return theme.get().colour(token).deriveColor(0, 1, 1, strength);
    }

    private void line(Pen pen, double[][] o, boolean closed, String token, double width, Color fill) {
        if (fill != null && closed) {
            pen.fill(o, fill);
        }
        pen.stroke(token, width);
        path(pen, o, closed);
    }

    private static void path(Pen pen, double[][] o, boolean closed) {
        GraphicsContext g = pen.g;
        g.beginPath();
        g.moveTo(o[0][0], o[0][1]);
        for (int i = 1; i < o.length; i++) {
            g.lineTo(o[i][0], o[i][1]);
        }
        if (closed) {
            g.closePath();
        }
        g.stroke();
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

    /// Names stand in the middle of areas and lines, and beside points; one that would lie over another is left out.
    private void name(Pen pen, Sketch.Mark mark, double w, double h) {
        String text = mark.text().text(style);
        if (text.isBlank()) {
            return;
        }
        double[][] o = pixels(mark);
        double half = Pen.width(text, 11) / 2 + 4;
        if (mark.pen() == Sketch.Pen.DOT) {
            double x = o[0][0] + half + 5;
            for (double[] at : new double[][]{{x, o[0][1]}, {o[0][0] - half - 5, o[0][1]}, {o[0][0], o[0][1] - 13},
                    {o[0][0], o[0][1] + 13}, {x, o[0][1] - 12}, {x, o[0][1] + 12}}) {
                if (at[0] - half > 0 && at[0] + half < w && at[1] > 8 && at[1] < h - 8
                        && pen.label(text, at[0], at[1], Double.POSITIVE_INFINITY, 11, false)) {
                    return;
                }
            }
            return;
        }
        double x = (Pen.min(o, 0) + Pen.max(o, 0)) / 2;
        double y = (Pen.min(o, 1) + Pen.max(o, 1)) / 2;
        pen.label(text, Math.clamp(x, half, Math.max(half, w - half)), y, Double.POSITIVE_INFINITY, 11, false);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 460;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 250;
    }
}
