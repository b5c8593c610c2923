package lectulum.figures.drawing;

import java.util.List;
import lectulum.units.Quantity;

/// Curves over one another, as a computation gives them along with its figures. SI values.
///
/// @param limits values of y that should not be passed
public record Chart(String title, String xLabel, Quantity x, String yLabel, Quantity y, List<Curve> curves,
        List<Limit> limits) {
    public Chart {
        curves = List.copyOf(curves);
        limits = List.copyOf(limits);
    }

    public record Curve(String name, double[] x, double[] y) {
    }

    public record Limit(String name, double value) {
    }
}
