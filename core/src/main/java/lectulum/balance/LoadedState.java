package lectulum.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.kernel.gear.TorsionTandem;
import lectulum.kernel.statics.MassRoll;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;

/// The camper in one load case: what it weighs, where it bears, what limits it.
///
/// @param parts  every mass at its place
/// @param tongue load on the ball \[kg\]; NaN where there is no axle behind the ball
/// @param right  load of the wheels on the right \[kg\]
/// @param left   load of the wheels on the left \[kg\]
/// @param tyres  on each side
/// @param axles  one by one, front first
/// @param limits known ratings with their loads, tightest first
public record LoadedState(LoadCase loadCase, List<Part> parts, MassRoll roll, double ballToAxle, double tongue,
        double right, double left, int tyres, List<AxleLoad> axles, Certainty certainty, List<Limit> limits) {
    /// Standard uncertainty of the place of a built-in thing and of packed gear \[m\] (assumed).
    private static final double BUILT_IN_PLACE = 0.02;
    private static final double GEAR_PLACE = 0.10;
    /// Standard uncertainty of how full a tank is, share of its contents (assumed).
    private static final double FILL = 0.02;
    /// Of the measured distance ball to axle \[m\] (assumed).
    private static final double AXLE_PLACE = 0.005;
    /// A public deck scale: step \[kg\] and share of the reading (assumed).
    private static final double DECK_STEP = 10;
    private static final double DECK_SHARE = 0.001;

    /// On the road.
    public static LoadedState of(Design design, LoadCase loadCase) {
        return of(design, loadCase, Mode.ROAD);
    }

    /// With things where they are in a mode; in camp what stands beside the camper is not aboard.
    public static LoadedState of(Design design, LoadCase loadCase, Mode mode) {
        return of(design, loadCase, parts(design, loadCase, mode), design.base().ballToAxle(),
                design.base().axle().track());
    }

    /// With given masses at their places, as of a plan that was kept.
    ///
    /// @param a     ball to axle \[m\]
    /// @param track \[m\]
    public static LoadedState of(Design design, LoadCase loadCase, List<Part> parts, double a, double track) {
        MassRoll roll = MassRoll.of(parts);
        Optional<TorsionTandem> springs = Tandem.of(design, roll.mass(), roll.x(), a);
        double tongue = springs.map(TorsionTandem::tongue)
                .orElseGet(() -> Statics.tongueLoad(roll.mass(), roll.x(), a).orElse(Double.NaN));
        double axle = roll.mass() - tongue;
        List<AxleLoad> axles = axles(design.base().axle(), a, axle, springs);
        double right = track > 0 ? Statics.rightLoad(axle, roll.mass(), roll.y(), track) : Double.NaN;
        Certainty sure = Certainty.of(parts, a, AXLE_PLACE);
        return new LoadedState(loadCase, parts, roll, a, tongue, right, axle - right,
                Math.max(1, design.base().axle().count()), axles, sure,
                limits(design, roll.mass(), tongue, right, axle - right, axles, sure));
    }

    public double mass() {
        return roll.mass();
    }

    /// Load on all axles together \[kg\].
    public double axle() {
        return roll.mass() - tongue;
    }

    /// One axle line and what it carries.
    ///
    /// @param x    behind the ball \[m\]
    /// @param load \[kg\]
    public record AxleLoad(double x, double load) {
    }

    /// Two on rockers share by their arms; on springs of their own as the height of the ball makes them.
    private static List<AxleLoad> axles(Axle gear, double a, double axle, Optional<TorsionTandem> springs) {
        List<Double> places = Tandem.places(gear, a - gear.bearing());
        List<AxleLoad> all = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            int at = i;
            double share = places.size() == 1 ? 1 : at == 0 ? gear.frontShare() : 1 - gear.frontShare();
            all.add(new AxleLoad(places.get(i), springs.map(s -> s.ground().get(at)).orElse(axle * share)));
        }
        return List.copyOf(all);
    }

    /// Part of the load on all axles that the fullest one carries.
    public double fullest() {
        return fullest(axles);
    }

    private static double fullest(List<AxleLoad> axles) {
        double all = axles.stream().mapToDouble(AxleLoad::load).sum();
        double most = axles.stream().mapToDouble(AxleLoad::load).max().orElse(Double.NaN);
        return all > 0 ? most / all : 1.0 / axles.size();
    }

    /// Part of the loaded mass that the ball carries; NaN without mass or axle.
    public double share() {
        return roll.mass() > 0 ? tongue / roll.mass() : Double.NaN;
    }

    /// What one thing adds to the tongue load \[kg\]; negative behind the axle.
    public double tongueBy(String thing) {
        return parts.stream().filter(p -> p.thing().equals(thing))
                .mapToDouble(p -> p.mass() * Statics.lever(p.x(), ballToAxle)).sum();
    }

    /// The rating with the smallest margin.
    public Optional<Limit> first() {
        return limits.stream().findFirst();
    }

    public OptionalDouble left(Rating rating) {
        return limits.stream().filter(l -> l.rating() == rating).mapToDouble(Limit::left).findFirst();
    }

    /// Whether it is a case in which the camper travels loaded, so that the tongue band is judged.
    public boolean trip() {
        return isTrip(loadCase);
    }

    static boolean isTrip(LoadCase loadCase) {
        return loadCase.builtIn() && loadCase.gear() > 0 && !loadCase.parked();
    }

    private static List<Part> parts(Design design, LoadCase loadCase, Mode mode) {
        Base base = design.base();
        List<Part> parts = new ArrayList<>(design.things().size() + 8);
        parts.add(new Part("", base.empty().mass(), base.emptyCentre(), 0, base.floorHeight() + base.empty().z(),
                base.shell().length(), base.shell().width(), 0, emptyUncertainty(base), 0.02,
                base.empty().source() == MassSource.GUESS, 1));
        for (Thing thing : design.things()) {
            double share = loadCase.times(thing);
            Placement at = thing.at(mode);
            if (at.away() && mode != Mode.ROAD) {
                continue;
            }
            double ux = thing.role() == Role.BUILT_IN ? BUILT_IN_PLACE : GEAR_PLACE;
            double x = base.tongueLength() + at.x();
            double bottom = base.floorHeight() + at.z();
            if (share > 0 && thing.mass().value() > 0) {
                Mass mass = thing.mass();
                Extent reach = Extent.of(base, thing, mode);
                parts.add(new Part(thing.id(), share * mass.value(), x, at.y(),
                        bottom + thing.sizeIn(mode).height() / 2, reach.lx, reach.ly, reach.lz,
                        share * mass.standardUncertainty(), ux, mass.source() == MassSource.GUESS, share));
            }
            double contents = loadCase.contents(thing);
            if (contents > 0) {
                double full = thing.tank().map(t -> contents / t.fullMass()).orElse(1.0);
                Extent reach = Extent.of(base, thing, mode);
                parts.add(new Part(thing.id(), contents, x, at.y(),
                        bottom + full * thing.sizeIn(mode).height() / 2, reach.lx, reach.ly, full * reach.lz,
                        FILL * contents, ux, false, 0));
            }
        }
        if (loadCase.builtIn()) {
            Forgotten.of(design).ifPresent(parts::add);
        }
        return parts;
    }

    /// How far a mass reaches along the camper's axes, so that a box of that size has its inertia \[m\].
    private record Extent(double lx, double ly, double lz) {

        /// A turned thing reaches along the axes as the square mean of its sides. What is spread over the body reaches as far
        /// as the body does.
        static Extent of(Base base, Thing thing, Mode mode) {
            Placement at = thing.at(mode);
            Size size = thing.sizeIn(mode);
            if (thing.mount() == Mount.SPREAD && size.length() <= 0 && size.width() <= 0) {
                return new Extent(base.shell().length(), base.shell().width(), base.shell().height());
            }
            double cos = Math.cos(at.yaw());
            double sin = Math.sin(at.yaw());
            return new Extent(Math.hypot(size.length() * cos, size.width() * sin),
                    Math.hypot(size.length() * sin, size.width() * cos), size.height());
        }
    }

    private static double emptyUncertainty(Base base) {
        double mass = base.empty().mass();
        return base.empty().source() == MassSource.WEIGHED && base.empty().uncertainty().isEmpty()
                ? Math.hypot(DECK_STEP / Math.sqrt(12), DECK_SHARE * mass)
                : new Mass(mass, base.empty().source(), base.empty().uncertainty()).standardUncertainty();
    }

    private static List<Limit> limits(Design design, double mass, double tongue, double right, double left,
            List<AxleLoad> axles, Certainty sure) {
        Vehicle vehicle = design.vehicle();
        Axle axle = design.base().axle();
        VehicleLoads loads = VehicleLoads.of(design);
        double lever = vehicle.wheelbase() > 0 ? vehicle.overhang() / vehicle.wheelbase() : 0;
        List<Limit> limits = new ArrayList<>();
        for (Rating rating : Rating.values()) {
            OptionalDouble rated = rating.trailer() ? design.base().rating(rating) : vehicle.rating(rating);
            if (rated.isEmpty() || rated.getAsDouble() <= 0 || !applies(rating, axle)) {
                continue;
            }
            double load = switch (rating) {
                case GROSS_PLATE, COUPLER, CHAIN, BALL, RECEIVER, TOW_BRAKED, TOW_UNBRAKED -> mass;
                case TONGUE_COUPLER, TONGUE_VEHICLE, TONGUE_RECEIVER -> tongue;
                case AXLE -> mass - tongue;
                case AXLE_EACH -> (mass - tongue) * fullest(axles);
                case TYRE, WHEEL -> Math.max(right, left) * fullest(axles);
                case SPRING -> springs(design, mass, tongue, right, left) * fullest(axles);
                case PAYLOAD -> loads.payload(vehicle.kerbMass()) + tongue;
                case VEHICLE_GROSS -> loads.mass() + tongue;
                case REAR_AXLE -> loads.rear() + tongue * (1 + lever);
                case COMBINED_GROSS -> loads.mass() + mass;
            };
            if (Double.isFinite(load)) {
                limits.add(new Limit(rating, load, rated.getAsDouble(), uncertainty(design, rating, sure)));
            }
        }
        limits.sort(Comparator.comparingDouble(Limit::margin));
        return List.copyOf(limits);
    }

    /// Standard uncertainty of what a rating limits \[kg\].
    private static double uncertainty(Design design, Rating rating, Certainty sure) {
        double vehicle = Assumed.value(design, Assumption.VEHICLE_SURE) * design.vehicle().kerbMass();
        double axles = Math.max(1, design.base().axle().count());
        return switch (rating) {
            case GROSS_PLATE, COUPLER, CHAIN, BALL, RECEIVER, TOW_BRAKED, TOW_UNBRAKED -> sure.mass();
            case TONGUE_COUPLER, TONGUE_VEHICLE, TONGUE_RECEIVER, PAYLOAD -> sure.tongue();
            case AXLE -> sure.axle();
            case AXLE_EACH -> sure.axle() / axles;
            case TYRE, WHEEL, SPRING -> sure.axle() / 2 / axles;
            case VEHICLE_GROSS -> Math.hypot(vehicle, sure.tongue());
            case REAR_AXLE -> Math.hypot(vehicle / 2, sure.tongue());
            case COMBINED_GROSS -> Math.hypot(vehicle, sure.mass());
        };
    }

    /// Load of the fuller side's springs \[kg\]: they stand nearer to each other than the wheels, so a side moment loads them
    /// more; the axle itself does not rest on them.
    private static double springs(Design design, double mass, double tongue, double right, double left) {
        double base = Assumed.value(design, Assumption.SPRING_BASE);
        double onSprings = mass - tongue - design.base().axle().mass();
        return onSprings / 2 + Math.abs(right - left) / 2 / base;
    }

    /// The tow rating that counts depends on whether the trailer has brakes.
    static boolean applies(Rating rating, Axle axle) {
        return switch (rating) {
            case TOW_BRAKED -> axle.braked();
            case TOW_UNBRAKED -> !axle.braked();
            case AXLE_EACH -> axle.count() > 1;
            default -> true;
        };
    }
}
