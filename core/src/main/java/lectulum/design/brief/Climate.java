package lectulum.design.brief;

/// A climate; its clearness and temperatures stand in a table.
public enum Climate {
    DESERT("desert"), DRY_SUMMER("dry summer"), HUMID_SUBTROPICAL("humid subtropical"), MARITIME("maritime"),
    CONTINENTAL("continental"), DRY_HIGHLAND("dry highland"), BOREAL("boreal"), TROPICAL("tropical");

    private final String label;

    Climate(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
