package lectulum.layout;

import java.util.Optional;
import lectulum.space.Body;
import lectulum.space.Solid;

/// A rectangle of floor on which nothing stands, looked for from the front to the rear in squares of 5 cm.
///
/// @param x    middle, behind the foremost point of the body \[m\]
/// @param y    to the right of the middle \[m\]
/// @param turn 0 for lengthwise, a quarter turn for across \[rad\]
public record FreeFloor(double x, double y, double turn) {
    private static final double CELL = 0.05;
    /// Thinner things are lain on \[m\].
    private static final double MAT = 0.02;
    private static final double TOUCH = 0.001;

    /// The first place; empty where there is none, and for a rectangle without size.
    ///
    /// @param length \[m\]
    /// @param width  \[m\]
    /// @param up     how high it must be free \[m\]
    public static Optional<FreeFloor> find(Room room, double length, double width, double up) {
        if (!(length > 0 && width > 0 && up > MAT)) {
            return Optional.empty();
        }
        return at(room, length, width, up, 0).or(() -> at(room, width, length, up, Math.PI / 2));
    }

    private static Optional<FreeFloor> at(Room room, double along, double across, double up, double turn) {
        Body body = room.body();
        for (double x = body.insideFront() + along / 2; x <= body.insideRear() - along / 2 + 1e-9; x += CELL) {
            double half = Math.min(beside(body, x - along / 2), Math.min(beside(body, x), beside(body, x + along / 2)));
            for (double y = half - across / 2; y >= -half + across / 2 - 1e-9; y -= CELL) {
                Solid place = new Solid(x, y, 0, up, along / 2, across / 2, 1, 0);
                if (room.between(MAT, up).stream().noneMatch(s -> s.solid().apartFrom(place).depth() > TOUCH)) {
                    return Optional.of(new FreeFloor(x, y, turn));
                }
            }
        }
        return Optional.empty();
    }

    /// Clear width to the nearer side \[m\].
    private static double beside(Body body, double x) {
        return Math.min(body.clearLeft(x, 0), body.clearRight(x, 0));
    }
}
