/// The body and the frame as they are measured and built: one package for each page of the stage.
package lectulum.base;
