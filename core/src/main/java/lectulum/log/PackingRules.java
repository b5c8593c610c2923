package lectulum.log;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of packing.
public enum PackingRules implements Rule {
    UNUSED("log.unused", "is everything used that is taken along"),
    PACKER("log.packer", "does somebody pack everything");

    private final Card card;

    PackingRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LOG, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
