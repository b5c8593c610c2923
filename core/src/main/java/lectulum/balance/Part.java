package lectulum.balance;

/// A mass at a place, in trailer coordinates: x behind the ball, y right of the middle, z above the ground.
///
/// @param mass   \[kg\]
/// @param lx     extent along x, for the inertia \[m\]
/// @param ly     extent along y \[m\]
/// @param u      standard uncertainty of the mass \[kg\]
/// @param ux     standard uncertainty of x \[m\]
/// @param guess  whether the mass is a guess and shares the error of all guesses
/// @param thing  id of the thing it belongs to; empty for the base
public record Part(String thing, double mass, double x, double y, double z, double lx, double ly, double u, double ux,
        boolean guess) {
}
