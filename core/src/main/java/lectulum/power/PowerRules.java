package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum PowerRules implements Rule {
    POWER_NIGHTS("power.nights", "does the battery last the nights wanted"),
    POWER_CURRENT("power.current", "may the battery give what all draw together"),
    POWER_MIXED("power.mixed", "are all batteries of one kind"),
    POWER_HOURS("power.hours", "are the hours of a load understood"),
    POWER_YEAR("power.year", "does it last through a year of trips");

    private final Card card;

    PowerRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
