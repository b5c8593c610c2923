package lectulum.layout.mechanisms;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.StrutStock;
import lectulum.base.profile.ProfileStudies;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Paint;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.mechanisms.GasStrut;
import lectulum.kernel.mechanisms.HatchSwing;
import lectulum.kernel.mechanisms.Lid;
import lectulum.kernel.mechanisms.LidChooser;
import lectulum.kernel.mechanisms.RisingBed;
import lectulum.space.Body;
import lectulum.symbols.Facing;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;

/// Lids and rising beds on gas struts: hand force over the travel, cold and hot days, and struts from stock.
public final class StrutStudies {
    private static final int STEPS = 8;
    /// Thickness of a lid on the drawing \[m\].
    private static final double LEAF = 0.03;
    /// How much of an extended strut is tube.
    private static final double TUBE = 0.55;
    /// The middle of a leaf lies that near to the outline of the hatch that it is \[m\].
    private static final double ON_IT = 0.25;
    private static final String CAUTION = "Gas struts are pressure vessels: do not open, heat or remove them under load.";

    private StrutStudies() {
    }

    public static List<Study> of(Design design, Body body) {
        List<Study> studies = new ArrayList<>();
        for (Thing t : design.things()) {
            t.feature(Feature.Lid.class).ifPresent(l -> studies.add(lid(design, body, t, l)));
            t.feature(Feature.Rising.class).ifPresent(r -> studies.add(rising(design, t, r)));
        }
        return studies;
    }

    /// The lid with what is fixed to it where it is the rear hatch, and with the friction of its struts.
    private static Lid loaded(Design design, Body body, Thing t, Feature.Lid l) {
        double mass = l.mass();
        double x = mass * l.centreX();
        double z = mass * l.centreZ();
        Optional<HatchSwing> hatch = design.base().carcass().hatch()
                .flatMap(h -> ProfileStudies.swing(body, h))
                .filter(h -> t.mount() == Mount.SPREAD
                        ? t.place().x() > h.hinge()[0]
                        : t.mount() == Mount.SET_IN
                                && h.carries(t.place().x(), t.place().z() + t.size().height() / 2, ON_IT));
        if (hatch.isPresent()) {
            double[] hinge = hatch.get().hinge();
            for (Thing on : ProfileStudies.onHatch(design, hatch.get())) {
                mass += on.mass().value();
                x += on.mass().value() * (on.place().x() - hinge[0]);
                z += on.mass().value() * (on.place().z() + on.size().height() / 2 - hinge[1]);
            }
        }
        Lid bare = lid(l);
        return new Lid(mass, mass > 0 ? new double[]{x / mass, z / mass} : bare.centre(), bare.handle(), bare.open(),
                bare.body(), bare.leaf(), bare.struts(), bare.strut(), Assumed.value(design, Assumption.LID_FRICTION));
    }

    static Lid lid(Feature.Lid l) {
        return new Lid(l.mass(), new double[]{l.centreX(), l.centreZ()}, new double[]{l.handleX(), l.handleZ()},
                l.open(), new double[]{l.bodyX(), l.bodyZ()}, new double[]{l.leafX(), l.leafZ()}, l.struts(),
                new GasStrut(l.force(), l.ratio(), l.stroke(), l.extended()));
    }

    private static Study lid(Design design, Body body, Thing t, Feature.Lid f) {
        Study.Notebook book = new Study.Notebook("lid." + t.id(), Stage.LAYOUT, t.name() + ", on struts",
                t.id());
        Lid lid = loaded(design, body, t, f);
        double cold = Assumed.value(design, Assumption.LID_COLD);
        double usual = Assumed.value(design, Assumption.LID_USUAL);
        double hot = Assumed.value(design, Assumption.LID_HOT);
        String id = "mech." + t.id() + ".lid.";
        String source = "gas law of a closed cylinder; moments about the hinge";
        book.sketch(lidSketch(lid));
        if (lid.beyondTravel() > 0) {
            book.absent(id + "peakHand", "Largest hand force", Quantity.FORCE, "−(M_g + M_s)/r",
                    "the strut does not reach: too long or too short on the way");
            book.say(MechanismRules.LID_TRAVEL, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The strut of {0} does not fit", t.name()),
                    Sentence.of("On its way it is {0} beyond its travel. Move a mount or take another length.",
                            Amount.m(lid.beyondTravel())));
            return book.caution(CAUTION).done();
        }
        double peak = lid.peakHand(usual);
        book.figure(id + "peakHand", "Largest hand force", peak, Quantity.FORCE, "max |−(M_g + M_s)/r| at the handle",
                Sentence.of("at {0}", new Amount(usual, Quantity.TEMPERATURE)), source);
        if (lid.pastUpright()) {
            book.absent(id + "holdCold", "Stays up, cold", Quantity.COUNT, "M_s/|M_g| fully open",
                    "it leans past upright: its own weight holds it open");
        } else {
            book.figure(id + "holdCold", "Stays up, cold", lid.hold(cold), Quantity.COUNT, "M_s/|M_g| fully open",
                    Sentence.of("at {0}; 1.10 is wanted", new Amount(cold, Quantity.TEMPERATURE)), source);
        }
        book.figure(id + "shutHot", "Pushes when shut, hot", lid.shut(hot), Quantity.MOMENT, "M_g + M_s at 0°",
                Sentence.of("at {0}; below 0 it stays shut", new Amount(hot, Quantity.TEMPERATURE)), source);
        OptionalDouble lift = lid.liftOff(usual);
        if (lift.isPresent()) {
            book.figure(id + "liftOff", "Rises by itself from", lift.getAsDouble(), Quantity.ANGLE, "M_g + M_s = 0",
                    Sentence.of("at {0}", new Amount(usual, Quantity.TEMPERATURE)), source);
        }
        double stop = Assumed.value(design, Assumption.HAND_STOP);
        double warn = Assumed.value(design, Assumption.HAND_WARN);
        if (peak > warn) {
            book.say(MechanismRules.LID_HAND, Subject.thing(t.id()), peak > stop ? Severity.STOP : Severity.WARN,
                    Sentence.of("{0} takes {1} by hand", t.name(), new Amount(peak, Quantity.FORCE)),
                    Sentence.of("One hand manages {0}. Other mounts or struts bring it down.",
                            new Amount(warn, Quantity.FORCE)));
        }
        if (lid.hold(cold) < Lid.HOLD) {
            book.say(MechanismRules.LID_COLD, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} falls shut on a cold day", t.name()),
                    Sentence.of("At {0} the struts hold {1} of its weight; {2} is wanted.",
                            new Amount(cold, Quantity.TEMPERATURE), Amount.share(lid.hold(cold)),
                            Amount.share(Lid.HOLD)));
        }
        if (lid.shut(hot) > 0) {
            book.say(MechanismRules.LID_HOT, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("{0} pushes on its latch", t.name()),
                    Sentence.of("At {0} the struts push it open with {1} when it is shut: the latch carries that.",
                            new Amount(hot, Quantity.TEMPERATURE), Amount.moment(lid.shut(hot))));
        }
        return book.chart(lidChart(lid, cold, usual, hot, warn)).caution(CAUTION).done();
    }

    /// The lid as a board and its strut as tube and rod, shut and open; half-way only a line.
    private static Sketch lidSketch(Lid lid) {
        Sketch.Board board = new Sketch.Board("From the side: shut, half and open");
        double[] half = turned(lid.handle(), lid.open() / 2);
        board.line(Sketch.Pen.DASHED, 0, 0, half[0], half[1]);
        for (double angle : new double[]{0, lid.open()}) {
            double[] handle = turned(lid.handle(), angle);
            double[] leaf = turned(lid.leaf(), angle);
            bar(board, Paint.FRONT, new double[]{0, 0}, handle, LEAF);
            strut(board, lid.body(), leaf);
        }
        double[] g = turned(lid.centre(), 0);
        board.dot(0, 0, Sentence.of("hinge"));
        board.dot(lid.body()[0], lid.body()[1], Sentence.of("body mount"));
        board.dot(lid.leaf()[0], lid.leaf()[1], Sentence.of("lid mount"));
        board.dot(g[0], g[1], Sentence.of("centre of mass"));
        return board.done();
    }

    /// Tube at the body, rod at what moves.
    private static void strut(Sketch.Board board, double[] body, double[] moving) {
        double[] end = {body[0] + TUBE * (moving[0] - body[0]), body[1] + TUBE * (moving[1] - body[1])};
        bar(board, Paint.STEEL, end, moving, 0.008);
        bar(board, Paint.DARK, body, end, 0.018);
    }

    private static void bar(Sketch.Board board, Paint paint, double[] from, double[] to, double thick) {
        double far = Math.hypot(to[0] - from[0], to[1] - from[1]);
        if (!(far > 1e-6)) {
            return;
        }
        double nx = -(to[1] - from[1]) / far * thick / 2;
        double nz = (to[0] - from[0]) / far * thick / 2;
        board.look(new Sketch.Skin(paint, SystemGroup.STRUCTURE),
                new double[][]{{from[0] + nx, from[1] + nz}, {to[0] + nx, to[1] + nz}, {to[0] - nx, to[1] - nz},
                        {from[0] - nx, from[1] - nz}},
                true);
    }

    private static double[] turned(double[] p, double angle) {
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new double[]{c * p[0] - s * p[1], s * p[0] + c * p[1]};
    }

    private static Chart lidChart(Lid lid, double cold, double usual, double hot, double warn) {
        int n = 40;
        double[] x = new double[n + 1];
        double[][] y = new double[3][n + 1];
        double[] days = {cold, usual, hot};
        for (int i = 0; i <= n; i++) {
            x[i] = lid.open() * i / n;
            for (int d = 0; d < 3; d++) {
                y[d][i] = lid.hand(x[i], days[d]);
            }
        }
        return new Chart("Hand force, + lifts", "open", Quantity.ANGLE, "hand",
                Quantity.FORCE,
                List.of(new Chart.Curve("cold", x, y[0]), new Chart.Curve("usual", x, y[1]),
                        new Chart.Curve("hot", x, y[2])),
                List.of(new Chart.Limit("one hand", warn)));
    }

    public static RisingBed rising(Thing t, Feature.Rising r) {
        return new RisingBed(t.mass().value(), r.centre(), 0, t.size().length(),
                new RisingBed.Pair[]{
                        new RisingBed.Pair(r.frontX(), r.frontZ(), r.frontBed(),
                                new GasStrut(r.frontForce(), r.ratio(), r.stroke(), r.extended())),
                        new RisingBed.Pair(r.rearX(), r.rearZ(), r.rearBed(),
                                new GasStrut(r.rearForce(), r.ratio(), r.stroke(), r.extended()))});
    }

    private static Study rising(Design design, Thing t, Feature.Rising r) {
        Study.Notebook book = new Study.Notebook("rising." + t.id(), Stage.LAYOUT, t.name() + ", rising",
                t.id());
        RisingBed bed = rising(t, r);
        double cold = Assumed.value(design, Assumption.LIFT_COLD);
        double warm = Assumed.value(design, Assumption.LIFT_WARM);
        double warn = Assumed.value(design, Assumption.HAND_WARN);
        String id = "mech." + t.id() + ".rising.";
        String source = "gas law; forces and moments on the level bed";
        book.sketch(bedSketch(t, r));
        if (!r.locked()) {
            book.say(MechanismRules.LIFT_UNLOCKED, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("Nothing but struts holds {0}", t.name()),
                    Sentence.of(
                            "Struts never hold people or road loads: pins or hooks on the road, ledges or legs when it"
                                    + " is slept in."));
        }
        if (bed.beyondTravel(r.low(), r.high()) > 0) {
            book.absent(id + "peakHand", "Largest hand force, level", Quantity.FORCE, "forces at both edges",
                    "a strut does not reach from bottom to top");
            book.say(MechanismRules.LIFT_TRAVEL, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The struts of {0} do not fit", t.name()),
                    Sentence.of("From {0} to {1} they are {2} beyond their travel.", Amount.m(r.low()),
                            Amount.m(r.high()), Amount.m(bed.beyondTravel(r.low(), r.high()))));
            return book.caution(CAUTION).done();
        }
        double level = bed.peak(r.low(), r.high(), STEPS, warm);
        double frontFirst = bed.peakOneEnd(true, r.low(), r.high(), STEPS, warm);
        double rearFirst = bed.peakOneEnd(false, r.low(), r.high(), STEPS, warm);
        book.figure(id + "peakHand", "Largest hand force, level", level, Quantity.FORCE, "max of both edges",
                Sentence.of("at {0}, from {1} to {2}", new Amount(warm, Quantity.TEMPERATURE), Amount.m(r.low()),
                        Amount.m(r.high())),
                source);
        book.figure(id + "frontFirst", "One person, front first", frontFirst, Quantity.FORCE,
                "moments about the resting edge", Sentence.of("at {0}", new Amount(warm, Quantity.TEMPERATURE)),
                source);
        book.figure(id + "rearFirst", "One person, rear first", rearFirst, Quantity.FORCE,
                "moments about the resting edge", Sentence.of("at {0}", new Amount(warm, Quantity.TEMPERATURE)),
                source);
        RisingBed.Hands top = bed.level(r.high(), cold);
        book.figure(id + "holdCold", "Has to be held up, cold", Math.max(top.front(), top.rear()), Quantity.FORCE,
                "largest of both edges at the top", Sentence.of("at {0}; below 0 it stays up",
                        new Amount(cold, Quantity.TEMPERATURE)),
                source);
        book.note("One person raises the {0} first.", frontFirst <= rearFirst ? "front" : "rear");
        RisingBed.jamsAt(t.size().length(), r.depth(), r.play()).ifPresentOrElse(tilt -> book.note(
                "With {0} of play it jams when one end stands {1} higher: raise the ends in turns of less than that.",
                Amount.m(r.play()), Amount.m(t.size().length() * Math.sin(tilt))),
                () -> book.note("It cannot jam between its guides."));
        double least = Math.min(frontFirst, rearFirst);
        if (Math.min(level, least) > warn) {
            book.say(MechanismRules.LIFT_START, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} takes {1} by hand", t.name(), new Amount(Math.min(level, least), Quantity.FORCE)),
                    Sentence.of("Front first {0}, rear first {1}, level {2}; one person manages {3}.",
                            new Amount(frontFirst, Quantity.FORCE), new Amount(rearFirst, Quantity.FORCE),
                            new Amount(level, Quantity.FORCE), new Amount(warn, Quantity.FORCE)));
        }
        if (top.front() > 0 || top.rear() > 0) {
            book.say(MechanismRules.LIFT_COLD, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("{0} sinks on a cold night", t.name()),
                    Sentence.of("At {0} it needs {1} to stay up.", new Amount(cold, Quantity.TEMPERATURE),
                            new Amount(Math.max(top.front(), top.rear()), Quantity.FORCE)));
        }
        int n = 40;
        double[] z = new double[n + 1];
        double[] front = new double[n + 1];
        double[] rear = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            z[i] = r.low() + (r.high() - r.low()) * i / n;
            RisingBed.Hands h = bed.level(z[i], warm);
            front[i] = h.front();
            rear[i] = h.rear();
        }
        return book.chart(new Chart("Hand force, + lifts", "height of the studs", Quantity.LENGTH,
                "hand", Quantity.FORCE, List.of(new Chart.Curve("front edge", z, front), new Chart.Curve("rear edge", z,
                        rear)),
                List.of(new Chart.Limit("one person", warn))))
                .caution("Never be under an unlocked bed. " + CAUTION).done();
    }

    private static Sketch bedSketch(Thing t, Feature.Rising r) {
        Sketch.Board board = new Sketch.Board("From the side: down and up");
        double l = t.size().length();
        for (double z : new double[]{r.low(), r.high()}) {
            Sketched.alone(board, t, Facing.SIDE, p -> new double[]{l / 2 + p[0], z + p[1]});
            strut(board, new double[]{r.frontX(), r.frontZ()}, new double[]{r.frontBed(), z});
            strut(board, new double[]{r.rearX(), r.rearZ()}, new double[]{r.rearBed(), z});
        }
        board.line(Sketch.Pen.THIN, -0.1, 0, l + 0.1, 0);
        board.dot(r.frontX(), r.frontZ(), Sentence.of("front mount")).dot(r.rearX(), r.rearZ(),
                Sentence.of("rear mount"));
        return board.done();
    }

    /// The lid with the strut and mounts from stock that ask least of the hand; empty where none will do.
    ///
    /// Body mounts are looked for on a 50 mm grid round the given one, lid mounts along the line from the hinge to the
    /// given one.
    public static Optional<Feature.Lid> chosen(Design design, Thing t, Feature.Lid f) {
        List<double[]> bodies = new ArrayList<>();
        for (int i = -2; i <= 2; i++) {
            for (int k = -2; k <= 2; k++) {
                bodies.add(new double[]{f.bodyX() + 0.05 * i, f.bodyZ() + 0.05 * k});
            }
        }
        double radius = Math.max(0.1, Math.hypot(f.leafX(), f.leafZ()));
        double bearing = Math.atan2(f.leafZ(), f.leafX());
        List<double[]> leaves = new ArrayList<>();
        for (double r : new double[]{0.6, 0.8, 1, 1.25, 1.5, 2}) {
            leaves.add(new double[]{r * radius * Math.cos(bearing), r * radius * Math.sin(bearing)});
        }
        List<GasStrut> stock = StrutStock.all().stream()
                .map(s -> new GasStrut(1, s.ratio(), s.stroke(), s.extended())).toList();
        return new LidChooser(stock, StrutStock.forces(), bodies, leaves, Assumed.value(design, Assumption.LID_COLD),
                Assumed.value(design, Assumption.LID_USUAL), Assumed.value(design, Assumption.LID_HOT))
                .best(loaded(design, Body.of(design.base()), t, f))
                .map(b -> new Feature.Lid(f.mass(), f.centreX(), f.centreZ(), f.handleX(), f.handleZ(), f.open(),
                        b.body()[0], b.body()[1], b.leaf()[0], b.leaf()[1], f.struts(), b.strut().force(),
                        b.strut().ratio(), b.strut().stroke(), b.strut().extended()));
    }

    /// The rising bed with the forces from stock that ask least of the hands; empty where none will do.
    public static Optional<Feature.Rising> chosen(Design design, Thing t, Feature.Rising r) {
        return rising(t, r)
                .best(StrutStock.forces(), r.low(), r.high(), STEPS, Assumed.value(design, Assumption.LIFT_COLD),
                        Assumed.value(design, Assumption.LIFT_WARM))
                .map(b -> new Feature.Rising(r.low(), r.high(), r.centre(), r.frontX(), r.frontZ(), r.frontBed(),
                        r.rearX(), r.rearZ(), r.rearBed(), b.pairs()[0].strut().force(), b.pairs()[1].strut().force(),
                        r.ratio(), r.stroke(), r.extended(), r.depth(), r.play(), r.locked()));
    }
}
