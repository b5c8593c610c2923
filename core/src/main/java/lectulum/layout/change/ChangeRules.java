package lectulum.layout.change;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum ChangeRules implements Rule {
    CHANGE_TIME("change.time", "is camp made in the minutes wanted"),
    CHANGE_RING("change.ring", "must a thing be set outside to change over"),
    CHANGE_HEAVY("change.heavy", "can one person move it");

    private final String id;
    private final String asks;

    ChangeRules(String id, String asks) {
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
