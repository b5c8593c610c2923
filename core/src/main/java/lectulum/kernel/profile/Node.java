package lectulum.kernel.profile;

/// A corner of an outline that is rounded by an arc.
///
/// @param x rearwards \[m\]
/// @param z up \[m\]
/// @param r radius of the arc \[m\], ≥ 0; 0 leaves the corner sharp
public record Node(double x, double z, double r) {
}
