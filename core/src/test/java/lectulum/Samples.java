package lectulum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.random.RandomGenerator;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Settings;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.EmptyMass;
import lectulum.design.base.Shell;
import lectulum.design.base.WheelArches;
import lectulum.design.brief.Brief;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Climate;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.TongueSchool;
import lectulum.design.brief.WaterStyle;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.units.UnitSystem;

/// Small designs to test with: a plain box 3.0 × 1.8 × 1.8 m outside, walls 30 mm, the ball 1.2 m before it, the axle
/// 3.0 m behind the ball.
public final class Samples {
    private Samples() {
    }

    public static Design box(Thing... things) {
        Brief brief = new Brief(CamperType.CARGO, List.of(new Person("a", "Ada", 1.7, 70)), 2, OptionalDouble.of(5000),
                "€", true,
                UnitSystem.METRIC, 45, 6, Climate.CONTINENTAL, WaterStyle.NORMAL, Toilet.NONE,
                TongueSchool.NORTH_AMERICA, 0.1, 0.15);
        Vehicle vehicle = new Vehicle("Wagon", 1600, 700, 2.7, 1.0, 0.45, 30, Map.of(Rating.PAYLOAD, 500.0));
        Base base = new Base(new Shell.Box(3.0, 1.8, 1.8), 0.03, 0.03, 0.03, 0.5, WheelArches.NONE, 1.2,
                new Axle(1.8, 1, 0, 1.6, 0.64, 0.19, true, 90),
                new EmptyMass.Entered(400, 1.4, 0.3, 1.8, MassSource.CATALOGUE),
                Map.of(Rating.AXLE, 1000.0, Rating.GROSS_PLATE, 1000.0), Cost.planned(2000));
        return new Design(brief, vehicle, base, List.of(things), LoadCase.standard(), List.of())
                .with(Settings.NONE.with("mass.forgotten", 0));
    }

    public static Thing thing(String id, double mass, double x, double y) {
        return new Thing(id, id, SystemGroup.CARGO, Role.BUILT_IN, Mount.INSIDE, Fix.MOVABLE, new Size(0.4, 0.3, 0.5),
                new Placement(x, y, 0, 0), Map.of(), Mass.weighed(mass), Cost.planned(100), Optional.empty(),
                Optional.empty(), Optional.empty(), 0, "");
    }

    public static Thing tank(String id, Tank.Use use, double litres, double x) {
        return thing(id, 5, x, 0).with(SystemGroup.WATER).with(new Tank(use, litres / 1000));
    }

    /// A design with many things in a grid of places, some overlapping, as a seed gives them.
    public static Design many(int count, long seed) {
        RandomGenerator random = new java.util.SplittableRandom(seed);
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            things.add(thing("t" + i, 1 + 20 * random.nextDouble(), 0.3 + 2.4 * random.nextDouble(),
                    -0.6 + 1.2 * random.nextDouble())
                    .with(new Mass(1 + 20 * random.nextDouble(), MassSource.values()[random.nextInt(3)],
                            OptionalDouble.empty()))
                    .with(SystemGroup.values()[random.nextInt(SystemGroup.values().length)])
                    .with(Role.values()[random.nextInt(3)]));
        }
        return box(things.toArray(Thing[]::new));
    }
}
