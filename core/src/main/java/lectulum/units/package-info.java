/// Quantities and how people type and read them: tape-measure entry, metric and US.
package lectulum.units;
