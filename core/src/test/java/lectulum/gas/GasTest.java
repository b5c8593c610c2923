package lectulum.gas;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.raises;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Severity;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;

/// Bottles, burners, lockers and fuel of whole campers.
class GasTest {
    private static Thing hob(double hours) {
        return thing("hob", 4, 2, 0)
                .with(new Fuelled.Burner(Aired.Energy.GAS, 2000, hours * 3600, 1, Fuelled.Flue.ROOM));
    }

    private static Thing bottle(Mount mount, double full, double propane) {
        return thing("bottle", 6, -0.5, 0).withMount(mount).with(new Size(0.25, 0.25, 0.45))
                .with(new Placement(mount == Mount.OUTSIDE ? -0.5 : 1.0, 0, 0, 0))
                .with(new Fuelled.Bottle(5, full, propane, 2));
    }

    /// 2 kW for an hour are 7.2 MJ, 0.143 kg of propane; 5 kg last 35 days.
    @Test
    void gasOfADayAndHowLongItLasts() {
        Analysis a = Analysis.of(box(hob(1), bottle(Mount.OUTSIDE, 1, 0.95)));

        assertThat(a.figures().value("gas.day.gas")).isCloseTo(7.2 / 50.35, within(1e-9));
        assertThat(a.figures().value("gas.days.gas")).isCloseTo(5 * 50.35 / 7.2, within(1e-6));
    }

    @Test
    void aBottleInTheCabinStopsAndOutsideItDoesNot() {
        assertThat(raises(box(bottle(Mount.INSIDE, 1, 0.95)), GasRules.STORED)).isTrue();
        assertThat(raises(box(bottle(Mount.OUTSIDE, 1, 0.95)), GasRules.STORED)).isFalse();
        everyRemedyMends(Analysis.of(box(bottle(Mount.INSIDE, 1, 0.95))), GasRules.STORED);
    }

    @Test
    void aSealedLockerHoldsItAndItsOpeningIsChecked() {
        Thing locker = thing("locker", 10, 1.0, 0).with(new Size(0.4, 0.4, 0.7))
                .with(new Fuelled.GasLocker(0.005, true));
        Design d = box(locker, bottle(Mount.STOWED, 1, 0.95));

        assertThat(raises(d, GasRules.STORED)).isFalse();
        assertThat(Analysis.of(d).findings()).anyMatch(f -> f.rule() == GasRules.LOCKER
                && f.severity() == Severity.STOP);
        everyRemedyMends(Analysis.of(d), GasRules.LOCKER);
    }

    @Test
    void butaneGivesNoGasInFrost() {
        Design d = box(hob(1), bottle(Mount.OUTSIDE, 1, 0));
        Design cold = d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(-10))));
        assertThat(Analysis.of(cold).findings()).anyMatch(f -> f.rule() == GasRules.COLD
                && f.title().text(Style.PLAIN).contains("gives no gas"));
        everyRemedyMends(Analysis.of(cold), GasRules.COLD);
    }

    @Test
    void tooLittleForTheTripIsFound() {
        Design d = box(hob(8), bottle(Mount.OUTSIDE, 0.1, 0.95));
        Design longer = d.with(d.brief().withNights(14));
        assertThat(raises(longer, GasRules.SHORT)).isTrue();
    }

    @Test
    void anOldHoseIsReplacedAndPetrolStaysOutside() {
        Thing old = bottle(Mount.OUTSIDE, 1, 0.95).with(new Fuelled.Bottle(5, 1, 0.95, 12));
        everyRemedyMends(Analysis.of(box(old)), GasRules.AGED);
        Thing can = thing("can", 1, 1.5, 0).with(new Tank(Tank.Use.PETROL, 0.01));
        assertThat(raises(box(can), GasRules.STORED)).isTrue();
        assertThat(raises(box(can.withMount(Mount.OUTSIDE)), GasRules.STORED)).isFalse();
    }

    @Test
    void aFluelessHeaterStopsAndASealedOneTakesItsPlace() {
        Thing stove = thing("stove", 5, 1, 0).with(new Aired.RoomHeater(Aired.Energy.GAS, 800, 1600, 1, false));
        assertThat(Analysis.of(box(stove)).findings()).anyMatch(f -> f.rule() == GasRules.FLAME
                && f.severity() == Severity.STOP);
        everyRemedyMends(Analysis.of(box(stove)), GasRules.FLAME);
        assertThat(raises(box(hob(0.5)), GasRules.FLAME)).isFalse();
        assertThat(raises(box(hob(5)), GasRules.FLAME)).isTrue();
    }

    @Test
    void fuelThatIsShortIsFound() {
        Thing heater = thing("heater", 5, 1, 0).with(new Aired.RoomHeater(Aired.Energy.DIESEL, 900, 2000, 0.8, true));
        Thing tank = thing("tank", 1, 2, 0).withMount(Mount.OUTSIDE).with(new Tank(Tank.Use.DIESEL, 0.002));
        Design d = box(heater, tank).with(Envelope.usual(CamperType.CARGO));
        Design january = d.with(d.brief().withMonth(1).withNights(10));

        assertThat(raises(january, GasRules.FUEL)).isTrue();
        assertThat(Analysis.of(january).figures().value("gas.day.diesel")).isGreaterThan(0.0005);
        assertThat(raises(d.with(d.brief().withMonth(7)), GasRules.FUEL)).isFalse();
    }
}
