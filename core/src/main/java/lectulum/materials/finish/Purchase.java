package lectulum.materials.finish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import lectulum.design.Design;
import lectulum.design.workshop.Supply;
import lectulum.kernel.takeoff.Joints;

/// Whole tins, rolls or packs of goods that are still bought: what is there goes first, then at least cost, by the list of the user
/// where it has any, otherwise by the usual sizes.
///
/// @param need   in the unit of the goods
/// @param there  of it, bought or own and not used up for something else
/// @param packs  that are bought
/// @param cost   of these
public record Purchase(Supply.Goods goods, double need, double there, List<Pack> packs, double cost) {
    private static final int PARTS = 2000;
    private static final double SMALL = 1e-9;
    /// More packs than anybody buys, so that what a mistyped size asks for can be counted.
    private static final double MOST = 1e9;

    public Purchase {
        packs = List.copyOf(packs);
    }

    /// Packs of one size.
    ///
    /// @param content in the unit of the goods
    /// @param place   who sells them; empty where that was not said
    public record Pack(double content, double price, String place, int count) {
    }

    /// What all packs hold.
    public double got() {
        return packs.stream().mapToDouble(p -> p.count * p.content).sum();
    }

    /// How many packs.
    public int count() {
        return packs.stream().mapToInt(Pack::count).sum();
    }

    /// What is over in the end.
    public double over() {
        return Math.max(0, there + got() - need);
    }

    /// @param contents usual sizes
    /// @param prices   of these
    public static Purchase of(Design d, Supply.Goods goods, double need, List<Double> contents, List<Double> prices) {
        double there = d.workshop().supplies().stream().filter(s -> s.goods() == goods)
                .mapToDouble(s -> s.there() * s.content()).sum();
        List<Supply> sold = d.workshop().supplies().stream()
                .filter(s -> s.goods() == goods && !s.own() && s.content() > 0).toList();
        List<Double> sizes = sold.isEmpty() ? contents : sold.stream().map(Supply::content).toList();
        List<Double> costs = sold.isEmpty() ? prices : sold.stream().map(Supply::price).toList();
        double wanted = Math.max(0, need - there);
        if (wanted <= SMALL || sizes.isEmpty()) {
            return new Purchase(goods, need, there, List.of(), 0);
        }
        if (sizes.size() == 1) {
            int count = (int) Math.min(MOST, Math.ceil(wanted / sizes.getFirst() - SMALL));
            return new Purchase(goods, need, there, List.of(new Pack(sizes.getFirst(), costs.getFirst(),
                    sold.isEmpty() ? "" : sold.getFirst().place(), count)), count * costs.getFirst());
        }
        double largest = sizes.stream().mapToDouble(x -> x).max().orElse(1);
        // Whole numbers of the smallest part that keeps the table short; a need is rounded up, what a pack holds down.
        double part = Math.max(wanted, largest) / PARTS;
        List<Double> whole = new ArrayList<>(sizes);
        if (sizes.stream().allMatch(s -> Math.abs(s - Math.rint(s)) < SMALL)
                && Math.max(wanted, largest) <= 20 * PARTS) {
            part = 1;
        }
        double unit = part;
        List<Integer> holds = whole.stream().map(s -> Math.max(1, (int) Math.floor(s / unit + SMALL))).toList();
        // One that holds less than a part would be counted as more than it is.
        List<Double> taken = IntStream.range(0, sizes.size())
                .mapToObj(i -> sizes.get(i) < unit - SMALL ? Double.POSITIVE_INFINITY : costs.get(i)).toList();
        int[] counts = Joints.packs((int) Math.ceil(wanted / unit - SMALL), holds, taken).counts().stream()
                .mapToInt(c -> c).toArray();
        spare(counts, sizes, costs, wanted);
        List<Pack> packs = new ArrayList<>();
        double cost = 0;
        for (int i = 0; i < sizes.size(); i++) {
            cost += counts[i] > 0 ? counts[i] * costs.get(i) : 0;
            if (counts[i] > 0) {
                packs.add(new Pack(sizes.get(i), costs.get(i), sold.isEmpty() ? "" : sold.get(i).place(), counts[i]));
            }
        }
        return new Purchase(goods, need, there, packs, cost);
    }

    /// Leaves out what is too many only because what a pack holds was rounded down, the dearest first.
    private static void spare(int[] counts, List<Double> sizes, List<Double> costs, double wanted) {
        double over = IntStream.range(0, counts.length).mapToDouble(i -> counts[i] * sizes.get(i)).sum() - wanted;
        List<Integer> dearest = IntStream.range(0, counts.length).boxed()
                .sorted(Comparator.comparing((Integer i) -> -costs.get(i))).toList();
        for (int i : dearest) {
            int fewer = (int) Math.clamp(Math.floor(over / sizes.get(i) + SMALL), 0, counts[i]);
            counts[i] -= fewer;
            over -= fewer * sizes.get(i);
        }
    }
}
