package lectulum.power;

import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.power.wiring.VehicleLine;
import lectulum.power.wiring.Wired;

/// What the tow vehicle gives on the road, as trips and years count it.
///
/// @param watts into bank and loads while its engine runs \[W\], ≥ 0
public record RoadCharge(double watts) implements Result {
    public static final RoadCharge NONE = new RoadCharge(0);
    public static final Discipline<RoadCharge> DISCIPLINE = new Discipline<>("power-road", "Charge on the road",
            Stage.POWER, Discipline.Pace.REST,
            in -> of(in.seeing(Power::seen, Design.Part.THINGS), in.of(Wired.DISCIPLINE)), () -> NONE);

    /// By the wires as they are laid; what they lead nowhere yet is taken for what its charger says.
    public static RoadCharge of(Design d, Wired wired) {
        Plant plant = Plant.of(d);
        double amps = 0;
        for (Thing t : plant.chargers()) {
            Electric.Charger c = t.feature(Electric.Charger.class).orElseThrow();
            if (c.from() == Electric.From.VEHICLE || c.from() == Electric.From.RELAY) {
                amps += wired.line(t.id()).map(l -> amps(l, c)).orElse(c.amps());
            }
        }
        return new RoadCharge(amps * plant.charging());
    }

    private static double amps(VehicleLine line, Electric.Charger c) {
        return line.straight() ? line.amps(c) : Math.min(c.amps(), line.amps(c));
    }
}
