package lectulum.base.frame;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum FrameRules implements Rule {
    FRAME_STRESS("frame.stress", "do the rails carry the load"),
    FRAME_SAG("frame.sag", "does the frame sag");

    private final String id;
    private final String asks;

    FrameRules(String id, String asks) {
        this.id = id;
        this.asks = asks;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String asks() {
        return asks;
    }

    @Override
    public Stage stage() {
        return Stage.BASE;
    }
}
