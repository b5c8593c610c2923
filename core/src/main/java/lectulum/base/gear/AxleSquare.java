package lectulum.base.gear;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.balance.Tandem;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.base.Gear;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.gear.RunningGear;
import lectulum.units.Quantity;

/// Whether the axles are square with the tow line, and where they are, by tapes from the ball.
public final class AxleSquare {
    private static final double TURN_WARN = Math.toRadians(0.15);
    private static final double TURN_STOP = Math.toRadians(0.5);
    private static final double TURN_APART = Math.toRadians(0.1);
    private static final double CRAB = 0.010;
    private static final double PLACE = 0.005;
    private static final double TAPE = 0.001;

    private AxleSquare() {
    }

    /// What the tapes read on a square axle where it is planned, to points as far apart as the tyres' inner sides: what is typed
    /// over.
    ///
    /// @param which axle, from 0
    public static Gear.Tapes asPlanned(Base base, int which) {
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        double place = Math.max(0.3, places.get(Math.min(which, places.size() - 1)));
        Axle axle = base.axle();
        double between = Math.clamp(Math.round((axle.track() - axle.tyreWidth()) * 100) / 100.0, 0.3, 3);
        double read = Math.hypot(place, between / 2);
        return new Gear.Tapes(read, read, between, 0);
    }

    static Study square(Design design, Gear gear) {
        Study.Notebook book = new Study.Notebook("gear.square", Stage.BASE, "Axle square to the ball", "");
        Base base = design.base();
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        Sketch.Board board = new Sketch.Board(
                "From above, ball at the left, right side below; out-of-square drawn 10 times");
        board.dot(0, 0, Sentence.of("ball"));
        List<Double> turns = new ArrayList<>();
        for (int i = 0; i < Math.min(places.size(), gear.tapes().size()); i++) {
            turned(book, board, gear.tapes().get(i), places.get(i), places.size() > 1 ? i + 1 : 0)
                    .ifPresent(turns::add);
        }
        if (turns.size() > 1) {
            double apart = turns.get(1) - turns.get(0);
            book.figure("gear.parallel", "Rear axle turned against the front one", apart, Quantity.SKEW, "ψ₂ − ψ₁",
                    Sentence.of("right end further back is positive"), "plane geometry");
            if (Math.abs(apart) >= TURN_APART) {
                book.say(GearRules.GEAR_PARALLEL, Severity.WARN, Sentence.of("The two axles are not parallel"),
                        Sentence.of("They stand {0} to each other; less than {1} spares the tyres.",
                                new Amount(Math.abs(apart), Quantity.SKEW), new Amount(TURN_APART, Quantity.SKEW)));
            }
        }
        if (gear.tapes().size() < places.size()) {
            book.note("The second axle is not taped yet.");
        }
        return book.sketch(board.done())
                .note("Tape from the middle of the ball to the same point on both sides, spring bolts for example, and read"
                        + " to the millimetre. Equal tapes prove nothing where the axle sits off the middle: measure its"
                        + " offset too.")
                .caution("Axles, hangers and their welds need a competent person and local approval.").done();
    }

    /// One axle.
    ///
    /// @param number of it, 0 where there is only one
    /// @return how far it is turned \[rad\]
    private static Optional<Double> turned(Study.Notebook book, Sketch.Board board, Gear.Tapes t, double place,
            int number) {
        String key = number == 0 ? "" : "." + number;
        Subject about = number == 0 ? Subject.WHOLE : Subject.part(String.valueOf(number));
        String which = number == 0 ? "The axle" : "Axle " + number;
        Optional<RunningGear.Square> found = RunningGear.square(t.left(), t.right(), t.between(), place, t.offset());
        String source = "law of cosines about the ball";
        if (found.isEmpty()) {
            book.absent("gear.axleTurn" + key, which + " is turned by", Quantity.SKEW,
                    "asin(((d_R² − d_L²)/2T − δ)/x_a)", "these tapes and the points' distance close no triangle");
            book.say(GearRules.GEAR_TAPES, about, Severity.STOP, Sentence.of("The tapes to the axle cannot be right"),
                    Sentence.of("{0} and {1} to points {2} apart make no axle at {3}. Measure again.",
                            Amount.m(t.left()), Amount.m(t.right()), Amount.m(t.between()), Amount.m(place)));
            return Optional.empty();
        }
        RunningGear.Square s = found.get();
        double doubt = 2 * TAPE * Math.hypot(t.left(), t.right()) / (t.between() * place);
        book.figure("gear.axleTurn" + key, which + " is turned by", s.turn(), Quantity.SKEW,
                "asin(((d_R² − d_L²)/2T − δ)/x_a)",
                Sentence.of("{0} left, {1} right, points {2} apart, offset {3}; tapes good to {4} tell it to ± {5}",
                        Amount.m(t.left()), Amount.m(t.right()), Amount.m(t.between()), Amount.m(t.offset()),
                        Amount.m(TAPE), new Amount(doubt, Quantity.SKEW)),
                source);
        book.figure("gear.axleMove" + key, "Right end has to move, rearwards", s.move(), Quantity.LENGTH, "−T sin ψ",
                Sentence.of("points {0} apart", Amount.m(t.between())), source);
        book.figure("gear.crab" + key, "Runs to the right of the tow line", s.aside(), Quantity.LENGTH, "x_a sin ψ + δ",
                Sentence.of("{0} behind the ball", Amount.m(place)), source);
        double along = along(t);
        book.figure("gear.place" + key, "Ball to axle by the tapes", along, Quantity.LENGTH,
                "√((d_L² + d_R²)/2 − T²/4 − δ²)", Sentence.of("planned {0}", Amount.m(place)), "median of a triangle");
        double turn = Math.abs(s.turn());
        if (turn >= TURN_WARN || Math.abs(s.aside()) >= CRAB) {
            book.say(GearRules.GEAR_SQUARE, about, turn >= TURN_STOP ? Severity.STOP : Severity.WARN,
                    turn >= TURN_WARN
                            ? Sentence.of(number == 0
                                    ? "The right end of the axle is {0} too far {1}"
                                    : "The right end of axle {2} is {0} too far {1}", Amount.m(Math.abs(s.move())),
                                    s.turn() > 0 ? "back" : "forward", number)
                            : Sentence.of("{0} runs beside the tow line", which),
                    Sentence.of(
                            "It is turned by {0} ± {1} and runs {2} to the {3} of the tow line. Move that end, or half"
                                    + " of it at each end, before it is welded.",
                            new Amount(turn, Quantity.SKEW),
                            new Amount(doubt, Quantity.SKEW), Amount.m(Math.abs(s.aside())),
                            s.aside() > 0 ? "right" : "left"));
        }
        if (Math.abs(along - place) > PLACE) {
            book.say(GearRules.GEAR_PLACE, about, Severity.NOTE,
                    Sentence.of("{0} stands elsewhere than planned", which),
                    Sentence.of("By the tapes it is {0} behind the ball, {1} in the plan: the tongue weight is another"
                            + " one.", Amount.m(along), Amount.m(place)));
        }
        double dx = 10 * t.between() / 2 * Math.sin(s.turn());
        board.line(Sketch.Pen.DASHED, along, -t.between() / 2, along, t.between() / 2);
        board.line(turn >= TURN_WARN ? Sketch.Pen.FAULT : Sketch.Pen.MAIN, along + dx, -t.between() / 2, along - dx,
                t.between() / 2);
        board.dimension(0, 0, along - dx, t.between() / 2, Sentence.of("{0}", Amount.m(t.left())));
        board.dimension(0, 0, along + dx, -t.between() / 2, Sentence.of("{0}", Amount.m(t.right())));
        return Optional.of(s.turn());
    }

    /// Ball to axle along the tow line, by the tapes \[m\].
    private static double along(Gear.Tapes t) {
        double measured = RunningGear.median(t.left(), t.right(), t.between());
        return Math.sqrt(Math.max(0, measured * measured - t.offset() * t.offset()));
    }

    /// How much further back the tapes found the axles than they are planned \[m\]; empty where none is taped.
    public static OptionalDouble offPlan(Design design) {
        Base base = design.base();
        List<Double> places = Tandem.places(base.axle(), base.ballToMiddle());
        List<Gear.Tapes> tapes = base.carcass().gear().tapes();
        return java.util.stream.IntStream.range(0, Math.min(places.size(), tapes.size()))
                .mapToDouble(i -> along(tapes.get(i)) - places.get(i)).average();
    }
}
