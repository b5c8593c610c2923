package lectulum.balance.ratings;

import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.vehicle.Rating;

/// Up to what gross mass a trailer may do without brakes of its own: the least of what the law says, of the share of the
/// vehicle's kerb mass that some laws set, and of the vehicle's own rating.
///
/// @param mass \[kg\]
/// @param by   what sets it, in words
public record BrakeLimit(double mass, String by) {

    /// A share of zero stands for a law that knows none; a rating that is not known limits nothing.
    public static BrakeLimit of(Design design) {
        double share = Assumed.value(design, Assumption.BRAKE_SHARE);
        BrakeLimit limit = new BrakeLimit(Assumed.value(design, Assumption.BRAKE_LAW), "the law you set");
        if (share > 0) {
            limit = limit.least(share * design.vehicle().kerbMass(), "a part of the vehicle's mass");
        }
        return limit.least(design.vehicle().rating(Rating.TOW_UNBRAKED).orElse(Double.POSITIVE_INFINITY),
                "the vehicle's own limit without brakes");
    }

    private BrakeLimit least(double other, String its) {
        return other < mass ? new BrakeLimit(other, its) : this;
    }
}
