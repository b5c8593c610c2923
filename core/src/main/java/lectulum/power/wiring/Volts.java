package lectulum.power.wiring;

import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;

/// Volts at every device with the battery at its lowest, all wires solved together.
///
/// @param worst by the id of the thing: those that a circuit feeds
/// @param atBus lowest at the bus where circuits begin \[V\]; NaN where nothing was solved
/// @param lost  most that all wires turn to heat \[W\]
/// @param most  most that the battery gives \[A\]
public record Volts(Map<String, AtDevice> worst, double atBus, double lost, double most) {
    public Volts {
        worst = Map.copyOf(worst);
    }

    /// What a device sees at its worst.
    ///
    /// @param volts   at its terminals \[V\]
    /// @param mode    in which
    /// @param starts  name of what starts at that moment; empty for none
    /// @param shared  lost before its circuit begins \[V\]
    /// @param own     lost on its circuit \[V\]
    /// @param broken  whether it cannot get its power
    public record AtDevice(double volts, Mode mode, String starts, double shared, double own, boolean broken) {
    }

    public static Volts of(Design d, Harness harness) {
        return new VoltsSolver(d, harness).solved();
    }

    public Optional<AtDevice> at(String thing) {
        return Optional.ofNullable(worst.get(thing));
    }
}
