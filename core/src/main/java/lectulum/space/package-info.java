/// What takes up room: the body in each mode, things as solids, and what is kept in them.
///
/// All disciplines of base, layout and balance stand on it.
package lectulum.space;
