package lectulum.balance.ratings;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum RatingRules implements Rule {
    CHAIN_FRONT("chain.front", "does the front axle keep its load", true),
    CHAIN_D("chain.d", "is the coupling strong enough", true),
    BRAKES_NEEDED("brakes.needed", "does it need brakes", true),
    TYRES_RESERVE("tyres.reserve", "do the tyres carry the wheels' load with a reserve", false),
    TYRES_SPEED("tyres.speed", "are the tyres made for the speed", false),
    TYRES_AGE("tyres.age", "are the tyres too old", false),
    DRY_AXLE("dry.axle", "how much of the axle does the dry build use", false);

    private final Card card;

    RatingRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    @Override
    public Card card() {
        return card;
    }
}
