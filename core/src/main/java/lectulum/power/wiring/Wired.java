package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.discipline.Discipline;
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
import lectulum.kernel.electric.Audit;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Bundle;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.power.Plant;
import lectulum.power.Power;
import lectulum.units.Quantity;

/// The harness of a design, what arrives at its devices and from the vehicle, what is bought for it, and what the checks say.
public record Wired(Harness harness, Volts volts, List<VehicleLine> lines, TakeOff takeOff, DiagramSheets sheets,
        Figures figures, List<Finding> findings) implements Result {
    public static final Discipline<Wired> DISCIPLINE = new Discipline<>("wiring", "Wires and fuses", Stage.POWER,
            Discipline.Pace.REST,
            in -> of(in.seeing(Wired::seen, Design.Part.BRIEF, Design.Part.THINGS, Design.Part.SETTINGS,
                    Design.Part.WIRING,
                    Design.Part.BASE)),
            () -> new Wired(new Harness(Plant.CLASS, List.of(), Map.of(), "", List.of()),
                    new Volts(Map.of(), Double.NaN, 0, 0), List.of(), new TakeOff(List.of(), 0, new Spot(0, 0, 0)),
                    DiagramSheets.NONE, Figures.NONE,
                    List.of()))
            .checking(WiringRules.class, WiringRemedies::of);

    /// A sheath may cover this much of a lead before its fuse \[m\] (ABYC E-11).
    static final double IN_SHEATH = 1.83;
    private static final double LINE_SHORT = 0.98;
    /// A bank that is filled more slowly than in so many hours is not charged by driving \[h\].
    private static final double SLOW_HOURS = 20;
    private static final double OUT = 0.10;
    private static final double HEAVIER = 0.3;
    private static final String SOURCE = "copper at its warmth, ABYC E-11 and ISO 10133; see docs/method/wiring.md";

    /// Where a wire may end it matters where that is.
    static Sight seen(Thing t) {
        return Power.seen(t) == Sight.UNSEEN ? Sight.UNSEEN : Sight.PLACED;
    }

    public static Wired of(Design d) {
        Harness h = Harness.of(d);
        Volts v = Volts.of(d, h);
        TakeOff t = TakeOff.of(d, h);
        List<VehicleLine> lines = VehicleLine.of(d, h);
        return new Wired(h, v, lines, t, DiagramSheets.of(d, h), figures(h, v, t),
                new Checks(d, h, v, lines, t).all());
    }

    private static Figures figures(Harness h, Volts v, TakeOff t) {
        List<Figure> all = new ArrayList<>();
        double wire = h.runs().stream().mapToDouble(r -> r.cut() * r.conductors()).sum();
        all.add(figure("wire.length", "Wire, all conductors", wire, Quantity.RUN, "Σ cut × conductors",
                Sentence.of("{0} runs", h.runs().size())));
        all.add(figure("wire.mass", "Wiring weighs", t.mass(), Quantity.MASS, "Σ wires, ends, fuses, small parts",
                Sentence.of("copper {0}", Amount.kg(t.copper()))));
        all.add(figure("wire.cost", "Wiring costs", t.cost(), Quantity.MONEY, "Σ what is bought",
                Sentence.of("{0} of it without wire", Amount.money(t.smallParts()))));
        all.add(figure("wire.most", "Battery gives at most", v.most(), Quantity.CURRENT,
                "all that runs in the worst hour, with the hardest start", Sentence.of("all wires solved together")));
        all.add(figure("wire.lost", "Wires turn to heat at most", v.lost(), Quantity.POWER, "Σ I² R",
                Sentence.of("all wires solved together")));
        if (!Double.isNaN(v.atBus())) {
            all.add(figure("wire.bus", "Lowest at the fuses", v.atBus(), Quantity.VOLTAGE, "nodal analysis",
                    Sentence.of("battery at its lowest state of charge")));
        }
        return Figures.of(all);
    }

    private static Figure figure(String id, String label, double value, Quantity quantity, String formula,
            Sentence numbers) {
        return Figure.of(id, label, value, quantity, new Working(formula, numbers, List.of(), SOURCE));
    }

    /// What is wrong with one harness.
    private static final class Checks {
        private final Design d;
        private final Harness h;
        private final Volts v;
        private final List<VehicleLine> lines;
        private final TakeOff t;
        private final List<Finding> all = new ArrayList<>();

        Checks(Design d, Harness h, Volts v, List<VehicleLine> lines, TakeOff t) {
            this.d = d;
            this.h = h;
            this.v = v;
            this.lines = lines;
            this.t = t;
        }

        List<Finding> all() {
            boolean draws = d.things().stream().anyMatch(x -> x.load().filter(l -> l.power() > 0).isPresent());
            if (h.start().isEmpty()) {
                if (draws && !d.wiring().circuits().isEmpty()) {
                    say(WiringRules.NO_BATTERY, Subject.WHOLE, Severity.WARN,
                            Sentence.of("Circuits lead to no battery"),
                            Sentence.of("Nothing is sized before something stores power."), List.of());
                }
                return List.copyOf(all);
            }
            source();
            h.runs().forEach(this::run);
            devices();
            board();
            sockets();
            raceways();
            vehicle();
            h.empty().forEach(id -> say(WiringRules.EMPTY, Subject.part(id), Severity.NOTE,
                    Sentence.of("Nothing hangs on {0}", d.wiring().circuit(id).map(c -> c.name()).orElse(id)),
                    Sentence.of("Its devices are gone, or on another circuit."), List.of()));
            spread();
            return List.copyOf(all);
        }

        private void say(WiringRules rule, Subject about, Severity severity, Sentence title, Sentence detail,
                List<String> things) {
            all.add(Finding.of(rule, about, severity, title, detail, things));
        }

        private void source() {
            double short_ = h.runs().stream().mapToDouble(Run::atFuse).filter(a -> !Double.isNaN(a)).max().orElse(0);
            List<String> battery = List.of(Plant.of(d).batteries().getFirst().id());
            if (d.wiring().unfused()) {
                say(WiringRules.UNFUSED, Subject.WHOLE, Severity.STOP,
                        Sentence.of("No fuse stands at the battery"),
                        Sentence.of("A short could draw {0} and nothing would stop it. A lithium bank can weld.",
                                amps(short_)),
                        battery);
            } else if (d.wiring().mainAt() > Audit.SHORT) {
                boolean sheath = d.wiring().mainAt() <= IN_SHEATH;
                say(WiringRules.UNFUSED, Subject.WHOLE, sheath ? Severity.WARN : Severity.STOP,
                        Sentence.of("The battery lead runs {0} without a fuse", Amount.m(d.wiring().mainAt())),
                        Sentence.of(sheath
                                ? "{0} is allowed, up to {1} inside a sheath. A short before the fuse draws {2}."
                                : "{0} is allowed, even in a sheath no more than {1}. A short before the fuse draws {2}.",
                                Amount.m(Audit.SHORT), Amount.m(IN_SHEATH), amps(short_)),
                        battery);
            }
            if (!d.wiring().disconnect()) {
                say(WiringRules.SWITCH, Subject.WHOLE, Severity.WARN, Sentence.of("There is no main switch"),
                        Sentence.of("Nothing can be made dead for work, for storage, or after a fault."), battery);
            }
        }

        private void run(Run r) {
            Subject about = Subject.part(r.id());
            if (r.choice().isEmpty()) {
                say(WiringRules.NO_SIZE, about, Severity.STOP, Sentence.of("No wire carries {0}", r.name()),
                        Sentence.of("{0} at {1} with {2} loaded wires, over a loop of {3}, losing no more than {4}.",
                                amps(r.amps()), new Amount(r.celsius(), Quantity.TEMPERATURE), r.loaded(),
                                Amount.run(r.loop()), Amount.share(r.limit())),
                        known(r));
                return;
            }
            WireChoice c = r.choice().get();
            boolean fused = r.kind() != Run.Kind.PANELS && !(r.kind() == Run.Kind.MAIN && d.wiring().unfused());
            if (fused && c.fuse() > c.allowed() + 1e-9) {
                say(WiringRules.OVERFUSED, about, Severity.STOP,
                        Sentence.of("The {0} fuse does not protect the {1} of {2}", amps(c.fuse()), c.wire().name(),
                                r.name()),
                        Sentence.of("In its place that wire is good for {0}: {1} of {2} loaded wires, insulation {3}.",
                                amps(c.allowed()), new Amount(r.celsius(), Quantity.TEMPERATURE), r.loaded(),
                                new Amount(Harness.insulation(d), Quantity.TEMPERATURE)),
                        known(r));
            }
            if (fused && r.family().isEmpty()) {
                say(WiringRules.BREAKS, about, Severity.STOP,
                        Sentence.of("No fuse for {0} breaks a short", r.name()),
                        Sentence.of("{0} could flow at {1}; none that is made for {2} breaks that. Fuse each battery"
                                + " of the bank by itself.", amps(r.atFuse()), new Amount(h.volts(), Quantity.VOLTAGE),
                                amps(c.fuse())),
                        known(r));
            }
            if (fused && !Double.isNaN(r.atEnd())) {
                Fault.Clears clears = Fault.clears(r.atEnd(), c.fuse());
                if (clears != Fault.Clears.AT_ONCE) {
                    say(WiringRules.CLEARS, about,
                            clears == Fault.Clears.SLOWLY ? Severity.WARN : Severity.STOP,
                            Sentence.of("A short at the end of {0} draws only {1} times its fuse", r.name(),
                                    Amount.count(Math.rint(10 * r.atEnd() / c.fuse()) / 10)),
                            Sentence.of(clears == Fault.Clears.SLOWLY
                                    ? "{0} through a fuse of {1}: it takes seconds, and the wire gets hot."
                                    : "{0} through a fuse of {1}: it may not blow, and the wire smoulders.",
                                    amps(r.atEnd()), amps(c.fuse())),
                            known(r));
                }
            }
            if (c.part() > r.limit() + 1e-9) {
                say(WiringRules.LOSS, about, Severity.WARN,
                        Sentence.of("{0} loses {1} of its volts", r.name(), Amount.share(c.part())),
                        Sentence.of("{0} at {1} over a loop of {2}; {3} are allowed.",
                                new Amount(c.drop(), Quantity.VOLTAGE), amps(r.amps()), Amount.run(r.loop()),
                                Amount.share(r.limit())),
                        known(r));
            }
            thicker(r, c, about);
            r.legs().stream().filter(l -> !l.routed() && !d.wiring().raceways().isEmpty()).forEach(l -> say(
                    WiringRules.NO_WAY, Subject.thing(l.to()), Severity.WARN,
                    Sentence.of("No raceway leads to {0}", name(l.to())),
                    Sentence.of("Its wire is taken to be half as long again as along the walls: {0}.",
                            Amount.run(l.route())),
                    List.of(l.to())));
        }

        private List<String> known(Run r) {
            return r.things().stream().filter(id -> d.thing(id).isPresent()).toList();
        }

        private String name(String thing) {
            return d.thing(thing).map(Thing::name).orElse(thing.equals(Harness.VEHICLE)
                    ? "the coupler"
                    : thing.equals(Harness.BUS) ? "the bus at the battery" : thing);
        }

        private static Amount amps(double a) {
            return new Amount(a, Quantity.CURRENT);
        }

        /// A wire thicker than its circuit needs costs and weighs; a terminal may not take it.
        private void thicker(Run r, WireChoice c, Subject about) {
            if (r.kind() == Run.Kind.CIRCUIT) {
                d.thing(r.from()).flatMap(x -> x.feature(Electric.Board.class))
                        .filter(b -> c.wire().area() > b.largest() + 1e-9)
                        .ifPresent(b -> say(WiringRules.TERMINAL, about, Severity.WARN,
                                Sentence.of("{0} of {1} does not fit the fuse panel", c.wire().name(), r.name()),
                                Sentence.of(
                                        "Its terminals take up to {0} mm². A short thinner tail would do, if its fuse"
                                                + " protects that too.",
                                        Amount.count(b.largest())),
                                r.things()));
            }
            if (c.governed() != WireChoice.Governed.USER) {
                return;
            }
            Optional<WireChoice> needed = needed(r);
            needed.filter(n -> c.wire().mass() > n.wire().mass()).ifPresent(n -> {
                double more = (c.wire().mass() - n.wire().mass()) * r.cut() * r.conductors();
                say(WiringRules.OVERSIZED, about, Severity.NOTE,
                        Sentence.of("{0} is wired with {1}; {2} would do", r.name(), c.wire().name(), n.wire().name()),
                        Sentence.of("It weighs {0} more and gains {1} at the device.", Amount.kg(more),
                                new Amount(n.drop() - c.drop(), Quantity.VOLTAGE)),
                        known(r));
            });
        }

        private Optional<WireChoice> needed(Run r) {
            double volts = r.choice().map(c -> c.drop() / c.part()).orElse(h.volts());
            return WireChoice.of(Harness.sizes(d), new WireChoice.Circuit(r.amps(), r.continuous(), r.equivalent(),
                    HarnessMaker.contacts(r.kind(), r.returns()), volts, r.limit(), Harness.insulation(d), r.celsius(),
                    r.loaded(), 1), r.choice().map(WireChoice::fuse).orElse(Double.NaN));
        }

        private void devices() {
            v.worst().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(e -> {
                Thing x = d.thing(e.getKey()).orElseThrow();
                Volts.AtDevice at = e.getValue();
                double wanted = VoltsSolver.draws(x).cutsOut() * h.volts() / Plant.CLASS;
                if (at.broken()) {
                    say(WiringRules.COLLAPSE, Subject.thing(x.id()), Severity.STOP,
                            Sentence.of("{0} cannot get its power", x.name()),
                            Sentence.of("At {0} its wires lose so much that the voltage breaks down.",
                                    Amount.watt(x.load().orElseThrow().power())),
                            List.of(x.id()));
                } else if (at.volts() < wanted) {
                    say(WiringRules.VOLTS, Subject.thing(x.id()), Severity.WARN,
                            Sentence.of("{0} sees {1}; it needs {2}", x.name(), volts(at.volts()), volts(wanted)),
                            Sentence.of(at.starts().isEmpty()
                                    ? "In {0}, the battery at its lowest: {1} lost on the way to the fuses, {2} on its own"
                                            + " circuit."
                                    : "In {0}, the battery at its lowest, as {3} starts: {1} lost on the way to the"
                                            + " fuses, {2} on its own circuit.",
                                    at.mode().label(), volts(at.shared()), volts(at.own()), at.starts()),
                            List.of(x.id()));
                }
            });
        }

        private static Amount volts(double of) {
            return new Amount(of, Quantity.VOLTAGE);
        }

        private void board() {
            List<Run> circuits = h.of(Run.Kind.CIRCUIT);
            Optional<Thing> board = Plant.of(d).board();
            if (board.isEmpty()) {
                if (circuits.size() > 1) {
                    say(WiringRules.BOARD, Subject.WHOLE, Severity.WARN, Sentence.of("There is no fuse panel"),
                            Sentence.of("{0} circuits would begin at the battery, each with a fuse in its line.",
                                    circuits.size()),
                            List.of());
                }
                return;
            }
            Electric.Board b = board.get().feature(Electric.Board.class).orElseThrow();
            if (circuits.size() > b.ways()) {
                say(WiringRules.BOARD, Subject.thing(board.get().id()), Severity.WARN,
                        Sentence.of("{0} circuits, and {1} has {2}", circuits.size(), board.get().name(), b.ways()),
                        Sentence.of("Put things together on fewer, or take a larger panel."),
                        List.of(board.get().id()));
            }
            h.runs().stream().filter(r -> r.things().contains(board.get().id())).filter(r -> r.amps() > b.amps())
                    .findFirst().ifPresent(r -> say(WiringRules.BOARD, Subject.part("amps"), Severity.WARN,
                            Sentence.of("{0} shall carry {1}; it is made for {2}", board.get().name(), amps(r.amps()),
                                    amps(b.amps())),
                            Sentence.of("A bus bar before it takes the inverter and the chargers off it."),
                            List.of(board.get().id())));
        }

        private void sockets() {
            Map<String, Double> plugged = new HashMap<>();
            h.plugged().forEach((thing, socket) -> d.thing(thing).flatMap(Thing::load)
                    .ifPresent(l -> plugged.merge(socket, l.power() / h.volts(), Double::sum)));
            plugged.entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(e -> {
                Thing socket = d.thing(e.getKey()).orElseThrow();
                double may = socket.feature(Electric.Outlet.class).map(Electric.Outlet::amps).orElse(0.0);
                if (e.getValue() > may + 1e-9) {
                    say(WiringRules.SOCKET, Subject.thing(socket.id()), Severity.WARN,
                            Sentence.of("{0} gives {1}; what is plugged in takes {2}", socket.name(), amps(may),
                                    amps(e.getValue())),
                            Sentence.of("Everything loose is taken to be plugged into the nearest socket: {0}.",
                                    String.join(", ", h.plugged().entrySet().stream()
                                            .filter(p -> p.getValue().equals(socket.id())).map(p -> name(p.getKey()))
                                            .sorted().toList())),
                            List.of(socket.id()));
                }
            });
        }

        private void raceways() {
            double rear = d.base().shell().length() + OUT;
            double side = d.base().shell().width() / 2 + OUT;
            double front = -d.base().tongueLength() - OUT;
            for (Raceway r : d.wiring().raceways()) {
                Subject about = Subject.part(r.id());
                boolean out = List.of(r.from(), r.to()).stream()
                        .anyMatch(s -> s.x() < front || s.x() > rear || Math.abs(s.y()) > side
                                || s.z() > 2 * d.base().shell().height() + OUT || s.z() < -1);
                if (out && r.part() == lectulum.design.wiring.Part.BODY) {
                    say(WiringRules.OUTSIDE, about, Severity.WARN, Sentence.of("{0} leaves the body", r.name()),
                            Sentence.of("One of its ends is beyond the walls."), List.of());
                }
                List<Wire> wires = h.along(r.id());
                if (wires.isEmpty()) {
                    continue;
                }
                Bundle bundle = Bundle.of(wires, r.area());
                if (!bundle.fits()) {
                    say(WiringRules.FILL, about, Severity.WARN,
                            Sentence.counted(wires.size(), "{1}: one wire fills {2} of it",
                                    "{1}: {0} wires fill {2} of it", r.name(), Amount.share(bundle.fill())),
                            Sentence.of("No more than {0} can be pulled. The bundle is {1} thick.",
                                    Amount.share(bundle.limit()), Amount.m(bundle.diameter() / 1000)),
                            List.of());
                }
                boolean joins = d.wiring().raceways().stream().anyMatch(
                        o -> o.part() != r.part() && (touch(o.from(), r) || touch(o.to(), r)) && o.loop() == 0);
                if (joins && r.loop() == 0) {
                    say(WiringRules.CROSSING, about, Severity.WARN,
                            Sentence.of("{0} meets a moving part without slack", r.name()),
                            Sentence.of("Wires break at a joint that moves. Give the crossing a loop as long as its"
                                    + " travel, or a plug."),
                            List.of());
                }
            }
        }

        private static boolean touch(Spot s, Raceway r) {
            return s.to(r.from()) < 0.002 || s.to(r.to()) < 0.002;
        }

        private void vehicle() {
            lines.forEach(line -> d.thing(line.thing())
                    .ifPresent(x -> x.feature(Electric.Charger.class).ifPresent(c -> {
                        if (line.straight()) {
                            straight(x, line);
                        } else if (line.fixed().out() < LINE_SHORT * line.wanted()) {
                            say(WiringRules.VEHICLE_LINE, Subject.thing(x.id()), Severity.WARN,
                                    Sentence.of("Only {0} of {1} reach the battery from the vehicle",
                                            amps(line.amps(c)), amps(c.amps())),
                                    Sentence.of("{0} arrive at the charger; when a smart alternator coasts, {1} of"
                                            + " charge remain.", volts(line.fixed().in()), amps(line.ampsCoasting(c))),
                                    List.of(x.id()));
                        }
                    })));
        }

        /// What flows straight is set by the line and by how empty the bank is.
        private void straight(Thing x, VehicleLine line) {
            Bank bank = Plant.of(d).bank().orElseThrow();
            double may = bank.chemistry().charge() * bank.charge();
            double slow = bank.charge() / SLOW_HOURS;
            if (line.most() <= 0) {
                straight(x, Severity.WARN, Sentence.of("Nothing flows from the vehicle into the bank"),
                        Sentence.of("Straight, {0} of the vehicle stand against a bank of {1}. A charger between them"
                                + " raises the volts.", volts(Assumed.value(d, Assumption.LINE_VOLTS)),
                                volts(bank.voltage())));
            } else if (line.most() > Math.min(may, line.fuse())) {
                straight(x, Severity.WARN,
                        Sentence.of("Straight from the vehicle {0} flow into an empty bank", amps(line.most())),
                        line.fuse() < may
                                ? Sentence.of("Its fuse of {0} blows. A charger between them keeps to its current.",
                                        amps(line.fuse()))
                                : Sentence.of("It takes {0} for long. A charger between them keeps to its current.",
                                        amps(may)));
            } else if (line.fixed().amps() < slow) {
                straight(x, Severity.NOTE,
                        Sentence.of("Straight from the vehicle only {0} flow into a bank that is half full",
                                amps(line.fixed().amps())),
                        Sentence.of("It takes more than {0} to fill, however long the drive. A charger between them"
                                + " raises the volts.", Amount.hours(SLOW_HOURS * 3600 / 2)));
            }
        }

        private void straight(Thing x, Severity severity, Sentence title, Sentence detail) {
            say(WiringRules.STRAIGHT, Subject.thing(x.id()), severity, title, detail, List.of(x.id()));
        }

        /// The wiring that stands in the list of things weighs and costs what is bought for it.
        private void spread() {
            d.things().stream().filter(WiringRemedies::spread).findFirst().ifPresent(x -> {
                double more = t.mass() - x.mass().value();
                if (Math.abs(more) > Math.max(HEAVIER, 0.1 * t.mass())) {
                    say(WiringRules.TAKE_OFF, Subject.thing(x.id()), Severity.NOTE,
                            Sentence.of("{0} is taken to weigh {1}; what is bought weighs {2}", x.name(),
                                    Amount.kg(x.mass().value()), Amount.kg(t.mass())),
                            Sentence.of("And it costs {0}, not {1}.", Amount.money(t.cost()),
                                    Amount.money(x.cost().forecast())),
                            List.of(x.id()));
                }
            });
        }
    }

    /// What comes through a charger, or a relay, from the vehicle; empty where its wires have no size.
    public Optional<VehicleLine> line(String thing) {
        return lines.stream().filter(l -> l.thing().equals(thing)).findFirst();
    }

    /// Volts that are left before a device stops \[V\]; empty for what is on no circuit.
    public OptionalDouble margin(Design d, String thing) {
        return volts.at(thing).flatMap(a -> d.thing(thing).map(
                t -> OptionalDouble.of(a.volts() - VoltsSolver.draws(t).cutsOut() * harness.volts() / Plant.CLASS)))
                .orElse(OptionalDouble.empty());
    }
}
