/// Readings that are fitted to a model: weighted least squares, errors of scales, bathroom scales under a beam.
package lectulum.kernel.scales;
