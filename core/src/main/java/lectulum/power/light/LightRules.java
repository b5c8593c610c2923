package lectulum.power.light;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of lamps.
public enum LightRules implements Rule {
    DARK("light.dark", "is there light enough where people work, read and live"),
    BRIGHT("light.bright", "is no place lit too brightly to bear"),
    BLINDS("light.blinds", "does no lamp blind who lies"),
    NIGHT("light.night", "is there a dim light for the night"),
    OUTSIDE("light.outside", "has the lamp outside a switch of its own");

    private final Card card;

    LightRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
