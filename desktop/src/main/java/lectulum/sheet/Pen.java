package lectulum.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import lectulum.theme.Theme;

/// The one way the sheet draws lines, arrows, dimension lines and labels.
final class Pen {
    private static final Map<String, Double> WIDTHS = new HashMap<>();

    final GraphicsContext g;
    final Theme theme;
    private final List<Bounds> labels = new ArrayList<>();

    Pen(GraphicsContext g, Theme theme) {
        this.g = g;
        this.theme = theme;
        g.setTextBaseline(VPos.CENTER);
    }

    void stroke(String token, double width) {
        g.setStroke(theme.colour(token));
        g.setLineWidth(width);
        g.setLineDashes();
    }

    void dashed(String token, double width) {
        g.setStroke(theme.colour(token));
        g.setLineWidth(width);
        g.setLineDashes(5, 4);
    }

    void line(double x1, double y1, double x2, double y2) {
        g.strokeLine(x1, y1, x2, y2);
    }

    void polygon(double[][] points, boolean fill) {
        double[] xs = new double[points.length];
        double[] ys = new double[points.length];
        for (int i = 0; i < points.length; i++) {
            xs[i] = points[i][0];
            ys[i] = points[i][1];
        }
        if (fill) {
            g.fillPolygon(xs, ys, points.length);
        }
        g.strokePolygon(xs, ys, points.length);
    }

    void text(String text, double x, double y, TextAlignment align, Font font, Color colour) {
        g.setFont(font);
        g.setFill(colour);
        g.setTextAlign(align);
        g.fillText(text, x, y);
    }

    /// A text on a plate of paper, left out where it would cover another or not fit into `room`.
    boolean label(String text, double x, double y, double room, double size, boolean always) {
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
    void reserve(double x, double y, double width, double height) {
        labels.add(new BoundingBox(x, y, width, height));
    }

    /// A dimension line with ticks and its length; left out where it is too short to read.
    void dimension(double x1, double y1, double x2, double y2, String length) {
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

    void arrow(double x, double tip, double tail, String token) {
        stroke(token, 3);
        double way = Math.signum(tail - tip);
        line(x, tip, x, tail);
        line(x, tip, x - 7, tip + way * 8);
        line(x, tip, x + 7, tip + way * 8);
    }

    static double width(String text, double size) {
        return WIDTHS.computeIfAbsent(text, t -> {
            Text node = new Text(t);
            node.setFont(Theme.font(100));
            return node.getLayoutBounds().getWidth();
        }) * size / 100;
    }
}
