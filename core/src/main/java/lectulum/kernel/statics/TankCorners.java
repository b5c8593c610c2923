package lectulum.kernel.statics;

import java.util.ArrayList;
import java.util.List;

/// Smallest and largest tongue share over all fills of the tanks: the share is a quotient of linear functions of the
/// fills, so both stand where every tank is either empty or full.
///
/// @param least     smallest share
/// @param leastFull which tanks are full then
/// @param most      largest share
/// @param mostFull  which tanks are full then
public record TankCorners(double least, List<Boolean> leastFull, double most, List<Boolean> mostFull) {

    /// @param x    behind the ball \[m\]
    /// @param full contents when full \[kg\]
    public record Contents(double x, double full) {
    }

    /// A tank is full at the largest share if and only if its lever exceeds that share; repeated until it no longer
    /// changes.
    ///
    /// @param rest   everything else \[kg\], > 0
    /// @param centre of it behind the ball \[m\]
    /// @param axle   ball to axle \[m\], > 0
    public static TankCorners of(double rest, double centre, double axle, List<Contents> tanks) {
        List<Boolean> low = fill(rest, centre, axle, tanks, false);
        List<Boolean> high = fill(rest, centre, axle, tanks, true);
        return new TankCorners(share(rest, centre, axle, tanks, low), low, share(rest, centre, axle, tanks, high),
                high);
    }

    private static List<Boolean> fill(double rest, double centre, double axle, List<Contents> tanks, boolean most) {
        List<Boolean> full = new ArrayList<>();
        tanks.forEach(t -> full.add(false));
        for (int round = 0; round <= tanks.size(); round++) {
            double share = share(rest, centre, axle, tanks, full);
            boolean changed = false;
            for (int i = 0; i < tanks.size(); i++) {
                double lever = Statics.lever(tanks.get(i).x, axle);
                boolean wanted = most ? lever > share : lever < share;
                changed |= full.set(i, wanted) != wanted;
            }
            if (!changed) {
                break;
            }
        }
        return List.copyOf(full);
    }

    private static double share(double rest, double centre, double axle, List<Contents> tanks, List<Boolean> full) {
        double mass = rest;
        double tongue = rest * Statics.lever(centre, axle);
        for (int i = 0; i < tanks.size(); i++) {
            if (full.get(i)) {
                mass += tanks.get(i).full;
                tongue += tanks.get(i).full * Statics.lever(tanks.get(i).x, axle);
            }
        }
        return tongue / mass;
    }
}
