package lectulum.kernel.lashing;

/// Driving a vehicle or rolling a large thing over a ramp into a box: angles, belly, header and sides.
///
/// The floor edge is the origin; the ramp falls away forwards of it. Between "front wheels inside" and "rear wheels inside"
/// the load tilts, and its roof is higher under the header than its own height (docs/method/carry.md). Nobody stands in or
/// behind a vehicle while it is loaded.
///
/// @param ramp      its length \[m\], > rise
/// @param rise      of the floor above the ground \[m\]
/// @param wheelbase \[m\], > 0
/// @param belly     clearance below the load \[m\]
/// @param roof      height of the load's roof \[m\]
/// @param roofAhead end of the roof ahead of the front axle \[m\]
/// @param roofBack  end of the roof behind the front axle \[m\], as a positive number
public record RampLoading(double ramp, double rise, double wheelbase, double belly, double roof, double roofAhead,
        double roofBack) {
    private static final double STEP = 0.002;

    /// Angle of the ramp \[rad\].
    public double angle() {
        return Math.asin(Math.min(1, rise / ramp));
    }

    /// The sharpest crest its belly clears \[rad\].
    public double breakover() {
        return 2 * Math.atan(2 * belly / wheelbase);
    }

    /// Least height between belly and floor edge on the way \[m\]; negative where it sits down.
    public double bellyGap() {
        double least = belly;
        for (double s = 0; s <= wheelbase; s += STEP) {
            least = Math.min(least, belly - edgeAboveChord(s));
        }
        return least;
    }

    /// Header that lets the roof through \[m\].
    public double headerNeeded() {
        double best = wheelbase;
        for (double s = -roofAhead - 1; s <= wheelbase; s += STEP) {
            best = roofAt(s) > roofAt(best) ? s : best;
        }
        double low = best - STEP;
        double high = best + STEP;
        for (int i = 0; i < 60; i++) {
            double a = low + (high - low) / 3;
            double b = high - (high - low) / 3;
            if (roofAt(a) > roofAt(b)) {
                high = b;
            } else {
                low = a;
            }
        }
        return Math.max(roof, roofAt((low + high) / 2));
    }

    /// Gap between the belly and the edge of the floor with the front wheels at s beyond it \[m\]; the whole belly where
    /// the edge is not between the wheels.
    public double gapUnder(double s) {
        return s <= 0 || s >= wheelbase ? belly : belly - edgeAboveChord(s);
    }

    /// The load as a box on its wheels with the front ones at s beyond the edge, as corners \[x, z\].
    public double[][] outline(double s) {
        double[] front = wheel(s);
        double[] rear = rearWheel(s);
        double ex = (front[0] - rear[0]) / wheelbase;
        double ez = (front[1] - rear[1]) / wheelbase;
        double[][] box = {{-roofBack, belly}, {roofAhead, belly}, {roofAhead, roof}, {-roofBack, roof}};
        double[][] corners = new double[4][];
        for (int i = 0; i < 4; i++) {
            corners[i] = new double[]{front[0] + box[i][0] * ex - box[i][1] * ez,
                    front[1] + box[i][0] * ez + box[i][1] * ex};
        }
        return corners;
    }

    /// Gap on each side \[m\].
    public static double sideGap(double opening, double width) {
        return (opening - width) / 2;
    }

    /// The turn in plan at which a load touches both walls \[rad\]; right angle where it turns freely.
    public static double touchingTurn(double length, double width, double box) {
        double diagonal = Math.hypot(length, width);
        return diagonal <= box ? Math.PI / 2 : Math.atan(length / width) - Math.acos(box / diagonal);
    }

    /// Height of the roof above the floor in the plane of the header with the front wheels at s along the way.
    private double roofAt(double s) {
        double[] front = wheel(s);
        double[] rear = rearWheel(s);
        double ex = (front[0] - rear[0]) / wheelbase;
        double ez = (front[1] - rear[1]) / wheelbase;
        double p = -(front[0] - roof * ez) / ex;
        return p > roofAhead + 1e-12 || p < -roofBack - 1e-12
                ? Double.NEGATIVE_INFINITY
                : front[1] + p * ez + roof * ex;
    }

    private double edgeAboveChord(double s) {
        double[] front = wheel(s);
        double[] rear = rearWheel(s);
        double ex = (front[0] - rear[0]) / wheelbase;
        double ez = (front[1] - rear[1]) / wheelbase;
        return front[0] * ez - front[1] * ex;
    }

    private double[] wheel(double s) {
        return s >= 0 ? new double[]{s, 0} : new double[]{s * Math.cos(angle()), s * Math.sin(angle())};
    }

    private double[] rearWheel(double s) {
        if (s <= 0) {
            return wheel(s - wheelbase);
        }
        if (s >= wheelbase) {
            return new double[]{s - wheelbase, 0};
        }
        double c = Math.cos(angle());
        double n = Math.sin(angle());
        return wheel(s * c - Math.sqrt(wheelbase * wheelbase - s * s * n * n));
    }
}
