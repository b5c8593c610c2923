package lectulum.sheet;

import java.util.List;
import lectulum.design.thing.SystemGroup;
import lectulum.figures.drawing.Labels;
import lectulum.layout.Layout;
import lectulum.layout.people.People;
import lectulum.layout.people.Pose;
import lectulum.symbols.Facing;
import lectulum.symbols.Posed;
import lectulum.workbench.State;

/// People and dogs where they lie, sit and stand, over both views of the sheet.
public final class Folk {
    /// How solid somebody is drawn who lies above the camper.
    private static final double ABOVE = 0.55;

    private Folk() {
    }

    public static void paint(Pen pen, Projection p, State state) {
        double x0 = p.sx(state.design().base().tongueLength());
        double z0 = p.sz(state.design().base().floorHeight());
        double scale = p.scale();
        double roof = state.analysis().of(Layout.DISCIPLINE).bodies().get(state.mode()).overhead();
        for (Pose pose : state.analysis().of(People.DISCIPLINE).poses().getOrDefault(state.mode(), List.of())) {
            Posed body = pose.posed();
            (pose.z() > roof ? new FormPainter(pen, ABOVE) : new FormPainter(pen)).paint(body, Facing.PLAN, x0, p.py(0),
                    scale, scale, SystemGroup.CARGO, scale);
            pen.point(pose.name(), x0 + pose.x() * scale, p.py(pose.y()), 0.06 * scale, 11, Labels.Rank.PERSON);
            if (p.sideShown()) {
                new FormPainter(pen).paint(body, Facing.SIDE, x0, z0, scale, -scale, SystemGroup.CARGO, scale);
            }
        }
    }
}
