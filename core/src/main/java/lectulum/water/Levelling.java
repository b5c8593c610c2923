package lectulum.water;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.kernel.flow.LowPoints;
import lectulum.kernel.flow.TankFlow;
import lectulum.kernel.flow.TankShape;

/// How a camper should stand to be emptied: what stays in tanks and pipes and which waste pipes run, for every half degree of
/// pitch and roll up to five.
final class Levelling {
    /// Widest tilt that jacks and blocks give, and the step \[°\].
    static final double MOST = 5;
    static final double STEP = 0.5;
    /// Left in the pipes that no ice splits them \[m³\]; left in a tank, of what it holds.
    static final double TRAPPED = 20e-6;
    private static final double LEFT = 0.01;

    private final PipePlan plan;
    private final PipePlan.Standing standing;
    private final Set<String> open;
    private final List<Thing> tanks;

    /// One way to stand.
    ///
    /// @param pitch   nose up \[°\]
    /// @param roll    right side down \[°\]
    /// @param pipes   stays in them \[m³\]
    /// @param tanks   stays in them \[m³\]
    /// @param standing names of waste pipes that do not run, and of tanks that keep more than a hundredth
    record Way(double pitch, double roll, double pipes, double tanks, List<String> standing) {
        Way {
            standing = List.copyOf(standing);
        }

        double tilt() {
            return Math.hypot(pitch, roll);
        }

        double left() {
            return pipes + tanks;
        }

        boolean drains() {
            return standing.isEmpty() && pipes <= TRAPPED;
        }
    }

    /// @param open ids of the corners that have a drain
    Levelling(Design d, PipePlan plan, Set<String> open) {
        this.plan = plan;
        this.standing = plan.standing();
        this.open = Set.copyOf(open);
        this.tanks = d.things().stream().filter(t -> t.has(Plumbed.Vessel.class) && t.tank().filter(
                k -> k.use() == Tank.Use.FRESH || k.use() == Tank.Use.GREY).isPresent()).toList();
    }

    /// Whether there is anything to be emptied.
    boolean any() {
        return !tanks.isEmpty() || !plan.wastes().isEmpty() || !plan.runs().isEmpty();
    }

    Way at(double pitch, double roll) {
        double p = Math.toRadians(pitch);
        double r = Math.toRadians(roll);
        List<String> stands = new ArrayList<>();
        double inTanks = 0;
        for (Thing t : tanks) {
            double stays = residue(t, p, r);
            inTanks += stays;
            if (stays > LEFT * t.tank().orElseThrow().capacity()) {
                stands.add(t.name());
            }
        }
        plan.wastes().stream().filter(w -> w.drain().slope(p, r) <= 0).map(PipePlan.Waste::name).forEach(stands::add);
        double pipes = LowPoints.of(standing.vertices(), standing.edges(), open, p, r).volume();
        return new Way(pitch, roll, pipes, inTanks, stands);
    }

    /// On a flat floor with its outlet in the middle of its end, or of all.
    private static double residue(Thing t, double pitch, double roll) {
        TankShape s = Tanks.shape(t);
        Plumbed.Vessel v = Tanks.vessel(t);
        double length = Math.max(0, t.size().length() - 2 * v.wall());
        double width = Math.max(0, t.size().width() - 2 * v.wall());
        boolean rearLow = pitch > 0;
        double along = switch (v.outlet()) {
            case MIDDLE -> length / 2;
            case FRONT -> rearLow ? length : 0;
            case REAR -> rearLow ? 0 : length;
        };
        double stays = TankFlow.residue(width, along, s.height(), pitch)
                + TankFlow.residue(length, width / 2, s.height(), roll);
        return Math.min(t.tank().orElseThrow().capacity(), stays);
    }

    /// All of them, row by row of pitch.
    List<Way> all() {
        List<Way> all = new ArrayList<>();
        for (int i = 0; i <= 2 * MOST / STEP; i++) {
            for (int k = 0; k <= 2 * MOST / STEP; k++) {
                all.add(at(i * STEP - MOST, k * STEP - MOST));
            }
        }
        return all;
    }

    /// The least tilt that empties all, else the one that leaves least.
    static Way best(List<Way> all) {
        return all.stream().filter(Way::drains).min(Comparator.comparingDouble(Way::tilt))
                .orElseGet(() -> all.stream().min(Comparator.comparingInt((Way w) -> w.standing().size())
                        .thenComparingDouble(Way::left).thenComparingDouble(Way::tilt)).orElseThrow());
    }

    /// What no way of standing empties.
    static List<String> never(List<Way> all) {
        List<String> names = new ArrayList<>(all.getFirst().standing());
        all.forEach(w -> names.retainAll(w.standing()));
        return names;
    }
}
