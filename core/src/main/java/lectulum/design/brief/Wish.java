package lectulum.design.brief;

/// How much something is wanted.
public enum Wish {
    MUST("must"), WANT("want"), NOT("not"), OPEN("open");

    private final String label;

    Wish(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
