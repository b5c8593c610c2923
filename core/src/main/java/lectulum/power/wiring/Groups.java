package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Circuit;
import lectulum.design.wiring.Spot;

/// Which things share a circuit: as the user set it, and the rest by kind.
///
/// What has a line of its own to the bus, a charger or an inverter, takes its own power there. What is loose is plugged into the nearest socket, where there is one. What must never be dead goes off before the main
/// switch; lamps, sockets and small things share circuits of up to eight and 10 A; whatever draws 30 W and more, a socket too, has its own.
final class Groups {
    private static final double CLASS = 12;
    private static final double OWN = 30;
    private static final double MOST_WATTS = 120;
    private static final int MOST_DEVICES = 8;
    private static final double SMALL = 5;

    private final List<Group> all = new ArrayList<>();
    private final Map<String, String> plugged = new HashMap<>();

    /// Things on one circuit.
    ///
    /// @param circuit as it is set, or as the program made it
    /// @param devices that are wired, in the order of the design
    /// @param made    whether the program made it
    record Group(Circuit circuit, List<Device> devices, boolean made) {
        double watts() {
            return devices.stream().mapToDouble(Device::watts).sum();
        }
    }

    /// A thing at the end of a wire, with what is plugged into it.
    ///
    /// @param loads it and what is plugged in, each with its thing
    record Device(Thing thing, List<Thing> loads) {
        /// What it is wired for: what draws there, or all that a socket may give where nothing is plugged in yet.
        double watts() {
            return loads.isEmpty()
                    ? thing.feature(Electric.Outlet.class).map(o -> o.amps() * CLASS).orElse(0.0)
                    : loads.stream().mapToDouble(t -> t.load().orElseThrow().power()).sum();
        }

        /// Hours of a day in which some of it runs \[s\].
        double longest() {
            return loads.stream().mapToDouble(t -> t.load().orElseThrow().dailyRunning()).max().orElse(0);
        }
    }

    private enum Kind {
        ALWAYS("Never dead"), LIGHT("Lamps"), SOCKET("Sockets"), SMALL("Small things"), OWN("");

        private final String label;

        Kind(String label) {
            this.label = label;
        }
    }

    private Groups(Design d) {
        List<Thing> outlets = d.things().stream().filter(t -> t.has(Electric.Outlet.class)).toList();
        Map<String, List<Thing>> at = new LinkedHashMap<>();
        List<Thing> wired = new ArrayList<>();
        for (Thing t : d.things()) {
            boolean lined = t.has(Electric.Controller.class) || t.has(Electric.Charger.class)
                    || t.has(Electric.Inverter.class);
            boolean draws = !lined
                    && t.load().filter(l -> l.power() > 0 && l.feed() == Load.Feed.BATTERY).isPresent();
            Optional<Thing> socket = draws && t.fix() == Fix.LOOSE ? nearest(t, outlets) : Optional.empty();
            if (socket.isPresent()) {
                plugged.put(t.id(), socket.get().id());
                at.computeIfAbsent(socket.get().id(), k -> new ArrayList<>()).add(t);
            } else if (draws || t.has(Electric.Outlet.class)) {
                wired.add(t);
            }
        }
        List<Device> devices = wired.stream().map(t -> {
            List<Thing> loads = new ArrayList<>();
            t.load().filter(l -> l.power() > 0 && l.feed() == Load.Feed.BATTERY).ifPresent(l -> loads.add(t));
            loads.addAll(at.getOrDefault(t.id(), List.of()));
            return new Device(t, List.copyOf(loads));
        }).toList();
        Set<String> taken = new HashSet<>();
        for (Circuit c : d.wiring().circuits()) {
            List<Device> own = devices.stream()
                    .filter(x -> c.things().contains(x.thing().id()) && taken.add(x.thing().id())).toList();
            all.add(new Group(c, own, false));
        }
        Map<Kind, List<Device>> open = new LinkedHashMap<>();
        for (Kind k : Kind.values()) {
            open.put(k, new ArrayList<>());
        }
        for (Device x : devices) {
            if (!taken.contains(x.thing().id()) && x.watts() > 0) {
                open.get(kind(x)).add(x);
            }
        }
        open.forEach(this::share);
    }

    static Groups of(Design d) {
        return new Groups(d);
    }

    List<Group> all() {
        return all;
    }

    /// The socket into which a thing is plugged.
    Optional<String> socketOf(String thing) {
        return Optional.ofNullable(plugged.get(thing));
    }

    private void share(Kind kind, List<Device> devices) {
        List<Device> now = new ArrayList<>();
        double watts = 0;
        int parts = 1;
        for (Device x : devices) {
            boolean full = kind == Kind.OWN || now.size() >= MOST_DEVICES || watts + x.watts() > MOST_WATTS;
            if (full && !now.isEmpty()) {
                add(kind, now, parts++);
                now = new ArrayList<>();
                watts = 0;
            }
            now.add(x);
            watts += x.watts();
        }
        if (!now.isEmpty()) {
            add(kind, now, parts);
        }
    }

    private void add(Kind kind, List<Device> devices, int part) {
        Thing first = devices.getFirst().thing();
        String name = kind == Kind.OWN ? first.name() : part > 1 ? kind.label + " " + part : kind.label;
        String id = kind == Kind.OWN ? "of-" + first.id() : kind.name().toLowerCase(java.util.Locale.ROOT) + "-" + part;
        Circuit c = new Circuit(id, name, devices.stream().map(x -> x.thing().id()).toList());
        all.add(new Group(c.beforeSwitch(kind == Kind.ALWAYS), List.copyOf(devices), true));
    }

    private static Kind kind(Device x) {
        Thing t = x.thing();
        Optional<Load> load = t.load();
        if (t.has(Electric.Outlet.class) || x.loads().size() > 1 || !x.loads().contains(t)) {
            return x.watts() >= OWN && !x.loads().isEmpty() ? Kind.OWN : Kind.SOCKET;
        }
        if (load.filter(Load::always).isPresent() && x.watts() <= SMALL && t.system() != SystemGroup.COLD) {
            return Kind.ALWAYS;
        }
        if (lamp(t)) {
            return Kind.LIGHT;
        }
        return x.watts() >= OWN ? Kind.OWN : Kind.SMALL;
    }

    static boolean lamp(Thing t) {
        return t.has(Electric.Lamp.class) || t.symbol().contains("lamp");
    }

    /// Whether it may lose little: what cools, pumps and computes; not lamps, sockets, fans and resistances.
    static boolean critical(Device x) {
        return x.loads().stream().anyMatch(t -> !lamp(t)
                && t.feature(Electric.Draws.class).map(Electric.Draws::behaviour)
                        .orElse(Electric.Behaviour.POWER) == Electric.Behaviour.POWER
                && (t.system() == SystemGroup.COLD || t.system() == SystemGroup.WATER
                        || t.system() == SystemGroup.ELECTRICAL));
    }

    private static Optional<Thing> nearest(Thing t, List<Thing> outlets) {
        Spot from = spot(t);
        return outlets.stream().min(Comparator.comparingDouble(o -> spot(o).alongWalls(from)));
    }

    /// Where a thing's terminals are taken to be: its middle.
    static Spot spot(Thing t) {
        return new Spot(t.place().x(), t.place().y(), t.place().z() + t.size().height() / 2);
    }
}
