package lectulum.design.brief;

import java.util.OptionalDouble;

/// Somebody who travels.
///
/// @param height stature \[m\], 0.5 to 2.3
/// @param mass   \[kg\], 5 to 200
/// @param age    in years, where it matters: children grow, and the small ones do not sleep in upper bunks
public record Person(String id, String name, double height, double mass, OptionalDouble age) {
    public Person {
        name = name == null ? "" : name;
        age = age == null ? OptionalDouble.empty() : age;
    }

    /// Somebody of unknown age.
    public Person(String id, String name, double height, double mass) {
        this(id, name, height, mass, OptionalDouble.empty());
    }

}
