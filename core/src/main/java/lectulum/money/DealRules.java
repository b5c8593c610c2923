package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of offers.
public enum DealRules implements Rule {
    LOAN("deal.loan", "does the payment of the loan belong to its rate");

    private final Card card;

    DealRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
