package lectulum.design;

import static lectulum.Samples.box;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import org.junit.jupiter.api.Test;

/// Several vehicles of one design and which of them tows.
class GarageOfDesignTest {
    private static final Vehicle VAN = new Vehicle("Van", 1500, 650, 2.9, 0.9, 0.44, 20,
            Map.of(Rating.TOW_BRAKED, 1200.0)).withBall(0.050).withOwn(Map.of("tow.half", 0.93));

    private static Design design() {
        Design d = box().withGarage(List.of(VAN));
        return d.with(d.settings().with("tow.half", 0.80).with("gate.high", 1.4).with("road.speed", 22));
    }

    @Test
    void theOtherVehicleTowsAndTheFirstStandsInTheGarage() {
        Design swapped = design().towedBy(0);

        assertThat(swapped.vehicle().name()).isEqualTo("Van");
        assertThat(swapped.garage()).extracting(Vehicle::name).containsExactly("Wagon");
    }

    @Test
    void whatWasMeasuredOnAVehicleGoesWithIt() {
        Design swapped = design().towedBy(0);

        assertThat(swapped.settings().assumed()).containsEntry("tow.half", 0.93).doesNotContainKey("gate.high");
        assertThat(swapped.garage().getFirst().own()).containsEntry("tow.half", 0.80).containsEntry("gate.high", 1.4);
    }

    @Test
    void whatIsNotOfTheVehicleStays() {
        assertThat(design().towedBy(0).settings().assumed()).containsEntry("road.speed", 22.0);
    }

    @Test
    void changingForthAndBackChangesNothing() {
        assertThat(design().towedBy(0).towedBy(0)).isEqualTo(design());
    }

    @Test
    void theOneThatTowsKeepsItsValuesInTheSettingsOnly() {
        assertThat(design().towedBy(0).vehicle().own()).isEmpty();
    }

    @Test
    void aVehicleIsChangedWhereItStands() {
        Design d = design().mappingVehicle(0, v -> v.named("Old van")).mappingVehicle(Design.TOWING,
                v -> v.with(Rating.PAYLOAD, OptionalDouble.of(480)));

        assertThat(d.garage().getFirst().name()).isEqualTo("Old van");
        assertThat(d.vehicle().rating(Rating.PAYLOAD)).hasValue(480);
        assertThat(d.vehicle(0)).isSameAs(d.garage().getFirst());
        assertThat(d.vehicle(Design.TOWING)).isSameAs(d.vehicle());
    }

    @Test
    void aMeasuredValueGoesToTheVehicleItIsAbout() {
        Design d = design().measured(0, "gate.high", 1.7).measured(Design.TOWING, "gate.high", 1.5);

        assertThat(d.garage().getFirst().own()).containsEntry("gate.high", 1.7);
        assertThat(d.settings().assumed()).containsEntry("gate.high", 1.5);
        assertThat(d.measured(0, "gate.high", Double.NaN).garage().getFirst().own()).doesNotContainKey("gate.high");
    }

    @Test
    void editingAVehicleKeepsItsBallAndItsOwnValues() {
        Vehicle edited = VAN.named("x").withKerb(1400, 600).withGeometry(2.8, 0.8, 0.4).withLuggage(5)
                .with(Rating.TOW_BRAKED, OptionalDouble.empty());

        assertThat(edited.ball()).hasValue(0.050);
        assertThat(edited.own()).isEqualTo(VAN.own());
        assertThat(edited.ratings()).isEmpty();
    }

    @Test
    void onlyValuesOfTheVehicleItselfTravel() {
        assertThat(List.of("tow.half", "gate.radius", "vehicle.tail", "turn.radius", "hitch.rear"))
                .allMatch(Vehicle::owns);
        assertThat(List.of("jack.at", "turn.good", "hitch.coupler", "coupler.size", "road.speed"))
                .noneMatch(Vehicle::owns);
    }
}
