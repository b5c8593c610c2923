package lectulum.balance.weigh;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum WeighRules implements Rule {
    WEIGH_RANGE("weigh.range", "can a scale read that", false),
    WEIGH_NEGATIVE("weigh.negative", "does anything stand on the scale", false),
    WEIGH_POUNDS("weigh.pounds", "were pounds typed as kilograms", false),
    WEIGH_KILOGRAMS("weigh.kilograms", "were kilograms typed as pounds", false),
    WEIGH_COARSE("weigh.coarse", "is the scale fine enough", false),
    WEIGH_AXLE("weigh.axle", "do the readings tell the axle", false),
    WEIGH_WILD("weigh.wild", "do the readings contradict each other", false),
    WEIGH_BLIND("weigh.blind", "what cannot be told from these readings", false),
    WEIGH_IMPOSSIBLE("weigh.impossible", "can a trailer have those loads", false),
    WEIGH_RESIDUAL("weigh.residual", "does a reading agree with the others", false),
    WEIGH_PAPERS("weigh.papers", "do the readings agree with the vehicle's papers", false),
    WEIGH_BARS("weigh.bars", "were the spring bars slack", false),
    WEIGH_LACKS("weigh.lacks", "does it weigh what was planned", false);

    private final String id;
    private final String asks;
    private final boolean ofVehicle;

    WeighRules(String id, String asks, boolean ofVehicle) {
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
