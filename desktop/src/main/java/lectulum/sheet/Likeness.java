package lectulum.sheet;

import java.util.List;
import java.util.function.Supplier;
import lectulum.design.thing.SystemGroup;
import lectulum.symbols.Facing;
import lectulum.symbols.Form;
import lectulum.symbols.Piece;
import lectulum.symbols.Shape;
import lectulum.theme.Theme;

/// A small picture of one form, standing on the lower edge: somebody, or the tow vehicle.
public final class Likeness extends Drawing {
    private static final double EDGE = 3;
    private final Facing facing;
    private final double tall;
    private Form form = new Form(List.of());

    /// @param tall height that fills the picture \[m\], so that several are to one scale; 0 for whatever is shown
    public Likeness(Supplier<Theme> theme, Facing facing, double width, double height, double tall) {
        super(theme, 8, "likeness");
        this.facing = facing;
        this.tall = tall;
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
    }

    /// @param says for who cannot see it
    public void show(Form next, String says) {
        form = next;
        setAccessibleText(says);
        requestLayout();
    }

    @Override
    void paint(Pen pen, double w, double h) {
        pen.fill(0, 0, w, h, pen.ink("inside"));
        List<Shape> shapes = form.seen(facing, 0);
        double low = Double.POSITIVE_INFINITY;
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        for (Shape s : shapes) {
            for (double[] p : s.points()) {
                low = Math.min(low, p[1]);
                left = Math.min(left, p[0]);
                right = Math.max(right, p[0]);
            }
        }
        if (!(right > left)) {
            return;
        }
        double high = tall > 0
                ? tall
                : form.pieces().stream().map(Piece::bounds).mapToDouble(b -> b[5]).max().orElse(1);
        double scale = Math.min((w - 2 * EDGE) / (right - left), (h - 2 * EDGE) / (high - low));
        new FormPainter(pen).paint(shapes, w / 2 - (left + right) / 2 * scale, h - EDGE + low * scale, scale, -scale,
                SystemGroup.CARGO);
    }
}
