/// Stress and sag of the trailer frame as a beam on its supports. No torsion, no welds. See docs/method/shell.md.
package lectulum.base.frame;
