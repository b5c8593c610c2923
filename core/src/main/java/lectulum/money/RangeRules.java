package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of how sure the sum is.
public enum RangeRules implements Rule {
    RANGE("money.range", "does the budget hold in eight cases of ten"),
    GUESSED("money.guessed", "is more than a guess known of the prices"),
    OLD("money.old", "are prices younger than a year");

    private final Card card;

    RangeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
