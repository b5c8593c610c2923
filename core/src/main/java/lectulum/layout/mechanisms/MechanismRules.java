package lectulum.layout.mechanisms;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked here.
public enum MechanismRules implements Rule {
    SLIDE_ROOT("slide.root", "does the runner's last screw hold"),
    SLIDE_PERSON("slide.person", "may somebody lean on it when out"),
    SLIDE_OVERLAP("slide.overlap", "do the runners keep enough overlap"),
    PARK_PERSON("park.person", "does it stand with somebody on it"),
    PARK_TIP("park.tip", "does the cabinet tip when it is out"),
    TAMBOUR_RADIUS("tambour.radius", "does the roll-front bend round its track"),
    TAMBOUR_PARK("tambour.park", "has the open roll-front room"),
    TAMBOUR_EXIT("tambour.exit", "does the roll-front leave its track"),
    LEG_BUCKLE("leg.buckle", "does the leg buckle"),
    LEG_LOCK("leg.lock", "does the leg lock"),
    BEARER_STRESS("bearer.stress", "do the bars carry the sleepers"),
    BEARER_SAG("bearer.sag", "do the bars sag"),
    HUNG_FIXING("hung.fixing", "do the fixings hold the cabinet"),
    CABLE_WEAK("cable.weak", "do the cables hold"),
    HOIST_CRANK("hoist.crank", "can the winch be cranked"),
    HOIST_HOLDS("hoist.holds", "does the winch hold by itself"),
    LID_TRAVEL("lid.travel", "do the struts of the lid have the travel"),
    LID_HAND("lid.hand", "can a hand lift the lid"),
    LID_COLD("lid.cold", "does the lid stay up on a cold day"),
    LID_HOT("lid.hot", "does the lid push on its latch on a hot day"),
    LIFT_UNLOCKED("lift.unlocked", "is the raised bed held by more than gas"),
    LIFT_TRAVEL("lift.travel", "do the struts of the bed have the travel"),
    LIFT_START("lift.start", "does the bed start by itself"),
    LIFT_COLD("lift.cold", "does the bed stay up on a cold night");

    private final Card card;

    MechanismRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.LAYOUT, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
