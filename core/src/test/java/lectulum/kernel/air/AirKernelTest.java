package lectulum.kernel.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.kernel.heat.BuildUp;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// Breath, openings, dew and wet walls: worked examples to five digits, and what must hold whatever the numbers.
class AirKernelTest {
    private static final double FIVE = 5e-3;
    private static final double HOUR = 3600;

    private static void is(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, withinPercentage(FIVE));
    }

    @Nested
    class OfPeople {
        private final Breath two = new Breath(3.0, 26e-3 / HOUR);

        @Test
        void twoSleepersInThreeCubicMetres() {
            is(two.needs(Breath.GOOD) * HOUR, 24.074);
            is(two.settles(6 / HOUR), 4753.3);
            is(two.sealed(Breath.OUTSIDE, Breath.WORKPLACE) / HOUR, 0.52846);
            is(two.sealed(Breath.OUTSIDE, Breath.DANGER) / HOUR, 4.5669);
            is(Breath.oxygen(Breath.DANGER, Breath.OUTSIDE), 16.131);
        }

        @Test
        void theCourseEndsWhereItSettlesAndIsTheSameInTwoSteps() {
            double flow = 6 / HOUR;
            assertThat(two.after(420, flow, 1e6)).isCloseTo(two.settles(flow), within(1e-6));
            assertThat(two.after(two.after(800, flow, 500), flow, 700)).isCloseTo(two.after(800, flow, 1200),
                    within(1e-9));
            assertThat(two.after(420, 0, two.sealed(420, 5000))).isCloseTo(5000, within(1e-6));
            assertThat(new Breath(3, 0).settles(0)).isEqualTo(420);
            assertThat(two.settles(0)).isInfinite();
        }
    }

    @Nested
    class ThroughOpenings {
        @Test
        void aPairForTwoSleepers() {
            double free = Openings.pairFor(24.074 / HOUR, 0.9, 15, 5, 0);

            is(free * 1e4, 201.38);
            is(free / Openings.SCREEN * 1e4, 402.77);
            is(Openings.flow(free, free, 0.9, 15, 5, 0) * HOUR, 24.074);
            assertThat(Openings.pairFor(1, 0.9, 15, 15, 0)).isInfinite();
            assertThat(Openings.flow(0.01, 0, 1, 20, 0, 3)).isZero();
        }

        @Test
        void aFanBehindASmallInlet() {
            Openings.Drawn d = Openings.fan(900 / HOUR, 60, 60e-4);

            is(d.flow() * HOUR, 120.42);
            assertThat(d.share()).isCloseTo(0.1338, within(5e-5));
            is(d.under(), 51.972);
            is(Openings.inletFor(900 / HOUR, 60) * 1e4, 1187.8);
            is(Openings.fan(900 / HOUR, 60, Openings.inletFor(900 / HOUR, 60)).share(), 0.9);
            assertThat(Openings.fan(900 / HOUR, 60, 0).flow()).isZero();
        }

        @Test
        void openingsThatAreNeverShut() {
            assertThat(Openings.fixed(7.6)).containsExactly(new double[]{0.0100, 0.0015}, within(1e-12));
            assertThat(Openings.fixed(5)[0]).isEqualTo(0.0075, within(1e-12));
            assertThat(Openings.fixed(30)[1]).isEqualTo(0.0050, within(1e-12));
        }

        @Test
        void windAndWarmthAddAsSquares() {
            double warm = Openings.flow(0.02, 0.02, 0.9, 20, 5, 0);
            double blown = Openings.flow(0.02, 0.02, 0.9, 5, 5, 2);
            assertThat(Openings.flow(0.02, 0.02, 0.9, 20, 5, 2)).isCloseTo(Math.hypot(warm, blown), within(1e-12));
        }
    }

    @Nested
    class OnPanes {
        private final WetPanes night = new WetPanes(16, 2, 0.85, 0.085 / HOUR);
        private final List<WetPanes.Pane> panes = List.of(WetPanes.Pane.of(0.9, 5.3, 0.13, 16, 2),
                WetPanes.Pane.of(0.5, 2.9, 0.13, 16, 2));

        @Test
        void aNightOfTwoSleepers() {
            is(panes.get(0).celsius(), 6.354);
            is(panes.get(1).celsius(), 10.722);
            WetPanes.Settled little = night.settle(8 / HOUR, panes);
            WetPanes.Settled more = night.settle(25 / HOUR, panes);

            is(little.humid(), 0.80086);
            is(little.dew(), 12.57);
            is(little.water() * 8 * HOUR * 1000, 284.14);
            is(more.humid(), 0.5795);
            is(more.dew(), 7.7363);
            is(more.water() * 8 * HOUR * 1000, 45.861);
            is(night.dry(panes.get(0).celsius(), 1) * HOUR, 34.604);
            is(night.dry(panes.get(1).celsius(), 1) * HOUR, 17.239);
            assertThat(night.dry(0, 0.8)).isInfinite();
        }

        /// What people give off is what the air carries away and what runs down.
        @Test
        void vapourAddsUp() {
            SplittableRandom chance = new SplittableRandom(5);
            for (int i = 0; i < 300; i++) {
                double in = 5 + 20 * chance.nextDouble();
                double out = in - 25 * chance.nextDouble();
                WetPanes n = new WetPanes(in, out, 0.3 + 0.7 * chance.nextDouble(), 0.2 * chance.nextDouble() / HOUR);
                double flow = 40 * chance.nextDouble() / HOUR;
                List<WetPanes.Pane> some = List.of(WetPanes.Pane.of(chance.nextDouble(), 5.3, 0.13, in, out));
                WetPanes.Settled s = n.settle(flow, some);
                double v = Vapour.density(s.humid() * Vapour.saturated(in), in);
                double outside = Vapour.density(n.humid() * Vapour.saturated(out), out);

                assertThat(s.humid()).isBetween(0.0, 1 + 1e-9);
                assertThat(flow * (v - outside) + s.water()).isCloseTo(n.source(), within(1e-12));
            }
        }

        @Test
        void theDewPointIsTheWayBack() {
            for (double t = -20; t < 40; t += 1.7) {
                assertThat(Vapour.dewPoint(Vapour.saturated(t))).isCloseTo(t, within(1e-9));
            }
            assertThat(Vapour.ratio(1600, 101_325)).isCloseTo(0.622 * 1600 / 99_725, within(1e-12));
        }
    }

    @Nested
    class WithinWalls {
        private static Glaser wall(double k, double mu) {
            BuildUp b = new BuildUp(List.of(BuildUp.Layer.of(0.006, 0.13), BuildUp.Layer.of(0.038, k),
                    BuildUp.Layer.of(0.0008, 160)), BuildUp.WALL, BuildUp.OUTSIDE, BuildUp.TIMBER);
            return Glaser.of(b.temperatures(16, -3, false), List.of(0.006 * 150, 0.038 * mu, 0.0008 * 1e6),
                    0.60 * Vapour.saturated(16), 0.85 * Vapour.saturated(-3));
        }

        /// Ply, fibre or foam, aluminium, by the night of eight hours.
        @Test
        void fibreAndFoamBehindMetal() {
            Glaser wool = wall(0.038, 1);
            Glaser foam = wall(0.034, 150);

            is(wool.all() * 8 * HOUR * 1000, 3.6178);
            assertThat(wool.plane()).isEqualTo(2);
            is(wool.celsius(), -2.375);
            is(foam.all() * 8 * HOUR * 1000, 0.51559);
            is(foam.celsius(), -2.4301);
        }

        /// No layers wet where it is dry inside, and never a negative rate.
        @Test
        void dryAirWetsNothing() {
            BuildUp b = new BuildUp(List.of(BuildUp.Layer.of(0.006, 0.13), BuildUp.Layer.of(0.038, 0.034)),
                    BuildUp.WALL, BuildUp.OUTSIDE, BuildUp.TIMBER);
            Glaser g = Glaser.of(b.temperatures(16, 10, false), List.of(0.9, 1.0), 900, 850);

            assertThat(g.plane()).isEqualTo(-1);
            assertThat(g.all()).isZero();
        }

        /// The hull by its definition: at every plane the real pressure is the largest convex curve below the saturated ones.
        @Test
        void theHullIsUnderEverySaturatedPressure() {
            SplittableRandom chance = new SplittableRandom(11);
            for (int trial = 0; trial < 200; trial++) {
                int n = 2 + chance.nextInt(4);
                List<Double> t = new ArrayList<>(List.of(18.0));
                List<Double> sd = new ArrayList<>();
                for (int i = 0; i < n; i++) {
                    t.add(t.getLast() - 8 * chance.nextDouble());
                    sd.add(0.05 + 5 * chance.nextDouble());
                }
                Glaser g = Glaser.of(t, sd, 1200, 0.8 * Vapour.saturated(t.getLast()));
                assertThat(g.rate()).allMatch(r -> r >= 0 && Double.isFinite(r)).hasSize(n);
                assertThat(g.all() > 0).isEqualTo(g.plane() > 0);
            }
        }
    }
}
