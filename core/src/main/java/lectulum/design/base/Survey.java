package lectulum.design.base;

import java.util.List;
import java.util.Optional;

/// What was measured on the real body.
///
/// @param tapes    the floor by six tapes
/// @param lean     of the corner posts
/// @param stations widths and heights along the body
/// @param frame    a rigid frame that has to go in: a rising bed, a cabinet
/// @param chain    sizes that are taken off a length, with what has to fit in the rest
/// @param trace    a photograph to draw the profile over
public record Survey(Optional<Tapes> tapes, Optional<Lean> lean, List<Station> stations, Optional<Rigid> frame,
        Optional<Chain> chain, Optional<Trace> trace) {
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
    public record Tapes(double front, double left, double right, double diagonalA, double diagonalB, double rear) {
    }

    /// How far the top of each corner post is off its foot, rearwards and to the right \[m\]. Measured against the floor,
    /// not against gravity.
    ///
    /// @param height at which it was measured \[m\]
    public record Lean(double height, Post frontLeft, Post frontRight, Post rearLeft, Post rearRight) {
    }

    /// @param back  rearwards \[m\]
    /// @param right \[m\]
    public record Post(double back, double right) {
    }

    /// One place along the body.
    ///
    /// @param at        behind the inside of the front wall \[m\]
    /// @param widthLow  clear at the floor \[m\]
    /// @param widthHigh clear at the roof \[m\]
    /// @param left      clear height at the left wall \[m\]
    /// @param right     clear height at the right wall \[m\]
    /// @param bow       of both walls inwards at half height \[m\]
    public record Station(double at, double widthLow, double widthHigh, double left, double right, double bow) {
    }

    /// A rigid rectangle.
    ///
    /// @param length along the body \[m\]
    /// @param width  \[m\]
    /// @param centre of it, behind the measured front \[m\]
    /// @param low    lowest height it takes \[m\]
    /// @param high   greatest \[m\]
    /// @param guide  thickness of guide and rail on each side \[m\]
    public record Rigid(double length, double width, double centre, double low, double high, double guide) {
    }

    /// A length and what is taken off it.
    ///
    /// @param need that has to fit in the rest \[m\]
    public record Chain(Link whole, List<Link> taken, double need) {
        public Chain {
            taken = taken == null ? List.of() : List.copyOf(taken);
        }
    }

    /// @param count how often it is taken off
    /// @param tolerance \[m\]
    public record Link(String name, double size, int count, double tolerance) {
        public Link {
            name = name == null ? "" : name;
        }
    }

    /// A photograph under the side view: two of its points, in parts of its width from its upper left corner, and where
    /// they are on the body.
    ///
    /// @param file beside the project
    public record Trace(String file, double u1, double v1, double x1, double z1, double u2, double v2, double x2,
            double z2) {
    }

    public Survey with(Optional<Tapes> read) {
        return new Survey(read, lean, stations, frame, chain, trace);
    }

    public Survey withLean(Optional<Lean> posts) {
        return new Survey(tapes, posts, stations, frame, chain, trace);
    }

    public Survey withStations(List<Station> list) {
        return new Survey(tapes, lean, list, frame, chain, trace);
    }

    public Survey withFrame(Optional<Rigid> rigid) {
        return new Survey(tapes, lean, stations, rigid, chain, trace);
    }

    public Survey withChain(Optional<Chain> sizes) {
        return new Survey(tapes, lean, stations, frame, sizes, trace);
    }

    public Survey withTrace(Optional<Trace> photo) {
        return new Survey(tapes, lean, stations, frame, chain, photo);
    }
}
