package lectulum.papers;

import java.util.Locale;
import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.SvgSurface;
import lectulum.figures.drawing.Surface;

/// Draws into a DXF file (release 12): lines, circles and texts, a millimetre for each pixel, y up.
///
/// Fills are left out, since it is a drawing of lines.
final class DxfSurface implements Surface {
    private static final String LINES = "LINES";
    private static final String DASHED = "DASHED";
    private static final String WORDS = "NAMES";
    private final StringBuilder body = new StringBuilder();
    private final double high;
    private final SvgSurface.Letters letters;

    DxfSurface(double high, SvgSurface.Letters letters) {
        this.high = high;
        this.letters = letters;
    }

    /// The whole file.
    String file() {
        StringBuilder dxf = new StringBuilder();
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "HEADER");
        pair(dxf, 9, "$ACADVER");
        pair(dxf, 1, "AC1009");
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "TABLES");
        pair(dxf, 0, "TABLE");
        pair(dxf, 2, "LAYER");
        pair(dxf, 70, "3");
        layer(dxf, LINES, 7);
        layer(dxf, DASHED, 5);
        layer(dxf, WORDS, 3);
        pair(dxf, 0, "ENDTAB");
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "ENTITIES");
        dxf.append(body);
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "EOF");
        return dxf.toString();
    }

    private static void layer(StringBuilder dxf, String name, int colour) {
        pair(dxf, 0, "LAYER");
        pair(dxf, 2, name);
        pair(dxf, 70, "0");
        pair(dxf, 62, String.valueOf(colour));
        pair(dxf, 6, "CONTINUOUS");
    }

    private static void pair(StringBuilder dxf, int code, String value) {
        dxf.append(code).append('\n').append(value).append('\n');
    }

    private void place(int code, double x, double y) {
        pair(body, code, number(x));
        pair(body, code + 10, number(high - y));
        pair(body, code + 20, "0");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", Double.isFinite(value) ? value : 0);
    }

    @Override
    public void fill(double[][] outline, Ink ink) {
        // Lines only.
    }

    @Override
    public void hatch(double[][] outline, Hatch hatch) {
        // Lines only.
    }

    @Override
    public void stroke(double[][] points, boolean closed, Line line) {
        int n = points.length;
        for (int i = 0; i + 1 < n || closed && i < n; i++) {
            double[] a = points[i];
            double[] b = points[(i + 1) % n];
            pair(body, 0, "LINE");
            pair(body, 8, line.whole() ? LINES : DASHED);
            place(10, a[0], a[1]);
            place(11, b[0], b[1]);
        }
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
        circle(x, y, rx);
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
        circle(x, y, rx);
    }

    private void circle(double x, double y, double r) {
        pair(body, 0, "CIRCLE");
        pair(body, 8, LINES);
        place(10, x, y);
        pair(body, 40, number(r));
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink) {
        double wide = width(text, size, bold);
        double from = switch (anchor) {
            case START -> x;
            case MIDDLE -> x - wide / 2;
            case END -> x - wide;
        };
        StringBuilder ascii = new StringBuilder();
        text.codePoints().filter(c -> c >= 32).forEach(c -> ascii.append(
                c < 127 ? Character.toString(c) : String.format(Locale.ROOT, "\\U+%04X", c & 0xffff)));
        pair(body, 0, "TEXT");
        pair(body, 8, WORDS);
        place(10, from, y + 0.35 * size);
        pair(body, 40, number(0.72 * size));
        pair(body, 1, ascii.toString());
    }

    @Override
    public void within(double x, double y, double width, double height) {
        // Nothing is clipped.
    }

    @Override
    public void whole() {
        // Nothing is clipped.
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return letters.width(text, size, bold);
    }
}
