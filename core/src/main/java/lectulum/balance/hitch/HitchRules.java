package lectulum.balance.hitch;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum HitchRules implements Rule {
    HITCH_LEVEL("hitch.level", "does it ride level", true),
    TORSION_HANGS("torsion.hangs", "do both axles carry when the ball is high or low", false),
    TORSION_OVER("torsion.over", "does one axle carry more than it may", false),
    RIDE_BOUNCE("ride.bounce", "do the springs suit the load", false),
    BARS_AXLE("bars.axle", "do spring bars overload the axle", true),
    BARS_RATED("bars.rated", "are the spring bars strong enough", true),
    BARS_REAR("bars.rear", "do the bars take grip off the rear wheels", true);

    private final Card card;

    HitchRules(String id, String asks, boolean ofVehicle) {
        this.card = new Card(id, asks, Stage.BALANCE, ofVehicle);
    }

    @Override
    public Card card() {
        return card;
    }
}
