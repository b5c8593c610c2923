package lectulum.parts;

import javafx.geometry.Pos;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/// How much of something is used: a track with a part of it filled. What it shows also stands beside it in words.
public final class Bar extends StackPane {

    /// @param share  part that is filled, 0 to 1; more fills it all
    /// @param over   whether that is too much
    /// @param height \[px\]
    public Bar(double share, boolean over, double height) {
        Region track = strip("bar-track", height);
        Region fill = strip(over ? "bar-over" : "bar-paid", height);
        getChildren().addAll(track, fill);
        setAlignment(Pos.CENTER_LEFT);
        fill.maxWidthProperty().bind(widthProperty().multiply(Double.isNaN(share) ? 0 : Math.clamp(share, 0, 1)));
    }

    private static Region strip(String style, double height) {
        Region strip = new Region();
        strip.getStyleClass().add(style);
        strip.setMinHeight(height);
        strip.setMaxHeight(height);
        return strip;
    }
}
