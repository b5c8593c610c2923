package lectulum.base.frame;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.base.Survey;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.figures.Finding;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// A rigid frame in a measured body, and walls that lean.
class MeasuredFrameTest {
    /// Clear width 1.74 and length 2.94 (walls of 30 mm), nothing out of square.
    private static Design surveyed(double lengthOfFrame, double width, Survey.Post lean) {
        Design d = box();
        Survey.Tapes tapes = new Survey.Tapes(1.74, 2.94, 2.94, Math.hypot(1.74, 2.94), Math.hypot(1.74, 2.94), 1.74);
        Survey.Post upright = new Survey.Post(0, 0);
        Survey s = new Survey(Optional.of(tapes), Optional.of(new Survey.Lean(1.7, lean, lean, upright, upright)),
                java.util.List.of(), Optional.of(new Survey.Rigid(lengthOfFrame, width, 1.47, 0.4, 1.4, 0.02)),
                Optional.empty(), Optional.empty());
        return d.with(d.base().with(s));
    }

    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /// 1.75 + 2 · 0.02 − 1.74 = 50 mm too wide, not 25.
    @Test
    void theWholeExcessWidthIsSaid() {
        Design d = surveyed(2.0, 1.75, new Survey.Post(0, 0));

        assertThat(finding(d, "survey.tight").orElseThrow().title().text(Style.PLAIN).replace('\u00a0', ' '))
                .contains("50 mm too wide");
        assertThat(Analysis.of(d).figures().value("base.survey.frameSpare")).isCloseTo(-0.05, within(1e-6));
    }

    @Test
    void aFrameThatIsTooLongIsSeen() {
        assertThat(finding(surveyed(3.0, 1.5, new Survey.Post(0, 0)), "survey.long").orElseThrow().title()
                .text(Style.PLAIN).replace('\u00a0', ' ')).contains("30 mm too long");
        assertThat(finding(surveyed(2.9, 1.5, new Survey.Post(0, 0)), "survey.long")).isEmpty();
    }

    /// The front leans in by 50 mm at 1.7 m, so by 41 mm at 1.4 m: a frame with 20 mm at each end no longer fits.
    @Test
    void aLeaningFrontWallTakesLength() {
        Finding f = finding(surveyed(2.9, 1.5, new Survey.Post(0.05, 0)), "survey.long").orElseThrow();

        assertThat(f.title().text(Style.PLAIN).replace('\u00a0', ' ')).contains("21 mm too long");
    }

    @Test
    void aRisingFrameKeepsItsClearance() {
        assertThat(finding(surveyed(2.0, 1.697, new Survey.Post(0, 0)), "survey.rising")).isPresent();
        assertThat(finding(surveyed(2.0, 1.60, new Survey.Post(0, 0)), "survey.rising")).isEmpty();
    }

    @Test
    void aCupboardMeetsTheFrontWallWhereItLeansIn() {
        Design d = surveyed(2.0, 1.5, new Survey.Post(0.05, 0));
        var cupboard = thing("cupboard", 30, 0.03 + 0.2, 0).with(new Size(0.4, 0.5, 1.6)).with(Fix.FIXED);
        Design with = d.plus(cupboard);
        Design back = d.plus(cupboard.with(new Placement(0.03 + 0.2 + 0.05, 0, 0, 0)));

        assertThat(Analysis.of(with).findings())
                .anyMatch(f -> f.things().contains("cupboard") && f.id().startsWith("layout."));
        assertThat(Analysis.of(back).findings())
                .noneMatch(f -> f.things().contains("cupboard") && f.id().startsWith("layout."));
    }
}
