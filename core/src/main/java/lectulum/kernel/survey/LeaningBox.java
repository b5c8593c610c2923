package lectulum.kernel.survey;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/// A box whose corner posts lean: where its walls are at each height, and the widest rigid rectangle that goes in.
///
/// Walls run straight from post to post. Coordinates: u rearwards, v to the right, from any one corner of the survey
/// (docs/method/survey.md).
///
/// @param frontLeft  post \[m\]
/// @param frontRight post \[m\]
/// @param rearLeft   post \[m\]
/// @param rearRight  post \[m\]
/// @param height     at which the leans were measured \[m\], > 0
public record LeaningBox(Post frontLeft, Post frontRight, Post rearLeft, Post rearRight, double height) {
    private static final int LEVELS = 11;
    private static final double MOST_TURN = Math.toRadians(3);

    /// A corner post: where it stands on the floor and how far its top leans \[m\].
    public record Post(double u, double v, double leanU, double leanV) {
        double[] at(double share) {
            return new double[]{u + leanU * share, v + leanV * share};
        }
    }

    /// A rigid frame that shall stand in the box.
    ///
    /// @param length along u \[m\]
    /// @param centre its middle along u \[m\]
    /// @param low    lowest height it takes \[m\]
    /// @param high   greatest height it takes \[m\]
    public record Frame(double length, double centre, double low, double high) {
    }

    /// The clear width for a frame at one turn.
    ///
    /// @param turn   of the frame in plan \[rad\]
    /// @param width  that is clear over all heights at both ends \[m\]
    /// @param middle of that width, to the right of the box's middle \[m\]
    public record Clear(double turn, double width, double middle) {
    }

    /// How thick a spacer behind one guide must be; negative where the frame is too wide by that much.
    ///
    /// @param low  at the lowest height \[m\]
    /// @param high at the greatest height \[m\]
    public record Spacer(String corner, double low, double high) {
    }

    /// The outline at a height \[m\], clockwise from the front left.
    public List<double[]> section(double w) {
        double share = w / height;
        return List.of(frontLeft.at(share), frontRight.at(share), rearRight.at(share), rearLeft.at(share));
    }

    /// Across coordinate of the left or right wall at a place along it and a height \[m\].
    public double wallAt(boolean left, double u, double w) {
        double[] a = (left ? frontLeft : frontRight).at(w / height);
        double[] b = (left ? rearLeft : rearRight).at(w / height);
        return a[1] + (b[1] - a[1]) * (u - a[0]) / (b[0] - a[0]);
    }

    /// Along coordinate of the rear wall at a place across it and a height \[m\].
    public double rearAt(double v, double w) {
        double[] a = rearLeft.at(w / height);
        double[] b = rearRight.at(w / height);
        return a[0] + (b[0] - a[0]) * (v - a[1]) / (b[1] - a[1]);
    }

    /// Along coordinate of the front wall at a place across it and a height \[m\].
    public double frontAt(double v, double w) {
        double[] a = frontLeft.at(w / height);
        double[] b = frontRight.at(w / height);
        return a[0] + (b[0] - a[0]) * (v - a[1]) / (b[1] - a[1]);
    }

    /// By how much a frame of some width, turned, is longer than the box lets it be at some height \[m\]; negative where it
    /// has room. Between its ends in front and behind, whichever is tighter.
    public double tooLong(Frame frame, Clear at, double width) {
        double most = Double.NEGATIVE_INFINITY;
        double c = Math.cos(at.turn);
        double s = Math.sin(at.turn);
        double centre = (frontLeft.v + frontRight.v) / 2;
        for (double w : new double[]{frame.low, frame.high}) {
            for (int end = -1; end <= 1; end += 2) {
                for (int side = -1; side <= 1; side += 2) {
                    double l = end * frame.length / 2;
                    double across = at.middle + side * width / 2;
                    double u = frame.centre + c * l - s * across;
                    double v = centre + s * l + c * across;
                    most = Math.max(most, end < 0 ? frontAt(v, w) - u : u - rearAt(v, w));
                }
            }
        }
        return most;
    }

    /// The clear width for a frame turned by `turn` \[rad\].
    public Clear clear(Frame frame, double turn) {
        double right = Double.POSITIVE_INFINITY;
        double left = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < LEVELS; i++) {
            double w = frame.low + (frame.high - frame.low) * i / (LEVELS - 1);
            for (int end = -1; end <= 1; end += 2) {
                double x = end * frame.length / 2;
                right = Math.min(right, wall(frontRight, rearRight, w, frame, turn, x));
                left = Math.max(left, wall(frontLeft, rearLeft, w, frame, turn, x));
            }
        }
        return new Clear(turn, right - left, (right + left) / 2);
    }

    /// The turn within ±3° that leaves most width: the width is concave there, so golden section finds it.
    public Clear best(Frame frame) {
        return clear(frame, goldenMaximum(-MOST_TURN, MOST_TURN, turn -> clear(frame, turn).width));
    }

    /// Spacers behind the guides of a frame that stands at the best turn in the middle of its clear width.
    ///
    /// @param width of the frame \[m\]
    /// @param guide thickness of guide and rail on each side \[m\]
    public List<Spacer> spacers(Frame frame, Clear at, double width, double guide) {
        double front = -frame.length / 2;
        double rear = frame.length / 2;
        double leftEdge = at.middle - width / 2;
        double rightEdge = at.middle + width / 2;
        return List.of(
                new Spacer("front left", leftEdge - wall(frontLeft, rearLeft, frame.low, frame, at.turn, front) - guide,
                        leftEdge - wall(frontLeft, rearLeft, frame.high, frame, at.turn, front) - guide),
                new Spacer("front right",
                        wall(frontRight, rearRight, frame.low, frame, at.turn, front) - rightEdge - guide,
                        wall(frontRight, rearRight, frame.high, frame, at.turn, front) - rightEdge - guide),
                new Spacer("rear left", leftEdge - wall(frontLeft, rearLeft, frame.low, frame, at.turn, rear) - guide,
                        leftEdge - wall(frontLeft, rearLeft, frame.high, frame, at.turn, rear) - guide),
                new Spacer("rear right",
                        wall(frontRight, rearRight, frame.low, frame, at.turn, rear) - rightEdge - guide,
                        wall(frontRight, rearRight, frame.high, frame, at.turn, rear) - rightEdge - guide));
    }

    /// Across coordinate of a wall at the frame's own x, inter- or extrapolated.
    private double wall(Post front, Post rear, double w, Frame frame, double turn, double x) {
        double[] a = inFrame(front.at(w / height), frame, turn);
        double[] b = inFrame(rear.at(w / height), frame, turn);
        return a[1] + (b[1] - a[1]) * (x - a[0]) / (b[0] - a[0]);
    }

    private double[] inFrame(double[] point, Frame frame, double turn) {
        double du = point[0] - frame.centre;
        double dv = point[1] - (frontLeft.v + frontRight.v) / 2;
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        return new double[]{c * du + s * dv, c * dv - s * du};
    }

    private static double goldenMaximum(double from, double to, DoubleUnaryOperator f) {
        double ratio = (Math.sqrt(5) - 1) / 2;
        double a = from;
        double b = to;
        double c = b - ratio * (b - a);
        double d = a + ratio * (b - a);
        double fc = f.applyAsDouble(c);
        double fd = f.applyAsDouble(d);
        while (b - a > 1e-7) {
            if (fc > fd) {
                b = d;
                d = c;
                fd = fc;
                c = b - ratio * (b - a);
                fc = f.applyAsDouble(c);
            } else {
                a = c;
                c = d;
                fc = fd;
                d = a + ratio * (b - a);
                fd = f.applyAsDouble(d);
            }
        }
        return (a + b) / 2;
    }
}
