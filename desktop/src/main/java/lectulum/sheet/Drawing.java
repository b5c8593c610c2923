package lectulum.sheet;

import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import lectulum.theme.Theme;

/// A region that is all drawing: painted anew whenever it is laid out, in whole pixels; nothing while it is hidden.
abstract class Drawing extends Region {
    final Supplier<Theme> theme;
    private final Canvas canvas = new Canvas();
    private final double least;

    /// @param least width and height below which nothing is painted \[px\]
    Drawing(Supplier<Theme> theme, double least, String styleClass) {
        this.theme = theme;
        this.least = least;
        getChildren().addAll(canvas, new FocusRing(this));
        getStyleClass().add(styleClass);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        visibleProperty().addListener((o, was, now) -> requestLayout());
    }

    abstract void paint(Pen pen, double width, double height);

    @Override
    protected final void layoutChildren() {
        double w = Math.floor(getWidth());
        double h = Math.floor(getHeight());
        if (!isVisible() || w < least || h < least) {
            return;
        }
        canvas.setWidth(w);
        canvas.setHeight(h);
        Pen pen = new Pen(new CanvasSurface(canvas.getGraphicsContext2D()), theme.get(), w, h);
        paint(pen, w, h);
        pen.labels();
    }
}
