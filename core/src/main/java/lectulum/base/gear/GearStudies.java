package lectulum.base.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumed;
import lectulum.assumed.UsualTyre;
import lectulum.balance.Tandem;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Gear;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.RunningGear;
import lectulum.kernel.gear.RunningGear.LeafSpring;
import lectulum.units.Quantity;

/// The running gear before it is welded, and after: whether the axle stands square, where the hangers go, what guides it
/// sideways, and which tyre its guards leave room for.
///
/// What is not known gives no study. Linkages are rigid and plane; the maker's hanger table wins.
public final class GearStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("gear", "Running gear", Stage.BASE,
            in -> of(in.design(Design.Part.BASE, Design.Part.VEHICLE, Design.Part.SETTINGS)))
            .mendedBy(GearRemedies::of);

    private static final double TURN_WARN = Math.toRadians(0.15);
    private static final double TURN_STOP = Math.toRadians(0.5);
    private static final double TURN_APART = Math.toRadians(0.1);
    private static final double CRAB = 0.010;
    private static final double PLACE = 0.005;
    private static final double TAPE = 0.001;
    private static final double SHACKLE_MOST = Math.toRadians(60);
    private static final double SHACKLE_FREE = Math.toRadians(20);
    private static final int STEPS = 40;

    private GearStudies() {
    }

    public static List<Study> of(Design design) {
        List<Study> studies = new ArrayList<>();
        Gear gear = design.base().carcass().gear();
        if (!gear.tapes().isEmpty()) {
            studies.add(square(design, gear));
        }
        gear.springs().ifPresent(s -> studies.add(springs(s)));
        gear.guide().ifPresent(g -> studies.add(guide(design, g)));
        guard(design).ifPresent(studies::add);
        return studies;
    }

    /// What the tapes read on a square axle where it is planned, to points as far apart as the tyres' inner sides: what is typed
    /// over.
    ///
    /// @param which axle, from 0
    public static Gear.Tapes asPlanned(Base base, int which) {
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        double place = Math.max(0.3, places.get(Math.min(which, places.size() - 1)));
        Axle axle = base.axle();
        double between = Math.clamp(Math.round((axle.track() - axle.tyreWidth()) * 100) / 100.0, 0.3, 3);
        double read = Math.hypot(place, between / 2);
        return new Gear.Tapes(read, read, between, 0);
    }

    /// A guard to start from: 60 mm free before and behind the tyre, its inner side 50 mm from it.
    public static Gear.Guard usualGuard(Axle axle) {
        return new Gear.Guard(Math.round((axle.wheelDiameter() + 0.12) * 100) / 100.0,
                Math.max(0, Math.round(((axle.track() - axle.tyreWidth()) / 2 - 0.05) * 100) / 100.0));
    }

    private static LeafSpring leaf(Gear.Springs s) {
        return new LeafSpring(s.leaf(), s.shackle(), s.rise());
    }

    private static Study square(Design design, Gear gear) {
        Study.Notebook book = new Study.Notebook("gear.square", Stage.BASE, "Axle square to the ball", "");
        Base base = design.base();
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        Sketch.Board board = new Sketch.Board(
                "From above, ball at the left, right side below; out-of-square drawn 10 times");
        board.dot(0, 0, Sentence.of("ball"));
        List<Double> turns = new ArrayList<>();
        for (int i = 0; i < Math.min(places.size(), gear.tapes().size()); i++) {
            turned(book, board, gear.tapes().get(i), places.get(i), places.size() > 1 ? i + 1 : 0)
                    .ifPresent(turns::add);
        }
        if (turns.size() > 1) {
            double apart = turns.get(1) - turns.get(0);
            book.figure("gear.parallel", "Rear axle turned against the front one", apart, Quantity.SKEW, "ψ₂ − ψ₁",
                    Sentence.of("right end further back is positive"), "plane geometry");
            if (Math.abs(apart) >= TURN_APART) {
                book.say("gear.parallel", Severity.WARN, Sentence.of("The two axles are not parallel"),
                        Sentence.of("They stand {0} to each other; less than {1} spares the tyres.",
                                new Amount(Math.abs(apart), Quantity.SKEW), new Amount(TURN_APART, Quantity.SKEW)));
            }
        }
        if (gear.tapes().size() < places.size()) {
            book.note("The second axle is not taped yet.");
        }
        return book.sketch(board.done())
                .note("Tape from the middle of the ball to the same point on both sides, spring bolts for example, and read"
                        + " to the millimetre. Equal tapes prove nothing where the axle sits off the middle: measure its"
                        + " offset too.")
                .caution("Axles, hangers and their welds need a competent person and local approval.").done();
    }

    /// One axle.
    ///
    /// @param number of it, 0 where there is only one
    /// @return how far it is turned \[rad\]
    private static Optional<Double> turned(Study.Notebook book, Sketch.Board board, Gear.Tapes t, double place,
            int number) {
        String key = number == 0 ? "" : "." + number;
        String which = number == 0 ? "The axle" : "Axle " + number;
        Optional<RunningGear.Square> found = RunningGear.square(t.left(), t.right(), t.between(), place, t.offset());
        String source = "law of cosines about the ball";
        if (found.isEmpty()) {
            book.absent("gear.axleTurn" + key, which + " is turned by", Quantity.SKEW,
                    "asin(((d_R² − d_L²)/2T − δ)/x_a)", "these tapes and the points' distance close no triangle");
            book.say("gear.tapes" + key, Severity.STOP, Sentence.of("The tapes to the axle cannot be right"),
                    Sentence.of("{0} and {1} to points {2} apart make no axle at {3}. Measure again.",
                            Amount.m(t.left()), Amount.m(t.right()), Amount.m(t.between()), Amount.m(place)));
            return Optional.empty();
        }
        RunningGear.Square s = found.get();
        double doubt = 2 * TAPE * Math.hypot(t.left(), t.right()) / (t.between() * place);
        book.figure("gear.axleTurn" + key, which + " is turned by", s.turn(), Quantity.SKEW,
                "asin(((d_R² − d_L²)/2T − δ)/x_a)",
                Sentence.of("{0} left, {1} right, points {2} apart, offset {3}; tapes good to {4} tell it to ± {5}",
                        Amount.m(t.left()), Amount.m(t.right()), Amount.m(t.between()), Amount.m(t.offset()),
                        Amount.m(TAPE), new Amount(doubt, Quantity.SKEW)),
                source);
        book.figure("gear.axleMove" + key, "Right end has to move, rearwards", s.move(), Quantity.LENGTH, "−T sin ψ",
                Sentence.of("points {0} apart", Amount.m(t.between())), source);
        book.figure("gear.crab" + key, "Runs to the right of the tow line", s.aside(), Quantity.LENGTH, "x_a sin ψ + δ",
                Sentence.of("{0} behind the ball", Amount.m(place)), source);
        double along = along(t);
        book.figure("gear.place" + key, "Ball to axle by the tapes", along, Quantity.LENGTH,
                "√((d_L² + d_R²)/2 − T²/4 − δ²)", Sentence.of("planned {0}", Amount.m(place)), "median of a triangle");
        double turn = Math.abs(s.turn());
        if (turn >= TURN_WARN || Math.abs(s.aside()) >= CRAB) {
            book.say("gear.square" + key, turn >= TURN_STOP ? Severity.STOP : Severity.WARN,
                    turn >= TURN_WARN
                            ? Sentence.of(number == 0
                                    ? "The right end of the axle is {0} too far {1}"
                                    : "The right end of axle {2} is {0} too far {1}", Amount.m(Math.abs(s.move())),
                                    s.turn() > 0 ? "back" : "forward", number)
                            : Sentence.of("{0} runs beside the tow line", which),
                    Sentence.of(
                            "It is turned by {0} ± {1} and runs {2} to the {3} of the tow line. Move that end, or half"
                                    + " of it at each end, before it is welded.",
                            new Amount(turn, Quantity.SKEW),
                            new Amount(doubt, Quantity.SKEW), Amount.m(Math.abs(s.aside())),
                            s.aside() > 0 ? "right" : "left"));
        }
        if (Math.abs(along - place) > PLACE) {
            book.say("gear.place" + key, Severity.NOTE, Sentence.of("{0} stands elsewhere than planned", which),
                    Sentence.of("By the tapes it is {0} behind the ball, {1} in the plan: the tongue weight is another"
                            + " one.", Amount.m(along), Amount.m(place)));
        }
        double dx = 10 * t.between() / 2 * Math.sin(s.turn());
        board.line(Sketch.Pen.DASHED, along, -t.between() / 2, along, t.between() / 2);
        board.line(turn >= TURN_WARN ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, along + dx, -t.between() / 2, along - dx,
                t.between() / 2);
        board.dimension(0, 0, along - dx, t.between() / 2, Sentence.of("{0}", Amount.m(t.left())));
        board.dimension(0, 0, along + dx, -t.between() / 2, Sentence.of("{0}", Amount.m(t.right())));
        return Optional.of(s.turn());
    }

    /// Ball to axle along the tow line, by the tapes \[m\].
    private static double along(Gear.Tapes t) {
        double measured = RunningGear.median(t.left(), t.right(), t.between());
        return Math.sqrt(Math.max(0, measured * measured - t.offset() * t.offset()));
    }

    /// How much further back the tapes found the axles than they are planned \[m\]; empty where none is taped.
    public static OptionalDouble offPlan(Design design) {
        Base base = design.base();
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        List<Gear.Tapes> tapes = base.carcass().gear().tapes();
        return java.util.stream.IntStream.range(0, Math.min(places.size(), tapes.size()))
                .mapToDouble(i -> along(tapes.get(i)) - places.get(i)).average();
    }

    private static Study springs(Gear.Springs s) {
        Study.Notebook book = new Study.Notebook("gear.springs", Stage.BASE, "Spring hangers and shackles", "");
        LeafSpring spring = leaf(s);
        double wanted = spring.hangers(s.laden(), s.angle());
        String source = "leaf bent to a circle, shackle a rigid link";
        if (!(wanted > 0)) {
            book.absent("gear.hangers", "Hanger hole to shackle hole", Quantity.LENGTH,
                    "√(L² − (e − s cos φ)²) − s sin φ", "the spring is too short for such a shackle");
            return book.say("gear.shackle", Severity.STOP, Sentence.of("Spring and shackle do not meet"),
                    Sentence.of(
                            "The spring is {0} from eye to eye when laden; no hanger distance gives this shackle {1}.",
                            Amount.m(spring.eyes(s.laden())), new Amount(s.angle(), Quantity.ANGLE)))
                    .done();
        }
        book.figure("gear.hangers", "Hanger hole to shackle hole", wanted, Quantity.LENGTH,
                "√(L² − (e − s cos φ)²) − s sin φ",
                Sentence.of("eyes {0} apart when laden, shackle {1} at {2}", Amount.m(spring.eyes(s.laden())),
                        Amount.m(s.shackle()), new Amount(s.angle(), Quantity.ANGLE)),
                source);
        double holes = s.hangers() > 0 ? s.hangers() : wanted;
        String[] ids = {"gear.shackleFree", "gear.shackleAngle", "gear.shackleBump"};
        String[] labels = {"Shackle, wheel hanging", "Shackle, laden", "Shackle, full bump"};
        double[] cambers = {s.free(), s.laden(), s.bump()};
        OptionalDouble[] angles = new OptionalDouble[3];
        for (int i = 0; i < 3; i++) {
            angles[i] = spring.angle(cambers[i], holes);
            if (angles[i].isPresent()) {
                book.figure(ids[i], labels[i], angles[i].getAsDouble(), Quantity.ANGLE,
                        "circles of leaf and shackle meet",
                        Sentence.of("camber {0}, holes {1} apart", Amount.m(cambers[i]), Amount.m(holes)), source);
            } else {
                book.absent(ids[i], labels[i], Quantity.ANGLE, "circles of leaf and shackle meet",
                        "spring and shackle do not reach each other");
            }
        }
        double creep = spring.creep(s.free(), s.bump());
        book.figure("gear.creep", "Axle wanders from hanging to full bump", creep, Quantity.LENGTH, "ΔL/2",
                Sentence.of("eyes {0} to {1} apart", Amount.m(spring.eyes(s.free())), Amount.m(spring.eyes(s.bump()))),
                source);
        if (s.hangers() > 0 && Math.abs(s.hangers() - wanted) > 0.001) {
            book.note("The holes are {0} apart; {1} would let the shackle hang {2} when laden.", Amount.m(s.hangers()),
                    Amount.m(wanted), new Amount(s.angle(), Quantity.ANGLE));
        }
        shackle(s, spring, angles, wanted, book);
        return book.sketch(springSketch(s, spring, holes))
                .note("The spring's middle bolt is the axle line: mark it on the frame and on the mudguard before anything"
                        + " is welded. The maker's hanger table wins.")
                .caution("Hangers and their welds need a competent person and local approval.").done();
    }

    private static void shackle(Gear.Springs s, LeafSpring spring, OptionalDouble[] angles, double wanted,
            Study.Notebook book) {
        String[] when = {"with the wheel hanging", "laden", "at full bump"};
        for (int i = 0; i < 3; i++) {
            boolean out = angles[i].isEmpty();
            double a = angles[i].orElse(0);
            if (out || a < 0 || a > SHACKLE_MOST) {
                Sentence title = out
                        ? Sentence.of("Spring and shackle do not meet {0}", when[i])
                        : a < 0
                                ? Sentence.of("The shackle swings through to the front {0}", when[i])
                                : Sentence.of("The shackle lies flat {0}", when[i]);
                Sentence detail = out
                        ? Sentence.of("The eyes are then {0} apart; the holes are not. Holes {1} apart suit it.",
                                Amount.m(spring.eyes(new double[]{s.free(), s.laden(), s.bump()}[i])), Amount.m(wanted))
                        : Sentence.of("It stands at {0}; from straight down to {1} rearwards is good. {2}",
                                new Amount(a, Quantity.ANGLE), new Amount(SHACKLE_MOST, Quantity.ANGLE),
                                s.hangers() > 0 && Math.abs(s.hangers() - wanted) > 0.001
                                        ? Sentence.of("Holes {0} apart let it hang {1} when laden.", Amount.m(wanted),
                                                new Amount(s.angle(), Quantity.ANGLE))
                                        : Sentence.of("A longer shackle swings less."));
                book.say("gear.shackle", Severity.STOP, title, detail);
                return;
            }
        }
        if (spring.eyes(s.bump()) < spring.eyes(s.laden()) - 1e-9) {
            book.say("gear.shackle", Severity.WARN, Sentence.of("The spring shortens into its bump"),
                    Sentence.of(
                            "Bent through to {0} its eyes come nearer again, and the shackle swings back and forth.",
                            Amount.m(s.bump())));
        } else if (angles[0].getAsDouble() > SHACKLE_FREE) {
            book.say("gear.shackle", Severity.WARN, Sentence.of("The shackle hangs far back already when unloaded"),
                    Sentence.of(
                            "{0} with the wheel hanging; up to {1} is wanted, and {2} at full bump is what is left.",
                            new Amount(angles[0].getAsDouble(), Quantity.ANGLE),
                            new Amount(SHACKLE_FREE, Quantity.ANGLE),
                            new Amount(angles[2].getAsDouble(), Quantity.ANGLE)));
        }
    }

    private static Sketch springSketch(Gear.Springs s, LeafSpring spring, double holes) {
        Sketch.Board board = new Sketch.Board("From the side, front at the left: hanging, laden, full bump");
        board.line(Sketch.Pen.THIN, -0.1, 0.06, holes + 0.15, 0.06);
        double[] cambers = {s.free(), s.laden(), s.bump()};
        for (int i = 0; i < 3; i++) {
            OptionalDouble a = spring.angle(cambers[i], holes);
            if (a.isEmpty()) {
                continue;
            }
            double ex = holes + s.shackle() * Math.sin(a.getAsDouble());
            double ez = s.rise() - s.shackle() * Math.cos(a.getAsDouble());
            Sketch.Pen pen = i == 1 ? Sketch.Pen.MAIN : Sketch.Pen.DASHED;
            board.path(pen, arc(ex, ez, cambers[i]));
            board.line(pen, holes, s.rise(), ex, ez);
        }
        board.dot(0, 0, Sentence.of("hanger")).dot(holes, s.rise(), Sentence.of("shackle"));
        board.dimension(0, -0.16, holes, -0.16, Sentence.of("{0}", Amount.m(holes)));
        return board.done();
    }

    /// A leaf from the front eye at the origin to its rear eye, sagging by its camber.
    private static List<double[]> arc(double ex, double ez, double camber) {
        List<double[]> points = new ArrayList<>();
        double chord = Math.hypot(ex, ez);
        for (int i = 0; i <= 24; i++) {
            double t = i / 24.0;
            double sag = 4 * camber * t * (1 - t);
            points.add(new double[]{t * ex + sag * ez / chord, t * ez - sag * ex / chord});
        }
        return points;
    }

    private static OptionalDouble shift(Gear.Guide g, double travel) {
        if (g.kind() == Gear.Guide.Kind.LINK) {
            return RunningGear.linkShift(g.arm(), g.offset() / 2, travel);
        }
        double y = RunningGear.barShift(g.arm(), g.offset(), travel);
        return Double.isNaN(y) ? OptionalDouble.empty() : OptionalDouble.of(y);
    }

    /// The greatest shift over the travel of the wheel, either way \[m\]; empty where the guide does not reach.
    private static OptionalDouble shift(Design design, Gear.Guide g) {
        double up = Assumed.value(design, "spring.bump");
        double down = Assumed.value(design, "spring.droop");
        double most = 0;
        for (int i = 0; i <= STEPS; i++) {
            OptionalDouble y = shift(g, -down + (up + down) * i / STEPS);
            if (y.isEmpty()) {
                return y;
            }
            most = Math.max(most, Math.abs(y.getAsDouble()));
        }
        return OptionalDouble.of(most);
    }

    /// How far the axle may stand aside \[m\].
    private static double lateral(Design design) {
        return design.base().carcass().gear().guide().map(g -> shift(design, g).orElse(0))
                .orElse(Assumed.value(design, "spring.lateral"));
    }

    private static Study guide(Design design, Gear.Guide g) {
        Study.Notebook book = new Study.Notebook("gear.guide", Stage.BASE, "What guides the axle sideways", "");
        double up = Assumed.value(design, "spring.bump");
        double down = Assumed.value(design, "spring.droop");
        boolean bar = g.kind() == Gear.Guide.Kind.BAR;
        String formula = bar ? "√(p² − (z₀ − z)²) − √(p² − z₀²)" : "arms of equal length, solved by Newton's method";
        String source = bar ? "circle about the frame end" : "two circles and a rigid link";
        String[] ids = {"gear.shiftBump", "gear.shiftDroop"};
        String[] labels = {"Axle stands aside at full bump", "Axle stands aside hanging"};
        double[] travels = {up, -down};
        boolean reaches = true;
        for (int i = 0; i < 2; i++) {
            OptionalDouble y = shift(g, travels[i]);
            Sentence how = Sentence.of("{0} long, {1} {2}, travel {3}", Amount.m(g.arm()), Amount.m(g.offset()),
                    bar ? "higher at the frame" : "between the link's holes", Amount.m(travels[i]));
            if (y.isPresent()) {
                book.figure(ids[i], labels[i], y.getAsDouble(), Quantity.LENGTH, formula, how, source);
            } else {
                reaches = false;
                book.absent(ids[i], labels[i], Quantity.LENGTH, formula, "it does not reach that far");
            }
        }
        if (!reaches) {
            book.say("gear.guide", Severity.STOP, Sentence.of("What guides the axle is too short for its travel"),
                    Sentence.of("{0} up and {1} down are asked of arms of {2}.", Amount.m(up), Amount.m(down),
                            Amount.m(g.arm())));
            return book.done();
        }
        double most = shift(design, g).orElse(0);
        OptionalDouble room = sideRoom(design);
        if (room.isPresent() && most > room.getAsDouble()) {
            book.say("gear.guide", Severity.WARN, Sentence.of("The axle swings further aside than its tyres have room"),
                    Sentence.of("{0} over its travel; {1} is free beside the tyre. {2}", Amount.m(most),
                            Amount.m(room.getAsDouble()),
                            bar
                                    ? "A longer and level bar shifts less; two arms and a link keep it straight."
                                    : "Longer arms keep it straighter."));
        } else if (bar) {
            book.note(
                    "{0} at most. Two arms and a link would keep it straighter, for more parts and joints: worth it only"
                            + " where the tyres lack the room.",
                    Amount.m(most));
        }
        double[] z = new double[STEPS + 1];
        double[] y = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            z[i] = -down + (up + down) * i / STEPS;
            y[i] = shift(g, z[i]).orElse(0);
        }
        return book.chart(new Chart("Sideways over the travel of the wheel", "wheel up", Quantity.LENGTH, "aside",
                Quantity.LENGTH, List.of(new Chart.Curve("aside", z, y)), List.of())).done();
    }

    /// Free beside the tyre, the axle in its middle \[m\]; empty where nothing is known beside it.
    private static OptionalDouble sideRoom(Design design) {
        Axle axle = design.base().axle();
        return design.base().carcass().gear().guard()
                .map(g -> OptionalDouble.of((axle.track() - axle.tyreWidth()) / 2 - g.inside()))
                .orElse(OptionalDouble.empty());
    }

    /// What a tyre lacks, by the place where it lacks most.
    ///
    /// @param room left beyond what is wanted there \[m\]; negative where it is missing
    record Lack(String where, double room) {
    }

    /// Where a tyre has least room in its guard at full bump; empty where nothing of the guard is known.
    static Optional<Lack> least(Design design, double diameter, double width) {
        double height = Assumed.value(design, "guard.gap");
        double bump = Assumed.value(design, "spring.bump");
        List<Lack> rooms = new ArrayList<>();
        if (height > 0) {
            rooms.add(new Lack("above it", height - bump - diameter / 2 - Assumed.value(design, "guard.mud")));
        }
        design.base().carcass().gear().guard().ifPresent(g -> {
            RunningGear.GuardGaps gaps = gaps(design, g, diameter, width);
            rooms.add(new Lack("before and behind it", gaps.ends() - Assumed.value(design, "guard.ends")));
            rooms.add(new Lack("beside it", gaps.inner() - Assumed.value(design, "guard.inner")));
        });
        return rooms.stream().min(java.util.Comparator.comparingDouble(Lack::room));
    }

    private static double creep(Design design) {
        return design.base().carcass().gear().springs().map(s -> leaf(s).creep(s.laden(), s.bump()))
                .orElse(Assumed.value(design, "spring.creep"));
    }

    private static RunningGear.GuardGaps gaps(Design design, Gear.Guard g, double diameter, double width) {
        return RunningGear.guard(Assumed.value(design, "guard.gap"), g.length() / 2,
                Assumed.value(design, "spring.bump"), diameter / 2, creep(design), design.base().axle().track(), width,
                g.inside(), lateral(design));
    }

    private static Optional<Study> guard(Design design) {
        Axle axle = design.base().axle();
        double d = axle.wheelDiameter();
        double height = Assumed.value(design, "guard.gap");
        double bump = Assumed.value(design, "spring.bump");
        Optional<Gear.Guard> around = design.base().carcass().gear().guard();
        Optional<Lack> now = least(design, d, axle.tyreWidth());
        if (now.isEmpty()) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("gear.guard", Stage.BASE, "Tyre in its guard at full bump", "");
        String source = "plane geometry";
        if (height > 0) {
            double mud = Assumed.value(design, "guard.mud");
            double gap = height - d / 2 - bump - mud;
            book.figure("ride.guard", "Tyre to guard at full bump", gap, Quantity.LENGTH,
                    "guard − D/2 − bump − allowance", Sentence.of("guard {0} over the axle, tyre {1}, bump {2},"
                            + " {3} for mud", Amount.m(height), Amount.m(d), Amount.m(bump), Amount.m(mud)),
                    source);
            if (gap < 0) {
                book.say("ride.guard", Severity.STOP, Sentence.of("The tyre meets its guard"),
                        Sentence.of("At full bump it is {0} short; a tyre of {1} fits, or a guard that much higher.",
                                Amount.m(-gap), Amount.m(2 * (height - bump - mud))));
            }
        } else {
            book.note("Type how high the guard is above the middle of the axle to check it at full bump.");
        }
        around.ifPresent(g -> {
            RunningGear.GuardGaps gaps = gaps(design, g, d, axle.tyreWidth());
            book.figure("gear.guardEnds", "Tyre to the ends of its guard", gaps.ends(), Quantity.LENGTH,
                    "half length − D/2 − creep", Sentence.of("guard {0} long, axle wanders {1}", Amount.m(g.length()),
                            Amount.m(creep(design))),
                    source);
            book.figure("gear.guardInner", "Tyre to what is beside it", gaps.inner(), Quantity.LENGTH,
                    "track/2 − width/2 − inside − shift", Sentence.of("track {0}, tyre {1}, inside {2}, shift {3}",
                            Amount.m(axle.track()), Amount.m(axle.tyreWidth()), Amount.m(g.inside()),
                            Amount.m(lateral(design))),
                    source);
            beside(book, "ends", gaps.ends(), Assumed.value(design, "guard.ends"), "before and behind it");
            beside(book, "inner", gaps.inner(), Assumed.value(design, "guard.inner"), "beside it");
        });
        if (height > 0) {
            sizes(design, axle, book);
        } else {
            book.absent("gear.tyreLargest", "Largest usual tyre that fits", Quantity.LENGTH,
                    "largest of the table with room on every side", "how high the guard is over the axle is not known");
        }
        return Optional.of(book.sketch(guardSketch(design, axle, height, bump, around)).done());
    }

    private static void beside(Study.Notebook book, String which, double gap, double wanted, String where) {
        if (gap < wanted - 1e-9) {
            book.say("gear.guard." + which, gap < 0 ? Severity.STOP : Severity.WARN,
                    gap < 0
                            ? Sentence.of("The tyre has no room {0}", where)
                            : Sentence.of("The tyre has little room {0}", where),
                    gap < 0
                            ? Sentence.of("{0} are missing, and {1} is wanted.", Amount.m(-gap), Amount.m(wanted))
                            : Sentence.of("{0} is left; {1} is wanted.", Amount.m(gap), Amount.m(wanted)));
        }
    }

    /// The usual sizes that fit the guard, the largest first.
    public static List<UsualTyre> fitting(Design design) {
        return UsualTyre.all().stream()
                .filter(t -> least(design, t.diameter(), t.width()).map(l -> l.room() >= -1e-9).orElse(true)).toList()
                .reversed();
    }

    private static void sizes(Design design, Axle axle, Study.Notebook book) {
        List<UsualTyre> fit = fitting(design);
        if (fit.isEmpty()) {
            book.note("No usual tyre fits it.");
            return;
        }
        UsualTyre largest = fit.getFirst();
        book.figure("gear.tyreLargest", "Largest usual tyre that fits", largest.diameter(), Quantity.LENGTH,
                "largest of the table with room on every side", Sentence.of("{0}", largest.size()),
                "sizes by their designation, ISO 4000-1");
        Optional<UsualTyre> next = UsualTyre.all().stream()
                .filter(t -> t.diameter() > axle.wheelDiameter() + 0.004).findFirst();
        next.ifPresent(t -> {
            Lack lack = least(design, t.diameter(), t.width()).orElseThrow();
            if (lack.room() >= -1e-9) {
                book.note("The next size up, {0} ({1}), fits with {2} to spare {3}.", t.size(), Amount.m(t.diameter()),
                        Amount.m(Math.max(0, lack.room())), lack.where());
            } else {
                book.note("The next size up, {0} ({1}), lacks {2} {3}.", t.size(), Amount.m(t.diameter()),
                        Amount.m(-lack.room()), lack.where());
            }
        });
        book.note(
                "Other tyres need rims, a load index and a speed symbol that fit, and stand the camper higher or lower.");
    }

    private static Sketch guardSketch(Design design, Axle axle, double height, double bump,
            Optional<Gear.Guard> around) {
        Sketch.Board board = new Sketch.Board("From the side: laden and at full bump");
        double r = axle.wheelDiameter() / 2;
        double half = around.map(g -> g.length() / 2).orElse(1.3 * r);
        double top = height > 0 ? height : bump + r + 0.1;
        boolean meets = least(design, axle.wheelDiameter(), axle.tyreWidth()).map(l -> l.room() < 0).orElse(false);
        board.circle(Sketch.Pen.DASHED, 0, 0, r);
        board.circle(meets ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, 0, bump, r);
        if (height > 0) {
            board.line(Sketch.Pen.SOLID, -half, 0, -half, top, half, top, half, 0);
            board.dimension(half + 0.06, 0, half + 0.06, top, Sentence.of("{0}", Amount.m(top)));
        } else {
            board.line(Sketch.Pen.SOLID, -half, 0, -half, top).line(Sketch.Pen.SOLID, half, 0, half, top);
        }
        if (around.isPresent()) {
            board.dimension(-half, top + 0.06, half, top + 0.06, Sentence.of("{0}", Amount.m(2 * half)));
        }
        return board.done();
    }
}
