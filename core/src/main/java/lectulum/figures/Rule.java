package lectulum.figures;

import java.util.Optional;

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
    /// @param byHand    where no change of the plan is ever offered: what is done instead, or why nothing is, after a colon; empty
    ///                  for rules that bring remedies
    record Card(String id, String asks, Stage stage, boolean ofVehicle, String byHand) {
        /// Of a rule that brings remedies.
        public Card(String id, String asks, Stage stage, boolean ofVehicle) {
            this(id, asks, stage, ofVehicle, "");
        }
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

    /// What is done by hand about what it finds, where no change of the plan is ever offered.
    default Optional<String> byHand() {
        return Optional.of(card().byHand()).filter(why -> !why.isEmpty());
    }

    /// What is said where no remedy is offered.
    default String unmended() {
        return byHand().map(why -> "Nothing to try: " + why)
                .orElse("Nothing was found that mends it without a new fault.");
    }

    default boolean ofVehicle() {
        return card().ofVehicle();
    }
}
