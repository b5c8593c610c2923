package lectulum.design.base;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.thing.MassSource;
import lectulum.units.Quantity;

/// Mass of the bare base as it stands before anything is built in, and where it acts. Both forms belong to one place
/// of the axle; when the axle is moved later, its own mass moves along.
public sealed interface EmptyMass {

    /// Mass \[kg\].
    double mass();

    /// Centre of gravity above the top of the floor \[m\].
    double z();

    /// Where the axle stood when this was found, behind the front of the body \[m\].
    double axleAt();

    /// Whether it comes from a scale.
    MassSource source();

    /// Standard uncertainty \[kg\] where it is known better than the default of the source.
    OptionalDouble uncertainty();

    /// Given as mass and centre.
    ///
    /// @param x           centre of gravity behind the front of the body \[m\]
    /// @param uncertainty standard uncertainty \[kg\] where it is known better than the default of the source
    record Entered(@Means(value = "Empty mass", of = Quantity.MASS, high = 20_000) double mass,
            @Means(value = "Centre of the empty base", low = -20, high = 20, says = "behind the front of the body") double x,
            @Means(value = "Centre above floor", low = -1, high = 3) double z,
            @Means(value = "Axle place at the weighing", low = -20, high = 20) double axleAt, MassSource source,
            @Means(value = "Uncertainty of the empty mass", of = Quantity.MASS, high = 20_000, says = "standard uncertainty") OptionalDouble uncertainty)
            implements
                EmptyMass {
        public Entered {
            source = source == null ? MassSource.CATALOGUE : source;
            uncertainty = uncertainty == null ? OptionalDouble.empty() : uncertainty;
        }

        /// As sure as its source usually is.
        public Entered(double mass, double x, double z, double axleAt, MassSource source) {
            this(mass, x, z, axleAt, source, OptionalDouble.empty());
        }

        /// The same mass elsewhere.
        ///
        /// @param newX  behind the front of the body \[m\]
        /// @param newZ  above the top of the floor \[m\]
        /// @param newAt where the axle stood then \[m\]
        public Entered at(double newX, double newZ, double newAt) {
            return new Entered(mass, newX, newZ, newAt, source, uncertainty);
        }
    }

    /// Given as two scale readings of the bare base, coupled height, wheels on one deck and coupler on another.
    ///
    /// @param tongue reading under the coupler \[kg\]
    /// @param axle   reading under the wheels \[kg\]
    record Weighed(@Means(value = "Under the coupler", of = Quantity.MASS, low = -2000, high = 5000) double tongue,
            @Means(value = "Under the wheels", of = Quantity.MASS, high = 20_000) double axle,
            @Means(value = "Centre above floor", low = -1, high = 3) double z,
            @Means(value = "Axle place at the weighing", low = -20, high = 20) double axleAt) implements EmptyMass {
        @Override
        public double mass() {
            return tongue + axle;
        }

        @Override
        public MassSource source() {
            return MassSource.WEIGHED;
        }

        @Override
        public OptionalDouble uncertainty() {
            return OptionalDouble.empty();
        }
    }
}
