/// The records of things: size, place in each mode, mass, cost, and what they draw or hold.
package lectulum.design.thing;
