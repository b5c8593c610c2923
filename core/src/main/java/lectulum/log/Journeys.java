package lectulum.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.Mode;
import lectulum.design.logbook.Journey;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Reads;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.packing.Changeover;
import lectulum.kernel.stores.Reserve;
import lectulum.kernel.upkeep.Hands;
import lectulum.kernel.upkeep.Practice;
import lectulum.kernel.upkeep.Rate;
import lectulum.layout.change.Setup;
import lectulum.power.Power;
import lectulum.units.Day;
import lectulum.units.Quantity;
import lectulum.water.WaterUse;

/// The trips that were made: what they used against the plan, what practice did to times, and who does what when camp is set up.
public final class Journeys {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("log-trips", "Trips made", Stage.LOG,
            Journeys::of).checking(JourneyRules.class, Journeys::remedies);
    private static final String SOURCE = "see docs/method/log.md";
    private static final double OFF = 0.15;
    private static final double MINUTE = 60;
    private static final double LEVEL = 6;
    private static final double JACKS = 5;

    private Journeys() {
    }

    private static List<Study> of(Reads in) {
        Design d = in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS,
                Design.Part.LOGBOOK);
        OptionalDouble energy = in.of(Power.DISCIPLINE).figures().find("power.day.use").map(f -> f.value())
                .orElse(OptionalDouble.empty());
        List<Study> all = new ArrayList<>();
        all.add(trips(d, energy));
        all.add(hands(d));
        return all;
    }

    /// The trips in the order of their days, those without one last.
    public static List<Journey> ordered(Design d) {
        return d.logbook().journeys().stream().sorted(Comparator.comparing(
                (Journey j) -> Day.iso(j.date()).orElse(LocalDate.MAX))).toList();
    }

    private static Study trips(Design d, OptionalDouble energy) {
        Study.Notebook book = new Study.Notebook("log-trips", Stage.LOG, "What the trips say of the plan", "");
        List<Journey> all = ordered(d);
        if (all.isEmpty()) {
            return book.note("No trip is written down yet. Nights, people and what was used are enough: the plan of"
                    + " water learns from them, and setting up gets a time.").done();
        }
        Sentence numbers = Sentence.of("{0} trips", all.size());
        book.figure("log.nights", "Nights away", all.stream().mapToDouble(Journey::nights).sum(), Quantity.NIGHTS, "Σ",
                numbers, SOURCE);
        water(d, all, book);
        energy(all, energy, book);
        sum(all, Journey::gas).ifPresent(g -> book.figure("log.gas", "Gas burned in a night",
                g / Math.max(1, nights(all, Journey::gas)), Quantity.SMALL_MASS, "Σ gas/Σ nights", numbers, SOURCE));
        practice(all, Journey::setup, "setup", "Setting up camp", book);
        practice(all, Journey::packing, "packing", "Packing", book);
        practice(all, Journey::striking, "striking", "Striking camp", book);
        return book.listing(table(all)).done();
    }

    /// The trips as a table for papers.
    public static Listing table(List<Journey> all) {
        Listing.Maker table = new Listing.Maker("").words("Trip", "began").numbers("nights", "people", "towed",
                "water");
        all.forEach(j -> table.row(j.name().isBlank() ? "trip" : j.name(), j.date().isBlank() ? "–" : j.date(),
                Amount.count(j.nights()), Amount.count(j.people()), new Amount(j.distance(), Quantity.DISTANCE),
                j.water().isPresent() ? Amount.litres(j.water().getAsDouble()) : "–"));
        return table.done();
    }

    private static OptionalDouble sum(List<Journey> all, Function<Journey, OptionalDouble> read) {
        double[] known = all.stream().map(read).filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble).toArray();
        return known.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(Arrays.stream(known).sum());
    }

    private static double nights(List<Journey> all, Function<Journey, OptionalDouble> read) {
        return all.stream().filter(j -> read.apply(j).isPresent()).mapToDouble(Journey::nights).sum();
    }

    /// Persons times nights, as water is used by the day between two mornings.
    private static double personDays(List<Journey> all, Function<Journey, OptionalDouble> read) {
        return all.stream().filter(j -> read.apply(j).isPresent()).mapToDouble(j -> j.people() * j.nights()).sum();
    }

    /// What the style of the brief plans for a person and a day \[m³\].
    private static double planned(Design d) {
        return WaterUse.styled(d).fresh() / Math.max(1, d.brief().people().size());
    }

    private static void water(Design d, List<Journey> all, Study.Notebook book) {
        double days = personDays(all, Journey::water);
        OptionalDouble used = sum(all, Journey::water);
        if (used.isEmpty() || days <= 0) {
            return;
        }
        double plan = planned(d);
        double rate = Rate.of(plan, used.getAsDouble(), days);
        book.figure("log.water", "Water of a person in a day, plan and trips together", rate, Quantity.VOLUME,
                "(plan · 6 + Σ used)/(6 + Σ persons · days)",
                Sentence.of("plan {0}; {1} in {2} person-days", Amount.litres(plan),
                        Amount.litres(used.getAsDouble()), Amount.count(days)),
                SOURCE);
        double now = WaterUse.of(d).fresh() / Math.max(1, d.brief().people().size());
        if (plan > 0 && now > 0 && Math.abs(rate / now - 1) > OFF) {
            book.say(JourneyRules.WATER, Severity.NOTE,
                    Sentence.of("A person uses {0} of water in a day, not {1}", Amount.litres(rate),
                            Amount.litres(now)),
                    Sentence.of("Your trips and the plan together; the plan counts as six person-days."));
        }
    }

    /// The edit after which the plan of Water is that of trips and plan together: a measured share, over the days of the trips, that makes
    /// it so. Empty where no trip tells of water.
    public static Optional<Edit> learnt(Design d) {
        List<Journey> all = ordered(d);
        double personDays = personDays(all, Journey::water);
        double plan = planned(d);
        if (personDays <= 0 || plan <= 0) {
            return Optional.empty();
        }
        double days = Math.max(1, Math.round(all.stream().filter(j -> j.water().isPresent())
                .mapToDouble(Journey::nights).sum()));
        double want = Rate.of(plan, sum(all, Journey::water).orElse(0), personDays) / plan;
        double before = 1 / (Reserve.PERSON * Reserve.PERSON);
        double trips = days / (Reserve.DAY * Reserve.DAY);
        double measured = (want * (before + trips) - before) / trips;
        return Optional.of(new Edit("Water as on the trips", x -> x.with(x.settings()
                .with(Assumption.WATER_MEASURED.id(), measured).with(Assumption.WATER_MEASURED_DAYS.id(), days))));
    }

    private static void energy(List<Journey> all, OptionalDouble planned, Study.Notebook book) {
        OptionalDouble used = sum(all, Journey::energy);
        double nights = nights(all, Journey::energy);
        if (used.isEmpty() || nights <= 0) {
            return;
        }
        double rate = used.getAsDouble() / nights;
        book.figure("log.energy", "Energy of a day, on the trips", rate, Quantity.ENERGY, "Σ used/Σ nights",
                Sentence.of("{0} in {1}", Amount.energy(used.getAsDouble()), Amount.nights(nights)), SOURCE);
        planned.ifPresent(p -> {
            if (p > 0 && Math.abs(rate / p - 1) > OFF) {
                book.say(JourneyRules.ENERGY, Severity.NOTE,
                        Sentence.of("A day used {0}, the plan says {1}", Amount.energy(rate), Amount.energy(p)),
                        Sentence.of("Look through the hours of what draws power: one of them is not as it was typed."));
            }
        });
    }

    private static void practice(List<Journey> all, Function<Journey, OptionalDouble> read, String id, String label,
            Study.Notebook book) {
        List<Double> times = all.stream().map(read).filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble).toList();
        Practice.of(times).ifPresent(p -> {
            Sentence numbers = Sentence.of("{0} times; {1} each time the number doubles", times.size(),
                    Amount.share(p.rate()));
            book.figure("log." + id + ".first", label + ", the first time", p.first(), Quantity.DURATION,
                    "Tₙ = T₁ nᵉ, least squares of logarithms", numbers, SOURCE);
            book.figure("log." + id + ".rate", label + ", each time the number doubles", p.rate(), Quantity.SHARE,
                    "2ᵉ", numbers, SOURCE);
            book.figure("log." + id + ".next", label + ", next time", p.next(), Quantity.DURATION, "T₁ (n + 1)ᵉ",
                    numbers, SOURCE);
        });
    }

    /// What is done to set up camp for the night, by what the design has; at least levelling and jacks.
    public static List<Hands.Step> steps(Design d) {
        List<Hands.Step> all = new ArrayList<>();
        all.add(new Hands.Step("level", LEVEL, 1, List.of()));
        all.add(new Hands.Step("jacks", JACKS, 1, List.of("level")));
        double one = Assumed.value(d, Assumption.CARRY_ONE);
        List<Setup> changes = Setup.all(d);
        camp(d, changes.get(0), "jacks", one, all);
        camp(d, changes.get(1), "jacks", one, all);
        return all;
    }

    private static void camp(Design d, Setup change, String first, double one, List<Hands.Step> all) {
        for (Changeover.Step s : change.order().steps()) {
            List<String> after = new ArrayList<>(List.of(first));
            s.after().forEach(a -> after.add(change.key() + " " + a));
            if (change.from() == Mode.CAMP) {
                after.add("road-camp " + s.id());
            }
            double mass = d.thing(s.id()).map(t -> t.mass().value()).orElse(0.0);
            all.add(new Hands.Step(change.key() + " " + s.id() + (s.park() ? " aside" : ""), s.minutes(),
                    mass > one ? 2 : 1, after));
        }
    }

    private static Study hands(Design d) {
        int people = Math.max(1, d.brief().people().size());
        List<Hands.Step> steps = steps(d);
        List<Hands.Turn> turns = Hands.of(steps, people);
        Study.Notebook book = new Study.Notebook("log-hands", Stage.LOG, "Who does what when camp is set up", "");
        Sentence numbers = Sentence.of("{0} steps, {1} people", steps.size(), people);
        double alone = Hands.whole(Hands.of(steps, 1));
        double together = Hands.whole(turns);
        book.figure("log.hands.alone", "Camp set up by one", alone * MINUTE, Quantity.DURATION, "Σ minutes", numbers,
                SOURCE);
        book.figure("log.hands.all", "By all together", together * MINUTE, Quantity.DURATION,
                "who is free takes the step behind which most is left", numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Step", "by").numbers("from minute", "to");
        for (Hands.Turn t : turns) {
            table.row(name(d, t.id()), who(d, t.who()), Amount.count(minutes(t.from())), Amount.count(minutes(t.to())));
        }
        turns.stream().max(Comparator.comparingDouble(t -> t.to() - t.from())).ifPresent(
                t -> book.note("What takes longest: {0}. It is the first to make easier.", name(d, t.id())));
        return book.listing(table.done()).done();
    }

    private static double minutes(double m) {
        return Math.round(2 * m) / 2.0;
    }

    private static String name(Design d, String step) {
        if (step.equals("level")) {
            return "Level and chock the wheels";
        }
        if (step.equals("jacks")) {
            return "Let the jacks down";
        }
        String id = step.substring(step.indexOf(' ') + 1).replace(" aside", "");
        String what = Setup.name(d, id);
        return step.startsWith("camp-night") ? what + ", for the night" : what;
    }

    private static String who(Design d, List<Integer> who) {
        return String.join(", ", who.stream().map(i -> {
            String name = i < d.brief().people().size() ? d.brief().people().get(i).name() : "";
            return name.isBlank() ? "person " + (i + 1) : name;
        }).toList());
    }

    private static Stream<Remedy> remedies(Known known, JourneyRules rule, Finding finding) {
        return switch (rule) {
            case WATER -> learnt(known.design()).stream()
                    .map(edit -> Remedy.measured(Sentence.of("Plan with it"), edit));
            case ENERGY -> Stream.empty();
        };
    }

    /// Things that were used on the last trips of which that was looked at, as a part of these.
    static List<Journey> lookedAt(Design d) {
        return ordered(d).stream().filter(j -> !j.used().isEmpty()).toList();
    }

    /// How often in a row, until the last trip, a thing was not used; 0 where no trip was looked at.
    static int unused(Design d, Thing t) {
        List<Journey> trips = lookedAt(d);
        int n = 0;
        for (int i = trips.size() - 1; i >= 0 && !trips.get(i).used().contains(t.id()); i--) {
            n++;
        }
        return n;
    }
}
