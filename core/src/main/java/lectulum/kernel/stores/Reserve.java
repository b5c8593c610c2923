package lectulum.kernel.stores;

import lectulum.kernel.maths.Belief;
import lectulum.kernel.maths.Normal;

/// How much of something that people use differently is enough.
///
/// @param daily  mean use
/// @param person spread between people, as part of the mean
/// @param day    spread between days
public record Reserve(double daily, double person, double day) {
    /// Spreads of water (assumed).
    public static final double PERSON = 0.15;
    public static final double DAY = 0.25;
    private static final double NINETY = 1.2816;

    private double spread(double days) {
        return Math.sqrt(person * person + day * day / days);
    }

    /// What is enough in nine trips of ten.
    public double needed(double days) {
        return daily * days * (1 + NINETY * spread(days));
    }

    /// Chance that so much is enough, 0 to 1.
    public double chance(double volume, double days) {
        return daily * days <= 0 ? 1 : Normal.below((volume / (daily * days) - 1) / spread(days));
    }

    /// What trips teach of the ratio between measured and planned use.
    ///
    /// @param ratio of a trip
    /// @param days  of it
    public record Trip(double ratio, double days) {
    }

    /// The ratio after trips, by the inverse squares.
    public static Belief learnt(Belief before, java.util.List<Trip> trips, double day) {
        return before.with(trips.stream().map(t -> new Belief(t.ratio, day / Math.sqrt(t.days))).toList());
    }
}
