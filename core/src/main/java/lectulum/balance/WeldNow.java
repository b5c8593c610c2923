package lectulum.balance;

import java.util.List;
import lectulum.kernel.maths.Normal;
import lectulum.kernel.statics.AxlePlace;
import lectulum.kernel.statics.MassRoll;
import lectulum.kernel.statics.Part;

/// Whether the axle can be welded yet: where it belongs for a tongue share, how sure that is with the masses known today,
/// and how long a slot must be to be 95 % sure.
///
/// @param place of the axle behind the ball \[m\]
/// @param u     its standard uncertainty \[m\]
public record WeldNow(double place, double u) {
    /// A slot shorter than this can be welded \[m\] (assumed).
    public static final double SHORT = 0.030;

    /// @param fixed  everything that stays where it is
    /// @param moving mass that moves with the axle \[kg\]
    /// @param arm    its first moment about the axle line \[kg·m\]
    /// @param share  wanted
    /// @param shared relative standard error that all guesses share
    public static WeldNow of(List<Part> fixed, double moving, double arm, double share, double shared) {
        MassRoll roll = MassRoll.of(fixed);
        double tongue = share * (roll.mass() + moving);
        double place = AxlePlace.place(new AxlePlace.Fixed("", roll.mass(), roll.x()), arm, tongue);
        double bottom = roll.mass() - tongue;
        double square = 0;
        double guesses = 0;
        for (Part p : fixed) {
            double byMass = (p.x() - place * (1 - share)) / bottom;
            square += byMass * p.u() * byMass * p.u() + p.mass() * p.ux() / bottom * (p.mass() * p.ux() / bottom);
            guesses += p.guess() ? byMass * p.mass() : 0;
        }
        return new WeldNow(place, Math.sqrt(square + shared * guesses * shared * guesses));
    }

    /// Slot in which the right place lies with 95 % \[m\].
    public double slot() {
        return 2 * Normal.HALF_95 * u;
    }
}
