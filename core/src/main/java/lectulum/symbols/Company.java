package lectulum.symbols;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Solid;

/// What is set into other things, so that a galley with a sink of its own does not show a second one.
///
/// @param within symbols of what is set in, by the id of the thing that holds it
/// @param guests ids of what is set in
public record Company(Map<String, Set<String>> within, Set<String> guests) {
    /// Nothing is set into anything.
    public static final Company NONE = new Company(Map.of(), Set.of());
    private static final double BELOW = 0.25;

    /// Whether a thing may hold something set in, or be set in itself.
    public static boolean concerns(Thing thing) {
        Symbol symbol = Symbols.of(thing);
        return !symbol.minds().isEmpty() || Symbols.minded().contains(kind(symbol));
    }

    private static String kind(Symbol symbol) {
        return symbol.name().equals("induction") ? "hob" : symbol.name();
    }

    public static Company of(List<Thing> things, Mode mode) {
        Map<String, Set<String>> within = new HashMap<>();
        Set<String> guests = new HashSet<>();
        List<Thing> hosts = new ArrayList<>();
        Set<String> minded = new HashSet<>();
        for (Thing t : things) {
            Set<String> minds = Symbols.of(t).minds();
            if (!minds.isEmpty() && t.solid() && !t.at(mode).away()) {
                hosts.add(t);
                minded.addAll(minds);
            }
        }
        if (hosts.isEmpty()) {
            return NONE;
        }
        for (Thing t : things) {
            String kind = kind(Symbols.of(t));
            if (t.mount() == Mount.SPREAD || t.at(mode).away() || !minded.contains(kind)) {
                continue;
            }
            Solid s = Solid.of(t.size(), t.at(mode));
            for (Thing host : hosts) {
                Solid h = Solid.of(host.size(), host.at(mode));
                if (host != t && h.covers(s.x(), s.y()) && s.z2() > h.z2() - BELOW && s.z1() < h.z2() + 0.01) {
                    within.computeIfAbsent(host.id(), id -> new TreeSet<>()).add(kind);
                    guests.add(t.id());
                }
            }
        }
        return new Company(within, guests);
    }

    public Set<String> of(Thing thing) {
        return within.getOrDefault(thing.id(), Set.of());
    }
}
