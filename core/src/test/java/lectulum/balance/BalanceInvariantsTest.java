package lectulum.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.brief.CamperType;
import lectulum.design.thing.Thing;
import lectulum.design.vehicle.Rating;
import lectulum.kernel.statics.AxlePlace;
import lectulum.kernel.statics.Part;
import lectulum.layout.Mirror;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What holds for the balance of any camper in any case, tried on every camper that ships.
class BalanceInvariantsTest {
    private static final double TIGHT = 1e-9;

    static Stream<Design> designs() {
        return Stream.concat(
                Campers.demos().stream().flatMap(d -> Campers.demo(d.key()).orElseThrow().variants().stream())
                        .map(v -> v.design()),
                Stream.of(CamperType.values()).map(t -> Campers.start(t, "New").design()));
    }

    private static List<LoadedState> states(Design d) {
        List<LoadedState> all = new ArrayList<>();
        for (LoadCase c : d.cases()) {
            for (Mode mode : Mode.values()) {
                all.add(LoadedState.of(d, c, mode));
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("designs")
    void theMomentsAboutTheBallAndAboutTheAxleClose(Design d) {
        for (LoadedState s : states(d)) {
            double a = s.ballToAxle();
            double ball = s.parts().stream().mapToDouble(p -> p.mass() * p.x()).sum() - s.axle() * a;
            double axle = s.parts().stream().mapToDouble(p -> p.mass() * (a - p.x())).sum() - s.tongue() * a;

            assertThat(ball).isCloseTo(0, within(TIGHT * s.mass() * a));
            assertThat(axle).isCloseTo(0, within(TIGHT * s.mass() * a));
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void wheelsAndBallCarryAllThereIs(Design d) {
        for (LoadedState s : states(d)) {
            assertThat(s.right() + s.left() + s.tongue()).isCloseTo(s.mass(), within(TIGHT * s.mass()));
            assertThat(s.parts().stream().mapToDouble(Part::mass).sum()).isCloseTo(s.mass(), within(TIGHT * s.mass()));
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void theTongueIsTheSumOfWhatEachThingPutsOnIt(Design d) {
        for (LoadedState s : Balance.of(d).states()) {
            double sum = s.tongueBy("") + s.tongueBy(Forgotten.ID)
                    + d.things().stream().map(Thing::id).mapToDouble(s::tongueBy).sum();

            assertThat(sum).as(s.loadCase().name()).isCloseTo(s.tongue(), within(1e-6));
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void mirroredTheWheelsChangeSides(Design d) {
        Design mirrored = Mirror.edit().apply(d);
        for (LoadCase c : d.cases()) {
            LoadedState one = LoadedState.of(d, c);
            LoadedState other = LoadedState.of(mirrored, c);

            assertThat(other.left()).isCloseTo(one.right(), within(1e-6));
            assertThat(other.right()).isCloseTo(one.left(), within(1e-6));
            assertThat(other.tongue()).isCloseTo(one.tongue(), within(1e-6));
            assertThat(other.roll().yawInertia()).isCloseTo(one.roll().yawInertia(), within(1e-6));
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void rainNeverMakesItLighterAndAFullerTankNeverEither(Design d) {
        for (LoadCase c : d.cases()) {
            double mass = LoadedState.of(d, c).mass();

            assertThat(LoadedState.of(d, c.soaked(1)).mass()).isGreaterThanOrEqualTo(LoadedState.of(d, c.soaked(0))
                    .mass());
            assertThat(LoadedState.of(d, c.withFills(1, 1, 1)).mass()).isGreaterThanOrEqualTo(mass);
        }
    }

    @ParameterizedTest
    @MethodSource("designs")
    void limitsAreInOrderOfTheirMarginAndChancesAreChances(Design d) {
        for (LoadedState s : Balance.of(d).states()) {
            for (int i = 0; i < s.limits().size(); i++) {
                Limit l = s.limits().get(i);
                assertThat(l.exceeded()).isBetween(0.0, 1.0);
                assertThat(l.u()).isGreaterThanOrEqualTo(0);
                assertThat(l.left()).isCloseTo(l.margin() * l.rated(), within(1e-9));
                assertThat(l.exceeded() > 0.5).as(l.rating().label()).isEqualTo(l.load() > l.rated());
                if (i > 0) {
                    assertThat(l.margin()).isGreaterThanOrEqualTo(s.limits().get(i - 1).margin());
                }
            }
        }
    }

    /// The places where the axle keeps every trip really keep it, at both ends and in the middle; just outside they do not.
    @ParameterizedTest
    @MethodSource("designs")
    void theAxleMayStandWhereItIsSaidTo(Design d) {
        AxlePlace place = Balance.axlePlace(d, Balance.of(d).states()).orElseThrow();
        if (!place.possible()) {
            return;
        }
        for (double x : new double[]{place.from() + 1e-6, (place.from() + place.to()) / 2, place.to() - 1e-6}) {
            assertThat(keeps(d, x)).as("at " + x + " of " + place).isTrue();
        }
        assertThat(keeps(d, place.from() - 0.004) && keeps(d, place.to() + 0.004)).isFalse();
    }

    private static boolean keeps(Design d, double ballToAxle) {
        Design moved = d.with(d.base().with(d.base().axle().at(ballToAxle - d.base().tongueLength())));
        double low = d.brief().tongueLow() - 1e-9;
        double high = d.brief().tongueHigh() + 1e-9;
        return Balance.of(moved).states().stream().filter(LoadedState::trip)
                .allMatch(s -> s.share() >= low && s.share() <= high && s.tongue() <= Balance.tongueMax(d) + 1e-9
                        && s.axle() <= d.base().rating(Rating.AXLE).orElse(Double.POSITIVE_INFINITY) + 1e-9);
    }
}
