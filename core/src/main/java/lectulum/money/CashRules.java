package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the months ahead.
public enum CashRules implements Rule {
    LATE("money.late", "can it be paid when it is wanted");

    private final Card card;

    CashRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
