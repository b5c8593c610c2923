package lectulum.figures;

/// One thing that is checked, wherever in a camper it applies: its findings are told apart by their [Subject].
///
/// Each discipline lists its rules in an enum, so that what must know all of them, such as what would mend each, does not
/// compile until it knows a new one.
public interface Rule {

    /// What a rule is known by.
    ///
    /// @param id        stable: files and reports know it by this
    /// @param asks      the question it answers, as words that can be searched
    /// @param stage     on whose page it stands
    /// @param ofVehicle whether its answer hangs on which vehicle tows
    record Card(String id, String asks, Stage stage, boolean ofVehicle) {
    }

    Card card();

    default String id() {
        return card().id();
    }

    default String asks() {
        return card().asks();
    }

    default Stage stage() {
        return card().stage();
    }

    default boolean ofVehicle() {
        return card().ofVehicle();
    }
}
