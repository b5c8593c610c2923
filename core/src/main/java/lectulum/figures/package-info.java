/// Numbers with their working and their interval, findings and sentences: the only way out of the core.
package lectulum.figures;
