package lectulum.design;

/// Where a thing is.
///
/// @param x   centre of its plan, behind the foremost point of the body \[m\]; negative over the tongue
/// @param y   centre of its plan, right of the middle \[m\]
/// @param z   its underside above the top of the floor \[m\]; negative below the floor
/// @param yaw turn in plan, positive when its rear end goes to the right \[rad\]
/// @param away stands beside the camper in this mode and takes no room in it
public record Placement(double x, double y, double z, double yaw, boolean away) {

    public Placement(double x, double y, double z, double yaw) {
        this(x, y, z, yaw, false);
    }

    /// The same place, or beside the camper.
    public Placement away(boolean outside) {
        return new Placement(x, y, z, yaw, outside);
    }

    public Placement moved(double dx, double dy, double dz) {
        return new Placement(x + dx, y + dy, z + dz, yaw, away);
    }

    public Placement turned(double by) {
        return new Placement(x, y, z, Math.IEEEremainder(yaw + by, 2 * Math.PI), away);
    }
}
