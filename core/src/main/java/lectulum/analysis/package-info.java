/// All disciplines together: what follows from a design, what would mend a finding, and searches that try many designs.
///
/// [Disciplines] is the only list. An [Analysis] remembers by what was asked; it is weak where results are not equal by value,
/// which costs time and never truth.
package lectulum.analysis;
