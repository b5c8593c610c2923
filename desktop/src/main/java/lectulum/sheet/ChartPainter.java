package lectulum.sheet;

import java.util.ArrayList;
import java.util.List;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;

/// Paints a [Chart] on any surface: curves with their names, limits, and axes in the reader's units.
public record ChartPainter(Chart chart, Style style) {
    private static final String[] COLOURS = {"select", "accent", "good", "warn"};
    private static final double[][] DASHES = {{}, {7, 4}, {2, 3}, {9, 3, 2, 3}};
    private static final double LEFT = 58;
    private static final double RIGHT = 30;
    private static final double TOP = 24;
    private static final double BOTTOM = 34;

    private record Axis(double low, double high, double step) {
        static Axis of(double from, double to) {
            double span = to - from > 1e-9 ? to - from : Math.max(1, Math.abs(from));
            double raw = span / 5;
            double power = Math.pow(10, Math.floor(Math.log10(raw)));
            double step = raw / power < 1.5
                    ? power
                    : raw / power < 3.5
                            ? 2 * power
                            : raw / power < 7.5
                                    ? 5 * power
                                    : 10 * power;
            return new Axis(Math.floor(from / step) * step, Math.ceil(to / step) * step, step);
        }
    }

    /// @param w of the paper \[px\]
    public void paint(Pen pen, double w, double h) {
        pen.fill(0, 0, w, h, pen.ink("inside"));
        Axis x = axis(true);
        Axis y = axis(false);
        double sx = (w - LEFT - RIGHT) / (x.high - x.low);
        double sy = (h - TOP - BOTTOM) / (y.high - y.low);
        for (double v = y.low; v <= y.high + 1e-6 * y.step; v += y.step) {
            double py = h - BOTTOM - (v - y.low) * sy;
            pen.stroke(Math.abs(v) < y.step / 1e6 ? "faint" : "grid", 1);
            pen.line(LEFT, py, w - RIGHT, py);
            pen.text(tick(v, chart.y()), LEFT - 5, py, Anchor.END, 11, "faint");
        }
        double free = Double.NEGATIVE_INFINITY;
        for (double v = x.low; v <= x.high + 1e-6 * x.step; v += x.step) {
            double px = LEFT + (v - x.low) * sx;
            pen.stroke("grid", 1);
            pen.line(px, TOP, px, h - BOTTOM);
            String tick = tick(v, chart.x());
            double half = pen.width(tick, 11) / 2 + 4;
            if (px - half > free) {
                pen.text(tick, px, h - BOTTOM + 10, Anchor.MIDDLE, 11, "faint");
                free = px + half;
            }
        }
        pen.text(chart.xLabel() + unit(chart.x()), w - RIGHT, h - 8, Anchor.END, 11, "ink");
        String across = (chart.yLabel() + unit(chart.y())).replaceFirst("^, ", "").strip();
        pen.bold(chart.title().toLowerCase(java.util.Locale.ROOT).contains(across) || across.isEmpty()
                ? chart.title()
                : chart.title() + " · " + across, 8, 12, Anchor.START, 12, "ink");
        List<Double> named = new ArrayList<>();
        for (Chart.Limit limit : chart.limits()) {
            double py = h - BOTTOM - (limit.value() - y.low) * sy;
            pen.dashed("accent", 1.2);
            pen.line(LEFT, py, w - RIGHT, py);
            boolean taken = py - 7 < TOP || named.stream().anyMatch(y1 -> Math.abs(y1 - (py - 7)) < 13);
            named.add(py + (taken ? 9 : -7));
            pen.text(limit.name(), w - RIGHT - 3, named.getLast(), Anchor.END, 11, "accent");
            double length = pen.width(limit.name(), 11);
            pen.reserve(w - RIGHT - 3 - length, named.getLast() - 7, length, 14);
        }
        for (int i = 0; i < chart.curves().size(); i++) {
            curve(pen, chart.curves().get(i), i, x, y, sx, sy, h);
        }
    }

    private void curve(Pen pen, Chart.Curve c, int i, Axis x, Axis y, double sx, double sy, double h) {
        pen.stroke(COLOURS[i % COLOURS.length], 2, DASHES[i % DASHES.length]);
        double[][] points = new double[c.x().length][];
        for (int k = 0; k < points.length; k++) {
            points[k] = new double[]{LEFT + (c.x()[k] - x.low) * sx, h - BOTTOM - (c.y()[k] - y.low) * sy};
        }
        pen.path(points, false);
        if (chart.curves().size() > 1) {
            double[] at = points[points.length * (i + 1) / (chart.curves().size() + 1)];
            pen.must(c.name(), at[0], at[1], 11, Labels.Rank.NAME);
        }
    }

    private Axis axis(boolean across) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Chart.Curve c : chart.curves()) {
            for (double v : across ? c.x() : c.y()) {
                low = Math.min(low, v);
                high = Math.max(high, v);
            }
        }
        if (!across) {
            low = Math.min(low, 0);
            high = Math.max(high, 0);
            for (Chart.Limit l : chart.limits()) {
                low = Math.min(low, l.value());
                high = Math.max(high, l.value());
            }
        }
        double shown = Units.shownPerSi(across ? chart.x() : chart.y(), high - low, style);
        Axis axis = Axis.of(low * shown, high * shown);
        return new Axis(axis.low / shown, axis.high / shown, axis.step / shown);
    }

    private String tick(double value, Quantity quantity) {
        return Units.tick(value, quantity, style);
    }

    private String unit(Quantity quantity) {
        return quantity == Quantity.COUNT || quantity == Quantity.LENGTH || quantity == Quantity.ANGLE
                ? ""
                : ", " + Units.show(1, quantity, style).unit();
    }

}
