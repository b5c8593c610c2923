package lectulum.base.survey;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.base.Survey;
import lectulum.discipline.Known;
import lectulum.discipline.Mend;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.kernel.survey.SixTapes;
import lectulum.space.Body;
import lectulum.space.TrueShape;

/// Readings that would close the six tapes; a narrower frame.
final class SurveyRemedies {
    private SurveyRemedies() {
    }

    static Stream<Remedy> of(Known known, SurveyRules rule, Finding finding) {
        Survey s = known.design().base().survey();
        return switch (rule) {
            case SURVEY_RESIDUAL -> s.tapes().stream().flatMap(t -> corrected(s, t));
            case SURVEY_TIGHT -> s.frame().stream().flatMap(f -> narrower(known.design(), s, f));
            case SURVEY_IMPOSSIBLE, SURVEY_UNCHECKED, SURVEY_LONG, SURVEY_RISING, SURVEY_RACKED, FIT_MAYBE, FIT_NO ->
                Stream.empty();
        };
    }

    /// One tape read as the others ask for, usual slips first.
    private static Stream<Remedy> corrected(Survey s, Survey.Tapes t) {
        return TrueShape.tapes(t).closings().stream()
                .sorted(java.util.Comparator.comparing((SixTapes.Closing c) -> !c.slip())
                        .thenComparingDouble(c -> Math.abs(c.change())))
                .map(c -> Mend.base(Sentence.of("Take the {0} as {1}", c.name(), Amount.m(c.value())),
                        "Correct the " + c.name(), b -> b.with(s.with(Optional.of(closed(t, c))))));
    }

    private static Stream<Remedy> narrower(Design d, Survey s, Survey.Rigid f) {
        double free = 2 * (f.guide() + Assumed.value(d, Assumption.CLEAR_RISING));
        return Body.of(d.base()).shape().box().stream().map(b -> {
            double clear = b
                    .best(new lectulum.kernel.survey.LeaningBox.Frame(f.length(), f.centre(), f.low(), f.high()))
                    .width();
            double width = Math.floor((clear - free) * 1000) / 1000;
            return Mend.base(Sentence.of("Make the frame {0} wide", Amount.m(width)), "Narrower frame",
                    x -> x.with(s.withFrame(Optional.of(new Survey.Rigid(f.length(), width, f.centre(), f.low(),
                            f.high(), f.guide())))));
        });
    }

    private static Survey.Tapes closed(Survey.Tapes t, SixTapes.Closing c) {
        double v = c.value();
        return switch (c.name()) {
            case "front width" -> new Survey.Tapes(v, t.left(), t.right(), t.diagonalA(), t.diagonalB(), t.rear());
            case "left side" -> new Survey.Tapes(t.front(), v, t.right(), t.diagonalA(), t.diagonalB(), t.rear());
            case "right side" -> new Survey.Tapes(t.front(), t.left(), v, t.diagonalA(), t.diagonalB(), t.rear());
            case "diagonal front left to rear right" -> new Survey.Tapes(t.front(), t.left(), t.right(), v,
                    t.diagonalB(), t.rear());
            case "diagonal front right to rear left" -> new Survey.Tapes(t.front(), t.left(), t.right(),
                    t.diagonalA(), v, t.rear());
            default ->
                new Survey.Tapes(t.front(), t.left(), t.right(), t.diagonalA(), t.diagonalB(), OptionalDouble.of(v));
        };
    }
}
