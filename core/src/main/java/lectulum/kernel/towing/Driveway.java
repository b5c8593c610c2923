package lectulum.kernel.towing;

import java.util.List;

/// Vehicle and trailer over a road of straight pieces, seen from the side: what comes nearest to the ground, and how far
/// the hitch bends. Wheels touch in points, springs are rigid.
///
/// @param road      \[X, Z\] in the direction of travel, X rising \[m\]
/// @param wheelbase \[m\]
/// @param overhang  ball behind the rear axle \[m\]
/// @param ball      height of the ball \[m\]
/// @param axle      ball to trailer axle \[m\]
public record Driveway(List<double[]> road, double wheelbase, double overhang, double ball, double axle) {

    /// A point under the rig.
    ///
    /// @param x      behind the ball on the trailer, behind the rear axle on the vehicle \[m\]
    /// @param height above the ground when level \[m\]
    public record Point(String name, boolean trailer, double x, double height) {
    }

    /// @param clearance smallest \[m\], negative where it grounds
    /// @param where     place of the vehicle's rear wheel then \[m\]
    /// @param least     smallest hitch angle, trailer nose-down to the vehicle negative \[rad\]
    /// @param most      largest hitch angle \[rad\]
    public record Passage(double clearance, Point point, double where, double least, double most) {
    }

    /// @param from first place of the rear wheel \[m\]
    /// @param to   last
    /// @param step \[m\], > 0
    public Passage drive(List<Point> points, double from, double to, double step) {
        double clearance = Double.POSITIVE_INFINITY;
        Point nearest = points.getFirst();
        double where = from;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        int steps = (int) Math.round((to - from) / step);
        for (int i = 0; i <= steps; i++) {
            double x = from + i * step;
            Stand s = stand(x);
            least = Math.min(least, s.trailer - s.vehicle);
            most = Math.max(most, s.trailer - s.vehicle);
            for (Point p : points) {
                double[] q = p.trailer
                        ? turned(s.wheel, s.trailer, axle - p.x, p.height)
                        : turned(s.rear, s.vehicle, -p.x, p.height);
                double gap = q[1] - height(q[0]);
                if (gap < clearance - 1e-9) {
                    clearance = gap;
                    nearest = p;
                    where = x;
                }
            }
        }
        return new Passage(clearance, nearest, where, least, most);
    }

    /// How both stand at one place.
    ///
    /// @param rear    foot of the vehicle's rear wheel \[X, Z\] \[m\]
    /// @param vehicle its nose up \[rad\]
    /// @param wheel   foot of the trailer's wheel
    /// @param trailer its nose up \[rad\]
    public record Stand(double[] rear, double vehicle, double[] wheel, double trailer) {
    }

    /// @param x place of the vehicle's rear wheel \[m\]
    public Stand stand(double x) {
        double[] rear = {x, height(x)};
        double[] front = at(rear, wheelbase, true);
        double vehicle = Math.atan2(front[1] - rear[1], front[0] - rear[0]);
        double[] hitch = turned(rear, vehicle, -overhang, ball);
        double[] wheel = at(hitch, Math.hypot(axle, ball), false);
        double trailer = Math.atan2(hitch[1] - wheel[1], hitch[0] - wheel[0]) - Math.atan2(ball, axle);
        return new Stand(rear, vehicle, wheel, trailer);
    }

    /// A place ahead of a foot and above it, turned with what stands on it.
    public static double[] turned(double[] from, double angle, double dx, double dz) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new double[]{from[0] + c * dx - s * dz, from[1] + s * dx + c * dz};
    }

    /// Height of the road \[m\], level beyond its ends.
    public double height(double x) {
        for (int i = 1; i < road.size(); i++) {
            double[] a = road.get(i - 1);
            double[] b = road.get(i);
            if (x <= b[0]) {
                return x <= a[0] ? a[1] : a[1] + (b[1] - a[1]) * (x - a[0]) / (b[0] - a[0]);
            }
        }
        return road.getLast()[1];
    }

    /// The nearest point of the road ahead or behind at a distance from a point.
    private double[] at(double[] from, double distance, boolean ahead) {
        double far = 1e6;
        List<double[]> all = new java.util.ArrayList<>();
        all.add(new double[]{-far, road.getFirst()[1]});
        all.addAll(road);
        all.add(new double[]{far, road.getLast()[1]});
        double best = ahead ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
        for (int i = 1; i < all.size(); i++) {
            double[] a = all.get(i - 1);
            double dx = all.get(i)[0] - a[0];
            double dz = all.get(i)[1] - a[1];
            double ox = a[0] - from[0];
            double oz = a[1] - from[1];
            double half = ox * dx + oz * dz;
            double square = dx * dx + dz * dz;
            double root = half * half - square * (ox * ox + oz * oz - distance * distance);
            if (square == 0 || root < 0) {
                continue;
            }
            for (int sign = -1; sign <= 1; sign += 2) {
                double t = (-half + sign * Math.sqrt(root)) / square;
                double x = a[0] + t * dx;
                if (t >= -1e-12 && t <= 1 + 1e-12 && (ahead ? x > from[0] && x < best : x < from[0] && x > best)) {
                    best = x;
                }
            }
        }
        return new double[]{best, height(best)};
    }
}
