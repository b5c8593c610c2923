package lectulum.layout.outside;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.base.Base;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.space.Body;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExtentTest {
    private static Extent of(Design d) {
        return Extent.of(d, Body.of(d.base()));
    }

    private static Thing outside(String id, double length, double width, double height, Placement at) {
        return thing(id, 5, 0, 0).with(Mount.OUTSIDE).with(new Size(length, width, height)).with(at);
    }

    @Test
    void aBareBoxReachesFromTheBallToItsRearWall() {
        Design d = box();
        Base b = d.base();
        Extent e = of(d);

        assertThat(e.front()).isZero();
        assertThat(e.length()).isCloseTo(b.tongueLength() + b.shell().length(), within(1e-12));
        assertThat(e.width()).isCloseTo(Math.max(b.shell().width(), b.axle().track() + b.axle().tyreWidth()),
                within(1e-12));
        assertThat(e.stands() - e.height()).isCloseTo(Assumed.value(d, Assumption.DROOP), within(1e-12));
    }

    @Test
    void whatHangsOutsideIsCountedOnTheSideItHangs() {
        Design d = box();
        double l = d.base().shell().length();
        double side = d.base().shell().width() / 2;
        Design more = d.plus(outside("wheel", 0.2, 0.6, 0.6, new Placement(l + 0.1, 0, 0.1, 0)))
                .plus(outside("awning", 2, 0.4, 0.1, new Placement(l / 2, side + 0.2, 1, 0)))
                .plus(outside("rack", 1, 1, 0.5, new Placement(l / 2, 0, d.base().shell().height(), 0)));

        assertThat(of(more).rear() - of(d).rear()).isCloseTo(0.2, within(1e-9));
        assertThat(of(more).width()).isCloseTo(2 * (side + 0.4), within(1e-9));
        assertThat(of(more).height() - of(d).height()).isCloseTo(0.5, within(1e-9));
    }

    /// What is put away on the road or only unfolded in camp reaches nowhere.
    @Test
    void whatIsAwayOnTheRoadIsNotCounted() {
        Design d = box();
        Thing step = outside("step", 0.4, 0.4, 0.2, new Placement(1, 0, 0, 0))
                .withElsewhere(Map.of(Mode.CAMP, new Placement(1, 5, 0, 0)));

        assertThat(of(d.plus(step)).width()).isEqualTo(of(d).width());
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theFiguresOfLayoutAreTheExtent(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Extent e = of(d);
        Analysis a = Analysis.of(d);

        assertThat(a.figures().value("outside.length")).isEqualTo(e.length());
        assertThat(a.figures().value("outside.width")).isEqualTo(e.width());
        assertThat(a.figures().value("outside.height")).isEqualTo(e.height());
    }

    /// A door of 2.20 m and a camper that stands 2.18 m: 0.03 m lack of the 0.05 m that are wanted free.
    @Test
    void aDoorWantsItsAir() {
        Extent e = new Extent(0, 4, 2.0, 2.15, 2.18);

        assertThat(e.overDoor(2.20)).isCloseTo(0.03, within(1e-12));
        assertThat(e.overDoor(2.30)).isNegative();
        assertThat(e.besideDoor(2.05)).isCloseTo(0.05, within(1e-12));
        assertThat(List.of(e.length())).containsExactly(4.0);
    }
}
