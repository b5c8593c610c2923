/// Whether everything fits, in each mode, and where it could go. Boxes standing upright, turned in plan.
///
/// See docs/method/layout.md. Weak for shapes that are no boxes: their box counts.
package lectulum.layout;
