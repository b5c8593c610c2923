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

    private final String id;
    private final String asks;
    private final boolean ofVehicle;

    RatingRules(String id, String asks, boolean ofVehicle) {
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
