package lectulum.figures;

import lectulum.design.Edit;

/// A computed way to mend a finding: what it is, in one short sentence, and the edit that does it.
public record Remedy(Sentence says, Edit edit) {
}
