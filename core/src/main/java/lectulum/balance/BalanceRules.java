package lectulum.balance;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum BalanceRules implements Rule {
    BALANCE_NO_AXLE("balance.no-axle", "is there an axle behind the ball", false,
            "draw where the axle is, on Base."),
    BALANCE_NO_MASS("balance.no-mass", "does anything weigh anything", false,
            "enter what the base weighs empty, on Base."),
    BALANCE_TONGUE_LIFT("balance.tongue-lift", "does the tongue press on the ball at all", false),
    BALANCE_TONGUE_SHARE("balance.tongue-share", "does the tongue carry its share of the loaded mass", false),
    BALANCE_TONGUE_DOUBT("balance.tongue-doubt", "does the doubt about the masses leave the tongue in its band", false,
            "doubt goes away by weighing: Weigh day says what to read."),
    BALANCE_AXLE_PLACE("balance.axle-place", "can one axle place suit every load case", false),
    BALANCE_BALL("balance.ball", "are ball and coupler of one size", true,
            "which of the two is to be changed is for you to say; never with a sleeve."),
    BALANCE_UNWEIGHED("balance.unweighed", "has everything placed a mass", false),
    BALANCE_VEHICLE_FIRST("balance.vehicle-first", "which limit is reached first", true,
            "the vehicle's limit stands in its papers."),
    BALANCE_SIDE("balance.side", "is the load even from left to right", false),
    BALANCE_UNKNOWN_RATINGS("balance.unknown-ratings", "are the ratings known", false,
            "plates, labels and the manual have them."),
    BALANCE_LIMIT("balance.limit", "is a rating kept in every load case", true);

    private final Card card;

    BalanceRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    BalanceRules(String id, String asks, boolean ofVehicle, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
