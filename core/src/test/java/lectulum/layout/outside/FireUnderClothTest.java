package lectulum.layout.outside;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Feature.Face;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.space.Solid;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What burns outside stands clear of awnings and tents.
class FireUnderClothTest {
    /// Along the right wall, 2 m out: over 0.5 to 2.5 m behind the front and 0.95 to 2.95 m beside the middle.
    private static final Thing AWNING = thing("awning", 10, 1.5, 0.925).with(new Size(2, 0.05, 0.1))
            .with(Mount.OUTSIDE).with(new Placement(1.5, 0.925, 1.6, 0))
            .with(new Feature.FoldOut(Face.RIGHT, 2, 0.4, 2.4, 0, 0));

    private static Thing stove(double x, double y) {
        return thing("stove", 4, 1, 0).with(new Size(0.4, 0.3, 0.2)).with(Mount.OUTSIDE)
                .with(new Placement(x, y, -0.4, 0)).with(new Feature.Flame());
    }

    private static List<Finding> fires(Design d) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule() == OutsideRules.OUT_FIRE).toList();
    }

    @Test
    void underTheClothItIsSaid() {
        Finding f = fires(box(AWNING, stove(1.5, 2))).getFirst();

        assertThat(f.title().text(Style.PLAIN)).isEqualTo("stove burns under awning");
        assertThat(f.id()).isEqualTo("out.fire.stove+awning");
    }

    /// 0.2 m before and 0.15 m beside the middle of a stove its sides are.
    @ParameterizedTest
    @CsvSource({"3.6, 2, 0.9", "3.75, 2, -1", "1.5, 3.9, 0.8", "1.5, 4.15, -1", "3.3, 3.7, 0.848528", "3.5, 3.9, -1",
            "1.5, -2, -1"})
    void nearerThanAMetreItIsSaidTooAndHowNear(double x, double y, double away) {
        List<Finding> fires = fires(box(AWNING, stove(x, y)));

        if (away < 0) {
            assertThat(fires).isEmpty();
        } else {
            assertThat(fires).hasSize(1);
            assertThat(OutsideStudies.apart(Solid.of(new Size(0.4, 0.3, 0.2), new Placement(x, y, -0.4, 0)),
                    new double[]{0.5, 0.95, 2.5, 2.95})).isCloseTo(away, within(1e-6));
        }
    }

    @Test
    void itIsMovedTheShortestWayOut() {
        Design d = box(AWNING, stove(1.5, 3.4));
        Remedy first = Remedies.of(Analysis.of(d), fires(d).getFirst()).getFirst();

        assertThat(first.says().text(Style.PLAIN)).contains("right");
        assertThat(fires(first.edit().apply(d))).isEmpty();
        assertThat(first.edit().apply(d).thing("stove").orElseThrow().at(Mode.CAMP).y()).isCloseTo(4.10, within(0.011));
    }

    @Test
    void insideItIsNoMatterOfTheAwning() {
        assertThat(fires(box(AWNING, stove(1.5, 0.4).with(Mount.INSIDE)))).isEmpty();
    }

    /// A kitchen that folds out is no cloth.
    @Test
    void aFoldedKitchenDoesNotCatchFire() {
        Thing kitchen = AWNING.with(new Feature.FoldOut(Face.RIGHT, 0.6, 0, 0, 0, 0));

        assertThat(fires(box(kitchen, stove(1.5, 1.2)))).isEmpty();
        assertThat(fires(box(kitchen.with(new Feature.Fabric(1.3)), stove(1.5, 1.2)))).hasSize(1);
    }

    @Test
    void theDistanceIsTheBuildersOwn() {
        Design d = box(AWNING, stove(3.9, 2));

        assertThat(fires(d)).isEmpty();
        assertThat(fires(d.with(d.settings().with("awning.stove", 2)))).hasSize(1);
    }
}
