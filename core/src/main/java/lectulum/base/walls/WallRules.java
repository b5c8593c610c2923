package lectulum.base.walls;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum WallRules implements Rule {
    CUT_HEADER("cut.header", "is there a header strong enough over a hole"),
    CUT_STUD("cut.stud", "does a hole cut members"),
    CUT_NEAR("cut.near", "is a hole near a corner or another hole"),
    CUT_BEHIND("cut.behind", "does anything stand behind a hole"),
    CUT_FLAME("cut.flame", "is the edge of a hole far enough from a flame"),
    MOUNT_STUD("mount.stud", "is a heavy thing fixed to a member");

    private final Card card;

    WallRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
