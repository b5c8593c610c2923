package lectulum.kernel.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.TreeMap;
import lectulum.kernel.cutting.Roll;
import lectulum.kernel.cutting.Sheets;
import lectulum.kernel.cutting.Sticks;
import lectulum.kernel.takeoff.StudWall.Opening;
import lectulum.kernel.takeoff.StudWall.Stick;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a shell is made of, by hand sums and by plain geometry.
class TakeOffTest {
    private static final double FIVE = 5e-5;

    private static void close(double is, double wanted) {
        assertThat(is).isCloseTo(wanted, within(FIVE * Math.max(1e-12, Math.abs(wanted))));
    }

    @Nested
    class Frames {
        @Test
        void aTubeWithRoundCorners() {
            close(Profile.tube(0.060, 0.040, 0.003) * 1e6, 540.82);
            close(Profile.tube(0.060, 0.040, 0.003) * Profile.STEEL, 4.2455);
        }

        /// Tables of steel yards, mm and kg/m.
        @ParameterizedTest
        @CsvSource({"25, 25, 2, 1.364", "40, 40, 2, 2.306", "40, 40, 3, 3.303", "50, 25, 2, 2.149", "50, 50, 3, 4.245",
                "80, 40, 3, 5.187", "100, 50, 4, 8.594", "100, 100, 5, 14.410"})
        void tubesOfTheYard(double b, double h, double t, double mass) {
            assertThat(Profile.tube(b / 1000, h / 1000, t / 1000) * Profile.STEEL).isCloseTo(mass, within(6e-4));
        }

        @ParameterizedTest
        @CsvSource({"30, 3, 1.342", "40, 4, 2.386", "50, 5, 3.729"})
        void anglesOfTheYard(double a, double t, double mass) {
            assertThat(Profile.angle(a / 1000, a / 1000, t / 1000) * Profile.STEEL).isCloseTo(mass, within(6e-4));
        }

        @Test
        void aLadderWithItsTongue() {
            Ladder l = Ladder.of(3.0, 1.5, 0.040, 0.6, 1.2, 0.5, 0.055);

            assertThat(l.inner()).isEqualTo(4);
            close(l.pitch(), 0.592);
            close(l.cross(), 1.42);
            close(l.leg(), 1.8291);
            close(Math.toDegrees(l.angle()), 21.656);
            close(l.total(), 18.178);
            close(l.total() * Profile.tube(0.060, 0.040, 0.003) * Profile.STEEL, 77.175);
        }

        @Test
        void mitres() {
            double m = Math.PI / 4;
            close(Profile.longPoint(1.5, 0.040, m, m), 1.54);
            close(Profile.nested(1.5, 0.0025, m), 1.5035);
            assertThat(Profile.longPoint(1.5, 0.04, 0, 0)).isEqualTo(1.5);
        }

        /// The gap is never more than was asked for, and one member less would be.
        @ParameterizedTest
        @ValueSource(doubles = {0.3, 0.41, 0.5, 0.592, 0.6, 0.75, 1.2, 5})
        void crossMembersAreAsFewAsTheGapAllows(double gap) {
            Ladder l = Ladder.of(3.0, 1.5, 0.040, gap, 1.2, 0.5, 0.055);
            assertThat(l.pitch()).isLessThanOrEqualTo(gap + 1e-9);
            if (l.inner() > 0) {
                assertThat(2.96 / l.inner()).isGreaterThan(gap);
            }
        }
    }

    /// Two side walls of 3.2 by 1.75 m with a door and a window, bows over them.
    @Nested
    class Walls {
        private static final double B = 0.038;

        private static StudWall wall(double spacing, Opening... openings) {
            return StudWall.of(3.2, 1.75, B, B, spacing, List.of(openings), List.of());
        }

        private static List<Stick> shell(double spacing) {
            List<Stick> all = new ArrayList<>(wall(spacing, new Opening(1.5, 2.2, 0, 1.5)).sticks());
            all.addAll(wall(spacing, new Opening(0.9, 1.7, 0.8, 1.3)).sticks());
            wall(spacing).layout().forEach(x -> all.add(new Stick(StudWall.Kind.STUD, 1.7, x, 1.75, 0)));
            return all;
        }

        private static double mass(List<Stick> all) {
            return all.stream().mapToDouble(Stick::length).sum() * B * B * 480;
        }

        private static double middle(List<Stick> all) {
            return all.stream().mapToDouble(s -> s.length() * s.x()).sum()
                    / all.stream().mapToDouble(Stick::length).sum();
        }

        @Test
        void theCutListOfAShell() {
            List<Stick> all = shell(0.4);
            TreeMap<Long, Integer> list = new TreeMap<>();
            all.forEach(s -> list.merge(Math.round(s.length() * 1000), 1, Integer::sum));

            assertThat(wall(0.4, new Opening(1.5, 2.2, 0, 1.5)).full()).hasSize(9);
            assertThat(wall(0.4, new Opening(0.9, 1.7, 0.8, 1.3)).full()).hasSize(9);
            assertThat(all).hasSize(41);
            close(all.stream().mapToDouble(Stick::length).sum(), 62.376);
            close(mass(all), 43.234);
            close(middle(all), 1.5837);
            assertThat(list.toString()).isEqualTo("{174=2, 374=2, 700=1, 724=2, 800=2, 1000=1, 1500=1, 1674=18, 1700=9,"
                    + " 3200=3}");
        }

        @Test
        void whatIsBetween() {
            close(wall(0.4, new Opening(1.5, 2.2, 0, 1.5)).between(), 3.7211);
            close(wall(0.4, new Opening(0.9, 1.7, 0.8, 1.3)).between(), 4.2400);
        }

        /// Wider spacing is lighter and cheaper, yet the tongue is heavier: what goes stood behind the axle.
        @Test
        void widerSpacingIsLighterAndTheTongueHeavier() {
            List<Stick> close = shell(0.3);
            List<Stick> wide = shell(0.4);
            List<Sticks.Stock> yard = List.of(new Sticks.Stock("2.4", 2.4, 3.10, Sticks.ENDLESS),
                    new Sticks.Stock("3.0", 3.0, 3.70, Sticks.ENDLESS), new Sticks.Stock("3.6", 3.6, 4.75,
                            Sticks.ENDLESS));
            Sticks.Plan dear = plan(close, yard);
            Sticks.Plan cheap = plan(wide, yard);

            assertThat(close).hasSize(48);
            close(mass(close), 51.410);
            assertThat(dear.cost()).isCloseTo(103.25, within(1e-9));
            assertThat(cheap.cost()).isCloseTo(86.50, within(1e-9));
            assertThat(dear.proven() && cheap.proven()).isTrue();
            assertThat(Sticks.bound(lengths(close), yard, 0.003, 0)).isCloseTo(91.90, within(1e-9));
            assertThat(Sticks.bound(lengths(wide), yard, 0.003, 0)).isCloseTo(77.70, within(1e-9));
            close(tongue(close), 2.7681);
            close(tongue(wide), 3.0167);
        }

        private static double tongue(List<Stick> all) {
            return all.stream().mapToDouble(s -> s.length() * B * B * 480 * (3.10 - 1.30 - s.x()) / 3.10).sum();
        }

        private static List<Double> lengths(List<Stick> all) {
            return all.stream().map(Stick::length).toList();
        }

        private static Sticks.Plan plan(List<Stick> all, List<Sticks.Stock> yard) {
            return Sticks.of(lengths(all), yard, 0.003, 0, () -> false);
        }

        /// No bay is wider than the spacing and half a stud, no two studs stand in one another, all is inside.
        @ParameterizedTest
        @ValueSource(doubles = {0.2, 0.25, 0.3, 0.333, 0.4, 0.406, 0.5, 0.6, 1.0, 3.19, 4})
        void studsStandAsTheyShould(double spacing) {
            StudWall w = wall(spacing);
            List<Double> at = w.layout();
            for (int i = 0; i + 1 < at.size(); i++) {
                assertThat(at.get(i + 1) - at.get(i)).isGreaterThanOrEqualTo(B - 1e-9);
            }
            assertThat(w.widestBay()).isLessThanOrEqualTo(Math.max(spacing, B) + B / 2 + 1e-9);
            assertThat(at.getFirst()).isEqualTo(B / 2);
            assertThat(at.getLast()).isEqualTo(3.2 - B / 2);
        }

        @Test
        void anOpeningAtTheEndHasNoKingThereAndIsNamed() {
            StudWall w = wall(0.4, new Opening(0.05, 0.75, 0, 1.5));
            assertThat(w.near()).hasSize(1);
            assertThat(w.full()).doesNotContain(0.05 - B / 2).contains(0.75 + B / 2);
            assertThat(wall(0.4, new Opening(0.5, 1, 0.5, 1)).near()).isEmpty();
            Stick header = w.sticks().stream().filter(s -> s.kind() == StudWall.Kind.HEADER).findFirst().orElseThrow();
            assertThat(header.length()).isCloseTo(0.75 - B, within(1e-9));
            assertThat(header.x()).isCloseTo((0.75 + B) / 2, within(1e-9));
        }

        @Test
        void nogginsGoBetweenStudsAndNotThroughWindows() {
            StudWall w = StudWall.of(3.2, 1.75, B, B, 0.4, List.of(new Opening(0.9, 1.7, 0.8, 1.3)), List.of(1.0));
            List<Stick> noggins = w.sticks().stream().filter(s -> s.kind() == StudWall.Kind.NOGGIN).toList();

            assertThat(noggins).noneMatch(s -> s.x() > 0.9 && s.x() < 1.7).hasSize(w.full().size() - 2);
            assertThat(noggins).allMatch(s -> s.length() <= 0.4 - B + B / 2 + 1e-9);
        }

        /// Under a slope every stud ends at the outline, at the longer of its edges.
        @Test
        void studsUnderASlopeAreCutAtTheirLongerEdge() {
            StudWall w = new StudWall(2, x -> 1 + 0.25 * x, 1.5, B, B, StudWall.spaced(2, B, 0.5), List.of(),
                    List.of());
            for (Stick s : w.sticks()) {
                if (s.kind() == StudWall.Kind.STUD) {
                    assertThat(s.length()).isCloseTo(1 + 0.25 * Math.min(2, s.x() + B / 2) - 2 * B, within(1e-9));
                    assertThat(s.slope()).isCloseTo(Math.atan(0.25), within(1e-9));
                }
            }
            assertThat(w.sticks().getFirst().length()).isCloseTo(2 * Math.hypot(1, 0.25), within(1e-9));
        }
    }

    @Nested
    class Panels {
        private final Panel side = new Panel(List.of(p(0, 0), p(2.6, 0), p(2.9, .35), p(2.9, .6), p(2.55, 1.05), p(1.9,
                1.22), p(.9, 1.22), p(.35, 1.1), p(.08, .75), p(0, .4)), List.of(
                        List.of(p(1.2, .2), p(1.8, .2), p(1.8,
                                .95), p(1.2, .95))));

        private static double[] p(double x, double y) {
            return new double[]{x, y};
        }

        @Test
        void aSideWallWithItsDoor() {
            close(side.area(), 2.6777);
            close(side.centre()[0], 1.4054);
            close(side.centre()[1], 0.56829);
            close(side.edge(), 10.017);
            close(side.area() * 0.012 * 680, 21.850);
        }

        @Test
        void whatDropsOffItsCorner() {
            double[] drop = Panel.cornerDrop(List.of(p(0, .4), p(.08, .75), p(.35, 1.1), p(.9, 1.22)), 0.002);
            close(drop[0], 0.21951);
            close(drop[1], 0.28456);
            close(drop[0] * drop[1], 0.062464);
            double[] door = Panel.openingDrop(0.6, 0.75, 0.002, 0);
            close(door[0], 0.596);
            close(door[1], 0.746);
        }

        @Test
        void whatDropsOffAnEllipse() {
            List<double[]> chain = new ArrayList<>();
            for (int i = 0; i <= 4000; i++) {
                double t = Math.PI / 2 * i / 4000;
                chain.add(p(1 - Math.cos(t), 0.6 * Math.sin(t)));
            }
            double[] drop = Panel.cornerDrop(chain, 0);
            assertThat(drop[0]).isCloseTo(0.29289, within(2e-4));
            assertThat(drop[1]).isCloseTo(0.17574, within(2e-4));
        }

        /// Whichever way round the corners are given.
        @Test
        void theWayRoundDoesNotMatter() {
            Panel back = new Panel(side.outline().reversed(), List.of(side.holes().getFirst().reversed()));
            assertThat(back.area()).isCloseTo(side.area(), within(1e-12));
            assertThat(back.centre()[0]).isCloseTo(side.centre()[0], within(1e-12));
        }
    }

    @Nested
    class Finish {
        @Test
        void coatsInKits() {
            Coats c = new Coats(14.2, 3, 150e-6, 0.52, 0.18);
            close(c.each() * 1000, 4.9953);
            close(c.all() * 1000, 14.986);
            assertThat(c.kits(3.9e-3)).isEqualTo(4);
            close(4 * 3.9 - c.all() * 1000, 0.61407);
            close(c.all() * 1000 * Coats.first(3, 1), 11.239);
            close(c.all() * 1000 * Coats.first(1, 3), 3.7465);
            close(c.mass(1250), 7.9875);
            assertThat(c.batches(0.20 / 60, 45 * 60)).isEqualTo(2);
            close(c.each() * 1000 / 2, 2.4977);
            close(c.each() * 1000 / 14.2, 0.35178);
            assertThat(Coats.pot(3600, 20, 30)).isCloseTo(1800, within(1e-9));
        }

        @Test
        void glassInResin() {
            Laminate l = Laminate.of(9.6, 0.2, 1, 0.08, 0.45, 0.30);
            close(l.glass(), 2.0736);
            close(l.soaked() + l.fill(), 5.4144);
            close(l.mixed(0.12), 6.1527);
            close(l.mass(), 7.4880);
            double ratio = Coats.byWeight(2, 1.15, 1, 0.98);
            close(ratio, 2.3469);
            close(l.mixed(0.12) * ratio / (1 + ratio), 4.3144);
            close(l.mixed(0.12) / (1 + ratio), 1.8383);
        }

        @Test
        void beadsTapeAndScrews() {
            double bead = Joints.fillet(0.008, 12.4, 0.10);
            close(bead * 1e6, 436.48);
            assertThat(Math.ceil(bead / 300e-6)).isEqualTo(2);
            close(300e-6 / (0.008 * 0.008 / 2 * 1.1), 8.5227);
            assertThat(Joints.rolls(List.of(3.2, 3.2, 1.7, 1.7, 2.1, 2.1), 0.06, 7.5)).contains(3);
            assertThat(Joints.joined(14.72, 7.5, 0.05)).isEqualTo(2);
            assertThat(Joints.rolls(List.of(8.0), 0.06, 7.5)).isEmpty();
            int screws = 2 * Joints.screws(3.2, 0.15) + 2 * Joints.screws(1.75, 0.15) + 6 * Joints.screws(1.75, 0.30)
                    - 6 * 1;
            assertThat(2 * Joints.screws(3.2, 0.15) + 2 * Joints.screws(1.75, 0.15)).isEqualTo(72);
            assertThat(screws).isEqualTo(108);
            assertThat(72 + 6 * Joints.screws(1.75, 0.30)).isEqualTo(114);
            Joints.Packs packs = Joints.packs(114, List.of(50, 200), List.of(4.20, 13.90));
            assertThat(packs.counts()).containsExactly(3, 0);
            assertThat(packs.cost()).isCloseTo(12.60, within(1e-9));
            assertThat(packs.got()).isEqualTo(150);
        }

        /// Against every number of packs that could be meant.
        @ParameterizedTest
        @ValueSource(ints = {0, 1, 7, 49, 50, 51, 99, 180, 233, 400})
        void packsAreTheCheapestThereAre(int need) {
            List<Integer> sizes = List.of(30, 50, 200);
            List<Double> prices = List.of(2.9, 4.2, 13.9);
            double least = Double.POSITIVE_INFINITY;
            for (int a = 0; a <= 15; a++) {
                for (int b = 0; b <= 10; b++) {
                    for (int c = 0; c <= 3; c++) {
                        if (30 * a + 50 * b + 200 * c >= need) {
                            least = Math.min(least, 2.9 * a + 4.2 * b + 13.9 * c);
                        }
                    }
                }
            }
            assertThat(Joints.packs(need, sizes, prices).cost()).isCloseTo(least, within(1e-9));
        }
    }

    /// Two cushions of 1.90 by 0.68 by 0.10 m, corners of 60 mm.
    @Nested
    class Cushions {
        private final Cushion c = new Cushion(1.90, 0.68, 0.10, 0.06);

        @Test
        void theCoverOfOne() {
            close(c.perimeter(), 5.0570);
            close(c.zip(), 1.68);
            close(c.cover().get(0).length(), 1.924);
            close(c.cover().get(0).width(), 0.704);
            close(c.cover().get(1).length(), 3.401);
            close(c.cover().get(1).width(), 0.124);
            close(c.cover().get(2).length(), 1.704);
            close(c.cover().get(2).width(), 0.077);
            close(c.cloth(), 3.3931);
            close(c.cloth() * 0.42, 1.4251);
            close(c.foam(35), 4.6018);
        }

        /// The tops one after another, all else in the lane beside them.
        @Test
        void twoOnARollTakeNoMoreThanTheirTops() {
            List<double[]> pieces = new ArrayList<>();
            for (int n = 0; n < 2; n++) {
                for (Cushion.Cloth x : c.cover()) {
                    for (int k = 0; k < x.count(); k++) {
                        pieces.add(new double[]{x.length(), x.width()});
                    }
                }
            }
            Roll roll = Roll.of(pieces, 1.40, () -> false);

            close(roll.rows(), 9.173);
            close(roll.bound(), 7.696);
            close(roll.length(), 7.696);
            assertThat(roll.proven()).isTrue();
            assertThat(roll.pieces()).hasSize(10);
            for (Sheets.Placed p : roll.pieces()) {
                assertThat(p.y() + p.height()).isLessThanOrEqualTo(1.40 + 1e-5);
                assertThat(p.width()).isCloseTo(pieces.get(p.piece())[0], within(1e-5));
                for (Sheets.Placed q : roll.pieces()) {
                    assertThat(p == q || p.x() + p.width() <= q.x() + 1e-5 || q.x() + q.width() <= p.x() + 1e-5
                            || p.y() + p.height() <= q.y() + 1e-5 || q.y() + q.height() <= p.y() + 1e-5).isTrue();
                }
            }
        }

        @Test
        void whatIsWiderThanTheRollIsLeft() {
            Roll roll = Roll.of(List.of(new double[]{1, 1.5}, new double[]{2, 1.0}), 1.4, () -> false);
            assertThat(roll.left()).containsExactly(0);
            assertThat(roll.length()).isCloseTo(2, within(1e-6));
            assertThat(Roll.of(List.of(), 1.4, () -> false).length()).isZero();
        }

        /// Between the bound and rows, whatever the pieces.
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6})
        void neverWorseThanRowsNorBetterThanTheBound(long seed) {
            SplittableRandom r = new SplittableRandom(seed);
            List<double[]> pieces = new ArrayList<>();
            for (int i = 0; i < 14; i++) {
                pieces.add(new double[]{0.2 + 2 * r.nextDouble(), 0.05 + r.nextDouble()});
            }
            Roll roll = Roll.of(pieces, 1.4, () -> false);
            assertThat(roll.length()).isBetween(roll.bound() - 1e-6, roll.rows() + 1e-5);
        }

        @Test
        void aSmallCushionHasNoZip() {
            assertThat(new Cushion(0.15, 0.15, 0.05, 0.04).zip()).isZero();
        }
    }
}
