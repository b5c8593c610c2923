package lectulum.brief.draft;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;

/// Puts things of the catalogue into a design, one after another.
final class Furnishing {
    private static final double QUARTER = Math.PI / 2;
    private Design design;
    private final boolean came;

    /// @param came whether what is built in came with the base, at no price of its own
    Furnishing(Design design, boolean came) {
        this.design = design;
        this.came = came;
    }

    Design done() {
        return design;
    }

    Base base() {
        return design.base();
    }

    /// A thing as the catalogue has it.
    ///
    /// @param quarters turned by so many right angles
    Furnishing put(String id, String name, double x, double y, double z, int quarters) {
        return put(id, name, x, y, z, quarters, t -> t);
    }

    Furnishing put(String id, String name, double x, double y, double z, int quarters,
            UnaryOperator<Thing> change) {
        Thing of = Catalogue.shipped().find(id).orElseThrow();
        Thing thing = change.apply(of.named(name).withId(design.freeId(name))
                .with(new Placement(x, y, z, quarters * QUARTER)));
        if (came && thing.role() == Role.BUILT_IN && thing.battery().isEmpty() && thing.solar() == 0) {
            thing = thing.with(new Cost(0, OptionalDouble.of(0)));
        }
        design = design.plus(thing);
        return this;
    }

    static UnaryOperator<Thing> stowed() {
        return t -> t.with(Mount.STOWED);
    }

    /// With another size, and mass and price by its area.
    static UnaryOperator<Thing> sized(double length, double width, double height) {
        return t -> grown(t, length * width / (t.size().length() * t.size().width()))
                .with(new Size(length, width, height));
    }

    /// So many times the mass and the price.
    static Thing grown(Thing t, double k) {
        return t.with(new Mass(round(t.mass().value() * k, 10), t.mass().source(), OptionalDouble.empty()))
                .with(new Cost(Math.round(t.cost().planned() * k), t.cost().paid()));
    }

    static UnaryOperator<Thing> times(double k) {
        return t -> grown(t, k);
    }

    /// In camp somewhere else, in another size.
    static UnaryOperator<Thing> inCamp(Placement at, Size shape) {
        return t -> t.withElsewhere(Map.of(Mode.CAMP, at.shaped(Optional.of(shape))));
    }

    /// A mattress with room for those who lie on it.
    Furnishing mattress(String name, double x, double y, double z, double length, double width, int sleepers) {
        return put(sleepers > 1 ? "mattress-double-10-cm" : "mattress-single-10-cm", name, x, y, z, 0,
                t -> sized(length, width, t.size().height()).apply(t)
                        .with(new Feature.Bed(length, width, Math.max(1, sleepers) * 140.0)));
    }

    static double round(double value, double steps) {
        return Math.round(value * steps) / steps;
    }
}
