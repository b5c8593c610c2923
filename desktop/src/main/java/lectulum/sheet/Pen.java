package lectulum.sheet;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface;
import lectulum.theme.Theme;

/// The one way everything is drawn: lines, arrows, dimension lines and labels in the colours of the theme, on any surface.
///
/// Labels are asked for while a drawing is made and stand above it when it is done: [#labels()].
public final class Pen {
    private static final double[] DASHES = {5, 4};
    private static final double[] SHORT = {3, 3};

    private final Surface surface;
    private final Theme theme;
    private final Labels labels;
    private final List<Labels.Box> marks = new ArrayList<>();
    private Surface.Line line;

    /// @param width  of the paper, in which labels stay \[px\]
    /// @param height \[px\]
    public Pen(Surface surface, Theme theme, double width, double height) {
        this.surface = surface;
        this.theme = theme;
        this.labels = new Labels(new Labels.Box(0, 0, width, height));
        stroke("ink", 1);
    }

    public Surface surface() {
        return surface;
    }

    public Theme theme() {
        return theme;
    }

    public Ink ink(String token) {
        return theme.ink(token);
    }

    public void stroke(Ink ink, double width) {
        line = new Surface.Line(ink, width);
    }

    public void dashed(String token, double width) {
        line = new Surface.Line(ink(token), width, DASHES);
    }

    /// @param dash lengths of dashes and gaps in turn
    public void stroke(String token, double width, double... dash) {
        line = new Surface.Line(ink(token), width, dash);
    }

    public void line(double x1, double y1, double x2, double y2) {
        surface.stroke(new double[][]{{x1, y1}, {x2, y2}}, false, line);
    }

    public void path(double[][] points, boolean closed) {
        surface.stroke(points, closed, line);
    }

    public void path(List<double[]> points, boolean closed) {
        path(points.toArray(double[][]::new), closed);
    }

    /// An outline with the stroke that is set.
    public void outline(double[][] o, boolean dashed) {
        surface.stroke(o, true, dashed ? new Surface.Line(line.ink(), line.width(), SHORT) : line);
    }

    public void fill(double[][] o, Ink ink) {
        surface.fill(o, ink);
    }

    public void fill(double x, double y, double width, double height, Ink ink) {
        surface.fill(box(x, y, width, height), ink);
    }

    public void frame(double x, double y, double width, double height) {
        surface.stroke(box(x, y, width, height), true, line);
    }

    public void hatch(double[][] o, Hatch hatch) {
        surface.hatch(o, hatch);
    }

    /// Filled, and its outline with the stroke that is set.
    public void polygon(double[][] points, Ink fill) {
        surface.fill(points, fill);
        surface.stroke(points, true, line);
    }

    public void disc(double x, double y, double r, Ink fill) {
        surface.fillOval(x, y, r, r, fill);
    }

    public void ring(double x, double y, double rx, double ry) {
        surface.strokeOval(x, y, rx, ry, line);
    }

    /// A text that labels keep off.
    public void text(String text, double x, double y, Surface.Anchor anchor, double size, String token) {
        text(text, x, y, anchor, size, false, token);
    }

    public void bold(String text, double x, double y, Surface.Anchor anchor, double size, String token) {
        text(text, x, y, anchor, size, true, token);
    }

    private void text(String text, double x, double y, Surface.Anchor anchor, double size, boolean bold,
            String token) {
        surface.text(text, x, y, anchor, size, bold, ink(token));
        double width = surface.width(text, size, bold);
        double left = switch (anchor) {
            case START -> x;
            case MIDDLE -> x - width / 2;
            case END -> x - width;
        };
        keep(left, y - 0.6 * size, width, 1.2 * size);
    }

    /// Keeps labels off a place, those of other drawings on the same paper too.
    public void keep(double x, double y, double width, double height) {
        reserve(x, y, width, height);
        mark(x, y, width, height);
    }

    public double width(String text, double size) {
        return surface.width(text, size, false);
    }

    public static double[][] box(double x, double y, double width, double height) {
        return new double[][]{{x, y}, {x + width, y}, {x + width, y + height}, {x, y + height}};
    }

    public static double min(double[][] o, int axis) {
        double low = o[0][axis];
        for (double[] q : o) {
            low = Math.min(low, q[axis]);
        }
        return low;
    }

    public static double max(double[][] o, int axis) {
        double high = o[0][axis];
        for (double[] q : o) {
            high = Math.max(high, q[axis]);
        }
        return high;
    }

    /// A label in the middle of an outline, or beside it.
    public void name(String text, double[][] o, double size, Labels.Rank rank, Labels.Roam roam) {
        double halfWide = (max(o, 0) - min(o, 0)) / 2;
        double halfHigh = (max(o, 1) - min(o, 1)) / 2;
        labels.want(new Labels.Wanted(text, width(text, size), size, min(o, 0) + halfWide, min(o, 1) + halfHigh,
                halfHigh < 0.55 * size ? 0 : 2 * halfWide, rank, roam, halfWide, halfHigh, false));
    }

    /// A label in the middle of an outline however wide that is, or near it.
    public void about(String text, double[][] o, double size, Labels.Rank rank) {
        labels.want(new Labels.Wanted(text, width(text, size), size, (min(o, 0) + max(o, 0)) / 2,
                (min(o, 1) + max(o, 1)) / 2, Double.POSITIVE_INFINITY, rank, Labels.Roam.LEAD, 0, 0, false));
    }

    /// A label on a line, along which it may slide.
    public void along(String text, double[] from, double[] to, double size, Labels.Rank rank) {
        labels.want(new Labels.Wanted(text, width(text, size), size, (from[0] + to[0]) / 2, (from[1] + to[1]) / 2,
                Double.POSITIVE_INFINITY, rank, Labels.Roam.SLIDE, (to[0] - from[0]) / 2, (to[1] - from[1]) / 2,
                false));
    }

    /// A label at a point, or beside it.
    public void point(String text, double x, double y, double reach, double size, Labels.Rank rank) {
        labels.want(new Labels.Wanted(text, width(text, size), size, x, y, 0, rank, Labels.Roam.LEAD, reach, reach,
                false));
    }

    /// A label that must be read, at its place or beside it.
    public void must(String text, double x, double y, double size, Labels.Rank rank) {
        labels.want(new Labels.Wanted(text, width(text, size), size, x, y, Double.POSITIVE_INFINITY, rank,
                Labels.Roam.BESIDE, 0, 0, true));
    }

    /// A label where it belongs, or none.
    public void there(String text, double x, double y, double size, Labels.Rank rank) {
        labels.want(new Labels.Wanted(text, width(text, size), size, x, y, Double.POSITIVE_INFINITY, rank,
                Labels.Roam.STAY, 0, 0, false));
    }

    /// Keeps labels off a place.
    public void reserve(double x, double y, double width, double height) {
        labels.reserve(new Labels.Box(x, y, width, height));
    }

    public void reserve(List<Labels.Box> boxes) {
        boxes.forEach(labels::reserve);
    }

    /// A dimension line with ticks and its length; left out where it is too short to read.
    public void dimension(double x1, double y1, double x2, double y2, String length) {
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
        mark(Math.min(x1, x2) - 2, Math.min(y1, y2) - 2, Math.abs(x2 - x1) + 4, Math.abs(y2 - y1) + 4);
        labels.want(new Labels.Wanted(length, width(length, 11), 11, (x1 + x2) / 2, (y1 + y2) / 2,
                Double.POSITIVE_INFINITY, Labels.Rank.DIMENSION, Labels.Roam.SLIDE, (x2 - x1) / 2, (y2 - y1) / 2,
                true));
    }

    /// Notes a place that labels of other drawings on the same paper shall not cover.
    public void mark(double x, double y, double width, double height) {
        marks.add(new Labels.Box(x, y, width, height));
    }

    /// Places and draws all labels that were asked for.
    ///
    /// @return where they are, and what was marked
    public List<Labels.Box> labels() {
        List<Labels.Placed> placed = labels.place();
        for (Labels.Placed p : placed) {
            if (p.led()) {
                surface.stroke(new double[][]{{p.of().x(), p.of().y()}, nearest(p)}, false,
                        new Surface.Line(ink("faint"), 0.8));
                surface.fillOval(p.of().x(), p.of().y(), 1.8, 1.8, ink("faint"));
            }
        }
        for (Labels.Placed p : placed) {
            Labels.Box b = p.box();
            surface.fill(box(b.x(), b.y(), b.width(), b.height()), ink("inside").faded(0.88));
            surface.text(p.of().text(), p.x(), p.y(), Surface.Anchor.MIDDLE, p.of().size(), false,
                    ink(p.of().rank() == Labels.Rank.FAULT ? "accent" : "ink"));
        }
        List<Labels.Box> boxes = new ArrayList<>(marks);
        placed.forEach(p -> boxes.add(p.box()));
        return boxes;
    }

    private static double[] nearest(Labels.Placed p) {
        Labels.Box b = p.box();
        return new double[]{Math.clamp(p.of().x(), b.x(), b.x() + b.width()),
                Math.clamp(p.of().y(), b.y(), b.y() + b.height())};
    }

    /// A filled arrow whose stem is as wide as what it stands for.
    public void block(double x, double tip, double tail, double width, String token) {
        double way = Math.signum(tail - tip);
        double half = Math.max(0.75, width / 2);
        double head = Math.max(6, half + 4);
        double neck = tip + way * 9;
        stroke(token, 1);
        polygon(new double[][]{{x, tip}, {x + head, neck}, {x + half, neck}, {x + half, tail}, {x - half, tail},
                {x - half, neck}, {x - head, neck}}, ink(token));
    }
}
