package lectulum.weighing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.balance.Certainty;
import lectulum.balance.Forgotten;
import lectulum.balance.LoadedState;
import lectulum.balance.Part;
import lectulum.balance.Statics;
import lectulum.design.Base;
import lectulum.design.Design;
import lectulum.design.EmptyMass;
import lectulum.design.Mass;
import lectulum.design.MassSource;
import lectulum.design.Thing;
import lectulum.design.WeighPoint;
import lectulum.design.Weighing;
import lectulum.figures.Amount;
import lectulum.figures.Normal;
import lectulum.figures.Sentence;

/// A weigh day worked out: what the readings give, what is doubtful about them, what to read next, and which masses of the
/// plan they change.
///
/// Needs an axle behind the ball; without one only masses are given.
///
/// @param weighing what was read
/// @param planned  the plan in the same load case
/// @param result   what the readings say together
/// @param side     right wheels less left ones \[kg\]; empty where they were not read one by one
/// @param catches  mistakes and limits of the readings, in sentences
/// @param next     readings that would help, the best first
/// @param changes  masses of the plan that the readings change, largest first
/// @param missing  what the plan lacks and where; empty where mass or tongue is not known
/// @param chance   chance of such a distance between plan and scale although nothing is missing; 1 where nothing is known
public record WeighDay(Weighing weighing, LoadedState planned, Weighed result, OptionalDouble side,
        List<Catch> catches, List<Next> next, List<Change> changes, Optional<Reconciled.Missing> missing,
        double chance) {
    private static final double PUBLIC_ACCURACY = 0.001;
    private static final double SMALL_ACCURACY = 0.005;
    private static final double SMALL_STEP = 1;
    /// Pounds in a kilogram, and how near a reading must come to that to be asked about.
    private static final double POUNDS = 1 / 0.45359237;
    private static final double NEAR = 0.25;
    private static final double WRONG = 3;
    private static final double CORRECTION_PART = 0.1;
    /// Below this a change is not worth a word \[kg\].
    private static final double WORTH = 0.2;

    /// Something about a reading that should be looked at.
    ///
    /// @param rule  stable name of the rule
    /// @param index of the entry it is about; −1 for all
    /// @param fix   the entry as it probably was meant; empty where nothing can be proposed
    public record Catch(String rule, int index, Sentence says, Optional<Weighing.Entry> fix) {
    }

    /// A further reading.
    ///
    /// @param u standard uncertainty of the tongue that it would leave \[kg\]
    public record Next(WeighPoint point, double u) {
    }

    /// A mass of the plan against what the scale makes of it.
    ///
    /// @param thing  id; empty for the base
    /// @param before as planned
    /// @param after  \[kg\]
    /// @param u      standard uncertainty after \[kg\]
    public record Change(String thing, Mass before, double after, double u) {
        public double by() {
            return after - before.value();
        }

        public Mass mass() {
            return new Mass(after, MassSource.RECONCILED, OptionalDouble.of(u));
        }
    }

    public static WeighDay of(Design design, Weighing w) {
        LoadedState planned = LoadedState.of(design, w.aboard());
        Reading.Levers levers = levers(design);
        List<Catch> catches = new ArrayList<>();
        double[] expected = {front(design), rear(design), planned.mass(), planned.tongue()};
        List<Reading> readings = new ArrayList<>();
        Map<WeighPoint, Double> wheels = new HashMap<>();
        double wheelU = 0;
        for (int i = 0; i < w.entries().size(); i++) {
            Weighing.Entry e = w.entries().get(i);
            if (!e.counts()) {
                continue;
            }
            double value = e.value().getAsDouble() - e.correction();
            look(e, i, expected, levers, catches);
            double u = error(e).of(value, CORRECTION_PART * Math.abs(e.correction()));
            switch (e.point()) {
                case LEFT_WHEELS, RIGHT_WHEELS -> {
                    wheels.put(e.point(), value);
                    wheelU = Math.hypot(wheelU, u);
                }
                case LEVER -> {
                    HomeScales.Found f = HomeScales.lever(value, Assumed.value(design, "lever.tare"),
                            Assumed.value(design, "lever.span"), Assumed.value(design, "lever.arm"), u,
                            Assumed.value(design, "lever.u"));
                    readings.add(Reading.of(e.point(), levers, f.value(), f.u()));
                }
                default -> readings.add(Reading.of(e.point(), levers, value, u));
            }
        }
        OptionalDouble side = OptionalDouble.empty();
        if (wheels.size() == 2) {
            double left = wheels.get(WeighPoint.LEFT_WHEELS);
            double right = wheels.get(WeighPoint.RIGHT_WHEELS);
            readings.add(Reading.of(WeighPoint.TRAILER_AXLE, levers, left + right, wheelU));
            side = OptionalDouble.of(right - left);
        }
        Weighed result = Weighed.of(readings);
        judge(w, result, catches);
        papers(design, w, result, catches);
        bars(design, w, catches);
        Reconciling r = reconcile(design, planned, result, side, wheelU);
        return new WeighDay(w, planned, result, side, List.copyOf(catches), next(result, levers, expected), r.changes,
                r.missing, r.chance);
    }

    private static Reading.Levers levers(Design d) {
        return new Reading.Levers(d.vehicle().wheelbase(), d.vehicle().overhang(), d.base().ballToAxle(),
                Math.min(Assumed.value(d, "jack.at"), d.base().ballToAxle() - 0.1));
    }

    private static double front(Design d) {
        return d.vehicle().kerbMass() - d.vehicle().kerbRear() + LoadedState.aboardVehicle(d) / 2;
    }

    private static double rear(Design d) {
        return d.vehicle().kerbRear() + LoadedState.aboardVehicle(d) / 2;
    }

    static ScaleError error(Weighing.Entry e) {
        return new ScaleError(Math.max(e.step(), 1e-3), e.step() <= SMALL_STEP ? SMALL_ACCURACY : PUBLIC_ACCURACY);
    }

    /// What one reading looks like against the plan.
    private static void look(Weighing.Entry e, int i, double[] expected, Reading.Levers levers, List<Catch> catches) {
        double value = e.value().getAsDouble();
        if (value <= 0) {
            catches.add(new Catch("weigh.negative", i, Sentence.of("{0} reads {1}: nothing stands on it.",
                    e.point().label(), Amount.kg(value)), Optional.of(e.used(false))));
            return;
        }
        double plan = expected(e.point(), expected, levers);
        double ratio = value / plan;
        if (plan > 0 && Math.abs(ratio / POUNDS - 1) < NEAR) {
            double kg = Math.round(value / POUNDS * 10) / 10.0;
            catches.add(new Catch("weigh.pounds", i, Sentence.of(
                    "{0}: {1} is about twice what is planned. Pounds typed as kilograms? That would be {2}.",
                    e.point().label(), Amount.kg(value), Amount.kg(kg)), Optional.of(e.reading(kg))));
        } else if (plan > 0 && Math.abs(ratio * POUNDS - 1) < NEAR && value > 5) {
            double kg = Math.round(value * POUNDS * 10) / 10.0;
            catches.add(new Catch("weigh.kilograms", i, Sentence.of(
                    "{0}: {1} is about half of what is planned. Kilograms typed as pounds? That would be {2}.",
                    e.point().label(), Amount.kg(value), Amount.kg(kg)), Optional.of(e.reading(kg))));
        }
        if (error(e).tooCoarse(value)) {
            catches.add(new Catch("weigh.coarse", i, Sentence.of("{0}: only {1} steps of the scale. Use a finer one.",
                    e.point().label(), Math.round(value / e.step())), Optional.empty()));
        }
    }

    private static double expected(WeighPoint point, double[] expected, Reading.Levers levers) {
        if (point == WeighPoint.LEFT_WHEELS || point == WeighPoint.RIGHT_WHEELS) {
            return (expected[2] - expected[3]) / 2;
        }
        if (point == WeighPoint.LEVER) {
            return Double.NaN;
        }
        Reading r = Reading.of(point, levers, 0, 1);
        return r.front() * expected[0] + r.rear() * expected[1] + r.mass() * expected[2] + r.tongue() * expected[3];
    }

    /// What the readings say together.
    private static void judge(Weighing w, Weighed result, List<Catch> catches) {
        boolean any = !result.readings().isEmpty();
        if (any && (Double.isNaN(result.mass()) || Double.isNaN(result.tongue()))) {
            catches.add(new Catch("weigh.blind", -1, Sentence.of(Double.isNaN(result.mass())
                    ? Double.isNaN(result.tongue())
                            ? "These readings give neither the trailer's mass nor its tongue."
                            : "These readings cannot give the trailer's mass."
                    : "These readings cannot give the tongue load."), Optional.empty()));
        }
        boolean axle = w.entries().stream().anyMatch(e -> e.counts() && e.point() == WeighPoint.TRAILER_AXLE);
        if (axle && !Double.isNaN(result.mass()) && !Double.isNaN(result.tongue())) {
            catches.add(new Catch("weigh.axle", -1, Sentence.of(
                    "{0} is the axle's share only: with the tongue the trailer is {1}.", Amount.kg(result.axle()),
                    Amount.kg(result.mass())), Optional.empty()));
        }
        if (result.tongue() > result.mass()) {
            catches.add(new Catch("weigh.impossible", -1, Sentence.of(
                    "The tongue ({0}) would be more than the trailer ({1}): a reading is wrong.",
                    Amount.kg(result.tongue()), Amount.kg(result.mass())), Optional.empty()));
        }
        OptionalDouble worst = result.worst();
        if (worst.isPresent() && Math.abs(worst.getAsDouble()) > WRONG) {
            int at = result.residuals().indexOf(worst.getAsDouble());
            Reading r = result.readings().get(at);
            int index = w.entries().stream().map(e -> e.point().label()).toList().indexOf(r.name());
            catches.add(new Catch("weigh.residual", index, Sentence.of(
                    "{0} disagrees with the others by {1} times its error. Repeat it, or leave it out.", r.name(),
                    Math.round(Math.abs(worst.getAsDouble()) * 10) / 10.0),
                    index >= 0 ? Optional.of(w.entries().get(index).used(false)) : Optional.empty()));
        }
    }

    /// What the vehicle's papers would make of the tongue where the vehicle was not weighed alone.
    private static void papers(Design design, Weighing w, Weighed result, List<Catch> catches) {
        OptionalDouble coupled = read(w, WeighPoint.VEHICLE_COUPLED);
        if (coupled.isEmpty()) {
            OptionalDouble steer = read(w, WeighPoint.STEER_COUPLED);
            OptionalDouble drive = read(w, WeighPoint.DRIVE_COUPLED);
            coupled = steer.isPresent() && drive.isPresent()
                    ? OptionalDouble.of(steer.getAsDouble() + drive.getAsDouble())
                    : coupled;
        }
        if (coupled.isPresent() && Double.isNaN(result.tongue())) {
            double kerb = design.vehicle().kerbMass();
            double tongue = coupled.getAsDouble() - kerb - LoadedState.aboardVehicle(design);
            catches.add(new Catch("weigh.papers", -1, Sentence.of(
                    "With the vehicle's mass from its papers the tongue would be {0} ± {1}: that cannot tell it. Weigh the"
                            + " vehicle alone, with the same people and fuel.",
                    Amount.kg(tongue),
                    Amount.kg(Normal.HALF_95 * Assumed.value(design, "vehicle.sure") * kerb)), Optional.empty()));
        }
    }

    private static OptionalDouble read(Weighing w, WeighPoint point) {
        return w.entries().stream().filter(e -> e.counts() && e.point() == point)
                .mapToDouble(e -> e.value().getAsDouble() - e.correction()).findFirst();
    }

    private static void bars(Design design, Weighing w, List<Catch> catches) {
        boolean coupled = w.entries().stream()
                .anyMatch(e -> e.counts() && e.point().vehicle() && !e.point().uncoupled());
        if (coupled && Assumed.value(design, "bars.length") > 0) {
            catches.add(new Catch("weigh.bars", -1, Sentence.of("Were the spring bars slack? Tight ones shift load"
                    + " between the axles, and these readings then do not give the tongue."), Optional.empty()));
        }
    }

    private static List<Next> next(Weighed result, Reading.Levers levers, double[] expected) {
        List<Next> all = new ArrayList<>();
        for (WeighPoint p : WeighPoint.values()) {
            if (p == WeighPoint.LEFT_WHEELS || p == WeighPoint.RIGHT_WHEELS || p == WeighPoint.LEVER
                    || result.readings().stream().anyMatch(r -> r.name().equals(p.label()))) {
                continue;
            }
            boolean small = p == WeighPoint.COUPLER || p == WeighPoint.JACK;
            double value = Math.max(1, expected(p, expected, levers));
            double u = (small ? new ScaleError(0.5, SMALL_ACCURACY) : ScaleError.PUBLIC).of(value, 0);
            double leaves = result.tongueUWith(Reading.of(p, levers, value, u));
            if (!Double.isNaN(leaves)) {
                all.add(new Next(p, leaves));
            }
        }
        all.sort(Comparator.comparingDouble(Next::u));
        return List.copyOf(all.subList(0, Math.min(3, all.size())));
    }

    private record Reconciling(List<Change> changes, Optional<Reconciled.Missing> missing, double chance) {
    }

    private static Reconciling reconcile(Design design, LoadedState planned, Weighed result, OptionalDouble side,
            double wheelU) {
        boolean mass = !Double.isNaN(result.mass());
        boolean tongue = !Double.isNaN(result.tongue()) && planned.ballToAxle() > 0;
        if (!mass && !tongue) {
            return new Reconciling(List.of(), Optional.empty(), 1);
        }
        List<Part> parts = planned.parts();
        List<Reconciled.Item> items = parts.stream()
                .map(p -> new Reconciled.Item(p.mass(), p.u(), p.guess())).toList();
        List<Reconciled.Row> rows = new ArrayList<>();
        double[] ones = new double[parts.size()];
        double[] lever = new double[parts.size()];
        double[] across = new double[parts.size()];
        double track = design.base().axle().track();
        for (int i = 0; i < parts.size(); i++) {
            ones[i] = 1;
            lever[i] = tongue ? Statics.lever(parts.get(i).x(), planned.ballToAxle()) : 0;
            across[i] = track > 0 ? 2 * parts.get(i).y() / track : 0;
        }
        if (mass) {
            rows.add(new Reconciled.Row(ones, result.mass(), result.massU()));
        }
        if (tongue) {
            rows.add(new Reconciled.Row(lever, result.tongue(), result.tongueU()));
        }
        if (side.isPresent() && track > 0) {
            rows.add(new Reconciled.Row(across, side.getAsDouble(), wheelU));
        }
        Reconciled r = Reconciled.of(items, rows, Certainty.SHARED_GUESS_ERROR);
        Optional<Reconciled.Missing> missing = mass && tongue
                ? Reconciled.missing(result.mass() - planned.mass(), result.tongue() - planned.tongue(),
                        planned.ballToAxle(), result.massU(), result.tongueU())
                : Optional.empty();
        return new Reconciling(changes(design, planned, r), missing, r.byChance());
    }

    /// The part that is a thing's own mass, not what its tank holds.
    private static List<Change> changes(Design design, LoadedState planned, Reconciled r) {
        Map<String, Change> changes = new LinkedHashMap<>();
        for (int i = 0; i < planned.parts().size(); i++) {
            Part p = planned.parts().get(i);
            if (changes.containsKey(p.thing())) {
                continue;
            }
            if (p.thing().equals(Forgotten.ID)) {
                changes.put(p.thing(), new Change(p.thing(), new Mass(p.mass(), MassSource.GUESS,
                        OptionalDouble.of(p.u())), r.masses().get(i), r.u().get(i)));
                continue;
            }
            Optional<Mass> before = p.thing().isEmpty()
                    ? Optional.of(new Mass(design.base().empty().mass(), design.base().empty().source(),
                            OptionalDouble.of(p.u())))
                    : design.thing(p.thing()).map(Thing::mass);
            double share = p.thing().isEmpty()
                    ? 1
                    : design.thing(p.thing()).map(t -> planned.loadCase().times(t)).orElse(0.0);
            if (before.isPresent() && share > 0) {
                changes.put(p.thing(), new Change(p.thing(), before.get(), r.masses().get(i) / share,
                        r.u().get(i) / share));
            }
        }
        return changes.values().stream().filter(c -> Math.abs(c.by()) >= WORTH)
                .sorted(Comparator.comparingDouble(c -> -Math.abs(c.by()))).toList();
    }

    /// Whether plan and scale are too far apart to be chance.
    public boolean planLacksSomething() {
        return chance < Reconciled.RARE;
    }

    /// The design with a change taken over and remembered with the weighing.
    public Design accept(Design design, Change change) {
        Design d = switch (change.thing) {
            case "" -> design.with(rebased(design.base(), change));
            case Forgotten.ID -> design.with(design.settings().with("mass.forgotten",
                    Math.min(change.after / Forgotten.made(design), Assumed.entry("mass.forgotten").high())));
            default -> design.mapping(change.thing, t -> t.with(change.mass()));
        };
        return d.mappingWeighing(weighing.id(),
                w -> w.accepting(new Weighing.Accepted(change.thing, change.before, change.mass())));
    }

    private static Base rebased(Base base, Change change) {
        EmptyMass e = base.empty();
        double x = base.emptyCentre() - base.tongueLength();
        return base.with(new EmptyMass.Entered(change.after, x, e.z(), base.axle().x(), MassSource.RECONCILED,
                OptionalDouble.of(change.u)));
    }

    /// The design with all changes taken over; what was forgotten last, since it is a share of all that is built.
    public Design acceptAll(Design design) {
        Design d = design;
        for (Change c : changes) {
            d = c.thing.equals(Forgotten.ID) ? d : accept(d, c);
        }
        for (Change c : changes) {
            d = c.thing.equals(Forgotten.ID) ? accept(d, c) : d;
        }
        return d;
    }
}
