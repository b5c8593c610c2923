package lectulum.materials.framing;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.statics.Statics;
import lectulum.units.Quantity;

/// The same frame with its members farther apart or nearer: what changes in mass, on the ball, in sticks and money. The direction is
/// computed: wood that goes may have stood behind the axle.
public final class LighterStudies {
    private static final List<Double> SPACINGS = List.of(0.3, 0.4, 0.5, 0.6);

    private LighterStudies() {
    }

    /// Plans a cutting of each: some tenths of a second.
    public static List<Study> of(Design d) {
        Study.Notebook book = new Study.Notebook("mat-lighter", Stage.MATERIALS, "Members farther apart", "");
        ShellFrame now = ShellFrame.of(d);
        if (now.pieces().isEmpty()) {
            return List.of(book.note("No members are known yet: see Frame.").done());
        }
        Yard yard = Yard.of(d);
        double cost = yard.cost(now);
        Listing.Maker table = new Listing.Maker("").words("From middle to middle").numbers("sticks", "mass",
                "more mass",
                "on the ball", "cost", "more cost");
        row(d, table, Sentence.of("as drawn"), now, now, cost, cost);
        for (double s : SPACINGS) {
            ShellFrame other = ShellFrame.of(d, spaced(d, s));
            row(d, table, Sentence.of("{0}", Amount.m(s)), other, now, yard.cost(other), cost);
        }
        return List.of(book.listing(table.done())
                .note("0.3 m carries thin metal without glue, 0.4 m thin skins that are glued, 0.6 m sandwich. Holes, doors"
                        + " and what is screwed on ask for members too: Base says which.")
                .done());
    }

    private static void row(Design d, Listing.Maker table, Sentence name, ShellFrame f, ShellFrame now, double cost,
            double before) {
        table.row(name, f.pieces().size(), Amount.kg(f.mass()), signed(f.mass() - now.mass(), Quantity.MASS),
                signed(tongue(d, f) - tongue(d, now), Quantity.MASS), Amount.money(cost),
                signed(cost - before, Quantity.MONEY));
    }

    private static Object signed(double change, Quantity q) {
        return Math.abs(change) < 1e-9 ? "–" : Sentence.of(change > 0 ? "+{0}" : "{0}", new Amount(change, q));
    }

    /// What the frame puts on the ball \[kg\].
    static double tongue(Design d, ShellFrame f) {
        double axle = d.base().ballToAxle();
        return f.pieces().stream()
                .mapToDouble(p -> p.mass() * Statics.lever(d.base().tongueLength() + p.x(), axle)).sum();
    }

    /// Members of each face at another spacing between its first and its last.
    static Map<Carcass.Face, Carcass.Framing> spaced(Design d, double spacing) {
        Map<Carcass.Face, Carcass.Framing> all = new EnumMap<>(Carcass.Face.class);
        d.base().carcass().framing().forEach((face, f) -> {
            if (f.studs().size() < 2) {
                all.put(face, f);
                return;
            }
            double from = f.studs().getFirst();
            double to = f.studs().getLast();
            int bays = (int) Math.max(1, Math.ceil((to - from) / spacing - 1e-9));
            List<Double> studs = new java.util.ArrayList<>();
            for (int i = 0; i < bays; i++) {
                studs.add(Math.min(to, from + i * spacing));
            }
            studs.add(to);
            all.put(face, f.at(studs));
        });
        return all;
    }
}
