package lectulum.figures.drawing;

/// A pattern of small squares that repeats every eight.
///
/// @param tile a bit for each square: bit 8 · row + column, rows from the top
public record Hatch(Ink ink, long tile) {
    /// Squares along a side of the tile.
    public static final int SIDE = 8;

    /// Where a square is inked.
    @FunctionalInterface
    public interface Where {
        boolean at(int column, int row);
    }

    public static Hatch of(Ink ink, Where where) {
        long tile = 0;
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                if (where.at(column, row)) {
                    tile |= 1L << (SIDE * row + column);
                }
            }
        }
        return new Hatch(ink, tile);
    }

    public boolean at(int column, int row) {
        return (tile >>> (SIDE * Math.floorMod(row, SIDE) + Math.floorMod(column, SIDE)) & 1) == 1;
    }
}
