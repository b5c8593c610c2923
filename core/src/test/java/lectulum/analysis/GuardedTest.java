package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import lectulum.design.Design;
import lectulum.design.base.Stuff;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Working;
import lectulum.units.Quantity;
import org.junit.jupiter.api.Test;

/// What fails says so; two of a kind or of a name are no failure.
class GuardedTest {

    @Test
    void twoFeaturesOfAKindAreSaidAndTheFirstCounts() {
        Feature one = new Feature.Bearers(4, 1, 0.04, 0.03, Stuff.SOFTWOOD, 40, 60, 0.5, 150);
        Feature two = new Feature.Bearers(8, 1, 0.04, 0.03, Stuff.SOFTWOOD, 40, 60, 0.5, 150);
        Thing bed = thing("bed", 10, 1.5, 0).withFeatures(List.of(one, two));
        Design d = box(bed);

        Analysis a = Analysis.of(d);

        assertThat(a.findings()).filteredOn(f -> f.id().equals("sound.things.bed.bearers.twice"))
                .extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(a.design().thing("bed").orElseThrow().features()).containsExactly(one);
        assertThat(a.given()).as("the file keeps both").isEqualTo(d);
        assertThat(a.figures().value("mech.bed.bearers.stress"))
                .isEqualTo(Analysis.of(box(bed.withFeatures(List.of(one)))).figures().value("mech.bed.bearers.stress"));
    }

    @Test
    void figuresOfOneNameAreToldApart() {
        List<Figure> same = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            same.add(Figure.of("foot", "Foot", i, Quantity.COUNT, new Working("", Sentence.of(""), List.of(), "")));
        }

        Figures figures = Figures.of(same);

        assertThat(figures.all()).extracting(Figure::id).containsExactly("foot", "foot-2", "foot-3");
        assertThat(figures.value("foot-3")).isEqualTo(2);
    }
}
