package lectulum.layout.storage;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum StorageRules implements Rule {
    REACH_ROAD("reach.road", "can it be got at on the road"),
    REACH_SERVICE("reach.service", "can it be got at for repair"),
    STORAGE_HOMELESS("storage.homeless", "has everything packed a place"),
    STORAGE_HEAVY("storage.heavy", "does a cupboard carry what is in it"),
    STORAGE_FULL("storage.full", "is a cupboard too full"),
    STORAGE_HIGH("storage.high", "is a heavy thing kept low");

    private final String id;
    private final String asks;

    StorageRules(String id, String asks) {
        this.id = id;
        this.asks = asks;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String asks() {
        return asks;
    }

    @Override
    public Stage stage() {
        return Stage.LAYOUT;
    }
}
