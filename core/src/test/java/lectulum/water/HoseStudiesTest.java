package lectulum.water;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

class HoseStudiesTest {
    private static final Thing GREY = tank("grey", Tank.Use.GREY, 40, 1.0)
            .with(new Plumbed.Vessel(Plumbed.Form.BOX, 0.005, 0.03, 0, 0.01, 1, 0.019, Plumbed.End.REAR,
                    Plumbed.Level.NONE));

    private static Thing waste(double length) {
        return thing("hose", 1.6, 1.5, 0.3).with(new Size(1.36, 0.08, 0.08))
                .with(new Plumbed.Hose(Plumbed.Hose.Water.WASTE, length, 0.038, true));
    }

    private static Thing fill(double length, Size size) {
        return thing("fill", 2.8, 2.0, 0.3).with(size)
                .with(new Plumbed.Hose(Plumbed.Hose.Water.DRINKING, length, 0.0125, false));
    }

    private static List<Finding> findings(Analysis a, HoseRules rule) {
        return a.findings().stream().filter(f -> f.rule() == rule).toList();
    }

    private static List<Finding> cured(Design d, HoseRules rule) {
        Analysis a = Analysis.of(d);
        Finding f = findings(a, rule).getFirst();
        List<Remedy> remedies = Remedies.of(a, f);
        assertThat(remedies).as("%s", f.title().text(Style.PLAIN)).isNotEmpty();
        return findings(Analysis.of(remedies.getFirst().edit().apply(d)), rule);
    }

    @Test
    void aHoseOfThreeMetresLiesInItsTubeAndReaches() {
        Analysis a = Analysis.of(box(GREY, waste(3)));

        assertThat(a.figures().value("hose.hose.bay")).isCloseTo(1.35, within(1e-9));
        assertThat(a.figures().value("hose.hose.reach")).as("from 0.5 m above the ground")
                .isCloseTo(Math.sqrt(9 - 0.25), within(1e-9));
        assertThat(findings(a, HoseRules.BAY)).isEmpty();
        assertThat(findings(a, HoseRules.REACH)).isEmpty();
    }

    @Test
    void aLongerOneWantsALongerTube() {
        Design d = box(GREY, waste(6));

        assertThat(findings(Analysis.of(d), HoseRules.BAY)).singleElement()
                .satisfies(f -> assertThat(f.things()).containsExactly("hose"));
        assertThat(cured(d, HoseRules.BAY)).isEmpty();
    }

    @Test
    void aShortOneIsExchangedForALongerOne() {
        Design d = box(GREY, waste(1.5));

        assertThat(findings(Analysis.of(d), HoseRules.REACH)).singleElement()
                .extracting(f -> f.detail().text(Style.PLAIN))
                .asString().contains("A longer one reaches it");
        assertThat(cured(d, HoseRules.REACH)).isEmpty();
    }

    /// From 24 mm above the ground two per cent of fall lead 1.2 m, however long the hose is.
    @Test
    void aLowOutletReachesNoFurtherByALongerHose() {
        Design d = box(GREY.with(new Placement(1.0, 0, -0.476, 0)), waste(3));
        Analysis a = Analysis.of(d);

        assertThat(a.figures().value("hose.hose.reach")).isCloseTo(1.2, within(1e-9));
        assertThat(findings(a, HoseRules.REACH)).singleElement().extracting(f -> f.detail().text(Style.PLAIN))
                .asString()
                .contains("Stand nearer");
        assertThat(Remedies.of(a, findings(a, HoseRules.REACH).getFirst())).isEmpty();
        Design nearer = d.with(d.settings().with(Assumption.HOSE_AWAY.id(), 1));
        assertThat(findings(Analysis.of(nearer), HoseRules.REACH)).isEmpty();
    }

    @Test
    void aCoilLiesAsItsBoxDoes() {
        for (Size size : List.of(new Size(0.32, 0.32, 0.12), new Size(0.12, 0.32, 0.32), new Size(0.32, 0.12, 0.32))) {
            Analysis a = Analysis.of(box(fill(15, size)));

            assertThat(a.figures().value("hose.fill.high")).isCloseTo(0.0825, within(1e-9));
            assertThat(findings(a, HoseRules.BAY)).isEmpty();
        }
        assertThat(cured(box(fill(40, new Size(0.32, 0.32, 0.12))), HoseRules.BAY)).isEmpty();
        assertThat(cured(box(fill(15, new Size(0.1, 0.1, 0.1))), HoseRules.BAY)).as("too small to coil it").isEmpty();
    }

    @Test
    void withoutAWasteTankNothingIsAskedOfIt() {
        Analysis a = Analysis.of(box(waste(1)));

        assertThat(a.figures().find("hose.hose.reach")).isEmpty();
        assertThat(findings(a, HoseRules.REACH)).isEmpty();
    }

    @Test
    void anImpossibleHoseIsPassedOver() {
        for (double wrong : new double[]{0, -3, Double.NaN}) {
            Analysis a = Analysis.of(box(GREY, waste(3).with(
                    new Plumbed.Hose(Plumbed.Hose.Water.WASTE, wrong, wrong, true))));

            assertThat(a.findings()).extracting(Finding::id).noneMatch(id -> id.startsWith("analysis."));
        }
    }
}
