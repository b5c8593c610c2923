package lectulum.materials.skins;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the layers of the shell.
public enum SkinRules implements Rule {
    TAKE_OFF("skin.bought", "does the shell weigh what was assumed");

    private final Card card;

    SkinRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.MATERIALS, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
