package lectulum.sheet;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import lectulum.theme.Theme;

/// A region that is all drawing: painted anew whenever it is laid out, in whole pixels; nothing while it is hidden.
///
/// It can [#rest]: then it gives up its pixels, as those of some hundred pictures would be more than the memory of the program.
public abstract class Drawing extends Region {
    final Supplier<Theme> theme;
    private final FocusRing ring = new FocusRing(this);
    private Optional<Canvas> canvas = Optional.empty();
    private boolean resting;
    private final double least;

    /// @param least width and height below which nothing is painted \[px\]
    Drawing(Supplier<Theme> theme, double least, String styleClass) {
        this.theme = theme;
        this.least = least;
        getChildren().add(ring);
        sceneProperty().addListener((o, was, now) -> {
            if (now != null && !resting) {
                wake();
            }
        });
        getStyleClass().add(styleClass);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        visibleProperty().addListener((o, was, now) -> requestLayout());
    }

    /// Gives up its pixels until it is wanted again. The toolkit lets them go with the next frame in which the drawing still stands
    /// in the window.
    public void rest() {
        resting = true;
        canvas = Optional.empty();
        getChildren().setAll(ring);
    }

    /// Paints itself again where it rested.
    public void wake() {
        resting = false;
        if (canvas.isEmpty()) {
            Canvas made = new Canvas();
            canvas = Optional.of(made);
            getChildren().setAll(made, ring);
            requestLayout();
        }
    }

    abstract void paint(Pen pen, double width, double height);

    @Override
    protected final void layoutChildren() {
        double w = Math.floor(getWidth());
        double h = Math.floor(getHeight());
        if (!isVisible() || w < least || h < least || canvas.isEmpty()) {
            return;
        }
        Canvas on = canvas.get();
        on.setWidth(w);
        on.setHeight(h);
        Pen pen = new Pen(new CanvasSurface(on.getGraphicsContext2D()), theme.get(), w, h);
        paint(pen, w, h);
        pen.labels();
    }
}
