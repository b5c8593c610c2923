package lectulum.trip;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What fails first on a trip that is rehearsed.
public enum TripRules implements Rule {
    POWER("rehearsal.power", "is anything not had on the trip, hour by hour"),
    FRESH("rehearsal.fresh", "in which hour is the fresh water gone"),
    GREY("rehearsal.grey", "in which hour is the grey tank full"),
    BLACK("rehearsal.black", "in which hour is the toilet full"),
    GAS("rehearsal.gas", "in which hour is the gas gone"),
    FUEL("rehearsal.fuel", "in which hour is the heater's fuel gone"),
    FOOD("rehearsal.food", "on which day is the food gone"),
    ICE("rehearsal.ice", "in which hour has the ice of a cold box melted"),
    COLD("rehearsal.cold", "does it get cold inside",
            "Air, Warmth, says which heater is enough and offers it."),
    HOT("rehearsal.hot", "does it get hot inside",
            "Air, Cooling, says what shade, a fan and a white roof bring."),
    TONGUE("rehearsal.tongue", "does the tongue leave its band",
            "Balance, Trip, has the whole curve and what brings it back."),
    EMPTY("rehearsal.empty", "has the trip any days");

    private final Card card;

    TripRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.TRIP, false);
    }

    TripRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.TRIP, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
