package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of a year by the hour.
public enum YearRules implements Rule {
    POWER_YEAR("power.year", "does it last through a year of trips");

    private final Card card;

    YearRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
