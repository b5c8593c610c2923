package lectulum.symbols;

import lectulum.figures.drawing.Paint;

/// A flat part of a drawing: an area, or a line where it is not closed.
///
/// @param points \[across, up\] \[m\]
/// @param smooth whether it is round, so that its corners are none
/// @param near   how near to the reader its nearest point is \[m\]
public record Shape(double[][] points, boolean closed, boolean smooth, Paint paint, double near) {
}
