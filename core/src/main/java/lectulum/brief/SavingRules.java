package lectulum.brief;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of ways to save.
public enum SavingRules implements Rule {
    TARGET("save.target", "can as much be saved as is wanted",
            "less is wanted, or ways of your own are added."),
    SUM("save.sum", "do ways to save add up");

    private final Card card;

    SavingRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    SavingRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MONEY, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
