package lectulum.brief.schools;

import java.util.Optional;
import lectulum.design.Edit;

/// One way to answer a question.
///
/// @param id    within the question
/// @param says  what speaks for it and against it
/// @param now   whether the design has it
/// @param edit  what makes the design so; empty where it is so already, or where that cannot be
/// @param lacks why it cannot be, empty where it can
public record Way(String id, String label, String says, boolean now, Optional<Edit> edit, String lacks) {
    static Way drawn(String id, String label, String says) {
        return new Way(id, label, says, true, Optional.empty(), "");
    }

    static Way by(String id, String label, String says, Edit edit) {
        return new Way(id, label, says, false, Optional.of(edit), "");
    }

    static Way not(String id, String label, String says, String lacks) {
        return new Way(id, label, says, false, Optional.empty(), lacks);
    }
}
