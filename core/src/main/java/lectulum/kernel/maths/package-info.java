/// Normal distribution and what else is only mathematics.
package lectulum.kernel.maths;
