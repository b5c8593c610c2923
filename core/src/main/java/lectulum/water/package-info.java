/// Days on the tanks. See docs/method/water.md.
package lectulum.water;
