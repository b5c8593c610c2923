package lectulum.balance.camp;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum CampRules implements Rule {
    CAMP_TIP("camp.tip", "does it stand when people are in it uncoupled", false),
    CAMP_FALLS("camp.falls", "does it stand with one jack gone", false),
    CAMP_JACK("camp.jack", "is a jack loaded beyond what it carries", false),
    CAMP_LIFTED("camp.lifted", "is a jack lifted by those in the camper", false),
    CAMP_MARGIN("camp.margin", "how far is it from tipping over its jacks", false),
    LEVEL_BLOCKS("level.blocks", "do the blocks at hand level it", false),
    LEVEL_TRAVEL("level.travel", "does the tongue jack reach level", false);

    private final String id;
    private final String asks;
    private final boolean ofVehicle;

    CampRules(String id, String asks, boolean ofVehicle) {
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
