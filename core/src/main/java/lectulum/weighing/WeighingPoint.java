package lectulum.weighing;

/// What stands on the scale, and what the reading then is made of.
public enum WeighingPoint {
    STEER_COUPLED("front axle, coupled", "steer deck, trailer on"), DRIVE_COUPLED("rear axle, coupled",
            "drive deck, trailer on"),
    VEHICLE_COUPLED("whole vehicle, coupled", "vehicle on one deck, trailer on"),
    TRAILER_AXLE("trailer axle, coupled", "trailer's wheels on a deck, coupled"), RIG("whole rig",
            "vehicle and trailer on one deck"),
    STEER_ALONE("front axle, alone", "steer deck, trailer off"),
    DRIVE_ALONE("rear axle, alone", "drive deck, trailer off"), VEHICLE_ALONE("whole vehicle, alone",
            "vehicle on one deck, trailer off"),
    TRAILER_ALONE("trailer alone",
            "wheels and jack on decks, uncoupled"),
    COUPLER("coupler",
            "a small scale under the coupler at tow height"),
    JACK("jack",
            "a small scale under the jack"),
    WHEELS("trailer wheels, jack beside",
            "wheels on a deck, jack on the ground");

    private final String label;
    private final String how;

    WeighingPoint(String label, String how) {
        this.label = label;
        this.how = how;
    }

    public String label() {
        return label;
    }

    /// What stands where.
    public String how() {
        return how;
    }

    /// Lengths that the levers need.
    ///
    /// @param wheelbase of the vehicle \[m\]
    /// @param overhang  ball behind its rear axle \[m\]
    /// @param axle      ball to trailer axle \[m\]
    /// @param jack      behind the ball \[m\], before the axle
    public record Levers(double wheelbase, double overhang, double axle, double jack) {
    }

    /// @param value reading \[kg\], corrections taken off
    /// @param u     its standard uncertainty \[kg\]
    public Reading reading(Levers l, double value, double u) {
        double lever = l.overhang / l.wheelbase;
        double q = l.axle / (l.axle - l.jack);
        return switch (this) {
            case STEER_COUPLED -> new Reading(label, 1, 0, 0, -lever, value, u);
            case DRIVE_COUPLED -> new Reading(label, 0, 1, 0, 1 + lever, value, u);
            case VEHICLE_COUPLED -> new Reading(label, 1, 1, 0, 1, value, u);
            case TRAILER_AXLE -> new Reading(label, 0, 0, 1, -1, value, u);
            case RIG -> new Reading(label, 1, 1, 1, 0, value, u);
            case STEER_ALONE -> new Reading(label, 1, 0, 0, 0, value, u);
            case DRIVE_ALONE -> new Reading(label, 0, 1, 0, 0, value, u);
            case VEHICLE_ALONE -> new Reading(label, 1, 1, 0, 0, value, u);
            case TRAILER_ALONE -> new Reading(label, 0, 0, 1, 0, value, u);
            case COUPLER -> new Reading(label, 0, 0, 0, 1, value, u);
            case JACK -> new Reading(label, 0, 0, 0, q, value, u);
            case WHEELS -> new Reading(label, 0, 0, 1, -q, value, u);
        };
    }

    /// Whether the trailer is off the ball.
    public boolean uncoupled() {
        return switch (this) {
            case STEER_COUPLED, DRIVE_COUPLED, VEHICLE_COUPLED, TRAILER_AXLE, RIG -> false;
            default -> true;
        };
    }

    /// Whether the vehicle is on the scale.
    public boolean vehicle() {
        return switch (this) {
            case TRAILER_AXLE, TRAILER_ALONE, COUPLER, JACK, WHEELS -> false;
            default -> true;
        };
    }
}
