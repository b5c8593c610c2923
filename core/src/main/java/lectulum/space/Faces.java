package lectulum.space;

import java.util.Comparator;
import java.util.stream.Stream;
import lectulum.design.Mode;
import lectulum.design.base.Carcass.Face;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;

/// Which face of the body a thing that is set into the shell belongs to: the nearest.
public final class Faces {
    private Faces() {
    }

    private record Near(Face face, double off) {
    }

    public static Face of(Body body, Thing thing, Mode mode) {
        Placement p = thing.at(mode);
        double high = thing.sizeIn(mode).height();
        double roof = Math.abs(p.z() + high / 2 - body.roofOutside().at(p.x()));
        return Stream
                .of(new Near(Face.LEFT, Math.abs(p.y() + body.halfWidth())),
                        new Near(Face.RIGHT, Math.abs(p.y() - body.halfWidth())),
                        new Near(Face.FRONT, Math.abs(p.x())), new Near(Face.REAR, Math.abs(p.x() - body.length())),
                        new Near(Face.ROOF, roof), new Near(Face.FLOOR, high < 0.25 ? Math.abs(p.z() + high / 2) : 9))
                .min(Comparator.comparingDouble(Near::off)).orElseThrow().face;
    }

    /// What a thing takes of the face that it is set into, on the road \[m²\].
    public static double area(Body body, Thing thing) {
        Size s = thing.size();
        return switch (of(body, thing, Mode.ROAD)) {
            case ROOF, FLOOR -> s.length() * s.width();
            case LEFT, RIGHT, FRONT, REAR -> Math.max(s.length(), s.width()) * s.height();
        };
    }
}
