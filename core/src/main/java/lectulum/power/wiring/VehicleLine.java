package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.ChargeLine;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.power.Plant;

/// What reaches the bank from the tow vehicle through one charger and the wires that lead to it.
///
/// @param thing    the charger, or the relay that joins vehicle and bank
/// @param straight nothing in between lowers or raises the volts: what flows is nobody's choice
/// @param wanted   into the bank, as the charger says \[W\]
/// @param fixed    from an alternator that keeps its volts; straight: into a bank that is half full
/// @param coasting from a smart alternator while it coasts
/// @param fuse     of the line \[A\]
/// @param most     in the line, straight into a bank that is as empty as it may be \[A\]; else what the converter takes at most
public record VehicleLine(String thing, boolean straight, double wanted, ChargeLine.Flow fixed,
        ChargeLine.Flow coasting, double fuse, double most) {
    private static final double HALF = 0.5;
    /// Volts below which a converter takes less, where it does not say.
    private static final double STOPS = 11;
    private static final double SET = 14.4;

    /// Those whose wires have a size.
    static List<VehicleLine> of(Design d, Harness h) {
        List<VehicleLine> all = new ArrayList<>();
        Plant plant = Plant.of(d);
        for (Run r : h.of(Run.Kind.VEHICLE)) {
            String thing = r.things().getFirst();
            r.choice().ifPresent(w -> d.thing(thing).flatMap(t -> t.feature(Electric.Charger.class))
                    .flatMap(c -> plant.bank().map(b -> of(d, r.cut(), thing, c, b, w))).ifPresent(all::add));
        }
        return List.copyOf(all);
    }

    private static VehicleLine of(Design d, double cut, String thing, Electric.Charger c, Bank bank,
            WireChoice choice) {
        ChargeLine line = new ChargeLine(resistance(d, cut, choice.wire()));
        double fixed = Assumed.value(d, Assumption.LINE_VOLTS);
        double coasting = Assumed.value(d, Assumption.LINE_LOW);
        double wanted = c.amps() * setTo(c);
        if (c.from() == Electric.From.RELAY) {
            return new VehicleLine(thing, true, wanted, straight(line, fixed, bank, HALF),
                    straight(line, coasting, bank, HALF), choice.fuse(),
                    straight(line, fixed, bank, 1 - bank.chemistry().depth()).amps());
        }
        ChargeLine.Flow full = converted(line, c, fixed);
        ChargeLine.Flow low = converted(line, c, coasting);
        return new VehicleLine(thing, false, wanted, full, low, choice.fuse(), Math.max(full.amps(), low.amps()));
    }

    private static ChargeLine.Flow straight(ChargeLine line, double source, Bank bank, double state) {
        double rest = bank.chemistry().atRest(state) * bank.classes();
        double amps = Math.max(0, line.straight(source, rest, bank.resistance()));
        double volts = amps > 0 ? rest + amps * bank.resistance() : rest;
        return new ChargeLine.Flow(volts, amps, amps * volts);
    }

    private static ChargeLine.Flow converted(ChargeLine line, Electric.Charger c, double source) {
        return line.converted(source, c.amps(), setTo(c), Plant.CHARGER, c.stops() > 0 ? c.stops() : STOPS);
    }

    /// Both conductors at 50 °C and the contacts \[Ω\].
    private static double resistance(Design d, double cut, Wire wire) {
        return 2 * cut * wire.resistance(50) + Assumed.value(d, Assumption.LINE_CONTACTS);
    }

    private static double setTo(Electric.Charger c) {
        return c.charges().orElse(SET);
    }

    /// Amps into the bank with a fixed alternator \[A\].
    public double amps(Electric.Charger c) {
        return into(c, fixed);
    }

    /// The same while a smart one coasts \[A\].
    public double ampsCoasting(Electric.Charger c) {
        return into(c, coasting);
    }

    private double into(Electric.Charger c, ChargeLine.Flow flow) {
        return straight ? flow.amps() : flow.out() / setTo(c);
    }

    /// Turned to heat in wires and contacts, with a fixed alternator \[W\].
    public double lost(Design d) {
        return fixed.amps() * (Assumed.value(d, Assumption.LINE_VOLTS) - fixed.in());
    }
}
