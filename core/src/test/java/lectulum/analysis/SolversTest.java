package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lectulum.analysis.Solvers.Option;
import lectulum.analysis.Solvers.Way;
import lectulum.balance.Balance;
import lectulum.balance.LoadedState;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Role;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Ways to bring the tongue into its band.
class SolversTest {
    private static double share(Design d) {
        return Analysis.of(d).of(Balance.DISCIPLINE).state("departure").map(LoadedState::share).orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void everyOptionSaysTruthfullyWhatItGives(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();

        List<Option> options = Solvers.of(Analysis.of(d), () -> false);

        assertThat(options).hasSizeGreaterThan(3);
        for (Option o : options) {
            Analysis after = Analysis.of(o.remedy().edit().apply(d));
            for (Solvers.Trip t : o.trips()) {
                double now = after.of(Balance.DISCIPLINE).states().stream()
                        .filter(s -> s.loadCase().name().equals(t.name()))
                        .mapToDouble(LoadedState::share).findFirst().orElseThrow();
                assertThat(now).as(o.way() + " " + t.name()).isCloseTo(t.share(), within(1e-12));
            }
        }
    }

    /// A light tongue: 600 kg of which the rear is too heavy.
    private static Design light() {
        return box(thing("chest", 60, 2.4, 0).with(Role.GEAR).with(Fix.LOOSE),
                thing("beds", 80, 2.0, 0.3).with(Fix.MOVABLE),
                thing("cans", 40, 0.6, 0).with(Role.GEAR).with(Fix.LOOSE),
                thing("stove", 20, 2.6, -0.4).with(Fix.MOVABLE));
    }

    @Test
    void theAxleAndTheMovesBringTheShareToTheMiddleOfTheBand() {
        Design d = light();
        double aim = 0.125;

        List<Option> options = Solvers.of(Analysis.of(d), () -> false);

        Set<Way> ways = options.stream().map(Option::way)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Way.class)));
        assertThat(ways).contains(Way.AXLE, Way.SPREAD, Way.BALLAST);
        for (Option o : options) {
            double after = share(o.remedy().edit().apply(d));
            assertThat(Math.abs(after - aim)).as(o.way().label()).isLessThan(Math.abs(share(d) - aim) + 1e-9);
            if (o.way() == Way.SPREAD || o.way() == Way.ONE) {
                assertThat(after).as(o.way().label()).isCloseTo(aim, within(0.002));
            }
        }
    }

    @Test
    void fixedThingsStayWhereTheyAre() {
        Design d = light().mapping("beds", t -> t.with(Fix.FIXED));

        for (Option o : Solvers.of(Analysis.of(d), () -> false)) {
            assertThat(o.remedy().edit().apply(d).thing("beds").orElseThrow().place())
                    .isEqualTo(d.thing("beds").orElseThrow().place());
        }
    }

    @Test
    void withoutAnAxleThereIsNothingToSolveAndASearchCanBeStopped() {
        Design d = light();

        assertThat(Solvers.of(Analysis.of(d.with(d.base().with(d.base().axle().at(-3)))), () -> false)).isEmpty();
        assertThat(Solvers.of(Analysis.of(d), () -> true)).isEmpty();
    }
}
