package lectulum.design.brief;

/// A climate band: mean clearness of the sky by month and the mean and swing of the temperature (assumed; the months
/// of the southern hemisphere are shifted by six).
public enum Climate {
    DESERT("desert", 21, 11, .60, .62, .65, .67, .69, .70, .65, .65, .66, .65, .62, .59), DRY_SUMMER("dry summer", 15,
            8, .47, .50, .54, .58, .62, .66, .68, .66, .63, .57, .49, .45),
    HUMID_SUBTROPICAL("humid subtropical", 17,
            10, .46, .48, .50, .53, .53, .53, .52, .52, .52, .53, .50, .46),
    MARITIME("maritime", 10, 6, .30,
            .35, .40, .44, .46, .46, .46, .45, .43, .38, .32, .28),
    CONTINENTAL("continental", 8, 14,
            .45, .49, .51, .50, .51, .53, .54, .53, .51, .47, .40, .40),
    DRY_HIGHLAND(
            "dry highland", 8, 11.5, .58, .60, .61, .60, .60, .64, .65, .64, .65, .64,
            .59, .57),
    BOREAL("boreal", 1, 15, .36, .44, .51, .52, .49, .47, .46, .44,
            .41, .35, .32, .30),
    TROPICAL("tropical", 26.5, 1.5, .58, .59, .57,
            .54, .48, .43, .42, .42, .43, .47, .53, .57);

    private final String label;
    private final double meanTemperature;
    private final double yearSwing;
    private final double[] clearness;

    Climate(String label, double meanTemperature, double yearSwing, double... clearness) {
        this.label = label;
        this.meanTemperature = meanTemperature;
        this.yearSwing = yearSwing;
        this.clearness = clearness;
    }

    public String label() {
        return label;
    }

    /// Share of the sun outside the air that reaches level ground in a mean day of the month.
    ///
    /// @param month 1 to 12
    /// @param south whether the place lies south of the equator
    public double clearness(int month, boolean south) {
        return clearness[(month - 1 + (south ? 6 : 0)) % 12];
    }

    /// Mean temperature of the day of the year \[°C\]; coldest on 20 January in the north, 20 July in the south.
    public double temperature(int dayOfYear, boolean south) {
        return meanTemperature - yearSwing * Math.cos(2 * Math.PI * (dayOfYear - (south ? 202 : 20)) / 365.0);
    }
}
