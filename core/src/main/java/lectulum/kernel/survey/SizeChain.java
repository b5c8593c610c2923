package lectulum.kernel.survey;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What is left of a length after all that is in the way, with how sure that is: each size carries its own tolerance and
/// the doubt of the rest is the root of their squares.
///
/// @param whole what is divided
/// @param taken what is taken off it
/// @param need  what has to fit in the rest \[m\]
public record SizeChain(Link whole, List<Link> taken, double need) {
    /// Tolerances by how a size is known \[m\] (assumed): measured, from a catalogue, guessed.
    public static final double MEASURED = 0.002;
    public static final double CATALOGUE = 0.005;
    public static final double GUESS = 0.020;

    public SizeChain {
        taken = List.copyOf(taken);
    }

    /// One size of the chain.
    ///
    /// @param count how often it is taken off
    public record Link(String name, double size, int count, double tolerance) {
    }

    /// Whether the need is met.
    public enum Answer {
        SURE, MAYBE, NO
    }

    /// What is left \[m\].
    public double left() {
        return whole.size - taken.stream().mapToDouble(l -> l.count * l.size).sum();
    }

    /// Tolerance of what is left \[m\]; a size taken off twice errs twice the same way only within its one tolerance.
    public double tolerance() {
        double squares = whole.tolerance * whole.tolerance;
        for (Link link : taken) {
            squares += link.tolerance * link.tolerance;
        }
        return Math.sqrt(squares);
    }

    /// What is left over once the need is met \[m\].
    public double spare() {
        return left() - need;
    }

    public Answer answer() {
        return spare() >= tolerance() ? Answer.SURE : spare() > -tolerance() ? Answer.MAYBE : Answer.NO;
    }

    /// The size whose better measuring would settle most.
    public Optional<Link> measureFirst() {
        return java.util.stream.Stream.concat(java.util.stream.Stream.of(whole), taken.stream())
                .max(Comparator.comparingDouble(Link::tolerance));
    }
}
