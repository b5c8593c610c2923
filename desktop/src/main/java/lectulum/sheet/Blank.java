package lectulum.sheet;

import lectulum.figures.drawing.Hatch;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;

/// Draws nothing: for finding out where labels would stand.
final class Blank implements Surface {
    @Override
    public void fill(double[][] outline, Ink ink) {
    }

    @Override
    public void hatch(double[][] outline, Hatch hatch) {
    }

    @Override
    public void stroke(double[][] points, boolean closed, Line line) {
    }

    @Override
    public void fillOval(double x, double y, double rx, double ry, Ink ink) {
    }

    @Override
    public void strokeOval(double x, double y, double rx, double ry, Line line) {
    }

    @Override
    public void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink) {
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
