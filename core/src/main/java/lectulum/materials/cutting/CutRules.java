package lectulum.materials.cutting;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of cutting plans.
public enum CutRules implements Rule {
    LONG("cut.long", "does every piece fit a stick or sheet that can be had"),
    PROVEN("cut.proven", "is it proven that no plan is cheaper",
            "more searching does not change the plan that is shown until a cheaper one is found."),
    HAND("cut.hand", "can what was laid by hand be cut"),
    GONE("cut.gone", "are pieces that were laid by hand still wanted");

    private final Card card;

    CutRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    CutRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.MATERIALS, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
