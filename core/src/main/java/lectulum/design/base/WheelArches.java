package lectulum.design.base;

import lectulum.design.Means;

/// The boxes over the wheels inside the body, one on each side, centred on the axle.
///
/// @param length along the camper \[m\]
/// @param width  from the inside of the wall \[m\]
/// @param height above the floor \[m\]; 0 in any size means there are none
public record WheelArches(@Means(value = "Arch length", high = 3) double length,
        @Means(value = "Arch width", high = 1, says = "from the inside of the wall") double width,
        @Means(value = "Arch height", high = 1.5, says = "above the floor") double height) {
    /// A body without arches.
    public static final WheelArches NONE = new WheelArches(0, 0, 0);

    public boolean present() {
        return length > 0 && width > 0 && height > 0;
    }
}
