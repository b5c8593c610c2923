package lectulum.base.survey;

import java.util.Optional;
import java.util.stream.Stream;
import lectulum.assumed.Assumed;
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

    static Stream<Remedy> of(Known known, Finding finding) {
        Design d = known.design();
        String id = finding.id();
        Survey s = d.base().survey();
        if (id.equals("survey.residual") && s.tapes().isPresent()) {
            return TrueShape.tapes(s.tapes().get()).closings().stream()
                    .sorted(java.util.Comparator.comparing((SixTapes.Closing c) -> !c.slip())
                            .thenComparingDouble(c -> Math.abs(c.change())))
                    .map(c -> Mend.base(Sentence.of("Take the {0} as {1}", c.name(), Amount.m(c.value())),
                            "Correct the " + c.name(), b -> b.with(s.with(Optional.of(closed(s.tapes().get(), c))))));
        }
        if (id.equals("survey.tight") && s.frame().isPresent()) {
            Survey.Rigid f = s.frame().get();
            double free = 2 * (f.guide() + Assumed.value(d, "clear.rising"));
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
        return Stream.empty();
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
            default -> new Survey.Tapes(t.front(), t.left(), t.right(), t.diagonalA(), t.diagonalB(), v);
        };
    }
}
