package lectulum.design.thing;

/// The system a thing belongs to; the bill of materials, the tray and the drawing are grouped by it.
public enum SystemGroup {
    SLEEPING("Sleeping"), SEATING("Seating"), GALLEY("Galley"), COLD("Cold storage"), WATER("Water"), HEAT(
            "Gas and heat"),
    ELECTRICAL("Electrical"), OPENINGS(
            "Openings"),
    CARGO("Cargo and tie-down"), OUTSIDE("Outside gear"), STRUCTURE("Structure");

    private final String label;

    SystemGroup(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
