package lectulum.money;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum MoneyRules implements Rule {
    MONEY_BUDGET("money.budget", "does the forecast keep to the budget");

    private final String id;
    private final String asks;

    MoneyRules(String id, String asks) {
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
        return Stage.MONEY;
    }
}
