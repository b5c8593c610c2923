package lectulum.sheet;

import java.util.function.Supplier;
import lectulum.figures.drawing.Chart;
import lectulum.theme.Theme;
import lectulum.units.Style;

/// Draws a [Chart]: curves with their names, limits, and axes in the reader's units.
public final class ChartView extends Drawing {
    /// Left and right of the curves \[px\].
    private static final double SIDES = 88;

    private final ChartPainter painter;

    public ChartView(Supplier<Theme> theme, Chart chart, Style style) {
        super(theme, SIDES, "chart");
        this.painter = new ChartPainter(chart, style);
        setAccessibleText(chart.title());
        setMinSize(130, 110);
    }

    @Override
    void paint(Pen pen, double w, double h) {
        painter.paint(pen, w, h);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 460;
    }

    @Override
    protected double computePrefHeight(double width) {
        return 190;
    }
}
