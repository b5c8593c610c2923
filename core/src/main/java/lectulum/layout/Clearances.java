package lectulum.layout;

import lectulum.design.Base;
import lectulum.design.Mode;
import lectulum.design.Mount;
import lectulum.design.Thing;

/// How far a thing is from what encloses it \[m\]; negative where it passes. For a thing outside, `front` is the distance
/// to the ball and the rest are NaN, but for the height above the floor.
public record Clearances(double front, double rear, double left, double right, double below, double above) {

    public static Clearances of(Base base, Body body, Thing thing, Mode mode) {
        Solid s = Solid.of(thing.size(), thing.at(mode));
        if (thing.mount() == Mount.OUTSIDE) {
            return new Clearances(base.tongueLength() + s.minX(), Double.NaN, Double.NaN, Double.NaN, s.z1(),
                    Double.NaN);
        }
        double half = Math.min(body.halfWidthInside(s.minX()), body.halfWidthInside(s.maxX()));
        return new Clearances(s.minX() - body.insideFront(), body.insideRear() - s.maxX(), s.minY() + half,
                half - s.maxY(), s.z1(), body.roofInside().lowest(s.minX(), s.maxX()) - s.z2());
    }
}
