package lectulum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.air.Cabin;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.trip.Learnt;
import lectulum.trip.TrueCamp;
import lectulum.water.WaterUse;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Tank senders and a weather station that stand in for real ones, what is read from them, and what the plan learns.
class CampTest {
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();
    private static final int DAYS = 8;

    private static CampLog read(TrueCamp camp, long seed) {
        CampLog log = new CampLog();
        CampServer.tellTanks(camp, seed, log::add);
        return log;
    }

    private static Learnt learnt(Design d, TrueCamp camp, long seed) {
        CampLog weather = new CampLog();
        CampServer.tellWeather(camp, seed, weather::add);
        Learnt.Told tanks = read(camp, seed).told();
        Learnt.Told air = weather.told();
        return Learnt.of(d, new Learnt.Told(tanks.volumes(), tanks.ohms(), air.inside(), air.outside(), air.heat()));
    }

    @Test
    void bothAreHeardOverTheirPorts() throws IOException {
        TrueCamp camp = TrueCamp.of(NIGHTJAR, 3, 5);
        CampLog log = new CampLog();
        try (TellingServer tanks = CampServer.tanks(0, camp, 5); TellingServer air = CampServer.weather(0, camp, 5)) {
            log.read("tank senders", "localhost", tanks.port(), () -> false);
            int lines = log.lines();
            log.read("weather station", "localhost", air.port(), () -> false);

            assertThat(lines).isEqualTo(2 + 3 * 24 * 3);
            assertThat(log.lines()).isEqualTo(lines + 2 + 2 * 24 * 3);
            assertThat(log.dropped()).isZero();
            assertThat(log.gaps()).isZero();
            assertThat(log.days()).isEqualTo(3);
            assertThat(log.told().inside()).hasSize(72).doesNotContain(Double.NaN);
        }
    }

    @Test
    void whereNothingAnswersASentenceSaysSo() {
        assertThatThrownBy(() -> new CampLog().read("weather station", "localhost", 1, () -> false))
                .isInstanceOf(IOException.class).hasMessage("No weather station answers at localhost:1.");
    }

    @Nested
    class WhatIsLearnt {
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6})
        void isNearTheTruth(long seed) {
            TrueCamp camp = TrueCamp.of(NIGHTJAR, DAYS, seed);
            Learnt l = learnt(NIGHTJAR, camp, seed);

            assertThat(l.days()).hasSizeGreaterThan(3).allSatisfy(
                    x -> assertThat(x / l.planned()).isCloseTo(camp.use(), within(0.05)));
            assertThat(l.nights()).isNotEmpty().allSatisfy(x -> assertThat(x).isCloseTo(camp.loss(), within(0.05)));
            assertThat(l.use().orElseThrow().sigma()).isLessThan(0.15);
            assertThat(l.loss().orElseThrow().value()).isCloseTo(camp.loss(), within(0.06));
        }

        /// What is taken changes the day of water and the walls, and a second reading of the same truth moves neither far.
        @Test
        void goesIntoThePlanOnce() {
            TrueCamp camp = TrueCamp.of(NIGHTJAR, DAYS, 2);
            Learnt first = learnt(NIGHTJAR, camp, 2);
            Design taken = first.taken().change().apply(NIGHTJAR);

            assertThat(WaterUse.of(taken).fresh() / WaterUse.styled(NIGHTJAR).fresh())
                    .isCloseTo(first.use().orElseThrow().value(), within(1e-9));
            assertThat(Cabin.of(taken, Mode.NIGHT).opaque() / Cabin.of(NIGHTJAR, Mode.NIGHT).opaque())
                    .isCloseTo(first.loss().orElseThrow().value(), within(1e-9));
            assertThat(Assumed.value(taken, Assumption.WATER_MEASURED_DAYS)).isEqualTo(first.days().size());

            Learnt again = learnt(taken, camp, 3);
            assertThat(again.loss().orElseThrow().value()).isCloseTo(1, within(0.08));
            assertThat(again.planned()).isEqualTo(first.planned());
        }

        @Test
        void isNothingWithoutTanksWallsOrFrost() {
            Design empty = Campers.demo("nightjar").orElseThrow().design().withThings(List.of());
            TrueCamp camp = TrueCamp.of(empty, 3, 1);
            Learnt l = learnt(empty, camp, 1);

            assertThat(l.use()).isEmpty();
            assertThat(l.loss()).isEmpty();
            assertThat(l.any()).isFalse();
            assertThat(l.taken().change().apply(empty)).isEqualTo(empty);
        }
    }

    @Nested
    class WhatCannotBeRight {
        private final CampLog log = new CampLog();

        private void say(String what) {
            log.add("{\"t\":\"2031-07-18T00:00:00Z\"," + what + "}");
        }

        @Test
        void isDroppedAndCounted() {
            say("\"k\":\"tank\",\"l\":20");
            say("\"k\":\"tank\",\"id\":\"a\",\"l\":-3");
            say("\"k\":\"tank\",\"id\":\"a\",\"l\":\"much\"");
            say("\"k\":\"tank\",\"id\":\"a\",\"ohms\":1e9");
            say("\"k\":\"air\",\"in\":20");
            say("\"k\":\"air\",\"in\":20,\"out\":400");
            say("\"k\":\"heat\",\"w\":-1");
            log.add("nonsense");

            assertThat(log.dropped()).isEqualTo(8);
            assertThat(log.unreliable()).isTrue();
            assertThat(log.told().volumes().getOrDefault("a", new double[0])).isEmpty();
        }

        @Test
        void isCountedWhereItsKindIsNotKnown() {
            say("\"k\":\"wind\",\"ms\":4");

            assertThat(log.unknown()).containsEntry("wind", 1);
            assertThat(log.dropped()).isZero();
        }

        /// A clock that jumps into another millennium, forward or back, takes no memory and leaves what was heard before.
        @ParameterizedTest
        @ValueSource(strings = {"9031-07-18T02:00:00Z", "+999999999-12-31T23:00:00Z", "0031-07-18T02:00:00Z",
                "2034-07-22T00:00:00Z"})
        void isAClockThatJumps(String t) {
            say("\"k\":\"tank\",\"id\":\"a\",\"l\":20");
            log.add("{\"t\":\"2031-07-19T00:00:00Z\",\"k\":\"tank\",\"id\":\"a\",\"l\":15}");
            log.add("{\"t\":\"" + t + "\",\"k\":\"tank\",\"id\":\"a\",\"l\":3}");

            assertThat(log.dropped()).isEqualTo(1);
            assertThat(log.days()).isEqualTo(1);
            assertThat(log.told().volumes().get("a")).hasSize(24);
        }

        /// Whatever comes, nothing is thrown and no figure is not a number.
        @Test
        void neverThrows() {
            SplittableRandom r = new SplittableRandom(4);
            List<String> lines = new ArrayList<>();
            TrueCamp camp = TrueCamp.of(NIGHTJAR, 2, 4);
            CampServer.tellTanks(camp, 4, lines::add);
            CampServer.tellWeather(camp, 4, lines::add);
            for (int i = 0; i < 60; i++) {
                CampLog damaged = new CampLog();
                for (String line : lines) {
                    char[] c = line.toCharArray();
                    if (r.nextInt(3) == 0) {
                        c[r.nextInt(c.length)] = (char) (32 + r.nextInt(90));
                    }
                    damaged.add(new String(c));
                }
                Learnt l = Learnt.of(NIGHTJAR, damaged.told());
                assertThat(l.use().map(b -> Double.isFinite(b.value())).orElse(true)).isTrue();
                assertThat(l.loss().map(b -> Double.isFinite(b.value())).orElse(true)).isTrue();
            }
        }
    }
}
