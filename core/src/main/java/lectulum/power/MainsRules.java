package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of mains, on the side of the camper that its builder decides.
public enum MainsRules implements Rule {
    INLET("mains.inlet", "is there an inlet for what runs on mains"),
    TOO_MUCH("mains.load", "does the inlet carry what runs together"),
    LOW("mains.cord", "does enough arrive through the cord"),
    GUARD("mains.guard", "does a fault current trip at the inlet"),
    JOINED("mains.joined", "can two sources of mains never be joined"),
    GENERATOR("mains.generator", "does the generator start what it has to, up there and in that heat"),
    FUMES("mains.fumes", "does the generator stand away from sleepers");

    private final Card card;

    MainsRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
