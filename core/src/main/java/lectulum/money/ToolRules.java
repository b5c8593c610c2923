package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of tools.
public enum ToolRules implements Rule {
    DEARER("tools.dearer", "is no tool bought that is cheaper hired, or the other way round"),
    BILL("tools.bill", "is every tool that costs money in the bill");

    private final Card card;

    ToolRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MONEY, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
