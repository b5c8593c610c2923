package lectulum.air;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the walls.
public enum EnvelopeRules implements Rule {
    WALLS("air.walls", "is it known what the walls are built of"),
    STUD("air.stud", "are the studs so cold that they get wet");

    private final Card card;

    EnvelopeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
