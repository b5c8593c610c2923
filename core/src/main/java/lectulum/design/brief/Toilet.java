package lectulum.design.brief;

/// What the toilet flushes with and makes (assumed defaults, see docs/method/water.md).
public enum Toilet {
    NONE("none", 0, 0), CASSETTE("cassette", 0.3e-3, 1.55e-3), FLUSH("flush", 1.9e-3, 1.55e-3),
    COMPOSTING("composting", 0,
            1.55e-3);

    /// Uses of somebody in a day, and the part of them that is in camp where nobody says otherwise.
    private static final double USES = 5;
    public static final double CAMP = 0.8;

    private final String label;
    private final double flush;
    private final double body;

    Toilet(String label, double flush, double body) {
        this.label = label;
        this.flush = flush;
        this.body = body;
    }

    public String label() {
        return label;
    }

    /// Water for flushing \[m³ per person and day\].
    ///
    /// @param camp part of all uses that is in camp, 0 to 1
    public double flush(double camp) {
        return flush * USES * camp;
    }

    public double flush() {
        return flush(CAMP);
    }

    /// What fills it \[m³ per person and day\].
    public double waste(double camp) {
        return flush(camp) + body * camp;
    }

    public double waste() {
        return waste(CAMP);
    }
}
