package lectulum.sheet;

import java.util.Comparator;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import lectulum.symbols.Chassis;
import lectulum.symbols.Company;
import lectulum.symbols.Facing;
import lectulum.symbols.Symbols;

/// A small picture of a camper as it rides, to know it again by: side view over plan, nothing else.
public final class Portrait {
    private static final double EDGE = 4;
    private static final double GAP = 8;

    private final Pen pen;
    private final Design design;
    private final Base base;
    private final Body body;
    private final FormPainter forms;
    private double scale;
    private double left;
    private double ground;
    private double middle;

    private Portrait(Pen pen, Design design) {
        this.pen = pen;
        this.design = design;
        this.base = design.base();
        this.body = Body.of(base, Mode.ROAD);
        this.forms = new FormPainter(pen);
    }

    /// @param width  of the paper \[px\]
    /// @param height \[px\]
    public static void paint(Pen pen, Design design, double width, double height) {
        Portrait p = new Portrait(pen, design);
        pen.fill(0, 0, width, height, pen.ink("paper"));
        p.fit(width, height);
        p.side();
        p.plan();
    }

    private void fit(double width, double height) {
        double half = Math.max(body.halfWidth(), base.axle().track() / 2 + base.axle().tyreWidth() / 2) + 0.05;
        double high = body.heightAboveGround();
        double rear = base.tongueLength() + body.length() + 0.05;
        for (Thing t : design.things()) {
            if (t.mount() == Mount.OUTSIDE) {
                high = Math.max(high, base.floorHeight() + t.place().z() + t.size().height());
                rear = Math.max(rear, base.tongueLength() + t.place().x() + t.size().length() / 2);
            }
        }
        double length = rear + 0.1;
        scale = Math.min((width - 2 * EDGE) / length, (height - 2 * EDGE - GAP) / (high + 2 * half));
        left = (width - length * scale) / 2 + 0.1 * scale;
        double spare = Math.max(0, height - (high + 2 * half) * scale - GAP) / 2;
        ground = spare + high * scale;
        middle = ground + GAP + half * scale;
    }

    private double x(double behindBall) {
        return left + behindBall * scale;
    }

    private void side() {
        forms.paint(Chassis.of(design, body, false).seen(Facing.SIDE, 0), x(0), ground, scale, -scale,
                SystemGroup.STRUCTURE);
        pen.stroke("ink", 1.4);
        pen.polygon(shown(body.sideOutside(), true), pen.ink("edge"));
        if (body.sideInside().size() > 2) {
            pen.stroke("ink", 0.7);
            pen.polygon(shown(body.sideInside(), true), pen.ink("inside"));
        }
        things(Facing.SIDE, ground - base.floorHeight() * scale, -scale,
                Comparator.comparingDouble(t -> -t.place().y()));
        forms.paint(Chassis.wheels(base).seen(Facing.SIDE, 0), x(0), ground, scale, -scale, SystemGroup.STRUCTURE);
        pen.stroke("faint", 1);
        pen.line(x(-0.1), ground, x(base.tongueLength() + body.length() + 0.1), ground);
    }

    private void plan() {
        forms.paint(Chassis.of(design, body, false).seen(Facing.PLAN, 0), x(0), middle, scale, scale,
                SystemGroup.STRUCTURE);
        forms.paint(Chassis.wheels(base).seen(Facing.PLAN, 0), x(0), middle, scale, scale, SystemGroup.STRUCTURE);
        pen.stroke("ink", 1.4);
        pen.polygon(shown(body.planOutside(), false), pen.ink("edge"));
        pen.stroke("ink", 0.7);
        pen.polygon(shown(body.planInside(), false), pen.ink("inside"));
        things(Facing.PLAN, middle, scale,
                Comparator.comparingDouble(t -> t.place().z() + t.size().height()));
    }

    private double[][] shown(List<double[]> outline, boolean side) {
        return outline.stream()
                .map(p -> new double[]{x(base.tongueLength() + p[0]),
                        side ? ground - (base.floorHeight() + p[1]) * scale : middle + p[1] * scale})
                .toArray(double[][]::new);
    }

    private void things(Facing facing, double y0, double sy, Comparator<Thing> order) {
        boolean plan = facing == Facing.PLAN;
        double roof = body.overhead();
        Company company = Company.of(design.things(), Mode.ROAD);
        design.things().stream()
                .filter(t -> t.solid() || t.mount() == Mount.SET_IN || company.guests().contains(t.id()))
                .filter(t -> !(plan && t.place().z() >= roof)).sorted(order)
                .forEach(t -> Symbols.posed(t, Mode.ROAD, company.of(t)).ifPresent(
                        p -> forms.paint(p, facing, x(base.tongueLength()), y0, scale, sy, t.system(),
                                2 * Math.max(t.size().length(), t.size().height()) * scale)));
    }
}
