package lectulum.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.vehicle.Rating;
import lectulum.kernel.gear.TorsionTandem;
import lectulum.units.Units;

/// Two axles on springs of their own: what each carries, and the tongue, depend on how high the ball is.
public final class Tandem {
    private Tandem() {
    }

    /// Whether there are two axles that share no rocker.
    public static boolean independent(Design design) {
        return design.base().axle().count() > 1 && Assumed.value(design, Assumption.SPRING_TORSION) >= 0.5;
    }

    /// Where two axles stand behind the ball, front first \[m\].
    public static List<Double> places(Axle gear, double middle) {
        double half = gear.spacing() / 2;
        return gear.count() > 1 ? List.of(middle - half, middle + half) : List.of(middle);
    }

    /// Coupled at the height of the laden ball; empty for one axle or two on rockers, or without an axle behind the ball.
    ///
    /// @param mass   of the trailer \[kg\]
    /// @param centre of it behind the ball \[m\]
    /// @param a      ball to the middle of the axles \[m\]
    public static Optional<TorsionTandem> of(Design design, double mass, double centre, double a) {
        return at(design, mass, centre, a, design.vehicle().ballHeight());
    }

    /// The same with the ball at another height \[m\].
    public static Optional<TorsionTandem> at(Design design, double mass, double centre, double a, double ball) {
        Axle gear = design.base().axle();
        double unsprung = gear.mass();
        double sprung = mass - unsprung;
        double onAxles = mass * centre / a;
        if (!independent(design) || !(a > 0) || !(sprung > 0) || !(onAxles > unsprung)) {
            return Optional.empty();
        }
        double rate = 2 * sideRate(design, onAxles) / gear.count();
        double coupler = Assumed.value(design, Assumption.HITCH_COUPLER) > 0
                ? Assumed.value(design, Assumption.HITCH_COUPLER)
                : design.vehicle().ballHeight();
        double press = (onAxles - unsprung) / gear.count() * Units.GRAVITY / rate;
        List<TorsionTandem.Axle> axles = new ArrayList<>();
        for (double x : places(gear, a)) {
            axles.add(new TorsionTandem.Axle(x, rate, coupler + press, unsprung / gear.count()));
        }
        return Optional.of(TorsionTandem.of(sprung, (mass * centre - unsprung * a) / sprung, axles, ball));
    }

    /// Rate of springs and tyres of one side, all axles, one behind the other \[N/m\].
    private static double sideRate(Design design, double onAxles) {
        double own = Assumed.value(design, Assumption.SPRING_SIDE);
        double rated = design.base().rating(Rating.AXLE).orElse(onAxles);
        double springs = own > 0 ? own : rated * Units.GRAVITY / 2 / Assumed.value(design, Assumption.SPRING_TRAVEL);
        double tyres = design.base().axle().count() * Assumed.value(design, Assumption.TYRE_RATE);
        return springs * tyres / (springs + tyres);
    }
}
