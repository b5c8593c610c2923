package lectulum.brief.draft;

/// What a draft gives up for what.
public enum Taste {
    /// The least mass that does.
    LIGHT("light"),
    /// The least money that does.
    CHEAP("cheap"),
    /// Between them.
    USUAL("usual"),
    /// Width, floor and what is wanted.
    COMFORTABLE("comfortable");

    private final String label;

    Taste(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
