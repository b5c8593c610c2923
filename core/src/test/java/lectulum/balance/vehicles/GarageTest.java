package lectulum.balance.vehicles;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.figures.Verdict;
import org.junit.jupiter.api.Test;

/// Several vehicles before one camper.
class GarageTest {
    private static final Vehicle STRONG = new Vehicle("Truck", 2200, 1000, 3.1, 1.1, 0.45, 0,
            Map.of(Rating.TOW_BRAKED, 2500.0, Rating.TONGUE_VEHICLE, 200.0, Rating.PAYLOAD, 900.0)).withBall(0.050);
    private static final Vehicle WEAK = new Vehicle("Runabout", 980, 400, 2.4, 0.7, 0.40, 0,
            Map.of(Rating.TOW_BRAKED, 480.0, Rating.TONGUE_VEHICLE, 50.0)).withBall(0.0508);

    /// 600 kg, 2.6 m behind the ball: 80 kg of tongue, 13.3 %.
    private static Design design() {
        Design d = box(thing("chest", 200, 1.4, 0)).withGarage(List.of(STRONG, WEAK));
        return d.with(d.settings().with("coupler.size", 0.050)).with(
                d.vehicle().with(Rating.TOW_BRAKED, OptionalDouble.of(1500)).withBall(0.050));
    }

    private static Garage garage(Design d) {
        Analysis a = Analysis.of(d);
        return Garage.of(d, a::peek);
    }

    private static List<String> stops(Garage.Match m) {
        return m.findings().stream().filter(f -> f.severity() == Severity.STOP).map(Finding::id).toList();
    }

    @Test
    void theVehicleThatTowsComesFirst() {
        assertThat(garage(design()).matches()).extracting(m -> m.vehicle().name()).containsExactly("Wagon", "Truck",
                "Runabout");
        assertThat(garage(design()).matches()).extracting(Garage.Match::index).containsExactly(Design.TOWING, 0, 1);
    }

    @Test
    void eachRatingIsSetAgainstTheWorstCase() {
        Garage.Match weak = garage(design()).matches().get(2);

        Garage.Worst tongue = weak.limit(Rating.TONGUE_VEHICLE).orElseThrow();

        // all cases that hold the chest: 600 kg × (3.0 − 2.6)/3.0
        assertThat(tongue.limit().load()).isCloseTo(80, within(0.01));
        assertThat(tongue.limit().left()).isCloseTo(-30, within(0.01));
        assertThat(weak.limits().getFirst()).isEqualTo(tongue);
        assertThat(weak.limit(Rating.PAYLOAD)).isEmpty();
    }

    @Test
    void theWeakOneMustNotTowIt() {
        Garage.Match weak = garage(design()).matches().get(2);

        assertThat(weak.verdict()).isEqualTo(Verdict.STOP);
        assertThat(stops(weak)).contains("balance.limit.tongueVehicle", "balance.limit.towBraked", "balance.ball");
    }

    @Test
    void theStrongOneMay() {
        Garage.Match strong = garage(design()).matches().get(1);

        assertThat(stops(strong)).isEmpty();
        assertThat(strong.verdict()).isIn(Verdict.GOOD, Verdict.WARN);
    }

    @Test
    void aVehicleOfWhichNothingIsKnownIsNotCalledFine() {
        Vehicle blank = new Vehicle("Blank", 2200, 1000, 3.1, 1.1, 0.45, 0, Map.of());
        Design d = design().withGarage(List.of(blank));
        Garage.Match m = garage(d).matches().get(1);

        assertThat(m.limits()).isEmpty();
        assertThat(m.verdict()).isNotEqualTo(Verdict.GOOD);
    }

    @Test
    void whatTheTrailerItselfBreaksIsNotHeldAgainstAVehicle() {
        Design d = design();
        Design overloaded = d.with(d.base().with(Rating.GROSS_PLATE, OptionalDouble.of(300)));

        assertThat(garage(overloaded).matches()).allSatisfy(
                m -> assertThat(m.findings()).extracting(Finding::id).doesNotContain("balance.limit.grossPlate"));
    }

    @Test
    void aWiderVehicleTouchesEarlier() {
        Design d = design().measured(0, "tow.half", 1.05).measured(1, "tow.half", 0.70);
        List<Garage.Match> all = garage(d).matches();

        assertThat(all.get(1).figures().value("outside.turn")).isLessThan(all.get(2).figures().value("outside.turn"));
    }

    @Test
    void comparingChangesNothing() {
        Design d = design();

        Garage before = garage(d);
        Garage swapped = garage(d.towedBy(1));

        assertThat(swapped.matches().getFirst().limits()).isEqualTo(before.matches().get(2).limits());
        assertThat(swapped.matches().get(2).limits()).isEqualTo(before.matches().getFirst().limits());
    }

    @Test
    void whatTheFirstVehicleGetsIsWhatTheDesignGets() {
        for (Campers.Demo demo : Campers.demos()) {
            Analysis a = Analysis.of(Campers.demo(demo.key()).orElseThrow().design());
            Garage.Match first = Garage.of(a.design(), a::peek).matches().getFirst();

            assertThat(a.findings()).extracting(Finding::id)
                    .containsAll(first.findings().stream().map(Finding::id).toList());
            assertThat(a.figures().value("sway.damping")).isEqualTo(first.figures().value("sway.damping"));
        }
    }

    @Test
    void aCamperWithoutAnAxleIsComparedByItsMassOnly() {
        Design d = design();
        Design axleless = d.with(d.base().with(d.base().axle().at(-2)));

        assertThat(garage(axleless).matches()).hasSize(3).allSatisfy(
                m -> assertThat(m.figures().find("sway.damping")).isEmpty());
        assertThat(garage(axleless).matches().get(2).limit(Rating.TOW_BRAKED)).isPresent();
    }
}
