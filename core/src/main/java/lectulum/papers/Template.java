package lectulum.papers;

import java.util.List;
import lectulum.kernel.profile.Piece;

/// A full-size drawing of one panel: what is cut, what is cut out of it, and lines to guide the hand. Metres, x to the
/// right, y up; y = 0 is the level line to measure from.
///
/// @param title   what it is, and which face looks up
/// @param front   where the front of the camper is: `"front at the left"`; empty where that says nothing
/// @param notes   what must be decided or known before it is cut, in sentences
public record Template(String title, String front, List<Contour> contours, List<String> notes) {
    public Template {
        contours = List.copyOf(contours);
        notes = List.copyOf(notes);
    }

    public Template(String title, String front, List<Contour> contours) {
        this(title, front, contours, List.of());
    }

    /// What a contour is for.
    public enum Use {
        CUT, HOLE, GUIDE
    }

    /// A line made of smooth pieces.
    ///
    /// @param name shown beside it; may be empty
    public record Contour(Use use, String name, List<Piece> pieces) {
        public Contour {
            pieces = List.copyOf(pieces);
        }
    }

    /// Smallest x, smallest y, greatest x, greatest y of all contours \[m\]; zeros for an empty template.
    public double[] bounds() {
        double[] b = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
                Double.NEGATIVE_INFINITY};
        for (Contour c : contours) {
            for (Piece p : c.pieces) {
                for (double[] q : p.samples()) {
                    b[0] = Math.min(b[0], q[0]);
                    b[1] = Math.min(b[1], q[1]);
                    b[2] = Math.max(b[2], q[0]);
                    b[3] = Math.max(b[3], q[1]);
                }
            }
        }
        return contours.isEmpty() ? new double[4] : b;
    }
}
