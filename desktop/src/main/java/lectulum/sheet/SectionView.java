package lectulum.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import lectulum.balance.Balance;
import lectulum.design.base.Base;
import lectulum.design.thing.Thing;
import lectulum.figures.Stage;
import lectulum.layout.CrossSection;
import lectulum.layout.Layout;
import lectulum.layout.Snapping;
import lectulum.space.Body;
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
        setAccessibleRole(AccessibleRole.NODE);
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
    void paint(GraphicsContext g, double w, double h) {
        fit(w, h);
        Theme look = theme.get();
        Pen pen = new Pen(g, look);
        g.setFill(look.colour("panel"));
        g.fillRect(0, 0, w, h);
        CrossSection cut = section();
        double[][] clear = cut.clear().stream().map(p -> pixel(p[0], p[1])).toArray(double[][]::new);
        g.setFill(look.colour("inside"));
        pen.stroke("ink", 2);
        pen.polygon(clear, true);
        for (CrossSection.Cut c : cut.inside()) {
            Thing t = state.design().thing(c.thing()).orElseThrow();
            double[] low = pixel(c.y1(), c.z2());
            double[] high = pixel(c.y2(), c.z1());
            boolean chosen = state.selection().contains(c.thing());
            g.setFill(look.colour(t.system()).deriveColor(0, 1, 1, 0.18));
            g.fillRect(low[0], low[1], high[0] - low[0], high[1] - low[1]);
            g.setStroke(chosen ? look.colour("select") : look.colour(t.system()));
            g.setLineWidth(chosen ? 2.4 : 1.2);
            g.strokeRect(low[0], low[1], high[0] - low[0], high[1] - low[1]);
        }
        for (CrossSection.Cut c : cut.inside().reversed()) {
            double[] low = pixel(c.y1(), c.z2());
            double[] high = pixel(c.y2(), c.z1());
            state.design().thing(c.thing()).ifPresent(t -> pen.label(t.name(), (low[0] + high[0]) / 2,
                    (low[1] + high[1]) / 2, high[0] - low[0], 11, false));
        }
        double ball = state.design().base().tongueLength() + cut.x();
        pen.text("Cut " + Units.text(ball, Quantity.LENGTH, state.style()) + " behind the ball, seen from behind", 8,
                12,
                TextAlignment.LEFT, Theme.font(11), look.colour("ink"));
        if (looks.apply(state.stage()).axle()) {
            wheels(pen);
        }
        pen.stroke("edge", 1);
        g.strokeRect(0.5, 0.5, w - 1, h - 1);
    }

    /// Wheels with what each side carries, and the centre of gravity with its height, on the Balance stage.
    private void wheels(Pen pen) {
        Base base = state.design().base();
        state.analysis().of(Balance.DISCIPLINE).state(state.chosenCase().id()).filter(s -> Double.isFinite(s.right()))
                .ifPresent(s -> {
                    double ground = -base.floorHeight();
                    pen.stroke("ink", 1.5);
                    double[] left = pixel(-base.axle().track() / 2 - 0.3, ground);
                    double[] right = pixel(base.axle().track() / 2 + 0.3, ground);
                    pen.line(left[0], left[1], right[0], right[1]);
                    for (int side = -1; side <= 1; side += 2) {
                        double y = side * base.axle().track() / 2;
                        double[] top = pixel(y - base.axle().tyreWidth() / 2, ground + base.axle().wheelDiameter());
                        pen.g.strokeRect(top[0], top[1], base.axle().tyreWidth() * scale,
                                base.axle().wheelDiameter() * scale);
                        double[] foot = pixel(y, ground);
                        pen.label(Units.text(side < 0 ? s.left() : s.right(), Quantity.MASS, state.style()), foot[0],
                                foot[1] + 9, Double.POSITIVE_INFINITY, 11, true);
                    }
                    double[] centre = pixel(s.roll().y(), ground + s.roll().z());
                    pen.stroke("accent", 2);
                    pen.g.strokeOval(centre[0] - 6, centre[1] - 6, 12, 12);
                    pen.line(centre[0] - 9, centre[1], centre[0] + 9, centre[1]);
                    pen.line(centre[0], centre[1] - 9, centre[0], centre[1] + 9);
                    pen.label(Units.text(s.roll().z(), Quantity.LENGTH, state.style()), centre[0] + 34, centre[1],
                            Double.POSITIVE_INFINITY, 11, true);
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
