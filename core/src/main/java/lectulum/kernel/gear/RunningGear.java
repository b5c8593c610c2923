package lectulum.kernel.gear;

import java.util.Optional;
import java.util.OptionalDouble;

/// Geometry of springs, axles and their guides: rigid links in a plane.
///
/// Outside their reach, where a triangle of given sides does not close, there is no answer (docs/method/gear.md).
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

        /// Hanger hole to shackle hole for a shackle angle at a camber \[m\]; NaN where the spring is too short for that.
        /// The maker's hanger table wins.
        ///
        /// @param angle of the shackle from straight down, rearwards positive \[rad\]
        public double hangers(double camber, double angle) {
            double l = eyes(camber);
            double down = rise - shackle * Math.cos(angle);
            return Math.sqrt(l * l - down * down) - shackle * Math.sin(angle);
        }

        /// Shackle angle at another camber \[rad\], of the two that close the lower one's; empty where spring and shackle
        /// do not reach each other.
        ///
        /// @param hangers hole to hole \[m\]
        public OptionalDouble angle(double camber, double hangers) {
            double l = eyes(camber);
            double apart = Math.hypot(hangers, rise);
            double sin = (l * l - apart * apart - shackle * shackle) / (2 * apart * shackle);
            if (!(apart > 0) || !(Math.abs(sin) <= 1)) {
                return OptionalDouble.empty();
            }
            // The rear eye hangs at (hangers + s sin φ, rise − s cos φ), l from the front hole: apart · sin(φ − lean) says so,
            // and of the two answers this is the one with the shackle below its hole.
            double lean = Math.atan2(rise, hangers);
            return OptionalDouble.of(lean + Math.asin(sin));
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

    /// Empty where no axle has these tapes: they and the distance between the points close no triangle.
    ///
    /// @param left     ball to the left point \[m\]
    /// @param right    ball to the right point \[m\]
    /// @param between  the points \[m\]
    /// @param distance ball to axle \[m\]
    /// @param offset   axle centre to the right of the frame's middle \[m\]
    public static Optional<Square> square(double left, double right, double between, double distance, double offset) {
        double sin = ((right * right - left * left) / (2 * between) - offset) / distance;
        return Math.abs(sin) <= 1 && Math.abs(left - right) <= between && left + right >= between
                ? Optional.of(new Square(Math.asin(sin), -between * sin, distance * sin + offset))
                : Optional.empty();
    }

    /// How far the middle of an axle is from the ball, by the two tapes to it \[m\]: the median of the triangle.
    public static double median(double left, double right, double between) {
        return Math.sqrt(Math.max(0, (left * left + right * right) / 2 - between * between / 4));
    }

    /// Sideways shift of an axle held by a bar to the frame \[m\], positive away from the frame end.
    ///
    /// @param bar    length \[m\]
    /// @param above  frame end above the axle end at rest \[m\]
    /// @param travel of the axle upwards \[m\]; where the bar does not reach, NaN
    public static double barShift(double bar, double above, double travel) {
        return Math.sqrt(bar * bar - (above - travel) * (above - travel)) - Math.sqrt(bar * bar - above * above);
    }

    /// Sideways shift of an axle held by two equal level arms and an upright link that turns on the axle's middle \[m\];
    /// empty where the arms do not reach that far.
    ///
    /// The far ends of the link stay on circles about the ends of the arms on the frame; solved for shift and turn of the
    /// link by Newton's method, following the travel from rest in steps.
    ///
    /// @param arm    length of each \[m\], > 0
    /// @param link   its middle to each of its holes \[m\], > 0
    /// @param travel of the axle upwards \[m\]
    public static OptionalDouble linkShift(double arm, double link, double travel) {
        int steps = Math.max(1, (int) Math.ceil(Math.abs(travel) / 0.005));
        double y = 0;
        double turn = 0;
        for (int i = 1; i <= steps; i++) {
            double z = travel * i / steps;
            boolean met = false;
            for (int n = 0; n < 40 && !met; n++) {
                double sin = Math.sin(turn);
                double cos = Math.cos(turn);
                double u1 = y - link * sin + arm;
                double v1 = z + link * cos - link;
                double u2 = y + link * sin - arm;
                double v2 = z - link * cos + link;
                double f1 = u1 * u1 + v1 * v1 - arm * arm;
                double f2 = u2 * u2 + v2 * v2 - arm * arm;
                double f1y = 2 * u1;
                double f1t = -2 * u1 * link * cos - 2 * v1 * link * sin;
                double f2y = 2 * u2;
                double f2t = 2 * u2 * link * cos + 2 * v2 * link * sin;
                double det = f1y * f2t - f1t * f2y;
                if (Math.abs(det) < 1e-15) {
                    return OptionalDouble.empty();
                }
                double dy = (f1 * f2t - f1t * f2) / det;
                double dt = (f1y * f2 - f1 * f2y) / det;
                y -= dy;
                turn -= dt;
                met = Math.abs(dy) + Math.abs(dt) < 1e-13;
            }
            if (!met || Math.abs(turn) > Math.PI / 2) {
                return OptionalDouble.empty();
            }
        }
        return OptionalDouble.of(y);
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
