package lectulum.design.base;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.Plausible;
import lectulum.design.Whole;
import lectulum.units.Quantity;

/// What was measured on the real body.
///
/// @param tapes    the floor by six tapes
/// @param lean     of the corner posts
/// @param stations widths and heights along the body
/// @param frame    a rigid frame that has to go in: a rising bed, a cabinet
/// @param chain    sizes that are taken off a length, with what has to fit in the rest
/// @param trace    a photograph to draw the profile over
@RecordBuilder
public record Survey(Optional<Tapes> tapes, Optional<Lean> lean, List<Station> stations, Optional<Rigid> frame,
        Optional<Chain> chain, Optional<Trace> trace) implements SurveyBuilder.With {
    /// Nothing measured.
    public static final Survey NONE = new Survey(Optional.empty(), Optional.empty(), List.of(), Optional.empty(),
            Optional.empty(), Optional.empty());

    public Survey {
        tapes = tapes == null ? Optional.empty() : tapes;
        lean = lean == null ? Optional.empty() : lean;
        stations = stations == null ? List.of() : List.copyOf(stations);
        frame = frame == null ? Optional.empty() : frame;
        chain = chain == null ? Optional.empty() : chain;
        trace = trace == null ? Optional.empty() : trace;
    }

    /// Inside, at the floor, of the rectangle behind any nose \[m\].
    ///
    /// @param diagonalA front left to rear right
    /// @param diagonalB front right to rear left
    @Whole("Tapes of the floor")
    public record Tapes(@Means(value = "Front width", low = 0.3, high = 12) double front,
            @Means(value = "Left side", low = 0.3, high = 12) double left,
            @Means(value = "Right side", low = 0.3, high = 12) double right,
            @Means(value = "Front left to rear right", low = 0.3, high = 15) double diagonalA,
            @Means(value = "Front right to rear left", low = 0.3, high = 15) double diagonalB,
            @Means(value = "Rear width", low = 0.3, high = 12) OptionalDouble rear) {
        public Tapes {
            rear = rear == null ? OptionalDouble.empty() : rear;
        }

        /// Five tapes, which nothing checks.
        public Tapes(double front, double left, double right, double diagonalA, double diagonalB) {
            this(front, left, right, diagonalA, diagonalB, OptionalDouble.empty());
        }

        /// Six.
        public Tapes(double front, double left, double right, double diagonalA, double diagonalB, double rear) {
            this(front, left, right, diagonalA, diagonalB, OptionalDouble.of(rear));
        }
    }

    /// How far the top of each corner post is off its foot, rearwards and to the right \[m\]. Measured against the floor,
    /// not against gravity.
    ///
    /// @param height at which it was measured \[m\]
    @Whole("Lean of the posts")
    public record Lean(@Means(value = "Measured at height", low = 0.2, high = 4) double height, Post frontLeft,
            Post frontRight, Post rearLeft, Post rearRight) implements Plausible {
        @Override
        public boolean plausible() {
            return frontLeft != null && frontRight != null && rearLeft != null && rearRight != null;
        }

    }

    /// @param back  rearwards \[m\]
    /// @param right \[m\]
    public record Post(@Means(value = "Back", low = -0.3, high = 0.3, says = "top off its foot, rearwards") double back,
            @Means(value = "Right", low = -0.3, high = 0.3) double right) {
    }

    /// One place along the body.
    ///
    /// @param at        behind the inside of the front wall \[m\]
    /// @param widthLow  clear at the floor \[m\]
    /// @param widthHigh clear at the roof \[m\]
    /// @param left      clear height at the left wall \[m\]
    /// @param right     clear height at the right wall \[m\]
    /// @param bow       of both walls inwards at half height \[m\]
    @Whole("Survey station")
    public record Station(@Means(value = "Behind the front", high = 12, says = "inside") double at,
            @Means(value = "Width below", low = 0.3, high = 3) double widthLow,
            @Means(value = "Width above", low = 0.3, high = 3) double widthHigh,
            @Means(value = "Height left", low = 0.2, high = 4) double left,
            @Means(value = "Height right", low = 0.2, high = 4) double right,
            @Means(value = "Bow inwards", low = -0.1, high = 0.1) double bow) {
    }

    /// A rigid rectangle.
    ///
    /// @param length along the body \[m\]
    /// @param width  \[m\]
    /// @param centre of it, behind the measured front \[m\]
    /// @param low    lowest height it takes \[m\]
    /// @param high   greatest \[m\]
    /// @param guide  thickness of guide and rail on each side \[m\]
    @Whole("Rigid frame")
    public record Rigid(@Means(value = "Frame length", low = 0.1, high = 6) double length,
            @Means(value = "Frame width", low = 0.1, high = 3) double width,
            @Means(value = "Its middle behind the front", low = -1, high = 13) double centre,
            @Means(value = "From height", high = 4) double low, @Means(value = "To height", high = 4) double high,
            @Means(value = "Guide on each side", high = 0.2) double guide) implements Plausible {
        @Override
        public boolean plausible() {
            return high >= low;
        }

    }

    /// A length and what is taken off it.
    ///
    /// @param need that has to fit in the rest \[m\]
    @Whole("Chain of sizes")
    public record Chain(Link whole, List<Link> taken,
            @Means(value = "Has to fit", high = 15) double need) implements Plausible {
        public Chain {
            taken = taken == null ? List.of() : List.copyOf(taken);
        }

        @Override
        public boolean plausible() {
            return whole != null;
        }
    }

    /// @param count how often it is taken off
    /// @param tolerance \[m\]
    public record Link(String name, @Means(value = "Size", high = 15) double size,
            @Means(value = "Times", of = Quantity.COUNT, high = 20) int count,
            @Means(value = "Tolerance", high = 1) double tolerance) {
        public Link {
            name = name == null ? "" : name;
        }
    }

    /// A photograph under the side view: two of its points, in parts of its width from its upper left corner, and where
    /// they are on the body.
    ///
    /// @param file beside the project
    @Whole("Photograph")
    public record Trace(String file,
            @Means(value = "First point, across", of = Quantity.SHARE, low = -10, high = 10, says = "of the photograph's width from its upper left corner") double u1,
            @Means(value = "First point, down", of = Quantity.SHARE, low = -10, high = 10, says = "of the photograph's width") double v1,
            @Means(value = "First point, along", low = -20, high = 20, says = "on the body") double x1,
            @Means(value = "First point, up", low = -20, high = 20, says = "on the body") double z1,
            @Means(value = "Second point, across", of = Quantity.SHARE, low = -10, high = 10) double u2,
            @Means(value = "Second point, down", of = Quantity.SHARE, low = -10, high = 10) double v2,
            @Means(value = "Second point, along", low = -20, high = 20) double x2,
            @Means(value = "Second point, up", low = -20, high = 20) double z2) implements Plausible {
        @Override
        public boolean plausible() {
            return file != null && Math.hypot(u2 - u1, v2 - v1) > 1e-3;
        }

    }

    public Survey with(Optional<Tapes> read) {
        return withTapes(read);
    }

}
