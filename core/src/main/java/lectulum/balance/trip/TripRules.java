package lectulum.balance.trip;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum TripRules implements Rule {
    TRIP_GREY("trip.grey", "is the grey tank full before the trip ends", false),
    TRIP_FRESH("trip.fresh", "is the fresh water gone before the trip ends", false),
    TRIP_SHARE("trip.share", "does the tongue keep its share on every day of the trip", false);

    private final String id;
    private final String asks;
    private final boolean ofVehicle;

    TripRules(String id, String asks, boolean ofVehicle) {
        this.id = id;
        this.asks = asks;
        this.ofVehicle = ofVehicle;
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
        return Stage.BALANCE;
    }

    @Override
    public boolean ofVehicle() {
        return ofVehicle;
    }
}
