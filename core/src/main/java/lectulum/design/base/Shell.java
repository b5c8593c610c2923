package lectulum.design.base;

import java.util.List;
import lectulum.design.Means;
import lectulum.kernel.profile.Nose;

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
    record Box(@Means(value = "Outer length", low = 0.5, high = 12) double length,
            @Means(value = "Outer width", low = 0.3, high = 3) double width,
            @Means(value = "Roof above the floor", low = 0.2, high = 4) double height) implements Shell {
        @Override
        public Shell resized(double l, double w, double h) {
            return new Box(l, w, h);
        }
    }

    /// A box whose front comes together.
    ///
    /// @param noseDepth length of the nose, part of `length` \[m\]
    /// @param noseFlat  width of the flat at the tip of a V \[m\]; no meaning for rounded noses
    /// @param form      V, arc or half ellipse
    record Nosed(@Means(value = "Outer length", low = 0.5, high = 12, says = "nose included") double length,
            @Means(value = "Outer width", low = 0.3, high = 3) double width,
            @Means(value = "Roof above the floor", low = 0.2, high = 4) double height,
            @Means(value = "Depth of the nose", high = 11, says = "part of the length") double noseDepth,
            @Means(value = "Flat at its tip", high = 3, says = "width of the flat of a V") double noseFlat,
            Nose.Form form) implements Shell {
        public Nosed {
            form = form == null ? Nose.Form.VEE : form;
        }

        @Override
        public Shell resized(double l, double w, double h) {
            return new Nosed(l, w, h, Math.min(noseDepth, l / 2), Math.min(noseFlat, w), form);
        }
    }

    /// A tray with low sides and no roof.
    ///
    /// @param height of the sides \[m\]
    record Tray(@Means(value = "Outer length", low = 0.5, high = 12) double length,
            @Means(value = "Outer width", low = 0.3, high = 3) double width,
            @Means(value = "Height of the sides", low = 0.2, high = 4) double height) implements Shell {
        @Override
        public Shell resized(double l, double w, double h) {
            return new Tray(l, w, h);
        }
    }

    /// Straight walls of one side profile, mirrored: a line of points from the front foot over the roof to the rear foot,
    /// closed by the floor.
    ///
    /// @param points corners, which an arc may round, and smooth points, through which a curve runs
    record Profile(@Means(value = "Outer width", low = 0.3, high = 3) double width,
            List<Point> points) implements Shell {
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
            return new Profile(w,
                    points.stream().map(p -> new Point(p.x() * fx, p.z() * fz, p.corner(), p.radius())).toList());
        }

        /// A point of the profile.
        ///
        /// @param x      behind the front of the body \[m\]
        /// @param z      above the top of the floor \[m\]
        /// @param corner whether straight edges meet here; otherwise a smooth curve runs through it
        /// @param radius of the arc that rounds a corner \[m\]; no meaning for a smooth point
        public record Point(@Means(value = "Behind the front", low = -1, high = 12) double x,
                @Means(value = "Above the floor", high = 4) double z,
                @Means("Straight edges meet here; otherwise a curve runs through it") boolean corner,
                @Means(value = "Radius", high = 20, says = "of the arc that rounds a corner") double radius) {
            /// A smooth point.
            public Point(double x, double z) {
                this(x, z, false, 0);
            }
        }
    }
}
