package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.tank;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.base.Axle;
import lectulum.design.base.EmptyMass;
import lectulum.design.thing.Role;
import lectulum.design.thing.Tank;
import lectulum.design.vehicle.Rating;
import lectulum.design.vehicle.Vehicle;
import lectulum.figures.Finding;
import lectulum.figures.Severity;
import lectulum.kernel.statics.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BalanceTest {

    private static LoadedState state(Design d, String loadCase) {
        return Balance.of(d).state(loadCase).orElseThrow();
    }

    private static List<String> ids(Design d) {
        return Balance.of(d).findings().stream().map(Finding::id).toList();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void massIsConservedAndTheReactionsCarryIt(long seed) {
        Design d = many(60, seed);

        for (LoadedState s : Balance.of(d).states()) {
            double sum = s.parts().stream().mapToDouble(Part::mass).sum();
            double moment = s.parts().stream().mapToDouble(p -> p.mass() * p.x()).sum();

            assertThat(s.mass()).isCloseTo(sum, within(1e-9));
            assertThat(s.tongue() + s.right() + s.left()).isCloseTo(s.mass(), within(1e-9));
            assertThat(s.axle() * s.ballToAxle()).isCloseTo(moment, within(1e-6));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.4, 0.25, 1.1})
    void movingEverythingByADistanceMovesTheCentreByTheSame(double distance) {
        Design d = many(40, 7);
        Set<String> all = Set.copyOf(d.things().stream().map(t -> t.id()).toList());
        EmptyMass.Entered empty = (EmptyMass.Entered) d.base().empty();
        Design moved = d.mapping(all, t -> t.with(t.place().moved(distance, 0, 0)))
                .with(d.base().with(new EmptyMass.Entered(empty.mass(), empty.x() + distance, empty.z(),
                        empty.axleAt(), empty.source())));

        for (String c : List.of("bare", "dry", "departure", "homeward")) {
            assertThat(state(moved, c).roll().x() - state(d, c).roll().x()).isCloseTo(distance, within(1e-9));
        }
    }

    @Test
    void aMirroredCamperHasMirroredWheels() {
        Design d = many(40, 9);
        Set<String> all = Set.copyOf(d.things().stream().map(t -> t.id()).toList());
        Design mirrored = d.mapping(all, t -> t.with(t.place().moved(0, -2 * t.place().y(), 0)));

        LoadedState a = state(d, "departure");
        LoadedState b = state(mirrored, "departure");

        assertThat(b.right()).isCloseTo(a.left(), within(1e-9));
        assertThat(b.tongue()).isCloseTo(a.tongue(), within(1e-9));
    }

    @Test
    void aWeighedBaseGivesBackItsReadings() {
        Design d = box().with(box().base().with(new EmptyMass.Weighed(46, 354, 0.3, 1.8)));

        LoadedState bare = state(d, "bare");

        assertThat(bare.tongue()).isCloseTo(46, within(1e-9));
        assertThat(bare.axle()).isCloseTo(354, within(1e-9));
    }

    /// The axle group of 90 kg moves 0.2 m: the centre of the 400 kg base follows by 90·0.2/400 = 0.045 m.
    @Test
    void theAxlesOwnMassMovesWithIt() {
        Design d = box();
        Design moved = d.with(d.base().with(d.base().axle().at(2.0)));

        assertThat(state(moved, "bare").roll().x() - state(d, "bare").roll().x()).isCloseTo(0.045, within(1e-9));
    }

    /// 60 L of fresh water at departure, a tenth of it homeward; 30 L of grey only homeward; gas burnt to a half.
    @Test
    void loadCasesFillTanksAndPackGear() {
        Design d = box(tank("fresh", Tank.Use.FRESH, 60, 1), tank("grey", Tank.Use.GREY, 30, 2),
                tank("gas", Tank.Use.GAS, 10, 0.5), thing("bag", 20, 1, 0.5).with(Role.GEAR),
                thing("food", 10, 1, -0.5).with(Role.PROVISIONS));

        assertThat(state(d, "bare").mass()).isCloseTo(400, within(1e-9));
        assertThat(state(d, "dry").mass()).isCloseTo(415, within(1e-9));
        assertThat(state(d, "departure").mass()).isCloseTo(415 + 60 + 5.1 + 20 + 10, within(1e-9));
        assertThat(state(d, "homeward").mass()).isCloseTo(415 + 6 + 30 + 2.55 + 20 + 1.5, within(1e-9));
    }

    /// A camper of 742 kg with 78.13 kg on the ball, towed by a vehicle whose rear axle is the first limit.
    @Test
    void findsTheRatingThatLimitsFirst() {
        double x = 2.5678;
        double share = 1 - x / 2.87;
        Design plain = box(thing("all", 342, 0, 0));
        Vehicle vehicle = new Vehicle("Wagon", 1500, 740, 2.67, 1.02, 0.45, 125,
                Map.of(Rating.REAR_AXLE, 1010.0, Rating.TONGUE_VEHICLE, 90.0, Rating.COMBINED_GROSS, 2700.0));
        var base = plain.base().with(plain.base().axle().at(2.87 - 1.2))
                .with(new EmptyMass.Entered(400, x - 1.2, 0.3, 2.87 - 1.2, lectulum.design.thing.MassSource.WEIGHED));
        Design d = plain.with(vehicle).with(base).with(plain.brief().withPeople(List.of()))
                .mapping("all", t -> t.with(t.place().moved(x - 1.2, 0, 0)));

        LoadedState s = state(d, "departure");

        assertThat(s.share()).isCloseTo(share, within(1e-9));
        assertThat(s.tongue()).isCloseTo(78.130, within(0.01));
        assertThat(s.first().orElseThrow().rating()).isEqualTo(Rating.REAR_AXLE);
        assertThat(s.first().orElseThrow().load()).isCloseTo(740 + 62.5 + 78.130 * (1 + 1.02 / 2.67), within(0.02));
    }

    @Test
    void theTowRatingThatCountsDependsOnTheBrakes() {
        Design braked = box().with(new Vehicle("Wagon", 1600, 700, 2.7, 1.0, 0.45, 0,
                Map.of(Rating.TOW_BRAKED, 1500.0, Rating.TOW_UNBRAKED, 300.0)));
        Design unbraked = braked.with(braked.base().with(braked.base().axle().withBrakes(false)));

        assertThat(ids(braked)).doesNotContain("balance.limit.towUnbraked", "balance.limit.towBraked");
        assertThat(ids(unbraked)).contains("balance.limit.towUnbraked");
    }

    @Test
    void aTailHeavyCamperLiftsItsCoupler() {
        Design d = box(thing("anvil", 400, 2.7, 0), thing("bag", 1, 1, 0).with(Role.GEAR));

        assertThat(Balance.of(d).findings()).anySatisfy(f -> {
            assertThat(f.id()).isEqualTo("balance.tongue-lift");
            assertThat(f.severity()).isEqualTo(Severity.STOP);
        });
    }

    @Test
    void aSideHeavyCamperIsTold() {
        Design d = box(thing("fridge", 120, 1.4, 0.7), thing("bag", 1, 1, 0).with(Role.GEAR));

        assertThat(ids(d)).contains("balance.side");
    }

    @Test
    void anAxleInFrontOfTheBallGivesAFindingAndNoReactions() {
        Design d = box().with(box().base().with(box().base().axle().at(-1.5)));

        Balance balance = Balance.of(d);

        assertThat(ids(d)).containsExactly("balance.no-axle");
        assertThat(balance.figures().find("balance.departure.tongue").orElseThrow().value()).isEmpty();
        assertThat(balance.figures().find("balance.departure.tongue").orElseThrow().reason()).contains("axle");
        assertThat(balance.figures().find("balance.departure.mass").orElseThrow().value()).hasValue(400);
    }

    @Test
    void twoAxlesShareTheLoadOnFourTyres() {
        Design one = box().with(box().base().with(Rating.TYRE, java.util.OptionalDouble.of(300)));
        Axle axle = one.base().axle();
        Design two = one.with(one.base().with(axle.with(2, 0.8)));

        assertThat(tyre(two)).isCloseTo(tyre(one) / 2, within(1e-9));
    }

    private static double tyre(Design d) {
        return state(d, LoadCase.DRY.id()).limits().stream().filter(l -> l.rating() == Rating.TYRE)
                .mapToDouble(Limit::load).findFirst().orElseThrow();
    }

    @Test
    void columnsHoldEveryKilogramOfTheThings() {
        Design d = many(30, 3);
        LoadedState s = state(d, "departure");

        double inColumns = MassColumns.of(d, s, 0.2).bySystem().values().stream()
                .flatMap(c -> c.values().stream()).mapToDouble(Double::doubleValue).sum();

        assertThat(inColumns).isCloseTo(s.mass() - 400, within(1e-9));
    }

    /// Moments about the ball: what the axle carries times its distance is the sum of all masses times theirs.
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void theMomentsAboutTheBallClose(long seed) {
        Design d = lectulum.Samples.many(200, seed);
        for (LoadedState s : Balance.of(d).states()) {
            double moment = s.parts().stream().mapToDouble(p -> p.mass() * p.x()).sum();
            double across = s.parts().stream().mapToDouble(p -> p.mass() * p.y()).sum();

            assertThat(s.axle() * s.ballToAxle()).isCloseTo(moment, within(1e-9 * moment));
            assertThat((s.right() - s.left()) * d.base().axle().track() / 2).isCloseTo(across, within(1e-8));
            assertThat(s.tongue() + s.left() + s.right()).isCloseTo(s.mass(), within(1e-9));
        }
    }

    /// What the room for cargo allows is just allowed: a kilogram more breaks the limit that was named.
    @ParameterizedTest
    @ValueSource(doubles = {1.4, 2.0, 2.6, 3.2, 3.8})
    void theRoomForCargoEndsExactlyAtTheLimit(double x) {
        Design d = lectulum.Samples.box(lectulum.Samples.thing("chest", 120, 1.2, 0));
        LoadedState s = Balance.of(d).state("departure").orElseThrow();
        CargoRoom room = CargoRoom.of(s, new CargoRoom.Levers(3.0, 1.6, 1.2, 2.7, 1.0), d.brief().tongueLow(),
                d.brief().tongueHigh(), x, 0);
        Design full = d.plus(lectulum.Samples.thing("more", room.room(), x - 1.2, 0));
        Design over = d.plus(lectulum.Samples.thing("more", room.room() + 1, x - 1.2, 0));

        assertThat(room.by()).isNotEmpty();
        assertThat(broken(full)).isFalse();
        assertThat(broken(over)).isTrue();
    }

    private static boolean broken(Design d) {
        LoadedState s = Balance.of(d).state("departure").orElseThrow();
        return s.share() < d.brief().tongueLow() - 1e-9 || s.share() > d.brief().tongueHigh() + 1e-9
                || s.limits().stream().anyMatch(l -> l.left() < -1e-9);
    }

    /// Springs stand nearer to each other than the wheels: the room beside the fuller side ends exactly at their rating.
    @ParameterizedTest
    @ValueSource(doubles = {-0.7, -0.2, 0.4, 0.8})
    void theRoomByTheSpringsIsExactOnBothSides(double y) {
        Design bare = lectulum.Samples.box(lectulum.Samples.thing("chest", 120, 1.2, 0.3));
        Design d = bare.with(bare.base().with(lectulum.design.vehicle.Rating.SPRING, java.util.OptionalDouble.of(270)));
        LoadedState s = Balance.of(d).state("departure").orElseThrow();
        CargoRoom room = CargoRoom.of(s, new CargoRoom.Levers(3.0, 1.6, 1.2, 2.7, 1.0), -9, 9, 2.9, y);

        assertThat(room.by()).isEqualTo("each spring");
        Design full = d.plus(lectulum.Samples.thing("more", room.room(), 2.9 - 1.2, y));
        assertThat(Balance.of(full).state("departure").orElseThrow().left(lectulum.design.vehicle.Rating.SPRING)
                .orElseThrow())
                .isCloseTo(0, within(1e-9));
    }
}
