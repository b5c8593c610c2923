package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Load;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.power.Plant;
import lectulum.units.Quantity;

/// The one-line diagram of a harness: what feeds the battery at the left, what it feeds at the right. The same harness gives
/// the same drawing.
///
/// Ranks are the longest way from a source; within a rank symbols stand in the order of what they are joined to, and
/// branches in the order of their fuses, so that lines do not cross.
///
/// @param symbols at grid places: ranks to the right, rows down
/// @param links   lines between them
/// @param ranks   their number
/// @param rows    their number
public record OneLine(List<Symbol> symbols, List<Link> links, int ranks, int rows) {
    private static final int SOURCE = 0;
    private static final int CONVERTER = 1;
    private static final int PROTECTION = 2;
    private static final int BUS = 3;
    private static final int BRANCH = 4;
    private static final int PANEL = 5;
    private static final int FUSE = 6;
    private static final int DEVICE = 7;
    private static final int MOST_NAMES = 3;

    public OneLine {
        symbols = List.copyOf(symbols);
        links = List.copyOf(links);
    }

    /// What a symbol stands for.
    public enum Kind {
        SUN, VEHICLE, MAINS, GENERATOR, BATTERY, FUSE, SWITCH, SHUNT, CONVERTER, BUS, BOARD, LAMP, SOCKET, MOTOR,
        DEVICE, INVERTER, PIN
    }

    /// A symbol.
    ///
    /// @param row   of its middle, from 0
    /// @param tall  rows it reaches up and down from there
    /// @param under what stands below its name
    public record Symbol(String id, Kind kind, String name, Sentence under, int rank, double row, double tall) {
    }

    /// How a line is drawn.
    public enum Pole {
        PLUS, MINUS, MAINS
    }

    /// A line from a symbol to one at its right.
    ///
    /// @param says size, colour and cut length; empty where the next piece says it
    public record Link(String from, String to, Pole pole, Sentence says) {
    }

    public static OneLine of(Design d, Harness h) {
        return new Maker(d, h).made();
    }

    public Optional<Symbol> symbol(String id) {
        return symbols.stream().filter(s -> s.id.equals(id)).findFirst();
    }

    /// Lays one out.
    private static final class Maker {
        private static final Sentence NOTHING = Sentence.of("");
        private final Design d;
        private final Harness h;
        private final Map<String, Symbol> symbols = new LinkedHashMap<>();
        private final List<Link> links = new ArrayList<>();
        private final List<Run> charging;
        private double left;
        private double right;

        Maker(Design d, Harness h) {
            this.d = d;
            this.h = h;
            this.charging = h.runs().stream()
                    .filter(r -> r.kind() == Run.Kind.SOLAR || r.kind() == Run.Kind.CHARGER).toList();
        }

        OneLine made() {
            if (h.start().isEmpty()) {
                return new OneLine(List.of(), List.of(), 0, 0);
            }
            branches();
            charging.forEach(this::source);
            battery();
            double rows = Math.max(left, right);
            put("bus", Kind.BUS, "Positive bus", NOTHING, BUS, (rows - 1) / 2, (rows - 1) / 2);
            minus(rows);
            return new OneLine(List.copyOf(symbols.values()), List.copyOf(links), DEVICE + 1,
                    (int) Math.ceil(rows) + 1);
        }

        private void put(String id, Kind kind, String name, Sentence under, int rank, double row, double tall) {
            symbols.put(id, new Symbol(id, kind, name, under, rank, row, tall));
        }

        private void link(String from, String to, Pole pole, Sentence says) {
            links.add(new Link(from, to, pole, says));
        }

        private String name(String thing) {
            return d.thing(thing).map(Thing::name).orElse(thing);
        }

        /// Right of the bus: the inverter, then the fuse panel with its circuits.
        private void branches() {
            h.of(Run.Kind.INVERTER).forEach(r -> {
                String fuse = r.id() + ".fuse";
                String inverter = r.things().getFirst();
                put(fuse, Kind.FUSE, "", DiagramSheets.fuse(r), BRANCH, right, 0);
                put(inverter, Kind.INVERTER, name(inverter),
                        d.thing(inverter).flatMap(t -> t.feature(Electric.Inverter.class))
                                .map(i -> Sentence.of("{0}", Amount.watt(i.watts()))).orElse(NOTHING),
                        PANEL, right, 0);
                link("bus", fuse, Pole.PLUS, NOTHING);
                link(fuse, inverter, Pole.PLUS, DiagramSheets.wire(r));
                List<String> on = d.things().stream()
                        .filter(t -> t.load().filter(l -> l.feed() == Load.Feed.INVERTER && l.power() > 0).isPresent())
                        .map(Thing::name).toList();
                if (!on.isEmpty()) {
                    put("ac", Kind.SOCKET, "", Sentence.of("{0}", String.join(", ", on)), DEVICE, right, 0);
                    link(inverter, "ac", Pole.MAINS, NOTHING);
                }
                right++;
            });
            List<Run> circuits = h.of(Run.Kind.CIRCUIT);
            double first = right;
            Optional<Run> feeder = h.of(Run.Kind.FEEDER).stream().findFirst();
            String board = feeder.isPresent() ? h.start() : "bus";
            for (Run r : circuits) {
                String fuse = r.id() + ".fuse";
                put(fuse, Kind.FUSE, String.valueOf(r.number()), DiagramSheets.fuse(r), FUSE, right, 0);
                List<String> names = r.things().stream().map(this::name).toList();
                String many = names.size() > MOST_NAMES ? " and " + (names.size() - MOST_NAMES) + " more" : "";
                put(r.id(), DiagramSheets.kind(d, r), r.name(), names.size() == 1 && names.getFirst().equals(r.name())
                        ? Sentence.of("{0}", new Amount(r.amps(), Quantity.CURRENT))
                        : Sentence.of("{0}{1}, {2}",
                                String.join(", ", names.subList(0, Math.min(MOST_NAMES, names.size()))), many,
                                new Amount(r.amps(), Quantity.CURRENT)),
                        DEVICE, right, 0);
                link(board, fuse, Pole.PLUS, NOTHING);
                link(fuse, r.id(), Pole.PLUS, DiagramSheets.wire(r));
                right++;
            }
            if (feeder.isPresent()) {
                double middle = circuits.isEmpty() ? first : (first + right - 1) / 2;
                put("feeder.fuse", Kind.FUSE, "", DiagramSheets.fuse(feeder.get()), BRANCH, middle, 0);
                put(board, Kind.BOARD, name(board), NOTHING, PANEL, middle,
                        circuits.isEmpty() ? 0 : (right - 1 - first) / 2);
                link("bus", "feeder.fuse", Pole.PLUS, NOTHING);
                link("feeder.fuse", board, Pole.PLUS, DiagramSheets.wire(feeder.get()));
                right = Math.max(right, first + 1);
            }
        }

        /// A charger with what feeds it, one row each.
        private void source(Run r) {
            String converter = r.things().getFirst();
            Optional<Electric.Charger> charger = d.thing(converter).flatMap(t -> t.feature(Electric.Charger.class));
            boolean sun = r.kind() == Run.Kind.SOLAR;
            String source = "from." + converter;
            Kind kind = sun ? Kind.SUN : switch (charger.map(Electric.Charger::from).orElse(Electric.From.SHORE)) {
                case VEHICLE, RELAY -> Kind.VEHICLE;
                case SHORE -> Kind.MAINS;
                case GENERATOR -> Kind.GENERATOR;
            };
            List<Thing> panels = Plant.of(d).panels();
            put(source, kind, switch (kind) {
                case SUN -> panels.size() == 1 ? "Panel" : panels.size() + " panels";
                case VEHICLE -> "Tow vehicle";
                case GENERATOR -> "Generator";
                default -> "Shore inlet";
            }, sun
                    ? Sentence.of("{0}", Amount.watt(panels.stream().mapToDouble(Thing::solar).sum()))
                    : NOTHING, SOURCE, left, 0);
            put(converter, Kind.CONVERTER, name(converter), Sentence.of("{0}", new Amount(r.amps(), Quantity.CURRENT)),
                    CONVERTER, left, 0);
            put(r.id() + ".fuse", Kind.FUSE, "", DiagramSheets.fuse(r), PROTECTION, left, 0);
            Optional<Run> in = h.runs().stream()
                    .filter(x -> (x.kind() == Run.Kind.VEHICLE || x.kind() == Run.Kind.PANELS)
                            && (x.from().equals(converter) || x.things().contains(converter)))
                    .findFirst();
            link(source, converter, kind == Kind.MAINS || kind == Kind.GENERATOR ? Pole.MAINS : Pole.PLUS,
                    in.map(DiagramSheets::wire).orElse(NOTHING));
            link(converter, r.id() + ".fuse", Pole.PLUS, DiagramSheets.wire(r));
            link(r.id() + ".fuse", "bus", Pole.PLUS, NOTHING);
            left++;
        }

        private void battery() {
            Run main = h.of(Run.Kind.MAIN).getFirst();
            Plant plant = Plant.of(d);
            put("battery", Kind.BATTERY, name(plant.batteries().getFirst().id()),
                    plant.bank().map(b -> Sentence.of("{0}, {1}", new Amount(b.voltage(), Quantity.VOLTAGE),
                            new Amount(3600 * b.charge(), Quantity.CHARGE))).orElse(NOTHING),
                    SOURCE, left, 0);
            String before = "battery";
            if (!d.wiring().unfused()) {
                put("main.fuse", Kind.FUSE, "", DiagramSheets.fuse(main), CONVERTER, left, 0);
                link("battery", "main.fuse", Pole.PLUS, NOTHING);
                before = "main.fuse";
            }
            if (d.wiring().disconnect()) {
                put("main.switch", Kind.SWITCH, "Main switch", NOTHING, PROTECTION, left, 0);
                link(before, "main.switch", Pole.PLUS, NOTHING);
                before = "main.switch";
            }
            link(before, "bus", Pole.PLUS, DiagramSheets.wire(main));
            left++;
        }

        /// The return: from everything to the negative bus, through the shunt to the battery.
        private void minus(double rows) {
            boolean shunt = d.things().stream().anyMatch(t -> t.symbol().equals("monitor"));
            String before = "battery";
            if (shunt) {
                put("shunt", Kind.SHUNT, "Shunt", NOTHING, CONVERTER, rows, 0);
                link("battery", "shunt", Pole.MINUS, NOTHING);
                before = "shunt";
            }
            put("minus", Kind.BUS, "Negative bus", Sentence.of("returns of all circuits, chargers and the inverter"),
                    BUS, rows, 0);
            link(before, "minus", Pole.MINUS, NOTHING);
        }
    }

    /// Lines that cross: pairs of links between the same two ranks whose ends stand in another order.
    public int crossings() {
        Map<String, Symbol> by = new HashMap<>();
        symbols.forEach(s -> by.put(s.id, s));
        int count = 0;
        for (int i = 0; i < links.size(); i++) {
            for (int j = i + 1; j < links.size(); j++) {
                Symbol a = by.get(links.get(i).from);
                Symbol b = by.get(links.get(i).to);
                Symbol c = by.get(links.get(j).from);
                Symbol e = by.get(links.get(j).to);
                if (a.rank == c.rank && b.rank == e.rank && a.tall == 0 && b.tall == 0 && c.tall == 0 && e.tall == 0
                        && (a.row - c.row) * (b.row - e.row) < 0) {
                    count++;
                }
            }
        }
        return count;
    }
}
