package lectulum.log;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of tests.
public enum TrialRules implements Rule {
    FAILED("log.failed", "was every test passed"), LINING("log.lining", "did it keep the rain out before it was lined",
            "a hose and a quarter of an hour; the result goes on Tests."),
    BOUNCE("log.bounce", "do the springs come to rest soon",
            "new dampers; then push it down and count again.");

    private final Card card;

    TrialRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LOG, false);
    }

    TrialRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LOG, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
