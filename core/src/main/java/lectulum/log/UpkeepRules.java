package lectulum.log;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of upkeep.
public enum UpkeepRules implements Rule {
    DUE("log.due", "is everything looked after in time"),
    NEVER("log.never", "is it known when things were looked after last",
            "only you know the day; write it down once, on Upkeep."),
    TYRES("log.tyres", "are the tyres not too old",
            "new tyres; their code then goes on Upkeep."),
    TYRE_CODE("log.tyrecode", "can the code of the tyres be read",
            "read the last four digits of the code on the tyre again."),
    TYRE_AGE("log.tyreage", "is the age of the tyres the same everywhere");

    private final Card card;

    UpkeepRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LOG, false);
    }

    UpkeepRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LOG, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
