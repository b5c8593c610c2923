package lectulum.kernel.bodies;

/// The longest sleeper who lies on a rectangle when turned across it.
///
/// The sleeper is a convex outline: 0.22 m broad at the head, shoulder breadth at 0.18 of the length, 0.30 m at the feet.
/// It costs the second sleeper.
///
/// @param length of the longest sleeper \[m\]
/// @param turn   from the long side \[rad\]
public record DiagonalBed(double length, double turn) {
    private static final double HEAD = 0.22;
    private static final double FEET = 0.30;
    private static final double SHOULDER_AT = 0.18;
    private static final double STEP = Math.toRadians(0.2);

    /// @param bedLength long side of the rectangle \[m\]
    /// @param bedWidth  \[m\]
    /// @param shoulders breadth \[m\]
    public static DiagonalBed of(double bedLength, double bedWidth, double shoulders) {
        double best = 0;
        double most = 0;
        for (double a = 0; a <= Math.PI / 2; a += STEP) {
            double l = longest(bedLength, bedWidth, shoulders, a);
            if (l > most) {
                most = l;
                best = a;
            }
        }
        double low = Math.max(0, best - STEP);
        double high = Math.min(Math.PI / 2, best + STEP);
        for (int i = 0; i < 40; i++) {
            double a = low + (high - low) / 3;
            double b = high - (high - low) / 3;
            if (longest(bedLength, bedWidth, shoulders, a) < longest(bedLength, bedWidth, shoulders, b)) {
                low = a;
            } else {
                high = b;
            }
        }
        double turn = (low + high) / 2;
        return new DiagonalBed(longest(bedLength, bedWidth, shoulders, turn), turn);
    }

    private static double longest(double bedLength, double bedWidth, double shoulders, double turn) {
        double low = 0;
        double high = Math.hypot(bedLength, bedWidth);
        for (int i = 0; i < 32; i++) {
            double m = (low + high) / 2;
            if (fits(m, bedLength, bedWidth, shoulders, turn)) {
                low = m;
            } else {
                high = m;
            }
        }
        return low;
    }

    private static boolean fits(double l, double bedLength, double bedWidth, double shoulders, double turn) {
        double[] along = {0, SHOULDER_AT * l, l};
        double[] half = {HEAD / 2, shoulders / 2, FEET / 2};
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        double x1 = Double.POSITIVE_INFINITY;
        double x2 = Double.NEGATIVE_INFINITY;
        double y1 = Double.POSITIVE_INFINITY;
        double y2 = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < along.length; i++) {
            for (int side = -1; side <= 1; side += 2) {
                double x = c * along[i] - s * side * half[i];
                double y = s * along[i] + c * side * half[i];
                x1 = Math.min(x1, x);
                x2 = Math.max(x2, x);
                y1 = Math.min(y1, y);
                y2 = Math.max(y2, y);
            }
        }
        return x2 - x1 <= bedLength && y2 - y1 <= bedWidth;
    }
}
