package lectulum.base.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Survey;
import lectulum.design.thing.SystemGroup;
import lectulum.discipline.Discipline;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.drawing.Paint;
import lectulum.figures.drawing.Sketch;
import lectulum.kernel.survey.LeaningBox;
import lectulum.kernel.survey.SixTapes;
import lectulum.kernel.survey.SizeChain;
import lectulum.space.Bodies;
import lectulum.space.Body;
import lectulum.space.TrueShape;
import lectulum.symbols.Sketched;
import lectulum.units.Quantity;

/// What the tapes say: how far the body is from square, what a rigid frame may measure, and whether a length is left.
public final class SurveyStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("survey", "Survey", Stage.BASE,
            in -> of(in.design(Design.Part.BASE, Design.Part.SETTINGS), in.of(Bodies.DISCIPLINE).road()))
            .checking(SurveyRules.class, SurveyRemedies::of);

    private static final Sketch.Skin WALL = new Sketch.Skin(Paint.BODY, SystemGroup.STRUCTURE);
    private static final Sketch.Skin INSIDE = new Sketch.Skin(Paint.WHITE, SystemGroup.STRUCTURE);

    private SurveyStudies() {
    }

    public static List<Study> of(Design design, Body body) {
        List<Study> studies = new ArrayList<>();
        design.base().survey().tapes().ifPresent(t -> studies.add(tapes(design, body, t)));
        body.shape().box().ifPresent(
                b -> design.base().survey().frame().ifPresent(f -> studies.add(frame(design, body, b, f))));
        design.base().survey().chain().ifPresent(c -> studies.add(chain(c)));
        return studies;
    }

    private static Study tapes(Design design, Body body, Survey.Tapes t) {
        Study.Notebook book = new Study.Notebook("survey.tapes", Stage.BASE, "The floor by six tapes", "");
        SixTapes six = TrueShape.tapes(t);
        Optional<SixTapes.Triangle> impossible = six.impossible();
        if (impossible.isPresent()) {
            return book.say(SurveyRules.SURVEY_IMPOSSIBLE, Severity.STOP, Sentence.of("The tapes cannot be right"),
                    Sentence.of("{0} form no triangle. Measure those three again.", impossible.get().label())).done();
        }
        SixTapes.Plan plan = six.plan().orElseThrow();
        String source = "plane triangles; tapes good to 1 mm (assumed)";
        if (plan.checked()) {
            book.figure("base.survey.residual", "Disagreement of the tapes", plan.residual(), Quantity.LENGTH,
                    "rear width read − rear width from the other five",
                    Sentence.of("{0} − {1}, chance ± {2}", Amount.m(t.rear().orElseThrow()), Amount.m(plan.rear()),
                            Amount.m(2 * plan.doubt())),
                    source);
        } else {
            book.absent("base.survey.residual", "Disagreement of the tapes", Quantity.LENGTH,
                    "rear width read − rear width from the other five", "the rear width is not read");
            book.say(SurveyRules.SURVEY_UNCHECKED, Severity.NOTE, Sentence.of("Nothing checks the five tapes"),
                    Sentence.of(
                            "Five fix the floor, and any of them may be wrong. Read the rear width too: they make it"
                                    + " {0} ± {1}.",
                            Amount.m(plan.rear()), Amount.m(2 * plan.doubt())));
        }
        book.figure("base.survey.shift", "Rear stands to the right", plan.shift(), Quantity.LENGTH,
                "(v_RL + v_RR − W)/2",
                Sentence.of("± {0}", Amount.m(2 * plan.shiftDoubt())), source);
        book.figure("base.survey.skew", "Skew", plan.skew(), Quantity.ANGLE, "atan(shift/length)",
                Sentence.of("{0} over {1}", Amount.m(plan.shift()), Amount.m((t.left() + t.right()) / 2)), source);
        if (!plan.agrees()) {
            List<SixTapes.Closing> closings = six.closings();
            book.say(SurveyRules.SURVEY_RESIDUAL, Severity.WARN,
                    Sentence.of("The six tapes disagree by {0}", Amount.m(Math.abs(plan.residual()))),
                    closings.isEmpty()
                            ? Sentence.of("Chance would be {0}. Measure all six again.", Amount.m(2 * plan.doubt()))
                            : Sentence.of("Chance would be {0}. A {1} of {2} would close it{3}.",
                                    Amount.m(2 * plan.doubt()), closings.getFirst().name(),
                                    Amount.m(closings.getFirst().value()),
                                    closings.stream().filter(SixTapes.Closing::slip).findFirst()
                                            .map(c -> "; a usual slip would be in the " + c.name()).orElse("")));
            closings.forEach(c -> book.note("A {0} of {1} ({2}) would close it{3}", c.name(), Amount.m(c.value()),
                    Amount.m(c.change()), c.slip() ? ": a usual slip." : "."));
        }
        return book.note("Equal diagonals alone do not prove a rectangle, equal opposite sides alone neither; both"
                + " together do.").sketch(plan(design, body, 1)).done();
    }

    /// The measured floor and roof outline over the drawn one, deviations enlarged.
    ///
    /// @param enlarged ≥ 1
    public static Sketch plan(Design design, Body body, double enlarged) {
        Sketch.Board board = new Sketch.Board("Seen from above, front at the left");
        double front = body.shape().front();
        double half = body.halfWidth() - design.base().wall();
        double rear = body.insideRear();
        board.look(WALL, moved(body.planOutside()), true);
        board.look(INSIDE, moved(body.planInside()), true);
        board.box(Sketch.Pen.DASHED, front, -half, rear, half);
        body.shape().box().ifPresent(box -> {
            double[][] drawn = {{front, half}, {front, -half}, {rear, -half}, {rear, half}};
            double high = box.height();
            double[][] roof = corners(body.shape(), box.section(high), drawn, enlarged);
            double[][] floor = corners(body.shape(), box.section(0), drawn, enlarged);
            board.path(Sketch.Pen.MAIN, floor, true, Sentence.of(""));
            board.path(Sketch.Pen.THIN, roof, true, Sentence.of(""));
            String[] names = {"front left", "front right", "rear right", "rear left"};
            for (int i = 0; i < 4; i++) {
                double dx = box.section(high).get(i)[0] - box.section(0).get(i)[0];
                double dv = box.section(high).get(i)[1] - box.section(0).get(i)[1];
                boolean upright = Math.hypot(dx, dv) < 5e-4;
                board.dot(floor[i][0], floor[i][1], upright
                        ? Sentence.of(names[i])
                        : Sentence.of(names[i] + ", leans {0} back, {1} right", Amount.m(dx), Amount.m(dv)));
            }
        });
        for (Survey.Station s : body.shape().stations()) {
            double x = front + s.at();
            double w = Math.min(s.widthLow(), s.widthHigh()) / 2;
            board.dimension(x, w, x, -w, Sentence.of("{0}", Amount.m(2 * w)));
        }
        design.base().survey().frame().flatMap(f -> body.shape().box().map(b -> rigid(body.shape(), b, f)))
                .ifPresent(corners -> board.path(Sketch.Pen.SOLID, corners, true, Sentence.of("frame")));
        return board.done();
    }

    private static double[][] moved(List<double[]> outline) {
        return outline.stream().map(Sketched.PLAN).toArray(double[][]::new);
    }

    /// Measured corners in body coordinates, y up to the left; each moved away from its drawn place.
    private static double[][] corners(TrueShape shape, List<double[]> section, double[][] drawn, double enlarged) {
        double[][] out = new double[4][];
        for (int i = 0; i < 4; i++) {
            double x = shape.front() + section.get(i)[0];
            double y = shape.middle() - section.get(i)[1];
            out[i] = new double[]{drawn[i][0] + enlarged * (x - drawn[i][0]),
                    drawn[i][1] + enlarged * (y - drawn[i][1])};
        }
        return out;
    }

    private static double[][] rigid(TrueShape shape, LeaningBox box, Survey.Rigid f) {
        LeaningBox.Clear best = box.best(frame(f));
        double c = Math.cos(best.turn());
        double s = Math.sin(best.turn());
        double[][] out = new double[4][];
        for (int i = 0; i < 4; i++) {
            double l = (i == 0 || i == 3 ? -1 : 1) * f.length() / 2;
            double w = best.middle() + (i < 2 ? -1 : 1) * f.width() / 2;
            out[i] = new double[]{shape.front() + f.centre() + c * l - s * w, -(s * l + c * w)};
        }
        return out;
    }

    private static LeaningBox.Frame frame(Survey.Rigid f) {
        return new LeaningBox.Frame(f.length(), f.centre(), f.low(), f.high());
    }

    private static Study frame(Design design, Body body, LeaningBox box, Survey.Rigid f) {
        Study.Notebook book = new Study.Notebook("survey.frame", Stage.BASE, "A rigid frame in it", "");
        LeaningBox.Clear straight = box.clear(frame(f), 0);
        LeaningBox.Clear best = box.best(frame(f));
        String source = "walls straight from post to post, 11 levels";
        book.figure("base.survey.clear", "Clear for the frame, set straight", straight.width(), Quantity.LENGTH,
                "least right wall − greatest left wall over all its heights",
                Sentence.of("{0} long, from {1} to {2} above the floor", Amount.m(f.length()), Amount.m(f.low()),
                        Amount.m(f.high())),
                source);
        book.figure("base.survey.clearTurned", "Clear, turned to suit", best.width(), Quantity.LENGTH,
                "the same at the turn that leaves most", Sentence.of("turned {0}",
                        new Amount(best.turn(), Quantity.ANGLE)),
                source);
        book.figure("base.survey.turn", "Best turn", best.turn(), Quantity.ANGLE, "golden section within 3°",
                Sentence.of("middle {0} to the right", Amount.m(best.middle())), source);
        List<LeaningBox.Spacer> spacers = box.spacers(frame(f), best, f.width(), f.guide());
        double most = 0;
        for (LeaningBox.Spacer s : spacers) {
            String id = "base.survey.spacer." + camel(s.corner());
            book.figure(id + "Low", "Spacer " + s.corner() + ", foot", s.low(), Quantity.LENGTH,
                    "gap − guide", Sentence.of("guide {0}", Amount.m(f.guide())), source);
            book.figure(id + "High", "Spacer " + s.corner() + ", top", s.high(), Quantity.LENGTH, "gap − guide",
                    Sentence.of("guide {0}", Amount.m(f.guide())), source);
            most = Math.max(most, Math.max(s.low(), s.high()));
        }
        double free = Assumed.value(design, Assumption.CLEAR_RISING);
        LeaningBox.Spacer first = spacers.stream()
                .max(java.util.Comparator.comparingDouble(s -> Math.max(s.low(), s.high()))).orElseThrow();
        double spare = best.width() - f.width() - 2 * f.guide();
        double tooLong = box.tooLong(frame(f), best, f.width());
        book.figure("base.survey.frameSpare", "Spare beside the frame, both sides together", spare, Quantity.LENGTH,
                "clear − width − 2 guides", Sentence.of("{0} − {1} − 2 × {2}", Amount.m(best.width()),
                        Amount.m(f.width()), Amount.m(f.guide())),
                source);
        if (tooLong > 0) {
            book.say(SurveyRules.SURVEY_LONG, Severity.WARN, Sentence.of("The frame is {0} too long for this body",
                    Amount.m(tooLong)),
                    Sentence.of(
                            "{0} long with its middle {1} behind the front: a leaning end wall counts where it leans"
                                    + " in. Make it shorter, or move it.",
                            Amount.m(f.length()), Amount.m(f.centre())));
        }
        if (spare >= 0 && spare < 2 * free && f.high() > f.low()) {
            book.say(SurveyRules.SURVEY_RISING, Severity.WARN, Sentence.of("The frame has {0} to spare where it rises",
                    Amount.m(spare)),
                    Sentence.of("{0} on each side is wanted so that it does not jam. Make it {1} wide.",
                            Amount.m(free), Amount.m(best.width() - 2 * f.guide() - 2 * free)));
        }
        if (spare < 0) {
            book.say(SurveyRules.SURVEY_TIGHT, Severity.WARN, Sentence.of("The frame is {0} too wide for this body",
                    Amount.m(-spare)),
                    Sentence.of("{0} wide with guides of {1}; {2} is clear at its best turn. Make it {3} wide.",
                            Amount.m(f.width()), Amount.m(f.guide()), Amount.m(best.width()),
                            Amount.m(best.width() - 2 * f.guide() - 2 * free)));
        } else if (most > Assumed.value(design, Assumption.SPACER_NOTE)) {
            book.say(SurveyRules.SURVEY_RACKED, Severity.NOTE,
                    Sentence.of("The frame needs spacers up to {0}", Amount.m(most)),
                    Sentence.of("{0}: {1} at the foot, {2} at the top. Turned {3} it has {4}, set straight {5}.",
                            Character.toUpperCase(first.corner().charAt(0)) + first.corner().substring(1),
                            Amount.m(first.low()), Amount.m(first.high()), new Amount(best.turn(), Quantity.ANGLE),
                            Amount.m(best.width()), Amount.m(straight.width())));
        }
        return book.sketch(end(box, f, best, spacers)).done();
    }

    private static String camel(String corner) {
        String[] words = corner.split(" ");
        return words[0] + words[1].substring(0, 1).toUpperCase(Locale.ROOT) + words[1].substring(1);
    }

    /// The frame's two ends in elevation, with wall lines and spacers.
    private static Sketch end(LeaningBox box, Survey.Rigid f, LeaningBox.Clear at, List<LeaningBox.Spacer> spacers) {
        Sketch.Board board = new Sketch.Board("Both ends, seen from behind");
        for (int end = 0; end < 2; end++) {
            double off = end * (f.width() + 0.8);
            double u = f.centre() + (end == 0 ? -1 : 1) * f.length() / 2;
            double middle = (box.wallAt(true, u, 0) + box.wallAt(false, u, 0)) / 2;
            for (boolean left : new boolean[]{true, false}) {
                board.line(Sketch.Pen.SOLID, off + box.wallAt(left, u, 0) - middle, 0,
                        off + box.wallAt(left, u, box.height()) - middle, box.height());
            }
            double centre = off + (spacers.get(2 * end).low() + f.guide() + box.wallAt(true, u, f.low()) - middle
                    + f.width() / 2);
            board.box(Sketch.Pen.SWEEP, centre - f.width() / 2, f.low(), centre + f.width() / 2, f.high());
            for (int side = 0; side < 2; side++) {
                LeaningBox.Spacer s = spacers.get(2 * end + side);
                double x = centre + (side == 0 ? -1 : 1) * f.width() / 2;
                board.dot(x, f.low(), Sentence.of("{0}", Amount.m(s.low())));
                board.dot(x, f.high(), Sentence.of("{0}", Amount.m(s.high())));
            }
            board.path(Sketch.Pen.THIN, new double[][]{{off - f.width() / 2, 0}, {off + f.width() / 2, 0}}, false,
                    Sentence.of(end == 0 ? "front end" : "rear end"));
        }
        return board.done();
    }

    private static Study chain(Survey.Chain c) {
        Study.Notebook book = new Study.Notebook("survey.chain", Stage.BASE, "What is left of a length", "");
        SizeChain chain = new SizeChain(link(c.whole()), c.taken().stream().map(SurveyStudies::link).toList(),
                c.need());
        String source = "Σ sizes; tolerance √Σt² (GUM, JCGM 100)";
        book.figure("base.chain.left", "Left", chain.left(), Quantity.LENGTH, "whole − Σ taken",
                Sentence.of("{0} less {1} sizes", Amount.m(c.whole().size()), c.taken().size()), source);
        book.figure("base.chain.tolerance", "Tolerance", chain.tolerance(), Quantity.LENGTH, "√Σt²",
                Sentence.of("{0} sizes", c.taken().size() + 1), source);
        book.figure("base.chain.spare", "Spare", chain.spare(), Quantity.LENGTH, "left − need",
                Sentence.of("{0} − {1}", Amount.m(chain.left()), Amount.m(c.need())), source);
        switch (chain.answer()) {
            case SURE -> book.note("It fits: {0} to spare, ± {1}.", Amount.m(chain.spare()),
                    Amount.m(chain.tolerance()));
            case MAYBE -> book.say(SurveyRules.FIT_MAYBE, Severity.NOTE,
                    Sentence.of("It fits by {0} ± {1}", Amount.m(chain.spare()), Amount.m(chain.tolerance())),
                    Sentence.of("Measure {0} first: it is the most doubtful.",
                            chain.measureFirst().map(SizeChain.Link::name).orElse("the whole")));
            case NO -> book.say(SurveyRules.FIT_NO, Severity.WARN,
                    Sentence.of("It is {0} too short", Amount.m(-chain.spare())),
                    Sentence.of("{0} is left, {1} is needed; ± {2} cannot mend that.", Amount.m(chain.left()),
                            Amount.m(c.need()), Amount.m(chain.tolerance())));
        }
        return book.sketch(bar(c, chain)).done();
    }

    private static SizeChain.Link link(Survey.Link l) {
        return new SizeChain.Link(l.name(), l.size(), l.count(), l.tolerance());
    }

    private static Sketch bar(Survey.Chain c, SizeChain chain) {
        Sketch.Board board = new Sketch.Board("The chain of sizes");
        double x = 0;
        double h = Math.max(0.05, c.whole().size() / 14);
        for (Survey.Link l : c.taken()) {
            double w = l.count() * l.size();
            board.path(Sketch.Pen.AREA, new double[][]{{x, 0}, {x + w, 0}, {x + w, h}, {x, h}}, true,
                    Sentence.of(w > c.whole().size() / 8 ? l.name() : ""));
            x += w;
        }
        board.path(Sketch.Pen.MAIN, new double[][]{{x, 0}, {c.whole().size(), 0}, {c.whole().size(), h}, {x, h}}, true,
                Sentence.of("left {0}", Amount.m(chain.left())));
        board.dimension(0, -h * 0.4, c.whole().size(), -h * 0.4, Sentence.of("{0}", Amount.m(c.whole().size())));
        board.dimension(x, h * 1.4, x + c.need(), h * 1.4, Sentence.of("needed {0}", Amount.m(c.need())));
        return board.done();
    }
}
