package lectulum.sheet;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.drawing.Ink;
import lectulum.symbols.Facing;
import lectulum.figures.drawing.Paint;
import lectulum.symbols.Posed;
import lectulum.symbols.Shape;
import lectulum.theme.Theme;

/// Draws symbols, vehicles and people: the one painter of shapes.
public final class FormPainter {
    /// Of a thing this small only areas are drawn, without lines about them \[px\].
    private static final double FINE = 22;
    private static final Map<Theme, Map<Surfaced, Ink>> INKS = new ConcurrentHashMap<>();

    private final Pen pen;
    private final double share;
    private final Map<Surfaced, Ink> inks;

    public FormPainter(Pen pen) {
        this(pen, 1);
    }

    /// @param share how solid everything is drawn, 0 to 1
    public FormPainter(Pen pen, double share) {
        this.pen = pen;
        this.share = share;
        this.inks = INKS.computeIfAbsent(pen.theme(), t -> new ConcurrentHashMap<>());
    }

    private record Surfaced(Paint paint, SystemGroup system) {
    }

    private Ink ink(Paint paint, SystemGroup system) {
        Ink ink = inks.computeIfAbsent(new Surfaced(paint, system), k -> pen.theme().ink(paint, system));
        return share < 1 ? ink.faded(share) : ink;
    }

    /// A thing where it stands.
    ///
    /// @param size the smaller side of it on paper \[px\]
    public void paint(Posed posed, Facing facing, double x0, double y0, double sx, double sy, SystemGroup system,
            double size) {
        paint(posed.seen(facing), x0 + posed.across(facing) * sx, y0 + posed.up(facing) * sy, sx, sy, system,
                size > FINE);
    }

    public void paint(List<Shape> shapes, double x0, double y0, double sx, double sy, SystemGroup system) {
        paint(shapes, x0, y0, sx, sy, system, true);
    }

    /// @param sx pixels per metre across
    /// @param sy down
    private void paint(List<Shape> shapes, double x0, double y0, double sx, double sy, SystemGroup system,
            boolean fine) {
        Ink edge = pen.ink("ink").toward(pen.theme().ink(system), 0.45).faded(0.9);
        for (Shape shape : shapes) {
            double[][] o = placed(shape, x0, y0, sx, sy);
            if (shape.closed()) {
                pen.fill(o, ink(shape.paint(), system));
                if (fine) {
                    pen.stroke(edge, 0.8);
                    pen.path(o, true);
                }
            } else if (fine) {
                pen.stroke(ink(shape.paint(), system), shape.paint() == Paint.FAINT ? 0.8 : 1.3);
                pen.path(o, false);
            }
        }
    }

    /// Only the outlines, lightly: what is above or hidden.
    public void outline(Posed posed, Facing facing, double x0, double y0, double sx, double sy, SystemGroup system) {
        outline(posed.seen(facing), x0 + posed.across(facing) * sx, y0 + posed.up(facing) * sy, sx, sy, system);
    }

    public void outline(List<Shape> shapes, double x0, double y0, double sx, double sy, SystemGroup system) {
        pen.stroke(pen.theme().ink(system).faded(0.6), 0.8);
        for (Shape shape : shapes) {
            if (shape.closed()) {
                pen.path(placed(shape, x0, y0, sx, sy), true);
            }
        }
    }

    private static double[][] placed(Shape shape, double x0, double y0, double sx, double sy) {
        double[][] o = new double[shape.points().length][];
        for (int i = 0; i < o.length; i++) {
            o[i] = new double[]{x0 + shape.points()[i][0] * sx, y0 + shape.points()[i][1] * sy};
        }
        return o;
    }
}
