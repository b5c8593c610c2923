package lectulum.trip;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What fails first on a trip that is rehearsed.
public enum TripRules implements Rule {
    POWER("rehearsal.power", "does the battery last the trip"),
    FRESH("rehearsal.fresh", "does the fresh water last the trip"),
    GREY("rehearsal.grey", "has the grey tank room for the trip"),
    BLACK("rehearsal.black", "has the toilet room for the trip"),
    GAS("rehearsal.gas", "does the gas last the trip"),
    FUEL("rehearsal.fuel", "does the fuel last the trip"),
    COLD("rehearsal.cold", "does it get cold inside"),
    HOT("rehearsal.hot", "does it get hot inside"),
    TONGUE("rehearsal.tongue", "does the tongue leave its band"),
    EMPTY("rehearsal.empty", "has the trip any days");

    private final Card card;

    TripRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.TRIP, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
