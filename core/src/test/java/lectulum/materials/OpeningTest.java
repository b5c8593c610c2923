package lectulum.materials;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.takeoff.WindowCloth;
import lectulum.materials.upholstery.OpeningStudies;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// Nets, shades and curtains from the openings.
class OpeningTest {
    private static Thing from(String id) {
        return Catalogue.shipped().find(id).orElseThrow().with(new Placement(1.5, 0.87, 0.8, 0));
    }

    private static Study study(Design d) {
        return Analysis.of(d).of(OpeningStudies.DISCIPLINE).all().getFirst();
    }

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().value(id);
    }

    private static List<String> whats(Design d) {
        return study(d).listings().getFirst().rows().stream().map(r -> r.get(1).text(Style.PLAIN)).toList();
    }

    /// A window of 850 × 455 mm clear: 920 × 525 finished, 970 × 575 cut, a rail of 1050, a curtain of 1730 × 705.
    @Test
    void aWindowIsMeasuredByHand() {
        WindowCloth w = new WindowCloth(0.85, 0.455);

        assertThat(w.over(0.035).wide()).isEqualTo(0.92, within(1e-12));
        assertThat(w.over(0.035).high()).isEqualTo(0.525, within(1e-12));
        assertThat(w.cut(0.035, 0.025).wide()).isEqualTo(0.97, within(1e-12));
        assertThat(w.cut(0.035, 0.025).high()).isEqualTo(0.575, within(1e-12));
        assertThat(w.rail(0.1)).isEqualTo(1.05, within(1e-12));
        assertThat(w.curtain(0.1, 1.6, 0.025).wide()).isEqualTo(1.73, within(1e-12));
        assertThat(w.curtain(0.1, 1.6, 0.025).high()).isEqualTo(0.705, within(1e-12));
    }

    /// One net of 970 × 575 mm lies across a roll of 1.5 m: 575 mm, and 0.6 m are ordered.
    @Test
    void aWindowTakesANetAShadeAndACurtain() {
        Design d = box(from("window-90-x-45-hinged"));

        assertThat(whats(d)).containsExactly("net", "shade");
        assertThat(value(d, "net.buy")).isEqualTo(0.6, within(1e-9));
        assertThat(value(d, "net.cost")).isEqualTo(0.6 * 8, within(1e-9));
        assertThat(value(d, "shade.area")).isEqualTo(0.92 * 0.525, within(1e-9));
        assertThat(value(d, "curtain.rail")).isEqualTo(1.05, within(1e-9));
        assertThat(value(d, "curtain.buy")).as("705 mm along, for 1.73 m do not lie across 1.4 m").isEqualTo(1.8,
                within(1e-9));
        assertThat(Analysis.of(d).figures().find("net.close")).isEmpty();
    }

    @Test
    void whatDoesNotOpenTakesNoNet() {
        assertThat(whats(box(from("window-35-x-35-porthole")))).containsExactly("shade");
        assertThat(whats(box(from("stowage-hatch"), from("window-35-x-35-porthole"))))
                .as("a hatch that is not opened from inside").containsExactly("shade");
    }

    @Test
    void aWindowInTheRoofTakesNoCurtain() {
        Design d = box(from("roof-window-40-x-40"));

        assertThat(whats(d)).containsExactly("net", "shade");
        assertThat(study(d).listings()).hasSize(1);
        assertThat(Analysis.of(d).figures().find("curtain.buy")).isEmpty();
    }

    /// 600 × 1500 mm clear: the net closes over 1570 mm; a door without glass is not darkened.
    @Test
    void aDoorTakesANetToWalkThrough() {
        Design d = box(from("side-door-60-cm"));

        assertThat(whats(d)).containsExactly("net to walk through");
        assertThat(value(d, "net.close")).isEqualTo(1.57, within(1e-9));
    }

    /// 1620 × 1820 mm cut from a roll of 1.5 m: two widths of 1820 mm.
    @Test
    void whatIsWiderThanTheRollIsJoined() {
        Design d = box(from("rear-double-doors"));

        assertThat(value(d, "net.buy")).isEqualTo(3.7, within(1e-9));
        assertThat(study(d).notes().stream().map(n -> n.text(Style.PLAIN))).anyMatch(n -> n.contains("seam"));
        Design wide = d.with(d.settings().with("net.roll", 3));
        assertThat(value(wide, "net.buy")).isEqualTo(1.7, within(1e-9));
    }

    /// No plan takes less cloth than its area, nor more than one piece behind the other.
    @Test
    void manyShareTheRoll() {
        Design d = box();
        double alone = 0;
        List<String> kinds = List.of("window-90-x-45-hinged", "window-60-x-40-sliding", "escape-window-70-x-50");
        for (int i = 0; i < 9; i++) {
            Thing t = from(kinds.get(i % 3)).withId("w" + i);
            d = d.plus(t);
            alone += value(box(t), "net.buy");
        }
        Listing flat = study(d).listings().getFirst();
        assertThat(flat.rows()).hasSize(18);
        double area = 3 * (0.97 * 0.575 + 0.41 * 0.49 + 0.77 * 0.575);
        assertThat(value(d, "net.buy")).isBetween(area / 1.5, alone);
        assertThat(value(d, "net.buy")).as("and less than two thirds of each by itself").isLessThan(alone * 2 / 3);
    }

    @Test
    void withoutOpeningsItSaysSo() {
        assertThat(study(box()).notes()).hasSize(1);
        assertThat(study(box()).listings()).isEmpty();
    }
}
