package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of tanks and cans.
public enum TankRules implements Rule {
    GREY_SMALL("water.greySmall", "is the grey tank as large as the fresh one asks"),
    SLOSH("water.slosh", "does a half-full tank swing with the trailer"),
    VENT("water.vent", "can the air leave while it is filled"),
    RESIDUE("water.residue", "what stays behind on a slope"),
    LIFT("water.lift", "can somebody lift the can"),
    LEVEL("water.level", "is the level known"),
    GROUND("water.ground", "where does waste water go"),
    SHAPE("water.shape", "does what is said to be in a tank fit its size");

    private final Card card;

    TankRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
