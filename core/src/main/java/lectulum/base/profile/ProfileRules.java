package lectulum.base.profile;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum ProfileRules implements Rule {
    SHELL_ARCS("shell.arcs", "do the arcs of the profile fit their edges"),
    SHELL_RADIUS("shell.radius", "does the skin bend that far"),
    SHELL_HATCH_HEADROOM("shell.hatch.headroom", "can one stand under the open hatch"),
    SHELL_HATCH_BLOCKED("shell.hatch.blocked", "can the hatch open"),
    SHELL_LIFT_GAP("shell.lift.gap", "are the side panels as high as the top rises",
            "panels as high as it rises are ordered, or it rises less; which of the two is for you to say."),
    SHELL_LIFT_LOW("shell.lift.low", "can somebody stand under the raised top");

    private final Card card;

    ProfileRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    ProfileRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BASE, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
