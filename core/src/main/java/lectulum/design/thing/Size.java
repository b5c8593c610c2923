package lectulum.design.thing;

import lectulum.design.Means;

/// Outer size of a thing before it is turned \[m\]: along the camper, across it, and up.
public record Size(@Means(value = "Length", high = 20, says = "along the camper") double length,
        @Means(value = "Width", high = 20, says = "across it") double width,
        @Means(value = "Height", high = 20) double height) {
}
