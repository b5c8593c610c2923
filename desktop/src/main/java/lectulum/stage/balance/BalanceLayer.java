package lectulum.stage.balance;

import java.util.List;
import java.util.Map;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.balance.MassColumns;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.Figure;
import lectulum.figures.Interval;
import lectulum.figures.Verdict;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.layout.Layout;
import lectulum.sheet.Hatches;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;

/// The camper as a loaded beam: masses along it stacked by system, the reactions at ball and axle, the centre of
/// gravity with its doubt, and the stations that leave the tongue alone.
final class BalanceLayer {
    private static final double COLUMN = 0.2;
    /// Length of the drawn band \[px\].
    private static final double BAND = 120;
    /// Stem of the arrow of the most loaded axle \[px\].
    private static final double WIDEST = 24;
    /// Between ball and axle there is room for the words of the tongue from here on \[px\].
    private static final double ROOM = 200;

    private final Pen pen;
    private final Projection p;
    private final State state;
    private final Hatches hatches;

    BalanceLayer(Pen pen, Projection p, State state, Hatches hatches) {
        this.pen = pen;
        this.p = p;
        this.state = state;
        this.hatches = hatches;
    }

    void paint() {
        state.analysis().of(Balance.DISCIPLINE).state(state.chosenCase().id()).ifPresent(loaded -> {
            columns(loaded);
            centre(loaded);
            reactions(loaded);
            neutral(loaded);
            axlePlaces();
        });
    }

    private void columns(LoadedState loaded) {
        var columns = MassColumns.of(state.design(), loaded, COLUMN);
        double floor = state.design().base().floorHeight();
        double top = p.sz(floor + state.analysis().of(Layout.DISCIPLINE).body().roofInside().highest()) + 16;
        double room = Math.max(20, p.sz(floor) - top - 70);
        double perKg = room / Math.max(1, columns.largest());
        String caption = "mass along the camper, by system: "
                + Units.text(columns.largest(), Quantity.MASS, state.style())
                + " in the tallest column";
        pen.must(caption, p.sx(state.design().base().tongueLength()) + pen.width(caption, 11) / 2, top - 27, 11,
                Labels.Rank.FIGURE);
        columns.bySystem().forEach((index, masses) -> {
            double y = top;
            double x = p.sx(index * COLUMN) + 2;
            double w = COLUMN * p.scale() - 4;
            for (Map.Entry<SystemGroup, Double> part : masses.entrySet()) {
                double h = part.getValue() * perKg;
                double[][] block = {{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}};
                pen.fill(block, pen.theme().ink(part.getKey()).faded(0.30));
                pen.hatch(block, hatches.of(part.getKey()));
                pen.stroke(pen.theme().ink(part.getKey()), 1);
                pen.outline(block, false);
                y += h;
            }
        });
    }

    private void centre(LoadedState loaded) {
        if (loaded.mass() <= 0) {
            return;
        }
        mark(p.sx(loaded.roll().x()), p.py(loaded.roll().y()));
        double x = p.sx(loaded.roll().x());
        double z = p.sz(loaded.roll().z());
        double doubt = p.scale()
                * state.balance("centre").flatMap(Figure::interval).map(Interval::halfWidth).orElse(0.0);
        pen.dashed("accent", 1.2);
        pen.ring(x, z, Math.max(12, doubt), 12);
        mark(x, z);
    }

    private void mark(double x, double y) {
        double r = 7;
        pen.disc(x, y, r, pen.ink("inside"));
        pen.fill(quarter(x, y, r, 0), pen.ink("ink"));
        pen.fill(quarter(x, y, r, Math.PI), pen.ink("ink"));
        pen.stroke("ink", 1.5);
        pen.ring(x, y, r, r);
        pen.keep(x - r, y - r, 2 * r, 2 * r);
    }

    private static double[][] quarter(double x, double y, double r, double from) {
        double[][] points = new double[10][];
        points[0] = new double[]{x, y};
        for (int i = 1; i < points.length; i++) {
            double a = from + (i - 1) * Math.PI / 2 / (points.length - 2);
            points[i] = new double[]{x + r * Math.cos(a), y - r * Math.sin(a)};
        }
        return points;
    }

    /// The stems of the arrows are to one scale: the most loaded axle has the widest.
    private void reactions(LoadedState loaded) {
        List<LoadedState.AxleLoad> axles = loaded.axles();
        double most = axles.stream().mapToDouble(a -> Math.abs(a.load())).max().orElse(0);
        double perKg = WIDEST / Math.max(1, Math.max(most, Math.abs(loaded.tongue())));
        state.balance("tongue").filter(f -> f.value().isPresent()).ifPresent(f -> {
            boolean before = p.sx(loaded.ballToAxle()) - p.sx(0) < ROOM;
            arrow(0, loaded.tongue(), perKg, f);
            words(p.sx(0) + (before ? -14 : 14), f, "tongue ", before);
            band(f, before);
        });
        state.balance("axle").filter(f -> f.value().isPresent()).ifPresent(f -> {
            axles.forEach(a -> arrow(a.x(), a.load(), perKg, f));
            words(p.sx(axles.getLast().x()) + WIDEST / 2 + 9, f, axles.size() > 1 ? "axles " : "axle ", false);
        });
    }

    private void arrow(double x, double load, double perKg, Figure figure) {
        double ground = p.sz(0);
        boolean up = load >= 0;
        pen.block(p.sx(x), up ? ground + 6 : ground + 40, up ? ground + 40 : ground + 6, Math.abs(load) * perKg,
                token(figure));
    }

    private static String token(Figure figure) {
        return switch (figure.band().verdict()) {
            case GOOD -> "good";
            case NONE -> "ink";
            case WARN -> "warn";
            case STOP -> "accent";
        };
    }

    /// @param before whether its words end at x instead of beginning there
    private void words(double x, Figure figure, String name, boolean before) {
        double ground = p.sz(0);
        Anchor align = before ? Anchor.END : Anchor.START;
        pen.bold(name + figure.text(state.style()), x, ground + 18, align, 14, token(figure));
        Verdict verdict = figure.band().verdict();
        pen.text(figure.band().says().text(state.style()), x, ground + 36, align, 12,
                verdict == Verdict.GOOD || verdict == Verdict.NONE ? "faint" : token(figure));
    }

    /// What the ball may carry: the allowed stretch, the tongue in it, and how sure the tongue is.
    private void band(Figure tongue, boolean before) {
        double low = tongue.band().low();
        double high = tongue.band().high();
        if (tongue.value().isEmpty() || !(high > 0)) {
            return;
        }
        double value = tongue.value().getAsDouble();
        double most = 1.25 * Math.max(high, value);
        double left = before ? p.sx(0) - 14 - BAND : p.sx(0) + 14;
        double perKg = BAND / most;
        double y = p.sz(0) + 51;
        pen.stroke("faint", 1);
        pen.line(left, y, left + BAND, y);
        double from = left + Math.max(0, low) * perKg;
        pen.fill(from, y - 3, Math.max(1, left + high * perKg - from), 6, pen.ink("good"));
        double at = left + Math.clamp(value * perKg, 0, BAND);
        tongue.interval().ifPresent(i -> {
            pen.stroke("ink", 1);
            pen.line(left + Math.clamp(i.low() * perKg, 0, BAND), y, left + Math.clamp(i.high() * perKg, 0, BAND), y);
        });
        pen.stroke("ink", 3);
        pen.line(at, y - 5, at, y + 5);
    }

    /// Where the axle may stand so that every trip keeps its band: a bar on the ground, or the gap that there is.
    private void axlePlaces() {
        Balance.axlePlace(state.design(), state.analysis().of(Balance.DISCIPLINE).states()).ifPresent(place -> {
            double from = Math.min(place.from(), place.to());
            double to = Math.max(place.from(), place.to());
            if (!(to - from < 3)) {
                return;
            }
            double y = p.sz(0) + 3;
            pen.stroke(place.possible() ? "good" : "accent", 5);
            pen.line(p.sx(from), y, p.sx(to), y);
            String says = place.possible()
                    ? "axle here keeps every trip"
                    : "no axle place keeps every trip: " + Units.text(to - from, Quantity.LENGTH, state.style())
                            + " apart";
            pen.text(says, p.sx(to) + 8, y + 4 + (p.sx(to) < p.sx(state.design().base().ballToAxle()) + 90 ? 46 : 0),
                    Anchor.START, 11, place.possible() ? "good" : "accent");
        });
    }

    private void neutral(LoadedState loaded) {
        state.balance("neutral").filter(f -> f.value().isPresent()).ifPresent(f -> {
            double x = p.sx(f.value().getAsDouble());
            double half = state.analysis().of(Layout.DISCIPLINE).body().halfWidth();
            pen.dashed("good", 1);
            pen.line(x, p.py(-half) - 6, x, p.py(half) + 6);
            pen.text("mass here keeps the share", x, p.py(half) + 14, Anchor.MIDDLE, 11, "good");
        });
    }
}
