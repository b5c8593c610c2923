package lectulum.standin;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.assumed.Assumption;
import lectulum.balance.Certainty;
import lectulum.balance.LoadedState;
import lectulum.balance.VehicleLoads;
import lectulum.balance.weigh.Reading;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.weighing.WeighPoint;
import lectulum.kernel.statics.MassRoll;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;

/// What a camper really weighs in a rehearsal: every mass of the plan off by an error that its source allows, guesses
/// together, the vehicle by some kilograms. Hidden from the user; the same seed gives the same truth.
///
/// @param front  load of the vehicle's front axle without the trailer \[kg\]
/// @param rear   of its rear axle \[kg\]
/// @param mass   of the trailer \[kg\]
/// @param tongue \[kg\]
/// @param side   right wheels less left ones \[kg\]
public record TrueMasses(Reading.Levers levers, double front, double rear, double mass, double tongue, double side) {
    private static final double VEHICLE = 0.02;

    public static TrueMasses of(Design design, LoadCase aboard, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double together = Certainty.SHARED_GUESS_ERROR * (0.5 + Math.abs(gauss(random)));
        List<Part> parts = new ArrayList<>();
        for (Part p : LoadedState.of(design, aboard).parts()) {
            double mass = p.mass() + p.u() * gauss(random) + (p.guess() ? p.mass() * together : 0);
            parts.add(p.with(Math.max(0, mass), 0, false));
        }
        MassRoll roll = MassRoll.of(parts);
        double a = design.base().ballToAxle();
        double tongue = Statics.tongueLoad(roll.mass(), roll.x(), a).orElse(0);
        VehicleLoads vehicle = VehicleLoads.of(design);
        double off = 1 + VEHICLE * gauss(random);
        double track = design.base().axle().track();
        return new TrueMasses(new Reading.Levers(design.vehicle().wheelbase(), design.vehicle().overhang(), a,
                Math.min(lectulum.assumed.Assumed.value(design, Assumption.JACK_AT), a - 0.1)),
                vehicle.front() * off, vehicle.rear() * off, roll.mass(), tongue,
                track > 0 ? 2 * roll.mass() * roll.y() / track : 0);
    }

    /// What a perfect scale would read \[kg\].
    public double at(WeighPoint point) {
        return switch (point) {
            case LEFT_WHEELS -> (mass - tongue - side) / 2;
            case RIGHT_WHEELS -> (mass - tongue + side) / 2;
            default -> {
                Reading r = Reading.of(point, levers, 0, 1);
                yield r.front() * front + r.rear() * rear + r.mass() * mass + r.tongue() * tongue;
            }
        };
    }

    private static double gauss(SplittableRandom r) {
        return Math.sqrt(-2 * Math.log(1 - r.nextDouble())) * Math.cos(2 * Math.PI * r.nextDouble());
    }
}
