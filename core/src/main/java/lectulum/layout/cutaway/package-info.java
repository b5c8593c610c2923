/// The inside drawn from any corner: blocks in the order in which they hide each other.
package lectulum.layout.cutaway;
