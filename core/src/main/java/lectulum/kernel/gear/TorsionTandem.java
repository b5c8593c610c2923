package lectulum.kernel.gear;

import java.util.ArrayList;
import java.util.List;
import lectulum.units.Units;

/// Two or more axles on independent springs: what each carries depends on the height of the ball, unlike axles that
/// share a rocker.
///
/// The frame line is level with slope s over the springs; force and moment balance about the ball give s (statics of a
/// rigid body on linear springs). An axle whose spring would pull is taken to hang, the worst first.
///
/// @param slope   of the frame line, rear high positive \[rad\]
/// @param tongue  load on the ball \[kg\]
/// @param ground  load of each axle on the ground \[kg\], front first; a hanging one only itself
/// @param hanging whether the springs of an axle carry nothing
public record TorsionTandem(double slope, double tongue, List<Double> ground, boolean hanging) {

    /// One axle.
    ///
    /// @param x        behind the ball \[m\], > 0
    /// @param rate     of both springs with their tyres \[N/m\], > 0
    /// @param free     height of the frame line over it when its springs carry nothing \[m\]
    /// @param unsprung mass of axle and wheels \[kg\]
    public record Axle(double x, double rate, double free, double unsprung) {
    }

    /// @param mass   sprung mass \[kg\]
    /// @param centre of it behind the ball \[m\]
    /// @param ball   height of the frame line at the ball \[m\]
    public static TorsionTandem of(double mass, double centre, List<Axle> axles, double ball) {
        List<Axle> bearing = new ArrayList<>(axles);
        double slope = slope(mass, centre, bearing, ball);
        while (bearing.size() > 1) {
            double at = slope;
            Axle worst = bearing.stream().min(java.util.Comparator.comparingDouble(a -> squeezed(a, ball, at)))
                    .orElseThrow();
            if (squeezed(worst, ball, at) >= 0) {
                break;
            }
            bearing.remove(worst);
            slope = slope(mass, centre, bearing, ball);
        }
        double tongue = mass;
        List<Double> ground = new ArrayList<>();
        for (Axle a : axles) {
            double spring = bearing.contains(a) ? a.rate * squeezed(a, ball, slope) / Units.GRAVITY : 0;
            tongue -= spring;
            ground.add(spring + a.unsprung);
        }
        return new TorsionTandem(Math.atan(slope), tongue, List.copyOf(ground), bearing.size() < axles.size());
    }

    private static double slope(double mass, double centre, List<Axle> axles, double ball) {
        double moment = -mass * Units.GRAVITY * centre;
        double stiffness = 0;
        for (Axle a : axles) {
            moment += a.rate * (a.free - ball) * a.x;
            stiffness += a.rate * a.x * a.x;
        }
        return moment / stiffness;
    }

    private static double squeezed(Axle a, double ball, double slope) {
        return a.free - ball - slope * a.x;
    }
}
