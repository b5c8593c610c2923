package lectulum.design;

import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Role;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// What is aboard in which case.
class LoadCaseTest {
    private static final Thing TENT = thing("tent", 50, 1, 0).with(new Feature.Fabric(1.3));

    @ParameterizedTest
    @CsvSource({"0, 50", "0.5, 57.5", "1, 65"})
    void fabricIsHeavierTheWetterItIs(double wet, double mass) {
        // 50 kg × (1 + wet × 0.3)
        assertThat(LoadCase.DEPARTURE.soaked(wet).massOf(TENT)).isCloseTo(mass, within(1e-9));
    }

    @Test
    void rainAddsNothingToWhatIsNoFabric() {
        Thing box = thing("box", 20, 1, 0);

        assertThat(LoadCase.WET.massOf(box)).isEqualTo(LoadCase.HOMEWARD.massOf(box)).isEqualTo(20);
    }

    @Test
    void fabricThatIsNotPackedIsNotWetEither() {
        Thing awning = TENT.with(Role.GEAR);

        assertThat(LoadCase.WET.withPacked(0, 0).massOf(awning)).isZero();
        assertThat(LoadCase.WET.withPacked(0.5, 0).massOf(awning)).isCloseTo(0.5 * 65, within(1e-9));
    }

    @Test
    void waterInATankIsNotSoakedUp() {
        Thing can = tank("can", Tank.Use.FRESH, 10, 1).with(new Feature.Fabric(2));

        // 5 kg of can doubled, 10 kg of water as it is
        assertThat(LoadCase.DEPARTURE.soaked(1).massOf(can)).isCloseTo(5 * 2 + 10, within(1e-9));
    }

    @Test
    void theWayHomeInRainIsTheWayHomeWithWetCloth() {
        assertThat(LoadCase.WET.soaked(0).copied("homeward", "Homeward")).isEqualTo(LoadCase.HOMEWARD);
        assertThat(LoadCase.WET.wet()).isEqualTo(1);
    }

    @Test
    void everyDesignStartsWithCasesOfItsOwnName() {
        List<LoadCase> cases = LoadCase.standard();

        assertThat(cases).extracting(LoadCase::id).doesNotHaveDuplicates().contains("bare", "dry", "departure",
                "midway",
                "homeward", "wet", "empty");
        assertThat(cases).allMatch(LoadCase::shipped).noneMatch(LoadCase::parked);
        assertThat(LoadCase.DEPARTURE.copied("own-1", "To the beach").shipped()).isFalse();
    }

    @Test
    void changesOfACaseKeepEverythingElse() {
        LoadCase own = LoadCase.DEPARTURE.copied("own-1", "Barn").soaked(0.4).parked(true);

        LoadCase changed = own.withFills(0.1, 0.2, 0.3).withPacked(0.5, 0.6);

        assertThat(changed).isEqualTo(new LoadCase("own-1", "Barn", true, 0.1, 0.2, 0.3, 0.5, 0.6, 0.4, true));
    }

    @ParameterizedTest
    @EnumSource(Tank.Use.class)
    void everyTankIsFilledByOneOfTheThreeFills(Tank.Use use) {
        Thing can = tank("can", use, 20, 1);
        LoadCase none = LoadCase.DEPARTURE.withFills(0, 0, 0);
        double full = can.tank().orElseThrow().fullMass();

        double fresh = none.withFills(1, 0, 0).contents(can);
        double waste = none.withFills(0, 1, 0).contents(can);
        double fuel = none.withFills(0, 0, 1).contents(can);

        assertThat(none.contents(can)).isZero();
        assertThat(fresh + waste + fuel).isCloseTo(full, within(1e-9));
    }

    @Test
    void aBareBaseHoldsNothingThatIsBuiltIn() {
        assertThat(LoadCase.BARE.massOf(thing("bed", 40, 1, 0))).isZero();
        assertThat(LoadCase.BARE.massOf(tank("can", Tank.Use.FRESH, 10, 1))).isZero();
    }
}
