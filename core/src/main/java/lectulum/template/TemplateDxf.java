package lectulum.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lectulum.shell.Piece;

/// A template as DXF (release 12, which everything reads): polylines in millimetres, arcs as bulges, cubic curves as
/// short chords, one layer for each use.
public final class TemplateDxf {
    private TemplateDxf() {
    }

    public static String write(Template template) {
        StringBuilder dxf = new StringBuilder();
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "HEADER");
        pair(dxf, 9, "$ACADVER");
        pair(dxf, 1, "AC1009");
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "ENTITIES");
        template.contours().stream().filter(c -> !c.pieces().isEmpty()).forEach(c -> polyline(dxf, c));
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "EOF");
        return dxf.toString();
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
