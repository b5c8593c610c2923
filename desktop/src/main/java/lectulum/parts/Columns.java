package lectulum.parts;

import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/// Panels one below the other, and in a wide window in two columns that are read one after the other: the first holds so many
/// of them that the taller of both is as low as can be.
public final class Columns extends Region {
    private final double gap;
    private final double wide;

    /// @param gap  between panels \[px\]
    /// @param wide from this width on there are two columns \[px\]
    public Columns(double gap, double wide) {
        this.gap = gap;
        this.wide = wide;
    }

    public void show(List<? extends Node> panels) {
        getChildren().setAll(panels);
    }

    public List<Node> panels() {
        return getChildren();
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computeMinWidth(double height) {
        return getManagedChildren().stream().mapToDouble(n -> n.minWidth(-1)).max().orElse(0) + sides();
    }

    @Override
    protected double computePrefWidth(double height) {
        return getManagedChildren().stream().mapToDouble(n -> n.prefWidth(-1)).max().orElse(0) + sides();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        double room = (width < 0 ? prefWidth(-1) : width) - sides();
        double[] heights = heights(each(room));
        int first = first(room, heights);
        return Math.max(sum(heights, 0, first), sum(heights, first, heights.length)) + snappedTopInset()
                + snappedBottomInset();
    }

    @Override
    protected void layoutChildren() {
        List<Node> panels = getManagedChildren();
        double room = getWidth() - sides();
        double each = each(room);
        double[] heights = heights(each);
        int first = first(room, heights);
        double y = snappedTopInset();
        for (int i = 0; i < heights.length; i++) {
            if (i == first) {
                y = snappedTopInset();
            }
            double x = snappedLeftInset() + (i < first ? 0 : each + gap);
            panels.get(i).resizeRelocate(snapPositionX(x), snapPositionY(y), snapSizeX(each), snapSizeY(heights[i]));
            y += heights[i] + gap;
        }
    }

    private double sides() {
        return snappedLeftInset() + snappedRightInset();
    }

    private boolean two(double room) {
        return room >= wide && getManagedChildren().size() > 1;
    }

    private double each(double room) {
        return two(room) ? Math.floor((room - gap) / 2) : room;
    }

    private double[] heights(double each) {
        return getManagedChildren().stream().mapToDouble(n -> snapSizeY(n.prefHeight(each))).toArray();
    }

    /// How many panels stand in the first column.
    private int first(double room, double[] heights) {
        if (!two(room)) {
            return heights.length;
        }
        int best = heights.length;
        double lowest = Double.POSITIVE_INFINITY;
        for (int i = 1; i < heights.length; i++) {
            double taller = Math.max(sum(heights, 0, i), sum(heights, i, heights.length));
            if (taller <= lowest) {
                lowest = taller;
                best = i;
            }
        }
        return best;
    }

    private double sum(double[] heights, int from, int to) {
        double sum = from < to ? gap * (to - from - 1) : 0;
        for (int i = from; i < to; i++) {
            sum += heights[i];
        }
        return sum;
    }
}
