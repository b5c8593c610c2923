package lectulum.design.envelope;

/// What a layer of a wall is made of; its numbers stand in a table.
public enum Substance {
    NONE("nothing"), PLYWOOD("plywood"), SOFTWOOD("softwood"), HARDWOOD("hardwood"), OSB("strand board"), XPS(
            "extruded foam (XPS)"),
    EPS("bead foam (EPS)"), PIR("PIR board"), SPRAY_FOAM("sprayed foam, closed cells"), MINERAL_WOOL(
            "mineral wool"),
    SHEEP_WOOL("sheep's wool or PET batts"), FOIL_BUBBLE("foil bubble sheet"), AIR("still air"), ALUMINIUM(
            "aluminium sheet"),
    STEEL("steel sheet"), FIBREGLASS("glass fibre laminate"), RUBBER_SHEET("EPDM sheet"), VINYL(
            "vinyl floor"),
    CARPET("carpet"), CORK("cork"), ELASTOMER("elastomer foam"), CANVAS("canvas or tent cloth");

    private final String label;

    Substance(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
