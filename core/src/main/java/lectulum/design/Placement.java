package lectulum.design;

/// Where a thing is.
///
/// @param x   centre of its plan, behind the foremost point of the body \[m\]; negative over the tongue
/// @param y   centre of its plan, right of the middle \[m\]
/// @param z   its underside above the top of the floor \[m\]; negative below the floor
/// @param yaw turn in plan, positive when its rear end goes to the right \[rad\]
public record Placement(double x, double y, double z, double yaw) {

    public Placement moved(double dx, double dy, double dz) {
        return new Placement(x + dx, y + dy, z + dz, yaw);
    }

    public Placement turned(double by) {
        return new Placement(x, y, z, Math.IEEEremainder(yaw + by, 2 * Math.PI));
    }
}
