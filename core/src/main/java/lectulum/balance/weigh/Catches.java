package lectulum.balance.weigh;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.VehicleLoads;
import lectulum.design.Design;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.scales.HomeScales;
import lectulum.kernel.scales.ScaleError;
import lectulum.units.Units;

/// Mistakes and limits of the readings of a weigh day, and which reading would help most.
final class Catches {
    /// Pounds in a kilogram, and how near a reading must come to that to be asked about.
    private static final double POUNDS = 1 / Units.POUND;
    private static final double NEAR = 0.25;
    /// A disagreement of more standard errors is not chance.
    private static final double WRONG = 3;
    /// Readings that disagree with less chance than this change no mass.
    private static final double WILD = 1e-4;
    /// A reading that narrows no uncertainty by this part gains nothing.
    private static final double GAIN = 0.02;
    private static final int MOST_NEXT = 3;

    private final Design design;
    private final Weighing weighing;
    private final double[] expected;
    private final Reading.Levers levers;
    private final List<WeighDay.Catch> all = new ArrayList<>();

    Catches(Design design, Weighing weighing, LoadedState planned, Reading.Levers levers) {
        this.design = design;
        this.weighing = weighing;
        this.levers = levers;
        this.expected = expected(design, planned);
    }

    List<WeighDay.Catch> all() {
        return List.copyOf(all);
    }

    private static double[] expected(Design d, LoadedState planned) {
        VehicleLoads vehicle = VehicleLoads.of(d);
        return new double[]{vehicle.front(), vehicle.rear(), planned.mass(), planned.tongue(), planned.roll().z()};
    }

    private void add(WeighRules rule, int index, Sentence says, Optional<Weighing.Entry> fix) {
        all.add(new WeighDay.Catch(rule, index, says, fix));
    }

    /// Looks at one reading against the plan.
    ///
    /// @return whether it can be a reading at all
    boolean look(Weighing.Entry e, int i) {
        double value = e.value().getAsDouble();
        if (!(Math.abs(value) <= WeighDay.MOST) || !(Math.abs(e.correction()) <= WeighDay.MOST)
                || !(e.step() > 0 && e.step() <= WeighDay.MOST)) {
            add(WeighRules.WEIGH_RANGE, i, Sentence.of("{0}: no scale for campers reads that. It does not count.",
                    e.point().label()), Optional.of(e.used(false)));
            return false;
        }
        if (value <= 0) {
            add(WeighRules.WEIGH_NEGATIVE, i, Sentence.of("{0} reads {1}: nothing stands on it.", e.point().label(),
                    Amount.kg(value)), Optional.of(e.used(false)));
            return true;
        }
        double plan = expected(design, e.point(), expected, levers);
        double ratio = value / plan;
        if (plan > 0 && Math.abs(ratio / POUNDS - 1) < NEAR) {
            double kg = Math.round(value / POUNDS * 10) / 10.0;
            add(WeighRules.WEIGH_POUNDS, i, Sentence.of(
                    "{0}: {1} is about twice what is planned. Pounds typed as kilograms? That would be {2}.",
                    e.point().label(), Amount.kg(value), Amount.kg(kg)), Optional.of(e.reading(kg)));
        } else if (plan > 0 && Math.abs(ratio * POUNDS - 1) < NEAR && value > 5) {
            double kg = Math.round(value * POUNDS * 10) / 10.0;
            add(WeighRules.WEIGH_KILOGRAMS, i, Sentence.of(
                    "{0}: {1} is about half of what is planned. Kilograms typed as pounds? That would be {2}.",
                    e.point().label(), Amount.kg(value), Amount.kg(kg)), Optional.of(e.reading(kg)));
        }
        if (WeighDay.error(e).tooCoarse(value)) {
            add(WeighRules.WEIGH_COARSE, i, Sentence.counted(Math.round(value / e.step()),
                    "{1}: only one step of the scale. Use a finer one.",
                    "{1}: only {0} steps of the scale. Use a finer one.", e.point().label()), Optional.empty());
        }
        return true;
    }

    private static double expected(Design design, WeighPoint point, double[] expected, Reading.Levers levers) {
        if (point == WeighPoint.LEFT_WHEELS || point == WeighPoint.RIGHT_WHEELS) {
            return (expected[2] - expected[3]) / 2;
        }
        if (point == WeighPoint.COUPLER_RAISED) {
            return HomeScales.raised(expected[2], expected[3], expected[4],
                    Assumed.value(design, Assumption.WEIGH_TILT),
                    levers.axle(), WeighDay.coupler(design), WeighDay.radius(design));
        }
        if (point == WeighPoint.LEVER) {
            double span = Assumed.value(design, Assumption.LEVER_SPAN);
            return span > 0
                    ? expected[3] * Assumed.value(design, Assumption.LEVER_ARM) / span
                            + Assumed.value(design, Assumption.LEVER_TARE)
                    : Double.NaN;
        }
        Reading r = Reading.of(point, levers, 0, 1);
        return r.front() * expected[0] + r.rear() * expected[1] + r.mass() * expected[2] + r.tongue() * expected[3];
    }

    /// What the readings say together.
    ///
    /// @return whether masses of the plan may be changed by them
    boolean judge(Weighed result) {
        blind(result);
        if (has(WeighPoint.TRAILER_AXLE) && !Double.isNaN(result.mass()) && !Double.isNaN(result.tongue())) {
            add(WeighRules.WEIGH_AXLE, -1, Sentence.of(
                    "{0} is the axle's share only: with the tongue the trailer is {1}.", Amount.kg(result.axle()),
                    Amount.kg(result.mass())), Optional.empty());
        }
        boolean possible = possible(result);
        disagree(result);
        boolean agree = result.byChance() >= WILD;
        if (possible && !agree) {
            add(WeighRules.WEIGH_WILD, -1,
                    Sentence.of("These readings contradict each other: no mass is changed by them."),
                    Optional.empty());
        }
        papers(result);
        bars();
        return possible && agree;
    }

    private void blind(Weighed result) {
        boolean mass = Double.isNaN(result.mass());
        boolean tongue = Double.isNaN(result.tongue());
        if (!result.readings().isEmpty() && (mass || tongue)) {
            add(WeighRules.WEIGH_BLIND, -1, Sentence.of(mass
                    ? tongue
                            ? "These readings give neither the trailer's mass nor its tongue."
                            : "These readings cannot give the trailer's mass."
                    : "These readings cannot give the tongue load."), Optional.empty());
        }
    }

    /// A trailer weighs more than nothing, and its tongue is part of it.
    private boolean possible(Weighed result) {
        if (result.tongue() > result.mass()) {
            add(WeighRules.WEIGH_IMPOSSIBLE, -1, Sentence.of(
                    "The tongue ({0}) would be more than the trailer ({1}): a reading is wrong.",
                    Amount.kg(result.tongue()), Amount.kg(result.mass())), Optional.empty());
            return false;
        }
        if (result.mass() <= 0) {
            add(WeighRules.WEIGH_IMPOSSIBLE, -1, Sentence.of("The trailer would weigh {0}: a reading is wrong.",
                    Amount.kg(result.mass())), Optional.empty());
            return false;
        }
        if (result.tongue() < 0) {
            add(WeighRules.WEIGH_IMPOSSIBLE, -1, Sentence.of(
                    "The tongue would pull up with {0}. If it does not, a reading is wrong; if it does, do not tow it.",
                    Amount.kg(-result.tongue())), Optional.empty());
            return false;
        }
        return true;
    }

    /// Which reading is to blame, if the data tell.
    private void disagree(Weighed result) {
        List<Integer> suspects = result.suspects(WRONG);
        if (suspects.isEmpty()) {
            return;
        }
        double times = Math.round(Math.abs(result.worst().orElseThrow()) * 10) / 10.0;
        List<String> names = suspects.stream().map(i -> result.readings().get(i).name()).toList();
        if (suspects.size() == 1) {
            int index = entry(names.getFirst());
            add(WeighRules.WEIGH_RESIDUAL, index, Sentence.of(
                    "{0} disagrees with the others by {1} times its error. Repeat it, or leave it out.",
                    names.getFirst(), times),
                    index >= 0 ? Optional.of(weighing.entries().get(index).used(false)) : Optional.empty());
            return;
        }
        String tell = telling(result, suspects)
                .map(p -> has(p)
                        ? "Read " + p.label() + " once more: that narrows it down."
                        : "Read " + p.label() + " as well: that narrows it down.")
                .orElse("Read each of them once more.");
        add(WeighRules.WEIGH_RESIDUAL, -1, Sentence.of(
                "One reading is wrong by {0} times its error, and nothing here tells which: {1}. {2}", times,
                String.join("; ", names), tell), Optional.empty());
    }

    private int entry(String name) {
        return weighing.entries().stream().map(e -> e.point().label()).toList().indexOf(name);
    }

    /// The further reading that tells most suspects apart; one that was not read yet before a repetition.
    private Optional<WeighPoint> telling(Weighed result, List<Integer> suspects) {
        record Told(WeighPoint point, int pairs, boolean again) {
        }
        List<Told> told = new ArrayList<>();
        for (WeighPoint p : WeighPoint.values()) {
            if (!proposed(p)) {
                continue;
            }
            int pairs = result.tells(suspects, usual(p));
            if (pairs > 0) {
                told.add(new Told(p, pairs, has(p)));
            }
        }
        return told.stream().max(Comparator.comparingInt(Told::pairs).thenComparing(t -> !t.again)).map(Told::point);
    }

    /// Readings that somebody can be asked for: no half of a pair, nothing with bars tight, nothing that needs a beam.
    private static boolean proposed(WeighPoint p) {
        return p != WeighPoint.LEFT_WHEELS && p != WeighPoint.RIGHT_WHEELS && p != WeighPoint.LEVER && !p.bars()
                && p != WeighPoint.COUPLER_RAISED;
    }

    private Reading usual(WeighPoint p) {
        return usual(design, p, expected, levers);
    }

    private static Reading usual(Design design, WeighPoint p, double[] expected, Reading.Levers levers) {
        double value = Math.max(1, expected(design, p, expected, levers));
        double u = (p.small() ? new ScaleError(0.5, ScaleError.usualAccuracy(0.5)) : ScaleError.PUBLIC).of(value, 0);
        return Reading.of(p, levers, value, u);
    }

    private boolean has(WeighPoint point) {
        return weighing.entries().stream().anyMatch(e -> e.counts() && e.point() == point);
    }

    /// What the vehicle's papers would make of the tongue where the vehicle was not weighed alone.
    private void papers(Weighed result) {
        OptionalDouble coupled = read(WeighPoint.VEHICLE_COUPLED);
        if (coupled.isEmpty()) {
            OptionalDouble steer = read(WeighPoint.STEER_COUPLED);
            OptionalDouble drive = read(WeighPoint.DRIVE_COUPLED);
            coupled = steer.isPresent() && drive.isPresent()
                    ? OptionalDouble.of(steer.getAsDouble() + drive.getAsDouble())
                    : coupled;
        }
        if (coupled.isPresent() && Double.isNaN(result.tongue())) {
            double kerb = design.vehicle().kerbMass();
            double tongue = coupled.getAsDouble() - VehicleLoads.of(design).mass();
            add(WeighRules.WEIGH_PAPERS, -1, Sentence.of(
                    "With the vehicle's mass from its papers the tongue would be {0} ± {1}: that cannot tell it. Weigh the"
                            + " vehicle alone, with the same people and fuel.",
                    Amount.kg(tongue),
                    Amount.kg(Normal.HALF_95 * Assumed.value(design, Assumption.VEHICLE_SURE) * kerb)),
                    Optional.empty());
        }
    }

    private OptionalDouble read(WeighPoint point) {
        return weighing.entries().stream().filter(e -> e.counts() && e.point() == point)
                .mapToDouble(e -> e.value().getAsDouble() - e.correction()).findFirst();
    }

    private void bars() {
        boolean coupled = weighing.entries().stream()
                .anyMatch(e -> e.counts() && e.point().vehicle() && !e.point().uncoupled() && !e.point().bars());
        if (coupled && Assumed.value(design, Assumption.BARS_LENGTH) > 0) {
            add(WeighRules.WEIGH_BARS, -1, Sentence.of("Were the spring bars slack? Tight ones shift load"
                    + " between the axles, and these readings then do not give the tongue."), Optional.empty());
        }
    }

    /// Further readings that gain something: first what makes an unknown mass or tongue known, then what narrows the tongue
    /// most.
    static List<WeighDay.Next> next(Weighed result, Reading.Levers levers, LoadedState planned, Design design) {
        double[] expected = expected(design, planned);
        List<WeighDay.Next> all = new ArrayList<>();
        for (WeighPoint p : WeighPoint.values()) {
            if (!proposed(p) || result.readings().stream().anyMatch(r -> r.name().equals(p.label()))) {
                continue;
            }
            Weighed then = result.with(usual(design, p, expected, levers));
            boolean gains = known(then) > known(result) || better(then.tongueU(), result.tongueU())
                    || better(then.massU(), result.massU());
            if (gains && known(then) > 0) {
                all.add(new WeighDay.Next(p, then.tongueU(), then.massU()));
            }
        }
        all.sort(Comparator.comparingInt((WeighDay.Next n) -> (Double.isNaN(n.u()) ? 1 : 0)
                + (Double.isNaN(n.uMass()) ? 1 : 0))
                .thenComparingDouble(n -> Double.isNaN(n.u()) ? Double.POSITIVE_INFINITY : n.u())
                .thenComparingDouble(n -> Double.isNaN(n.uMass()) ? Double.POSITIVE_INFINITY : n.uMass()));
        return all.stream().limit(MOST_NEXT).collect(Collectors.toUnmodifiableList());
    }

    private static int known(Weighed w) {
        return (Double.isNaN(w.mass()) ? 0 : 1) + (Double.isNaN(w.tongue()) ? 0 : 1);
    }

    private static boolean better(double then, double now) {
        return then < (1 - GAIN) * now;
    }
}
