package lectulum.balance.camp;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lectulum.assumed.Assumption;
import lectulum.balance.Rig;
import lectulum.balance.RigPicture;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.standing.Levelling;
import lectulum.units.Quantity;

/// How it is levelled on a slope: blocks under a wheel, and the tongue jack.
final class LevelStudy {
    private LevelStudy() {
    }

    static Study of(Rig rig) {
        Study.Notebook book = new Study.Notebook("level", Stage.BALANCE, "Level it", "");
        double pitch = rig.assumed(Assumption.SITE_PITCH);
        double roll = rig.assumed(Assumption.SITE_ROLL);
        List<Double> owned = Stream.of(Assumption.BLOCK_1, Assumption.BLOCK_2, Assumption.BLOCK_3, Assumption.BLOCK_4)
                .map(rig::assumed).filter(h -> h > 0)
                .toList();
        Levelling l = Levelling.of(rig.track, rig.axle, rig.assumed(Assumption.JACK_AT), pitch, roll, owned);
        String source = "plane geometry";
        book.figure("level.block", "Under the " + (l.rightLow() ? "right" : "left") + " wheels", l.wanted(),
                Quantity.LENGTH, "t · sin|roll|", Sentence.of("track {0}, roll {1}", Amount.m(rig.track),
                        new Amount(roll, Quantity.ANGLE)),
                source);
        book.figure("level.stack", "Nearest stack of your blocks", l.stack(), Quantity.LENGTH, "best subset",
                blocks("", l, owned), source);
        book.figure("level.left", "Roll that is left", l.left(), Quantity.ANGLE, "asin((h − stack)/t)",
                Sentence.of("{0} is level enough", new Amount(rig.assumed(Assumption.SITE_GOAL), Quantity.ANGLE)),
                source);
        book.figure("level.jack", l.jack() >= 0 ? "Wind the tongue jack out by" : "Wind the tongue jack in by",
                Math.abs(l.jack()), Quantity.LENGTH, "stack/2 − (x_A − x_jack) sin(pitch)",
                Sentence.of("pitch {0}", new Amount(pitch, Quantity.ANGLE)), source);
        Levelling.Turned turned = Levelling.Turned.of(pitch, roll);
        if (Math.abs(roll) > 1e-9) {
            turned(rig, turned, book, source);
        }
        if (Math.abs(l.left()) > rig.assumed(Assumption.SITE_GOAL)) {
            book.say(CampRules.LEVEL_BLOCKS, Severity.NOTE, Sentence.of("Your blocks leave it {0} out of level",
                    new Amount(Math.abs(l.left()), Quantity.ANGLE)),
                    Sentence.of(
                            "{0} is wanted, the nearest stack is {1}. Turn its nose {2} to the {3}, straight {4} the"
                                    + " slope: that needs no blocks.",
                            Amount.m(l.wanted()), Amount.m(l.stack()),
                            angle(turned.turn()), side(turned), turned.pitch() > 0 ? "up" : "down"));
        }
        travel(rig, l, book);
        if (owned.isEmpty()) {
            book.note("Type the heights of the blocks you own.");
        } else {
            book.note(blocks("Blocks: ", l, owned));
        }
        return book.sketch(sketch(rig, l, roll)).caution("Chock the other wheels before driving onto blocks.")
                .done();
    }

    private static void turned(Rig rig, Levelling.Turned t, Study.Notebook book, String source) {
        double jack = -(rig.axle - rig.assumed(Assumption.JACK_AT)) * Math.sin(t.pitch());
        book.figure("level.slope", "The ground falls by", t.slope(), Quantity.ANGLE, "atan √(tan² pitch + tan² roll)",
                Sentence.of("as it is said to stand"), source);
        book.figure("level.turn", "Or turn the nose " + side(t) + " by", Math.abs(t.turn()),
                Quantity.ANGLE, "atan(tan roll/tan pitch)",
                Sentence.of("no blocks, straight {0} the slope, the tongue jack {1} by {2}",
                        t.pitch() > 0 ? "up" : "down", jack < 0 ? "in" : "out", Amount.m(Math.abs(jack))),
                source);
    }

    private static String side(Levelling.Turned t) {
        return t.turn() < 0 ? "left" : "right";
    }

    private static Amount angle(double of) {
        return new Amount(Math.abs(of), Quantity.ANGLE);
    }

    /// Whether the tongue jack goes that far.
    private static void travel(Rig rig, Levelling l, Study.Notebook book) {
        boolean out = l.jack() >= 0;
        double reaches = rig.assumed(out ? Assumption.CAMP_JACK_OUT : Assumption.CAMP_JACK_IN);
        if (reaches <= 0) {
            return;
        }
        double missing = Math.abs(l.jack()) - reaches;
        book.figure("level.travel", "Left of the tongue jack's travel", -missing, Quantity.LENGTH,
                "travel − winding", Sentence.of("{0} of {1} {2}", Amount.m(Math.abs(l.jack())), Amount.m(reaches),
                        out ? "out" : "in"),
                "sum");
        if (missing > 1e-9) {
            double pitch = (reaches + (out ? -l.stack() / 2 : l.stack() / 2))
                    / (rig.axle - rig.assumed(Assumption.JACK_AT));
            Sentence turn = Sentence.of("or turn the rig until it stands no more than {0} nose {1}",
                    new Amount(Math.asin(Math.clamp(pitch, 0, 1)), Quantity.ANGLE), out ? "down" : "up");
            book.say(CampRules.LEVEL_TRAVEL, Severity.WARN,
                    Sentence.of(out ? "The tongue jack is too short" : "The tongue jack does not go down that far"),
                    Sentence.of("It has to be wound {0} by {1} and goes {2}: {3} are missing. {4}, {5}.",
                            out ? "out" : "in",
                            Amount.m(Math.abs(l.jack())), Amount.m(reaches), Amount.m(missing),
                            out
                                    ? Sentence.of("Put {0} under its foot", Amount.m(missing))
                                    : Sentence.of("Drive the wheels up by {0}", Amount.m(missing)),
                            turn));
        }
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

    private static Sketch sketch(Rig rig, Levelling l, double roll) {
        Sketch.Board board = new Sketch.Board("From behind: ground, wheels and blocks");
        double half = rig.track / 2;
        double slope = -Math.tan(roll);
        board.line(Sketch.Pen.SOLID, -1.5 * half, -1.5 * half * slope, 1.5 * half, 1.5 * half * slope);
        double side = l.rightLow() ? 1 : -1;
        double left = slope * -half + (side < 0 ? l.stack() : 0);
        double right = slope * half + (side > 0 ? l.stack() : 0);
        double tilt = (right - left) / rig.track;
        double middle = (left + right) / 2;
        double length = Math.hypot(1, tilt);
        new RigPicture(rig, board).trailerFromBehind(
                p -> new double[]{(p[0] - tilt * p[1]) / length, middle + (tilt * p[0] + p[1]) / length});
        if (l.stack() > 0) {
            double ground = side * half * slope;
            board.box(Sketch.Pen.MAIN, side * half - 0.15, ground, side * half + 0.15, ground + l.stack());
            board.name(side * half, ground - 0.12, Sentence.of("{0}", Amount.m(l.stack())));
        }
        double w = rig.body.halfWidth();
        board.name(-w + 0.2, middle + rig.body.heightAboveGround() - 0.25, Sentence.of("left"));
        board.name(w - 0.2, middle + rig.body.heightAboveGround() - 0.25, Sentence.of("right"));
        return board.done();
    }
}
