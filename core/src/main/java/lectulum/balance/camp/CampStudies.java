package lectulum.balance.camp;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lectulum.assumed.Assumption;
import lectulum.balance.LoadedState;
import lectulum.balance.Rig;
import lectulum.balance.RigPicture;
import lectulum.balance.Tandem;
import lectulum.design.brief.Person;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.standing.GroundPad;
import lectulum.kernel.standing.Standing;
import lectulum.kernel.standing.SupportPolygon;
import lectulum.kernel.standing.TipUp;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;

/// Uncoupled: who tips it and what the jacks carry; how it is levelled is in [LevelStudy].
public final class CampStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("camp", "Camp", Stage.BALANCE,
            in -> in.of(Rig.DISCIPLINE).studies(CampStudies::of))
            .checking(CampRules.class, CampRemedies::of);

    private static final String SOURCE = "plate on springs that only push; wheels and tongue jack first, rear jacks"
            + " wound on after";

    private CampStudies() {
    }

    public static List<Study> of(Rig rig) {
        return List.of(tip(rig), standing(rig), LevelStudy.of(rig));
    }

    private static Study tip(Rig rig) {
        Study.Notebook book = new Study.Notebook("tip", Stage.BALANCE, "Somebody steps on the tail", "");
        double station = rig.rearEnd();
        double height = rig.base().floorHeight() + TipUp.STANDING;
        double reserve = rig.assumed(Assumption.CAMP_RESERVE);
        Rig.Camped camp = rig.camped().stream()
                .min(Comparator.comparingDouble(c -> tips(rig, c.state(), station, height, reserve))).orElseThrow();
        LoadedState worst = camp.state();
        double mass = tips(rig, worst, station, height, reserve);
        Person heaviest = rig.heaviest();
        if (Double.isInfinite(mass)) {
            book.absent("camp.tip", "Lifts the tongue from", Quantity.MASS, "M(x_A − X)/(x − x_A)/reserve",
                    "the tail does not reach behind the axle");
        } else {
            book.figure("camp.tip", "Lifts the tongue from", mass, Quantity.MASS, "M(x_A − X)/(x − x_A)/reserve",
                    Sentence.of("{0}; standing at {1} behind the ball, reserve {2}", camp.says(),
                            Amount.m(station), Amount.count(reserve)),
                    "moments about the wheels");
            if (mass < heaviest.mass()) {
                boolean jacks = rig.given(Assumption.CAMP_REAR_JACKS) && rig.assumed(Assumption.CAMP_REAR_JACKS) >= 1;
                book.say(CampRules.CAMP_TIP, jacks ? Severity.NOTE : Severity.STOP,
                        mass > 0
                                ? Sentence.of("Uncoupled, a person over {0} on the rear sill lifts the tongue",
                                        Amount.kg(mass))
                                : Sentence.of("Uncoupled, its tail goes down by itself"),
                        jacks
                                ? Sentence.of("{0} weighs {1}. Worst with {2}. Your rear jacks hold it: they come down"
                                        + " before anybody climbs in.", heaviest.name(), Amount.kg(heaviest.mass()),
                                        camp.says())
                                : Sentence.of("{0} weighs {1}. Worst with {2}. Set rear jacks first, or stay coupled.",
                                        heaviest.name(), Amount.kg(heaviest.mass()), camp.says()));
            }
        }
        double chock = TipUp.chockHolds(worst.axle(), worst.mass(), rig.radius,
                Math.min(rig.assumed(Assumption.CAMP_CHOCK), 0.9 * rig.radius));
        book.figure("camp.chock", "Chocks are climbed on a slope of", chock, Quantity.ANGLE,
                "atan(A/M √(2Rh − h²)/(R − h))", Sentence.of("chock {0}, tyre {1}",
                        Amount.m(rig.assumed(Assumption.CAMP_CHOCK)), Amount.m(rig.radius)),
                "if the chock does not slide, which it does earlier");
        return book.sketch(tipSketch(rig, worst, station, heaviest)).caution(
                "Chock both sides before uncoupling. Nobody is under a trailer on jacks, or inside while it is levelled.")
                .done();
    }

    private static double tips(Rig rig, LoadedState s, double station, double height, double reserve) {
        return TipUp.mass(s.mass(), s.roll().x(), s.roll().z(), rig.axle, rig.radius, station, height,
                Math.max(0, rig.assumed(Assumption.SITE_PITCH)), reserve);
    }

    private static Sketch tipSketch(Rig rig, LoadedState s, double station, Person who) {
        Sketch.Board board = side(rig, "From the left: where the plumb lines fall");
        board.line(Sketch.Pen.DASHED, s.roll().x(), 0, s.roll().x(), s.roll().z());
        board.dot(s.roll().x(), s.roll().z(), Sentence.of("{0}", Amount.kg(s.mass())));
        double floor = rig.base().floorHeight();
        board.box(Sketch.Pen.SWEEP, station - 0.25, floor, station + 0.02, floor + who.height());
        board.dot(station - 0.1, floor + TipUp.STANDING, Sentence.of("{0}", Amount.kg(who.mass())));
        return board.done();
    }

    /// Body, wheels, tongue and ground from the side.
    public static Sketch.Board side(Rig rig, String title) {
        Sketch.Board board = new Sketch.Board(title);
        new RigPicture(rig, board).trailerFromTheSide(p -> p);
        return board.line(Sketch.Pen.THIN, -0.3, 0, rig.rearEnd() + 0.4, 0);
    }

    static double[] axlePlaces(Rig rig) {
        return Tandem.places(rig.base().axle(), rig.axle).stream().mapToDouble(Double::doubleValue).toArray();
    }

    private record Feet(List<Standing.Support> set, List<String> names) {
    }

    /// The wheels, with their names.
    private static Feet wheels(Rig rig) {
        List<Standing.Support> supports = new ArrayList<>();
        List<String> names = new ArrayList<>();
        double[] places = axlePlaces(rig);
        for (int i = 0; i < places.length; i++) {
            for (int side = -1; side <= 1; side += 2) {
                supports.add(new Standing.Support(places[i], side * rig.track / 2, rig.wheelRate() / places.length, 0));
                names.add((side < 0 ? "left wheel" : "right wheel")
                        + (places.length < 2 ? "" : i == 0 ? ", front" : ", rear"));
            }
        }
        return new Feet(supports, names);
    }

    /// Wheels and tongue jack first; then the rear jacks are wound against the floor and a little on.
    private static Optional<Feet> feet(Rig rig, LoadedState s) {
        Feet feet = wheels(rig);
        feet.set.add(
                new Standing.Support(rig.assumed(Assumption.JACK_AT), 0, rig.assumed(Assumption.CAMP_JACK_RATE), 0));
        feet.names.add("tongue jack");
        if (rig.assumed(Assumption.CAMP_REAR_JACKS) >= 1) {
            Optional<Standing> first = Standing.of(feet.set, List.of(load(s)));
            if (first.isEmpty()) {
                return Optional.empty();
            }
            double x = rig.rearEnd() - rig.assumed(Assumption.CAMP_REAR_INSET);
            double y = Math.max(0.1, rig.body.halfWidth() - rig.assumed(Assumption.CAMP_REAR_INSET));
            for (int side = -1; side <= 1; side += 2) {
                feet.set.add(new Standing.Support(x, side * y, rig.assumed(Assumption.CAMP_JACK_RATE),
                        first.get().heightAt(x, side * y) + rig.assumed(Assumption.CAMP_CRANK)));
                feet.names.add(side < 0 ? "rear left jack" : "rear right jack");
            }
        }
        return Optional.of(feet);
    }

    private static Standing.Load load(LoadedState s) {
        return new Standing.Load(s.mass(), s.roll().x(), s.roll().y());
    }

    /// Where somebody may stand: near each corner of the floor.
    private record Corner(Standing.Load person, String where) {
    }

    private static List<Corner> corners(Rig rig, Person who) {
        double y = Math.max(0, rig.body.halfWidth() - 0.35);
        List<Corner> all = new ArrayList<>();
        for (double x : new double[]{rig.rearEnd() - 0.2, rig.base().tongueLength() + 0.2}) {
            for (int side = 1; side >= -1; side -= 2) {
                all.add(new Corner(new Standing.Load(who.mass(), x, side * y),
                        (x > rig.axle ? "rear " : "front ") + (side > 0 ? "right" : "left")));
            }
        }
        return all;
    }

    private static Study standing(Rig rig) {
        Study.Notebook book = new Study.Notebook("standing", Stage.BALANCE, "What wheels and jacks carry", "");
        Rig.Camped camp = rig.camped().stream().min(Comparator.comparingDouble(c -> c.state().share())).orElseThrow();
        LoadedState s = camp.state();
        Person who = rig.heaviest();
        coupled(rig, who, book);
        Optional<Feet> feet = feet(rig, s);
        Optional<Standing> alone = feet.flatMap(f -> Standing.of(f.set, List.of(load(s))));
        List<Corner> corners = corners(rig, who);
        List<Corner> falls = corners.stream().filter(c -> feet
                .flatMap(f -> Standing.of(f.set, List.of(load(s), c.person))).isEmpty()).toList();
        if (alone.isEmpty() || !falls.isEmpty()) {
            book.absent("camp.jack.most", "Most on one jack", Quantity.MASS, "ΣN = W, ΣNx = ΣWx, ΣNy = ΣWy",
                    "it tips: no set of feet that push holds it");
            boolean jacks = rig.assumed(Assumption.CAMP_REAR_JACKS) >= 1;
            book.say(CampRules.CAMP_FALLS, Severity.STOP, alone.isEmpty()
                    ? Sentence.of("It does not stand on its feet by itself")
                    : Sentence.of("It tips when {0} stands at the {1}", who.name(), falls.getFirst().where),
                    jacks
                            ? Sentence.of("Set the rear jacks further out, or stay coupled.")
                            : Sentence.of("Set rear jacks before anybody climbs in, or stay coupled."));
            return book.done();
        }
        List<Standing.Support> set = feet.get().set;
        SupportPolygon ground = SupportPolygon.of(set.stream().map(f -> new double[]{f.x(), f.y()}).toList());
        Corner worst = corners.stream().min(Comparator.comparingDouble(c -> margin(rig, s, c, ground))).orElseThrow();
        Standing with = Standing.of(set, List.of(load(s), worst.person)).orElseThrow();
        feet(rig, s, feet.get(), alone.get(), with, worst, book);
        double most = mostOnJack(feet.get(), corners.stream()
                .map(c -> Standing.of(set, List.of(load(s), c.person)).orElseThrow()).toList());
        book.figure("camp.jack.most", "Most on one jack", most, Quantity.MASS,
                "max over the corners somebody stands at",
                Sentence.of("{0} at any corner", Amount.kg(who.mass())), SOURCE);
        double rated = rig.assumed(Assumption.CAMP_JACK_RATED);
        if (rated > 0 && most > rated) {
            book.say(CampRules.CAMP_JACK, Severity.WARN, Sentence.of("A jack carries {0}", Amount.kg(most)),
                    Sentence.of("It is rated for {0}.", Amount.kg(rated)));
        }
        book.note("Reckoned for {0}, the lightest tongue.", camp.says());
        polygon(rig, s, worst, ground, set, with, book);
        book.note(
                "Pads under the fullest jack: {0} on mud, {1} on loose sand, {2} on firm soil, {3} on gravel, square.",
                Amount.m(GroundPad.MUD.side(most)), Amount.m(GroundPad.SAND.side(most)),
                Amount.m(GroundPad.SOIL.side(most)), Amount.m(GroundPad.GRAVEL.side(most)));
        return book.caution("Jacks are set on firm ground or pads, wheels chocked, before anybody climbs in.").done();
    }

    private static double mostOnJack(Feet feet, List<Standing> all) {
        double most = 0;
        for (Standing standing : all) {
            for (int i = 0; i < feet.names.size(); i++) {
                most = feet.names.get(i).contains("jack") ? Math.max(most, standing.loads().get(i)) : most;
            }
        }
        return most;
    }

    private static void feet(Rig rig, LoadedState s, Feet feet, Standing alone, Standing with, Corner worst,
            Study.Notebook book) {
        Person who = rig.heaviest();
        List<String> lifted = new ArrayList<>();
        for (int i = 0; i < feet.set.size(); i++) {
            String name = feet.names.get(i);
            double carries = with.loads().get(i);
            book.figure("camp.foot." + camel(name), title(name), carries, Quantity.MASS, "k · squeeze",
                    Sentence.of("{0} without {1}", Amount.kg(alone.loads().get(i)), who.name()), SOURCE);
            if (!name.contains("jack") && carries <= 0) {
                lifted.add(name);
            }
        }
        if (!lifted.isEmpty()) {
            book.say(CampRules.CAMP_LIFTED, Severity.WARN, lifted.size() == 1
                    ? Sentence.of("The {0} is lifted", lifted.getFirst())
                    : Sentence.of("Wheels are lifted: {0}", String.join("; ", lifted)),
                    Sentence.of("Stabilisers are not lifting jacks: wind them less."));
        }
        book.figure("camp.pitch", "Floor pitches under " + who.name(), with.pitch() - alone.pitch(), Quantity.ANGLE,
                "change of atan α", Sentence.of("{0} at the {1}", Amount.kg(who.mass()), worst.where), SOURCE);
        book.figure("camp.roll", "Floor rolls under " + who.name(), with.roll() - alone.roll(), Quantity.ANGLE,
                "change of atan β", Sentence.of("{0} at the {1}", Amount.kg(who.mass()), worst.where), SOURCE);
    }

    /// Still on the ball, rear jacks up: what the coupler is pulled with when somebody stands at the tail.
    private static void coupled(Rig rig, Person who, Study.Notebook book) {
        double lever = rig.lever();
        double give = (1 + lever) * (1 + lever) / rig.assumed(Assumption.HITCH_REAR)
                + lever * lever / rig.assumed(Assumption.HITCH_FRONT);
        Feet feet = wheels(rig);
        feet.set.add(new Standing.Support(0, 0, 1 / give, 0, true));
        Rig.Camped camp = rig.camped().stream().min(Comparator.comparingDouble(c -> c.state().tongue())).orElseThrow();
        double least = Double.POSITIVE_INFINITY;
        for (Corner corner : corners(rig, who)) {
            Optional<Standing> stands = Standing.of(feet.set, List.of(load(camp.state()), corner.person));
            least = Math.min(least, stands.map(x -> x.loads().getLast()).orElse(Double.NaN));
        }
        if (Double.isNaN(least)) {
            return;
        }
        book.figure("camp.coupled", "Coupled, least on the ball", least, Quantity.MASS,
                "plate on wheels and a ball that can pull", Sentence.of("{0} at a corner, {1}", Amount.kg(who.mass()),
                        camp.says()),
                "plate on springs");
        if (least < 0) {
            book.note(
                    "Staying coupled, {0} at the tail pulls the coupler up with {1}: its latch must hold that, and the"
                            + " vehicle is braked.",
                    who.name(), Amount.kg(-least));
        }
    }

    /// Plumb line of all masses, shifted by the slope of the site as high as each of them is.
    private static double[] plumb(Rig rig, LoadedState s, Corner c) {
        double m = s.mass() + c.person.mass();
        double z = (s.mass() * s.roll().z() + c.person.mass() * (rig.base().floorHeight() + TipUp.STANDING)) / m;
        return new double[]{
                (s.mass() * s.roll().x() + c.person.mass() * c.person.x()) / m
                        + z * Math.tan(rig.assumed(Assumption.SITE_PITCH)),
                (s.mass() * s.roll().y() + c.person.mass() * c.person.y()) / m
                        + z * Math.tan(rig.assumed(Assumption.SITE_ROLL)),
                z};
    }

    private static double margin(Rig rig, LoadedState s, Corner c, SupportPolygon feet) {
        double[] p = plumb(rig, s, c);
        return feet.margin(p[0], p[1]);
    }

    private static void polygon(Rig rig, LoadedState s, Corner worst, SupportPolygon feet, List<Standing.Support> set,
            Standing with, Study.Notebook book) {
        double[] p = plumb(rig, s, worst);
        double x = p[0];
        double y = p[1];
        double margin = feet.margin(x, y);
        double wanted = rig.assumed(Assumption.CAMP_MARGIN);
        book.figure("camp.margin", "Plumb line inside the feet by", margin, Quantity.LENGTH,
                "distance to the nearest edge of the hull", Sentence.of("{0} at the {1}; tips on a slope of {2}",
                        rig.heaviest().name(), worst.where, new Amount(feet.tips(x, y, p[2]), Quantity.ANGLE)),
                "statics");
        if (margin < wanted) {
            book.say(CampRules.CAMP_MARGIN, margin < 0 ? Severity.STOP : Severity.WARN,
                    margin < 0 ? Sentence.of("It tips over its feet") : Sentence.of("It stands close to tipping"),
                    Sentence.of("With {2} at the {3} the plumb line falls {0} inside the feet; {1} is wanted. Set jacks"
                            + " further out.", Amount.m(margin), Amount.m(wanted), rig.heaviest().name(), worst.where));
        }
        Sketch.Board board = new Sketch.Board("From above: feet, what they carry, and the plumb line");
        new RigPicture(rig, board).trailerFromAbove(Sketched.PLAN);
        board.path(Sketch.Pen.SWEEP, feet.hull().stream().map(q -> new double[]{q[0], -q[1]})
                .toArray(double[][]::new), true, Sentence.of(""));
        for (int i = 0; i < set.size(); i++) {
            board.dot(set.get(i).x(), -set.get(i).y(), Sentence.of("{0}", Amount.kg(with.loads().get(i))));
        }
        board.path(margin < wanted ? Sketch.Pen.FAULT : Sketch.Pen.MAIN,
                new double[][]{{x - 0.08, -y}, {x + 0.08, -y}}, false, Sentence.of("plumb"));
        board.line(margin < wanted ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, x, -y - 0.08, x, -y + 0.08);
        book.sketch(board.done());
    }

    private static String camel(String name) {
        StringBuilder text = new StringBuilder();
        for (String word : name.replace(",", "").split(" ")) {
            text.append(text.isEmpty() ? word : title(word));
        }
        return text.toString();
    }

    private static String title(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
