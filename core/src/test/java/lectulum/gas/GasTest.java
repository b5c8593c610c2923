package lectulum.gas;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lectulum.design.Mode;
import lectulum.air.Cabin;
import lectulum.assumed.Assumption;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.envelope.Envelope;
import lectulum.design.feature.Aired;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Fuelled;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
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

    /// Gas of 14 kW through 7.9 mm loses 156 Pa over 3.2 m with fittings of 90 diameters; 10 mm do.
    @Test
    void aThinGasLineIsFoundAndAWiderOneMendsIt() {
        Thing strong = thing("hob", 4, 2, 0)
                .with(new Fuelled.Burner(Aired.Energy.GAS, 14_000, 600, 1, Fuelled.Flue.ROOM));
        Design d = box(strong, bottle(Mount.OUTSIDE, 1, 0.95));
        d = d.with(d.settings().with(Assumption.GAS_BORE.id(), 0.0079).with(Assumption.GAS_LENGTH.id(), 3.2));

        assertThat(value(d, "gas.line")).isCloseTo(156.03, within(0.01));
        assertThat(raises(d, GasRules.LINE)).isTrue();
        everyRemedyMends(Analysis.of(d), GasRules.LINE);
        assertThat(raises(box(hob(1), bottle(Mount.OUTSIDE, 1, 0.95)), GasRules.LINE)).isFalse();
    }

    @Test
    void aWiderLineNeverLosesMoreAndALongerOneNeverLess() {
        Design d = box(hob(1), bottle(Mount.OUTSIDE, 1, 0.95));
        double before = Double.POSITIVE_INFINITY;
        for (double bore = 0.004; bore < 0.02; bore += 0.001) {
            double now = value(d.with(d.settings().with(Assumption.GAS_BORE.id(), bore)), "gas.line");
            assertThat(now).isLessThan(before);
            before = now;
        }
        for (double length = 1; length < 15; length++) {
            double now = value(d.with(d.settings().with(Assumption.GAS_LENGTH.id(), length)), "gas.line");
            assertThat(now).isGreaterThan(length > 1 ? before : 0);
            before = now;
        }
    }

    /// Gas of a 2 kW hob fills the lowest fifth of a room without a draught: V ln(1/(1 − 2.1 %)) / q, stepped second by second.
    @Test
    void aHobThatIsOpenAndNotLitIsDangerousSoon() {
        Design d = box(hob(1), bottle(Mount.OUTSIDE, 1, 0.95)).with(Envelope.usual(CamperType.CARGO));
        d = d.with(d.settings().with(Assumption.AIR_CHANGES.id(), 0.1));
        Cabin c = Cabin.of(d, Mode.NIGHT);
        double q = 2000 / (50.35e6 * 1.88);
        double room = 0.2 * c.volume();
        double fresh = 0.2 * c.changes() * c.volume() / 3600;
        double share = 0;
        double seconds = 0;
        while (share < 0.021 && seconds < 1e6) {
            share += (q - share * (q + fresh)) / room;
            seconds++;
        }
        assertThat(value(d, "gas.explosive")).isCloseTo(seconds, within(2.0));
        assertThat(value(d.with(d.settings().with(Assumption.AIR_CHANGES.id(), 10)), "gas.explosive")).isNaN();
    }

    /// Smoke that leaves near an opening or under one comes in again.
    @Nested
    class Smoke {
        private static Thing heater() {
            return thing("heater", 5, 1.5, 0).with(new Aired.RoomHeater(Aired.Energy.DIESEL, 500, 2000, 0.8, true));
        }

        private static Thing window(double x, double z) {
            return thing("window", 3, x, 0.9).withMount(Mount.SET_IN).with(new Size(0.6, 0.03, 0.4))
                    .with(new Placement(x, 0.9, z, 0))
                    .with(new Feature.Opening(0.5, 0.35, Feature.Opening.Leaf.SLIDING, 0, true, false));
        }

        private static Thing outlet(double x, double y) {
            return thing("out", 0.3, x, y).withMount(Mount.OUTSIDE).with(new Size(0.06, 0.06, 0.1))
                    .with(new Placement(x, y, -0.14, 0)).with(new Aired.SmokeOutlet());
        }

        private static Optional<Finding> said(Thing... things) {
            return Analysis.of(box(things)).findings().stream().filter(f -> f.rule() == GasRules.EXHAUST).findFirst();
        }

        @Test
        void thatIsNotDrawnIsAskedFor() {
            assertThat(said(heater()).orElseThrow().severity()).isEqualTo(Severity.NOTE);
            assertThat(said()).isEmpty();
            everyRemedyMends(Analysis.of(box(heater(), window(1.5, 0.9))), GasRules.EXHAUST);
        }

        @Test
        void nearAWindowStops() {
            Finding near = said(heater(), window(1.5, 0.4), outlet(2.2, 0.8)).orElseThrow();
            double away = Math.hypot(2.17 - 1.8, 0.4 + 0.04);

            assertThat(near.severity()).isEqualTo(Severity.STOP);
            assertThat(near.things()).containsExactly("out", "window");
            assertThat(value(box(heater(), window(1.5, 0.4), outlet(2.2, 0.8)), "exhaust.out.away"))
                    .isCloseTo(Math.hypot(away, 0.055), within(1e-9));
            everyRemedyMends(Analysis.of(box(heater(), window(1.5, 0.4), outlet(2.2, 0.8))), GasRules.EXHAUST);
        }

        @Test
        void underAWindowStopsHoweverHighItIs() {
            assertThat(said(heater(), window(1.5, 1.3), outlet(1.4, 0.85)).orElseThrow().title().text(Style.PLAIN))
                    .contains("is under window");
            assertThat(said(heater(), window(1.5, 1.3), outlet(2.0, 0.85))).isEmpty();
            assertThat(said(heater(), window(1.5, 1.3), outlet(1.4, -0.85))).isEmpty();
        }
    }
}
