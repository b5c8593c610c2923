package lectulum.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.power.Power;
import lectulum.power.Recalibration;
import lectulum.power.TrueTrip;
import lectulum.units.Units;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The battery monitor that stands in for a real one, what is read from it, and what the plan learns.
class MonitorTest {
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();

    private static List<String> told(long seed, int days) {
        List<String> lines = new ArrayList<>();
        MonitorServer.tell(TrueTrip.of(NIGHTJAR, days, seed), seed, lines::add);
        return lines;
    }

    private static MonitorLog read(List<String> lines) {
        MonitorLog log = new MonitorLog();
        lines.forEach(log::add);
        return log;
    }

    @Test
    void whatItTellsIsHeardOverThePort() throws IOException {
        TrueTrip trip = TrueTrip.of(NIGHTJAR, 3, 7);
        try (MonitorServer server = new MonitorServer(0, trip, 7)) {
            MonitorLog first = MonitorLog.read("localhost", server.port(), () -> false);
            MonitorLog again = MonitorLog.read("localhost", server.port(), () -> false);

            assertThat(first.ended()).isTrue();
            assertThat(first.days()).isEqualTo(3);
            assertThat(first.dropped()).isZero();
            assertThat(first.gaps()).isZero();
            assertThat(again.lines()).isEqualTo(first.lines());
            assertThat(again.measured()).isEqualTo(first.measured());
        }
    }

    @Test
    void whereNothingAnswersASentenceSaysSo() {
        assertThatThrownBy(() -> MonitorLog.read("localhost", 1, () -> false)).isInstanceOf(IOException.class)
                .hasMessageContaining("No monitor answers at localhost:1");
    }

    @Nested
    class WhatIsLearned {
        /// The truth that the seed hides, a load's multiple of the plan, is found to the few percent that days are sure to.
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3})
        void isNearTheTruth(long seed) {
            TrueTrip trip = TrueTrip.of(NIGHTJAR, 4, seed);
            Recalibration r = Recalibration.of(NIGHTJAR, read(told(seed, 4)).measured());

            assertThat(r.loads()).isNotEmpty();
            for (Recalibration.Changed c : r.loads()) {
                double truth = trip.times().get(c.thing());
                assertThat(c.times()).as(c.name()).isCloseTo(truth, within(0.06 * Math.max(1, truth)));
                assertThat(c.found().sigma()).isLessThan(c.plan().sigma());
            }
        }

        @Test
        void goesIntoThePlanAndCanBeUndone() {
            Recalibration r = Recalibration.of(NIGHTJAR, read(told(2, 4)).measured());
            Design taken = r.taken().apply(NIGHTJAR);

            for (Recalibration.Changed c : r.loads()) {
                double day = Power.of(taken).loads().stream().filter(l -> l.thing().equals(c.thing())).findFirst()
                        .orElseThrow().energy();
                assertThat(day / Units.WATT_HOUR).as(c.name()).isCloseTo(c.found().value(), within(0.01));
                assertThat(taken.thing(c.thing()).orElseThrow().feature(Electric.Draws.class).orElseThrow().known())
                        .isEqualTo(Electric.Known.MEASURED);
            }
            r.sun().ifPresent(s -> assertThat(taken.settings().assumed().get(Assumption.SUN_YIELD.id()))
                    .isCloseTo(s.value(), within(1e-9)));
        }

        /// Load 620 ± 186, measured 705, 688, 731 to 4 % of the plan: weights by the inverse squares.
        @Test
        void weighsPriorAndDaysByHowSureTheyAre() {
            String thing = Power.of(NIGHTJAR).loads().getFirst().thing();
            double plan = Power.of(NIGHTJAR).loads().getFirst().energy() / Units.WATT_HOUR;
            Recalibration r = Recalibration.of(NIGHTJAR, new Recalibration.Measured(
                    java.util.Map.of(thing, List.of(1.1 * plan, 1.2 * plan)), List.of(), 0, 0));

            double prior = 1 / (0.3 * 0.3);
            double day = 1 / (0.04 * 0.04);
            assertThat(r.loads()).singleElement().satisfies(c -> assertThat(c.times())
                    .isCloseTo((prior + day * 2.3) / (prior + 2 * day), within(1e-9)));
            assertThat(r.sun()).isEmpty();
            assertThat(r.charge()).isEmpty();
        }
    }

    @Nested
    class TheChargeOfTheBank {
        private Recalibration drawn(double ampereHours, double used) {
            return Recalibration.of(NIGHTJAR,
                    new Recalibration.Measured(java.util.Map.of(), List.of(), ampereHours, used));
        }

        /// 200 Ah nominal: 92 Ah between full and half are 184 Ah.
        @Test
        void isTakenIntoThePlan() {
            Recalibration r = drawn(92, 0.5);
            Design taken = r.taken().apply(NIGHTJAR);

            assertThat(r.charge().orElseThrow()).isCloseTo(0.92, within(1e-9));
            assertThat(Power.of(taken).figures().value("power.battery.usable")).isCloseTo(
                    0.92 * Power.of(NIGHTJAR).figures().value("power.battery.usable"), within(1e-3));
            assertThat(Recalibration.of(taken, new Recalibration.Measured(java.util.Map.of(), List.of(), 92, 0.5))
                    .charge().orElseThrow()).isCloseTo(1, within(1e-9));
        }

        @Test
        void isNotBelievedWhereTheMonitorCountsWrong() {
            assertThat(drawn(20, 0.5).charge()).isEmpty();
            assertThat(drawn(400, 0.5).charge()).isEmpty();
            assertThat(drawn(40, 0.2).charge()).isEmpty();
        }
    }

    @Nested
    class WhatIsDamaged {
        @Test
        void isDroppedAndCounted() {
            MonitorLog log = new MonitorLog();
            log.add("{\"t\":\"2031-07-18T00:00:00Z\",\"k\":\"batt\",\"v\":13.2,\"i\":-4,\"soc\":0.8,\"n\":1}");
            for (String bad : List.of("not json",
                    "{\"t\":\"2031-07-18T00:10:00Z\",\"k\":\"batt\",\"v\":99,\"i\":1,\"n\":2}",
                    "{\"t\":\"yesterday\",\"k\":\"batt\",\"v\":13,\"i\":1}",
                    "{\"t\":\"2031-07-17T00:10:00Z\",\"k\":\"batt\",\"v\":13,\"i\":1}",
                    "{\"t\":\"2031-07-18T00:10:00Z\",\"k\":\"batt\",\"v\":\"NaN\",\"i\":1}", "[1,2]",
                    "{\"k\":\"load\"}")) {
                log.add(bad);
            }
            log.add("{\"t\":\"2031-07-18T00:20:00Z\",\"k\":\"moon\",\"phase\":1,\"n\":2}");
            log.add("{\"t\":\"2031-07-18T00:30:00Z\",\"k\":\"batt\",\"v\":13.2,\"i\":-4,\"extra\":{},\"n\":9}");

            assertThat(log.lines()).isEqualTo(10);
            assertThat(log.dropped()).isEqualTo(7);
            assertThat(log.unknown()).containsEntry("moon", 1);
            assertThat(log.gaps()).isEqualTo(1);
            assertThat(log.unreliable()).isTrue();
            assertThat(log.measured().energy()).isEmpty();
        }

        @Test
        void atRandomBreaksNothing() {
            SplittableRandom chance = new SplittableRandom(9);
            List<String> lines = new ArrayList<>(told(1, 2));
            for (int i = 0; i < lines.size(); i++) {
                if (chance.nextInt(4) == 0) {
                    StringBuilder line = new StringBuilder(lines.get(i));
                    for (int k = 0; k < 3; k++) {
                        line.setCharAt(chance.nextInt(line.length()), (char) (32 + chance.nextInt(95)));
                    }
                    lines.set(i, line.toString());
                }
            }
            MonitorLog log = read(lines);

            Recalibration r = Recalibration.of(NIGHTJAR, log.measured());
            assertThat(log.dropped()).isPositive();
            assertThat(r.taken().apply(NIGHTJAR).things()).hasSameSizeAs(NIGHTJAR.things());
        }

        @Test
        void aHalfDayCountsForNothing() {
            List<String> lines = told(1, 1);
            MonitorLog log = read(lines.subList(0, lines.size() / 2));

            assertThat(log.days()).isZero();
            assertThat(log.measured().energy().values()).allMatch(List::isEmpty);
        }
    }
}
