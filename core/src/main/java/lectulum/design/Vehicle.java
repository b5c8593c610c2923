package lectulum.design;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;

/// The tow vehicle.
///
/// @param kerbMass   ready to drive, full tank, nobody aboard \[kg\]
/// @param kerbRear   of it, on the rear axle \[kg\]
/// @param wheelbase  \[m\]
/// @param overhang   ball behind the rear axle \[m\]
/// @param ballHeight above the ground, laden \[m\]
/// @param luggage    what rides in the vehicle besides the people \[kg\]
/// @param ratings    limits; absent ones are unknown
/// @param ball       diameter of the ball \[m\]; 0 for not known
/// @param own        what was measured on it in place of an assumed value, by the id of that; empty for the vehicle that
///                   tows, whose values stand in the settings of the design
public record Vehicle(String name, double kerbMass, double kerbRear, double wheelbase, double overhang,
        double ballHeight, double luggage, Map<Rating, Double> ratings, double ball, Map<String, Double> own) {

    private static final List<String> OWN = List.of("tow.", "gate.", "vehicle.", "turn.radius", "hitch.rear",
            "hitch.front");

    public Vehicle {
        name = name == null ? "" : name;
        ratings = Ratings.copy(ratings);
        own = own == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(own));
    }

    /// A vehicle of which the size of the ball is not known.
    public Vehicle(String name, double kerbMass, double kerbRear, double wheelbase, double overhang, double ballHeight,
            double luggage, Map<Rating, Double> ratings) {
        this(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings, 0, Map.of());
    }

    public OptionalDouble rating(Rating which) {
        return Ratings.get(ratings, which);
    }

    public Vehicle with(Rating which, OptionalDouble value) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage,
                Ratings.with(ratings, which, value), ball, own);
    }

    public Vehicle named(String newName) {
        return new Vehicle(newName, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings, ball, own);
    }

    public Vehicle withKerb(double mass, double rear) {
        return new Vehicle(name, mass, rear, wheelbase, overhang, ballHeight, luggage, ratings, ball, own);
    }

    public Vehicle withGeometry(double newWheelbase, double newOverhang, double newBallHeight) {
        return new Vehicle(name, kerbMass, kerbRear, newWheelbase, newOverhang, newBallHeight, luggage, ratings, ball,
                own);
    }

    public Vehicle withLuggage(double mass) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, mass, ratings, ball, own);
    }

    /// @param diameter of the ball \[m\]; 0 for not known
    public Vehicle withBall(double diameter) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings, diameter, own);
    }

    /// The same vehicle with its own values in place of assumed ones.
    public Vehicle withOwn(Map<String, Double> values) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings, ball, values);
    }

    /// Whether an assumed value belongs to the vehicle and so goes along when another one tows.
    public static boolean owns(String assumed) {
        return OWN.stream().anyMatch(assumed::startsWith);
    }

    /// What vehicle and trailer share: a map of limits that knows what is missing.
    static final class Ratings {
        private Ratings() {
        }

        static Map<Rating, Double> copy(Map<Rating, Double> ratings) {
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

        static OptionalDouble get(Map<Rating, Double> ratings, Rating which) {
            Double value = ratings.get(which);
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        static Map<Rating, Double> with(Map<Rating, Double> ratings, Rating which, OptionalDouble value) {
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
