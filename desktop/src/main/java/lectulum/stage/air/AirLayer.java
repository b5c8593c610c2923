package lectulum.stage.air;

import java.util.List;
import java.util.Optional;
import lectulum.air.Cabin;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.envelope.Wall;
import lectulum.design.feature.Aired;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.space.Body;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.weather.Outside;

/// The walls over the sheet in the colour of the heat that a square metre of them loses in the coldest night; panes and vents
/// among them.
final class AirLayer {
    /// Lost by a square metre \[W/m²\]: up to the first it is good, over the last it is bad.
    private static final double GOOD = 20;
    private static final double BAD = 90;
    private static final double THICK = 7;

    private final Pen pen;
    private final Projection p;
    private final State state;
    private final double tongue;
    private final double floor;
    private final double colder;

    AirLayer(Pen pen, Projection p, State state) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.tongue = state.design().base().tongueLength();
        this.floor = state.design().base().floorHeight();
        this.colder = Math.max(0, Assumed.value(state.design(), Assumption.AIR_DAY)
                - Outside.coldest(state.design()));
    }

    void paint() {
        Cabin cabin = state.analysis().of(Cabin.DISCIPLINE);
        if (cabin.open()) {
            return;
        }
        Body body = Body.of(state.design().base());
        plan(cabin, body);
        if (p.sideShown()) {
            side(cabin, body);
        }
        cabin.panes().forEach(this::pane);
        state.design().things().stream().filter(t -> t.has(Aired.Vent.class)).forEach(this::vent);
    }

    private Optional<Cabin.Face> face(Cabin c, Wall.Side side, double ny) {
        return c.faces().stream().filter(f -> f.side() == side && (ny == 0 || f.ny() * ny > 0)).findFirst();
    }

    private Ink ink(double watts) {
        double t = Math.clamp((watts - GOOD) / (BAD - GOOD), 0, 1);
        Ink good = pen.ink("good");
        Ink warn = pen.ink("warn");
        Ink bad = pen.ink("accent");
        return t < 0.5 ? good.toward(warn, 2 * t) : warn.toward(bad, 2 * t - 1);
    }

    private void plan(Cabin c, Body body) {
        List<double[]> plan = body.planInside();
        for (int i = 0; i < plan.size(); i++) {
            double[] a = plan.get(i);
            double[] b = plan.get((i + 1) % plan.size());
            boolean along = Math.abs(b[0] - a[0]) > Math.abs(b[1] - a[1]);
            Wall.Side side = along
                    ? Wall.Side.SIDES
                    : (a[0] + b[0]) / 2 < body.length() / 2 ? Wall.Side.FRONT : Wall.Side.REAR;
            Optional<Cabin.Face> f = face(c, side, along ? a[1] + b[1] : 0);
            double[] from = {p.sx(tongue + a[0]), p.py(a[1])};
            double[] to = {p.sx(tongue + b[0]), p.py(b[1])};
            wall(f, from, to);
            if (f.filter(x -> x.u() > 0).isPresent()) {
                pen.along(lost(f.get().u()), from, to, 11, Labels.Rank.FIGURE);
            }
        }
    }

    private void wall(Optional<Cabin.Face> f, double[] from, double[] to) {
        if (f.isEmpty()) {
            return;
        }
        pen.stroke(f.get().u() > 0 ? ink(f.get().u() * colder).faded(0.75) : pen.ink("faint").faded(0.4), THICK);
        pen.line(from[0], from[1], to[0], to[1]);
    }

    private String lost(double u) {
        return Units.text(u, Quantity.U_VALUE, state.style());
    }

    private void side(Cabin c, Body body) {
        List<double[]> side = body.sideInside();
        for (int i = 0; i < side.size(); i++) {
            double[] a = side.get(i);
            double[] b = side.get((i + 1) % side.size());
            boolean along = Math.abs(b[0] - a[0]) > Math.abs(b[1] - a[1]) / 2;
            boolean low = along && (a[1] + b[1]) / 2 < 0.02;
            Wall.Side of = low
                    ? Wall.Side.FLOOR
                    : along
                            ? Wall.Side.ROOF
                            : (a[0] + b[0]) / 2 < body.length() / 2 ? Wall.Side.FRONT : Wall.Side.REAR;
            double[] from = {p.sx(tongue + a[0]), p.sz(floor + a[1])};
            double[] to = {p.sx(tongue + b[0]), p.sz(floor + b[1])};
            Optional<Cabin.Face> f = face(c, of, 0);
            wall(f, from, to);
            if (f.filter(x -> x.u() > 0).isPresent() && Math.hypot(to[0] - from[0], to[1] - from[1]) > 120) {
                pen.along(lost(f.get().u()), from, to, 11, Labels.Rank.FIGURE);
            }
        }
    }

    private void pane(Cabin.Pane pane) {
        state.design().thing(pane.thing()).ifPresent(t -> {
            double[] at = at(t);
            pen.disc(at[0], at[1], 5, ink(pane.night() * colder));
            pen.point(lost(pane.night()), at[0], at[1], 6, 10, Labels.Rank.NAME);
        });
    }

    private void vent(Thing t) {
        Aired.Vent v = t.feature(Aired.Vent.class).orElseThrow();
        double[] at = at(t);
        pen.stroke("select", 1.6);
        pen.ring(at[0], at[1], 6, 6);
        pen.point(Units.text(v.free(), Quantity.FREE_AREA, state.style()), at[0], at[1], 7, 10, Labels.Rank.NAME);
    }

    private double[] at(Thing t) {
        return new double[]{p.sx(tongue + t.place().x()), p.py(t.place().y())};
    }
}
