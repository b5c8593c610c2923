package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the bank and of what charges it.
public enum SourceRules implements Rule {
    TWO_VOLTS("power.classes", "have all batteries the same volts"),
    PARALLEL("power.parallel", "do batteries side by side share the work"),
    AGES("power.ages", "are all batteries of one age"),
    CHARGE("power.charge", "may the battery take what all chargers give"),
    COLD_STRING("power.string.cold", "does the controller stand the panels on a cold morning"),
    HOT_STRING("power.string.hot", "do hot panels still charge"),
    WASTE("power.string.waste", "does the controller waste the panels' power"),
    STRING_FUSE("power.string.fuse", "is each string protected from the others"),
    CONTROLLER("power.controller", "is there a controller for the panels, large enough"),
    PROFILE("power.profile", "is each charger set to the battery"),
    FROST("power.frost", "does each charger stop in frost"),
    VENT("power.vent", "does what gasses get air"),
    FREEZING("power.freezing", "does a lead battery freeze in storage"),
    STORAGE("power.storage", "does the battery survive storage"),
    SUNLESS("power.sunless", "does it last the days without sun wished"),
    INVERTER("power.inverter", "is the inverter the right size"),
    IDLE("power.idle", "does the inverter take much itself"),
    GUESS("power.guess", "is what draws most known well");

    private final Card card;

    SourceRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    @Override
    public Card card() {
        return card;
    }
}
