package lectulum.design.base;

import io.soabase.recordbuilder.core.RecordBuilder;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// The running gear: one axle, or two on rockers.
///
/// Two on rockers bear by the levers of the rocker: equal arms share the load evenly and act at the middle of the two; an
/// arm twice as long leaves its axle half of the other's load.
///
/// @param x             axle line, or the middle of the two, behind the foremost point of the body \[m\]
/// @param count         1 or 2
/// @param spacing       between two axles \[m\]
/// @param track         between the middles of the tyres \[m\]
/// @param wheelDiameter outer diameter of the tyre \[m\]
/// @param tyreWidth     \[m\]
/// @param mass          what moves along when the axle is moved: axles, wheels, springs, guards \[kg\]
/// @param rockerFront   arm of the rocker from its pin to the front axle's spring \[m\]; 0 for equal arms
/// @param rockerRear    to the rear axle's spring \[m\]; 0 for equal arms
@RecordBuilder
public record Axle(
        @Means(value = "Axle line", low = -20, high = 20, says = "behind the foremost point of the body; the middle of two") double x,
        @Means(value = "Axles", of = Quantity.COUNT, low = 1, high = 2) int count,
        @Means(value = "Axle spacing", high = 3) double spacing,
        @Means(value = "Track", low = 0.5, high = 3, says = "between the middles of the tyres") double track,
        @Means(value = "Tyre diameter", low = 0.2, high = 1.5) double wheelDiameter,
        @Means(value = "Tyre width", low = 0.05, high = 0.6) double tyreWidth,
        boolean braked,
        @Means(value = "Axle with wheels", of = Quantity.MASS, high = 20_000, says = "what moves along when the axle is moved") double mass,
        @Means(value = "Rocker arm to the front", high = 2, says = "0 for equal arms") double rockerFront,
        @Means(value = "Rocker arm to the rear", high = 2, says = "0 for equal arms") double rockerRear)
        implements
            AxleBuilder.With {

    /// With equal rockers.
    public Axle(double x, int count, double spacing, double track, double wheelDiameter, double tyreWidth,
            boolean braked, double mass) {
        this(x, count, spacing, track, wheelDiameter, tyreWidth, braked, mass, 0, 0);
    }

    /// Part of the load on both axles that the front one of two on rockers carries.
    public double frontShare() {
        return count > 1 && rockerFront > 0 && rockerRear > 0 ? rockerRear / (rockerFront + rockerRear) : 0.5;
    }

    /// How far behind the axle line, or the middle of the two, the load on the axles acts \[m\].
    public double bearing() {
        return count > 1 ? spacing * (0.5 - frontShare()) : 0;
    }

    public Axle at(double newX) {
        return withX(newX);
    }

    public Axle with(int newCount, double newSpacing) {
        return withCount(newCount).withSpacing(newSpacing);
    }

    public Axle withWheels(double newTrack, double diameter, double width) {
        return withTrack(newTrack).withWheelDiameter(diameter).withTyreWidth(width);
    }

    public Axle withBrakes(boolean brakes) {
        return withBraked(brakes);
    }

    public Axle withRockers(double front, double rear) {
        return withRockerFront(front).withRockerRear(rear);
    }
}
