package lectulum.layout;

import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.space.Solid;

/// How far a thing is from what encloses it \[m\]; negative where it passes. For a thing outside, `front` is the distance
/// to the ball and the rest are NaN, but for the height above the floor.
public record Clearances(double front, double rear, double left, double right, double below, double above) {

    public static Clearances of(Base base, Body body, Thing thing, Mode mode) {
        Solid s = Solid.of(thing.size(), thing.at(mode));
        if (thing.mount() == Mount.OUTSIDE) {
            return new Clearances(base.tongueLength() + s.minX(), Double.NaN, Double.NaN, Double.NaN, s.z1(),
                    Double.NaN);
        }
        double left = least(s, body::clearLeft);
        double right = least(s, body::clearRight);
        return new Clearances(s.minX() - body.insideFront(),
                Math.min(body.clearRear(s.y(), s.z1()), body.clearRear(s.y(), s.z2())) - s.maxX(), s.minY() + left,
                right - s.maxY(), s.z1(), body.clearHeight(s.minX(), s.maxX()) - s.z2());
    }

    /// The least of a clear width over both ends, foot and top of a solid.
    static double least(Solid s, java.util.function.DoubleBinaryOperator width) {
        return Math.min(Math.min(width.applyAsDouble(s.minX(), s.z1()), width.applyAsDouble(s.maxX(), s.z1())),
                Math.min(width.applyAsDouble(s.minX(), s.z2()), width.applyAsDouble(s.maxX(), s.z2())));
    }
}
