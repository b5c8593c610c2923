package lectulum.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Meaning;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Faces;

/// Puts everything on the other side: left becomes right. Doing it twice gives the camper back.
public final class Mirror {
    private Mirror() {
    }

    public static Edit edit() {
        return new Edit("Mirror left and right", d -> {
            Body body = Body.of(d.base());
            return d.withThings(d.things().stream().map(t -> mirrored(body, t)).toList());
        });
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
            values.add(slot.get(feature) instanceof Face f ? other(f) : slot.get(feature));
        }
        return kind.make(values);
    }

    private static Face other(Face face) {
        return switch (face) {
            case LEFT -> Face.RIGHT;
            case RIGHT -> Face.LEFT;
            case FRONT, REAR, TOP -> face;
        };
    }
}
