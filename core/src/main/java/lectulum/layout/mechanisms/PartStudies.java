package lectulum.layout.mechanisms;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.assumed.Strength;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.beams.Beam;
import lectulum.kernel.beams.Section;
import lectulum.kernel.mechanisms.Slide;
import lectulum.kernel.mechanisms.SmallParts;
import lectulum.kernel.statics.Part;
import lectulum.space.Contents;
import lectulum.space.Solid;
import lectulum.symbols.Facing;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// Runners, roll-fronts, legs, slats and shelves, wall fixings, cables and winches.
public final class PartStudies {

    private PartStudies() {
    }

    public static List<Study> of(Design design, Balance balance) {
        List<Study> studies = new ArrayList<>();
        for (Thing t : design.things()) {
            for (Feature f : t.features()) {
                study(design, balance, t, f).ifPresent(studies::add);
            }
        }
        return studies;
    }

    private static Optional<Study> study(Design design, Balance balance, Thing t, Feature feature) {
        return switch (feature) {
            case Feature.Rails r -> t.feature(Feature.Drawer.class).map(d -> slide(design, balance, t, d, r));
            case Feature.RollFront r -> Optional.of(rollFront(t, r));
            case Feature.Leg l -> Optional.of(leg(design, t, l));
            case Feature.Bearers b -> Optional.of(bearers(design, t, b));
            case Feature.Hung h -> Optional.of(hung(design, t, h));
            case Feature.Cables c -> Optional.of(cables(design, t, c));
            case Feature.Hoist h -> Optional.of(hoist(design, t, h));
            default -> Optional.empty();
        };
    }

    private static Study.Notebook book(Thing t, String kind, String title) {
        return new Study.Notebook(kind + "." + t.id(), Stage.LAYOUT, t.name() + ", " + title, t.id());
    }

    private static String id(Thing t, String kind) {
        return "mech." + t.id() + "." + kind + ".";
    }

    /// What moves with a thing: itself and all that is kept in it \[kg\].
    public static double loaded(Design design, Thing t) {
        return t.mass().value() + Contents.along(design, List.of(t.id()), Mode.ROAD).stream()
                .flatMap(id -> design.thing(id).stream()).mapToDouble(c -> c.mass().value()).sum();
    }

    private static Study slide(Design design, Balance balance, Thing t, Feature.Drawer d, Feature.Rails r) {
        Study.Notebook book = book(t, "slide", "pulled out");
        double mass = loaded(design, t);
        double reach = Math.max(0, d.travel() - depth(t, d) / 2);
        Slide slide = new Slide(mass * Units.GRAVITY, reach, r.overlap());
        String id = id(t, "slide");
        String source = "beam on two rollers";
        book.figure(id + "moment", "Moment at the root", slide.moment(), Quantity.MOMENT, "w d",
                Sentence.of("{0} at {1} beyond the last roller", Amount.kg(mass), Amount.m(reach)), source);
        book.figure(id + "front", "Front roller", slide.frontRoller(), Quantity.FORCE, "w (d + o)/o",
                Sentence.of("overlap {0}", Amount.m(r.overlap())), source);
        book.figure(id + "rear", "Rear roller, down", slide.rearRoller(), Quantity.FORCE, "w d/o",
                Sentence.of("overlap {0}", Amount.m(r.overlap())), source);
        book.figure(id + "sag", "Sags at the load", slide.sag(r.stiffness()), Quantity.DEFLECTION,
                "w d² (d + o)/(3 E I)", Sentence.of("E I {0} N·m²", Amount.count(r.stiffness())), source);
        double allowed = r.rated() * Units.GRAVITY * d.travel() / 2;
        double person = Assumed.value(design, Assumption.PERSON_SLIDE) * d.travel();
        if (slide.moment() > allowed || mass > r.rated()) {
            book.say(MechanismRules.SLIDE_ROOT, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The runners of {0} carry too much", t.name()),
                    Sentence.of("{0} out to {1} makes {2}; runners for {3} are made for {4}.",
                            Amount.kg(mass), Amount.m(reach), Amount.moment(slide.moment()), Amount.kg(r.rated()),
                            Amount.moment(allowed)));
        } else if (slide.moment() + person > allowed) {
            book.say(MechanismRules.SLIDE_PERSON, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Nobody may sit on {0} when it is pulled out", t.name()),
                    Sentence.of("With somebody on its end it makes {0}; the runners are made for {1}.",
                            Amount.moment(slide.moment() + person), Amount.moment(allowed)));
        }
        if (r.overlap() < d.travel() / 3 - 1e-9) {
            book.say(MechanismRules.SLIDE_OVERLAP, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The runners of {0} leave too little in", t.name()),
                    Sentence.of("{0} stays in; a third of the travel is {1}.", Amount.m(r.overlap()),
                            Amount.m(d.travel() / 3)));
        }
        balance.state(LoadCase.DEPARTURE.id()).filter(s -> design.base().ballToAxle() > 0)
                .ifPresent(s -> parked(design, t, d, s, mass, book, id));
        Sketch.Board board = new Sketch.Board("From the side, pulled out");
        double l = depth(t, d);
        double h = t.size().height();
        double[] out = Solid.of(t.size(), t.at(Mode.ROAD)).outward(d.face());
        boolean along = Math.abs(out[0]) > Math.abs(out[1]);
        double toward = (along ? out[0] : out[1]) < 0 ? -1 : 1;
        board.box(Sketch.Pen.DASHED, 0, 0, l, h);
        Sketched.alone(board, t, along ? Facing.SIDE : Facing.BEHIND,
                p -> new double[]{d.travel() + l / 2 + toward * p[0], p[1]});
        board.line(Sketch.Pen.SOLID, 0, -0.03, l, -0.03);
        board.line(Sketch.Pen.THIN, l - r.overlap(), -0.015, d.travel() + l, -0.015);
        board.dot(l, -0.03, Sentence.of("front roller")).dot(l - r.overlap(), -0.03, Sentence.of("rear roller"));
        board.dot(d.travel() + l / 2, h / 2, Sentence.of("{0}", Amount.kg(mass)));
        return book.sketch(board.done()).done();
    }

    private static double depth(Thing t, Feature.Drawer d) {
        return d.face() == Feature.Face.FRONT || d.face() == Feature.Face.REAR ? t.size().length() : t.size().width();
    }

    /// What pulling it out does to a camper that stands unhitched on its jack.
    private static void parked(Design design, Thing t, Feature.Drawer d, LoadedState s, double mass,
            Study.Notebook book, String id) {
        double axle = design.base().ballToAxle();
        double jack = Assumed.value(design, Assumption.JACK_AT);
        double moment = 0;
        for (Part p : s.parts()) {
            moment += p.mass() * (axle - p.x());
        }
        Solid solid = Solid.of(t.size(), t.at(Mode.CAMP));
        double[] out = solid.outward(d.face());
        double after = moment - mass * out[0] * d.travel();
        double reaction = Slide.jack(after, axle - jack);
        double end = Math.abs(out[0]) > 0.5
                ? (out[0] > 0 ? solid.maxX() : solid.minX()) + out[0] * d.travel()
                : solid.x();
        double person = Assumed.value(design, Assumption.PERSON_SLIDE)
                * (axle - design.base().tongueLength() - end);
        double sat = Slide.jack(after + person / Units.GRAVITY, axle - jack);
        book.figure(id + "jack", "Left on the jack, unhitched", reaction, Quantity.FORCE, "Σ m g (a − x)/(a − jack)",
                Sentence.of("{0} before it is pulled out", new Amount(Slide.jack(moment, axle - jack), Quantity.FORCE)),
                "moments about the axle");
        double behind = design.base().tongueLength() + solid.x() + out[0] * d.travel() - axle;
        double others = moment + mass * (behind - out[0] * d.travel());
        boolean lifts = behind > 0 && others > 0;
        if (lifts) {
            book.figure(id + "tips", "Lifts the tongue from a load of", Slide.tips(others, behind), Quantity.MASS,
                    "Σ m (a − x)/(x − a)", Sentence.of("its middle comes to {0} behind the axle, {1} are on it",
                            Amount.m(behind), Amount.kg(mass)),
                    "moments about the axle");
        }
        if (person < 0) {
            book.figure(id + "jackPerson", "Left on the jack with somebody on its end", sat, Quantity.FORCE,
                    "Σ m g (a − x)/(a − jack)", Sentence.of("{0} at {1} behind the ball",
                            new Amount(Assumed.value(design, Assumption.PERSON_SLIDE), Quantity.FORCE),
                            Amount.m(design.base().tongueLength() + end)),
                    "moments about the axle");
        }
        boolean jacks = design.settings().assumed().containsKey(Assumption.CAMP_REAR_JACKS.id())
                && Assumed.value(design, Assumption.CAMP_REAR_JACKS) >= 1;
        String first = jacks ? "Lower the rear jacks first." : "Lower rear jacks first, or stay coupled.";
        if (person < 0 && sat < 0 && reaction >= 0.05 * s.mass() * Units.GRAVITY) {
            book.say(MechanismRules.PARK_PERSON, Subject.thing(t.id()), jacks ? Severity.NOTE : Severity.WARN,
                    Sentence.of("Somebody on the end of {0} lifts the tongue", t.name()),
                    Sentence.of("Unhitched, {0} would be left on the jack. {1}", new Amount(sat, Quantity.FORCE),
                            first));
        }
        if (reaction < 0.05 * s.mass() * Units.GRAVITY && after < moment) {
            book.say(MechanismRules.PARK_TIP, Subject.thing(t.id()), jacks ? Severity.NOTE : Severity.STOP,
                    Sentence.of("Pulling out {0} may lift the tongue", t.name()),
                    lifts
                            ? Sentence.of("{0} is left on the jack; {1} at {2} behind the axle lift it. {3}",
                                    new Amount(reaction, Quantity.FORCE), Amount.kg(Slide.tips(others, behind)),
                                    Amount.m(behind), first)
                            : Sentence.of("{0} is left on the jack. {1}", new Amount(reaction, Quantity.FORCE), first));
        }
    }

    private static Study rollFront(Thing t, Feature.RollFront r) {
        Study.Notebook book = book(t, "rollFront", "roll-front");
        String id = id(t, "rollFront");
        double curtain = r.opening() + r.overlap();
        book.figure(id + "curtain", "Curtain", curtain, Quantity.LENGTH, "opening + overlap",
                Sentence.of("{0} + {1}", Amount.m(r.opening()), Amount.m(r.overlap())), "sum");
        if (r.groove() <= r.thick()) {
            book.say(MechanismRules.TAMBOUR_RADIUS, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The slats of {0} do not go into their groove", t.name()),
                    Sentence.of("A slat is {0} thick, the groove {1}.", Amount.m(r.thick()), Amount.m(r.groove())));
        } else {
            double least = SmallParts.rollFrontRadius(r.slat(), r.thick(), r.groove());
            book.figure(id + "radius", "Least bend of the groove", least, Quantity.LENGTH, "w²/(8 (g − t)) − t/2",
                    Sentence.of("slats {0} × {1} in {2}", Amount.m(r.slat()), Amount.m(r.thick()),
                            Amount.m(r.groove())),
                    "a chord in a ring");
            if (r.radius() < least) {
                book.say(MechanismRules.TAMBOUR_RADIUS, Subject.thing(t.id()), Severity.WARN,
                        Sentence.of("The roll-front of {0} binds in its bend", t.name()),
                        Sentence.of("The groove bends to {0}; these slats need {1}. Take narrower slats.",
                                Amount.m(r.radius()), Amount.m(least)));
            }
        }
        if (curtain > r.run() + 1e-9) {
            book.say(MechanismRules.TAMBOUR_PARK, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The roll-front of {0} does not park", t.name()),
                    Sentence.of("It is {0} long and parks in {1}.", Amount.m(curtain), Amount.m(r.run())));
        }
        if (r.exit() < r.slat()) {
            book.say(MechanismRules.TAMBOUR_EXIT, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The roll-front of {0} cannot be taken out", t.name()),
                    Sentence.of("At one end a piece of rail must come off and leave at least {0} straight.",
                            Amount.m(r.slat())));
        }
        Sketch.Board board = new Sketch.Board("Along the groove");
        double q = r.radius();
        List<double[]> track = new ArrayList<>();
        track.add(new double[]{0, 0});
        track.add(new double[]{r.opening(), 0});
        for (int i = 0; i <= 12; i++) {
            double a = -Math.PI / 2 + Math.PI / 2 * i / 12;
            track.add(new double[]{r.opening() + q * Math.cos(a), q + q * Math.sin(a)});
        }
        track.add(new double[]{r.opening() + q, q + r.run()});
        board.path(Sketch.Pen.SOLID, track);
        board.line(Sketch.Pen.MAIN, r.overlap(), 0.004, r.opening(), 0.004);
        board.dimension(0, -0.05, r.opening(), -0.05, Sentence.of("opening {0}", Amount.m(r.opening())));
        board.dimension(r.opening() + q + 0.06, q, r.opening() + q + 0.06, q + r.run(),
                Sentence.of("parks {0}", Amount.m(r.run())));
        return book.sketch(board.done()).done();
    }

    private static Study leg(Design design, Thing t, Feature.Leg l) {
        Study.Notebook book = book(t, "leg", "leg");
        Strength stuff = Strength.of(l.stuff());
        double inertia = Section.rectangle(l.wide(), l.thick()).inertia();
        double buckles = SmallParts.buckling(stuff.elasticity() * inertia, l.length(), 1);
        double reserve = buckles / (l.load() * Units.GRAVITY);
        String id = id(t, "leg");
        book.figure(id + "buckles", "Buckles at", buckles, Quantity.FORCE, "π² E I/L²",
                Sentence.of("{0} × {1} of {2}, {3} long", Amount.m(l.thick()), Amount.m(l.wide()), l.stuff().label(),
                        Amount.m(l.length())),
                "Euler, both ends pinned");
        book.figure(id + "reserve", "Times its load", reserve, Quantity.COUNT, "buckling/load",
                Sentence.of("load {0}", Amount.kg(l.load())), "3 is wanted (assumed)");
        if (reserve < Assumed.value(design, Assumption.LEG_RESERVE)) {
            book.say(MechanismRules.LEG_BUCKLE, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The leg of {0} is too slim", t.name()),
                    Sentence.of("It buckles at {0} times its load; {1} is wanted.", Amount.count(reserve),
                            Amount.count(Assumed.value(design, Assumption.LEG_RESERVE))));
        }
        if (!l.locked()) {
            book.say(MechanismRules.LEG_LOCK, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("Only a cord holds the leg of {0}", t.name()),
                    Sentence.of("A strut or a lock over centre holds it when somebody bumps it."));
        }
        Sketch.Board board = new Sketch.Board("The leg");
        board.box(Sketch.Pen.SOLID, -0.3, l.length(), 0.3, l.length() + 0.03);
        board.box(Sketch.Pen.MAIN, -l.thick() / 2, 0, l.thick() / 2, l.length());
        board.dimension(0.12, 0, 0.12, l.length(), Sentence.of("{0}", Amount.m(l.length())));
        return book.sketch(board.done()).done();
    }

    private static Study bearers(Design design, Thing t, Feature.Bearers b) {
        Study.Notebook book = book(t, "bearers", "bars");
        Strength stuff = Strength.of(b.stuff());
        String id = id(t, "bearers");
        if (!Section.possible(b.form(), b.width(), b.thick(), b.wall())) {
            return book.absent(id + "stress", "Stress", Quantity.STRESS, "M/Z",
                    "a " + b.form().label() + " of these sides cannot have such a wall").done();
        }
        Section s = Section.of(b.form(), b.width(), b.thick(), b.wall());
        double even = b.even() * Units.GRAVITY / b.count() / b.span();
        double point = b.point() * Units.GRAVITY / Math.min(2, b.count());
        Beam beam = new Beam(b.span(), even, List.of(new Beam.Point(point, b.at() * b.span())), b.held());
        double stiffness = stuff.elasticity() * s.inertia();
        double stress = beam.peakMoment() / s.modulus();
        double sag = beam.peakSag(stiffness);
        String source = "Euler–Bernoulli beam; one bar takes its part of the spread load and half of the single one";
        book.figure(id + "moment", "Moment in a bar", beam.peakMoment(), Quantity.MOMENT, switch (b.held()) {
            case RESTS -> "w L²/8 + P a b/L";
            case CLAMPED -> "w L²/12 + P a b²/L²";
            case ARM -> "w L²/2 + P a";
        }, Sentence.of("{0} bars over {1}, each {2}", b.count(), Amount.m(b.span()), b.held().label()), source);
        book.figure(id + "stress", "Stress", stress, Quantity.STRESS, "M/Z",
                Sentence.of("{0} carries {1}", b.stuff().label(), Amount.stress(stuff.limit())), source);
        book.figure(id + "sag", "Sag", sag, Quantity.DEFLECTION, switch (b.held()) {
            case RESTS -> "5 w L⁴/384 E I + P";
            case CLAMPED -> "w L⁴/384 E I + P";
            case ARM -> "w L⁴/8 E I + P";
        },
                Sentence.of("span over {0}", Math.round(b.span() / sag)), source);
        if (stress > stuff.limit()) {
            book.say(MechanismRules.BEARER_STRESS, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("The bars of {0} are too weak", t.name()),
                    Sentence.of("{0} in {1}, which carries {2}. Take thicker bars or a shorter span.",
                            Amount.stress(stress), b.stuff().label(),
                            Amount.stress(stuff.limit())));
        }
        if (sag > b.span() / b.sag()) {
            book.say(MechanismRules.BEARER_SAG, Subject.thing(t.id()), Severity.NOTE,
                    Sentence.of("The bars of {0} sag {1}", t.name(),
                            Amount.sag(sag)),
                    Sentence.of("Span over {0}; no more than span over {1} is wanted.", Math.round(b.span() / sag),
                            Math.round(b.sag())));
        }
        int n = 60;
        double[] x = new double[n + 1];
        double[] y = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            x[i] = b.span() * i / n;
            y[i] = -beam.sag(x[i], stiffness);
        }
        return book
                .chart(new Chart("A bar under its load", "along the bar", Quantity.LENGTH, "sag", Quantity.DEFLECTION,
                        List.of(new Chart.Curve("sag", x, y)),
                        List.of(new Chart.Limit("wanted", -b.span() / b.sag()))))
                .done();
    }

    private static Study hung(Design design, Thing t, Feature.Hung h) {
        Study.Notebook book = book(t, "hung", "on the wall");
        double shock = Math.max(3, Assumed.value(design, Assumption.SHOCK));
        double mass = loaded(design, t);
        double pull = SmallParts.fixingPull(mass, shock, h.off(), h.rows(), h.top());
        double shear = SmallParts.fixingShear(mass, shock, h.all());
        String id = id(t, "hung");
        String source = "moments about the lower row; dynamic factor 3 (assumed)";
        book.figure(id + "pull", "Pull on each upper fixing", pull, Quantity.FORCE, "n m g e/(h n_top)",
                Sentence.of("{0}, {1} off the wall, rows {2} apart", Amount.kg(mass), Amount.m(h.off()),
                        Amount.m(h.rows())),
                source);
        book.figure(id + "shear", "Shear on each fixing", shear, Quantity.FORCE, "n m g/n_all",
                Sentence.of("{0} on {1}", Amount.kg(mass), h.all()), source);
        if (pull > h.pull() || shear > h.shear()) {
            book.say(MechanismRules.HUNG_FIXING, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("{0} would tear off the wall", t.name()),
                    Sentence.of("Each upper fixing is pulled with {0} and holds {1}; each is sheared with {2} and holds"
                            + " {3}. More fixings, or rows further apart.", new Amount(pull, Quantity.FORCE),
                            new Amount(h.pull(), Quantity.FORCE), new Amount(shear, Quantity.FORCE),
                            new Amount(h.shear(), Quantity.FORCE)));
        }
        Sketch.Board board = new Sketch.Board("From the front of the camper");
        double hgt = t.size().height();
        Solid solid = Solid.of(t.size(), t.at(Mode.ROAD));
        double toward = solid.y() < 0 ? -1 : 1;
        board.line(Sketch.Pen.SOLID, 0, -0.1, 0, hgt + 0.1);
        Sketched.alone(board, t, Facing.AHEAD,
                p -> new double[]{(solid.maxY() - solid.minY()) / 2 + toward * p[0], p[1]});
        double low = (hgt - h.rows()) / 2;
        board.dot(0, low, Sentence.of("{0}", new Amount(shear, Quantity.FORCE)));
        board.dot(0, low + h.rows(), Sentence.of("{0} pull", new Amount(pull, Quantity.FORCE)));
        board.dot(h.off(), hgt / 2, Sentence.of("{0}", Amount.kg(mass)));
        return book.sketch(board.done()).note("Thin skin alone carries nothing: fixings go into studs or a rail.")
                .done();
    }

    private static Study cables(Design design, Thing t, Feature.Cables c) {
        Study.Notebook book = book(t, "cables", "on cables");
        double carried = t.feature(Feature.Bed.class).map(Feature.Bed::carries).orElse(0.0);
        double shock = t.has(Feature.Bed.class) ? Assumed.value(design, Assumption.CABLE_SHOCK) : 1;
        double share = (loaded(design, t) + shock * carried) * Units.GRAVITY / c.lines();
        double pull = SmallParts.cable(share, c.angle());
        String id = id(t, "cables");
        book.figure(id + "pull", "Pull in each cable", pull, Quantity.FORCE, "V/sin φ",
                Sentence.of("{0} on each, {1} above the level", new Amount(share, Quantity.FORCE),
                        new Amount(c.angle(), Quantity.ANGLE)),
                "statics; a jumping child counts twice (assumed)");
        book.figure(id + "wall", "Pulls out of the wall", SmallParts.wallPull(share, c.angle()), Quantity.FORCE,
                "V/tan φ", Sentence.of("at each"), "statics");
        double reserve = c.strength() / pull;
        if (reserve < Assumed.value(design, Assumption.CABLE_RESERVE) || c.angle() < Math.toRadians(30)) {
            book.say(MechanismRules.CABLE_WEAK, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The cables of {0} are too weak", t.name()),
                    Sentence.of(
                            "Each is pulled with {0} and breaks at {1}: {2} times; {3} is wanted, and no flatter than"
                                    + " 30°.",
                            new Amount(pull, Quantity.FORCE), new Amount(c.strength(), Quantity.FORCE),
                            Amount.count(reserve), Amount.count(Assumed.value(design, Assumption.CABLE_RESERVE))));
        }
        Sketch.Board board = new Sketch.Board("One cable");
        double x = Math.cos(c.angle());
        double y = Math.sin(c.angle());
        board.line(Sketch.Pen.SOLID, x, y - 0.3, x, y + 0.3).line(Sketch.Pen.MAIN, 0, 0, x, y);
        board.box(Sketch.Pen.AREA, -0.8, -0.04, 0, 0);
        board.dot(x / 2, y / 2, Sentence.of("{0}", new Amount(pull, Quantity.FORCE)));
        return book.sketch(board.done()).caution("Test a hung bunk with twice its load before a child lies in it.")
                .done();
    }

    private static Study hoist(Design design, Thing t, Feature.Hoist h) {
        Study.Notebook book = book(t, "hoist", "winch");
        double mass = loaded(design, t);
        double line = SmallParts.hoistLine(mass, h.lines(), h.sheaves());
        double crank = line * h.lines() * h.drum() / (h.crank() * h.gear());
        String id = id(t, "hoist");
        book.figure(id + "line", "Pull in each line", line, Quantity.FORCE, "m g/(lines · 0.92^sheaves)",
                Sentence.of("{0} on {1} over {2}", Amount.kg(mass), h.lines(), h.sheaves()), "plain sheaves (assumed)");
        book.figure(id + "crank", "At the crank", crank, Quantity.FORCE, "line · lines · r_drum/(r_crank · gear)",
                Sentence.of("drum {0}, crank {1}", Amount.m(h.drum()), Amount.m(h.crank())), "levers");
        double hand = Assumed.value(design, Assumption.CRANK_HAND);
        if (crank > hand) {
            book.say(MechanismRules.HOIST_CRANK, Subject.thing(t.id()), Severity.WARN,
                    Sentence.of("Cranking {0} is hard work", t.name()),
                    Sentence.of("{0} at the crank; {1} is easy. Use a higher gear or a thinner drum.",
                            new Amount(crank, Quantity.FORCE), new Amount(hand, Quantity.FORCE)));
        }
        if (!h.holds()) {
            book.say(MechanismRules.HOIST_HOLDS, Subject.thing(t.id()), Severity.STOP,
                    Sentence.of("The winch of {0} runs back", t.name()),
                    Sentence.of("It needs a gear that locks itself or a brake, and pins once it is up."));
        }
        Sketch.Board board = new Sketch.Board("Drum and crank");
        board.circle(Sketch.Pen.SOLID, 0, 0, h.drum()).line(Sketch.Pen.MAIN, 0, 0, h.crank(), 0);
        board.line(Sketch.Pen.THIN, -h.drum(), 0, -h.drum(), 0.4);
        board.dot(h.crank(), 0, Sentence.of("{0}", new Amount(crank, Quantity.FORCE)));
        board.dot(-h.drum(), 0.4, Sentence.of("{0} each", new Amount(line, Quantity.FORCE)));
        return book.sketch(board.done()).caution("Never be under a load that hangs on a winch alone.").done();
    }
}
