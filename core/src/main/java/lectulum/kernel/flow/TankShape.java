package lectulum.kernel.flow;

import java.util.List;

/// The inside of a tank: how much is in it at a height, how high a volume stands, and where its centre is.
///
/// Heights are above the lowest point inside; below it a tank is empty, above its top full.
public sealed interface TankShape {
    /// Panels over which centres are integrated.
    int PANELS = 600;

    /// Inside, from its lowest point \[m\].
    double height();

    /// Volume below a height \[m³\].
    double volume(double z);

    /// Height of the liquid's centre above the lowest point, filled to a height \[m\]; 0 for an empty tank.
    double centre(double z);

    /// All of it \[m³\].
    default double gross() {
        return volume(height());
    }

    /// Height at which a volume stands \[m\], by bisection: 0 for none, the full height for more than it holds.
    default double level(double volume) {
        if (volume <= 0) {
            return 0;
        }
        if (volume >= gross()) {
            return height();
        }
        double low = 0;
        double high = height();
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (volume(middle) < volume) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /// Between the end of its pickup and the height that may be filled to \[m³\]; none where they stand the wrong way.
    default double usable(double pickup, double full) {
        return Math.max(0, volume(full) - volume(pickup));
    }

    /// A box whose edges are all round.
    ///
    /// @param a      inside, along \[m\]
    /// @param b      across \[m\]
    /// @param c      high \[m\]
    /// @param radius of the edges inside \[m\], no more than half of the least side
    record Box(double a, double b, double c, double radius) implements TankShape {
        public Box {
            radius = Math.clamp(radius, 0, Math.max(0, Math.min(a, Math.min(b, c)) / 2));
        }

        /// By what it measures outside.
        ///
        /// @param wall   thickness \[m\]
        /// @param radius of the edges outside \[m\]
        public static Box outside(double length, double width, double height, double wall, double radius) {
            return new Box(Math.max(0, length - 2 * wall), Math.max(0, width - 2 * wall),
                    Math.max(0, height - 2 * wall), Math.max(radius - wall, 0));
        }

        private double flat() {
            return (a - 2 * radius) * (b - 2 * radius);
        }

        private double rim() {
            return 2 * (a + b - 4 * radius);
        }

        /// Section at a height \[m²\].
        double section(double z) {
            double u = z < radius ? radius - z : z > c - radius ? z - (c - radius) : 0;
            double s = Math.sqrt(Math.max(0, radius * radius - u * u));
            return flat() + rim() * s + Math.PI * s * s;
        }

        private double cap(double z) {
            double r = radius;
            if (r <= 0) {
                return flat() * z;
            }
            double u = r - z;
            double along = 0.5 * (Math.PI * r * r / 2 - u * Math.sqrt(Math.max(0, r * r - u * u))
                    - r * r * Math.asin(Math.clamp(u / r, -1, 1)));
            return flat() * z + rim() * along + Math.PI * (r * z * z - z * z * z / 3);
        }

        @Override
        public double height() {
            return c;
        }

        @Override
        public double volume(double z) {
            double at = Math.clamp(z, 0, c);
            double middle = flat() + rim() * radius + Math.PI * radius * radius;
            if (at <= radius) {
                return cap(at);
            }
            if (at <= c - radius) {
                return cap(radius) + middle * (at - radius);
            }
            return 2 * cap(radius) + middle * (c - 2 * radius) - cap(c - at);
        }

        @Override
        public double centre(double z) {
            double at = Math.clamp(z, 0, c);
            return moment(this::section, at, radius, c - radius) / Math.max(Double.MIN_NORMAL, volume(at));
        }
    }

    /// A cylinder that lies.
    ///
    /// @param radius inside \[m\]
    /// @param length inside \[m\]
    record Lying(double radius, double length) implements TankShape {
        private double segment(double h) {
            return radius * radius * Math.acos(Math.clamp((radius - h) / radius, -1, 1))
                    - (radius - h) * Math.sqrt(Math.max(0, 2 * radius * h - h * h));
        }

        @Override
        public double height() {
            return 2 * radius;
        }

        @Override
        public double volume(double z) {
            return radius > 0 ? length * segment(Math.clamp(z, 0, 2 * radius)) : 0;
        }

        @Override
        public double centre(double z) {
            double h = Math.clamp(z, 0, 2 * radius);
            double area = segment(h);
            return area > 0 ? radius - 2.0 / 3 * Math.pow(2 * radius * h - h * h, 1.5) / area : 0;
        }
    }

    /// A tank of one section all along: an L over a frame, a wedge.
    ///
    /// @param corners of the section \[y, z\] in order, the lowest z is its floor \[m\]
    /// @param length  \[m\]
    record Prism(List<double[]> corners, double length) implements TankShape {
        public Prism {
            corners = List.copyOf(corners);
        }

        private double floor() {
            return corners.stream().mapToDouble(p -> p[1]).min().orElse(0);
        }

        @Override
        public double height() {
            return corners.stream().mapToDouble(p -> p[1]).max().orElse(0) - floor();
        }

        @Override
        public double volume(double z) {
            return length * Math.abs(shoelace(below(floor() + z))[0]);
        }

        @Override
        public double centre(double z) {
            return at(z)[1] - floor();
        }

        /// Centre of the liquid \[y, z\], as the corners count.
        public double[] at(double z) {
            double[] s = shoelace(below(floor() + z));
            return s[0] == 0 ? new double[]{0, floor()} : new double[]{s[1], s[2]};
        }

        /// Sutherland and Hodgman's clip to what lies under a level.
        private List<double[]> below(double level) {
            List<double[]> out = new java.util.ArrayList<>();
            for (int i = 0; i < corners.size(); i++) {
                double[] p = corners.get(i);
                double[] q = corners.get((i + 1) % corners.size());
                boolean in = p[1] <= level;
                if (in) {
                    out.add(p);
                }
                if (in != q[1] <= level) {
                    double t = (level - p[1]) / (q[1] - p[1]);
                    out.add(new double[]{p[0] + t * (q[0] - p[0]), level});
                }
            }
            return out;
        }

        private static double[] shoelace(List<double[]> p) {
            double area = 0;
            double y = 0;
            double z = 0;
            for (int i = 0; i < p.size(); i++) {
                double[] a = p.get(i);
                double[] b = p.get((i + 1) % p.size());
                double cross = a[0] * b[1] - b[0] * a[1];
                area += cross / 2;
                y += (a[0] + b[0]) * cross / 6;
                z += (a[1] + b[1]) * cross / 6;
            }
            return area == 0 ? new double[3] : new double[]{area, y / area, z / area};
        }
    }

    /// A tank that was poured full by known cans: straight between the readings.
    ///
    /// @param heights  rising \[m\]
    /// @param volumes  at them, never falling \[m³\]
    record Poured(List<Double> heights, List<Double> volumes) implements TankShape {
        /// @throws IllegalArgumentException where there are fewer than two readings or they do not rise
        public Poured {
            heights = List.copyOf(heights);
            volumes = List.copyOf(volumes);
            if (heights.size() < 2 || heights.size() != volumes.size()) {
                throw new IllegalArgumentException("a table of a tank has two readings or more");
            }
            for (int i = 1; i < heights.size(); i++) {
                if (!(heights.get(i) > heights.get(i - 1) && volumes.get(i) >= volumes.get(i - 1))) {
                    throw new IllegalArgumentException("reading " + (i + 1) + " of a tank does not rise");
                }
            }
        }

        @Override
        public double height() {
            return heights.getLast();
        }

        @Override
        public double volume(double z) {
            if (z <= heights.getFirst()) {
                return volumes.getFirst();
            }
            for (int i = 1; i < heights.size(); i++) {
                if (z <= heights.get(i)) {
                    double t = (z - heights.get(i - 1)) / (heights.get(i) - heights.get(i - 1));
                    return volumes.get(i - 1) + t * (volumes.get(i) - volumes.get(i - 1));
                }
            }
            return volumes.getLast();
        }

        @Override
        public double centre(double z) {
            double at = Math.clamp(z, 0, height());
            double volume = volume(at);
            double moment = 0;
            for (int i = 0; i < PANELS; i++) {
                double low = at * i / PANELS;
                double high = at * (i + 1) / PANELS;
                moment += (volume(high) - volume(low)) * (low + high) / 2;
            }
            return volume > 0 ? moment / volume : 0;
        }
    }

    /// Moment of a section up to a height about the floor, split where its law changes, by Simpson's rule.
    private static double moment(java.util.function.DoubleUnaryOperator section, double z, double... breaks) {
        double sum = 0;
        double from = 0;
        double[] ends = {Math.min(breaks[0], z), Math.min(Math.max(breaks[0], breaks[1]), z), z};
        for (double to : ends) {
            if (to > from) {
                int n = PANELS / 2;
                double h = (to - from) / n / 2;
                for (int i = 0; i < n; i++) {
                    double a = from + 2 * i * h;
                    sum += h / 3 * (section.applyAsDouble(a) * a + 4 * section.applyAsDouble(a + h) * (a + h)
                            + section.applyAsDouble(a + 2 * h) * (a + 2 * h));
                }
                from = to;
            }
        }
        return sum;
    }
}
