package lectulum.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.fuel.Flames;
import lectulum.kernel.fuel.Fuel;
import lectulum.kernel.heat.Steady;
import lectulum.units.Quantity;
import lectulum.weather.Outside;

/// Heating: what the coldest night asks, what the heater holds, and the night hour by hour with vents open and shut.
public final class WarmthStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("air-heat", "Warmth", Stage.AIR,
            in -> of(in.seeing(Vents::seen, Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS), in.of(Cabin.DISCIPLINE)))
            .checking(WarmthRules.class, WarmthStudies::remedies);
    private static final double EVENING = 18;
    private static final String SOURCE = "steady loss and two nodes; see docs/method/air.md";

    private WarmthStudies() {
    }

    /// What the heaters of a design give together \[W\].
    static double most(Design d) {
        return heaters(d).stream().mapToDouble(t -> t.feature(Aired.RoomHeater.class).orElseThrow().most()).sum();
    }

    static List<Thing> heaters(Design d) {
        return d.things().stream().filter(t -> t.has(Aired.RoomHeater.class))
                .sorted(Comparator.comparingDouble(t -> -t.feature(Aired.RoomHeater.class).orElseThrow().most()))
                .toList();
    }

    static List<Study> of(Design d, Cabin c) {
        if (c.open() || !c.known()) {
            return List.of(new Study.Notebook("air-heat", Stage.AIR, "Warmth", "")
                    .note(c.open()
                            ? "There is no cabin to keep warm: the body is open."
                            : "Say first what the walls are built of, under Walls.")
                    .done());
        }
        return List.of(steady(d, c), night(d, c));
    }

    private static Study steady(Design d, Cabin c) {
        Study.Notebook book = new Study.Notebook("air-heat", Stage.AIR, "The coldest night, held for ever", "");
        double in = Assumed.value(d, Assumption.AIR_DAY);
        double out = Outside.coldest(d);
        Steady s = c.steady(true);
        double people = Sleepers.of(d.brief(), Sleepers.Doing.SEATED).heat();
        double load = s.load(in, out);
        book.figure("air.heat.load", "Lost in the coldest night", load, Quantity.POWER, "(walls + air) (Ti − Te)",
                Sentence.of("{0} from {1} to {2}", new Amount(s.all(), Quantity.HEAT_LOSS),
                        new Amount(in, Quantity.TEMPERATURE), new Amount(out, Quantity.TEMPERATURE)),
                SOURCE);
        book.figure("air.heat.running", "With the people in it", s.running(in, out, people), Quantity.POWER,
                "lost − people", Sentence.of("{0} of people", Amount.watt(people)), SOURCE);
        book.figure("air.heat.size", "Heater to buy", s.size(in, out), Quantity.POWER, "1.25 × lost",
                Sentence.of("a quarter to warm up with"), "assumed");
        List<Thing> heaters = heaters(d);
        double most = most(d);
        book.figure("air.heat.alone", "People alone warm it by (K)", people / Math.max(1e-9, s.all()), Quantity.COUNT,
                "people / loss", Sentence.of("kelvins over outside"), SOURCE);
        if (heaters.isEmpty()) {
            book.note("No heater is aboard: it ends {0} above outside. Give one its power on its card (a room heater).",
                    Sentence.of("{0} K", Amount.count(people / s.all())));
        } else {
            heater(d, s, book, heaters.getFirst(), most, people, in, out);
        }
        Listing.Maker table = new Listing.Maker("By the weather").numbers("outside", "lost", "heater to buy");
        for (double t = Math.min(out, 10); t <= 10; t += 5) {
            table.row(new Amount(t, Quantity.TEMPERATURE), Amount.watt(s.load(in, t)), Amount.watt(s.size(in, t)));
        }
        book.listing(table.done());
        return book
                .caution("Heaters that burn need their air and their smoke outside. A carbon monoxide alarm at sleeping"
                        + " height, always.")
                .done();
    }

    private static void heater(Design d, Steady s, Study.Notebook book, Thing first, double most, double people,
            double in, double out) {
        Aired.RoomHeater h = first.feature(Aired.RoomHeater.class).orElseThrow();
        double down = s.holdsDownTo(in, most, people);
        book.figure("air.heat.down", "The heaters hold it down to", down, Quantity.TEMPERATURE,
                "Ti − (P + people) / loss", Sentence.of("{0} of {1}", Amount.watt(most), first.name()), SOURCE);
        book.figure("air.heat.reaches", "In the coldest night they reach", s.reaches(out, most, people),
                Quantity.TEMPERATURE, "Te + (P + people) / loss", Sentence.of("all of {0}", Amount.watt(most)), SOURCE);
        if (most + people < s.load(in, out)) {
            book.say(WarmthRules.HEATER, Severity.WARN,
                    Sentence.of("{0} holds {1} down to {2} outside", first.name(),
                            new Amount(in, Quantity.TEMPERATURE), new Amount(down, Quantity.TEMPERATURE)),
                    Sentence.of("In the coldest night of {0} the room reaches {1}: {2} is lost, {3} come from it.",
                            new Amount(out, Quantity.TEMPERATURE),
                            new Amount(s.reaches(out, most, people), Quantity.TEMPERATURE),
                            Amount.watt(s.load(in, out)), Amount.watt(most)),
                    List.of(first.id()));
        }
        double mild = (out + Assumed.value(d, Assumption.AIR_NIGHT)) / 2;
        double need = s.running(Assumed.value(d, Assumption.AIR_NIGHT), mild,
                Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP).heat());
        if (h.least() > need && need > 0) {
            book.say(WarmthRules.CYCLES, Severity.NOTE,
                    Sentence.of("{0} burns at least {1}; a night of {2} asks for {3}", first.name(),
                            Amount.watt(h.least()), new Amount(mild, Quantity.TEMPERATURE), Amount.watt(need)),
                    Sentence.of(
                            "It goes on and off: it soots, drinks current at each start, and wakes people. A smaller"
                                    + " one, or a little more fresh air, lets it run on."),
                    List.of(first.id()));
        }
    }

    private static Study night(Design d, Cabin c) {
        Study.Notebook book = new Study.Notebook("air-night", Stage.AIR, "The coldest night, hour by hour", "");
        double most = most(d);
        Night open = Night.of(d, c, most, true);
        Night shut = Night.of(d, c, most, false);
        Night cold = Night.of(d, c, 0, false);
        Listing.Maker table = new Listing.Maker("").words("").numbers("vents open", "vents shut", "no heater");
        row(table, "Lowest inside", n -> n.least(), Quantity.TEMPERATURE, open, shut, cold);
        row(table, "At eight in the morning", n -> n.morning(), Quantity.TEMPERATURE, open, shut, cold);
        table.row("Highest carbon dioxide", ppm(open.worst()), ppm(shut.worst()), ppm(cold.worst()));
        row(table, "Water on the panes", n -> n.water(), Quantity.SMALL_MASS, open, shut, cold);
        row(table, "Heat given", n -> n.warm(), Quantity.ENERGY, open, shut, cold);
        fuel(d, open).ifPresent(f -> {
            table.row(f.name, burnt(f, open), burnt(f, shut), burnt(f, cold));
            book.figure("air.night.fuel", "Burnt in that night", f.amount(open.warm()), f.quantity,
                    "heat / (efficiency × heating value)", Sentence.of("{0} of heat", Amount.energy(open.warm())),
                    "vents open");
        });
        book.listing(table.done());
        book.figure("air.night.least", "Lowest in the night", open.least(), Quantity.TEMPERATURE,
                "least of the quarters", Sentence.of("{0} outside at three", new Amount(
                        Outside.coldest(d), Quantity.TEMPERATURE)),
                SOURCE);
        book.figure("air.night.heat", "Heat that it takes", open.warm(), Quantity.ENERGY, "Σ power × time",
                Sentence.of("from six to eight, vents open"), SOURCE);
        return book.chart(warmth(open, cold)).chart(breath(open, shut)).done();
    }

    private static Sentence ppm(double value) {
        return Sentence.of("{0} ppm", Amount.count(Math.rint(value / 10) * 10));
    }

    private static void row(Listing.Maker table, String name, ToDoubleFunction<Night> read, Quantity q,
            Night... nights) {
        table.row(name, new Amount(read.applyAsDouble(nights[0]), q), new Amount(read.applyAsDouble(nights[1]), q),
                new Amount(read.applyAsDouble(nights[2]), q));
    }

    private static Chart warmth(Night open, Night cold) {
        return new Chart("Warmth", "h after 18 o'clock", Quantity.COUNT, "", Quantity.TEMPERATURE,
                List.of(curve("inside", open, Night.Quarter::air), curve("no heater", cold, Night.Quarter::air),
                        curve("outside", open, Night.Quarter::outside)),
                List.of());
    }

    private static Chart breath(Night open, Night shut) {
        return new Chart("Carbon dioxide", "h after 18 o'clock", Quantity.COUNT, "ppm", Quantity.COUNT,
                List.of(curve("vents open", open, Night.Quarter::dioxide),
                        curve("vents shut", shut, Night.Quarter::dioxide)),
                List.of(new Chart.Limit("good", 1500)));
    }

    private static Chart.Curve curve(String name, Night n, ToDoubleFunction<Night.Quarter> read) {
        return new Chart.Curve(name, n.quarters().stream().mapToDouble(q -> q.hour() - EVENING).toArray(),
                n.quarters().stream().mapToDouble(read).toArray());
    }

    /// What the first heater burns.
    private record Burns(String name, Quantity quantity, double perJoule) {
        double amount(double heat) {
            return heat * perJoule;
        }
    }

    private static Object burnt(Burns f, Night n) {
        return new Amount(f.amount(n.warm()), f.quantity);
    }

    private static Optional<Burns> fuel(Design d, Night n) {
        return n.warm() <= 0
                ? Optional.empty()
                : heaters(d).stream().findFirst().map(t -> t.feature(Aired.RoomHeater.class).orElseThrow())
                        .map(WarmthStudies::burns);
    }

    private static Burns burns(Aired.RoomHeater h) {
        return switch (h.burns()) {
            case GAS -> new Burns("Gas burnt", Quantity.MASS, 1 / (h.efficiency() * Fuel.PROPANE.lower()));
            case DIESEL -> liquid("Diesel burnt", Fuel.DIESEL, h);
            case PETROL -> liquid("Petrol burnt", Fuel.PETROL, h);
            case KEROSENE -> liquid("Kerosene burnt", Fuel.KEROSENE, h);
            case SPIRIT -> liquid("Spirit burnt", Fuel.SPIRIT, h);
            case WOOD -> new Burns("Wood burnt", Quantity.MASS, 1 / (h.efficiency() * Fuel.WOOD.lower()));
            case MAINS, BATTERY -> new Burns("Current taken", Quantity.ENERGY, 1 / h.efficiency());
        };
    }

    private static Burns liquid(String name, Fuel fuel, Aired.RoomHeater h) {
        return new Burns(name, Quantity.VOLUME, Flames.heater(1, 0, 1, h.efficiency(), fuel, 1).fuel());
    }

    private static Stream<Remedy> remedies(Known known, WarmthRules rule, Finding finding) {
        Design d = known.design();
        Cabin c = known.of(Cabin.DISCIPLINE);
        return switch (rule) {
            case HEATER -> Stream.concat(larger(d, c), Stream.concat(thicker(), colder(d, c).stream()));
            case CYCLES -> smaller(d, finding);
        };
    }

    private static Stream<Remedy> larger(Design d, Cabin c) {
        double need = c.steady(true).size(Assumed.value(d, Assumption.AIR_DAY),
                Outside.coldest(d));
        return heaters(d).stream().limit(1).flatMap(t -> {
            Aired.RoomHeater h = t.feature(Aired.RoomHeater.class).orElseThrow();
            return DoubleStream.of(1500, 2000, 2500, 3000, 4000, 5000, 6000, 8000).filter(w -> w >= need).limit(1)
                    .mapToObj(w -> Mend.feature(t, new Aired.RoomHeater(h.burns(), Math.max(h.least(), 0.3 * w), w,
                            h.efficiency(), h.sealed()),
                            Sentence.of("A heater of {0} instead of {1}", Amount.watt(w),
                                    Amount.watt(h.most()))));
        });
    }

    private static Stream<Remedy> thicker() {
        return DoubleStream.of(1.5, 2).mapToObj(k -> new Remedy(
                Sentence.of("Insulation {0} times as thick, all round", Amount.count(k)),
                new Edit("Thicker insulation", x -> x.with(InsulationStudies.thicker(x.envelope(), k)))));
    }

    private static Optional<Remedy> colder(Design d, Cabin c) {
        double out = Outside.coldest(d);
        double people = Sleepers.of(d.brief(), Sleepers.Doing.SEATED).heat();
        double reached = Math.floor(c.steady(true).reaches(out, most(d), people));
        return reached >= 8
                ? Optional.of(Mend.assumed(Assumption.AIR_DAY, reached,
                        Sentence.of("Be content with {0}", new Amount(reached, Quantity.TEMPERATURE))))
                : Optional.empty();
    }

    private static Stream<Remedy> smaller(Design d, Finding finding) {
        List<Remedy> all = new ArrayList<>();
        finding.things().stream().flatMap(id -> d.thing(id).stream()).forEach(t -> {
            Aired.RoomHeater h = t.feature(Aired.RoomHeater.class).orElseThrow();
            double quarter = Math.min(h.least(), Math.max(500, 0.25 * h.most()));
            if (quarter < h.least()) {
                all.add(Mend.feature(t, new Aired.RoomHeater(h.burns(), quarter, h.most(), h.efficiency(), h.sealed()),
                        Sentence.of("One that burns down to {0}", Amount.watt(quarter))));
            }
            if (h.most() > 2000) {
                all.add(Mend.feature(t, new Aired.RoomHeater(h.burns(), Math.min(h.least(), 800), 2000,
                        h.efficiency(), h.sealed()),
                        Sentence.of("A heater of {0} that burns down to {1}",
                                Amount.watt(2000), Amount.watt(Math.min(h.least(), 800)))));
            }
        });
        return all.stream();
    }
}
