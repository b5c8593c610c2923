package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.space.Solid;

/// All symbols, and which one a thing has.
///
/// A thing that names no symbol gets one by what it is: a battery, a tank, a solar panel, a bed; else by a word of its name;
/// else a box. Forms are kept by symbol and size.
public final class Symbols {
    /// What a thing looks like of which nothing is known.
    public static final String BOX = "box";
    private static final int KEPT = 20_000;
    private static final Map<String, Symbol> ALL = read();
    private static final Set<String> MINDED = ALL.values().stream().flatMap(s -> s.minds().stream())
            .collect(Collectors.toUnmodifiableSet());
    private static final Map<Key, Form> FORMS = new ConcurrentHashMap<>();

    private Symbols() {
    }

    private record Key(Symbol symbol, List<Double> size, Set<String> company) {
    }

    private static Map<String, Symbol> read() {
        Map<String, List<Part>> parts = new HashMap<>();
        for (SystemGroup family : SystemGroup.values()) {
            for (Map<String, String> row : Table.read(family.name().toLowerCase(Locale.ROOT) + ".csv")) {
                try {
                    parts.computeIfAbsent(row.get("symbol"), s -> new ArrayList<>()).add(Part.of(row));
                } catch (IllegalArgumentException e) {
                    throw new IllegalStateException("symbol " + row + ": " + e.getMessage(), e);
                }
            }
        }
        Map<String, Symbol> all = new LinkedHashMap<>();
        for (Map<String, String> row : Table.read("symbols.csv")) {
            String name = row.get("symbol");
            String words = row.get("words");
            all.put(name, Symbol.of(name, row.get("label"), SystemGroup.valueOf(row.get("family")),
                    Symbol.Lie.valueOf(row.get("lies")), words.isBlank() ? List.of() : List.of(words.split(" ")),
                    parts.getOrDefault(name, List.of())));
        }
        return all;
    }

    /// Names of symbols whose presence in another thing changes that one.
    static Set<String> minded() {
        return MINDED;
    }

    /// In the order in which lists offer them.
    public static List<Symbol> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Symbol> named(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    /// The symbol of a thing: the one it names, or what it is.
    public static Symbol of(Thing thing) {
        return named(thing.symbol()).orElseGet(() -> ALL.get(guess(thing)));
    }

    private static String guess(Thing thing) {
        if (thing.battery().isPresent()) {
            return "battery";
        }
        if (thing.solar() > 0) {
            return "solar";
        }
        if (thing.tank().isPresent()) {
            return switch (thing.tank().get().use()) {
                case FRESH, GREY -> "tank";
                case BLACK -> "toilet";
                case GAS -> "gas-bottle";
                case PETROL, DIESEL -> "fuel-can";
            };
        }
        return byName(thing).orElseGet(() -> thing.has(Feature.Bed.class)
                ? "mattress"
                : thing.has(Feature.Seat.class) ? "bench" : BOX);
    }

    /// By the longest word of a symbol that is a word of the name; the family of the thing goes first.
    private static Optional<String> byName(Thing thing) {
        Set<String> said = new TreeSet<>(
                List.of(thing.name().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")));
        record Hit(Symbol symbol, String word) {
        }
        return ALL.values().stream()
                .flatMap(s -> s.words().stream().filter(said::contains).map(w -> new Hit(s, w)))
                .max(Comparator.<Hit>comparingInt(h -> h.symbol.family() == thing.system() ? 1 : 0)
                        .thenComparingInt(h -> h.word.length()))
                .map(h -> h.symbol.name());
    }

    /// What a thing looks like in a mode, where it is; empty where it has no volume.
    ///
    /// @param company symbols of what is set into it
    public static Optional<Posed> posed(Thing thing, Mode mode, Set<String> company) {
        Solid solid = Solid.of(thing.size(), thing.at(mode));
        double height = solid.z2() - solid.z1();
        if (!(solid.hl() > 0 && solid.hw() > 0 && height > 0) || !Double.isFinite(solid.hl() + solid.hw() + height)) {
            return Optional.empty();
        }
        Symbol symbol = of(thing);
        int quarters = Posed.quarters(symbol, thing, solid);
        boolean across = quarters % 2 == 1;
        Form form = form(symbol, 2 * (across ? solid.hw() : solid.hl()), 2 * (across ? solid.hl() : solid.hw()),
                height, company);
        return Optional.of(new Posed(form, solid.x(), solid.y(), solid.z1(),
                thing.at(mode).yaw() + quarters * Math.PI / 2));
    }

    /// A plain box.
    public static Form plain(double length, double width, double height) {
        return new Solids().box(Paint.BODY, -length / 2, length / 2, -width / 2, width / 2, 0, height).form();
    }

    /// @param length  in the directions of the symbol \[m\], > 0
    /// @param company symbols of what is set into the thing
    public static Form form(Symbol symbol, double length, double width, double height, Set<String> company) {
        Set<String> minded = symbol.minds().isEmpty() ? Set.of() : new TreeSet<>(company);
        if (!minded.isEmpty()) {
            minded.retainAll(symbol.minds());
        }
        if (FORMS.size() > KEPT) {
            FORMS.clear();
        }
        return FORMS.computeIfAbsent(new Key(symbol, List.of(length, width, height), minded),
                k -> symbol.form(new double[]{length, width, height}, minded));
    }
}
