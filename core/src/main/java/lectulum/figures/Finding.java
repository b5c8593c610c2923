package lectulum.figures;

import java.util.List;
import java.util.Optional;
import lectulum.design.Acceptance;

/// One thing a check has to say, in a plain sentence with the numbers in it.
///
/// @param id         stable: the rule and what it is about, such as `layout.overlap.bed+galley`
/// @param stage      the stage it belongs to
/// @param title      one short sentence
/// @param detail     the numbers and why it matters
/// @param things     ids of the things it is about; empty where it is about the whole camper
/// @param acceptance why the user lives with it, once accepted
public record Finding(String id, Stage stage, Severity severity, Sentence title, Sentence detail, List<String> things,
        Optional<Acceptance> acceptance) {

    public Finding {
        things = List.copyOf(things);
    }

    public static Finding of(String id, Stage stage, Severity severity, Sentence title, Sentence detail,
            List<String> things) {
        return new Finding(id, stage, severity, title, detail, things, Optional.empty());
    }

    public Finding accepted(Acceptance why) {
        return new Finding(id, stage, severity, title, detail, things, Optional.of(why));
    }

    /// Whether it still asks for something to be done.
    public boolean open() {
        return acceptance.isEmpty();
    }
}
