package lectulum.layout.outside;

import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.layout.Layout;
import lectulum.space.Body;
import lectulum.space.Solid;

/// How far the camper reaches on the road: the largest of body, wheels and things outside.
///
/// @param front  the foremost point behind the ball, negative before it \[m\]
/// @param rear   the rearmost point behind the ball \[m\]
/// @param width  twice the farthest side \[m\]
/// @param height highest point above the ground, loaded \[m\]
/// @param stands the same on unloaded springs \[m\]
public record Extent(double front, double rear, double width, double height, double stands) {
    /// Wanted free of a door on each side and above \[m\] (assumed).
    public static final double FREE = 0.05;

    public static Extent of(Design design, Body body) {
        Base base = design.base();
        double half = Math.max(body.halfWidth(), (base.axle().track() + base.axle().tyreWidth()) / 2);
        double front = 0;
        double rear = base.tongueLength() + body.length();
        for (var t : design.things()) {
            if (t.mount() == Mount.OUTSIDE && !t.at(Mode.ROAD).away()) {
                Solid s = Solid.of(t.size(), t.at(Mode.ROAD));
                half = Math.max(half, Math.max(s.maxY(), -s.minY()));
                front = Math.min(front, base.tongueLength() + s.minX());
                rear = Math.max(rear, base.tongueLength() + s.maxX());
            }
        }
        double top = Layout.highest(design, body);
        return new Extent(front, rear, 2 * half, top, top + Assumed.value(design, Assumption.DROOP));
    }

    /// With the tongue \[m\].
    public double length() {
        return rear - front;
    }

    /// By how much it is too high for a door of this clear height, with what is wanted free; at most 0 where it fits \[m\].
    public double overDoor(double clear) {
        return stands + FREE - clear;
    }

    /// By how much it is too wide for a door of this clear width, with what is wanted free on each side \[m\].
    public double besideDoor(double clear) {
        return width + 2 * FREE - clear;
    }
}
