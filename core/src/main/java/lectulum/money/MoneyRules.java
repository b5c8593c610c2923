package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum MoneyRules implements Rule {
    MONEY_BUDGET("money.budget", "does the forecast keep to the budget"), MONEY_TYPED("money.typed",
            "is what is typed as paid what the receipts say"),
    MONEY_RATE("money.rate", "has every other currency a rate");

    private final Card card;

    MoneyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
