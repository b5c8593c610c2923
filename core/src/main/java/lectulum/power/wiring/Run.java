package lectulum.power.wiring;

import java.util.List;
import java.util.Optional;
import lectulum.design.wiring.Spot;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;

/// Wires from one place to others, of one size, behind one fuse.
///
/// @param id         stable
/// @param number     of the fuse on its board, from 1; 0 for a line that is no circuit
/// @param from       id of the thing it starts at
/// @param legs       from device to device, in order
/// @param amps       it is made for \[A\]
/// @param limit      part of the system's volts that it may lose
/// @param celsius    of the warmest place on its way
/// @param loaded     most conductors beside one another on its way that carry current
/// @param returns    whether it has a wire back; else the chassis is one
/// @param before     whether it goes off before the main switch
/// @param choice     size, fuse and loss; empty where no size fits
/// @param family     kind of fuse that breaks a short there; empty where none does, or where it has no fuse
/// @param atFuse     prospective current at its fuse \[A\]
/// @param atEnd      of a short at its far end \[A\]
/// @param own        whether the user set it
public record Run(String id, int number, String name, Kind kind, String from, List<Leg> legs, double amps,
        boolean continuous, double limit, double celsius, int loaded, boolean returns, boolean before,
        Optional<WireChoice> choice, Optional<Fault.Family> family, double atFuse, double atEnd, boolean own) {

    /// What a line is for.
    public enum Kind {
        MAIN("main line"), FEEDER("feeder"), CIRCUIT("circuit"), INVERTER("inverter"), SOLAR("solar, to the battery"),
        PANELS(
                "solar, on the roof"),
        VEHICLE("from the vehicle"), CHARGER("charger");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// One stretch.
    ///
    /// @param to     id of the thing at its end
    /// @param routed whether a way along raceways was found; else it is half as long again as along the walls
    /// @param route  \[m\]
    /// @param cut    as it is cut, one wire \[m\]
    /// @param points it goes through
    /// @param along  ids of the raceways it uses
    /// @param amps   it carries \[A\]
    public record Leg(String to, boolean routed, double route, double cut, List<Spot> points, List<String> along,
            double amps) {
    }

    /// As it is cut, one wire \[m\].
    public double cut() {
        return legs.stream().mapToDouble(Leg::cut).sum();
    }

    /// Out and back \[m\].
    public double loop() {
        return 2 * cut();
    }

    /// To the farthest device at the full current, one way \[m\].
    double equivalent() {
        return amps > 0 ? legs.stream().mapToDouble(l -> l.cut * l.amps).sum() / amps : cut();
    }

    public Optional<Wire> wire() {
        return choice.map(WireChoice::wire);
    }

    /// How many wires.
    public int conductors() {
        return returns ? 2 : 1;
    }

    /// Of its wires \[kg\].
    public double mass() {
        return wire().map(w -> w.mass() * cut() * conductors()).orElse(0.0);
    }

    /// Ids of the things on it.
    public List<String> things() {
        return legs.stream().map(Leg::to).toList();
    }
}
