package lectulum.kernel.mechanisms;

import java.util.Optional;
import lectulum.units.Units;

/// A level bed that rises on uprights with two pairs of leaning gas struts: what the hands must do at its front and rear
/// edge.
///
/// Below its body point a strut pulls down, near the level it only pushes sideways. Struts never hold people or road
/// loads: pins or hooks on the road, ledges or legs when it is slept in.
///
/// @param mass   \[kg\]
/// @param centre of gravity along the camper \[m\]
/// @param front  edge along the camper \[m\]
/// @param rear   edge along the camper \[m\]
/// @param pairs  front pair and rear pair
public record RisingBed(double mass, double centre, double front, double rear, Pair[] pairs) {
    private static final int IN_A_PAIR = 2;

    /// Two struts side by side.
    ///
    /// @param x   body point along the camper \[m\]
    /// @param z   body point above the floor \[m\]
    /// @param bed bed point along the camper \[m\]
    public record Pair(double x, double z, double bed, GasStrut strut) {
        Pair with(double force) {
            return new Pair(x, z, bed, strut.with(force));
        }

        double length(double height) {
            return Math.hypot(bed - x, height - z);
        }
    }

    /// What holds the bed level at one height.
    ///
    /// @param front  hand force at the front edge, positive to lift \[N\]
    /// @param rear   at the rear edge \[N\]
    /// @param guides sideways push on the guides \[N\]
    public record Hands(double front, double rear, double guides) {
        double peak() {
            return Math.max(Math.abs(front), Math.abs(rear));
        }
    }

    public Hands level(double height, double celsius) {
        double lift = 0;
        double moment = 0;
        double along = 0;
        for (Pair p : pairs) {
            double length = p.length(height);
            double push = IN_A_PAIR * p.strut.push(length, celsius);
            double up = push * (height - p.z) / length;
            lift += up;
            moment += up * p.bed;
            along += push * (p.bed - p.x) / length;
        }
        double needed = mass * Units.GRAVITY - lift;
        double turning = mass * Units.GRAVITY * centre - moment;
        double atRear = (turning - needed * front) / (rear - front);
        return new Hands(needed - atRear, atRear, Math.abs(along));
    }

    /// Largest hand force while it is lifted level in even steps \[N\].
    public double peak(double low, double high, int steps, double celsius) {
        double peak = 0;
        for (int i = 0; i <= steps; i++) {
            peak = Math.max(peak, level(low + (high - low) * i / steps, celsius).peak());
        }
        return peak;
    }

    /// Largest hand force when one person lifts one edge all the way and then the other \[N\].
    public double peakOneEnd(boolean frontFirst, double low, double high, int steps, double celsius) {
        double peak = 0;
        for (int i = 0; i <= steps; i++) {
            double z = low + (high - low) * i / steps;
            peak = Math.max(peak, Math.abs(oneEnd(frontFirst, z, low, celsius)));
            peak = Math.max(peak, Math.abs(oneEnd(!frontFirst, z, high, celsius)));
        }
        return peak;
    }

    /// Force at one moving edge while the other rests: moments about the resting edge.
    private double oneEnd(boolean frontMoves, double moving, double resting, double celsius) {
        double xm = frontMoves ? front : rear;
        double xr = frontMoves ? rear : front;
        double moment = mass * Units.GRAVITY * (centre - xr);
        for (Pair p : pairs) {
            double z = resting + (moving - resting) * (p.bed - xr) / (xm - xr);
            double length = Math.hypot(p.bed - p.x, z - p.z);
            double push = IN_A_PAIR * p.strut.push(length, celsius);
            moment -= push * ((p.bed - xr) * (z - p.z) - (z - resting) * (p.bed - p.x)) / length;
        }
        return moment / (xm - xr);
    }

    /// The same bed with the forces from stock that ask least of the hands, without sinking at the top on a cold night;
    /// empty where none will do.
    ///
    /// @param forces stocked forces \[N\]
    public Optional<RisingBed> best(double[] forces, double low, double high, int steps, double cold, double warm) {
        RisingBed best = null;
        double peak = Double.POSITIVE_INFINITY;
        for (double f : forces) {
            for (double r : forces) {
                RisingBed tried = new RisingBed(mass, centre, front, rear,
                        new Pair[]{pairs[0].with(f), pairs[1].with(r)});
                Hands top = tried.level(high, cold);
                if (top.front > 0 || top.rear > 0 || tried.beyondTravel(low, high) > 0) {
                    continue;
                }
                double hand = tried.peak(low, high, steps, warm);
                if (hand < peak - 1e-9) {
                    peak = hand;
                    best = tried;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /// By how much a strut is too long or too short anywhere on the way \[m\]; not positive where all fit. A strut is shortest
    /// where the bed passes its body point; with one end up and the other down no bed point leaves the way either.
    public double beyondTravel(double low, double high) {
        double worst = Double.NEGATIVE_INFINITY;
        for (Pair p : pairs) {
            worst = Math.max(worst, Math.max(p.strut.beyond(p.length(low)), p.strut.beyond(p.length(high))));
            worst = Math.max(worst, p.strut.beyond(p.length(Math.clamp(p.z, low, high))));
        }
        return worst;
    }

    /// The tilt at which a stiff frame jams between its uprights \[rad\]; empty where it never does.
    ///
    /// @param length of the frame \[m\]
    /// @param depth  of its edge between the uprights \[m\]
    /// @param play   of the uprights beyond the length \[m\]
    public static Optional<Double> jamsAt(double length, double depth, double play) {
        double diagonal = Math.hypot(length, depth);
        return length + play >= diagonal
                ? Optional.empty()
                : Optional.of(Math.atan(depth / length) - Math.acos((length + play) / diagonal));
    }
}
