package lectulum.papers;

import java.util.List;
import java.util.Locale;
import lectulum.kernel.profile.Piece;

/// A template as SVG at full size: millimetres, lines and arcs and cubic curves as they are.
public final class TemplateSvg {
    private static final double EDGE = 10;

    private TemplateSvg() {
    }

    public static String write(Template template) {
        double[] b = template.bounds();
        double w = (b[2] - b[0]) * 1000 + 2 * EDGE;
        double h = (b[3] - b[1]) * 1000 + 2 * EDGE;
        StringBuilder svg = new StringBuilder();
        svg.append(String.format(Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\">%n",
                w, h, w, h));
        svg.append("  <title>").append(escaped(template.title())).append("</title>\n");
        if (!template.notes().isEmpty()) {
            svg.append("  <desc>").append(escaped(String.join(" ", template.notes()))).append("</desc>\n");
        }
        for (Template.Contour c : template.contours()) {
            svg.append("  <path class=\"").append(c.use().name().toLowerCase(Locale.ROOT)).append("\" data-name=\"")
                    .append(escaped(c.name())).append("\" fill=\"none\" stroke=\"black\" stroke-width=\"0.3\"")
                    .append(c.use() == Template.Use.GUIDE ? " stroke-dasharray=\"3 2\"" : "").append(" d=\"")
                    .append(path(c.pieces(), b)).append("\"/>\n");
        }
        return svg.append("</svg>\n").toString();
    }

    private static String path(List<Piece> pieces, double[] b) {
        StringBuilder d = new StringBuilder();
        double[] pen = null;
        for (Piece p : pieces) {
            double[] start = p.start();
            if (pen == null || Math.hypot(start[0] - pen[0], start[1] - pen[1]) > 1e-7) {
                d.append("M ").append(at(start, b));
            }
            d.append(switch (p) {
                case Piece.Line l -> "L " + at(l.end(), b);
                case Piece.Arc a -> String.format(Locale.ROOT, "A %.4f %.4f 0 %d %d %s", a.r() * 1000, a.r() * 1000,
                        Math.abs(a.sweep()) > Math.PI ? 1 : 0, a.sweep() > 0 ? 0 : 1, at(a.end(), b));
                case Piece.Cubic c -> "C " + at(new double[]{c.x()[1], c.z()[1]}, b)
                        + at(new double[]{c.x()[2], c.z()[2]}, b) + at(c.end(), b);
            });
            pen = p.end();
        }
        return d.toString().strip();
    }

    private static String at(double[] p, double[] b) {
        return String.format(Locale.ROOT, "%.4f %.4f ", (p[0] - b[0]) * 1000 + EDGE, (b[3] - p[1]) * 1000 + EDGE);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
