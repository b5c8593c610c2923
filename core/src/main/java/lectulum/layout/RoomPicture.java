package lectulum.layout;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Paint;
import lectulum.figures.drawing.Sketch;
import lectulum.space.Body;
import lectulum.symbols.Facing;
import lectulum.symbols.Sketched;
import lectulum.symbols.Symbols;

/// The body with its things as they look, on the drawings of the studies. Places count from the foremost point of the body
/// on the floor.
public final class RoomPicture {
    private static final Sketch.Skin WALL = new Sketch.Skin(Paint.BODY, SystemGroup.STRUCTURE);
    private static final Sketch.Skin INSIDE = new Sketch.Skin(Paint.WHITE, SystemGroup.STRUCTURE);

    private final Design design;
    private final Body body;
    private final Sketch.Board board;

    /// @param body in the mode that is drawn
    public RoomPicture(Design design, Body body, Sketch.Board board) {
        this.design = design;
        this.body = body;
        this.board = board;
    }

    /// Walls and things from above, the right side below.
    ///
    /// @param mode  in which a thing is drawn; empty for one that is not
    /// @param place from \[x, y to the right\] to the drawing
    public RoomPicture fromAbove(Function<Thing, Optional<Mode>> mode, UnaryOperator<double[]> place) {
        board.look(WALL, moved(body.planOutside(), place), true);
        board.look(INSIDE, moved(body.planInside(), place), true);
        double roof = body.overhead();
        design.things().stream().filter(t -> t.solid() || t.mount() == Mount.SET_IN)
                .sorted(Comparator.comparingDouble(t -> t.place().z() + t.size().height()))
                .forEach(t -> mode.apply(t).filter(m -> t.at(m).z() < roof).ifPresent(m -> thing(t, m, place)));
        return this;
    }

    /// One thing from above.
    public RoomPicture thing(Thing t, Mode mode, UnaryOperator<double[]> place) {
        if (!t.at(mode).away()) {
            Symbols.posed(t, mode, Set.of())
                    .ifPresent(p -> Sketched.put(board, p, Facing.PLAN, t.system(), place));
        }
        return this;
    }

    private static double[][] moved(List<double[]> outline, UnaryOperator<double[]> place) {
        return outline.stream().map(place).toArray(double[][]::new);
    }
}
