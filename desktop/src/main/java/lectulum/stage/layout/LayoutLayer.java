package lectulum.stage.layout;

import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.layout.Layout;
import lectulum.layout.doors.Doors;
import lectulum.layout.doors.Motion;
import lectulum.layout.outside.OutsideStudies;
import lectulum.layout.people.People;
import lectulum.layout.people.Pose;
import lectulum.layout.people.Silhouette;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.space.Solid;
import lectulum.workbench.State;

/// What Layout draws over the things: people where they lie, sit and stand, what doors and drawers sweep, what folds out
/// in camp, and the open hatch.
final class LayoutLayer {
    private final Pen pen;
    private final Projection p;
    private final State state;
    private final Base base;

    LayoutLayer(Pen pen, Projection p, State state) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.base = state.design().base();
    }

    void paint() {
        if (state.mode() != Mode.ROAD) {
            pen.g.save();
            pen.g.beginPath();
            pen.g.rect(-1e4, 26, 3e4, planEnd() - 26);
            pen.g.clip();
            foldOuts();
            sweeps();
            pen.g.restore();
            hatch();
        }
        people();
    }

    /// Half way between plan and side view: what reaches out of the plan ends there.
    private double planEnd() {
        if (!p.sideShown()) {
            return 1e4;
        }
        double half = state.analysis().of(Layout.DISCIPLINE).body().halfWidth();
        double top = state.design().things().stream().filter(t -> t.mount() == Mount.OUTSIDE)
                .mapToDouble(t -> t.place().z() + t.size().height()).max().orElse(0);
        double high = Math.max(top,
                state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()).roofOutside().highest());
        return Math.max(p.py(half) + 8, Math.min(p.py(half + 1), z(high) - 6));
    }

    private double x(double local) {
        return p.sx(base.tongueLength() + local);
    }

    private double z(double local) {
        return p.sz(base.floorHeight() + local);
    }

    private Color tint(String token, double strength) {
        return pen.theme.colour(token).deriveColor(0, 1, 1, strength);
    }

    private void sweeps() {
        for (Motion m : state.analysis().of(Doors.DISCIPLINE).motions().getOrDefault(state.mode(), List.of())) {
            double[][] o = new double[m.sweep().length][];
            for (int i = 0; i < o.length; i++) {
                o[i] = new double[]{x(m.sweep()[i][0]), p.py(m.sweep()[i][1])};
            }
            String token = m.blocked() ? "accent" : "select";
            pen.g.setFill(tint(token, 0.10));
            pen.dashed(token, 1);
            pen.polygon(o, true);
            pen.g.setLineDashes();
        }
    }

    private void foldOuts() {
        if (state.mode() == Mode.ROAD) {
            return;
        }
        for (Thing t : state.design().things()) {
            Optional<Feature.FoldOut> f = t.feature(Feature.FoldOut.class);
            if (f.isPresent() && t.mount() != Mount.SPREAD && !t.at(state.mode()).away()) {
                double[] r = OutsideStudies.footprint(Solid.of(t.size(), t.at(state.mode())), f.get());
                pen.g.setFill(tint("outside", 0.14));
                pen.dashed("outside", 1.2);
                pen.polygon(new double[][]{{x(r[0]), p.py(r[1])}, {x(r[2]), p.py(r[1])}, {x(r[2]), p.py(r[3])},
                        {x(r[0]), p.py(r[3])}}, true);
                pen.g.setLineDashes();
            }
        }
    }

    private void hatch() {
        Optional<Carcass.Hatch> hatch = base.carcass().hatch();
        if (hatch.isEmpty() || !p.sideShown() || state.mode() == Mode.NIGHT) {
            return;
        }
        ProfileStudies.swing(state.analysis().of(Layout.DISCIPLINE).body(), hatch.get()).ifPresent(s -> {
            pen.dashed("select", 1.5);
            List<double[]> open = s.at(s.open());
            pen.g.beginPath();
            pen.g.moveTo(x(open.getFirst()[0]), z(open.getFirst()[1]));
            open.forEach(q -> pen.g.lineTo(x(q[0]), z(q[1])));
            pen.g.stroke();
            pen.g.setLineDashes();
        });
    }

    private void people() {
        for (Pose pose : state.analysis().of(People.DISCIPLINE).poses().getOrDefault(state.mode(), List.of())) {
            Silhouette body = Silhouette.of(pose);
            pen.stroke("ink", 1.1);
            pen.g.setFill(tint("ink", 0.16));
            for (double[][] part : body.plan()) {
                double[][] o = new double[part.length][];
                for (int i = 0; i < o.length; i++) {
                    o[i] = new double[]{x(part[i][0]), p.py(part[i][1])};
                }
                pen.polygon(o, true);
            }
            if (p.sideShown()) {
                side(body);
            }
            pen.label(pose.name(), x(pose.x()), p.py(pose.y()), Double.POSITIVE_INFINITY, 11, false);
        }
    }

    private void side(Silhouette body) {
        pen.stroke("ink", 2.2);
        for (int k = 0; k < body.side().size(); k++) {
            double[][] line = body.side().get(k);
            pen.g.beginPath();
            pen.g.moveTo(x(line[0][0]), z(line[0][1]));
            for (double[] q : line) {
                pen.g.lineTo(x(q[0]), z(q[1]));
            }
            if (k == 0) {
                pen.g.closePath();
                pen.g.setFill(tint("inside", 0.9));
                pen.g.fill();
            }
            pen.g.stroke();
        }
    }
}
