package lectulum.materials.upholstery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Figures;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// The upholstery order of a whole camper.
class CushionOrderTest {
    private static final Analysis DUNLIN = Analysis.of(Campers.demo("dunlin").orElseThrow().design());

    private static Design with(Size... sizes) {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Thing mattress = d.thing("mattress").orElseThrow();
        List<Thing> things = new ArrayList<>(d.things().stream().filter(t -> !t.symbol().equals("mattress")
                && !t.symbol().equals("cushions")).toList());
        for (int i = 0; i < sizes.length; i++) {
            things.add(mattress.withId("cushion-" + i).withName("Cushion " + (i + 1)).with(sizes[i])
                    .withSymbol("cushions"));
        }
        Design of = d.withThings(things);
        return of
                .with(of.settings().with("cushion.radius", 0.06).with("cushion.foam", 35.0).with("cushion.roll", 1.40));
    }

    private static double value(Design d, String figure) {
        return figures(d).value(figure);
    }

    private static Figures figures(Design d) {
        return DUNLIN.peek(d).of(CushionStudies.DISCIPLINE).figures();
    }

    private static String words(Design d) {
        return DUNLIN.peek(d).of(CushionStudies.DISCIPLINE).all().stream().map(Study::notes).flatMap(List::stream)
                .map(n -> n.text(Style.PLAIN))
                .collect(Collectors.joining(" "));
    }

    /// Two of 1.90 × 0.68 × 0.10 m with corners of 60 mm, foam of 35 kg/m³, a roll of 1.40 m: 4.6018 kg of foam, 3.3931 m² of cloth and
    /// 1.68 m of zip each; laid in rows 9.173 m of the roll, at least 7.696 m, which is reached.
    @Test
    void twoCushionsOfABench() {
        Design d = with(new Size(1.90, 0.68, 0.10), new Size(0.68, 1.90, 0.10));

        assertThat(value(d, "cushion.foam")).isCloseTo(2 * 4.6018, within(1e-4));
        assertThat(value(d, "cushion.cloth")).isCloseTo(2 * 3.3931, within(1e-4));
        assertThat(value(d, "cushion.zip")).isCloseTo(3.36, within(1e-9));
        assertThat(value(d, "roll.rows")).isCloseTo(9.173, within(5e-4));
        assertThat(value(d, "roll.bound")).isCloseTo(7.696, within(5e-4));
        assertThat(value(d, "roll.length")).isCloseTo(7.696, within(5e-4));
        assertThat(value(d, "roll.buy")).as("5 % more, in tenths").isCloseTo(8.1, within(1e-9));
        assertThat(words(d)).contains("Proven: none takes less.");
    }

    @Test
    void whereACushionLiesSaysNothingOfItsCover() {
        Design d = with(new Size(1.90, 0.68, 0.10));
        Analysis a = Analysis.of(d);

        Analysis moved = a.next(d.mapping("cushion-0", t -> t.with(t.place().at(0.5, 0.1, 0.3, 1))));
        Analysis larger = a.next(d.mapping("cushion-0", t -> t.with(new Size(1.91, 0.68, 0.10))));
        Analysis renamed = a.next(d.mapping("cushion-0", t -> t.withName("Bench")));

        assertThat(moved.of(CushionStudies.DISCIPLINE)).isSameAs(a.of(CushionStudies.DISCIPLINE));
        assertThat(larger.figures().value("cushion.cloth")).isGreaterThan(a.figures().value("cushion.cloth"));
        assertThat(renamed.of(CushionStudies.DISCIPLINE)).isNotEqualTo(a.of(CushionStudies.DISCIPLINE));
    }

    /// Whatever the sizes: no piece is lost, none takes less than the bound or more than rows, and two camps of the same take twice the foam.
    @Test
    void everyOrderKeepsItsBounds() {
        SplittableRandom random = new SplittableRandom(17);
        for (int n = 0; n < 30; n++) {
            Size[] sizes = new Size[1 + random.nextInt(4)];
            for (int i = 0; i < sizes.length; i++) {
                sizes[i] = new Size(0.3 + random.nextInt(170) / 100.0, 0.25 + random.nextInt(100) / 100.0,
                        0.04 + random.nextInt(16) / 100.0);
            }
            Design d = with(sizes);
            Size[] twice = new Size[2 * sizes.length];
            for (int i = 0; i < twice.length; i++) {
                twice[i] = sizes[i % sizes.length];
            }

            Figures one = figures(d);
            Figures two = figures(with(twice));
            double length = one.value("roll.length");
            assertThat(length).isGreaterThanOrEqualTo(one.value("roll.bound") - 1e-9)
                    .isLessThanOrEqualTo(one.value("roll.rows") + 1e-9);
            assertThat(one.value("roll.buy")).isGreaterThanOrEqualTo(1.05 * length - 1e-9);
            assertThat(one.value("cushion.cloth")).as("cloth fits on what is bought")
                    .isLessThanOrEqualTo(1.40 * length + 1e-6);
            assertThat(two.value("cushion.foam")).isCloseTo(2 * one.value("cushion.foam"), within(1e-9));
            assertThat(two.value("roll.length")).isLessThanOrEqualTo(2 * length + 1e-9);
        }
    }

    @Test
    void whatIsNoneOrTooWideIsSaid() {
        assertThat(words(with())).contains("No cushion or mattress is aboard.");
        assertThat(words(with(new Size(1.9, 1.6, 0.1)))).contains("wider than the roll");
        assertThat(words(with(new Size(1.9, 0.6, 0.35)))).as("a box, not a cushion").contains("No cushion");
    }
}
