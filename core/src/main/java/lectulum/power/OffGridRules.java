package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of a trip by the hour.
public enum OffGridRules implements Rule {
    POWER_CURRENT("power.current", "may the battery give what all draw together"),
    POWER_MIXED("power.mixed", "are all batteries of one kind",
            "which of the batteries stays is for you to say."),
    POWER_HOURS("power.hours", "are the hours of a load understood",
            "type the hours of the thing again.");

    private final Card card;

    OffGridRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    OffGridRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.POWER, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
