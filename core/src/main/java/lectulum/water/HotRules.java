package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of hot water.
public enum HotRules implements Rule {
    LUKEWARM("hot.lukewarm", "does the heater warm what is drawn"),
    DROPS("hot.drops", "does the burner stay lit while a shower is mixed"),
    SHORT("hot.short", "is the shower as long as wanted"),
    SCALD("hot.scald", "can the tap scald"),
    STANDS("hot.stands", "does lukewarm water stand for days");

    private final Card card;

    HotRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
