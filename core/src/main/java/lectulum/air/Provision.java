package lectulum.air;

import java.util.List;
import java.util.Optional;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.kernel.air.Openings;
import lectulum.layout.FreePlace;
import lectulum.space.Body;
import lectulum.space.Solid;

/// What every cabin wants of air: openings that are never shut, low and high, and the alarms.
public final class Provision {
    private static final int MOST_VENTS = 4;
    private static final double LOW = 0.10;
    private static final double APART = 0.16;
    private static final double BEHIND_IT = 0.12;
    private static final double GAS_LOW = 0.12;
    private static final double MONOXIDE = 0.7;
    private static final double UNDER_ROOF = 0.10;

    private Provision() {
    }

    /// A camper with walls of the usual build where none are known, vents and alarms; a tray stays as it is.
    public static Design of(Design d) {
        Design walled = d.envelope().walls().isEmpty() ? d.with(Envelope.usual(d.brief().type())) : d;
        if (Body.of(d.base()).open()) {
            return walled;
        }
        Design vented = vented(walled);
        boolean sleeps = d.things().stream().anyMatch(t -> t.has(Feature.Bed.class));
        boolean flame = d.things().stream().anyMatch(BreathStudies::burns);
        boolean gas = d.things().stream().anyMatch(t -> t.has(Fuelled.Bottle.class));
        Design next = vented;
        if (sleeps && BreathStudies.lacks(next, Aired.Alarm.Danger.SMOKE)) {
            next = alarm(next, Aired.Alarm.Danger.SMOKE).map(next::plus).orElse(next);
        }
        if (sleeps && flame && BreathStudies.lacks(next, Aired.Alarm.Danger.CARBON_MONOXIDE)) {
            next = alarm(next, Aired.Alarm.Danger.CARBON_MONOXIDE).map(next::plus).orElse(next);
        }
        if (gas && BreathStudies.lacks(next, Aired.Alarm.Danger.GAS)) {
            next = alarm(next, Aired.Alarm.Danger.GAS).map(next::plus).orElse(next);
        }
        return next;
    }

    /// With as many low and high vents as the openings that are never shut ask for; the same where none finds a place.
    static Design vented(Design d) {
        Design next = d;
        for (int i = 0; i < MOST_VENTS; i++) {
            Vents v = Vents.of(next);
            double[] fixed = Openings.fixed(Body.of(d.base()).floorArea());
            boolean low = v.always() < fixed[1];
            if (!low && v.alwaysHigh() >= fixed[0]) {
                break;
            }
            Optional<Design> with = one(next, low);
            if (with.isEmpty()) {
                break;
            }
            next = with.get();
        }
        return next;
    }

    /// With one vent more.
    static Optional<Design> one(Design d, boolean low) {
        return Catalogue.shipped().find(low ? "wall-vent-low" : "roof-vent-fixed").flatMap(shelf -> {
            Thing t = shelf.withId(d.freeId(shelf.id()));
            Optional<Placement> at = low ? lowInWall(d, t) : FreePlace.find(d, t);
            return at.map(p -> d.plus(t.with(p)));
        });
    }

    /// A place low in a side wall where nothing else is let in near and, where there is one, nothing stands behind.
    private static Optional<Placement> lowInWall(Design d, Thing t) {
        Body body = Body.of(d.base());
        var let = d.things().stream().filter(o -> o.mount() == Mount.SET_IN && !o.place().away())
                .map(o -> Solid.of(o.size(), o.place())).toList();
        var stands = d.things().stream()
                .filter(o -> (o.mount() == Mount.INSIDE || o.mount() == Mount.STOWED) && !o.place().away())
                .map(o -> Solid.of(o.size(), o.place())).toList();
        double y = body.halfWidth() - d.base().wall() / 2;
        Size reach = new Size(t.size().length(), 2 * BEHIND_IT, t.size().height());
        Optional<Placement> second = Optional.empty();
        for (double by = 0; by < body.length() / 2 - t.size().length(); by += 0.05) {
            for (double x : new double[]{body.length() / 2 - by, body.length() / 2 + by}) {
                for (double side : new double[]{-y, y}) {
                    Placement p = new Placement(x, side, LOW, 0);
                    Solid mine = Solid.of(t.size(), p);
                    boolean room = body.halfWidthOutside(x - t.size().length() / 2) >= body.halfWidth() - 1e-6
                            && let.stream().allMatch(o -> mine.apartFrom(o).depth() < -APART);
                    Solid into = Solid.of(reach, p);
                    if (room && stands.stream().allMatch(o -> into.apartFrom(o).depth() <= 0)) {
                        return Optional.of(p);
                    }
                    second = second.isEmpty() && room ? Optional.of(p) : second;
                }
            }
        }
        return second;
    }

    /// Height at which an alarm belongs \[m\].
    static double height(Design d, Aired.Alarm.Danger danger) {
        return switch (danger) {
            case GAS, GAS_AND_CO -> GAS_LOW;
            case SMOKE -> Math.max(0.2, d.base().shell().height() - d.base().roof() - UNDER_ROOF);
            case CARBON_MONOXIDE -> MONOXIDE;
        };
    }

    /// An alarm on the right wall, where nothing else is let in near.
    static Optional<Thing> alarm(Design d, Aired.Alarm.Danger danger) {
        String id = danger == Aired.Alarm.Danger.SMOKE ? "smoke-alarm" : "gas-and-carbon-monoxide-alarm";
        String name = switch (danger) {
            case SMOKE -> "Smoke alarm";
            case GAS, GAS_AND_CO -> "Gas alarm";
            case CARBON_MONOXIDE -> "Carbon monoxide alarm";
        };
        return Catalogue.shipped().find(id).map(shelf -> {
            Thing t = shelf.withId(d.freeId(name)).withName(name).with(new Aired.Alarm(danger)).withRole(Role.BUILT_IN);
            // Alarms of one danger run on a cell of their own; those for gas draw too much for that.
            Thing fed = danger == Aired.Alarm.Danger.CARBON_MONOXIDE
                    ? t.withLoad(Optional.empty()).withFeatures(List.of(new Aired.Alarm(danger)))
                    : t;
            return fed.with(onWall(d, fed, height(d, danger)));
        });
    }

    private static Placement onWall(Design d, Thing t, double z) {
        Body body = Body.of(d.base());
        double y = body.halfWidth() - d.base().wall() - t.size().width() / 2;
        var let = d.things().stream().filter(o -> o.mount() == Mount.SET_IN && !o.place().away())
                .map(o -> Solid.of(o.size(), o.place())).toList();
        for (double by = 0; by < body.length() / 2 - 0.2; by += 0.05) {
            for (double x : new double[]{body.length() / 2 - by, body.length() / 2 + by}) {
                for (double side : new double[]{y, -y}) {
                    Placement p = new Placement(x, side, z, 0);
                    Solid mine = Solid.of(t.size(), p);
                    if (let.stream().allMatch(o -> mine.apartFrom(o).depth() < -LOW)) {
                        return p;
                    }
                }
            }
        }
        return new Placement(body.length() / 2, y, z, 0);
    }
}
