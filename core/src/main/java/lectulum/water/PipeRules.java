package lectulum.water;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of pipes, pump and drains.
public enum PipeRules implements Rule {
    FLOW("pipe.flow", "does enough come out of every tap"),
    DRY("pipe.dry", "does every tap get water"),
    FED("pipe.fed", "is there a pump or a height that feeds the taps"),
    CYCLES("pipe.cycles", "how often does the pump start"),
    SUCTION("pipe.suction", "does the pump suck too hard"),
    CITY("pipe.city", "is a site's water held back and let in one way"),
    DRAIN("pipe.drain", "does waste water run off"),
    TRAPPED("pipe.trapped", "does water stay in the pipes in winter"),
    OFF("pipe.off", "is every drain on a pipe"),
    FREEZES("pipe.freezes", "do pipes freeze in the night"),
    WAITS("pipe.waits", "how long until hot water comes"),
    TAKE_OFF("pipe.bought", "do the pipes weigh what was assumed");

    private final Card card;

    PipeRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.WATER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
