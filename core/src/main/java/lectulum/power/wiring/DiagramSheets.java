package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.electric.Wire;
import lectulum.kernel.electric.WireChoice;
import lectulum.power.RoadLamp;
import lectulum.power.wiring.OneLine.Kind;
import lectulum.power.wiring.OneLine.Link;
import lectulum.power.wiring.OneLine.Pole;
import lectulum.power.wiring.OneLine.Symbol;
import lectulum.units.Quantity;

/// The one-line diagram on its sheets, from the overview down to the plug of the road lights.
///
/// @param overview sources, battery and what they feed in groups
/// @param whole    every line with its size and fuse
/// @param panel    each device on its terminals
/// @param road     contacts of the tow plug with the lamps on them
public record DiagramSheets(OneLine overview, OneLine whole, OneLine panel, OneLine road) {
    static final OneLine EMPTY = new OneLine(List.of(), List.of(), 0, 0);
    /// Nothing drawn.
    public static final DiagramSheets NONE = new DiagramSheets(EMPTY, EMPTY, EMPTY, EMPTY);
    private static final Sentence NOTHING = Sentence.of("");
    private static final double BRAKES = 12.5;

    /// One of the sheets, as it is chosen.
    public enum Level {
        OVERVIEW("Overview", "overview"), WHOLE("All lines", "one-line"), PANEL("Fuse panel", "panel-terminals"), ROAD(
                "Road lights", "road-lights");

        private final String label;
        private final String id;

        Level(String label, String id) {
            this.label = label;
            this.id = id;
        }

        public String label() {
            return label;
        }

        /// Of its file.
        public String id() {
            return id;
        }
    }

    static DiagramSheets of(Design d, Harness h) {
        OneLine whole = OneLine.of(d, h);
        return new DiagramSheets(overview(d, h, whole), whole, panel(d, h), road(d));
    }

    public OneLine at(Level level) {
        return switch (level) {
            case OVERVIEW -> overview;
            case WHOLE -> whole;
            case PANEL -> panel;
            case ROAD -> road;
        };
    }

    /// What a circuit feeds, for the eye.
    static Kind kind(Design d, Run r) {
        Optional<Thing> t = d.thing(r.things().getFirst());
        if (t.filter(Groups::lamp).isPresent()) {
            return Kind.LAMP;
        }
        if (t.filter(x -> x.has(Electric.Outlet.class)).isPresent()) {
            return Kind.SOCKET;
        }
        return t.filter(x -> VoltsSolver.draws(x).surge() > 1).isPresent() ? Kind.MOTOR : Kind.DEVICE;
    }

    static Sentence wire(Run r) {
        return r.wire().map(w -> Sentence.of("{0}, {1}", w.name(), Amount.run(r.cut())))
                .orElse(Sentence.of("no wire fits"));
    }

    static Sentence fuse(Run r) {
        return r.choice().map((WireChoice c) -> Sentence.of("{0} {1}", new Amount(c.fuse(), Quantity.CURRENT),
                r.family().map(f -> f.name()).orElse(""))).orElse(NOTHING);
    }

    private static OneLine overview(Design d, Harness h, OneLine whole) {
        if (whole.symbols().isEmpty()) {
            return EMPTY;
        }
        Map<Kind, List<Run>> groups = new EnumMap<>(Kind.class);
        h.of(Run.Kind.CIRCUIT).forEach(r -> groups.computeIfAbsent(kind(d, r), k -> new ArrayList<>()).add(r));
        Page page = new Page();
        List<Symbol> sources = whole.symbols().stream().filter(s -> s.rank() == 0).toList();
        double left = 0;
        for (Symbol s : sources) {
            page.put(s.id(), s.kind(), s.name(), s.under(), 0, left, 0);
            Optional<Symbol> converter = whole.links().stream().filter(l -> l.from().equals(s.id()))
                    .flatMap(l -> whole.symbol(l.to()).stream()).filter(c -> c.kind() == Kind.CONVERTER).findFirst();
            if (converter.isPresent()) {
                Symbol c = converter.get();
                page.put(c.id(), c.kind(), c.name(), c.under(), 1, left, 0);
                page.link(s.id(), c.id(), s.kind() == Kind.MAINS || s.kind() == Kind.GENERATOR ? Pole.MAINS : Pole.PLUS,
                        NOTHING);
                page.link(c.id(), "bus", Pole.PLUS, NOTHING);
            } else {
                page.link(s.id(), "bus", Pole.PLUS, NOTHING);
            }
            left++;
        }
        double right = 0;
        for (Symbol s : whole.symbols().stream().filter(x -> x.kind() == Kind.INVERTER).toList()) {
            page.put(s.id(), s.kind(), s.name(), s.under(), 3, right, 0);
            page.link("bus", s.id(), Pole.PLUS, NOTHING);
            Optional<Symbol> on = whole.symbol("ac");
            if (on.isPresent()) {
                page.put("ac", Kind.SOCKET, "Mains from it", on.get().under(), 4, right, 0);
                page.link(s.id(), "ac", Pole.MAINS, NOTHING);
            }
            right++;
        }
        double first = right;
        for (Map.Entry<Kind, List<Run>> g : groups.entrySet()) {
            String name = switch (g.getKey()) {
                case LAMP -> "Light";
                case SOCKET -> "Sockets";
                case MOTOR -> "Pumps and motors";
                default -> "Appliances";
            };
            String id = "group." + g.getKey();
            page.put(id, g.getKey(), name,
                    Sentence.of("{0} {1}, {2}", g.getValue().size(), g.getValue().size() == 1 ? "circuit" : "circuits",
                            new Amount(g.getValue().stream().mapToDouble(Run::amps).sum(), Quantity.CURRENT)),
                    4, right, 0);
            page.link("board", id, Pole.PLUS, NOTHING);
            right++;
        }
        if (right > first) {
            page.put("board", Kind.BOARD, "Fuses", NOTHING, 3, (first + right - 1) / 2, (right - 1 - first) / 2);
            page.link("bus", "board", Pole.PLUS, NOTHING);
        }
        double rows = Math.max(left, right);
        page.put("bus", Kind.BUS, "Bus", NOTHING, 2, (rows - 1) / 2, (rows - 1) / 2);
        return page.done(5, rows);
    }

    /// Each device on its own line, plus and minus terminals by the number of the fuse.
    private static OneLine panel(Design d, Harness h) {
        List<Run> circuits = h.of(Run.Kind.CIRCUIT);
        if (h.start().isEmpty() || circuits.isEmpty()) {
            return EMPTY;
        }
        Page page = new Page();
        double row = 0;
        for (Run r : circuits) {
            String fuse = r.id() + ".fuse";
            double first = row;
            for (Run.Leg leg : r.legs()) {
                String id = r.id() + "." + leg.to();
                page.put(id, d.thing(leg.to()).filter(Groups::lamp).isPresent() ? Kind.LAMP : kind(d, r),
                        d.thing(leg.to()).map(Thing::name).orElse(leg.to()),
                        r.returns() ? Sentence.of("back on −{0}", r.number()) : Sentence.of("back by the chassis"), 3,
                        row, 0);
                page.link(fuse, id, Pole.PLUS, r.wire().map(w -> Sentence.of("{0}, {1}", w.name(),
                        Amount.run(leg.cut()))).orElse(Sentence.of("no wire fits")));
                row++;
            }
            page.put(fuse, Kind.FUSE, "+" + r.number(), fuse(r), 2, (first + row - 1) / 2, 0);
            page.link("board", fuse, Pole.PLUS, NOTHING);
        }
        page.put("board", Kind.BOARD, d.thing(h.start()).map(Thing::name).orElse("Fuses"), NOTHING, 1, (row - 1) / 2,
                (row - 1) / 2);
        Optional<Run> feeder = h.of(Run.Kind.FEEDER).stream().findFirst()
                .or(() -> h.of(Run.Kind.MAIN).stream().findFirst());
        feeder.ifPresent(r -> {
            page.put("feed", Kind.FUSE, "", fuse(r), 0, 0, 0);
            page.link("feed", "board", Pole.PLUS, NOTHING);
        });
        return page.done(4, row);
    }

    /// From the contacts of the plug to the lamps, with the thinnest wire that serves.
    private static OneLine road(Design d) {
        String plug = RoadLamp.plug(d);
        List<RoadLamp> lamps = RoadLamp.of(d);
        Page page = new Page();
        double row = 0;
        Map<String, String> contacts = new LinkedHashMap<>();
        Table.rows("tow-plugs").stream().filter(r -> r.get("plug").equals(plug))
                .forEach(r -> contacts.put(r.get("function"), r.get("pin")));
        double amps = 0;
        for (Map.Entry<String, String> c : contacts.entrySet()) {
            List<RoadLamp> on = lamps.stream().filter(l -> l.wires().contains(c.getKey())).toList();
            if (on.isEmpty()) {
                continue;
            }
            double first = row;
            String pin = "pin." + c.getValue();
            double carried = on.stream().mapToDouble(l -> count(l, c.getKey()) * l.watts()).sum()
                    / RoadLamp.VOLTS;
            for (RoadLamp l : on) {
                String id = pin + "." + l.name();
                page.put(id, Kind.LAMP, l.name(),
                        Sentence.of("{0} × {1}", count(l, c.getKey()), Amount.watt(l.watts())), 2, row, 0);
                page.link(pin, id, Pole.PLUS, line(d, carried, l.length(d)));
                row++;
            }
            page.put(pin, Kind.PIN, c.getValue(), Sentence.of("{0}", c.getKey()), 1, (first + row - 1) / 2, 0);
            page.link("plug", pin, Pole.PLUS, NOTHING);
            amps += carried;
        }
        row = brakes(d, contacts, page, row);
        double lit = amps;
        String ground = contacts.entrySet().stream().filter(e -> e.getKey().startsWith("ground")).findFirst()
                .map(Map.Entry::getValue).orElse("");
        page.put("ground", Kind.PIN, ground, Sentence.of("ground"), 1, row, 0);
        page.put("earth", Kind.BUS, "Ground of all lamps",
                Sentence.of("a wire of its own to each, not the hitch: {0}", new Amount(lit, Quantity.CURRENT)), 2, row,
                0);
        page.link("ground", "earth", Pole.PLUS, line(d, lit, RoadLamp.VEHICLE + d.base().tongueLength()
                + d.base().shell().length()));
        page.link("plug", "ground", Pole.PLUS, NOTHING);
        row++;
        page.put("plug", Kind.BOARD, plug + " plug", NOTHING, 0, (row - 1) / 2, (row - 1) / 2);
        return page.done(3, row);
    }

    private static double brakes(Design d, Map<String, String> contacts, Page page, double row) {
        int magnets = (int) Math.round(
                Assumed.value(d, Assumption.BRAKE_MAGNETS));
        String pin = contacts.get("electric brakes");
        if (magnets == 0 || pin == null) {
            return row;
        }
        double area = Assumed.value(d, Assumption.BRAKE_AREA);
        double ohms = Assumed.value(d, Assumption.BRAKE_OHMS);
        page.put("pin." + pin, Kind.PIN, pin, Sentence.of("electric brakes"), 1, row, 0);
        page.put("magnets", Kind.DEVICE, "Brake magnets", Sentence.of("{0} × {1}", magnets,
                new Amount(BRAKES / ohms, Quantity.CURRENT)), 2, row, 0);
        page.link("plug", "pin." + pin, Pole.PLUS, NOTHING);
        page.link("pin." + pin, "magnets", Pole.PLUS, Sentence.of("{0} mm², {1}", Amount.count(area),
                Amount.run(RoadLamp.VEHICLE + d.base().tongueLength() + d.base().axle().x())));
        return row + 1;
    }

    /// How many of them hang on a wire: of a left and a right one each feeds half.
    private static int count(RoadLamp l, String function) {
        boolean halved = function.startsWith("left") && l.wires().stream().anyMatch(w -> w.startsWith("right"))
                || function.startsWith("right") && l.wires().stream().anyMatch(w -> w.startsWith("left"));
        return halved ? l.count() / 2 : l.count();
    }

    private static Sentence line(Design d, double amps, double length) {
        Optional<Wire> w = RoadLamp.wire(d, amps, length);
        return w.map(x -> Sentence.of("{0}, {1}", x.name(), Amount.run(length)))
                .orElse(Sentence.of("{0}, no wire fits", Amount.run(length)));
    }

    /// Collects symbols and links.
    private static final class Page {
        private final Map<String, Symbol> symbols = new LinkedHashMap<>();
        private final List<Link> links = new ArrayList<>();

        void put(String id, Kind kind, String name, Sentence under, int rank, double row, double tall) {
            symbols.put(id, new Symbol(id, kind, name, under, rank, row, tall));
        }

        void link(String from, String to, Pole pole, Sentence says) {
            links.add(new Link(from, to, pole, says));
        }

        OneLine done(int ranks, double rows) {
            return new OneLine(List.copyOf(symbols.values()), links, ranks, (int) Math.ceil(rows));
        }
    }
}
