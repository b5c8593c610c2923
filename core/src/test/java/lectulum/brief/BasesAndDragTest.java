package lectulum.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.brief.bases.Bases;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Candidate;
import lectulum.design.brief.Candidate.Fault;
import lectulum.design.brief.Candidate.Seen;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.kernel.plane.Covered;
import lectulum.kernel.towing.Drag;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.TapeEntry;
import lectulum.units.Entry;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BasesAndDragTest {
    private static final Design START = Campers.start(CamperType.CARGO, "x").design();

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).orElseThrow().value().orElseThrow();
    }

    @Nested
    class Front {
        @Test
        void rectanglesThatOverlapCountOnce() {
            assertThat(Covered.area(List.of())).isZero();
            assertThat(Covered.area(List.of(new double[]{0, 0, 2, 1}))).isEqualTo(2);
            assertThat(Covered.area(List.of(new double[]{0, 0, 2, 1}, new double[]{1, 0, 3, 1}))).isEqualTo(3);
            assertThat(Covered.area(List.of(new double[]{0, 0, 2, 2}, new double[]{0.5, 0.5, 1, 1}))).isEqualTo(4);
        }

        /// A second way: points of a fine grid that lie in any of them are counted.
        @Test
        void theAreaIsThatOfTheGridPointsInIt() {
            SplittableRandom chance = new SplittableRandom(5);
            for (int round = 0; round < 20; round++) {
                List<double[]> all = new ArrayList<>();
                for (int i = 0; i < 6; i++) {
                    double x = chance.nextInt(80) / 100.0;
                    double y = chance.nextInt(80) / 100.0;
                    all.add(new double[]{x, y, x + chance.nextInt(40) / 100.0, y + chance.nextInt(40) / 100.0});
                }
                int in = 0;
                for (int i = 0; i < 120; i++) {
                    for (int j = 0; j < 120; j++) {
                        double px = (i + 0.5) / 100;
                        double py = (j + 0.5) / 100;
                        in += all.stream().anyMatch(r -> px > r[0] && px < r[2] && py > r[1] && py < r[3]) ? 1 : 0;
                    }
                }

                assertThat(Covered.area(all)).isEqualTo(in / 1e4, within(1e-9));
            }
        }

        /// 2 m² beside at 0.45 and 1 m² behind at 0.15 are 1.05 m² of drag area. At 25 m/s: 0.5 · 1.225 · 625 · 1.05 = 401.95 N;
        /// 1000 kg roll with 0.012 · 1000 · 9.80665 = 117.68 N. On 100 km that is 51.96 MJ, of which petrol at 30 % takes
        /// 51.96/(0.3 · 32 MJ/L) = 5.413 L.
        @Test
        void fuelFollowsFromPullAndHeat() {
            Drag drag = new Drag(2, 1, 0.45, 0.15, 0.012, 1000);

            assertThat(drag.area()).isEqualTo(1.05, within(1e-12));
            assertThat(drag.force(25)).isEqualTo(519.63, within(0.01));
            assertThat(drag.fuel(25, 1e5, Drag.Fuel.PETROL, 0.30) * 1000).isEqualTo(5.413, within(0.001));
        }

        /// Without air only the tyres are left; twice the speed takes four times the air.
        @Test
        void thePullHasTwoParts() {
            Drag rolls = new Drag(0, 0, 0.45, 0.15, 0.012, 900);
            Drag flies = new Drag(3, 1, 0.45, 0.15, 0, 900);

            assertThat(rolls.force(10)).isEqualTo(rolls.force(30));
            assertThat(flies.force(30)).isEqualTo(4 * flies.force(15), within(1e-9));
        }

        /// The box is 1.75 m wide from 0.505 m to 2.51 m; the vehicle covers it up to 1.65 m over 1.75 m of its 1.76 m.
        @Test
        void whatTheVehicleCoversIsNotExposed() {
            Design bare = START.withThings(List.of());
            double low = value(bare, "drag.exposed");

            assertThat(low).isBetween(1.75 * (2.51 - 1.65), 1.75 * (2.51 - 1.65) + 0.35);
            Design tall = bare.with(bare.settings().with("air.height", 2.6));
            assertThat(value(tall, "drag.exposed")).isLessThan(0.35);
            assertThat(value(tall, "drag.front")).isEqualTo(value(bare, "drag.front"), within(1e-9));
        }

        @Test
        void aTentOnTheRoofAddsItsFront() {
            Design bare = START.withThings(List.of());
            Thing tent = lectulum.catalogue.Catalogue.shipped().find("roof-tent-two-people").orElseThrow()
                    .with(new lectulum.design.thing.Placement(1.5, 0, 1.97, 0)).with(new Size(1.45, 1.25, 0.29));

            assertThat(value(bare.plus(tent), "drag.front") - value(bare, "drag.front"))
                    .isEqualTo(1.25 * 0.29, within(1e-9));
            assertThat(value(bare.plus(tent), "drag.year")).isGreaterThan(value(bare, "drag.year"));
        }

        @Test
        void theStackAddsUp() {
            assertThat(value(START, "height.floor") + START.base().shell().height()).isEqualTo(2.51, within(1e-9));
            assertThat(value(START, "height.top")).isEqualTo(value(START, "shell.maxHeight"));
            assertThat(value(START, "height.inside")).isEqualTo(1.93, within(1e-9));
        }
    }

    @Nested
    class Choice {
        private final Candidate used = new Candidate("a", "Old box", Candidate.Kind.ENCLOSED, 1000, 200, 10 * 3600, 300,
                OptionalDouble.of(1200), OptionalDouble.of(1000), 3.0, 1.7, 1.9, OptionalDouble.empty(), 100_000,
                Map.of());

        private Bases.Judged judged(Candidate c) {
            Design d = START.with(START.brief().withCandidates(List.of(c)));
            return Analysis.of(d).of(Bases.DISCIPLINE).all().getFirst();
        }

        /// 1000 + 200 + 2 · 100 km at 0.35 = 1270; worn bearings 70 and 3 h, bad tyres 260 and 2 h.
        @Test
        void whatItComesToIsPriceReworkFaultsAndTheWay() {
            assertThat(judged(used).money()).isEqualTo(1270, within(1e-9));
            Bases.Judged looked = judged(used.found(Fault.BEARINGS, Seen.WORN).found(Fault.TYRES, Seen.BAD));
            assertThat(looked.money()).isEqualTo(1600, within(1e-9));
            assertThat(looked.hours()).isEqualTo(15 * 3600, within(1e-6));
        }

        /// The axle is the weaker of the two: 1000 − 300 less what is built, which is the loaded mass less the 430 of the base.
        @Test
        void whatIsLeftIsOfTheWeakestRating() {
            double build = value(START, "balance.departure.mass") - 430;

            assertThat(judged(used).payload().orElseThrow()).isEqualTo(700 - build, within(1e-9));
            assertThat(judged(used.withGross(OptionalDouble.empty()).withAxle(OptionalDouble.empty())).payload())
                    .isEmpty();
        }

        @Test
        void aBadFrameOrPaperRulesItOut() {
            assertThat(judged(used.found(Fault.THIN_WALL, Seen.BAD)).out()).isTrue();
            assertThat(judged(used.found(Fault.PAPERS, Seen.BAD)).out()).isTrue();
            assertThat(judged(used.found(Fault.RUST, Seen.BAD)).out()).isFalse();
            assertThat(judged(used.found(Fault.RUST, Seen.WORN).found(Fault.RUST, null)).candidate().faults())
                    .isEmpty();
        }

        @Test
        void pickingOneFillsTheBase() {
            Design on = Bases.on(START, used);

            assertThat(on.base().shell().length()).isEqualTo(3.0 + 2 * START.base().wall(), within(1e-9));
            assertThat(on.base().empty().mass()).isEqualTo(300);
            assertThat(on.base().rating(Rating.GROSS_PLATE)).hasValue(1200);
            assertThat(on.base().cost().planned()).isEqualTo(1270);
            assertThat(value(on, "height.inside")).isEqualTo(1.9, within(1e-9));
            assertThat(on.things()).isEqualTo(START.things());
        }

        @Test
        void noCandidateGivesNothing() {
            assertThat(Analysis.of(START).of(Bases.DISCIPLINE).all()).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({"6000 km, METRIC, 6000000", "6000, METRIC, 6000000", "4000, US, 6437376", "4000 mi, METRIC, 6437376",
            "100 km, US, 100000"})
    void roadsAreTypedInKilometresAndMiles(String typed, UnitSystem system, double metres) {
        Entry read = TapeEntry.read(typed, Quantity.DISTANCE, new Style(system, "€"));

        assertThat(read).isInstanceOfSatisfying(Entry.Read.class,
                r -> assertThat(r.value()).isEqualTo(metres, within(1e-6)));
    }

    @Test
    void roadsAreShownInKilometresAndMiles() {
        assertThat(Units.text(6e6, Quantity.DISTANCE, new Style(UnitSystem.METRIC, "€")).replace('\u00a0', ' '))
                .isEqualTo("6 000 km");
        assertThat(Units.text(1_609_344, Quantity.DISTANCE, new Style(UnitSystem.US, "$")).replace('\u00a0', ' '))
                .isEqualTo("1 000 mi");
    }
}
