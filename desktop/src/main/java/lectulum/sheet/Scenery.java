package lectulum.sheet;

import java.util.List;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.space.Body;
import lectulum.symbols.Chassis;
import lectulum.symbols.Facing;
import lectulum.symbols.Form;
import lectulum.symbols.TowVehicle;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

/// What stands around the things: grid, ruler, ground, body, running gear, tongue, and the tow vehicle.
final class Scenery {
    static final double RULER = 26;

    private final Pen pen;
    private final Projection p;
    private final Design design;
    private final Mode mode;
    private final Body body;
    private final UnitSystem units;
    private final FormPainter forms;

    Scenery(Pen pen, Projection p, Design design, Mode mode, Body body, UnitSystem units) {
        this.pen = pen;
        this.p = p;
        this.design = design;
        this.mode = mode;
        this.body = body;
        this.units = units;
        this.forms = new FormPainter(pen);
    }

    void paint(double width, double height) {
        pen.fill(0, 0, width, height, pen.ink("paper"));
        grid(width, height);
        Form vehicle = TowVehicle.of(design);
        Form chassis = Chassis.of(design, body, mode != Mode.ROAD);
        Form wheels = Chassis.wheels(design.base());
        if (p.sideShown()) {
            side(vehicle);
            ground(width);
            side(chassis);
            bodySide();
        }
        plan(vehicle);
        plan(chassis);
        plan(wheels);
        bodyPlan();
        ruler(width);
    }

    private void side(Form form) {
        forms.paint(form.seen(Facing.SIDE, 0), p.sx(0), p.sz(0), p.scale(), -p.scale(), SystemGroup.STRUCTURE);
    }

    private void plan(Form form) {
        forms.paint(form.seen(Facing.PLAN, 0), p.sx(0), p.py(0), p.scale(), p.scale(), SystemGroup.STRUCTURE);
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
        pen.fill(0, 0, width, RULER, pen.ink("paper").faded(0.9));
        pen.reserve(0, 0, width, RULER);
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
            pen.text(text, p.sx(x) + 4, 9, Anchor.START, 11, "faint");
        }
    }

    private void ground(double width) {
        pen.stroke("ink", 1.5);
        pen.line(0, p.sz(0), width, p.sz(0));
    }

    /// Drawn after the things, so that the wheels stay in front.
    void wheelsSide() {
        side(Chassis.wheels(design.base()));
    }

    private void bodyPlan() {
        double t = design.base().tongueLength();
        pen.stroke("ink", 2);
        pen.polygon(plan(body.planOutside(), t), wall());
        pen.stroke("ink", 0.8);
        pen.polygon(plan(body.planInside(), t), pen.ink("inside"));
        measured(t);
        var arches = design.base().arches();
        if (arches.present()) {
            double y = body.halfWidth() - design.base().wall() - arches.width();
            double x = p.sx(design.base().ballToMiddle() - arches.length() / 2);
            double h = arches.width() * p.scale();
            for (double top : new double[]{p.py(y), p.py(-y) - h}) {
                pen.polygon(Pen.box(x, top, arches.length() * p.scale(), h), pen.ink("grid"));
            }
        }
    }

    private Ink wall() {
        return pen.ink("edge");
    }

    /// Where the walls were found to stand, at the floor and at the roof.
    private void measured(double tongue) {
        body.shape().box().ifPresent(box -> {
            for (double height : new double[]{0, box.height()}) {
                pen.stroke("accent", height == 0 ? 1.2 : 0.7);
                pen.path(box.section(height).stream()
                        .map(q -> new double[]{p.sx(tongue + body.shape().front() + q[0]),
                                p.py(q[1] - body.shape().middle())})
                        .toList(), true);
            }
        });
    }

    private double[][] plan(List<double[]> outline, double tongue) {
        return outline.stream().map(q -> new double[]{p.sx(tongue + q[0]), p.py(q[1])}).toArray(double[][]::new);
    }

    private void bodySide() {
        pen.stroke("ink", 2);
        pen.polygon(side(body.sideOutside()), wall());
        List<double[]> clear = body.sideInside();
        if (clear.size() > 2) {
            pen.stroke("ink", 0.8);
            pen.polygon(side(clear), pen.ink("inside"));
        }
    }

    private double[][] side(List<double[]> outline) {
        Base base = design.base();
        return outline.stream()
                .map(q -> new double[]{p.sx(base.tongueLength() + q[0]), p.sz(base.floorHeight() + q[1])})
                .toArray(double[][]::new);
    }
}
