package lectulum.design;

/// How the camper stands: on the road, as a camp by day, or for the night. Balance reads ROAD; what tips the uncoupled
/// camper is reckoned in CAMP and NIGHT.
public enum Mode {
    ROAD("Road"), CAMP("Camp"), NIGHT("Night");

    private final String label;

    Mode(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
