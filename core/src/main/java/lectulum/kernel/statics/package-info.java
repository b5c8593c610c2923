/// Rigid bodies in rest: reactions, centres, where an axle belongs, free surfaces of liquids.
package lectulum.kernel.statics;
