package lectulum.layout.outside;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum OutsideRules implements Rule {
    OUT_LIMIT_WIDTH("out.limit.width", "is it as narrow as the road allows"),
    OUT_LIMIT_HEIGHT("out.limit.height", "is it as low as the road allows"),
    OUT_LIMIT_GARAGE("out.limit.garage", "does it go in at the door where it is kept"),
    OUT_LIMIT_DEEP("out.limit.deep", "is it short enough for where it is kept"),
    OUT_LIMIT_DOOR("out.limit.door", "is it narrow enough for where it is kept"),
    OUT_LIMIT_BRANCH("out.limit.branch", "does it pass under the lowest branch or arch on the usual way"),
    OUT_PITCH("out.pitch", "does rain run off the awning"),
    OUT_LADDER("out.ladder", "does the ladder stand at the right slope"),
    OUT_POLE("out.pole", "do the poles reach the ground"),
    OUT_DOOR("out.door", "does the awning leave a door free"),
    OUT_FIRE("out.fire", "does anything burn too near to cloth");

    private final Card card;

    OutsideRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
