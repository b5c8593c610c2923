package lectulum.design.brief;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// Somebody who travels.
///
/// @param height stature \[m\], 0.5 to 2.3
/// @param mass   \[kg\], 5 to 200
/// @param age    in years, where it matters: children grow, and the small ones do not sleep in upper bunks
public record Person(String id, String name,
        @Means(value = "Height", low = 0.3, high = 2.5, says = "stature") double height,
        @Means(value = "Weight", of = Quantity.MASS, low = 1, high = 300) double mass,
        @Means(value = "Age", of = Quantity.COUNT, high = 120, says = "years") OptionalDouble age) {
    public Person {
        name = name == null ? "" : name;
        age = age == null ? OptionalDouble.empty() : age;
    }

    /// Somebody of unknown age.
    public Person(String id, String name, double height, double mass) {
        this(id, name, height, mass, OptionalDouble.empty());
    }

}
