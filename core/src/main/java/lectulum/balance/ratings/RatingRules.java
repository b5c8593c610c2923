package lectulum.balance.ratings;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum RatingRules implements Rule {
    CHAIN_FRONT("chain.front", "does the front axle keep its load", true,
            "less on the ball, by any remedy of Balance, or another vehicle."),
    CHAIN_D("chain.d", "is the coupling strong enough", true),
    BRAKES_NEEDED("brakes.needed", "does it need brakes", true),
    TYRES_RESERVE("tyres.reserve", "do the tyres carry the wheels' load with a reserve", false),
    TYRES_SPEED("tyres.speed", "are the tyres made for the speed", false,
            "tyres of a higher speed letter, or less speed; both are typed here."),
    TYRES_AGE("tyres.age", "are the tyres too old", false,
            "new tyres; their year is typed here."),
    DRY_AXLE("dry.axle", "how much of the axle does the dry build use", false);

    private final Card card;

    RatingRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    RatingRules(String id, String asks, boolean ofVehicle, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
