package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Electric;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.kernel.electric.Bank;
import lectulum.kernel.electric.Network;
import lectulum.power.Plant;

/// Solves the network of a harness for its volts.
///
/// For each mode those loads are on that may run in the worst of its hours; then the one that starts hardest starts on top
/// of them. The wire out and the wire back of a leg carry the same current, so that both stand as one resistance.
final class VoltsSolver {
    private static final double MAIN_FUSE_AND_SWITCH = 0.001 + 0.0005;
    private static final double JOINT = 0.0002;
    private static final int MORNING = 8;
    private static final int EVENING = 22;

    private final Map<String, Volts.AtDevice> worst = new HashMap<>();
    private double atBus = Double.NaN;
    private double lost;
    private double most;

    /// What is on at once.
    private record Scene(Mode mode, Map<String, Double> watts, String starts) {
    }

    VoltsSolver(Design d, Harness harness) {
        Plant plant = Plant.of(d);
        plant.bank().ifPresent(bank -> scenes(d).forEach(s -> solve(d, plant, bank, harness, s)));
    }

    Volts solved() {
        return new Volts(worst, atBus, lost, most);
    }

    private static List<Scene> scenes(Design d) {
        List<Scene> all = new ArrayList<>();
        List<Runs> driving = running(d, l -> l.when() == Load.When.DRIVING || l.always());
        List<Runs> standing = running(d, l -> l.when() != Load.When.DRIVING);
        add(all, d, Mode.ROAD, hour(driving, h -> true));
        add(all, d, Mode.CAMP, hour(standing, h -> h >= MORNING && h < EVENING));
        add(all, d, Mode.NIGHT, hour(standing, h -> h < MORNING || h >= EVENING));
        return all;
    }

    /// A thing that draws power within some hours.
    private record Runs(String thing, double watts, DayStrip hours) {
    }

    private static List<Runs> running(Design d, Predicate<Load> then) {
        return d.things().stream().flatMap(t -> t.load()
                .filter(l -> l.power() > 0 && l.dailyRunning() > 0 && l.feed() != Load.Feed.SHORE && then.test(l))
                .map(l -> new Runs(t.id(), l.power(), l.strip())).stream()).toList();
    }

    private static void add(List<Scene> all, Design d, Mode mode, Map<String, Double> on) {
        if (on.isEmpty()) {
            return;
        }
        all.add(new Scene(mode, on, ""));
        on.keySet().stream().flatMap(id -> d.thing(id).stream())
                .filter(t -> draws(t).surge() > 1)
                .max(java.util.Comparator.comparingDouble((Thing t) -> (draws(t).surge() - 1) * on.get(t.id()))
                        .thenComparing(Thing::id))
                .ifPresent(t -> {
                    Map<String, Double> more = new HashMap<>(on);
                    more.put(t.id(), draws(t).surge() * on.get(t.id()));
                    all.add(new Scene(mode, more, t.name()));
                });
    }

    static Electric.Draws draws(Thing t) {
        return t.feature(Electric.Draws.class).orElse(Electric.Draws.USUAL);
    }

    /// The loads of the hour in which most is on, by their watts.
    private static Map<String, Double> hour(List<Runs> running, IntPredicate hours) {
        List<Runs> best = List.of();
        double most = 0;
        for (int h = 0; h < 24; h++) {
            if (!hours.test(h)) {
                continue;
            }
            int hour = h;
            List<Runs> on = running.stream().filter(r -> r.hours.has(hour)).toList();
            double sum = 0;
            for (Runs r : on) {
                sum += r.watts;
            }
            if (sum > most) {
                most = sum;
                best = on;
            }
        }
        Map<String, Double> watts = new TreeMap<>();
        best.forEach(r -> watts.put(r.thing, r.watts));
        return watts;
    }

    /// The nodes of a network, and what was joined to which.
    private static final class Board {
        final Network net;
        int nodes = 2;
        int heavyPlus = 1;
        int heavyMinus;
        int boardPlus = 1;
        int boardMinus;
        final List<Integer> resistances = new ArrayList<>();
        final Map<String, Integer> device = new HashMap<>();
        final Map<Integer, String> load = new HashMap<>();

        Board(int most, double volts) {
            net = new Network(most, volts);
        }

        int resistance(int from, int to, double ohms) {
            int e = net.resistance(from, to, ohms);
            resistances.add(e);
            return e;
        }
    }

    private void solve(Design d, Plant plant, Bank bank, Harness harness, Scene scene) {
        Board b = new Board(7 + harness.runs().stream().mapToInt(r -> r.legs().size()).sum(), plant.volts());
        double empty = 1 - bank.chemistry().depth();
        double open = bank.chemistry().atRest(empty) * bank.classes();
        int battery = b.net.source(1, 0, open, bank.resistance());
        harness.of(Run.Kind.MAIN).stream().findFirst().ifPresent(r -> {
            b.heavyPlus = b.nodes++;
            b.heavyMinus = b.nodes++;
            b.resistance(1, b.heavyPlus, half(r) + MAIN_FUSE_AND_SWITCH);
            b.resistance(b.heavyMinus, 0, half(r));
        });
        b.boardPlus = b.heavyPlus;
        b.boardMinus = b.heavyMinus;
        harness.of(Run.Kind.FEEDER).stream().findFirst().ifPresent(r -> {
            b.boardPlus = b.nodes++;
            b.boardMinus = b.nodes++;
            b.resistance(b.heavyPlus, b.boardPlus, half(r) + Harness.BOLTED / 2);
            b.resistance(b.boardMinus, b.heavyMinus, half(r) + Harness.BOLTED / 2);
        });
        harness.of(Run.Kind.CIRCUIT).forEach(r -> circuit(d, harness, scene, b, r));
        inverter(d, harness, scene, b);
        Network.Solved solved = b.net.solve();
        double bus = solved.between(b.boardPlus, b.boardMinus);
        atBus = Double.isNaN(atBus) ? bus : Math.min(atBus, bus);
        most = Math.max(most, solved.amps()[battery]);
        double heat = 0;
        for (int e : b.resistances) {
            heat += solved.amps()[e] * solved.amps()[e] * b.net.ohms(e);
        }
        lost = Math.max(lost, heat);
        b.device.forEach((thing, node) -> {
            double volts = solved.between(node, b.boardMinus);
            boolean broken = solved.collapsed().stream().anyMatch(e -> thing.equals(b.load.get(e)));
            Volts.AtDevice seen = new Volts.AtDevice(volts, scene.mode, scene.starts, open - bus, bus - volts, broken);
            worst.merge(thing, seen, (x, y) -> x.broken() || !y.broken() && x.volts() <= y.volts() ? x : y);
        });
    }

    private static void circuit(Design d, Harness harness, Scene scene, Board b, Run r) {
        if (r.choice().isEmpty()) {
            return;
        }
        int at = b.boardPlus;
        double ohms = r.choice().get().wire().resistance(r.choice().get().warmth());
        double met = HarnessMaker.contacts(r.kind(), r.returns());
        for (Run.Leg leg : r.legs()) {
            int next = b.nodes++;
            b.resistance(at, next, r.conductors() * leg.cut() * ohms + met);
            met = 2 * JOINT;
            for (Thing t : d.things()) {
                boolean here = leg.to().equals(harness.plugged().getOrDefault(t.id(), t.id()));
                Double watts = here ? scene.watts.get(t.id()) : null;
                if (watts != null && t.load().orElseThrow().feed() == Load.Feed.BATTERY) {
                    b.load.put(load(b, next, t, watts), t.id());
                    b.device.put(t.id(), next);
                }
            }
            at = next;
        }
    }

    private static int load(Board b, int node, Thing t, double watts) {
        double volts = b.net.nominal();
        return switch (draws(t).behaviour()) {
            case POWER -> b.net.power(node, b.boardMinus, watts);
            case CURRENT -> b.net.current(node, b.boardMinus, watts / volts);
            case RESISTANCE -> b.net.heater(node, b.boardMinus, volts * volts / watts);
        };
    }

    private static void inverter(Design d, Harness harness, Scene scene, Board b) {
        Optional<Run> run = harness.of(Run.Kind.INVERTER).stream().filter(r -> r.choice().isPresent()).findFirst();
        double ac = d.things().stream()
                .filter(t -> scene.watts.containsKey(t.id()) && t.load().orElseThrow().feed() == Load.Feed.INVERTER)
                .mapToDouble(t -> scene.watts.get(t.id())).sum();
        if (run.isEmpty() || ac <= 0) {
            return;
        }
        Electric.Inverter i = d.thing(run.get().things().getFirst())
                .flatMap(t -> t.feature(Electric.Inverter.class)).orElseThrow();
        int node = b.nodes++;
        int minus = b.nodes++;
        b.resistance(b.heavyPlus, node, half(run.get()) + Harness.BOLTED / 2);
        b.resistance(minus, b.heavyMinus, half(run.get()) + Harness.BOLTED / 2);
        b.load.put(b.net.power(node, minus, i.idle() + ac / i.efficiency()), run.get().things().getFirst());
    }

    /// Of one wire of a line \[Ω\].
    private static double half(Run r) {
        return r.choice().map(c -> r.cut() * c.wire().resistance(c.warmth())).orElse(JOINT) + JOINT;
    }
}
