package lectulum.kernel.takeoff;

/// What is sewn for an opening: a net before it, a pad that darkens it, a curtain on a rail over it. All in metres.
///
/// @param width  clear, > 0
/// @param height clear, > 0
public record WindowCloth(double width, double height) {
    /// A piece of cloth.
    ///
    /// @param wide across the opening \[m\]
    /// @param high \[m\]
    public record Piece(double wide, double high) {
        /// With what is turned in at each edge.
        Piece hemmed(double hem) {
            return new Piece(wide + 2 * hem, high + 2 * hem);
        }

        public double area() {
            return wide * high;
        }
    }

    /// A net or a pad that lies over the edge on all sides, finished.
    public Piece over(double overlap) {
        return new Piece(width + 2 * overlap, height + 2 * overlap);
    }

    /// The same as it is cut.
    public Piece cut(double overlap, double hem) {
        return over(overlap).hemmed(hem);
    }

    /// The rail of a curtain, as far beyond the opening on both sides as the curtain hangs below it.
    public double rail(double beyond) {
        return width + 2 * beyond;
    }

    /// A curtain as it is cut: its folds lie on the rail, and it hangs from above the opening to below it.
    ///
    /// @param fullness cloth for each metre of rail, ≥ 1
    public Piece curtain(double beyond, double fullness, double hem) {
        return new Piece(fullness * rail(beyond), height + 2 * beyond).hemmed(hem);
    }
}
