package lectulum.design.brief;

/// The kind of camper that is built.
public enum CamperType {
    TEARDROP("Teardrop", "For one or two who sleep dry and cook outside, behind a small car.", 200, 400), OVERLAND(
            "Overland trailer", "For rough roads: a low box carries the kitchen, people sleep in a tent on top.", 250,
            500),
    CARGO("Cargo conversion",
            "For standing up, winters and big things: a closed box, fitted out with room to change it.", 300, 700);

    private final String label;
    private final String whom;
    private final int fewest;
    private final int most;

    CamperType(String label, String whom, int fewest, int most) {
        this.label = label;
        this.whom = whom;
        this.fewest = fewest;
        this.most = most;
    }

    public String label() {
        return label;
    }

    /// Whom it suits, in a sentence.
    public String whom() {
        return whom;
    }

    /// How long amateurs work on one, as a range (assumed; nobody counts the evenings until they are logged).
    public String hours() {
        return fewest + " to " + most + " hours";
    }
}
