package lectulum.gas;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of gas and fuel.
public enum GasRules implements Rule {
    FLAME("gas.flame", "does smoke come into a room where people sleep"),
    EXHAUST("gas.exhaust", "does smoke leave away from openings"),
    STORED("gas.stored", "do bottles and fuel stand apart from the cabin"),
    LOCKER("gas.locker", "can gas that leaks out of a bottle leave its locker"),
    SHORT("gas.short", "does the gas last the trip"),
    COLD("gas.cold", "does the bottle give enough gas in the cold"),
    AGED("gas.aged", "how old are regulator and hose"),
    FUEL("gas.fuel", "does the fuel last the trip"),
    LINE("gas.line", "is the gas line wide enough");

    private final Card card;

    GasRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.AIR, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
