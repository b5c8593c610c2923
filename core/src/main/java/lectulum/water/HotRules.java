package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of hot water.
public enum HotRules implements Rule {
    LUKEWARM("hot.lukewarm", "does the heater warm what is drawn"),
    DROPS("hot.drops", "does the burner stay lit while a shower is mixed"),
    SHORT("hot.short", "is the shower as long as wanted"),
    SCALD("hot.scald", "can the tap scald",
            "a mixer that limits it is bought and set at the heater; stored cooler, germs grow in it."),
    STANDS("hot.stands", "does lukewarm water stand for days");

    private final Card card;

    HotRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    HotRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.WATER, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
