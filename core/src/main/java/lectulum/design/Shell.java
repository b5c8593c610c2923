package lectulum.design;

import java.util.List;

/// Outer shape of the body; a new kind fails to compile until every place handles it.
public sealed interface Shell {

    /// Outer width \[m\].
    double width();

    /// Outer length, nose included \[m\].
    double length();

    /// Greatest height of the outside of the roof above the top of the floor \[m\].
    double height();

    /// The same shape stretched to other outer sizes.
    Shell resized(double length, double width, double height);

    /// A plain box.
    record Box(double length, double width, double height) implements Shell {
        @Override
        public Shell resized(double l, double w, double h) {
            return new Box(l, w, h);
        }
    }

    /// A box whose front comes together in a V.
    ///
    /// @param noseDepth length of the V, part of `length` \[m\]
    /// @param noseFlat  width of the flat at its tip \[m\]
    record VNose(double length, double width, double height, double noseDepth, double noseFlat) implements Shell {
        @Override
        public Shell resized(double l, double w, double h) {
            return new VNose(l, w, h, Math.min(noseDepth, l / 2), Math.min(noseFlat, w));
        }
    }

    /// A teardrop: straight walls, a roof line that runs smoothly through control points.
    ///
    /// @param points roof line from front to rear, x ascending from 0 to the length, z above the top of the floor
    record Profile(double width, List<Point> points) implements Shell {
        public Profile {
            points = points == null ? List.of() : List.copyOf(points);
        }

        @Override
        public double length() {
            return points.stream().mapToDouble(Point::x).max().orElse(0);
        }

        @Override
        public double height() {
            return points.stream().mapToDouble(Point::z).max().orElse(0);
        }

        @Override
        public Shell resized(double l, double w, double h) {
            double fx = length() > 0 ? l / length() : 1;
            double fz = height() > 0 ? h / height() : 1;
            return new Profile(w, points.stream().map(p -> new Point(p.x() * fx, p.z() * fz)).toList());
        }

        /// A control point of the roof line.
        ///
        /// @param x behind the front of the body \[m\]
        /// @param z above the top of the floor \[m\]
        public record Point(double x, double z) {
        }
    }
}
