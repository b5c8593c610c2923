/// The body and the frame as they are measured and built: one package for each page of the stage, and here what work on them
/// adds to the mass, the price and the hours of the base.
package lectulum.base;
