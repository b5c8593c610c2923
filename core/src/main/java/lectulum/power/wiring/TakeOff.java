package lectulum.power.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.kernel.electric.Ends;
import lectulum.kernel.electric.Ends.End;
import lectulum.kernel.electric.Fault;
import lectulum.kernel.electric.Wire;
import lectulum.units.Units;

/// What is bought for a harness, with its mass and where that is.
///
/// @param items in the order of a shopping list
/// @param copper of the wires \[kg\]
/// @param centre of its mass
public record TakeOff(List<Item> items, double copper, Spot centre) {
    private static final double CLIP = 0.30;
    private static final double SMALL_FUSE = 15;
    private static final double LUG = 6.7;
    private static final Map<String, Price> PRICES = prices();

    public TakeOff {
        items = List.copyOf(items);
    }

    /// What kind of thing is bought.
    public enum Group {
        WIRE("Wire"), END("Ends"), FUSE("Fuses"), SMALL("Small parts");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// One line of the list.
    ///
    /// @param count  pieces, or metres of what is sold by length
    /// @param length whether it is sold by length
    /// @param buy    how it is bought: reels, spares counted
    /// @param mass   \[kg\], of what stays in the vehicle none
    /// @param cost   in money
    /// @param use    what it is for
    public record Item(Group group, String name, double count, boolean length, String buy, double mass, double cost,
            String use) {
    }

    private record Price(double price, double priceArea, double mass, double massArea) {
        double cost(double area) {
            return price + priceArea * area;
        }

        double kilograms(double area) {
            return (mass + massArea * area) / 1000;
        }
    }

    private static Map<String, Price> prices() {
        Map<String, Price> all = new HashMap<>();
        Table.rows("wiring-parts").forEach(r -> all.put(r.get("part"), new Price(Table.number(r, "price"),
                Table.number(r, "price_per_mm2"), Table.number(r, "mass_g"), Table.number(r, "mass_per_mm2_g"))));
        return all;
    }

    public static TakeOff of(Design d, Harness h) {
        return new Counter(d, h).counted();
    }

    /// Of all \[kg\].
    public double mass() {
        return items.stream().mapToDouble(Item::mass).sum();
    }

    public double cost() {
        return items.stream().mapToDouble(Item::cost).sum();
    }

    /// Of all but wire.
    public double smallParts() {
        return items.stream().filter(i -> i.group != Group.WIRE).mapToDouble(Item::cost).sum();
    }

    /// By which length wire and trunking are sold.
    enum Sold {
        METRES(1, "m", 5, 10, 25, 50, 100), FEET(Units.FOOT, "ft", 10, 25, 50, 100, 250, 500);

        private final double metres;
        private final String word;
        private final double[] reels;

        Sold(double metres, String word, double... reels) {
            this.metres = metres;
            this.word = word;
            this.reels = reels;
        }

        /// A length in whole ones of these.
        String whole(double length) {
            return (long) Math.ceil(length / metres - 1e-9) + " " + word;
        }

        /// A reel for pieces none of which is spliced: the shortest that holds all, or as many of the longest as first fit
        /// needs.
        ///
        /// @param pieces \[m\]
        /// @param waste  part that is lost
        String reels(List<Double> pieces, double waste) {
            double all = pieces.stream().mapToDouble(p -> p).sum() * (1 + waste) / metres;
            for (double reel : reels) {
                if (all <= reel + 1e-9) {
                    return "1 × " + (long) reel + " " + word;
                }
            }
            double longest = reels[reels.length - 1];
            List<Double> left = new ArrayList<>();
            for (double piece : pieces.stream().sorted(Comparator.reverseOrder()).toList()) {
                double wanted = piece * (1 + waste) / metres;
                int at = 0;
                while (at < left.size() && left.get(at) < wanted) {
                    at++;
                }
                if (at == left.size()) {
                    left.add(Math.max(longest, wanted));
                }
                left.set(at, left.get(at) - wanted);
            }
            return left.size() + " × " + (long) longest + " " + word;
        }
    }

    /// Counts one harness.
    private static final class Counter {
        private final Design d;
        private final Harness h;
        private final Sold sold;
        private final List<Item> items = new ArrayList<>();
        private final Map<String, Integer> ends = new TreeMap<>();
        private final Map<String, Double> endArea = new HashMap<>();
        private int sleeves;
        private int wires;
        private double copper;
        private double mx;
        private double my;
        private double mz;
        private double moment;

        Counter(Design d, Harness h) {
            this.d = d;
            this.h = h;
            this.sold = Harness.metric(d) ? Sold.METRES : Sold.FEET;
        }

        private static String pieces(int n) {
            return n == 1 ? "1 piece" : n + " pieces";
        }

        TakeOff counted() {
            wires();
            h.runs().forEach(this::ends);
            ends.forEach((name, n) -> {
                double area = endArea.get(name);
                String part = name.startsWith("lug") || name.startsWith("reducing")
                        ? "lug"
                        : name.startsWith("ferrule") ? "ferrule" : "crimp";
                item(Group.END, name, n, false, pieces(n), PRICES.get(part), area, "");
            });
            if (sleeves > 0) {
                item(Group.END, "heat-shrink sleeve, adhesive-lined", sleeves, false, pieces(sleeves),
                        PRICES.get("sleeve"), 0, "");
            }
            fuses();
            small();
            Spot centre = moment > 0 ? new Spot(mx / moment, my / moment, mz / moment) : new Spot(0, 0, 0);
            return new TakeOff(items, copper, centre);
        }

        private void item(Group group, String name, double count, boolean length, String buy, Price price, double area,
                String use) {
            items.add(new Item(group, name, count, length, buy, count * price.kilograms(area),
                    count * price.cost(area), use));
        }

        private void wires() {
            Map<String, List<Double>> pieces = new java.util.LinkedHashMap<>();
            Map<String, Wire> of = new HashMap<>();
            Map<String, Set<String>> use = new HashMap<>();
            Map<String, Double> aboard = new HashMap<>();
            List<Run> thick = h.runs().stream().filter(r -> r.wire().isPresent())
                    .sorted(Comparator.comparingDouble((Run r) -> -r.wire().orElseThrow().area())).toList();
            for (Run r : thick) {
                Wire w = r.wire().orElseThrow();
                for (String colour : r.returns() ? List.of("red", "black") : List.of("red")) {
                    String key = w.name() + ", " + colour;
                    of.put(key, w);
                    use.computeIfAbsent(key, k -> new java.util.LinkedHashSet<>()).add(r.kind().label());
                    r.legs().forEach(l -> pieces.computeIfAbsent(key, k -> new ArrayList<>()).add(l.cut()));
                    copper += w.copper() * r.cut();
                    wires += r.legs().size();
                    double away = r.kind() == Run.Kind.VEHICLE ? Assumed.value(d, Assumption.LINE_VEHICLE) : 0;
                    aboard.merge(key, Math.max(0, r.cut() - away), Double::sum);
                    r.legs().forEach(l -> weigh(w.mass() * Math.max(0, l.cut() - away), l.points()));
                }
            }
            double waste = Assumed.value(d, Assumption.WIRE_WASTE);
            pieces.forEach((key, cut) -> {
                Wire w = of.get(key);
                double metres = cut.stream().mapToDouble(c -> c).sum();
                items.add(new Item(Group.WIRE, key, metres, true, sold.reels(cut, waste), aboard.get(key) * w.mass(),
                        metres * (1 + waste) * PRICES.get("wire").cost(w.area()), String.join(", ", use.get(key))));
            });
        }

        /// A wire weighs along its way.
        private void weigh(double mass, List<Spot> points) {
            double length = 0;
            for (int i = 1; i < points.size(); i++) {
                length += points.get(i - 1).alongWalls(points.get(i));
            }
            for (int i = 1; i < points.size(); i++) {
                Spot a = points.get(i - 1);
                Spot b = points.get(i);
                double m = length > 0 ? mass * a.alongWalls(b) / length : 0;
                mx += m * (a.x() + b.x()) / 2;
                my += m * (a.y() + b.y()) / 2;
                mz += m * (a.z() + b.z()) / 2;
                moment += m;
            }
        }

        private void ends(Run r) {
            if (r.wire().isEmpty()) {
                return;
            }
            Wire w = r.wire().get();
            boolean board = d.thing(r.from()).flatMap(t -> t.feature(Electric.Board.class))
                    .filter(Electric.Board::fused).isPresent();
            boolean thick = w.area() > LUG;
            boolean circuit = r.kind() == Run.Kind.CIRCUIT;
            End from = circuit && board ? new End.Tab(6.3) : new End.Stud(thick ? 8 : 6);
            End fromBlack = new End.Stud(circuit ? 4 : thick ? 8 : 6);
            for (int i = 0; i < r.legs().size(); i++) {
                End to = device(r, r.legs().get(i).to(), thick);
                if (i == 0) {
                    end(w, from);
                    end(w, to);
                    if (r.returns()) {
                        end(w, fromBlack);
                        end(w, to);
                    } else {
                        end(w, new End.Stud(6));
                    }
                } else {
                    for (int k = 0; k < r.conductors(); k++) {
                        end(w, to);
                        end(w, device(r, r.legs().get(i - 1).to(), thick));
                    }
                }
            }
        }

        /// What a device's terminals are taken to be: screws on what charges and inverts, tabs on sockets and boards, a thin
        /// lead on lamps, a thicker one on all else.
        private End device(Run r, String thing, boolean thick) {
            if (thick) {
                return new End.Stud(8);
            }
            return switch (r.kind()) {
                case SOLAR, PANELS, VEHICLE, CHARGER -> new End.Clamp();
                case MAIN, FEEDER, INVERTER -> new End.Stud(6);
                case CIRCUIT -> d.thing(thing).map(t -> t.has(Electric.Outlet.class)
                        ? new End.Tab(6.3)
                        : (End) new End.Lead(lead(t))).orElse(new End.Tab(6.3));
            };
        }

        private static double lead(Thing t) {
            return Groups.lamp(t) ? 0.5 : t.load().filter(l -> l.power() > 60).isPresent() ? 2.5 : 0.75;
        }

        private void end(Wire w, End end) {
            String name = Ends.terminal(w, end);
            ends.merge(name, 1, Integer::sum);
            endArea.put(name, w.area());
            if (Ends.sleeved(end)) {
                sleeves++;
            }
        }

        private void fuses() {
            Map<String, Integer> of = new TreeMap<>();
            Map<String, Fault.Family> family = new HashMap<>();
            Map<String, Double> rating = new HashMap<>();
            Map<String, Integer> holders = new TreeMap<>();
            for (Run r : h.runs()) {
                if (r.family().isEmpty() || r.kind() == Run.Kind.MAIN && d.wiring().unfused()) {
                    continue;
                }
                double amps = r.choice().orElseThrow().fuse();
                String key = r.family().get().name() + " fuse " + plain(amps) + " A";
                int ends = r.kind() == Run.Kind.VEHICLE ? 2 : 1;
                of.merge(key, ends, Integer::sum);
                family.put(key, r.family().get());
                rating.put(key, amps);
                boolean board = r.kind() == Run.Kind.CIRCUIT && d.thing(r.from())
                        .flatMap(t -> t.feature(Electric.Board.class)).filter(Electric.Board::fused).isPresent();
                if (!board) {
                    holders.merge(r.family().get().name(), ends, Integer::sum);
                }
            }
            of.forEach((key, n) -> {
                int spare = rating.get(key) <= SMALL_FUSE ? 2 : 1;
                item(Group.FUSE, key, n + spare, false, n + " and " + spare + " spare",
                        PRICES.get("fuse " + family.get(key).name()), 0, "");
            });
            holders.forEach((name, n) -> item(Group.FUSE, "holder for a " + name + " fuse", n, false, pieces(n),
                    PRICES.get("holder " + name), 0, ""));
        }

        private void small() {
            double trunking = d.wiring().raceways().stream().mapToDouble(r -> r.from().to(r.to()) + r.loop()).sum();
            int bores = d.wiring().raceways().stream().mapToInt(Raceway::bores).sum();
            double clipped = trunking > 0
                    ? trunking
                    : h.runs().stream().flatMap(r -> r.legs().stream()).mapToDouble(Run.Leg::route).sum();
            if (trunking > 0) {
                double metres = Math.ceil(trunking);
                item(Group.SMALL, "trunking or tube", metres, true, sold.whole(trunking), PRICES.get("trunking"), 0,
                        "");
                d.wiring().raceways().forEach(r -> weigh(
                        r.from().to(r.to()) * PRICES.get("trunking").kilograms(0), List.of(r.from(), r.to())));
            }
            count("two-way switch", 2 * (int) d.things().stream()
                    .filter(t -> t.feature(Electric.Lamp.class).filter(Electric.Lamp::pair).isPresent()).count());
            count("clip", (int) Math.ceil(clipped / CLIP));
            count("grommet", bores);
            count("label", 2 * wires);
        }

        private void count(String part, int n) {
            if (n > 0) {
                item(Group.SMALL, part, n, false, pieces(n), PRICES.get(part), 0, "");
            }
        }

        private static String plain(double amps) {
            return amps == Math.rint(amps) ? String.valueOf((long) amps) : String.valueOf(amps);
        }
    }
}
