package lectulum.materials;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.feature.Joined;
import lectulum.design.thing.Thing;
import lectulum.materials.framing.ShellFrame;
import lectulum.materials.joinery.Furniture;
import lectulum.materials.lighter.Switch;
import lectulum.materials.lighter.Switches;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What could be built otherwise: each way against the same sum taken of the changed camper by other means.
class SwitchesTest {
    private static Design demo(String name) {
        return Campers.demo(name).orElseThrow().design();
    }

    private static List<Switch> all(Design d) {
        return Switches.of(d, () -> true, s -> {
        });
    }

    private static Switch named(List<Switch> all, String says) {
        return all.stream().filter(s -> s.says().text(Style.PLAIN).replace('\u00a0', ' ').equals(says)).findFirst()
                .orElseThrow(() -> new AssertionError(all.stream().map(s -> s.says().text(Style.PLAIN)).toList()
                        .toString()));
    }

    /// Figures of the pages, before and after: frame, layers and furniture are reckoned there on their own.
    private static double onPages(Design d) {
        Analysis a = Analysis.of(d);
        return a.figures().value("stud.mass") + a.figures().value("skin.mass") + a.figures().value("built.mass");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Members 500 mm apart", "Doubled members", "No insulation", "Linings of 3 mm",
            "Furniture of 12 mm", "Skins of aluminium sheet, 0.8 mm", "Floor board of 9 mm"})
    void aWayChangesWhatThePagesSayAfterIt(String says) {
        Design d = demo("dunlin");
        Switch s = named(all(d), says);

        Design after = s.remedy().edit().apply(d);

        assertThat(onPages(after) - onPages(d)).as(says).isCloseTo(s.mass(), within(1e-6));
        assertThat(
                Analysis.of(after).figures().value("air.loss.walls") - Analysis.of(d).figures().value("air.loss.walls"))
                .as(says).isCloseTo(s.loss(), within(1e-6));
    }

    /// Boards of 9 instead of 18 mm: half their mass, and what is put down for them with it.
    @Test
    void thinnerFurnitureWeighsOnTheSheetToo() {
        Design d = demo("dunlin");
        Design after = named(all(d), "Furniture of 9 mm").remedy().edit().apply(d);

        assertThat(Furniture.of(after)).allSatisfy(f -> {
            assertThat(f.thing().mass().value()).as(f.thing().name()).isCloseTo(f.mass(), within(1e-9));
            Thing before = d.thing(f.thing().id()).orElseThrow();
            assertThat(f.thing().mass().value()).isLessThan(before.mass().value());
            assertThat(f.built().thick()).isEqualTo(0.009);
        });
        assertThat(after.things().stream().filter(t -> !t.has(Joined.Boards.class)).filter(t -> t.mass().value() != d
                .thing(t.id()).orElseThrow().mass().value()).map(Thing::name)).allMatch(n -> n.contains("loor")
                        || n.contains("nsulation") || n.contains("Body"));
    }

    /// The cheapest kilogram first, by money alone or with hours that are worth something.
    @Test
    void theyAreRankedByWhatAKilogramCosts() {
        Design d = demo("dunlin");
        for (double hour : new double[]{0, 25}) {
            Design worth = d.with(d.settings().with(Assumption.HOUR_WORTH.id(), hour));
            List<Double> order = all(worth).stream().map(s -> s.perKilogram(hour)).toList();

            assertThat(order).hasSizeGreaterThan(15).isSorted();
        }
    }

    @Test
    void whatStandsAlreadyIsNotSwitched() {
        Design d = demo("nightjar");

        assertThat(ShellFrame.of(d).pieces()).isNotEmpty();
        assertThat(all(d)).isNotEmpty().extracting(Switch::about).containsOnly("Linings", "Insulation", "Furniture");
    }

    /// Stopped after the third, it gives those.
    @Test
    void itCanBeStopped() {
        List<Switch> sofar = new ArrayList<>();

        List<Switch> some = Switches.of(demo("dunlin"), () -> sofar.size() < 3, sofar::add);

        assertThat(some).hasSize(3).isEqualTo(sofar);
    }
}
