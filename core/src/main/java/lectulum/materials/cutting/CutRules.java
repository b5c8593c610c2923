package lectulum.materials.cutting;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of cutting plans.
public enum CutRules implements Rule {
    LONG("cut.long", "is every piece shorter than the sticks that are sold"),
    PROVEN("cut.proven", "is it proven that no plan is cheaper");

    private final Card card;

    CutRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
