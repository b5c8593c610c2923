package lectulum.balance.road;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
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
import lectulum.kernel.lashing.Lashing;
import lectulum.kernel.statics.FreeSurface;
import lectulum.kernel.statics.Statics;
import lectulum.kernel.towing.Rollover;
import lectulum.kernel.towing.Sway;
import lectulum.space.Solid;
import lectulum.units.Quantity;
import lectulum.units.Units;

/// At speed: swaying, tipping over in curves, pulling away uphill, what has to be tied, and the roof.
public final class RoadStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("road", "Road", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(RoadStudies::of))
            .checking(RoadRules.class, RoadRemedies::of);

    private static final int POINTS = 17;
    private static final double SPREAD = 0.25;
    private static final double GOOD = 0.10;
    private static final String TREND = "Trend from a linear model, not a safety certificate: no wind, no passing trucks,"
            + " no driver, no roll, no worn tyres, no play. If it sways: ease off, do not brake hard or steer against it,"
            + " use the trailer's brakes alone if there are any, stop, load anew.";

    private RoadStudies() {
    }

    public static List<Study> of(Rig rig) {
        List<Study> all = new ArrayList<>();
        all.add(sway(rig));
        all.add(tipping(rig));
        all.add(climbing(rig));
        slosh(rig).ifPresent(all::add);
        all.add(ties(rig));
        roof(rig).ifPresent(all::add);
        return all;
    }

    static Sway sway(Rig rig, LoadedState s, double stiffer) {
        Sway.Tyres tyres = new Sway.Tyres(rig.assumed(Assumption.ROAD_FRONT), rig.assumed(Assumption.ROAD_REAR),
                rig.assumed(Assumption.ROAD_TRAILER) * stiffer, rig.assumed(Assumption.ROAD_LAG));
        return new Sway(new Sway.Rig(rig.front(), rig.rear(), rig.vehicle().wheelbase(), rig.vehicle().overhang(),
                s.mass(), s.roll().x(), rig.axle, s.roll().yawInertia()), tyres, rig.assumed(Assumption.ROAD_DAMPER));
    }

    private static Study sway(Rig rig) {
        Study.Notebook book = new Study.Notebook("sway", Stage.BALANCE, "Swaying", "");
        LoadedState s = rig.lightestTongue();
        Sway usual = sway(rig, s, 1);
        if (!usual.rig().sound() || s.tongue() >= rig.rear()) {
            return book.absent("sway.damping", "Damping of the swing", Quantity.COUNT, "ζ = −Re/|λ|",
                    "masses and wheelbase of the vehicle are not known").done();
        }
        Sway soft = sway(rig, s, 1 - SPREAD);
        Sway stiff = sway(rig, s, 1 + SPREAD);
        double v = rig.assumed(Assumption.ROAD_SPEED);
        double damping = usual.at(v).damping();
        double low = soft.at(v).damping();
        String source = "linear single-track model with late tyres; reference damping after ISO 9815";
        boolean swings = usual.at(v).swings() && soft.at(v).swings() && stiff.at(v).swings();
        if (swings) {
            book.figure("sway.damping", "Damping of the swing", damping, Quantity.COUNT, "ζ = −Re/|λ|",
                    Sentence.of("{0} to {1} for tyres a quarter softer or stiffer, at {2}", two(low),
                            two(stiff.at(v).damping()), new Amount(v, Quantity.SPEED)),
                    source);
            book.figure("sway.frequency", "It swings with", usual.at(v).frequency(), Quantity.FREQUENCY, "|λ|/2π",
                    Sentence.of("at {0}", new Amount(v, Quantity.SPEED)), source);
        } else {
            book.absent("sway.damping", "Damping of the swing", Quantity.COUNT, "ζ = −Re/|λ|",
                    "nothing swings at that speed");
        }
        book.figure("sway.percussion", "Percussion ratio", usual.percussion(), Quantity.COUNT, "d(l − d)m/I",
                Sentence.of("yaw inertia {0} kg·m² from the real placing", Math.round(s.roll().yawInertia())),
                "at 1 the swing does not steer the vehicle");
        turning(soft, v, book);
        OptionalDouble critical = soft.swingsFrom();
        OptionalDouble reference = usual.reference();
        if (critical.isPresent()) {
            book.figure("sway.critical", "Swings by itself from", critical.getAsDouble(), Quantity.SPEED,
                    "first speed where ζ ≤ 0", Sentence.of("with the softer tyres"), source);
        } else {
            book.note("With the softer tyres it never swings by itself below {0}.", new Amount(60, Quantity.SPEED));
        }
        if (reference.isPresent()) {
            book.figure("sway.reference", "Damping falls to 0.05 at", reference.getAsDouble(), Quantity.SPEED,
                    "first speed where ζ = 0.05", Sentence.of("with the usual tyres"), source);
        }
        if (swings && (low < GOOD || critical.isPresent() && critical.getAsDouble() < 1.2 * v)) {
            boolean stop = low < Sway.REFERENCE || critical.isPresent() && critical.getAsDouble() < 1.2 * v;
            book.say(RoadRules.SWAY_DAMPING, stop ? Severity.STOP : Severity.WARN,
                    Sentence.of("Swaying dies away slowly at {0}", new Amount(v, Quantity.SPEED)),
                    Sentence.of("Damping {0} ({1} to {2}), {3} is wanted. Weight forward and near the axle, a longer"
                            + " tongue, or less speed. A trend, not a certificate.", two(damping), two(low),
                            two(stiff.at(v).damping()), two(GOOD)));
        }
        if (swings) {
            helps(rig, s, usual, v, book);
        }
        List<Chart.Curve> curves = new ArrayList<>();
        for (Sway each : List.of(soft, usual, stiff)) {
            double[] x = new double[POINTS];
            double[] y = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                x[i] = 8 + 2 * i;
                double ratio = each.at(x[i]).damping();
                y[i] = Double.isNaN(ratio) ? 1 : Math.clamp(ratio, -0.5, 1);
            }
            curves.add(new Chart.Curve(each == soft ? "softer" : each == usual ? "usual" : "stiffer", x, y));
        }
        book.chart(new Chart("Damping over speed", "speed", Quantity.SPEED, "", Quantity.COUNT, curves,
                List.of(new Chart.Limit("wanted", GOOD), new Chart.Limit("reference", Sway.REFERENCE))));
        return book.caution(TREND).done();
    }

    /// A vehicle that turns away does not swing: its tail is too light or its ball too far back.
    private static void turning(Sway soft, double v, Study.Notebook book) {
        soft.turnsAway().ifPresent(from -> {
            book.figure("sway.turnsAway", "The vehicle turns away from", from, Quantity.SPEED,
                    "first speed with a positive real root", Sentence.of("with the softer trailer tyres"),
                    "linear single-track model");
            if (from < 1.2 * v) {
                book.say(RoadRules.SWAY_TURNS_AWAY, Severity.STOP,
                        Sentence.of("From {0} the vehicle turns away by itself", new Amount(from, Quantity.SPEED)),
                        Sentence.of(
                                "That is no swing: its rear tyres are overloaded or its front is too light. Less tongue"
                                        + " load, a shorter overhang, less speed. A trend, not a certificate."));
            }
        });
    }

    /// What changes the damping, computed anew for each.
    private static void helps(Rig rig, LoadedState s, Sway usual, double v, Study.Notebook book) {
        Sway.Rig r = usual.rig();
        double before = usual.at(v).damping();
        double tail = rig.rearEnd() - s.roll().x();
        Sway.Rig withTail = new Sway.Rig(r.front(), r.rear(), r.wheelbase(), r.overhang(), r.mass() + 10,
                (r.mass() * r.centre() + 10 * rig.rearEnd()) / (r.mass() + 10), r.axle(),
                r.inertia() + 10 * tail * tail);
        Sway.Rig gathered = new Sway.Rig(r.front(), r.rear(), r.wheelbase(), r.overhang(), r.mass(), r.centre(),
                r.axle(), Math.max(1, r.inertia() - 20 * tail * tail));
        Sway.Rig longer = new Sway.Rig(r.front(), r.rear(), r.wheelbase(), r.overhang(), r.mass(), r.centre() + 0.2,
                r.axle() + 0.2, r.inertia());
        book.note("{6} more at the tail: {0} to {1}. {7} from the ends to the axle: {2}. Tongue {3} longer: {4}."
                + " Trailer tyres a fifth stiffer: {5}.", two(before),
                two(new Sway(withTail, usual.tyres(), usual.damper()).at(v).damping()),
                two(new Sway(gathered, usual.tyres(), usual.damper()).at(v).damping()), Amount.m(0.2),
                two(new Sway(longer, usual.tyres(), usual.damper()).at(v).damping()),
                two(new Sway(r, usual.tyres().withTrailer(1.2 * usual.tyres().trailer()), usual.damper()).at(v)
                        .damping()),
                Amount.kg(10), Amount.kg(20));
    }

    private static double two(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    private static Study tipping(Rig rig) {
        Study.Notebook book = new Study.Notebook("tipping", Stage.BALANCE, "Tipping over", "");
        LoadedState s = rig.highest();
        Rollover with = rollover(rig, s, 0, 0, 0);
        String source = "quasi-static roll model; roll centre at the axle";
        book.figure("tip.sprung", "Inner wheel lifts at, in g", with.sprung(), Quantity.COUNT,
                "[(1 − p)t/2 − |Y|]/[Z − p h + …]", Sentence.of("rigid {0}, {1}", two(with.rigid()),
                        s.loadCase().name()),
                source);
        book.figure("tip.slope", "Cross-slope, standing", with.slope() / 2, Quantity.ANGLE, "half of atan(rigid)",
                Sentence.of("rigid limit {0}", new Amount(with.slope(), Quantity.ANGLE)),
                "half the limit, assumed");
        book.figure("tip.curve", "Through the curve with", with.curveSpeed(rig.assumed(Assumption.ROAD_CURVE),
                rig.assumed(Assumption.ROAD_CURVE_PART)), Quantity.SPEED, "√(part a r)",
                Sentence.of("radius {0}", Amount.m(rig.assumed(Assumption.ROAD_CURVE))), source);
        book.figure("tip.height", "Centre of gravity above the ground", s.roll().z(), Quantity.LENGTH, "Σm z/M",
                Sentence.of("{0}", s.loadCase().name()), "sum");
        double[] roof = roofLoad(rig);
        if (roof[0] > 0) {
            Rollover without = rollover(rig, s, roof[0], roof[1], roof[2]);
            book.note("Without the {0} on the roof it would be {1} g.", Amount.kg(roof[0]), two(without.sprung()));
        }
        double warn = rig.assumed(Assumption.ROAD_ROLL_WARN);
        double stop = rig.assumed(Assumption.ROAD_ROLL_STOP);
        if (with.sprung() < warn) {
            book.say(RoadRules.TIP_LOW, with.sprung() < stop ? Severity.STOP : Severity.WARN,
                    Sentence.of("It tips over at {0} g", two(with.sprung())),
                    Sentence.of(
                            "{0} g is wanted. Lower what is heavy, take load off the roof, a wider track, or stiffer"
                                    + " springs.",
                            two(warn)));
        }
        return book.caution("A trend: quick steering, wind and ruts tip it earlier.").done();
    }

    private static double[] roofLoad(Rig rig) {
        double top = rig.body.roofOutside().highest() - 0.05;
        double mass = 0;
        double mz = 0;
        double mx = 0;
        for (Thing t : rig.outside().filter(t -> t.place().z() >= top).toList()) {
            double m = t.mass().value();
            mass += m;
            mx += m * (rig.base().tongueLength() + t.place().x());
            mz += m * (rig.base().floorHeight() + t.place().z() + t.size().height() / 2);
        }
        return mass > 0 ? new double[]{mass, mx / mass, mz / mass} : new double[3];
    }

    private static Rollover rollover(Rig rig, LoadedState s, double less, double x, double z) {
        double m = s.mass() - less;
        double cx = (s.mass() * s.roll().x() - less * x) / m;
        double cz = (s.mass() * s.roll().z() - less * z) / m;
        double sprung = m - rig.unsprung();
        double sprungZ = sprung > 0 ? (m * cz - rig.unsprung() * rig.radius) / sprung : cz;
        return Rollover.of(new Rollover.Body(m, cx, s.roll().y(), cz, rig.axle, rig.ball(), rig.track),
                new Rollover.Springs(Math.max(0, sprung), sprungZ, rig.radius, rig.sideRate(),
                        rig.assumed(Assumption.SPRING_BASE) * rig.track, rig.tyreRate()));
    }

    /// Tongue while pulling away uphill \[kg\].
    private static double uphill(Rig rig, LoadedState s) {
        return s.tongue()
                + Statics.braking(s.mass(), rig.axle, s.roll().z(), rig.ball(), -rig.assumed(Assumption.ROAD_GRAVITY),
                        0);
    }

    private static Study climbing(Rig rig) {
        Study.Notebook book = new Study.Notebook("climbing", Stage.BALANCE, "Pulling away, climbing, braking", "");
        LoadedState s = rig.lightestTongue();
        double g = rig.assumed(Assumption.ROAD_GRAVITY);
        double lighter = uphill(rig, s);
        double heavier = s.tongue() + Statics.braking(s.mass(), rig.axle, s.roll().z(), rig.ball(), 0.5,
                rig.base().axle().braked() ? 1 : 0);
        String source = "inertia at the centre of gravity, held at the ball";
        book.figure("climb.tongue", "Tongue pulling away uphill", lighter, Quantity.MASS,
                "T − M a (Z − h)/x_A", Sentence.of("{0} g, {1}", two(g), s.loadCase().name()), source);
        book.figure("brake.tongue", "Tongue braking with half of g", heavier, Quantity.MASS,
                "T + M a [Z − (1 − β)h]/x_A", Sentence.of(rig.base().axle().braked()
                        ? "its own brakes hold it"
                        : "the vehicle holds it"),
                source);
        if (lighter <= 0) {
            book.say(RoadRules.CLIMB_LIFT, Severity.WARN, Sentence.of("Pulling away uphill the coupler is pulled up"),
                    Sentence.of("{0} at {1} g in {2}. Weight forward, or lower.", Amount.kg(lighter), two(g),
                            s.loadCase().name()));
        }
        return book.done();
    }

    /// What lies free in part-full tanks, each at the fill at which that changes most.
    private static Optional<Study> slosh(Rig rig) {
        double g = rig.assumed(Assumption.SLOSH_G);
        double along = 0;
        double aside = 0;
        Study.Notebook book = new Study.Notebook("slosh", Stage.BALANCE, "Part-full tanks", "");
        String source = "hydrostatics of a box; a surge overshoots it";
        for (Thing t : rig.design.things()) {
            if (t.tank().isEmpty() || t.tank().get().use() == Tank.Use.GAS || t.mount() == Mount.SPREAD) {
                continue;
            }
            double full = t.tank().get().fullMass();
            Solid s = Solid.of(t.size(), t.place());
            double height = s.z2() - s.z1();
            if (!(full > 0) || !(height > 0) || !(s.reachX() > 0) || !(s.reachY() > 0)) {
                continue;
            }
            double back = FreeSurface.most(2 * s.reachX(), height, full, g) / rig.axle;
            double side = 2 * FreeSurface.most(2 * s.reachY(), height, full, g) / rig.track;
            along += back;
            aside += side;
            book.figure("slosh." + t.id() + ".tongue", t.name() + ", from or to the tongue", back, Quantity.MASS,
                    "max m Δx/x_A over all fills", Sentence.of("{0} when full, {1} long, {2} high, {3} g",
                            Amount.kg(full), Amount.m(2 * s.reachX()), Amount.m(height), two(g)),
                    source);
            book.figure("slosh." + t.id() + ".side", t.name() + ", to one side", side, Quantity.MASS,
                    "max 2 m Δy/track over all fills", Sentence.of("{0} wide", Amount.m(2 * s.reachY())), source);
        }
        if (along <= 0) {
            return Optional.empty();
        }
        LoadedState s = rig.lightestTongue();
        double lighter = uphill(rig, s) - along;
        book.figure("slosh.tongue", "Tongue uphill with all of it at the rear ends", lighter, Quantity.MASS,
                "T − M a (Z − h)/x_A − Σ", Sentence.of("{0} of it by the tanks, {1}", Amount.kg(along),
                        s.loadCase().name()),
                source);
        book.figure("slosh.side", "One side heavier than the other by", aside, Quantity.MASS, "Σ 2 m Δy/track",
                Sentence.of("{0} g sideways", two(g)), source);
        if (lighter <= 0 && lighter + along > 0) {
            book.say(RoadRules.SLOSH_LIFT, Severity.WARN, Sentence.of("Water that runs back pulls the coupler up"),
                    Sentence.of(
                            "Uphill the tongue keeps {0}; part-full tanks take {1} of it. Fill or empty them, or part"
                                    + " them by a baffle across.",
                            Amount.kg(lighter + along), Amount.kg(along)));
        }
        return Optional
                .of(book.note("A tank that is full or empty does not do this; a baffle across the camper halves the"
                        + " length over which water runs, and so takes three quarters of it.").done());
    }

    /// Ties that 49 CFR 393.110 asks of cargo of that length and mass that nothing blocks.
    public static int fewest(double length, double mass) {
        if (length <= 1.52) {
            return mass > 500 ? 2 : 1;
        }
        return length <= 3.04 ? 2 : 2 + (int) Math.ceil((length - 3.04) / 3.04);
    }

    /// What straps from the body to a thing must be rated for together \[kg\], by the school that is set.
    ///
    /// By half the mass such a strap counts half, so their ratings add up to the whole mass. By EN 12195-1 they are what direct
    /// lashing pulls them with.
    private static double rated(Rig rig, double mass, int ties, double forward, double mu) {
        double half = mass;
        double direct = ties * Lashing.force(mass, forward, mu, ties, Math.toRadians(45), Math.toRadians(30))
                / Units.GRAVITY;
        return switch ((int) Math.round(rig.assumed(Assumption.TIE_SCHOOL))) {
            case 1 -> half;
            case 2 -> direct;
            default -> Math.max(half, direct);
        };
    }

    private static String school(Rig rig) {
        return switch ((int) Math.round(rig.assumed(Assumption.TIE_SCHOOL))) {
            case 1 -> "half of the mass (49 CFR 393.106); a strap from body to thing counts half";
            case 2 -> "EN 12195-1, direct lashing at 45° and 30°";
            default -> "the stricter of half-mass rule and EN 12195-1";
        };
    }

    /// A thing with what it holds when the camper leaves \[kg\].
    private static double riding(Rig rig, Thing t) {
        return rig.departure().loadCase().massOf(t);
    }

    private static Study ties(Rig rig) {
        Study.Notebook book = new Study.Notebook("ties", Stage.BALANCE, "What has to be tied", "");
        double rough = rig.assumed(Assumption.TIE_ROUGH);
        double forward = rig.assumed(Assumption.TIE_FORWARD) * rough;
        double mu = rig.assumed(Assumption.TIE_FRICTION);
        List<Thing> loose = rig.design.things().stream()
                .filter(t -> t.fix() == Fix.LOOSE && t.mount() == Mount.INSIDE && !t.at(Mode.ROAD).away())
                .filter(t -> !t.has(Feature.Carried.class))
                .sorted(java.util.Comparator.comparingDouble((Thing t) -> -riding(rig, t))).toList();
        if (loose.isEmpty()) {
            return book.note("Nothing loose stands by itself on the floor.").done();
        }
        double heaviest = riding(rig, loose.getFirst());
        double direct = Lashing.force(heaviest, forward, mu, 2, Math.toRadians(45), Math.toRadians(30));
        double over = Lashing.topOver(heaviest, forward, mu, 2, Math.toRadians(60), 1.25);
        book.figure("ties.direct", "Each of two straps, " + loose.getFirst().name(), direct, Quantity.FORCE,
                "(c − 0.75μ)m g/n(cos α cos β + 0.75 μ sin α)", Sentence.of("{0}, α 45°, β 30°, {1} g",
                        Amount.kg(heaviest), two(forward)),
                "EN 12195-1");
        book.figure("ties.over", "Each of two straps over it, tight to", over, Quantity.FORCE,
                "f(c − μ)m g/(2 n μ sin α)", Sentence.of("α 60°, friction {0}", two(mu)), "EN 12195-1");
        book.figure("ties.wll", "Straps together rated at least", heaviest / 2, Quantity.MASS, "m/2",
                Sentence.of("half-mass rule"), "49 CFR 393.106");
        for (Thing t : loose.stream().limit(6).toList()) {
            double mass = riding(rig, t);
            double needs = Math.max(0, forward - mu) * mass * Units.GRAVITY;
            double change = mass * (rig.body.insideRear() - rig.body.insideFront())
                    / rig.axle / 2;
            int ties = fewest(Math.max(t.size().length(), t.size().width()), mass);
            double together = rated(rig, mass, ties, forward, mu);
            book.figure("ties." + t.id() + ".count", t.name() + ": straps, at least", ties, Quantity.COUNT,
                    "1 to 1.52 m and 500 kg, 2 to 3.04 m, one more for each 3.04 m begun",
                    Sentence.of("{0} long, {1}", Amount.m(Math.max(t.size().length(), t.size().width())),
                            Amount.kg(mass)),
                    "49 CFR 393.110, cargo that nothing blocks");
            book.figure("ties." + t.id() + ".rated", t.name() + ": straps rated together at least", together,
                    Quantity.MASS, "Σ working load", Sentence.of("{0}", school(rig)), "49 CFR 393.106, EN 12195-1");
            if (needs > 0 && mass >= 5) {
                book.say(RoadRules.TIE, Subject.thing(t.id()), Severity.NOTE,
                        Sentence.of("{0} is free to slide", t.name()),
                        Sentence.of("{0} needs {1} forwards, or a snug place: {3}, rated {4}. Sliding half the floor"
                                + " it changes the tongue by {2}.", Amount.kg(mass), new Amount(needs, Quantity.FORCE),
                                Amount.kg(change), ties == 1 ? "one strap" : ties + " straps together",
                                Amount.kg(together)),
                        List.of(t.id()));
            }
        }
        return book.caution("No gaps: what slides half a metre before it stops hits with many times its weight.")
                .done();
    }

    private static Optional<Study> roof(Rig rig) {
        double[] load = roofLoad(rig);
        if (load[0] <= 0) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("roof", Stage.BALANCE, "The roof", "");
        double sleepers = rig.design.things().stream()
                .filter(t -> t.mount() == Mount.OUTSIDE && t.has(Feature.Bed.class)).count() > 0
                        ? rig.design.brief().people().stream().mapToDouble(lectulum.design.brief.Person::mass).sum()
                        : 0;
        book.figure("roof.road", "On the roof, driving", load[0], Quantity.MASS, "Σm", Sentence.of("in Road"), "sum");
        book.figure("roof.still", "On the roof, standing", load[0] + sleepers, Quantity.MASS, "Σm + sleepers",
                Sentence.of("{0} of sleepers", Amount.kg(sleepers)), "sum");
        check(rig, book, RoadRules.ROOF_ROAD, Assumption.ROOF_ROAD, load[0], "driving");
        check(rig, book, RoadRules.ROOF_STILL, Assumption.ROOF_STILL, load[0] + sleepers, "standing");
        return Optional.of(book.note("A rating for standing is never one for driving; no factor is assumed where one is"
                + " missing.").done());
    }

    private static void check(Rig rig, Study.Notebook book, RoadRules rule, Assumption limit, double load,
            String when) {
        double rated = rig.assumed(limit);
        if (rated <= 0) {
            book.note("No rating of the roof is known for {0}.", when);
        } else if (load > rated) {
            book.say(rule, Severity.STOP, Sentence.of("Too much on the roof, {0}", when),
                    Sentence.of("{0} on {1}. Take off {2}, or another rack.", Amount.kg(load), Amount.kg(rated),
                            Amount.kg(load - rated)));
        }
    }
}
