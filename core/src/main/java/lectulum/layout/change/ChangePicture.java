package lectulum.layout.change;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.packing.Changeover;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;

/// One step of a change-over seen from above: what stands where, what moves now, from where to where.
public final class ChangePicture {
    private ChangePicture() {
    }

    /// @param at index of the step; a change in which nothing moves gives the plan as it stands
    public static Sketch of(Design design, Body body, Setup setup, int at) {
        List<Changeover.Step> steps = setup.order().steps();
        String title = steps.isEmpty()
                ? "Nothing moves"
                : "Step " + (at + 1) + " of " + steps.size()
                        + ", seen from above";
        Sketch.Board board = new Sketch.Board(title);
        double[][] plan = body.planInside().stream().map(p -> new double[]{p[0], -p[1]}).toArray(double[][]::new);
        board.path(Sketch.Pen.SOLID, plan, true, Sentence.of(""));
        Set<String> moved = new HashSet<>();
        Set<String> aside = new HashSet<>();
        for (int i = 0; i < at && i < steps.size(); i++) {
            if (steps.get(i).park()) {
                aside.add(steps.get(i).id());
            } else {
                aside.remove(steps.get(i).id());
                moved.add(steps.get(i).id());
            }
        }
        String now = steps.isEmpty() ? "" : steps.get(at).id();
        for (Thing t : design.things()) {
            if (t.mount() == lectulum.design.thing.Mount.INSIDE && !t.id().equals(now) && !aside.contains(t.id())) {
                Mode mode = moved.contains(t.id()) ? setup.to() : setup.from();
                outline(board, t, mode, moved.contains(t.id()) ? Sketch.Pen.SOLID : Sketch.Pen.AREA, t.name());
            }
        }
        design.thing(now).ifPresent(t -> {
            boolean park = steps.get(at).park();
            outline(board, t, setup.from(), Sketch.Pen.DASHED, "");
            if (!park) {
                outline(board, t, setup.to(), Sketch.Pen.MAIN, t.name());
            }
            Solid a = Solid.of(t.size(), t.at(setup.from()));
            boolean leaves = park || t.at(setup.to()).away();
            Solid b = leaves ? null : Solid.of(t.size(), t.at(setup.to()));
            double[] door = door(design, body);
            double x2 = leaves ? door[2] : b.x();
            double y2 = leaves ? door[3] : b.y();
            if (leaves && !t.at(setup.from()).away()) {
                board.line(Sketch.Pen.FAULT, a.x(), -a.y(), door[0], -door[1], x2, -y2);
            } else if (t.at(setup.from()).away() && !leaves) {
                board.line(Sketch.Pen.FAULT, door[2], -door[3], door[0], -door[1], x2, -y2);
            } else if (!leaves) {
                board.line(Sketch.Pen.FAULT, a.x(), -a.y(), x2, -y2);
            }
            if (leaves) {
                board.dot(x2, -y2, Sentence.of(t.name() + " goes out"));
            }
        });
        return board.done();
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

    private static void outline(Sketch.Board board, Thing t, Mode mode, Sketch.Pen pen, String name) {
        if (t.at(mode).away()) {
            return;
        }
        double[][] corners = Solid.of(t.size(), t.at(mode)).corners();
        for (double[] c : corners) {
            c[1] = -c[1];
        }
        board.path(pen, corners, true, Sentence.of(name));
    }
}
