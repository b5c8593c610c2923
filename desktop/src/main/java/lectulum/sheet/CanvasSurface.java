package lectulum.sheet;

import java.util.HashMap;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.theme.Theme;

/// Draws on a canvas of the window. Upright lines and rectangles are filled rectangles, which are drawn many times quicker
/// than strokes and polygons. On the interface thread only.
public final class CanvasSurface implements Surface {
    /// A picture this large is copied from in pieces: far quicker than filling with a pattern.
    private static final int TILE = 256;
    private static final double NEAR = 0.01;
    private static final Map<String, Double> WIDTHS = new HashMap<>();
    private static final Map<Hatch, Image> HATCHES = new HashMap<>();
    private static final Map<Ink, Color> COLOURS = new HashMap<>();

    private final GraphicsContext g;
    private boolean clipped;
    private double[] xs = new double[64];
    private double[] ys = new double[64];

    public CanvasSurface(GraphicsContext g) {
        this.g = g;
        g.setTextBaseline(VPos.CENTER);
        g.setLineJoin(javafx.scene.shape.StrokeLineJoin.ROUND);
    }

    private static Color colour(Ink ink) {
        if (COLOURS.size() > 2000) {
            COLOURS.clear();
        }
        return COLOURS.computeIfAbsent(ink, i -> new Color(Math.clamp(i.red(), 0, 1), Math.clamp(i.green(), 0, 1),
                Math.clamp(i.blue(), 0, 1), Math.clamp(i.alpha(), 0, 1)));
    }

    @Override
    public void fill(double[][] o, Ink ink) {
        if (o.length < 3) {
            return;
        }
        g.setFill(colour(ink));
        if (upright(o)) {
            double x = Math.min(o[0][0], o[2][0]);
            double y = Math.min(o[0][1], o[2][1]);
            g.fillRect(x, y, Math.abs(o[2][0] - o[0][0]), Math.abs(o[2][1] - o[0][1]));
        } else {
            split(o);
            g.fillPolygon(xs, ys, o.length);
        }
    }

    @Override
    public void hatch(double[][] o, Hatch hatch) {
        if (o.length < 3) {
            return;
        }
        Image tile = HATCHES.computeIfAbsent(hatch, CanvasSurface::tile);
        if (!upright(o)) {
            g.setFill(new ImagePattern(tile, 0, 0, TILE, TILE, false));
            split(o);
            g.fillPolygon(xs, ys, o.length);
            return;
        }
        double left = Math.rint(Math.min(o[0][0], o[2][0]));
        double right = Math.rint(Math.max(o[0][0], o[2][0]));
        double top = Math.rint(Math.min(o[0][1], o[2][1]));
        double bottom = Math.rint(Math.max(o[0][1], o[2][1]));
        for (double x = left; x < right; x += TILE) {
            for (double y = top; y < bottom; y += TILE) {
                double w = Math.min(TILE, right - x);
                double h = Math.min(TILE, bottom - y);
                g.drawImage(tile, 0, 0, w, h, x, y, w, h);
            }
        }
    }

    private static Image tile(Hatch hatch) {
        WritableImage image = new WritableImage(TILE, TILE);
        PixelWriter pixels = image.getPixelWriter();
        Color colour = colour(hatch.ink());
        for (int x = 0; x < TILE; x++) {
            for (int y = 0; y < TILE; y++) {
                if (hatch.at(x, y)) {
                    pixels.setColor(x, y, colour);
                }
            }
        }
        return image;
    }

    @Override
    public void stroke(double[][] o, boolean closed, Line line) {
        if (o.length < 2) {
            return;
        }
        if (line.whole() && o.length == 2 && (o[0][0] == o[1][0] || o[0][1] == o[1][1])) {
            straight(o[0][0], o[0][1], o[1][0], o[1][1], line);
            return;
        }
        if (closed && upright(o) && line.dash().length != 1) {
            frame(o, line);
            return;
        }
        pen(line);
        split(o);
        if (closed) {
            g.strokePolygon(xs, ys, o.length);
        } else {
            g.strokePolyline(xs, ys, o.length);
        }
        g.setLineDashes();
    }

    private void straight(double x1, double y1, double x2, double y2, Line line) {
        double w = line.width();
        boolean upright = x1 == x2;
        g.setFill(colour(line.ink()));
        g.fillRect(Math.min(x1, x2) - (upright ? w / 2 : 0), Math.min(y1, y2) - (upright ? 0 : w / 2),
                upright ? w : Math.abs(x2 - x1), upright ? Math.abs(y2 - y1) : w);
    }

    private void frame(double[][] o, Line line) {
        g.setFill(colour(line.ink()));
        double w = line.width();
        double x1 = Math.min(o[0][0], o[2][0]) - w / 2;
        double y1 = Math.min(o[0][1], o[2][1]) - w / 2;
        double x2 = Math.max(o[0][0], o[2][0]) - w / 2;
        double y2 = Math.max(o[0][1], o[2][1]) - w / 2;
        double dash = line.whole() ? Double.POSITIVE_INFINITY : line.dash()[0];
        double step = line.whole() ? Double.POSITIVE_INFINITY : line.dash()[0] + line.dash()[1];
        for (double x = x1; x < x2 + w; x += step) {
            double length = Math.min(dash, x2 + w - x);
            g.fillRect(x, y1, length, w);
            g.fillRect(x, y2, length, w);
        }
        for (double y = y1 + w; y < y2; y += step) {
            double length = Math.min(dash, y2 - y);
            g.fillRect(x1, y, w, length);
            g.fillRect(x2, y, w, length);
        }
    }

    private void pen(Line line) {
        g.setStroke(colour(line.ink()));
        g.setLineWidth(line.width());
        if (!line.whole()) {
            g.setLineDashes(line.dash());
        }
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
        g.setFill(colour(ink));
        g.fillOval(x - rx, y - ry, 2 * rx, 2 * ry);
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
        pen(line);
        g.strokeOval(x - rx, y - ry, 2 * rx, 2 * ry);
        g.setLineDashes();
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink) {
        g.setFont(bold ? Theme.bold(size) : Theme.font(size));
        g.setFill(colour(ink));
        g.setTextAlign(switch (anchor) {
            case START -> TextAlignment.LEFT;
            case MIDDLE -> TextAlignment.CENTER;
            case END -> TextAlignment.RIGHT;
        });
        g.fillText(text, x, y);
    }

    @Override
    public void within(double x, double y, double width, double height) {
        whole();
        g.save();
        g.beginPath();
        g.rect(x, y, Math.max(0, width), Math.max(0, height));
        g.clip();
        clipped = true;
    }

    @Override
    public void whole() {
        if (clipped) {
            g.restore();
            clipped = false;
        }
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return measured(text, size, bold);
    }

    /// Length of a text in the typeface of the program \[px\].
    public static double measured(String text, double size, boolean bold) {
        if (WIDTHS.size() > 20_000) {
            WIDTHS.clear();
        }
        return WIDTHS.computeIfAbsent(bold ? "*" + text : " " + text, t -> {
            Text node = new Text(text);
            Font font = bold ? Theme.bold(100) : Theme.font(100);
            node.setFont(font);
            return node.getLayoutBounds().getWidth();
        }) * size / 100;
    }

    /// A picture laid under a drawing.
    ///
    /// @param turn  about its upper left corner, clockwise \[rad\]
    /// @param share of it that is seen
    void picture(Image image, double x, double y, double width, double turn, double share) {
        g.save();
        g.setGlobalAlpha(share);
        g.translate(x, y);
        g.rotate(Math.toDegrees(turn));
        g.drawImage(image, 0, 0, width, width * image.getHeight() / image.getWidth());
        g.restore();
    }

    private void split(double[][] o) {
        if (xs.length < o.length) {
            xs = new double[2 * o.length];
            ys = new double[2 * o.length];
        }
        for (int i = 0; i < o.length; i++) {
            xs[i] = o[i][0];
            ys[i] = o[i][1];
        }
    }

    private static boolean upright(double[][] o) {
        return o.length == 4 && (same(o[0][0], o[1][0]) && same(o[1][1], o[2][1]) && same(o[2][0], o[3][0])
                && same(o[3][1], o[0][1])
                || same(o[0][1], o[1][1]) && same(o[1][0], o[2][0]) && same(o[2][1], o[3][1])
                        && same(o[3][0], o[0][0]));
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < NEAR;
    }
}
