package lectulum.stage.water;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.feature.Plumbed;
import lectulum.design.wiring.Spot;
import lectulum.figures.Figure;
import lectulum.figures.drawing.Labels;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.water.PipePlan;
import lectulum.water.PipeStudies;
import lectulum.workbench.State;

/// Pipes over the sheet: cold, hot, waste; each tap with what comes out of it.
final class PipeLayer {
    private final Pen pen;
    private final Projection p;
    private final State state;
    private final double tongue;
    private final double floor;

    PipeLayer(Pen pen, Projection p, State state) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.tongue = state.design().base().tongueLength();
        this.floor = state.design().base().floorHeight();
    }

    void paint() {
        PipeStudies studies = state.analysis().of(PipeStudies.DISCIPLINE);
        studies.plan().runs().forEach(this::run);
        state.design().things().stream().filter(t -> t.has(Plumbed.WaterTap.class)).forEach(t -> {
            double x = p.sx(tongue + t.place().x());
            double y = p.py(t.place().y());
            pen.disc(x, y, 4, pen.ink("select"));
            studies.figures().find("pipe." + t.id() + ".alone").map(Figure::value)
                    .filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble).ifPresent(q -> pen.point(
                            Units.text(q, Quantity.WATER_FLOW, state.style()), x, y, 6, 10, Labels.Rank.NAME));
        });
    }

    private void run(PipePlan.PipeRun r) {
        switch (r.kind()) {
            case COLD, SUCTION, CITY -> pen.stroke(pen.ink("select").faded(0.8), 2);
            case HOT -> pen.stroke(pen.ink("accent").faded(0.8), 2);
            case WASTE -> pen.dashed("faint", 2);
        }
        List<Spot> c = r.corners();
        double[][] plan = c.stream().map(s -> new double[]{p.sx(tongue + s.x()), p.py(s.y())}).toArray(double[][]::new);
        pen.path(plan, false);
        if (p.sideShown()) {
            pen.path(c.stream().map(s -> new double[]{p.sx(tongue + s.x()), p.sz(floor + s.z())})
                    .toArray(double[][]::new), false);
        }
    }
}
