package lectulum.water;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.kernel.flow.TankShape;

/// Tanks and cans as they are shaped: what can be drawn of what they hold.
final class Tanks {
    private Tanks() {
    }

    /// The inside of a tank by its outer size.
    static TankShape shape(Thing t) {
        Plumbed.Vessel v = vessel(t);
        double l = Math.max(t.size().length(), t.size().width());
        double w = Math.min(t.size().length(), t.size().width());
        return switch (v.form()) {
            case BOX -> TankShape.Box.outside(l, w, t.size().height(), v.wall(), v.radius());
            case LYING -> new TankShape.Lying(Math.max(0, Math.min(w, t.size().height()) / 2 - v.wall()),
                    Math.max(0, l - 2 * v.wall()));
        };
    }

    static Plumbed.Vessel vessel(Thing t) {
        return t.feature(Plumbed.Vessel.class).orElse(Plumbed.Vessel.USUAL);
    }

    /// Part of what is said to be in it that a pump gets out, 0 to 1; a can is poured empty.
    static double drawn(Thing t) {
        if (t.has(Plumbed.Cans.class)) {
            return 1;
        }
        if (!t.has(Plumbed.Vessel.class)) {
            return Water.USABLE;
        }
        Plumbed.Vessel v = vessel(t);
        TankShape s = shape(t);
        double gross = s.gross();
        return gross > 0 ? s.usable(v.pickup(), s.height() - v.space()) / gross : 0;
    }

    static List<Thing> of(Design d, Tank.Use use) {
        return d.things().stream().filter(t -> t.tank().filter(k -> k.use() == use && k.capacity() > 0).isPresent())
                .toList();
    }

    /// What can be drawn of all fresh water aboard, filled up \[m³\].
    static double usable(Design d) {
        return of(d, Tank.Use.FRESH).stream().mapToDouble(t -> t.tank().orElseThrow().capacity() * drawn(t)).sum();
    }
}
