package lectulum.balance.turning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumption;
import lectulum.balance.Least;
import lectulum.balance.Rig;
import lectulum.balance.RigPicture;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.towing.ContactAngle;
import lectulum.kernel.towing.Driveway;
import lectulum.kernel.towing.SteadyTurn;
import lectulum.kernel.towing.TailgateSweep;
import lectulum.space.Solid;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;

/// Where vehicle and trailer meet: in a turn, by the tailgate, in a circle, and over a driveway.
public final class TurningStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("turning", "Turning", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(TurningStudies::of))
            .checking(TurningRules.class, TurningRemedies::of);

    private static final double VEHICLE = 3;
    private static final double JACK = 0.06;
    private static final double BUMPER_LOW = 0.30;
    private static final double VEHICLE_HIGH = 1.6;
    private static final double FREE = Math.PI - 1e-6;
    private static final double STEP = 0.05;

    private TurningStudies() {
    }

    public static List<Study> of(Rig rig) {
        return List.of(contact(rig), tailgate(rig), circle(rig), driveway(rig));
    }

    private static List<ContactAngle.Solid> trailer(Rig rig) {
        List<ContactAngle.Solid> all = new ArrayList<>();
        double tongue = rig.base().tongueLength();
        double floor = rig.base().floorHeight();
        all.add(new ContactAngle.Solid("body", rig.body.planOutside().stream()
                .map(p -> new double[]{tongue + p[0], p[1]}).toArray(double[][]::new), floor - rig.base().floor(),
                Math.max(floor + 0.3, rig.body.heightAboveGround())));
        double jack = rig.assumed(Assumption.JACK_AT);
        all.add(ContactAngle.Solid.box("jack", jack - JACK, jack + JACK, JACK, 0.3, rig.ball() + 0.35));
        for (Thing t : rig.outside().toList()) {
            Solid s = Rig.solid(t);
            if (s.minX() < rig.body.length() / 2) {
                double[][] corners = s.corners();
                for (double[] c : corners) {
                    c[0] += tongue;
                }
                all.add(new ContactAngle.Solid(t.name(), corners, floor + s.z1(), floor + s.z2()));
            }
        }
        return all;
    }

    private static List<ContactAngle.Solid> vehicle(Rig rig) {
        double ahead = rig.assumed(Assumption.TOW_AHEAD);
        return List.of(ContactAngle.Solid.box("the vehicle", -ahead - VEHICLE, -ahead, rig.assumed(Assumption.TOW_HALF),
                BUMPER_LOW, VEHICLE_HIGH));
    }

    /// Angle at which vehicle and trailer touch \[rad\]; π where they never do.
    static ContactAngle angle(Rig rig) {
        return ContactAngle.of(trailer(rig), vehicle(rig));
    }

    private static Study contact(Rig rig) {
        Study.Notebook book = new Study.Notebook("turning", Stage.BALANCE, "Turning behind the tow vehicle", "");
        ContactAngle c = angle(rig);
        double good = rig.assumed(Assumption.TURN_GOOD);
        double least = rig.assumed(Assumption.TURN_LEAST);
        String what = c.trailer().isEmpty() ? "nothing" : c.trailer();
        book.figure("outside.turn", "Turns until they touch", c.angle(), Quantity.ANGLE,
                "smallest turn of a corner onto an edge", Sentence.of("{0} first; tongue {1}, vehicle {2} wide", what,
                        Amount.m(rig.base().tongueLength()), Amount.m(2 * rig.assumed(Assumption.TOW_HALF))),
                "exact circles about the ball; only parts that share a height");
        if (c.angle() < good) {
            Optional<Double> more = ContactAngle.longerTongue(trailer(rig), vehicle(rig), good);
            book.say(TurningRules.OUT_TURN,
                    c.angle() < least && rig.given(Assumption.TOW_HALF) ? Severity.WARN : Severity.NOTE,
                    Sentence.of("{0} meets the vehicle at {1}", capital(what), new Amount(c.angle(), Quantity.ANGLE)),
                    cures(rig, c, good, more));
        }
        return book.sketch(contactPicture(rig, c, good)).done();
    }

    /// Both as they are, the vehicle turned to the contact, with the arc its rear corner takes.
    private static Sketch contactPicture(Rig rig, ContactAngle c, double good) {
        boolean touches = c.angle() < FREE;
        double shown = touches ? c.angle() : good;
        Sketch.Board board = new Sketch.Board(
                touches ? "From above, at the angle of contact" : "From above, at the angle that is wanted");
        double[][] v = vehicle(rig).getFirst().outline();
        board.path(Sketch.Pen.DASHED, flipped(v, 0), true, Sentence.of(""));
        new RigPicture(rig, board).trailerFromAbove(Sketched.PLAN)
                .vehicleFromAbove(p -> flipped(new double[][]{p}, -shown)[0]);
        double reach = Math.hypot(rig.assumed(Assumption.TOW_AHEAD), rig.assumed(Assumption.TOW_HALF));
        double from = Math.atan2(rig.assumed(Assumption.TOW_HALF), -rig.assumed(Assumption.TOW_AHEAD));
        board.path(Sketch.Pen.SWEEP, arc(reach, from, from - shown), false, Sentence.of(""));
        trailer(rig).stream().filter(s -> s.name().equals(c.trailer())).forEach(s -> {
            board.path(Sketch.Pen.FAULT, flipped(s.outline(), 0), true, Sentence.of(""));
            double[] middle = middle(s.outline());
            board.name(middle[0], -middle[1], Sentence.of(s.name()));
        });
        double[] cab = flipped(new double[][]{{-rig.assumed(Assumption.TOW_AHEAD) - 1, 0}}, -shown)[0];
        board.name(cab[0], cab[1], Sentence.of("turned by {0}", new Amount(shown, Quantity.ANGLE)));
        board.name(rig.base().tongueLength() + rig.body.length() / 2, 0, Sentence.of("trailer"));
        board.dot(0, 0, Sentence.of("ball"));
        return board.done();
    }

    private static double[] middle(double[][] outline) {
        double[] m = new double[2];
        for (double[] p : outline) {
            m[0] += p[0] / outline.length;
            m[1] += p[1] / outline.length;
        }
        return m;
    }

    /// Points on a circle about the ball, y to the right of the trailer; on the drawing that is down.
    private static double[][] arc(double r, double from, double to) {
        double[][] points = new double[33][];
        for (int i = 0; i < points.length; i++) {
            double a = from + (to - from) * i / (points.length - 1);
            points[i] = new double[]{r * Math.cos(a), -r * Math.sin(a)};
        }
        return points;
    }

    /// What gives the angle: a longer tongue, or what touches moved back by so much.
    private static Sentence cures(Rig rig, ContactAngle c, double good, Optional<Double> longer) {
        String assumed = rig.given(Assumption.TOW_HALF)
                ? ""
                : " The width of the vehicle is assumed until you give it.";
        OptionalDouble back = c.trailer().equals("body")
                ? OptionalDouble.empty()
                : Least.of(1.5, by -> ContactAngle
                        .of(trailer(rig).stream().map(s -> s.name().equals(c.trailer()) ? s.back(by) : s).toList(),
                                vehicle(rig))
                        .angle() >= good);
        Amount wanted = new Amount(good, Quantity.ANGLE);
        if (longer.isEmpty() && back.isEmpty()) {
            return Sentence.of("{0} is wanted for backing; no tongue within reach gives it.{1}", wanted, assumed);
        }
        if (back.isEmpty()) {
            return Sentence.of("{0} is wanted for backing; a tongue of {1} gives it.{2}", wanted,
                    tongue(rig, longer.get()), assumed);
        }
        Amount by = Amount.m(up(back.getAsDouble()));
        return longer.isEmpty()
                ? Sentence.of("{0} is wanted for backing; moved back by {1} it gives it.{2}", wanted, by, assumed)
                : Sentence.of("{0} is wanted for backing; moved back by {1} it gives it, or a tongue of {2}.{3}",
                        wanted,
                        by, tongue(rig, longer.get()), assumed);
    }

    private static Amount tongue(Rig rig, double longer) {
        return Amount.m(up(rig.base().tongueLength() + longer));
    }

    /// To the next centimetre up.
    private static double up(double length) {
        return Math.ceil(length * 100 - 1e-6) / 100;
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + word.substring(1);
    }

    private static double[][] flipped(double[][] points, double turn) {
        double[][] out = new double[points.length][];
        double c = Math.cos(turn);
        double s = Math.sin(turn);
        for (int i = 0; i < points.length; i++) {
            out[i] = new double[]{c * points[i][0] - s * points[i][1], -(s * points[i][0] + c * points[i][1])};
        }
        return out;
    }

    /// Jack, and the corners of what stands on the tongue, above the ground.
    private static List<double[]> onTongue(Rig rig) {
        List<double[]> points = new ArrayList<>();
        points.add(new double[]{rig.assumed(Assumption.JACK_AT), rig.ball() + 0.35});
        double tongue = rig.base().tongueLength();
        rig.outside().map(Rig::solid).filter(s -> s.minX() < 0)
                .forEach(s -> points.add(new double[]{tongue + s.minX(), rig.base().floorHeight() + s.z2()}));
        points.add(new double[]{tongue, rig.base().floorHeight() + rig.base().shell().height()});
        return points;
    }

    private static Study tailgate(Rig rig) {
        Study.Notebook book = new Study.Notebook("tailgate", Stage.BALANCE, "Tailgate of the tow vehicle", "");
        double x = -rig.assumed(Assumption.GATE_AHEAD);
        double z = rig.assumed(Assumption.GATE_HIGH);
        double r = rig.assumed(Assumption.GATE_RADIUS);
        double down = rig.assumed(Assumption.GATE_DOWN);
        List<double[]> points = onTongue(rig);
        TailgateSweep.Nearest nearest = new TailgateSweep(x, z, r, down).nearest(points);
        String what = nearest.point() == 0
                ? "the jack"
                : nearest.point() == points.size() - 1 ? "the body" : "what stands on the tongue";
        book.figure("outside.tailgate", "Gap to the tailgate", nearest.gap(), Quantity.LENGTH,
                "distance to the hinge − its radius, inside its sweep", Sentence.of("nearest is {0}", what),
                "a sector in the side view");
        double want = rig.assumed(Assumption.GATE_GAP);
        if (nearest.gap() < want) {
            book.say(TurningRules.OUT_TAILGATE, rig.given(Assumption.GATE_RADIUS) ? Severity.WARN : Severity.NOTE,
                    nearest.gap() < 0
                            ? Sentence.of("The tailgate meets {0} by {1}", what, Amount.m(-nearest.gap()))
                            : Sentence.of("The tailgate passes {0} with {1}", what, Amount.m(nearest.gap())),
                    gateCures(new TailgateSweep(x, z, r, down), points, nearest.point(), want,
                            rig.given(Assumption.GATE_RADIUS)));
        }
        Sketch.Board board = new Sketch.Board("From the left");
        new RigPicture(rig, board).vehicleFromTheSide(p -> p).trailerFromTheSide(p -> p);
        board.line(Sketch.Pen.THIN,
                -Math.max(0.2, rig.design.vehicle().overhang()) - Math.max(1, rig.design.vehicle().wheelbase()) - 1.2,
                0,
                rig.rearEnd() + 0.4, 0);
        double[][] sweep = new double[26][];
        sweep[0] = new double[]{x, z};
        for (int i = 0; i < 25; i++) {
            double a = down * i / 24;
            sweep[i + 1] = new double[]{x + r * Math.sin(a), z + r * Math.cos(a)};
        }
        board.path(Sketch.Pen.SWEEP, sweep, true, Sentence.of(""));
        board.name(x + 0.6 * r * Math.sin(down / 3), z + 0.6 * r * Math.cos(down / 3), Sentence.of("tailgate"));
        board.dot(x, z, Sentence.of("hinge"));
        double[] near = points.get(nearest.point());
        double far = Math.hypot(near[0] - x, near[1] - z);
        board.path(nearest.gap() < want ? Sketch.Pen.FAULT : Sketch.Pen.MAIN,
                new double[][]{{x + (near[0] - x) * r / far, z + (near[1] - z) * r / far}, near}, false,
                Sentence.of(""));
        board.dot(near[0], near[1], Sentence.of(""));
        board.name(near[0], -0.3, Sentence.of("{0} to {1}", Amount.m(nearest.gap()), what));
        return book.sketch(board.done()).done();
    }

    /// By how much to lower what is nearest, to move it back, or to lengthen the tongue, each computed by itself.
    private static Sentence gateCures(TailgateSweep sweep, List<double[]> points, int nearest, double want,
            boolean given) {
        double[] p = points.get(nearest);
        boolean body = nearest == points.size() - 1;
        OptionalDouble lower = body
                ? OptionalDouble.empty()
                : Least.of(p[1], by -> sweep.nearest(with(points, nearest, 0, -by)).gap() >= want);
        OptionalDouble back = body
                ? OptionalDouble.empty()
                : Least.of(2, by -> sweep.nearest(with(points, nearest, by, 0)).gap() >= want);
        OptionalDouble longer = Least.of(3, by -> sweep
                .nearest(points.stream().map(q -> new double[]{q[0] + by, q[1]}).toList()).gap() >= want);
        List<String> ways = new ArrayList<>();
        List<Object> by = new ArrayList<>();
        way("lower it by {n}", lower, ways, by);
        way("move it back by {n}", back, ways, by);
        way("make the tongue {n} longer", longer, ways, by);
        String words = ways.isEmpty() ? "no tongue within reach clears it" : String.join(", or ", ways);
        return new Sentence(capital(words) + (given ? "." : ". The tailgate's measures are assumed: give your own."),
                by);
    }

    private static void way(String words, OptionalDouble by, List<String> ways, List<Object> amounts) {
        by.ifPresent(v -> {
            ways.add(words.replace("{n}", "{" + amounts.size() + "}"));
            amounts.add(Amount.m(up(v)));
        });
    }

    private static List<double[]> with(List<double[]> points, int index, double dx, double dz) {
        List<double[]> moved = new ArrayList<>(points);
        double[] p = points.get(index);
        moved.set(index, new double[]{p[0] + dx, p[1] + dz});
        return moved;
    }

    private static Study circle(Rig rig) {
        Study.Notebook book = new Study.Notebook("circle", Stage.BALANCE, "In a tight circle", "");
        double radius = rig.assumed(Assumption.TURN_RADIUS);
        Optional<SteadyTurn> turn = SteadyTurn.of(radius, rig.vehicle().overhang(), rig.axle);
        if (turn.isEmpty()) {
            return book.absent("circle.angle", "Angle at the hitch", Quantity.ANGLE, "atan(oh/R) + atan(x_A/R_t)",
                    "the circle is too tight for this tongue").note(
                            "At full lock the trailer keeps folding: it cannot hold a circle of {0}.",
                            Amount.m(radius))
                    .done();
        }
        SteadyTurn t = turn.get();
        String source = "kinematics without slip";
        book.figure("circle.angle", "Angle at the hitch", t.hitch(), Quantity.ANGLE, "atan(oh/R) + atan(x_A/R_t)",
                Sentence.of("rear axle on {0}", Amount.m(radius)), source);
        book.figure("circle.trailer", "Circle of the trailer's axle", t.trailer(), Quantity.LENGTH,
                "√(R² + oh² − x_A²)", Sentence.of("ball to axle {0}", Amount.m(rig.axle)), source);
        book.figure("circle.cuts", "It cuts in by", t.cutsIn(), Quantity.LENGTH, "R − R_t",
                Sentence.of("against the vehicle's rear axle"), source);
        double touches = angle(rig).angle();
        if (t.hitch() > touches) {
            book.say(TurningRules.TURN_CIRCLE, rig.given(Assumption.TURN_RADIUS) ? Severity.WARN : Severity.NOTE,
                    Sentence.of("At full lock vehicle and trailer touch"),
                    Sentence.of("The circle needs {0} at the hitch; they touch at {1}.",
                            new Amount(t.hitch(), Quantity.ANGLE), new Amount(touches, Quantity.ANGLE)));
        }
        return book.sketch(circlePicture(rig, t, radius)).done();
    }

    /// Both in the circle, with the lines on which the middles of their axles run. The middle of the circle is at the
    /// right of the vehicle.
    private static Sketch circlePicture(Rig rig, SteadyTurn t, double radius) {
        Sketch.Board board = new Sketch.Board("From above, at full lock to the right");
        double overhang = rig.vehicle().overhang();
        double[] centre = {-overhang, radius};
        double folded = t.hitch();
        java.util.function.UnaryOperator<double[]> trailer = p -> {
            double c = Math.cos(folded);
            double s = Math.sin(folded);
            return new double[]{c * p[0] - s * p[1], -(s * p[0] + c * p[1])};
        };
        ring(board, centre, radius);
        ring(board, centre, t.trailer());
        new RigPicture(rig, board).trailerFromAbove(trailer).vehicleFromAbove(Sketched.PLAN);
        board.line(Sketch.Pen.DASHED, centre[0], -centre[1], -overhang, 0);
        double[] axle = trailer.apply(new double[]{rig.axle, 0});
        board.line(Sketch.Pen.DASHED, centre[0], -centre[1], axle[0], axle[1]);
        board.dot(centre[0], -centre[1], Sentence.of("middle of the circle"));
        board.dot(-overhang, 0, Sentence.of("rear axle on {0}", Amount.m(radius)));
        board.dot(axle[0], axle[1], Sentence.of("trailer's axle on {0}", Amount.m(t.trailer())));
        return board.done();
    }

    /// The part of a circle beside vehicle and trailer.
    private static void ring(Sketch.Board board, double[] centre, double r) {
        double[][] points = new double[41][];
        for (int i = 0; i < points.length; i++) {
            double a = Math.PI * (1.15 + 0.75 * i / (points.length - 1));
            points[i] = new double[]{centre[0] + r * Math.cos(a), -(centre[1] + r * Math.sin(a))};
        }
        board.path(Sketch.Pen.SWEEP, points, false, Sentence.of(""));
    }

    private static Study driveway(Rig rig) {
        Study.Notebook book = new Study.Notebook("driveway", Stage.BALANCE, "Over a driveway", "");
        if (rig.vehicle().wheelbase() <= 0 || rig.ball() <= 0) {
            return book.note("The vehicle's wheelbase and the height of the ball are not known.").done();
        }
        double rise = rig.assumed(Assumption.DRIVE_RISE);
        double run = rig.assumed(Assumption.DRIVE_RUN);
        List<double[]> road = List.of(new double[]{-20, 0}, new double[]{0, 0}, new double[]{run, rise},
                new double[]{run + 25, rise});
        Driveway d = new Driveway(road, rig.vehicle().wheelbase(), rig.vehicle().overhang(), rig.ball(), rig.axle);
        List<Driveway.Point> points = List.of(
                new Driveway.Point("the foot of the jack", true, rig.assumed(Assumption.JACK_AT), 0.22),
                new Driveway.Point("the front of the body", true, rig.base().tongueLength(), rig.underside()),
                new Driveway.Point("the tail", true, rig.rearEnd(), rig.tailHeight()),
                new Driveway.Point("the vehicle's tail", false, rig.vehicle().overhang(),
                        rig.assumed(Assumption.VEHICLE_TAIL)));
        Driveway.Passage p = d.drive(points, -4, run + 10, STEP);
        String source = "rigid rig over straight pieces, wheels as points";
        book.figure("drive.clearance", "Smallest clearance", p.clearance(), Quantity.LENGTH, "min z − road",
                Sentence.of("{0}, with the rear wheel at {1}", p.point().name(), Amount.m(p.where())), source);
        book.figure("drive.down", "Hitch bends down to", p.least(), Quantity.ANGLE, "trailer − vehicle",
                Sentence.of("rise {0} over {1}", Amount.m(rise), Amount.m(run)), source);
        book.figure("drive.up", "and up to", p.most(), Quantity.ANGLE, "trailer − vehicle",
                Sentence.of("coupler bends {0}", new Amount(rig.assumed(Assumption.HITCH_BENDS), Quantity.ANGLE)),
                source);
        double keep = rig.assumed(Assumption.DRIVE_CLEAR);
        if (p.clearance() < keep) {
            book.say(TurningRules.DRIVE_CLEAR, Severity.WARN, p.clearance() < 0
                    ? Sentence.of("{0} grounds on the driveway", capital(p.point().name()))
                    : Sentence.of("{0} comes close to the driveway", capital(p.point().name())),
                    Sentence.of("{0} is left of the {1} wanted, on {2} rise over {3}. Take it at an angle, or raise"
                            + " what hangs low.", Amount.m(p.clearance()), Amount.m(keep), Amount.m(rise),
                            Amount.m(run)));
        }
        if (Math.max(-p.least(), p.most()) > rig.assumed(Assumption.HITCH_BENDS)) {
            book.say(TurningRules.DRIVE_BENDS, Severity.WARN, Sentence.of("The coupler bends too far"),
                    Sentence.of("{0} is asked of it, {1} is what it gives.",
                            new Amount(Math.max(-p.least(), p.most()), Quantity.ANGLE),
                            new Amount(rig.assumed(Assumption.HITCH_BENDS), Quantity.ANGLE)));
        }
        return book.sketch(driveway(rig, road, d, p)).done();
    }

    /// Where the clearance is smallest. The road is driven to the right; on the drawing, as everywhere, to the left.
    private static Sketch driveway(Rig rig, List<double[]> road, Driveway d, Driveway.Passage p) {
        Sketch.Board board = new Sketch.Board("From the left, where it comes nearest to the ground");
        Driveway.Stand at = d.stand(p.where());
        double first = at.wheel()[0] - 2.5;
        double last = p.where() + rig.vehicle().wheelbase() + 1.5;
        List<double[]> line = new ArrayList<>();
        line.add(new double[]{-first, d.height(first)});
        road.stream().filter(q -> q[0] > first && q[0] < last).forEach(q -> line.add(new double[]{-q[0], q[1]}));
        line.add(new double[]{-last, d.height(last)});
        new RigPicture(rig, board)
                .vehicleFromTheSide(q -> mirrored(Driveway.turned(at.rear(), at.vehicle(),
                        -(q[0] + rig.vehicle().overhang()), q[1])))
                .trailerFromTheSide(q -> mirrored(Driveway.turned(at.wheel(), at.trailer(), rig.axle - q[0], q[1])));
        board.path(Sketch.Pen.SOLID, line);
        double[] low = mirrored(p.point().trailer()
                ? Driveway.turned(at.wheel(), at.trailer(), rig.axle - p.point().x(), p.point().height())
                : Driveway.turned(at.rear(), at.vehicle(), -p.point().x(), p.point().height()));
        board.dot(low[0], low[1], Sentence.of("{0}: {1}", p.point().name(), Amount.m(p.clearance())));
        return board.done();
    }

    private static double[] mirrored(double[] q) {
        return new double[]{-q[0], q[1]};
    }
}
