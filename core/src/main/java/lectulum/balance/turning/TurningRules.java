package lectulum.balance.turning;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum TurningRules implements Rule {
    OUT_TURN("out.turn", "does the body meet the vehicle when turning", true),
    OUT_TAILGATE("out.tailgate", "does the tailgate meet the jack or the body", true),
    TURN_CIRCLE("turn.circle", "does the turning circle grow", true),
    DRIVE_CLEAR("drive.clear", "does anything touch on a driveway", true),
    DRIVE_BENDS("drive.bends", "does the coupler bend too far on a driveway", true);

    private final String id;
    private final String asks;
    private final boolean ofVehicle;

    TurningRules(String id, String asks, boolean ofVehicle) {
        this.id = id;
        this.asks = asks;
        this.ofVehicle = ofVehicle;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String asks() {
        return asks;
    }

    @Override
    public Stage stage() {
        return Stage.BALANCE;
    }

    @Override
    public boolean ofVehicle() {
        return ofVehicle;
    }
}
