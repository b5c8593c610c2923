package lectulum.balance.camp;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum CampRules implements Rule {
    CAMP_TIP("camp.tip", "does it stand when people are in it uncoupled"),
    CAMP_FALLS("camp.falls", "does it stand with one jack gone"),
    CAMP_JACK("camp.jack", "is a jack loaded beyond what it carries",
            "what is heavy stands elsewhere in camp, or a stronger jack is bought and its load typed on this page."),
    CAMP_LIFTED("camp.lifted", "is a jack lifted by those in the camper",
            "the jacks are wound up again once everybody is in."),
    CAMP_MARGIN("camp.margin", "how far is it from tipping over its jacks"),
    LEVEL_BLOCKS("level.blocks", "do the blocks at hand level it",
            "another spot, or more blocks; typed with the ground on this page."),
    LEVEL_TRAVEL("level.travel", "does the tongue jack reach level",
            "another spot, or a block under the jack.");

    private final Card card;

    CampRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BALANCE, false);
    }

    CampRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
