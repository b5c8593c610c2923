package lectulum.materials.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.workshop.Supply;
import lectulum.design.workshop.Supply.Goods;
import lectulum.design.workshop.Workshop;
import lectulum.discipline.Studies;
import lectulum.figures.Finding;
import lectulum.materials.cutting.StockStudies;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PurchaseTest {
    private static final Design PLAIN = Campers.demo("dunlin").orElseThrow().design();

    private static Design with(Supply... supplies) {
        return PLAIN.with(new Workshop(List.of(), List.of(), List.of(supplies)));
    }

    private static Supply tin(String id, double content, double price) {
        return Supply.sold(id, Goods.PAINT, content, price);
    }

    @Test
    void usualSizesAreBoughtWhereNothingElseIsKnown() {
        Purchase p = Purchase.of(PLAIN, Goods.PAINT, 0.0044, List.of(0.0025), List.of(45.0));

        assertThat(p.count()).isEqualTo(2);
        assertThat(p.cost()).isEqualTo(90);
        assertThat(p.over()).isCloseTo(0.0006, within(1e-12));
    }

    @Test
    void tinsOfTheShopGoBeforeUsualOnes() {
        Design d = with(tin("a", 0.001, 20), tin("b", 0.005, 60));

        Purchase p = Purchase.of(d, Goods.PAINT, 0.0044, List.of(0.0025), List.of(45.0));

        assertThat(p.packs()).extracting(Purchase.Pack::content).containsExactly(0.005);
        assertThat(p.cost()).isEqualTo(60);
    }

    @Test
    void whatIsThereIsNotBoughtAgain() {
        Supply bought = tin("a", 0.001, 20).withBought(OptionalDouble.of(3)).withReturned(OptionalDouble.of(1));

        Purchase p = Purchase.of(with(bought), Goods.PAINT, 0.0044, List.of(), List.of());

        assertThat(p.there()).as("three bought, one went back").isCloseTo(0.002, within(1e-12));
        assertThat(p.count()).as("2.4 litres in tins of one").isEqualTo(3);
        assertThat(Purchase.of(with(bought.withBought(OptionalDouble.of(9))), Goods.PAINT, 0.0044, List.of(), List.of())
                .packs()).isEmpty();
    }

    /// Against every number of each of two sizes.
    @Test
    void noOtherPacksAreCheaper() {
        SplittableRandom chance = new SplittableRandom(4);
        for (int n = 0; n < 200; n++) {
            int need = 1 + chance.nextInt(900);
            int small = 10 + chance.nextInt(60);
            int large = small + 20 + chance.nextInt(300);
            double cheap = 1 + 0.05 * chance.nextInt(200);
            double dear = cheap + 0.05 * chance.nextInt(400);
            double best = Double.POSITIVE_INFINITY;
            for (int a = 0; a * small <= need + small; a++) {
                int b = Math.max(0, Math.ceilDiv(need - a * small, large));
                best = Math.min(best, a * cheap + b * dear);
            }

            Purchase p = Purchase.of(PLAIN, Goods.SCREWS, need, List.of((double) small, (double) large),
                    List.of(cheap, dear));

            assertThat(p.cost()).as("%s of %s at %s, %s at %s", need, small, cheap, large, dear).isCloseTo(best,
                    within(1e-6));
            assertThat(p.got()).isGreaterThanOrEqualTo(need);
        }
    }

    /// What holds no whole number of a small part is never counted as more than it is.
    @Test
    void enoughIsAlwaysBought() {
        SplittableRandom chance = new SplittableRandom(5);
        for (int n = 0; n < 300; n++) {
            double need = chance.nextDouble(1e-5, 0.03);
            Design d = with(tin("a", chance.nextDouble(0.0002, 0.002), 10),
                    tin("b", chance.nextDouble(0.002, 0.02), 40));

            assertThat(Purchase.of(d, Goods.PAINT, need, List.of(), List.of()).got())
                    .isGreaterThanOrEqualTo(need - 1e-12);
        }
    }

    /// A size that was mistyped asks for very many, not for a fault or all the memory there is.
    @ParameterizedTest
    @ValueSource(doubles = {1e-6, 1e-4, 1, 1e5})
    void aSizeMayBeAnything(double content) {
        Purchase alone = Purchase.of(with(tin("a", content, 2)), Goods.PAINT, 3000, List.of(), List.of());
        Purchase beside = Purchase.of(with(tin("a", content, 2), tin("b", 100, 300)), Goods.PAINT, 3000, List.of(),
                List.of());

        assertThat(alone.count()).isPositive();
        assertThat(alone.got()).isGreaterThanOrEqualTo(Math.min(3000, 1e9 * content) - 1e-6);
        assertThat(alone.cost()).isCloseTo(2.0 * alone.count(), within(1e-6));
        assertThat(beside.got()).isGreaterThanOrEqualTo(3000 - 1e-6);
        assertThat(beside.cost()).isLessThanOrEqualTo(30 * 300 + 1e-6);
    }

    @Nested
    class OnThePages {
        private static double value(Studies s, String figure) {
            return s.figures().find(figure).orElseThrow().value().orElseThrow();
        }

        @Test
        void pricesOfTheShopGoIntoThePageOfFinish() {
            Studies s = Analysis.of(with(tin("a", 0.001, 20))).of(FinishStudies.DISCIPLINE);
            double wanted = value(s, "paint.volume");

            assertThat(value(s, "paint.cost")).isEqualTo(20 * Math.ceil(wanted / 0.001 - 1e-9));
        }

        @Test
        void whatWasBoughtAndWhatWentBackIsSpent() {
            Supply s = tin("a", 0.001, 20).withBought(OptionalDouble.of(6)).withReturned(OptionalDouble.of(2));

            assertThat(value(Analysis.of(with(s)).of(StockStudies.DISCIPLINE), "stock.supplies")).isEqualTo(80);
        }

        @Test
        void moreUsedThanWasThereIsSaid() {
            Supply s = tin("a", 0.001, 20).withBought(OptionalDouble.of(1)).withUsed(OptionalDouble.of(0.003));

            assertThat(Analysis.of(with(s)).of(StockStudies.DISCIPLINE).findings()).extracting(Finding::id)
                    .containsExactly("stock.used.paint");
        }
    }

    @Nested
    class InStrips {
        /// 4.05 by 1.78 m from a roll of 1.5 m with laps of 0.1 m: along it 2 strips of 4.05, across it 3 of 1.78.
        @Test
        void theWayThatTakesLessIsLaid() {
            assertThat(Strips.area(4.05, 1.78, 1.5, 0.1)).isCloseTo(3 * 1.78 * 1.5, within(1e-9));
            assertThat(Strips.area(4.05, 1.5, 1.5, 0.1)).as("one strip").isCloseTo(4.05 * 1.5, within(1e-9));
            assertThat(Strips.area(0, 1, 1.5, 0.1)).isZero();
        }

        /// Edges 4.46 4.46 1.5 1.5 from bars of 2.5: two whole ones, rests 1.96 1.96 1.5 1.5 share no bar.
        @Test
        void restsOfEdgesShareBars() {
            assertThat(Strips.bars(List.of(4.46, 4.46, 1.5, 1.5), 2.5)).isEqualTo(6);
            assertThat(Strips.bars(List.of(3.5, 3.5, 0.5), 2.5)).as("rests 1, 1 and 0.5 lie in one").isEqualTo(3);
            assertThat(Strips.bars(List.of(5.0), 2.5)).isEqualTo(2);
        }
    }
}
