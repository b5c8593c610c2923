package lectulum.layout.storage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;

/// The answer to "where is the hose".
///
/// @param thing its id
/// @param says  where it rides, in which thing, and how to get at it
public record Whereabouts(String thing, Sentence says) {
    private static final int MOST = 12;

    /// Things whose name or note holds every word that was typed, at most twelve; none for an empty text.
    public static List<Whereabouts> search(Design design, Storage storage, String typed) {
        String[] words = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        List<Whereabouts> found = new ArrayList<>();
        for (Thing t : typed.isBlank() ? List.<Thing>of() : design.things()) {
            String text = (t.name() + " " + t.note()).toLowerCase(Locale.ROOT);
            boolean all = true;
            for (String word : words) {
                all &= text.contains(word);
            }
            if (all && found.size() < MOST) {
                found.add(new Whereabouts(t.id(), says(design, storage, t)));
            }
        }
        return found;
    }

    private static Sentence says(Design design, Storage storage, Thing t) {
        Placement p = t.at(Mode.ROAD);
        String side = Math.abs(p.y()) < 0.1 ? "in the middle" : p.y() < 0 ? "on the left" : "on the right";
        String holder = storage.keeping().home().getOrDefault(t.id(), "");
        String in = holder.isEmpty() ? "" : "in " + design.thing(holder).map(Thing::name).orElse(holder) + ", ";
        Access.Way way = storage.access().byThing().get(t.id());
        String reach = way == null
                ? ""
                : !way.open()
                        ? "; on the road nobody gets at it"
                        : way.behind().isEmpty()
                                ? "; at hand on the road" + through(design, way)
                                : "; behind " + String.join(", ", way.behind().stream()
                                        .map(id -> design.thing(id).map(Thing::name).orElse(id)).toList())
                                        + through(design, way);
        return Sentence.of("{0}: {1}{2} behind the ball, {3}, {4} above the floor{5}.", t.name(), in,
                Amount.m(design.base().tongueLength() + p.x()), side, Amount.m(p.z()), reach);
    }

    private static String through(Design design, Access.Way way) {
        return way.door().isEmpty() ? "" : " through " + design.thing(way.door()).map(Thing::name).orElse(way.door());
    }
}
