package lectulum.kernel.upkeep;

/// A use per person and day as trips teach it: the plan counts as so many person-days of its own.
public final class Rate {
    /// Person-days that the plan counts for (assumed).
    public static final double PRIOR = 6;

    private Rate() {
    }

    /// (plan · n₀ + Σ used)/(n₀ + Σ person-days).
    ///
    /// @param plan       use of a person in a day
    /// @param used       on all trips
    /// @param personDays of all trips
    public static double of(double plan, double used, double personDays) {
        return (plan * PRIOR + used) / (PRIOR + personDays);
    }
}
