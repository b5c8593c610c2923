package lectulum.kernel.electric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import lectulum.assumed.Wires;
import lectulum.kernel.electric.Ends.End;
import lectulum.kernel.electric.Ways.At;
import lectulum.kernel.electric.Ways.Piece;
import lectulum.kernel.electric.Ways.Terminal;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Ways along raceways, what is crimped to the ends, and how full a tube gets.
class WaysTest {
    private static final List<Piece> RACEWAYS = List.of(
            new Piece("L", new At(1.2, -.9, 1.9), new At(4.4, -.9, 1.9), "shell", 0),
            new Piece("R", new At(1.2, .9, 1.9), new At(4.4, .9, 1.9), "shell", 0),
            new Piece("X1", new At(4.4, -.9, 1.9), new At(4.4, 0, 1.9), "shell", 0),
            new Piece("X2", new At(4.4, 0, 1.9), new At(4.4, .9, 1.9), "shell", 0),
            new Piece("H", new At(4.4, 0, 1.9), new At(5, 0, 1.7), "hatch", .35),
            new Piece("H2", new At(5, 0, 1.7), new At(5, .8, 1.1), "hatch", 0));
    private static final Terminal PANEL = new Terminal(new At(4.2, -.8, .7), "shell");

    private static Wire gauge(String size) {
        return Wires.GAUGES.stream().filter(w -> w.name().equals(size)).findFirst().orElseThrow();
    }

    @Nested
    class AlongRaceways {
        /// Fridge, light, light on the hatch, pump.
        @ParameterizedTest
        @CsvSource({"2, .75, .5, shell, 7.0500, 8.2550", "1.3, -.85, 1.2, shell, 4.9500, 5.9450",
                "5.05, .5, 1.1, hatch, 4.2445, 5.1689", "3.9, -.6, .4, shell, 3.4000, 4.2400"})
        void areTheShortest(double x, double y, double z, String part, double length, double cut) {
            double way = new Ways(RACEWAYS).way(PANEL, new Terminal(new At(x, y, z), part)).orElseThrow().length();

            assertThat(way).isCloseTo(length, within(5e-5));
            assertThat(1.1 * way + 0.5).isCloseTo(cut, within(5e-5));
        }

        @Test
        void crossAMovingJointFromEndToEnd() {
            Ways.Way way = new Ways(RACEWAYS).way(PANEL, new Terminal(new At(5.05, .5, 1.1), "hatch")).orElseThrow();

            assertThat(way.along()).containsExactly("X1", "H", "H2");
            assertThat(way.points()).contains(new At(4.4, 0, 1.9), new At(5, 0, 1.7));
        }

        @Test
        void areNoneWhereNothingLeadsThere() {
            Ways ways = new Ways(RACEWAYS.subList(0, 4));
            assertThat(ways.way(PANEL, new Terminal(new At(5, .5, 1.1), "hatch"))).isEmpty();
            assertThat(new Ways(List.of()).way(PANEL, PANEL)).isEmpty();
            Ways apart = new Ways(List.of(RACEWAYS.get(0), RACEWAYS.get(1)));
            assertThat(apart.way(PANEL, new Terminal(new At(2, .9, 1.5), "shell")))
                    .as("a tail of two metres reaches only one side").isEmpty();
        }

        @Test
        void stayTheSameInAnyDirectionAndTogether() {
            Terminal fridge = new Terminal(new At(2, .75, .5), "shell");
            Ways ways = new Ways(RACEWAYS);
            double there = ways.way(PANEL, fridge).orElseThrow().length();
            assertThat(ways.way(fridge, PANEL).orElseThrow().length()).isCloseTo(there, within(1e-9));
            List<Optional<Ways.Way>> both = ways.all(List.of(PANEL, fridge), List.of(fridge, PANEL));
            assertThat(both).allMatch(w -> Math.abs(w.orElseThrow().length() - there) < 1e-9);
        }

        /// Against all simple ways through a small net, tried one by one.
        @Test
        void areNoLongerThanAnyOtherWayThroughTheNet() {
            Random random = new Random(11);
            for (int trial = 0; trial < 60; trial++) {
                List<Piece> net = new ArrayList<>();
                At[] corners = new At[5];
                for (int i = 0; i < corners.length; i++) {
                    corners[i] = new At(random.nextInt(40) / 10.0, random.nextInt(20) / 10.0,
                            random.nextInt(20) / 10.0);
                }
                for (int i = 0; i < corners.length; i++) {
                    for (int j = i + 1; j < corners.length; j++) {
                        if (random.nextInt(3) > 0) {
                            net.add(new Piece("p" + i + j, corners[i], corners[j], "shell", 0));
                        }
                    }
                }
                Terminal a = new Terminal(corners[0], "shell");
                Terminal b = new Terminal(corners[4], "shell");
                double best = brute(net, corners, 0, 4, new boolean[5]);
                Optional<Ways.Way> found = new Ways(net).way(a, b);
                if (best < Double.POSITIVE_INFINITY) {
                    assertThat(found.orElseThrow().length()).isLessThanOrEqualTo(best + 1e-6);
                }
            }
        }

        private static double brute(List<Piece> net, At[] corners, int at, int end, boolean[] seen) {
            if (at == end) {
                return 0;
            }
            seen[at] = true;
            double best = Double.POSITIVE_INFINITY;
            for (Piece p : net) {
                for (int next = 0; next < corners.length; next++) {
                    boolean joins = p.from() == corners[at] && p.to() == corners[next]
                            || p.to() == corners[at] && p.from() == corners[next];
                    if (joins && !seen[next]) {
                        best = Math.min(best, p.from().to(p.to()) + brute(net, corners, next, end, seen));
                    }
                }
            }
            seen[at] = false;
            return best;
        }
    }

    @Nested
    class OnTheirEnds {
        /// Red wires start at a tab, black ones at a small stud; each device has terminals of its own.
        @Test
        void standTheRightTerminals() {
            Map<String, Integer> bought = new TreeMap<>();
            int[] sleeves = {0};
            add(bought, sleeves, "12 AWG", new End.Tab(6.3), new End.Tab(6.3));
            add(bought, sleeves, "16 AWG", new End.Tab(6.3), new End.Lead(0.5));
            add(bought, sleeves, "14 AWG", new End.Tab(6.3), new End.Lead(0.75));
            add(bought, sleeves, "12 AWG", new End.Tab(6.3), new End.Lead(2.5));
            add(bought, sleeves, "12 AWG", new End.Stud(4), new End.Tab(6.3));
            add(bought, sleeves, "16 AWG", new End.Stud(4), new End.Lead(0.5));
            add(bought, sleeves, "14 AWG", new End.Stud(4), new End.Lead(0.75));
            add(bought, sleeves, "12 AWG", new End.Stud(4), new End.Lead(2.5));
            add(bought, sleeves, "6 AWG", new End.Stud(8), new End.Stud(5));
            add(bought, sleeves, "6 AWG", new End.Stud(8), new End.Stud(8));

            assertThat(bought).containsExactlyInAnyOrderEntriesOf(Map.ofEntries(
                    Map.entry("female disconnect, yellow, 6.3 mm", 4), Map.entry("female disconnect, red, 6.3 mm", 1),
                    Map.entry("female disconnect, blue, 6.3 mm", 1), Map.entry("ring 12 AWG × M4", 2),
                    Map.entry("ring 16 AWG × M4", 1), Map.entry("ring 14 AWG × M4", 1),
                    Map.entry("butt connector, red", 2),
                    Map.entry("step-down butt connector, blue to red", 2),
                    Map.entry("step-down butt connector, yellow to blue", 2),
                    Map.entry("lug 6 AWG × M8", 3), Map.entry("lug 6 AWG × M5", 1)));
            assertThat(sleeves[0]).isEqualTo(20);
            double copper = 2 * (12.495 * gauge("12 AWG").copper() + 5.945 * gauge("16 AWG").copper()
                    + 5.1689 * gauge("14 AWG").copper() + 0.9 * gauge("6 AWG").copper());
            assertThat(copper).isCloseTo(1.2876, within(5e-5));
        }

        private static void add(Map<String, Integer> bought, int[] sleeves, String size, End... ends) {
            for (End e : ends) {
                bought.merge(Ends.terminal(gauge(size), e), 1, Integer::sum);
                sleeves[0] += Ends.sleeved(e) ? 1 : 0;
            }
        }

        @Test
        void standFerrulesPlugsAndSplices() {
            assertThat(Ends.terminal(gauge("10 AWG"), new End.Clamp())).isEqualTo("ferrule 10 AWG");
            assertThat(Ends.terminal(gauge("10 AWG"), new End.Plug())).isEqualTo("connector half 10 AWG");
            assertThat(Ends.terminal(gauge("6 AWG"), new End.Lead(2.5))).isEqualTo("reducing splice 6 AWG");
            assertThat(Ends.terminal(gauge("14 AWG"), new End.TabInside(4.8)))
                    .isEqualTo("male disconnect, blue, 4.8 mm");
            assertThat(Ends.sleeved(new End.Plug())).isFalse();
            assertThat(Ends.barrel(1.5)).isEqualTo('R');
            assertThat(Ends.barrel(1.51)).isEqualTo('B');
            assertThat(Ends.barrel(6.71)).isEqualTo('L');
        }
    }

    @Nested
    class InATube {
        @Test
        void takeTheirRoom() {
            List<Wire> wires = new ArrayList<>();
            Arrays.asList("12 AWG", "12 AWG", "12 AWG", "12 AWG", "16 AWG", "16 AWG", "16 AWG", "16 AWG", "16 AWG",
                    "16 AWG", "10 AWG", "10 AWG").forEach(s -> wires.add(gauge(s)));
            Bundle bundle = Bundle.of(wires, 600);

            assertThat(bundle.diameter()).isCloseTo(15.109, within(5e-4));
            assertThat(bundle.fill()).isCloseTo(0.20751, within(5e-6));
            assertThat(bundle.limit()).isEqualTo(0.40);
            assertThat(bundle.fits()).isTrue();
            assertThat(bundle.bore()).isCloseTo(1.25 * 15.109, within(1e-3));
            assertThat(Bundle.of(wires.subList(0, 1), 20).limit()).isEqualTo(0.53);
            assertThat(Bundle.of(wires.subList(0, 2), 20).fits()).isFalse();
        }
    }
}
