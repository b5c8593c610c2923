package lectulum.design.feature;

import java.lang.reflect.InvocationTargetException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Meaning;
import lectulum.design.base.Carcass;
import lectulum.design.base.Stuff;
import lectulum.design.thing.Thing;

/// A kind of [Feature] as cards, files and checks see it: its name and its components with their meaning.
public final class FeatureKind {
    private static final Map<Class<?>, FeatureKind> KINDS = kinds();

    private final Class<?> type;
    private final List<Meaning> slots;

    private FeatureKind(Class<?> type) {
        this.type = type;
        this.slots = Meaning.of(type);
    }

    private static Map<Class<?>, FeatureKind> kinds() {
        Map<Class<?>, FeatureKind> kinds = new LinkedHashMap<>();
        for (Class<?> type : Feature.class.getPermittedSubclasses()) {
            kinds.put(type, new FeatureKind(type));
        }
        return kinds;
    }

    /// All kinds.
    public static List<FeatureKind> all() {
        return List.copyOf(KINDS.values());
    }

    public static FeatureKind of(Feature feature) {
        return KINDS.get(feature.getClass());
    }

    /// The word files use: `bed`, `rollFront`.
    public String word() {
        String name = type.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    public Class<?> type() {
        return type;
    }

    public List<Meaning> slots() {
        return slots;
    }

    /// A feature of this kind.
    ///
    /// @param values in the order of the slots
    public Feature make(List<?> values) {
        try {
            Class<?>[] types = slots.stream().map(Meaning::type).toArray(Class<?>[]::new);
            return (Feature) type.getDeclaredConstructor(types).newInstance(values.toArray());
        } catch (InvocationTargetException | NoSuchMethodException | InstantiationException
                | IllegalAccessException e) {
            throw new IllegalArgumentException("no " + word() + " of " + values, e);
        }
    }

    /// The feature with another value in one slot.
    public Feature with(Feature feature, Meaning slot, Object value) {
        return make(slots.stream().map(s -> s == slot ? value : s.get(feature)).toList());
    }

    /// What the kind is called on a card.
    public String label() {
        return switch (word()) {
            case "bed" -> "a place to sleep";
            case "seat" -> "seats";
            case "opening" -> "an opening in the shell";
            case "door" -> "a door";
            case "drawer" -> "a drawer";
            case "store" -> "room for gear";
            case "packed" -> "how it is packed";
            case "service" -> "a cover for repair";
            case "keepClear" -> "space to keep clear";
            case "worktop" -> "a table or worktop";
            case "step" -> "steps";
            case "sanitary" -> "a toilet or shower";
            case "flame" -> "a flame";
            case "fabric" -> "cloth that gets wet";
            case "handed" -> "a left or right hand";
            case "timed" -> "its own minutes";
            case "lid" -> "a lid on gas struts";
            case "rising" -> "a rising bed on struts";
            case "rails" -> "runners";
            case "rollFront" -> "a roll-front";
            case "leg" -> "a folding leg";
            case "bearers" -> "slats, bars or a shelf";
            case "hung" -> "fixings on a wall";
            case "cables" -> "cables it hangs on";
            case "hoist" -> "a winch";
            case "carried" -> "a ramp and straps";
            case "screwed" -> "a row of holes into the shell";
            default -> "something that folds out";
        };
    }

    /// A feature of this kind to start from, in measures of the thing.
    public Feature usual(Thing t) {
        double l = t.size().length();
        double w = t.size().width();
        double h = t.size().height();
        double m = t.mass().value();
        return switch (word()) {
            case "bed" -> new Feature.Bed(Math.clamp(Math.max(l, w), 0.3, 3), Math.clamp(Math.min(l, w), 0.2, 3), 150);
            case "seat" -> new Feature.Seat(1);
            case "opening" -> new Feature.Opening(Math.clamp(l, 0.05, 4), Math.clamp(h, 0.05, 4),
                    Feature.Opening.Leaf.TOP_HUNG, Math.toRadians(70), true, false);
            case "door" -> new Feature.Door(Feature.Face.RIGHT, true, Math.toRadians(95), 1);
            case "drawer" -> new Feature.Drawer(Feature.Face.RIGHT, Math.clamp(0.8 * w, 0.02, 3));
            case "store" -> new Feature.Store(Math.max(0.02, l - 0.04), Math.max(0.02, w - 0.04),
                    Math.max(0.02, h - 0.04), 40, 0.85);
            case "packed" -> new Feature.Packed(Feature.WayUp.UP, 1, false);
            case "service" -> new Feature.Service(Feature.Face.TOP);
            case "keepClear" -> new Feature.KeepClear(Feature.Face.RIGHT, 0.05);
            case "worktop" -> new Feature.Worktop(h > 0.8);
            case "step" -> new Feature.Step(1);
            case "sanitary" -> new Feature.Sanitary(Feature.Sanitary.Use.TOILET);
            case "flame" -> new Feature.Flame();
            case "fabric" -> new Feature.Fabric(1.3);
            case "handed" -> new Feature.Handed();
            case "timed" -> new Feature.Timed(1);
            case "lid" -> new Feature.Lid(Math.clamp(m, 1, 200), l / 2, 0, l, 0, Math.toRadians(75), 0.30, -0.30, 0.20,
                    0, 2, 200, 1.35, 0.25, 0.60);
            case "rising" -> new Feature.Rising(0.80, 1.36, l / 2, 0.44 * l, 0.64, 0.09 * l, 0.56 * l, 0.64, 0.91 * l,
                    150, 150, 1.38, 0.40, 0.90, 0.06, 0.006, false);
            case "rails" -> new Feature.Rails(0.2, 60, 3000);
            case "rollFront" -> new Feature.RollFront(0.02, 0.006, 0.008, 0.05, Math.clamp(0.8 * l, 0.05, 3), 0.03,
                    Math.min(3, 0.4 * l), 0.03);
            case "leg" -> new Feature.Leg(Math.clamp(h, 0.05, 3), 0.03, 0.03, Stuff.SOFTWOOD, 60, true);
            case "bearers" -> new Feature.Bearers(14, Math.clamp(Math.min(l, w), 0.1, 4), 0.06, 0.018,
                    Stuff.SOFTWOOD, 40, 60, 0.4, 150);
            case "hung" -> new Feature.Hung(w / 2, Math.max(0.02, 0.8 * h), 2, 4, 400, 600);
            case "cables" -> new Feature.Cables(4, Math.toRadians(60), 4000);
            case "hoist" -> new Feature.Hoist(4, 2, 0.025, 0.15, 4, true);
            case "carried" -> new Feature.Carried(1.7, 0.7 * l, 0.12, 0.15 * l, 0.85 * l, 0, 2, Math.toRadians(40),
                    Math.toRadians(25), 2000);
            case "screwed" -> new Feature.Screwed(Carcass.Face.LEFT, 2, Math.clamp(0.8 * l, 0, 5));
            default -> new Feature.FoldOut(Feature.Face.RIGHT, Math.clamp(w, 0.05, 5), 0, 0, 0);
        };
    }
}
