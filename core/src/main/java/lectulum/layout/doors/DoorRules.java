package lectulum.layout.doors;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum DoorRules implements Rule {
    MOTION_BLOCKED("motion.blocked", "does a door or drawer open as far as it should"),
    MOTION_PAIR("motion.pair", "can two doors or drawers be open together"),
    EXIT_COUNT("exit.count", "are there two ways out at night"),
    EXIT_TRAP("exit.trap", "can a way out be barred from outside"),
    PASSAGE_NARROW("passage.narrow", "is the way wide enough");

    private final Card card;

    DoorRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
