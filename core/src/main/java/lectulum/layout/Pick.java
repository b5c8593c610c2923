package lectulum.layout;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.space.Solid;

/// Which thing is under a point, and which are inside a rectangle, in plan or side view. Local coordinates.
public final class Pick {
    private Pick() {
    }

    /// The uppermost thing in plan; among things of one height the smallest.
    ///
    /// @param slack how far beside a thing still counts \[m\]
    public static Optional<String> inPlan(Design design, Mode mode, double x, double y, double slack) {
        return design.things().stream().filter(t -> t.mount() != Mount.SPREAD)
                .filter(t -> grown(t, mode, slack).covers(x, y)).min(rank(mode)).map(Thing::id);
    }

    /// The thing nearest to the viewer on the left of the camper; solid things before stowed ones.
    public static Optional<String> inSide(Design design, Mode mode, double x, double z, double slack) {
        return design.things().stream().filter(t -> t.mount() != Mount.SPREAD).filter(t -> {
            Solid s = grown(t, mode, slack);
            return x >= s.minX() && x <= s.maxX() && z >= s.z1() - slack && z <= s.z2() + slack;
        }).min(Comparator.comparing((Thing t) -> !t.solid()).thenComparingDouble(t -> t.at(mode).y())).map(Thing::id);
    }

    /// Things that lie wholly in a rectangle.
    public static List<String> inside(Design design, Mode mode, boolean plan, double x1, double x2, double v1,
            double v2) {
        return design.things().stream().filter(t -> t.mount() != Mount.SPREAD).filter(t -> {
            Solid s = Solid.of(t.size(), t.at(mode));
            double low = plan ? s.minY() : s.z1();
            double high = plan ? s.maxY() : s.z2();
            return s.minX() >= x1 && s.maxX() <= x2 && low >= v1 && high <= v2;
        }).map(Thing::id).toList();
    }

    private static Comparator<Thing> rank(Mode mode) {
        return Comparator.comparing((Thing t) -> !t.solid())
                .thenComparingDouble(t -> -(t.at(mode).z() + t.sizeIn(mode).height()))
                .thenComparingDouble(t -> t.size().length() * t.size().width());
    }

    private static Solid grown(Thing t, Mode mode, double slack) {
        Solid s = Solid.of(t.size(), t.at(mode));
        return new Solid(s.x(), s.y(), s.z1(), s.z2(), s.hl() + slack, s.hw() + slack, s.c(), s.s());
    }
}
