package lectulum.base.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import lectulum.design.base.Gear;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.RunningGear;
import lectulum.units.Quantity;

/// Where the hangers of a leaf spring belong, and what its shackle does hanging, laden and at full bump.
final class LeafSprings {
    private static final double SHACKLE_MOST = Math.toRadians(60);
    private static final double SHACKLE_FREE = Math.toRadians(20);

    private LeafSprings() {
    }

    static RunningGear.LeafSpring leaf(Gear.Springs s) {
        return new RunningGear.LeafSpring(s.leaf(), s.shackle(), s.rise());
    }

    static Study springs(Gear.Springs s) {
        Study.Notebook book = new Study.Notebook("gear.springs", Stage.BASE, "Spring hangers and shackles", "");
        RunningGear.LeafSpring spring = leaf(s);
        double wanted = spring.hangers(s.laden(), s.angle());
        String source = "leaf bent to a circle, shackle a rigid link";
        if (!(wanted > 0)) {
            book.absent("gear.hangers", "Hanger hole to shackle hole", Quantity.LENGTH,
                    "√(L² − (e − s cos φ)²) − s sin φ", "the spring is too short for such a shackle");
            return book.say(GearRules.GEAR_SHACKLE, Severity.STOP, Sentence.of("Spring and shackle do not meet"),
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
        double holes = s.hangers().orElse(wanted);
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
        if (Math.abs(holes - wanted) > 0.001) {
            book.note("The holes are {0} apart; {1} would let the shackle hang {2} when laden.", Amount.m(holes),
                    Amount.m(wanted), new Amount(s.angle(), Quantity.ANGLE));
        }
        shackle(s, spring, angles, wanted, book);
        return book.sketch(springSketch(s, spring, holes))
                .note("The spring's middle bolt is the axle line: mark it on the frame and on the mudguard before anything"
                        + " is welded. The maker's hanger table wins.")
                .caution("Hangers and their welds need a competent person and local approval.").done();
    }

    private static void shackle(Gear.Springs s, RunningGear.LeafSpring spring, OptionalDouble[] angles, double wanted,
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
                                Math.abs(s.hangers().orElse(wanted) - wanted) > 0.001
                                        ? Sentence.of("Holes {0} apart let it hang {1} when laden.", Amount.m(wanted),
                                                new Amount(s.angle(), Quantity.ANGLE))
                                        : Sentence.of("A longer shackle swings less."));
                book.say(GearRules.GEAR_SHACKLE, Severity.STOP, title, detail);
                return;
            }
        }
        if (spring.eyes(s.bump()) < spring.eyes(s.laden()) - 1e-9) {
            book.say(GearRules.GEAR_SHACKLE, Severity.WARN, Sentence.of("The spring shortens into its bump"),
                    Sentence.of(
                            "Bent through to {0} its eyes come nearer again, and the shackle swings back and forth.",
                            Amount.m(s.bump())));
        } else if (angles[0].getAsDouble() > SHACKLE_FREE) {
            book.say(GearRules.GEAR_SHACKLE, Severity.WARN,
                    Sentence.of("The shackle hangs far back already when unloaded"),
                    Sentence.of(
                            "{0} with the wheel hanging; up to {1} is wanted, and {2} at full bump is what is left.",
                            new Amount(angles[0].getAsDouble(), Quantity.ANGLE),
                            new Amount(SHACKLE_FREE, Quantity.ANGLE),
                            new Amount(angles[2].getAsDouble(), Quantity.ANGLE)));
        }
    }

    private static Sketch springSketch(Gear.Springs s, RunningGear.LeafSpring spring, double holes) {
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
}
