package lectulum.power;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of the bank and of what charges it.
public enum SourceRules implements Rule {
    TWO_VOLTS("power.classes", "have all batteries the same volts"),
    PARALLEL("power.parallel", "do batteries side by side share the work",
            "leads of one length to one bar, and never more than four side by side."),
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
    FREEZING("power.freezing", "does a lead battery freeze in storage",
            "charge it before the winter, or take it indoors."),
    STORAGE("power.storage", "does the battery survive storage"),
    SUNLESS("power.sunless", "does it last the days without sun wished"),
    INVERTER("power.inverter", "is the inverter the right size"),
    IDLE("power.idle", "does the inverter take much itself",
            "switch it off when nothing runs on it, or take a smaller one."),
    GUESS("power.guess", "is what draws most known well",
            "a meter in its line for a day; then say on its card that it is measured.");

    private final Card card;

    SourceRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    SourceRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.POWER, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
