package lectulum.stage.layout;

import java.util.List;
import java.util.Optional;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Ink;
import lectulum.layout.Layout;
import lectulum.layout.doors.Doors;
import lectulum.layout.doors.Motion;
import lectulum.layout.outside.OutsideStudies;
import lectulum.sheet.Folk;
import lectulum.sheet.FormPainter;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.space.Solid;
import lectulum.symbols.Facing;
import lectulum.symbols.Form;
import lectulum.symbols.Unfolded;
import lectulum.workbench.State;

/// What Layout draws over the things: people where they lie, sit and stand, what doors and drawers sweep, what folds out
/// in camp, and the open hatch.
final class LayoutLayer {
    /// How solid a tent is drawn.
    private static final double TENT = 0.55;

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
        pen.surface().within(-1e4, 26, 3e4, planEnd() - 26);
        foldOuts();
        sweeps();
        pen.surface().whole();
        if (state.mode() != Mode.ROAD) {
            hatch();
            if (p.sideShown()) {
                tents();
            }
        }
        Folk.paint(pen, p, state);
    }

    /// What reaches out of the plan ends where the side view begins.
    private double planEnd() {
        if (!p.sideShown()) {
            return 1e4;
        }
        double high = state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()).roofOutside().highest();
        for (Thing t : state.design().things()) {
            if (t.mount() == Mount.OUTSIDE) {
                high = Math.max(high, t.at(state.mode()).z() + t.sizeIn(state.mode()).height());
            }
            high = Math.max(high, Unfolded.of(t, state.mode(), base.floorHeight()).map(Form::top).orElse(high));
        }
        return z(high) - 6;
    }

    private double x(double local) {
        return p.sx(base.tongueLength() + local);
    }

    private double z(double local) {
        return p.sz(base.floorHeight() + local);
    }

    private Ink tint(String token, double strength) {
        return pen.ink(token).faded(strength);
    }

    /// On the road only what people go through: it is opened at every stop.
    private void sweeps() {
        for (Motion m : state.analysis().of(Doors.DISCIPLINE).motions().getOrDefault(state.mode(), List.of())) {
            if (state.mode() == Mode.ROAD && !m.exit()) {
                continue;
            }
            double[][] o = new double[m.sweep().length][];
            for (int i = 0; i < o.length; i++) {
                o[i] = new double[]{x(m.sweep()[i][0]), p.py(m.sweep()[i][1])};
            }
            String token = m.blocked() ? "accent" : "select";
            pen.dashed(token, 1);
            pen.polygon(o, tint(token, state.mode() == Mode.ROAD ? 0.05 : 0.10));
        }
    }

    /// In plan only what they cover, since what is below must be seen.
    private void foldOuts() {
        for (Thing t : state.design().things()) {
            Unfolded.of(t, state.mode(), base.floorHeight()).ifPresent(form -> {
                FormPainter forms = new FormPainter(pen);
                double[] r = OutsideStudies.footprint(Solid.of(t.size(), t.at(state.mode())),
                        t.feature(Feature.FoldOut.class).orElseThrow());
                pen.dashed("outside", 1.2);
                pen.polygon(new double[][]{{x(r[0]), p.py(r[1])}, {x(r[2]), p.py(r[1])}, {x(r[2]), p.py(r[3])},
                        {x(r[0]), p.py(r[3])}}, tint("outside", 0.14));
                forms.outline(form.seen(Facing.PLAN, 0), x(0), p.py(0), p.scale(), p.scale(), t.system());
            });
        }
    }

    private void tents() {
        FormPainter forms = new FormPainter(pen, TENT);
        for (Thing t : state.design().things()) {
            Unfolded.of(t, state.mode(), base.floorHeight())
                    .ifPresent(form -> forms.paint(form.seen(Facing.SIDE, 0), x(0), z(0), p.scale(), -p.scale(),
                            t.system()));
        }
    }

    private void hatch() {
        Optional<Carcass.Hatch> hatch = base.carcass().hatch();
        if (hatch.isEmpty() || !p.sideShown() || state.mode() == Mode.NIGHT) {
            return;
        }
        ProfileStudies.swing(state.analysis().of(Layout.DISCIPLINE).body(), hatch.get()).ifPresent(s -> {
            pen.dashed("select", 1.5);
            pen.path(s.at(s.open()).stream().map(q -> new double[]{x(q[0]), z(q[1])}).toList(), false);
        });
    }
}
