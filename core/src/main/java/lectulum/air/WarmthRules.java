package lectulum.air;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of heating.
public enum WarmthRules implements Rule {
    HEATER("air.heater", "does the heater hold the room on the coldest night"),
    CYCLES("air.cycles", "can the heater burn as low as a usual night asks");

    private final Card card;

    WarmthRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
