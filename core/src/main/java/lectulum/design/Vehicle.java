package lectulum.design;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/// The tow vehicle.
///
/// @param kerbMass   ready to drive, full tank, nobody aboard \[kg\]
/// @param kerbRear   of it, on the rear axle \[kg\]
/// @param wheelbase  \[m\]
/// @param overhang   ball behind the rear axle \[m\]
/// @param ballHeight above the ground, laden \[m\]
/// @param luggage    what rides in the vehicle besides the people \[kg\]
/// @param ratings    limits; absent ones are unknown
public record Vehicle(String name, double kerbMass, double kerbRear, double wheelbase, double overhang,
        double ballHeight, double luggage, Map<Rating, Double> ratings) {

    public Vehicle {
        name = name == null ? "" : name;
        ratings = Ratings.copy(ratings);
    }

    public OptionalDouble rating(Rating which) {
        return Ratings.get(ratings, which);
    }

    public Vehicle with(Rating which, OptionalDouble value) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage,
                Ratings.with(ratings, which, value));
    }

    public Vehicle named(String newName) {
        return new Vehicle(newName, kerbMass, kerbRear, wheelbase, overhang, ballHeight, luggage, ratings);
    }

    public Vehicle withKerb(double mass, double rear) {
        return new Vehicle(name, mass, rear, wheelbase, overhang, ballHeight, luggage, ratings);
    }

    public Vehicle withGeometry(double newWheelbase, double newOverhang, double newBallHeight) {
        return new Vehicle(name, kerbMass, kerbRear, newWheelbase, newOverhang, newBallHeight, luggage, ratings);
    }

    public Vehicle withLuggage(double mass) {
        return new Vehicle(name, kerbMass, kerbRear, wheelbase, overhang, ballHeight, mass, ratings);
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
