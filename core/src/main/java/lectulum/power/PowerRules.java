package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum PowerRules implements Rule {
    POWER_NIGHTS("power.nights", "does the battery last the nights wanted");

    private final String id;
    private final String asks;

    PowerRules(String id, String asks) {
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
        return Stage.POWER;
    }
}
