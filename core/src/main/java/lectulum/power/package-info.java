/// Nights on the battery and the sun. See docs/method/power.md.
package lectulum.power;
