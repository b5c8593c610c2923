/// Plane geometry of floors: stretches, gaps, the widest way through.
///
/// Robust against touching edges to 1e-9 m; things on exactly round measures may fall either way of a cell, which moves no width.
package lectulum.kernel.plane;
