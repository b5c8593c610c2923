package lectulum.papers;

import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Sketch;
import lectulum.figures.drawing.Surface;
import lectulum.units.Style;

/// A sketch in black, for paper.
public record SketchPaper(Sketch sketch, Style style, double width) {
    private static final Ink INK = new Ink(0, 0, 0, 1);
    private static final Ink HOT = new Ink(0.7, 0.1, 0.1, 1);
    private static final Ink WHITE = new Ink(1, 1, 1, 1);
    private static final double MARGIN = 40;
    private static final double TEXT = 11;

    private double[] bounds() {
        double[] b = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Sketch.Mark m : sketch.marks()) {
            for (double[] p : m.points()) {
                b[0] = Math.min(b[0], p[0]);
                b[1] = Math.min(b[1], p[1]);
                b[2] = Math.max(b[2], p[0]);
                b[3] = Math.max(b[3], p[1]);
            }
        }
        return b;
    }

    private double scale() {
        double[] b = bounds();
        return (width - 2 * MARGIN) / Math.max(0.01, b[2] - b[0]);
    }

    /// \[px\]
    public double height() {
        double[] b = bounds();
        return scale() * (b[3] - b[1]) + 2 * MARGIN;
    }

    public void paint(Surface s) {
        double[] b = bounds();
        double k = scale();
        for (Sketch.Mark m : sketch.marks()) {
            double[][] o = new double[m.points().length][];
            for (int i = 0; i < o.length; i++) {
                o[i] = new double[]{MARGIN + k * (m.points()[i][0] - b[0]), MARGIN + k * (b[3] - m.points()[i][1])};
            }
            if (o.length > 1) {
                s.stroke(o, m.closed(), switch (m.pen()) {
                    case MAIN -> new Surface.Line(INK, 2.2);
                    case FAULT -> new Surface.Line(HOT, 2.2);
                    case DASHED, SWEEP -> new Surface.Line(INK, 1.2, 6, 4);
                    case THIN -> new Surface.Line(INK, 0.6);
                    case SOLID, AREA, DOT, LOOK -> new Surface.Line(INK, 1.2);
                });
            }
        }
        for (Sketch.Mark m : sketch.marks()) {
            String text = m.text().text(style);
            if (!text.isBlank()) {
                double x = 0;
                double y = 0;
                for (double[] p : m.points()) {
                    x += (MARGIN + k * (p[0] - b[0])) / m.points().length;
                    y += (MARGIN + k * (b[3] - p[1])) / m.points().length;
                }
                double half = s.width(text, TEXT, false) / 2 + 2;
                // Words may reach beyond what is drawn, but not beyond the paper.
                x = half < width / 2 ? Math.clamp(x, half, width - half) : width / 2;
                s.fill(new double[][]{{x - half, y - 7}, {x + half, y - 7}, {x + half, y + 7}, {x - half, y + 7}},
                        WHITE);
                s.text(text, x, y, Surface.Anchor.MIDDLE, TEXT, false, INK);
            }
        }
    }
}
