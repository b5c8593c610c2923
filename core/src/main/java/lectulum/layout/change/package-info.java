/// The change from road to camp to night: what moves, in which order, in how many minutes. See docs/method/living.md.
package lectulum.layout.change;
