/// When something is to be looked after again, how old a tyre is, what practice does to times, how many hands set up a camp, and what
/// trips teach of a rate.
package lectulum.kernel.upkeep;
