package lectulum.kernel.mechanisms;

import java.util.List;
import java.util.Optional;

/// Looks through every stocked strut at every mount for the one that asks least of the hand.
///
/// A strut must fit its travel at every angle, hold the lid on the coldest day and leave it shut on the hottest. Of those
/// the least peak hand force at the middle temperature wins, then the least total force.
///
/// @param stock  struts of force 1: length, stroke and ratio
/// @param forces stocked forces \[N\], ascending
/// @param bodies places on the body \[x, z\] from the hinge \[m\]
/// @param leaves places on the lid \[x, z\] from the hinge \[m\]
/// @param cold   coldest day \[°C\]
/// @param middle usual day \[°C\]
/// @param hot    hottest day \[°C\]
public record LidChooser(List<GasStrut> stock, double[] forces, List<double[]> bodies, List<double[]> leaves,
        double cold, double middle, double hot) {

    /// The best lid with its struts and mounts; empty where none of the stock will do.
    ///
    /// @param lid whose own strut and mounts are replaced
    public Optional<Lid> best(Lid lid) {
        Lid best = null;
        double peak = Double.POSITIVE_INFINITY;
        for (GasStrut size : stock) {
            for (double[] body : bodies) {
                for (double[] leaf : leaves) {
                    Lid mounted = new Lid(lid.mass(), lid.centre(), lid.handle(), lid.open(), body, leaf, lid.struts(),
                            size);
                    if (Thread.currentThread().isInterrupted()) {
                        return Optional.ofNullable(best);
                    }
                    if (mounted.beyondTravel() > 0) {
                        continue;
                    }
                    for (double force : forces) {
                        Lid tried = new Lid(lid.mass(), lid.centre(), lid.handle(), lid.open(), body, leaf,
                                lid.struts(), size.with(force));
                        if (tried.hold(cold) < Lid.HOLD || tried.shut(hot) > 0) {
                            continue;
                        }
                        double hand = tried.peakOnTheWay(middle);
                        if (hand < peak - 1e-9
                                || hand < peak + 1e-9 && best != null && force < best.strut().force()) {
                            peak = hand;
                            best = tried;
                        }
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
