package lectulum.balance.road;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.Rig;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.space.Contents;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// What latches of doors and stops of drawers hold while it is driven: what is behind them, at the accelerations that cargo is tied
/// against.
final class Latches {
    /// Upwards, where nothing holds it down \[g\] (assumed).
    private static final double UP = 0.2;
    /// What a magnet of a cupboard holds at least \[N\] (assumed).
    private static final double MAGNET = 20;

    private Latches() {
    }

    /// Accelerations to be held \[g\].
    private record Held(double forwards, double aside) {
        /// Of what opens towards a side of a thing that is turned.
        double towards(Feature.Face face, double yaw) {
            if (face == Feature.Face.TOP) {
                return UP;
            }
            double angle = yaw + switch (face) {
                case FRONT -> Math.PI;
                case LEFT -> -Math.PI / 2;
                case RIGHT -> Math.PI / 2;
                case REAR, TOP -> 0;
            };
            double along = Math.cos(angle);
            return Math.max(Math.abs(along) * (along < 0 ? forwards : aside), Math.abs(Math.sin(angle)) * aside);
        }
    }

    /// Empty where nothing with something in it opens.
    static Optional<Study> study(Rig rig) {
        double rough = rig.assumed(Assumption.TIE_ROUGH);
        Held held = new Held(rig.assumed(Assumption.TIE_FORWARD) * rough, rig.assumed(Assumption.TIE_SIDE) * rough);
        Map<String, Double> inside = new HashMap<>();
        for (Thing t : rig.design.things()) {
            if (t.mount() == Mount.STOWED && t.role() != Role.BUILT_IN) {
                Contents.home(rig.design, t, Mode.ROAD)
                        .ifPresent(h -> inside.merge(h.id(), rig.departure().loadCase().massOf(t), Double::sum));
            }
        }
        Study.Notebook book = new Study.Notebook("latches", Stage.BALANCE, "What latches and stops hold", "");
        Listing.Maker table = new Listing.Maker("").words("Thing", "opens").numbers("in it", "at, g", "holds");
        boolean any = false;
        for (Thing t : rig.design.things()) {
            double mass = inside.getOrDefault(t.id(), 0.0);
            Map<Feature.Face, String> faces = faces(t);
            if (mass <= 0 || faces.isEmpty() || t.at(Mode.ROAD).away()) {
                continue;
            }
            any = true;
            double most = 0;
            for (Map.Entry<Feature.Face, String> f : faces.entrySet()) {
                double g = held.towards(f.getKey(), t.at(Mode.ROAD).yaw());
                most = Math.max(most, g);
                table.row(t.name(), f.getValue(), Amount.kg(mass), RoadStudies.two(g),
                        new Amount(mass * g * Units.GRAVITY, Quantity.FORCE));
            }
            book.figure("latch." + t.id(), t.name() + ", latched, holds", mass * most * Units.GRAVITY, Quantity.FORCE,
                    "m c g", Sentence.of("{0} in it, {1} g", Amount.kg(mass), RoadStudies.two(most)),
                    "49 CFR 393.102, EN 12195-1; upwards assumed");
        }
        return any
                ? Optional.of(book.listing(table.done())
                        .note("All that is in it at one latch; two share it. A magnet holds some {0} to {1}.",
                                new Amount(MAGNET, Quantity.FORCE), new Amount(3 * MAGNET, Quantity.FORCE))
                        .done())
                : Optional.empty();
    }

    /// Sides at which it opens, with how.
    private static Map<Feature.Face, String> faces(Thing t) {
        Map<Feature.Face, String> faces = new EnumMap<>(Feature.Face.class);
        t.feature(Feature.Door.class).ifPresent(x -> faces.put(x.face(), "door at its " + x.face().label()));
        t.feature(Feature.Drawer.class).ifPresent(x -> faces.put(x.face(), "pulled out of its " + x.face().label()));
        return faces;
    }
}
