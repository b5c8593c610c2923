package lectulum.discipline;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Edit;
import lectulum.design.base.Base;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Spot;
import lectulum.figures.Amount;
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

    /// What stands for many small things, as they are bought.
    ///
    /// @param centre of their mass
    public static Remedy bought(Thing t, double mass, double cost, Spot centre) {
        return new Remedy(Sentence.of("{0} as it is bought: {1}, {2}, {3} behind the front of the body", t.name(),
                Amount.kg(mass), Amount.money(cost), Amount.m(centre.x())),
                new Edit(t.name() + " as bought", d -> d.mapping(t.id(),
                        x -> x.with(new Mass(mass, MassSource.CATALOGUE, OptionalDouble.empty()))
                                .with(new Cost(cost, x.cost().paid()))
                                .with(x.place().at(centre.x(), centre.y(), centre.z(), 0)))));
    }

    /// Without some things.
    ///
    /// @param says with a place for their names
    public static Remedy without(String says, List<Thing> things) {
        List<String> ids = things.stream().map(Thing::id).toList();
        String names = String.join(", ", things.stream().map(Thing::name).toList());
        return new Remedy(Sentence.of(says, names), new Edit("Without " + names, d -> d.without(ids)));
    }

    /// A tank of another volume, in two shapes: higher, and longer.
    ///
    /// @param capacity \[m³\]
    public static Stream<Remedy> tank(Thing thing, double capacity) {
        Tank tank = thing.tank().orElseThrow();
        double k = capacity / tank.capacity();
        Size s = thing.size();
        return Stream
                .of(new Size(s.length(), s.width(), s.height() * k), new Size(s.length() * k, s.width(), s.height()))
                .map(size -> new Remedy(
                        Sentence.of("{0}: {1} instead of {2}, {3} × {4} × {5}", thing.name(), Amount.litres(capacity),
                                Amount.litres(tank.capacity()), Amount.m(size.length()), Amount.m(size.width()),
                                Amount.m(size.height())),
                        new Edit("Larger tank", d -> d.mapping(thing.id(),
                                t -> grown(t, k).with(size).with(new Tank(tank.use(), capacity))))));
    }

    /// Mass and price of a store grow with what it holds.
    public static Thing grown(Thing t, double k) {
        return t.with(new Mass(t.mass().value() * k, t.mass().source(), OptionalDouble.empty()))
                .with(new Cost(t.cost().planned() * k, t.cost().paid()));
    }
}
