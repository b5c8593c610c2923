package lectulum.balance;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import lectulum.design.Design;
import lectulum.space.Body;
import lectulum.symbols.Chassis;
import lectulum.symbols.Form;
import lectulum.symbols.TowVehicle;

/// The forms of frame, wheels and tow vehicle, made when they are first drawn and then kept: many studies of one rig draw them.
final class Looks {
    private final Design design;
    private final Body body;
    private final Map<Kind, Form> made = new ConcurrentHashMap<>();

    private enum Kind {
        RIDING, PARKED, WHEELS, VEHICLE
    }

    Looks(Design design, Body body) {
        this.design = design;
        this.body = body;
    }

    /// @param parked whether the tongue jack stands on the ground
    Form chassis(boolean parked) {
        return kept(parked ? Kind.PARKED : Kind.RIDING, () -> Chassis.of(design, body, parked));
    }

    Form wheels() {
        return kept(Kind.WHEELS, () -> Chassis.wheels(design.base()));
    }

    Form vehicle() {
        return kept(Kind.VEHICLE, () -> TowVehicle.of(design));
    }

    private Form kept(Kind kind, Supplier<Form> making) {
        return made.computeIfAbsent(kind, k -> making.get());
    }
}
