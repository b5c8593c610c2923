package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Wiring;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Subject;
import lectulum.kernel.electric.Audit;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Wire;
import lectulum.layout.FreePlace;
import lectulum.power.Plant;
import lectulum.units.Quantity;

/// Other sizes, fuses, ways and places, as far as they mend a wire.
final class WiringRemedies {
    private static final String PANEL = "fuse-panel-and-main-switch";
    private static final String SOCKET = "12-v-socket";
    private static final int STEPS = 3;
    private static final double CLOSE = 0.15;
    private static final double SLACK = 0.25;
    /// Of a heavy two-pole plug, relay and fuses \[Ω\].
    private static final double HEAVY_CONTACTS = 0.006;
    private static final double CONVERTER = 18;

    private WiringRemedies() {
    }

    static Stream<Remedy> of(Known known, WiringRules rule, Finding finding) {
        Design d = known.design();
        Wired wired = known.of(Wired.DISCIPLINE);
        Optional<Run> run = wired.harness().run(finding.about().key())
                .or(() -> wired.harness().feeding(finding.about().key()));
        return switch (rule) {
            case UNFUSED -> Stream.of(wiring(Sentence.of("A fuse {0} from the battery", Amount.m(CLOSE)),
                    w -> w.withUnfused(false).withMainAt(Math.min(CLOSE, Audit.SHORT))));
            case SWITCH -> Stream.of(wiring(Sentence.of("A main switch behind the fuse"), w -> w.withDisconnect(true)));
            case OVERFUSED, LOSS, OVERSIZED -> run.stream().flatMap(r -> fitted(d, r));
            case CLEARS, VOLTS, COLLAPSE -> run.stream().flatMap(r -> thicker(d, r));
            case NO_SIZE -> Stream.concat(run.stream().flatMap(r -> split(d, r)), twice(d));
            case FILL -> raceway(d, finding).flatMap(r -> Stream.of(1.5, 2.0, 3.0).map(k -> wider(r, k)));
            case CROSSING -> raceway(d, finding).map(r -> wiring(Sentence.of("{0} with a loop of {1}", r.name(),
                    Amount.m(SLACK)), w -> w.mappingRaceway(r.id(), x -> x.withLoop(SLACK))));
            case NO_WAY -> Stream.of(Raceways.usual(d));
            case BOARD -> board(d).stream();
            case SOCKET -> socket(d, wired.harness(), finding).stream();
            case TAKE_OFF -> takeOff(d, wired.takeOff()).stream();
            case VEHICLE_LINE -> Stream.concat(
                    Stream.of(heavyPlug()),
                    charger(d, finding).flatMap(WiringRemedies::weaker));
            case STRAIGHT -> charger(d, finding).map(t -> converter(d, t)).flatMap(c -> Stream.of(c, heavyPlug(),
                    new Remedy(Sentence.of("{0}, and a heavy plug", c.says()), new Edit("Line from the vehicle",
                            x -> heavyPlug().edit().apply(c.edit().apply(x))))));
            case EMPTY -> Stream.of(wiring(Sentence.of("Without that circuit"), w -> w.withCircuits(
                    w.circuits().stream().filter(c -> !c.id().equals(finding.about().key())).toList())));
            case BREAKS, OUTSIDE, TERMINAL, NO_BATTERY -> Stream.empty();
        };
    }

    private static Remedy wiring(Sentence says, UnaryOperator<Wiring> change) {
        return new Remedy(says, new Edit("Wiring", d -> d.with(change.apply(d.wiring()))));
    }

    /// The user's circuit of a run, or one made of what the program put together.
    private static Circuit circuit(Design d, Run r) {
        String id = r.id().replaceFirst("^circuit\\.", "");
        return d.wiring().circuit(id).orElse(new Circuit(id, r.name(), r.things()).beforeSwitch(r.before()));
    }

    private static Stream<Remedy> fitted(Design d, Run r) {
        List<Remedy> all = new ArrayList<>();
        if (r.kind() == Run.Kind.CIRCUIT) {
            Circuit c = circuit(d, r);
            if (c.fuse().isPresent()) {
                all.add(wiring(Sentence.of("{0}: the fuse that fits", r.name()), w -> w.with(c.fused(Double.NaN))));
            }
            if (!c.size().isEmpty()) {
                all.add(wiring(Sentence.of("{0}: the wire that suffices", r.name()), w -> w.with(c.sized(""))));
            }
        }
        if (r.kind() == Run.Kind.CIRCUIT && all.size() > 1) {
            Circuit c = circuit(d, r);
            all.add(wiring(Sentence.of("{0}: the wire and the fuse that fit", r.name()),
                    w -> w.with(c.fused(Double.NaN).sized(""))));
        }
        if (r.kind() == Run.Kind.MAIN && d.wiring().mainFuse().isPresent()) {
            all.add(wiring(Sentence.of("The main fuse that fits"), w -> w.withMainFuse(OptionalDouble.empty())));
        }
        if (d.wiring().larger() > 0) {
            all.add(wiring(Sentence.of("No wire larger than it needs to be"), w -> w.withLarger(0)));
        }
        return all.stream();
    }

    private static Stream<Remedy> thicker(Design d, Run r) {
        Stream<Remedy> fits = fitted(d, r);
        if (r.kind() != Run.Kind.CIRCUIT || r.wire().isEmpty()) {
            return Stream.concat(fits, Stream.of(larger(d)));
        }
        List<Wire> sizes = Harness.sizes(d);
        int at = sizes.indexOf(r.wire().get());
        Circuit c = circuit(d, r);
        List<Remedy> next = new ArrayList<>();
        for (int i = at + 1; i < Math.min(sizes.size(), at + 1 + STEPS); i++) {
            Wire w = sizes.get(i);
            next.add(wiring(Sentence.of("{0} in {1} ({2} more)", r.name(), w.name(),
                    Amount.kg((w.mass() - r.wire().get().mass()) * r.cut() * r.conductors())),
                    x -> x.with(c.sized(w.name()))));
        }
        return Stream.of(fits, next.stream(), Stream.of(larger(d))).flatMap(s -> s);
    }

    private static Remedy larger(Design d) {
        int more = Math.min(4, d.wiring().larger() + 1);
        return wiring(Sentence.of("All wires {0} sizes larger than needed", more), w -> w.withLarger(more));
    }

    private static Stream<Remedy> split(Design d, Run r) {
        List<Remedy> all = new ArrayList<>();
        if (r.kind() == Run.Kind.CIRCUIT && r.legs().size() > 1) {
            Circuit c = circuit(d, r);
            int half = r.legs().size() / 2;
            List<String> first = r.things().subList(0, half);
            List<String> second = r.things().subList(half, r.things().size());
            all.add(wiring(Sentence.of("{0} on two circuits", r.name()), w -> w.with(c.with(first))
                    .with(new Circuit(c.id() + "-2", c.name() + " 2", second))));
        }
        if (d.wiring().hot()) {
            all.add(wiring(Sentence.of("Insulation that stands more heat"), w -> w.withHot(false)));
        }
        return Stream.concat(all.stream(), fitted(d, r));
    }

    private static Stream<Raceway> raceway(Design d, Finding finding) {
        return d.wiring().raceway(finding.about().key()).stream();
    }

    private static Remedy wider(Raceway r, double k) {
        return wiring(Sentence.of("{0}: {1} by {2}", r.name(), Amount.m(k * r.wide()), Amount.m(r.high())),
                w -> w.mappingRaceway(r.id(), x -> x.sized(Math.min(0.3, k * r.wide()), r.high())));
    }

    private static Optional<Remedy> board(Design d) {
        Thing panel = Catalogue.shipped().find(PANEL).orElseThrow();
        Thing battery = d.things().stream().filter(t -> t.battery().isPresent()).findFirst().orElse(panel);
        if (d.things().stream().anyMatch(t -> t.has(Electric.Board.class))) {
            Thing has = d.things().stream().filter(t -> t.has(Electric.Board.class)).findFirst().orElseThrow();
            Electric.Board b = has.feature(Electric.Board.class).orElseThrow();
            int ways = Math.min(60, b.ways() + 6);
            return Optional.of(Mend.feature(has, new Electric.Board(b.fused(), ways, 2 * b.amps(), b.largest()),
                    Sentence.of("{0} for {1} circuits and {2}", has.name(), ways,
                            new Amount(2 * b.amps(), Quantity.CURRENT))));
        }
        Placement near = battery.place().at(battery.place().x(), battery.place().y(),
                battery.place().z() + battery.size().height() + CLOSE, battery.place().yaw());
        Thing named = panel.withId(d.freeId("fuse-panel")).with(near);
        return Optional.of(new Remedy(Sentence.of("{0} above the battery: {1}, {2}", panel.name(),
                Amount.kg(panel.mass().value()), Amount.money(panel.cost().forecast())),
                new Edit("Fuse panel", x -> x.plus(named))));
    }

    private static Optional<Remedy> socket(Design d, Harness h, Finding finding) {
        if (!(finding.about() instanceof Subject.OfThing of)) {
            return Optional.empty();
        }
        Optional<Thing> farthest = d.thing(of.thing()).flatMap(s -> h.plugged().entrySet().stream()
                .filter(e -> e.getValue().equals(s.id())).flatMap(e -> d.thing(e.getKey()).stream())
                .max(java.util.Comparator.comparingDouble(t -> Groups.spot(t).alongWalls(Groups.spot(s)))));
        return farthest.map(t -> {
            Thing socket = Catalogue.shipped().find(SOCKET).orElseThrow();
            Thing named = socket.withId(d.freeId(SOCKET));
            double wall = Math.copySign(d.base().shell().width() / 2, t.place().y() == 0 ? 1 : t.place().y());
            Placement at = FreePlace.find(d, named).orElse(t.place()).at(t.place().x(), wall, 0.5, 0);
            return new Remedy(Sentence.of("A {0} of its own near {1}", socket.name(), t.name()),
                    new Edit("Socket", x -> x.plus(named.with(at))));
        });
    }

    private static Remedy heavyPlug() {
        return Mend.assumed(Assumption.LINE_CONTACTS, HEAVY_CONTACTS,
                Sentence.of("A heavy plug for this line alone, its contacts clean"));
    }

    /// Twice the volts: the same power at half the current.
    private static Stream<Remedy> twice(Design d) {
        List<Thing> bank = Plant.of(d).batteries();
        return Plant.of(d).volts() > Plant.CLASS || bank.isEmpty()
                ? Stream.empty()
                : Stream.of(new Remedy(
                        Sentence.of("A bank of {0}, half the current; what is made for {1} behind a converter",
                                volts(2 * Plant.CLASS), volts(Plant.CLASS)),
                        new Edit("24 V", x -> {
                            Design next = x;
                            for (Thing t : bank) {
                                Electric.Blocks b = t.feature(Electric.Blocks.class).orElse(Electric.Blocks.ONE);
                                next = next.mapping(t.id(), y -> y.with(new Electric.Blocks(b.volts(), 2 * b.series(),
                                        Math.max(1, b.parallel() / 2), b.age(), b.opening(), b.box())));
                            }
                            for (Thing t : x.things()) {
                                next = next.mapping(t.id(), WiringRemedies::doubled);
                            }
                            return next;
                        })));
    }

    /// What charges it set to twice the volts.
    private static Thing doubled(Thing t) {
        Thing charger = t.feature(Electric.Charger.class).filter(c -> c.charges().isPresent())
                .map(c -> t.with(c.set(2 * c.charges().getAsDouble()))).orElse(t);
        return charger.feature(Electric.Controller.class).filter(c -> c.charges().isPresent())
                .map(c -> charger.with(c.set(2 * c.charges().getAsDouble()))).orElse(charger);
    }

    private static Amount volts(double of) {
        return new Amount(of, Quantity.VOLTAGE);
    }

    private static Stream<Thing> charger(Design d, Finding finding) {
        return finding.about() instanceof Subject.OfThing t ? d.thing(t.thing()).stream() : Stream.empty();
    }

    /// Set to the bank, and no stronger than that takes.
    private static Remedy converter(Design d, Thing t) {
        Bank bank = Plant.of(d).bank().orElseThrow();
        double amps = Math.max(1, Math.min(CONVERTER, Math.floor(bank.chemistry().charge() * bank.charge())));
        return Mend.feature(t, new Electric.Charger(Electric.From.VEHICLE, amps,
                OptionalDouble.of(bank.chemistry().absorption() * bank.classes()), true, 11),
                Sentence.of("A charger between them, of {0}", new Amount(amps, Quantity.CURRENT)));
    }

    private static Stream<Remedy> weaker(Thing t) {
        return t.feature(Electric.Charger.class).stream().flatMap(c -> Stream.of(0.8, 0.6).map(k -> {
            double amps = Math.rint(k * c.amps());
            return Mend.feature(t, c.giving(amps), Sentence.of("{0} of {1}", t.name(),
                    new Amount(amps, Quantity.CURRENT)));
        }));
    }

    /// Whether a thing stands for wires and small parts.
    static boolean spread(Thing t) {
        return t.system() == SystemGroup.ELECTRICAL && t.mount() == Mount.SPREAD && t.load().isEmpty()
                && !t.name().toLowerCase(java.util.Locale.ROOT).contains("light")
                && !t.id().contains("light");
    }

    private static Optional<Remedy> takeOff(Design d, TakeOff t) {
        return d.things().stream().filter(WiringRemedies::spread).findFirst()
                .map(x -> Mend.bought(x, t.mass(), t.cost(), t.centre()));
    }
}
