package lectulum.figures;

/// The stages of the rail, in the order of work.
public enum Stage {
    BRIEF("Brief"), BASE("Base"), LAYOUT("Layout"), BALANCE("Balance"), POWER("Power"), WATER("Water"), AIR("Air"),
    TRIP("Trip"), MATERIALS(
            "Materials"),
    MONEY("Money"), BUILD("Build"), LOG("Log"), PAPERS("Papers");

    private final String label;

    Stage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
