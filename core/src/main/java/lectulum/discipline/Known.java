package lectulum.discipline;

import lectulum.design.Design;
import lectulum.design.Edit;

/// A design and all that follows from it, as remedies and searches ask for it.
public interface Known extends Reads {

    /// The design as the user has it.
    Design given();

    /// The same with impossible numbers replaced.
    Design design();

    /// What would follow from an edited design, of which nothing is worked out before it is asked for.
    Known peek(Design edited);

    /// Whether an edit makes nothing worse of what the hand waits for: fit, loads and supplies.
    boolean worsensNothing(Edit edit);
}
