package lectulum.layout;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum LayoutRules implements Rule {
    LAYOUT_OVERLAP("layout.overlap", "do two things share a place"),
    LAYOUT_OUTSIDE("layout.outside", "does a thing go through the shell");

    private final String id;
    private final String asks;

    LayoutRules(String id, String asks) {
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
        return Stage.LAYOUT;
    }
}
