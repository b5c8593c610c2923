package lectulum.base.walls;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.base.Carcass.Face;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.kernel.beams.WallCut;
import lectulum.space.Body;
import lectulum.space.Solid;
import lectulum.units.Quantity;

/// Whether what is fixed to a wall, the roof or the floor finds members behind its screws.
public final class Mounts {
    private Mounts() {
    }

    /// Rows of holes that have to meet members of this face, each with its distance from the edge of the member.
    static void screwed(Design design, Face face, Carcass.Framing f, Study.Notebook book) {
        double edge = Assumed.value(design, Assumption.STUD_EDGE);
        for (Thing t : design.things()) {
            Optional<Feature.Screwed> row = t.feature(Feature.Screwed.class).filter(r -> r.to() == face);
            if (row.isEmpty() || t.place().away()) {
                continue;
            }
            double[] holes = holes(t, row.get());
            List<Double> missed = new ArrayList<>();
            for (double hole : holes) {
                if (f.studs().stream().noneMatch(s -> Math.abs(s - hole) <= f.width() / 2 - edge + 1e-9)) {
                    missed.add(hole);
                }
            }
            book.figure("mount." + t.id() + ".held", "Holes of " + t.name() + " that meet a member",
                    holes.length - missed.size(), Quantity.COUNT, "|hole − member| ≤ half its width − edge",
                    Sentence.of("{0} holes, {1} from the edge of a member {2} wide", holes.length, Amount.m(edge),
                            Amount.m(f.width())),
                    "plane geometry");
            if (!missed.isEmpty()) {
                Optional<Double> by = ontoMembers(design, t).filter(d -> Math.abs(d) > 1e-4);
                String rail = "or screw a rail across two members and the holes into that.";
                book.say(WallRules.MOUNT_STUD, Subject.thing(t.id()), Severity.WARN,
                        Sentence.counted(missed.size(), "One of {1} holes of {2} misses the members",
                                "{0} of {1} holes of {2} miss the members", holes.length, t.name()),
                        f.width() < 2 * edge
                                ? Sentence
                                        .of("A member is {0} wide: no hole keeps {1} from both its edges. Screw a rail"
                                                + " across two.", Amount.m(f.width()), Amount.m(edge))
                                : by.isPresent()
                                        ? Sentence.of("Moved {0} {1} all of them meet one, {2}",
                                                Amount.m(Math.abs(by.get())), WallStudies.way(face, by.get()), rail)
                                        : Sentence.of("No place within {0} has a member behind each: other holes, {1}",
                                                Amount.m(WallCut.MOST_SHIFT), rail),
                        List.of(t.id()));
            }
        }
    }

    private static double[] holes(Thing t, Feature.Screwed row) {
        Solid s = Solid.of(t.size(), t.place());
        boolean across = row.to() == Face.FRONT || row.to() == Face.REAR;
        double middle = across ? (s.minY() + s.maxY()) / 2 : (s.minX() + s.maxX()) / 2;
        double[] holes = row.row();
        for (int i = 0; i < holes.length; i++) {
            holes[i] += middle;
        }
        return holes;
    }

    /// The least shift along the face that brings every hole of a thing's row onto a member; empty where none near does, or
    /// where the members of that face are not known.
    public static Optional<Double> ontoMembers(Design design, Thing t) {
        return t.feature(Feature.Screwed.class).flatMap(
                row -> Optional.ofNullable(design.base().carcass().framing().get(row.to())).flatMap(
                        f -> WallStudies.cut(f).ontoStuds(holes(t, row), Assumed.value(design, Assumption.STUD_EDGE))));
    }

    /// Whether things that hang on this wall find studs for two screws.
    static void hung(Design design, Body body, Face face, Carcass.Framing f, Study.Notebook book) {
        double wall = design.base().wall();
        for (Thing t : design.things()) {
            if (t.mount() != Mount.INSIDE || !t.has(Feature.Hung.class) || t.has(Feature.Screwed.class)
                    || t.place().away()) {
                continue;
            }
            Solid s = Solid.of(t.size(), t.place());
            double off = face == Face.LEFT
                    ? s.minY() + body.halfWidth() - wall
                    : body.halfWidth() - wall - s.maxY();
            if (Math.abs(off) > WallStudies.AT_WALL) {
                continue;
            }
            double edge = Assumed.value(design, Assumption.STUD_EDGE);
            long held = f.studs().stream().filter(x -> x > s.minX() + edge && x < s.maxX() - edge).count();
            book.figure("cut." + t.id() + ".held", "Members behind " + t.name(), held, Quantity.COUNT,
                    "members behind it, an edge distance inside its ends",
                    Sentence.of("{0} to {1}", Amount.m(s.minX()), Amount.m(s.maxX())), "plane geometry");
            if (held < 2) {
                Optional<Double> by = shift(f, s, edge);
                book.say(WallRules.MOUNT_STUD, Subject.thing(t.id()), Severity.WARN,
                        Sentence.of("{0} meets {1}", t.name(), WallStudies.members((int) held)),
                        by.isPresent()
                                ? Sentence.of("It needs two behind it. Move it {0} {1}, or screw a rail across two.",
                                        Amount.m(Math.abs(by.get())), WallStudies.way(face, by.get()))
                                : Sentence.of("It needs two behind it, and no place within {0} has them: screw a rail"
                                        + " across two.", Amount.m(WallCut.MOST_SHIFT)),
                        List.of(t.id()));
            }
        }
    }

    /// The least shift along the wall that brings two members behind a thing.
    public static Optional<Double> shift(Carcass.Framing f, Solid s, double edge) {
        return f.studs().stream()
                .flatMap(x -> java.util.stream.Stream.of(x + edge + 1e-6 - s.maxX(), x - edge - 1e-6 - s.minX()))
                .map(d -> Math.signum(d) * Math.ceil(Math.abs(d) * 1000) / 1000)
                .filter(d -> Math.abs(d) <= WallCut.MOST_SHIFT)
                .filter(d -> f.studs().stream().filter(x -> x > s.minX() + d + edge && x < s.maxX() + d - edge)
                        .count() >= 2)
                .min(Comparator.comparingDouble(Math::abs));
    }
}
