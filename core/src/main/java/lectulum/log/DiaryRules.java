package lectulum.log;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the entries of the log.
public enum DiaryRules implements Rule {
    UNSAFE("log.unsafe", "is nothing open that nobody should travel with"),
    OVERDUE("log.overdue", "is every temporary fix mended by its day"),
    FUTURE("log.future", "does nothing in the log lie ahead of today",
            "which of the two days is wrong is for you to say."),
    AS_BUILT("log.asbuilt", "is what was measured on the camper in the plan"),
    DAY("log.day", "can every day in the log be read",
            "type the day again.");

    private final Card card;

    DiaryRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LOG, false);
    }

    DiaryRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LOG, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
