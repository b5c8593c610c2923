package lectulum.layout.doors;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// A way out counts when a body gets to it and through it.
class EscapeTest {
    private static Thing opening(String id, double x, double y, double z, double w, double h, Feature.Opening.Leaf leaf,
            double degrees) {
        return thing(id, 5, x, y).with(new Placement(x, y, z, 0)).with(new Size(w, 0.04, h)).with(Mount.SET_IN)
                .with(Fix.FIXED).with(new Feature.Opening(w, h, leaf, Math.toRadians(degrees), true, false));
    }

    private static Thing block(String id, double x, double y, double z, double l, double w, double h) {
        return thing(id, 20, x, y).with(new Placement(x, y, z, 0)).with(new Size(l, w, h)).with(Fix.FIXED);
    }

    /// A bed along the rear, a door on the right side at the front, an escape window in the left wall over the bed's foot.
    private static Design sleeper(Thing... more) {
        List<Thing> things = new ArrayList<>(List.of(
                block("bed", 1.965, 0, 0.3, 1.95, 1.2, 0.15).with(new Feature.Bed(1.95, 1.2, 250)),
                opening("door", 0.35, 0.885, 0, 0.6, 1.6, Feature.Opening.Leaf.HINGED_FRONT, 95),
                opening("window", 1.2, -0.885, 0.7, 0.7, 0.55, Feature.Opening.Leaf.TOP_HUNG, 80)));
        things.addAll(List.of(more));
        return box(things.toArray(Thing[]::new));
    }

    private static Optional<Finding> exits(Design d) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals("exit.count")).findFirst();
    }

    private static String says(Finding f) {
        return (f.title().text(Style.PLAIN) + ". " + f.detail().text(Style.PLAIN)).replace('\u00a0', ' ');
    }

    @Test
    void twoFreeWaysAreTwo() {
        assertThat(exits(sleeper())).isEmpty();
    }

    @Test
    void aWardrobeBeforeTheEscapeWindowTakesItAway() {
        Finding f = exits(sleeper(block("wardrobe", 1.2, -0.73, 0, 0.7, 0.25, 1.6))).orElseThrow();

        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(says(f)).contains("only one way out").contains("wardrobe stands before window");
        assertThat(f.things()).contains("wardrobe", "window");
    }

    /// Something low, or well away from the wall, is in nobody's way: 0.7 × 0.5 of the window stay clear over it.
    @Test
    void whatStandsLowOrAwayDoesNotCount() {
        assertThat(exits(sleeper(block("box", 1.2, -0.73, 0, 0.7, 0.25, 0.72)))).isEmpty();
    }

    /// Half of it covered: 0.35 m is too narrow for 0.45.
    @Test
    void theLargestClearRectangleCounts() {
        assertThat(exits(sleeper(block("shelf", 1.0, -0.73, 0.6, 0.3, 0.25, 0.8))).map(EscapeTest::says).orElse(""))
                .contains("shelf stands before window");
        assertThat(exits(sleeper(block("lamp", 1.53, -0.73, 0.6, 0.1, 0.25, 0.8)))).isEmpty();
    }

    /// Top hung, 0.55 high, opening 40°: the gap at its lower edge is 2·0.55·sin 20° = 0.376 m, too little for 0.45.
    @Test
    void aWindowThatOpensTooLittleIsNoWayOut() {
        Design d = sleeper();
        Design little = d.mapping("window", t -> opening("window", 1.2, -0.885, 0.7, 0.7, 0.55,
                Feature.Opening.Leaf.TOP_HUNG, 40));

        assertThat(says(exits(little).orElseThrow())).contains("window does not open far enough").contains("376 mm");
    }

    /// A door of 0.6 m whose leaf meets a box on the outside at about 50°: 0.6·(1 − cos) stays, far too little.
    @Test
    void aDoorThatIsStoppedOutsideIsNoWayOut() {
        Thing box = block("water butt", 0.5, 1.2, 0, 0.3, 0.3, 1.0).with(Mount.OUTSIDE);
        Finding f = exits(sleeper(box)).orElseThrow();

        assertThat(says(f)).contains("door does not open far enough");
    }

    /// A partition with a gap of 0.3 m between bed and door: nobody gets through it.
    @Test
    void aDoorBehindANarrowPlaceIsNotReached() {
        Finding f = exits(sleeper(block("partition", 0.8, -0.135, 0, 0.02, 1.47, 1.7))).orElseThrow();

        assertThat(says(f)).contains("Nobody gets from a bed to door");
    }
}
