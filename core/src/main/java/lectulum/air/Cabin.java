package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.envelope.Substance;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.heat.BuildUp;
import lectulum.kernel.heat.ClearSky;
import lectulum.kernel.heat.Steady;
import lectulum.kernel.heat.TwoNodes;
import lectulum.space.Body;
import lectulum.space.Faces;

/// The cabin as heat sees it: its walls with their area and build-up, its panes, its air.
///
/// Areas are those of the clear inside. A cloth or folding top that stands up adds its sides. Sides whose build-up is not known
/// are left out, and [#known()] says so.
///
/// @param faces    opaque walls
/// @param panes    windows and glazed hatches
/// @param volume   of air, things built in taken off \[m³\]
/// @param floor    \[m²\]
/// @param changes  of air in an hour with all vents shut
/// @param altitude \[m\]
/// @param furniture that warms with the room \[kg\]
/// @param open     whether there is no roof: then there is no cabin
public record Cabin(List<Face> faces, List<Pane> panes, double volume, double floor, double changes, double altitude,
        double furniture, boolean open) implements Result {
    public static final Discipline<Cabin> DISCIPLINE = new Discipline<>("cabin", "Walls of the cabin", Stage.AIR,
            Discipline.Pace.REST, in -> of(in.withOpenings(Design.Part.BASE, Design.Part.THINGS, Design.Part.ENVELOPE,
                    Design.Part.SETTINGS), Mode.NIGHT),
            () -> new Cabin(List.of(), List.of(), 0, 0, 1, 0, 0, true));
    private static final double STUDS_TIMBER = 0.15;
    private static final double STUDS_METAL = 0.06;
    private static final double STUD_WIDE = 0.025;
    private static final double WEB = 0.0016;
    private static final double STEEL = 50;
    private static final double WOOD = 0.13;
    private static final double MOST_STUDS = 0.6;
    /// Passed by a wall of cloth \[W/(m² K)\], and conductivity of a folding panel \[W/(m K)\] (assumed).
    private static final double CLOTH = 6.5;
    private static final double PANEL = 0.10;
    private static final double STIFF = 0.005;
    private static final double LEAST_AIR = 0.3;

    public Cabin {
        faces = List.copyOf(faces);
        panes = List.copyOf(panes);
    }

    /// An opaque part of the walls.
    ///
    /// @param area  panes taken off \[m²\]
    /// @param build empty for a cloth or folding side
    /// @param u     \[W/(m² K)\]
    /// @param nx    outward normal rearward, as to the right and up
    /// @param absorbs part of the sun
    /// @param skin  passed to the air outside \[W/(m² K)\]
    public record Face(Wall.Side side, String name, double area, Optional<BuildUp> build, double u, double nx,
            double ny,
            double nz, double absorbs, double skin) {
        /// \[W/K\]
        public double loss() {
            return area * u;
        }

        private Face times(double k) {
            return new Face(side, name, area, build, u * k, nx, ny, nz, absorbs, skin);
        }
    }

    /// A window.
    ///
    /// @param u    by day \[W/(m² K)\]
    /// @param night \[W/(m² K)\]
    public record Pane(String thing, String name, Wall.Side side, double area, double u, double night, double gain,
            double nx, double ny, double nz) {
        private Pane times(double k) {
            return new Pane(thing, name, side, area, u * k, night * k, gain, nx, ny, nz);
        }
    }

    public static Cabin of(Design d, Mode mode) {
        Base base = d.base();
        Body hard = Body.of(base);
        double furniture = Assumed.value(d, Assumption.AIR_FURNITURE);
        double altitude = Assumed.value(d, Assumption.MAINS_ALTITUDE);
        if (hard.open() || !(hard.volume() > 0)) {
            return new Cabin(List.of(), List.of(), 0, 0, 1, altitude, furniture, true);
        }
        Maker m = new Maker(d, hard);
        boolean raised = mode != Mode.ROAD && base.carcass().lift().isPresent();
        if (raised) {
            m.lifted(base.carcass().lift().get());
        }
        double taken = d.things().stream().filter(t -> t.mount() == Mount.INSIDE && t.role() == Role.BUILT_IN)
                .mapToDouble(t -> t.size().length() * t.size().width() * t.size().height()).sum();
        double gross = Body.of(base, mode).volume();
        return new Cabin(m.faces, m.panes, Math.max(LEAST_AIR * gross, gross - taken), hard.floorArea(),
                Assumed.value(d, raised ? Assumption.AIR_POPUP : Assumption.AIR_CHANGES), altitude, furniture, false)
                .losing(Assumed.value(d, Assumption.AIR_MEASURED));
    }

    /// The same with walls and panes that pass so many times as much.
    public Cabin losing(double times) {
        return new Cabin(faces.stream().map(f -> f.times(times)).toList(),
                panes.stream().map(p -> p.times(times)).toList(), volume, floor, changes, altitude, furniture, open);
    }

    /// Whether every side's build-up is known.
    public boolean known() {
        return !open && !faces.isEmpty() && faces.stream().allMatch(f -> f.u > 0);
    }

    /// Area of what is opaque \[m²\].
    public double opaqueArea() {
        return faces.stream().mapToDouble(Face::area).sum();
    }

    /// Σ area × U of what is opaque \[W/K\].
    public double opaque() {
        return faces.stream().mapToDouble(Face::loss).sum();
    }

    /// Σ area × U of the panes \[W/K\].
    ///
    /// @param night with their covers
    public double glazed(boolean night) {
        return panes.stream().mapToDouble(p -> p.area * (night ? p.night : p.u)).sum();
    }

    /// All of it in steady cold.
    public Steady steady(boolean night) {
        return Steady.of(opaque() + glazed(night), changes, volume, altitude);
    }

    /// Air and mass of it.
    ///
    /// @param change lost with the air that changes \[W/K\]
    public TwoNodes nodes(boolean night, double change) {
        double mass = faces.stream().mapToDouble(f -> f.area * f.build.map(BuildUp::capacity).orElse(0.0)).sum()
                + TwoNodes.FURNITURE * furniture;
        return TwoNodes.of(floor, Math.max(1000, mass), glazed(night), change, opaque(), opaqueArea());
    }

    /// Air that goes through the vents of a design by warmth and wind \[m³/s\], by what it is inside and outside \[°C\].
    public static DoubleBinaryOperator through(Design d) {
        return Vents.of(d)::flow;
    }

    /// How damp its air settles at, while its panes take what is over, 0 to 1.
    ///
    /// @param vapour given off \[kg/s\]
    /// @param flow   of air \[m³/s\]
    public double damp(Design d, double inside, double outside, double vapour, double flow, boolean night) {
        return Night.settled(this, inside, outside, Assumed.value(d, Assumption.AIR_HUMID), vapour, flow, night)
                .humid();
    }

    /// Lost with the air that changes by itself \[W/K\].
    public double changing() {
        return Steady.of(0, changes, volume, altitude).air();
    }

    /// A wall's layers.
    ///
    /// @param framing of the face, where it is known
    public static Optional<BuildUp> build(Wall w, Optional<Carcass.Framing> framing) {
        List<BuildUp.Layer> layers = new ArrayList<>();
        layer(w.lining(), w.liningThick()).ifPresent(layers::add);
        Substance filling = w.insulation() == Substance.NONE && w.insulationThick() > 0
                ? Substance.AIR
                : w.insulation();
        double share = w.studs() == Wall.Studs.NONE
                ? 0
                : Math.min(MOST_STUDS, w.share().orElseGet(() -> framing
                        .filter(f -> f.studs().size() > 1)
                        .map(f -> f.width() * (f.studs().size() - 1) / (f.studs().getLast() - f.studs().getFirst()))
                        .orElse(w.studs() == Wall.Studs.METAL ? STUDS_METAL : STUDS_TIMBER)));
        double width = framing.map(Carcass.Framing::width).orElse(STUD_WIDE);
        double stud = w.studs() == Wall.Studs.METAL ? BuildUp.hollow(Math.max(width, 2 * WEB), 2, WEB, STEEL) : WOOD;
        layer(filling, w.insulationThick()).map(l -> share > 0 ? l.studded(share, stud) : l).ifPresent(layers::add);
        layer(w.skin(), w.skinThick()).ifPresent(layers::add);
        if (layers.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new BuildUp(layers, switch (w.side()) {
            case ROOF -> BuildUp.ROOF;
            case FLOOR -> BuildUp.FLOOR;
            case SIDES, FRONT, REAR -> BuildUp.WALL;
        }, BuildUp.OUTSIDE, w.studs() == Wall.Studs.METAL ? BuildUp.METAL : BuildUp.TIMBER));
    }

    private static Optional<BuildUp.Layer> layer(Substance s, double thick) {
        if (s == Substance.NONE || !(thick > 0)) {
            return Optional.empty();
        }
        BuildUp.Layer l = Substances.of(s).layer(thick);
        return Optional.of(s == Substance.AIR
                ? new BuildUp.Layer(thick, thick / BuildUp.airGap(thick), l.density(), l.heat(), 1, 0,
                        thick / BuildUp.airGap(thick))
                : l);
    }

    /// Collects faces and panes.
    private static final class Maker {
        private final Design d;
        private final Body body;
        private final List<Face> faces = new ArrayList<>();
        private final List<Pane> panes = new ArrayList<>();

        Maker(Design d, Body body) {
            this.d = d;
            this.body = body;
            d.things().stream().filter(t -> t.mount() == Mount.SET_IN && !t.place().away()).forEach(this::pane);
            if (body.profile().isPresent()) {
                profile();
            } else {
                box();
            }
        }

        private void pane(Thing t) {
            Optional<Aired.Glazing> g = t.feature(Aired.Glazing.class);
            if (g.isEmpty()) {
                return;
            }
            Carcass.Face face = Faces.of(body, t, Mode.ROAD);
            double area = t.feature(Feature.Opening.class).map(o -> o.width() * o.height())
                    .orElseGet(() -> Faces.area(body, t));
            double[] n = switch (face) {
                case LEFT -> new double[]{0, -1, 0};
                case RIGHT -> new double[]{0, 1, 0};
                case ROOF -> new double[]{0, 0, 1};
                case FLOOR -> new double[]{0, 0, -1};
                case FRONT -> new double[]{-1, 0, 0};
                case REAR -> new double[]{1, 0, 0};
            };
            Wall.Side side = switch (face) {
                case LEFT, RIGHT -> Wall.Side.SIDES;
                case ROOF -> Wall.Side.ROOF;
                case FLOOR -> Wall.Side.FLOOR;
                case FRONT -> Wall.Side.FRONT;
                case REAR -> Wall.Side.REAR;
            };
            panes.add(new Pane(t.id(), t.name(), side, area, g.get().u(), g.get().night(), g.get().gain(), n[0], n[1],
                    n[2]));
        }

        /// Walls of a box, along its plan.
        private void box() {
            List<double[]> plan = body.planInside();
            double high = Math.max(0, body.roofInside().highest());
            double cover = Math.abs(area(plan));
            face(Wall.Side.ROOF, "Roof", cover, 0, 0, 1);
            face(Wall.Side.FLOOR, "Floor", cover, 0, 0, -1);
            double left = 0;
            double right = 0;
            double front = 0;
            double rear = 0;
            for (int i = 0; i < plan.size(); i++) {
                double[] a = plan.get(i);
                double[] b = plan.get((i + 1) % plan.size());
                double dx = b[0] - a[0];
                double dy = b[1] - a[1];
                double piece = Math.hypot(dx, dy) * high;
                boolean along = Math.abs(dx) > Math.abs(dy);
                double middle = (a[0] + b[0]) / 2;
                if (along) {
                    left += a[1] + b[1] < 0 ? piece : 0;
                    right += a[1] + b[1] < 0 ? 0 : piece;
                } else {
                    front += middle < body.length() / 2 ? piece : 0;
                    rear += middle < body.length() / 2 ? 0 : piece;
                }
            }
            face(Wall.Side.SIDES, "Left wall", left, 0, -1, 0);
            face(Wall.Side.SIDES, "Right wall", right, 0, 1, 0);
            face(Wall.Side.FRONT, "Front", front, -1, 0, 0);
            face(Wall.Side.REAR, "Rear", rear, 1, 0, 0);
        }

        /// Walls of a profiled body: two flat sides, and what runs round between them.
        private void profile() {
            List<double[]> side = body.sideInside();
            double width = Math.max(0, 2 * (body.halfWidth() - d.base().wall()));
            double flat = Math.abs(area(side));
            face(Wall.Side.SIDES, "Left wall", flat, 0, -1, 0);
            face(Wall.Side.SIDES, "Right wall", flat, 0, 1, 0);
            double[] roof = new double[3];
            double front = 0;
            double rear = 0;
            double floor = 0;
            double way = Math.signum(area(side));
            for (int i = 0; i < side.size(); i++) {
                double[] a = side.get(i);
                double[] b = side.get((i + 1) % side.size());
                double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
                if (length < 1e-9) {
                    continue;
                }
                double nx = way * (b[1] - a[1]) / length;
                double nz = -way * (b[0] - a[0]) / length;
                double piece = length * width;
                if (nz < -0.5) {
                    floor += piece;
                } else if (nz > 0.5) {
                    roof[0] += piece;
                    roof[1] += piece * nx;
                    roof[2] += piece * nz;
                } else if (nx < 0) {
                    front += piece;
                } else {
                    rear += piece;
                }
            }
            double norm = Math.max(1e-9, Math.hypot(roof[1], roof[2]));
            face(Wall.Side.ROOF, "Roof", roof[0], roof[1] / norm, 0, roof[2] / norm);
            face(Wall.Side.FRONT, "Front", front, -1, 0, 0);
            face(Wall.Side.REAR, "Rear", rear, 1, 0, 0);
            face(Wall.Side.FLOOR, "Floor", floor, 0, 0, -1);
        }

        private void face(Wall.Side side, String name, double gross, double nx, double ny, double nz) {
            double glazed = panes.stream().filter(p -> p.side == side && (side != Wall.Side.SIDES || p.ny * ny > 0))
                    .mapToDouble(Pane::area).sum();
            double net = Math.max(0, gross - glazed);
            if (!(net > 0)) {
                return;
            }
            Optional<Wall> wall = d.envelope().wall(side);
            Carcass.Face framed = switch (side) {
                case ROOF -> Carcass.Face.ROOF;
                case FLOOR -> Carcass.Face.FLOOR;
                case FRONT -> Carcass.Face.FRONT;
                case REAR -> Carcass.Face.REAR;
                case SIDES -> ny < 0 ? Carcass.Face.LEFT : Carcass.Face.RIGHT;
            };
            Optional<BuildUp> build = wall.flatMap(w -> build(w,
                    Optional.ofNullable(d.base().carcass().framing().get(framed))));
            Wall.Finish finish = wall.map(Wall::finish).orElse(Wall.Finish.MID);
            faces.add(new Face(side, name, net, build, build.map(BuildUp::u).orElse(0.0), nx, ny, nz, finish.absorbs(),
                    finish == Wall.Finish.BARE ? ClearSky.BARE : ClearSky.SKIN));
        }

        /// Cloth or panels round a top that stands up.
        private void lifted(Carcass.Lift lift) {
            List<double[]> plan = body.planInside();
            double round = 0;
            for (int i = 0; i < plan.size(); i++) {
                double[] a = plan.get(i);
                double[] b = plan.get((i + 1) % plan.size());
                round += Math.hypot(b[0] - a[0], b[1] - a[1]);
            }
            double u = lift.panel() < STIFF
                    ? CLOTH
                    : 1 / (BuildUp.WALL + BuildUp.OUTSIDE + lift.panel() / PANEL);
            faces.add(
                    new Face(Wall.Side.SIDES, "Sides of the raised top", round * lift.rise(), Optional.empty(), u, 0, 0,
                            0, Wall.Finish.MID.absorbs(), ClearSky.SKIN));
        }

        private static double area(List<double[]> p) {
            double twice = 0;
            for (int i = 0; i < p.size(); i++) {
                double[] a = p.get(i);
                double[] b = p.get((i + 1) % p.size());
                twice += a[0] * b[1] - b[0] * a[1];
            }
            return twice / 2;
        }
    }
}
