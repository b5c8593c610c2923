package lectulum.design;

/// What a thing is good for or needs besides its box; a new kind fails to compile until every place handles it.
///
/// Faces are those of the thing before it is turned: its length runs from front to rear.
public sealed interface Feature {

    /// A side of a thing.
    enum Face {
        FRONT("front"), REAR("rear"), LEFT("left"), RIGHT("right"), TOP("top");

        private final String label;

        Face(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Somebody sleeps on its top.
    ///
    /// @param length  clear, along the lying line \[m\]
    /// @param width   clear \[m\]
    /// @param carries \[kg\]
    record Bed(double length, double width, double carries) implements Feature {
    }

    /// Somebody sits on its top.
    record Seat(int places) implements Feature {
    }

    /// A hole in the shell that people use or might escape by.
    ///
    /// @param width     clear \[m\]
    /// @param height    clear \[m\]
    /// @param leaf      how it opens
    /// @param angle     it opens to \[rad\]; no meaning for what slides
    /// @param inside    can be opened from inside without key or tool
    /// @param barred    can be fastened from outside so that the inside release fails
    record Opening(double width, double height, Leaf leaf, double angle, boolean inside,
            boolean barred) implements Feature {
        public Opening {
            leaf = leaf == null ? Leaf.HINGED_FRONT : leaf;
        }

        /// How an opening's leaf moves.
        public enum Leaf {
            HINGED_FRONT("hinged at its front or left edge"), HINGED_REAR("hinged at its rear or right edge"), TOP_HUNG(
                    "hung at the top"),
            RAMP("folds down"), SLIDING("slides"), FIXED("does not open");

            private final String label;

            Leaf(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /// A door or flap of a piece of furniture that swings about an upright edge.
    ///
    /// @param first  hinged at the edge of the face that is further forward (or further left)
    /// @param angle  it opens to \[rad\]
    /// @param leaves of one width side by side, ≥ 1
    record Door(Face face, boolean first, double angle, int leaves) implements Feature {
    }

    /// Something that is pulled out.
    ///
    /// @param travel \[m\]
    record Drawer(Face face, double travel) implements Feature {
    }

    /// A place to keep gear.
    ///
    /// @param length  inner sides \[m\]
    /// @param carries \[kg\]
    /// @param fill    part of it that can be filled
    record Store(double length, double width, double height, double carries, double fill) implements Feature {
    }

    /// Something that is packed.
    ///
    /// @param way    which side is down
    /// @param uses   how often a day it is taken out
    /// @param onRoad wanted at the roadside, without setting up camp
    record Packed(WayUp way, double uses, boolean onRoad) implements Feature {
        public Packed {
            way = way == null ? WayUp.UP : way;
        }
    }

    /// Which sides of a packed thing may be down.
    enum WayUp {
        ANY("any way up"), UP("this way up"), FIXED("just so");

        private final String label;

        WayUp(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// Has to be got at for repair.
    record Service(Face face) implements Feature {
    }

    /// Burns or glows: a way out past it may be closed by fire.
    record Flame() implements Feature {
    }

    /// How long it takes to bring it from one mode to the next, where the user knows better than the table.
    ///
    /// @param minutes ≥ 0
    record Timed(double minutes) implements Feature {
    }

    /// A lid or hatch held by gas struts; all places from the hinge with the lid shut, x away from the hinge, z up.
    ///
    /// @param mass     of the moving part \[kg\]
    /// @param centreX  \[m\]
    /// @param handleX  \[m\]
    /// @param open     angle \[rad\]
    /// @param bodyX    strut mount on the body \[m\]
    /// @param leafX    strut mount on the lid \[m\]
    /// @param struts   how many
    /// @param force    of one, extended at 20 °C \[N\]
    /// @param ratio    pushed-in over extended force
    /// @param stroke   \[m\]
    /// @param extended eye to eye \[m\]
    record Lid(double mass, double centreX, double centreZ, double handleX, double handleZ, double open, double bodyX,
            double bodyZ, double leafX, double leafZ, int struts, double force, double ratio, double stroke,
            double extended) implements Feature {
    }
}
