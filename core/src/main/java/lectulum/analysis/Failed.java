package lectulum.analysis;

import lectulum.figures.Rule;
import lectulum.figures.Stage;

/// A discipline that could not be worked out.
///
/// @param stage on whose page its figures are missing
record Failed(Stage stage) implements Rule {
    @Override
    public Card card() {
        return new Card("analysis", "could everything be worked out", stage, false);
    }
}
