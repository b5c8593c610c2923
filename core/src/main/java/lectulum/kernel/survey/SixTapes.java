package lectulum.kernel.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/// The floor of a box from six tape readings: two widths, two sides, two diagonals, all inside at the floor.
///
/// The front width and the two sides and diagonals fix all four corners by triangles; the rear width is then known twice,
/// and the difference tells whether a reading is wrong. Equal diagonals alone do not prove a rectangle (a trapezium has
/// them too), equal opposite sides alone neither; both together do (docs/method/survey.md).
///
/// @param front     inside width at the front \[m\], > 0
/// @param left      length of the left side \[m\], > 0
/// @param right     length of the right side \[m\], > 0
/// @param diagonalA front left to rear right \[m\], > 0
/// @param diagonalB front right to rear left \[m\], > 0
/// @param rear      inside width at the rear \[m\]; 0 where it was not read, then nothing checks the other five
public record SixTapes(double front, double left, double right, double diagonalA, double diagonalB, double rear) {
    /// How well a tape is read, one standard deviation \[m\] (assumed).
    public static final double TAPE = 0.001;
    /// Slips that are made again and again: a wrong centimetre line, half an inch, an inch, a foot \[m\].
    private static final double[] SLIPS = {0.010, 0.020, 0.050, 0.100, 0.0127, 0.0254, 0.3048};

    /// The corners that follow, with the front left one at the origin, u along the left, v to the right.
    ///
    /// @param rearLeft  corner \[u, v\] \[m\]
    /// @param rearRight corner \[u, v\] \[m\]
    /// @param rear      rear width that the other five readings ask for \[m\]
    /// @param residual  read rear width less that \[m\]; NaN where it was not read
    /// @param doubt     standard deviation of the residual \[m\]
    /// @param shift     how far the rear stands to the right of the front \[m\]
    /// @param shiftDoubt its standard deviation \[m\]
    /// @param skew      angle of that shift \[rad\]
    public record Plan(double[] rearLeft, double[] rearRight, double rear, double residual, double doubt, double shift,
            double shiftDoubt, double skew) {

        /// Whether one reading is checked by the others.
        public boolean checked() {
            return !Double.isNaN(residual);
        }

        /// Whether the readings agree as well as tapes can.
        public boolean agrees() {
            return !(Math.abs(residual) > 2 * doubt);
        }
    }

    /// Which readings cannot form a triangle.
    public enum Triangle {
        LEFT("left side, front width and the diagonal from front right to rear left"), RIGHT(
                "right side, front width and the diagonal from front left to rear right");

        private final String label;

        Triangle(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// One reading with the change that would make all six agree.
    ///
    /// @param name   of the reading
    /// @param value  what it would have to be \[m\]
    /// @param change that less what was read \[m\]
    /// @param slip   whether the change is within a millimetre of a usual slip
    public record Closing(String name, double value, double change, boolean slip) {
    }

    /// The triangle that these readings cannot form; empty where they make a plan.
    public Optional<Triangle> impossible() {
        if (!(squareU(left, diagonalB) > 0)) {
            return Optional.of(Triangle.LEFT);
        }
        return squareU(right, diagonalA) > 0 ? Optional.empty() : Optional.of(Triangle.RIGHT);
    }

    /// The plan; empty where a triangle is impossible.
    public Optional<Plan> plan() {
        return plan(TAPE);
    }

    /// @param tape standard deviation of one reading \[m\]
    public Optional<Plan> plan(double tape) {
        if (impossible().isPresent()) {
            return Optional.empty();
        }
        double vLeft = (left * left - diagonalB * diagonalB + front * front) / (2 * front);
        double vRight = (diagonalA * diagonalA - right * right + front * front) / (2 * front);
        double[] rearLeft = {Math.sqrt(left * left - vLeft * vLeft), vLeft};
        double[] rearRight = {Math.sqrt(diagonalA * diagonalA - vRight * vRight), vRight};
        double computed = Math.hypot(rearRight[0] - rearLeft[0], rearRight[1] - rearLeft[1]);
        double squares = left * left + right * right + diagonalA * diagonalA + diagonalB * diagonalB;
        double shift = (vLeft + vRight - front) / 2;
        double along = (rearLeft[0] + rearRight[0]) / 2;
        return Optional.of(new Plan(rearLeft, rearRight, computed, rear > 0 ? rear - computed : Double.NaN,
                tape * Math.sqrt(1 + squares / (front * front)), shift, tape * Math.sqrt(squares) / (2 * front),
                Math.atan2(shift, along)));
    }

    /// For each reading the change that would close the figure, smallest first; readings that cannot close it are left
    /// out.
    public List<Closing> closings() {
        List<Closing> all = new ArrayList<>();
        close(all, "front width", front, v -> new SixTapes(v, left, right, diagonalA, diagonalB, rear).residual());
        close(all, "left side", left, v -> new SixTapes(front, v, right, diagonalA, diagonalB, rear).residual());
        close(all, "right side", right, v -> new SixTapes(front, left, v, diagonalA, diagonalB, rear).residual());
        close(all, "diagonal front left to rear right", diagonalA,
                v -> new SixTapes(front, left, right, v, diagonalB, rear).residual());
        close(all, "diagonal front right to rear left", diagonalB,
                v -> new SixTapes(front, left, right, diagonalA, v, rear).residual());
        close(all, "rear width", rear, v -> new SixTapes(front, left, right, diagonalA, diagonalB, v).residual());
        all.sort(Comparator.comparingDouble(c -> Math.abs(c.change)));
        return all;
    }

    private double residual() {
        return plan().map(Plan::residual).orElse(Double.NaN);
    }

    private double squareU(double side, double diagonal) {
        double v = (side * side - diagonal * diagonal + front * front) / (2 * front);
        return side * side - v * v;
    }

    /// Newton with a numeric slope; a reading that has no near root is left out.
    private static void close(List<Closing> all, String name, double read, DoubleUnaryOperator residual) {
        double value = read;
        double h = 1e-6;
        for (int i = 0; i < 30; i++) {
            double r = residual.applyAsDouble(value);
            double slope = (residual.applyAsDouble(value + h) - residual.applyAsDouble(value - h)) / (2 * h);
            if (!(Math.abs(slope) > 1e-4) || !Double.isFinite(r)) {
                return;
            }
            double step = r / slope;
            value -= step;
            if (Math.abs(step) < 1e-9) {
                double change = value - read;
                boolean slip = false;
                for (double usual : SLIPS) {
                    slip |= Math.abs(Math.abs(change) - usual) <= 0.001;
                }
                all.add(new Closing(name, value, change, slip));
                return;
            }
        }
    }
}
