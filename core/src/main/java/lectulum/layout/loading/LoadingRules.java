package lectulum.layout.loading;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum LoadingRules implements Rule {
    LOAD_INSIDE("load.inside", "does what rolls aboard stand inside",
            "it is built inside, or so that it comes apart."),
    LOAD_RAMP("load.ramp", "does the ramp reach"),
    LOAD_CREST("load.crest", "does it clear the crest of the ramp"),
    LOAD_DOOR("load.door", "is there a door for it"),
    LOAD_HEADER("load.header", "does it go through under the header"),
    LOAD_SIDE("load.side", "does it go through between the sides"),
    LOAD_APPROACH("load.approach", "does its nose strike the ramp"),
    LOAD_DRIVER("load.driver", "can its rider get off",
            "it is pulled in by a winch, and nobody has to get off."),
    LOAD_LASH("load.lash", "do the straps hold it"),
    LOAD_ASIDE("load.aside", "do the straps hold it sideways"),
    LOAD_SUM("load.sum", "do straps and rings together hold it"),
    LOAD_RINGS("load.rings", "are there rings for the straps"),
    LOAD_ABOVE("load.above", "does it ride close under something");

    private final Card card;

    LoadingRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    LoadingRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LAYOUT, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
