package lectulum.design.wiring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// How a camper is wired.
///
/// @param series     sizes of wire
/// @param school     how many volts a wire may lose
/// @param larger     how many sizes larger than needed
/// @param hot        whether the insulation stands 75 °C (70 °C) only
/// @param mainFuse   rating of the fuse at the battery \[A\]; empty for the one that fits
/// @param mainAt     of wire from the battery to it \[m\]
/// @param unfused    whether there is none
/// @param disconnect whether a main switch is there
/// @param chassis    whether lamps return through the chassis
/// @param measured   on the day it was tested
/// @param circuits   set by the user; whatever is on none of them is put on one by the program
@RecordBuilder
public record Wiring(Series series, School school,
        @Means(value = "Sizes larger", of = Quantity.COUNT, high = 4) int larger, boolean hot,
        @Means(value = "Main fuse", of = Quantity.CURRENT, low = 1, high = 400) OptionalDouble mainFuse,
        @Means(value = "Battery to its fuse", high = 10) double mainAt, boolean unfused, boolean disconnect,
        boolean chassis, List<Raceway> raceways, List<Circuit> circuits,
        List<Measured> measured) implements WiringBuilder.With {
    /// Nothing laid yet: a fuse close to the battery, a main switch, two wires to everything.
    public static final Wiring NONE = new Wiring(Series.AS_SHOWN, School.BY_CLASS, 0, false, OptionalDouble.empty(),
            0.15, false, true, false, List.of(), List.of(), List.of());

    public Wiring {
        series = series == null ? Series.AS_SHOWN : series;
        school = school == null ? School.BY_CLASS : school;
        mainFuse = mainFuse == null ? OptionalDouble.empty() : mainFuse;
        raceways = raceways == null ? List.of() : List.copyOf(raceways);
        circuits = circuits == null ? List.of() : List.copyOf(circuits);
        measured = measured == null ? List.of() : List.copyOf(measured);
    }

    /// Sizes of wire that are sold.
    public enum Series {
        AS_SHOWN("as measures are shown"), AWG("American gauges"), METRIC("square millimetres");

        private final String label;

        Series(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How many volts a wire may lose.
    public enum School {
        BY_CLASS("3 % where it matters, else 10 %"), ALL_SMALL("3 % everywhere");

        private final String label;

        School(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Optional<Raceway> raceway(String id) {
        return raceways.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    public Optional<Circuit> circuit(String id) {
        return circuits.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Wiring mappingRaceway(String id, UnaryOperator<Raceway> change) {
        return withRaceways(raceways.stream().map(r -> r.id().equals(id) ? change.apply(r) : r).toList());
    }

    /// With a circuit in place of the one of its id, or besides the others.
    public Wiring with(Circuit circuit) {
        List<Circuit> next = new ArrayList<>(circuits);
        next.removeIf(c -> c.id().equals(circuit.id()));
        next.add(circuit);
        return withCircuits(next);
    }

    /// What was measured at a device.
    public Measured measured(String thing) {
        return measured.stream().filter(m -> m.thing().equals(thing)).findFirst().orElse(Measured.of(thing));
    }

    /// With what was measured at a device in place of what was before.
    public Wiring with(Measured reading) {
        List<Measured> next = new ArrayList<>(measured);
        next.removeIf(m -> m.thing().equals(reading.thing()));
        if (!reading.equals(Measured.of(reading.thing()))) {
            next.add(reading);
        }
        return withMeasured(next);
    }

    public Wiring plus(Raceway raceway) {
        List<Raceway> next = new ArrayList<>(raceways);
        next.add(raceway);
        return withRaceways(next);
    }

    public Wiring withoutRaceway(String id) {
        return withRaceways(raceways.stream().filter(r -> !r.id().equals(id)).toList());
    }

    /// An id that no raceway has yet.
    public String freeId() {
        int n = raceways.size() + 1;
        while (raceway("way-" + n).isPresent()) {
            n++;
        }
        return "way-" + n;
    }
}
