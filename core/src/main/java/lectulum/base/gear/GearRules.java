package lectulum.base.gear;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum GearRules implements Rule {
    GEAR_PARALLEL("gear.parallel", "are the two axles parallel",
            "the axle is moved under the frame, then measured again."),
    GEAR_TAPES("gear.tapes", "do the tapes to the axle close",
            "measure again from the ball to both ends."),
    GEAR_SQUARE("gear.square", "is the axle square to the tow line",
            "the axle is moved under the frame, then measured again."),
    GEAR_PLACE("gear.place", "does the axle stand where it is planned"),
    RIDE_GUARD("ride.guard", "does the tyre meet its guard at full bump"),
    GEAR_GUARD("gear.guard", "has the tyre room in its guard"),
    GEAR_GUIDE("gear.guide", "does the axle stay in the middle through its travel"),
    GEAR_SHACKLE("gear.shackle", "does the shackle swing as it should");

    private final Card card;

    GearRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.BASE, false);
    }

    GearRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.BASE, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
