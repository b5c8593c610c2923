package lectulum.layout;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.Placement;
import lectulum.design.Size;
import lectulum.design.Thing;

/// Where a new thing can stand without touching anything: the first free place on the floor along a wall, from the
/// front; on the roof or the tongue for things outside. Where nothing is free, the middle of the floor.
public final class FreePlace {
    private static final double STEP = 0.05;
    /// Things outside that are flatter than this go on the roof, others over the tongue \[m\].
    private static final double FLAT = 0.36;
    /// Things set into the shell that are flatter than this, and larger the other ways, go into the roof \[m\].
    private static final double FLAT_IN_ROOF = 0.20;
    /// Things set into a wall that are taller than this begin at the floor \[m\].
    private static final double TALL = 0.70;
    private static final double HAND = 0.9;

    private FreePlace() {
    }

    public static Placement of(Design design, Thing thing) {
        Body body = Body.of(design.base());
        double middle = body.length() / 2;
        return switch (thing.mount()) {
            case INSIDE -> onTheFloor(design, body, thing);
            case OUTSIDE -> outside(design, body, thing);
            case STOWED -> new Placement(middle, 0, 0.05, 0);
            case SET_IN -> setIn(design, body, thing.size());
            case SPREAD -> new Placement(middle, 0, body.roofInside().highest() / 2, 0);
        };
    }

    /// Flat things in the roof, wide ones in the rear wall, others in the left wall: tall ones at the floor, the rest at
    /// the height of the hand, both under the roof.
    private static Placement setIn(Design design, Body body, Size size) {
        double middle = body.length() / 2;
        if (!body.open() && size.height() < FLAT_IN_ROOF && Math.min(size.length(), size.width()) > FLAT_IN_ROOF) {
            return new Placement(middle, 0, body.roofOutside().at(middle) - size.height(), 0);
        }
        double wall = design.base().wall() / 2;
        boolean rear = size.width() > size.length();
        double x = rear ? body.length() - wall : middle;
        double high = body.open() ? design.base().shell().height() : body.roofInside().at(middle);
        double z = size.height() > TALL ? 0.02 : HAND;
        return new Placement(x, rear ? 0 : -body.halfWidth() + wall,
                Math.clamp(z, 0, Math.max(0, high - size.height())), 0);
    }

    private static Placement onTheFloor(Design design, Body body, Thing thing) {
        double halfLength = thing.size().length() / 2;
        double halfWidth = thing.size().width() / 2;
        for (double x = body.insideFront() + halfLength; x + halfLength <= body.insideRear(); x += STEP) {
            double wall = Math.min(body.halfWidthInside(x - halfLength), body.halfWidthInside(x + halfLength));
            for (double y : new double[]{-wall + halfWidth, wall - halfWidth, 0}) {
                Placement place = new Placement(x, y, 0, 0);
                if (free(design, body, thing.with(place))) {
                    return place;
                }
            }
        }
        return new Placement(body.length() / 2, 0, 0, 0);
    }

    private static Placement outside(Design design, Body body, Thing thing) {
        if (thing.size().height() > FLAT) {
            return new Placement(-thing.size().length() / 2 - 0.05, 0, -design.base().floor(), 0);
        }
        double roof = body.roofOutside().highest();
        double half = thing.size().length() / 2;
        for (double x = half; x + half <= body.length(); x += STEP) {
            Placement place = new Placement(x, 0, roof, 0);
            if (free(design, body, thing.with(place))) {
                return place;
            }
        }
        return new Placement(body.length() / 2, 0, roof, 0);
    }

    private static boolean free(Design design, Body body, Thing thing) {
        Solid mine = Solid.of(thing.size(), thing.place());
        boolean clear = design.things().stream().filter(Thing::solid)
                .noneMatch(t -> mine.apartFrom(Solid.of(t.size(), t.place())).depth() > Clash.CONTACT);
        return clear && Clash.in(Mode.ROAD, List.of(thing), design.base(), body).isEmpty();
    }
}
