package lectulum.symbols;

import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Base;
import lectulum.figures.drawing.Paint;
import lectulum.space.Body;

/// What the trailer runs on, as it looks: frame, A-frame, coupler, jack, axles, springs, wheels, guards and lights.
///
/// Its origin is on the ground under the ball, x behind it. What the design does not say is drawn as is usual; nothing is
/// computed from it.
public final class Chassis {
    private static final double RAIL = 0.08;
    /// The A-frame runs at least this far under the body \[m\].
    private static final double LEAST_REACH = 0.25;
    private static final double RAIL_WIDE = 0.05;
    private static final double RIM = 0.62;
    private static final double HUB = 0.22;
    private static final double GUARD_GAP = 0.06;
    private static final double GUARD_THICK = 0.012;
    private static final int GUARD_PARTS = 6;
    private static final double LAMP = 0.16;

    private final Base base;
    private final double ball;
    private final double jackAt;
    private final boolean parked;
    private final double length;
    private final double halfWidth;
    private final double under;
    private final Solids solids = new Solids();

    private Chassis(Base base, double ball, double jackAt, boolean parked) {
        this.base = base;
        this.ball = ball;
        this.jackAt = jackAt;
        this.parked = parked;
        this.length = base.shell().length();
        this.halfWidth = base.shell().width() / 2;
        this.under = base.floorHeight() - base.floor();
    }

    /// That of a design.
    ///
    /// @param body   in the mode that is drawn
    /// @param parked whether the tongue jack stands on the ground
    public static Form of(Design design, Body body, boolean parked) {
        return form(design.base(), design.vehicle().ballHeight(), Assumed.value(design, Assumption.JACK_AT),
                Math.max(LEAST_REACH, body.shoulder()), parked);
    }

    /// @param ball   height of the ball \[m\]
    /// @param jackAt of the tongue jack behind the ball \[m\]
    /// @param reach  how far the A-frame runs under the body \[m\]
    /// @param parked whether the tongue jack stands on the ground
    public static Form form(Base base, double ball, double jackAt, double reach, boolean parked) {
        Chassis c = new Chassis(base, ball, jackAt, parked);
        c.frame(reach);
        c.coupler();
        c.jack();
        for (double x : axles(base)) {
            c.axle(x);
        }
        c.lights();
        return c.solids.form();
    }

    /// The wheels alone, which stand before everything else in the side view.
    public static Form wheels(Base base) {
        Chassis c = new Chassis(base, 0, 0, false);
        for (double x : axles(base)) {
            c.wheelAt(x, 1);
            c.wheelAt(x, -1);
            c.guards(x);
        }
        return c.solids.form();
    }

    /// One wheel of an axle line, −1 for the left one.
    public static Form wheel(Base base, double x, int side) {
        Chassis c = new Chassis(base, 0, 0, false);
        c.wheelAt(x, side);
        return c.solids.form();
    }

    /// The guards over all wheels.
    public static Form guards(Base base) {
        Chassis c = new Chassis(base, 0, 0, false);
        for (double x : axles(base)) {
            c.guards(x);
        }
        return c.solids.form();
    }

    /// Axle lines behind the ball \[m\].
    public static double[] axles(Base base) {
        double x = base.ballToMiddle();
        double half = base.axle().spacing() / 2;
        return base.axle().count() > 1 ? new double[]{x - half, x + half} : new double[]{x};
    }

    private double rail() {
        double between = base.axle().track() / 2 - base.axle().tyreWidth() / 2 - 0.10;
        return Math.max(0.1, Math.min(halfWidth - 0.05, between));
    }

    private void frame(double reach) {
        double front = base.tongueLength();
        double top = under;
        double y = rail();
        double begin = front + Math.max(0.02, reach - 0.2);
        for (int side = -1; side <= 1; side += 2) {
            solids.tube(Paint.STEEL, 0.035, 0.20, side * 0.03, ball, front + reach, side * (y - RAIL_WIDE / 2),
                    top - RAIL / 2);
        }
        solids.pair(Paint.STEEL, begin, front + length, y - RAIL_WIDE, y, top - RAIL, top);
        for (double x : new double[]{begin, base.ballToMiddle(), front + length - 0.07}) {
            solids.box(Paint.STEEL, x, x + RAIL_WIDE, -y + RAIL_WIDE, y - RAIL_WIDE, top - RAIL, top - 0.01);
        }
    }

    private void coupler() {
        solids.blob(Paint.DARK, new double[]{0, 0, ball, 0.042}, new double[]{0.14, 0, ball + 0.01, 0.045},
                new double[]{0.24, 0, ball, 0.035});
        solids.blob(Paint.STEEL, new double[]{0, 0, ball, 0.025});
        solids.tube(Paint.DARK, 0.012, 0.10, 0, ball + 0.06, 0.20, 0, ball + 0.09);
    }

    private void jack() {
        double foot = parked ? 0 : 0.26;
        solids.post(Paint.STEEL, jackAt, 0, foot + 0.02, Math.max(foot + 0.1, ball + 0.05), 0.022);
        solids.post(Paint.DARK, jackAt, 0, foot, foot + 0.02, 0.07);
        solids.post(Paint.STEEL, jackAt, 0, ball - 0.08, ball + 0.33, 0.03);
        solids.tube(Paint.DARK, 0.01, jackAt, 0, ball + 0.35, jackAt + 0.14, 0, ball + 0.35);
    }

    private void axle(double x) {
        double z = base.axle().wheelDiameter() / 2;
        double half = base.axle().track() / 2;
        double y = rail() - RAIL_WIDE / 2;
        solids.tube(Paint.DARK, 0.03, x, -half, z, x, half, z);
        for (int side = -1; side <= 1; side += 2) {
            if (base.carcass().gear().springs().isPresent()) {
                double reach = 0.42 * base.carcass().gear().springs().get().leaf();
                double eye = under - RAIL - 0.02;
                double low = Math.min(eye - 0.02, z + 0.05);
                solids.tube(Paint.DARK, 0.012, x - reach, side * y, eye, x, side * y, low)
                        .tube(Paint.DARK, 0.012, x, side * y, low, x + reach, side * y, eye)
                        .tube(Paint.DARK, 0.016, x - reach / 2, side * y, (eye + low) / 2, x + reach / 2, side * y,
                                (eye + low) / 2 - 0.01);
            } else {
                solids.tube(Paint.DARK, 0.03, x - 0.16, side * (y + 0.05), under - RAIL / 2, x, side * (y + 0.05), z);
            }
        }
    }

    private void wheelAt(double x, int side) {
        double r = base.axle().wheelDiameter() / 2;
        double w = base.axle().tyreWidth() / 2;
        double y = side * base.axle().track() / 2;
        double out = y + side * (w + 0.004);
        double cap = out + side * 0.004;
        solids.wheel(Paint.RUBBER, x, r, r, y - w, y + w)
                .wheel(Paint.STEEL, x, r, RIM * r, Math.min(y + side * w, out), Math.max(y + side * w, out))
                .wheel(Paint.DARK, x, r, HUB * r, Math.min(out, cap), Math.max(out, cap));
        for (int k = 0; k < 5; k++) {
            double a = 2 * Math.PI * k / 5 + Math.PI / 2;
            double bolt = 0.36 * r;
            solids.wheel(Paint.DARK, x + bolt * Math.cos(a), r + bolt * Math.sin(a), 0.035 * r, Math.min(out, cap),
                    Math.max(out, cap));
        }
    }

    /// Over wheels that stand beside the body, or that the design gives guards.
    private void guards(double x) {
        double w = base.axle().tyreWidth() / 2;
        double half = base.axle().track() / 2;
        boolean beside = half + w > halfWidth + 0.03;
        OptionalDouble inside = base.carcass().gear().guard().map(g -> OptionalDouble.of(g.inside()))
                .orElse(OptionalDouble.empty());
        if (!beside && inside.isEmpty() || base.arches().present() && !beside) {
            return;
        }
        double z = base.axle().wheelDiameter() / 2;
        double r = z + GUARD_GAP;
        double y1 = Math.max(half - w - 0.02, beside ? halfWidth : 0);
        double y2 = half + w + 0.02;
        for (int k = 0; k < GUARD_PARTS; k++) {
            double a = Math.PI * (0.10 + 0.80 * k / GUARD_PARTS);
            double b = Math.PI * (0.10 + 0.80 * (k + 1) / GUARD_PARTS);
            double out = r + GUARD_THICK;
            double[] part = {x + r * Math.cos(a), z + r * Math.sin(a), x + out * Math.cos(a), z + out * Math.sin(a),
                    x + out * Math.cos(b), z + out * Math.sin(b), x + r * Math.cos(b), z + r * Math.sin(b)};
            solids.side(Paint.STEEL, -y2, -y1, part).side(Paint.STEEL, y1, y2, part);
        }
    }

    private void lights() {
        double rear = base.tongueLength() + length;
        double z = under - 0.02;
        double y = Math.max(0.2, halfWidth - 0.06);
        solids.pair(Paint.DARK, rear - 0.03, rear + 0.005, y - LAMP, y, z - 0.09, z)
                .pair(Paint.RED, rear, rear + 0.02, y - LAMP + 0.01, y - 0.06, z - 0.08, z - 0.01)
                .pair(Paint.LAMP, rear, rear + 0.02, y - 0.05, y - 0.01, z - 0.08, z - 0.01)
                .box(Paint.WHITE, rear + 0.002, rear + 0.008, -0.13, 0.13, z - 0.11, z - 0.01);
    }
}
