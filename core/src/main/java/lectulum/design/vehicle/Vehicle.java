package lectulum.design.vehicle;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import lectulum.design.Means;
import lectulum.design.thing.Tank;
import lectulum.units.Quantity;

/// The tow vehicle.
///
/// @param kerbMass   from its papers, as these define it \[kg\]
/// @param kerbRear   of it, on the rear axle \[kg\]
/// @param wheelbase  \[m\]
/// @param overhang   ball behind the rear axle \[m\]
/// @param ballHeight above the ground, laden \[m\]
/// @param luggage    what rides in the vehicle besides the people \[kg\]
/// @param ratings    limits; absent ones are unknown
/// @param ball       diameter of the ball \[m\]
/// @param own        what was measured on it in place of an assumed value, by the id of that; empty for the vehicle that
///                   tows, whose values stand in the settings of the design
/// @param papers     what the papers count into the kerb mass, and what it differs from that
/// @param seats      where people and luggage sit; empty for half of them on each axle
/// @param looks      what it looks like; nothing is computed from it
@RecordBuilder
public record Vehicle(String name,
        @Means(value = "Kerb mass", of = Quantity.MASS, low = 200, high = 12_000, says = "as its papers define it") double kerbMass,
        @Means(value = "On its rear axle", of = Quantity.MASS, low = 50, high = 8000, says = "of the kerb mass") double kerbRear,
        @Means(value = "Wheelbase", low = 1, high = 8) double wheelbase,
        @Means(value = "Rear axle to ball", low = 0.2, high = 3) double overhang,
        @Means(value = "Ball height, laden", low = 0.1, high = 1.2, says = "above the ground") double ballHeight,
        @Means(value = "Luggage in it", of = Quantity.MASS, high = 3000, says = "besides the people") double luggage,
        @Means(value = "Rating", of = Quantity.MASS, low = 1, high = 40_000, says = "limits; absent ones are unknown") Map<Rating, Double> ratings,
        @Means(value = "Ball diameter", low = 0.03, high = 0.1) OptionalDouble ball,
        @Means("Measured in place of assumed values, by their id; the towing vehicle's stand in the settings") Map<String, Double> own,
        @Means("What the kerb mass counts in, and what the vehicle differs from it") Papers papers,
        @Means("Ahead of the rear axle; null for half on each axle") Optional<Seats> seats,
        @Means("What it looks like") Looks looks)
        implements
            VehicleBuilder.With {

    private static final List<String> OWN = List.of("tow.", "gate.", "vehicle.", "air.height", "air.petrol",
            "air.diesel", "turn.radius", "hitch.rear",
            "hitch.front");

    public Vehicle {
        name = name == null ? "" : name;
        ratings = Ratings.copy(ratings);
        Map<String, Double> known = new TreeMap<>(own == null ? Map.of() : own);
        known.values().removeIf(Objects::isNull);
        own = Collections.unmodifiableMap(known);
        papers = papers == null ? Papers.PLAIN : papers;
        ball = ball == null ? OptionalDouble.empty() : ball;
        seats = seats == null ? Optional.empty() : seats;
        looks = looks == null ? Looks.ESTATE : looks;
    }

    /// What a vehicle looks like.
    public enum Looks {
        CAR("car"), ESTATE("estate or van"), PICKUP("pick-up");

        private final String label;

        Looks(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// What a kerb mass counts in.
    public enum Kerb {
        CURB("full tank, nobody"), RUNNING_ORDER("90 % fuel, driver of 75 kg"), TARE("10 L of fuel, nobody"), AS_DRIVEN(
                "fuel as driven, nobody");

        private final String label;

        Kerb(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /// What stands behind the kerb mass.
    ///
    /// @param tank    volume of the fuel tank \[m³\]; without it fuel is not reckoned
    /// @param diesel  whether it burns diesel, else petrol
    /// @param fill    part of the tank that is full when towing
    /// @param options built in or on after the papers were made: tow bar, rack, second battery \[kg\]
    public record Papers(Kerb kerb,
            @Means(value = "Fuel tank", of = Quantity.VOLUME, low = 0.005, high = 0.4) OptionalDouble tank,
            boolean diesel, @Means(value = "Filled, towing", of = Quantity.SHARE, high = 1) double fill,
            @Means(value = "Fitted since", of = Quantity.MASS, high = 3000, says = "built in or on after the papers were made") double options) {
        /// A kerb mass with a full tank and nobody, driven as it is.
        public static final Papers PLAIN = new Papers(Kerb.CURB, OptionalDouble.empty(), false, 1, 0);
        /// A driver that some papers count in \[kg\] (EU type approval, running order).
        public static final double DRIVER = 75;
        private static final double RUNNING_FILL = 0.9;
        private static final double TARE_FUEL = 0.010;

        public Papers {
            kerb = kerb == null ? Kerb.CURB : kerb;
            tank = tank == null ? OptionalDouble.empty() : tank;
        }

        /// The driver whom the papers count in \[kg\].
        public double driver() {
            return kerb == Kerb.RUNNING_ORDER ? DRIVER : 0;
        }

        /// Fuel aboard when towing beyond what the papers count in \[kg\]; negative where less.
        public double fuel() {
            if (tank.isEmpty()) {
                return 0;
            }
            double volume = tank.getAsDouble();
            double density = (diesel ? Tank.Use.DIESEL : Tank.Use.PETROL).density();
            return density * switch (kerb) {
                case CURB -> (fill - 1) * volume;
                case RUNNING_ORDER -> (fill - RUNNING_FILL) * volume;
                case TARE -> fill * volume - TARE_FUEL;
                case AS_DRIVEN -> 0;
            };
        }

        public Papers meaning(Kerb as) {
            return new Papers(as, tank, diesel, fill, options);
        }

        public Papers fuelled(OptionalDouble volume, boolean withDiesel, double full) {
            return new Papers(kerb, volume, withDiesel, full, options);
        }

        public Papers with(double extras) {
            return new Papers(kerb, tank, diesel, fill, extras);
        }
    }

    /// Where people and luggage sit, ahead of the rear axle \[m\]; behind it negative.
    ///
    /// @param front   the front seats
    /// @param rear    the rear seats
    /// @param boot    middle of the luggage
    /// @param inFront how many people sit in front, those first in the list
    public record Seats(@Means(value = "Front seats", low = -4, high = 8, says = "before the rear axle") double front,
            @Means(value = "Rear seats", low = -4, high = 8, says = "before the rear axle") double rear,
            @Means(value = "Luggage", low = -4, high = 8, says = "before the rear axle") double boot,
            @Means(value = "People in front", of = Quantity.COUNT, high = 9) int inFront) {
        /// Usual for a car of that wheelbase: front seats at 0.52 of it, rear seats at 0.18, the boot 0.25 m behind the axle.
        public static Seats usual(double wheelbase) {
            return new Seats(Math.round(52 * wheelbase) / 100.0, Math.round(18 * wheelbase) / 100.0, -0.25, 2);
        }
    }

    /// A vehicle of which the size of the ball is not known.
    public Vehicle(String name, double kerbMass, double kerbRear, double wheelbase, double overhang, double ballHeight,
            double luggage, Map<Rating, Double> ratings) {
        this(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings, OptionalDouble.empty(),
                Map.of(), Papers.PLAIN, Optional.empty(), Looks.ESTATE);
    }

    public OptionalDouble rating(Rating which) {
        return Ratings.get(ratings, which);
    }

    public Vehicle with(Rating which, OptionalDouble value) {
        return withRatings(Ratings.with(ratings, which, value));
    }

    public Vehicle named(String newName) {
        return withName(newName);
    }

    public Vehicle withKerb(double mass, double rear) {
        return withKerbMass(mass).withKerbRear(rear);
    }

    public Vehicle withGeometry(double newWheelbase, double newOverhang, double newBallHeight) {
        return withWheelbase(newWheelbase).withOverhang(newOverhang).withBallHeight(newBallHeight);
    }

    /// @param diameter of the ball \[m\]
    public Vehicle withBall(double diameter) {
        return withBall(OptionalDouble.of(diameter));
    }

    public Vehicle with(Papers say) {
        return withPapers(say);
    }

    public Vehicle with(Optional<Seats> placed) {
        return withSeats(placed);
    }

    /// Whether an assumed value belongs to the vehicle and so goes along when another one tows.
    public static boolean owns(String assumed) {
        return OWN.stream().anyMatch(assumed::startsWith);
    }

    /// What vehicle and trailer share: a map of limits that knows what is missing.
    public static final class Ratings {
        private Ratings() {
        }

        public static Map<Rating, Double> copy(Map<Rating, Double> ratings) {
            Map<Rating, Double> copy = new EnumMap<>(Rating.class);
            if (ratings != null) {
                ratings.forEach((rating, value) -> {
                    if (value != null) {
                        copy.put(rating, value);
                    }
                });
            }
            return Collections.unmodifiableMap(copy);
        }

        public static OptionalDouble get(Map<Rating, Double> ratings, Rating which) {
            Double value = ratings.get(which);
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        public static Map<Rating, Double> with(Map<Rating, Double> ratings, Rating which, OptionalDouble value) {
            Map<Rating, Double> next = new EnumMap<>(Rating.class);
            next.putAll(ratings);
            if (value.isPresent()) {
                next.put(which, value.getAsDouble());
            } else {
                next.remove(which);
            }
            return next;
        }
    }
}
