package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum MoneyRules implements Rule {
    MONEY_BUDGET("money.budget", "does the forecast keep to the budget");

    private final Card card;

    MoneyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
