package lectulum.stage.materials;

import java.util.List;
import lectulum.design.base.Base;
import lectulum.design.base.Carcass;
import lectulum.materials.framing.Members;
import lectulum.materials.joinery.Furniture;
import lectulum.sheet.Pen;
import lectulum.sheet.Projection;
import lectulum.sheet.SheetHandle;
import lectulum.workbench.State;

/// Studs, bows, cross-members, ribs and boards of furniture over the sheet; each member has a grip by which it is dragged.
final class MemberLayer {
    private static final double GRIP = 3.5;

    private MemberLayer() {
    }

    static List<SheetHandle> handles(State s) {
        return Members.of(s.design()).stream()
                .map(m -> new SheetHandle("member of the " + m.face().label(), m.grip(), to -> Members.moved(m, to)))
                .toList();
    }

    /// Boards of furniture in plan and from the side.
    private static void boards(Pen pen, Projection p, State s) {
        double tongue = s.design().base().tongueLength();
        double floor = s.design().base().floorHeight();
        pen.stroke(pen.ink("faint").faded(0.9), 0.8);
        for (Furniture f : Furniture.of(s.design())) {
            for (Furniture.Placed b : f.placed()) {
                pen.path(b.corners().stream().map(c -> new double[]{p.sx(tongue + c[0]), p.py(c[1])})
                        .toArray(double[][]::new), true);
                if (p.sideShown()) {
                    double from = p.sx(tongue + b.corners().stream().mapToDouble(c -> c[0]).min().orElse(0));
                    double to = p.sx(tongue + b.corners().stream().mapToDouble(c -> c[0]).max().orElse(0));
                    pen.path(new double[][]{{from, p.sz(floor + b.low())}, {to, p.sz(floor + b.low())},
                            {to, p.sz(floor + b.high())}, {from, p.sz(floor + b.high())}}, true);
                }
            }
        }
    }

    static void paint(Pen pen, Projection p, State s) {
        boards(pen, p, s);
        Base base = s.design().base();
        double tongue = base.tongueLength();
        double floor = base.floorHeight();
        for (Members.Member m : Members.of(s.design())) {
            Carcass.Framing f = base.carcass().framing().get(m.face());
            double half = f.width() / 2;
            boolean upright = m.face() != Carcass.Face.ROOF && m.face() != Carcass.Face.FLOOR;
            boolean end = m.face() == Carcass.Face.FRONT || m.face() == Carcass.Face.REAR;
            String token = m.face() == Carcass.Face.FLOOR ? "faint" : "select";
            pen.stroke(pen.ink(token).faded(upright ? 0.9 : 0.55), 1.2);
            double x = p.sx(tongue + m.from().x());
            if (upright) {
                double reach = f.depth() * Math.signum(end ? m.face() == Carcass.Face.FRONT ? -1 : 1 : m.from().y());
                double[] a = end
                        ? new double[]{x, p.py(m.at() - half)}
                        : new double[]{p.sx(tongue + m.at() - half), p.py(m.from().y())};
                boolean rib = end && m.to().x() < m.from().x() - f.depth();
                double[] b = end
                        ? new double[]{p.sx(tongue + (rib ? m.to().x() : m.from().x() + reach)), p.py(m.at() + half)}
                        : new double[]{p.sx(tongue + m.at() + half), p.py(m.from().y() + reach)};
                pen.path(new double[][]{a, {b[0], a[1]}, b, {a[0], b[1]}}, true);
            } else {
                pen.line(p.sx(tongue + m.at() - half), p.py(m.from().y()), p.sx(tongue + m.at() - half),
                        p.py(m.to().y()));
                pen.line(p.sx(tongue + m.at() + half), p.py(m.from().y()), p.sx(tongue + m.at() + half),
                        p.py(m.to().y()));
            }
            if (p.sideShown() && !end) {
                double low = upright ? m.from().z() : m.face() == Carcass.Face.ROOF ? m.from().z() : -f.depth();
                double high = upright ? m.to().z() : low + f.depth();
                pen.path(new double[][]{{p.sx(tongue + m.at() - half), p.sz(floor + low)},
                        {p.sx(tongue + m.at() + half), p.sz(floor + low)},
                        {p.sx(tongue + m.at() + half), p.sz(floor + high)},
                        {p.sx(tongue + m.at() - half), p.sz(floor + high)}}, true);
                pen.disc(p.sx(tongue + m.grip().x()), p.sz(floor + m.grip().z()), GRIP, pen.ink(token));
            }
            pen.disc(p.sx(tongue + m.grip().x()), p.py(m.grip().y()), GRIP, pen.ink(token));
        }
    }
}
