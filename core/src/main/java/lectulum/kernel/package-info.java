/// Bare formulas, each in the package of its trade. They know numbers only: no design, no finding, no file.
package lectulum.kernel;
