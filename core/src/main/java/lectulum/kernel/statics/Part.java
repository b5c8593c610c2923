package lectulum.kernel.statics;

/// A mass at a place, in trailer coordinates: x behind the ball, y right of the middle, z above the ground.
///
/// @param mass   \[kg\]
/// @param lx     extent along x, for the inertia \[m\]
/// @param ly     extent along y \[m\]
/// @param lz     extent along z \[m\]
/// @param u      standard uncertainty of the mass \[kg\]
/// @param ux     standard uncertainty of x \[m\]
/// @param guess  whether the mass is a guess and shares the error of all guesses
/// @param own    how much of the thing's own mass it is; 0 for what its tank holds
/// @param thing  id of the thing it belongs to; empty for the base
public record Part(String thing, double mass, double x, double y, double z, double lx, double ly, double lz, double u,
        double ux, boolean guess, double own) {

    /// A whole thing that is as flat as a point.
    public Part(String thing, double mass, double x, double y, double z, double lx, double ly, double u, double ux,
            boolean guess) {
        this(thing, mass, x, y, z, lx, ly, 0, u, ux, guess, 1);
    }

    /// The same part with another mass at another place along the camper.
    public Part with(double newMass, double newX) {
        return new Part(thing, newMass, newX, y, z, lx, ly, lz, u, ux, guess, own);
    }

    /// The same part with another mass, and how sure that is.
    public Part with(double newMass, double newU, boolean isGuess) {
        return new Part(thing, newMass, x, y, z, lx, ly, lz, newU, ux, isGuess, own);
    }
}
