package lectulum.balance.turning;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum TurningRules implements Rule {
    OUT_TURN("out.turn", "does the body meet the vehicle when turning", true),
    OUT_TAILGATE("out.tailgate", "does the tailgate meet the jack or the body", true),
    TURN_CIRCLE("turn.circle", "does the turning circle grow", true),
    DRIVE_CLEAR("drive.clear", "does anything touch on a driveway", true,
            "boards in the gutter, or another driveway; the camper can be carried higher on Base."),
    DRIVE_BENDS("drive.bends", "does the coupler bend too far on a driveway", true,
            "boards in the gutter, or an articulating coupler.");

    private final Card card;

    TurningRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    TurningRules(String id, String asks, boolean ofVehicle, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
