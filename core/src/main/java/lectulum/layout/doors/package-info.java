/// Doors, drawers, the way through and the ways out at night. See docs/method/fit.md and docs/method/living.md.
package lectulum.layout.doors;
