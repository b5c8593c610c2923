package lectulum.journey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import lectulum.balance.LoadedState;
import lectulum.camp.GroundPad;
import lectulum.camp.Levelling;
import lectulum.camp.Standing;
import lectulum.camp.SupportPolygon;
import lectulum.camp.TipUp;
import lectulum.design.Person;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Sketch;
import lectulum.units.Quantity;
import lectulum.workshop.Study;

/// Uncoupled: who tips it, what the jacks carry, how it is levelled.
final class CampStudies {
    private CampStudies() {
    }

    static List<Study> of(Rig rig) {
        return List.of(tip(rig), standing(rig), level(rig));
    }

    private static Study tip(Rig rig) {
        Study.Notebook book = new Study.Notebook("tip", Study.Topic.CAMP, "Somebody steps on the tail", "");
        double station = rig.rearEnd();
        double height = rig.base().floorHeight() + TipUp.STANDING;
        double reserve = rig.assumed("camp.reserve");
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
                book.say("camp.tip", Severity.STOP,
                        Sentence.of("Uncoupled, a person over {0} on the rear sill lifts the tongue",
                                Amount.kg(Math.max(0, mass))),
                        Sentence.of("{0} weighs {1}. Worst with {2}. Set rear jacks first, or stay coupled.",
                                heaviest.name(), Amount.kg(heaviest.mass()), camp.says()));
            }
        }
        double chock = TipUp.chockHolds(worst.axle(), worst.mass(), rig.radius,
                Math.min(rig.assumed("camp.chock"), 0.9 * rig.radius));
        book.figure("camp.chock", "Chocks are climbed on a slope of", chock, Quantity.ANGLE,
                "atan(A/M √(2Rh − h²)/(R − h))", Sentence.of("chock {0}, tyre {1}",
                        Amount.m(rig.assumed("camp.chock")), Amount.m(rig.radius)),
                "if the chock does not slide, which it does earlier");
        return book.sketch(tipSketch(rig, worst, station, heaviest)).caution(
                "Chock both sides before uncoupling. Nobody is under a trailer on jacks, or inside while it is levelled.")
                .done();
    }

    private static double tips(Rig rig, LoadedState s, double station, double height, double reserve) {
        return TipUp.mass(s.mass(), s.roll().x(), s.roll().z(), rig.axle, rig.radius, station, height,
                Math.max(0, rig.assumed("site.pitch")), reserve);
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
    static Sketch.Board side(Rig rig, String title) {
        Sketch.Board board = new Sketch.Board(title);
        double front = rig.base().tongueLength();
        double floor = rig.base().floorHeight();
        board.line(Sketch.Pen.THIN, -0.3, 0, rig.rearEnd() + 0.4, 0);
        board.line(Sketch.Pen.SOLID, 0, rig.ball(), front, floor - 0.1);
        board.box(Sketch.Pen.SOLID, front, floor, rig.rearEnd(),
                floor + Math.max(0.3, rig.body.heightAboveGround() - floor));
        for (double x : axlePlaces(rig)) {
            board.circle(Sketch.Pen.SOLID, x, rig.radius, rig.base().axle().wheelDiameter() / 2);
        }
        return board;
    }

    static double[] axlePlaces(Rig rig) {
        double half = rig.axles() > 1 ? rig.base().axle().spacing() / 2 : 0;
        return rig.axles() > 1 ? new double[]{rig.axle - half, rig.axle + half} : new double[]{rig.axle};
    }

    private record Feet(List<Standing.Support> set, List<String> names) {
    }

    /// Wheels and tongue jack first; then the rear jacks are wound against the floor and a little on.
    private static Optional<Feet> feet(Rig rig, LoadedState s) {
        List<Standing.Support> supports = new ArrayList<>();
        List<String> names = new ArrayList<>();
        double[] places = axlePlaces(rig);
        for (double x : places) {
            for (int side = -1; side <= 1; side += 2) {
                supports.add(new Standing.Support(x, side * rig.track / 2, rig.wheelRate() / places.length, 0));
                names.add((side < 0 ? "left wheel" : "right wheel")
                        + (places.length < 2 ? "" : x < rig.axle ? ", front" : ", rear"));
            }
        }
        supports.add(new Standing.Support(rig.assumed("jack.at"), 0, rig.assumed("camp.jack.rate"), 0));
        names.add("tongue jack");
        if (rig.assumed("camp.rear.jacks") >= 1) {
            Optional<Standing> first = Standing.of(supports, List.of(load(s)));
            if (first.isEmpty()) {
                return Optional.empty();
            }
            double x = rig.rearEnd() - rig.assumed("camp.rear.inset");
            double y = Math.max(0.1, rig.body.halfWidth() - rig.assumed("camp.rear.inset"));
            for (int side = -1; side <= 1; side += 2) {
                supports.add(new Standing.Support(x, side * y, rig.assumed("camp.jack.rate"),
                        first.get().heightAt(x, side * y) + rig.assumed("camp.crank")));
                names.add(side < 0 ? "rear left jack" : "rear right jack");
            }
        }
        return Optional.of(new Feet(supports, names));
    }

    private static Standing.Load load(LoadedState s) {
        return new Standing.Load(s.mass(), s.roll().x(), s.roll().y());
    }

    private static Study standing(Rig rig) {
        Study.Notebook book = new Study.Notebook("standing", Study.Topic.CAMP, "What wheels and jacks carry", "");
        Rig.Camped camp = rig.camped().stream().min(Comparator.comparingDouble(c -> c.state().share())).orElseThrow();
        LoadedState s = camp.state();
        Person who = rig.heaviest();
        Standing.Load person = new Standing.Load(who.mass(), rig.rearEnd() - 0.2,
                Math.max(0, rig.body.halfWidth() - 0.35));
        Optional<Feet> feet = feet(rig, s);
        Optional<Standing> alone = feet.flatMap(f -> Standing.of(f.set, List.of(load(s))));
        Optional<Standing> with = feet.flatMap(f -> Standing.of(f.set, List.of(load(s), person)));
        if (alone.isEmpty() || with.isEmpty()) {
            book.absent("camp.jack.most", "Most on one jack", Quantity.MASS, "ΣN = W, ΣNx = ΣWx, ΣNy = ΣWy",
                    "it tips: no set of feet that push holds it");
            book.say("camp.falls", Severity.STOP, Sentence.of("It tips when {0} stands at the rear", who.name()),
                    Sentence.of("Set rear jacks before anybody climbs in, or stay coupled."));
            return book.done();
        }
        List<Standing.Support> set = feet.get().set;
        String source = "plate on springs that only push; wheels and tongue jack first, rear jacks wound on after";
        double most = 0;
        for (int i = 0; i < set.size(); i++) {
            boolean jack = feet.get().names.get(i).contains("jack");
            double carries = with.get().loads().get(i);
            most = jack ? Math.max(most, carries) : most;
            book.figure("camp.foot." + camel(feet.get().names.get(i)), title(feet.get().names.get(i)), carries,
                    Quantity.MASS, "k · squeeze", Sentence.of("{0} without {1}",
                            Amount.kg(alone.get().loads().get(i)), who.name()),
                    source);
            if (!jack && carries <= 0) {
                book.say("camp.lifted", Severity.WARN, Sentence.of("The {0} is lifted", feet.get().names.get(i)),
                        Sentence.of("Stabilisers are not lifting jacks: wind them less."));
            }
        }
        book.figure("camp.pitch", "Floor pitches under " + who.name(),
                with.get().pitch() - alone.get().pitch(), Quantity.ANGLE, "change of atan α",
                Sentence.of("{0} at the rear corner", Amount.kg(who.mass())), source);
        book.figure("camp.roll", "Floor rolls under " + who.name(), with.get().roll() - alone.get().roll(),
                Quantity.ANGLE, "change of atan β", Sentence.of("{0} at the rear corner", Amount.kg(who.mass())),
                source);
        double rated = rig.assumed("camp.jack.rated");
        if (rated > 0 && most > rated) {
            book.say("camp.jack", Severity.WARN, Sentence.of("A jack carries {0}", Amount.kg(most)),
                    Sentence.of("It is rated for {0}.", Amount.kg(rated)));
        }
        book.note("Reckoned for {0}, the lightest tongue.", camp.says());
        polygon(rig, s, person, set, with.get(), book);
        book.note(
                "Pads under the fullest jack: {0} on mud, {1} on loose sand, {2} on firm soil, {3} on gravel, square.",
                Amount.m(GroundPad.MUD.side(most)), Amount.m(GroundPad.SAND.side(most)),
                Amount.m(GroundPad.SOIL.side(most)), Amount.m(GroundPad.GRAVEL.side(most)));
        return book.caution("Jacks are set on firm ground or pads, wheels chocked, before anybody climbs in.").done();
    }

    private static void polygon(Rig rig, LoadedState s, Standing.Load person, List<Standing.Support> set,
            Standing with, Study.Notebook book) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < set.size(); i++) {
            all.add(new double[]{set.get(i).x(), set.get(i).y()});
        }
        SupportPolygon feet = SupportPolygon.of(all);
        double m = s.mass() + person.mass();
        double pitch = rig.assumed("site.pitch");
        double roll = rig.assumed("site.roll");
        double x = (s.mass() * s.roll().x() + person.mass() * person.x()) / m + s.roll().z() * Math.tan(pitch);
        double y = (s.mass() * s.roll().y() + person.mass() * person.y()) / m + s.roll().z() * Math.tan(roll);
        double margin = feet.margin(x, y);
        double wanted = rig.assumed("camp.margin");
        book.figure("camp.margin", "Plumb line inside the feet by", margin, Quantity.LENGTH,
                "distance to the nearest edge of the hull", Sentence.of("tips on a slope of {0}",
                        new Amount(feet.tips(x, y, s.roll().z()), Quantity.ANGLE)),
                "statics");
        if (margin < wanted) {
            book.say("camp.margin", margin < 0 ? Severity.STOP : Severity.WARN,
                    margin < 0 ? Sentence.of("It tips over its feet") : Sentence.of("It stands close to tipping"),
                    Sentence.of("The plumb line falls {0} inside the feet; {1} is wanted. Set jacks further out.",
                            Amount.m(margin), Amount.m(wanted)));
        }
        Sketch.Board board = new Sketch.Board("From above: feet, what they carry, and the plumb line");
        double front = rig.base().tongueLength();
        double half = rig.body.halfWidth();
        board.box(Sketch.Pen.SOLID, front, -half, rig.rearEnd(), half);
        board.line(Sketch.Pen.SOLID, 0, 0, front, -0.35 * half).line(Sketch.Pen.SOLID, 0, 0, front, 0.35 * half);
        board.path(Sketch.Pen.SWEEP, feet.hull().stream().map(p -> new double[]{p[0], -p[1]})
                .toArray(double[][]::new), true, Sentence.of(""));
        for (int i = 0; i < set.size(); i++) {
            board.dot(set.get(i).x(), -set.get(i).y(), Sentence.of("{0}", Amount.kg(with.loads().get(i))));
        }
        board.path(margin < wanted ? Sketch.Pen.FAULT : Sketch.Pen.MAIN,
                new double[][]{{x - 0.08, -y}, {x + 0.08, -y}}, false, Sentence.of("plumb"));
        board.line(margin < wanted ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, x, -y - 0.08, x, -y + 0.08);
        book.sketch(board.done());
    }

    private static Study level(Rig rig) {
        Study.Notebook book = new Study.Notebook("level", Study.Topic.CAMP, "Level it", "");
        double pitch = rig.assumed("site.pitch");
        double roll = rig.assumed("site.roll");
        List<Double> owned = IntStream.rangeClosed(1, 4).mapToObj(i -> rig.assumed("block." + i)).filter(h -> h > 0)
                .toList();
        Levelling l = Levelling.of(rig.track, rig.axle, rig.assumed("jack.at"), pitch, roll, owned);
        String source = "plane geometry";
        book.figure("level.block", "Under the " + (l.rightLow() ? "right" : "left") + " wheels", l.wanted(),
                Quantity.LENGTH, "t · sin|roll|", Sentence.of("track {0}, roll {1}", Amount.m(rig.track),
                        new Amount(roll, Quantity.ANGLE)),
                source);
        book.figure("level.stack", "Nearest stack of your blocks", l.stack(), Quantity.LENGTH, "best subset",
                blocks("", l, owned), source);
        book.figure("level.left", "Roll that is left", l.left(), Quantity.ANGLE, "asin((h − stack)/t)",
                Sentence.of("{0} is level enough", new Amount(rig.assumed("site.goal"), Quantity.ANGLE)), source);
        book.figure("level.jack", l.jack() >= 0 ? "Wind the tongue jack out by" : "Wind the tongue jack in by",
                Math.abs(l.jack()), Quantity.LENGTH, "stack/2 − (x_A − x_jack) sin(pitch)",
                Sentence.of("pitch {0}", new Amount(pitch, Quantity.ANGLE)), source);
        if (Math.abs(l.left()) > rig.assumed("site.goal")) {
            book.say("level.blocks", Severity.NOTE, Sentence.of("Your blocks leave it {0} out of level",
                    new Amount(Math.abs(l.left()), Quantity.ANGLE)),
                    Sentence.of("{0} is wanted, the nearest stack is {1}. Turn the rig up or down the slope: that needs"
                            + " no blocks.", Amount.m(l.wanted()), Amount.m(l.stack())));
        }
        if (owned.isEmpty()) {
            book.note("Type the heights of the blocks you own.");
        } else {
            book.note(blocks("Blocks: ", l, owned));
        }
        return book.sketch(levelSketch(rig, l, roll)).caution("Chock the other wheels before driving onto blocks.")
                .done();
    }

    /// The blocks of the stack in words, after a lead.
    private static Sentence blocks(String lead, Levelling l, List<Double> owned) {
        List<Object> heights = new ArrayList<>();
        List<String> holes = new ArrayList<>();
        for (int i : l.blocks()) {
            holes.add("{" + heights.size() + "}");
            heights.add(Amount.m(owned.get(i)));
        }
        return new Sentence(lead + (holes.isEmpty() ? "none needed" : String.join(" + ", holes)), heights);
    }

    private static Sketch levelSketch(Rig rig, Levelling l, double roll) {
        Sketch.Board board = new Sketch.Board("From behind: ground, wheels and blocks");
        double half = rig.track / 2;
        double slope = -Math.tan(roll);
        double wheel = rig.base().axle().tyreWidth() / 2;
        board.line(Sketch.Pen.SOLID, -1.5 * half, -1.5 * half * slope, 1.5 * half, 1.5 * half * slope);
        double side = l.rightLow() ? 1 : -1;
        for (int s = -1; s <= 1; s += 2) {
            double up = s == side ? l.stack() : 0;
            double ground = s * half * slope;
            if (up > 0) {
                board.box(Sketch.Pen.MAIN, s * half - 0.15, ground, s * half + 0.15, ground + up);
            }
            board.box(Sketch.Pen.SOLID, s * half - wheel, ground + up, s * half + wheel,
                    ground + up + 2 * rig.radius);
        }
        double left = slope * -half + (side < 0 ? l.stack() : 0) + rig.base().floorHeight();
        double right = slope * half + (side > 0 ? l.stack() : 0) + rig.base().floorHeight();
        double w = rig.body.halfWidth();
        double tilt = (right - left) / rig.track;
        double middle = (left + right) / 2;
        board.path(Sketch.Pen.SOLID, new double[][]{{-w, middle - w * tilt}, {w, middle + w * tilt},
                {w, middle + w * tilt + 0.9}, {-w, middle - w * tilt + 0.9}}, true, Sentence.of(""));
        board.dot(-w, middle - w * tilt + 0.9, Sentence.of("left")).dot(w, middle + w * tilt + 0.9,
                Sentence.of("right"));
        return board.done();
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
