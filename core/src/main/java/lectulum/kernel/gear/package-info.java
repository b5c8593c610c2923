/// Wheels, tyres, springs and guides of the running gear. Plane mechanisms.
package lectulum.kernel.gear;
