package lectulum.design.brief;

/// What the toilet flushes with and makes \[m³ per person and day\] (assumed defaults, see docs/method/water.md).
public enum Toilet {
    NONE("none", 0, 0), CASSETTE("cassette", 0.3e-3 * 5 * 0.8, (0.3 * 5 + 1.55) * 0.8e-3), FLUSH("flush",
            1.9e-3 * 5 * 0.8, (1.9 * 5 + 1.55) * 0.8e-3),
    COMPOSTING("composting", 0, 1.55 * 0.8e-3);

    private final String label;
    private final double flush;
    private final double waste;

    Toilet(String label, double flush, double waste) {
        this.label = label;
        this.flush = flush;
        this.waste = waste;
    }

    public String label() {
        return label;
    }

    public double flush() {
        return flush;
    }

    public double waste() {
        return waste;
    }
}
