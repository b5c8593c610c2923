package lectulum.sheet;

import java.util.Optional;
import java.util.function.Supplier;
import lectulum.design.Design;
import lectulum.theme.Theme;

/// A small picture of a whole camper as it rides; shows nothing before it is given one.
public final class CamperPicture extends Drawing {
    private Optional<Design> design = Optional.empty();

    public CamperPicture(Supplier<Theme> theme, double width, double height) {
        super(theme, 8, "likeness");
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
    }

    /// The same, as wide as there is room, and no narrower than so much \[px\].
    public CamperPicture narrowing(double least) {
        setMinWidth(least);
        setMaxWidth(Double.MAX_VALUE);
        return this;
    }

    /// @param says for who cannot see it
    public void show(Design shown, String says) {
        design = Optional.of(shown);
        setAccessibleText(says);
        requestLayout();
    }

    @Override
    void paint(Pen pen, double w, double h) {
        pen.fill(0, 0, w, h, pen.ink("paper"));
        design.ifPresent(d -> Portrait.paint(pen, d, w, h));
    }
}
