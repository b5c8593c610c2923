package lectulum.outside;

/// Geometry of springs, axles and their guides.
public final class RunningGear {
    private RunningGear() {
    }

    /// A leaf spring on a shackle.
    ///
    /// @param leaf    developed length of the main leaf \[m\]
    /// @param shackle hole to hole \[m\]
    /// @param rise    shackle hole above the front hole \[m\]
    public record LeafSpring(double leaf, double shackle, double rise) {

        /// Distance between the eyes at a camber, the leaf bent to a circle \[m\].
        public double eyes(double camber) {
            if (camber == 0) {
                return leaf;
            }
            double low = 0;
            double high = Math.PI / 2;
            for (int i = 0; i < 80; i++) {
                double p = (low + high) / 2;
                if ((1 - Math.cos(p)) / (2 * p) < Math.abs(camber) / leaf) {
                    low = p;
                } else {
                    high = p;
                }
            }
            double p = (low + high) / 2;
            return leaf * Math.sin(p) / p;
        }

        /// Hanger hole to shackle hole for a shackle angle at the static camber \[m\]. The maker's hanger table wins.
        ///
        /// @param angle of the shackle from straight down, rearwards positive \[rad\]
        public double hangers(double camber, double angle) {
            double l = eyes(camber);
            double down = rise - shackle * Math.cos(angle);
            return Math.sqrt(l * l - down * down) - shackle * Math.sin(angle);
        }

        /// Shackle angle at another camber \[rad\].
        ///
        /// @param hangers hole to hole \[m\]
        public double angle(double camber, double hangers) {
            double l = eyes(camber);
            double low = -Math.PI / 2;
            double high = Math.PI / 2;
            for (int i = 0; i < 80; i++) {
                double a = (low + high) / 2;
                if (Math.hypot(hangers + shackle * Math.sin(a), rise - shackle * Math.cos(a)) < l) {
                    low = a;
                } else {
                    high = a;
                }
            }
            return (low + high) / 2;
        }

        /// How far the axle wanders between two cambers: half the change of the eye distance \[m\].
        public double creep(double from, double to) {
            return Math.abs(eyes(to) - eyes(from)) / 2;
        }
    }

    /// How an axle stands to the tow line, from the ball to two points on it.
    ///
    /// @param turn   positive where the right end is too far back \[rad\]
    /// @param move   what the right end has to move, rearwards positive \[m\]
    /// @param aside  how far the axle runs to the right of the tow line \[m\]
    public record Square(double turn, double move, double aside) {
    }

    /// @param left     ball to the left point \[m\]
    /// @param right    ball to the right point \[m\]
    /// @param between  the points \[m\]
    /// @param distance ball to axle \[m\]
    /// @param offset   axle centre to the right of the frame's middle \[m\]
    public static Square square(double left, double right, double between, double distance, double offset) {
        double sin = ((right * right - left * left) / (2 * between) - offset) / distance;
        return new Square(Math.asin(sin), -between * sin, distance * sin + offset);
    }

    /// Sideways shift of an axle held by a bar to the frame \[m\], positive away from the frame end.
    ///
    /// @param bar    length \[m\]
    /// @param above  frame end above the axle end at rest \[m\]
    /// @param travel of the axle upwards \[m\]
    public static double barShift(double bar, double above, double travel) {
        return Math.sqrt(bar * bar - (above - travel) * (above - travel)) - Math.sqrt(bar * bar - above * above);
    }

    /// Gaps of a tyre in its guard at full bump.
    ///
    /// @param above above the tyre \[m\]
    /// @param ends  before and behind it \[m\]
    /// @param inner to the body \[m\]
    public record GuardGaps(double above, double ends, double inner) {
    }

    /// @param guardHeight guard above the axle at rest \[m\]
    /// @param halfLength  of the guard \[m\]
    /// @param body        half width of the body \[m\]
    public static GuardGaps guard(double guardHeight, double halfLength, double bump, double tyreRadius, double creep,
            double track, double tyreWidth, double body, double lateral) {
        return new GuardGaps(guardHeight - bump - tyreRadius, halfLength - tyreRadius - creep,
                track / 2 - tyreWidth / 2 - body - lateral);
    }
}
