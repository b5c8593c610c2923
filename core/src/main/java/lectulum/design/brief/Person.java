package lectulum.design.brief;

import java.util.OptionalDouble;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// Somebody who travels.
///
/// @param height stature \[m\], 0.5 to 2.3
/// @param mass   \[kg\], 5 to 200
/// @param later  height after the years of use of the brief, in place of the growth table \[m\]; empty for by the table
/// @param age    in years, where it matters: children grow, and the small ones do not sleep in upper bunks
public record Person(String id, String name,
        @Means(value = "Height", low = 0.3, high = 2.5, says = "stature") double height,
        @Means(value = "Weight", of = Quantity.MASS, low = 1, high = 300) double mass,
        @Means(value = "Age", of = Quantity.COUNT, high = 120, says = "years") OptionalDouble age,
        @Means(value = "Later height", low = 0.3, high = 2.5, says = "after the years of use; null for by the growth table") OptionalDouble later) {
    public Person {
        name = name == null ? "" : name;
        age = age == null ? OptionalDouble.empty() : age;
        later = later == null ? OptionalDouble.empty() : later;
    }

    /// Somebody of unknown age.
    public Person(String id, String name, double height, double mass) {
        this(id, name, height, mass, OptionalDouble.empty());
    }

    /// Somebody who grows as the table says.
    public Person(String id, String name, double height, double mass, OptionalDouble age) {
        this(id, name, height, mass, age, OptionalDouble.empty());
    }

}
