package lectulum.layout.doors;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.units.Quantity;

/// Doors and drawers of all modes: which cannot be opened, and which not together.
///
/// @param motions by mode
public record Doors(Map<Mode, List<Motion>> motions, List<Finding> findings) implements Result {

    public static final Discipline<Doors> DISCIPLINE = new Discipline<Doors>("doors", "Doors and drawers", Stage.LAYOUT,
            Discipline.Pace.REST, Doors::of, () -> new Doors(Map.of(), List.of()))
            .checking(DoorRules.class, DoorRemedies::of);

    private static Doors of(Reads in) {
        Map<Mode, List<Motion>> motions = new EnumMap<>(Mode.class);
        for (Mode mode : Mode.values()) {
            motions.put(mode, in.of(Motions.in(mode)).all());
        }
        Rules rules = new Rules(in.design(Design.Part.THINGS, Design.Part.SETTINGS), motions, new ArrayList<>());
        rules.blocked();
        rules.pairs();
        return new Doors(motions, List.copyOf(rules.all));
    }

    /// The doors and drawers of a mode.
    public List<Motion> in(Mode mode) {
        return motions.getOrDefault(mode, List.of());
    }

    private record Rules(Design design, Map<Mode, List<Motion>> motions, List<Finding> all) {
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

        private void blocked() {
            Map<String, List<Motion>> blocked = new LinkedHashMap<>();
            motions.forEach((mode, list) -> list.stream()
                    .filter(Motion::hinders)
                    .forEach(m -> blocked.computeIfAbsent(m.thing(), k -> new ArrayList<>()).add(m)));
            blocked.forEach((thing, list) -> {
                Motion worst = list.stream().min(java.util.Comparator.comparingDouble(Motion::free)).orElseThrow();
                String modes = String.join(", ", list.stream().map(m -> m.mode().label()).toList());
                String by = worst.blocker().isEmpty() ? "the wall" : name(worst.blocker());
                boolean stop = worst.exit() && worst.passage() < Assumed.value(design, Assumption.PASSAGE_STOP);
                say(DoorRules.MOTION_BLOCKED, Subject.thing(thing), stop ? Severity.STOP : Severity.WARN,
                        worst.hinged()
                                ? Sentence.of("The door of {0} opens only {1}", name(thing),
                                        new Amount(worst.free(), Quantity.ANGLE))
                                : Sentence.of("The drawer of {0} comes out only {1}", name(thing),
                                        Amount.m(worst.free())),
                        worst.hinged()
                                ? Sentence.of("{0} is in the way ({1}). It should open {2}; the way past it is {3}.",
                                        by,
                                        modes, new Amount(worst.wanted(), Quantity.ANGLE), Amount.m(worst.passage()))
                                : Sentence.of("{0} is in the way ({1}). It should come out {2}.", by, modes,
                                        Amount.m(worst.wanted())),
                        worst.blocker().isEmpty() ? List.of(thing) : List.of(thing, worst.blocker()));
            });
        }

        /// Doors and drawers of different things that cannot be open together.
        private void pairs() {
            Map<String, Motion[]> met = new LinkedHashMap<>();
            motions.forEach((mode, list) -> {
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
            met.forEach((id, pair) -> say(DoorRules.MOTION_PAIR, Subject.pair(pair[0].thing(), pair[1].thing()),
                    Severity.NOTE,
                    Sentence.of("{0} and {1} cannot be open together", name(pair[0].thing()), name(pair[1].thing())),
                    Sentence.of(
                            "Their doors or drawers sweep one place. Hang one on its other edge, or open them in turn."),
                    List.of(pair[0].thing(), pair[1].thing())));
        }
    }
}
