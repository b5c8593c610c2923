package lectulum.design.brief;

/// A trade that some part of a build asks for.
public enum Skill {
    WOOD("woodwork"), WELD("welding"), ELECTRICS("electrics"), SEWING("sewing"), COMPOSITE("glass and resin");

    private final String label;

    Skill(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
