/// Beams, sections and members cut by holes, after the textbooks of strength of materials. Small sags, no buckling but where
/// said.
package lectulum.kernel.beams;
