package lectulum.design.base;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.design.thing.Cost;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.units.Quantity;

/// The trailer that is built on.
///
/// @param wall         thickness of the side, front and rear walls \[m\]
/// @param floor        thickness of the floor \[m\]
/// @param roof         thickness of the roof \[m\]
/// @param floorHeight  top of the floor above the ground \[m\]
/// @param tongueLength centre of the ball to the foremost point of the body \[m\]
/// @param ratings      limits of the trailer; absent ones are unknown
/// @param cost         of the base as bought
/// @param carcass      what it is built of and how it opens
/// @param survey       what was measured on it
@RecordBuilder
public record Base(Shell shell, @Means(value = "Walls", high = 0.3, says = "thickness") double wall,
        @Means(value = "Floor thickness", high = 0.5) double floor,
        @Means(value = "Roof thickness", high = 0.3) double roof,
        @Means(value = "Floor above ground", low = 0.05, high = 2) double floorHeight, WheelArches arches,
        @Means(value = "Ball to body", low = 0.1) double tongueLength, Axle axle, EmptyMass empty,
        @Means(value = "Rating", of = Quantity.MASS, low = 1, high = 40_000, says = "limits; absent ones are unknown") Map<Rating, Double> ratings,
        Cost cost, Carcass carcass,
        Survey survey) implements BaseBuilder.With {

    public Base {
        arches = arches == null ? WheelArches.NONE : arches;
        ratings = Vehicle.Ratings.copy(ratings);
        cost = cost == null ? Cost.NONE : cost;
        carcass = carcass == null ? Carcass.UNKNOWN : carcass;
        survey = survey == null ? Survey.NONE : survey;
    }

    /// A base of which neither framing nor true shape is known.
    public Base(Shell shell, double wall, double floor, double roof, double floorHeight, WheelArches arches,
            double tongueLength, Axle axle, EmptyMass empty, Map<Rating, Double> ratings, Cost cost) {
        this(shell, wall, floor, roof, floorHeight, arches, tongueLength, axle, empty, ratings, cost, Carcass.UNKNOWN,
                Survey.NONE);
    }

    /// Ball to where the load on the axles acts \[m\]: the axle line, or between two axles as their rockers share it.
    public double ballToAxle() {
        return ballToMiddle() + axle.bearing();
    }

    /// Ball to the axle line, or to the middle of two \[m\].
    public double ballToMiddle() {
        return tongueLength + axle.x();
    }

    /// Centre of gravity of the bare base behind the ball \[m\], the axle's own mass moved to where it is now.
    public double emptyCentre() {
        double found = switch (empty) {
            case EmptyMass.Entered entered -> tongueLength + entered.x();
            case EmptyMass.Weighed weighed -> weighed.mass() > 0
                    ? (tongueLength + weighed.axleAt() + axle.bearing()) * weighed.axle() / weighed.mass()
                    : ballToAxle();
        };
        return empty.mass() > 0 ? found + axle.mass() * (axle.x() - empty.axleAt()) / empty.mass() : found;
    }

    public OptionalDouble rating(Rating which) {
        return Vehicle.Ratings.get(ratings, which);
    }

    public Base with(Shell newShell) {
        return withShell(newShell);
    }

    public Base with(WheelArches newArches) {
        return withArches(newArches);
    }

    public Base with(Axle newAxle) {
        return withAxle(newAxle);
    }

    public Base with(EmptyMass newEmpty) {
        return withEmpty(newEmpty);
    }

    public Base with(Rating which, OptionalDouble value) {
        return withRatings(Vehicle.Ratings.with(ratings, which, value));
    }

    public Base with(Cost newCost) {
        return withCost(newCost);
    }

    public Base with(Carcass newCarcass) {
        return withCarcass(newCarcass);
    }

    public Base with(Survey newSurvey) {
        return withSurvey(newSurvey);
    }
}
