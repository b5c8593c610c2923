package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.kernel.bodies.WaysOut;
import lectulum.layout.Floor;
import lectulum.layout.Room;
import lectulum.layout.people.People;
import lectulum.layout.people.Sleeping;
import lectulum.units.Quantity;

/// The ways out for sleepers at night.
///
/// @param openings every opening, as a way out
/// @param exits    which of them are independent of each other
public record Exits(List<WaysOut.Way> openings, WaysOut exits, Figures figures, List<Finding> findings)
        implements
            Result {

    public static final Discipline<Exits> DISCIPLINE = new Discipline<Exits>("exits", "Ways out at night", Stage.LAYOUT,
            Discipline.Pace.REST, Exits::of,
            () -> new Exits(List.of(), new WaysOut(List.of(), List.of()), Figures.NONE, List.of()))
            .checking(DoorRules.class, ExitRemedies::of);

    private static Exits of(Reads in) {
        Design design = in.design(Design.Part.THINGS, Design.Part.SETTINGS);
        WaysOut.Rule rule = new WaysOut.Rule(Assumed.value(design, Assumption.EXIT_LARGE),
                Assumed.value(design, Assumption.EXIT_SMALL), Assumed.value(design, Assumption.EXIT_APART));
        List<WaysOut.Way> openings = Escape.of(in.of(Room.in(Mode.NIGHT)), in.of(Floor.in(Mode.NIGHT)).passage(),
                in.of(Motions.in(Mode.NIGHT)).all(), rule);
        Exits bare = new Exits(openings, WaysOut.of(openings, rule), Figures.NONE, List.of());
        Rules rules = new Rules(design, rule, bare, in.of(People.DISCIPLINE).sleeping(), new ArrayList<>());
        rules.exits();
        Working how = new Working("largest set on different walls or well apart, not all past a flame",
                Sentence.of("{0}", Amount.count(bare.exits.independent().size())), List.of(),
                "see docs/method/living.md");
        return new Exits(openings, bare.exits, Figures.of(List.of(Figure.of("layout.exits", "Independent ways out",
                bare.exits.independent().size(), Quantity.COUNT, how))), List.copyOf(rules.all));
    }

    private record Rules(Design design, WaysOut.Rule rule, Exits found, Sleeping sleeping, List<Finding> all) {
        private void say(Rule rule, Severity severity, Sentence title, Sentence detail, List<String> things) {
            say(rule, Subject.WHOLE, severity, title, detail, things);
        }

        private void say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
                List<String> things) {
            all.add(Finding.of(rule, about, severity, title, detail, things));
        }

        private String name(String id) {
            return design.thing(id).map(Thing::name).orElse(id);
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

        private void exits() {
            boolean sleepers = sleeping.nests().stream().anyMatch(n -> !n.outside())
                    && sleeping.where().stream().anyMatch(OptionalInt::isPresent);
            List<String> traps = found.openings.stream().filter(WaysOut.Way::trap).map(WaysOut.Way::id).toList();
            int ways = found.exits.independent().size();
            if (sleepers && ways < 2) {
                List<String> small = found.openings.stream()
                        .filter(w -> w.fromInside() && !w.largeEnough(rule) && w.before().isEmpty() && !w.stuck())
                        .map(w -> name(w.id())).distinct().toList();
                Optional<Sentence> shut = shut();
                Sentence tail = shut.isPresent()
                        ? shut.get()
                        : small.isEmpty()
                                ? Sentence.of("A second one needs {0} × {1} clear, opened from inside.",
                                        Amount.m(rule.large()),
                                        Amount.m(rule.small()))
                                : Sentence.of("{0} is too small to get out by: it takes {1} × {2} clear.",
                                        String.join(", ", small),
                                        Amount.m(rule.large()), Amount.m(rule.small()));
                say(DoorRules.EXIT_COUNT, Severity.STOP,
                        ways == 0
                                ? Sentence.of("Nobody could get out in a fire")
                                : Sentence.of("There is only one way out for sleepers"),
                        join("A place to sleep needs two, independent of each other; there is {0}. ", tail, ways),
                        Stream.concat(
                                found.openings.stream()
                                        .filter(w -> w.fromInside() && (!w.largeEnough(rule) || !w.reached()))
                                        .map(WaysOut.Way::id),
                                found.openings.stream().map(WaysOut.Way::before).filter(b -> !b.isEmpty())).distinct()
                                .toList());
            }
            for (String trap : traps) {
                say(DoorRules.EXIT_TRAP, Subject.thing(trap), Severity.WARN,
                        Sentence.of("{0} can be barred from outside", name(trap)),
                        Sentence.of(
                                "Whoever sleeps inside could be locked in. It does not count as a way out unless its"
                                        + " inside release works when it is barred."),
                        List.of(trap));
            }
        }

        /// What would be a way out if nothing stood before it, it opened further, or somebody got to it.
        private Optional<Sentence> shut() {
            for (WaysOut.Way w : found.openings) {
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
    }
}
