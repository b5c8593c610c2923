package lectulum.stage.power;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.Edit;
import lectulum.design.thing.Thing;
import lectulum.design.wiring.Raceway;
import lectulum.design.wiring.Spot;
import lectulum.design.wiring.Wiring;
import lectulum.figures.drawing.Labels;
import lectulum.power.wiring.Run;
import lectulum.power.wiring.Wired;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetHandle;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;

/// Raceways and wires over the sheet: each device in the colour of the volts that are left before it stops.
final class WiringLayer {
    private static final double SAME = 0.002;
    private static final double LITTLE = 0.5;
    private static final double GRIP = 3.5;

    private final Pen pen;
    private final Projection p;
    private final State state;
    private final double tongue;
    private final double floor;

    WiringLayer(Pen pen, Projection p, State state) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.tongue = state.design().base().tongueLength();
        this.floor = state.design().base().floorHeight();
    }

    /// Ends of raceways, which are dragged; those that stand together move together.
    static List<SheetHandle> handles(State s) {
        List<SheetHandle> all = new ArrayList<>();
        List<Spot> seen = new ArrayList<>();
        for (Raceway r : s.design().wiring().raceways()) {
            for (Spot at : List.of(r.from(), r.to())) {
                if (seen.stream().noneMatch(o -> o.to(at) < SAME)) {
                    seen.add(at);
                    all.add(new SheetHandle(r.name(), at, to -> new Edit("Move " + r.name(),
                            d -> d.with(moved(d.wiring(), at, to)))));
                }
            }
        }
        return all;
    }

    private static Wiring moved(Wiring w, Spot at, Spot to) {
        return w.withRaceways(w.raceways().stream().map(r -> r.between(r.from().to(at) < SAME ? to : r.from(),
                r.to().to(at) < SAME ? to : r.to())).toList());
    }

    void paint() {
        Wired wired = state.analysis().of(Wired.DISCIPLINE);
        wired.harness().runs().forEach(r -> run(wired, r));
        state.design().wiring().raceways().forEach(this::raceway);
        wired.volts().worst().keySet().stream().sorted().flatMap(id -> state.design().thing(id).stream())
                .forEach(t -> device(wired, t));
    }

    private void run(Wired wired, Run r) {
        boolean thick = r.kind() != Run.Kind.CIRCUIT;
        String token = thick ? "ink" : token(worst(wired, r));
        for (Run.Leg leg : r.legs()) {
            if (leg.routed()) {
                pen.stroke(pen.ink(token).faded(0.75), thick ? 2.2 : 1.4);
            } else {
                pen.dashed(token, 1.2);
            }
            for (int i = 1; i < leg.points().size(); i++) {
                Spot a = leg.points().get(i - 1);
                Spot b = leg.points().get(i);
                pen.path(new double[][]{{px(a), py(a)}, {px(b), py(a)}, {px(b), py(b)}}, false);
                if (p.sideShown()) {
                    pen.path(new double[][]{{px(a), pz(a)}, {px(a), pz(b)}, {px(b), pz(b)}}, false);
                }
            }
        }
    }

    private OptionalDouble worst(Wired wired, Run r) {
        return r.things().stream().map(t -> wired.margin(state.design(), t)).filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble).min();
    }

    /// Enough volts, few, or too few.
    private static String token(OptionalDouble margin) {
        return margin.isEmpty()
                ? "faint"
                : margin.getAsDouble() < 0 ? "accent" : margin.getAsDouble() < LITTLE ? "warn" : "good";
    }

    private double px(Spot s) {
        return p.sx(tongue + s.x());
    }

    private double py(Spot s) {
        return p.py(s.y());
    }

    private double pz(Spot s) {
        return p.sz(floor + s.z());
    }

    private void raceway(Raceway r) {
        pen.stroke(pen.ink("select").faded(0.35), 5);
        pen.line(px(r.from()), py(r.from()), px(r.to()), py(r.to()));
        if (p.sideShown()) {
            pen.line(px(r.from()), pz(r.from()), px(r.to()), pz(r.to()));
        }
        for (Spot s : List.of(r.from(), r.to())) {
            pen.disc(px(s), py(s), GRIP, pen.ink("select"));
            if (p.sideShown()) {
                pen.disc(px(s), pz(s), GRIP, pen.ink("select"));
            }
        }
        pen.along(r.name(), new double[]{px(r.from()), py(r.from())}, new double[]{px(r.to()), py(r.to())}, 10,
                Labels.Rank.MINOR);
    }

    private void device(Wired wired, Thing t) {
        Spot s = new Spot(t.place().x(), t.place().y(), t.place().z());
        String token = token(wired.margin(state.design(), t.id()));
        pen.disc(px(s), py(s), 5, pen.ink(token));
        String volts = wired.volts().at(t.id())
                .map(v -> Units.text(v.volts(), Quantity.VOLTAGE, state.style())).orElse("");
        pen.point(volts, px(s), py(s), 6, 10, Labels.Rank.NAME);
    }
}
