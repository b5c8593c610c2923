package lectulum.base;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.base.gear.AxleOrder;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.figures.drawing.Listing;
import lectulum.papers.Document;
import lectulum.papers.Documents;
import lectulum.papers.Paper;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What an axle is ordered by. The box stands with its floor at 0.5 m, 30 mm thick; its track is 1.6 m, its tyres 0.64 m across.
class AxleOrderTest {
    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).orElseThrow().value().orElseThrow();
    }

    private static List<List<String>> rows(Design d) {
        Listing table = Analysis.of(d).of(AxleOrder.DISCIPLINE).all().getFirst().listings().getFirst();
        return table.text(Style.PLAIN);
    }

    private static String size(Design d, String what) {
        return rows(d).stream().filter(r -> r.getFirst().startsWith(what)).findFirst().orElseThrow().get(1)
                .replace('\u00a0', ' ');
    }

    /// A wheel whose face lies 20 mm outside its middle wants hubs 40 mm further apart.
    @ParameterizedTest
    @CsvSource({"0, 1.6", "0.02, 1.64", "-0.03, 1.54"})
    void theOffsetOfTheWheelsCountsTwice(double offset, double faces) {
        Design d = box(thing("chest", 50, 1, 0));

        assertThat(value(d.with(d.settings().with("wheel.offset", offset)), "axle.faces"))
                .isCloseTo(faces, within(1e-9));
    }

    /// 0.75 of 1.6 m; 0.5 − 0.03 − the loaded radius.
    @Test
    void springsAndRailsAreWhereTheyAre() {
        Design d = box(thing("chest", 50, 1, 0));

        assertThat(value(d, "axle.springs")).isCloseTo(1.2, within(1e-9));
        double radius = lectulum.assumed.Assumed.value(d, lectulum.assumed.Assumption.TYRE_PART) * 0.64;
        assertThat(value(d, "axle.under")).isCloseTo(0.47 - radius, within(1e-9));
    }

    /// 0.85 of the axle carries the loaded camper, 0.65 of it the dry one.
    @Test
    void anAxleIsOrderedForTheLoadedCamperAndForTheDryOne() {
        Design d = box(thing("chest", 50, 1, 0));
        double loaded = value(d, "balance.departure.axle") / 0.85;
        double dry = value(d, "balance.dry.axle") / 0.65;

        assertThat(value(d, "dry.order")).isCloseTo(Math.max(loaded, dry), within(1e-9));
    }

    /// Two axles share what one would carry, and a body 10 cm higher stands 10 cm higher over them.
    @Test
    void twoAxlesShareTheLoad() {
        Design one = box(thing("chest", 50, 1, 0));
        Design two = one.with(one.base().with(one.base().axle().with(2, 0.8)));

        assertThat(value(two, "axle.load") / value(two, "dry.order")).isCloseTo(0.5, within(1e-9));
        assertThat(value(one, "axle.load")).isCloseTo(value(one, "dry.order"), within(1e-9));
        assertThat(value(one.with(one.base().withFloorHeight(0.6)), "axle.under") - value(one, "axle.under"))
                .isCloseTo(0.1, within(1e-9));
    }

    @Test
    void whatNobodyTypedIsALineToFillIn() {
        Design d = box(thing("chest", 50, 1, 0));

        assertThat(size(d, "Studs")).isEqualTo("fill in");
        assertThat(size(d, "Flange")).isEqualTo("yes, with brakes");
        assertThat(size(d, "Tyres")).isEqualTo("640 mm across, 190 mm wide");
    }

    /// The list is written as it stands on the page.
    @Test
    void itIsAmongThePapers() throws Exception {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Document order = Documents.of("x", Analysis.of(d), Style.PLAIN, Paper.A4).stream()
                .filter(p -> p.id().startsWith(AxleOrder.ID)).findFirst().orElseThrow();

        String csv = new String(order.forms().getFirst().content().bytes(), StandardCharsets.UTF_8);
        assertThat(csv.lines().count()).isEqualTo(rows(d).size());
        assertThat(csv).contains("Hub face to hub face", "Studs and bolt circle");
    }
}
