package lectulum.discipline;

import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Edit;
import lectulum.design.base.Base;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Thing;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// The edits that most remedies are made of.
public final class Mend {
    private Mend() {
    }

    /// A thing with another feature of a kind it has.
    public static Remedy feature(Thing t, Feature feature, Sentence says) {
        return new Remedy(says, new Edit("Change " + t.name(), d -> d.mapping(t.id(), x -> x.with(feature))));
    }

    public static Remedy base(Sentence says, String name, UnaryOperator<Base> change) {
        return new Remedy(says, new Edit(name, d -> d.with(change.apply(d.base()))));
    }

    /// An own value in place of an assumed one.
    public static Remedy assumed(Assumption what, double value, Sentence says) {
        return new Remedy(says,
                new Edit(Assumed.entry(what).label(), d -> d.with(d.settings().with(what.id(), value))));
    }

    /// Mass and price of a store grow with what it holds.
    public static Thing grown(Thing t, double k) {
        return t.with(new Mass(t.mass().value() * k, t.mass().source(), OptionalDouble.empty()))
                .with(new Cost(t.cost().planned() * k, t.cost().paid()));
    }
}
