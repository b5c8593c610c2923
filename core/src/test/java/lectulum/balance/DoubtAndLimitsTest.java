package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.EmptyMass;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Role;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.kernel.statics.AxlePlace;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.Units;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What the balance says about doubt, ratings that may be exceeded, places that no axle has, balls and missing masses.
class DoubtAndLimitsTest {
    private static Optional<Finding> finding(Design d, String id) {
        return Balance.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static String says(Finding f) {
        return f.title().text(Style.PLAIN) + " " + f.detail().text(Style.PLAIN);
    }

    /// 400 kg of base, weighed, and a chest of 100 kg: only the chest is in doubt.
    private static Design chest(double x, Mass mass) {
        Design d = box(thing("chest", 100, x, 0).with(mass));
        return d.with(d.base().with(new EmptyMass.Entered(400, 1.4, 0.3, 1.8, MassSource.WEIGHED,
                OptionalDouble.of(0.001))));
    }

    /// Where the chest gives a tongue share to the departure: M = 500, base at 2.6 behind the ball, chest at 1.2 + x.
    private static double placeFor(double share) {
        return (500 * 3.0 * (1 - share) - 400 * 2.6) / 100 - 1.2;
    }

    @Test
    void farInsideTheBandNothingIsDoubted() {
        Design d = chest(placeFor(0.125), Mass.weighed(100));

        assertThat(LoadedState.of(d, LoadCase.DEPARTURE).share()).isCloseTo(0.125, within(1e-9));
        assertThat(finding(d, "balance.tongue-doubt")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.1065, NOTE", "0.1005, WARN"})
    void nearTheEdgeTheChanceDecidesHowLoudItIsSaid(double share, Severity severity) {
        Design d = chest(placeFor(share), Mass.weighed(100));
        LoadedState s = LoadedState.of(d, LoadCase.DEPARTURE);
        double z = (0.10 - share) / s.certainty().share();

        Finding f = finding(d, "balance.tongue-doubt").orElseThrow();

        // z is the distance to the edge in standard uncertainties: 20 % lie below −0.84
        assertThat(severity == Severity.WARN).isEqualTo(z > -0.8416);
        assertThat(f.severity()).isEqualTo(severity);
        assertThat(says(f)).contains("a chance of").contains("too light");
    }

    @Test
    void whatIsSurelyOutsideIsNotCalledDoubtful() {
        Design d = chest(placeFor(0.06), Mass.weighed(100));

        assertThat(finding(d, "balance.tongue-share")).isPresent();
        assertThat(finding(d, "balance.tongue-doubt")).isEmpty();
    }

    @Test
    void theDoubtNamesWhatToWeigh() {
        Design d = chest(placeFor(0.103), Mass.guess(100));

        assertThat(finding(d, "balance.tongue-doubt").orElseThrow().things()).containsExactly("chest");
    }

    @Test
    void aRatingThatTheLoadMayPassIsNamedThoughThereIsReserve() {
        Design sure = chest(placeFor(0.125), new Mass(100, MassSource.CATALOGUE, OptionalDouble.of(40)));
        Design d = sure.with(sure.base().with(Rating.GROSS_PLATE, OptionalDouble.of(560)));

        LoadedState s = LoadedState.of(d, LoadCase.DEPARTURE);
        Limit plate = s.limits().stream().filter(l -> l.rating() == Rating.GROSS_PLATE).findFirst().orElseThrow();
        Finding f = finding(d, "balance.limit.grossPlate").orElseThrow();

        // 60 kg left are 1.5 standard uncertainties of 40 kg: 1 − Φ(1.5) = 6.681 %
        assertThat(plate.u()).isCloseTo(40, within(1e-3));
        assertThat(plate.margin()).isGreaterThan(0.10);
        assertThat(plate.exceeded()).isCloseTo(0.06681, within(1e-4));
        assertThat(f.severity()).isEqualTo(Severity.WARN);
        assertThat(says(f)).contains(Units.text(0.06681, Quantity.SHARE, Style.PLAIN));
    }

    @Test
    void aLimitWithoutDoubtIsPassedOrNot() {
        assertThat(new Limit(Rating.AXLE, 101, 100, 0).exceeded()).isEqualTo(1);
        assertThat(new Limit(Rating.AXLE, 99, 100, 0).exceeded()).isZero();
        assertThat(new Limit(Rating.AXLE, 100, 100, 5).exceeded()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void theVehicleThatLimitsFirstIsNamedWithoutAlarm() {
        Design d = chest(placeFor(0.125), Mass.weighed(100));
        // one person of 70 kg, 30 kg of luggage, 62.5 kg of tongue of 500: 37.7 of 200.2 are left
        Design tight = d.with(d.vehicle().with(Rating.PAYLOAD, OptionalDouble.of(200.2)))
                .with(d.base().with(Rating.AXLE, OptionalDouble.of(2000)).with(Rating.GROSS_PLATE,
                        OptionalDouble.of(2000)));

        Finding f = finding(tight, "balance.vehicle-first").orElseThrow();

        assertThat(f.severity()).isEqualTo(Severity.NOTE);
        assertThat(says(f)).contains("payload")
                .contains(Units.text(37.7, Quantity.MASS, Style.PLAIN))
                .contains(Units.text(200.2, Quantity.MASS, Style.PLAIN));
    }

    @Test
    void aReceiverLimitsTheTongueAsTheVehicleDoes() {
        Design d = chest(1, Mass.weighed(100));
        Design both = d.with(d.vehicle().with(Rating.TONGUE_VEHICLE, OptionalDouble.of(120))
                .with(Rating.TONGUE_RECEIVER, OptionalDouble.of(90)));

        assertThat(Balance.tongueMax(both)).isEqualTo(90);
    }

    @Test
    void noAxlePlaceIsAFaultOfItsOwnWithTheGap() {
        // 150 l of water far behind and 60 kg allowed at most: full and empty pull the axle apart
        Design d = box(tank("water", Tank.Use.FRESH, 150, 2.7), thing("chest", 40, 0.4, 0).with(Role.GEAR));
        Design tight = d.with(d.base().with(Rating.TONGUE_COUPLER, OptionalDouble.of(48)));
        AxlePlace place = Balance.axlePlace(tight, Balance.of(tight).states()).orElseThrow();

        Finding f = finding(tight, "balance.axle-place").orElseThrow();

        assertThat(place.possible()).isFalse();
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(says(f)).contains(place.fromCase()).contains(place.toCase())
                .contains(Units.text(place.from() - place.to(), Quantity.LENGTH, Style.PLAIN));
    }

    @Test
    void aCaseThatIsNeverDrivenIsNotJudged() {
        Design d = chest(placeFor(0.06), Mass.weighed(100));
        Design parked = d.withCases(d.cases().stream().map(c -> c.parked(true)).toList());

        assertThat(finding(d, "balance.tongue-share")).isPresent();
        assertThat(finding(parked, "balance.tongue-share")).isEmpty();
        assertThat(LoadedState.of(parked, parked.loadCase("departure")).trip()).isFalse();
    }

    @Nested
    class BallAndCoupler {
        private static Design sizes(double ball, double coupler) {
            Design d = box();
            return d.with(d.vehicle().withBall(ball > 0 ? OptionalDouble.of(ball) : OptionalDouble.empty()))
                    .with(d.settings().with("coupler.size", coupler));
        }

        @ParameterizedTest
        @CsvSource({"0.050, 0.0508", "0.0508, 0.050", "0.060, 0.050"})
        void twoSizesAreAStop(double ball, double coupler) {
            assertThat(finding(sizes(ball, coupler), "balance.ball").orElseThrow().severity())
                    .isEqualTo(Severity.STOP);
        }

        @ParameterizedTest
        @CsvSource({"0.050, 0.050", "0.0508, 0.0508", "0, 0.050", "0.050, 0", "0.0508, 0.05078"})
        void oneSizeOrAnUnknownOneIsNot(double ball, double coupler) {
            assertThat(finding(sizes(ball, coupler), "balance.ball")).isEmpty();
        }
    }

    @Nested
    class WithoutMass {
        private static Design weightless() {
            return box(thing("cabinet", 0, 1, 0), thing("bag", 0, 2, 0).with(Role.GEAR),
                    thing("bed", 30, 1.5, 0), thing("window", 0, 1, 0.9).with(Mount.SET_IN),
                    thing("paint", 0, 1, 0).with(Mount.SPREAD));
        }

        @Test
        void thingsThatTakeRoomAreNamed() {
            Finding f = finding(weightless(), "balance.unweighed").orElseThrow();

            assertThat(f.things()).containsExactly("cabinet", "bag");
            assertThat(says(f)).contains("2 things have no mass yet").contains("incomplete");
        }

        @Test
        void oneIsCalledByItsName() {
            assertThat(says(finding(box(thing("cabinet", 0, 1, 0)), "balance.unweighed").orElseThrow()))
                    .startsWith("cabinet has no mass yet");
        }

        @Test
        void aGuessFromTheirSizeIsOffered() {
            Analysis before = Analysis.of(weightless());
            Finding f = before.findings().stream().filter(x -> x.id().equals("balance.unweighed")).findFirst()
                    .orElseThrow();

            List<Remedy> remedies = Remedies.of(before, f);
            Design after = remedies.getFirst().edit().apply(before.given());

            // 0.4 × 0.3 × 0.5 m are 60 l: 350 kg/m³ built in, 150 kg/m³ packed
            assertThat(after.thing("cabinet").map(Thing::mass)).contains(Mass.guess(21));
            assertThat(after.thing("bag").map(Thing::mass)).contains(Mass.guess(9));
            assertThat(after.thing("bed")).isEqualTo(before.given().thing("bed"));
        }

        /// 1.28 kWh of lithium iron at 9.5 kg/kWh, 1.2 kWh of wet lead at 22: whatever their cases measure.
        @ParameterizedTest
        @CsvSource({"LITHIUM_IRON, 1280, 12.2", "FLOODED, 1200, 26.4"})
        void aBatteryIsGuessedFromWhatItStores(Battery.Chemistry kind, double wattHours, double mass) {
            Analysis before = Analysis.of(box(thing("cells", 0, 1, 0).with(new Battery(wattHours * 3600, kind)),
                    thing("cabinet", 0, 2, 0)));
            Remedy remedy = Remedies.of(before, before.findings().stream()
                    .filter(x -> x.id().equals("balance.unweighed")).findFirst().orElseThrow()).getFirst();
            Design after = remedy.edit().apply(before.given());

            assertThat(after.thing("cells").map(Thing::mass)).contains(Mass.guess(mass));
            assertThat(after.thing("cabinet").map(Thing::mass)).contains(Mass.guess(21));
            assertThat(remedy.says().text(Style.PLAIN)).startsWith("Guess from what they store and from their size: ");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"GUESS", "CATALOGUE", "RECONCILED", "WEIGHED"})
    void theBaseIsAsSureAsItsOwnUncertaintySays(MassSource source) {
        Design d = box();
        Design known = d.with(d.base().with(new EmptyMass.Entered(400, 1.4, 0.3, 1.8, source, OptionalDouble.of(7))));

        assertThat(LoadedState.of(known, LoadCase.BARE).parts().getFirst().u()).isEqualTo(7);
    }
}
