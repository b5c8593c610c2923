package lectulum.money;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import lectulum.design.Design;
import lectulum.design.purse.Purse;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Thing;
import lectulum.kernel.finance.Bill;
import lectulum.kernel.finance.Cents;

/// Every line of the bill: the base and each thing once, by its receipts where it has any, by the prices on its card otherwise; then
/// what hangs on no thing, product by product, so that a pack is shared by all who take from it.
public final class Lines {
    /// What a group is called that the base is in.
    public static final String BASE = "Base";
    private static final BigDecimal NONE = BigDecimal.ZERO;

    private final Purse purse;
    private final String own;
    private final Map<String, List<Receipt>> byThing = new LinkedHashMap<>();
    private final List<Receipt> free = new ArrayList<>();

    private Lines(Design d) {
        this.purse = d.purse();
        this.own = d.brief().currency();
        Set<String> ids = d.things().stream().map(Thing::id).collect(Collectors.toCollection(HashSet::new));
        ids.add(Receipt.BASE);
        for (Receipt r : purse.receipts()) {
            if (ids.contains(r.thing())) {
                byThing.computeIfAbsent(r.thing(), k -> new ArrayList<>()).add(r);
            } else {
                free.add(r);
            }
        }
    }

    /// In the order of base, things and receipts.
    public static List<Line> of(Design d) {
        return new Lines(d).all(d);
    }

    /// What freight and fees come to that stand on receipts of a state, in the currency of the project.
    static BigDecimal freight(Design d, Predicate<Receipt.State> of) {
        Lines l = new Lines(d);
        return d.purse().receipts().stream().filter(r -> of.test(r.state())).map(r -> l.rate(r)
                .map(k -> Cents.of(decimal(r.freight()).multiply(k))).orElse(NONE)).reduce(NONE, BigDecimal::add);
    }

    /// The group of what is spent on a kind.
    static String group(Receipt.Kind kind) {
        String label = kind.label();
        return Character.toUpperCase(label.charAt(0)) + label.substring(1);
    }

    /// What everything is expected to cost, freight in it; to the cent.
    public static double forecast(Design d) {
        return of(d).stream().map(l -> decimal(l.forecast())).reduce(NONE, BigDecimal::add)
                .add(freight(d, s -> true)).doubleValue();
    }

    /// All of it.
    public static double freight(Design d) {
        return freight(d, s -> true).doubleValue();
    }

    private List<Line> all(Design d) {
        List<Line> all = new ArrayList<>();
        all.add(line(Receipt.BASE, "Bare base", BASE, List.of(), d.base().cost()));
        for (Thing t : d.things()) {
            all.add(line(t.id(), t.name(), t.system().label(), List.of(t.id()), t.cost()));
        }
        Map<String, List<Receipt>> products = new LinkedHashMap<>();
        for (Receipt r : free) {
            products.computeIfAbsent(product(r), k -> new ArrayList<>()).add(r);
        }
        products.values().forEach(p -> all.add(product(p)));
        return allowed(all);
    }

    /// Small parts that are paid or ordered are taken from the guesses of them, first come first: what is left of these is still expected.
    private List<Line> allowed(List<Line> lines) {
        Set<String> allowances = free.stream().filter(Receipt::allowance).map(Receipt::id).collect(Collectors.toSet());
        if (allowances.isEmpty()) {
            return lines;
        }
        BigDecimal settled = lines.stream()
                .filter(l -> l.things().isEmpty() && l.group().equals(group(Receipt.Kind.SMALL)))
                .map(l -> decimal(l.paid()).add(decimal(l.ordered()))).reduce(NONE, BigDecimal::add);
        List<Line> all = new ArrayList<>();
        for (Line l : lines) {
            if (!allowances.contains(l.id())) {
                all.add(l);
                continue;
            }
            BigDecimal taken = settled.min(decimal(l.forecast()));
            settled = settled.subtract(taken);
            all.add(l.with(decimal(l.forecast()).subtract(taken).doubleValue()));
        }
        return all;
    }

    /// The same product in the same state shares its packs.
    private static String product(Receipt r) {
        return String.join("\u0000", r.what().strip().toLowerCase(Locale.ROOT), r.shop(), r.currency(),
                r.state().name(), r.cover().name(), String.valueOf(r.pack()), String.valueOf(r.price()),
                String.valueOf(r.tax()), String.valueOf(r.bought().isPresent()), r.kind().name());
    }

    private Line line(String id, String name, String group, List<String> things, Cost cost) {
        List<Receipt> receipts = byThing.getOrDefault(id, List.of());
        if (receipts.isEmpty()) {
            boolean paid = cost.paid().isPresent();
            return new Line(id, name, group, things, List.of(), paid ? Receipt.State.PAID : Receipt.State.CATALOGUE,
                    Bill.Tier.ESSENTIAL, cost.planned(), cost.paid().orElse(0), 0, cost.forecast(), 0, 0, 0, true);
        }
        Sum s = sum(receipts);
        return new Line(id, name, group, things, receipts.stream().map(Receipt::id).toList(), s.state,
                receipts.getFirst().tier(), cost.planned(), s.paid, s.ordered, s.forecast, s.fair, s.used, s.over,
                s.rated);
    }

    private Line product(List<Receipt> receipts) {
        Receipt first = receipts.getFirst();
        Sum s = sum(receipts);
        Bill.Tier tier = receipts.stream().map(Receipt::tier).min(Bill.Tier::compareTo).orElse(Bill.Tier.ESSENTIAL);
        return new Line(first.id(), first.what().isBlank() ? first.kind().label() : first.what(), group(first.kind()),
                List.of(), receipts.stream().map(Receipt::id).toList(), s.state, tier, s.forecast, s.paid, s.ordered,
                s.forecast, s.fair, s.used, s.over, s.rated);
    }

    private record Sum(Receipt.State state, double paid, double ordered, double forecast, double fair, double used,
            double over, boolean rated) {
    }

    private Sum sum(List<Receipt> receipts) {
        Map<String, List<Receipt>> products = new LinkedHashMap<>();
        receipts.forEach(r -> products.computeIfAbsent(product(r), k -> new ArrayList<>()).add(r));
        BigDecimal paid = NONE;
        BigDecimal ordered = NONE;
        BigDecimal forecast = NONE;
        BigDecimal fair = NONE;
        BigDecimal used = NONE;
        boolean rated = true;
        Receipt.State state = Receipt.State.PAID;
        for (List<Receipt> p : products.values()) {
            Receipt first = p.getFirst();
            Optional<BigDecimal> rate = rate(first);
            if (rate.isEmpty()) {
                rated = false;
                continue;
            }
            Bill bill = bill(p);
            BigDecimal total = bill.total(rate.get());
            if (first.cover() != Bill.Cover.BUY) {
                fair = fair.add(total);
                continue;
            }
            forecast = forecast.add(total);
            paid = first.state() == Receipt.State.PAID ? paid.add(total) : paid;
            ordered = first.state() == Receipt.State.ORDERED ? ordered.add(total) : ordered;
            used = used.add(bill.used(rate.get()));
            state = first.state().compareTo(state) < 0 ? first.state() : state;
        }
        return new Sum(state, paid.doubleValue(), ordered.doubleValue(), forecast.doubleValue(), fair.doubleValue(),
                used.doubleValue(), forecast.subtract(used).doubleValue(), rated);
    }

    /// Receipts of one product, which share its packs.
    private static Bill bill(List<Receipt> p) {
        Bill first = p.getFirst().bill();
        return p.size() == 1
                ? first
                : new Bill(p.stream().map(r -> r.bill().wanted()).reduce(NONE, BigDecimal::add), first.pack(),
                        first.price(), first.tax(), first.bought().map(x -> p.stream()
                                .map(r -> r.bill().bought().orElse(NONE)).reduce(NONE, BigDecimal::add)));
    }

    /// What lines that hang on no thing cost, up to a tier: packs are counted anew, freight is not in it.
    public static double free(Design d, Bill.Tier tier) {
        Design of = d.with(d.purse().withReceipts(d.purse().receipts().stream()
                .filter(r -> r.cover() == Bill.Cover.BUY && r.tier().compareTo(tier) <= 0).toList()));
        return of(of).stream().filter(l -> l.things().isEmpty() && !l.id().equals(Receipt.BASE))
                .map(l -> decimal(l.forecast())).reduce(NONE, BigDecimal::add).doubleValue();
    }

    /// Packs that a receipt takes by itself: those that were bought, otherwise as many whole ones as hold what is wanted.
    public static double packs(Receipt r) {
        return r.bill().packs().doubleValue();
    }

    /// What each receipt comes to by itself in packs of its own, freight apart, in the currency of the project; what is given, or has no
    /// rate, is left out.
    /// Of an allowance what is left.
    static Map<String, Double> each(Design d) {
        Lines l = new Lines(d);
        Map<String, Double> all = new LinkedHashMap<>();
        for (Receipt r : d.purse().receipts()) {
            if (r.cover() == Bill.Cover.BUY) {
                l.rate(r).ifPresent(k -> all.put(r.id(), r.bill().total(k).doubleValue()));
            }
        }
        BigDecimal settled = l.free.stream().filter(r -> r.kind() == Receipt.Kind.SMALL && all.containsKey(r.id())
                && r.state().compareTo(Receipt.State.ORDERED) >= 0).map(r -> decimal(all.get(r.id())))
                .reduce(NONE, BigDecimal::add);
        for (Receipt r : l.free) {
            if (r.allowance() && all.containsKey(r.id())) {
                BigDecimal taken = settled.min(decimal(all.get(r.id())));
                settled = settled.subtract(taken);
                all.put(r.id(), decimal(all.get(r.id())).subtract(taken).doubleValue());
            }
        }
        return all;
    }

    /// Freight and fees of an order on its lines, by what they come to; an order is what one shop sold on one day.
    record Freighted(Receipt receipt, double price, double freight) {
    }

    /// Of every order of more than one line whose freight is known, in the order of the receipts.
    static List<Freighted> freighted(Design d) {
        Map<String, List<Receipt>> orders = new LinkedHashMap<>();
        for (Receipt r : d.purse().receipts()) {
            if (!r.shop().isBlank() && !r.date().isBlank() && r.cover() == Bill.Cover.BUY) {
                orders.computeIfAbsent(String.join("\u0000", r.shop(), r.date(), r.currency()),
                        k -> new ArrayList<>()).add(r);
            }
        }
        List<Freighted> all = new ArrayList<>();
        for (List<Receipt> order : orders.values()) {
            BigDecimal freight = order.stream().map(r -> Cents.of(decimal(r.freight()))).reduce(NONE, BigDecimal::add);
            if (order.size() > 1 && freight.signum() > 0) {
                List<BigDecimal> prices = order.stream().map(r -> r.bill().total(BigDecimal.ONE)).toList();
                List<BigDecimal> parts = Cents.split(freight, prices);
                for (int i = 0; i < order.size(); i++) {
                    all.add(new Freighted(order.get(i), prices.get(i).doubleValue(), parts.get(i).doubleValue()));
                }
            }
        }
        return all;
    }

    /// Of a receipt in its own currency, with its part of no freight; to the cent.
    static double total(Receipt r) {
        return r.bill().total(BigDecimal.ONE).doubleValue();
    }

    /// What its currency is worth; empty where nobody said.
    private Optional<BigDecimal> rate(Receipt r) {
        OptionalDouble rate = purse.rate(r.currency(), own);
        return rate.isPresent() ? Optional.of(decimal(rate.getAsDouble())) : Optional.empty();
    }

    private static BigDecimal decimal(double value) {
        return Receipt.exact(value);
    }
}
