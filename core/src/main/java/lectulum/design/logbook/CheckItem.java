package lectulum.design.logbook;

/// An item of one's own on a checklist.
///
/// @param second whether a second person looks too
public record CheckItem(String id, Occasion occasion, String text, boolean second) {
    public CheckItem {
        id = id == null ? "" : id;
        occasion = occasion == null ? Occasion.LEAVING : occasion;
        text = text == null ? "" : text;
    }

    /// When a list is gone through.
    public enum Occasion {
        FIRST_TOW("Before the first tow"), LEAVING("Leaving"), ARRIVING("Arriving"), STORING("Into storage"),
        SEASON("First of the season"), REGISTRATION("Registration and inspection");

        private final String label;

        Occasion(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether it is gone through once, not trip after trip.
        public boolean once() {
            return this == FIRST_TOW || this == REGISTRATION;
        }
    }
}
