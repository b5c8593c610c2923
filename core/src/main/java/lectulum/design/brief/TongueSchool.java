package lectulum.design.brief;

/// What share of the loaded mass the ball should carry, by school of practice.
///
/// Where the tow vehicle's plate comes from decides: a plate of 75 to 100 kg makes 12 % impossible above some 700 kg,
/// and lower shares go with the lower towing speeds and sway devices used there. All bands are common practice, not
/// law; the user picks.
public enum TongueSchool {
    NORTH_AMERICA("North American", 0.10, 0.15), EUROPE("European", 0.04, 0.07), AUSTRALIA("Australian", 0.08,
            0.15),
    OWN("own band", Double.NaN, Double.NaN);

    private final String label;
    private final double low;
    private final double high;

    TongueSchool(String label, double low, double high) {
        this.label = label;
        this.low = low;
        this.high = high;
    }

    public String label() {
        return label;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }
}
