package lectulum.figures.drawing;

/// What a drawing is drawn on: a canvas of the window, an SVG file, later a page of a PDF. In pixels, x to the right, y
/// down; what is drawn later covers what was drawn before.
///
/// Outlines of fewer than three points and lines of fewer than two draw nothing.
public interface Surface {

    /// Where a text stands about its place.
    enum Anchor {
        START, MIDDLE, END
    }

    /// How a line is drawn.
    ///
    /// @param dash lengths of dashes and gaps in turn; none for a whole line
    record Line(Ink ink, double width, double... dash) {
        public boolean whole() {
            return dash.length == 0;
        }
    }

    void fill(double[][] outline, Ink ink);

    void hatch(double[][] outline, Hatch hatch);

    void stroke(double[][] points, boolean closed, Line line);

    void fillOval(double x, double y, double rx, double ry, Ink ink);

    void strokeOval(double x, double y, double rx, double ry, Line line);

    /// @param y of the middle of the letters
    void text(String text, double x, double y, Anchor anchor, double size, boolean bold, Ink ink);

    /// Draws only within a rectangle until [#whole].
    void within(double x, double y, double width, double height);

    /// Draws everywhere again.
    void whole();

    /// Length of a text \[px\].
    double width(String text, double size, boolean bold);
}
