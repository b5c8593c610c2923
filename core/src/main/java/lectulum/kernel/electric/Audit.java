package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/// Whether each piece of wire is protected by the fuse before it.
public final class Audit {
    /// A piece this short may go from a source, or from a thicker wire, to its fuse \[m\] (ABYC E-11).
    public static final double SHORT = 0.178;

    private Audit() {
    }

    /// A piece of wire, with those behind it.
    ///
    /// @param allowed what it may carry \[A\]
    /// @param fuse    at its beginning \[A\]; empty for none
    /// @param length  \[m\]
    public record Piece(String name, double allowed, OptionalDouble fuse, double length, List<Piece> behind) {
    }

    /// A piece that is not protected.
    ///
    /// @param fuse the one before it \[A\]; empty where there is none
    public record Open(Piece piece, OptionalDouble fuse) {
    }

    /// From the source on, in the order of the wires.
    public static List<Open> of(Piece source) {
        List<Open> all = new ArrayList<>();
        walk(source, OptionalDouble.empty(), all);
        return List.copyOf(all);
    }

    private static void walk(Piece p, OptionalDouble before, List<Open> all) {
        OptionalDouble fuse = p.fuse.isPresent() ? p.fuse : before;
        boolean tap = p.fuse.isEmpty() && p.length <= SHORT + 1e-9 && !p.behind.isEmpty()
                && p.behind.stream().allMatch(b -> b.fuse.isPresent());
        if (!tap && (fuse.isEmpty() || fuse.getAsDouble() > p.allowed)) {
            all.add(new Open(p, fuse));
        }
        p.behind.forEach(b -> walk(b, fuse, all));
    }
}
