package lectulum.design.thing;

/// Outer size of a thing before it is turned \[m\]: along the camper, across it, and up.
public record Size(double length, double width, double height) {
}
