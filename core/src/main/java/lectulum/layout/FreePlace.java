package lectulum.layout;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.space.Body;
import lectulum.space.Solid;

/// Where a new thing can stand on the road without touching anything: things inside on the floor along a wall, from the
/// front, as they are or turned by a quarter, a mattress on a bed box; of things outside tanks under the floor, long thin
/// ones along the side under the roof, other flat ones on the roof along or across it, the rest over the tongue; things set
/// into the shell in the wall or roof that their shape belongs to.
public final class FreePlace {
    private static final double STEP = 0.05;
    /// Things outside that are flatter than this go on the roof, others over the tongue \[m\].
    private static final double FLAT = 0.36;
    /// Things outside that are longer and narrower than this hang along a side \[m\].
    private static final double LONG = 1.8;
    private static final double THIN = 0.3;
    private static final double HANGS = 0.03;
    private static final int ROOF_STEPS = 8;
    /// Things set into the shell that are flatter than this, and larger the other ways, go into the roof \[m\].
    private static final double FLAT_IN_ROOF = 0.20;
    /// Things set into a wall that are taller than this begin at the floor \[m\].
    private static final double TALL = 0.70;
    private static final double HAND = 0.9;
    /// Wall that is left between two holes \[m\], as a framed wall wants it.
    private static final double BETWEEN_HOLES = 0.10;

    private FreePlace() {
    }

    /// Room that one thing would make by being taken out.
    ///
    /// @param taken the thing that goes
    /// @param place where the new one then stands free
    public record Room(Thing taken, Placement place) {
    }

    /// A free place; where nothing is free the usual one, on which the thing overlaps others or leaves the body.
    public static Placement of(Design design, Thing thing) {
        return find(design, thing).orElseGet(() -> usual(design, Body.of(design.base()), thing));
    }

    /// A place where a thing touches nothing, empty where there is none. The thing itself may stand in the design.
    public static Optional<Placement> find(Design design, Thing thing) {
        return candidates(design, thing).filter(c -> c.touched().findAny().isEmpty()).map(Candidate::place).findFirst();
    }

    /// The first of some places where a thing touches nothing and stays within the body; empty where none of them is free.
    public static Optional<Placement> first(Design design, Thing thing, Stream<Placement> places) {
        return candidates(design, thing, places).filter(c -> c.touched().findAny().isEmpty()).map(Candidate::place)
                .findFirst();
    }

    /// The things of which any one would make room by being taken out: what is least fixed first, then the lightest.
    public static List<Room> without(Design design, Thing thing) {
        Map<String, Room> rooms = new LinkedHashMap<>();
        candidates(design, thing).forEach(c -> {
            List<Thing> touched = c.touched().limit(2).toList();
            if (touched.size() == 1) {
                rooms.putIfAbsent(touched.getFirst().id(), new Room(touched.getFirst(), c.place()));
            }
        });
        return rooms.values().stream().sorted(Comparator.comparing((Room r) -> r.taken().fix()).reversed()
                .thenComparingDouble(r -> r.taken().mass().value())).toList();
    }

    /// Why a thing has no free place on the road and what would make room; empty where it has one.
    public static Optional<Sentence> trouble(Design design, Thing thing) {
        if (find(design, thing).isPresent()) {
            return Optional.empty();
        }
        if (candidates(design, thing).findAny().isEmpty()) {
            Size size = thing.size();
            return Optional.of(Sentence.of("{0} ({1} × {2} × {3}) does not go into this body anywhere.", thing.name(),
                    Amount.m(size.length()), Amount.m(size.width()), Amount.m(size.height())));
        }
        List<Room> rooms = without(design, thing);
        return Optional.of(switch (rooms.size()) {
            case 0 -> Sentence.of("Nothing is free for {0}, and no one thing left out would make room.", thing.name());
            case 1 -> Sentence.of("Nothing is free for {0}. Leaving out {1} would make room.", thing.name(),
                    rooms.getFirst().taken().name());
            default -> Sentence.of("Nothing is free for {0}. Leaving out {1} or {2} would make room.", thing.name(),
                    rooms.get(0).taken().name(), rooms.get(1).taken().name());
        });
    }

    /// A place within the body, and what a thing there would overlap.
    private record Candidate(Placement place, Thing thing, List<Thing> others) {
        Stream<Thing> touched() {
            Solid mine = Solid.of(thing.size(), place);
            double most = thing.mount() == Mount.SET_IN ? Clash.CONTACT - BETWEEN_HOLES : Clash.CONTACT;
            return others.stream().filter(t -> mine.apartFrom(Solid.of(t.size(), t.place())).depth() > most);
        }
    }

    private static Stream<Candidate> candidates(Design design, Thing thing) {
        return candidates(design, thing, places(design, Body.of(design.base()), thing));
    }

    private static Stream<Candidate> candidates(Design design, Thing thing, Stream<Placement> places) {
        Body body = Body.of(design.base());
        List<Thing> others = design.things().stream().filter(t -> !t.id().equals(thing.id()) && sameRoom(t, thing))
                .toList();
        List<Solid> roof = design.things().stream().filter(t -> !t.id().equals(thing.id()) && onRoof(body, t))
                .map(t -> Solid.of(t.size(), t.place())).toList();
        return places.filter(p -> Clash.in(Mode.ROAD, List.of(thing.with(p)), design.base(), body).isEmpty())
                .filter(p -> thing.mount() != Mount.OUTSIDE || !onRoof(body, thing.with(p))
                        || roof.stream().noneMatch(o -> besides(Solid.of(thing.size(), p), o)))
                .map(p -> new Candidate(p, thing, others));
    }

    /// Whether a thing stands on the roof or is let into it: nothing else has room over or under it there.
    public static boolean onRoof(Body body, Thing t) {
        if (t.mount() != Mount.OUTSIDE && t.mount() != Mount.SET_IN || t.place().away()) {
            return false;
        }
        Solid s = Solid.of(t.size(), t.place());
        double roof = body.roofOutside().at(Math.clamp(t.place().x(), 0, body.length()));
        return s.maxX() > 0 && s.minX() < body.length() && Math.abs(s.y()) < body.halfWidth()
                && s.z2() > roof - Clash.CONTACT * 10 && s.z1() > roof - FLAT_IN_ROOF - t.size().height();
    }

    private static boolean besides(Solid mine, Solid other) {
        Solid flat = new Solid(other.x(), other.y(), mine.z1(), mine.z2(), other.hl(), other.hw(), other.c(),
                other.s());
        return mine.apartFrom(flat).depth() > Clash.CONTACT;
    }

    private static boolean sameRoom(Thing a, Thing b) {
        return a.mount() == Mount.SET_IN ? b.mount() == Mount.SET_IN : a.solid() && b.solid();
    }

    private static Placement usual(Design design, Body body, Thing thing) {
        double middle = body.length() / 2;
        return switch (thing.mount()) {
            case INSIDE -> new Placement(middle, 0, 0, 0);
            case OUTSIDE -> thing.size().height() > FLAT ? overTongue(design, thing) : onRoof(body, middle);
            case STOWED -> new Placement(middle, 0, 0.05, 0);
            case SET_IN -> setIn(design, body, thing.size()).findFirst().orElseThrow();
            case SPREAD -> new Placement(middle, 0, body.roofInside().highest() / 2, 0);
        };
    }

    private static Stream<Placement> places(Design design, Body body, Thing thing) {
        return switch (thing.mount()) {
            case INSIDE -> Stream.concat(onBedBox(design, thing),
                    Stream.of(false, true).flatMap(turned -> onFloor(body, thing.size(), turned)));
            case OUTSIDE -> outside(design, body, thing);
            case SET_IN -> setIn(design, body, thing.size());
            case STOWED, SPREAD -> Stream.of(usual(design, body, thing));
        };
    }

    private static Stream<Placement> outside(Design design, Body body, Thing thing) {
        Size size = thing.size();
        if (size.height() > FLAT) {
            return Stream.of(overTongue(design, thing));
        }
        if (thing.tank().isPresent()) {
            double under = -design.base().floor() - size.height();
            return along(body, size.length()).mapToObj(x -> new Placement(x, 0, under, 0));
        }
        if (size.length() > LONG && size.width() < THIN) {
            double high = Math.max(0, body.roofOutside().at(body.length() / 2) - size.height() - HANGS);
            double side = body.halfWidth() + size.width() / 2 + 0.01;
            return Stream.of(side, -side).flatMap(y -> along(body, size.length())
                    .mapToObj(x -> new Placement(x, y, high, y > 0 ? 0 : Math.PI)));
        }
        double side = Math.max(0, body.halfWidth() - size.width() / 2);
        double across = Math.max(0, body.halfWidth() - size.length() / 2);
        return Stream.concat(
                DoubleStream.of(0, -side, side).boxed().flatMap(y -> along(body, size.length())
                        .mapToObj(x -> new Placement(x, y, roof(body, x, size.length()), 0))),
                DoubleStream.of(0, -across, across).boxed().flatMap(y -> along(body, size.width())
                        .mapToObj(x -> new Placement(x, y, roof(body, x, size.width()), Math.PI / 2))))
                .filter(p -> overBody(body, Solid.of(size, p)));
    }

    /// Highest of the roof under a thing that is so long \[m\].
    private static double roof(Body body, double x, double length) {
        double high = Math.max(body.roofOutside().at(x - length / 2), body.roofOutside().at(x + length / 2));
        for (int i = 1; i < ROOF_STEPS; i++) {
            high = Math.max(high, body.roofOutside().at(x - length / 2 + i * length / ROOF_STEPS));
        }
        return high;
    }

    /// Whether a thing on the roof reaches out over no edge of it.
    private static boolean overBody(Body body, Solid s) {
        double wide = Math.min(body.halfWidthOutside(s.minX()), body.halfWidthOutside(s.maxX())) + Clash.CONTACT;
        return s.maxY() <= wide && -s.minY() <= wide;
    }

    private static DoubleStream along(Body body, double length) {
        return steps(length / 2, Math.max(length / 2, body.length() - length / 2));
    }

    private static DoubleStream steps(double from, double to) {
        return DoubleStream.iterate(from, x -> x <= to, x -> x + STEP);
    }

    private static Stream<Placement> onFloor(Body body, Size size, boolean turned) {
        double halfLength = (turned ? size.width() : size.length()) / 2;
        double halfWidth = (turned ? size.length() : size.width()) / 2;
        double yaw = turned ? Math.PI / 2 : 0;
        return steps(body.insideFront() + halfLength, body.insideRear() - halfLength).boxed().flatMap(x -> {
            double left = Double.POSITIVE_INFINITY;
            double right = Double.POSITIVE_INFINITY;
            for (double end : new double[]{x - halfLength, x + halfLength}) {
                for (double z : new double[]{0, size.height()}) {
                    left = Math.min(left, body.clearLeft(end, z));
                    right = Math.min(right, body.clearRight(end, z));
                }
            }
            return DoubleStream.of(-left + halfWidth, right - halfWidth, 0)
                    .mapToObj(y -> new Placement(x, y, 0, yaw));
        });
    }

    /// A mattress lies on a bed box that is as large.
    private static Stream<Placement> onBedBox(Design design, Thing thing) {
        if (!thing.has(Feature.Bed.class)) {
            return Stream.empty();
        }
        Size size = thing.size();
        return design.things().stream()
                .filter(t -> t.mount() == Mount.INSIDE && t.system() == SystemGroup.SLEEPING
                        && !t.has(Feature.Bed.class) && t.size().length() >= size.length() - STEP
                        && t.size().width() >= size.width() - STEP)
                .map(t -> new Placement(t.place().x(), t.place().y(), t.place().z() + t.size().height(),
                        t.place().yaw()));
    }

    private static Placement overTongue(Design design, Thing thing) {
        return new Placement(-thing.size().length() / 2 - 0.05, 0, -design.base().floor(), 0);
    }

    private static Placement onRoof(Body body, double x) {
        return new Placement(x, 0, body.roofOutside().highest(), 0);
    }

    /// Flat things in the roof, wide ones in the rear wall, others in the left wall or the right one: tall ones at the
    /// floor, the rest at the height of the hand, both under the roof; from the middle of the wall outwards.
    private static Stream<Placement> setIn(Design design, Body body, Size size) {
        double middle = body.length() / 2;
        if (!body.open() && size.height() < FLAT_IN_ROOF && Math.min(size.length(), size.width()) > FLAT_IN_ROOF) {
            return outwards(middle - size.length() / 2).mapToObj(by -> new Placement(middle + by, 0,
                    body.roofOutside().at(middle + by) - size.height(), 0));
        }
        double wall = design.base().wall() / 2;
        if (size.width() > size.length()) {
            double x = body.length() - wall;
            return outwards(body.halfWidth() - size.width() / 2)
                    .mapToObj(y -> new Placement(x, y, sill(design, body, size, x), 0));
        }
        double y = body.halfWidth() - wall;
        return Stream.of(-y, y).flatMap(side -> outwards(middle - size.length() / 2)
                .mapToObj(by -> new Placement(middle + by, side, sill(design, body, size, middle + by), 0)));
    }

    private static double sill(Design design, Body body, Size size, double x) {
        double high = body.open() ? design.base().shell().height() : body.roofInside().at(x);
        return Math.clamp(size.height() > TALL ? 0.02 : HAND, 0, Math.max(0, high - size.height()));
    }

    /// 0, a step this way and that, two steps, as far as half a wall \[m\].
    private static DoubleStream outwards(double farthest) {
        return DoubleStream.concat(DoubleStream.of(0), IntStream.rangeClosed(1, (int) Math.max(0, farthest / STEP))
                .mapToDouble(i -> i * STEP).flatMap(by -> DoubleStream.of(by, -by)));
    }
}
