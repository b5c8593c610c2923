package lectulum.design;

/// Somebody who travels.
///
/// @param height stature \[m\], 0.5 to 2.3
/// @param mass   \[kg\], 5 to 200
public record Person(String id, String name, double height, double mass) {
    public Person {
        name = name == null ? "" : name;
    }
}
