/// What things look like: one small solid model for each kind of thing, from which plan, side view, end view and cut-away
/// are drawn.
///
/// A symbol is a list of parts in a resource; measures follow the size of the thing or stay as they are, so that a
/// burner stays round and a cupboard gets more doors as it grows. Parts are convex and lie within the box of the thing.
/// Not to build from: only a picture.
package lectulum.symbols;
