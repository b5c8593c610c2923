package lectulum.design.thing;

/// Where a mass comes from; it sets how far the true mass may be off unless the user says better.
public enum MassSource {
    GUESS("guess"), CATALOGUE("catalogue"), WEIGHED("weighed"), RECONCILED("reconciled");

    private final String label;

    MassSource(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
