package lectulum.kernel.electric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import lectulum.assumed.Chemistries;
import lectulum.assumed.Wires;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.WireChoice.Circuit;
import lectulum.kernel.electric.WireChoice.Governed;
import lectulum.kernel.maths.Belief;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Worked examples of wires, faults, networks, mains, brakes and panels, to five digits.
class WiringExamplesTest {
    private static final Percentage FIVE_DIGITS = withinPercentage(0.01);

    private static double area(String size) {
        return wire(size).area();
    }

    private static Wire wire(String size) {
        return java.util.stream.Stream.concat(Wires.GAUGES.stream(), Wires.METRIC.stream())
                .filter(w -> w.name().equals(size)).findFirst().orElseThrow();
    }

    @Nested
    class Sizes {
        /// 8 A for hours, 5.5 m one way, 12 V.
        @ParameterizedTest
        @CsvSource({"false, 0.03, 30, 2, 10 AWG, 60.000, 31.333, 0.30725, 0.025604",
                "false, 0.10, 30, 2, 14 AWG, 35.000, 33.918, 0.78437, 0.065364",
                "true, 0.03, 30, 2, 6 mm², 60.000, 31.333, 0.26941, 0.022451",
                "false, 0.03, 60, 8, 10 AWG, 32.533, 62.721, 0.34353, 0.028628"})
        void areTheLeastThatDo(boolean metric, double limit, double ambient, int loaded, String size, double allowed,
                double warmth, double drop, double part) {
            WireChoice c = WireChoice.of(metric ? Wires.METRIC : Wires.GAUGES,
                    new Circuit(8, true, 5.5, 0, 12, limit, 105, ambient, loaded, 1.0)).orElseThrow();

            assertThat(c.wire().name()).isEqualTo(size);
            assertThat(c.fuse()).isEqualTo(10);
            assertThat(c.allowed()).isCloseTo(allowed, FIVE_DIGITS);
            assertThat(c.warmth()).isCloseTo(warmth, FIVE_DIGITS);
            assertThat(c.drop()).isCloseTo(drop, FIVE_DIGITS);
            assertThat(c.part()).isCloseTo(part, FIVE_DIGITS);
        }

        @Test
        void sayWhatGovernedThem() {
            assertThat(sized(8, 5.5, 0.03).governed()).isEqualTo(Governed.DROP);
            assertThat(sized(1, 0.5, 0.10).governed()).isEqualTo(Governed.LEAST);
            assertThat(sized(40, 0.1, 0.10).governed()).isEqualTo(Governed.AMPACITY);
        }

        private WireChoice sized(double amps, double length, double limit) {
            return WireChoice.of(Wires.GAUGES, new Circuit(amps, true, length, 0, 12, limit, 105, 30, 2, 1.0))
                    .orElseThrow();
        }

        @Test
        void endSomewhere() {
            assertThat(WireChoice.of(Wires.GAUGES, new Circuit(500, true, 1, 0, 12, .03, 105, 30, 2, 1))).isEmpty();
            assertThat(WireChoice.of(Wires.GAUGES, new Circuit(10, true, 1, 0, 12, .03, 105, 110, 2, 1)))
                    .as("hotter than the insulation stands").isEmpty();
            assertThat(WireChoice.of(Wires.GAUGES, new Circuit(10, true, 9000, 0, 12, .03, 105, 30, 2, 1))).isEmpty();
        }

        /// A label of 6 mm is 4.59 mm² and not 6: 8 A through 5.5 m at 20 °C.
        @Test
        void areNotWhatALabelSays() {
            assertThat(2 * 5.5 * 8 * Wire.resistance(4.59, 20)).isCloseTo(0.33716, FIVE_DIGITS);
            assertThat(2 * 5.5 * 8 * Wire.resistance(6, 20)).isCloseTo(0.25793, FIVE_DIGITS);
        }

        @Test
        void weighAndMeasure() {
            assertThat(2 * 5.5 * wire("12 AWG").copper()).isCloseTo(0.32611, FIVE_DIGITS);
            assertThat(2 * 5.5 * wire("16 AWG").copper()).isCloseTo(0.12899, FIVE_DIGITS);
            assertThat(wire("12 AWG").diameter()).isCloseTo(3.9194, FIVE_DIGITS);
            assertThat(wire("12 AWG").mass()).isCloseTo(0.041215, FIVE_DIGITS);
            assertThat(wire("2/0 AWG").mass()).isCloseTo(0.70121, FIVE_DIGITS);
        }

        @ParameterizedTest
        @CsvSource({"18 AWG, 0.823", "12 AWG, 3.309", "10 AWG, 5.261", "1/0 AWG, 53.48", "4/0 AWG, 107.2"})
        void ofGaugesFollowTheirLaw(String size, double area) {
            assertThat(area(size)).isCloseTo(area, withinPercentage(0.05));
        }
    }

    @Nested
    class Shorts {
        private final Chemistry lithium = Chemistries.of(Battery.Chemistry.LITHIUM_IRON);
        private final Bank bank = new Bank(lithium, 200, 12, 1, 1);

        @Test
        void askForAFuseThatBreaksThem() {
            double at = Fault.current(lithium.resting(), bank.resistance() / 2, List.of(new Fault.Stretch(70, 0.4)));
            Bank agm = new Bank(Chemistries.of(Battery.Chemistry.AGM), 100, 12, 1, 1);
            double lead = Fault.current(12.9, agm.resistance() / 2, List.of(new Fault.Stretch(35, 0.5)));

            assertThat(at).isCloseTo(16223, FIVE_DIGITS);
            assertThat(Fault.breaking(Wires.FUSES, 250, 13.4, at).orElseThrow().name()).isEqualTo("class T");
            assertThat(lead).isCloseTo(5154.9, FIVE_DIGITS);
            assertThat(Fault.breaking(Wires.FUSES, 100, 12.9, lead).orElseThrow().name()).isEqualTo("marine strip");
            assertThat(Fault.breaking(Wires.FUSES, 100, 12.9, 25_000)).isEmpty();
            assertThat(Fault.breaking(Wires.FUSES, 100, 200, 100)).as("no fuse stands 200 V").isEmpty();
        }

        @Test
        void atTheEndOfAThinWireStillBlowItsFuse() {
            double end = Fault.current(lithium.resting(), bank.resistance(),
                    List.of(new Fault.Stretch(70, 0.4), new Fault.Stretch(16, 1.5), new Fault.Stretch(1.5, 7)));

            assertThat(end).isCloseTo(79.345, FIVE_DIGITS);
            assertThat(Fault.clears(end, 10)).isEqualTo(Fault.Clears.AT_ONCE);
            assertThat(Fault.clears(end, 30)).isEqualTo(Fault.Clears.SLOWLY);
            assertThat(Fault.clears(end, 50)).isEqualTo(Fault.Clears.PERHAPS_NOT);
            assertThat(Wire.withstands(1.5, end)).isCloseTo(4.7265, FIVE_DIGITS);
        }

        @Test
        void aFuseOfAnInverter() {
            assertThat(2000 / 0.9 / 12).isCloseTo(185.19, FIVE_DIGITS);
            assertThat(WireChoice.rating(1.25 * 185.19)).isEqualTo(250);
        }
    }

    /// A panel behind a feeder with four legs at 40 °C; volts agree with an independent nodal solution.
    @Nested
    class Networks {
        private final Network n = new Network(11, 12);
        private int battery;
        private int fridge;

        private void leg(String size, double metres, double contact, int plus, int minus) {
            double one = metres * Wire.resistance(area(size), 40);
            n.resistance(3, plus, one + contact);
            n.resistance(minus, 4, one);
        }

        private Network.Solved solved(boolean alone) {
            // 0 battery −, 1 battery +, 2 bus +, 3 panel +, 4 panel −, 5…10 devices; 0.6 mΩ from the panel's return.
            battery = n.source(1, 0, 12.9, 0.005);
            n.resistance(1, 2, 0.0009);
            double feeder = 3.2 * Wire.resistance(area("8 AWG"), 40);
            n.resistance(2, 3, feeder + 0.0012);
            n.resistance(4, 0, feeder + 0.0006);
            leg("14 AWG", 4.1, 0.003, 5, 6);
            fridge = n.power(5, 6, 55);
            if (!alone) {
                leg("12 AWG", 2.4, 0.003, 7, 8);
                n.power(7, 8, 84);
                leg("16 AWG", 6.0, 0.003, 9, 10);
                n.current(9, 10, 2.1);
            }
            return n.solve();
        }

        @Test
        void tellTheVoltsOfALoadAlone() {
            Network.Solved s = solved(true);

            assertThat(s.between(5, 6)).isCloseTo(12.459, FIVE_DIGITS);
            double own = s.amps()[fridge] * (2 * 4.1 * Wire.resistance(area("14 AWG"), 40) + 0.003);
            assertThat(s.between(3, 4) - s.between(5, 6)).isCloseTo(own, within(1e-9));
        }

        @Test
        void tellWhatLoadsShare() {
            Network all = new Network(13, 12);
            double[] r = {4.1, 2.4, 6.0, 5.2};
            String[] size = {"14 AWG", "12 AWG", "16 AWG", "16 AWG"};
            int source = all.source(1, 0, 12.9, 0.005);
            all.resistance(1, 2, 0.0009);
            double feeder = 3.2 * Wire.resistance(area("8 AWG"), 40);
            all.resistance(2, 3, feeder + 0.0012);
            all.resistance(4, 0, feeder + 0.0006);
            for (int k = 0; k < 4; k++) {
                double one = r[k] * Wire.resistance(area(size[k]), 40);
                all.resistance(3, 5 + 2 * k, one + 0.003);
                all.resistance(6 + 2 * k, 4, one);
            }
            all.power(5, 6, 55);
            all.power(7, 8, 84);
            all.current(9, 10, 2.1);
            all.heater(11, 12, 5);
            Network.Solved s = all.solve();

            assertThat(s.holds()).isTrue();
            assertThat(s.between(1, 0)).isCloseTo(12.821, FIVE_DIGITS);
            assertThat(s.between(3, 4)).isCloseTo(12.548, FIVE_DIGITS);
            assertThat(s.between(5, 6)).isCloseTo(12.197, FIVE_DIGITS);
            assertThat(s.between(7, 8)).isCloseTo(12.340, FIVE_DIGITS);
            assertThat(s.between(9, 10)).isCloseTo(12.176, FIVE_DIGITS);
            assertThat(s.between(11, 12)).isCloseTo(12.174, FIVE_DIGITS);
            assertThat(s.amps()[source]).isCloseTo(15.851, FIVE_DIGITS);
            assertThat(s.amps()[source] * s.amps()[source] * 0.005).isCloseTo(1.2563, FIVE_DIGITS);
            assertThat(s.between(3, 4) - s.between(5, 6)).isCloseTo(0.35057, FIVE_DIGITS);
        }

        @Test
        void collapseWhereAWireCannotBringThePower() {
            Network thin = new Network(2, 12);
            thin.source(1, 0, 12.8, 1.0);
            thin.power(1, 0, 60);

            assertThat(thin.solve().holds()).as("at most 12.8²/4 = 41 W come through 1 Ω").isFalse();
        }

        @Test
        void areDeadWhereTheSourceGivesAsGoodAsNothing() {
            Network dead = new Network(4, 12);
            int source = dead.source(1, 0, 12.8, 1e301);
            dead.resistance(1, 2, 0.01);
            int lamp = dead.current(2, 0, 1);
            int pump = dead.power(2, 0, 60);
            int apart = dead.power(3, 3, 20);

            Network.Solved s = dead.solve();

            assertThat(s.collapsed()).containsExactly(pump);
            assertThat(s.volts()).containsExactly(0, 0, 0, Double.NaN);
            assertThat(s.amps()[source]).isZero();
            assertThat(s.amps()[lamp]).isZero();
            assertThat(s.amps()[apart]).isNaN();
        }

        @Test
        void leaveOutWhatHangsOnNothing() {
            Network torn = new Network(4, 12);
            torn.source(1, 0, 12.8, 0.01);
            torn.heater(1, 0, 6);
            torn.resistance(2, 3, 0.1);
            torn.power(2, 3, 20);

            Network.Solved s = torn.solve();
            assertThat(s.holds()).isTrue();
            assertThat(s.volts()[1]).isCloseTo(12.8 * 6 / 6.01, within(1e-9));
            assertThat(s.volts()[2]).isNaN();
        }

        /// In any mesh the currents of every node sum to nothing, and what sources give is what the rest takes.
        @Test
        void obeyKirchhoff() {
            SplittableRandom chance = new SplittableRandom(7);
            for (int round = 0; round < 40; round++) {
                int nodes = 4 + chance.nextInt(20);
                Network mesh = new Network(nodes, 12);
                double[][] ends = new double[200][];
                int e = mesh.source(1, 0, 12.8, 0.004);
                ends[e] = new double[]{0, 1};
                for (int k = 2; k < nodes; k++) {
                    int from = chance.nextInt(k);
                    ends[mesh.resistance(from, k, 0.001 + 0.02 * chance.nextDouble())] = new double[]{from, k};
                }
                for (int k = 0; k < nodes; k++) {
                    int from = chance.nextInt(nodes);
                    int to = (from + 1 + chance.nextInt(nodes - 1)) % nodes;
                    ends[mesh.resistance(from, to, 0.001 + 0.05 * chance.nextDouble())] = new double[]{from, to};
                }
                int load = mesh.power(nodes - 1, 0, 5 + 20 * chance.nextDouble());
                ends[load] = new double[]{nodes - 1, 0};
                Network.Solved s = mesh.solve();
                if (!s.holds()) {
                    continue;
                }
                double[] sum = new double[nodes];
                for (int k = 0; k <= load; k++) {
                    sum[(int) ends[k][0]] -= s.amps()[k];
                    sum[(int) ends[k][1]] += s.amps()[k];
                }
                for (double left : sum) {
                    assertThat(left).isCloseTo(0, within(1e-9));
                }
            }
        }
    }

    @Nested
    class Mains {
        private final List<ShoreInlet.Demand> all = List.of(new ShoreInlet.Demand("air conditioner", 620, 5),
                new ShoreInlet.Demand("kettle", 1500, 7), new ShoreInlet.Demand("charger", 550, 4),
                new ShoreInlet.Demand("water heater", 800, 6), new ShoreInlet.Demand("outlets", 150, 2));

        @ParameterizedTest
        @CsvSource({"120, 30, 0.8, 10 AWG, 15, 2120, 17.667, 1.9108, 1",
                "120, 15, 0.8, 14 AWG, 15, 1320, 11.000, 3.0080, 2",
                "230, 6, 1, 2.5 mm², 25, 1320, 5.7391, 2.1772, 2"})
        void keepWhatTheInletCarries(double volts, double amps, double part, String cord, double length, double keeps,
                double flows, double drop, int sheds) {
            ShoreInlet inlet = new ShoreInlet(volts, amps, part);
            ShoreInlet.Kept kept = inlet.kept(all);

            assertThat(kept.enough()).isTrue();
            assertThat(kept.watts()).isEqualTo(keeps);
            assertThat(kept.shed()).hasSize(sheds).first().extracting(ShoreInlet.Demand::name).isEqualTo("kettle");
            assertThat(kept.watts() / volts).isCloseTo(flows, FIVE_DIGITS);
            assertThat(inlet.drop(kept.watts(), area(cord), length)).isCloseTo(drop, FIVE_DIGITS);
        }

        @Test
        void neverShedWhatComesFirst() {
            ShoreInlet.Kept kept = new ShoreInlet(230, 6, 1)
                    .kept(List.of(new ShoreInlet.Demand("breathing aid", 2000, 1)));

            assertThat(kept.enough()).isFalse();
            assertThat(kept.shed()).isEmpty();
        }

        @Test
        void generatorsLoseWithHeightAndHeat() {
            assertThat(Sizing.generator(1800, 2000, 35, false)).isCloseTo(1361.4, FIVE_DIGITS);
            assertThat(Sizing.fuel(770)).isCloseTo(0.58500, FIVE_DIGITS);
            assertThat(Sizing.generatorFor(1170, 2534, 1500, 33, false)).isCloseTo(3106.5, FIVE_DIGITS);
        }

        @Test
        void invertersStartTheWorst() {
            Sizing.Inverter i = Sizing.inverter(List.of(new Sizing.Machine(1050, 1.3), new Sizing.Machine(65, 1),
                    new Sizing.Machine(30, 3)), 2);

            assertThat(i.running()).isEqualTo(1145);
            assertThat(i.starting()).isEqualTo(1460);
            assertThat(i.need()).isEqualTo(1374);
            assertThat(i.size()).isEqualTo(1500);
            assertThat(Sizing.amps(1145, 10, .92, 11)).isCloseTo(114.05, FIVE_DIGITS);
            assertThat(Sizing.amps(1500, 10, .92, 11)).isCloseTo(149.13, FIVE_DIGITS);
            assertThat(Sizing.inverter(List.of(new Sizing.Machine(9000, 1)), 2).size()).isNaN();
        }
    }

    @Test
    void brakesLoseWhatTheirWireLoses() {
        Sizing.Brakes thin = Sizing.brakes(12.5, 4, 3.9, area("14 AWG"), 9);
        Sizing.Brakes thick = Sizing.brakes(12.5, 4, 3.9, area("10 AWG"), 9);

        assertThat(thin.amps()).isCloseTo(10.784, FIVE_DIGITS);
        assertThat(thin.ideal()).isCloseTo(12.821, FIVE_DIGITS);
        assertThat(thin.loss()).isCloseTo(.15881, FIVE_DIGITS);
        assertThat(thick.loss()).isCloseTo(.080098, FIVE_DIGITS);
        assertThat(Sizing.breakaway(5, 4 * 12 / 3.9)).isCloseTo(11.894, FIVE_DIGITS);
        assertThat(Sizing.breakaway(9, 4 * 12 / 3.9)).isCloseTo(22.974, FIVE_DIGITS);
    }

    @Test
    void measuringNarrowsWhatWasGuessed() {
        Belief load = new Belief(620, 186).with(List.of(new Belief(705, 25), new Belief(688, 25), new Belief(731, 25)));
        Belief sun = new Belief(1, .15).with(List.of(new Belief(.83, .06), new Belief(.87, .06), new Belief(.80, .06)));

        assertThat(load.value()).isCloseTo(707.47, FIVE_DIGITS);
        assertThat(load.sigma()).isCloseTo(14.390, FIVE_DIGITS);
        assertThat(sun.value()).isCloseTo(0.84177, FIVE_DIGITS);
        assertThat(sun.sigma()).isCloseTo(.033753, FIVE_DIGITS);
        assertThat(Sizing.extra(12.41, 12.02, 6.5)).isCloseTo(0.060000, FIVE_DIGITS);
    }

    @Test
    void bezelsStandInRows() {
        CutOut.Bezel small = new CutOut.Bezel("socket", 38, 44);
        CutOut c = CutOut.of(List.of(new CutOut.Bezel("meter", 62, 62), new CutOut.Bezel("switch", 70, 70),
                new CutOut.Bezel("rockers", 120, 46), small, small, small), 300).orElseThrow();

        assertThat(c.height()).isEqualTo(156);
        assertThat(c.placed()).extracting(CutOut.Placed::x).containsExactly(110.0, 186.0, 78.0, 167.0, 215.0, 263.0);
        assertThat(c.placed()).extracting(CutOut.Placed::y).containsExactly(50.0, 50.0, 118.0, 118.0, 118.0, 118.0);
        assertThat(CutOut.of(List.of(new CutOut.Bezel("wide", 280, 20)), 300)).isEmpty();
    }

    @Test
    void everyWireIsHeldAgainstTheFuseBeforeIt() {
        Audit.Piece fridge = new Audit.Piece("fridge", 35, OptionalDouble.of(15), 4, List.of());
        Audit.Piece usb = new Audit.Piece("usb", 20, OptionalDouble.of(25), 2, List.of());
        Audit.Piece panel = new Audit.Piece("panel", 60, OptionalDouble.empty(), 1.9, List.of(fridge, usb));
        Audit.Piece main = new Audit.Piece("main", 160, OptionalDouble.of(125), 0.5, List.of(panel));

        assertThat(Audit.of(main)).extracting(o -> o.piece().name() + " " + o.fuse().orElse(0))
                .containsExactly("panel 125.0", "usb 25.0");
        Audit.Piece bare = new Audit.Piece("bare", 160, OptionalDouble.empty(), 0.5, List.of(fridge));
        assertThat(Audit.of(bare)).singleElement().satisfies(o -> assertThat(o.fuse()).isEmpty());
        Audit.Piece tap = new Audit.Piece("tap", 40, OptionalDouble.empty(), 0.15, List.of(fridge));
        assertThat(Audit.of(tap)).as("a short tap to a fuse").isEmpty();
    }
}
