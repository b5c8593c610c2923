package lectulum.materials.cutting;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the stock.
public enum StockRules implements Rule {
    NEARLY("stock.nearly", "is stock of the size that is planned, not only of its name"),
    USED("stock.used", "is no more used than was there",
            "count what is on the shelf again, on Stock.");

    private final Card card;

    StockRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    StockRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MATERIALS, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
