package lectulum.design;

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

    /// Given as mass and centre.
    ///
    /// @param x centre of gravity behind the front of the body \[m\]
    record Entered(double mass, double x, double z, double axleAt, MassSource source) implements EmptyMass {
        public Entered {
            source = source == null ? MassSource.CATALOGUE : source;
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
    }
}
