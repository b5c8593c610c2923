package lectulum.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import lectulum.theme.Theme;

/// The one way the sheet draws lines, arrows, dimension lines and labels.
public final class Pen {
    private static final Map<String, Double> WIDTHS = new HashMap<>();

    public final GraphicsContext g;
    public final Theme theme;
    private final List<Bounds> labels = new ArrayList<>();

    Pen(GraphicsContext g, Theme theme) {
        this.g = g;
        this.theme = theme;
        g.setTextBaseline(VPos.CENTER);
    }

    public void stroke(String token, double width) {
        g.setStroke(theme.colour(token));
        g.setLineWidth(width);
        g.setLineDashes();
    }

    public void dashed(String token, double width) {
        g.setStroke(theme.colour(token));
        g.setLineWidth(width);
        g.setLineDashes(5, 4);
    }

    /// Upright lines are thin rectangles, which are drawn many times quicker than strokes.
    public void line(double x1, double y1, double x2, double y2) {
        boolean dashes = g.getLineDashes() != null && g.getLineDashes().length > 0;
        double w = g.getLineWidth();
        if (!dashes && (x1 == x2 || y1 == y2)) {
            g.setFill(g.getStroke());
            g.fillRect(Math.min(x1, x2) - (x1 == x2 ? w / 2 : 0), Math.min(y1, y2) - (x1 == x2 ? 0 : w / 2),
                    x1 == x2 ? w : Math.abs(x2 - x1), x1 == x2 ? Math.abs(y2 - y1) : w);
        } else {
            g.strokeLine(x1, y1, x2, y2);
        }
    }

    /// The outline of a thing, with the stroke that is set.
    public void outline(double[][] o, boolean dashed) {
        if (!upright(o)) {
            if (dashed) {
                g.setLineDashes(3, 3);
            }
            g.strokePolygon(axis(o, 0), axis(o, 1), o.length);
            g.setLineDashes();
            return;
        }
        g.setFill(g.getStroke());
        double w = g.getLineWidth();
        double x1 = min(o, 0) - w / 2;
        double y1 = min(o, 1) - w / 2;
        double x2 = max(o, 0) - w / 2;
        double y2 = max(o, 1) - w / 2;
        double dash = dashed ? 3 : Double.POSITIVE_INFINITY;
        for (double x = x1; x < x2 + w; x += 2 * dash) {
            double length = Math.min(dash, x2 + w - x);
            g.fillRect(x, y1, length, w);
            g.fillRect(x, y2, length, w);
        }
        for (double y = y1 + w; y < y2; y += 2 * dash) {
            double length = Math.min(dash, y2 - y);
            g.fillRect(x1, y, w, length);
            g.fillRect(x2, y, w, length);
        }
    }

    public void fill(double[][] o, Paint paint) {
        g.setFill(paint);
        if (upright(o)) {
            g.fillRect(min(o, 0), min(o, 1), max(o, 0) - min(o, 0), max(o, 1) - min(o, 1));
        } else {
            g.fillPolygon(axis(o, 0), axis(o, 1), o.length);
        }
    }

    public void hatch(double[][] o, Image hatch) {
        if (!upright(o)) {
            fill(o, Hatches.paint(hatch));
            return;
        }
        double right = Math.rint(max(o, 0));
        double bottom = Math.rint(max(o, 1));
        double size = hatch.getWidth();
        for (double x = Math.rint(min(o, 0)); x < right; x += size) {
            for (double y = Math.rint(min(o, 1)); y < bottom; y += size) {
                double w = Math.min(size, right - x);
                double h = Math.min(size, bottom - y);
                g.drawImage(hatch, 0, 0, w, h, x, y, w, h);
            }
        }
    }

    private static boolean upright(double[][] o) {
        return o.length == 4 && (same(o[0][0], o[1][0]) && same(o[1][1], o[2][1]) && same(o[2][0], o[3][0])
                && same(o[3][1], o[0][1])
                || same(o[0][1], o[1][1]) && same(o[1][0], o[2][0]) && same(o[2][1], o[3][1])
                        && same(o[3][0], o[0][0]));
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < 0.01;
    }

    public static double min(double[][] o, int axis) {
        double low = o[0][axis];
        for (double[] q : o) {
            low = Math.min(low, q[axis]);
        }
        return low;
    }

    public static double max(double[][] o, int axis) {
        double high = o[0][axis];
        for (double[] q : o) {
            high = Math.max(high, q[axis]);
        }
        return high;
    }

    private static double[] axis(double[][] o, int axis) {
        double[] values = new double[o.length];
        for (int i = 0; i < o.length; i++) {
            values[i] = o[i][axis];
        }
        return values;
    }

    public void polygon(double[][] points, boolean fill) {
        double[] xs = axis(points, 0);
        double[] ys = axis(points, 1);
        if (fill) {
            g.fillPolygon(xs, ys, points.length);
        }
        g.strokePolygon(xs, ys, points.length);
    }

    public void text(String text, double x, double y, TextAlignment align, Font font, Color colour) {
        g.setFont(font);
        g.setFill(colour);
        g.setTextAlign(align);
        g.fillText(text, x, y);
    }

    /// A text on a plate of paper, left out where it would cover another or not fit into `room`.
    public boolean label(String text, double x, double y, double room, double size, boolean always) {
        double width = width(text, size);
        Bounds plate = new BoundingBox(x - width / 2 - 3, y - size * 0.7, width + 6, size * 1.4);
        if (!always && (width + 8 > room || labels.stream().anyMatch(l -> l.intersects(plate)))) {
            return false;
        }
        labels.add(plate);
        g.setFill(theme.colour("inside").deriveColor(0, 1, 1, 0.88));
        g.fillRect(plate.getMinX(), plate.getMinY(), plate.getWidth(), plate.getHeight());
        text(text, x, y, TextAlignment.CENTER, Theme.font(size), theme.colour("ink"));
        return true;
    }

    /// Keeps later labels off a place.
    public void reserve(double x, double y, double width, double height) {
        labels.add(new BoundingBox(x, y, width, height));
    }

    /// A dimension line with ticks and its length; left out where it is too short to read.
    public void dimension(double x1, double y1, double x2, double y2, String length) {
        double span = Math.hypot(x2 - x1, y2 - y1);
        if (span < 14) {
            return;
        }
        stroke("select", 1);
        line(x1, y1, x2, y2);
        double nx = -(y2 - y1) / span * 4;
        double ny = (x2 - x1) / span * 4;
        line(x1 - nx, y1 - ny, x1 + nx, y1 + ny);
        line(x2 - nx, y2 - ny, x2 + nx, y2 + ny);
        label(length, (x1 + x2) / 2, (y1 + y2) / 2, 0, 11, true);
    }

    /// A filled arrow whose stem is as wide as what it stands for.
    public void block(double x, double tip, double tail, double width, String token) {
        double way = Math.signum(tail - tip);
        double half = Math.max(0.75, width / 2);
        double head = Math.max(6, half + 4);
        double neck = tip + way * 9;
        stroke(token, 1);
        g.setFill(theme.colour(token));
        polygon(new double[][]{{x, tip}, {x + head, neck}, {x + half, neck}, {x + half, tail}, {x - half, tail},
                {x - half, neck}, {x - head, neck}}, true);
    }

    public static double width(String text, double size) {
        return WIDTHS.computeIfAbsent(text, t -> {
            Text node = new Text(t);
            node.setFont(Theme.font(100));
            return node.getLayoutBounds().getWidth();
        }) * size / 100;
    }
}
