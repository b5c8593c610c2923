package lectulum.design.feature;

import static lectulum.units.Quantity.COUNT;

import lectulum.design.Means;
import lectulum.design.envelope.Substance;
import lectulum.kernel.joinery.Build;

/// Furniture that the builder makes.
public sealed interface Joined extends Feature permits Joined.Boards {

    /// Made of boards. Doors are those of [Feature.Door], a roll-front that of [Feature.RollFront], slats those of
    /// [Feature.Bearers].
    ///
    /// @param thick  of its board \[m\]
    /// @param back   thickness of its back \[m\], 0 for none
    /// @param top    thickness of a worktop, lid or deck \[m\], 0 for the same board
    /// @param gap    between doors and drawers \[m\]
    /// @param fitted whether it is cut to the roof above it
    record Boards(@Means("Built as") Build.Form form, @Means("Of") Substance board,
            @Means(value = "Board, thick", low = 0.002, high = 0.06) double thick,
            @Means(value = "Back, thick", high = 0.03) double back,
            @Means(value = "Worktop, lid or deck, thick", high = 0.08) double top,
            @Means(value = "Shelves in a bay", of = COUNT, high = 20) int shelves,
            @Means(value = "Drawers in a bay", of = COUNT, high = 12) int drawers,
            @Means("Fronts") Build.Fronts fronts, @Means("Joints") Build.Joint joint,
            @Means(value = "Gap between fronts", high = 0.02) double gap,
            @Means("Cut to the roof above") boolean fitted) implements Joined {
        public Boards {
            form = form == null ? Build.Form.CUPBOARD : form;
            board = board == null ? Substance.PLYWOOD : board;
            fronts = fronts == null ? Build.Fronts.OVERLAY : fronts;
            joint = joint == null ? Build.Joint.SCREWED : joint;
        }

        /// Of 12 mm plywood, screwed and glued.
        public static Boards usual(Build.Form form) {
            return new Boards(form, Substance.PLYWOOD, 0.012, 0.004, 0, form == Build.Form.CUPBOARD ? 1 : 0, 0,
                    Build.Fronts.OVERLAY, Build.Joint.SCREWED, 0.003, false);
        }

        /// Of another thickness.
        public Boards thick(double newThick) {
            return new Boards(form, board, newThick, back, top, shelves, drawers, fronts, joint, gap, fitted);
        }

        /// With another back.
        public Boards backed(double newBack) {
            return new Boards(form, board, thick, newBack, top, shelves, drawers, fronts, joint, gap, fitted);
        }

        /// Joined otherwise.
        public Boards joined(Build.Joint by) {
            return new Boards(form, board, thick, back, top, shelves, drawers, fronts, by, gap, fitted);
        }

        /// With fewer or more drawers.
        public Boards drawers(int count) {
            return new Boards(form, board, thick, back, top, shelves, count, fronts, joint, gap, fitted);
        }
    }
}
