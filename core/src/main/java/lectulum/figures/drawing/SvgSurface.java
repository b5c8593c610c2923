package lectulum.figures.drawing;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/// Draws into a scalable picture that any browser shows (SVG 1.1).
public final class SvgSurface implements Surface {
    private final StringBuilder body = new StringBuilder();
    private final StringBuilder defs = new StringBuilder();
    private final Map<Hatch, String> hatches = new LinkedHashMap<>();
    private final double wide;
    private final double high;
    private final String title;
    private final Letters letters;
    private int clips;
    private boolean clipped;

    /// How long a text is.
    @FunctionalInterface
    public interface Letters {
        double width(String text, double size, boolean bold);
    }

    /// @param title   of the picture, for readers of the screen
    /// @param letters of the typeface that is named in the file
    public SvgSurface(double width, double height, String title, Letters letters) {
        this.wide = width;
        this.high = height;
        this.title = title;
        this.letters = letters;
    }

    /// The whole file.
    public String file() {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\""
                + number(wide) + "\" height=\"" + number(high) + "\" viewBox=\"0 0 " + number(wide) + " "
                + number(high) + "\" font-family=\"Lato, sans-serif\" role=\"img\">\n<title>" + escaped(title)
                + "</title>\n<defs>\n" + defs + "</defs>\n" + body + (clipped ? "</g>\n" : "") + "</svg>\n";
    }

    @Override
    public void fill(double[][] outline, Ink ink) {
        if (outline.length > 2) {
            body.append("<path d=\"").append(path(outline, true)).append('"').append(paint("fill", ink))
                    .append("/>\n");
        }
    }

    @Override
    public void hatch(double[][] outline, Hatch hatch) {
        if (outline.length > 2) {
            body.append("<path d=\"").append(path(outline, true)).append("\" fill=\"url(#").append(pattern(hatch))
                    .append(")\"/>\n");
        }
    }

    private String pattern(Hatch hatch) {
        String known = hatches.get(hatch);
        if (known != null) {
            return known;
        }
        String id = "hatch" + hatches.size();
        hatches.put(hatch, id);
        defs.append("<pattern id=\"").append(id).append("\" width=\"").append(Hatch.SIDE).append("\" height=\"")
                .append(Hatch.SIDE).append("\" patternUnits=\"userSpaceOnUse\"><path d=\"");
        for (int row = 0; row < Hatch.SIDE; row++) {
            for (int column = 0; column < Hatch.SIDE; column++) {
                if (hatch.at(column, row)) {
                    defs.append('M').append(column).append(' ').append(row).append("h1v1h-1z");
                }
            }
        }
        defs.append('"').append(paint("fill", hatch.ink())).append("/></pattern>\n");
        return id;
    }

    @Override
    public void stroke(double[][] points, boolean closed, Line line) {
        if (points.length > 1) {
            body.append("<path d=\"").append(path(points, closed)).append("\" fill=\"none\"").append(drawn(line))
                    .append("/>\n");
        }
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
        body.append(oval(x, y, rx, ry)).append(paint("fill", ink)).append("/>\n");
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
        body.append(oval(x, y, rx, ry)).append(" fill=\"none\"").append(drawn(line)).append("/>\n");
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink) {
        body.append("<text x=\"").append(number(x)).append("\" y=\"").append(number(y))
                .append("\" dominant-baseline=\"central\" font-size=\"").append(number(size)).append('"')
                .append(bold ? " font-weight=\"bold\"" : "").append(switch (anchor) {
                    case START -> "";
                    case MIDDLE -> " text-anchor=\"middle\"";
                    case END -> " text-anchor=\"end\"";
                }).append(paint("fill", ink)).append('>').append(escaped(text)).append("</text>\n");
    }

    @Override
    public void within(double x, double y, double width, double height) {
        whole();
        String id = "within" + clips++;
        defs.append("<clipPath id=\"").append(id).append("\"><rect x=\"").append(number(x)).append("\" y=\"")
                .append(number(y)).append("\" width=\"").append(number(Math.max(0, width))).append("\" height=\"")
                .append(number(Math.max(0, height))).append("\"/></clipPath>\n");
        body.append("<g clip-path=\"url(#").append(id).append(")\">\n");
        clipped = true;
    }

    @Override
    public void whole() {
        if (clipped) {
            body.append("</g>\n");
            clipped = false;
        }
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return letters.width(text, size, bold);
    }

    private static String oval(double x, double y, double rx, double ry) {
        return "<ellipse cx=\"" + number(x) + "\" cy=\"" + number(y) + "\" rx=\"" + number(Math.max(0, rx))
                + "\" ry=\"" + number(Math.max(0, ry)) + "\"";
    }

    private static String path(double[][] points, boolean closed) {
        StringBuilder path = new StringBuilder();
        for (double[] p : points) {
            path.append(path.isEmpty() ? 'M' : 'L').append(number(p[0])).append(' ').append(number(p[1]));
        }
        return closed ? path.append('Z').toString() : path.toString();
    }

    private static String paint(String what, Ink ink) {
        return " " + what + "=\"" + ink.web() + "\""
                + (ink.alpha() < 0.999 ? " " + what + "-opacity=\"" + number(ink.alpha()) + "\"" : "");
    }

    private static String drawn(Line line) {
        StringBuilder drawn = new StringBuilder(paint("stroke", line.ink())).append(" stroke-width=\"")
                .append(number(line.width())).append("\" stroke-linejoin=\"round\"");
        if (!line.whole()) {
            drawn.append(" stroke-dasharray=\"");
            for (double d : line.dash()) {
                drawn.append(number(d)).append(' ');
            }
            drawn.append('"');
        }
        return drawn.toString();
    }

    /// Two decimals, no trailing zeros; what is no number stands at 0.
    private static String number(double value) {
        if (!Double.isFinite(value)) {
            return "0";
        }
        String text = String.format(Locale.ROOT, "%.2f", value);
        int end = text.length();
        while (text.charAt(end - 1) == '0') {
            end--;
        }
        text = text.substring(0, text.charAt(end - 1) == '.' ? end - 1 : end);
        return text.equals("-0") ? "0" : text;
    }

    private static String escaped(String text) {
        StringBuilder safe = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> {
                    if (c >= 0x20 && c != 0xFFFE && c != 0xFFFF && (c < 0xD800 || c > 0xDFFF)) {
                        safe.appendCodePoint(c);
                    }
                }
            }
        });
        return safe.toString();
    }
}
