package lectulum.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.kernel.bodies.DiagonalBed;
import lectulum.kernel.bodies.Needs;
import lectulum.kernel.bodies.WaysOut;
import lectulum.kernel.packing.Changeover;
import lectulum.layout.change.Setup;
import lectulum.layout.doors.Motion;
import lectulum.layout.keeping.Keeping;
import lectulum.layout.people.Sleeping;
import lectulum.units.Quantity;

/// What living in a layout gives to say.
final class LivingFindings {
    /// Age at which people have stopped growing.
    private static final double GROWN = 17;

    private final Design design;
    private final Living living;
    private final List<Finding> all = new ArrayList<>();

    private LivingFindings(Design design, Living living) {
        this.design = design;
        this.living = living;
    }

    static List<Finding> of(Design design, Living living) {
        LivingFindings f = new LivingFindings(design, living);
        f.beds();
        f.exits();
        f.motions();
        f.passages();
        f.access();
        f.keeping();
        f.change();
        f.growth();
        f.pairs();
        f.all.addAll(living.comfort().findings());
        return f.all;
    }

    private void say(String id, Severity severity, Sentence title, Sentence detail, List<String> things) {
        all.add(Finding.of(id, Stage.LAYOUT, severity, title, detail, things));
    }

    private String name(String id) {
        return design.thing(id).map(Thing::name).orElse(id);
    }

    private void beds() {
        List<Person> people = design.brief().people();
        Sleeping s = living.sleeping();
        long without = s.where().stream().filter(OptionalInt::isEmpty).count();
        if (without > 0) {
            boolean none = s.nests().isEmpty();
            say("sleep.capacity", none ? Severity.NOTE : Severity.STOP,
                    none
                            ? Sentence.of("There is no bed yet")
                            : Sentence.of("{0} of {1} have no bed", without, people.size()),
                    none
                            ? Sentence.of("Add a mattress or a tent; each sleeper needs {0} of width.", Amount.m(0.60))
                            : Sentence
                                    .of("The beds are honest for {0} adults at {1} each. Nobody under six sleeps in an"
                                            + " upper bunk.", s.honest(), Amount.m(0.60)),
                    List.of());
        }
        for (int i = 0; i < people.size(); i++) {
            Optional<Sleeping.Nest> nest = s.of(i);
            if (nest.isPresent()) {
                bed(people.get(i), nest.get());
            }
        }
        for (Sleeping.Nest n : s.nests()) {
            width(people, n);
        }
    }

    private void bed(Person p, Sleeping.Nest n) {
        Needs needs = new Needs(p.height());
        double missing = needs.lyingLeast() - n.bed().length();
        if (missing > 1e-9) {
            DiagonalBed across = DiagonalBed.of(n.bed().length(), n.bed().width(), needs.shoulders());
            Sentence turned = across.length() >= needs.lyingLeast()
                    ? Sentence.of("{0} fits across it, turned {1}, alone.", p.name(),
                            new Amount(across.turn(), Quantity.ANGLE))
                    : Sentence.of("Lying across it would give {0}, and cost the second place.",
                            Amount.m(across.length()));
            say("sleep.length." + n.thing() + "." + p.id(), Severity.WARN,
                    Sentence.of("{0} is {1} too short for {2}", n.name(), Amount.m(missing), p.name()),
                    join("It is {0} long; a {1} sleeper needs {2}. ", turned, Amount.m(n.bed().length()),
                            Amount.m(p.height()), Amount.m(needs.lyingLeast())),
                    List.of(n.thing()));
        }
        double low = needs.sitUp() - n.sit();
        if (low > 1e-9) {
            boolean crawl = n.sit() < 0.45;
            say("sleep.sit." + n.thing() + "." + p.id(), crawl ? Severity.WARN : Severity.NOTE,
                    Sentence.of("{0} cannot sit up on {1}", p.name(), n.name()),
                    Sentence.of("There is {0} above it; {1} would need {2}.", Amount.m(n.sit()), p.name(),
                            Amount.m(needs.sitUp())),
                    List.of(n.thing()));
        }
    }

    /// A sentence with another put behind it, parts and all.
    private static Sentence join(String template, Sentence tail, Object... parts) {
        List<Object> both = new ArrayList<>(List.of(parts));
        String shifted = tail.template();
        for (int i = tail.parts().size() - 1; i >= 0; i--) {
            shifted = shifted.replace("{" + i + "}", "{" + (i + parts.length) + "}");
        }
        both.addAll(tail.parts());
        return new Sentence(template + shifted, both);
    }

    private void width(List<Person> people, Sleeping.Nest n) {
        int index = living.sleeping().nests().indexOf(n);
        double comfort = 0;
        List<String> names = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            if (living.sleeping().where().get(i).equals(OptionalInt.of(index))) {
                comfort += new Needs(people.get(i).height()).bedWidthComfort();
                names.add(people.get(i).name());
            }
        }
        if (comfort > n.bed().width() + 1e-9) {
            say("sleep.width." + n.thing(), Severity.NOTE, Sentence.of("{0} is narrow", n.name()),
                    Sentence.of("{0} would sleep in comfort on {1}; it is {2} wide.", String.join(" and ", names),
                            Amount.m(comfort), Amount.m(n.bed().width())),
                    List.of(n.thing()));
        }
    }

    private void exits() {
        boolean sleepers = living.sleeping().nests().stream().anyMatch(n -> !n.outside())
                && living.sleeping().where().stream().anyMatch(OptionalInt::isPresent);
        List<String> traps = living.openings().stream().filter(WaysOut.Way::trap).map(WaysOut.Way::id).toList();
        int ways = living.exits().independent().size();
        if (sleepers && ways < 2) {
            WaysOut.Rule rule = new WaysOut.Rule(Assumed.value(design, "exit.large"),
                    Assumed.value(design, "exit.small"), Assumed.value(design, "exit.apart"));
            List<String> small = living.openings().stream()
                    .filter(w -> w.fromInside() && !w.largeEnough(rule) && w.before().isEmpty() && !w.stuck())
                    .map(w -> name(w.id())).distinct().toList();
            Optional<Sentence> shut = shut(rule);
            Sentence tail = shut.isPresent()
                    ? shut.get()
                    : small.isEmpty()
                            ? Sentence.of("A second one needs {0} × {1} clear, opened from inside.",
                                    Amount.m(rule.large()),
                                    Amount.m(rule.small()))
                            : Sentence.of("{0} is too small to get out by: it takes {1} × {2} clear.",
                                    String.join(", ", small),
                                    Amount.m(rule.large()), Amount.m(rule.small()));
            say("exit.count", Severity.STOP,
                    ways == 0
                            ? Sentence.of("Nobody could get out in a fire")
                            : Sentence.of("There is only one way out for sleepers"),
                    join("A place to sleep needs two, independent of each other; there is {0}. ", tail, ways),
                    Stream.concat(
                            living.openings().stream()
                                    .filter(w -> w.fromInside() && (!w.largeEnough(rule) || !w.reached()))
                                    .map(WaysOut.Way::id),
                            living.openings().stream().map(WaysOut.Way::before).filter(b -> !b.isEmpty())).distinct()
                            .toList());
        }
        for (String trap : traps) {
            say("exit.trap." + trap, Severity.WARN, Sentence.of("{0} can be barred from outside", name(trap)),
                    Sentence.of("Whoever sleeps inside could be locked in. It does not count as a way out unless its"
                            + " inside release works when it is barred."),
                    List.of(trap));
        }
    }

    /// What would be a way out if nothing stood before it, it opened further, or somebody got to it.
    private Optional<Sentence> shut(WaysOut.Rule rule) {
        for (WaysOut.Way w : living.openings()) {
            if (!w.fromInside() || w.trap()) {
                continue;
            }
            if (!w.before().isEmpty()) {
                return Optional.of(Sentence.of("{0} stands before {1} at night: {2} × {3} of it stay clear.",
                        name(w.before()), name(w.id()), Amount.m(w.width()), Amount.m(w.height())));
            }
            if (w.stuck()) {
                return Optional.of(Sentence.of("{0} does not open far enough: {1} × {2} stay clear.", name(w.id()),
                        Amount.m(w.width()), Amount.m(w.height())));
            }
            if (!w.reached() && w.largeEnough(rule)) {
                return Optional.of(Sentence.of("Nobody gets from a bed to {0} at night.", name(w.id())));
            }
        }
        return Optional.empty();
    }

    private void motions() {
        Map<String, List<Motion>> blocked = new LinkedHashMap<>();
        living.motions().forEach((mode, list) -> list.stream()
                .filter(Motion::hinders)
                .forEach(m -> blocked.computeIfAbsent(m.thing(), k -> new ArrayList<>()).add(m)));
        blocked.forEach((thing, list) -> {
            Motion worst = list.stream().min(java.util.Comparator.comparingDouble(Motion::free)).orElseThrow();
            String modes = String.join(", ", list.stream().map(m -> m.mode().label()).toList());
            String by = worst.blocker().isEmpty() ? "the wall" : name(worst.blocker());
            boolean stop = worst.exit() && worst.passage() < Assumed.value(design, "passage.stop");
            say("motion.blocked." + thing, stop ? Severity.STOP : Severity.WARN,
                    worst.hinged()
                            ? Sentence.of("The door of {0} opens only {1}", name(thing),
                                    new Amount(worst.free(), Quantity.ANGLE))
                            : Sentence.of("The drawer of {0} comes out only {1}", name(thing),
                                    Amount.m(worst.free())),
                    worst.hinged()
                            ? Sentence.of("{0} is in the way ({1}). It should open {2}; the way past it is {3}.", by,
                                    modes, new Amount(worst.wanted(), Quantity.ANGLE), Amount.m(worst.passage()))
                            : Sentence.of("{0} is in the way ({1}). It should come out {2}.", by, modes,
                                    Amount.m(worst.wanted())),
                    worst.blocker().isEmpty() ? List.of(thing) : List.of(thing, worst.blocker()));
        });
    }

    /// Children grow: who will be too long for the bed in two and in five years.
    private void growth() {
        List<Person> people = design.brief().people();
        for (int i = 0; i < people.size(); i++) {
            Person p = people.get(i);
            Optional<Sleeping.Nest> nest = living.sleeping().of(i);
            double age = p.age().orElse(99);
            if (nest.isEmpty() || age >= GROWN
                    || new Needs(p.height()).lyingLeast() > nest.get().bed().length() + 1e-9) {
                continue;
            }
            for (int years : new int[]{2, 5}) {
                double tall = p.height() + Needs.GROWTH * Math.min(years, GROWN - age);
                if (new Needs(tall).lyingLeast() > nest.get().bed().length() + 1e-9) {
                    say("sleep.growth." + p.id(), Severity.NOTE,
                            Sentence.of("In {0} years {1} outgrows {2}", years, p.name(), nest.get().name()),
                            Sentence.of("About {0} tall by then, {1} of bed is needed and {2} is there.",
                                    Amount.m(tall),
                                    Amount.m(new Needs(tall).lyingLeast()), Amount.m(nest.get().bed().length())),
                            List.of(nest.get().thing()));
                    break;
                }
            }
        }
    }

    /// Doors and drawers of different things that cannot be open together.
    private void pairs() {
        Map<String, Motion[]> met = new LinkedHashMap<>();
        living.motions().forEach((mode, list) -> {
            for (int i = 0; mode != Mode.ROAD && i < list.size(); i++) {
                for (int k = i + 1; k < list.size(); k++) {
                    Motion a = list.get(i);
                    Motion b = list.get(k);
                    if (!a.thing().equals(b.thing()) && !a.exit() && !b.exit() && a.meets(b)) {
                        met.putIfAbsent(a.thing() + "+" + b.thing(), new Motion[]{a, b});
                    }
                }
            }
        });
        met.forEach((id, pair) -> say("motion.pair." + id, Severity.NOTE,
                Sentence.of("{0} and {1} cannot be open together", name(pair[0].thing()), name(pair[1].thing())),
                Sentence.of(
                        "Their doors or drawers sweep one place. Hang one on its other edge, or open them in turn."),
                List.of(pair[0].thing(), pair[1].thing())));
    }

    private void passages() {
        double stop = Assumed.value(design, "passage.stop");
        double warn = Assumed.value(design, "passage.warn");
        living.passages().forEach((mode, way) -> {
            if (way.width() < warn) {
                boolean shut = way.width() < 0.05;
                say("passage.narrow." + mode.name().toLowerCase(java.util.Locale.ROOT),
                        mode == Mode.ROAD ? Severity.NOTE : way.width() < stop ? Severity.STOP : Severity.WARN,
                        shut
                                ? Sentence.of("There is no way to {0} in {1}", name(way.to()), mode.label())
                                : Sentence.of("The way to {0} is {1} wide in {2}", name(way.to()),
                                        Amount.m(way.width()), mode.label()),
                        Sentence.of("A body squeezes through {0} and walks through {1}.", Amount.m(stop),
                                Amount.m(warn)),
                        List.of(way.to()));
            }
        });
    }

    private void access() {
        living.access().byThing().forEach((id, way) -> design.thing(id).ifPresent(t -> {
            boolean wanted = t.feature(Feature.Packed.class).filter(Feature.Packed::onRoad).isPresent();
            if (wanted && !way.free()) {
                say("reach.road." + id, Severity.NOTE,
                        way.open()
                                ? Sentence.of("{0} lies behind {1} things on the road", t.name(),
                                        way.behind().size())
                                : Sentence.of("{0} cannot be reached on the road", t.name()),
                        way.open()
                                ? Sentence.of("Take out first: {0}{1}.",
                                        String.join(", ", way.behind().stream().map(this::name).toList()),
                                        way.door().isEmpty() ? "" : ", through " + name(way.door()))
                                : way.ring().isEmpty()
                                        ? Sentence.of("Something fixed stands before it, or nobody can stand near it.")
                                        : Sentence.of("These wait for each other, none comes out first: {0}.",
                                                String.join(", ", way.ring().stream().map(this::name).toList())),
                        List.of(id));
            }
            if (t.has(Feature.Service.class) && !way.open()) {
                say("reach.service." + id, Severity.NOTE, Sentence.of("{0} cannot be got at for repair", t.name()),
                        Sentence.of("Leave {0} free before one of its faces, or make its cover removable.",
                                Amount.m(Assumed.value(design, "reach.room"))),
                        List.of(id));
            }
        }));
    }

    private void keeping() {
        Keeping k = living.keeping();
        if (!k.homeless().isEmpty()) {
            say("storage.homeless", Severity.WARN, Sentence.of("{0} things have no place of their own",
                    k.homeless().size()),
                    Sentence.of("{0} lie loose. Put them into a cupboard, a box or a bench.",
                            String.join(", ", k.homeless().stream().map(this::name).limit(6).toList())),
                    k.homeless());
        }
        double high = Assumed.value(design, "store.high");
        double heavy = Assumed.value(design, "store.heavy");
        for (Keeping.Shelf s : k.shelves()) {
            if (s.mass() > s.store().carries()) {
                say("storage.heavy." + s.thing(), Severity.WARN, Sentence.of("{0} carries too much", s.name()),
                        Sentence.of("{0} lie in it; it is made for {1}.", Amount.kg(s.mass()),
                                Amount.kg(s.store().carries())),
                        List.of(s.thing()));
            }
            if (s.used() > s.room() || !s.out().isEmpty()) {
                say("storage.full." + s.thing(), Severity.NOTE,
                        s.used() > s.room()
                                ? Sentence.of("{0} is too full", s.name())
                                : Sentence.of("Not all fits into {0}", s.name()),
                        Sentence.of("{0} of gear for {1} that can be filled{2}.", Amount.stowage(s.used()),
                                Amount.stowage(s.room()),
                                s.out().isEmpty()
                                        ? ""
                                        : "; no room beside the rest for "
                                                + String.join(", ", s.out().stream().map(this::name).toList())),
                        List.of(s.thing()));
            }
        }
        for (Thing t : design.things()) {
            if (Keeping.packed(t) && t.mass().value() > heavy && t.place().z() > high && !t.place().away()
                    && t.mount() != lectulum.design.thing.Mount.OUTSIDE) {
                say("storage.high." + t.id(), Severity.WARN, Sentence.of("{0} is heavy and high", t.name()),
                        Sentence.of("{0} at {1} above the floor: it falls, and it makes the camper roll.",
                                Amount.kg(t.mass().value()), Amount.m(t.place().z())),
                        List.of(t.id()));
            }
        }
    }

    private void change() {
        double budget = Assumed.value(design, "change.budget");
        double camp = living.setups().stream().filter(s -> s.from().compareTo(s.to()) < 0)
                .mapToDouble(s -> 60 * s.order().minutes()).sum();
        if (camp > budget) {
            say("change.time", Severity.NOTE, Sentence.of("Making camp takes {0}", Amount.hours(camp)),
                    Sentence.of("You want {0}. The longest steps are worth a place of their own, or a helper.",
                            Amount.hours(budget)),
                    List.of());
        }
        double one = Assumed.value(design, "carry.one");
        for (Setup s : living.setups()) {
            for (String parked : s.order().parked()) {
                say("change.ring." + s.key() + "." + parked, Severity.WARN,
                        Sentence.of("{0} has to be put outside to change from {1}", name(parked),
                                LivingFigures.title(s)),
                        Sentence.of("Things wait for each other's places. Setting it aside costs {0} more.",
                                Amount.hours(60 * minutes(s, parked))),
                        List.of(parked));
            }
        }
        living.setups().stream().flatMap(s -> s.moves().stream()).filter(m -> m.mass() > one)
                .map(Changeover.Move::id).filter(id -> design.thing(id).filter(t -> !t.has(Feature.FoldOut.class))
                        .isPresent())
                .distinct().forEach(id -> {
                    Thing t = design.thing(id).orElseThrow();
                    if (!t.has(Feature.Bed.class)) {
                        say("change.heavy." + id, Severity.NOTE, Sentence.of("{0} takes two people to move",
                                t.name()),
                                Sentence.of("It weighs {0}; one person carries {1}.", Amount.kg(t.mass().value()),
                                        Amount.kg(one)),
                                List.of(id));
                    }
                });
    }

    private static double minutes(Setup s, String id) {
        return s.order().steps().stream().filter(x -> x.id().equals(id)).mapToDouble(Changeover.Step::minutes)
                .findFirst().orElse(0);
    }
}
