package lectulum.sheet;

import java.util.List;
import javafx.scene.text.TextAlignment;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.space.Body;
import lectulum.theme.Theme;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

/// What stands around the things: grid, ruler, ground, body, running gear, tongue, and the rear of the tow vehicle.
final class Scenery {
    private static final double VEHICLE_HALF_WIDTH = 0.88;
    private static final double VEHICLE_REAR = -0.17;
    private static final double VEHICLE_FRONT = -0.85;

    private final Pen pen;
    private final Projection p;
    private final Design design;
    private final Body body;
    private final UnitSystem units;

    Scenery(Pen pen, Projection p, Design design, Body body, UnitSystem units) {
        this.pen = pen;
        this.p = p;
        this.design = design;
        this.body = body;
        this.units = units;
    }

    void paint(double width, double height) {
        pen.g.setFill(pen.theme.colour("paper"));
        pen.g.fillRect(0, 0, width, height);
        grid(width, height);
        if (p.sideShown()) {
            ground(width);
            vehicleSide();
            gearSide();
            bodySide();
        }
        vehiclePlan();
        gearPlan();
        bodyPlan();
        ruler(width);
    }

    private double gridStep() {
        return units == UnitSystem.US ? Units.FOOT / 2 : 0.25;
    }

    private void grid(double width, double height) {
        pen.stroke("grid", 1);
        double step = gridStep();
        while (step * p.scale() < 9) {
            step *= 2;
        }
        for (double x = Math.ceil(p.x(0) / step) * step; p.sx(x) < width; x += step) {
            double px = Math.rint(p.sx(x)) + 0.5;
            pen.line(px, 0, px, height);
        }
        for (double y = Math.ceil(p.y(0) / step) * step; p.py(y) < height; y += step) {
            double py = Math.rint(p.py(y)) + 0.5;
            pen.line(0, py, width, py);
        }
    }

    private void ruler(double width) {
        boolean us = units == UnitSystem.US;
        double unit = us ? Units.FOOT : 1;
        double minor = us ? unit / 2 : unit / 10;
        while (minor * p.scale() < 5) {
            minor *= us ? 2 : 5;
        }
        double label = unit;
        while (label * p.scale() < 44) {
            label *= 2;
        }
        pen.g.setFill(pen.theme.colour("paper").deriveColor(0, 1, 1, 0.9));
        pen.g.fillRect(0, 0, width, 26);
        pen.stroke("faint", 1);
        double base = 22.5;
        double end = p.sx(design.base().tongueLength() + body.length() + 0.3);
        pen.line(p.sx(0), base, end, base);
        for (double x = 0; p.sx(x) <= end; x += minor) {
            double px = Math.rint(p.sx(x)) + 0.5;
            boolean whole = Math.abs(x / unit - Math.rint(x / unit)) < 1e-6;
            pen.line(px, base - (whole ? 7 : 3), px, base);
        }
        for (double x = 0; p.sx(x) <= end; x += label) {
            String text = Math.round(x / unit) + (us ? " ft" : " m");
            pen.text(text, p.sx(x) + 4, 9, TextAlignment.LEFT, Theme.font(11), pen.theme.colour("faint"));
        }
    }

    private void ground(double width) {
        pen.stroke("ink", 1.5);
        pen.line(0, p.sz(0), width, p.sz(0));
    }

    private void vehicleSide() {
        double h = design.vehicle().ballHeight();
        double f = VEHICLE_FRONT - 5;
        double r = VEHICLE_REAR;
        double[][] outline = {{p.sx(f), p.sz(1.48)}, {p.sx(r - 0.42), p.sz(1.48)}, {p.sx(r - 0.12), p.sz(1.02)},
                {p.sx(r), p.sz(0.92)}, {p.sx(r + 0.02), p.sz(0.36)}, {p.sx(r - 0.16), p.sz(0.30)},
                {p.sx(f), p.sz(0.30)}};
        pen.g.setFill(pen.theme.colour("vehicle"));
        pen.stroke("faint", 1);
        pen.polygon(outline, true);
        pen.stroke("faint", 4);
        pen.line(p.sx(r - 0.1), p.sz(h - 0.05), p.sx(0), p.sz(h - 0.05));
    }

    private void vehiclePlan() {
        pen.g.setFill(pen.theme.colour("vehicle"));
        pen.stroke("faint", 1);
        double left = p.sx(VEHICLE_FRONT - 5);
        double w = p.sx(VEHICLE_REAR) - left;
        double top = p.py(-VEHICLE_HALF_WIDTH);
        double h = 2 * VEHICLE_HALF_WIDTH * p.scale();
        pen.g.fillRoundRect(left, top, w, h, 0.24 * p.scale(), 0.24 * p.scale());
        pen.g.strokeRoundRect(left, top, w, h, 0.24 * p.scale(), 0.24 * p.scale());
        pen.stroke("faint", 4);
        pen.line(p.sx(VEHICLE_REAR), p.py(0), p.sx(0), p.py(0));
    }

    private void gearPlan() {
        Base base = design.base();
        Axle axle = base.axle();
        double front = base.tongueLength();
        double reach = front + Math.max(0.25, body.shoulder());
        pen.stroke("ink", 2.2);
        double spread = Math.min(body.halfWidth() * 0.8, 0.62);
        pen.line(p.sx(0), p.py(0), p.sx(reach), p.py(-spread));
        pen.line(p.sx(0), p.py(0), p.sx(reach), p.py(spread));
        ball(p.sx(0), p.py(0));
        pen.stroke("ink", 1);
        for (double x : axleLines(base)) {
            pen.line(p.sx(x), p.py(-axle.track() / 2), p.sx(x), p.py(axle.track() / 2));
            pen.g.setFill(pen.theme.colour("faint"));
            for (int side = -1; side <= 1; side += 2) {
                double w = axle.wheelDiameter() * p.scale();
                double h = axle.tyreWidth() * p.scale();
                double top = p.py(side * axle.track() / 2) - h / 2;
                pen.g.fillRoundRect(p.sx(x) - w / 2, top, w, h, 6, 6);
                pen.g.strokeRoundRect(p.sx(x) - w / 2, top, w, h, 6, 6);
            }
        }
    }

    static double[] axleLines(Base base) {
        double x = base.ballToMiddle();
        double half = base.axle().spacing() / 2;
        return base.axle().count() > 1 ? new double[]{x - half, x + half} : new double[]{x};
    }

    private void gearSide() {
        Base base = design.base();
        double under = base.floorHeight() - base.floor();
        double ball = design.vehicle().ballHeight();
        pen.stroke("ink", 3);
        pen.line(p.sx(0), p.sz(ball), p.sx(base.tongueLength() * 0.55), p.sz(under - 0.05));
        pen.line(p.sx(base.tongueLength() * 0.55), p.sz(under - 0.05), p.sx(base.tongueLength() + body.length()),
                p.sz(under - 0.05));
        ball(p.sx(0), p.sz(ball));
    }

    private void ball(double x, double y) {
        pen.g.setFill(pen.theme.colour("ink"));
        double r = Math.max(4, 0.035 * p.scale());
        pen.g.fillOval(x - r, y - r, 2 * r, 2 * r);
    }

    /// Drawn after the things, so that the wheels stay in front.
    void wheelsSide() {
        Base base = design.base();
        double r = base.axle().wheelDiameter() / 2 * p.scale();
        for (double x : axleLines(base)) {
            double cx = p.sx(x);
            double cy = p.sz(base.axle().wheelDiameter() / 2);
            pen.g.setFill(pen.theme.colour("inside").deriveColor(0, 1, 1, 0.85));
            pen.g.fillOval(cx - r, cy - r, 2 * r, 2 * r);
            pen.stroke("ink", 2.5);
            pen.g.strokeOval(cx - r, cy - r, 2 * r, 2 * r);
            pen.g.setFill(pen.theme.colour("ink"));
            pen.g.fillOval(cx - r * 0.26, cy - r * 0.26, r * 0.52, r * 0.52);
        }
    }

    private void bodyPlan() {
        double t = design.base().tongueLength();
        pen.g.setFill(pen.theme.colour("edge"));
        pen.stroke("ink", 2);
        pen.polygon(plan(body.planOutside(), t), true);
        pen.g.setFill(pen.theme.colour("inside"));
        pen.stroke("ink", 0.8);
        pen.polygon(plan(body.planInside(), t), true);
        measured(t);
        var arches = design.base().arches();
        if (arches.present()) {
            pen.g.setFill(pen.theme.colour("grid"));
            double y = body.halfWidth() - design.base().wall() - arches.width();
            double x = p.sx(design.base().ballToMiddle() - arches.length() / 2);
            double h = arches.width() * p.scale();
            for (double top : new double[]{p.py(y), p.py(-y) - h}) {
                pen.g.fillRect(x, top, arches.length() * p.scale(), h);
                pen.g.strokeRect(x, top, arches.length() * p.scale(), h);
            }
        }
    }

    /// Where the walls were found to stand, at the floor and at the roof.
    private void measured(double tongue) {
        body.shape().box().ifPresent(box -> {
            for (double height : new double[]{0, box.height()}) {
                double[][] corners = box.section(height).stream()
                        .map(q -> new double[]{p.sx(tongue + body.shape().front() + q[0]),
                                p.py(q[1] - body.shape().middle())})
                        .toArray(double[][]::new);
                pen.stroke("accent", height == 0 ? 1.2 : 0.7);
                pen.g.strokePolygon(axis(corners, 0), axis(corners, 1), corners.length);
            }
        });
    }

    private static double[] axis(double[][] points, int axis) {
        return java.util.Arrays.stream(points).mapToDouble(q -> q[axis]).toArray();
    }

    private double[][] plan(List<double[]> outline, double tongue) {
        return outline.stream().map(q -> new double[]{p.sx(tongue + q[0]), p.py(q[1])}).toArray(double[][]::new);
    }

    private void bodySide() {
        Base base = design.base();
        double t = base.tongueLength();
        pen.g.setFill(pen.theme.colour("edge"));
        pen.stroke("ink", 2);
        pen.polygon(side(body.roofOutside().xs(), body.roofOutside().zs(), t, -base.floor()), true);
        if (body.open()) {
            return;
        }
        pen.g.setFill(pen.theme.colour("inside"));
        pen.stroke("ink", 0.8);
        double front = body.insideFront();
        double rear = body.insideRear();
        int n = 60;
        double[] xs = new double[n + 1];
        double[] zs = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            xs[i] = front + (rear - front) * i / n;
            zs[i] = Math.max(0, body.roofInside().at(xs[i]));
        }
        pen.polygon(side(xs, zs, t, 0), true);
    }

    private double[][] side(double[] xs, double[] zs, double tongue, double bottom) {
        double floor = design.base().floorHeight();
        double[][] outline = new double[xs.length + 2][];
        for (int i = 0; i < xs.length; i++) {
            outline[i] = new double[]{p.sx(tongue + xs[i]), p.sz(floor + zs[i])};
        }
        outline[xs.length] = new double[]{p.sx(tongue + xs[xs.length - 1]), p.sz(floor + bottom)};
        outline[xs.length + 1] = new double[]{p.sx(tongue + xs[0]), p.sz(floor + bottom)};
        return outline;
    }
}
