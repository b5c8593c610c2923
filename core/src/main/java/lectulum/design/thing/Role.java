package lectulum.design.thing;

/// When a thing is aboard.
public enum Role {
    /// Part of the finished camper.
    BUILT_IN("built in"),
    /// Packed for a trip and brought home again.
    GEAR("packed gear"),
    /// Packed for a trip and used up, but for its rubbish.
    PROVISIONS("provisions");

    private final String label;

    Role(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
