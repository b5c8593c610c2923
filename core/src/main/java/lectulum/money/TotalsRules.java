package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of where the money goes.
public enum TotalsRules implements Rule {
    FAIR("money.fair", "are gifts and own parts valued",
            "what it would have cost is for you to say, on Receipts."),
    OVER("money.over", "is little left over of what is bought",
            "a smaller pack, another use or the shop; Receipts takes back what is returned."),
    SMALL("money.small", "are small parts in the bill"),
    PAPERS("money.papers", "is what registration and inspection cost in the bill"),
    DAY("money.day", "can every day of a receipt be read",
            "type the day again, on Receipts.");

    private final Card card;

    TotalsRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    TotalsRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MONEY, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
