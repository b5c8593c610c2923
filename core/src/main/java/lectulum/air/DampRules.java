package lectulum.air;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of damp.
public enum DampRules implements Rule {
    PANES("air.panes", "how wet do the panes get in a night"),
    WITHIN("air.within", "does water gather within a wall"),
    MOULD("air.mould", "does a corner behind furniture stay damp");

    private final Card card;

    DampRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
