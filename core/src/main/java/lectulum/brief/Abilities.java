package lectulum.brief;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lectulum.assumed.Table;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Shell;
import lectulum.design.brief.Ability;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.kernel.bodies.Needs;
import lectulum.space.Body;
import lectulum.space.Solid;
import org.apache.commons.csv.CSVRecord;

/// What a design can do for its travellers, and which of its things serve what.
///
/// A thing serves an ability where its look gives it, or where its look belongs to it and something else gives it: a battery
/// gives off-grid power, and serves the fan too where there is one.
///
/// @param given  abilities that the design has
/// @param serves for each thing that serves any, by id, what it serves
public record Abilities(Set<Ability> given, Map<String, Set<Ability>> serves) {
    private static final Map<Ability, Row> TABLE = read();

    /// One row of the table.
    ///
    /// @param gives   looks, any of which gives it
    /// @param belongs looks that serve it where it is given
    /// @param would   ids of the catalogue that would give it
    /// @param floor   length of the body it asks for \[m\]
    /// @param schools how practitioners differ about it, in a sentence or two
    public record Row(Set<String> gives, Set<String> belongs, List<String> would, double floor, String schools) {
        /// Those things of the catalogue, once or several times.
        public List<Thing> things() {
            return would.stream().map(id -> Catalogue.shipped().find(id).orElseThrow()).toList();
        }
    }

    public static Row row(Ability ability) {
        return TABLE.get(ability);
    }

    /// What a design has; its people decide what standing up takes and what a spare bed is.
    public static Abilities of(Design design) {
        Set<Ability> given = EnumSet.noneOf(Ability.class);
        Map<String, Set<Ability>> serves = new LinkedHashMap<>();
        for (Ability ability : Ability.values()) {
            List<Thing> givers = design.things().stream().filter(t -> gives(ability, t, design)).toList();
            boolean has = switch (ability) {
                case STAND_UP -> standsUp(design);
                case EXTRA_SLEEPER -> spare(design);
                case SIT_INSIDE -> table(design, givers);
                default -> !givers.isEmpty();
            };
            if (has) {
                given.add(ability);
                givers.forEach(t -> serve(serves, t, ability));
                design.things().stream().filter(t -> row(ability).belongs.contains(t.symbol()))
                        .forEach(t -> serve(serves, t, ability));
            }
        }
        return new Abilities(given, serves);
    }

    private static void serve(Map<String, Set<Ability>> serves, Thing thing, Ability ability) {
        serves.computeIfAbsent(thing.id(), id -> EnumSet.noneOf(Ability.class)).add(ability);
    }

    private static boolean gives(Ability ability, Thing t, Design design) {
        return switch (ability) {
            case COOK_INSIDE -> row(ability).gives.contains(t.symbol()) && !cookedOutside(t, design);
            case BED_WINDOW -> overABed(t, design);
            case CARRY -> row(ability).gives.contains(t.symbol()) || t.has(Feature.Carried.class);
            default -> row(ability).gives.contains(t.symbol());
        };
    }

    /// Whether a hob stands in a galley that is worked from outside.
    private static boolean cookedOutside(Thing hob, Design design) {
        Set<String> outside = row(Ability.COOK_OUTSIDE).gives;
        Solid at = Solid.of(hob.size(), hob.place());
        return design.things().stream().filter(t -> outside.contains(t.symbol())).anyMatch(t -> {
            Solid s = Solid.of(t.size(), t.place());
            return at.x() >= s.minX() && at.x() <= s.maxX() && at.y() >= s.minY() && at.y() <= s.maxY();
        }) || design.base().shell() instanceof Shell.Tray;
    }

    /// Whether an opening that opens is beside or over a bed.
    private static boolean overABed(Thing t, Design design) {
        boolean opens = t.feature(Feature.Opening.class)
                .filter(o -> o.leaf() != Feature.Opening.Leaf.FIXED && o.width() < 1.0 && o.height() < 0.7).isPresent();
        return opens && design.things().stream().filter(b -> b.has(Feature.Bed.class)).anyMatch(b -> {
            Solid s = Solid.of(b.sizeIn(Mode.NIGHT), b.at(Mode.NIGHT));
            return t.place().x() > s.minX() && t.place().x() < s.maxX()
                    && t.place().z() + t.size().height() > s.z2();
        });
    }

    private static boolean standsUp(Design design) {
        double tallest = design.brief().tallest();
        return !(design.base().shell() instanceof Shell.Tray) && tallest > 0
                && Body.of(design.base(), Mode.CAMP).roofInside().highest() >= new Needs(tallest).standing() - 1e-9;
    }

    /// Whether there is a table to sit at.
    private static boolean table(Design design, List<Thing> dinettes) {
        Set<String> tables = row(Ability.SIT_INSIDE).belongs;
        return !dinettes.isEmpty()
                || !(design.base().shell() instanceof Shell.Tray)
                        && design.things().stream().anyMatch(t -> t.has(Feature.Seat.class)
                                && t.mount() != Mount.OUTSIDE && t.at(Mode.CAMP).z() < 0.5)
                        && design.things().stream().anyMatch(t -> t.symbol().startsWith("table")
                                && !t.symbol().endsWith("folded") && tables.contains(t.symbol()));
    }

    /// Whether there is a bed more than the travellers need, by the width that is least for each.
    private static boolean spare(Design design) {
        double width = design.brief().people().stream().mapToDouble(p -> new Needs(p.height()).bedWidthLeast()).sum();
        double there = design.things().stream().flatMap(t -> t.feature(Feature.Bed.class).stream())
                .mapToDouble(b -> Math.floor(b.width() / 0.6 + 1e-9) * 0.6).sum();
        return there >= width + 0.6 - 1e-9;
    }

    private static Map<Ability, Row> read() {
        Map<Ability, Row> table = new EnumMap<>(Ability.class);
        for (CSVRecord r : Table.rows("abilities")) {
            table.put(Ability.valueOf(r.get("ability")), new Row(words(r.get("gives")), words(r.get("belongs")),
                    List.copyOf(list(r.get("package"))), Table.number(r, "floor_mm") / 1000, r.get("schools")));
        }
        return table;
    }

    private static List<String> list(String words) {
        return Arrays.stream(words.split(" ")).filter(w -> !w.isEmpty()).toList();
    }

    private static Set<String> words(String words) {
        return Set.copyOf(list(words));
    }
}
