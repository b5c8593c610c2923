package lectulum.materials.joinery;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Substances;
import lectulum.design.Design;
import lectulum.design.base.Stuff;
import lectulum.design.envelope.Substance;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Joined;
import lectulum.design.thing.Thing;
import lectulum.kernel.joinery.Build;
import lectulum.kernel.joinery.Cabinet;
import lectulum.kernel.takeoff.Profile;
import lectulum.space.Body;
import lectulum.space.Solid;

/// A thing that is built of boards: its boards where it stands, its fittings, its mass and its price.
///
/// @param cabinet in its own measures; its front is where its doors or drawers are, otherwise along its longer side
/// @param parts   what it weighs and costs, part by part
/// @param slats   of a bed
public record Furniture(Thing thing, Joined.Boards built, Cabinet cabinet, List<Part> parts, List<Slat> slats) {
    private static final double GROOVE = 0.006;
    private static final double ONE_SCREW = 0.0018;
    private static final double ONE_PRICE = 0.06;
    private static final double QUARTER = 1e-6;

    public Furniture {
        parts = List.copyOf(parts);
        slats = List.copyOf(slats);
    }

    /// Something that goes into it.
    ///
    /// @param length end to end \[m\], 0 where it is counted
    public record Part(String what, double count, double length, double mass, double price) {
    }

    /// Slats of a bed or of a roll-front.
    public record Slat(String what, int count, double length, double wide, double thick) {
    }

    /// What is built, in the order of the things.
    public static List<Furniture> of(Design d) {
        return d.things().stream().flatMap(t -> t.feature(Joined.Boards.class).map(b -> of(d, t, b)).stream()).toList();
    }

    private static Furniture of(Design d, Thing t, Joined.Boards b) {
        Feature.Face face = face(t);
        boolean along = face == Feature.Face.LEFT || face == Feature.Face.RIGHT || face == Feature.Face.TOP;
        double width = along ? t.size().length() : t.size().width();
        double depth = along ? t.size().width() : t.size().length();
        int leaves = t.feature(Feature.Door.class).map(Feature.Door::leaves).orElse(0);
        Build build = new Build(b.form(), b.thick(), b.back(), b.top(), b.shelves(), leaves, b.drawers(), b.fronts(),
                b.gap(), b.joint().groove(b.thick()), hungRight(t, face));
        Cabinet c = Cabinet.of(width, depth, t.size().height(), build, ceiling(d, t, b, face, along, width, depth));
        List<Slat> slats = new ArrayList<>();
        t.feature(Feature.Bearers.class).filter(s -> b.form() == Build.Form.SLATS).ifPresent(
                s -> slats.add(new Slat("slat", s.count(), s.span(), s.width(), s.thick())));
        t.feature(Feature.RollFront.class).ifPresent(r -> slats.add(new Slat("slat of the roll-front",
                (int) Math.ceil((r.opening() + r.overlap()) / r.slat() - QUARTER),
                Math.max(0, width - 2 * b.thick() + 2 * GROOVE), r.slat(), r.thick())));
        return new Furniture(t, b, c, parts(d, t, b, c, slats), slats);
    }

    /// Where its doors or drawers are; the right one of its longer sides where it has none.
    public static Feature.Face face(Thing t) {
        return t.feature(Feature.Door.class).map(Feature.Door::face)
                .or(() -> t.feature(Feature.Drawer.class).map(Feature.Drawer::face))
                .filter(f -> f != Feature.Face.TOP)
                .orElse(t.size().length() >= t.size().width() ? Feature.Face.RIGHT : Feature.Face.REAR);
    }

    /// Whether a door that stands alone is hinged at its right edge for somebody before it.
    private static boolean hungRight(Thing t, Feature.Face face) {
        boolean first = t.feature(Feature.Door.class).map(Feature.Door::first).orElse(true);
        return switch (face) {
            case LEFT, REAR -> !first;
            case RIGHT, FRONT, TOP -> first;
        };
    }

    private static Cabinet.Ceiling ceiling(Design d, Thing t, Joined.Boards b, Feature.Face face, boolean along,
            double width, double depth) {
        Body body = Body.of(d.base());
        Solid s = Solid.of(t.size(), t.place());
        boolean straight = Math.abs(s.c()) > 1 - QUARTER;
        boolean quarter = Math.abs(s.c()) < QUARTER;
        if (!b.fitted() || body.open() || !straight && !quarter) {
            return Cabinet.Ceiling.NONE;
        }
        boolean alongFront = straight == along;
        double sign = switch (face) {
            case RIGHT, TOP -> alongFront ? -s.c() : s.s();
            case LEFT -> alongFront ? s.c() : -s.s();
            case FRONT -> alongFront ? s.s() : s.c();
            case REAR -> alongFront ? -s.s() : -s.c();
        };
        double half = (alongFront ? width : depth) / 2;
        return new Cabinet.Ceiling(alongFront, at -> Math.max(0,
                body.roofInside().at(Math.clamp(s.x() + sign * (at - half), 0, body.length())) - t.place().z()));
    }

    private static List<Part> parts(Design d, Thing t, Joined.Boards b, Cabinet c, List<Slat> slats) {
        List<Part> all = new ArrayList<>();
        if (c.boards().isEmpty()) {
            return all;
        }
        Substances.Entry stuff = b.board() == Substance.NONE ? null : Substances.of(b.board());
        double volume = c.volume();
        all.add(new Part("boards", c.boards().size(), 0, stuff == null ? 0 : volume * stuff.density(),
                stuff == null ? 0 : volume * stuff.price()));
        double wood = Substances.of(Substance.SOFTWOOD).price();
        for (Slat s : slats) {
            double each = s.length * s.wide * s.thick;
            double density = t.feature(Feature.Bearers.class).filter(x -> s.what.equals("slat"))
                    .map(x -> density(x.stuff())).orElse(Substances.of(Substance.SOFTWOOD).density());
            all.add(new Part(s.what, s.count, s.count * s.length, s.count * each * density, s.count * each * wood));
        }
        if (!c.bars().isEmpty()) {
            double run = c.bars().stream().mapToDouble(Cabinet.Bar::length).sum();
            all.add(new Part("strut channel", c.bars().size(), run, run * Assumed.value(d, Assumption.JOINT_STRUT),
                    run * Assumed.value(d, Assumption.JOINT_STRUT_PRICE)));
            long joints = 2 * c.bars().stream().filter(x -> !x.what().equals("post")).count();
            all.add(new Part("corner brackets with spring nuts", joints, 0,
                    joints * Assumed.value(d, Assumption.JOINT_BRACKET),
                    joints * Assumed.value(d, Assumption.JOINT_BRACKET_PRICE)));
        }
        double board = b.thick() * (stuff == null ? 0 : stuff.density());
        int hinges = hinges(c, board);
        if (hinges > 0) {
            all.add(new Part("hinges", hinges, 0, hinges * Assumed.value(d, Assumption.JOINT_HINGE),
                    hinges * Assumed.value(d, Assumption.JOINT_HINGE_PRICE)));
        }
        double runners = c.drawers().stream().mapToDouble(Cabinet.Drawer::runner).sum();
        long pairs = c.drawers().stream().filter(x -> x.runner() > 0).count();
        if (pairs > 0) {
            all.add(new Part("pairs of drawer runners", pairs, runners,
                    runners * Assumed.value(d, Assumption.JOINT_RUNNER),
                    pairs * Assumed.value(d, Assumption.JOINT_RUNNER_PRICE)));
        }
        double band = c.boards().stream().mapToDouble(Cabinet.Board::banded).sum();
        if (band > 0) {
            all.add(new Part("edge banding", 1, band, 0, band * Assumed.value(d, Assumption.JOINT_BAND)));
        }
        joints(d, b, c, all);
        return all;
    }

    private static double density(Stuff stuff) {
        return switch (stuff) {
            case STEEL -> Profile.STEEL;
            case ALUMINIUM -> Profile.ALUMINIUM;
            case SOFTWOOD, SOFTWOOD_STRONG -> Substances.of(Substance.SOFTWOOD).density();
            case BIRCH_PLY, SOFTWOOD_PLY -> Substances.of(Substance.PLYWOOD).density();
        };
    }

    private static int hinges(Cabinet c, double board) {
        return c.leaves().stream().mapToInt(l -> Cabinet.hinges(l.high(), l.high() * l.wide() * board)).sum();
    }

    private static void joints(Design d, Joined.Boards b, Cabinet c, List<Part> all) {
        double glue = Assumed.value(d, Assumption.JOINT_GLUE);
        double area = c.seams().stream().mapToDouble(s -> s.length() * s.thick()).sum();
        switch (b.joint()) {
            case SCREWED -> {
                screws(c, Assumed.value(d, Assumption.JOINT_SCREW), 1, "screws", all);
                all.add(new Part("glue", 1, 0, glue * area, 0));
            }
            case POCKET -> screws(c, Assumed.value(d, Assumption.JOINT_POCKET), 1, "pocket screws", all);
            case DADO -> {
                double deep = c.seams().stream()
                        .mapToDouble(s -> s.length() * (s.thick() + 2 * b.joint().groove(b.thick()))).sum();
                all.add(new Part("grooves", c.seams().size(), c.seam(), 0, 0));
                all.add(new Part("glue", 1, 0, glue * deep, 0));
            }
            case ANGLE -> {
                double leg = Assumed.value(d, Assumption.JOINT_ANGLE);
                double wall = Math.min(Assumed.value(d, Assumption.JOINT_ANGLE_WALL), leg / 2);
                all.add(new Part("aluminium angle", c.seams().size(), c.seam(),
                        c.seam() * Profile.angle(leg, leg, wall) * Profile.ALUMINIUM,
                        c.seam() * Assumed.value(d, Assumption.JOINT_ANGLE_PRICE)));
                screws(c, Assumed.value(d, Assumption.JOINT_SCREW), 2, "rivets", all);
            }
        }
    }

    private static void screws(Cabinet c, double apart, int rows, String what, List<Part> all) {
        int count = rows * c.seams().stream()
                .mapToInt(s -> Math.max(2, (int) Math.ceil(s.length() / apart - QUARTER) + 1)).sum();
        all.add(new Part(what, count, 0, count * ONE_SCREW, count * ONE_PRICE));
    }

    /// \[kg\]
    public double mass() {
        return parts.stream().mapToDouble(Part::mass).sum();
    }

    public double price() {
        return parts.stream().mapToDouble(Part::price).sum();
    }

    /// Of what is not cut from sticks and sheets.
    public double fittings() {
        return parts.stream().filter(p -> !p.what().equals("boards") && !p.what().equals("strut channel")
                && slats.stream().noneMatch(s -> s.what().equals(p.what()))).mapToDouble(Part::price).sum();
    }

    /// A part by its name.
    public Optional<Part> part(String what) {
        return parts.stream().filter(p -> p.what().equals(what)).findFirst();
    }

    /// Its middle by its boards, behind the front of the body and right of the middle, above the floor \[m\].
    public double[] middle() {
        double volume = cabinet.volume();
        double[] m = {0, 0, 0};
        for (Cabinet.Board b : cabinet.boards()) {
            double[] at = b.middle();
            for (int i = 0; i < m.length; i++) {
                m[i] += volume > 0 ? at[i] * b.area() * b.thick() / volume : 0;
            }
        }
        double[] at = at(m[0], m[1]);
        return new double[]{at[0], at[1], thing.place().z() + m[2]};
    }

    /// A place of it behind the front of the body and right of the middle \[m\].
    private double[] at(double u, double v) {
        double along = u - cabinet.width() / 2;
        double back = v - cabinet.depth() / 2;
        double[] local = switch (face(thing)) {
            case RIGHT, TOP -> new double[]{-along, -back};
            case LEFT -> new double[]{along, back};
            case FRONT -> new double[]{back, -along};
            case REAR -> new double[]{-back, along};
        };
        Solid s = Solid.of(thing.size(), thing.place());
        return new double[]{s.x() + s.c() * local[0] - s.s() * local[1], s.y() + s.s() * local[0] + s.c() * local[1]};
    }

    /// A box where it stands.
    ///
    /// @param corners in plan, in order, behind the front of the body and right of the middle \[m\]
    /// @param low     above the floor \[m\]
    /// @param high    \[m\]
    public record Placed(List<double[]> corners, double low, double high) {
        public Placed {
            corners = List.copyOf(corners);
        }
    }

    /// Its boards and bars where they stand, each by the box that it takes.
    public List<Placed> placed() {
        return Stream.concat(cabinet.boards().stream().map(Cabinet.Board::box),
                cabinet.bars().stream().map(Cabinet.Bar::box)).map(
                        b -> new Placed(
                                List.of(at(b[0], b[1]), at(b[3], b[1]), at(b[3], b[4]), at(b[0], b[4])),
                                thing.place().z() + b[2], thing.place().z() + b[5]))
                .toList();
    }
}
