/// A real box from tapes: six tapes, leaning walls, chains of sizes.
package lectulum.kernel.survey;
