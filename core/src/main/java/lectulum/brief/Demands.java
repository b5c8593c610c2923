package lectulum.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Balance;
import lectulum.balance.Limit;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Kept;
import lectulum.design.brief.Person;
import lectulum.design.brief.SecondUse;
import lectulum.design.brief.Travel;
import lectulum.design.brief.Wish;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.Working;
import lectulum.kernel.bodies.Needs;
import lectulum.layout.FreeFloor;
import lectulum.layout.Room;
import lectulum.layout.outside.Extent;
import lectulum.layout.people.People;
import lectulum.layout.people.Sleeping;
import lectulum.money.Money;
import lectulum.power.Power;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.units.Quantity;
import lectulum.water.Water;

/// Every line of the brief held against the camper: what is wanted, what is there, what lacks.
///
/// A line that another page judges too is taken from there and gives no second finding. Nobody in the brief asks nothing of
/// beds and heights; that is said.
public record Demands(List<Demand> all, Figures figures, List<Finding> findings) implements Result {

    public static final Discipline<Demands> DISCIPLINE = new Discipline<>("demands", "What the brief asks",
            Stage.BRIEF, Discipline.Pace.REST, in -> new Reader(in).read(),
            () -> new Demands(List.of(), Figures.NONE, List.of())).checking(BriefRules.class, BriefRemedies::of);

    /// Nights outside below this want heat, above this moving air \[°C\] (assumed).
    private static final double COLD = 6;
    private static final double HOT = 22;
    /// Looks of what is folded up on the road, whatever height it is drawn with.
    private static final Set<String> FOLDED_UP = Set.of("jacks", "jack", "jockey-wheel", "step", "step-double",
            "rear-step", "ladder");

    /// Whether all are met.
    public boolean met() {
        return all.stream().allMatch(Demand::met);
    }

    /// Those that are not, worst first.
    public List<Demand> unmet() {
        return all.stream().filter(d -> !d.met())
                .sorted((a, b) -> Double.compare(b.lack(), a.lack())).toList();
    }

    private static final class Reader {
        private final Reads in;
        private final Design design;
        private final Brief brief;
        private final List<Demand> all = new ArrayList<>();
        private final List<Finding> findings = new ArrayList<>();

        Reader(Reads in) {
            this.in = in;
            this.design = in.design(Design.Part.values());
            this.brief = design.brief();
        }

        Demands read() {
            beds();
            height();
            supplies();
            seasons();
            tow();
            tongue();
            money();
            kept();
            ground();
            dogs();
            wishes();
            nights();
            uses();
            Excluding.of(design).forEach(e -> say(BriefRules.BRIEF_EXCLUDES, Subject.part(e.id()), Severity.WARN,
                    e.title(), e.detail()));
            long met = all.stream().filter(Demand::met).count();
            Figure figure = Figure.of("brief.demands.met", "Demands of the brief that are met", met, Quantity.COUNT,
                    new Working("count", Sentence.of("{0} of {1}", met, all.size()),
                            all.stream().filter(d -> !d.met()).map(Demand::says).toList(), "brief"));
            return new Demands(List.copyOf(all), Figures.of(List.of(figure, done())), List.copyOf(findings));
        }

        private void say(BriefRules rule, Subject about, Severity severity, Sentence title, Sentence detail) {
            findings.add(Finding.of(rule, about, severity, title, detail, List.of()));
        }

        private void beds() {
            List<Person> people = brief.people();
            if (people.isEmpty()) {
                say(BriefRules.BRIEF_NOBODY, Subject.WHOLE, Severity.NOTE, Sentence.of("Nobody sleeps in it yet"),
                        Sentence.of("Add who travels: beds, heights, water and payload are judged by them."));
                return;
            }
            Sleeping s = in.of(People.DISCIPLINE).sleeping();
            long with = s.where().stream().filter(OptionalInt::isPresent).count();
            all.add(Demand.judged("beds", "who travels", Sentence.of("{0} asleep", people.size()),
                    Sentence.of("beds for {0}", with), with == people.size(),
                    (people.size() - with) / (double) people.size(),
                    Sentence.of("{0} without a bed", people.size() - with)));
            double worst = 0;
            String whose = "";
            for (int i = 0; i < people.size(); i++) {
                Optional<Sleeping.Nest> nest = s.of(i);
                double lack = nest.map(n -> n.bed().length()).orElse(Double.MAX_VALUE);
                double need = new Needs(people.get(i).height()).lyingLeast();
                if (need - lack > worst + 1e-9) {
                    worst = need - lack;
                    whose = people.get(i).name();
                }
            }
            all.add(Demand.judged("lying", "heights", Sentence.of("long enough for each"),
                    Sentence.of("all can stretch out"), worst <= 0, worst / brief.tallest(),
                    Sentence.of("{0} too short for {1}", Amount.m(worst), whose)));
        }

        private void height() {
            double tallest = brief.tallest();
            if (tallest <= 0 || brief.headroom() == Headroom.LYING) {
                return;
            }
            if (brief.headroom() == Headroom.STANDING) {
                Body camp = in.of(Bodies.DISCIPLINE).in(Mode.CAMP);
                double roof = camp.open() ? 0 : camp.roofInside().highest();
                double need = new Needs(tallest).standing();
                boolean met = roof >= need - 1e-9;
                all.add(Demand.judged("stand", "headroom", Sentence.of("{0} inside", Amount.m(need)),
                        Sentence.of("{0}", Amount.m(roof)), met, (need - roof) / need,
                        camp.open()
                                ? Sentence.of("no inside to stand in")
                                : Sentence.of("{0} too low to stand", Amount.m(need - roof))));
                if (!met) {
                    say(BriefRules.BRIEF_STAND, Subject.WHOLE, Severity.WARN,
                            Sentence.of("The tallest cannot stand inside, as the brief wants"),
                            camp.open()
                                    ? Sentence.of("An open tray has no inside.")
                                    : Sentence.of(
                                            "{0} at the highest place in camp; {1} is needed. A lifting roof gives it without"
                                                    + " height on the road.",
                                            Amount.m(roof), Amount.m(need)));
                }
                return;
            }
            Sleeping s = in.of(People.DISCIPLINE).sleeping();
            double worst = 0;
            String whose = "";
            for (int i = 0; i < brief.people().size(); i++) {
                double need = new Needs(brief.people().get(i).height()).sitUp();
                double lack = s.of(i).map(n -> need - n.sit()).orElse(0.0);
                if (lack > worst + 1e-9) {
                    worst = lack;
                    whose = brief.people().get(i).name();
                }
            }
            all.add(Demand.judged("sit", "headroom", Sentence.of("all sit up in bed"), Sentence.of("all do"),
                    worst <= 0, worst / tallest, Sentence.of("{0} too low over {1}", Amount.m(worst), whose)));
        }

        private void supplies() {
            double wanted = brief.nights();
            double power = figure(in.of(Power.DISCIPLINE).figures(), "power.nights");
            double water = figure(in.of(Water.DISCIPLINE).figures(), "water.days");
            all.add(Demand.judged("power", "nights per trip", Sentence.of("{0} off grid", Amount.nights(wanted)),
                    Sentence.of("{0}", Amount.nights(power)), power >= wanted - 1e-9, 1 - power / wanted,
                    Sentence.of("{0} short of power", Amount.nights(wanted - power))));
            if (!brief.people().isEmpty()) {
                all.add(Demand.judged("water", "nights per trip", Sentence.of("{0} of water", Amount.days(wanted)),
                        Sentence.of("{0}", Amount.days(water)), water >= wanted - 1e-9, 1 - water / wanted,
                        Sentence.of("{0} short of water", Amount.days(wanted - water))));
            }
        }

        private void seasons() {
            Seasons.darkest(brief).ifPresent(month -> {
                boolean met = Seasons.judgedByDarkest(brief);
                double share = Seasons.share(brief, month);
                all.add(Demand.judged("season", "seasons", Sentence.of("power in {0}", Seasons.name(month)),
                        Sentence.of("judged by {0}", Seasons.name(brief.month())), met, 1 - share,
                        Sentence.of("judged by {0}, which is brighter", Seasons.name(brief.month()))));
                if (!met) {
                    say(BriefRules.BRIEF_SEASON, Subject.WHOLE, Severity.NOTE,
                            Sentence.of("It is judged by {0}, and {1} is travelled too", Seasons.name(brief.month()),
                                    Seasons.name(month)),
                            Sentence.of(
                                    "A panel gives about {0} as much then. Nights off grid are those of the month of the"
                                            + " brief.",
                                    Amount.share(Math.rint(share * 100) / 100)));
                }
            });
        }

        private static double figure(Figures figures, String id) {
            return figures.find(id).map(f -> f.value().orElse(0)).orElse(0.0);
        }

        private void tow() {
            Optional<LoadedState> loaded = in.of(Balance.DISCIPLINE).state(LoadCase.DEPARTURE.id());
            Optional<Limit> worst = loaded.stream().flatMap(s -> s.limits().stream())
                    .filter(l -> !l.rating().trailer())
                    .min(java.util.Comparator.comparingDouble(Limit::margin));
            if (worst.isEmpty()) {
                return;
            }
            Limit l = worst.get();
            all.add(Demand.judged("tow", "tow vehicle",
                    Sentence.of("{0} {1} at most", l.rating().label(), Amount.kg(l.rated())),
                    Sentence.of("{0}", Amount.kg(l.load())), l.margin() >= 0, -l.margin(),
                    Sentence.of("{0} over {1}", Amount.kg(-l.left()), l.rating().label())));
        }

        /// The share on the ball on every trip, by the school of the brief.
        private void tongue() {
            double low = brief.tongueLow();
            double high = brief.tongueHigh();
            Optional<LoadedState> worst = in.of(Balance.DISCIPLINE).states().stream()
                    .filter(s -> s.trip() && Double.isFinite(s.share()))
                    .max(java.util.Comparator.comparingDouble(s -> Math.max(low - s.share(), s.share() - high)));
            worst.ifPresent(s -> all.add(Demand.judged("tongue", "tongue school",
                    Sentence.of("{0} to {1} on the ball, every trip", Amount.share(low), Amount.share(high)),
                    Sentence.of("every trip is in it"), s.share() >= low - 1e-9 && s.share() <= high + 1e-9,
                    Math.max(low - s.share(), s.share() - high) / high,
                    Sentence.of("{0} in {1}", Amount.share(s.share()), s.loadCase().name()))));
        }

        private void money() {
            double forecast = figure(in.of(Money.DISCIPLINE).figures(), "money.forecast");
            brief.budget().ifPresent(budget -> all.add(Demand.judged(Demand.BUDGET, "budget",
                    Sentence.of("{0} at most", Amount.money(budget)), Sentence.of("{0}", Amount.money(forecast)),
                    forecast <= budget, forecast / budget - 1,
                    Sentence.of("{0} over", Amount.money(forecast - budget)))));
        }

        /// When it could be done: by own time, and by the money a month.
        private Figure done() {
            double forecast = figure(in.of(Money.DISCIPLINE).figures(), "money.forecast");
            double paid = figure(in.of(Money.DISCIPLINE).figures(), "money.paid");
            double weeks = hours(design) / brief.effort().hours();
            double byTime = weeks / 4.348;
            double byMoney = brief.effort().monthly().isPresent()
                    ? Math.max(0, forecast - paid) / brief.effort().monthly().getAsDouble()
                    : 0;
            if (byMoney > 1.5 * byTime + 1) {
                say(BriefRules.BRIEF_MONTHS, Subject.WHOLE, Severity.NOTE,
                        Sentence.of("Money decides when it is done, not time"),
                        Sentence.counted((long) Math.ceil(byMoney),
                                "A month of money, {1} of own time. A cheaper start that is usable earlier is the"
                                        + " usual way out.",
                                "{0} months of money, {1} of own time. A cheaper start that is usable earlier is the"
                                        + " usual way out.",
                                Amount.count(Math.ceil(byTime))));
            }
            return Figure.of("brief.months", "Months until it is done, at least",
                    Math.ceil(2 * Math.max(byTime, byMoney)) / 2,
                    Quantity.COUNT,
                    new Working("larger of own time/time a week and money/money a month",
                            Sentence.of("{0} of own time at {1} a week; {2} still to pay", Amount.hours(hours(design)),
                                    Amount.hours(brief.effort().hours()), Amount.money(Math.max(0, forecast - paid))),
                            List.of(Sentence.of("Own time is assumed by what a thing is, ± 40 %.")),
                            "assumed; see docs/method/brief.md"));
        }

        private void kept() {
            Kept kept = brief.kept();
            Extent e = Extent.of(design, in.of(Bodies.DISCIPLINE).road());
            kept.height().ifPresent(h -> all.add(held("door", "where it is kept", Sentence.of("under {0}", Amount.m(h)),
                    Sentence.of("{0} unloaded", Amount.m(e.stands())), h, e.overDoor(h), "{0} too high for the door")));
            kept.width()
                    .ifPresent(w -> all.add(held("width", "where it is kept", Sentence.of("through {0}", Amount.m(w)),
                            Sentence.of("{0} wide", Amount.m(e.width())), w, e.besideDoor(w), "{0} too wide")));
            kept.length().ifPresent(l -> all.add(held("length", "where it is kept", Sentence.of("in {0}", Amount.m(l)),
                    Sentence.of("{0} long", Amount.m(e.length())), l, e.length() - l, "{0} too long")));
            kept.branch().ifPresent(b -> all.add(held("branch", "lowest branch", Sentence.of("under {0}", Amount.m(b)),
                    Sentence.of("{0} high", Amount.m(e.height())), b, e.height() - b, "{0} too high")));
        }

        private static Demand held(String id, String line, Sentence asks, Sentence is, double of, double lacks,
                String words) {
            return Demand.judged(id, line, asks, is, lacks <= 1e-9, lacks / of, Sentence.of(words, Amount.m(lacks)));
        }

        /// The lowest part between the wheels: floor, frame, or what hangs under it.
        private void ground() {
            Travel travel = brief.travel();
            Base base = design.base();
            double deep = base.carcass().frame().map(f -> f.rails().height()).orElse(0.0);
            double low = base.floorHeight() - base.floor() - deep;
            for (Thing t : design.things()) {
                if (t.mount() == Mount.OUTSIDE && t.place().x() > 0 && !t.place().away()
                        && !FOLDED_UP.contains(t.symbol())) {
                    low = Math.min(low, base.floorHeight() + t.place().z());
                }
            }
            double wanted = travel.terrain().clearance();
            boolean met = low >= wanted - 1e-9;
            double there = low;
            all.add(Demand.judged("ground", "terrain", Sentence.of("{0} clear on a {1}", Amount.m(wanted),
                    travel.terrain().label()), Sentence.of("{0}", Amount.m(low)), met, (wanted - low) / wanted,
                    Sentence.of("{0} too low", Amount.m(wanted - low))));
            if (!met) {
                say(BriefRules.BRIEF_CLEARANCE, Subject.WHOLE, Severity.WARN,
                        Sentence.of("It hangs low for a {0}", travel.terrain().label()),
                        Sentence.of("The lowest part is {0} above the ground; {1} is wanted there.", Amount.m(there),
                                Amount.m(wanted)));
            }
        }

        private void dogs() {
            Room night = brief.dogs().isEmpty() ? null : in.of(Room.in(Mode.NIGHT));
            for (Dog dog : brief.dogs()) {
                boolean met = FreeFloor.find(night, dog.lies(), dog.lair(), Dog.OVER).isPresent();
                all.add(Demand.judged("dog." + dog.id(), "dogs",
                        Sentence.of("{0} by {1} of floor for {2}", Amount.m(dog.lies()), Amount.m(dog.lair()),
                                dog.name()),
                        Sentence.of("it is there at night"), met, 1, Sentence.of("no floor for {0}", dog.name())));
                if (!met) {
                    say(BriefRules.BRIEF_DOG, Subject.person(dog.id()), Severity.NOTE,
                            Sentence.of("{0} has no place to lie at night", dog.name()),
                            Sentence.of("{0} by {1} of free floor is wanted; nowhere inside is so much.",
                                    Amount.m(dog.lies()), Amount.m(dog.lair())));
                }
            }
        }

        private void wishes() {
            Abilities had = in.of(Tiers.DISCIPLINE).had();
            for (Ability ability : Ability.values()) {
                Wish wish = brief.wish(ability);
                boolean given = had.given().contains(ability);
                String id = ability.name().toLowerCase(Locale.ROOT).replace('_', '-');
                if (wish == Wish.MUST) {
                    all.add(Demand.judged("must." + id, "must", Sentence.of("{0}", ability.label()),
                            Sentence.of("it can"), given, 1, Sentence.of("cannot: {0}", ability.label())));
                }
                if (wish == Wish.MUST && !given) {
                    say(BriefRules.BRIEF_MUST, Subject.part(id), Severity.WARN,
                            Sentence.of("It cannot do what it must: {0}", ability.label()),
                            Sentence.of("Brief, Wishes says what would give it and what that takes."));
                }
                if (wish == Wish.NOT && given && ability != Ability.STAND_UP) {
                    say(BriefRules.BRIEF_NOT, Subject.part(id), Severity.NOTE,
                            Sentence.of("It can do what is not wanted: {0}", ability.label()),
                            Sentence.of("Brief, Wishes says what leaving it out saves."));
                }
            }
        }

        private void nights() {
            Abilities had = in.of(Tiers.DISCIPLINE).had();
            brief.travel().coldest().ifPresent(t -> {
                boolean met = t >= COLD || had.given().contains(Ability.HEAT);
                all.add(Demand.judged("cold", "coldest night", Sentence.of("pleasant at {0}", temperature(t)),
                        Sentence.of(t >= COLD ? "mild enough without heat" : "there is heat"), met, 1,
                        Sentence.of("no heat")));
                if (!met) {
                    say(BriefRules.BRIEF_COLD, Subject.WHOLE, Severity.WARN,
                            Sentence.of("There is no heat for the coldest night"),
                            Sentence.of(
                                    "The brief wants it pleasant at {0}. Heat with a flame wants its exhaust outside,"
                                            + " air from outside and an alarm.",
                                    temperature(t)));
                }
            });
            brief.travel().hottest().ifPresent(t -> {
                boolean met = t <= HOT || had.given().contains(Ability.AIR)
                        || had.given().contains(Ability.COOLING);
                all.add(Demand.judged("hot", "hottest night", Sentence.of("pleasant at {0}", temperature(t)),
                        Sentence.of(t <= HOT ? "cool enough by itself" : "air is moved or cooled"), met, 1,
                        Sentence.of("neither fan nor cooling")));
                if (!met) {
                    say(BriefRules.BRIEF_HOT, Subject.WHOLE, Severity.WARN,
                            Sentence.of("Nothing moves the air in the hottest night"),
                            Sentence.of("The brief wants it pleasant at {0}; a fan is the least.", temperature(t)));
                }
            });
        }

        private static Amount temperature(double celsius) {
            return new Amount(celsius, Quantity.TEMPERATURE);
        }

        private void uses() {
            for (SecondUse use : brief.uses()) {
                String id = use.kind().name().toLowerCase(Locale.ROOT);
                if (use.length() > 0 && use.width() > 0) {
                    Design empty = design.withThings(design.things().stream()
                            .filter(t -> t.role() == Role.BUILT_IN && t.fix() == lectulum.design.thing.Fix.FIXED
                                    || t.mount() == Mount.SET_IN)
                            .toList());
                    Room road = Room.of(empty, in.of(Bodies.DISCIPLINE).road(), Mode.ROAD);
                    boolean met = FreeFloor.find(road, use.length(), use.width(), 1.0).isPresent();
                    all.add(Demand.judged("use." + id + ".floor", use.kind().label(),
                            Sentence.of("{0} by {1} of floor", Amount.m(use.length()), Amount.m(use.width())),
                            Sentence.of("it is free once what is loose is out"), met, 1,
                            Sentence.of("that much floor is never free")));
                    if (!met) {
                        say(BriefRules.BRIEF_FLOOR, Subject.part(id), Severity.NOTE,
                                Sentence.of("No free floor for {0}", use.kind().label()),
                                Sentence.of(
                                        "{0} by {1} is wanted with all that is loose taken out; what is fixed is in the"
                                                + " way.",
                                        Amount.m(use.length()), Amount.m(use.width())));
                    }
                }
                payload(use, id);
                long anchors = design.things().stream()
                        .filter(t -> t.symbol().equals("ring") || t.symbol().equals("track"))
                        .mapToLong(t -> t.symbol().equals("track") ? 2 : 1).sum();
                if (use.anchors() > 0) {
                    boolean met = anchors >= use.anchors();
                    all.add(Demand.judged("use." + id + ".anchors", use.kind().label(),
                            Sentence.of("{0} lashing points", use.anchors()), Sentence.of("{0}", anchors), met,
                            1 - anchors / (double) use.anchors(), Sentence.of("{0} too few", use.anchors() - anchors)));
                    if (!met) {
                        say(BriefRules.BRIEF_ANCHORS, Subject.part(id), Severity.NOTE,
                                Sentence.of("Too few lashing points for {0}", use.kind().label()),
                                Sentence.of("{0} of {1}. Rings belong into the frame or through two cross-members.",
                                        anchors, use.anchors()));
                    }
                }
            }
        }

        /// What it carries with all that is loose at home.
        private void payload(SecondUse use, String id) {
            Optional<Double> gross = design.base().rating(Rating.GROSS_PLATE).stream().boxed().findFirst();
            if (use.payload() <= 0 || gross.isEmpty()) {
                return;
            }
            double dry = LoadedState.of(design, design.loadCase(LoadCase.DRY.id())).mass();
            double can = gross.get() - dry;
            boolean met = can >= use.payload();
            all.add(Demand.judged("use." + id + ".payload", use.kind().label(),
                    Sentence.of("{0} of payload", Amount.kg(use.payload())), Sentence.of("{0}", Amount.kg(can)), met,
                    1 - can / use.payload(), Sentence.of("{0} short", Amount.kg(use.payload() - can))));
            if (!met) {
                say(BriefRules.BRIEF_PAYLOAD, Subject.part(id), Severity.NOTE,
                        Sentence.of("Too little payload for {0}", use.kind().label()),
                        Sentence.of("{0} to the gross plate with all that is loose at home; {1} is wanted.",
                                Amount.kg(can), Amount.kg(use.payload())));
            }
        }
    }

    /// Own time for everything, the base too \[s\].
    public static double hours(Design design) {
        return Tiers.hours(design) + Assumed.value(design, Assumption.HOURS_BASE);
    }
}
