package lectulum.design.base;

import java.util.OptionalDouble;
import lectulum.design.thing.MassSource;

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
    record Entered(double mass, double x, double z, double axleAt, MassSource source, OptionalDouble uncertainty)
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
    record Weighed(double tongue, double axle, double z, double axleAt) implements EmptyMass {
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
