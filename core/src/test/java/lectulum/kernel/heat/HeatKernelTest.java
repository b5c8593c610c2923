package lectulum.kernel.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/// Walls, cabins hour by hour, sun and cooling: worked examples to five digits, and balances.
class HeatKernelTest {
    private static final double FIVE = 5e-3;
    private static final double KILOWATT_HOUR = 3.6e6;

    private static void is(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, withinPercentage(FIVE));
    }

    private static BuildUp.Layer layer(double mm, double k) {
        return BuildUp.Layer.of(mm / 1000, k);
    }

    @Nested
    class Walls {
        private final BuildUp timber = new BuildUp(
                List.of(layer(6, 0.13), layer(38, 0.034).studded(0.15, 0.13), layer(0.8, 160)), BuildUp.WALL,
                BuildUp.OUTSIDE, BuildUp.TIMBER);

        @Test
        void timberStuds() {
            is(timber.upperLimit(), 1.0726);
            is(timber.lowerLimit(), 1.0013);
            is(timber.resistance(), 1.037);
            is(timber.u(), 0.96436);
            is(1 / timber.clear(), 0.74973);
        }

        @Test
        void metalStuds() {
            double k = BuildUp.hollow(0.025, 2, 0.0016, 50);
            BuildUp metal = new BuildUp(
                    List.of(layer(6, 0.13), layer(25, 0.034).studded(0.06, k), layer(0.8, 160)), BuildUp.WALL,
                    BuildUp.OUTSIDE, BuildUp.METAL);

            is(k, 6.5221);
            is(metal.upperLimit(), 0.79321);
            is(metal.lowerLimit(), 0.27522);
            is(metal.resistance(), 0.40472);
            is(metal.u(), 2.4709);
            is(1 / metal.clear(), 1.051);
        }

        /// The limits enclose the value, and a stud that conducts like the layer changes nothing.
        @Test
        void theLimitsEncloseAndAgreeWithoutStuds() {
            assertThat(timber.lowerLimit()).isLessThan(timber.resistance());
            assertThat(timber.upperLimit()).isGreaterThan(timber.resistance());
            BuildUp plain = new BuildUp(List.of(layer(6, 0.13), layer(38, 0.034).studded(0.3, 0.034)), BuildUp.WALL,
                    BuildUp.OUTSIDE, BuildUp.TIMBER);
            assertThat(plain.upperLimit()).isCloseTo(plain.lowerLimit(), within(1e-12));
        }

        @Test
        void temperaturesFallByResistance() {
            List<Double> t = timber.temperatures(18, -5, false);

            assertThat(t).hasSize(4);
            assertThat(t.getFirst()).isCloseTo(18 - 23 * 0.13 * timber.u() * timber.resistance() / timber.clear(),
                    within(1e-9));
            assertThat(t.getLast()).isCloseTo(-5 + 23 * 0.04 / timber.clear(), within(1e-9));
            assertThat(timber.temperatures(18, -5, true).getFirst()).isLessThan(t.getFirst());
            assertThat(timber.factor(true)).isLessThan(timber.factor(false));
        }

        @Test
        void stillAir() {
            assertThat(BuildUp.airGap(0.005)).isEqualTo(0.11);
            assertThat(BuildUp.airGap(0.1)).isEqualTo(0.18);
            assertThat(BuildUp.airGap(0.0125)).isCloseTo(0.16, within(1e-12));
        }

        /// Half of 6 mm ply before foam that begins behind it: all of the ply and half of the foam count.
        @Test
        void whatWarmsWithTheRoom() {
            BuildUp b = new BuildUp(List.of(new BuildUp.Layer(0.006, 0.13, 500, 1600, 150, 0, 0.13),
                    new BuildUp.Layer(0.038, 0.034, 33, 1450, 150, 0, 0.034)), BuildUp.WALL, BuildUp.OUTSIDE,
                    BuildUp.TIMBER);

            is(b.capacity(), 0.006 * 500 * 1600 + 0.019 * 33 * 1450);
            is(b.mass(), 0.006 * 500 + 0.038 * 33);
        }
    }

    @Nested
    class Cabins {
        @Test
        void aShellInSteadyCold() {
            double walls = 18.4 * 0.96436 + 7.2 * 0.85 + 7.2 * 1.10 + 0.9 * 5.3 + 1.3 * 1.9;
            Steady s = Steady.of(walls, 1.5, 13, 300);

            is(s.walls(), 39.024);
            is(s.air(), 6.3308);
            is(s.all(), 45.355);
            is(s.load(18, -5), 1043.2);
            is(s.running(18, -5, 120), 923.16);
            is(s.size(18, -5), 1304);
            is(s.holdsDownTo(18, 1500, 120), -17.718);
            is(s.reaches(-5, 1500, 120), 30.718);
            assertThat(s.load(10, 20)).isZero();
        }

        /// A room and what is in it at one temperature: where it ends, and how far it is from there after a while.
        private static double oneNode(double capacity, double loss, double start, double outside, double power,
                double seconds) {
            double end = outside + power / loss;
            return end + (start - end) * Math.exp(-seconds * loss / capacity);
        }

        @Test
        void oneNodeCoolsDown() {
            is(oneNode(190_000, 26, 20, 2, 100, 8 * 3600), 6.1211);
        }

        /// Furniture bound to the air ever more closely: both cool like one.
        @Test
        void twoNodesThatAreBoundTogetherAreOne() {
            TwoNodes n = new TwoNodes(60_000, 130_000, 10, 4, 1e7, 12);
            TwoNodes.State s = new TwoNodes.State(20, 20);
            for (int i = 1; i <= 32; i++) {
                s = n.step(s, new TwoNodes.Round(2, 2, 100), TwoNodes.Thermostat.OFF).state();
                assertThat(s.air()).as("quarter " + i)
                        .isCloseTo(oneNode(190_000, 26, 20, 2, 100, i * TwoNodes.STEP), within(1e-3));
                assertThat(s.mass()).isCloseTo(s.air(), within(1e-3));
            }
        }

        private static final TwoNodes CABIN = new TwoNodes(72_000, 260_000, 5, 5.5, 270, 24);

        private static double[] night(TwoNodes n, TwoNodes.Thermostat t) {
            TwoNodes.State s = new TwoNodes.State(19, 17);
            double least = s.air();
            double energy = 0;
            double balance = 0;
            for (int i = 0; i < 36; i++) {
                double out = TwoNodes.swing(4, 6, 22 + (i + 0.5) / 4);
                TwoNodes.Stepped next = n.step(s, new TwoNodes.Round(out, out, 100), t);
                energy += next.power() * TwoNodes.STEP;
                balance = Math.max(balance, Math.abs(next.power()));
                s = next.state();
                least = Math.min(least, s.air());
            }
            return new double[]{s.air(), s.mass(), least, energy / KILOWATT_HOUR};
        }

        @Test
        void aNightFreeAndHeated() {
            double[] free = night(CABIN, TwoNodes.Thermostat.OFF);
            double[] heated = night(CABIN, new TwoNodes.Thermostat(15, 1500, 1));

            is(free[0], 2.8065);
            is(free[1], 2.7251);
            is(free[2], 2.5481);
            is(heated[0], 15);
            is(heated[1], 13.994);
            is(heated[3], 3.4724);
        }

        @Test
        void aHotCabinPulledDown() {
            TwoNodes n = new TwoNodes(60_000, 220_000, 6, 4.5, 240, 26);
            double[][] want = {{1500, 1, 2.6719, 26.623}, {2600, 0.5, 2.7573, 26.622}};
            for (double[] w : want) {
                TwoNodes.State s = new TwoNodes.State(38, 40);
                double energy = 0;
                double reached = Double.NaN;
                for (int i = 0; i < 12; i++) {
                    double hour = 16 + (i + 0.5) / 4;
                    TwoNodes.Stepped next = n.step(s, new TwoNodes.Round(TwoNodes.swing(27, 9, hour),
                            TwoNodes.swing(31, 14, hour), 140), new TwoNodes.Thermostat(25, -w[0], 1));
                    s = next.state();
                    energy -= next.power() * TwoNodes.STEP / KILOWATT_HOUR;
                    if (Double.isNaN(reached) && Math.abs(s.air() - 25) < 1e-6) {
                        reached = (i + 1) / 4.0;
                    }
                }
                assertThat(reached).isEqualTo(w[1]);
                is(energy, w[2]);
                is(s.mass(), w[3]);
            }
        }

        /// Heat held at the end is heat held before, and what came in, less what left; the loss over a step by small steps of
        /// another integrator.
        @Test
        void heatIsConserved() {
            TwoNodes.State s = new TwoNodes.State(19, 17);
            TwoNodes.Round r = new TwoNodes.Round(-3, 1, 130);
            TwoNodes.State end = CABIN.step(s, r, TwoNodes.Thermostat.OFF).state();
            int n = 200_000;
            double dt = TwoNodes.STEP / n;
            double air = s.air();
            double mass = s.mass();
            double lost = 0;
            for (int i = 0; i < n; i++) {
                double a = ((CABIN.windows() + CABIN.change()) * (r.outside() - air) + CABIN.inner() * (mass - air)
                        + 0.5 * r.gains()) / CABIN.air();
                double m = (CABIN.outer() * (r.skin() - mass) + CABIN.inner() * (air - mass) + 0.5 * r.gains())
                        / CABIN.mass();
                lost += CABIN.lost(new TwoNodes.State(air + a * dt / 2, mass + m * dt / 2), r) * dt;
                air += a * dt;
                mass += m * dt;
            }

            assertThat(end.air()).isCloseTo(air, within(1e-4));
            assertThat(end.mass()).isCloseTo(mass, within(1e-4));
            assertThat(CABIN.held(end) - CABIN.held(s)).isCloseTo(r.gains() * TwoNodes.STEP - lost, within(20.0));
        }

        @Test
        void withoutAnythingItEndsAtOutside() {
            TwoNodes.State s = new TwoNodes.State(30, 30);
            for (int i = 0; i < 400; i++) {
                s = CABIN.step(s, new TwoNodes.Round(5, 5, 0), TwoNodes.Thermostat.OFF).state();
            }
            assertThat(s.air()).isCloseTo(5, within(1e-6));
        }
    }

    /// Roof of 7.2 m² from 3.4 to 0.75 with 38 mm at 14 a square metre; walls of 18.4 m² to 0.92 with 25 mm at 11; 12 K colder
    /// for 12 h of 25 nights, 80 %, diesel at 1.60 a litre.
    @Test
    void whatInsulationIsWorth() {
        Worth.Surface roof = new Worth.Surface(7.2, 3.4, 0.75, 0.038, 33, 14);
        Worth.Surface walls = new Worth.Surface(18.4, 3.4, 0.92, 0.025, 33, 11);
        Worth one = Worth.of(List.of(roof), 12, 12 * 3600, 25, 0.80, 35.95e9, 1600);
        Worth both = Worth.of(List.of(roof, walls), 12, 12 * 3600, 25, 0.80, 35.95e9, 1600);

        is(one.loss(), 19.08);
        is(one.fuel() * 1000, 8.5979);
        is(one.mass(), 9.0288);
        is(one.cost(), 100.8);
        is(one.space(), 0.2736);
        is(one.seasons(), 7.3273);
        is(both.loss(), 64.712);
        is(both.fuel() * 1000, 29.161);
        is(both.mass(), 24.209);
        is(both.cost(), 303.2);
        is(both.space(), 0.7336);
        is(both.seasons(), 6.4984);
        assertThat(Worth.of(List.of(roof), 12, 3600, 25, 0.8, 35.95e9, 0).seasons()).isInfinite();
    }

    @Nested
    class Summer {
        private static final double NOSE = Math.toRadians(202);

        private static double on(double nx, double ny, double nz, double bearing) {
            return ClearSky.on(ClearSky.Facing.ofBody(nx, ny, nz, bearing), 35, 202, 7, 15, 0);
        }

        @Test
        void sunOnRoofAndWest() {
            is(ClearSky.on(ClearSky.Facing.UP, 35, 202, 7, 15, 0), 723.14);
            is(ClearSky.on(ClearSky.Facing.of(Math.toRadians(270), Math.PI / 2), 35, 202, 7, 15, 0), 671.82);
            assertThat(ClearSky.on(ClearSky.Facing.UP, 35, 202, 7, 2, 0)).isZero();
        }

        @Test
        void aSideFacesWhereTheNosePoints() {
            // The nose towards south-south-west: the right side then looks west-north-west, the rear north-north-east.
            assertThat(on(0, 1, 0, NOSE)).isCloseTo(
                    ClearSky.on(ClearSky.Facing.of(NOSE + Math.PI / 2, Math.PI / 2), 35, 202, 7, 15, 0), within(1e-9));
            assertThat(on(1, 0, 0, NOSE)).isCloseTo(
                    ClearSky.on(ClearSky.Facing.of(NOSE + Math.PI, Math.PI / 2), 35, 202, 7, 15, 0), within(1e-9));
        }

        private static Cooling cabin(double roofU, double roofDark) {
            double out = 36;
            double in = 24;
            double sensible = 7.2 * roofU
                    * (ClearSky.solAir(out, roofDark, ClearSky.on(ClearSky.Facing.UP, 35, 202, 7, 15, 0), 1,
                            ClearSky.SKIN) - in)
                    + 7.2 * 1.1 * (out - in) + 140 + 68;
            double[] azimuth = {90, 270, 0, 180};
            double[] area = {7.0, 7.0, 3.2, 3.2};
            for (int i = 0; i < 4; i++) {
                double sun = ClearSky.on(ClearSky.Facing.of(Math.toRadians(azimuth[i]), Math.PI / 2), 35, 202, 7, 15,
                        0);
                sensible += area[i] * 1.0 * (ClearSky.solAir(out, 0.7, sun, 0, ClearSky.SKIN) - in);
                if (i < 2) {
                    sensible += 0.45 * (3 * (out - in) + 0.7 * sun);
                }
            }
            sensible += Steady.of(0, 1.0, 13, 0).air() * (out - in);
            return new Cooling(sensible, Cooling.latent(1.0, 13, 0, 0.010, 0.0095));
        }

        /// The gains are 140 W sensible and 68 W latent of people; both are given apart here.
        @Test
        void coolingInTheAfternoon() {
            double[][] want = {{0.85, 0.90, 70.578, 1376}, {0.85, 0.30, 45.055, 1219.8}, {3.4, 0.90, 70.578, 2231.2},
                    {3.4, 0.30, 45.055, 1606.4}};
            for (double[] w : want) {
                double sun = ClearSky.on(ClearSky.Facing.UP, 35, 202, 7, 15, 0);
                is(ClearSky.solAir(36, w[1], sun, 1, ClearSky.SKIN), w[2]);
                Cooling c = cabin(w[0], w[1]);
                is(c.sensible() - 68, w[3]);
            }
        }

        @Test
        void theSizeOfACooler() {
            Cooling c = new Cooling(1376, 1449.4 - 1376);

            is(c.total(), 1449.4);
            is(c.size(36), 1618.6);
            is(c.size(36) / Cooling.BTU_HOUR, 5523);
        }

        @Test
        void aFanNeverCoolsBelowOutside() {
            assertThat(Cooling.withFan(30, 300, 20, 0.1, 0)).isGreaterThan(30);
            assertThat(Cooling.withFan(30, 300, 20, 10, 0)).isCloseTo(30, within(0.05));
            assertThat(Cooling.withFan(30, -50, 20, 0.1, 0)).isEqualTo(30);
        }
    }
}
