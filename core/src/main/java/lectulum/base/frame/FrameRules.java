package lectulum.base.frame;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum FrameRules implements Rule {
    FRAME_STRESS("frame.stress", "do the rails carry the load"),
    FRAME_SAG("frame.sag", "does the frame sag");

    private final Card card;

    FrameRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
