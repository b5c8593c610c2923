package lectulum.stage.trip;

import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface;
import lectulum.layout.Layout;
import lectulum.sheet.Folk;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetPainter;
import lectulum.space.Body;
import lectulum.trip.Rehearsal;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.weather.MeanDay;
import lectulum.workbench.State;

/// One hour of a trip over the sheet: how full tanks, cans and the battery are, who is where, and the sun.
final class HourLayer {
    private static final double SUN = 11;
    /// Over the roof, and how much more when it stands overhead \[px\].
    private static final double OVER = 14;
    private static final double CLIMB = 34;
    private static final int DAY = 24;
    private static final double SIZE = 11;

    private final Pen pen;
    private final Projection p;
    private final State state;
    private final Rehearsal rehearsal;
    private final int hour;
    private final Rehearsal.Hour then;

    HourLayer(Pen pen, Projection p, State state, Rehearsal rehearsal, int hour) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.rehearsal = rehearsal;
        this.hour = hour;
        this.then = rehearsal.hours().get(hour);
    }

    void paint() {
        if (rehearsal.mode(hour) != Mode.ROAD) {
            Folk.paint(pen, p, state);
        }
        rehearsal.filled(state.design(), hour).stream().filter(x -> !x.thing().at(state.mode()).away())
                .forEach(this::level);
        sun();
    }

    private Ink ink(Thing t) {
        return t.tank().map(k -> switch (k.use()) {
            case FRESH -> pen.ink("select");
            case GREY, BLACK -> pen.ink("faint");
            case GAS, PETROL, DIESEL -> pen.ink("warn");
        }).orElseGet(() -> pen.ink("good"));
    }

    /// Filled from below in the side view, outlined in the plan.
    private void level(Rehearsal.Filled level) {
        Thing t = level.thing();
        Ink ink = ink(t);
        double[][] plan = SheetPainter.outline(p, state, t, true);
        pen.stroke(ink, 1.6);
        pen.outline(plan, false);
        double[][] side = SheetPainter.outline(p, state, t, false);
        double left = Pen.min(side, 0);
        double width = Pen.max(side, 0) - left;
        double top = Pen.min(side, 1);
        double high = Pen.max(side, 1) - top;
        pen.fill(left, top, width, high, pen.ink("paper").faded(0.8));
        pen.fill(left, top + high * (1 - level.part()), width, high * level.part(), ink.faded(0.55));
        pen.frame(left, top, width, high);
        pen.point(Units.text(level.in().value(), level.in().quantity(), state.style()), left + width / 2,
                top + high / 2, 4, SIZE, Labels.Rank.FIGURE);
    }

    /// From the left in the morning to the right in the evening, as high as it stands.
    private void sun() {
        double high = MeanDay.sun(state.design().brief().latitude(), state.design().brief().month(), hour % DAY);
        if (high <= 0) {
            return;
        }
        Base base = state.design().base();
        double left = p.sx(-0.4);
        double right = p.sx(base.tongueLength() + Body.of(base).length());
        double x = left + (right - left) * (hour % DAY + 0.5) / DAY;
        double y = p
                .sz(base.floorHeight() + state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()).overhead())
                - OVER - CLIMB * Math.sin(high);
        Ink ink = pen.ink("warn");
        pen.disc(x, y, SUN * 0.6, ink);
        pen.stroke(ink, 1.5);
        for (int i = 0; i < 8; i++) {
            double a = i * Math.PI / 4;
            pen.line(x + SUN * 0.8 * Math.cos(a), y + SUN * 0.8 * Math.sin(a), x + SUN * 1.25 * Math.cos(a),
                    y + SUN * 1.25 * Math.sin(a));
        }
        if (then.sun() > 0) {
            pen.text(Units.text(then.sun(), Quantity.POWER, state.style()), x + SUN * 1.6, y + 4, Surface.Anchor.START,
                    SIZE, "ink");
        }
    }
}
