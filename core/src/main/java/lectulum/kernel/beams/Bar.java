package lectulum.kernel.beams;

/// The cross-section of a bar, a rail or a board.
public enum Bar {
    SOLID("solid"), TUBE("rectangular tube"), CHANNEL("channel, flanges level"), ANGLE("angle, upright leg below"),
    STRUT(
            "strut channel"),
    SLOTTED("strut channel, slotted");

    private final String label;

    Bar(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /// Whether it is bent or rolled of a wall, whose thickness then has to be known.
    public boolean hollow() {
        return this != SOLID;
    }
}
