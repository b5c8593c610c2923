package lectulum.layout.people;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.DoubleStream;
import lectulum.assumed.Growth;
import lectulum.design.Design;
import lectulum.design.brief.Person;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Rule;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.kernel.bodies.DiagonalBed;
import lectulum.kernel.bodies.Needs;
import lectulum.units.Quantity;

/// What beds and heights give to say.
final class PeopleFindings {
    private final Design design;
    private final People found;
    private final List<Finding> all = new ArrayList<>();

    private PeopleFindings(Design design, People found) {
        this.design = design;
        this.found = found;
    }

    static List<Finding> of(Design design, People found) {
        PeopleFindings f = new PeopleFindings(design, found);
        f.beds();
        f.growth();
        f.all.addAll(found.comfort().findings());
        return List.copyOf(f.all);
    }

    private void say(Rule rule, Severity severity, Sentence title, Sentence detail, List<String> things) {
        say(rule, Subject.WHOLE, severity, title, detail, things);
    }

    private void say(Rule rule, Subject about, Severity severity, Sentence title, Sentence detail,
            List<String> things) {
        all.add(Finding.of(rule, about, severity, title, detail, things));
    }

    private void beds() {
        List<Person> people = design.brief().people();
        Sleeping s = found.sleeping();
        long without = s.where().stream().filter(OptionalInt::isEmpty).count();
        if (without > 0) {
            boolean none = s.nests().isEmpty();
            say(PeopleRules.SLEEP_CAPACITY, none ? Severity.NOTE : Severity.STOP,
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
            say(PeopleRules.SLEEP_LENGTH, Subject.sleeper(n.thing(), p.id()), Severity.WARN,
                    Sentence.of("{0} is {1} too short for {2}", n.name(), Amount.m(missing), p.name()),
                    join("It is {0} long; a {1} sleeper needs {2}. ", turned, Amount.m(n.bed().length()),
                            Amount.m(p.height()), Amount.m(needs.lyingLeast())),
                    List.of(n.thing()));
        }
        double low = needs.sitUp() - n.sit();
        if (low > 1e-9) {
            boolean crawl = n.sit() < 0.45;
            say(PeopleRules.SLEEP_SIT, Subject.sleeper(n.thing(), p.id()), crawl ? Severity.WARN : Severity.NOTE,
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
        int index = found.sleeping().nests().indexOf(n);
        double comfort = 0;
        List<String> names = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            if (found.sleeping().where().get(i).equals(OptionalInt.of(index))) {
                comfort += new Needs(people.get(i).height()).bedWidthComfort();
                names.add(people.get(i).name());
            }
        }
        if (comfort > n.bed().width() + 1e-9) {
            say(PeopleRules.SLEEP_WIDTH, Subject.thing(n.thing()), Severity.NOTE,
                    Sentence.of("{0} is narrow", n.name()),
                    Sentence.of("{0} would sleep in comfort on {1}; it is {2} wide.", String.join(" and ", names),
                            Amount.m(comfort), Amount.m(n.bed().width())),
                    List.of(n.thing()));
        }
    }

    /// Children grow: who will be too long for the bed in two and in five years, and in the years of use of the brief.
    private void growth() {
        List<Person> people = design.brief().people();
        double use = design.brief().travel().years();
        double[] ahead = DoubleStream.of(2, 5, use).filter(y -> y > 0).sorted().distinct().toArray();
        for (int i = 0; i < people.size(); i++) {
            Person p = people.get(i);
            Optional<Sleeping.Nest> nest = found.sleeping().of(i);
            if (nest.isEmpty() || !Growth.grows(p) && p.later().isEmpty()
                    || new Needs(p.height()).lyingLeast() > nest.get().bed().length() + 1e-9) {
                continue;
            }
            for (double years : ahead) {
                double tall = Growth.stature(p, years, use);
                if (new Needs(tall).lyingLeast() > nest.get().bed().length() + 1e-9) {
                    say(PeopleRules.SLEEP_GROWTH, Subject.person(p.id()), Severity.NOTE,
                            Sentence.of(years == 1 ? "In a year {1} outgrows {2}" : "In {0} years {1} outgrows {2}",
                                    Amount.count(years), p.name(), nest.get().name()),
                            Sentence.of("About {0} tall by then, {1} of bed is needed and {2} is there.",
                                    Amount.m(tall),
                                    Amount.m(new Needs(tall).lyingLeast()), Amount.m(nest.get().bed().length())),
                            List.of(nest.get().thing()));
                    break;
                }
            }
        }
    }
}
