package lectulum.materials.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.workshop.HandPlan;
import lectulum.design.workshop.Stock;
import lectulum.design.workshop.Workshop;

/// Plans changed by hand: a piece laid elsewhere, a stick kept as it is, cut, or given back to the program.
///
/// Whatever a hand has touched is kept; the others are planned anew about it.
public final class ByHand {
    /// As near as this a piece snaps to an edge or to a neighbour \[m\].
    private static final double MAGNET = 0.04;
    private static final double SMALL = 1e-6;

    private ByHand() {
    }

    /// Where a piece would come to lie.
    ///
    /// @param index among the pieces of a stick, −1 on a sheet
    /// @param free  whether there is room for it
    public record Landing(int index, double x, double y, double along, double across, boolean free) {
    }

    /// Where a piece comes to lie when it is let go over a stick or sheet.
    ///
    /// @param from   number of the one it comes from
    /// @param put    its number there
    /// @param x      its left end there \[m\]
    /// @param y      its lower edge there \[m\]
    /// @param turned whether it is to be turned across
    public static Landing land(Lot lot, int from, int put, int to, double x, double y, boolean turned) {
        Lot.Put p = lot.laid().get(from).puts().get(put);
        Lot.Laid target = lot.laid().get(to);
        List<Lot.Put> others = new ArrayList<>(target.puts());
        if (from == to) {
            others.remove(put);
        }
        Landing l = lot.ware().sheet()
                ? onSheet(lot, p, target, others, x, y, turned)
                : onStick(lot, p, target, others, x);
        boolean fixed = target.cut() || lot.laid().get(from).cut();
        return fixed ? new Landing(l.index, l.x, l.y, l.along, l.across, false) : l;
    }

    /// A place for a piece on another stick or sheet; empty where there is none.
    static Optional<Landing> room(Lot lot, int from, int put, int to, boolean turned) {
        Lot.Laid target = lot.laid().get(to);
        if (!lot.ware().sheet()) {
            return Optional.of(land(lot, from, put, to, target.source().length(), 0, false)).filter(Landing::free);
        }
        List<Double> xs = new ArrayList<>(List.of(lot.trim()));
        List<Double> ys = new ArrayList<>(List.of(lot.trim()));
        target.puts().forEach(p -> {
            xs.add(p.x() + p.along() + lot.kerf());
            ys.add(p.y() + p.across() + lot.kerf());
        });
        return ys.stream().sorted().flatMap(y -> xs.stream().sorted().map(x -> land(lot, from, put, to, x, y, turned)))
                .filter(Landing::free).findFirst();
    }

    private static Landing onStick(Lot lot, Lot.Put p, Lot.Laid target, List<Lot.Put> others, double x) {
        int index = 0;
        double at = lot.trim();
        double in = p.along();
        for (Lot.Put o : others) {
            in += o.along() + lot.kerf();
            if (o.x() + o.along() / 2 < x + p.along() / 2) {
                index++;
                at += o.along() + lot.kerf();
            }
        }
        return new Landing(index, at, 0, p.along(), 0, in <= target.source().length() - lot.trim() + SMALL);
    }

    private static Landing onSheet(Lot lot, Lot.Put p, Lot.Laid target, List<Lot.Put> others, double x, double y,
            boolean turned) {
        boolean may = turned && lot.pieces().get(p.piece()).turns();
        double along = may ? p.across() : p.along();
        double across = may ? p.along() : p.across();
        double left = snapped(x, along, lot, target.source().length(),
                others.stream().map(o -> new double[]{o.x(), o.along()}).toList());
        double low = snapped(y, across, lot, target.source().width(),
                others.stream().map(o -> new double[]{o.y(), o.across()}).toList());
        boolean inside = left >= lot.trim() - SMALL && low >= lot.trim() - SMALL
                && left + along <= target.source().length() - lot.trim() + SMALL
                && low + across <= target.source().width() - lot.trim() + SMALL;
        boolean clear = others.stream().noneMatch(o -> left < o.x() + o.along() + lot.kerf() - SMALL
                && o.x() < left + along + lot.kerf() - SMALL && low < o.y() + o.across() + lot.kerf() - SMALL
                && o.y() < low + across + lot.kerf() - SMALL);
        return new Landing(-1, left, low, along, across, inside && clear);
    }

    /// The nearest edge or neighbour, where one is near.
    private static double snapped(double at, double size, Lot lot, double end, List<double[]> others) {
        double best = at;
        double off = MAGNET;
        List<Double> edges = new ArrayList<>(List.of(lot.trim(), end - lot.trim() - size));
        for (double[] o : others) {
            edges.add(o[0]);
            edges.add(o[0] + o[1] + lot.kerf());
            edges.add(o[0] - lot.kerf() - size);
        }
        for (double e : edges) {
            if (Math.abs(e - at) < off) {
                off = Math.abs(e - at);
                best = e;
            }
        }
        return best;
    }

    /// A piece moved; both sticks or sheets are kept from now on.
    public static UnaryOperator<Design> moved(Lot lot, int from, int put, int to, Landing landing) {
        List<Lot.Laid> laid = new ArrayList<>(lot.laid());
        Lot.Put p = laid.get(from).puts().get(put);
        List<Lot.Put> less = new ArrayList<>(laid.get(from).puts());
        less.remove(put);
        laid.set(from, with(laid.get(from), less, true));
        List<Lot.Put> more = new ArrayList<>(laid.get(to).puts());
        Lot.Put next = new Lot.Put(p.piece(), landing.x, landing.y, landing.along, landing.across, -1);
        more.add(landing.index < 0 ? more.size() : Math.min(landing.index, more.size()), next);
        laid.set(to, with(laid.get(to), more, true));
        return written(lot, laid);
    }

    private static Lot.Laid with(Lot.Laid l, List<Lot.Put> puts, boolean kept) {
        return new Lot.Laid(l.source(), kept, l.cut() && kept, puts);
    }

    /// One kept as it is, or given back to the program.
    public static UnaryOperator<Design> kept(Lot lot, int which, boolean keep) {
        List<Lot.Laid> laid = new ArrayList<>(lot.laid());
        laid.set(which, with(laid.get(which), laid.get(which).puts(), keep));
        return written(lot, laid);
    }

    /// One that is cut: it stays as it is whatever the design becomes, and what is left of it is stock of one's own.
    ///
    /// @param keep  rests of sticks are kept from this length on \[m\]
    /// @param place where the rest lies from now on
    public static UnaryOperator<Design> cut(Lot lot, int which, double keep, String place) {
        List<Lot.Laid> laid = new ArrayList<>(lot.laid());
        Lot.Laid l = laid.get(which);
        laid.set(which, new Lot.Laid(l.source(), true, true, l.puts()));
        UnaryOperator<Design> write = written(lot, laid);
        return d -> {
            Design next = write.apply(d);
            Workshop w = next.workshop();
            double[] rest = lot.rest(l, keep);
            return rest.length == 0
                    ? next
                    : next.with(w.plus(new Stock(w.freeId(), lot.ware().form(), lot.ware().of(), rest[0],
                            lot.ware().sheet() ? rest[1] : lot.ware().width(), lot.ware().thick(),
                            OptionalDouble.of(1), true, place, 0, "")));
        };
    }

    /// The search for plans so many times as long as now, as far as that is allowed.
    public static UnaryOperator<Design> longer(double times) {
        return d -> d.with(d.settings().with(Assumption.CUT_EFFORT.id(),
                Math.min(Assumed.entry(Assumption.CUT_EFFORT).high(),
                        times * Assumed.value(d, Assumption.CUT_EFFORT))));
    }

    /// With the hand plans of one ware as they are laid.
    private static UnaryOperator<Design> written(Lot lot, List<Lot.Laid> laid) {
        Ware ware = lot.ware();
        List<HandPlan> plans = laid.stream().filter(l -> l.kept() && (!l.puts().isEmpty() || l.cut()))
                .map(l -> new HandPlan(ware.form(), ware.of(), l.source().length(),
                        ware.sheet() ? l.source().width() : ware.width(), ware.thick(), l.source().own(), l.cut(),
                        l.puts().stream().map(p -> new HandPlan.Laid(p.x(), p.y(), p.along(), p.across())).toList()))
                .toList();
        return d -> {
            List<HandPlan> all = new ArrayList<>(d.workshop().kept().stream().filter(h -> !ware.is(h)).toList());
            all.addAll(plans);
            return d.with(d.workshop().withKept(all));
        };
    }
}
