package lectulum.figures;

/// One thing that is checked, wherever in a camper it applies: its findings are told apart by their [Subject].
///
/// Each discipline lists its rules in an enum, so that what must know all of them, such as what would mend each, does not
/// compile until it knows a new one.
public interface Rule {

    /// Stable: files and reports know it by this.
    String id();

    /// The question it answers, as words that can be searched.
    String asks();

    /// On whose page it stands.
    Stage stage();

    /// Whether its answer hangs on which vehicle tows.
    default boolean ofVehicle() {
        return false;
    }
}
