package lectulum.water;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Plumbed;
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
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.flow.HotWater;
import lectulum.kernel.fuel.Fuel;
import lectulum.units.Quantity;
import lectulum.weather.MeanDay;

/// Hot water: how warm it gets and why it is only warm, minutes of a shower, what a shower takes, mixing and scalding.
public final class HotStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("water-hot", "Hot water", Stage.WATER,
            in -> of(in.unplaced(Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS)))
            .checking(HotRules.class, HotStudies::remedies);
    private static final double L_MIN = 1e-3 / 60;
    private static final double SCALDS = 49;
    private static final double KETTLE = 90;
    private static final double LOSES = 0.05;
    private static final double LUKEWARM_LOW = 20;
    private static final double LUKEWARM_HIGH = 50;
    private static final double STANDS_DAYS = 7;
    private static final String SOURCE = "heat balance; see docs/method/water.md";

    private HotStudies() {
    }

    /// What the site and the wishes give.
    private record Asked(double cold, double shower, double flow, double litres, double tap, double altitude) {
        static Asked of(Design d) {
            return new Asked(MeanDay.water(d.brief().latitude(), d.brief().month(), d.brief().climate()),
                    Assumed.value(d, Assumption.WATER_SHOWER), Assumed.value(d, Assumption.WATER_SHOWER_FLOW),
                    Assumed.value(d, Assumption.WATER_SHOWER_LITRES), Assumed.value(d, Assumption.WATER_TAP),
                    Assumed.value(d, Assumption.MAINS_ALTITUDE));
        }
    }

    private static HotWater heater(Plumbed.Boiler b) {
        return new HotWater(b.power(), b.efficiency());
    }

    /// Burners lose at a height, heating elements do not.
    private static double height(Plumbed.Boiler b, Asked a) {
        return b.by().flame() ? a.altitude : 0;
    }

    static List<Study> of(Design d) {
        Asked a = Asked.of(d);
        List<Study> all = new ArrayList<>();
        for (Thing t : d.things()) {
            t.feature(Plumbed.Boiler.class).ifPresent(b -> all.add(b.volume() > 0
                    ? stores(d, t, b, a)
                    : runs(t, b, a)));
        }
        all.add(kettle(d, a));
        return all;
    }

    private static Study runs(Thing t, Plumbed.Boiler b, Asked a) {
        String id = "hot." + t.id();
        Study.Notebook book = new Study.Notebook("water-hot-" + t.id(), Stage.WATER, t.name(), t.id());
        HotWater h = heater(b);
        double at = height(b, a);
        double leaves = h.leaves(a.cold, a.flow, b.set(), at);
        Sentence numbers = Sentence.of("{0} into the water at {1}, {2} of water", Amount.watt(h.gives(at)),
                Amount.m(a.altitude), new Amount(a.cold, Quantity.TEMPERATURE));
        book.figure(id + ".leaves", "At the flow of the shower it leaves at", leaves, Quantity.TEMPERATURE,
                "T cold + η P / (ρ c Q)", numbers, SOURCE);
        book.figure(id + ".flow", "Flow at which a shower is warm", h.flowFor(a.cold, a.shower, at),
                Quantity.WATER_FLOW, "η P / (ρ c (T − T cold))", numbers, SOURCE);
        book.figure(id + ".power", "Burner that the shower asks for", h.powerFor(a.cold, a.shower, a.flow, at),
                Quantity.POWER, "ρ c Q (T − T cold) / η", numbers, SOURCE);
        if (a.tap > a.cold) {
            book.figure(id + ".tap", "Flow at which a tap washes up", h.flowFor(a.cold, a.tap, at), Quantity.WATER_FLOW,
                    "η P / (ρ c (T − T cold))", Sentence.of("{0} at the tap", new Amount(a.tap, Quantity.TEMPERATURE)),
                    SOURCE);
        }
        if (leaves < a.shower - 1) {
            book.say(HotRules.LUKEWARM, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} gives {1} at {2}: only warm", t.name(), new Amount(leaves, Quantity.TEMPERATURE),
                            new Amount(a.flow, Quantity.WATER_FLOW)),
                    Sentence.of(
                            "All its heat is in that water: no knob makes it warmer. {0} gives {1}; for all of the flow"
                                    + " it would take {2}.",
                            new Amount(h.flowFor(a.cold, a.shower, at), Quantity.WATER_FLOW),
                            new Amount(a.shower, Quantity.TEMPERATURE),
                            Amount.watt(h.powerFor(a.cold, a.shower, a.flow, at))),
                    List.of(t.id()));
        }
        double part = HotWater.hotPart(a.shower, a.cold, b.set());
        double hot = part * a.flow;
        if (b.starts() > 0 && hot < b.starts()) {
            book.say(HotRules.DROPS, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The burner of {0} drops out at {1}", t.name(), new Amount(hot, Quantity.WATER_FLOW)),
                    Sentence.of("Mixed from {0}, a shower draws less hot water than the {1} it lights from.",
                            new Amount(b.set(), Quantity.TEMPERATURE), new Amount(b.starts(), Quantity.WATER_FLOW)),
                    List.of(t.id()));
        }
        scald(book, t, b);
        double[] x = new double[27];
        double[] y = new double[27];
        for (int i = 0; i < x.length; i++) {
            x[i] = (1.5 + 0.25 * i) * L_MIN;
            y[i] = h.leaves(a.cold, x[i], b.set(), at);
        }
        book.chart(new Chart("How warm at which flow", "flow", Quantity.WATER_FLOW, "", Quantity.TEMPERATURE,
                List.of(new Chart.Curve("leaves at", x, y)), List.of(new Chart.Limit("shower", a.shower))));
        return energy(book, b, a).done();
    }

    private static Study stores(Design d, Thing t, Plumbed.Boiler b, Asked a) {
        String id = "hot." + t.id();
        Study.Notebook book = new Study.Notebook("water-hot-" + t.id(), Stage.WATER, t.name(), t.id());
        HotWater h = new HotWater(heater(b).gives(height(b, a)), 1);
        HotWater.Storage tank = new HotWater.Storage(b.volume(), b.set(), 0.6 + 25 * b.volume());
        HotWater.Shower s = h.shower(tank, a.cold, a.shower, a.flow);
        double wanted = a.litres / a.flow;
        Sentence numbers = Sentence.of("{0} at {1}, {2} of cold water", Amount.litres(b.volume()),
                new Amount(b.set(), Quantity.TEMPERATURE), new Amount(a.cold, Quantity.TEMPERATURE));
        if (Double.isFinite(s.usual())) {
            book.figure(id + ".minutes", "A shower lasts", s.usual(), Quantity.DURATION,
                    "between stirred and layered: C (Th − Ts…Tc) / (use − P)", numbers, SOURCE);
        } else {
            book.absent(id + ".minutes", "A shower lasts", Quantity.DURATION, "heater ≥ use", "without end");
        }
        if (b.set() >= a.tap && a.tap > a.cold) {
            book.figure(id + ".washes", "Water to wash up from it",
                    b.volume() / HotWater.hotPart(a.tap, a.cold, b.set()),
                    Quantity.VOLUME, "V (Th − Tc)/(T − Tc)", Sentence.of("{0} at the tap, mixed",
                            new Amount(a.tap, Quantity.TEMPERATURE)),
                    SOURCE);
        } else {
            book.absent(id + ".washes", "Water to wash up from it", Quantity.VOLUME, "V (Th − Tc)/(T − Tc)",
                    "it is not set to what the tap asks for");
        }
        book.figure(id + ".reheats", "Hot again after", h.reheats(tank, a.cold), Quantity.DURATION, "C (Th − Tc) / P",
                numbers, SOURCE);
        book.figure(id + ".heats", "To heat it takes", HotWater.energy(b.volume(), a.cold, b.set()), Quantity.ENERGY,
                "m c (Th − Tc)", numbers, SOURCE);
        book.figure(id + ".standing", "Standing hot it loses in a day", tank.loses() * (b.set() - 15) * 86_400,
                Quantity.ENERGY, "U A (Th − 15 °C) 24 h", Sentence.of("{0} W/K, assumed by its size",
                        Amount.count(Math.round(100 * tank.loses()) / 100.0)),
                "assumed");
        if (s.usual() < wanted) {
            book.say(HotRules.SHORT, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("A shower from {0} lasts {1}; {2} at {3} take {4}", t.name(), Amount.hours(s.usual()),
                            Amount.litres(a.litres), new Amount(a.flow, Quantity.WATER_FLOW), Amount.hours(wanted)),
                    Sentence.of("A thriftier head, hotter water mixed, or a larger tank."), List.of(t.id()));
        }
        scald(book, t, b);
        if (b.set() < LUKEWARM_HIGH && b.set() > LUKEWARM_LOW && d.brief().nights() > STANDS_DAYS) {
            book.say(HotRules.STANDS, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Water stands at {0} in {1} for more than a week", new Amount(b.set(),
                            Quantity.TEMPERATURE), t.name()),
                    Sentence.of("Germs grow between {0} and {1}: heat it to {2} now and then, and flush it.",
                            degrees(20),
                            degrees(50), degrees(60)),
                    List.of(t.id()));
        }
        return energy(book, b, a).done();
    }

    private static Amount degrees(double celsius) {
        return new Amount(celsius, Quantity.TEMPERATURE);
    }

    private static void scald(Study.Notebook book, Thing t, Plumbed.Boiler b) {
        if (b.set() > SCALDS) {
            book.say(HotRules.SCALD, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} is set to {1}: it scalds", t.name(), new Amount(b.set(), Quantity.TEMPERATURE)),
                    Sentence.of(
                            "At {0} five seconds burn skin, at {1} half a minute. A mixer that limits it, at the heater.",
                            degrees(60), degrees(54)),
                    List.of(t.id()));
        }
    }

    private static Study.Notebook energy(Study.Notebook book, Plumbed.Boiler b, Asked a) {
        double heat = HotWater.energy(a.litres, a.cold, a.shower);
        Listing.Maker table = new Listing.Maker("Such a shower takes")
                .words("By")
                .numbers("amount");
        table.row("heat in the water", Amount.energy(heat));
        table.row("propane", new Amount(heat / (0.8 * Fuel.PROPANE.higher()), Quantity.SMALL_MASS));
        table.row("diesel", Amount.litres(heat / (0.8 * Fuel.DIESEL.byVolume())));
        table.row("current", Amount.energy(heat / (b.by() == Aired.Energy.MAINS || b.by() == Aired.Energy.BATTERY
                ? b.efficiency()
                : 1)));
        return book.listing(table.done())
                .caution(
                        "Relief valve piped outside. Drain only when cold. Gas and flues belong to a licensed fitter.");
    }

    /// Without any heater: a kettle and a bag.
    private static Study kettle(Design d, Asked a) {
        Study.Notebook book = new Study.Notebook("water-kettle", Stage.WATER, "From a kettle", "");
        double part = HotWater.hotPart(a.shower, a.cold, KETTLE);
        double boiling = part * a.litres;
        book.figure("hot.kettle.litres", "Out of the kettle for a shower", boiling, Quantity.VOLUME,
                "(Ts − Tc) / (90 − Tc) × litres", Sentence.of("{0} at {1}, the rest at {2}", Amount.litres(a.litres),
                        new Amount(a.shower, Quantity.TEMPERATURE), new Amount(a.cold, Quantity.TEMPERATURE)),
                "mixing");
        book.figure("hot.kettle.energy", "Heat for it", HotWater.energy(boiling, a.cold, KETTLE) * (1 + LOSES),
                Quantity.ENERGY, "m c (90 − Tc)", Sentence.of("a twentieth lost"), SOURCE);
        boolean cans = d.things().stream().noneMatch(t -> t.has(Plumbed.Boiler.class));
        return book.note(cans
                ? "No water heater is aboard: this is how it is done with cans."
                : "The way without a heater, beside it.").done();
    }

    private static Stream<Remedy> remedies(Known known, HotRules rule, Finding finding) {
        Design d = known.design();
        Asked a = Asked.of(d);
        return finding.things().stream().flatMap(id -> d.thing(id).stream()).flatMap(t -> {
            Plumbed.Boiler b = t.feature(Plumbed.Boiler.class).orElseThrow();
            double at = height(b, a);
            return switch (rule) {
                case LUKEWARM -> Stream.concat(Stream.of(Mend.assumed(Assumption.WATER_SHOWER_FLOW,
                        Math.floor(heater(b).flowFor(a.cold, a.shower, at) / (0.1 * L_MIN)) * 0.1 * L_MIN,
                        Sentence.of("A shower head of {0}",
                                new Amount(heater(b).flowFor(a.cold, a.shower, at), Quantity.WATER_FLOW)))),
                        larger(t, b, heater(b).powerFor(a.cold, a.shower, a.flow, at)));
                case DROPS -> DoubleStream.of(45, 42, 40).filter(s -> s < b.set() && s > a.shower)
                        .mapToObj(s -> set(t, b, s));
                case SCALD -> b.volume() > 0 ? Stream.empty() : Stream.of(set(t, b, 48));
                case SHORT -> Stream.concat(DoubleStream.of(10, 15, 20, 30).map(l -> l * 1e-3)
                        .filter(v -> v > b.volume()).mapToObj(v -> Mend.feature(t,
                                new Plumbed.Boiler(b.by(), b.power(), b.efficiency(), v, b.set(), b.starts()),
                                Sentence.of("A tank of {0}", Amount.litres(v)))),
                        Stream.of(Mend.assumed(Assumption.WATER_SHOWER_FLOW, 0.7 * a.flow,
                                Sentence.of("A shower head of {0}", new Amount(0.7 * a.flow, Quantity.WATER_FLOW)))));
                case STANDS -> Stream.of(set(t, b, 60));
            };
        });
    }

    private static Stream<Remedy> larger(Thing t, Plumbed.Boiler b, double need) {
        return DoubleStream.of(6000, 8000, 10_500, 14_000, 17_000, 20_000, 24_000).filter(p -> p >= need).limit(1)
                .mapToObj(p -> Mend.feature(t,
                        new Plumbed.Boiler(b.by(), p, b.efficiency(), b.volume(), b.set(), b.starts()),
                        Sentence.of("A burner of {0}", Amount.watt(p))));
    }

    private static Remedy set(Thing t, Plumbed.Boiler b, double celsius) {
        return Mend.feature(t,
                new Plumbed.Boiler(b.by(), b.power(), b.efficiency(), b.volume(), celsius, b.starts()),
                Sentence.of("Set it to {0}", new Amount(celsius, Quantity.TEMPERATURE)));
    }
}
