package lectulum.kernel.statics;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeSet;

/// The tongue over a trip, while fresh water turns to grey and food and fuel are used up.
///
/// Between two break points all masses change evenly, so the share is monotone there: its extremes stand at the break
/// points, and only these are computed.
///
/// @param points    in order of time
/// @param greyFull  day on which the grey tank is full; empty where it never is
/// @param freshGone day on which the fresh water is used up; empty where it never is
public record Trip(List<Point> points, OptionalDouble greyFull, OptionalDouble freshGone) {

    /// Something that is used up evenly.
    ///
    /// @param x     behind the ball \[m\]
    /// @param full  mass at the start \[kg\]
    /// @param daily \[kg/d\], ≥ 0
    /// @param keep  part of what is used that stays aboard as rubbish, 0 to 1
    public record Store(double x, double full, double daily, double keep) {
        /// What is left of it on a day \[kg\].
        public double left(double day) {
            return full - (1 - keep) * Math.min(full, daily * day);
        }

        double gone() {
            return daily > 0 ? full / daily : Double.POSITIVE_INFINITY;
        }
    }

    /// Fresh water and where it goes.
    ///
    /// @param freshX   behind the ball \[m\]
    /// @param fresh    at the start \[kg\]
    /// @param greyX    behind the ball \[m\]
    /// @param grey     in the grey tank at the start \[kg\]
    /// @param greyRoom of the grey tank \[kg\]
    /// @param daily    use \[kg/d\]
    /// @param returned part of it that comes back as grey, 0 to 1
    public record Water(double freshX, double fresh, double greyX, double grey, double greyRoom, double daily,
            double returned) {
        double freshAt(double day) {
            return Math.max(0, fresh - daily * day);
        }

        double greyAt(double day) {
            return Math.min(greyRoom, grey + returned * (fresh - freshAt(day)));
        }
    }

    /// @param day    of the trip, 0 at departure
    /// @param mass   \[kg\]
    /// @param tongue \[kg\]
    public record Point(double day, double mass, double tongue) {
        public double share() {
            return tongue / mass;
        }
    }

    /// @param rest   everything that does not change \[kg\]
    /// @param centre of it behind the ball \[m\]
    /// @param axle   ball to axle \[m\], > 0
    /// @param days   of the trip
    public static Trip of(double rest, double centre, double axle, Water water, List<Store> stores, double days) {
        TreeSet<Double> breaks = new TreeSet<>();
        for (int day = 0; day <= Math.floor(days); day++) {
            breaks.add((double) day);
        }
        breaks.add(days);
        double gone = water.daily > 0 ? water.fresh / water.daily : Double.POSITIVE_INFINITY;
        double filled = water.daily * water.returned > 0
                ? (water.greyRoom - water.grey) / (water.daily * water.returned)
                : Double.POSITIVE_INFINITY;
        boolean overflows = filled < gone && filled <= days && water.greyRoom > 0;
        if (gone <= days && water.fresh > 0) {
            breaks.add(gone);
        }
        if (overflows) {
            breaks.add(filled);
        }
        stores.stream().map(Store::gone).filter(d -> d <= days).forEach(breaks::add);
        List<Point> points = new ArrayList<>();
        for (double day : breaks) {
            double mass = rest;
            double tongue = rest * Statics.lever(centre, axle);
            double fresh = water.freshAt(day);
            double grey = water.greyAt(day);
            mass += fresh + grey;
            tongue += fresh * Statics.lever(water.freshX, axle) + grey * Statics.lever(water.greyX, axle);
            for (Store s : stores) {
                mass += s.left(day);
                tongue += s.left(day) * Statics.lever(s.x, axle);
            }
            points.add(new Point(day, mass, tongue));
        }
        return new Trip(List.copyOf(points), overflows ? OptionalDouble.of(filled) : OptionalDouble.empty(),
                gone <= days && water.fresh > 0 ? OptionalDouble.of(gone) : OptionalDouble.empty());
    }

    /// Where the share is smallest.
    public Point lightest() {
        return points.stream().min(java.util.Comparator.comparingDouble(Point::share)).orElseThrow();
    }

    /// Where the share is largest.
    public Point heaviest() {
        return points.stream().max(java.util.Comparator.comparingDouble(Point::share)).orElseThrow();
    }
}
