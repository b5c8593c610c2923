package lectulum.balance.weigh;

import lectulum.design.weighing.WeighPoint;

/// One reading of a weigh day as a sum of what is looked for: load of the vehicle's front axle and of its rear axle
/// without the trailer, mass of the trailer, tongue load, and the moment of spring bars.
///
/// @param front  how often the front axle is in it
/// @param rear   how often the rear axle is in it
/// @param mass   how often the trailer's mass is in it
/// @param tongue how often the tongue load is in it
/// @param bars   how often the moment of the bars is in it \[1/m\]; the moment counts in kg·m
/// @param value  \[kg\], known corrections taken off
/// @param u      standard uncertainty \[kg\], > 0
public record Reading(String name, double front, double rear, double mass, double tongue, double bars, double value,
        double u) {

    /// A reading without spring bars.
    public Reading(String name, double front, double rear, double mass, double tongue, double value, double u) {
        this(name, front, rear, mass, tongue, 0, value, u);
    }

    double[] row() {
        return new double[]{front, rear, mass, tongue, bars};
    }

    Reading named(String newName) {
        return new Reading(newName, front, rear, mass, tongue, bars, value, u);
    }

    /// Lengths that the levers need.
    ///
    /// @param wheelbase of the vehicle \[m\]
    /// @param overhang  ball behind its rear axle \[m\]
    /// @param axle      ball to trailer axle \[m\]
    /// @param jack      behind the ball \[m\], before the axle
    public record Levers(double wheelbase, double overhang, double axle, double jack) {
    }

    /// @param point what stands on the scale; the wheels of one side are half of an axle and are paired before
    /// @param value reading \[kg\], corrections taken off
    /// @param u     its standard uncertainty \[kg\]
    public static Reading of(WeighPoint point, Levers l, double value, double u) {
        double lever = l.overhang / l.wheelbase;
        double q = l.axle / (l.axle - l.jack);
        String label = point.label();
        double toFront = (l.axle + l.overhang) / (l.wheelbase * l.axle);
        double toAxle = 1 / l.axle;
        return switch (point) {
            case STEER_COUPLED -> new Reading(label, 1, 0, 0, -lever, value, u);
            case DRIVE_COUPLED -> new Reading(label, 0, 1, 0, 1 + lever, value, u);
            case VEHICLE_COUPLED -> new Reading(label, 1, 1, 0, 1, value, u);
            case TRAILER_AXLE, LEFT_WHEELS, RIGHT_WHEELS -> new Reading(label, 0, 0, 1, -1, value, u);
            case RIG -> new Reading(label, 1, 1, 1, 0, value, u);
            case STEER_ALONE -> new Reading(label, 1, 0, 0, 0, value, u);
            case DRIVE_ALONE -> new Reading(label, 0, 1, 0, 0, value, u);
            case VEHICLE_ALONE -> new Reading(label, 1, 1, 0, 0, value, u);
            case TRAILER_ALONE -> new Reading(label, 0, 0, 1, 0, value, u);
            case STEER_BARS -> new Reading(label, 1, 0, 0, -lever, toFront, value, u);
            case DRIVE_BARS -> new Reading(label, 0, 1, 0, 1 + lever, -toFront - toAxle, value, u);
            case AXLE_BARS -> new Reading(label, 0, 0, 1, -1, toAxle, value, u);
            case COUPLER, LEVER, COUPLER_RAISED -> new Reading(label, 0, 0, 0, 1, value, u);
            case JACK -> new Reading(label, 0, 0, 0, q, value, u);
            case WHEELS -> new Reading(label, 0, 0, 1, -q, value, u);
        };
    }
}
