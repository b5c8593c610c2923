package lectulum.balance.weigh;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.balance.Certainty;
import lectulum.balance.Forgotten;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Thing;
import lectulum.design.weighing.Weighing;
import lectulum.kernel.scales.HomeScales;
import lectulum.kernel.scales.Reconciled;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;

/// Which masses of the plan a weigh day changes, and taking them over.
///
/// Masses are brought together with the plan of that day. A mass that was changed in the plan since is changed by as much
/// as the scale changes the old one. What tanks held is known from their fill and stays. A mass that the readings push to
/// nothing is not proposed: that says that something else is wrong.
///
/// @param list    largest first
/// @param missing what the plan lacks and where
/// @param chance  of such a distance although nothing is missing
record Changes(List<WeighDay.Change> list, Optional<Reconciled.Missing> missing, double chance) {
    /// Below this a change is not worth a word \[kg\].
    private static final double WORTH = 0.2;

    static Changes of(Design design, Weighing w, LoadedState planned, Weighed result, OptionalDouble side,
            double wheelU,
            Optional<HomeScales.Found> height) {
        boolean mass = !Double.isNaN(result.mass());
        boolean tongue = !Double.isNaN(result.tongue()) && planned.ballToAxle() > 0;
        if (!mass && !tongue) {
            return new Changes(List.of(), Optional.empty(), 1);
        }
        List<Part> parts = planned.parts();
        List<Reconciled.Item> items = parts.stream()
                .map(p -> new Reconciled.Item(p.mass(), p.u(), p.guess())).toList();
        List<Reconciled.Row> rows = new ArrayList<>();
        double track = w.frozen().map(Weighing.Frozen::track).orElse(design.base().axle().track());
        if (mass) {
            rows.add(new Reconciled.Row(levers(parts, p -> 1), result.mass(), result.massU()));
        }
        if (tongue) {
            rows.add(new Reconciled.Row(levers(parts, p -> Statics.lever(p.x(), planned.ballToAxle())),
                    result.tongue(), result.tongueU()));
        }
        if (side.isPresent() && track > 0) {
            rows.add(new Reconciled.Row(levers(parts, p -> 2 * p.y() / track), side.getAsDouble(), wheelU));
        }
        height.filter(h -> mass).ifPresent(h -> rows.add(
                new Reconciled.Row(levers(parts, p -> p.z() - h.value()), 0, result.mass() * h.u())));
        Reconciled r = Reconciled.of(items, rows, Certainty.SHARED_GUESS_ERROR);
        Optional<Reconciled.Missing> missing = mass && tongue
                ? Reconciled.missing(result.mass() - planned.mass(), result.tongue() - planned.tongue(),
                        planned.ballToAxle(), result.massU(), result.tongueU())
                : Optional.empty();
        return new Changes(list(design, planned, r), missing, r.byChance());
    }

    private static double[] levers(List<Part> parts, java.util.function.ToDoubleFunction<Part> lever) {
        return parts.stream().mapToDouble(lever).toArray();
    }

    private static List<WeighDay.Change> list(Design design, LoadedState planned, Reconciled r) {
        Map<String, WeighDay.Change> changes = new LinkedHashMap<>();
        for (int i = 0; i < planned.parts().size(); i++) {
            Part p = planned.parts().get(i);
            double after = r.masses().get(i);
            if (p.own() > 0 && !changes.containsKey(p.thing()) && after > 0) {
                change(design, p, after / p.own(), r.u().get(i) / p.own())
                        .ifPresent(c -> changes.put(p.thing(), c));
            }
        }
        return changes.values().stream().filter(c -> Math.abs(c.by()) >= WORTH && c.after() > 0)
                .sorted(Comparator.comparingDouble(c -> -Math.abs(c.by()))).toList();
    }

    /// @param after of the thing alone \[kg\]
    private static Optional<WeighDay.Change> change(Design design, Part p, double after, double u) {
        double then = p.mass() / p.own();
        if (p.thing().equals(Forgotten.ID)) {
            double today = Assumed.value(design, Assumption.MASS_FORGOTTEN) * Forgotten.made(design);
            return Optional.of(new WeighDay.Change(p.thing(),
                    new Mass(today, MassSource.GUESS, OptionalDouble.of(p.u() / p.own())), today + after - then, u));
        }
        Optional<Mass> now = p.thing().isEmpty()
                ? Optional.of(new Mass(design.base().empty().mass(), design.base().empty().source(),
                        OptionalDouble.of(p.u())))
                : design.thing(p.thing()).map(Thing::mass);
        boolean weighedSince = now.filter(m -> m.source() == MassSource.WEIGHED || m.source() == MassSource.RECONCILED)
                .filter(m -> Math.abs(m.value() - then) > 1e-6).isPresent();
        return now.filter(m -> !weighedSince)
                .map(m -> new WeighDay.Change(p.thing(), m, m.value() + after - then, u));
    }

    static Design accept(Design design, Weighing w, WeighDay.Change change) {
        Design d = switch (change.thing()) {
            case "" -> design.with(rebased(design.base(), change));
            case Forgotten.ID -> design.with(design.settings().with(Assumption.MASS_FORGOTTEN.id(),
                    Math.min(change.after() / Forgotten.made(design),
                            Assumed.entry(Assumption.MASS_FORGOTTEN).high())));
            default -> design.mapping(change.thing(), t -> t.with(change.mass()));
        };
        return d.mappingWeighing(w.id(),
                x -> x.accepting(new Weighing.Accepted(change.thing(), change.before(), change.mass())));
    }

    private static Base rebased(Base base, WeighDay.Change change) {
        EmptyMass e = base.empty();
        double x = base.emptyCentre() - base.tongueLength();
        return base.with(new EmptyMass.Entered(change.after(), x, e.z(), base.axle().x(), MassSource.RECONCILED,
                OptionalDouble.of(change.u())));
    }

    static Design acceptAll(Design design, Weighing w, List<WeighDay.Change> changes) {
        Design d = design;
        for (WeighDay.Change c : changes) {
            d = c.thing().equals(Forgotten.ID) ? d : accept(d, w, c);
        }
        for (WeighDay.Change c : changes) {
            d = c.thing().equals(Forgotten.ID) ? accept(d, w, c) : d;
        }
        return d;
    }
}
