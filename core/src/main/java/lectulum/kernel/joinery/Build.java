package lectulum.kernel.joinery;

/// How a piece of furniture is built.
///
/// @param form     what it is
/// @param board    thickness of its board \[m\], > 0
/// @param back     thickness of its back \[m\], 0 for none
/// @param top      thickness of a worktop that covers it \[m\], 0 for a top like its other boards
/// @param shelves  in each bay
/// @param leaves   doors side by side
/// @param drawers  above one another in each bay
/// @param fronts   whether doors and drawers lie on the edges or between them
/// @param gap      between fronts \[m\]
/// @param groove   depth to which boards are let into one another \[m\], 0 for butt joints
/// @param hungRight whether a door that has its bay to itself is hinged at its right edge
public record Build(Form form, double board, double back, double top, int shelves, int leaves, int drawers,
        Fronts fronts, double gap, double groove, boolean hungRight) {

    /// What it is.
    public enum Form {
        CUPBOARD("cupboard or shelves"), CHEST("bench or chest with a lid"), BED("bed box with a deck"), SLATS(
                "bed box with slats"),
        BOARD("one board: table, flap, shelf"), RACK("rack of strut channel");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Where doors and drawer fronts are.
    public enum Fronts {
        OVERLAY("lie on the edges"), INSET("lie between the sides");

        private final String label;

        Fronts(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// How its boards hold together: practitioners differ.
    public enum Joint {
        SCREWED("screwed and glued"), POCKET("pocket screws"), DADO("let into grooves and glued"), ANGLE(
                "aluminium angle and rivets");

        private static final double THIRD = 1 / 3.0;
        private final String label;

        Joint(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// How deep a board is let into another \[m\]: a third of it in grooves.
        public double groove(double board) {
            return this == DADO ? board * THIRD : 0;
        }
    }
}
