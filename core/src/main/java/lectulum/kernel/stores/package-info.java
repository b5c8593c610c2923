/// What is used up on a trip: ice and cold, how much is enough, when each store runs out, what measuring teaches.
package lectulum.kernel.stores;
