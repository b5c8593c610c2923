package lectulum.papers;

import java.io.IOException;
import java.io.UncheckedIOException;
import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.money.Line;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/// Draws on a page of a PDF: a pixel is a point of the page times a scale, y down from the top.
public final class PdfSurface implements Surface {
    private static final double ROUND = 0.5523;
    private final PDPageContentStream out;
    private final Fonts fonts;
    private final double left;
    private final double top;
    private final double scale;

    /// @param left of the drawing on the page \[pt\]
    /// @param top  of the drawing on the page, counted from its bottom \[pt\]
    public PdfSurface(PDPageContentStream out, Fonts fonts, double left, double top, double scale) {
        this.out = out;
        this.fonts = fonts;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    private interface Work {
        void run() throws IOException;
    }

    private static void done(Work work) {
        try {
            work.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private float x(double px) {
        return (float) (left + px * scale);
    }

    private float y(double py) {
        return (float) (top - py * scale);
    }

    /// A colour that lets white paper shine through is printed as a lighter one.
    private static float[] colour(Ink ink) {
        Ink on = new Ink(1, 1, 1, 1).toward(ink, ink.alpha());
        return new float[]{(float) on.red(), (float) on.green(), (float) on.blue()};
    }

    private void fillWith(Ink ink) throws IOException {
        float[] c = colour(ink);
        out.setNonStrokingColor(c[0], c[1], c[2]);
    }

    private void path(double[][] points, boolean closed) throws IOException {
        for (int i = 0; i < points.length; i++) {
            if (i == 0) {
                out.moveTo(x(points[i][0]), y(points[i][1]));
            } else {
                out.lineTo(x(points[i][0]), y(points[i][1]));
            }
        }
        if (closed) {
            out.closePath();
        }
    }

    @Override
    public void fill(double[][] outline, Ink ink) {
        if (outline.length > 2) {
            done(() -> {
                fillWith(ink);
                path(outline, true);
                out.fill();
            });
        }
    }

    @Override
    public void hatch(double[][] outline, Hatch hatch) {
        fill(outline, hatch.ink().faded(0.3));
    }

    private void pen(Line line) throws IOException {
        float[] c = colour(line.ink());
        out.setStrokingColor(c[0], c[1], c[2]);
        out.setLineWidth((float) (line.width() * scale));
        float[] dash = new float[line.dash().length];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = (float) (line.dash()[i] * scale);
        }
        out.setLineDashPattern(dash, 0);
    }

    @Override
    public void stroke(double[][] points, boolean closed, Line line) {
        if (points.length > 1) {
            done(() -> {
                pen(line);
                path(points, closed);
                out.stroke();
            });
        }
    }

    private void oval(double x, double y, double rx, double ry) throws IOException {
        double cx = rx * ROUND;
        double cy = ry * ROUND;
        out.moveTo(x(x + rx), y(y));
        out.curveTo(x(x + rx), y(y + cy), x(x + cx), y(y + ry), x(x), y(y + ry));
        out.curveTo(x(x - cx), y(y + ry), x(x - rx), y(y + cy), x(x - rx), y(y));
        out.curveTo(x(x - rx), y(y - cy), x(x - cx), y(y - ry), x(x), y(y - ry));
        out.curveTo(x(x + cx), y(y - ry), x(x + rx), y(y - cy), x(x + rx), y(y));
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
        done(() -> {
            fillWith(ink);
            oval(x, y, rx, ry);
            out.fill();
        });
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
        done(() -> {
            pen(line);
            oval(x, y, rx, ry);
            out.stroke();
        });
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean heavy, Ink ink) {
        double wide = width(text, size, heavy);
        double from = switch (anchor) {
            case START -> x;
            case MIDDLE -> x - wide / 2;
            case END -> x - wide;
        };
        done(() -> {
            out.beginText();
            fillWith(ink);
            out.newLineAtOffset(x(from), y(y + 0.35 * size));
            fonts.show(out, text, heavy, size * scale);
            out.endText();
        });
    }

    @Override
    public void within(double x, double y, double width, double height) {
        // A page has no drawing beyond its edges.
    }

    @Override
    public void whole() {
        // As above.
    }

    @Override
    public double width(String text, double size, boolean heavy) {
        return fonts.width(text, heavy) * size;
    }
}
