package lectulum.water;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Table;
import lectulum.design.Design;
import lectulum.design.wiring.Spot;
import lectulum.kernel.flow.PipeBends;

/// What is bought for the pipes of a plan, with its mass and where that is.
///
/// @param items  in the order of a shop's shelf
/// @param centre of its mass: behind the front of the body, right of the middle, above the floor \[m\]
public record PipeTakeOff(List<Item> items, Spot centre) {
    /// Cross-linked and plain polyethylene \[kg/m³\].
    private static final double PLASTIC = 940;
    private static final double WASTE_WALL = 0.002;

    public PipeTakeOff {
        items = List.copyOf(items);
    }

    /// One line of it.
    ///
    /// @param part   as prices are kept
    /// @param bore   inside \[m\]; 0 for what is counted
    /// @param count  pieces, or metres to buy where it has a bore
    /// @param mass   of what is built in \[kg\]
    /// @param cost   of what is bought, in money
    public record Item(String part, String name, double bore, double count, double mass, double cost) {
    }

    /// Mass \[kg\].
    public double mass() {
        return items.stream().mapToDouble(Item::mass).sum();
    }

    /// Price, in money.
    public double cost() {
        return items.stream().mapToDouble(Item::cost).sum();
    }

    /// Pieces of a part, or metres to buy.
    public double count(String part) {
        return items.stream().filter(i -> i.part.equals(part)).mapToDouble(Item::count).sum();
    }

    /// Of no pipes, nothing.
    public static PipeTakeOff of(Design d, PipePlan plan) {
        return new Counter(d).counted(plan);
    }

    private record Part(String name, double price, double mass) {
    }

    private static Map<String, Part> parts() {
        Map<String, Part> all = new HashMap<>();
        Table.rows("plumbing-parts")
                .forEach(r -> all.put(r.get("part"), new Part(r.get("name"), Table.number(r, "price"),
                        Table.number(r, "mass_g") / 1000)));
        return all;
    }

    private static final class Counter {
        private final Map<String, Part> parts = parts();
        private final List<Item> items = new ArrayList<>();
        private final int drains;
        private final boolean foam;
        private double mass;
        private double mx;
        private double my;
        private double mz;

        Counter(Design d) {
            drains = DrainValves.bought(d);
            foam = Assumed.value(d, Assumption.PIPE_FOAM) > 0;
        }

        PipeTakeOff counted(PipePlan plan) {
            if (plan.runs().isEmpty()) {
                return new PipeTakeOff(List.of(), new Spot(0, 0, 0));
            }
            double insulated = 0;
            int clips = 0;
            for (PipePlan.PipeRun r : plan.runs()) {
                PipeBends b = r.bends(r.kind() == PipePlan.Kind.SUCTION);
                boolean waste = r.kind() == PipePlan.Kind.WASTE;
                double out = waste ? r.bore() + 2 * WASTE_WALL : r.outside();
                double plastic = Math.PI / 4 * (out * out - r.bore() * r.bore()) * PLASTIC * b.developed();
                length(switch (r.kind()) {
                    case WASTE -> "waste";
                    case SUCTION -> "suction";
                    case COLD, HOT, CITY -> "pipe";
                }, r.bore(), b.order(), plastic);
                int elbows = b.elbows45() + b.elbows90();
                count(waste ? "waste elbow" : "elbow", elbows);
                weigh(r, plastic + elbows * parts.get(waste ? "waste elbow" : "elbow").mass);
                insulated += foam && !waste ? b.developed() : 0;
                clips += b.supports();
            }
            int branches = (int) plan.runs().stream().filter(r -> r.id().startsWith("branch.")).count();
            int feeds = (int) plan.runs().stream().filter(r -> r.id().equals("feed")).count();
            int tees = Math.max(0, branches - 1) + feeds;
            count("tee", tees);
            count("ring", (int) (2 * count("elbow") + 3 * tees + 2 * branches));
            count("clip", clips);
            count("end", branches + plan.hot().size() + feeds + 2);
            count("trap", plan.wastes().size());
            count("drain", drains);
            if (insulated > 0) {
                items.add(new Item("foam", parts.get("foam").name, plan.runs().getFirst().outside(), insulated,
                        insulated * parts.get("foam").mass, insulated * parts.get("foam").price));
            }
            items.removeIf(i -> i.count == 0);
            return new PipeTakeOff(items, mass > 0 ? new Spot(mx / mass, my / mass, mz / mass) : new Spot(0, 0, 0));
        }

        private double count(String part) {
            return items.stream().filter(i -> i.part.equals(part)).mapToDouble(Item::count).sum();
        }

        private void length(String part, double bore, double metres, double weighs) {
            Part p = parts.get(part);
            merge(new Item(part, p.name, bore, metres, weighs, metres * p.price));
        }

        private void count(String part, int pieces) {
            Part p = parts.get(part);
            merge(new Item(part, p.name, 0, pieces, pieces * p.mass, pieces * p.price));
        }

        private void merge(Item more) {
            for (int i = 0; i < items.size(); i++) {
                Item has = items.get(i);
                if (has.part.equals(more.part) && has.bore == more.bore) {
                    items.set(i, new Item(has.part, has.name, has.bore, has.count + more.count, has.mass + more.mass,
                            has.cost + more.cost));
                    return;
                }
            }
            items.add(more);
        }

        /// A pipe weighs along its way.
        private void weigh(PipePlan.PipeRun r, double weighs) {
            double length = r.length();
            for (int i = 1; i < r.corners().size() && length > 0; i++) {
                Spot a = r.corners().get(i - 1);
                Spot b = r.corners().get(i);
                double m = weighs * a.to(b) / length;
                mx += m * (a.x() + b.x()) / 2;
                my += m * (a.y() + b.y()) / 2;
                mz += m * (a.z() + b.z()) / 2;
                mass += m;
            }
        }
    }
}
