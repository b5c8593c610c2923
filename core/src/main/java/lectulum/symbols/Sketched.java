package lectulum.symbols;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import lectulum.design.Mode;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Sketch;

/// Puts what something looks like on a drawing of a study.
public final class Sketched {
    /// The right side of a plan lies below, as on the sheet.
    public static final UnaryOperator<double[]> PLAN = p -> new double[]{p[0], -p[1]};

    private Sketched() {
    }

    /// @param place from \[across, up\] of the shapes to the drawing
    public static void put(Sketch.Board board, List<Shape> shapes, SystemGroup system, UnaryOperator<double[]> place) {
        for (Shape s : shapes) {
            board.look(new Sketch.Skin(s.paint(), system),
                    Arrays.stream(s.points()).map(place).toArray(double[][]::new), s.closed());
        }
    }

    public static void put(Sketch.Board board, Posed posed, Facing facing, SystemGroup system,
            UnaryOperator<double[]> place) {
        put(board, posed.seen(facing), system,
                p -> place.apply(new double[]{p[0] + posed.across(facing), p[1] + posed.up(facing)}));
    }

    /// A thing as it looks on the road, for a drawing of nothing else.
    ///
    /// @param place from \[across from its middle, up from its underside\] to the drawing
    public static void alone(Sketch.Board board, Thing thing, Facing facing, UnaryOperator<double[]> place) {
        Symbols.posed(thing, Mode.ROAD, Set.of()).ifPresent(p -> put(board, p.seen(facing), thing.system(), place));
    }
}
