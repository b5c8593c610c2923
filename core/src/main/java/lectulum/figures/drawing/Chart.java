package lectulum.figures.drawing;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
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
        /// By what is drawn, so that what shows it can tell that nothing has changed.
        @Override
        public boolean equals(Object other) {
            return other instanceof Curve c && name.equals(c.name) && Arrays.equals(x, c.x) && Arrays.equals(y, c.y);
        }

        @Override
        public int hashCode() {
            return Objects.hash(name, Arrays.hashCode(x), Arrays.hashCode(y));
        }
    }

    public record Limit(String name, double value) {
    }
}
