package lectulum.design.base;

import java.util.List;
import java.util.Optional;

/// How the axle hangs under the frame and where it was found to stand, as far as that is known.
///
/// @param springs leaf springs on shackles, all wheels alike
/// @param guide   what holds the axle sideways, where the springs do not
/// @param guard   mudguards; how high they are over the axle stands among the assumed values
/// @param tapes   from the ball to each axle, the front one first
public record Gear(Optional<Springs> springs, Optional<Guide> guide, Optional<Guard> guard, List<Tapes> tapes) {
    /// Nothing known.
    public static final Gear UNKNOWN = new Gear(Optional.empty(), Optional.empty(), Optional.empty(), List.of());

    public Gear {
        springs = springs == null ? Optional.empty() : springs;
        guide = guide == null ? Optional.empty() : guide;
        guard = guard == null ? Optional.empty() : guard;
        tapes = tapes == null ? List.of() : List.copyOf(tapes);
    }

    /// A leaf spring, fixed at its front eye, on a shackle at its rear one.
    ///
    /// @param leaf    developed length of the main leaf, eye to eye \[m\]
    /// @param free    camber with the wheel hanging: the middle below the line of the eyes \[m\]
    /// @param laden   camber under the loaded camper \[m\]
    /// @param bump    camber at full bump; negative where it bends through \[m\]
    /// @param shackle hole to hole \[m\]
    /// @param rise    shackle hole of the frame above the front hole \[m\]
    /// @param angle   of the shackle wanted when laden, from straight down, rearwards positive \[rad\]
    /// @param hangers hole to hole as welded \[m\]; 0 before they are
    public record Springs(double leaf, double free, double laden, double bump, double shackle, double rise,
            double angle, double hangers) {

        public Springs hung(double holes) {
            return new Springs(leaf, free, laden, bump, shackle, rise, angle, holes);
        }
    }

    /// What holds an axle sideways.
    ///
    /// @param arm    length of the bar, or of each of the two equal arms \[m\]
    /// @param offset frame end of the bar above its axle end when laden, or hole to hole of the middle link \[m\]
    public record Guide(Kind kind, double arm, double offset) {
        public Guide {
            kind = kind == null ? Kind.BAR : kind;
        }

        /// How it is guided.
        public enum Kind {
            BAR("one bar across (Panhard)"), LINK("two arms and a link (Watt)");

            private final String label;

            Kind(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /// @param length along the camper, inside \[m\]
    /// @param inside middle of the camper to what faces the tyre's inner side: guard, frame or body \[m\]
    public record Guard(double length, double inside) {
    }

    /// From the centre of the ball to two points of an axle that are alike on both sides.
    ///
    /// @param left    \[m\]
    /// @param right   \[m\]
    /// @param between the two points \[m\]
    /// @param offset  middle of the axle to the right of the frame's middle \[m\]
    public record Tapes(double left, double right, double between, double offset) {
    }

    public Gear withSprings(Optional<Springs> leaves) {
        return new Gear(leaves, guide, guard, tapes);
    }

    public Gear withGuide(Optional<Guide> holds) {
        return new Gear(springs, holds, guard, tapes);
    }

    public Gear withGuard(Optional<Guard> mud) {
        return new Gear(springs, guide, mud, tapes);
    }

    public Gear withTapes(List<Tapes> read) {
        return new Gear(springs, guide, guard, read);
    }
}
