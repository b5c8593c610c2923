package lectulum.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.Person;
import lectulum.design.brief.WaterStyle;
import lectulum.design.feature.Plumbed;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Water worked out again with pencil and paper.
class WaterByHandTest {
    private static final double LITRE = 1e-3;

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static Design with(Design d, int people) {
        List<Person> all = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            all.add(new Person("p" + i, "Traveller " + i, 1.7, 70));
        }
        return d.with(d.brief().withPeople(all));
    }

    private static Design filled(Design d, Tank.Use use, double times) {
        return d.withThings(d.things().stream().map(t -> t.tank().filter(k -> k.use() == use)
                .map(k -> t.with(new Tank(use, times * k.capacity()))).orElse(t)).toList());
    }

    static Stream<Arguments> people() {
        return Stream.of("nightjar", "dunlin", "chamois")
                .flatMap(k -> IntStream.of(1, 2, 3, 5).mapToObj(n -> Arguments.of(k, n)));
    }

    /// The use of a day is that of one person times the people, grey water a part of it.
    @ParameterizedTest
    @MethodSource("people")
    void aDayGoesWithThePeople(String key, int people) {
        Design one = with(demo(key), 1);
        Design many = with(demo(key), people);

        assertThat(value(many, "water.day.use")).isCloseTo(people * value(one, "water.day.use"), within(1e-9));
        assertThat(value(many, "water.day.grey")).isBetween(0.0, value(many, "water.day.use"));
        assertThat(value(many, "water.day.grey")).isCloseTo(people * value(one, "water.day.grey"), within(1e-9));
    }

    /// Days are what can be drawn over the use of a day, and the shortest of fresh, grey and toilet counts.
    @ParameterizedTest
    @MethodSource("people")
    void daysAreVolumeOverUse(String key, int people) {
        Analysis a = Analysis.of(with(demo(key), people));
        double fresh = a.figures().value("water.fresh.usable") / a.figures().value("water.day.use");
        double shortest = Stream.of("water.fresh.days", "water.grey.days", "water.waste.days")
                .flatMap(f -> a.figures().find(f).stream()).flatMapToDouble(f -> f.value().stream()).min()
                .orElseThrow();

        assertThat(a.figures().value("water.fresh.days")).isCloseTo(fresh, within(1e-9 * fresh));
        assertThat(a.figures().value("water.days")).isCloseTo(shortest, within(1e-9));
    }

    /// A tank that matches holds the grey share of what can be drawn.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void theMatchingTankHoldsTheSameDays(String key) {
        Analysis a = Analysis.of(demo(key));
        double share = a.figures().value("water.day.grey") / a.figures().value("water.day.use");

        assertThat(a.figures().value("water.greyMatched")).isCloseTo(share * a.figures().value("water.fresh.usable"),
                within(1e-9));
    }

    /// Twice the fresh water, at most twice the days; never fewer.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void moreWaterLastsLonger(String key) {
        Design d = demo(key);
        Design twice = filled(d, Tank.Use.FRESH, 2);

        assertThat(value(twice, "water.fresh.days")).isGreaterThan(1.5 * value(d, "water.fresh.days"));
        assertThat(value(twice, "water.days")).isGreaterThanOrEqualTo(value(d, "water.days") - 1e-9);
        assertThat(value(twice, "water.chance")).isGreaterThanOrEqualTo(value(d, "water.chance") - 1e-9);
        assertThat(value(twice, "water.fill")).isCloseTo(2 * value(d, "water.fill"),
                within(1e-6 * value(d, "water.fill")));
    }

    /// What can be drawn is no more than what the tanks hold, whatever their sizes.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatIsDrawnWasInThere(int seed) {
        SplittableRandom dice = new SplittableRandom(seed);
        Design d = demo(seed % 2 == 0 ? "nightjar" : "chamois");
        Design other = d.withThings(d.things().stream().map(t -> t.tank().filter(k -> k.use() == Tank.Use.FRESH)
                .map(k -> t.with(new Tank(k.use(), LITRE * (5 + dice.nextInt(80))))).orElse(t)).toList());
        double held = other.things().stream().flatMap((Thing t) -> t.tank().stream())
                .filter(k -> k.use() == Tank.Use.FRESH).mapToDouble(Tank::capacity).sum();

        assertThat(value(other, "water.fresh.usable")).isBetween(0.5 * held, held);
        assertThat(value(other, "water.chance")).isBetween(0.0, 1.0);
        assertThat(value(other, "water.bleach.dose")).isPositive().isLessThan(0.01 * held);
    }

    /// The styles of the brief stand in the order in which they are named: thrifty uses least.
    @ParameterizedTest
    @EnumSource(WaterStyle.class)
    void aThriftierStyleUsesLess(WaterStyle style) {
        Design d = demo("nightjar");
        double use = value(d.with(d.brief().withWater(style)), "water.day.use");
        for (WaterStyle other : WaterStyle.values()) {
            double theirs = value(d.with(d.brief().withWater(other)), "water.day.use");
            assertThat(Integer.signum(style.compareTo(other))).as(style + " and " + other)
                    .isEqualTo((int) Math.signum(Math.rint(1e9 * (use - theirs))));
        }
    }

    /// What is drawn at the tap holds the heat of the tank: litres × (tap − cold) is the same at every temperature of the tap.
    @ParameterizedTest
    @ValueSource(doubles = {32, 38, 45, 52})
    void washingUpWaterHoldsTheHeatOfTheTank(double tap) {
        Design d = demo("nightjar");
        Thing heater = Catalogue.shipped().find("water-heater-10-l-electric").orElseThrow();
        Design with = d.plus(heater.withId("heater"));
        double set = heater.feature(Plumbed.Boiler.class).orElseThrow().set();
        double a = value(with.with(with.settings().with("water.tap", tap)), "hot.heater.washes");
        double b = value(with.with(with.settings().with("water.tap", 40)), "hot.heater.washes");
        double cold = (a * tap - b * 40) / (a - b);

        assertThat(cold).as("the water of the month").isBetween(0.0, 30.0);
        assertThat(a).isCloseTo(10 * LITRE * (set - cold) / (tap - cold), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {51, 60})
    void aTapHotterThanTheTankIsNotServed(double tap) {
        Thing heater = Catalogue.shipped().find("water-heater-10-l-electric").orElseThrow().withId("heater");
        Plumbed.Boiler b = heater.feature(Plumbed.Boiler.class).orElseThrow();
        Design d = demo("nightjar").plus(heater.with(new Plumbed.Boiler(b.by(), b.power(), b.efficiency(), b.volume(),
                50, b.starts())));

        assertThat(Analysis.of(d.with(d.settings().with("water.tap", tap))).figures().find("hot.heater.washes")
                .orElseThrow().value()).isEmpty();
    }
}
