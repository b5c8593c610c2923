package lectulum.materials.joinery;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of furniture that is built.
public enum JoineryRules implements Rule {
    MASS("built.mass", "does furniture weigh what its boards weigh"),
    ROOM("built.room", "can furniture be built of its boards in its size"),
    RUNNER("built.runner", "is there room for the runners of a drawer");

    private final Card card;

    JoineryRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
