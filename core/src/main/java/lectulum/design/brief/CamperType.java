package lectulum.design.brief;

/// The kind of camper that is built.
public enum CamperType {
    TEARDROP("Teardrop"), OVERLAND("Overland trailer"), CARGO("Cargo conversion");

    private final String label;

    CamperType(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
