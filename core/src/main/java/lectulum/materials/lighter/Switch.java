package lectulum.materials.lighter;

import lectulum.figures.Remedy;
import lectulum.figures.Sentence;

/// One thing that could be built otherwise, and what that changes.
///
/// @param about  what it is a way of: members, lining, skin, insulation, furniture
/// @param remedy that does it, with the allowances that follow
/// @param mass   more \[kg\]
/// @param cost   more
/// @param hours  more \[s\]
/// @param tongue more on the ball \[kg\]
/// @param loss   more heat through walls \[W/K\]
/// @param stiff  as stiff as now, 1 for alike
public record Switch(String about, Remedy remedy, double mass, double cost, double hours, double tongue, double loss,
        double stiff) {
    private static final double HOUR = 3600;
    private static final double PERCENT = 100;

    public Switch {
        stiff = Math.rint(PERCENT * stiff) / PERCENT;
    }

    public Sentence says() {
        return remedy.says();
    }

    /// What saving a kilogram costs in money and hours together; 0 where both are saved, infinite where nothing is lighter.
    ///
    /// @param hour what an hour of one's own is worth
    public double perKilogram(double hour) {
        double price = cost + hours / HOUR * hour;
        return mass < -1e-6 ? Math.max(0, price / -mass) : Double.POSITIVE_INFINITY;
    }
}
