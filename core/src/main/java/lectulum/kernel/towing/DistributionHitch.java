package lectulum.kernel.towing;

import lectulum.units.Units;

/// What spring bars at the hitch move between the axles. They change neither the tongue load nor its share, and raise no
/// rating (statics of two bodies with a moment at their joint; SAE J2807 practice).
///
/// @param frontLost   what the tongue takes off the front axle without the bars \[kg\]
/// @param moment      of the bars at the ball \[N·m\]
/// @param toFront     what they bring back to the front axle \[kg\]
/// @param toRear      what they add to the rear axle \[kg\], negative
/// @param toAxle      what they add to the trailer's axle \[kg\]
/// @param netFront    change of the front axle by trailer and bars \[kg\]
/// @param netRear     change of the rear axle by trailer and bars \[kg\]
/// @param bar         force at the end of each bar \[N\]
public record DistributionHitch(double frontLost, double moment, double toFront, double toRear, double toAxle,
        double netFront, double netRear, double bar) {

    /// @param tongue    load on the ball \[kg\]
    /// @param axle      ball to trailer axle \[m\], > 0
    /// @param wheelbase of the vehicle \[m\], > 0
    /// @param overhang  ball behind its rear axle \[m\]
    /// @param restored  part of what the front axle loses that is brought back, 0 to 1
    /// @param bars      length of the spring bars \[m\], > 0
    public static DistributionHitch of(double tongue, double axle, double wheelbase, double overhang, double restored,
            double bars) {
        double lost = tongue * overhang / wheelbase;
        double moment = restored * tongue * Units.GRAVITY * overhang * axle / (axle + overhang);
        double front = moment * (axle + overhang) / (wheelbase * axle) / Units.GRAVITY;
        double trailer = moment / axle / Units.GRAVITY;
        double rear = -(front + trailer);
        return new DistributionHitch(lost, moment, front, rear, trailer, front - lost,
                tongue * (1 + overhang / wheelbase) + rear, moment / (2 * bars));
    }
}
