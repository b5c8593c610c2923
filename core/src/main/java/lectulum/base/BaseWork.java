package lectulum.base;

import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.thing.Cost;

/// Work on the base that was not in its price and its mass.
///
/// @param mass  added, or taken away where negative \[kg\]
/// @param x     where it acts, behind the front of the body \[m\]
/// @param z     above the top of the floor \[m\]
/// @param money for it
/// @param hours own time for it \[s\]
public record BaseWork(double mass, double x, double z, double money, double hours) {

    /// The design with it: in the empty mass, also where that is from a scale, in the cost and the hours of the base, none
    /// of which goes below zero.
    public Design on(Design d) {
        Base b = d.base();
        double time = Math.max(0, Assumed.value(d, Assumption.HOURS_BASE) + hours);
        return d.with(b.with(on(b.empty(), b.tongueLength())).with(on(b.cost())))
                .with(d.settings().with(Assumption.HOURS_BASE.id(),
                        Math.min(time, Assumed.entry(Assumption.HOURS_BASE).high())));
    }

    private EmptyMass on(EmptyMass empty, double tongue) {
        double sum = empty.mass() + mass;
        if (sum <= 0) {
            return empty;
        }
        double up = (empty.mass() * empty.z() + mass * z) / sum;
        return switch (empty) {
            case EmptyMass.Entered e -> new EmptyMass.Entered(sum, (e.mass() * e.x() + mass * x) / sum, up, e.axleAt(),
                    e.source(), e.uncertainty());
            case EmptyMass.Weighed w -> {
                double lever = tongue + w.axleAt();
                double ball = lever > 0 ? mass * (w.axleAt() - x) / lever : 0;
                yield new EmptyMass.Weighed(w.tongue() + ball, Math.max(0, w.axle() + mass - ball), up, w.axleAt());
            }
        };
    }

    private Cost on(Cost cost) {
        return new Cost(Math.max(0, cost.planned() + money), cost.paid().isPresent()
                ? OptionalDouble.of(Math.max(0, cost.paid().getAsDouble() + money))
                : cost.paid());
    }
}
