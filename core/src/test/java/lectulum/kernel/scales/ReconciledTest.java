package lectulum.kernel.scales;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ReconciledTest {
    private static final double PLAN = 1265;
    /// √(2 (20²/12 + 20²/3)): two readings in steps of 20 kg that are right to 20 kg.
    private static final double READ = Math.sqrt(2 * (400 / 12.0 + 400 / 3.0));

    private static List<Reconciled.Item> groups() {
        return List.of(new Reconciled.Item(900, 25, false), new Reconciled.Item(300, 18, false),
                new Reconciled.Item(65, 8, false));
    }

    /// Rig 3980, vehicle alone 2640, 18 kg that were in the vehicle only on the second ticket: 1358 against 1265 planned. The 93 kg
    /// between go to groups of ± 25, 18 and 8 kg as 43.173, 22.381 and 4.4209; the difference is 2.536 deviations.
    @Test
    void aCheckpointGivesWhatIsMissingToWhatIsLeastSure() {
        double trailer = 3980 - 2640 + 18;

        Reconciled r = Reconciled.of(groups(), List.of(new Reconciled.Row(new double[]{1, 1, 1}, trailer, READ)), 0);

        assertThat(READ).isCloseTo(18.257, within(5e-4));
        assertThat(trailer - PLAN).isEqualTo(93);
        assertThat(r.masses().get(0) - 900).isCloseTo(43.173, within(5e-4));
        assertThat(r.masses().get(1) - 300).isCloseTo(22.381, within(5e-4));
        assertThat(r.masses().get(2) - 65).isCloseTo(4.4209, within(5e-5));
        // With the plan's ± 31.8 in place of √(25² + 18² + 8²) = 31.83 it is 2.5362.
        assertThat(Math.sqrt(r.chiSquare())).isCloseTo(93 / Math.sqrt(READ * READ + 625 + 324 + 64), within(1e-9))
                .isCloseTo(2.5362, within(2e-3));
    }

    @Test
    void aScaleThatAgreesChangesNothingButHowSureItIs() {
        Reconciled r = Reconciled.of(groups(), List.of(new Reconciled.Row(new double[]{1, 1, 1}, PLAN, READ)), 0);

        assertThat(r.masses()).containsExactly(900.0, 300.0, 65.0);
        assertThat(r.u().get(0)).isLessThan(25);
        assertThat(r.planLacksSomething()).isFalse();
    }

    /// One reading of a sum by hand: each mass takes residual × uᵢ²/(Σu² + u²), whatever the numbers.
    @Test
    void oneReadingIsSharedByVariance() {
        Random random = new Random(3);
        for (int trial = 0; trial < 300; trial++) {
            List<Reconciled.Item> items = new ArrayList<>();
            double sum = 0;
            double spread = 0;
            for (int i = 0; i < 1 + random.nextInt(9); i++) {
                double u = 0.1 + 20 * random.nextDouble();
                double mass = 100 + 400 * random.nextDouble();
                items.add(new Reconciled.Item(mass, u, false));
                sum += mass;
                spread += u * u;
            }
            double u = 0.5 + 30 * random.nextDouble();
            double off = 60 * random.nextDouble() - 20;
            double[] levers = new double[items.size()];
            Arrays.fill(levers, 1);

            Reconciled r = Reconciled.of(items, List.of(new Reconciled.Row(levers, sum + off, u)), 0);

            for (int i = 0; i < items.size(); i++) {
                Reconciled.Item item = items.get(i);
                assertThat(r.masses().get(i) - item.mass())
                        .isCloseTo(off * item.u() * item.u() / (spread + u * u), within(1e-7));
                assertThat(r.u().get(i)).isLessThanOrEqualTo(item.u() + 1e-9);
            }
        }
    }
}
