package lectulum.kernel.bodies;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/// Who sleeps where: the assignment of people to beds that costs least, by branch and bound.
///
/// Hard rules: least widths side by side, the mass a bed carries, nobody under six in an upper bunk (EN 747-1). Costs: 100
/// for each metre a sleeper is too long for the bed, 5 for each metre by which comfortable widths exceed it, 10 000 for
/// anybody without a bed. With more than eight people each in turn, tallest first, takes the cheapest place.
///
/// @param bed  index of the bed of each person; empty for nobody's
/// @param cost see above
public record Sleepers(List<OptionalInt> bed, double cost) {
    private static final double TOO_SHORT = 100;
    private static final double TOO_NARROW = 5;
    private static final double NO_BED = 10_000;
    private static final double UPPER_FROM = 6;
    private static final int EXACT = 8;
    /// What counts as a berth for an adult \[m\], \[kg\].
    private static final double ADULT_LENGTH = 1.75;
    private static final double ADULT_MASS = 80;

    public Sleepers {
        bed = List.copyOf(bed);
    }

    /// Somebody who sleeps.
    ///
    /// @param age years; NaN where unknown counts as an adult's
    public record Sleeper(double stature, double mass, double age) {
        boolean small() {
            return age < UPPER_FROM;
        }
    }

    /// A place to sleep.
    ///
    /// @param length  clear, along the lying line \[m\]
    /// @param width   clear \[m\]
    /// @param carries \[kg\]
    public record Berth(double length, double width, boolean upper, double carries) {
    }

    public static Sleepers assign(List<Sleeper> people, List<Berth> beds) {
        Search search = new Search(people, beds);
        if (people.size() > EXACT) {
            search.greedy();
        } else {
            search.from(0, 0);
        }
        return new Sleepers(Arrays.stream(search.best).mapToObj(b -> b < 0 ? OptionalInt.empty() : OptionalInt.of(b))
                .toList(), search.least);
    }

    public long unplaced() {
        return bed.stream().filter(OptionalInt::isEmpty).count();
    }

    /// Adults for whom there is room side by side.
    ///
    /// @param each width of one \[m\]
    public static int capacity(List<Berth> beds, double each) {
        return beds.stream().filter(b -> b.length >= ADULT_LENGTH).mapToInt(b -> {
            int beside = (int) Math.floor(b.width / each + 1e-9);
            return Math.min(beside, (int) Math.floor(b.carries / ADULT_MASS + 1e-9));
        }).sum();
    }

    private static final class Search {
        private final List<Sleeper> people;
        private final List<Berth> beds;
        private final int[] now;
        private int[] best;
        private double least = Double.POSITIVE_INFINITY;

        Search(List<Sleeper> people, List<Berth> beds) {
            this.people = people;
            this.beds = beds;
            this.now = new int[people.size()];
            Arrays.fill(now, -1);
            this.best = now.clone();
        }

        /// Costs only grow on the way down, so a branch that is not cheaper than the best is left.
        void from(int person, double cost) {
            if (cost >= least) {
                return;
            }
            if (person == people.size()) {
                double whole = cost + narrow();
                if (whole < least) {
                    least = whole;
                    best = now.clone();
                }
                return;
            }
            for (int b = 0; b < beds.size(); b++) {
                if (allowed(person, b)) {
                    now[person] = b;
                    from(person + 1, cost + tooShort(person, b));
                }
            }
            now[person] = -1;
            from(person + 1, cost + NO_BED);
        }

        void greedy() {
            double cost = 0;
            for (int person : IntStream.range(0, people.size()).boxed()
                    .sorted((a, b) -> Double.compare(people.get(b).stature, people.get(a).stature)).toList()) {
                int chosen = IntStream.range(0, beds.size()).filter(b -> allowed(person, b)).boxed()
                        .min(java.util.Comparator.comparingDouble(b -> tooShort(person, b))).orElse(-1);
                now[person] = chosen;
                cost += chosen < 0 ? NO_BED : tooShort(person, chosen);
            }
            best = now.clone();
            least = cost + narrow();
        }

        private boolean allowed(int person, int b) {
            Berth bed = beds.get(b);
            Sleeper who = people.get(person);
            if (bed.upper && who.small()) {
                return false;
            }
            double width = new Needs(who.stature).bedWidthLeast();
            double mass = who.mass;
            for (int other = 0; other < now.length; other++) {
                if (other != person && now[other] == b) {
                    width += new Needs(people.get(other).stature).bedWidthLeast();
                    mass += people.get(other).mass;
                }
            }
            return width <= bed.width + 1e-9 && mass <= bed.carries;
        }

        private double tooShort(int person, int b) {
            return TOO_SHORT
                    * Math.max(0, new Needs(people.get(person).stature).lyingLeast() - beds.get(b).length);
        }

        private double narrow() {
            double cost = 0;
            for (int b = 0; b < beds.size(); b++) {
                double comfort = 0;
                for (int person = 0; person < now.length; person++) {
                    comfort += now[person] == b ? new Needs(people.get(person).stature).bedWidthComfort() : 0;
                }
                cost += TOO_NARROW * Math.max(0, comfort - beds.get(b).width);
            }
            return cost;
        }
    }
}
