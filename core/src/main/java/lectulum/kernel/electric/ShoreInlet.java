package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// A connection to the mains: what it carries, and what is left out where that is not enough.
///
/// @param volts      \[V\]
/// @param amps       of its breaker \[A\]
/// @param continuous part of them that may flow for hours
public record ShoreInlet(double volts, double amps, double continuous) {
    /// \[W\].
    public double usable() {
        return volts * amps * continuous;
    }

    /// A load on it.
    ///
    /// @param priority 1 for what is never left out, to 9 for what goes first
    public record Demand(String name, double watts, int priority) {
    }

    /// What stays and what goes.
    ///
    /// @param enough whether what stays fits
    public record Kept(List<Demand> stay, List<Demand> shed, boolean enough) {
        public double watts() {
            return stay.stream().mapToDouble(Demand::watts).sum();
        }
    }

    /// Leaves out the least wanted, then the largest, then by name, until the rest fits.
    public Kept kept(List<Demand> all) {
        List<Demand> stay = new ArrayList<>(all);
        List<Demand> shed = new ArrayList<>();
        while (stay.stream().mapToDouble(Demand::watts).sum() > usable()) {
            var next = stay.stream().filter(d -> d.priority > 1)
                    .min(Comparator.comparingInt((Demand d) -> -d.priority).thenComparingDouble(d -> -d.watts)
                            .thenComparing(Demand::name));
            if (next.isEmpty()) {
                return new Kept(List.copyOf(stay), List.copyOf(shed), false);
            }
            stay.remove(next.get());
            shed.add(next.get());
        }
        return new Kept(List.copyOf(stay), List.copyOf(shed), true);
    }

    /// Lost in the cord, out and back \[V\].
    ///
    /// @param length of the cord \[m\]
    public double drop(double watts, double area, double length) {
        return drop(watts / volts, watts / volts, area, length);
    }

    /// Lost in a cord with a current of its own back: with two legs it is their difference \[V\].
    ///
    /// @param out  most in one leg \[A\]
    /// @param back in the neutral \[A\]
    public static double drop(double out, double back, double area, double length) {
        return (out + back) * length * Wire.resistance(area, 40);
    }
}
