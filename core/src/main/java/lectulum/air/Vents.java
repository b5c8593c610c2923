package lectulum.air;

import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Sight;
import lectulum.design.thing.Thing;
import lectulum.kernel.air.Openings;
import lectulum.space.Body;

/// Openings for air of a design, low and high, and its fans.
///
/// @param low    free area below half of the height, gaps of the door among them \[m²\]
/// @param high   free area above it
/// @param apart  mean heights of the two \[m\]
/// @param always of the low ones, that cannot be shut \[m²\]
/// @param alwaysHigh of the high ones
/// @param fans   things that move air
/// @param wind   \[m/s\]
record Vents(double low, double high, double apart, double always, double alwaysHigh, List<Thing> fans, double wind) {

    /// Where openings are matters to the air inside; where anything else is does not.
    static Sight seen(Thing t) {
        return t.mount() == Mount.SET_IN || t.has(Aired.Vent.class) ? Sight.PLACED : Sight.UNPLACED;
    }

    static Vents of(Design d) {
        Body body = Body.of(d.base());
        double half = body.open() ? 0.9 : body.roofInside().highest() / 2;
        double gaps = Assumed.value(d, Assumption.AIR_DOOR_LOW);
        double low = gaps;
        double high = 0;
        double lowMoment = 0;
        double highMoment = 0;
        double always = 0;
        double alwaysHigh = 0;
        for (Thing t : d.things()) {
            Optional<Aired.Vent> v = t.feature(Aired.Vent.class);
            if (v.isEmpty() || t.place().away()) {
                continue;
            }
            double z = t.place().z() + t.size().height() / 2;
            double free = v.get().free();
            if (z < half) {
                low += free;
                lowMoment += free * Math.max(0, z);
                always += v.get().shuts() ? 0 : free;
            } else {
                high += free;
                highMoment += free * z;
                alwaysHigh += v.get().shuts() ? 0 : free;
            }
        }
        double apart = high > 0 ? highMoment / high - (low > 0 ? lowMoment / low : 0) : 0;
        return new Vents(low, high, Math.max(0, apart), always, alwaysHigh,
                d.things().stream().filter(t -> t.has(Aired.Fan.class)).toList(),
                Assumed.value(d, Assumption.AIR_WIND));
    }

    /// Air through them by warmth and wind \[m³/s\].
    double flow(double inside, double outside) {
        return Openings.flow(low, high, apart, inside, outside, wind);
    }
}
