package lectulum.layout.change;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.packing.Changeover;
import lectulum.layout.RoomPicture;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;

/// One step of a change-over seen from above: how it stands before it and after it, and what moves from where to where.
public final class ChangePicture {
    /// Between the two plans \[m\].
    private static final double APART = 0.9;

    private final Design design;
    private final Body body;
    private final Setup setup;
    private final List<Changeover.Step> steps;
    private final int at;
    private final Sketch.Board board;

    private ChangePicture(Design design, Body body, Setup setup, int at) {
        this.design = design;
        this.body = body;
        this.setup = setup;
        this.steps = setup.order().steps();
        this.at = at;
        this.board = new Sketch.Board(steps.isEmpty()
                ? "Nothing moves"
                : "Step " + (at + 1) + " of " + steps.size() + " from above: before and after");
    }

    /// @param at index of the step; a change in which nothing moves gives the plan as it stands
    public static Sketch of(Design design, Body body, Setup setup, int at) {
        ChangePicture picture = new ChangePicture(design, body, setup, at);
        picture.plan(false, 0);
        if (!picture.steps.isEmpty()) {
            picture.plan(true, body.length() + APART);
            picture.way();
        }
        return picture.board.done();
    }

    private void plan(boolean after, double shift) {
        Map<String, Mode> stands = stands(after ? at + 1 : at);
        UnaryOperator<double[]> place = p -> new double[]{p[0] + shift, -p[1]};
        RoomPicture room = new RoomPicture(design, body, board);
        room.fromAbove(t -> t.mount() == Mount.OUTSIDE ? Optional.empty() : Optional.ofNullable(stands.get(t.id())),
                place);
        board.name(shift + body.length() / 2, body.halfWidth() + 0.14, Sentence.of(after ? "after" : "before"));
        if (steps.isEmpty()) {
            return;
        }
        String now = steps.get(at).id();
        for (Thing t : design.things()) {
            Mode mode = stands.get(t.id());
            if (mode == null || t.at(mode).away() || !t.solid()) {
                continue;
            }
            double[][] outline = Stream.of(Solid.of(t.sizeIn(mode), t.at(mode)).corners()).map(place)
                    .toArray(double[][]::new);
            if (t.id().equals(now)) {
                board.path(after ? Sketch.Pen.MAIN : Sketch.Pen.DASHED, outline, true, Sentence.of(t.name()));
            }
        }
    }

    /// In which mode each thing stands when so many steps are done; without those that were put aside.
    private Map<String, Mode> stands(int done) {
        Map<String, Mode> stands = new HashMap<>();
        design.things().forEach(t -> stands.put(t.id(), setup.from()));
        for (int i = 0; i < done && i < steps.size(); i++) {
            if (steps.get(i).park()) {
                stands.remove(steps.get(i).id());
            } else {
                stands.put(steps.get(i).id(), setup.to());
            }
        }
        return stands;
    }

    /// What moves now, from where to where; out of the door and in by it.
    private void way() {
        Changeover.Step step = steps.get(at);
        Thing t = design.thing(step.id()).orElse(null);
        if (t == null) {
            return;
        }
        boolean came = stands(at).containsKey(t.id()) && !t.at(setup.from()).away();
        boolean leaves = step.park() || t.at(setup.to()).away();
        Solid a = Solid.of(t.size(), t.at(setup.from()));
        Solid b = Solid.of(t.size(), t.at(setup.to()));
        double[] door = door(design, body);
        if (leaves && came) {
            board.line(Sketch.Pen.FAULT, a.x(), -a.y(), door[0], -door[1], door[2], -door[3]);
            board.dot(door[2], -door[3], Sentence.of(t.name() + " goes out"));
        } else if (!leaves && !came) {
            board.line(Sketch.Pen.FAULT, door[2], -door[3], door[0], -door[1], b.x(), -b.y());
            board.dot(door[2], -door[3], Sentence.of(t.name() + " comes in"));
        } else if (!leaves) {
            board.line(Sketch.Pen.FAULT, a.x(), -a.y(), b.x(), -b.y());
            board.dot(b.x(), -b.y(), Sentence.of(""));
        }
    }

    /// The largest opening at the floor and a place before it: x, y, x, y \[m\]; the rear where there is none.
    private static double[] door(Design design, Body body) {
        return design.things().stream().filter(t -> t.has(Feature.Opening.class) && t.place().z() < 0.3)
                .max(Comparator.comparingDouble(t -> {
                    Feature.Opening o = t.feature(Feature.Opening.class).orElseThrow();
                    return o.width() * o.height();
                })).map(t -> {
                    double x = t.place().x();
                    double y = t.place().y();
                    return switch (Faces.of(body, t, Mode.ROAD)) {
                        case LEFT -> new double[]{x, y, x, y - 0.5};
                        case RIGHT -> new double[]{x, y, x, y + 0.5};
                        case FRONT -> new double[]{x, y, x - 0.5, y};
                        default -> new double[]{x, y, x + 0.5, y};
                    };
                }).orElse(new double[]{body.length(), 0, body.length() + 0.5, 0});
    }
}
