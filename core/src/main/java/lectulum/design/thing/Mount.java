package lectulum.design.thing;

/// Where a thing has its volume, which decides what it may touch.
public enum Mount {
    /// Stands, hangs or lies in the cabin and needs its volume to itself.
    INSIDE("inside"),
    /// On the tongue, the roof, under the floor or behind: must not cut into the body.
    OUTSIDE("outside"),
    /// Kept inside another thing: may share its volume, but not leave the cabin.
    STOWED("stowed in a thing"),
    /// Set into a wall, the roof or the floor: window, door, vent.
    SET_IN("set into the shell"),
    /// Spread over the body, such as lining and insulation: has mass and a place, but no box.
    SPREAD("spread over the body");

    private final String label;

    Mount(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
