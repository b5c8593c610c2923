package lectulum.layout.loading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.lashing.Lashing;
import lectulum.kernel.lashing.RampLoading;
import lectulum.kernel.plane.Doorway;
import lectulum.layout.mechanisms.PartStudies;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.Faces;
import lectulum.space.Solid;
import lectulum.symbols.Facing;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// Big things that roll aboard: over the ramp, under the header, between the walls, and tied down.
public final class LoadingStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("loading", "Loading", Stage.LAYOUT,
            in -> of(in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS),
                    in.of(Bodies.DISCIPLINE).road()))
            .checking(LoadingRules.class, LoadingRemedies::of);

    /// What is longer is driven or steered aboard by somebody \[m\].
    private static final double DRIVEN = 1.5;
    /// Sideways acceleration of what could tip over, and the width over height below which it could (EN 12195-1).
    private static final double TIPS = 0.6;
    private static final int LEAST_RINGS = 4;

    private LoadingStudies() {
    }

    public static List<Study> of(Design design, Body body) {
        List<Study> studies = new ArrayList<>();
        for (Thing t : design.things()) {
            t.feature(Feature.Carried.class).ifPresent(c -> studies.add(study(design, body, t, c)));
        }
        gate(design, body).ifPresent(g -> studies.add(gettingIn(design, body, g)));
        return studies;
    }

    /// The opening it comes in by: the largest that reaches the floor at the rear, else anywhere.
    private static Optional<Thing> gate(Design design, Body body) {
        return design.things().stream().filter(t -> t.has(Feature.Opening.class) && t.place().z() < 0.3)
                .max(Comparator.comparingDouble(t -> {
                    Feature.Opening o = t.feature(Feature.Opening.class).orElseThrow();
                    boolean rear = Faces.of(body, t, Mode.ROAD) == lectulum.design.base.Carcass.Face.REAR;
                    return o.width() * o.height() + (rear ? 10 : 0);
                }));
    }

    /// Which built-in things go through no opening in one piece, and the longest thing that turns in at the door.
    private static Study gettingIn(Design design, Body body, Thing largest) {
        Study.Notebook book = new Study.Notebook("load.in", Stage.LAYOUT, "Getting things in", "");
        List<double[]> openings = design.things().stream().flatMap(t -> t.feature(Feature.Opening.class).stream())
                .filter(o -> o.leaf() != Feature.Opening.Leaf.FIXED).map(o -> new double[]{o.width(), o.height()})
                .toList();
        List<Thing> stuck = design.things().stream().filter(t -> t.mount() == Mount.INSIDE).filter(t -> {
            double[] box = {t.size().length(), t.size().width(), t.size().height()};
            return openings.stream().noneMatch(o -> Doorway.passes(box, o));
        }).toList();
        Feature.Opening door = largest.feature(Feature.Opening.class).orElseThrow();
        double across = 2 * (body.halfWidth() - design.base().wall());
        book.figure("load.longest", "Longest that turns in at " + largest.name(),
                Doorway.longest(door.width(), across), Quantity.LENGTH, "(A^⅔ + d^⅔)^(3/2)",
                Sentence.of("door {0}, room {1}", Amount.m(door.width()), Amount.m(across)),
                "the ladder in the passage");
        if (!stuck.isEmpty()) {
            book.say(LoadingRules.LOAD_INSIDE, Severity.NOTE,
                    Sentence.counted(stuck.size(), "One thing goes in only in pieces",
                            "{0} things go in only in pieces"),
                    Sentence.of("Too large for every opening: {0}. Build inside, or so that it comes apart.",
                            String.join(", ", stuck.stream().limit(5).map(Thing::name).toList())),
                    stuck.stream().map(Thing::id).toList());
        }
        return book.done();
    }

    private static Study study(Design design, Body body, Thing t, Feature.Carried c) {
        Study.Notebook book = new Study.Notebook("load." + t.id(), Stage.LAYOUT, t.name() + ", loading", t.id());
        double rise = design.base().floorHeight();
        double width = t.size().width();
        double high = t.size().height();
        String id = "load." + t.id() + ".";
        Optional<Thing> gate = gate(design, body);
        double clear = Assumed.value(design, Assumption.LOAD_CLEAR);
        if (c.ramp() <= rise) {
            book.absent(id + "angle", "Ramp angle", Quantity.ANGLE, "asin(rise/ramp)",
                    "the ramp is no longer than the floor is high");
            return book
                    .say(LoadingRules.LOAD_RAMP, Subject.thing(t.id()), Severity.STOP,
                            Sentence.of("The ramp does not reach the ground"),
                            Sentence.of("It is {0} long and the floor stands {1} high.", Amount.m(c.ramp()),
                                    Amount.m(rise)))
                    .done();
        }
        RampLoading ramp = new RampLoading(c.ramp(), rise, c.wheelbase(), c.belly(), high, c.ahead(), c.back());
        String source = "rigid load on two axles over the edge of the floor";
        book.figure(id + "angle", "Ramp angle", ramp.angle(), Quantity.ANGLE, "asin(rise/ramp)",
                Sentence.of("{0} over {1}", Amount.m(rise), Amount.m(c.ramp())), source);
        book.figure(id + "breakover", "Sharpest crest it clears", ramp.breakover(), Quantity.ANGLE,
                "2 atan(2 c/B)", Sentence.of("belly {0}, wheelbase {1}", Amount.m(c.belly()), Amount.m(c.wheelbase())),
                source);
        book.figure(id + "belly", "Least gap under it", ramp.bellyGap(), Quantity.LENGTH, "c − edge above the chord",
                Sentence.of("belly {0}", Amount.m(c.belly())), source);
        double header = ramp.headerNeeded();
        book.figure(id + "header", "Header it needs", header, Quantity.LENGTH, "highest of its roof in the doorway",
                Sentence.of("{0} high on the level", Amount.m(high)), source);
        if (ramp.bellyGap() < clear) {
            book.say(LoadingRules.LOAD_CREST, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("{0} sits down on the edge", t.name()),
                    Sentence.of("{0} is left under it; {1} is wanted. A longer ramp is flatter.",
                            Amount.m(ramp.bellyGap()), Amount.m(clear)));
        }
        gate.ifPresentOrElse(g -> door(design, body, t, g, header, clear, book, id),
                () -> book.say(LoadingRules.LOAD_DOOR, Subject.thing(t.id()), Severity.STOP,
                        Sentence.of("{0} has no door to come in by", t.name()),
                        Sentence.of("No opening reaches down to the floor.")));
        double inside = 2 * (body.halfWidth() - design.base().wall());
        book.figure(id + "side", "Gap on each side, inside", RampLoading.sideGap(inside, width), Quantity.LENGTH,
                "(box − width)/2", Sentence.of("{0} in {1}", Amount.m(width), Amount.m(inside)), "plane geometry");
        book.figure(id + "yaw", "Touches both walls when turned", RampLoading.touchingTurn(t.size().length(), width,
                inside), Quantity.ANGLE, "atan(L/W) − acos(box/√(W² + L²))",
                Sentence.of("90° is free to turn"), "plane geometry");
        approach(t, c, ramp, book, id);
        driver(design, t, inside - width, book, id);
        lashing(design, t, c, book, id);
        above(design, t, book, id);
        return book.sketch(side(design, t, c, ramp, header, gate)).chart(way(ramp, c))
                .caution("Never be in or behind a vehicle while it is loaded. Chock the wheels and lower the rear jacks"
                        + " first.")
                .done();
    }

    private static void door(Design design, Body body, Thing t, Thing g, double header, double clear,
            Study.Notebook book, String id) {
        Feature.Opening o = g.feature(Feature.Opening.class).orElseThrow();
        double above = o.height() + Math.max(0, g.place().z());
        double gap = RampLoading.sideGap(o.width(), t.size().width());
        book.figure(id + "doorSide", "Gap on each side, in the door", gap, Quantity.LENGTH, "(door − width)/2",
                Sentence.of("{0} in {1}", Amount.m(t.size().width()), Amount.m(o.width())), "plane geometry");
        if (header > above - clear) {
            book.say(LoadingRules.LOAD_HEADER, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("{0} hits the header on the ramp", t.name()),
                    Sentence.of("Its roof rises to {0}; the header is at {1} and {2} is wanted free. A longer ramp is"
                            + " flatter.", Amount.m(header), Amount.m(above), Amount.m(clear)),
                    List.of(t.id(), g.id()));
        }
        double inside = RampLoading.sideGap(2 * (body.halfWidth() - design.base().wall()), t.size().width());
        if (Math.min(gap, inside) < clear) {
            double least = Math.min(gap, inside);
            book.say(LoadingRules.LOAD_SIDE, Subject.thing(t.id()), least < 0 ? Severity.STOP : Severity.WARN,
                    least < 0
                            ? Sentence.of("{0} is wider than {1}", t.name(), gap <= inside ? "the door" : "the inside")
                            : Sentence.of("{0} has little room in {1}", t.name(),
                                    gap <= inside ? "the door" : "the walls"),
                    least < 0
                            ? Sentence.of("{0} are missing.", Amount.m(-2 * least))
                            : Sentence.of("{0} is left on each side; {1} is wanted.", Amount.m(least), Amount.m(clear)),
                    List.of(t.id(), g.id()));
        }
    }

    /// Whether its nose clears the foot of the ramp.
    private static void approach(Thing t, Feature.Carried c, RampLoading ramp, Study.Notebook book, String id) {
        if (c.overhang() <= 0) {
            return;
        }
        double clears = Math.atan2(c.chin(), c.overhang());
        book.figure(id + "approach", "Steepest ramp its nose clears", clears, Quantity.ANGLE,
                "atan(clearance/overhang)",
                Sentence.of("{0} over {1}", Amount.m(c.chin()), Amount.m(c.overhang())), "plane geometry");
        if (clears < ramp.angle()) {
            double longer = ramp.rise() / Math.sin(Math.max(1e-3, clears));
            book.say(LoadingRules.LOAD_APPROACH, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The nose of {0} strikes the ramp", t.name()),
                    Sentence.of("The ramp rises {0}; its nose clears {1}. A ramp of {2} is flat enough.",
                            new Amount(ramp.angle(), Quantity.ANGLE), new Amount(clears, Quantity.ANGLE),
                            Amount.m(longer)));
        }
    }

    /// Room for whoever drove it in to get out, with it at the other wall.
    private static void driver(Design design, Thing t, double beside, Study.Notebook book, String id) {
        if (t.size().length() <= DRIVEN || beside < 0) {
            return;
        }
        double wanted = Assumed.value(design, Assumption.LOAD_DRIVER);
        book.figure(id + "driver", "Room to get out beside it", beside, Quantity.LENGTH, "box − width",
                Sentence.of("it stands at the other wall; {0} is wanted", Amount.m(wanted)), "plane geometry");
        if (beside < wanted) {
            book.say(LoadingRules.LOAD_DRIVER, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Nobody gets out beside {0}", t.name()),
                    Sentence.of("{0} is left beside it; {1} is wanted. Pull it in by a winch.", Amount.m(beside),
                            Amount.m(wanted)));
        }
    }

    private static void lashing(Design design, Thing t, Feature.Carried c, Study.Notebook book, String id) {
        double mass = PartStudies.loaded(design, t) + t.tank().map(Tank::fullMass).orElse(0.0);
        double weight = mass * Units.GRAVITY;
        double forward = Lashing.force(mass, Lashing.FORWARDS, c.friction(), c.straps(), c.steep(), c.aside());
        double back = Lashing.force(mass, Lashing.BACK_AND_SIDE, c.friction(), c.backStraps(), c.steep(), c.aside());
        boolean tall = t.size().width() < TIPS * t.size().height();
        int aside = Math.max(1, (c.straps() + c.backStraps()) / 2);
        double side = Lashing.force(mass, tall ? TIPS : Lashing.BACK_AND_SIDE, c.friction(), aside, c.steep(),
                Math.PI / 2 - c.aside());
        String source = "EN 12195-1, direct lashing";
        String formula = "m g (c − μ f)/(n (cos α cos β + μ f sin α))";
        book.figure(id + "lashForward", "Each strap, forwards", forward, Quantity.FORCE, formula,
                Sentence.of("{0}, {1} straps, c = 0.8", Amount.kg(mass), c.straps()), source);
        book.figure(id + "lashBack", "Each strap, rearwards", back, Quantity.FORCE, formula,
                Sentence.of("{0} straps, c = 0.5", c.backStraps()), source);
        book.figure(id + "lashSide", "Each strap, sideways", side, Quantity.FORCE, formula,
                Sentence.counted(aside, "one strap pulls to a side, {1} from it; c = {2}{3}",
                        "{0} straps pull to a side, {1} from it; c = {2}{3}",
                        new Amount(Math.PI / 2 - c.aside(), Quantity.ANGLE), tall ? TIPS : Lashing.BACK_AND_SIDE,
                        tall ? ": it could tip" : ""),
                source);
        int fewest = Math.min(c.straps(), c.backStraps());
        book.figure(id + "ratings", "Straps of one direction, rated together", fewest * c.weakest(), Quantity.FORCE,
                "n × the weaker of strap and ring",
                Sentence.of("{0} × {1}; half its weight is {2}", fewest, new Amount(c.weakest(), Quantity.FORCE),
                        new Amount(weight / 2, Quantity.FORCE)),
                "49 CFR 393.106: half the weight in each direction");
        double most = Math.max(forward, back);
        if (most > c.weakest()) {
            boolean strap = c.strap().orElse(c.ring()) < c.ring();
            String way = most == forward ? "forwards" : "rearwards";
            book.say(LoadingRules.LOAD_LASH, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of(strap ? "The straps of {0} are too weak" : "The rings of {0} are too weak", t.name()),
                    Sentence.of("Each strap that holds it {0} is pulled with {1}; its {2} is rated {3}. One strap more,"
                            + " or flatter ones.", way, new Amount(most, Quantity.FORCE), strap ? "webbing" : "ring",
                            new Amount(c.weakest(), Quantity.FORCE)));
        }
        if (side > c.weakest()) {
            book.say(LoadingRules.LOAD_ASIDE, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("Sideways {0} is held by too little", t.name()),
                    Sentence.counted(aside,
                            "The one strap that pulls to a side takes {1}, good for {2}. Set it wider, or chock it"
                                    + " between the walls.",
                            "The {0} straps that pull to a side take {1} each, good for {2}. Set them wider apart, or"
                                    + " chock it between the walls.",
                            new Amount(side, Quantity.FORCE),
                            new Amount(c.weakest(), Quantity.FORCE)));
        }
        if (fewest * c.weakest() < weight / 2) {
            book.say(LoadingRules.LOAD_SUM, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("Straps and rings of {0} add up to too little", t.name()),
                    Sentence.of("{0} in one direction, each good for {1}, are {2}; half its weight is {3}.", fewest,
                            new Amount(c.weakest(), Quantity.FORCE), new Amount(fewest * c.weakest(), Quantity.FORCE),
                            new Amount(weight / 2, Quantity.FORCE)));
        }
        if (c.straps() + c.backStraps() < LEAST_RINGS) {
            book.say(LoadingRules.LOAD_RINGS, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("{0} hangs on too few rings", t.name()),
                    Sentence.of("{0} straps in all; four rings hold it in every direction.",
                            c.straps() + c.backStraps()));
        }
        if (c.strap().isEmpty()) {
            book.note("What the straps are rated for is not known: type it from their label.");
        }
        book.note(
                "Straps to the frame or into two cross-members, never the floor skin alone; tighten them again soon"
                        + " after setting off.");
    }

    /// A bed or cupboard over its place on the road.
    private static void above(Design design, Thing t, Study.Notebook book, String id) {
        Solid s = Solid.of(t.size(), t.place());
        over(design, t).ifPresent(o -> {
            double least = Solid.of(o.size(), o.place()).z1();
            String by = o.name();
            double gap = least - s.z2();
            book.figure(id + "above", "Gap under " + by, gap, Quantity.LENGTH, "underside − its top",
                    Sentence.of("{0} − {1}", Amount.m(least), Amount.m(s.z2())), "sum");
            if (gap < Assumed.value(design, Assumption.OVER_LOAD) - 1e-9) {
                book.say(LoadingRules.LOAD_ABOVE, Subject.thing(t.id()), Severity.WARN,
                        Sentence.of("{0} rides too close under {1}", t.name(),
                                by),
                        Sentence.of("{0} is left; {1} is wanted on springs and straps.", Amount.m(gap),
                                Amount.m(Assumed.value(design, Assumption.OVER_LOAD))));
            }
        });
    }

    /// The lowest thing inside that hangs over it.
    static Optional<Thing> over(Design design, Thing t) {
        Solid s = Solid.of(t.size(), t.place());
        return design.things().stream()
                .filter(o -> o.mount() == Mount.INSIDE && !o.id().equals(t.id()) && !o.place().away())
                .filter(o -> {
                    Solid over = Solid.of(o.size(), o.place());
                    return over.z1() >= s.z2() - 0.001 && over.levelApartFrom(s).depth() > 0.001;
                }).min(Comparator.comparingDouble(o -> Solid.of(o.size(), o.place()).z1()));
    }

    private static Sketch side(Design design, Thing t, Feature.Carried c, RampLoading ramp, double header,
            Optional<Thing> gate) {
        Sketch.Board board = new Sketch.Board("From the side: on the level, on the crest, and on the ramp");
        double rise = design.base().floorHeight();
        double foot = -Math.sqrt(c.ramp() * c.ramp() - rise * rise);
        double[] places = {foot / 2, c.wheelbase() / 2, c.wheelbase() + 0.4};
        board.line(Sketch.Pen.SOLID, foot - 0.6, -rise, foot, -rise, 0, 0,
                places[2] + Math.max(0, c.ahead()) + 0.3, 0);
        for (int i = 0; i < places.length; i++) {
            double[][] box = ramp.outline(places[i]);
            if (i == 1) {
                Sketched.alone(board, t, Facing.SIDE, p -> in(box, p[0] / t.size().length() + 0.5,
                        (p[1] - c.belly()) / Math.max(1e-6, t.size().height() - c.belly())));
                board.path(Sketch.Pen.THIN, box, true, Sentence.of(""));
            } else {
                board.path(Sketch.Pen.DASHED, box, true, Sentence.of(""));
            }
        }
        double above = gate.flatMap(g -> g.feature(Feature.Opening.class)).map(Feature.Opening::height).orElse(header);
        board.line(above < header ? Sketch.Pen.FAULT : Sketch.Pen.SOLID, 0, above, 0, above + 0.4);
        board.dot(0, above, Sentence.of("header {0}", Amount.m(above)));
        board.dot(0.02, header, Sentence.of("needs {0}", Amount.m(header)));
        return board.done();
    }

    /// A place in a leaning box, both from 0 to 1 between its corners.
    private static double[] in(double[][] box, double along, double up) {
        return new double[]{box[0][0] + along * (box[1][0] - box[0][0]) + up * (box[3][0] - box[0][0]),
                box[0][1] + along * (box[1][1] - box[0][1]) + up * (box[3][1] - box[0][1])};
    }

    private static Chart way(RampLoading ramp, Feature.Carried c) {
        int n = 60;
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            x[i] = c.wheelbase() * 1.2 * i / n - 0.1 * c.wheelbase();
            y[i] = ramp.gapUnder(x[i]);
        }
        return new Chart("Gap between belly and edge", "front wheels beyond the edge", Quantity.LENGTH, "gap",
                Quantity.LENGTH, List.of(new Chart.Curve("gap", x, y)), List.of(new Chart.Limit("it sits down", 0)));
    }
}
