package lectulum.air;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the air that people breathe.
public enum BreathRules implements Rule {
    BREATH("air.breath", "do sleepers get fresh air"),
    VENTS("air.vents", "are the openings that are never shut large enough"),
    FAN("air.fan", "does the fan get the air that it can move"),
    SPILL("air.spill", "does a fan draw smoke back into the room"),
    ALARMS("air.alarms", "is every alarm there, at its height");

    private final Card card;

    BreathRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
