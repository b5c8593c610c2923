package lectulum.app;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import lectulum.sheet.CanvasSurface;

/// Counts shapes and remembers where they and texts stand.
final class Recorder implements Surface {
    final List<Bounds> texts = new ArrayList<>();
    final List<String> words = new ArrayList<>();
    final List<double[][]> outlines = new ArrayList<>();
    int paths;
    int ovals;

    @Override
    public void fill(double[][] outline, Ink ink) {
        outlines.add(outline);
        paths += outline.length > 2 ? 1 : 0;
    }

    @Override
    public void hatch(double[][] outline, Hatch hatch) {
        paths += outline.length > 2 ? 1 : 0;
    }

    @Override
    public void stroke(double[][] points, boolean closed, Line line) {
        outlines.add(points);
        paths += points.length > 1 ? 1 : 0;
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
        ovals++;
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
        ovals++;
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink) {
        double width = width(text, size, bold);
        double left = anchor == Anchor.START ? x : anchor == Anchor.MIDDLE ? x - width / 2 : x - width;
        texts.add(new BoundingBox(left, y - 0.5 * size, width, size));
        words.add(text);
    }

    @Override
    public void within(double x, double y, double width, double height) {
    }

    @Override
    public void whole() {
    }

    @Override
    public double width(String text, double size, boolean bold) {
        return CanvasSurface.measured(text, size, bold);
    }
}
