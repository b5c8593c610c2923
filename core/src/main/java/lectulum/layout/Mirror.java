package lectulum.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Meaning;
import lectulum.design.Mode;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Spot;
import lectulum.space.Body;
import lectulum.space.Faces;

/// Puts everything on the other side, raceways and pipes with it: left becomes right. Doing it twice gives the camper back.
public final class Mirror {
    private Mirror() {
    }

    public static Edit edit() {
        return new Edit("Mirror left and right", d -> {
            Body body = Body.of(d.base());
            return piped(d.withThings(d.things().stream().map(t -> mirrored(body, t)).toList())
                    .with(d.wiring().withRaceways(d.wiring().raceways().stream()
                            .map(r -> r.between(mirrored(r.from()), mirrored(r.to()))).toList())));
        });
    }

    /// Pipes along the other wall.
    private static Design piped(Design d) {
        double other = Assumed.value(d, Assumption.PIPE_SIDE) < 0 ? 1 : -1;
        return d.with(d.settings().with(Assumption.PIPE_SIDE.id(),
                other == Assumed.entry(Assumption.PIPE_SIDE).value() ? Double.NaN : other));
    }

    private static Spot mirrored(Spot s) {
        return new Spot(s.x(), -s.y(), s.z());
    }

    /// Things that are made for one side and have to be bought in the other hand.
    public static List<Thing> handed(Design design) {
        return design.things().stream().filter(t -> t.has(Feature.Handed.class)).toList();
    }

    private static Thing mirrored(Body body, Thing t) {
        boolean across = t.has(Feature.Opening.class) && switch (Faces.of(body, t, Mode.ROAD)) {
            case FRONT, REAR -> true;
            default -> false;
        };
        Map<Mode, Placement> elsewhere = new EnumMap<>(Mode.class);
        t.elsewhere().forEach((mode, p) -> elsewhere.put(mode, mirrored(p)));
        Thing moved = t.samePlaceAlways().with(mirrored(t.place()));
        for (var e : elsewhere.entrySet()) {
            moved = moved.placed(e.getKey(), e.getValue());
        }
        return moved.withFeatures(t.features().stream().map(f -> mirrored(f, across)).toList());
    }

    private static Placement mirrored(Placement p) {
        return p.at(p.x(), -p.y(), p.z(), -p.yaw());
    }

    /// Left and right faces change; an edge that was further left on a front or rear face is then further right.
    private static Feature mirrored(Feature feature, boolean across) {
        if (feature instanceof Feature.Opening o && across) {
            return new Feature.Opening(o.width(), o.height(), switch (o.leaf()) {
                case HINGED_FRONT -> Feature.Opening.Leaf.HINGED_REAR;
                case HINGED_REAR -> Feature.Opening.Leaf.HINGED_FRONT;
                default -> o.leaf();
            }, o.angle(), o.inside(), o.barred());
        }
        if (feature instanceof Feature.Door d) {
            boolean crosswise = d.face() == Face.FRONT || d.face() == Face.REAR;
            return new Feature.Door(other(d.face()), crosswise != d.first(), d.angle(), d.leaves());
        }
        FeatureKind kind = FeatureKind.of(feature);
        List<Object> values = new ArrayList<>();
        for (Meaning slot : kind.slots()) {
            values.add(switch (slot.get(feature)) {
                case Face f -> other(f);
                case Carcass.Face f -> other(f);
                case null -> null;
                case Object any -> any;
            });
        }
        return kind.make(values);
    }

    private static Carcass.Face other(Carcass.Face face) {
        return switch (face) {
            case LEFT -> Carcass.Face.RIGHT;
            case RIGHT -> Carcass.Face.LEFT;
            case FRONT, REAR, ROOF, FLOOR -> face;
        };
    }

    private static Face other(Face face) {
        return switch (face) {
            case LEFT -> Face.RIGHT;
            case RIGHT -> Face.LEFT;
            case FRONT, REAR, TOP -> face;
        };
    }
}
