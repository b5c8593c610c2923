/// Straps and ramps: friction, angles, what a strap holds (after EN 12195-1).
package lectulum.kernel.lashing;
