package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.ByMode;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.kernel.plane.Passage;
import lectulum.layout.Floor;
import lectulum.layout.Room;
import lectulum.units.Quantity;

/// The way through the camper in one mode, from the door to what is used.
///
/// A camper in which nobody can stand has none.
///
/// @param narrowest absent where nobody walks in it, or where there is no door or nothing to go to
/// @param standing  floor on which somebody can stand \[m²\]; absent where nobody can
public record WayThrough(Optional<Way> narrowest, OptionalDouble standing, Figures figures, List<Finding> findings)
        implements
            Result {
    private static final ByMode<WayThrough> BY_MODE = ByMode
            .of(mode -> new Discipline<WayThrough>("way." + ByMode.key(mode),
                    "The way through in " + mode.label(), Stage.LAYOUT, Discipline.Pace.REST, in -> of(in, mode),
                    () -> new WayThrough(Optional.empty(), OptionalDouble.empty(), Figures.NONE, List.of()))
                    .checking(DoorRules.class,
                            (known, rule, finding) -> WayRemedies.of(known, rule, finding, mode)));
    /// Ways that differ by less are equally narrow: the first is named \[m\].
    private static final double ALIKE = 1e-6;
    static final List<Feature.Face> SIDES = List.of(Feature.Face.FRONT, Feature.Face.REAR, Feature.Face.LEFT,
            Feature.Face.RIGHT);

    /// The narrowest of the ways that are walked.
    ///
    /// @param width \[m\]
    /// @param to    id of the thing it leads to
    public record Way(double width, String to) {
    }

    public static Discipline<WayThrough> in(Mode mode) {
        return BY_MODE.in(mode);
    }

    private static WayThrough of(Reads in, Mode mode) {
        Room room = in.of(Room.in(mode));
        Optional<Passage> floor = in.of(Floor.in(mode)).passage();
        Optional<Way> way = floor.flatMap(f -> narrowest(room, f));
        OptionalDouble free = floor.isPresent()
                ? OptionalDouble.of(floor.get().standing())
                : OptionalDouble.empty();
        Design design = in.design(Design.Part.THINGS, Design.Part.SETTINGS);
        return new WayThrough(way, free, figures(design, mode, way, free), findings(design, mode, way));
    }

    private static Figures figures(Design design, Mode mode, Optional<Way> way, OptionalDouble free) {
        List<Figure> all = new ArrayList<>();
        String name = mode.name().toLowerCase(Locale.ROOT);
        Working how = new Working("2 × distance at which door and goal are joined",
                way.isEmpty()
                        ? Sentence.of("none")
                        : Sentence.of("to {0}", design.thing(way.get().to()).map(t -> t.name()).orElse(way.get().to())),
                List.of(Sentence.of("To within {0}.", Amount.m(0.025))), "distance field on a 25 mm grid");
        all.add(way.isEmpty()
                ? Figure.absent("layout.passage." + name, "Way through, " + mode.label(), Quantity.LENGTH,
                        "nobody walks in it, or there is no door or nothing to go to", how)
                : Figure.of("layout.passage." + name, "Way through, " + mode.label(), way.get().width(),
                        Quantity.LENGTH, how));
        all.add(free.isEmpty()
                ? Figure.absent("layout." + name + ".floorFree", "Floor to stand on, " + mode.label(),
                        Quantity.AREA, "nobody stands in it", how)
                : Figure.of("layout." + name + ".floorFree", "Floor to stand on, " + mode.label(), free.getAsDouble(),
                        Quantity.AREA,
                        new Working("cells at least 0.20 m from everything", Sentence.of("25 mm grid"), List.of(),
                                "distance field")));
        return Figures.of(all);
    }

    private static List<Finding> findings(Design design, Mode mode, Optional<Way> narrowest) {
        double stop = Assumed.value(design, Assumption.PASSAGE_STOP);
        double warn = Assumed.value(design, Assumption.PASSAGE_WARN);
        List<Finding> all = new ArrayList<>();
        narrowest.ifPresent(way -> {
            if (way.width() < warn) {
                boolean shut = way.width() < 0.05;
                all.add(Finding.of(DoorRules.PASSAGE_NARROW, Subject.in(mode),
                        mode == Mode.ROAD ? Severity.NOTE : way.width() < stop ? Severity.STOP : Severity.WARN,
                        shut
                                ? Sentence.of("There is no way to {0} in {1}",
                                        design.thing(way.to()).map(Thing::name).orElse(way.to()), mode.label())
                                : Sentence.of("The way to {0} is {1} wide in {2}",
                                        design.thing(way.to()).map(Thing::name).orElse(way.to()),
                                        Amount.m(way.width()), mode.label()),
                        Sentence.of("A body squeezes through {0} and walks through {1}.", Amount.m(stop),
                                Amount.m(warn)),
                        List.of(way.to())));
            }
        });
        return List.copyOf(all);
    }

    /// Ways from the door to every bed at night, to seats and galleys by day.
    private static Optional<Way> narrowest(Room room, Passage floor) {
        Optional<Room.Gate> door = room.door();
        if (door.isEmpty()) {
            return Optional.empty();
        }
        double[] j = door.get().jambs();
        double[] start = step((j[0] + j[2]) / 2, (j[1] + j[3]) / 2, door.get().wall());
        List<Room.Standing> wanted = room.inside().stream().filter(s -> goal(room.mode(), s.thing())).toList();
        List<Passage.Face> faces = new ArrayList<>();
        for (Room.Standing s : wanted) {
            for (Feature.Face face : SIDES) {
                double[][] edge = Motion.edge(s.solid(), face);
                faces.add(new Passage.Face(edge[0], edge[1], s.solid().outward(face)));
            }
        }
        double[] widths = floor.upTo(start, faces);
        Way narrowest = null;
        for (int i = 0; i < wanted.size(); i++) {
            double widest = 0;
            for (int k = 0; k < SIDES.size(); k++) {
                widest = Math.max(widest, widths[i * SIDES.size() + k]);
            }
            if (narrowest == null || widest < narrowest.width - ALIKE) {
                narrowest = new Way(widest, wanted.get(i).thing().id());
            }
        }
        return Optional.ofNullable(narrowest);
    }

    private static boolean goal(Mode mode, Thing t) {
        boolean bed = t.has(Feature.Bed.class);
        return mode == Mode.NIGHT
                ? bed
                : !bed && (t.has(Feature.Seat.class) || t.system() == SystemGroup.GALLEY && t.at(mode).z() < 0.3);
    }

    public static double[] step(double x, double y, Carcass.Face wall) {
        double in = 0.25;
        return switch (wall) {
            case LEFT -> new double[]{x, y + in};
            case RIGHT -> new double[]{x, y - in};
            case FRONT -> new double[]{x + in, y};
            default -> new double[]{x - in, y};
        };
    }
}
