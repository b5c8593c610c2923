package lectulum.layout.change;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
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
import lectulum.kernel.packing.Changeover;
import lectulum.units.Quantity;

/// The changes of a day from mode to mode.
///
/// @param setups in their order
public record ChangeOvers(List<Setup> setups, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<ChangeOvers> DISCIPLINE = new Discipline<>("change", "The change-over",
            Stage.LAYOUT, Discipline.Pace.REST, ChangeOvers::of,
            () -> new ChangeOvers(List.of(), Figures.NONE, List.of())).checking(ChangeRules.class);

    private static ChangeOvers of(Reads in) {
        Design design = in.design(Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS);
        List<Setup> setups = Setup.all(design);
        Rules rules = new Rules(design, setups, new ArrayList<>());
        rules.change();
        return new ChangeOvers(setups, figures(setups), List.copyOf(rules.all));
    }

    private static Figures figures(List<Setup> setups) {
        List<Figure> all = new ArrayList<>();
        for (Setup s : setups) {
            double minutes = s.order().minutes();
            Working how = new Working("Σ minutes of every step",
                    Sentence.counted(s.order().steps().size(), "One step, {1} put outside on the way",
                            "{0} steps, {1} put outside on the way",
                            s.order().parked().size()),
                    List.of(Sentence.of("Two people: {0}.", Amount.hours(60 * s.order().minutes(2)))),
                    "assumed minutes, or the user's own");
            all.add(Figure.of("layout.change." + s.key() + ".steps", "Steps, " + title(s), s.order().steps().size(),
                    Quantity.COUNT, how));
            all.add(Figure.of("layout.change." + s.key() + ".minutes", "Time, " + title(s), 60 * minutes,
                    Quantity.DURATION, how));
        }
        return Figures.of(all);
    }

    private static String title(Setup s) {
        return s.from().label() + " to " + s.to().label();
    }

    private record Rules(Design design, List<Setup> setups, List<Finding> all) {
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

        private void change() {
            double budget = Assumed.value(design, Assumption.CHANGE_BUDGET);
            double camp = setups.stream().filter(s -> s.from().compareTo(s.to()) < 0)
                    .mapToDouble(s -> 60 * s.order().minutes()).sum();
            if (camp > budget) {
                say(ChangeRules.CHANGE_TIME, Severity.NOTE, Sentence.of("Making camp takes {0}", Amount.hours(camp)),
                        Sentence.of("You want {0}. The longest steps are worth a place of their own, or a helper.",
                                Amount.hours(budget)),
                        List.of());
            }
            for (Setup s : setups) {
                for (String parked : s.order().parked()) {
                    say(ChangeRules.CHANGE_RING, Subject.part(s.key() + "." + parked), Severity.WARN,
                            Sentence.of("{0} has to be put outside to change from {1}", name(parked),
                                    title(s)),
                            Sentence.of("Things wait for each other's places. Setting it aside costs {0} more.",
                                    Amount.hours(60 * minutes(s, parked))),
                            List.of(parked));
                }
            }
            setups.stream().flatMap(s -> s.moves().stream()).map(Changeover.Move::id).distinct()
                    .flatMap(id -> design.thing(id).stream()).filter(t -> Setup.takesTwo(design, t))
                    .forEach(t -> say(ChangeRules.CHANGE_HEAVY, Subject.thing(t.id()), Severity.NOTE,
                            Sentence.of("{0} takes two people to move", t.name()),
                            Sentence.of("It weighs {0}; one person carries {1}.", Amount.kg(t.mass().value()),
                                    Amount.kg(Assumed.value(design, Assumption.CARRY_ONE))),
                            List.of(t.id())));
        }

        private static double minutes(Setup s, String id) {
            return s.order().steps().stream().filter(x -> x.id().equals(id)).mapToDouble(Changeover.Step::minutes)
                    .findFirst().orElse(0);
        }
    }
}
