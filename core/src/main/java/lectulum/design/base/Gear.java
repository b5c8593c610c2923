package lectulum.design.base;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.Plausible;
import lectulum.design.Whole;
import lectulum.units.Quantity;

/// How the axle hangs under the frame and where it was found to stand, as far as that is known.
///
/// @param springs leaf springs on shackles, all wheels alike
/// @param guide   what holds the axle sideways, where the springs do not
/// @param guard   mudguards; how high they are over the axle stands among the assumed values
/// @param tapes   from the ball to each axle, the front one first
@RecordBuilder
public record Gear(Optional<Springs> springs, Optional<Guide> guide, Optional<Guard> guard,
        List<Tapes> tapes) implements GearBuilder.With {
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
    /// @param hangers hole to hole as welded \[m\]; empty before they are
    @Whole("Springs")
    public record Springs(@Means(value = "Leaf, eye to eye along it", low = 0.2, high = 2) double leaf,
            @Means(value = "Camber, wheel hanging", high = 0.6) double free,
            @Means(value = "Camber, laden", low = -0.2, high = 0.6) double laden,
            @Means(value = "Camber, full bump", low = -0.6, high = 0.6, says = "negative where it bends through") double bump,
            @Means(value = "Shackle, hole to hole", low = 0.02, high = 0.4) double shackle,
            @Means(value = "Shackle hole higher by", low = -0.3, high = 0.3, says = "than the front hole") double rise,
            @Means(value = "Shackle wanted when laden", of = Quantity.ANGLE, low = -1, high = 1.4, says = "from straight down, rearwards positive") double angle,
            @Means(value = "Holes as welded", low = 0.1, high = 2.5) OptionalDouble hangers) implements Plausible {
        @Override
        public boolean plausible() {
            return free <= 0.3 * leaf && laden >= -0.1 * leaf && laden <= 0.3 * leaf && Math.abs(bump) <= 0.3 * leaf;
        }

        public Springs {
            hangers = hangers == null ? OptionalDouble.empty() : hangers;
        }

        /// Not welded yet.
        public Springs(double leaf, double free, double laden, double bump, double shackle, double rise,
                double angle) {
            this(leaf, free, laden, bump, shackle, rise, angle, OptionalDouble.empty());
        }
    }

    /// What holds an axle sideways.
    ///
    /// @param arm    length of the bar, or of each of the two equal arms \[m\]
    /// @param offset frame end of the bar above its axle end when laden, or hole to hole of the middle link \[m\]
    @Whole("Guide of the axle")
    public record Guide(Kind kind, @Means(value = "Bar or arm, joint to joint", low = 0.05, high = 2.5) double arm,
            @Means(value = "Offset", low = -0.4, high = 1, says = "frame end of the bar above its axle end when laden, or hole to hole of the middle link") double offset) {
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
    @Whole("Mudguard")
    public record Guard(@Means(value = "Length inside", low = 0.2, high = 3) double length,
            @Means(value = "Middle of the camper to its inner side", high = 2) double inside) {
    }

    /// From the centre of the ball to two points of an axle that are alike on both sides.
    ///
    /// @param left    \[m\]
    /// @param right   \[m\]
    /// @param between the two points \[m\]
    /// @param offset  middle of the axle to the right of the frame's middle \[m\]
    @Whole("Tapes to axle")
    public record Tapes(@Means(value = "To the left end", low = 0.3, high = 14) double left,
            @Means(value = "To the right end", low = 0.3, high = 14) double right,
            @Means(value = "Between the points", low = 0.3, high = 3) double between,
            @Means(value = "Middle off to the right", low = -0.3, high = 0.3) double offset) {
    }

}
