package lectulum.kernel.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.kernel.packing.Packer.Piece;
import lectulum.kernel.packing.Packer.Placed;
import lectulum.kernel.packing.Packer.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PackerTest {
    private static final double[] PLACE = {0.90, 0.60, 0.45};

    @Test
    void fourBinsAndAStoveFitButATripodDoesNot() {
        List<Piece> gear = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            gear.add(new Piece("bin " + i, 0.40, 0.30, 0.22, Rule.UP));
        }
        gear.add(new Piece("stove", 0.52, 0.30, 0.14, Rule.UP));
        Piece tripod = new Piece("tripod", 1.05, 0.14, 0.14, Rule.ANY);
        gear.add(tripod);

        Packer packed = Packer.pack(PLACE, gear);

        double room = 0.90 * 0.60 * 0.45;
        assertThat(packed.placed()).hasSize(5);
        assertThat(packed.out()).containsExactly(tripod);
        assertThat(packed.filled() / room).isCloseTo(0.52444, withinPercentage(0.01));
        assertThat((packed.filled() + tripod.volume()) / room).isCloseTo(0.60914, withinPercentage(0.01));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void whatIsPackedLiesInsideAndApart(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Piece> gear = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            gear.add(new Piece("g" + i, 0.05 + 0.3 * random.nextDouble(), 0.05 + 0.3 * random.nextDouble(),
                    0.05 + 0.3 * random.nextDouble(), Rule.values()[random.nextInt(3)]));
        }

        Packer packed = Packer.pack(PLACE, gear);

        assertThat(packed.placed().size() + packed.out().size()).isEqualTo(30);
        for (Placed p : packed.placed()) {
            assertThat(p.x() + p.dx()).isLessThanOrEqualTo(PLACE[0] + 1e-5);
            assertThat(p.y() + p.dy()).isLessThanOrEqualTo(PLACE[1] + 1e-5);
            assertThat(p.z() + p.dz()).isLessThanOrEqualTo(PLACE[2] + 1e-5);
            for (Placed o : packed.placed()) {
                assertThat(o != p && o.meets(p.x(), p.y(), p.z(), new double[]{p.dx(), p.dy(), p.dz()})).isFalse();
            }
        }
    }
}
