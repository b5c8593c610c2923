package lectulum.power.wiring;

import java.util.HashMap;
import java.util.Map;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.units.Style;

/// Draws a one-line diagram on any surface with symbols of our own: solid lines are positive, dashed ones negative,
/// chain-dotted ones mains.
///
/// @param ink   of symbols and names
/// @param faint of what stands beside them
/// @param plus  of positive lines
/// @param minus of negative lines
/// @param mains of alternating current
public record Diagram(Ink ink, Ink faint, Ink plus, Ink minus, Ink mains) {
    /// On paper.
    public static final Diagram PAPER = new Diagram(new Ink(0.1, 0.1, 0.1, 1), new Ink(0.4, 0.4, 0.4, 1),
            new Ink(0.72, 0.12, 0.1, 1), new Ink(0.1, 0.1, 0.1, 1), new Ink(0.1, 0.3, 0.6, 1));
    private static final double RANK = 124;
    private static final double ROW = 62;
    private static final double LEFT = 58;
    private static final double TOP = 40;
    private static final double RIGHT = 186;
    private static final double HALF = 15;
    private static final double NAME = 13;
    private static final double SMALL = 11.5;

    /// Width that a diagram takes \[px\].
    public static double width(OneLine d) {
        return LEFT + Math.max(0, d.ranks() - 1) * RANK + RIGHT;
    }

    public static double height(OneLine d) {
        return 2 * TOP + Math.max(0, d.rows() - 1) * ROW + ROW / 2;
    }

    /// @param scale of everything
    public void paint(Surface on, OneLine d, Style style, double scale) {
        Map<String, OneLine.Symbol> by = new HashMap<>();
        d.symbols().forEach(s -> by.put(s.id(), s));
        d.links().forEach(l -> link(on, l, by.get(l.from()), by.get(l.to()), style, scale));
        d.symbols().forEach(s -> symbol(on, s, style, scale));
    }

    private static double x(OneLine.Symbol s) {
        return LEFT + s.rank() * RANK;
    }

    private static double y(double row) {
        return TOP + row * ROW;
    }

    /// A line leaves and meets tall symbols at its own height, others at theirs.
    private void link(Surface on, OneLine.Link l, OneLine.Symbol a, OneLine.Symbol b, Style style, double scale) {
        double from = y(a.tall() > 0 ? b.row() : a.row());
        double to = y(b.tall() > 0 && a.tall() == 0 ? a.row() : b.row());
        double x1 = x(a) + (a.kind() == OneLine.Kind.BUS || a.kind() == OneLine.Kind.BOARD ? 3 : HALF);
        double x2 = x(b) - (b.kind() == OneLine.Kind.BUS || b.kind() == OneLine.Kind.BOARD ? 3 : HALF);
        Ink of = switch (l.pole()) {
            case PLUS -> plus;
            case MINUS -> minus;
            case MAINS -> mains;
        };
        double[] dash = switch (l.pole()) {
            case PLUS -> new double[0];
            case MINUS -> new double[]{5 * scale, 4 * scale};
            case MAINS -> new double[]{9 * scale, 3 * scale, 2 * scale, 3 * scale};
        };
        double knee = l.pole() == OneLine.Pole.MINUS ? x(a) : x1 + 14;
        double[][] way = from == to
                ? new double[][]{{x1, from}, {x2, to}}
                : l.pole() == OneLine.Pole.MINUS
                        ? new double[][]{{knee, from + HALF + 14}, {knee, to}, {x2, to}}
                        : new double[][]{{x1, from}, {knee, from}, {knee, to}, {x2, to}};
        on.stroke(scaled(way, scale), false, new Surface.Line(of, 1.4 * scale, dash));
        String says = l.says().text(style);
        if (!says.isEmpty()) {
            double right = Math.max(knee, x1 + 14);
            on.text(says, (right + x2) / 2 * scale, (to - 7) * scale, Anchor.MIDDLE, SMALL * scale, false, faint);
        }
    }

    private static double[][] scaled(double[][] points, double scale) {
        double[][] out = new double[points.length][];
        for (int i = 0; i < out.length; i++) {
            out[i] = new double[]{points[i][0] * scale, points[i][1] * scale};
        }
        return out;
    }

    private void symbol(Surface on, OneLine.Symbol s, Style style, double k) {
        double x = x(s);
        double y = y(s.row());
        Glyph g = new Glyph(on, x, y, k);
        switch (s.kind()) {
            case BUS, BOARD -> g.bar(s.tall() * ROW + 12, s.kind() == OneLine.Kind.BUS ? 6 : 4);
            case SUN -> {
                g.box(14, 10);
                g.line(-14, 10, 14, -10);
                g.line(-4.7, -10, -4.7, 10);
                g.line(4.7, -10, 4.7, 10);
            }
            case VEHICLE -> {
                g.box(15, 6);
                g.line(-9, -6, -6, -12);
                g.line(-6, -12, 6, -12);
                g.line(6, -12, 9, -6);
                g.ring(-8, 8, 3.5);
                g.ring(8, 8, 3.5);
            }
            case MAINS -> {
                g.ring(0, 0, 12);
                g.wave();
            }
            case GENERATOR -> {
                g.ring(0, 0, 12);
                g.letter("G");
            }
            case BATTERY -> {
                g.line(-6, -12, -6, 12);
                g.thick(-1, -6, -1, 6);
                g.line(4, -12, 4, 12);
                g.thick(9, -6, 9, 6);
                g.line(-15, 0, -6, 0);
                g.line(9, 0, 15, 0);
            }
            case FUSE -> {
                g.box(11, 5);
                g.line(-15, 0, 15, 0);
            }
            case SWITCH -> {
                g.line(-15, 0, -9, 0);
                g.line(-9, 0, 8, -9);
                g.line(9, 0, 15, 0);
                g.dot(-9, 0);
                g.dot(9, 0);
            }
            case SHUNT -> {
                g.box(13, 5);
                g.dot(-7, 0);
                g.dot(7, 0);
            }
            case CONVERTER, INVERTER -> {
                g.box(14, 12);
                g.line(-14, 12, 14, -12);
                if (s.kind() == OneLine.Kind.INVERTER) {
                    g.small(6, 6, "~");
                } else {
                    g.line(3, 5, 11, 5);
                    g.line(3, 8, 11, 8);
                }
                g.line(-11, -6, -4, -6);
            }
            case LAMP -> {
                g.ring(0, 0, 10);
                g.line(-7, -7, 7, 7);
                g.line(-7, 7, 7, -7);
            }
            case SOCKET -> {
                g.ring(0, 0, 10);
                g.dot(-3.5, 0);
                g.dot(3.5, 0);
            }
            case MOTOR -> {
                g.ring(0, 0, 10);
                g.letter("M");
            }
            case DEVICE -> g.box(10, 8);
            case PIN -> {
                g.ring(0, 0, 6);
                g.dot(0, 0);
                g.line(6, 0, 15, 0);
                g.line(-15, 0, -6, 0);
            }
        }
        names(on, s, style, x, y, k);
    }

    private void names(Surface on, OneLine.Symbol s, Style style, double x, double y, double k) {
        String under = s.under().text(style);
        if (s.kind() == OneLine.Kind.LAMP || s.kind() == OneLine.Kind.SOCKET || s.kind() == OneLine.Kind.MOTOR
                || s.kind() == OneLine.Kind.DEVICE) {
            on.text(s.name(), (x + 18) * k, (y - 7) * k, Anchor.START, NAME * k, true, ink);
            on.text(cut(on, under, RIGHT - 20), (x + 18) * k, (y + 7) * k, Anchor.START, SMALL * k, false, faint);
            return;
        }
        boolean tall = s.kind() == OneLine.Kind.BUS || s.kind() == OneLine.Kind.BOARD;
        if (tall && s.tall() == 0 && !under.isEmpty()) {
            on.text(s.name(), (x + 10) * k, (y - 7) * k, Anchor.START, NAME * k, true, ink);
            on.text(under, (x + 10) * k, (y + 7) * k, Anchor.START, SMALL * k, false, faint);
            return;
        }
        double top = tall ? y - s.tall() * ROW - 20 : y - HALF - 7;
        double bottom = y + HALF + 6;
        on.text(s.kind() == OneLine.Kind.FUSE && s.name().isEmpty() ? under : cut(on, s.name(), 1.25 * RANK), x * k,
                top * k, Anchor.MIDDLE,
                (s.kind() == OneLine.Kind.FUSE && s.name().isEmpty() ? SMALL : NAME) * k,
                s.kind() != OneLine.Kind.FUSE, s.kind() == OneLine.Kind.FUSE && s.name().isEmpty() ? faint : ink);
        if (!under.isEmpty() && !(s.kind() == OneLine.Kind.FUSE && s.name().isEmpty())) {
            on.text(under, x * k, bottom * k, Anchor.MIDDLE, SMALL * k, false, faint);
        }
    }

    private static String cut(Surface on, String text, double room) {
        String shown = text;
        while (shown.length() > 4 && on.width(shown, SMALL, false) > room) {
            shown = shown.substring(0, shown.length() - 2);
        }
        return shown.length() < text.length() ? shown.strip() + "…" : text;
    }

    /// Strokes about the middle of a symbol.
    private final class Glyph {
        private final Surface on;
        private final double x;
        private final double y;
        private final double k;

        Glyph(Surface on, double x, double y, double k) {
            this.on = on;
            this.x = x;
            this.y = y;
            this.k = k;
        }

        private Surface.Line pen(double width) {
            return new Surface.Line(ink, width * k);
        }

        void line(double x1, double y1, double x2, double y2) {
            on.stroke(new double[][]{{(x + x1) * k, (y + y1) * k}, {(x + x2) * k, (y + y2) * k}}, false, pen(1.3));
        }

        void thick(double x1, double y1, double x2, double y2) {
            on.stroke(new double[][]{{(x + x1) * k, (y + y1) * k}, {(x + x2) * k, (y + y2) * k}}, false, pen(3));
        }

        void bar(double half, double width) {
            on.stroke(new double[][]{{x * k, (y - half) * k}, {x * k, (y + half) * k}}, false, pen(width));
        }

        void box(double w, double h) {
            on.stroke(new double[][]{{(x - w) * k, (y - h) * k}, {(x + w) * k, (y - h) * k},
                    {(x + w) * k, (y + h) * k}, {(x - w) * k, (y + h) * k}}, true, pen(1.3));
        }

        void ring(double dx, double dy, double r) {
            on.strokeOval((x + dx) * k, (y + dy) * k, r * k, r * k, pen(1.3));
        }

        void dot(double dx, double dy) {
            on.fillOval((x + dx) * k, (y + dy) * k, 2 * k, 2 * k, ink);
        }

        void letter(String of) {
            on.text(of, x * k, y * k, Anchor.MIDDLE, 11 * k, true, ink);
        }

        void small(double dx, double dy, String of) {
            on.text(of, (x + dx) * k, (y + dy) * k, Anchor.MIDDLE, 12 * k, true, ink);
        }

        void wave() {
            double[][] way = new double[17][];
            for (int i = 0; i < way.length; i++) {
                double t = i / 16.0;
                way[i] = new double[]{(x - 7 + 14 * t) * k, (y - 5 * Math.sin(2 * Math.PI * t)) * k};
            }
            on.stroke(way, false, pen(1.3));
        }
    }
}
