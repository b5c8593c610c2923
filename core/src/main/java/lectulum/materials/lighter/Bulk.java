package lectulum.materials.lighter;

import java.util.List;
import lectulum.air.Cabin;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.kernel.statics.Statics;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.joinery.Furniture;
import lectulum.materials.skins.ShellSheets;

/// What frame, layers and furniture come to together.
///
/// @param mass   \[kg\]
/// @param cost   of sticks, sheets, insulation and fittings
/// @param hours  to cut and to fit them \[s\]
/// @param tongue what they put on the ball \[kg\]
/// @param loss   of heat through walls \[W/K\]
record Bulk(double mass, double cost, double hours, double tongue, double loss) {

    static Bulk of(Design d, Runnable stillWanted) {
        ShellFrame frame = ShellFrame.of(d);
        ShellSheets sheets = ShellSheets.of(d, Assumed.value(d, Assumption.CUT_SHEET_LONG),
                Assumed.value(d, Assumption.CUT_SHEET_WIDE));
        List<Furniture> furniture = Furniture.of(d);
        double axle = d.base().ballToAxle();
        double to = d.base().tongueLength();
        double mass = 0;
        double tongue = 0;
        double cost = CutPlans.cost(d, stillWanted);
        double hours = 0;
        for (ShellFrame.Piece p : frame.pieces()) {
            mass += p.mass();
            tongue += p.mass() * Statics.lever(to + p.x(), axle);
            hours += Assumed.value(d, Assumption.HOURS_STICK);
        }
        for (ShellFrame.Rib r : frame.ribs()) {
            mass += r.mass();
            tongue += r.mass() * Statics.lever(to + r.x(), axle);
            hours += Assumed.value(d, Assumption.HOURS_BOARD);
        }
        for (ShellSheets.Layer l : sheets.layers()) {
            mass += l.mass();
            tongue += l.mass() * Statics.lever(to + l.x(), axle);
            cost += l.role().equals("insulation") ? l.price() : 0;
            hours += l.area() * Assumed.value(d, Assumption.HOURS_LAYER);
        }
        for (Furniture f : furniture) {
            mass += f.mass();
            tongue += f.mass() * Statics.lever(to + f.middle()[0], axle);
            cost += f.fittings();
            hours += f.cabinet().boards().size() * Assumed.value(d, Assumption.HOURS_BOARD);
        }
        double loss = Cabin.of(d, Mode.NIGHT).faces().stream().mapToDouble(Cabin.Face::loss).sum();
        return new Bulk(mass, cost, hours, tongue, loss);
    }

    Bulk minus(Bulk o) {
        return new Bulk(mass - o.mass, cost - o.cost, hours - o.hours, tongue - o.tongue, loss - o.loss);
    }
}
