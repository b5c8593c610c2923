package lectulum.layout.storage;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum StorageRules implements Rule {
    REACH_ROAD("reach.road", "can it be got at on the road",
            "what is wanted on the way is stowed last; drag it on the sheet."),
    REACH_SERVICE("reach.service", "can it be got at for repair",
            "a cover that comes off, or what stands before it moved; drag it on the sheet."),
    STORAGE_HOMELESS("storage.homeless", "has everything packed a place"),
    STORAGE_HEAVY("storage.heavy", "does a cupboard carry what is in it"),
    STORAGE_FULL("storage.full", "is a cupboard too full"),
    STORAGE_HIGH("storage.high", "is a heavy thing kept low"),
    STORAGE_APART("storage.apart", "is what is wet or foul kept apart from food and beds");

    private final Card card;

    StorageRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    StorageRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.LAYOUT, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
