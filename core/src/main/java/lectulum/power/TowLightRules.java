package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of lamps of the road and of brakes.
public enum TowLightRules implements Rule {
    BRAKE_LOSS("towlights.brakes", "do the brakes get their current"),
    BREAKAWAY("towlights.breakaway", "does the breakaway battery hold the brakes");

    private final Card card;

    TowLightRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
