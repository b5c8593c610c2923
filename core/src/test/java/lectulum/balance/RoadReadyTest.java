package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.finding;
import static lectulum.Told.says;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.design.feature.Plumbed;
import lectulum.balance.road.Ties;
import lectulum.design.Design;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.kernel.statics.FreeSurface;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Part-full tanks, ties by school, and how far the tongue jack goes.
class RoadReadyTest {
    private static final double G = 9.80665;

    private static Design set(Design d, String id, double value) {
        return d.with(d.settings().with(id, value));
    }

    /// Poured column by column: the level of the tilted surface is found by halving until the volume is right.
    @ParameterizedTest
    @CsvSource({"0.7, 0.22, 0.5, 0.1", "0.7, 0.22, 0.5, 0.6", "0.7, 0.22, 0.1, 0.3", "0.7, 0.22, 0.9, 0.3",
            "0.3, 0.5, 0.2, 0.8", "0.4, 0.3, 0.55, 3", "1.2, 0.1, 0.3, 0.02"})
    void liquidLiesWhereItsSurfaceIsLevel(double length, double height, double fill, double slope) {
        int columns = 20_000;
        double low = -10;
        double high = 10;
        double centre = 0;
        for (int i = 0; i < 100; i++) {
            double level = (low + high) / 2;
            double volume = 0;
            double first = 0;
            for (int k = 0; k < columns; k++) {
                double x = (k + 0.5) / columns * length;
                double deep = Math.clamp(level - slope * x, 0, height);
                volume += deep * length / columns;
                first += deep * x * length / columns;
            }
            centre = first / volume;
            if (volume < fill * length * height) {
                low = level;
            } else {
                high = level;
            }
        }

        assertThat(FreeSurface.shift(length, height, fill, slope)).isCloseTo(length / 2 - centre, within(2e-4));
    }

    @Test
    void fullAndEmptyTanksHaveNoFreeSurface() {
        assertThat(FreeSurface.shift(0.7, 0.2, 1, 0.3)).isZero();
        assertThat(FreeSurface.shift(0.7, 0.2, 0, 0.3)).isZero();
        assertThat(FreeSurface.shift(0.7, 0.2, 0.5, 0)).isZero();
    }

    /// While the surface meets both ends m Δx = ρ b l³ s/12, whatever the fill.
    @Test
    void inALowTiltTheMomentDoesNotHangOnTheFill() {
        double full = 100;

        assertThat(FreeSurface.most(0.6, 0.3, full, 0.1)).isCloseTo(full * 0.36 * 0.1 / (12 * 0.3), within(1e-9));
    }

    private static Thing tank(double length) {
        return thing("tank", 4, 1.4, 0).with(new Size(length, 0.4, 0.25)).with(new Placement(1.4, 0, 0.05, 0))
                .with(new Tank(Tank.Use.FRESH, length * 0.1));
    }

    @Test
    void aLongTankTakesMoreOffTheTongueThanTwoShortOnes() {
        double whole = value(box(tank(0.8)), "slosh.tank.tongue");
        double half = value(box(tank(0.4)), "slosh.tank.tongue");

        assertThat(whole).isGreaterThan(2 * half);
        assertThat(value(box(tank(0.8)), "slosh.tongue")).isLessThan(value(box(tank(0.8)), "climb.tongue"));
    }

    /// In two rooms each half as long half the water runs half as far: a quarter while floor and lid stay wet and dry. Across the
    /// camper nothing changes.
    @Test
    void aBaffleTakesThreeQuartersOfWhatRuns() {
        Design one = set(box(tank(0.8)), "slosh.g", 0.05);
        Design two = one.mapping("tank", t -> t.with(Plumbed.Vessel.USUAL.withRooms(2)));
        Design turned = two.mapping("tank", t -> t.with(new Size(0.4, 0.8, 0.25)).with(new Placement(1.4, 0, 0.05,
                Math.PI / 2)));

        assertThat(value(two, "slosh.tank.tongue")).isCloseTo(value(one, "slosh.tank.tongue") / 4, within(1e-9));
        assertThat(value(two, "slosh.tank.side")).isCloseTo(value(one, "slosh.tank.side"), within(1e-9));
        assertThat(value(turned, "slosh.tank.tongue")).as("the longer side lies along again")
                .isCloseTo(value(two, "slosh.tank.tongue"), within(1e-9));
        assertThat(value(turned.mapping("tank", t -> t.with(t.place().at(1.4, 0, 0.05, 0))), "slosh.tank.side"))
                .as("and across").isLessThan(value(one, "slosh.tank.tongue"));
    }

    @ParameterizedTest
    @CsvSource({"1.0, 100, 1", "1.0, 600, 2", "2.0, 100, 2", "3.04, 900, 2", "3.1, 100, 3", "6.2, 100, 4"})
    void tiesAreCountedByLengthAndMass(double length, double mass, int ties) {
        assertThat(Ties.fewest(length, mass)).isEqualTo(ties);
    }

    /// 60 kg: half of it by straps that count half is 60 kg. By EN, (0.8 − 0.225)/(cos 45° cos 30° + 0.225 sin 45°) of it.
    @Test
    void strapsAddUpByTheSchoolThatIsSet() {
        Design d = box(thing("chest", 60, 1.2, 0).with(Fix.LOOSE));
        double direct = 60 * (0.8 - 0.225)
                / (Math.cos(Math.PI / 4) * Math.cos(Math.PI / 6) + 0.225 * Math.sin(Math.PI / 4));

        assertThat(value(set(d, "tie.school", 1), "ties.chest.rated")).isCloseTo(60, within(1e-9));
        assertThat(value(set(d, "tie.school", 2), "ties.chest.rated")).isCloseTo(direct, within(1e-6));
        assertThat(value(d, "ties.chest.rated")).isCloseTo(Math.max(60, direct), within(1e-6));
        assertThat(says(d, "tie.chest")).contains("one strap, rated 60 kg");
    }

    @Test
    void whatHasStrapsOfItsOwnIsNotFreeToSlide() {
        Thing bike = thing("bike", 60, 1.2, 0).with(Fix.LOOSE)
                .with(new Feature.Carried(2, 1.2, 0.2, 0.3, 1.4, 0, 2, 0.7,
                        0.4, 3000));

        assertThat(finding(box(bike), "tie.bike")).isEmpty();
    }

    /// Nose down by 6°: the jack has to wind out by the sine of that times its distance from the axle.
    @Test
    void aJackThatIsTooShortWantsABlock() {
        Design d = set(box(), "site.pitch", Math.toRadians(-6));
        double winds = value(d, "level.jack");

        assertThat(winds).isCloseTo((d.base().ballToAxle() - 0.25) * Math.sin(Math.toRadians(6)), within(1e-9));
        assertThat(finding(d, "level.travel")).as("its travel is not known").isEmpty();
        assertThat(says(set(d, "camp.jack.out", winds - 0.05), "level.travel")).contains("too short")
                .contains("Put 50 mm under its foot");
        assertThat(finding(set(d, "camp.jack.out", winds + 0.01), "level.travel")).isEmpty();
    }

    /// The angle that is named is the one at which the travel is just enough.
    @Test
    void theAngleThatIsNamedIsJustReached() {
        Design d = set(set(box(), "site.pitch", Math.toRadians(5)), "camp.jack.in", 0.10);

        assertThat(says(d, "level.travel")).contains("does not go down that far").contains("nose up");
        double just = Math.asin(0.10 / (d.base().ballToAxle() - 0.25));
        assertThat(value(set(d, "site.pitch", just), "level.travel")).isCloseTo(0, within(1e-9));
        assertThat(says(d, "level.travel")).contains(String.format("%.1f °", Math.toDegrees(just)));
    }

    @Test
    void eachOfTwoDirectStrapsIsPulledByTheStandard() {
        assertThat(value(box(thing("chest", 60, 1.2, 0).with(Fix.LOOSE)), "ties.direct"))
                .isCloseTo(60 * G * 0.575
                        / (2 * (Math.cos(Math.PI / 4) * Math.cos(Math.PI / 6) + 0.225 * Math.sin(Math.PI / 4))),
                        within(1e-6));
    }

    /// A can of 1 kg that holds 20 L rides with 21 kg.
    @Test
    void aCanIsTiedWithWhatIsInIt() {
        Thing can = thing("can", 1, 1.2, 0).with(Fix.LOOSE).with(new Tank(Tank.Use.FRESH, 0.020));

        assertThat(value(set(box(can), "tie.school", 1), "ties.can.rated")).isCloseTo(21, within(1e-9));
        assertThat(says(box(can), "tie.can")).contains("21 kg");
    }
}
