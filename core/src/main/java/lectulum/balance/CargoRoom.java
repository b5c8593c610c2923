package lectulum.balance;

import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.statics.Statics;

/// How much may still be put at a place before something is reached, and what that is.
///
/// @param room \[kg\]; 0 where something is exceeded already
/// @param by   what is reached first
public record CargoRoom(double room, String by) {

    /// Lengths of vehicle and trailer.
    ///
    /// @param springs   distance of the springs from each other \[m\]
    /// @param wheelbase of the vehicle \[m\]
    /// @param overhang  ball behind its rear axle \[m\]
    public record Levers(double axle, double track, double springs, double wheelbase, double overhang) {
    }

    /// A load that grows by a part of what is added.
    ///
    /// @param slope kg of load for each kg added
    private record Growing(String name, double left, double slope) {
    }

    /// @param state as loaded
    /// @param low   edge of the tongue share
    /// @param high  edge of the tongue share
    /// @param x     behind the ball \[m\]
    /// @param y     right of the middle \[m\]
    public static CargoRoom of(LoadedState state, Levers l, double low, double high, double x, double y) {
        double lever = Statics.lever(x, l.axle);
        double tail = l.wheelbase > 0 ? l.overhang / l.wheelbase : 0;
        double room = Double.POSITIVE_INFINITY;
        String by = "";
        for (Limit limit : state.limits()) {
            for (Growing g : growing(limit, state, l, lever, tail, y)) {
                double free = g.slope > 0 ? Math.max(0, g.left) / g.slope : Double.POSITIVE_INFINITY;
                if (free < room) {
                    room = free;
                    by = g.name;
                }
            }
        }
        double toLow = lever < low ? (state.tongue() - low * state.mass()) / (low - lever) : Double.POSITIVE_INFINITY;
        double toHigh = lever > high
                ? (high * state.mass() - state.tongue()) / (lever - high)
                : Double.POSITIVE_INFINITY;
        if (Math.max(0, toLow) < room) {
            room = Math.max(0, toLow);
            by = "light tongue";
        }
        if (Math.max(0, toHigh) < room) {
            room = Math.max(0, toHigh);
            by = "heavy tongue";
        }
        return new CargoRoom(room, by);
    }

    private static List<Growing> growing(Limit limit, LoadedState s, Levers l, double lever, double tail, double y) {
        String name = limit.rating().label();
        double left = limit.left();
        return switch (limit.rating()) {
            case GROSS_PLATE, COUPLER, CHAIN, BALL, RECEIVER, TOW_BRAKED, TOW_UNBRAKED, COMBINED_GROSS ->
                List.of(new Growing(name, left, 1));
            case TONGUE_COUPLER, TONGUE_VEHICLE, TONGUE_RECEIVER, PAYLOAD, VEHICLE_GROSS ->
                List.of(new Growing(name, left, lever));
            case AXLE -> List.of(new Growing(name, left, 1 - lever));
            case AXLE_EACH -> List.of(new Growing(name, left, (1 - lever) * s.fullest()));
            case SPRING -> {
                double fuller = Math.signum(s.right() - s.left());
                double apart = Math.abs(s.right() - s.left()) * l.track / l.springs / s.tyres();
                yield List.of(
                        new Growing(name, left, ((1 - lever) / 2 + fuller * y / l.springs) / s.tyres()),
                        new Growing(name, left + apart, ((1 - lever) / 2 - fuller * y / l.springs) / s.tyres()));
            }
            case TYRE, WHEEL -> List.of(new Growing("right tyres", limit.rated() - s.right() * s.fullest(),
                    ((1 - lever) / 2 + y / l.track) * s.fullest()),
                    new Growing("left tyres", limit.rated() - s.left() * s.fullest(),
                            ((1 - lever) / 2 - y / l.track) * s.fullest()));
            case REAR_AXLE -> List.of(new Growing(name, left, lever * (1 + tail)));
        };
    }

    /// The room at a place.
    ///
    /// @param x behind the ball \[m\]
    /// @param y right of the middle \[m\]
    public record Cell(double x, double y, CargoRoom room) {
    }

    /// Over a rectangle in cells of one size, row by row from its front.
    public static List<Cell> map(LoadedState state, Levers l, double low, double high, double[] from, double[] to,
            int columns, int rows) {
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            for (int k = 0; k < rows; k++) {
                double x = from[0] + (to[0] - from[0]) * (i + 0.5) / columns;
                double y = from[1] + (to[1] - from[1]) * (k + 0.5) / rows;
                cells.add(new Cell(x, y, of(state, l, low, high, x, y)));
            }
        }
        return List.copyOf(cells);
    }
}
