package lectulum.design.base;

/// What a bar, board or leg is made of; its strength stands in the table of materials.
public enum Stuff {
    STEEL("steel"), ALUMINIUM("aluminium"), SOFTWOOD("softwood C16"), SOFTWOOD_STRONG("softwood C24"), BIRCH_PLY(
            "birch plywood, along"),
    SOFTWOOD_PLY("softwood plywood, along");

    private final String label;

    Stuff(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
