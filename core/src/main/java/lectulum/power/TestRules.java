package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of measurements.
public enum TestRules implements Rule {
    JOINT("test.joint", "does a joint lose more than its wires do",
            "a joint is made again with tools, and then measured again.");

    private final Card card;

    TestRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    TestRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.POWER, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
