package lectulum.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;

/// Finds what overlaps and what passes through the shell, in one mode. Contact up to a millimetre is no fault.
///
/// Overlaps are found by sweeping along x, so that only neighbours are compared.
final class Clash {
    /// An overlap up to this is contact \[m\].
    static final double CONTACT = 0.001;

    private Clash() {
    }

    /// A thing with its bounds, which are asked for many times.
    private record Placed(Thing thing, Solid solid, double x1, double x2, double y1, double y2) {
        Placed(Thing thing, Solid solid) {
            this(thing, solid, solid.minX(), solid.maxX(), solid.minY(), solid.maxY());
        }
    }

    static List<Fault> in(Mode mode, List<Thing> things, Base base, Body body) {
        List<Placed> solids = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        List<Solid> arches = arches(base, body);
        List<Solid> outside = things.stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(mode).away())
                .map(t -> Solid.of(t.size(), t.at(mode))).toList();
        for (Thing thing : things) {
            if (thing.at(mode).away()) {
                continue;
            }
            Solid solid = Solid.of(thing.size(), thing.at(mode));
            if (thing.solid()) {
                solids.add(new Placed(thing, solid));
            }
            switch (thing.mount()) {
                case INSIDE -> escape(mode, thing, solid, body, arches).ifPresent(faults::add);
                case STOWED -> {
                    if (outside.stream().noneMatch(box -> inOrOn(solid, box))) {
                        escape(mode, thing, solid, body, List.of()).ifPresent(faults::add);
                    }
                }
                case OUTSIDE -> intrusion(mode, thing, solid, base, body).ifPresent(faults::add);
                case SET_IN, SPREAD -> {
                }
            }
        }
        overlaps(mode, solids, faults);
        return faults;
    }

    /// Whether what is stowed is in or on something outside, such as a box on the tongue: what lies under a roof rack, inside,
    /// is not.
    private static boolean inOrOn(Solid stowed, Solid box) {
        return box.covers(stowed.x(), stowed.y()) && stowed.z1() <= box.z2() + CONTACT && stowed.z2() >= box.z1();
    }

    /// The wheel arches as solids, empty where there are none.
    static List<Solid> arches(Base base, Body body) {
        var a = base.arches();
        if (!a.present()) {
            return List.of();
        }
        double y = body.halfWidth() - base.wall() - a.width() / 2;
        return List.of(new Solid(base.axle().x(), -y, 0, a.height(), a.length() / 2, a.width() / 2, 1, 0),
                new Solid(base.axle().x(), y, 0, a.height(), a.length() / 2, a.width() / 2, 1, 0));
    }

    private static void overlaps(Mode mode, List<Placed> solids, List<Fault> faults) {
        Placed[] sorted = solids.toArray(Placed[]::new);
        Arrays.sort(sorted, Comparator.comparingDouble(Placed::x1));
        for (int i = 0; i < sorted.length; i++) {
            Placed a = sorted[i];
            double end = a.x2 - CONTACT;
            double top = a.solid.z2() - CONTACT;
            double right = a.y2 - CONTACT;
            for (int j = i + 1; j < sorted.length && sorted[j].x1 < end; j++) {
                Placed b = sorted[j];
                if (b.y1 < right && a.y1 < b.y2 - CONTACT && b.solid.z1() < top
                        && a.solid.z1() < b.solid.z2() - CONTACT) {
                    overlap(mode, a, b).ifPresent(faults::add);
                }
            }
        }
    }

    /// The lighter of the two, or the less fixed, is the one to move.
    private static Optional<Fault> overlap(Mode mode, Placed a, Placed b) {
        boolean aMoves = a.thing.fix() != b.thing.fix()
                ? a.thing.fix().ordinal() > b.thing.fix().ordinal()
                : a.thing.mass().value() <= b.thing.mass().value();
        Placed mover = aMoves ? a : b;
        Placed other = aMoves ? b : a;
        Solid.Shift least = mover.solid.apartFrom(other.solid);
        if (least.depth() <= CONTACT) {
            return Optional.empty();
        }
        return Optional.of(new Fault.Overlap(mode, mover.thing.id(), other.thing.id(), least.depth(),
                mover.solid.levelApartFrom(other.solid)));
    }

    /// Where a thing inside leaves the clear space by most.
    private static Optional<Fault> escape(Mode mode, Thing thing, Solid solid, Body body, List<Solid> arches) {
        Worst worst = new Worst(mode, thing.id());
        worst.see(-solid.z1(), Fault.Boundary.FLOOR, 0, 0, 1);
        worst.see(solid.z2() - body.clearHeight(solid.minX(), solid.maxX()), Fault.Boundary.ROOF, 0, 0, -1);
        double[] heights = heights(body, solid);
        for (double[] corner : solid.corners()) {
            for (double z : heights) {
                worst.see(body.clearFront(corner[1], z) - corner[0], Fault.Boundary.FRONT, 1, 0, 0);
                worst.see(corner[0] - body.clearRear(corner[1], z), Fault.Boundary.REAR, -1, 0, 0);
                worst.see(-Math.max(0, body.clearLeft(corner[0], z)) - corner[1], Fault.Boundary.LEFT, 0, 1, 0);
                worst.see(corner[1] - Math.max(0, body.clearRight(corner[0], z)), Fault.Boundary.RIGHT, 0, -1, 0);
            }
        }
        for (Solid arch : arches) {
            Solid.Shift shift = solid.apartFrom(arch);
            worst.see(shift.depth(), Fault.Boundary.ARCH, shift.dx(), shift.dy(), shift.dz());
        }
        return worst.fault();
    }

    private static final double[] ONCE = {0};

    /// Heights at which the walls have to be asked for: measured ones may lean or bow, drawn ones are upright.
    private static double[] heights(Body body, Solid solid) {
        return body.shape().known() ? new double[]{solid.z1(), (solid.z1() + solid.z2()) / 2, solid.z2()} : ONCE;
    }

    /// How far a thing outside cuts into the body.
    private static Optional<Fault> intrusion(Mode mode, Thing thing, Solid solid, Base base, Body body) {
        Fault.Boundary boundary = Fault.Boundary.BODY;
        double front = solid.maxX() - frontFace(body, solid);
        double rear = body.length() - solid.minX();
        double left = solid.maxY() + body.halfWidth();
        double right = body.halfWidth() - solid.minY();
        double over = highestRoof(body, solid) - solid.z1();
        double under = solid.z2() + base.floor();
        double least = Math.min(Math.min(Math.min(front, rear), Math.min(left, right)), Math.min(over, under));
        if (least <= CONTACT) {
            return Optional.empty();
        }
        Fault.Outside fault = least == front
                ? new Fault.Outside(mode, thing.id(), front, boundary, -1, 0, 0)
                : least == rear
                        ? new Fault.Outside(mode, thing.id(), rear, boundary, 1, 0, 0)
                        : least == over
                                ? new Fault.Outside(mode, thing.id(), over, boundary, 0, 0, 1)
                                : least == under
                                        ? new Fault.Outside(mode, thing.id(), under, boundary, 0, 0, -1)
                                        : new Fault.Outside(mode, thing.id(), least, boundary, 0,
                                                least == left ? -1 : 1, 0);
        return Optional.of(fault);
    }

    /// Where the body begins for a thing of this reach across: further back beside a V nose.
    private static double frontFace(Body body, Solid solid) {
        double innermost = solid.minY() <= 0 && solid.maxY() >= 0
                ? 0
                : Math.min(Math.abs(solid.minY()), Math.abs(solid.maxY()));
        double low = 0;
        double high = body.length();
        if (body.halfWidthOutside(0) >= innermost) {
            return 0;
        }
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (body.halfWidthOutside(middle) >= innermost) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    private static double highestRoof(Body body, Solid solid) {
        double high = Math.max(body.roofOutside().at(solid.minX()), body.roofOutside().at(solid.maxX()));
        for (int i = 1; i < 8; i++) {
            high = Math.max(high, body.roofOutside().at(solid.minX() + i / 8.0 * (solid.maxX() - solid.minX())));
        }
        return high;
    }

    /// Keeps the deepest of several faults of one thing.
    private static final class Worst {
        private final Mode mode;
        private final String thing;
        private Fault.Outside deepest;

        Worst(Mode mode, String thing) {
            this.mode = mode;
            this.thing = thing;
        }

        void see(double amount, Fault.Boundary through, double dx, double dy, double dz) {
            if (amount > CONTACT && (deepest == null || amount > deepest.amount())) {
                deepest = new Fault.Outside(mode, thing, amount, through, dx, dy, dz);
            }
        }

        Optional<Fault> fault() {
            return Optional.ofNullable(deepest);
        }
    }

}
