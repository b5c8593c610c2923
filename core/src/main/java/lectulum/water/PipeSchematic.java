package lectulum.water;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lectulum.design.Design;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;
import lectulum.units.Quantity;

/// The pipes of a plan as they join, not as they run: tank, pump and heater at the left, every tap with its lines in the order of
/// the main, waste below.
final class PipeSchematic {
    private static final double STEP = 0.95;
    private static final double FIRST = 0.55;
    private static final double TAP = 0.95;
    private static final double HOT = 0.42;
    private static final double WASTE = -0.62;
    private static final double PUMP = 0.13;
    private static final Sentence NONE = Sentence.of("");

    private final Design d;
    private final PipePlan plan;
    private final Sketch.Board board = new Sketch.Board("As they join, not to scale: cold, hot, waste dashed");

    private PipeSchematic(Design d, PipePlan plan) {
        this.d = d;
        this.plan = plan;
    }

    /// @param flows of each tap alone \[m³/s\]
    static Sketch of(Design d, PipePlan plan, Map<String, Double> flows) {
        return new PipeSchematic(d, plan).drawn(flows);
    }

    private Sketch drawn(Map<String, Double> flows) {
        List<PipePlan.PipeRun> branches = plan.runs().stream().filter(r -> r.id().startsWith("branch.")).toList();
        source();
        double x = FIRST;
        double last = FIRST;
        double hottest = 0;
        double drained = Double.NaN;
        for (PipePlan.PipeRun r : branches) {
            String tap = r.id().substring("branch.".length());
            last = x;
            line(Sketch.Pen.MAIN, x, 0, x, TAP);
            board.line(Sketch.Pen.SOLID, x - 0.1, TAP, x + 0.2, TAP);
            board.name(x, TAP + 0.38, Sentence.of("{0}", r.name()));
            board.name(x, TAP + 0.15, Sentence.of("{0}", new Amount(flows.getOrDefault(tap, 0.0),
                    Quantity.WATER_FLOW)));
            board.name(x - 0.02, 0.24, Sentence.of("{0}", Amount.run(r.length())));
            if (run("hot." + tap).isPresent()) {
                line(Sketch.Pen.FAULT, x + 0.12, HOT, x + 0.12, TAP);
                hottest = x + 0.12;
            }
            Optional<PipePlan.PipeRun> waste = run("waste." + tap);
            if (waste.isPresent()) {
                line(Sketch.Pen.DASHED, x + 0.22, TAP - 0.1, x + 0.22, WASTE);
                board.name(x + 0.22, WASTE + 0.22, Sentence.of("{0}", Amount.run(waste.get().length())));
                drained = Double.isNaN(drained) ? x + 0.22 : drained;
            }
            x += STEP;
        }
        line(Sketch.Pen.MAIN, -0.6 + PUMP, 0, last, 0);
        heater(hottest);
        grey(drained, last + 0.6);
        int drains = DrainValves.of(d, plan).names().size();
        if (drains > 0) {
            board.line(Sketch.Pen.SOLID, -0.2, 0, -0.2, -0.15);
            board.name(-0.2, -0.24, drains == 1
                    ? Sentence.of("drain valve at the low point")
                    : Sentence.of("{0} drain valves at low points", drains));
        }
        return board.done();
    }

    private Optional<PipePlan.PipeRun> run(String id) {
        return plan.runs().stream().filter(r -> r.id().equals(id)).findFirst();
    }

    private void line(Sketch.Pen pen, double... xy) {
        double[][] points = new double[xy.length / 2][];
        for (int i = 0; i < points.length; i++) {
            points[i] = new double[]{xy[2 * i], xy[2 * i + 1]};
        }
        board.path(pen, points, false, NONE);
    }

    private <F extends lectulum.design.feature.Feature> Optional<F> fitted(Class<F> kind) {
        return d.things().stream().flatMap(t -> t.feature(kind).stream()).findFirst();
    }

    private void source() {
        Optional<Thing> tank = Tanks.of(d, Tank.Use.FRESH).stream()
                .max(java.util.Comparator.comparingDouble(t -> t.tank().orElseThrow().capacity()));
        board.box(Sketch.Pen.SOLID, -2.1, -0.32, -1.3, 0.32);
        tank.ifPresent(t -> {
            board.name(-1.7, 0.12, Sentence.of("{0}", t.name()));
            board.name(-1.7, -0.12, Sentence.of("{0}", Amount.litres(t.tank().orElseThrow().capacity())));
        });
        Optional<PipePlan.PipeRun> suction = run("suction");
        if (suction.isEmpty()) {
            line(Sketch.Pen.MAIN, -1.3, 0, -0.6 + PUMP, 0);
            board.name(-0.9, 0.12, Sentence.of("falls by itself"));
        } else {
            line(Sketch.Pen.MAIN, -1.3, 0, -0.6 - PUMP, 0);
            board.circle(Sketch.Pen.SOLID, -0.6, 0, PUMP);
            board.name(-0.6, 0.22, Sentence.of("pump"));
            board.name(-1.02, -0.12, Sentence.of("{0}", Amount.run(suction.get().length())));
            if (fitted(Plumbed.Strainer.class).isPresent()) {
                board.area(Sketch.Pen.SOLID, new double[][]{{-1.1, 0}, {-1.02, 0.08}, {-0.94, 0}, {-1.02, -0.08}});
                board.name(-1.02, 0.15, Sentence.of("strainer"));
            }
            fitted(Plumbed.WaterPump.class).filter(p -> p.vessel() > 0).ifPresent(p -> {
                line(Sketch.Pen.MAIN, -0.35, 0, -0.35, 0.12);
                board.circle(Sketch.Pen.SOLID, -0.35, 0.2, 0.08);
                board.name(-0.35, 0.36, Sentence.of("{0}", Amount.litres(p.vessel())));
            });
        }
        fitted(Plumbed.CityInlet.class).ifPresent(c -> {
            line(Sketch.Pen.MAIN, -0.4, 0, -0.4, WASTE, -1.3, WASTE);
            board.box(Sketch.Pen.SOLID, -2.1, WASTE - 0.13, -1.3, WASTE + 0.13);
            board.name(-1.7, WASTE, Sentence.of("a site's hose"));
            if (c.check()) {
                board.area(Sketch.Pen.SOLID,
                        new double[][]{{-0.85, WASTE + 0.07}, {-0.7, WASTE}, {-0.85, WASTE - 0.07}});
                board.name(-0.78, WASTE + 0.14, Sentence.of("one way"));
            }
        });
    }

    private void heater(double hottest) {
        if (hottest <= 0) {
            return;
        }
        line(Sketch.Pen.MAIN, 0.05, 0, 0.05, HOT - 0.12);
        board.box(Sketch.Pen.SOLID, -0.12, HOT - 0.12, 0.22, HOT + 0.12);
        board.name(0.05, HOT, Sentence.of("heater"));
        line(Sketch.Pen.FAULT, 0.22, HOT, hottest, HOT);
    }

    private void grey(double drained, double end) {
        if (Double.isNaN(drained)) {
            return;
        }
        line(Sketch.Pen.DASHED, drained, WASTE, end, WASTE);
        board.box(Sketch.Pen.SOLID, end, WASTE - 0.32, end + 0.8, WASTE + 0.32);
        Tanks.of(d, Tank.Use.GREY).stream().max(java.util.Comparator.comparingDouble(
                t -> t.tank().orElseThrow().capacity())).ifPresent(t -> {
                    board.name(end + 0.4, WASTE + 0.12, Sentence.of("{0}", t.name()));
                    board.name(end + 0.4, WASTE - 0.12, Sentence.of("{0}",
                            Amount.litres(t.tank().orElseThrow().capacity())));
                });
    }
}
