package lectulum.symbols;

import java.util.List;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.space.Solid;

/// A form where a thing stands.
///
/// @param x     middle, behind the foremost point of the body \[m\]
/// @param y     right of the middle \[m\]
/// @param z     underside above the floor \[m\]
/// @param angle from x toward y \[rad\]
public record Posed(Form form, double x, double y, double z, double angle) {

    /// A form whose origin is a place.
    public static Posed at(Form form, double x, double y, double z) {
        return new Posed(form, x, y, z, 0);
    }

    /// What is seen of it, at its place: shapes in the coordinates of the form, to be moved by [#across] and [#up].
    public List<Shape> seen(Facing facing) {
        return form.seen(facing, angle);
    }

    public double across(Facing facing) {
        return facing.across(new double[]{x, y, z});
    }

    public double up(Facing facing) {
        return facing.up(new double[]{x, y, z});
    }

    /// Quarter turns of a symbol in the box of a thing.
    ///
    /// @param solid where the thing is
    static int quarters(Symbol symbol, Thing thing, Solid solid) {
        return switch (symbol.lies()) {
            case AS_IS -> 0;
            case LONG -> solid.hw() > solid.hl() + 1e-9 ? 1 : 0;
            case BACK -> thing.feature(Feature.Door.class).map(Feature.Door::face)
                    .or(() -> thing.feature(Feature.Drawer.class).map(Feature.Drawer::face)).map(Posed::quarters)
                    .orElseGet(() -> solid.outward(Feature.Face.RIGHT)[1] * solid.y() > 1e-6 ? 2 : 0);
        };
    }

    /// A front is drawn on the right face: turned to another.
    private static int quarters(Feature.Face face) {
        return switch (face) {
            case RIGHT, TOP -> 0;
            case FRONT -> 1;
            case LEFT -> 2;
            case REAR -> 3;
        };
    }
}
