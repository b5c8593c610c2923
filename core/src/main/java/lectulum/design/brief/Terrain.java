package lectulum.design.brief;

/// The worst ground that is driven with the camper behind, and the clearance of the lowest part wanted on it (assumed).
public enum Terrain {
    ROAD("road", 0.18), GRAVEL("gravel road", 0.24), TRACK("rough track", 0.32);

    private final String label;
    private final double clearance;

    Terrain(String label, double clearance) {
        this.label = label;
        this.clearance = clearance;
    }

    public String label() {
        return label;
    }

    /// Ground clearance wanted \[m\].
    public double clearance() {
        return clearance;
    }
}
