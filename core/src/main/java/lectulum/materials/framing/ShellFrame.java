package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.kernel.takeoff.Profile;
import lectulum.kernel.takeoff.StudWall;
import lectulum.space.Body;
import lectulum.space.Solid;

/// The frame of the shell stick by stick: what the members of each face ask for, with plates and framed openings.
///
/// Walls stand on the floor and end under the roof; bows and cross-members run from wall to wall. Plates are as thick as the
/// members are wide.
///
/// The front of a nose is a wall as it is seen from the front; what runs along it is as long as the nose is. Members of the rear of
/// a body with a hatch are the ribs of the hatch: bent where they are tube, sawn from plywood otherwise.
///
/// @param pieces in the order of the faces
/// @param ribs   that are sawn from sheet
/// @param walls  of the faces that stand, in their order
public record ShellFrame(List<Piece> pieces, List<Rib> ribs, Map<Carcass.Face, StudWall> walls) {
    private static final double IN_WALL = 0.7;
    private static final double NEAR_END = 0.25;

    public ShellFrame {
        pieces = List.copyOf(pieces);
        ribs = List.copyOf(ribs);
        Map<Carcass.Face, StudWall> inOrder = new EnumMap<>(Carcass.Face.class);
        inOrder.putAll(walls);
        walls = Collections.unmodifiableMap(inOrder);
    }

    /// Bars of one material and size, which are cut from the same sticks.
    ///
    /// @param metal whether they are tubes
    /// @param mass  of a metre \[kg/m\]
    /// @param price of a metre
    public record Bar(boolean metal, double width, double depth, double mass, double price) {
    }

    /// One stick of it.
    ///
    /// @param what as a cut list names it
    /// @param x    of its middle behind the front of the body \[m\]
    public record Piece(Carcass.Face face, String what, Bar bar, double length, double x, double y, double z,
            double slope) {
        public double mass() {
            return length * bar.mass;
        }
    }

    /// A rib of a hatch that is sawn from plywood.
    ///
    /// @param y     of it beside the middle \[m\]
    /// @param thick of the sheet \[m\]
    /// @param blank as it is cut, its longer side along the sheet, from its lower left corner \[m\]
    /// @param area  \[m²\]
    /// @param x     of its middle behind the front of the body \[m\]
    public record Rib(double y, double thick, List<double[]> blank, double area, double x, double z) {
        public Rib {
            blank = List.copyOf(blank);
        }

        public double mass() {
            return area * thick * Substances.of(Substance.PLYWOOD).density();
        }

        public double price() {
            return area * thick * Substances.of(Substance.PLYWOOD).price();
        }
    }

    public static ShellFrame of(Design d) {
        return new Maker(d, d.base().carcass().framing()).made();
    }

    /// The same shell with other members.
    static ShellFrame of(Design d, Map<Carcass.Face, Carcass.Framing> framing) {
        return new Maker(d, framing).made();
    }

    /// Where side walls begin behind the front of the body \[m\].
    static double from(Design d) {
        return d.base().shell() instanceof Shell.Nosed n ? n.noseDepth() : 0;
    }

    /// \[kg\]
    public double mass() {
        return pieces.stream().mapToDouble(Piece::mass).sum() + ribs.stream().mapToDouble(Rib::mass).sum();
    }

    /// Behind the front of the body \[m\]; empty without a frame.
    public Optional<Double> middle() {
        double mass = mass();
        return mass > 0
                ? Optional.of((pieces.stream().mapToDouble(p -> p.mass() * p.x).sum()
                        + ribs.stream().mapToDouble(r -> r.mass() * r.x).sum()) / mass)
                : Optional.empty();
    }

    /// Of everything end to end \[m\].
    public double length() {
        return pieces.stream().mapToDouble(Piece::length).sum();
    }

    public List<Bar> bars() {
        return pieces.stream().map(Piece::bar).distinct().toList();
    }

    /// What is cut from one kind of bar.
    public List<Piece> of(Bar bar) {
        return pieces.stream().filter(p -> p.bar.equals(bar)).toList();
    }

    /// Builds it.
    private static final class Maker {
        private final Design d;
        private final Map<Carcass.Face, Carcass.Framing> framing;
        private final Body body;
        private final List<Piece> pieces = new ArrayList<>();
        private final List<Rib> ribs = new ArrayList<>();
        private final Map<Carcass.Face, StudWall> walls = new EnumMap<>(Carcass.Face.class);

        Maker(Design d, Map<Carcass.Face, Carcass.Framing> framing) {
            this.d = d;
            this.framing = framing;
            this.body = Body.of(d.base());
        }

        ShellFrame made() {
            if (!body.open()) {
                for (Carcass.Face face : Carcass.Face.values()) {
                    Carcass.Framing f = framing.get(face);
                    if (f != null && !f.studs().isEmpty()) {
                        face(face, f);
                    }
                }
            }
            return new ShellFrame(pieces, ribs, walls);
        }

        private void face(Carcass.Face face, Carcass.Framing f) {
            switch (face) {
                case LEFT, RIGHT -> side(face, f);
                case FRONT -> end(face, f);
                case REAR -> HatchRib.of(d, f.depth()).ifPresentOrElse(r -> hatch(r, f), () -> end(face, f));
                case ROOF -> across(face, f, "bow");
                case FLOOR -> across(face, f, "cross-member");
            }
        }

        private Bar bar(Carcass.Face face, Carcass.Framing f) {
            Wall.Side side = switch (face) {
                case LEFT, RIGHT -> Wall.Side.SIDES;
                case FRONT -> Wall.Side.FRONT;
                case REAR -> Wall.Side.REAR;
                case ROOF -> Wall.Side.ROOF;
                case FLOOR -> Wall.Side.FLOOR;
            };
            boolean metal = d.envelope().wall(side).filter(w -> w.studs() == Wall.Studs.METAL).isPresent();
            double wall = Math.min(Assumed.value(d, Assumption.STUD_WALL), 0.49 * Math.min(f.width(), f.depth()));
            double mass = metal
                    ? Profile.tube(f.width(), f.depth(), wall) * Profile.STEEL
                    : f.width() * f.depth() * Substances.of(Substance.SOFTWOOD).density();
            double price = metal
                    ? mass * Assumed.value(d, Assumption.STUD_METAL)
                    : f.width() * f.depth() * Assumed.value(d, Assumption.STUD_TIMBER);
            return new Bar(metal, f.width(), f.depth(), mass, price);
        }

        private void side(Carcass.Face face, Carcass.Framing f) {
            double from = ShellFrame.from(d);
            double length = body.length() - from;
            DoubleUnaryOperator top = x -> body.roofInside().at(Math.clamp(from + x, 0, body.length()));
            double y = face == Carcass.Face.LEFT ? -1 : 1;
            List<StudWall.Opening> openings = openings(t -> t.place().y() * y > IN_WALL * body.halfWidth()
                    && reachX(t) > reachY(t)).map(t -> opening(t, t.place().x() - from, reachX(t), f)).toList();
            StudWall wall = new StudWall(length, top, body.roofInside().highest(), f.width(), f.width(),
                    within(f.studs().stream().map(s -> s - from).toList(), length, f.width()), openings,
                    rows(f, body.roofInside().highest()));
            walls.put(face, wall);
            Bar bar = bar(face, f);
            wall.sticks().forEach(s -> put(f, new Piece(face, s.kind().label(), bar, s.length(), from + s.x(),
                    y * body.halfWidth(), s.z(), s.slope())));
        }

        private void end(Carcass.Face face, Carcass.Framing f) {
            boolean front = face == Carcass.Face.FRONT;
            double at = front ? 0 : body.length();
            double half = body.halfWidth();
            double high = body.roofInside().at(front ? Math.min(0.05, body.length()) : body.length() - 0.05);
            if (high <= 4 * f.width()) {
                return;
            }
            List<StudWall.Opening> openings = openings(t -> Math.abs(t.place().x() - at) < NEAR_END
                    && reachY(t) > reachX(t)).map(t -> opening(t, t.place().y() + half, reachY(t), f)).toList();
            StudWall wall = new StudWall(2 * half, x -> high, high, f.width(), f.width(),
                    within(f.studs().stream().map(s -> s + half).toList(), 2 * half, f.width()), openings,
                    rows(f, high));
            walls.put(face, wall);
            Bar bar = bar(face, f);
            NoseLine nose = NoseLine.of(d.base());
            for (StudWall.Stick s : wall.sticks()) {
                if (!front || !nose.nosed()) {
                    put(f, new Piece(face, s.kind().label(), bar, s.length(), at, s.x() - half, s.z(), s.slope()));
                } else if (s.kind().upright()) {
                    put(f, new Piece(face, s.kind().label(), bar, s.length(), nose.x(s.x() - half), s.x() - half,
                            s.z(), s.slope()));
                } else {
                    double middle = s.x() - half;
                    for (double[] run : nose.runs(middle - s.length() / 2, middle + s.length() / 2)) {
                        double y = (run[0] + run[1]) / 2;
                        put(f, new Piece(face, s.kind().label(), bar, nose.length(run), nose.x(y), y, s.z(), 0));
                    }
                }
            }
        }

        /// Ribs from the hinge to the lip, and a bar across at either.
        private void hatch(HatchRib rib, Carcass.Framing f) {
            Bar bar = bar(Carcass.Face.REAR, f);
            double[] c = rib.centre();
            for (double y : f.studs()) {
                for (int i = 0; i < f.plies() && Math.abs(y) <= body.halfWidth(); i++) {
                    if (bar.metal()) {
                        pieces.add(new Piece(Carcass.Face.REAR, "rib, bent", bar, rib.length(), c[0], y, c[1], 0));
                    } else {
                        ribs.add(new Rib(y, f.width(), rib.blank(), rib.area(), c[0], c[1]));
                    }
                }
            }
            double across = 2 * (body.halfWidth() - d.base().wall());
            double[] hinge = rib.line().getFirst();
            double[] lip = rib.line().getLast();
            if (across > 0 && !f.studs().isEmpty()) {
                put(f, new Piece(Carcass.Face.REAR, "bar at the hinge", bar, across, hinge[0], 0, hinge[1], 0));
                put(f, new Piece(Carcass.Face.REAR, "bar at the lip", bar, across, lip[0], 0, lip[1], 0));
            }
        }

        private void across(Carcass.Face face, Carcass.Framing f, String what) {
            Bar bar = bar(face, f);
            for (double x : f.studs()) {
                if (x >= 0 && x <= body.length()) {
                    double half = Math.max(0, body.halfWidthOutside(x) - (body.halfWidthOutside(body.length() / 2)
                            - body.halfWidth()));
                    double z = face == Carcass.Face.ROOF ? body.roofInside().at(x) : 0;
                    if (half > f.width()) {
                        put(f, new Piece(face, what, bar, 2 * half, x, 0, z, 0));
                    }
                }
            }
        }

        /// As often as it has plies.
        private void put(Carcass.Framing f, Piece p) {
            for (int i = 0; i < f.plies(); i++) {
                pieces.add(p);
            }
        }

        /// Middles of rows of noggins, evenly between the plates.
        private static List<Double> rows(Carcass.Framing f, double high) {
            List<Double> all = new ArrayList<>();
            for (int i = 1; i <= f.noggins(); i++) {
                all.add(high * i / (f.noggins() + 1));
            }
            return all;
        }

        private static List<Double> within(List<Double> studs, double length, double face) {
            return studs.stream().filter(s -> s >= -face && s <= length + face)
                    .map(s -> Math.clamp(s, face / 2, Math.max(face / 2, length - face / 2))).distinct()
                    .sorted(Comparator.naturalOrder()).toList();
        }

        private Stream<Thing> openings(java.util.function.Predicate<Thing> in) {
            return d.things().stream().filter(t -> t.mount() == Mount.SET_IN && t.has(Feature.Opening.class)
                    && !t.at(Mode.ROAD).away()).filter(in);
        }

        private static double reachX(Thing t) {
            return Solid.of(t.size(), t.place()).reachX();
        }

        private static double reachY(Thing t) {
            return Solid.of(t.size(), t.place()).reachY();
        }

        private StudWall.Opening opening(Thing t, double middle, double reach, Carcass.Framing f) {
            return new StudWall.Opening(middle - reach, middle + reach, t.place().z(),
                    t.place().z() + t.size().height(), 1, f.house());
        }
    }
}
