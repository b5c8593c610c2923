package lectulum.water;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// How a camper stands to be emptied, against plain reckoning and against every way there is.
class LevellingTest {
    private static Thing vessel(Plumbed.End end) {
        return tank("fresh", Tank.Use.FRESH, 40, 1).with(new Size(0.8, 0.4, 0.25))
                .with(Plumbed.Vessel.USUAL.withOutlet(end));
    }

    private static Levelling of(Design d) {
        return new Levelling(d, PipePlan.of(d, 12), Set.of());
    }

    /// W l² tan θ / 2 by hand: inside 0.79 by 0.39, the whole length up.
    @Test
    void whatStaysBehindIsAWedge() {
        Levelling l = of(box(vessel(Plumbed.End.REAR)));

        assertThat(l.at(0, 0).tanks()).isZero();
        assertThat(l.at(2, 0).tanks()).isZero();
        assertThat(l.at(-2, 0).tanks())
                .isCloseTo(0.39 * 0.79 * 0.79 * Math.tan(Math.toRadians(2)) / 2, within(1e-9));
        assertThat(l.at(-2, 0).standing()).containsExactly("fresh");
    }

    @ParameterizedTest
    @EnumSource(Plumbed.End.class)
    void moreTiltTheWrongWayNeverLeavesLess(Plumbed.End end) {
        Levelling l = of(box(vessel(end)));
        for (double way : new double[]{1, -1}) {
            double before = 0;
            for (double t = 0; t <= 5; t += 0.5) {
                double now = l.at(way * t, 0).tanks();
                assertThat(now).isGreaterThanOrEqualTo(before - 1e-12);
                before = now;
            }
        }
        assertThat(l.at(1.5, 1).tanks()).isCloseTo(l.at(1.5, -1).tanks(), within(1e-12));
    }

    /// The best is one of them, empties all where any does, and no smaller tilt does.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theBestIsTheLeastOfAll(String demo) {
        Levelling l = of(Campers.demo(demo).orElseThrow().design());
        List<Levelling.Way> all = l.all();
        Levelling.Way best = Levelling.best(all);

        assertThat(all).hasSize(441).contains(best);
        if (all.stream().anyMatch(Levelling.Way::drains)) {
            assertThat(best.drains()).isTrue();
            assertThat(all.stream().filter(Levelling.Way::drains)).allMatch(w -> w.tilt() >= best.tilt() - 1e-12);
        } else {
            assertThat(all).allMatch(w -> w.standing().size() >= best.standing().size());
        }
        assertThat(Levelling.never(all)).allMatch(n -> all.stream().allMatch(w -> w.standing().contains(n)));
    }

    @Test
    void whatItSaysIsOnThePage() {
        Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());

        assertThat(a.figures().value("level.least")).isLessThanOrEqualTo(a.figures().value("level.stays") + 1e-12);
        assertThat(Math.abs(a.figures().value("level.pitch"))).isLessThanOrEqualTo(Math.toRadians(5) + 1e-12);
        assertThat(Analysis.of(box()).figures().find("level.stays")).isEmpty();
    }
}
