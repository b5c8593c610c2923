package lectulum.design.brief;

/// How upright the tallest wants to be inside, parked.
public enum Headroom {
    LYING("lying is enough"), SITTING("sit up in bed"), STANDING("stand and dress");

    private final String label;

    Headroom(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
