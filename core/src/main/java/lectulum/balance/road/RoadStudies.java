package lectulum.balance.road;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
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
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.statics.Statics;
import lectulum.kernel.towing.Rollover;
import lectulum.kernel.towing.Sway;
import lectulum.space.Body;
import lectulum.space.Contents;
import lectulum.units.Quantity;

/// At speed: swaying, tipping over in curves, pulling away uphill and the roof; with [Slosh] and [Ties].
public final class RoadStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("road", "Road", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(RoadStudies::of))
            .checking(RoadRules.class, RoadRemedies::of);

    private static final int POINTS = 17;
    private static final double SPREAD = 0.25;
    private static final double GOOD = 0.10;
    /// What stands no lower than that under the highest of the roof stands on it \[m\].
    private static final double ON_ROOF = 0.05;
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
        Slosh.study(rig).ifPresent(all::add);
        all.add(Ties.study(rig));
        Latches.study(rig).ifPresent(all::add);
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
        book.figure("sway.held", "Damping with the hitch held straight", usual.heldStraight(v), Quantity.COUNT,
                "(l/2V) √(C l/(I + m d²))",
                Sentence.of("at {0}; what the damping lacks of it is the vehicle being steered",
                        new Amount(v, Quantity.SPEED)),
                "at a percussion ratio of 1 both are the same");
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

    static double two(double value) {
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
        double mass = 0;
        double mz = 0;
        double mx = 0;
        for (Thing t : roofed(rig.design).toList()) {
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
    static double uphill(Rig rig, LoadedState s) {
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

    private static Optional<Study> roof(Rig rig) {
        List<Thing> up = roofed(rig.design).toList();
        double load = onRoof(rig.design);
        if (load <= 0) {
            return Optional.empty();
        }
        Study.Notebook book = new Study.Notebook("roof", Stage.BALANCE, "The roof", "");
        double sleepers = atRest(rig.design) - load;
        book.figure("roof.road", "On the roof, driving", load, Quantity.MASS, "Σm", Sentence.of("in Road"),
                "sum, with what is kept in it and tanks full");
        book.figure("roof.still", "On the roof, standing", load + sleepers, Quantity.MASS, "Σm + sleepers",
                Sentence.of("{0} of sleepers", Amount.kg(sleepers)), "sum, with what is kept in it and tanks full");
        check(rig, book, RoadRules.ROOF_ROAD, Assumption.ROOF_ROAD, load, "driving");
        check(rig, book, RoadRules.ROOF_STILL, Assumption.ROOF_STILL, load + sleepers, "standing");
        if (rig.assumed(Assumption.ROOF_ROAD) <= 0 || rig.assumed(Assumption.ROOF_STILL) <= 0) {
            book.say(RoadRules.ROOF_UNKNOWN, Severity.NOTE, Sentence.of("Nobody knows what the roof carries"),
                    Sentence.of("{0} ride on it and {1} rest on it in camp; without its ratings neither is held against"
                            + " anything.", Amount.kg(load), Amount.kg(load + sleepers)));
        }
        Listing.Maker table = new Listing.Maker("").words("Thing").numbers("driving", "behind the front",
                "above the ground");
        up.forEach(t -> table.row(t.name(), Amount.kg(borne(rig.design, t)), Amount.m(t.place().x()),
                Amount.m(rig.base().floorHeight() + t.place().z())));
        book.listing(table.done());
        return Optional.of(book.note("A rating for standing is never one for driving; no factor is assumed where one is"
                + " missing.").done());
    }

    /// What rides on the roof.
    static Stream<Thing> roofed(Design d) {
        double top = Body.of(d.base(), Mode.ROAD).roofOutside().highest() - ON_ROOF;
        return d.things().stream()
                .filter(t -> t.mount() == Mount.OUTSIDE && !t.at(Mode.ROAD).away() && t.place().z() >= top);
    }

    /// What the roof carries on the road, with what is kept in it and tanks full \[kg\].
    static double onRoof(Design d) {
        return roofed(d).mapToDouble(t -> borne(d, t)).sum();
    }

    /// The same with everybody who sleeps up there \[kg\].
    static double atRest(Design d) {
        boolean slept = d.things().stream().anyMatch(t -> t.mount() == Mount.OUTSIDE && t.has(Feature.Bed.class));
        return onRoof(d) + (slept ? d.brief().people().stream().mapToDouble(Person::mass).sum() : 0);
    }

    private static double borne(Design d, Thing t) {
        return t.mass().value() + t.tank().map(Tank::fullMass).orElse(0.0)
                + Contents.along(d, List.of(t.id()), Mode.ROAD).stream().flatMap(id -> d.thing(id).stream())
                        .mapToDouble(c -> c.mass().value()).sum();
    }

    private static void check(Rig rig, Study.Notebook book, RoadRules rule, Assumption limit, double load,
            String when) {
        double rated = rig.assumed(limit);
        if (rated > 0 && load > rated) {
            book.say(rule, Severity.STOP, Sentence.of("Too much on the roof, {0}", when),
                    Sentence.of("{0} on {1}. Take off {2}, or another rack.", Amount.kg(load), Amount.kg(rated),
                            Amount.kg(load - rated)));
        }
    }
}
