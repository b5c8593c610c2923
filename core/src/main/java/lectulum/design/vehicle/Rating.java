package lectulum.design.vehicle;

/// A limit that somebody put on a plate, a label or in a manual \[kg\]. One that is not entered is unknown, never fine.
public enum Rating {
    GROSS_PLATE("gross plate", true), COUPLER("coupler", true), TONGUE_COUPLER("coupler, tongue", true), AXLE(
            "axle, all together", true),
    AXLE_EACH("each axle of two", true),
    SPRING("each spring", true), WHEEL("each wheel", true), CHAIN("each safety chain, breaking", true),
    TYRE("each tyre", true), TOW_BRAKED("towing, braked", false), TOW_UNBRAKED(
            "towing, unbraked", false),
    BALL("ball", false), RECEIVER("receiver", false), TONGUE_RECEIVER("receiver, tongue", false),
    TONGUE_VEHICLE("tongue limit", false), PAYLOAD("payload",
            false),
    VEHICLE_GROSS("gross", false), REAR_AXLE("rear axle", false), COMBINED_GROSS(
            "gross combined", false);

    private final String label;
    private final boolean trailer;

    Rating(String label, boolean trailer) {
        this.label = label;
        this.trailer = trailer;
    }

    public String label() {
        return label;
    }

    /// Whether it belongs to the trailer; else to the tow vehicle.
    public boolean trailer() {
        return trailer;
    }
}
