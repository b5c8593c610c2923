package lectulum.kernel.bodies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.OptionalInt;
import lectulum.kernel.bodies.Sleepers.Berth;
import lectulum.kernel.bodies.Sleepers.Sleeper;
import lectulum.kernel.bodies.WaysOut.Way;
import org.junit.jupiter.api.Test;

/// Worked by hand and with an independent program; lengths in metres, five significant digits.
class PeopleTest {
    private static final double DIGITS = 0.01;

    @Test
    void aTallSleeperGainsALittleByLyingAcross() {
        DiagonalBed across = DiagonalBed.of(1.78, 1.40, 0.54);

        assertThat(across.length()).isCloseTo(2.0154, withinPercentage(DIGITS));
        assertThat(Math.toDegrees(across.turn())).isCloseTo(36.195, within(0.01));
        assertThat(across.length() - 1.78).isCloseTo(0.23541, withinPercentage(0.02));
    }

    @Test
    void twoBunksShareTheHeightByWhoSitsWhere() {
        BunkStack bunks = BunkStack.of(2.05, 0.42, 0.18, 1.08, 1.46, 0.5);

        assertThat(bunks.room()).isCloseTo(1.45, within(1e-9));
        assertThat(bunks.lowerNeeds()).isCloseTo(0.587, within(1e-9));
        assertThat(bunks.upperNeeds()).isCloseTo(0.7865, within(1e-9));
        assertThat(bunks.surplus()).isCloseTo(0.0765, within(1e-9));
        assertThat(bunks.lowerGap()).isCloseTo(0.62525, within(1e-9));
        assertThat(bunks.upperGap()).isCloseTo(0.82475, within(1e-9));
        assertThat(bunks.underside()).isCloseTo(1.0453, withinPercentage(DIGITS));
    }

    private static final List<Berth> BEDS = List.of(new Berth(2.10, 1.30, true, 320), new Berth(1.86, 0.66, false, 150),
            new Berth(1.78, 0.60, true, 90));

    /// The tent is reached by a ladder but is no bunk; in this example only the third bed is an upper one.
    @Test
    void aFamilyOfFourIsPutToBed() {
        List<Berth> beds = List.of(new Berth(2.10, 1.30, false, 320), BEDS.get(1), BEDS.get(2));

        Sleepers sleepers = Sleepers.assign(List.of(new Sleeper(1.71, 66, 41), new Sleeper(1.83, 84, 43),
                new Sleeper(1.46, 38, 11), new Sleeper(1.08, 18, 5)), beds);

        assertThat(sleepers.bed()).containsExactly(OptionalInt.of(1), OptionalInt.of(0), OptionalInt.of(2),
                OptionalInt.of(0));
        assertThat(sleepers.cost()).isCloseTo(0.7, within(1e-9));
        assertThat(Sleepers.capacity(beds, 0.60)).isEqualTo(4);
        assertThat(Sleepers.capacity(beds, 0.70)).isEqualTo(1);
    }

    @Test
    void nobodyUnderSixSleepsAbove() {
        Sleepers alone = Sleepers.assign(List.of(new Sleeper(1.08, 18, 5)), List.of(BEDS.get(2)));

        assertThat(alone.unplaced()).isOne();
        assertThat(alone.cost()).isEqualTo(10_000);
    }

    @Test
    void tenPeopleAreStillAnswered() {
        List<Sleeper> crowd = java.util.Collections.nCopies(10, new Sleeper(1.7, 70, Double.NaN));

        assertThat(Sleepers.assign(crowd, BEDS).unplaced()).isEqualTo(6);
    }

    @Test
    void onlyWaysThatCountAndLieApartAreIndependent() {
        List<Way> ways = List.of(new Way("rear door", "rear", 4.05, 0, 0.75, 1.70, true, true, false),
                new Way("side door", "right", 2.1, 0.89, 0.62, 1.70, true, false, true),
                new Way("left window", "left", 4.2, -0.89, 0.66, 0.46, true, false, false));

        WaysOut out = WaysOut.of(ways, WaysOut.Rule.USUAL);

        assertThat(out.usable()).extracting(Way::id).containsExactly("side door", "left window");
        assertThat(out.independent()).hasSize(2);
    }

    @Test
    void theOnlyWayPastTheStoveIsNone() {
        Way door = new Way("door", "right", 2.1, 0.89, 0.62, 1.70, true, false, true);

        assertThat(WaysOut.of(List.of(door), WaysOut.Rule.USUAL).independent()).isEmpty();
    }
}
