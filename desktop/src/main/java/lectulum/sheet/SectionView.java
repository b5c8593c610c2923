package lectulum.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import lectulum.balance.Balance;
import lectulum.design.base.Base;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Labels;
import lectulum.figures.drawing.Surface.Anchor;
import lectulum.layout.CrossSection;
import lectulum.layout.Layout;
import lectulum.layout.Snapping;
import lectulum.layout.people.People;
import lectulum.layout.people.Pose;
import lectulum.space.Body;
import lectulum.symbols.Chassis;
import lectulum.symbols.Company;
import lectulum.symbols.Facing;
import lectulum.symbols.Symbols;
import lectulum.theme.Theme;
import lectulum.units.Quantity;
import lectulum.units.Units;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// The front section: the camper cut across at the selected thing, seen from behind. Things are dragged sideways and up
/// and down in it.
public final class SectionView extends Drawing {
    private static final double EDGE = 20;
    private static final double SNAP_PIXELS = 7;
    private final Workbench bench;
    private final Function<Stage, SheetLook> looks;
    private State state;
    private double at;
    private double scale = 80;
    private double middle;
    private double floor;
    private boolean dragging;
    private double fromX;
    private double fromY;

    public SectionView(Workbench bench, Supplier<Theme> theme, Function<Stage, SheetLook> looks) {
        super(theme, 2 * EDGE, "section-view");
        this.looks = looks;
        this.bench = bench;
        this.state = bench.state();
        setId("section");
        setAccessibleText("Section across the camper, seen from behind");
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setPrefSize(270, 250);
        setMaxSize(270, 250);
        setMinSize(270, 250);
    }

    public void show(State next) {
        state = next;
        requestLayout();
    }

    /// Pixel of a place of the section; for tests.
    public double[] pixel(double y, double z) {
        return new double[]{middle + y * scale, floor - z * scale};
    }

    private CrossSection section() {
        Optional<Thing> chosen = state.selected().stream().findFirst();
        at = chosen.map(t -> t.at(state.mode()).x()).orElse(at > 0 ? at : state.design().base().shell().length() / 2);
        return CrossSection.at(state.design(), body(), state.mode(), at);
    }

    private Body body() {
        return state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode());
    }

    private void fit(double w, double h) {
        double wide = 2 * body().halfWidth() + 0.1;
        boolean wheels = looks.apply(state.stage()).axle();
        double below = wheels ? state.design().base().floorHeight() : 0;
        double high = (body().open() ? 1.4 : body().roofOutside().highest()) + 0.15 + below;
        wide = Math.max(wide, wheels ? state.design().base().axle().track() + 0.4 : 0);
        scale = Math.min((w - 2 * EDGE) / wide, (h - 2 * EDGE - 14) / high);
        middle = w / 2;
        floor = h - EDGE - (0.05 + below) * scale;
    }

    @Override
    void paint(Pen pen, double w, double h) {
        fit(w, h);
        pen.fill(0, 0, w, h, pen.ink("panel"));
        CrossSection cut = section();
        FormPainter forms = new FormPainter(pen);
        boolean wheels = looks.apply(state.stage()).axle();
        Base base = state.design().base();
        if (wheels) {
            double[] ground = pixel(0, -base.floorHeight());
            forms.paint(Chassis.wheels(base).seen(Facing.BEHIND, 0), ground[0], ground[1], scale, -scale,
                    SystemGroup.STRUCTURE);
        }
        walls(pen, base, cut);
        double[] origin = pixel(0, 0);
        Company company = Company.of(state.design().things(), state.mode());
        for (CrossSection.Cut c : cut.inside()) {
            Thing t = state.design().thing(c.thing()).orElseThrow();
            boolean chosen = state.selection().contains(c.thing());
            double[] low = pixel(c.y1(), c.z2());
            double[] high = pixel(c.y2(), c.z1());
            Symbols.posed(t, state.mode(), company.of(t)).ifPresent(p -> forms.paint(p, Facing.BEHIND, origin[0],
                    origin[1], scale, -scale, t.system(), Math.min(high[0] - low[0], high[1] - low[1])));
            if (chosen) {
                pen.stroke("select", 2.4);
                pen.frame(low[0], low[1], high[0] - low[0], high[1] - low[1]);
            }
            pen.name(t.name(), Pen.box(low[0], low[1], high[0] - low[0], high[1] - low[1]), 11,
                    chosen ? Labels.Rank.CHOSEN : Labels.Rank.NAME, Labels.Roam.LEAD);
        }
        people(pen, forms, cut, origin);
        double ball = base.tongueLength() + cut.x();
        pen.reserve(0, 0, w, 20);
        pen.text("Cut " + Units.text(ball, Quantity.LENGTH, state.style()) + " behind the ball, seen from behind", 8,
                12, Anchor.START, 11, "ink");
        if (wheels) {
            weights(pen);
        }
        pen.stroke("edge", 1);
        pen.frame(0.5, 0.5, w - 1, h - 1);
    }

    /// The body as thick as it is, about the clear outline.
    private void walls(Pen pen, Base base, CrossSection cut) {
        double[][] clear = cut.clear().stream().map(p -> pixel(p[0], p[1])).toArray(double[][]::new);
        double half = body().halfWidthOutside(cut.x());
        double top = body().open() ? base.shell().height() : body().roofOutside().at(cut.x());
        if (half > 0) {
            double[] left = pixel(-half, top);
            double[] right = pixel(half, -base.floor());
            pen.stroke("ink", 1.6);
            pen.polygon(Pen.box(left[0], left[1], right[0] - left[0], right[1] - left[1]), pen.ink("edge"));
        }
        pen.stroke("ink", 1);
        pen.polygon(clear, pen.ink("inside"));
    }

    private void people(Pen pen, FormPainter forms, CrossSection cut, double[] origin) {
        for (Pose pose : state.analysis().of(People.DISCIPLINE).poses().getOrDefault(state.mode(), List.of())) {
            double reach = pose.kind() == Pose.Kind.LYING || pose.kind() == Pose.Kind.DOG ? pose.stature() / 2 : 0.45;
            if (Math.abs(pose.x() - cut.x()) < reach) {
                forms.paint(pose.posed(), Facing.BEHIND, origin[0], origin[1], scale, -scale, SystemGroup.CARGO, scale);
                pen.point(pose.name(), origin[0] + pose.y() * scale, origin[1] - (pose.z() + 0.2) * scale, 8, 11,
                        Labels.Rank.PERSON);
            }
        }
    }

    /// What each side carries, and the centre of gravity with its height, on the Balance stage.
    private void weights(Pen pen) {
        Base base = state.design().base();
        state.analysis().of(Balance.DISCIPLINE).state(state.chosenCase().id()).filter(s -> Double.isFinite(s.right()))
                .ifPresent(s -> {
                    double ground = -base.floorHeight();
                    pen.stroke("ink", 1.5);
                    double[] left = pixel(-base.axle().track() / 2 - 0.3, ground);
                    double[] right = pixel(base.axle().track() / 2 + 0.3, ground);
                    pen.line(left[0], left[1], right[0], right[1]);
                    for (int side = -1; side <= 1; side += 2) {
                        double[] foot = pixel(side * base.axle().track() / 2, ground);
                        pen.must(Units.text(side < 0 ? s.left() : s.right(), Quantity.MASS, state.style()), foot[0],
                                foot[1] + 9, 11, Labels.Rank.FIGURE);
                    }
                    double[] centre = pixel(s.roll().y(), ground + s.roll().z());
                    pen.stroke("accent", 2);
                    pen.ring(centre[0], centre[1], 6, 6);
                    pen.line(centre[0] - 9, centre[1], centre[0] + 9, centre[1]);
                    pen.line(centre[0], centre[1] - 9, centre[0], centre[1] + 9);
                    pen.reserve(centre[0] - 9, centre[1] - 9, 18, 18);
                    pen.must(Units.text(s.roll().z(), Quantity.LENGTH, state.style()), centre[0] + 34, centre[1], 11,
                            Labels.Rank.FIGURE);
                });
    }

    private void pressed(MouseEvent e) {
        if (e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Optional<String> hit = section().pick((e.getX() - middle) / scale, (floor - e.getY()) / scale);
        if (hit.isPresent()) {
            double was = at;
            bench.select(List.of(hit.get()));
            at = was;
            dragging = true;
            fromX = e.getX();
            fromY = e.getY();
        }
        e.consume();
    }

    private Snapping shift(MouseEvent e) {
        double dy = (e.getX() - fromX) / scale;
        double dz = (fromY - e.getY()) / scale;
        return Snapping.of(state.project().design(), state.mode(), state.selection(), 0, dy, dz,
                e.isAltDown() ? 0 : SNAP_PIXELS / scale);
    }

    private void dragged(MouseEvent e) {
        if (dragging && Math.hypot(e.getX() - fromX, e.getY() - fromY) > 3) {
            Snapping s = shift(e);
            bench.preview(bench.moving(0, s.dy(), s.dz()));
        }
        e.consume();
    }

    private void released(MouseEvent e) {
        if (dragging && Math.hypot(e.getX() - fromX, e.getY() - fromY) > 3) {
            Snapping s = shift(e);
            bench.moveSelected(0, s.dy(), s.dz());
        }
        dragging = false;
        e.consume();
    }
}
