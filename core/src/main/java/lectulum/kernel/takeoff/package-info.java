/// Take-off: what a shell of studs, panels, coats and tape is made of, piece by piece.
package lectulum.kernel.takeoff;
