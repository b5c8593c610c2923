package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum MoneyRules implements Rule {
    MONEY_BUDGET("money.budget", "does the forecast keep to the budget",
            "Save, in Money, finds what costs least to do without."),
    MONEY_TYPED("money.typed",
            "is what is typed as paid what the receipts say"),
    MONEY_RATE("money.rate", "has every other currency a rate",
            "look up the rate of the day and type it on Totals.");

    private final Card card;

    MoneyRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    MoneyRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MONEY, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
