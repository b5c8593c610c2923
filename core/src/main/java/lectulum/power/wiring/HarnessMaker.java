package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Wires;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Part;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.design.wiring.Wiring;
import lectulum.kernel.electric.ModuleStrings;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.power.Plant;

/// Makes the harness of one design: who hangs where, then the ways, then sizes from what shares a raceway.
final class HarnessMaker {
    private static final double SMALL_LOSS = 0.03;
    private static final double LARGE_LOSS = 0.10;
    private static final double LONG = 3 * 3600;
    private static final double LEAST_AWG = 1.3;
    private static final double LEAST_METRIC = 1.0;
    private static final double MOST_SPAN = 1e3;

    private final Design d;
    private final Wiring wiring;
    private final Plant plant;
    private final double volts;
    private final Layer layer;
    private final Groups groups;
    private final List<Plan> plans = new ArrayList<>();

    HarnessMaker(Design d) {
        this.d = d;
        this.wiring = d.wiring();
        this.plant = Plant.of(d);
        this.volts = plant.volts();
        this.layer = new Layer(d);
        this.groups = Groups.of(d);
    }

    /// What is known of a run before its size is.
    ///
    /// @param watts of each device, in their order; empty where only one is at its end
    private record Plan(String id, int number, String name, Run.Kind kind, Layer.Place from, List<Layer.Place> to,
            List<Double> watts, double amps, boolean continuous, double limit, double volts, boolean before,
            OptionalDouble fuse, String size, boolean returns, boolean own) {
        Plan fused(OptionalDouble by) {
            return new Plan(id, number, name, kind, from, to, watts, amps, continuous, limit, volts, before, by, size,
                    returns, own);
        }

        /// A converter makes good what a line loses, as long as it does not fall below where it stops.
        Plan losing(double part) {
            return new Plan(id, number, name, kind, from, to, watts, amps, continuous, part, volts, before, fuse, size,
                    returns, own);
        }

        /// What flows in each leg \[A\]: what hangs on it and behind it.
        List<Double> flows() {
            List<Double> flows = new ArrayList<>();
            for (int i = 0; i < to.size(); i++) {
                flows.add(watts.isEmpty()
                        ? amps
                        : watts.subList(i, watts.size()).stream().mapToDouble(w -> w).sum() / volts);
            }
            return flows;
        }
    }

    Harness harness() {
        Map<String, String> plugged = new LinkedHashMap<>();
        d.things().forEach(t -> groups.socketOf(t.id()).ifPresent(s -> plugged.put(t.id(), s)));
        List<String> empty = groups.all().stream().filter(g -> g.devices().isEmpty()).map(g -> g.circuit().id())
                .toList();
        if (plant.batteries().isEmpty()) {
            return new Harness(volts, List.of(), plugged, "", empty);
        }
        Layer.Place battery = Layer.Place.of(plant.batteries().getFirst());
        Optional<Layer.Place> bus = plant.bus().map(Layer.Place::of);
        Optional<Layer.Place> board = plant.board().map(Layer.Place::of);
        Layer.Place heavy = bus.orElse(new Layer.Place(Harness.BUS, battery.spot(), battery.part()));
        Layer.Place light = board.orElse(heavy);
        circuits(light);
        chargers(heavy);
        double loads = together();
        double inverted = plans.stream().filter(p -> p.kind == Run.Kind.INVERTER).mapToDouble(Plan::amps).sum();
        double charged = plans.stream().filter(p -> p.kind == Run.Kind.SOLAR || p.kind == Run.Kind.VEHICLE
                || p.kind == Run.Kind.CHARGER).mapToDouble(Plan::amps).sum();
        plans.addFirst(line("main", "Battery to " + name(heavy), Run.Kind.MAIN, battery, heavy,
                Math.max(loads + inverted, charged)).fused(wiring.mainFuse()));
        if (!heavy.id().equals(light.id())) {
            plans.add(1, line("feeder", "To " + name(light), Run.Kind.FEEDER, heavy, light, loads));
        }
        return new Harness(volts, sized(), plugged, light.id(), empty);
    }

    private String name(Layer.Place p) {
        return d.thing(p.id()).map(Thing::name).orElse("the bus");
    }

    /// What all circuits draw together in the worst hour of a day \[A\].
    private double together() {
        double[] watts = new double[24];
        groups.all().stream().flatMap(g -> g.devices().stream()).flatMap(x -> x.loads().stream())
                .map(t -> t.load().orElseThrow()).filter(l -> l.dailyRunning() > 0).forEach(l -> {
                    DayStrip strip = l.strip();
                    for (int h = 0; h < watts.length; h++) {
                        watts[h] += strip.has(h) ? l.power() : 0;
                    }
                });
        return Math.max(0, Arrays.stream(watts).max().orElseThrow()) / volts;
    }

    private void circuits(Layer.Place board) {
        int number = 1;
        for (Groups.Group g : groups.all()) {
            if (g.devices().isEmpty()) {
                continue;
            }
            Circuit c = g.circuit();
            List<Groups.Device> inOrder = nearest(board.spot(), g.devices());
            boolean critical = c.loss() == Circuit.Loss.CRITICAL || wiring.school() == Wiring.School.ALL_SMALL
                    || c.loss() == Circuit.Loss.BY_KIND && g.devices().stream().anyMatch(Groups::critical);
            boolean lamps = g.devices().stream().allMatch(x -> Groups.lamp(x.thing()));
            double amps = g.watts() / volts;
            plans.add(new Plan("circuit." + c.id(), number++, c.name(), Run.Kind.CIRCUIT, board,
                    inOrder.stream().map(x -> Layer.Place.of(x.thing())).toList(),
                    inOrder.stream().map(Groups.Device::watts).toList(), amps,
                    g.devices().stream().mapToDouble(Groups.Device::longest).max().orElse(0) > LONG,
                    critical ? SMALL_LOSS : LARGE_LOSS, volts, c.before(), c.fuse(), c.size(),
                    !(wiring.chassis() && lamps), !g.made()));
        }
    }

    /// Each device next to the one before it.
    private static List<Groups.Device> nearest(Spot from, List<Groups.Device> devices) {
        List<Groups.Device> left = new ArrayList<>(devices);
        List<Groups.Device> order = new ArrayList<>();
        Spot at = from;
        while (!left.isEmpty()) {
            Spot here = at;
            Groups.Device next = left.stream()
                    .min(Comparator.comparingDouble(x -> Groups.spot(x.thing()).alongWalls(here))).orElseThrow();
            order.add(next);
            left.remove(next);
            at = Groups.spot(next.thing());
        }
        return order;
    }

    private void chargers(Layer.Place heavy) {
        for (Thing t : plant.controllers()) {
            Electric.Controller c = t.feature(Electric.Controller.class).orElseThrow();
            if (!t.id().equals(heavy.id())) {
                plans.add(line("solar." + t.id(), t.name(), Run.Kind.SOLAR, heavy, Layer.Place.of(t), c.amps()));
            }
        }
        panels();
        for (Thing t : plant.chargers()) {
            Electric.Charger c = t.feature(Electric.Charger.class).orElseThrow();
            boolean vehicle = c.from() == Electric.From.VEHICLE || c.from() == Electric.From.RELAY;
            plans.add(line("charger." + t.id(), t.name(), Run.Kind.CHARGER, heavy, Layer.Place.of(t), c.amps()));
            if (vehicle) {
                Layer.Place ball = new Layer.Place(Harness.VEHICLE, new Spot(-d.base().tongueLength(), 0, 0),
                        Part.BODY);
                double amps = c.amps() * volts / (Plant.CHARGER * Plant.CLASS);
                plans.add(line("vehicle." + t.id(), "Tow vehicle to it", Run.Kind.VEHICLE, ball,
                        Layer.Place.of(t), amps).losing(c.from() == Electric.From.VEHICLE ? LARGE_LOSS : SMALL_LOSS));
            }
        }
        plant.inverter().ifPresent(t -> {
            Electric.Inverter i = t.feature(Electric.Inverter.class).orElseThrow();
            plans.add(line("inverter." + t.id(), t.name(), Run.Kind.INVERTER, heavy, Layer.Place.of(t),
                    (i.watts() / i.efficiency() + i.idle()) / volts));
        });
    }

    /// From the panels to the first controller: made for what they give shorted in the brightest sun.
    private void panels() {
        List<Thing> panels = plant.panels();
        Optional<ModuleStrings> strings = plant.strings();
        if (panels.isEmpty() || strings.isEmpty() || plant.controllers().isEmpty()) {
            return;
        }
        Layer.Place controller = Layer.Place.of(plant.controllers().getFirst());
        ModuleStrings s = strings.get();
        Thing nearest = panels.stream()
                .min(Comparator.comparingDouble(t -> Groups.spot(t).alongWalls(controller.spot()))).orElseThrow();
        plans.add(new Plan("panels", 0, "Panels", Run.Kind.PANELS, controller, List.of(Layer.Place.of(nearest)),
                List.of(), s.design(), true,
                SMALL_LOSS, Math.max(1, s.series() * s.best()), false, OptionalDouble.empty(), "", true, false));
    }

    private Plan line(String id, String name, Run.Kind kind, Layer.Place from, Layer.Place to, double amps) {
        return new Plan(id, 0, name, kind, from, List.of(to), List.of(), amps, true, SMALL_LOSS, volts, false,
                OptionalDouble.empty(), "", true, false);
    }

    private List<Run> sized() {
        List<List<Run.Leg>> laid = laid();
        Map<String, Integer> loaded = loaded(laid);
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            runs.add(run(plans.get(i), laid.get(i), loaded));
        }
        return new Faults(d, plant, runs).told();
    }

    /// The legs of all plans, laid together.
    private List<List<Run.Leg>> laid() {
        List<Layer.Place> from = new ArrayList<>();
        List<Layer.Place> to = new ArrayList<>();
        List<Double> direct = new ArrayList<>();
        List<Double> amps = new ArrayList<>();
        for (Plan p : plans) {
            Layer.Place at = p.from;
            for (Layer.Place next : p.to) {
                from.add(at);
                to.add(next);
                direct.add(p.kind == Run.Kind.VEHICLE
                        ? Double.POSITIVE_INFINITY
                        : p.kind != Run.Kind.CIRCUIT || at != p.from ? Layer.CLOSE : 0);
                at = next;
            }
            amps.addAll(p.flows());
        }
        List<Run.Leg> all = layer.legs(from, to, direct, amps);
        List<List<Run.Leg>> laid = new ArrayList<>();
        int i = 0;
        for (Plan p : plans) {
            List<Run.Leg> own = all.subList(i, i + p.to.size());
            i += p.to.size();
            laid.add(p.kind == Run.Kind.VEHICLE ? own.stream().map(this::withVehicle).toList() : List.copyOf(own));
        }
        return laid;
    }

    private Run.Leg withVehicle(Run.Leg l) {
        double more = Assumed.value(d, Assumption.LINE_VEHICLE);
        return new Run.Leg(l.to(), l.routed(), l.route() + more, l.cut() + more, l.points(), l.along(), l.amps());
    }

    /// Conductors that carry current in each raceway.
    private Map<String, Integer> loaded(List<List<Run.Leg>> laid) {
        Map<String, Integer> loaded = new HashMap<>();
        for (int i = 0; i < plans.size(); i++) {
            Set<String> mine = new HashSet<>();
            laid.get(i).forEach(l -> mine.addAll(l.along()));
            int wires = plans.get(i).returns ? 2 : 1;
            mine.forEach(id -> loaded.merge(id, wires, Integer::sum));
        }
        return loaded;
    }

    private Run run(Plan p, List<Run.Leg> legs, Map<String, Integer> loaded) {
        Set<String> along = new HashSet<>();
        legs.forEach(l -> along.addAll(l.along()));
        int most = along.stream().mapToInt(id -> loaded.getOrDefault(id, 0)).max().orElse(p.returns ? 2 : 1);
        double celsius = along.stream().flatMap(id -> layer.raceway(id).stream())
                .mapToDouble(r -> r.zone().celsius()).max().orElse(Raceway.Zone.CABIN.celsius());
        double cut = legs.stream().mapToDouble(Run.Leg::cut).sum();
        double equivalent = p.amps > 0
                ? legs.stream().mapToDouble(l -> l.cut() * l.amps()).sum() / p.amps
                : cut;
        List<Wire> sizes = Harness.sizes(d);
        boolean metric = sizes == Wires.METRIC;
        double least = switch (p.kind) {
            case MAIN -> metric ? 10 : 8;
            case FEEDER -> metric ? 6 : 5;
            default -> metric ? LEAST_METRIC : LEAST_AWG;
        };
        WireChoice.Circuit c = new WireChoice.Circuit(p.amps, p.continuous, Math.min(MOST_SPAN, equivalent),
                contacts(p), p.volts, p.limit, Harness.insulation(d), celsius, most, least);
        return new Run(p.id, p.number, p.name, p.kind, p.from.id(), legs, p.amps, p.continuous, p.limit, celsius, most,
                p.returns, p.before, choice(p, c, sizes), Optional.empty(), Double.NaN, Double.NaN, p.own);
    }

    static double contacts(Run.Kind kind, boolean returns) {
        double met = kind == Run.Kind.CIRCUIT ? Harness.CONTACTS : Harness.BOLTED;
        return returns ? met : met + Harness.CHASSIS;
    }

    private static double contacts(Plan p) {
        return contacts(p.kind, p.returns);
    }

    private Optional<WireChoice> choice(Plan p, WireChoice.Circuit c, List<Wire> sizes) {
        double fuse = p.fuse.orElseGet(() -> WireChoice.fuse(c));
        Optional<Wire> own = sizes.stream().filter(w -> w.name().equals(p.size)).findFirst();
        if (own.isPresent() && !Double.isNaN(fuse)) {
            return Optional.of(WireChoice.given(own.get(), fuse, c));
        }
        Optional<WireChoice> needed = WireChoice.of(sizes, c, fuse);
        if (wiring.larger() == 0) {
            return needed;
        }
        return needed.map(n -> {
            int i = Math.min(sizes.size() - 1, sizes.indexOf(n.wire()) + wiring.larger());
            return WireChoice.given(sizes.get(i), n.fuse(), c);
        });
    }
}
