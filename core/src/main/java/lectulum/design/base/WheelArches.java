package lectulum.design.base;

/// The boxes over the wheels inside the body, one on each side, centred on the axle.
///
/// @param length along the camper \[m\]
/// @param width  from the inside of the wall \[m\]
/// @param height above the floor \[m\]; 0 in any size means there are none
public record WheelArches(double length, double width, double height) {
    /// A body without arches.
    public static final WheelArches NONE = new WheelArches(0, 0, 0);

    public boolean present() {
        return length > 0 && width > 0 && height > 0;
    }
}
