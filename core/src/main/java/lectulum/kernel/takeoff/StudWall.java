package lectulum.kernel.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/// A wall, floor or roof of studs between plates, with openings framed.
///
/// @param length \[m\]
/// @param top    height of the outline at a place along it \[m\]
/// @param high   largest of it \[m\]
/// @param face   width of a stud along the wall \[m\]
/// @param plate  thickness of the plates \[m\]
/// @param layout middles of its studs before openings are cut, ascending \[m\]
/// @param openings rough sizes
/// @param rows   heights of the middles of noggins \[m\]
public record StudWall(double length, DoubleUnaryOperator top, double high, double face, double plate,
        List<Double> layout,
        List<Opening> openings, List<Double> rows) {
    private static final double LEAST = 0.020;
    private static final double SMALL = 1e-9;

    public StudWall {
        openings = openings.stream().sorted(Comparator.comparingDouble(Opening::from)).toList();
        rows = List.copyOf(rows);
        layout = List.copyOf(layout);
    }

    /// A rectangular wall with its studs at whole spacings, so that sheets meet on them.
    public static StudWall of(double length, double height, double face, double plate, double spacing,
            List<Opening> openings, List<Double> rows) {
        return new StudWall(length, x -> height, height, face, plate, spaced(length, face, spacing), openings, rows);
    }

    /// Middles of studs at whole spacings, with one at each end \[m\].
    public static List<Double> spaced(double length, double face, double spacing) {
        List<Double> all = new ArrayList<>(List.of(face / 2));
        for (int k = 1; k * spacing <= length - face + SMALL; k++) {
            double at = k * spacing;
            if (at < 1.5 * face - SMALL) {
                continue;
            }
            all.add(at > length - 1.5 * face + SMALL ? length - 1.5 * face : at);
        }
        all.add(length - face / 2);
        return all;
    }

    /// A rough opening with a header of one plate unless more are said.
    ///
    /// @param from   along the wall \[m\]
    /// @param low    its lower edge \[m\]; within the bottom plate for a door
    /// @param headers one on another
    /// @param jacks   framed as in houses: a jack stud under each end of a header of two plies
    public record Opening(double from, double to, double low, double high, int headers, boolean jacks) {
        public Opening(double from, double to, double low, double high) {
            this(from, to, low, high, 1, false);
        }

        public Opening(double from, double to, double low, double high, int headers) {
            this(from, to, low, high, headers, false);
        }

        /// What lies between its kings, in a wall of studs so wide.
        private Opening between(double face) {
            return jacks ? new Opening(from - face, to + face, low, high, headers, true) : this;
        }
    }

    /// What a stick is.
    public enum Kind {
        STUD("stud"), TOP_PLATE("top plate"), BOTTOM_PLATE("bottom plate"), HEADER("header"), SILL("sill"),
        UPPER("cripple above"), LOWER("cripple below"), NOGGIN("noggin"), JACK("jack stud");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /// Whether it stands.
        public boolean upright() {
            return switch (this) {
                case STUD, UPPER, LOWER, JACK -> true;
                case TOP_PLATE, BOTTOM_PLATE, HEADER, SILL, NOGGIN -> false;
            };
        }
    }

    /// One stick.
    ///
    /// @param length \[m\]
    /// @param x      of its middle along the wall \[m\]
    /// @param z      of its middle \[m\]
    /// @param slope  of its upper end \[rad\]
    public record Stick(Kind kind, double length, double x, double z, double slope) {
    }

    /// Whether an opening is so near an end that its king is left out there.
    private boolean kingAtStart(Opening o) {
        return o.between(face).from >= 2 * face - SMALL;
    }

    private boolean kingAtEnd(Opening o) {
        return o.between(face).to <= length - 2 * face + SMALL;
    }

    /// Openings nearer to an end of the wall than twice the width of a stud.
    public List<Opening> near() {
        return openings.stream().filter(o -> !kingAtStart(o) || !kingAtEnd(o)).toList();
    }

    /// All sticks, plates first.
    public List<Stick> sticks() {
        List<Stick> all = new ArrayList<>();
        plates(all);
        List<Double> full = full();
        for (double x : full) {
            all.add(upright(Kind.STUD, x, plate, top.applyAsDouble(x), true));
        }
        for (Opening o : openings) {
            framed(o, all);
        }
        for (double z : rows) {
            noggins(z, full, all);
        }
        return all;
    }

    /// Middles of the studs that run from plate to plate, ascending \[m\].
    public List<Double> full() {
        List<Double> all = new ArrayList<>();
        for (double x : layout) {
            boolean end = x <= face || x >= length - face;
            if (end || openings.stream().noneMatch(o -> within(o, x) || merged(o, x))) {
                all.add(x);
            }
        }
        for (Opening o : openings) {
            if (kingAtStart(o)) {
                add(all, o.between(face).from - face / 2);
            }
            if (kingAtEnd(o)) {
                add(all, o.between(face).to + face / 2);
            }
        }
        all.sort(Comparator.naturalOrder());
        return all;
    }

    private void add(List<Double> all, double x) {
        if (all.stream().noneMatch(y -> Math.abs(y - x) < SMALL)) {
            all.add(x);
        }
    }

    private boolean within(Opening clear, double x) {
        Opening o = clear.between(face);
        return x >= o.from + face / 2 - SMALL && x <= o.to - face / 2 + SMALL;
    }

    private boolean merged(Opening clear, double x) {
        Opening o = clear.between(face);
        return x > o.from - 1.5 * face + SMALL && x < o.from + face / 2 - SMALL
                || x > o.to - face / 2 + SMALL && x < o.to + 1.5 * face - SMALL;
    }

    private void plates(List<Stick> all) {
        double along = 0;
        double x = 0;
        double z = 0;
        int steps = 64;
        for (int i = 0; i < steps; i++) {
            double a = length * i / steps;
            double b = length * (i + 1) / steps;
            double chord = Math.hypot(b - a, top.applyAsDouble(b) - top.applyAsDouble(a));
            along += chord;
            x += chord * (a + b) / 2;
            z += chord * ((top.applyAsDouble(a) + top.applyAsDouble(b)) / 2 - plate / 2);
        }
        all.add(new Stick(Kind.TOP_PLATE, along, x / along, z / along, 0));
        double from = 0;
        for (Opening o : openings) {
            if (o.low <= plate + SMALL) {
                if (o.from > from + SMALL) {
                    all.add(new Stick(Kind.BOTTOM_PLATE, o.from - from, (o.from + from) / 2, plate / 2, 0));
                }
                from = Math.max(from, o.to);
            }
        }
        if (length > from + SMALL) {
            all.add(new Stick(Kind.BOTTOM_PLATE, length - from, (length + from) / 2, plate / 2, 0));
        }
    }

    /// From a height to the outline, less the plate there: as long as the longer of its edges.
    private Stick upright(Kind kind, double x, double low, double high, boolean toTop) {
        double left = Math.max(0, x - face / 2);
        double right = Math.min(length, x + face / 2);
        double ends = toTop ? Math.max(top.applyAsDouble(left), top.applyAsDouble(right)) - plate : high;
        double slope = toTop ? Math.atan2(top.applyAsDouble(right) - top.applyAsDouble(left), right - left) : 0;
        return new Stick(kind, ends - low, x, (ends + low) / 2, slope);
    }

    private void framed(Opening o, List<Stick> all) {
        // Without a king beside it, header and sill run to the stud at the end of the wall.
        double from = kingAtStart(o) ? o.between(face).from : Math.min(o.from, face);
        double to = kingAtEnd(o) ? o.between(face).to : Math.max(o.to, length - face);
        double wide = to - from;
        double middle = (from + to) / 2;
        double header = o.headers * plate;
        for (int i = 0; i < o.headers; i++) {
            for (int ply = 0; ply < (o.jacks ? 2 : 1); ply++) {
                all.add(new Stick(Kind.HEADER, wide, middle, o.high + (i + 0.5) * plate, 0));
            }
        }
        jacks(o, all);
        if (o.low > plate + SMALL) {
            double sill = o.jacks ? Math.min(wide, o.to - o.from) : wide;
            all.add(new Stick(Kind.SILL, sill, o.jacks ? (o.from + o.to) / 2 : middle, o.low - plate / 2, 0));
        }
        for (double x : layout) {
            if (!within(o, x)) {
                continue;
            }
            Stick upper = upright(Kind.UPPER, x, o.high + header, 0, true);
            if (upper.length >= LEAST) {
                all.add(upper);
            }
            if (o.low - 2 * plate >= LEAST) {
                all.add(upright(Kind.LOWER, x, plate, o.low - plate, false));
            }
        }
    }

    /// Beside each king, from the plate to the header.
    private void jacks(Opening o, List<Stick> all) {
        if (o.jacks && o.high - plate > LEAST) {
            if (kingAtStart(o)) {
                all.add(upright(Kind.JACK, o.from - face / 2, plate, o.high, false));
            }
            if (kingAtEnd(o)) {
                all.add(upright(Kind.JACK, o.to + face / 2, plate, o.high, false));
            }
        }
    }

    private void noggins(double z, List<Double> full, List<Stick> all) {
        for (int i = 0; i + 1 < full.size(); i++) {
            double gap = full.get(i + 1) - full.get(i) - face;
            double middle = (full.get(i) + full.get(i + 1)) / 2;
            boolean open = openings.stream().anyMatch(o -> middle > o.from && middle < o.to && z > o.low - plate
                    && z < o.high + o.headers * plate);
            if (gap > LEAST && !open && z < top.applyAsDouble(middle) - plate) {
                all.add(new Stick(Kind.NOGGIN, gap, middle, z, 0));
            }
        }
    }

    /// Widest from middle to middle of neighbouring studs \[m\].
    public double widestBay() {
        double most = 0;
        for (int i = 0; i + 1 < layout.size(); i++) {
            most = Math.max(most, layout.get(i + 1) - layout.get(i));
        }
        return most;
    }

    /// Area between the sticks \[m²\].
    public double between() {
        double gross = 0;
        int steps = 256;
        for (int i = 0; i < steps; i++) {
            gross += length / steps * top.applyAsDouble(length * (i + 0.5) / steps);
        }
        double open = openings.stream().mapToDouble(o -> (o.to - o.from) * (o.high - o.low)).sum();
        return gross - open - face * sticks().stream().distinct().mapToDouble(Stick::length).sum();
    }
}
