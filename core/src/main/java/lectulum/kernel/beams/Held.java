package lectulum.kernel.beams;

/// How the ends of a bar are held.
public enum Held {
    RESTS("rests on both ends"), CLAMPED("held fast at both ends"), ARM("an arm, held at one end");

    private final String label;

    Held(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
