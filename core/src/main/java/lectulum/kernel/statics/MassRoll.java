package lectulum.kernel.statics;

import java.util.List;

/// Masses rolled up: total, centre of gravity, and yaw and pitch inertia about it.
///
/// M = Σm, X = Σmx/M, I_zz = Σ m\[(x−X)² + (y−Y)² + (l_x² + l_y²)/12\], I_yy with z for y (statics textbooks). No mass gives a centre at
/// the ball, on the ground.
///
/// @param mass       \[kg\]
/// @param x          centre behind the ball \[m\]
/// @param y          centre right of the middle \[m\]
/// @param z          centre above the ground \[m\]
/// @param yawInertia   about the vertical through the centre \[kg·m²\]
/// @param pitchInertia about the crossways line through the centre \[kg·m²\]
public record MassRoll(double mass, double x, double y, double z, double yawInertia, double pitchInertia) {

    public static MassRoll of(List<Part> parts) {
        double m = 0;
        double mx = 0;
        double my = 0;
        double mz = 0;
        for (Part p : parts) {
            m += p.mass();
            mx += p.mass() * p.x();
            my += p.mass() * p.y();
            mz += p.mass() * p.z();
        }
        if (m <= 0) {
            return new MassRoll(0, 0, 0, 0, 0, 0);
        }
        double x = mx / m;
        double y = my / m;
        double z = mz / m;
        double pitch = 0;
        double inertia = 0;
        for (Part p : parts) {
            double dx = p.x() - x;
            double dy = p.y() - y;
            double dz = p.z() - z;
            pitch += p.mass() * (dx * dx + dz * dz + (p.lx() * p.lx() + p.lz() * p.lz()) / 12);
            inertia += p.mass() * (dx * dx + dy * dy + (p.lx() * p.lx() + p.ly() * p.ly()) / 12);
        }
        return new MassRoll(m, x, y, z, inertia, pitch);
    }
}
