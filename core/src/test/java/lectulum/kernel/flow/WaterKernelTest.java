package lectulum.kernel.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// Tanks, pipes, drains, frost and hot water: worked examples to five digits, and what must hold whatever the numbers.
class WaterKernelTest {
    private static final double LITRE = 1e-3;
    private static final double L_MIN = 1 / 60_000.0;
    /// Half of a step in the fifth digit.
    private static final double FIVE = 5e-3;

    private static void is(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, withinPercentage(FIVE));
    }

    @Nested
    class Tanks {
        /// 1.10 × 0.52 × 0.28 m outside, walls 5 mm, edges 45 mm; the volumes by the closed form of the shape.
        @Test
        void aRoundedBox() {
            TankShape.Box box = TankShape.Box.outside(1.10, 0.52, 0.28, 0.005, 0.045);
            double usable = box.usable(0.012, 0.255);

            is(box.gross() / LITRE, 147.61);
            is(usable / LITRE, 134.22);
            is(usable / box.gross(), 0.90931);
            is(box.volume(box.height() / 4) / LITRE, 36.375);
            is(box.centre(box.height() / 4), 0.034468);
        }

        /// The closed form against a plain sum of sections.
        @Test
        void theBoxIsTheSumOfItsSections() {
            TankShape.Box box = TankShape.Box.outside(0.7, 0.4, 0.3, 0.004, 0.06);
            for (double z : new double[]{0.02, 0.1, 0.25, 0.285, box.height()}) {
                double sum = 0;
                int n = 20_000;
                for (int i = 0; i < n; i++) {
                    sum += box.section((i + 0.5) * z / n) * z / n;
                }
                assertThat(box.volume(z)).isCloseTo(sum, withinPercentage(1e-3));
            }
        }

        @Test
        void anLOverAFrame() {
            TankShape.Prism l = new TankShape.Prism(
                    List.of(new double[]{0, .10}, new double[]{.20, .10}, new double[]{.20, 0}, new double[]{.60, 0},
                            new double[]{.60, .30}, new double[]{0, .30}),
                    0.90);

            is(l.volume(0.17) / LITRE, 73.8);
            is(l.at(0.17)[0], 0.34878);
            is(l.at(0.17)[1], 0.093537);
        }

        @Test
        void aLyingCylinder() {
            TankShape.Lying lying = new TankShape.Lying(0.15, 1.2);

            is(lying.volume(0.11) / LITRE, 28.184);
            is(lying.centre(0.11), 0.064236);
            is(lying.gross(), Math.PI * 0.15 * 0.15 * 1.2);
            assertThat(lying.centre(0.30)).isCloseTo(0.15, withinPercentage(1e-6));
        }

        @Test
        void everyShapeIsFullAtItsTopAndItsLevelIsTheWayBack() {
            List<TankShape> all = List.of(TankShape.Box.outside(0.9, 0.4, 0.3, 0.005, 0.04),
                    new TankShape.Lying(0.2, 0.8), new TankShape.Poured(List.of(0.0, 0.1, 0.3),
                            List.of(0.0, 0.02, 0.05)),
                    new TankShape.Prism(List.of(new double[]{0, 0}, new double[]{1, 0}, new double[]{1, 0.4}), 0.5));
            for (TankShape s : all) {
                double before = -1;
                for (int i = 0; i <= 50; i++) {
                    double z = s.height() * i / 50;
                    double v = s.volume(z);
                    assertThat(v).isGreaterThanOrEqualTo(before);
                    assertThat(s.volume(s.level(v))).isCloseTo(v, org.assertj.core.api.Assertions.within(1e-9));
                    assertThat(s.centre(z)).isBetween(-1e-9, z + 1e-9);
                    before = v;
                }
                assertThat(s.level(2 * s.gross())).isEqualTo(s.height());
                assertThat(s.level(-1)).isZero();
            }
        }

        @Test
        void aTableThatDoesNotRiseIsRefused() {
            assertThatThrownBy(() -> new TankShape.Poured(List.of(0.0, 0.2, 0.1), List.of(0.0, 1.0, 2.0)))
                    .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("3");
            assertThatThrownBy(() -> new TankShape.Poured(List.of(0.0), List.of(0.0)))
                    .isInstanceOf(IllegalArgumentException.class);
        }

        @Test
        void edgesRounderThanTheTankAreCutToIt() {
            TankShape.Box box = new TankShape.Box(0.2, 0.2, 0.2, 0.5);

            is(box.gross(), 4.0 / 3 * Math.PI * 1e-3);
        }

        @Test
        void aSenderOnASlope() {
            double read = Sender.US.part(110) * 0.24;
            double mean = Sender.mean(read, 0.42, -0.15, 1.0, 0.5, 0.26, Math.toRadians(-2), Math.toRadians(-1))
                    .orElseThrow();

            is(read, 0.15072);
            is(mean, 0.16277);
            is(mean * 0.5 / LITRE, 81.387);
            assertThat(Sender.mean(0.01, 0.4, 0, 1, 0.5, 0.26, 0.05, 0)).isEmpty();
            assertThat(Sender.EU.ohms(Sender.EU.part(95))).isEqualTo(95);
        }

        @Test
        void waterSwings() {
            is(TankFlow.slosh(1.10, 0.12), 0.48378);
            assertThat(TankFlow.rooms(1.10, 0.12)).isEqualTo(3);
            is(TankFlow.shift(0.52, 0.12, TankFlow.tilt(3.0)), 0.057444);
            is(Math.toDegrees(TankFlow.tilt(3.0)), 17.01);
        }

        @Test
        void runsOutAndLetsAirOut() {
            TankFlow.Emptying e = TankFlow.drain(0.55, 0.22, 0, 0.10, 0.025, 0.6, 2.5);
            TankFlow.Venting v = TankFlow.vent(30 * L_MIN, 0.006, 0.8, 1, 0.50);

            is(e.seconds() / 60, 4.3216);
            is(e.flow() / L_MIN, 35.918);
            is(v.speed(), 17.684);
            is(v.over(), 1337.1);
            is(v.lid(), 668.57);
            is(TankFlow.residue(0.52, 0.90, 0.3, Math.toRadians(2)) / LITRE, 7.3543);
            is(TankFlow.tap(0.010, 0.35) / L_MIN, 7.6549);
        }

        /// At the slope where the water's edge reaches the lid both laws of what stays agree.
        @Test
        void whatStaysHasNoJump() {
            double at = Math.atan(0.3 / 0.9);
            assertThat(TankFlow.residue(0.5, 0.9, 0.3, at - 1e-9))
                    .isCloseTo(TankFlow.residue(0.5, 0.9, 0.3, at + 1e-9), withinPercentage(1e-4));
        }
    }

    @Nested
    class Pipes {
        private static PipeNetwork caravan(double d, boolean loop) {
            List<PipeNetwork.Pipe> pipes = new ArrayList<>(List.of(
                    new PipeNetwork.Pipe("suction", "tank", "pump", 0.9, 0.0127, 160, 15, false),
                    new PipeNetwork.Pipe("main", "out", "tee", 2.4, d, 120, 15, false),
                    new PipeNetwork.Pipe("galley", "tee", "galley", 1.6, d, 150, 15, false),
                    new PipeNetwork.Pipe("shower", "tee", "shower", 2.9, d, 210, 15, false)));
            if (loop) {
                pipes.add(new PipeNetwork.Pipe("loop", "galley", "shower", 2.0, d, 100, 15, false));
            }
            // The suction pipe stands behind the pump here, which is the same: what counts is the sum.
            pipes.set(0, new PipeNetwork.Pipe("suction", "in", "out", 0.9, 0.0127, 160, 15, false));
            return new PipeNetwork(List.of(new PipeNetwork.Node("in", 0.70), new PipeNetwork.Node("out", 0.70),
                    new PipeNetwork.Node("tee", 0.75), new PipeNetwork.Node("galley", 1.25),
                    new PipeNetwork.Node("shower", 1.85)), pipes,
                    PipeNetwork.Source.pump("in", 0.62, PumpCurve.USUAL, 170e3, 310e3));
        }

        private static final PipeNetwork.Tap GALLEY = PipeNetwork.Tap.rated("g", "galley", 5.7 * L_MIN, 138e3, 1);
        private static final PipeNetwork.Tap SHOWER = PipeNetwork.Tap.rated("s", "shower", 5.0 * L_MIN, 138e3, 1);

        @Test
        void oneTapAndTwo() {
            PipeNetwork half = caravan(0.0123, false);
            PipeNetwork.Flow galley = half.solve(List.of(GALLEY));
            PipeNetwork.Flow shower = half.solve(List.of(SHOWER));
            PipeNetwork.Flow both = half.solve(List.of(GALLEY, SHOWER));

            is(galley.taps().get("g") / L_MIN, 6.4139);
            is(shower.taps().get("s") / L_MIN, 5.8532);
            is(both.taps().get("g") / L_MIN, 4.6363);
            is(both.taps().get("s") / L_MIN, 3.9246);
            is(both.total() / L_MIN, 8.561);
            assertThat(galley.cycles()).isFalse();
            for (PipeNetwork.Flow f : List.of(galley, shower, both)) {
                assertThat(f.residual()).isLessThanOrEqualTo(PipeNetwork.TOLERANCE);
            }
            is(PumpCurve.USUAL.rise(galley.total()) / 1000, 191.07);
            is(PumpCurve.USUAL.rise(both.total()) / 1000, 110.41);
        }

        @Test
        void thinnerPipe() {
            PipeNetwork thin = caravan(0.0091, false);

            is(thin.solve(List.of(GALLEY)).taps().get("g") / L_MIN, 6.2081);
            is(thin.solve(List.of(SHOWER)).taps().get("s") / L_MIN, 5.6469);
            PipeNetwork.Flow both = thin.solve(List.of(GALLEY, SHOWER));
            is(both.taps().get("g") / L_MIN, 4.4583);
            is(both.taps().get("s") / L_MIN, 3.7396);
            is(PumpCurve.USUAL.rise(both.total()) / 1000, 124.52);
        }

        /// Whatever the pipes: what comes out went in, and round every loop the pressures add up.
        @Test
        void waterAndPressureAddUpInRandomNets() {
            SplittableRandom chance = new SplittableRandom(3);
            for (int trial = 0; trial < 60; trial++) {
                int n = 4 + chance.nextInt(12);
                List<PipeNetwork.Node> nodes = new ArrayList<>();
                List<PipeNetwork.Pipe> pipes = new ArrayList<>();
                List<PipeNetwork.Tap> taps = new ArrayList<>();
                for (int i = 0; i < n; i++) {
                    nodes.add(new PipeNetwork.Node("n" + i, chance.nextDouble() * 2));
                    if (i > 0) {
                        pipes.add(pipe("p" + i, chance.nextInt(i), i, chance));
                    }
                    if (i > 1 && chance.nextInt(2) == 0) {
                        pipes.add(pipe("q" + i, chance.nextInt(i), i, chance));
                    }
                    if (i > 0 && chance.nextInt(3) > 0) {
                        taps.add(PipeNetwork.Tap.rated("t" + i, "n" + i, 5 * L_MIN, 138e3, 1));
                    }
                }
                PipeNetwork net = new PipeNetwork(nodes, pipes,
                        PipeNetwork.Source.pump("n0", 0.3, PumpCurve.USUAL, 170e3, 310e3));
                PipeNetwork.Flow f = net.solve(taps);

                assertThat(f.residual()).as("net " + trial).isLessThan(1e-4);
                double out = f.taps().values().stream().mapToDouble(x -> x).sum();
                assertThat(out).isCloseTo(f.total(), org.assertj.core.api.Assertions.within(1e-11));
                for (PipeNetwork.Node node : nodes) {
                    double sum = node.id().equals("n0") ? f.total() : 0;
                    for (PipeNetwork.Pipe p : pipes) {
                        double q = f.pipes().get(p.id());
                        sum += p.to().equals(node.id()) ? q : 0;
                        sum -= p.from().equals(node.id()) ? q : 0;
                    }
                    sum -= f.taps().getOrDefault("t" + node.id().substring(1), 0.0);
                    assertThat(sum).isCloseTo(0, org.assertj.core.api.Assertions.within(1e-11));
                }
                for (PipeNetwork.Pipe p : pipes) {
                    double rise = WaterAt.density(15) * WaterAt.G * (nodes.get(Integer.parseInt(p.from().substring(1)))
                            .z() - nodes.get(Integer.parseInt(p.to().substring(1))).z());
                    assertThat(f.pressures().get(p.from()) - f.pressures().get(p.to()) + rise)
                            .isCloseTo(p.loss(f.pipes().get(p.id())), org.assertj.core.api.Assertions.within(1e-3));
                }
            }
        }

        private static PipeNetwork.Pipe pipe(String id, int from, int to, SplittableRandom chance) {
            return new PipeNetwork.Pipe(id, "n" + from, "n" + to, 0.2 + 3 * chance.nextDouble(),
                    0.008 + 0.01 * chance.nextDouble(), 30 + chance.nextInt(200), 15, false);
        }

        @Test
        void aLoopGivesMoreThanATree() {
            double tree = caravan(0.0123, false).solve(List.of(SHOWER)).total();
            double loop = caravan(0.0123, true).solve(List.of(SHOWER)).total();

            assertThat(loop).isGreaterThan(tree);
        }

        @Test
        void aTapAboveTheReachGetsNothingAndTheOthersAreAsIfItWereShut() {
            PipeNetwork low = new PipeNetwork(
                    List.of(new PipeNetwork.Node("tank", 0), new PipeNetwork.Node("low", -0.5),
                            new PipeNetwork.Node("high", 0.4)),
                    List.of(new PipeNetwork.Pipe("a", "tank", "low", 1, 0.0127, 60, 15, false),
                            new PipeNetwork.Pipe("b", "low", "high", 1, 0.0127, 60, 15, false)),
                    PipeNetwork.Source.gravity("tank", 0.2));
            PipeNetwork.Tap a = PipeNetwork.Tap.rated("a", "low", 5 * L_MIN, 138e3, 1);
            PipeNetwork.Tap b = PipeNetwork.Tap.rated("b", "high", 5 * L_MIN, 138e3, 1);
            PipeNetwork.Flow f = low.solve(List.of(a, b));

            assertThat(f.taps().get("b")).isZero();
            assertThat(f.taps().get("a")).isCloseTo(low.solve(List.of(a)).taps().get("a"), withinPercentage(1e-6));
        }

        @Test
        void aCheckValveLetsNothingBackAndAnIslandHasNoFlow() {
            PipeNetwork net = new PipeNetwork(
                    List.of(new PipeNetwork.Node("s", 0), new PipeNetwork.Node("t", 0), new PipeNetwork.Node("far", 0)),
                    List.of(new PipeNetwork.Pipe("wrong", "t", "s", 1, 0.012, 50, 15, true)),
                    PipeNetwork.Source.city("s", 0, 400e3, 310e3, 10e3 * 60_000));
            PipeNetwork.Tap t = PipeNetwork.Tap.rated("t", "t", 5 * L_MIN, 138e3, 1);
            PipeNetwork.Tap far = PipeNetwork.Tap.rated("far", "far", 5 * L_MIN, 138e3, 1);
            PipeNetwork.Flow f = net.solve(List.of(t, far));

            assertThat(f.taps().get("t") / L_MIN).isLessThan(0.05);
            assertThat(f.taps()).doesNotContainKey("far");
            assertThat(net.reached()).containsExactlyInAnyOrder("s", "t");
        }

        @Test
        void aSmallFlowMakesThePumpCycle() {
            PipeNetwork net = caravan(0.0123, false);
            PipeNetwork.Tap little = PipeNetwork.Tap.rated("l", "galley", 1.0 * L_MIN, 138e3, 1);

            assertThat(net.solve(List.of(little)).cycles()).isTrue();
            assertThat(net.solve(List.of()).total()).isZero();
        }

        @Test
        void anAccumulator() {
            Accumulator a = new Accumulator(0.75 * LITRE, 170e3, 170e3, 310e3);
            Accumulator.Cycle c = a.cycle(2.0 * L_MIN, PumpCurve.USUAL.flow(240e3));

            is(a.drawdown() / LITRE, 0.25527);
            is(c.rests(), 7.6582);
            is(c.runs(), 5.0335);
            is(c.perHour(), 283.65);
            assertThat(a.enough(c.perHour()).orElseThrow()).isGreaterThan(a.volume());
            assertThat(new Accumulator(0, 0, 1, 2).enough(100)).isEmpty();
        }

        @Test
        void suction() {
            PipeNetwork.Pipe pipe = new PipeNetwork.Pipe("s", "a", "b", 0.9, 0.0127, 160, 15, false);

            is(Suction.below(0.08, pipe, 8.0 * L_MIN) / 1000, 5.1529);
        }

        @Test
        void aCurveThatIsNoneNamesItsPoint() {
            assertThat(PumpCurve.trouble(List.of(new PumpCurve.Point(0, 2), new PumpCurve.Point(1, 3)))).isEqualTo(1);
            assertThat(PumpCurve.trouble(List.of())).isZero();
            assertThatThrownBy(() -> PumpCurve.litres(0, 5, 100, 6)).isInstanceOf(IllegalArgumentException.class);
            assertThat(PumpCurve.USUAL.rise(0) / 1000).isEqualTo(310);
            assertThat(PumpCurve.USUAL.rise(12.3 * L_MIN) / 1000).isCloseTo(-100, withinPercentage(1e-6));
        }

        @Test
        void aRunWithBends() {
            List<double[]> points = List.of(new double[]{1.2, -.4, .5}, new double[]{1.2, -.4, .9},
                    new double[]{1.2, .6, .9}, new double[]{1.3, .6, .9}, new double[]{1.3, .6, .95},
                    new double[]{3.4, .6, .95});
            PipeBends b = PipeBends.of(points, 0.0159, true, PipeBends.PIPE);

            is(b.legs(), 3.65);
            is(b.developed(), 3.5954);
            assertThat(b.bends()).isEqualTo(1);
            assertThat(b.elbows90()).isEqualTo(3);
            assertThat(b.rings()).isEqualTo(6);
            assertThat(b.supports()).isEqualTo(5);
            is(b.order(), 3.9549);
            assertThat(PipeBends.of(points, 0.0159, false, PipeBends.PIPE).elbows90()).isEqualTo(4);
        }
    }

    @Nested
    class Waste {
        @Test
        void aDrainOnASlope() {
            Drain d = new Drain(-1.4, 0.5, -0.045, 0.032);

            is(d.slope(), 0.03027);
            is(d.slope(Math.toRadians(-1), 0), 0.046708);
            is(d.carries(d.slope(Math.toRadians(-1), 0)) / L_MIN, 23.175);
            is(d.needed(), 0.029732);
            is(Math.toDegrees(d.limit()), 1.841);
            assertThat(d.carries(-0.01)).isZero();
        }

        private static final List<LowPoints.Vertex> VERTICES = List.of(vertex("a", 2, .70), vertex("b", 3, .62),
                vertex("c", 4, .58), vertex("d", 4.6, .66), vertex("e", 4.6, 1.30), vertex("v", 2, .45));
        private static final List<LowPoints.Edge> EDGES = List.of(edge("a", "b"), edge("b", "c"), edge("c", "d"),
                edge("d", "e"), edge("a", "v"));

        private static LowPoints.Vertex vertex(String id, double x, double z) {
            return new LowPoints.Vertex(id, x, 0.3, z);
        }

        private static LowPoints.Edge edge(String a, String b) {
            return new LowPoints.Edge(a, b, 0.0123);
        }

        @Test
        void waterThatStaysInLowPoints() {
            is(LowPoints.of(VERTICES, EDGES, Set.of("v"), 0, 0).volume() / LITRE, 0.3148);
            is(LowPoints.of(VERTICES, EDGES, Set.of("v"), Math.toRadians(-3.5), 0).volume() / LITRE, 0.22505);
            assertThat(LowPoints.of(VERTICES, EDGES, Set.of("v", "c"), 0, 0).volume()).isZero();
        }

        @Test
        void withoutADrainAllStays() {
            double all = LowPoints.of(VERTICES, EDGES, Set.of(), 0, 0).volume();
            double length = Math.hypot(1, .08) + Math.hypot(1, .04) + Math.hypot(.6, .08) + .64 + .25;

            is(all, length * Math.PI * 0.0123 * 0.0123 / 4);
        }

        /// Another drain never keeps more back.
        @Test
        void anotherDrainNeverKeepsMore() {
            SplittableRandom chance = new SplittableRandom(8);
            for (int trial = 0; trial < 100; trial++) {
                double pitch = 0.1 * (chance.nextDouble() - 0.5);
                String more = VERTICES.get(chance.nextInt(VERTICES.size() - 1)).id();
                double one = LowPoints.of(VERTICES, EDGES, Set.of("v"), pitch, 0).volume();
                double two = LowPoints.of(VERTICES, EDGES, Set.of("v", more), pitch, 0).volume();
                assertThat(two).isLessThanOrEqualTo(one + 1e-15);
            }
        }
    }

    @Nested
    class Frost {
        @Test
        void aPipeATankAndALocker() {
            Freezing pipe = Freezing.pipe(0.0123, 0.0159, 0.009, 0.036, Freezing.STILL, 8);
            Freezing tank = Freezing.tank(95, 1.9, 4.5);

            is(pipe.loss(), 0.2212);
            is(pipe.untilIce(8, -6) / 3600, 0.68867);
            is(pipe.untilBlocked(8, -6) / 3600, 2.3497);
            is(pipe.holding(-6), 1.7696);
            is(tank.untilIce(8, -6) / 3600, 10.947);
            is(tank.untilSlush(8, -6) / 3600, 19.537);
            is(tank.holding(-6), 68.4);
            is(Freezing.between(18, -6, 3.0, 6.5, 10), 2.6316);
            assertThat(pipe.untilIce(8, 1)).isInfinite();
            assertThat(pipe.holding(3)).isZero();
        }
    }

    @Nested
    class Hot {
        @Test
        void waterThatRunsThroughABurner() {
            HotWater h = new HotWater(10_500, 0.80);

            is(h.gives(1800), 7056);
            is(h.rise(5.5 * L_MIN, 1800), 18.389);
            is(h.leaves(9, 5.5 * L_MIN, 50, 1800), 27.389);
            is(h.flowFor(9, 40, 1800) / L_MIN, 3.2625);
            is(h.powerFor(9, 40, 5.5 * L_MIN, 1800), 17_701);
            is(HotWater.hotPart(39, 12, 60), 0.5625);
            assertThat(h.leaves(9, 1 * L_MIN, 50, 0)).isEqualTo(50);
            assertThat(h.flowFor(45, 40, 0)).isInfinite();
        }

        @Test
        void aTankOfHotWater() {
            HotWater h = new HotWater(800, 1);
            HotWater.Storage tank = new HotWater.Storage(22 * LITRE, 60, 1.1);
            HotWater.Shower s = h.shower(tank, 12, 39, 4.5 * L_MIN);

            is(s.stirred() / 60, 4.1987);
            is(s.layered() / 60, 9.5971);
            is(s.usual() / 60, 7.4378);
            is(h.reheats(tank, 12) / 60, 92.092);
            is(HotWater.energy(22 * LITRE, 12, 60) / 3.6e6, 1.2279);
            is(1.1 * (60 - 15) * 24 / 1000, 1.188);
            assertThat(h.shower(new HotWater.Storage(22 * LITRE, 38, 1), 12, 39, 4.5 * L_MIN).usual()).isZero();
            assertThat(new HotWater(20_000, 1).shower(tank, 12, 39, 4.5 * L_MIN).usual()).isInfinite();
        }

        /// 15 L from 12 to 39 °C at 80 %, in gas and in diesel.
        @Test
        void aShowerInFuel() {
            double energy = HotWater.energy(15 * LITRE, 12, 39);

            is(energy / 3.6e6, 0.47092);
            is(energy / (0.8 * 50.35e6) * 1000, 42.089);
            is(energy / (0.8 * 35.95e6), 0.058947);
        }
    }

    @Test
    void mapsOfAFlowCannotBeChanged() {
        PipeNetwork.Flow f = new PipeNetwork.Flow(Map.of("a", 1.0), Map.of(), Map.of(), 1, false, 0);
        assertThatThrownBy(() -> f.taps().put("b", 2.0)).isInstanceOf(UnsupportedOperationException.class);
    }
}
