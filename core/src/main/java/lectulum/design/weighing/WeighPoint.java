package lectulum.design.weighing;

/// What stands on the scale.
public enum WeighPoint {
    STEER_COUPLED("front axle, coupled", "front wheels on a deck, trailer on"), DRIVE_COUPLED("rear axle, coupled",
            "rear wheels on a deck, trailer on"),
    VEHICLE_COUPLED("whole vehicle, coupled", "vehicle on one deck, trailer on"),
    TRAILER_AXLE("trailer axle, coupled", "trailer's wheels on a deck, coupled"), RIG("whole rig",
            "vehicle and trailer on one deck"),
    STEER_ALONE("front axle, alone", "front wheels on a deck, trailer off"),
    DRIVE_ALONE("rear axle, alone", "rear wheels on a deck, trailer off"), VEHICLE_ALONE("whole vehicle, alone",
            "vehicle on one deck, trailer off"),
    TRAILER_ALONE("trailer alone",
            "wheels and jack on decks, uncoupled"),
    COUPLER("coupler",
            "a small scale under the coupler at tow height"),
    JACK("jack",
            "a small scale under the jack"),
    LEFT_WHEELS("left wheels, coupled",
            "left wheels on a pad, coupled or coupler on a scale"),
    RIGHT_WHEELS("right wheels, coupled", "right wheels on a pad, coupled or coupler on a scale"),
    LEVER("tongue on a lever", "coupler on a beam between a pipe and a bathroom scale"),
    WHEELS("trailer wheels, jack beside",
            "wheels on a deck, jack on the ground"),
    STEER_BARS("front axle, bars tight", "front wheels on a deck, trailer on, spring bars tight"),
    DRIVE_BARS("rear axle, bars tight", "rear wheels on a deck, trailer on, spring bars tight"),
    AXLE_BARS("trailer axle, bars tight", "trailer's wheels on a deck, coupled, spring bars tight"),
    COUPLER_RAISED("coupler, nose raised", "a small scale under the coupler on a high prop, wheels free to roll");

    private final String label;
    private final String how;

    WeighPoint(String label, String how) {
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

    /// Whether the trailer is off the ball.
    public boolean uncoupled() {
        return switch (this) {
            case STEER_COUPLED, DRIVE_COUPLED, VEHICLE_COUPLED, TRAILER_AXLE, RIG, LEFT_WHEELS, RIGHT_WHEELS,
                    STEER_BARS, DRIVE_BARS, AXLE_BARS ->
                false;
            default -> true;
        };
    }

    /// Whether spring bars are tight in it.
    public boolean bars() {
        return this == STEER_BARS || this == DRIVE_BARS || this == AXLE_BARS;
    }

    /// Whether it is read on a small scale.
    public boolean small() {
        return this == COUPLER || this == JACK || this == LEVER || this == COUPLER_RAISED;
    }

    /// Whether the vehicle is on the scale.
    public boolean vehicle() {
        return switch (this) {
            case TRAILER_AXLE, TRAILER_ALONE, COUPLER, JACK, WHEELS, LEFT_WHEELS, RIGHT_WHEELS, LEVER, AXLE_BARS,
                    COUPLER_RAISED ->
                false;
            default -> true;
        };
    }
}
