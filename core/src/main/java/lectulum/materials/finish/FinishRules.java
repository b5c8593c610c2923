package lectulum.materials.finish;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of paint.
public enum FinishRules implements Rule {
    COLD("paint.cold", "does paint cure where it is painted"),
    LEFT("paint.left", "is much paint left over in the last tin"),
    TAKE_OFF("finish.takeOff", "do paint and fixings weigh what is planned for them");

    private final Card card;

    FinishRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
