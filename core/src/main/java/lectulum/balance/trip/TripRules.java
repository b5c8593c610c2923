package lectulum.balance.trip;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum TripRules implements Rule {
    TRIP_GREY("trip.grey", "is the grey tank full before the trip ends",
            "Water, Days, offers tanks that are large enough."),
    TRIP_FRESH("trip.fresh", "is the fresh water gone before the trip ends",
            "Water, Days, offers tanks that are large enough."),
    TRIP_SHARE("trip.share", "does the tongue keep its share on every day of the trip");

    private final Card card;

    TripRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BALANCE, false);
    }

    TripRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BALANCE, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
