package lectulum.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lectulum.kernel.profile.Piece;

/// A template as DXF (release 12, which everything reads): polylines in millimetres, arcs as bulges, cubic curves as
/// short chords, one layer for each use, and the names of the lines as texts on a layer of their own.
public final class TemplateDxf {
    private TemplateDxf() {
    }

    public static String write(Template template) {
        StringBuilder dxf = new StringBuilder();
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "HEADER");
        pair(dxf, 9, "$ACADVER");
        pair(dxf, 1, "AC1009");
        pair(dxf, 9, "$INSUNITS");
        pair(dxf, 70, "4");
        pair(dxf, 9, "$MEASUREMENT");
        pair(dxf, 70, "1");
        double[] b = template.bounds();
        pair(dxf, 9, "$EXTMIN");
        place(dxf, 10, b[0], b[1]);
        pair(dxf, 9, "$EXTMAX");
        place(dxf, 10, b[2], b[3]);
        pair(dxf, 0, "ENDSEC");
        layers(dxf);
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "ENTITIES");
        template.contours().stream().filter(c -> !c.pieces().isEmpty()).forEach(c -> {
            polyline(dxf, c);
            if (!c.name().isEmpty()) {
                double[] at = middle(c);
                text(dxf, c.name(), at[0], at[1]);
            }
        });
        double y = b[1] - 2 * TEXT;
        text(dxf, template.title() + (template.front().isEmpty() ? "" : ", " + template.front()), b[0], y);
        for (String note : template.notes()) {
            y -= 2 * TEXT;
            text(dxf, note, b[0], y);
        }
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "EOF");
        return dxf.toString();
    }

    private static final double TEXT = 0.012;
    private static final String NAMES = "NAMES";

    /// The layers with their colours: what is cut red, holes blue, guides green, names white.
    private static void layers(StringBuilder dxf) {
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "TABLES");
        pair(dxf, 0, "TABLE");
        pair(dxf, 2, "LAYER");
        pair(dxf, 70, String.valueOf(Template.Use.values().length + 1));
        for (Template.Use use : Template.Use.values()) {
            layer(dxf, use.name(), switch (use) {
                case CUT -> 1;
                case HOLE -> 5;
                case GUIDE -> 3;
            });
        }
        layer(dxf, NAMES, 7);
        pair(dxf, 0, "ENDTAB");
        pair(dxf, 0, "ENDSEC");
    }

    private static void layer(StringBuilder dxf, String name, int colour) {
        pair(dxf, 0, "LAYER");
        pair(dxf, 2, name);
        pair(dxf, 70, "0");
        pair(dxf, 62, String.valueOf(colour));
        pair(dxf, 6, "CONTINUOUS");
    }

    private static double[] middle(Template.Contour c) {
        double[] b = new Template("", "", List.of(c)).bounds();
        return new double[]{(b[0] + b[2]) / 2, (b[1] + b[3]) / 2};
    }

    /// Release 12 has no letters but those of ASCII: others are written by their number, as its readers expect.
    private static void text(StringBuilder dxf, String words, double x, double y) {
        StringBuilder ascii = new StringBuilder();
        words.codePoints().filter(c -> c >= 32).forEach(c -> ascii.append(
                c < 127 ? Character.toString(c) : String.format(Locale.ROOT, "\\U+%04X", c & 0xffff)));
        pair(dxf, 0, "TEXT");
        pair(dxf, 8, NAMES);
        place(dxf, 10, x, y);
        pair(dxf, 40, number(TEXT * 1000));
        pair(dxf, 1, ascii.toString());
    }

    private static void place(StringBuilder dxf, int code, double x, double y) {
        pair(dxf, code, number(x * 1000));
        pair(dxf, code + 10, number(y * 1000));
        pair(dxf, code + 20, "0");
    }

    /// A vertex with the bulge of what follows it: the tangent of a quarter of the sweep.
    private record Vertex(double[] at, double bulge) {
    }

    private static void polyline(StringBuilder dxf, Template.Contour c) {
        List<Vertex> vertices = new ArrayList<>();
        for (Piece p : c.pieces()) {
            switch (p) {
                case Piece.Line l -> vertices.add(new Vertex(l.start(), 0));
                case Piece.Arc a -> vertices.add(new Vertex(a.start(), Math.tan(a.sweep() / 4)));
                case Piece.Cubic k -> {
                    List<double[]> s = k.samples();
                    s.subList(0, s.size() - 1).forEach(q -> vertices.add(new Vertex(q, 0)));
                }
            }
        }
        double[] first = c.pieces().getFirst().start();
        double[] last = c.pieces().getLast().end();
        boolean closed = Math.hypot(first[0] - last[0], first[1] - last[1]) < 1e-7;
        if (!closed) {
            vertices.add(new Vertex(last, 0));
        }
        pair(dxf, 0, "POLYLINE");
        pair(dxf, 8, c.use().name());
        pair(dxf, 66, "1");
        pair(dxf, 70, closed ? "1" : "0");
        for (Vertex v : vertices) {
            pair(dxf, 0, "VERTEX");
            pair(dxf, 8, c.use().name());
            pair(dxf, 10, number(v.at[0] * 1000));
            pair(dxf, 20, number(v.at[1] * 1000));
            pair(dxf, 30, "0");
            if (v.bulge != 0) {
                pair(dxf, 42, String.format(Locale.ROOT, "%.8f", v.bulge));
            }
        }
        pair(dxf, 0, "SEQEND");
    }

    private static String number(double millimetres) {
        return String.format(Locale.ROOT, "%.5f", millimetres);
    }

    private static void pair(StringBuilder dxf, int code, String value) {
        dxf.append(code).append('\n').append(value).append('\n');
    }
}
