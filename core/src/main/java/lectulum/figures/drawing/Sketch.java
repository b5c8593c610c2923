package lectulum.figures.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Sentence;

/// A drawing to scale that a computation gives along with its figures: lines and areas in metres, x to the right, y up.
public record Sketch(String title, List<Mark> marks) {
    public Sketch {
        marks = List.copyOf(marks);
    }

    /// How a mark is drawn; the look belongs to the views.
    public enum Pen {
        /// What is there.
        SOLID,
        /// An area that is taken.
        AREA,
        /// A space that moves or must stay free.
        SWEEP,
        /// Where something was, will be, or should be.
        DASHED,
        /// What the sketch is about.
        MAIN,
        /// What is wrong.
        FAULT,
        /// A thin reference line.
        THIN,
        /// A point.
        DOT,
        /// Something as it looks, in the colours of what it is made of.
        LOOK
    }

    /// What something that is drawn as it looks is made of.
    public record Skin(Paint paint, SystemGroup system) {
        /// For what is no part of a drawing as it looks.
        static final Skin NONE = new Skin(Paint.INK, SystemGroup.STRUCTURE);
    }

    /// A line, an area or a point, with a text beside its middle.
    ///
    /// @param points \[x, y\] \[m\]
    /// @param closed whether the last point is joined to the first
    /// @param skin   of what is drawn as it looks
    public record Mark(Pen pen, double[][] points, boolean closed, Sentence text, Skin skin) {
        /// By what is drawn, so that what shows it can tell that nothing has changed.
        @Override
        public boolean equals(Object other) {
            return other instanceof Mark m && pen == m.pen && closed == m.closed && text.equals(m.text)
                    && skin.equals(m.skin) && Arrays.deepEquals(points, m.points);
        }

        @Override
        public int hashCode() {
            return Objects.hash(pen, closed, text, skin, Arrays.deepHashCode(points));
        }
    }

    /// Collects the marks of a sketch.
    public static final class Board {
        private static final Sentence NOTHING = Sentence.of("");
        private final String title;
        private final List<Mark> marks = new ArrayList<>();

        public Board(String title) {
            this.title = title;
        }

        public Board line(Pen pen, double... xy) {
            return path(pen, pairs(xy), false, NOTHING);
        }

        public Board area(Pen pen, double[][] points) {
            return path(pen, points, true, NOTHING);
        }

        public Board box(Pen pen, double x1, double y1, double x2, double y2) {
            return area(pen, new double[][]{{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}});
        }

        public Board path(Pen pen, List<double[]> points) {
            return path(pen, points.toArray(double[][]::new), false, NOTHING);
        }

        public Board path(Pen pen, double[][] points, boolean closed, Sentence text) {
            if (points.length > 0) {
                marks.add(new Mark(pen, points, closed, text, Skin.NONE));
            }
            return this;
        }

        /// A mark of another sketch.
        public Board add(Mark mark) {
            marks.add(mark);
            return this;
        }

        /// A part of something as it looks: an area, or a line where it is not closed.
        public Board look(Skin skin, double[][] points, boolean closed) {
            if (points.length > 0) {
                marks.add(new Mark(Pen.LOOK, points, closed, NOTHING, skin));
            }
            return this;
        }

        /// A name at a place, without a point.
        public Board name(double x, double y, Sentence text) {
            return path(Pen.THIN, new double[][]{{x, y}}, false, text);
        }

        public Board circle(Pen pen, double x, double y, double r) {
            double[][] points = new double[49][];
            for (int i = 0; i < points.length; i++) {
                double a = 2 * Math.PI * i / (points.length - 1);
                points[i] = new double[]{x + r * Math.cos(a), y + r * Math.sin(a)};
            }
            return path(pen, points, false, NOTHING);
        }

        public Board dot(double x, double y, Sentence text) {
            return path(Pen.DOT, new double[][]{{x, y}}, false, text);
        }

        /// A length with its ends; the text stands at its middle.
        public Board dimension(double x1, double y1, double x2, double y2, Sentence text) {
            return path(Pen.THIN, new double[][]{{x1, y1}, {x2, y2}}, false, text);
        }

        public Sketch done() {
            return new Sketch(title, marks);
        }

        private static double[][] pairs(double[] xy) {
            double[][] points = new double[xy.length / 2][];
            for (int i = 0; i < points.length; i++) {
                points[i] = new double[]{xy[2 * i], xy[2 * i + 1]};
            }
            return points;
        }
    }
}
