package lectulum.power.wiring;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// What is checked of wires and fuses.
public enum WiringRules implements Rule {
    UNFUSED("wire.unfused", "does a fuse stand close to the battery"),
    OVERFUSED("wire.overfused", "does each fuse protect the thinnest wire behind it"),
    BREAKS("wire.breaks", "can each fuse break what a short lets through it",
            "a fuse that breaks more, as its family says, is bought; Fuses has the current."),
    CLEARS("wire.clears", "does each fuse blow for a short at the far end"),
    VOLTS("wire.volts", "does each device get the volts it needs"),
    LOSS("wire.loss", "does each wire lose no more volts than it may"),
    NO_SIZE("wire.size", "is there a wire that carries each circuit"),
    COLLAPSE("wire.collapse", "can each device get its power through its wires"),
    NO_WAY("wire.way", "does a raceway lead to each device"),
    FILL("wire.fill", "do the wires fit their raceways"),
    CROSSING("wire.crossing", "does each wire cross moving joints with slack"),
    OUTSIDE("wire.outside", "is each raceway inside the body",
            "the raceway is drawn again on the sheet."),
    TERMINAL("wire.terminal", "does each wire fit the terminals it goes to",
            "a short tail of the size that fits, crimped on."),
    OVERSIZED("wire.oversized", "is no wire thicker than it needs to be"),
    BOARD("wire.board", "is there a fuse panel large enough"),
    SOCKET("wire.socket", "may each socket give what is plugged into it"),
    SWITCH("wire.switch", "can everything be switched off at once"),
    VEHICLE_LINE("wire.vehicle", "does what the vehicle gives reach the battery"),
    STRAIGHT("wire.straight", "does a line straight from the vehicle suit the bank"),
    EMPTY("wire.empty", "does something hang on each circuit"),
    NO_BATTERY("wire.battery", "is there something to wire to",
            "add a battery or an inlet, on Layout."),
    TAKE_OFF("wire.takeoff", "is the wiring in the camper what the circuits need");

    private final Card card;

    WiringRules(String id, String asks) {
        this.card = new Card(id, asks, Stage.POWER, false);
    }

    WiringRules(String id, String asks, String byHand) {
        this.card = new Card(id, asks, Stage.POWER, false, byHand);
    }

    @Override
    public Card card() {
        return card;
    }
}
