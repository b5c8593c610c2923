package lectulum.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.ByMode;
import lectulum.discipline.Discipline;
import lectulum.discipline.Result;
import lectulum.figures.Stage;
import lectulum.kernel.plane.Passage;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;

/// The inside as it stands in one mode: what is in it, its openings, its floor.
///
/// @param design  base, things and settings of it
/// @param inside  things that take room inside
/// @param outside things that take room outside
/// @param gates   openings that are there
public record Room(Design design, Body body, Mode mode, List<Standing> inside, List<Standing> outside,
        List<Gate> gates) implements Result {
    private static final ByMode<Room> BY_MODE = ByMode.of(mode -> new Discipline<>("room." + ByMode.key(mode),
            "The inside in " + mode.label(), Stage.LAYOUT, Discipline.Pace.REST,
            in -> of(in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Bodies.DISCIPLINE).in(mode), mode),
            // Nobody gets this: who asks for a room that could not be worked out has no answer either.
            () -> new Room(null, null, mode, List.of(), List.of(), List.of())));

    public static Discipline<Room> in(Mode mode) {
        return BY_MODE.in(mode);
    }

    /// Lower things are stepped over \[m\].
    private static final double STEP = 0.10;
    /// Higher things are walked under \[m\].
    private static final double HEAD = 1.90;
    private static final double CELL = 0.025;

    /// A thing where it is.
    public record Standing(Thing thing, Solid solid) {
    }

    /// An opening in its wall.
    ///
    /// @param x middle, on the inside of the wall \[m\]
    public record Gate(Thing thing, Feature.Opening opening, Carcass.Face wall, double x, double y, double z) {
        public boolean opens() {
            return opening.leaf() != Feature.Opening.Leaf.FIXED;
        }

        /// From jamb to jamb on the inside of the wall: x1, y1, x2, y2.
        public double[] jambs() {
            double half = opening.width() / 2;
            return switch (wall) {
                case LEFT, RIGHT -> new double[]{x - half, y, x + half, y};
                default -> new double[]{x, y - half, x, y + half};
            };
        }
    }

    /// @param body in that mode
    public static Room of(Design design, Body body, Mode mode) {
        List<Standing> inside = new ArrayList<>();
        List<Standing> outside = new ArrayList<>();
        List<Gate> gates = new ArrayList<>();
        for (Thing t : design.things()) {
            if (t.at(mode).away()) {
                continue;
            }
            switch (t.mount()) {
                case INSIDE -> inside.add(new Standing(t, Solid.of(t.size(), t.at(mode))));
                case OUTSIDE -> outside.add(new Standing(t, Solid.of(t.size(), t.at(mode))));
                case SET_IN -> t.feature(Feature.Opening.class).ifPresent(o -> gates.add(gate(design.base(), body,
                        t, o, mode)));
                case SPREAD -> t.feature(Feature.Opening.class)
                        .ifPresent(o -> gates.add(gate(design.base(), body, t, o, mode)));
                case STOWED -> {
                }
            }
        }
        return new Room(design, body, mode, inside, outside, gates);
    }

    private static Gate gate(Base base, Body body, Thing t, Feature.Opening o, Mode mode) {
        var p = t.at(mode);
        double half = body.halfWidth() - base.wall();
        Carcass.Face wall = Faces.of(body, t, mode);
        return switch (wall) {
            case LEFT -> new Gate(t, o, wall, p.x(), -half, p.z());
            case RIGHT -> new Gate(t, o, wall, p.x(), half, p.z());
            case FRONT -> new Gate(t, o, wall, body.insideFront(), p.y(), p.z());
            case REAR -> new Gate(t, o, wall, body.insideRear(), p.y(), p.z());
            default -> new Gate(t, o, wall, p.x(), p.y(), p.z());
        };
    }

    /// Whether anybody can stand up straight enough in it to walk.
    public boolean walkable() {
        return body.roofInside().highest() >= 1.5;
    }

    /// The door through which people come in: the largest opening that reaches down to the floor.
    public Optional<Gate> door() {
        return gates.stream().filter(g -> g.opens() && g.wall != Carcass.Face.ROOF && g.z < 0.5)
                .max(Comparator.comparingDouble(g -> Math.min(1, g.opening.height()) * g.opening.width()
                        + (g.opening.inside() ? 1 : 0)));
    }

    /// The floor with what stands on it.
    Passage floor() {
        List<double[][]> obstacles = new ArrayList<>();
        for (Standing s : inside) {
            if (s.solid.z2() > STEP && s.solid.z1() < HEAD) {
                obstacles.add(s.solid.corners());
            }
        }
        obstacles.addAll(body.leaning(STEP, Math.min(HEAD, body.roofInside().highest())));
        List<double[]> doors = door().map(Gate::jambs).stream().toList();
        return Passage.of(body.planInside().toArray(double[][]::new), doors, obstacles, CELL);
    }

    /// Things inside that are in a height range.
    public List<Standing> between(double z1, double z2) {
        return inside.stream().filter(s -> s.solid.z1() < z2 - 0.001 && s.solid.z2() > z1 + 0.001).toList();
    }

    /// Whether everything inside, the openings and the body are the same in another mode.
    public boolean same(Room other) {
        return body == other.body && inside.equals(other.inside) && outside.equals(other.outside)
                && gates.equals(other.gates);
    }

    /// Clear height above a place, up to what hangs there or the roof \[m above the floor\].
    ///
    /// @param above only what is higher than this counts
    public double ceiling(Solid over, double above, String without) {
        double low = body.clearHeight(over.minX(), over.maxX());
        for (Standing s : inside) {
            if (s.solid.z1() >= above - 0.001 && s.solid.z1() < low && s.solid.near(over, 0)
                    && !s.thing.id().equals(without) && s.solid.levelApartFrom(over).depth() > 0.001) {
                low = s.solid.z1();
            }
        }
        return low;
    }
}
