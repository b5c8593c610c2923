package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Person;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What the tow vehicle carries where, by seat, boot and the meaning of its kerb mass; and two axles on rockers.
class VehicleAndRockersTest {
    private static final double WHEELBASE = 2.70;

    private static Design with(Vehicle v, double... people) {
        Design d = box();
        Brief b = d.brief();
        List<Person> all = java.util.stream.IntStream.range(0, people.length)
                .mapToObj(i -> new Person("p" + i, "P" + i, 1.7, people[i])).toList();
        return d.with(b.withPeople(all)).with(v);
    }

    private static Vehicle car(double luggage) {
        return new Vehicle("Car", 1600, 700, WHEELBASE, 1.0, 0.45, luggage, Map.of(Rating.REAR_AXLE, 1100.0,
                Rating.PAYLOAD, 500.0));
    }

    private static Vehicle seated(double luggage) {
        return car(luggage).with(Optional.of(new Vehicle.Seats(1.35, 0.45, -0.54, 2)));
    }

    /// Two of 80 kg at 1.35 load the rear axle by 0.5 of it, one of 30 kg at 0.45 by 5/6, 50 kg of luggage 0.54 behind it by
    /// 1.2: 700 + 80 + 25 + 60.
    @Test
    void peopleAndLuggageBearByWhereTheySit() {
        VehicleLoads loads = VehicleLoads.of(with(seated(50), 80, 80, 30));

        assertThat(loads.rear()).isCloseTo(700 + 80 + 25 + 60, within(1e-9));
        assertThat(loads.front()).isCloseTo(900 + 80 + 5 - 10, within(1e-9));
        assertThat(loads.mass()).isCloseTo(1600 + 240, within(1e-9));
    }

    @Test
    void withoutSeatsHalfIsOnEachAxle() {
        VehicleLoads loads = VehicleLoads.of(with(car(50), 80, 80, 30));

        assertThat(loads.rear()).isCloseTo(700 + 120, within(1e-9));
        assertThat(loads.front()).isCloseTo(900 + 120, within(1e-9));
    }

    /// Moments about the ground under the rear axle are the same by any path: the front axle times the wheelbase.
    @Test
    void momentsAboutTheRearAxleAddUp() {
        Design d = with(
                seated(50)
                        .with(new Vehicle.Papers(Vehicle.Kerb.RUNNING_ORDER, OptionalDouble.of(0.060), true, 0.4, 35)),
                80, 70,
                30);
        double tank = 0.5;
        double fuel = 835 * 0.060 * (0.4 - 0.9);

        double moment = 900 * WHEELBASE - 75 * 1.35 + fuel * tank + 35 * WHEELBASE / 2
                + 150 * 1.35 + 30 * 0.45 - 50 * 0.54;

        assertThat(VehicleLoads.of(d).front() * WHEELBASE).isCloseTo(moment, within(1e-9));
    }

    /// A tank of 60 L half full, petrol of 0.745: by a full tank −22.35 kg, by 90 % −17.88 and no driver, by 10 L 14.9.
    @ParameterizedTest
    @CsvSource({"CURB, -22.35", "RUNNING_ORDER, -92.88", "TARE, 14.90", "AS_DRIVEN, 0"})
    void aKerbMassMeansWhatItsPapersSay(Vehicle.Kerb kerb, double off) {
        Vehicle v = car(0).with(new Vehicle.Papers(kerb, OptionalDouble.of(0.060), false, 0.5, 0));

        assertThat(VehicleLoads.of(with(v, 80)).ready()).isCloseTo(1600 + off, within(1e-9));
    }

    /// The payload on European papers leaves out its driver: two of 80 kg use 85 kg of it, not 160.
    @Test
    void thePayloadOfRunningOrderHasItsDriverAlready() {
        Vehicle curb = car(0);
        Vehicle order = car(0)
                .with(new Vehicle.Papers(Vehicle.Kerb.RUNNING_ORDER, OptionalDouble.empty(), false, 1, 0));

        double plain = Analysis.of(with(curb, 80, 80)).figures().value("balance.departure.payloadLeft");
        double european = Analysis.of(with(order, 80, 80)).figures().value("balance.departure.payloadLeft");

        assertThat(european - plain).isCloseTo(75, within(1e-9));
    }

    @Test
    void theRearAxlesRatingSeesTheBoot() {
        Design light = with(seated(0), 80);
        Design full = with(seated(100), 80);

        double more = limit(full).load() - limit(light).load();

        assertThat(more).as("100 kg 0.54 behind an axle 2.70 from the other").isCloseTo(120, within(1e-9));
    }

    private static Limit limit(Design d) {
        return Balance.of(d).state("departure").orElseThrow().limits().stream()
                .filter(l -> l.rating() == Rating.REAR_AXLE).findFirst().orElseThrow();
    }

    private static Design tandem(double front, double rear) {
        Design d = box(thing("load", 300, 1.6, 0));
        Axle a = d.base().axle();
        return d.with(d.base().with(a.with(2, 0.80).withRockers(front, rear)));
    }

    @Test
    void equalArmsAreTheMiddle() {
        assertThat(tandem(0.2, 0.2).base().ballToAxle()).isCloseTo(tandem(0, 0).base().ballToAxle(), within(1e-12));
        assertThat(Balance.of(tandem(0.2, 0.2)).state("departure").orElseThrow().axles())
                .satisfies(axles -> assertThat(axles.get(0).load()).isCloseTo(axles.get(1).load(), within(1e-9)));
    }

    /// R₁e₁ = R₂e₂: with arms of 0.20 and 0.30 the front axle carries 0.6. Forces and moments of ball and both axles balance.
    @Test
    void unequalArmsShareUnequally() {
        LoadedState s = Balance.of(tandem(0.20, 0.30)).state("departure").orElseThrow();
        double front = s.axles().get(0).load();
        double rear = s.axles().get(1).load();

        assertThat(front * 0.20).isCloseTo(rear * 0.30, within(1e-9));
        assertThat(s.tongue() + front + rear).isCloseTo(s.mass(), within(1e-9));
        assertThat(front * s.axles().get(0).x() + rear * s.axles().get(1).x()).as("moments about the ball")
                .isCloseTo(s.mass() * s.roll().x(), within(1e-6));
        assertThat(s.axles().get(1).x() - s.axles().get(0).x()).isCloseTo(0.80, within(1e-12));
        assertThat(s.fullest()).isCloseTo(0.6, within(1e-12));
    }

    /// The place that the solver finds gives the tongue it aims at when the axles are put there.
    @Test
    void theSolverKnowsWhereUnequalArmsBear() {
        Design d = tandem(0.20, 0.35);
        Balance before = Balance.of(d);
        double place = Balance.axlePlace(d, before.states()).orElseThrow().best();

        Design moved = d.with(d.base().with(
                d.base().axle().at(place - d.base().tongueLength() - d.base().axle().bearing())));

        LoadedState reference = Balance.of(moved).states().stream().filter(LoadedState::trip).findFirst().orElseThrow();
        double aim = (d.brief().tongueLow() + d.brief().tongueHigh()) / 2;
        assertThat(moved.base().ballToAxle()).isCloseTo(place, within(1e-12));
        assertThat(reference.share()).isCloseTo(aim, within(0.02));
    }

    @Test
    void axlesOnSpringsOfTheirOwnHaveNoRocker() {
        Design d = tandem(0.20, 0.35);
        Design torsion = d.with(d.settings().with("spring.torsion", 1));

        assertThat(Analysis.of(torsion).design().base().axle().bearing()).isZero();
        assertThat(Analysis.of(torsion).given()).isEqualTo(torsion);
    }
}
