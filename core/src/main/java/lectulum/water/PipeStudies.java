package lectulum.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Spot;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.discipline.Result;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.flow.Accumulator;
import lectulum.kernel.flow.Drain;
import lectulum.kernel.flow.Freezing;
import lectulum.kernel.flow.LowPoints;
import lectulum.kernel.flow.PipeBends;
import lectulum.kernel.flow.PipeNetwork;
import lectulum.kernel.flow.PumpCurve;
import lectulum.kernel.flow.Suction;
import lectulum.units.Quantity;
import lectulum.weather.MeanDay;
import lectulum.weather.Outside;

/// Pipes, pump and taps: what comes out, alone and together; waste pipes; what stays and freezes in winter; what is bought.
public record PipeStudies(PipePlan plan, Studies flow, Studies winter) implements Result {
    public static final Discipline<PipeStudies> DISCIPLINE = new Discipline<PipeStudies>("water-pipes",
            "Pipes and taps",
            Stage.WATER, Discipline.Pace.REST,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS,
                    Design.Part.SETTINGS)),
            () -> new PipeStudies(
                    new PipePlan(List.of(), Optional.empty(), List.of(), List.of(), Optional.empty(), List.of(),
                            Optional.empty()),
                    Studies.NONE, Studies.NONE))
            .checking(PipeRules.class, PipeStudies::remedies);
    private static final double ENOUGH = 0.6;
    private static final double WAITS = 20;
    private static final double HARD = 20_000;
    private static final double TOO_HARD = 60_000;
    private static final double PLAYS = Math.toRadians(3);
    private static final double TRAPPED = Levelling.TRAPPED;
    private static final double FOAM = 0.036;
    /// A pipe that only passes the floor \[m\], and pressure up to which a pump is worked by hand or foot.
    private static final double A_LITTLE = 0.5;
    private static final double BY_HAND = 60_000;
    private static final double START = 8;
    private static final double SITE = 400_000;
    private static final double REGULATED = 310_000;
    private static final double ANTIFREEZE_TRAP = 0.25e-3;
    private static final double ANTIFREEZE_PUMP = 0.5e-3;
    /// The study that shows how pipes join.
    public static final String SCHEMATIC = "water-schematic";
    /// That which says what is bought.
    public static final String BOUGHT = "water-buy";
    /// That which lists what is done before frost.
    public static final String WINTER = "water-list";
    /// What pipes hold for an hour before they are closed in \[Pa\].
    public static final double HELD = 300_000;
    private static final double BLOWN = 200_000;
    private static final double LEAST = 0.001;
    private static final String BOX = "☐";
    private static final double HEAVIER = 0.5;
    private static final double L_MIN = 1e-3 / 60;
    /// What a tap is made for that is fed by a foot \[m³/s\].
    private static final double FOOT = 2 * L_MIN;
    private static final String SOURCE = "Darcy with Swamee and Jain; see docs/method/water.md";

    @Override
    public Figures figures() {
        return Figures.of(Stream.concat(flow.figures().all().stream(), winter.figures().all().stream()).toList());
    }

    @Override
    public List<Finding> findings() {
        return Stream.concat(flow.findings().stream(), winter.findings().stream()).toList();
    }

    static PipeStudies of(Design d) {
        double cold = MeanDay.water(d.brief().latitude(), d.brief().month(), d.brief().climate());
        PipePlan plan = PipePlan.of(d, cold);
        return new PipeStudies(plan, Studies.of(flow(d, plan, cold)), Studies.of(winter(d, plan)));
    }

    private static List<Thing> tapped(Design d) {
        return d.things().stream().filter(t -> t.has(Plumbed.WaterTap.class)).toList();
    }

    private static List<Study> flow(Design d, PipePlan plan, double cold) {
        Study.Notebook book = new Study.Notebook("water-pipes", Stage.WATER, "What comes out of each tap", "");
        if (tapped(d).isEmpty()) {
            return List
                    .of(book.note("No tap is aboard. Cans and a kettle need no pipes; a tap is given on a card: a water"
                            + " tap.").done());
        }
        if (plan.net().isEmpty()) {
            book.say(PipeRules.FED, Severity.NOTE, Sentence.of("Nothing feeds the taps"),
                    Sentence.of("They want a fresh tank, and a pump or a tank that stands higher."));
            return List.of(book.done());
        }
        PipeNetwork net = plan.net().get();
        Map<String, Double> alone = new HashMap<>();
        boolean cycles = false;
        for (PipeNetwork.Tap t : plan.taps()) {
            PipeNetwork.Flow f = net.solve(List.of(t));
            alone.put(t.id(), f.taps().getOrDefault(t.id(), 0.0));
            cycles |= f.cycles();
        }
        PipeNetwork.Flow all = net.solve(plan.taps());
        Map<String, Double> worst = pairs(net, plan.taps());
        Listing.Maker table = new Listing.Maker("").words("Tap").numbers("made for", "alone", "with one more open",
                "with all open", "hot alone", "hot after");
        for (PipeNetwork.Tap t : plan.taps()) {
            Thing thing = d.thing(t.id()).orElseThrow();
            Plumbed.WaterTap w = thing.feature(Plumbed.WaterTap.class).orElseThrow();
            double own = alone.get(t.id());
            double together = all.taps().getOrDefault(t.id(), 0.0);
            Optional<PipePlan.Hot> hot = plan.hot().stream().filter(h -> h.tap().equals(t.id())).findFirst();
            double heated = hot.map(h -> heated(plan, h)).orElse(0.0);
            table.row(thing.name(), flowOf(w.flow()), flowOf(own),
                    plan.taps().size() > 1 ? flowOf(worst.getOrDefault(t.id(), own)) : "–", flowOf(together),
                    hot.isPresent() ? flowOf(heated) : "–",
                    heated > 0
                            ? Sentence.of("{0} s", Amount.count(Math.rint(hot.get().dead() / heated)))
                            : "–");
            boolean weak = d.things().stream().flatMap(x -> x.feature(Plumbed.WaterPump.class).stream())
                    .anyMatch(x -> x.off() <= BY_HAND);
            tap(book, thing, w, own, together, weak ? 0 : plan.taps().size());
            hot.ifPresent(h -> hotSide(book, thing, h, heated));
        }
        book.listing(table.done());
        source(d, plan, book, net, all, cycles, cold);
        city(d, plan, book);
        book.note(
                "The main runs along the wall that is chosen, a branch goes to each tap; pipes as built may be shorter.");
        List<Study> out = new ArrayList<>();
        out.add(book.sketch(picture(plan)).done());
        out.add(new Study.Notebook(SCHEMATIC, Stage.WATER, "Schematic", "").sketch(PipeSchematic.of(d, plan, alone))
                .note(
                        "Lengths along the lines; at each tap what it gives alone. On paper: Papers.")
                .done());
        out.add(buy(d, plan));
        return out;
    }

    private static Amount flowOf(double flow) {
        return new Amount(flow, Quantity.WATER_FLOW);
    }

    /// The least of each tap with any one other open.
    private static Map<String, Double> pairs(PipeNetwork net, List<PipeNetwork.Tap> taps) {
        Map<String, Double> least = new HashMap<>();
        for (int i = 0; i < taps.size(); i++) {
            for (int j = i + 1; j < taps.size(); j++) {
                PipeNetwork.Flow f = net.solve(List.of(taps.get(i), taps.get(j)));
                for (PipeNetwork.Tap t : List.of(taps.get(i), taps.get(j))) {
                    least.merge(t.id(), f.taps().getOrDefault(t.id(), 0.0), Math::min);
                }
            }
        }
        return least;
    }

    private static void tap(Study.Notebook book, Thing t, Plumbed.WaterTap w, double own, double together, int taps) {
        book.figure("pipe." + t.id() + ".alone", t.name() + " gives", own, Quantity.WATER_FLOW,
                "Σ losses + ρ g Δz + tap = source", Sentence.of("made for {0}", flowOf(w.flow())), SOURCE);
        if (own <= 1e-3 * L_MIN) {
            book.say(PipeRules.DRY, Subject.thing(t.id()), Severity.STOP, Sentence.of("{0} gets no water", t.name()),
                    Sentence.of("It is above the reach of what feeds it. Lower, or a pump with more pressure."),
                    List.of(t.id()));
        } else if (taps > 0 && own < ENOUGH * w.flow()) {
            book.say(PipeRules.FLOW, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} gives {1} of {2}", t.name(), flowOf(own), flowOf(w.flow())),
                    Sentence.of("Alone. Wider pipe, smooth fittings or a stronger pump bring more."), List.of(t.id()));
        } else if (w.use() == Plumbed.Use.SHOWER && taps > 1 && together < ENOUGH * w.flow()) {
            book.say(PipeRules.FLOW, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} gives {1} with every tap open", t.name(), flowOf(together)),
                    Sentence.of("Alone it is {0}.", flowOf(own)), List.of(t.id()));
        }
    }

    /// What the hot side of a tap gives alone.
    private static double heated(PipePlan plan, PipePlan.Hot h) {
        return plan.heated().map(n -> n.solve(List.of(h.open())).taps().getOrDefault(h.open().id(), 0.0)).orElse(0.0);
    }

    private static void hotSide(Study.Notebook book, Thing t, PipePlan.Hot h, double own) {
        book.figure("pipe." + t.id() + ".hot", t.name() + " gives, hot", own, Quantity.WATER_FLOW,
                "the same through feed, check valve, heater and hot line", Sentence.of("alone, at {0}",
                        new Amount(50, Quantity.TEMPERATURE)),
                SOURCE);
        double wait = own > 0 ? h.dead() / own : 0;
        if (wait > WAITS) {
            book.say(PipeRules.WAITS, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Hot water reaches {0} after {1} s", t.name(), Amount.count(Math.rint(wait))),
                    Sentence.of("{0} run off cold each time. A thinner pipe, or the heater nearer.",
                            Amount.litres(h.dead())),
                    List.of(t.id()));
        }
    }

    private static void source(Design d, PipePlan plan, Study.Notebook book, PipeNetwork net, PipeNetwork.Flow all,
            boolean cycles, double cold) {
        book.figure("pipe.all", "All taps together", all.total(), Quantity.WATER_FLOW, "Σ of the taps",
                Sentence.counted(plan.taps().size(), "One tap, water of {1}", "{0} taps, water of {1}",
                        new Amount(cold, Quantity.TEMPERATURE)),
                SOURCE);
        Optional<Thing> pump = d.things().stream().filter(t -> t.has(Plumbed.WaterPump.class)).findFirst();
        if (pump.isEmpty() || plan.suction().isEmpty()) {
            return;
        }
        Plumbed.WaterPump p = pump.get().feature(Plumbed.WaterPump.class).orElseThrow();
        Spot at = new Spot(0, 0, pump.get().place().z() + pump.get().size().height() / 2);
        double lift = at.z() - net.source().z();
        double below = Suction.below(lift, plan.suction().get(), all.total());
        book.figure("pipe.suction", "The pump sucks with", below, Quantity.PRESSURE, "ρ g lift + friction + ρ v²/2",
                Sentence.of("{0} over the water, {1} of hose", Amount.m(lift),
                        Amount.run(plan.suction().get().length())),
                SOURCE);
        if (below > HARD) {
            book.say(PipeRules.SUCTION, Subject.thing(pump.get().id()),
                    below > TOO_HARD ? Severity.STOP : Severity.WARN,
                    Sentence.of("{0} sucks with {1}", pump.get().name(), new Amount(below, Quantity.PRESSURE)),
                    Sentence.of("It draws air and wears out. Nearer to the tank, lower, or a clean filter."),
                    List.of(pump.get().id()));
        }
        if (cycles) {
            PumpCurve curve = PumpCurve.USUAL;
            double gives = curve.flow((p.on() + p.off()) / 2) * p.flow() / (11.3 * L_MIN);
            double draw = Math.min(2 * L_MIN, 0.8 * gives);
            Accumulator a = new Accumulator(p.vessel(), p.on(), p.on(), p.off());
            double starts = p.vessel() > 0 && gives > draw ? a.cycle(draw, gives).perHour() : Double.POSITIVE_INFINITY;
            if (starts > Accumulator.FEW) {
                book.say(PipeRules.CYCLES, Subject.thing(pump.get().id()), Severity.NOTE,
                        Double.isFinite(starts)
                                ? Sentence.of("{0} starts {1} times an hour at a thin draw", pump.get().name(),
                                        Amount.count(Math.rint(starts)))
                                : Sentence.of("{0} chatters at a thin draw", pump.get().name()),
                        a.enough(starts).isPresent()
                                ? Sentence.of("An accumulator of {0} lets it rest.",
                                        Amount.litres(a.enough(starts).getAsDouble()))
                                : Sentence.of("A small accumulator lets it rest."),
                        List.of(pump.get().id()));
            }
        }
    }

    private static void city(Design d, PipePlan plan, Study.Notebook book) {
        plan.onSite(d, SITE).ifPresent(net -> {
            PipeNetwork.Flow all = net.solve(plan.taps());
            book.figure("pipe.site", "All taps on a site's hose", all.total(), Quantity.WATER_FLOW,
                    "min(site, regulator) − fall × flow", Sentence.of("{0} of the site",
                            new Amount(SITE, Quantity.PRESSURE)),
                    SOURCE);
        });
        for (Thing t : d.things()) {
            t.feature(Plumbed.CityInlet.class).filter(c -> c.set() <= 0 || !c.check()).ifPresent(c -> book.say(
                    PipeRules.CITY, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of(c.set() <= 0
                            ? "{0} has no regulator: a site's {1} come in as they are"
                            : "{0} has no check valve", t.name(), new Amount(SITE, Quantity.PRESSURE)),
                    Sentence.of("Pipes burst, or tank water runs back into the site's. A regulator of {0} and a check"
                            + " valve.", new Amount(REGULATED, Quantity.PRESSURE)),
                    List.of(t.id())));
        }
    }

    /// From the side: heights as they are, lengths as they are.
    private static Sketch picture(PipePlan plan) {
        Sketch.Board board = new Sketch.Board("From the side: cold, hot, waste");
        for (PipePlan.PipeRun r : plan.runs()) {
            double[][] points = r.corners().stream().map(s -> new double[]{s.x(), s.z()}).toArray(double[][]::new);
            board.path(switch (r.kind()) {
                case SUCTION, COLD, CITY -> Sketch.Pen.MAIN;
                case HOT -> Sketch.Pen.FAULT;
                case WASTE -> Sketch.Pen.DASHED;
            }, points, false, Sentence.of(""));
            if (r.id().startsWith("branch.")) {
                board.dot(r.corners().getLast().x(), r.corners().getLast().z(), Sentence.of("{0}", r.name()));
            }
        }
        plan.runs().stream().filter(r -> r.kind() == PipePlan.Kind.SUCTION).findFirst().ifPresent(r -> {
            board.dot(r.corners().getFirst().x(), r.corners().getFirst().z(), Sentence.of("tank"));
            board.dot(r.corners().getLast().x(), r.corners().getLast().z(), Sentence.of("pump"));
        });
        return board.done();
    }

    /// Pipe, fittings, clips, with mass and price.
    private static Study buy(Design d, PipePlan plan) {
        Study.Notebook book = new Study.Notebook(BOUGHT, Stage.WATER, "What is bought for it", "");
        PipeTakeOff t = PipeTakeOff.of(d, plan);
        Listing.Maker parts = new Listing.Maker("").words("Part").numbers("needed", "weighs", "costs");
        for (PipeTakeOff.Item i : t.items()) {
            parts.row(
                    i.bore() > 0 && !i.part().equals("foam")
                            ? Sentence.of("{0}, {1} inside", i.name(), Amount.sag(i.bore()))
                            : Sentence.of("{0}", i.name()),
                    i.bore() > 0 ? Amount.run(i.count()) : (Object) (int) i.count(),
                    new Amount(i.mass(), Quantity.SMALL_MASS), Amount.money(i.cost()));
        }
        book.listing(parts.done());
        book.figure("pipe.cost", "All of it", t.cost(), Quantity.MONEY, "Σ", Sentence.of("prices assumed"),
                "parts of plumbing");
        book.figure("pipe.mass", "It weighs, dry", t.mass(), Quantity.MASS, "Σ", Sentence.of("by wall and by piece"),
                "parts of plumbing");
        book.figure("pipe.middle", "Its middle, behind the front of the body", t.centre().x(), Quantity.LENGTH,
                "Σ m x / Σ m",
                Sentence.of("along the pipes"), "plan of the pipes");
        book.figure("pipe.order", "Water pipe to buy", t.count("pipe") + t.count("suction"), Quantity.RUN,
                "1.1 × developed length", Sentence.counted(plan.runs().size(), "One line", "{0} lines"),
                "pipe bends of eight diameters");
        book.figure("pipe.elbows", "Elbows", t.count("elbow"), Quantity.COUNT, "corners too tight to bend",
                Sentence.of("without waste"), "pipe bends of eight diameters");
        book.figure("pipe.tees", "Tees", t.count("tee"), Quantity.COUNT, "branches − 1", Sentence.of("one a branch"),
                "plan of the pipes");
        book.figure("pipe.rings", "Rings or clamps", t.count("ring"), Quantity.COUNT, "2 an elbow, 3 a tee, 2 a tap",
                Sentence.of("and {0} clips", (int) t.count("clip")), "plan of the pipes");
        Listing.Maker table = new Listing.Maker("By line").words("Line").numbers("length", "bends", "elbows 45°",
                "elbows 90°", "rings", "clips");
        for (PipePlan.PipeRun r : plan.runs()) {
            PipeBends b = r.bends(r.kind() == PipePlan.Kind.SUCTION);
            table.row(Sentence.of("{0}, {1}", r.name(), r.kind().label()), Amount.run(b.developed()), b.bends(),
                    b.elbows45(), b.elbows90(), b.rings(), b.supports());
        }
        book.listing(table.done());
        d.things().stream().filter(PipeStudies::standsForPipes).findFirst().ifPresent(x -> {
            if (Math.abs(t.mass() - x.mass().value()) > Math.max(HEAVIER, 0.1 * t.mass())) {
                book.say(PipeRules.TAKE_OFF, Subject.thing(x.id()), Severity.NOTE,
                        Sentence.of("{0} is taken to weigh {1}; what is bought weighs {2}", x.name(),
                                Amount.kg(x.mass().value()), Amount.kg(t.mass())),
                        Sentence.of("And it costs {0}, not {1}.", Amount.money(t.cost()),
                                Amount.money(x.cost().forecast())),
                        List.of(x.id()));
            }
        });
        return book.note(
                Sentence.of("Test before it is closed in: air or water at {0} for an hour; no joint may be wet and"
                        + " no more than a twentieth lost.", new Amount(HELD, Quantity.PRESSURE)))
                .done();
    }

    /// Whether a thing stands for pipes and their small parts.
    private static boolean standsForPipes(Thing t) {
        return t.system() == SystemGroup.WATER && t.mount() == Mount.SPREAD && t.tank().isEmpty() && t.load().isEmpty();
    }

    private static Stream<Remedy> takenOff(Design d, PipePlan plan) {
        PipeTakeOff t = PipeTakeOff.of(d, plan);
        return d.things().stream().filter(PipeStudies::standsForPipes).limit(1)
                .map(x -> Mend.bought(x, t.mass(), t.cost(), t.centre()));
    }

    private static List<Study> winter(Design d, PipePlan plan) {
        List<Study> all = new ArrayList<>();
        if (!plan.wastes().isEmpty()) {
            all.add(drains(plan));
        }
        DrainValves drains = DrainValves.of(d, plan);
        levelled(d, plan, drains).ifPresent(all::add);
        if (plan.runs().isEmpty()) {
            return all;
        }
        all.add(lowPoints(d, plan, drains));
        all.add(freezing(d, plan));
        all.add(list(d, plan, drains));
        return all;
    }

    private static Study drains(PipePlan plan) {
        Study.Notebook book = new Study.Notebook("water-drains", Stage.WATER, "Waste pipes", "");
        Listing.Maker table = new Listing.Maker("").words("From").numbers("falls", "wanted", "carries, level",
                "nose 3° down",
                "nose 3° up", "comes in");
        for (PipePlan.Waste w : plan.wastes()) {
            Drain p = w.drain();
            double level = p.carries(p.slope());
            double down = p.carries(p.slope(-PLAYS, 0));
            double up = p.carries(p.slope(PLAYS, 0));
            table.row(w.name(), Amount.sag(-p.z()), Amount.sag(p.needed()), flowOf(level), flowOf(down), flowOf(up),
                    flowOf(w.inflow()));
            boolean flat = -p.z() < p.needed() - 1e-6;
            if (flat || down <= 0 || up <= 0) {
                book.say(PipeRules.DRAIN, Subject.thing(w.thing()), Severity.WARN,
                        flat
                                ? Sentence.of("{0} falls {1} to the grey tank; {2} are wanted", w.name(),
                                        Amount.sag(-p.z()), Amount.sag(p.needed()))
                                : Sentence.of("{0} runs off only to {1} {2}", w.name(),
                                        new Amount(p.limit(), Quantity.ANGLE), down <= 0 ? "nose down" : "nose up"),
                        Sentence.of("On a sloping pitch it stands in the pan. A lower tank inlet, a shorter way, or the"
                                + " camper levelled."),
                        List.of(w.thing()));
            }
        }
        return book.listing(table.done())
                .note("A trap or a waterless trap under each; a vent behind it, or the next one"
                        + " gurgles dry.")
                .done();
    }

    /// How it stands best to be emptied.
    private static Optional<Study> levelled(Design d, PipePlan plan, DrainValves drains) {
        Levelling l = new Levelling(d, plan, drains.open());
        if (!l.any()) {
            return Optional.empty();
        }
        List<Levelling.Way> all = l.all();
        Levelling.Way level = l.at(0, 0);
        Levelling.Way best = Levelling.best(all);
        Study.Notebook book = new Study.Notebook("water-level", Stage.WATER, "How it stands to be emptied", "");
        Sentence tried = Sentence.of("{0} ways to stand, up to 5° each way", all.size());
        book.figure("level.stays", "Stays in tanks and pipes, level", level.left(), Quantity.VOLUME,
                "flat floors and low points", tried, SOURCE);
        book.figure("level.least", "Stays as it stands best", best.left(), Quantity.VOLUME,
                "flat floors and low points", tried, SOURCE);
        book.figure("level.pitch", "Best with its nose up by", Math.toRadians(best.pitch()), Quantity.ANGLE,
                "least tilt that empties all", tried, SOURCE);
        book.figure("level.roll", "and its right side down by", Math.toRadians(best.roll()), Quantity.ANGLE,
                "least tilt that empties all", tried, SOURCE);
        int steps = (int) Math.round(2 * Levelling.MOST / Levelling.STEP) + 1;
        double[] pitch = new double[steps];
        double[] tanks = new double[steps];
        double[] pipes = new double[steps];
        for (int i = 0; i < steps; i++) {
            Levelling.Way w = l.at(i * Levelling.STEP - Levelling.MOST, best.roll());
            pitch[i] = Math.toRadians(w.pitch());
            tanks[i] = w.tanks();
            pipes[i] = w.pipes();
        }
        book.chart(new Chart("Stays behind, by pitch", "nose up", Quantity.ANGLE, "", Quantity.VOLUME,
                List.of(new Chart.Curve("in tanks", pitch, tanks), new Chart.Curve("in pipes", pitch, pipes)),
                List.of()));
        List<String> never = Levelling.never(all);
        if (!never.isEmpty()) {
            book.note("No way to stand empties {0}.", String.join(", ", never));
        } else if (!best.standing().isEmpty()) {
            book.note("No one way empties all at once: as it stands best, {0} still keeps water.",
                    String.join(", ", best.standing()));
        } else if (best.pipes() > Levelling.TRAPPED) {
            book.note(
                    "Tanks and waste pipes run dry so; the supply pipes still keep water, which a drain at their low points"
                            + " lets out.");
        }
        return Optional.of(book.done());
    }

    private static Study lowPoints(Design d, PipePlan plan, DrainValves drains) {
        Study.Notebook book = new Study.Notebook("water-low", Stage.WATER, "Low points", "");
        PipePlan.Standing s = plan.standing();
        double pitch = Assumed.value(d, Assumption.PIPE_SLOPE);
        Set<String> open = drains.open();
        double level = LowPoints.of(s.vertices(), s.edges(), open, 0, 0).volume();
        double up = LowPoints.of(s.vertices(), s.edges(), open, pitch, 0).volume();
        double down = LowPoints.of(s.vertices(), s.edges(), open, -pitch, 0).volume();
        double worst = Math.max(level, Math.max(up, down));
        Sentence numbers = Sentence.counted(open.size(), "One drain, the taps open", "{0} drains, the taps open");
        book.figure("pipe.trapped", "Stays in the pipes, level", level, Quantity.VOLUME,
                "below the lowest way to a drain", numbers, "graph of the corners");
        book.figure("pipe.trapped.slope", "The same on a sloping pitch", Math.max(up, down), Quantity.VOLUME,
                "below the lowest way to a drain", Sentence.of("{0} nose up and down",
                        new Amount(pitch, Quantity.ANGLE)),
                "graph of the corners");
        Listing.Maker table = new Listing.Maker(drains.own().isEmpty() ? "Where the drains belong" : "Drains").words("")
                .numbers("behind the front",
                        "right of"
                                + " the middle",
                        "above the floor");
        int n = 1;
        for (String id : open) {
            LowPoints.Vertex v = s.vertices().stream().filter(x -> x.id().equals(id)).findFirst().orElseThrow();
            table.row("Drain " + n++, Amount.m(v.x()), Amount.m(v.y()), Amount.m(v.z()));
        }
        if (!open.isEmpty()) {
            book.listing(table.done());
        }
        for (Thing t : drains.off()) {
            book.say(PipeRules.OFF, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} is on no pipe", t.name()),
                    Sentence.of("It drains what it is on: a corner of a pipe within an arm's length."),
                    List.of(t.id()));
        }
        if (worst > TRAPPED && Outside.frost(d)) {
            book.say(PipeRules.TRAPPED, Severity.WARN,
                    Sentence.of("{0} of water stay in the pipes when they are drained", Amount.litres(worst)),
                    Sentence.of("Ice splits them. One more drain at a low point, or {0} of potable-grade antifreeze.",
                            Amount.litres(antifreeze(d, worst))));
        }
        return book.done();
    }

    private static double antifreeze(Design d, double trapped) {
        long traps = tapped(d).stream().filter(t -> t.feature(Plumbed.WaterTap.class).orElseThrow().use().drains())
                .count();
        return trapped + traps * ANTIFREEZE_TRAP + ANTIFREEZE_PUMP;
    }

    private static Study freezing(Design d, PipePlan plan) {
        Study.Notebook book = new Study.Notebook("water-frost", Stage.WATER, "In the coldest night", "");
        double out = Outside.coldest(d);
        double foam = Assumed.value(d, Assumption.PIPE_FOAM);
        double wind = Assumed.value(d, Assumption.PIPE_WIND) >= 0.5 ? Freezing.WINDY : Freezing.STILL;
        double hours = Assumed.value(d, Assumption.PIPE_HOURS);
        List<PipePlan.PipeRun> under = plan.runs().stream().filter(r -> r.kind() != PipePlan.Kind.WASTE)
                .filter(r -> PipePlan.under(r) > 0.01).toList();
        double metres = under.stream().mapToDouble(PipePlan::under).sum();
        double bore = Assumed.value(d, Assumption.PIPE_BORE) * 1e-3;
        Freezing pipe = Freezing.pipe(bore, bore + 0.0036, foam, FOAM, wind, START);
        if (out >= 0) {
            return book.note("The coldest night of the brief is above freezing.").done();
        }
        book.figure("pipe.ice", "A pipe under the floor has ice after", pipe.untilIce(START, out), Quantity.DURATION,
                "(m c / U) ln((T0 − Ta) / −Ta)", Sentence.of("{0}, {1} of foam", new Amount(out, Quantity.TEMPERATURE),
                        Amount.sag(foam)),
                "lumped heat");
        book.figure("pipe.blocked", "and is blocked after", pipe.untilBlocked(START, out), Quantity.DURATION,
                "+ a fifth of its water frozen", Sentence.of("latent heat of a fifth"), "lumped heat");
        book.figure("pipe.holding", "A metre is kept from it by", pipe.holding(out), Quantity.POWER, "U (2 °C − Ta)",
                Sentence.of("trace heating"), "lumped heat");
        for (Thing t : Tanks.of(d, Tank.Use.FRESH)) {
            if (t.place().z() < -0.01) {
                double area = 2 * (t.size().length() * t.size().width() + t.size().length() * t.size().height()
                        + t.size().width() * t.size().height());
                Freezing tank = Freezing.tank(t.tank().orElseThrow().fullMass(), area, 4.5);
                book.figure("tank." + t.id() + ".ice", t.name() + " has ice after", tank.untilIce(START, out),
                        Quantity.DURATION, "(m c / U A) ln((T0 − Ta) / −Ta)", Sentence.of("bare, full"), "lumped heat");
                book.figure("tank." + t.id() + ".slush", "and a twentieth of it is ice after",
                        tank.untilSlush(START, out),
                        Quantity.DURATION, "+ a twentieth of its water frozen",
                        Sentence.of("latent heat of a twentieth"),
                        "lumped heat");
            }
        }
        double night = Assumed.value(d, Assumption.AIR_NIGHT);
        book.figure("pipe.locker", "A locker that is shut stands at",
                Freezing.between(night, out, 1, Assumed.value(d, Assumption.PIPE_LOCKER), 0), Quantity.TEMPERATURE,
                "(Hi Ti + He Te) / (Hi + He)", Sentence.of("{0} in the room", new Amount(night, Quantity.TEMPERATURE)),
                "heat in and out, assumed");
        if (!under.isEmpty() && pipe.untilIce(START, out) < hours) {
            boolean some = metres > A_LITTLE && Outside.frost(d);
            book.say(PipeRules.FREEZES, some ? Severity.STOP : Outside.frost(d) ? Severity.WARN : Severity.NOTE,
                    Sentence.of("Pipes under the floor freeze after {0} at {1}",
                            Amount.hours(pipe.untilIce(START, out)),
                            new Amount(out, Quantity.TEMPERATURE)),
                    Sentence.of("{0} of them, {1} of frost. Run them inside, wrap and heat them, or drain them.",
                            Amount.run(metres), Amount.hours(hours)));
        }
        return book.note(under.isEmpty()
                ? "No water pipe runs under the floor."
                : "Inside pipes share the warmth of the room; a locker that is shut off does not.").done();
    }

    private static Study list(Design d, PipePlan plan, DrainValves drains) {
        Study.Notebook book = new Study.Notebook(WINTER, Stage.WATER, "Before winter, in this order", "");
        List<Sentence> steps = new ArrayList<>();
        if (d.things().stream().anyMatch(t -> t.has(Plumbed.Boiler.class))) {
            steps.add(Sentence.of("Heater off and cold, drained, bypassed"));
        }
        steps.add(Sentence.of("Fresh tank empty, its drain left open"));
        tapped(d).forEach(t -> steps.add(t.feature(Plumbed.WaterTap.class).orElseThrow().hot()
                ? Sentence.of("{0}: open, cold and hot, run dry", t.name())
                : Sentence.of("{0}: open, cold, run dry", t.name())));
        drains.names().forEach(name -> steps.add(Sentence.of("{0} open", name)));
        if (d.things().stream().anyMatch(t -> t.has(Plumbed.CityInlet.class))) {
            steps.add(Sentence.of("Site inlet: cap off, press the check valve: it holds water"));
        }
        if (plan.suction().isPresent()) {
            steps.add(Sentence.of("Pump run dry for a moment, filter bowl emptied"));
        }
        steps.add(Sentence.of("Blow out with no more than {0}", new Amount(BLOWN, Quantity.PRESSURE)));
        steps.add(Sentence.of("Traps: a cup of potable-grade antifreeze each"));
        steps.add(Sentence.of("Grey tank and toilet emptied and rinsed"));
        Listing.Maker table = new Listing.Maker("").words("", "Step", "done");
        for (int i = 0; i < steps.size(); i++) {
            table.row(i + 1, steps.get(i), BOX);
        }
        return book.listing(table.done()).done();
    }

    /// Every joint that stands under pressure, to be ticked off while the pipes hold it.
    public static Listing joints(PipePlan plan) {
        Listing.Maker table = new Listing.Maker("").words("", "Line", "Joint", "dry");
        int n = 0;
        for (PipePlan.PipeRun r : plan.runs()) {
            if (r.kind() == PipePlan.Kind.WASTE || r.length() < LEAST) {
                continue;
            }
            Sentence line = Sentence.of("{0}, {1}", r.name(), r.kind().label());
            PipeBends b = r.bends(r.kind() == PipePlan.Kind.SUCTION);
            table.row(++n, line, "where it begins", BOX);
            for (int i = 1; i <= b.elbows45() + b.elbows90(); i++) {
                table.row(++n, line, Sentence.of("elbow {0}", i), BOX);
            }
            table.row(++n, line, "where it ends", BOX);
        }
        return table.done();
    }

    private static Stream<Remedy> remedies(Known known, PipeRules rule, Finding finding) {
        Design d = known.design();
        Optional<Thing> about = finding.things().stream().findFirst().flatMap(d::thing);
        return switch (rule) {
            case FLOW -> Stream.concat(
                    DoubleStream.of(12.3, 17.3).filter(b -> b > Assumed.value(d, Assumption.PIPE_BORE))
                            .mapToObj(b -> Mend.assumed(Assumption.PIPE_BORE, b, Sentence.of("Pipes of {0} inside",
                                    Amount.sag(b * 1e-3)))),
                    Stream.concat(Assumed.value(d, Assumption.PIPE_INSERT) >= 0.5
                            ? Stream.of(Mend.assumed(Assumption.PIPE_INSERT, 0, Sentence.of("Smooth fittings")))
                            : Stream.empty(), stronger(d)));
            case DRY -> d.things().stream().anyMatch(t -> t.has(Plumbed.WaterPump.class)) ? stronger(d) : pump(d);
            case FED -> pump(d);
            case CYCLES -> about.stream().flatMap(t -> t.feature(Plumbed.WaterPump.class).stream()
                    .flatMap(p -> DoubleStream.of(0.75e-3, 1.5e-3, 3e-3).filter(v -> v > p.vessel()).mapToObj(
                            v -> Mend.feature(t, new Plumbed.WaterPump(p.flow(), p.on(), p.off(), v),
                                    Sentence.of("An accumulator of {0}", Amount.litres(v))))));
            case SUCTION -> Stream.concat(
                    d.things().stream()
                            .filter(t -> t.feature(Plumbed.Strainer.class).filter(Plumbed.Strainer::dirty).isPresent())
                            .map(t -> Mend.feature(t, new Plumbed.Strainer(false), Sentence.of("Clean {0}", t.name()))),
                    about.stream().flatMap(t -> nearer(d, t)));
            case CITY -> about.stream().map(t -> Mend.feature(t, new Plumbed.CityInlet(REGULATED, true),
                    Sentence.of("A regulator of {0} and a check valve", new Amount(REGULATED, Quantity.PRESSURE))));
            case DRAIN -> grey(d);
            case TAKE_OFF -> takenOff(d, known.of(DISCIPLINE).plan());
            case TRAPPED -> DrainValves.more(d, known.of(DISCIPLINE).plan());
            case OFF -> finding.things().stream().flatMap(id -> d.thing(id).stream())
                    .flatMap(t -> DrainValves.moved(t, known.of(DISCIPLINE).plan()));
            case FREEZES -> Stream.concat(Stream.of(Mend.assumed(Assumption.PIPE_HEIGHT, 0.06,
                    Sentence.of("The main inside, above the floor"))),
                    DoubleStream.of(0.009, 0.019, 0.025, 0.05).mapToObj(f -> Mend.assumed(Assumption.PIPE_FOAM, f,
                            Sentence.of("Foam of {0} round them", Amount.sag(f)))));
            case WAITS -> Assumed.value(d, Assumption.PIPE_BORE) > 9.2
                    ? Stream.of(Mend.assumed(Assumption.PIPE_BORE, 9.1, Sentence.of("Pipes of {0} inside",
                            Amount.sag(0.0091))))
                    : Stream.empty();
        };
    }

    /// A pump beside the tank that it draws from.
    private static Stream<Remedy> nearer(Design d, Thing pump) {
        return Tanks.of(d, Tank.Use.FRESH).stream().limit(1)
                .map(tank -> new Remedy(Sentence.of("{0} beside {1}", pump.name(), tank.name()),
                        new Edit("Pump to the tank", x -> x.mapping(pump.id(),
                                t -> t.with(Mount.STOWED).with(tank.place().moved(0, 0, 0.02))))));
    }

    private static Stream<Remedy> stronger(Design d) {
        return d.things().stream().filter(t -> t.has(Plumbed.WaterPump.class)).limit(1).flatMap(t -> {
            Plumbed.WaterPump p = t.feature(Plumbed.WaterPump.class).orElseThrow();
            return Stream.of(new double[]{11.3, 170_000, 310_000}, new double[]{17, 240_000, 380_000})
                    .filter(k -> k[0] * L_MIN > p.flow() * 1.01 || k[2] > p.off() * 1.01)
                    .map(k -> Mend.feature(t, new Plumbed.WaterPump(k[0] * L_MIN, k[1], k[2], p.vessel()),
                            Sentence.of("A pump of {0} that stops at {1}", flowOf(k[0] * L_MIN),
                                    new Amount(k[2], Quantity.PRESSURE))));
        });
    }

    /// A pump for a battery, or one for the foot, beside the tank.
    private static Stream<Remedy> pump(Design d) {
        return Tanks.of(d, Tank.Use.FRESH).stream().limit(1)
                .flatMap(tank -> Stream.of(beside(d, tank, "pressure-pump-10-l-min", x -> x),
                        beside(d, tank, "foot-pump",
                                x -> x.mapping(tapped(x).stream().map(Thing::id).toList(), PipeStudies::thrifty))))
                .flatMap(Optional::stream);
    }

    private static Optional<Remedy> beside(Design d, Thing tank, String id, UnaryOperator<Design> taps) {
        return Catalogue.shipped().find(id).map(shelf -> {
            Thing t = shelf.withId(d.freeId("pump")).with(tank.place().moved(0, 0, 0.02));
            return new Remedy(
                    Sentence.of("{0} beside {1}, {2}", shelf.name(), tank.name(), Amount.money(t.cost().planned())),
                    new Edit("A water pump", x -> taps.apply(x.plus(t))));
        });
    }

    /// A tap for what a foot gives.
    private static Thing thrifty(Thing t) {
        return t.feature(Plumbed.WaterTap.class)
                .map(w -> t.with(new Plumbed.WaterTap(w.use(), Math.min(w.flow(), FOOT), w.hot()))).orElse(t);
    }

    /// The grey tank lower, or nearer.
    private static Stream<Remedy> grey(Design d) {
        return Tanks.of(d, Tank.Use.GREY).stream().max(Comparator.comparingDouble(
                t -> t.tank().orElseThrow().capacity())).stream().flatMap(t -> DoubleStream.of(0.05, 0.10, 0.15)
                        .mapToObj(by -> new Remedy(Sentence.of("{0} lower by {1}", t.name(), Amount.m(by)),
                                new Edit("Lower the grey tank", x -> x.mapping(t.id(),
                                        o -> o.with(o.place().moved(0, 0, -by)))))));
    }
}
