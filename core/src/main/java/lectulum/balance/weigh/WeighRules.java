package lectulum.balance.weigh;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum WeighRules implements Rule {
    WEIGH_RANGE("weigh.range", "can a scale read that"),
    WEIGH_NEGATIVE("weigh.negative", "does anything stand on the scale"),
    WEIGH_POUNDS("weigh.pounds", "were pounds typed as kilograms"),
    WEIGH_KILOGRAMS("weigh.kilograms", "were kilograms typed as pounds"),
    WEIGH_COARSE("weigh.coarse", "is the scale fine enough"),
    WEIGH_AXLE("weigh.axle", "do the readings tell the axle"),
    WEIGH_WILD("weigh.wild", "do the readings contradict each other"),
    WEIGH_BLIND("weigh.blind", "what cannot be told from these readings"),
    WEIGH_IMPOSSIBLE("weigh.impossible", "can a trailer have those loads"),
    WEIGH_RESIDUAL("weigh.residual", "does a reading agree with the others"),
    WEIGH_PAPERS("weigh.papers", "do the readings agree with the vehicle's papers"),
    WEIGH_BARS("weigh.bars", "were the spring bars slack"),
    WEIGH_LACKS("weigh.lacks", "does it weigh what was planned");

    private final Card card;

    WeighRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BALANCE, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
