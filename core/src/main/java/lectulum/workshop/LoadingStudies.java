package lectulum.workshop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.carry.Lashing;
import lectulum.carry.RampLoading;
import lectulum.design.Design;
import lectulum.design.Feature;
import lectulum.design.Mode;
import lectulum.design.Mount;
import lectulum.design.Thing;
import lectulum.figures.Amount;
import lectulum.figures.Chart;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Sketch;
import lectulum.fit.Doorway;
import lectulum.layout.Body;
import lectulum.layout.Faces;
import lectulum.layout.Solid;
import lectulum.units.Quantity;

/// Big things that roll aboard: over the ramp, under the header, between the walls, and tied down.
final class LoadingStudies {
    private LoadingStudies() {
    }

    static List<Study> of(Design design, Body body) {
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
                    boolean rear = Faces.of(body, t, Mode.ROAD) == lectulum.design.Carcass.Face.REAR;
                    return o.width() * o.height() + (rear ? 10 : 0);
                }));
    }

    /// Which built-in things go through no opening in one piece, and the longest thing that turns in at the door.
    private static Study gettingIn(Design design, Body body, Thing largest) {
        Study.Notebook book = new Study.Notebook("load.in", Study.Topic.LOADING, "Getting things in", "");
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
            book.say("load.inside", Severity.NOTE,
                    Sentence.of("{0} things go in only in pieces", stuck.size()),
                    Sentence.of("{0}: no opening takes them whole. Build them inside, or make them so that they come"
                            + " apart.", String.join(", ", stuck.stream().limit(5).map(Thing::name).toList())),
                    stuck.stream().map(Thing::id).toList());
        }
        return book.done();
    }

    private static Study study(Design design, Body body, Thing t, Feature.Carried c) {
        Study.Notebook book = new Study.Notebook("load." + t.id(), Study.Topic.LOADING, t.name() + ", loading", t.id());
        double rise = design.base().floorHeight();
        double width = t.size().width();
        double high = t.size().height();
        String id = "load." + t.id() + ".";
        Optional<Thing> gate = gate(design, body);
        double clear = Assumed.value(design, "load.clear");
        if (c.ramp() <= rise) {
            book.absent(id + "angle", "Ramp angle", Quantity.ANGLE, "asin(rise/ramp)",
                    "the ramp is no longer than the floor is high");
            return book.say("load.ramp." + t.id(), Severity.STOP, Sentence.of("The ramp does not reach the ground"),
                    Sentence.of("It is {0} long and the floor stands {1} high.", Amount.m(c.ramp()), Amount.m(rise)))
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
            book.say("load.crest." + t.id(), Severity.STOP, Sentence.of("{0} sits down on the edge", t.name()),
                    Sentence.of("{0} is left under it; {1} is wanted. A longer ramp is flatter.",
                            Amount.m(ramp.bellyGap()), Amount.m(clear)));
        }
        gate.ifPresentOrElse(g -> door(design, body, t, g, header, clear, book, id), () -> book.say(
                "load.door." + t.id(), Severity.STOP, Sentence.of("{0} has no door to come in by", t.name()),
                Sentence.of("No opening reaches down to the floor.")));
        double inside = 2 * (body.halfWidth() - design.base().wall());
        book.figure(id + "side", "Gap on each side, inside", RampLoading.sideGap(inside, width), Quantity.LENGTH,
                "(box − width)/2", Sentence.of("{0} in {1}", Amount.m(width), Amount.m(inside)), "plane geometry");
        book.figure(id + "yaw", "Touches both walls when turned", RampLoading.touchingTurn(t.size().length(), width,
                inside), Quantity.ANGLE, "atan(L/W) − acos(box/√(W² + L²))",
                Sentence.of("90° is free to turn"), "plane geometry");
        lashing(t, c, book, id);
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
            book.say("load.header." + t.id(), Severity.STOP,
                    Sentence.of("{0} hits the header on the ramp", t.name()),
                    Sentence.of("Its roof rises to {0}; the header is at {1} and {2} is wanted free. A longer ramp is"
                            + " flatter.", Amount.m(header), Amount.m(above), Amount.m(clear)),
                    List.of(t.id(), g.id()));
        }
        double inside = RampLoading.sideGap(2 * (body.halfWidth() - design.base().wall()), t.size().width());
        if (Math.min(gap, inside) < clear) {
            double least = Math.min(gap, inside);
            book.say("load.side." + t.id(), least < 0 ? Severity.STOP : Severity.WARN,
                    least < 0
                            ? Sentence.of("{0} is wider than {1}", t.name(), gap <= inside ? "the door" : "the inside")
                            : Sentence.of("{0} has little room in {1}", t.name(),
                                    gap <= inside ? "the door" : "the walls"),
                    least < 0
                            ? Sentence.of("{0} are missing.", Amount.m(-2 * least))
                            : Sentence.of("{0} is left on each side; {1} is wanted.", Amount.m(least), Amount.m(clear)),
                    List.of(t.id(), g.id()));
        } else if (2 * inside < Assumed.value(design, "load.driver") && t.size().length() > 1.5) {
            book.note("Nobody gets out beside it: pull it in by a winch.");
        }
    }

    private static void lashing(Thing t, Feature.Carried c, Study.Notebook book, String id) {
        double forward = Lashing.force(t.mass().value(), Lashing.FORWARDS, c.friction(), c.straps(), c.steep(),
                c.aside());
        double back = Lashing.force(t.mass().value(), Lashing.BACK_AND_SIDE, c.friction(), c.straps(), c.steep(),
                c.aside());
        String source = "EN 12195-1, direct lashing";
        book.figure(id + "lashForward", "Each strap, forwards", forward, Quantity.FORCE,
                "m g (c − μ f)/(n (cos α cos β + μ f sin α))",
                Sentence.of("{0}, {1} straps, c = 0.8", Amount.kg(t.mass().value()), c.straps()), source);
        book.figure(id + "lashBack", "Each strap, rearwards and aside", back, Quantity.FORCE,
                "m g (c − μ f)/(n (cos α cos β + μ f sin α))", Sentence.of("c = 0.5"), source);
        if (forward > c.ring()) {
            book.say("load.lash." + t.id(), Severity.STOP, Sentence.of("The rings of {0} are too weak", t.name()),
                    Sentence.of("Each front strap must hold {0}; its ring is rated {1}. One strap more, or flatter"
                            + " ones.", new Amount(forward, Quantity.FORCE), new Amount(c.ring(), Quantity.FORCE)));
        }
        book.note(
                "Straps to the frame or into two cross-members, never the floor skin alone; tighten them again after the"
                        + " first kilometres.");
    }

    /// A bed or cupboard over its place on the road.
    private static void above(Design design, Thing t, Study.Notebook book, String id) {
        Solid s = Solid.of(t.size(), t.place());
        double least = Double.POSITIVE_INFINITY;
        String by = "";
        for (Thing o : design.things()) {
            if (o.mount() == Mount.INSIDE && !o.id().equals(t.id()) && !o.place().away()) {
                Solid over = Solid.of(o.size(), o.place());
                if (over.z1() >= s.z2() - 0.001 && over.levelApartFrom(s).depth() > 0.001 && over.z1() < least) {
                    least = over.z1();
                    by = o.name();
                }
            }
        }
        if (Double.isFinite(least)) {
            double gap = least - s.z2();
            book.figure(id + "above", "Gap under " + by, gap, Quantity.LENGTH, "underside − its top",
                    Sentence.of("{0} − {1}", Amount.m(least), Amount.m(s.z2())), "sum");
            if (gap < Assumed.value(design, "over.load") - 1e-9) {
                book.say("load.above." + t.id(), Severity.WARN, Sentence.of("{0} rides too close under {1}", t.name(),
                        by),
                        Sentence.of("{0} is left; {1} is wanted on springs and straps.", Amount.m(gap),
                                Amount.m(Assumed.value(design, "over.load"))));
            }
        }
    }

    private static Sketch side(Design design, Thing t, Feature.Carried c, RampLoading ramp, double header,
            Optional<Thing> gate) {
        Sketch.Board board = new Sketch.Board("From the side: on the level, on the crest, and on the ramp");
        double rise = design.base().floorHeight();
        double foot = -Math.sqrt(c.ramp() * c.ramp() - rise * rise);
        board.line(Sketch.Pen.SOLID, foot - 0.6, -rise, foot, -rise, 0, 0, 3.2, 0);
        double[] places = {foot / 2, c.wheelbase() / 2, c.wheelbase() + 0.4};
        for (int i = 0; i < places.length; i++) {
            double[][] roof = ramp.outline(places[i]);
            board.path(i == 1 ? Sketch.Pen.MAIN : Sketch.Pen.DASHED, roof, true, Sentence.of(i == 1 ? t.name() : ""));
        }
        double above = gate.flatMap(g -> g.feature(Feature.Opening.class)).map(Feature.Opening::height).orElse(header);
        board.line(above < header ? Sketch.Pen.FAULT : Sketch.Pen.SOLID, 0, above, 0, above + 0.4);
        board.dot(0, above, Sentence.of("header {0}", Amount.m(above)));
        board.dot(0.02, header, Sentence.of("needs {0}", Amount.m(header)));
        return board.done();
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
