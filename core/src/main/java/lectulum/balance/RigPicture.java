package lectulum.balance;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Paint;
import lectulum.figures.drawing.Sketch;
import lectulum.space.Body;
import lectulum.symbols.Facing;
import lectulum.symbols.Sketched;
import lectulum.symbols.Symbols;

/// Vehicle and trailer as they look, on the drawings of the studies. Places count from the ball, on the ground.
public final class RigPicture {
    private static final Sketch.Skin WALL = new Sketch.Skin(Paint.FRONT, SystemGroup.STRUCTURE);
    private static final Sketch.Skin INSIDE = new Sketch.Skin(Paint.WHITE, SystemGroup.STRUCTURE);

    private final Design design;
    private final Base base;
    private final Body body;
    private final Sketch.Board board;
    private final Mode mode;
    private final Looks looks;

    public RigPicture(Rig rig, Sketch.Board board) {
        this(rig.design, rig.body, board, Mode.ROAD, rig.looks);
    }

    /// @param body as it rides
    public RigPicture(Design design, Body body, Sketch.Board board) {
        this(design, body, board, Mode.ROAD);
    }

    /// @param body in the mode that is drawn
    public RigPicture(Design design, Body body, Sketch.Board board, Mode mode) {
        this(design, body, board, mode, new Looks(design, body));
    }

    private RigPicture(Design design, Body body, Sketch.Board board, Mode mode, Looks looks) {
        this.design = design;
        this.base = design.base();
        this.body = body;
        this.board = board;
        this.mode = mode;
        this.looks = looks;
    }

    /// From above; the right side lies below.
    ///
    /// @param place from \[x, y to the right\] to the drawing
    public RigPicture vehicleFromAbove(UnaryOperator<double[]> place) {
        Sketched.put(board, looks.vehicle().seen(Facing.PLAN, 0), SystemGroup.STRUCTURE, place);
        return this;
    }

    public RigPicture trailerFromAbove(UnaryOperator<double[]> place) {
        Sketched.put(board, looks.chassis(false).seen(Facing.PLAN, 0), SystemGroup.STRUCTURE, place);
        Sketched.put(board, looks.wheels().seen(Facing.PLAN, 0), SystemGroup.STRUCTURE, place);
        board.look(WALL, moved(body.planOutside(), place, 0), true);
        board.look(INSIDE, moved(body.planInside(), place, 0), true);
        outside(Facing.PLAN, place, Comparator.comparingDouble(t -> t.at(mode).z()), 0);
        return this;
    }

    /// From the left, the front at the left.
    ///
    /// @param place from \[x, z\] to the drawing
    public RigPicture vehicleFromTheSide(UnaryOperator<double[]> place) {
        Sketched.put(board, looks.vehicle().seen(Facing.SIDE, 0), SystemGroup.STRUCTURE, place);
        return this;
    }

    public RigPicture trailerFromTheSide(UnaryOperator<double[]> place) {
        return trailerFromTheSide(place, false);
    }

    /// @param parked whether the tongue jack stands on the ground
    public RigPicture trailerFromTheSide(UnaryOperator<double[]> place, boolean parked) {
        Sketched.put(board, looks.chassis(parked).seen(Facing.SIDE, 0), SystemGroup.STRUCTURE, place);
        board.look(WALL, moved(body.sideOutside(), place, base.floorHeight()), true);
        board.look(INSIDE, moved(body.sideInside(), place, base.floorHeight()), true);
        outside(Facing.SIDE, place, Comparator.comparingDouble(t -> -t.at(mode).y()), base.floorHeight());
        Sketched.put(board, looks.wheels().seen(Facing.SIDE, 0), SystemGroup.STRUCTURE, place);
        return this;
    }

    /// From behind, the right at the right.
    ///
    /// @param place from \[y, z\] to the drawing
    public RigPicture trailerFromBehind(UnaryOperator<double[]> place) {
        Sketched.put(board, looks.chassis(false).seen(Facing.BEHIND, 0), SystemGroup.STRUCTURE, place);
        Sketched.put(board, looks.wheels().seen(Facing.BEHIND, 0), SystemGroup.STRUCTURE, place);
        double half = body.halfWidth();
        double low = base.floorHeight() - base.floor();
        double high = body.heightAboveGround();
        board.look(WALL, moved(List.of(new double[]{-half, low}, new double[]{half, low}, new double[]{half, high},
                new double[]{-half, high}), place), true);
        outside(Facing.BEHIND, place, Comparator.comparingDouble(t -> t.at(mode).x()), base.floorHeight());
        return this;
    }

    private static double[][] moved(List<double[]> outline, UnaryOperator<double[]> place) {
        return outline.stream().map(place).toArray(double[][]::new);
    }

    private void outside(Facing facing, UnaryOperator<double[]> place, Comparator<Thing> order, double up) {
        double tongue = facing == Facing.BEHIND ? 0 : base.tongueLength();
        design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(mode).away()).sorted(order)
                .forEach(t -> Symbols.posed(t, mode, Set.of())
                        .ifPresent(posed -> Sketched.put(board, posed, facing, t.system(),
                                p -> place.apply(new double[]{p[0] + tongue, p[1] + up}))));
    }

    private double[][] moved(List<double[]> outline, UnaryOperator<double[]> place, double up) {
        double tongue = base.tongueLength();
        return outline.stream().map(p -> place.apply(new double[]{p[0] + tongue, p[1] + up}))
                .toArray(double[][]::new);
    }
}
