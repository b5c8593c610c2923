package lectulum.kernel.electric;

import java.util.List;
import java.util.Optional;

/// What flows through a short, and which fuse breaks it.
public final class Fault {
    private Fault() {
    }

    /// A stretch of cable, one way.
    ///
    /// @param area   \[mm²\]
    /// @param length \[m\]
    public record Stretch(double area, double length) {
        double loop() {
            return 2 * length * Wire.resistance(area, 20);
        }
    }

    /// A kind of fuse.
    ///
    /// @param least    smallest rating made \[A\]
    /// @param most     largest \[A\]
    /// @param breaks   what it breaks, by the volts up to which: pairs of V and A, rising volts
    public record Family(String name, double least, double most, double[][] breaks) {
        /// What it breaks at some volts \[A\]; nothing above its highest.
        public double breaks(double volts) {
            for (double[] pair : breaks) {
                if (volts <= pair[0]) {
                    return pair[1];
                }
            }
            return 0;
        }
    }

    /// Cold cable, prospective \[A\].
    ///
    /// @param open   volts of the bank at rest \[V\]
    /// @param inside resistance of it \[Ω\]; for what a fuse must break, half of the table's, since new and warm cells have less
    public static double current(double open, double inside, List<Stretch> way) {
        return open / (inside + way.stream().mapToDouble(Stretch::loop).sum());
    }

    /// The first family, cheapest first, that is made in a rating, stands the volts and breaks the current.
    public static Optional<Family> breaking(List<Family> families, double rating, double volts, double amps) {
        return families.stream().filter(f -> rating >= f.least && rating <= f.most && f.breaks(volts) >= amps)
                .findFirst();
    }

    /// How sure a fuse blows for a short at the end of its wire.
    ///
    /// @param amps   of the short at the end \[A\]
    /// @param rating of the fuse \[A\]
    public static Clears clears(double amps, double rating) {
        double times = amps / rating;
        return times >= 3.5 ? Clears.AT_ONCE : times >= 2 ? Clears.SLOWLY : Clears.PERHAPS_NOT;
    }

    /// Well under a second; in seconds, while the wire gets hot; perhaps never, while it smoulders.
    public enum Clears {
        AT_ONCE, SLOWLY, PERHAPS_NOT
    }
}
