package lectulum.balance.weigh;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.weighing.WeighPoint;
import lectulum.design.weighing.Weighing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.scales.HomeScales;
import lectulum.kernel.scales.Reconciled;
import lectulum.kernel.scales.ScaleError;
import lectulum.kernel.statics.Part;

/// A weigh day worked out: what the readings give, what is doubtful about them, what to read next, and which masses of the
/// plan they change.
///
/// The readings are compared with the plan as it was then, with the masses that were taken over since; what was built in
/// later does not count. Needs an axle behind the ball; without one only masses are given. Readings that contradict each
/// other, or nature, change no mass.
///
/// @param weighing what was read
/// @param planned  the plan of that day in the same load case
/// @param result   what the readings say together
/// @param side     right wheels less left ones \[kg\]; empty where they were not read one by one
/// @param height   of the centre of gravity above the ground \[m\]; empty where the nose was not raised
/// @param catches  mistakes and limits of the readings, in sentences
/// @param next     readings that would help, the best first
/// @param changes  masses of the plan that the readings change, largest first
/// @param missing  what the plan lacks and where; empty where mass or tongue is not known
/// @param chance   chance of such a distance between plan and scale although nothing is missing; 1 where nothing is known
public record WeighDay(Weighing weighing, LoadedState planned, Weighed result, OptionalDouble side,
        Optional<HomeScales.Found> height, List<Catch> catches, List<Next> next, List<Change> changes,
        Optional<Reconciled.Missing> missing, double chance) {
    /// Standard uncertainty of a correction, part of it (assumed).
    private static final double CORRECTION_PART = 0.1;
    /// More than any scale for campers shows \[kg\].
    static final double MOST = 100_000;

    /// Something about a reading that should be looked at.
    ///
    /// @param rule  what was checked
    /// @param index of the entry it is about; −1 for all
    /// @param fix   the entry as it probably was meant; empty where nothing can be proposed
    public record Catch(WeighRules rule, int index, Sentence says, Optional<Weighing.Entry> fix) {
    }

    /// A further reading.
    ///
    /// @param u     standard uncertainty of the tongue that it would leave \[kg\]; NaN where the tongue stays unknown
    /// @param uMass of the mass \[kg\]; NaN where that stays unknown
    public record Next(WeighPoint point, double u, double uMass) {
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
        LoadedState planned = planned(design, w);
        Reading.Levers levers = levers(design, planned.ballToAxle());
        Catches catches = new Catches(design, w, planned, levers);
        List<Reading> readings = new ArrayList<>();
        Map<WeighPoint, Reading> single = new EnumMap<>(WeighPoint.class);
        for (int i = 0; i < w.entries().size(); i++) {
            Weighing.Entry e = w.entries().get(i);
            if (!e.counts() || !catches.look(e, i)) {
                continue;
            }
            Reading r = reading(design, levers, e);
            switch (e.point()) {
                case LEFT_WHEELS, RIGHT_WHEELS, COUPLER_RAISED -> single.put(e.point(), r);
                default -> readings.add(r);
            }
        }
        OptionalDouble side = OptionalDouble.empty();
        double wheelU = 0;
        if (single.containsKey(WeighPoint.LEFT_WHEELS) && single.containsKey(WeighPoint.RIGHT_WHEELS)) {
            Reading left = single.get(WeighPoint.LEFT_WHEELS);
            Reading right = single.get(WeighPoint.RIGHT_WHEELS);
            wheelU = Math.hypot(left.u(), right.u());
            readings.add(Reading.of(WeighPoint.TRAILER_AXLE, levers, left.value() + right.value(), wheelU)
                    .named(WeighPoint.LEFT_WHEELS.label() + " and " + WeighPoint.RIGHT_WHEELS.label()));
            side = OptionalDouble.of(right.value() - left.value());
        }
        Weighed result = Weighed.of(readings);
        Optional<HomeScales.Found> height = Optional.ofNullable(single.get(WeighPoint.COUPLER_RAISED))
                .flatMap(raised -> height(design, levers, result, raised));
        boolean sound = catches.judge(result);
        Changes changes = sound
                ? Changes.of(design, w, planned, result, side, wheelU, height)
                : new Changes(List.of(), Optional.empty(), 1);
        return new WeighDay(w, planned, result, side, height, catches.all(),
                Catches.next(result, levers, planned, design),
                changes.list(), changes.missing(), changes.chance());
    }

    private static Reading reading(Design design, Reading.Levers levers, Weighing.Entry e) {
        double value = e.value().getAsDouble() - e.correction();
        double u = error(e).of(value, e.correctionU().orElse(CORRECTION_PART * Math.abs(e.correction())));
        if (e.point() == WeighPoint.LEVER) {
            HomeScales.Found f = HomeScales.lever(value, Assumed.value(design, Assumption.LEVER_TARE),
                    Assumed.value(design, Assumption.LEVER_SPAN), Assumed.value(design, Assumption.LEVER_ARM), u,
                    Assumed.value(design, Assumption.LEVER_U));
            return Reading.of(e.point(), levers, f.value(), f.u());
        }
        return Reading.of(e.point(), levers, value, u);
    }

    /// From the tongue level and the tongue with the nose raised.
    private static Optional<HomeScales.Found> height(Design design, Reading.Levers levers, Weighed result,
            Reading raised) {
        if (Double.isNaN(result.mass()) || Double.isNaN(result.tongue()) || !(levers.axle() > 0)) {
            return Optional.empty();
        }
        HomeScales.Found found = HomeScales.centreHeight(result.mass(), result.tongue(), raised.value(),
                Assumed.value(design, Assumption.WEIGH_TILT), levers.axle(),
                coupler(design), radius(design),
                Math.hypot(raised.u(), result.tongueU()) / Math.sqrt(2));
        return Double.isFinite(found.value()) && Double.isFinite(found.u()) ? Optional.of(found) : Optional.empty();
    }

    /// Height of the coupler when level \[m\].
    static double coupler(Design design) {
        double typed = Assumed.value(design, Assumption.HITCH_COUPLER);
        return typed > 0 ? typed : design.vehicle().ballHeight();
    }

    /// Of the loaded tyre \[m\].
    static double radius(Design design) {
        return Assumed.value(design, Assumption.TYRE_PART) * design.base().axle().wheelDiameter();
    }

    /// The plan as it was then, with what was taken over since; today's plan where that day kept none.
    static LoadedState planned(Design design, Weighing w) {
        if (w.frozen().isEmpty()) {
            return LoadedState.of(design, w.aboard());
        }
        Weighing.Frozen frozen = w.frozen().get();
        List<Part> parts = new ArrayList<>();
        for (Weighing.Aboard a : frozen.parts()) {
            Part p = new Part(a.thing(), a.mass(), a.x(), a.y(), a.z(), 0, 0, 0, a.u(), 0, a.guess(), a.own());
            Optional<Mass> taken = a.own() > 0 ? w.accepted(a.thing()).map(Weighing.Accepted::after) : Optional.empty();
            parts.add(taken.map(m -> p.with(a.own() * m.value(), a.own() * m.standardUncertainty(), false)).orElse(p));
        }
        return LoadedState.of(design, w.aboard(), parts, frozen.ballToAxle(), frozen.track());
    }

    /// The weigh day with today's plan kept as what stands on the scale.
    public static Weighing frozen(Design design, Weighing w) {
        return frozen(design, w, LoadedState.of(design, w.aboard()));
    }

    private static Weighing frozen(Design design, Weighing w, LoadedState plan) {
        List<Weighing.Aboard> parts = plan.parts().stream().map(p -> new Weighing.Aboard(p.thing(), p.own(), p.mass(),
                p.x(), p.y(), p.z(), p.u(), p.guess())).toList();
        return w.freezing(plan.mass(), plan.tongue(),
                new Weighing.Frozen(plan.ballToAxle(), design.base().axle().track(), parts));
    }

    /// The design with a reading of a weigh day changed. With its first reading the day keeps the plan as it is now.
    ///
    /// @param id    of the weigh day
    /// @param index of the reading
    /// @param sound the design with impossible numbers replaced, whose masses are kept
    public static Design reading(Design design, Design sound, String id, int index,
            UnaryOperator<Weighing.Entry> change) {
        return design.mappingWeighing(id, w -> {
            if (index >= w.entries().size()) {
                return w;
            }
            Weighing next = w.with(index, change.apply(w.entries().get(index)));
            return !w.read() && next.read() ? frozen(sound, next) : next;
        });
    }

    /// A new weigh day with today's plan kept.
    public static Weighing begin(Design sound, String id, String date, LoadCase aboard, Method method) {
        return frozen(sound, new Weighing(id, date, "", aboard, 0, 0, method.entries(), List.of(), ""));
    }

    /// Whether the readings of two days may be put together: the same things at the same places stood on the scale.
    public static boolean joins(Weighing first, Weighing second) {
        return !first.id().equals(second.id()) && first.aboard().equals(second.aboard())
                && first.frozen().isPresent() && first.frozen().equals(second.frozen());
    }

    private static Reading.Levers levers(Design d, double axle) {
        return new Reading.Levers(d.vehicle().wheelbase(), d.vehicle().overhang(), axle,
                Math.min(Assumed.value(d, Assumption.JACK_AT), axle - 0.1));
    }

    static ScaleError error(Weighing.Entry e) {
        double step = Double.isFinite(e.step()) ? Math.clamp(e.step(), 1e-3, 1000) : 1;
        return new ScaleError(step, e.accuracy().orElse(ScaleError.usualAccuracy(step)));
    }

    /// Centre of gravity behind the ball \[m\]; empty where mass or tongue is not known.
    public OptionalDouble centre() {
        double x = HomeScales.centre(result.mass(), result.tongue(), planned.ballToAxle());
        return Double.isFinite(x) ? OptionalDouble.of(x) : OptionalDouble.empty();
    }

    /// Centre of gravity right of the middle \[m\]; empty where the wheels were not read one by one.
    ///
    /// @param design whose track counts where the day kept none
    public OptionalDouble centreSide(Design design) {
        double track = weighing.frozen().map(Weighing.Frozen::track).orElse(design.base().axle().track());
        double y = side.orElse(Double.NaN) * track / (2 * result.mass());
        return Double.isFinite(y) ? OptionalDouble.of(y) : OptionalDouble.empty();
    }

    /// Part of the load that the front axle lost to the tongue and the bars bring back; empty without passes with tight bars.
    public OptionalDouble restored(Design design) {
        Reading.Levers l = levers(design, planned.ballToAxle());
        double lost = result.tongue() * l.overhang() / l.wheelbase();
        double back = result.bars() * (l.axle() + l.overhang()) / (l.wheelbase() * l.axle());
        return Double.isFinite(back / lost) ? OptionalDouble.of(back / lost) : OptionalDouble.empty();
    }

    /// What else the readings say, in sentences.
    public List<Sentence> also(Design design) {
        List<Sentence> all = new ArrayList<>();
        centre().ifPresent(x -> all.add(Sentence.of("Centre of gravity {0} behind the ball, planned {1}.", Amount.m(x),
                Amount.m(planned.roll().x()))));
        side.ifPresent(s -> all.add(Sentence.of("The {0} wheels carry {1} more.", s >= 0 ? "right" : "left",
                Amount.kg(Math.abs(s)))));
        centreSide(design).ifPresent(y -> all.add(Sentence.of("It acts {0} {1} of the middle, planned {2} {3}.",
                Amount.m(Math.abs(y)), y >= 0 ? "right" : "left", Amount.m(Math.abs(planned.roll().y())),
                planned.roll().y() >= 0 ? "right" : "left")));
        height.ifPresent(h -> all.add(Sentence.of("Centre of gravity {0} ± {1} above the ground, planned {2}.",
                Amount.m(h.value()), Amount.m(Normal.HALF_95 * h.u()), Amount.m(planned.roll().z()))));
        restored(design)
                .ifPresent(r -> all.add(Sentence.of("The spring bars bring back {0} of what the front axle lost.",
                        Amount.share(r))));
        return all;
    }

    /// Whether plan and scale are too far apart to be chance.
    public boolean planLacksSomething() {
        return chance < Reconciled.RARE;
    }

    /// The design with a change taken over and remembered with the weighing.
    public Design accept(Design design, Change change) {
        return Changes.accept(design, weighing, change);
    }

    /// The design with all changes taken over; what was forgotten last, since it is a share of all that is built.
    public Design acceptAll(Design design) {
        return Changes.acceptAll(design, weighing, changes);
    }
}
