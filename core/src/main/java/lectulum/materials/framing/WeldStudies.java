package lectulum.materials.framing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.beams.Bar;
import lectulum.kernel.beams.Section;
import lectulum.kernel.cutting.Sticks;
import lectulum.kernel.takeoff.Ladder;
import lectulum.kernel.takeoff.Profile;
import lectulum.kernel.takeoff.WeldOrder;
import lectulum.space.Body;
import lectulum.units.Quantity;

/// The trailer frame for the welder: members with their cuts, joints with their welds, and the order that keeps it straight.
public final class WeldStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("mat-weld", "Trailer frame",
            Stage.MATERIALS, in -> of(in.design(Design.Part.BASE, Design.Part.SETTINGS)));
    private static final String SOURCE = "member by member; see docs/method/materials.md";
    private static final String CAUTION = "Welds of frame, coupler and hangers belong to a competent welder and are inspected."
            + " Never weld on zinc or paint; air, and a fire watch for an hour after. Strength is on Base.";
    private static final double HALF_MILLIMETRE = 0.0005;

    private WeldStudies() {
    }

    /// Where two members meet.
    private record Joint(String members, double x, double y, double around, double thinner) {
        /// Legs of its fillet: as thick as the thinner wall, in half millimetres \[m\].
        double leg() {
            return Math.ceil(thinner / HALF_MILLIMETRE - 1e-9) * HALF_MILLIMETRE;
        }
    }

    static List<Study> of(Design d) {
        Optional<Carcass.Frame> frame = d.base().carcass().frame();
        Body body = Body.of(d.base());
        if (frame.isEmpty() || !(body.length() > 0)) {
            return List.of(new Study.Notebook("mat-ladder", Stage.MATERIALS, "Trailer frame", "")
                    .note("Say on Base, under Frame, of what section the rails are: members, cuts and welds follow.")
                    .done());
        }
        Ladder l = Ladder.of(body.length(), 2 * body.halfWidth(), frame.get().rails().width(),
                Assumed.value(d, Assumption.LADDER_GAP), d.base().tongueLength(),
                Math.min(body.length(), Assumed.value(d, Assumption.LADDER_UNDER)), frame.get().tongue().width());
        List<Joint> joints = joints(d, frame.get(), l);
        List<Integer> order = WeldOrder.of(joints.stream().map(j -> new double[]{j.x, j.y}).toList());
        return List.of(members(d, frame.get(), l, joints, order), welds(joints, order), tongues(d, frame.get(), l));
    }

    private static Study members(Design d, Carcass.Frame frame, Ladder l, List<Joint> joints, List<Integer> order) {
        double rail = area(frame.rails()) * Profile.STEEL;
        double tongue = area(frame.tongue()) * Profile.STEEL;
        double frameLong = 2 * l.rail() + (l.inner() + 2) * l.cross();
        double mass = frameLong * rail + 2 * l.leg() * tongue;
        Study.Notebook book = new Study.Notebook("mat-ladder", Stage.MATERIALS, "A trailer frame like this one", "");
        Sentence numbers = Sentence.of("{0} inner cross-members", l.inner());
        book.figure("ladder.mass", "Rails, cross-members and tongue weigh", mass, Quantity.MASS,
                "Σ length × section × 7850", numbers, SOURCE);
        book.figure("ladder.length", "Steel, end to end", l.total(), Quantity.RUN, "2 L + (n + 2)(W − 2 b) + 2 legs",
                numbers, SOURCE);
        double wide = l.cross() + 2 * frame.rails().width();
        book.figure("ladder.diagonal", "Both diagonals, outer corners", Math.hypot(l.rail(), wide), Quantity.LENGTH,
                "√(L² + W²)", Sentence.of("{0} by {1}", Amount.m(l.rail()), Amount.m(wide)), SOURCE);
        double longest = Profile.longPoint(l.leg(), frame.tongue().width(), l.angle(), 0);
        Listing.Maker table = new Listing.Maker("")
                .words("Mark", "Member", "Section", "Cut in front", "Cut at the rear")
                .numbers("how many", "along its middle", "point to point", "mass of one");
        Sentence angle = Sentence.of("{0} from square", new Amount(l.angle(), Quantity.ANGLE));
        table.row("A", "Rail", section(frame.rails()), "square", "square", 2, Amount.m(l.rail()), Amount.m(l.rail()),
                Amount.kg(l.rail() * rail));
        table.row("B", "Cross-member", section(frame.rails()), "square", "square", l.inner() + 2, Amount.m(l.cross()),
                Amount.m(l.cross()), Amount.kg(l.cross() * rail));
        table.row("C", "Leg of the tongue", section(frame.tongue()), angle, "square", 2, Amount.m(l.leg()),
                Amount.m(longest), Amount.kg(l.leg() * tongue));
        return book.sketch(drawn(d, frame, l, joints, order)).listing(table.done())
                .note("Cross-members {0} apart from middle to middle. Legs are a mirrored pair.", Amount.m(l.pitch()))
                .caution(CAUTION).done();
    }

    private static Sentence section(Carcass.Member m) {
        return Sentence.of(m.form().hollow() ? "{0} × {1} × {2}" : "{0} × {1}", Amount.sag(m.width()),
                Amount.sag(m.height()), Amount.sag(m.wall()));
    }

    /// Of one member \[m²\].
    private static double area(Carcass.Member m) {
        return m.form() == Bar.TUBE
                ? Profile.tube(m.width(), m.height(), Math.min(m.wall(), 0.49 * Math.min(m.width(), m.height())))
                : Section.of(m.form(), m.width(), m.height(), m.wall()).area();
    }

    private static double wall(Carcass.Member m) {
        return m.form().hollow() ? m.wall() : Math.min(m.width(), m.height());
    }

    private static List<Joint> joints(Design d, Carcass.Frame frame, Ladder l) {
        List<Joint> all = new ArrayList<>();
        double front = d.base().tongueLength();
        double b = frame.rails().width();
        double half = (l.cross() + b) / 2;
        double around = 2 * (b + frame.rails().height());
        double thin = wall(frame.rails());
        for (int i = 0; i < l.inner() + 2; i++) {
            double x = front + b / 2 + i * l.pitch();
            all.add(new Joint("A – B", x, -half, around, thin));
            all.add(new Joint("A – B", x, half, around, thin));
        }
        double under = Math.min(l.rail(), Assumed.value(d, Assumption.LADDER_UNDER));
        double both = Math.min(thin, wall(frame.tongue()));
        double leg = 2 * frame.tongue().width() / Math.max(0.2, Math.cos(l.angle()));
        for (int side = -1; side <= 1; side += 2) {
            double at = frame.tongue().width() + (half - frame.tongue().width()) * front / (front + under);
            all.add(new Joint("B – C", front + b / 2, side * at, leg, both));
            all.add(new Joint("A – C", front + under, side * half, leg, both));
        }
        all.add(new Joint("C – coupler", 0, 0, 4 * frame.tongue().height(), wall(frame.tongue())));
        return all;
    }

    private static Sketch drawn(Design d, Carcass.Frame frame, Ladder l, List<Joint> joints, List<Integer> order) {
        Sketch.Board board = new Sketch.Board("From above; numbers say in which order joints are welded");
        double front = d.base().tongueLength();
        double b = frame.rails().width();
        double wide = l.cross() + 2 * b;
        for (int side = -1; side <= 1; side += 2) {
            double y = side * (wide - b) / 2;
            board.box(Sketch.Pen.AREA, front, y - b / 2, front + l.rail(), y + b / 2);
            double t = frame.tongue().width();
            double end = front + Math.min(l.rail(), Assumed.value(d, Assumption.LADDER_UNDER));
            double nx = Math.sin(l.angle()) * t / 2;
            double ny = Math.cos(l.angle()) * t / 2;
            double a0 = side * t;
            board.area(Sketch.Pen.SWEEP, new double[][]{{-nx, a0 + side * ny}, {nx, a0 - side * ny},
                    {end + nx, y - side * ny}, {end - nx, y + side * ny}});
        }
        for (int i = 0; i < l.inner() + 2; i++) {
            double x = front + b / 2 + i * l.pitch();
            board.box(Sketch.Pen.AREA, x - b / 2, -l.cross() / 2, x + b / 2, l.cross() / 2);
        }
        for (int i = 0; i < order.size(); i++) {
            Joint j = joints.get(order.get(i));
            board.dot(j.x, j.y, Sentence.of("{0}", i + 1));
        }
        board.name(front + l.rail() / 2 + l.pitch() / 2, wide / 2 - b / 2, Sentence.of("A"));
        board.name(front + b / 2 + l.pitch() * ((l.inner() + 1) / 2), 0, Sentence.of("B"));
        board.name(front / 2, wide / 4, Sentence.of("C"));
        double below = -wide / 2 - 0.18;
        board.dimension(front, below, front + l.rail(), below, Sentence.of("{0}", Amount.m(l.rail())));
        board.dimension(0, below, front, below, Sentence.of("{0}", Amount.m(front)));
        double behind = front + l.rail() + 0.2;
        board.dimension(behind, -wide / 2, behind, wide / 2, Sentence.of("{0}", Amount.m(wide)));
        return board.done();
    }

    private static Study welds(List<Joint> joints, List<Integer> order) {
        Study.Notebook book = new Study.Notebook("mat-weld", Stage.MATERIALS, "Welds in their order", "");
        Sentence numbers = Sentence.of("{0} joints", joints.size());
        book.figure("weld.length", "Weld in all", joints.stream().mapToDouble(Joint::around).sum(), Quantity.RUN,
                "Σ round each joint", numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Order", "Members", "Weld").numbers("from the ball",
                "right of the middle", "long");
        for (int i = 0; i < order.size(); i++) {
            Joint j = joints.get(order.get(i));
            table.row(Sentence.of("{0}", i + 1), j.members,
                    Sentence.of("fillet all round, legs of {0}", Amount.sag(j.leg())), Amount.m(j.x), Amount.m(j.y),
                    Amount.m(j.around));
        }
        return book.listing(table.done())
                .note("Clamp it flat, tack every joint on two sides, measure both diagonals: they agree to 2 mm, or it is"
                        + " pulled and tacked anew. Then weld in this order, first all upper sides, then turn it over, and"
                        + " let a joint cool until a hand bears it before its neighbour is welded.")
                .note("Legs as thick as the thinner wall, after the usual rule for fillets (throat 0.7 of the leg).")
                .caution(CAUTION).done();
    }

    /// An A-shaped tongue beside straight ones: steel, bars and joints.
    private static Study tongues(Design d, Carcass.Frame frame, Ladder l) {
        Study.Notebook book = new Study.Notebook("mat-tongue", Stage.MATERIALS, "Tongues side by side", "");
        double metre = area(frame.tongue()) * Profile.STEEL;
        double bar = Assumed.value(d, Assumption.CUT_BAR);
        double kerf = Assumed.value(d, Assumption.CUT_KERF);
        double front = d.base().tongueLength();
        double under = Math.min(l.rail(), Assumed.value(d, Assumption.LADDER_UNDER));
        Listing.Maker table = new Listing.Maker("").words("Tongue", "Good for").numbers("pieces", "long each", "mass",
                "bars", "joints");
        tongue(table, "A-shaped", "stiff sideways, corners of the body carried", List.of(l.leg(), l.leg()), metre, bar,
                kerf, 5);
        tongue(table, "straight, under the first cross-members", "light, easy to lengthen", List.of(front + under),
                metre,
                bar, kerf, 3);
        tongue(table, "straight, to the rear end", "carries a hitch at the rear", List.of(front + l.rail()), metre, bar,
                kerf, l.inner() + 3);
        return book.listing(table.done())
                .note("A straight tongue bears alone what an A shares between two legs: take its section from Base, not from"
                        + " the A.")
                .done();
    }

    private static void tongue(Listing.Maker table, String name, String good, List<Double> pieces, double metre,
            double bar, double kerf, int joints) {
        Sticks.Plan plan = Sticks.of(pieces, List.of(new Sticks.Stock("bar", bar, 1, Sticks.ENDLESS)), kerf, 0,
                () -> false);
        table.row(name, good, pieces.size(), Amount.m(pieces.getFirst()),
                Amount.kg(pieces.stream().mapToDouble(x -> x).sum() * metre),
                plan.left().isEmpty() ? Sentence.of("{0}", plan.bought()) : "none long enough", joints);
    }
}
