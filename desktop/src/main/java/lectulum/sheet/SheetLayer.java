package lectulum.sheet;

import lectulum.workbench.State;

/// What a stage draws over the things on the sheet.
@FunctionalInterface
public interface SheetLayer {
    /// Draws nothing.
    SheetLayer NONE = (pen, projection, state, hatches) -> {
    };

    void paint(Pen pen, Projection projection, State state, Hatches hatches);
}
