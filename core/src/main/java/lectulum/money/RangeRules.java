package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of how sure the sum is.
public enum RangeRules implements Rule {
    RANGE("money.range", "does the budget hold in eight cases of ten",
            "a plan that costs less is on Save, a narrower one comes by offers."),
    GUESSED("money.guessed", "is more than a guess known of the prices",
            "a price becomes known by asking for it."),
    OLD("money.old", "are prices younger than a year");

    private final Card card;

    RangeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    RangeRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MONEY, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
