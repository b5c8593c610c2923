package lectulum.layout;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum LayoutRules implements Rule {
    LAYOUT_OVERLAP("layout.overlap", "do two things share a place"),
    LAYOUT_OUTSIDE("layout.outside", "does a thing go through the shell");

    private final Card card;

    LayoutRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
