package lectulum.design.thing;

/// How firmly a thing has its place: the search for remedies moves loose things first, and fixed things only where they
/// themselves overlap.
public enum Fix {
    FIXED("fixed"), MOVABLE("movable"), LOOSE("loose");

    private final String label;

    Fix(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
