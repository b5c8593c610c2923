package lectulum.design.thing;

import java.util.Optional;
import lectulum.design.Means;
import lectulum.units.Quantity;

/// Where a thing is.
///
/// @param x   centre of its plan, behind the foremost point of the body \[m\]; negative over the tongue
/// @param y   centre of its plan, right of the middle \[m\]
/// @param z   its underside above the top of the floor \[m\]; negative below the floor
/// @param yaw turn in plan, positive when its rear end goes to the right \[rad\]
/// @param away  stands beside the camper in this mode and takes no room in it
/// @param shape its size in this mode where that differs: folded, pulled out
public record Placement(
        @Means(value = "Place along", low = -20, high = 20, says = "behind the foremost point of the body") double x,
        @Means(value = "Place across", low = -20, high = 20, says = "right of the middle") double y,
        @Means(value = "Place up", low = -20, high = 20, says = "above the floor") double z,
        @Means(value = "Turned", of = Quantity.ANGLE, low = -7, high = 7) double yaw,
        @Means("Stands beside the camper in this mode") boolean away,
        @Means("Size in this mode where it differs") Optional<Size> shape) {
    public Placement {
        shape = shape == null ? Optional.empty() : shape;
    }

    public Placement(double x, double y, double z, double yaw) {
        this(x, y, z, yaw, false, Optional.empty());
    }

    /// The same place, or beside the camper.
    public Placement away(boolean outside) {
        return new Placement(x, y, z, yaw, outside, shape);
    }

    /// The same place with a size of its own.
    public Placement shaped(Optional<Size> size) {
        return new Placement(x, y, z, yaw, away, size);
    }

    /// Elsewhere in the same shape.
    public Placement at(double newX, double newY, double newZ, double newYaw) {
        return new Placement(newX, newY, newZ, newYaw, away, shape);
    }

    public Placement moved(double dx, double dy, double dz) {
        return at(x + dx, y + dy, z + dz, yaw);
    }

    public Placement turned(double by) {
        return at(x, y, z, Math.IEEEremainder(yaw + by, 2 * Math.PI));
    }
}
