package lectulum.figures;

import lectulum.design.Edit;

/// A computed way to mend a finding: what it is, in one short sentence, and the edit that does it.
///
/// @param measured it takes over what was measured: what that shows elsewhere was so before and is no harm that it does
public record Remedy(Sentence says, Edit edit, boolean measured) {
    public Remedy(Sentence says, Edit edit) {
        this(says, edit, false);
    }

    public static Remedy measured(Sentence says, Edit edit) {
        return new Remedy(says, edit, true);
    }
}
