package lectulum.balance.camp;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum CampRules implements Rule {
    CAMP_TIP("camp.tip", "does it stand when people are in it uncoupled"),
    CAMP_FALLS("camp.falls", "does it stand with one jack gone"),
    CAMP_JACK("camp.jack", "is a jack loaded beyond what it carries"),
    CAMP_LIFTED("camp.lifted", "is a jack lifted by those in the camper"),
    CAMP_MARGIN("camp.margin", "how far is it from tipping over its jacks"),
    LEVEL_BLOCKS("level.blocks", "do the blocks at hand level it"),
    LEVEL_TRAVEL("level.travel", "does the tongue jack reach level");

    private final Card card;

    CampRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BALANCE, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
