package lectulum.balance.road;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum RoadRules implements Rule {
    SWAY_DAMPING("sway.damping", "does swaying die away at the speed driven", true),
    SWAY_TURNS_AWAY("sway.turnsAway", "does it turn away at the speed driven", true,
            "it is the vehicle that gives way: another one, or less speed, both typed on this page."),
    TIP_LOW("tip.low", "at what sideways pull does it roll over", false),
    CLIMB_LIFT("climb.lift", "does the coupling lift when pulling away uphill", false),
    SLOSH_LIFT("slosh.lift", "does water that runs back unload the tongue", false),
    TIE("tie", "is a thing held on the road", false),
    ROOF_ROAD("roof.road", "is the roof's load for driving kept", false),
    ROOF_STILL("roof.still", "is the roof's load for standing kept", false),
    ROOF_UNKNOWN("roof.unknown", "is it known what the roof carries", false,
            "who made the roof and its rack says both; type them on this page.");

    private final Card card;

    RoadRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    RoadRules(String id, String asks, boolean ofVehicle, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
