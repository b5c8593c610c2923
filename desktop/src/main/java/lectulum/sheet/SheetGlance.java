package lectulum.sheet;

import java.util.Optional;
import java.util.function.Supplier;
import lectulum.theme.Theme;
import lectulum.workbench.State;

/// The sheet to look at, whole, in a mode and with a layer of its own; shows nothing before it is given a state.
public final class SheetGlance extends Drawing {
    private Optional<State> state = Optional.empty();
    private SheetLook look = SheetLook.PLAIN;

    public SheetGlance(Supplier<Theme> theme, double height) {
        super(theme, 60, "likeness");
        setMinSize(200, height);
        setPrefSize(480, height);
    }

    /// @param says for who cannot see it
    public void show(State shown, SheetLook wanted, String says) {
        state = Optional.of(shown);
        look = wanted;
        setAccessibleText(says);
        requestLayout();
    }

    @Override
    void paint(Pen pen, double w, double h) {
        state.ifPresent(s -> new SheetPainter(theme.get(), stage -> look).paint(pen.surface(), w, h, s,
                Projection.fit(s.design(), s.mode(), w, h, look.side(), look.beside(), look.below())));
    }
}
