package lectulum.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.layout.Layout;
import lectulum.space.Body;
import lectulum.symbols.Chassis;
import lectulum.symbols.Facing;
import lectulum.symbols.Symbols;
import lectulum.symbols.Unfolded;
import lectulum.theme.Theme;
import lectulum.workbench.State;

/// The camper from ahead in the mode that is shown, on the road with its width and height over all.
public final class FrontView extends Drawing {
    private static final double EDGE = 34;
    private static final double SIZE = 250;

    private State state;

    public FrontView(Supplier<Theme> theme, State state) {
        super(theme, 2 * EDGE, "section-view");
        this.state = state;
        setId("front");
        setAccessibleText("The camper from ahead");
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        setMaxSize(SIZE, SIZE);
    }

    public void show(State next) {
        state = next;
        requestLayout();
    }

    @Override
    void paint(Pen pen, double w, double h) {
        Design design = state.design();
        Base base = design.base();
        Mode mode = state.mode();
        Body body = state.analysis().of(Layout.DISCIPLINE).bodies().get(mode);
        double half = Math.max(body.halfWidth(), (base.axle().track() + base.axle().tyreWidth()) / 2);
        double high = Math.max(body.heightAboveGround(), 0.5);
        for (Thing t : outside(design, mode)) {
            high = Math.max(high, base.floorHeight() + t.at(mode).z() + t.sizeIn(mode).height());
            half = Math.max(half, Math.abs(t.at(mode).y()) + t.sizeIn(mode).width() / 2);
        }
        double scale = Math.min((w - 2 * EDGE) / (2 * half), (h - 2 * EDGE) / high);
        double x0 = w / 2;
        double ground = h - EDGE;
        pen.fill(0, 0, w, h, pen.ink("panel"));
        FormPainter forms = new FormPainter(pen);
        double floor = ground - base.floorHeight() * scale;
        forms.paint(Chassis.wheels(base).seen(Facing.AHEAD, 0), x0, ground, scale, -scale, SystemGroup.STRUCTURE);
        double top = ground - body.heightAboveGround() * scale;
        pen.stroke("ink", 1.6);
        pen.polygon(Pen.box(x0 - body.halfWidth() * scale, top, 2 * body.halfWidth() * scale,
                floor + base.floor() * scale - top), pen.ink("edge").toward(pen.ink("inside"), 0.5));
        for (Thing t : design.things()) {
            Unfolded.of(t, mode, base.floorHeight()).ifPresent(
                    form -> forms.paint(form.seen(Facing.AHEAD, 0), x0, floor, scale, -scale, t.system()));
        }
        for (Thing t : outside(design, mode)) {
            Symbols.posed(t, mode, Set.of())
                    .ifPresent(p -> forms.paint(p, Facing.AHEAD, x0, floor, scale, -scale, t.system(),
                            Math.max(t.size().width(), t.size().height()) * scale));
        }
        forms.paint(Chassis.of(design, body, mode != Mode.ROAD).seen(Facing.AHEAD, 0), x0, ground, scale, -scale,
                SystemGroup.STRUCTURE);
        pen.stroke("ink", 1.5);
        pen.line(8, ground, w - 8, ground);
        if (mode == Mode.ROAD) {
            overAll(pen, x0, ground, scale);
        }
        pen.text("From ahead", 8, 12, Anchor.START, 11, "ink");
        pen.stroke("edge", 1);
        pen.frame(0.5, 0.5, w - 1, h - 1);
    }

    /// Width and height as the Outside page has them.
    private void overAll(Pen pen, double x0, double ground, double scale) {
        OptionalDouble wide = value("outside.width");
        OptionalDouble high = value("outside.height");
        if (wide.isPresent() && high.isPresent()) {
            double half = wide.getAsDouble() / 2 * scale;
            pen.dimension(x0 - half, ground + 14, x0 + half, ground + 14, state.shown("outside.width"));
            pen.dimension(x0 + half + 16, ground, x0 + half + 16, ground - high.getAsDouble() * scale,
                    state.shown("outside.height"));
        }
    }

    private OptionalDouble value(String figure) {
        return state.analysis().figures().find(figure).map(Figure::value).orElse(OptionalDouble.empty());
    }

    /// Far to near.
    private static List<Thing> outside(Design design, Mode mode) {
        return design.things().stream().filter(t -> t.mount() == Mount.OUTSIDE && !t.at(mode).away())
                .sorted(Comparator.comparingDouble(t -> -t.at(mode).x())).toList();
    }
}
