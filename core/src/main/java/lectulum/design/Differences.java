package lectulum.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import lectulum.design.thing.Thing;

/// In which parts two states of a project differ, in words: for somebody who must choose between them.
public final class Differences {
    private static final int NAMED = 3;

    private Differences() {
    }

    /// What the second has otherwise than the first; empty where they are equal.
    public static List<String> between(Project first, Project second) {
        List<String> words = new ArrayList<>();
        if (!first.name().equals(second.name())) {
            words.add("the name is “" + second.name() + "”, not “" + first.name() + "”");
        }
        for (Variant v : second.variants()) {
            first.variants().stream().filter(w -> w.id().equals(v.id())).findFirst().ifPresentOrElse(
                    w -> words.addAll(between(w.design(), v.design())),
                    () -> words.add("variant “" + v.name() + "” is new"));
        }
        for (Variant w : first.variants()) {
            if (second.variants().stream().noneMatch(v -> v.id().equals(w.id()))) {
                words.add("variant “" + w.name() + "” is gone");
            }
        }
        if (words.isEmpty() && !first.equals(second)) {
            words.add("another variant or pin is chosen");
        }
        return words.stream().distinct().toList();
    }

    private static List<String> between(Design a, Design b) {
        List<String> words = new ArrayList<>();
        things(words, "more", b.things().stream().filter(t -> a.thing(t.id()).isEmpty()).toList());
        things(words, "fewer", a.things().stream().filter(t -> b.thing(t.id()).isEmpty()).toList());
        things(words, "changed",
                b.things().stream().filter(t -> a.thing(t.id()).filter(o -> !o.equals(t)).isPresent()).toList());
        part(words, "the brief", a, b, Design::brief);
        part(words, "the base", a, b, Design::base);
        part(words, "the tow vehicle", a, b, d -> List.of(d.vehicle(), d.garage()));
        part(words, "load cases", a, b, Design::cases);
        part(words, "weigh days", a, b, Design::weighings);
        part(words, "wiring", a, b, Design::wiring);
        part(words, "the walls", a, b, Design::envelope);
        part(words, "planned trips", a, b, Design::outings);
        part(words, "receipts and ways to save", a, b, Design::purse);
        part(words, "tasks and sessions", a, b, Design::works);
        part(words, "the log", a, b, Design::logbook);
        part(words, "stock and kept cutting plans", a, b, Design::workshop);
        part(words, "assumed values", a, b, Design::settings);
        part(words, "accepted findings", a, b, Design::accepted);
        if (words.isEmpty() && !a.equals(b)) {
            words.add("things stand in another order");
        }
        return words;
    }

    private static void things(List<String> words, String how, List<Thing> things) {
        if (!things.isEmpty()) {
            String names = things.stream().limit(NAMED).map(Thing::name).collect(Collectors.joining(", "));
            words.add(things.size() + (things.size() == 1 ? " thing " : " things ") + how + " (" + names
                    + (things.size() > NAMED ? ", …)" : ")"));
        }
    }

    private static void part(List<String> words, String name, Design a, Design b, Function<Design, Object> part) {
        if (!Objects.equals(part.apply(a), part.apply(b))) {
            words.add(name + " changed");
        }
    }
}
