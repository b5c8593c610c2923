package lectulum.kernel.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Cutting plans, against problems whose best plan is known, against every plan there is, and against a checker of their own.
class CuttingTest {
    private static final List<Sticks.Stock> YARD = List.of(new Sticks.Stock("2400", 2.4, 11.20, Sticks.ENDLESS),
            new Sticks.Stock("3600", 3.6, 15.90, Sticks.ENDLESS), new Sticks.Stock("6000", 6.0, 27.40, Sticks.ENDLESS));

    private static List<Double> pieces(double... lengthAndCount) {
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < lengthAndCount.length; i += 2) {
            for (int n = 0; n < lengthAndCount[i + 1]; n++) {
                all.add(lengthAndCount[i] / 1000);
            }
        }
        return all;
    }

    private static void holds(Sticks.Plan plan, List<Double> pieces, List<Sticks.Stock> stocks, double kerf,
            double trim) {
        List<Integer> seen = new ArrayList<>(plan.left());
        for (Sticks.Cut c : plan.cuts()) {
            seen.addAll(c.pieces());
            assertThat(c.pieces().stream().mapToDouble(i -> pieces.get(i) + kerf).sum())
                    .isLessThanOrEqualTo(c.stock().length() - trim + kerf + 1e-9);
        }
        assertThat(seen).doesNotHaveDuplicates().hasSize(pieces.size());
        for (Sticks.Stock s : stocks) {
            assertThat(plan.cuts().stream().filter(c -> c.stock().equals(s)).count())
                    .isLessThanOrEqualTo(s.available());
        }
        assertThat(plan.bound()).isLessThanOrEqualTo(plan.cost() + 1e-9);
    }

    @Nested
    class OfSticks {
        private final List<Double> pieces = pieces(1462, 4, 1187, 3, 880, 4, 655, 3, 410, 5);

        @Test
        void offcutsSaveAStick() {
            List<Sticks.Stock> with = new ArrayList<>(YARD);
            with.add(new Sticks.Stock("offcut", 1.9, 0, 2));
            Sticks.Plan plan = Sticks.of(pieces, with, 0.003, 0, () -> false);

            assertThat(pieces.stream().mapToDouble(x -> x * 1000 + 3).sum()).isCloseTo(17_001, within(1e-6));
            assertThat(Sticks.bound(pieces, with, 0.003, 0)).isCloseTo(58.90, within(1e-9));
            assertThat(plan.cost()).isCloseTo(63.60, within(1e-9));
            assertThat(plan.bought()).isEqualTo(4);
            assertThat(plan.proven()).isTrue();
            holds(plan, pieces, with, 0.003, 0);
            assertThat(Sticks.of(pieces, YARD, 0.003, 0, () -> false).cost()).isCloseTo(79.50, within(1e-9));
        }

        @Test
        void sticksThatWereCutUpAreFoundAgain() {
            List<Integer> made = Classes.sticks(4711, 7, 6000, 2, 300, 1900);
            List<Double> pieces = made.stream().map(x -> x / 1000.0).toList();
            List<Sticks.Stock> six = List.of(new Sticks.Stock("6", 6, 1, Sticks.ENDLESS));
            Sticks.Plan plan = Sticks.of(pieces, six, 0.002, 0, () -> false);

            assertThat(made.subList(0, 5)).containsExactly(1429, 322, 1577, 439, 533);
            assertThat(made.stream().mapToInt(x -> x).sum()).isEqualTo(41_924);
            assertThat(plan.cuts()).hasSize(7);
            assertThat(plan.proven()).isTrue();
            holds(plan, pieces, six, 0.002, 0);
        }

        /// Whole sticks of every usual length cut up at random: as many are found again, and proven.
        @ParameterizedTest
        @CsvSource({"4, 2438, 3, 180, 900", "8, 3000, 2, 180, 1500", "14, 6000, 3, 300, 1100", "20, 6000, 2, 300, 2500",
                "20, 2438, 3, 180, 900", "12, 7315, 3, 180, 2500", "16, 4200, 3, 250, 1900"})
        void wholeSticksOfEveryLength(int count, int length, int kerf, int least, int most) {
            List<Sticks.Stock> yard = List.of(new Sticks.Stock("stick", length / 1000.0, 10, Sticks.ENDLESS));
            for (int i = 1; i <= 10; i++) {
                List<Double> pieces = Classes.sticks(7919L * i, count, length, kerf, least, most).stream()
                        .map(x -> x / 1000.0).toList();

                Sticks.Plan plan = Sticks.of(pieces, yard, kerf / 1000.0, 0, () -> false);

                assertThat(plan.cuts()).as("seed %s", i).hasSize(count);
                assertThat(plan.proven()).isTrue();
                holds(plan, pieces, yard, kerf / 1000.0, 0);
            }
        }

        /// Every way to put few pieces into sticks, tried one after another.
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
        void noOtherPlanIsCheaper(long seed) {
            SplittableRandom r = new SplittableRandom(seed);
            List<Double> pieces = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                pieces.add((200 + r.nextInt(5) * 190 + r.nextInt(60)) / 1000.0);
            }
            List<Sticks.Stock> stocks = List.of(new Sticks.Stock("a", 1.5, 4 + r.nextInt(3), Sticks.ENDLESS),
                    new Sticks.Stock("b", 2.1, 6 + r.nextInt(3), Sticks.ENDLESS),
                    new Sticks.Stock("c", 0.9, 0, 1 + r.nextInt(2)));
            Sticks.Plan plan = Sticks.of(pieces, stocks, 0.004, 0.01, () -> false);
            double best = every(pieces, stocks, 0, new ArrayList<>(), 0.004, 0.01);

            holds(plan, pieces, stocks, 0.004, 0.01);
            assertThat(plan.proven()).isTrue();
            assertThat(plan.cost()).isCloseTo(best, within(1e-9));
        }

        private static double every(List<Double> pieces, List<Sticks.Stock> stocks, int at, List<double[]> open,
                double kerf, double trim) {
            if (at == pieces.size()) {
                return open.stream().mapToDouble(o -> stocks.get((int) o[0]).price()).sum();
            }
            double best = Double.POSITIVE_INFINITY;
            double need = pieces.get(at) + kerf;
            for (int k = 0; k < open.size(); k++) {
                double[] o = open.get(k);
                if (o[1] >= need - 1e-9) {
                    o[1] -= need;
                    best = Math.min(best, every(pieces, stocks, at + 1, open, kerf, trim));
                    o[1] += need;
                }
            }
            for (int j = 0; j < stocks.size(); j++) {
                int kind = j;
                double room = stocks.get(j).length() - trim + kerf;
                if (room >= need - 1e-9
                        && open.stream().filter(o -> o[0] == kind).count() < stocks.get(j).available()) {
                    open.add(new double[]{j, room - need});
                    best = Math.min(best, every(pieces, stocks, at + 1, open, kerf, trim));
                    open.removeLast();
                }
            }
            return best;
        }

        /// Everything that was in hand is somewhere.
        @Test
        void nothingOfASticksLengthIsLost() {
            List<Double> lengths = List.of(1.187, 0.655, 0.410, 1.462, 1.462, 0.655, 0.880, 0.880);
            List<Sticks.Cut> cuts = List.of(new Sticks.Cut(new Sticks.Stock("a", 2.4, 1, 1), List.of(0, 1, 2)),
                    new Sticks.Cut(new Sticks.Stock("b", 3.6, 1, 1), List.of(3, 4, 5)),
                    new Sticks.Cut(new Sticks.Stock("c", 1.9, 0, 1), List.of(6, 7)));
            Sticks.Account a = Sticks.account(cuts, lengths, 0.003, 0.005, 0.130);

            assertThat(a.pieces()).isCloseTo(7.591, within(1e-9));
            assertThat(a.kerf()).isCloseTo(0.024, within(1e-9));
            assertThat(a.trim()).isCloseTo(0.015, within(1e-9));
            assertThat(a.kept()).isCloseTo(0.134, within(1e-9));
            assertThat(a.scrap()).isCloseTo(0.136, within(1e-9));
            assertThat(a.sticks()).isCloseTo(7.900, within(1e-9));
        }

        @Test
        void whatIsTooLongIsLeftAndTheRestIsCut() {
            List<Double> pieces = List.of(7.0, 1.0, 2.0, 0.0);
            Sticks.Plan plan = Sticks.of(pieces, YARD, 0.003, 0, () -> false);

            assertThat(plan.left()).containsExactlyInAnyOrder(0, 3);
            assertThat(plan.cost()).isCloseTo(15.90, within(1e-9));
        }

        @Test
        void withoutSticksAllIsLeft() {
            Sticks.Plan plan = Sticks.of(List.of(1.0, 1.0), List.of(), 0.003, 0, () -> false);
            assertThat(plan.cuts()).isEmpty();
            assertThat(plan.left()).hasSize(2);
            assertThat(Sticks.of(List.of(), YARD, 0.003, 0, () -> false).cost()).isZero();
        }

        @Test
        void aRestSmallerThanTheCutIsEatenByIt() {
            List<Sticks.Stock> one = List.of(new Sticks.Stock("s", 2.0, 1, Sticks.ENDLESS));
            assertThat(Sticks.of(List.of(0.998, 0.999), one, 0.003, 0, () -> false).cuts()).hasSize(1);
            assertThat(Sticks.of(List.of(0.999, 0.999), one, 0.003, 0, () -> false).cuts()).hasSize(2);
        }

        @Test
        void whatIsScarceIsNotUsedTwice() {
            List<Sticks.Stock> scarce = List.of(new Sticks.Stock("s", 2.0, 1, 1));
            Sticks.Plan plan = Sticks.of(List.of(1.5, 1.5), scarce, 0.003, 0, () -> false);
            assertThat(plan.cuts()).hasSize(1);
            assertThat(plan.left()).hasSize(1);
            assertThat(plan.proven()).isFalse();
        }
    }

    @Nested
    class OfSheets {
        private static final List<Sheets.Sheet> PLY = List.of(new Sheets.Sheet("ply", 2.44, 1.22, 46.75,
                Sheets.ENDLESS));

        private static Sheets.Effort work(long fillings) {
            return new Sheets.Effort(1, fillings, () -> false);
        }

        private static List<Sheets.Piece> pieces(List<int[]> all, boolean turns) {
            return all.stream().map(p -> new Sheets.Piece(p[0] / 1000.0, p[1] / 1000.0, turns)).toList();
        }

        private static void holds(Sheets.Plan plan, List<Sheets.Piece> pieces, double kerf, double trim) {
            List<Integer> seen = new ArrayList<>(plan.left());
            for (Sheets.Cut c : plan.cuts()) {
                assertThat(Guillotine.cuts(c, kerf, trim)).isPresent();
                for (Sheets.Placed p : c.pieces()) {
                    seen.add(p.piece());
                    Sheets.Piece of = pieces.get(p.piece());
                    boolean lies = Math.abs(p.width() - of.width()) < 2e-6 && Math.abs(p.height() - of.height()) < 2e-6;
                    boolean stands = Math.abs(p.width() - of.height()) < 2e-6
                            && Math.abs(p.height() - of.width()) < 2e-6;
                    assertThat(lies || of.turns() && stands).isTrue();
                    for (Sheets.Placed q : c.pieces()) {
                        if (p != q) {
                            double dx = Math.max(q.x() - p.x() - p.width(), p.x() - q.x() - q.width());
                            double dy = Math.max(q.y() - p.y() - p.height(), p.y() - q.y() - q.height());
                            assertThat(Math.max(dx, dy)).isGreaterThan(kerf - 3e-6);
                        }
                    }
                }
            }
            assertThat(seen).doesNotHaveDuplicates().hasSize(pieces.size());
        }

        @Test
        void sheetsThatWereCutUpAreFoundAgain() {
            List<int[]> made = Classes.sheets(20261, 3, 2440, 1220, 3, 150, 8);
            List<Sheets.Piece> pieces = pieces(made, true);
            Sheets.Plan plan = Sheets.of(pieces, PLY, 0.003, 0, work(400_000));

            assertThat(made).hasSize(24);
            assertThat(made.get(0)).containsExactly(842, 241);
            assertThat(made.get(1)).containsExactly(1012, 417);
            assertThat(made.get(2)).containsExactly(297, 935);
            assertThat(made.get(3)).containsExactly(780, 601);
            assertThat(made.stream().mapToInt(p -> p[0]).sum()).isEqualTo(23_574);
            assertThat(made.stream().mapToInt(p -> p[1]).sum()).isEqualTo(12_623);
            assertThat(plan.bound()).isCloseTo(3 * 46.75, within(1e-9));
            assertThat(plan.cuts()).hasSize(3);
            assertThat(plan.proven()).isTrue();
            holds(plan, pieces, 0.003, 0);
        }

        @ParameterizedTest
        @CsvSource({"2, 8, 150, true", "3, 8, 150, false", "4, 10, 120, true", "6, 10, 120, false", "10, 20, 100, true",
                "10, 20, 100, false"})
        void atMostOneSheetMoreThanTheBest(int sheets, int per, int least, boolean turns) {
            for (int i = 1; i <= 2; i++) {
                List<Sheets.Piece> pieces = pieces(Classes.sheets(7919L * i, sheets, 2440, 1220, 3, least, per), turns);
                Sheets.Plan plan = Sheets.of(pieces, PLY, 0.003, 0, work(12_000));

                assertThat(plan.cuts().size() - sheets).isBetween(0, 1);
                assertThat(plan.bound()).isCloseTo(sheets * 46.75, within(1e-9));
                holds(plan, pieces, 0.003, 0);
            }
        }

        @Test
        void theSameSeedAndWorkGiveTheSamePlan() {
            List<Sheets.Piece> pieces = pieces(Classes.sheets(99, 4, 2440, 1220, 3, 120, 10), true);
            assertThat(Sheets.of(pieces, PLY, 0.003, 0, work(5_000)))
                    .isEqualTo(Sheets.of(pieces, PLY, 0.003, 0, work(5_000)));
        }

        @Test
        void largePiecesThatShareNoSheetAreCounted() {
            List<Sheets.Piece> pieces = java.util.Collections.nCopies(3, new Sheets.Piece(1.5, 0.8, true));
            Sheets.Plan plan = Sheets.of(pieces, PLY, 0.003, 0, work(500));

            assertThat(plan.cuts()).hasSize(3);
            assertThat(plan.proven()).isTrue();
        }

        @Test
        void offcutsComeFirstAndGrainIsKept() {
            List<Sheets.Sheet> with = List.of(PLY.getFirst(), new Sheets.Sheet("rest", 0.9, 0.6, 0, 1));
            Sheets.Plan plan = Sheets.of(
                    List.of(new Sheets.Piece(0.55, 0.85, false), new Sheets.Piece(0.5, 0.5, false)),
                    with, 0.003, 0, work(2_000));

            assertThat(plan.cuts()).hasSize(2);
            assertThat(plan.cuts()).anyMatch(c -> c.sheet().id().equals("rest")
                    && c.pieces().stream().allMatch(p -> p.piece() == 1));
            holds(plan, List.of(new Sheets.Piece(0.55, 0.85, false), new Sheets.Piece(0.5, 0.5, false)), 0.003, 0);
        }

        @Test
        void theTrimComesOffEveryEdge() {
            Sheets.Piece whole = new Sheets.Piece(2.44, 1.22, true);
            assertThat(Sheets.of(List.of(whole), PLY, 0.003, 0, work(10)).left()).isEmpty();
            assertThat(Sheets.of(List.of(whole), PLY, 0.003, 0.005, work(10)).left()).containsExactly(0);
            Sheets.Plan plan = Sheets.of(List.of(new Sheets.Piece(2.4, 1.2, true)), PLY, 0.003, 0.005, work(10));
            assertThat(plan.cuts().getFirst().pieces().getFirst().x()).isCloseTo(0.005, within(1e-9));
        }

        /// Five pieces about a middle one: no cut runs from edge to edge.
        @Test
        void aPinwheelCannotBeCut() {
            List<Sheets.Placed> wheel = List.of(new Sheets.Placed(0, 0, 0, 2, 1), new Sheets.Placed(1, 2.1, 0, 1, 2),
                    new Sheets.Placed(2, 1.1, 2.1, 2, 1), new Sheets.Placed(3, 0, 1.1, 1, 2),
                    new Sheets.Placed(4, 1.1, 1.1, 0.9, 0.9));
            Sheets.Sheet sheet = new Sheets.Sheet("s", 3.1, 3.1, 1, 1);

            assertThat(Guillotine.cuts(new Sheets.Cut(sheet, wheel), 0.1, 0)).isEmpty();
            assertThat(Guillotine.cuts(new Sheets.Cut(sheet, wheel.subList(0, 2)), 0.1, 0)).isPresent();
        }
    }
}
