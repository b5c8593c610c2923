package lectulum.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.demo.Campers;
import lectulum.design.Design;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// The figures of Air worked out again from one another, as a careful reader would with pencil and paper, for closed campers in five colds.
class AirByHandTest {

    /// Camper, coldest night \[°C\], the warmth wanted \[°C\].
    static Stream<Arguments> nights() {
        return Stream.of("nightjar", "dunlin").flatMap(demo -> Stream.of(-20.0, -8.0, -1.0, 4.0, 9.0)
                .flatMap(out -> Stream.of(16.0, 19.0).map(in -> Arguments.of(demo, out, in))));
    }

    private static Analysis of(String demo, double out, double in) {
        Design d = Campers.demo(demo).orElseThrow().design();
        return Analysis.of(d.with(d.brief().withTravel(d.brief().travel().withColdest(OptionalDouble.of(out))))
                .with(d.settings().with(Assumption.AIR_DAY.id(), in).with(Assumption.AIR_NIGHT.id(), in)));
    }

    private static double value(Analysis a, String figure) {
        return a.figures().value(figure);
    }

    /// H = walls + air; P = H (Ti − Te); a quarter more is bought.
    @ParameterizedTest
    @MethodSource("nights")
    void lossGoesWithTheDifference(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        double loss = value(a, "air.loss.walls") + value(a, "air.loss.air");

        assertThat(value(a, "air.loss")).isCloseTo(loss, within(1e-9 * loss));
        assertThat(value(a, "air.heat.load")).isCloseTo(loss * (in - out), within(1e-6 * loss));
        assertThat(value(a, "air.heat.size")).isCloseTo(1.25 * loss * (in - out), within(1e-6 * loss));
    }

    /// People give what the heater need not: both ways of telling it agree.
    @ParameterizedTest
    @MethodSource("nights")
    void peopleWarmAsMuchAsTheyTakeOffTheHeater(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        double people = value(a, "air.heat.alone") * value(a, "air.loss");
        double sleepers = a.design().brief().people().size();

        assertThat(people / sleepers).as("of one who sits [W]").isBetween(50.0, 130.0);
        assertThat(value(a, "air.heat.running")).isCloseTo(Math.max(0, value(a, "air.heat.load") - people),
                within(0.01));
    }

    /// What the heaters hold down to, and what they reach, are the same power over the same loss: Ti − down = reaches − Te.
    @ParameterizedTest
    @MethodSource("nights")
    void holdingAndReachingAreOneSum(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        OptionalDouble down = a.figures().find("air.heat.down").flatMap(f -> f.value().stream().boxed().findFirst())
                .map(OptionalDouble::of).orElse(OptionalDouble.empty());
        if (down.isEmpty()) {
            assertThat(demo).as("has no heater").isEqualTo("dunlin");
            return;
        }

        assertThat(in - down.getAsDouble()).isCloseTo(value(a, "air.heat.reaches") - out, within(1e-6));
    }

    /// CO2 = need (1500 − 420 ppm); with the vents open it settles where that is carried off.
    @ParameterizedTest
    @MethodSource("nights")
    void airSettlesWhereWhatIsBreathedOutIsCarriedOff(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        double carbon = value(a, "air.breath.need") * (1500 - 420);
        double settles = 420 + carbon / value(a, "air.breath.open");

        assertThat(value(a, "air.breath.settles")).isCloseTo(settles, within(0.01 * settles));
        assertThat(value(a, "air.breath.shut")).isGreaterThan(value(a, "air.breath.settles"));
    }

    /// √2 Q / (0.6 √(2 g Δh ΔT/T)) falls with the root of the difference: twice as cold, openings by 1/√2.
    @ParameterizedTest
    @MethodSource("nights")
    void damperShutThanOpenAndBothWithinBounds(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        double open = value(a, "air.damp.humid");
        double shut = value(a, "air.damp.shut");

        assertThat(open).isBetween(0.05, 1.0);
        assertThat(shut).isBetween(open, 1.0);
        assertThat(value(a, "air.joint.flow")).isGreaterThanOrEqualTo(value(a, "air.breath.need") - 1e-12);
    }

    /// A surface lies between the air on its two sides, nearer to the room the better it keeps; over a stud it is colder.
    @ParameterizedTest
    @MethodSource("nights")
    void surfacesLieBetweenInsideAndOutside(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        for (String side : new String[]{"roof", "sides", "front", "rear", "floor"}) {
            double inside = value(a, "air." + side + ".inside");
            double u = value(a, "air." + side + ".u");

            assertThat(inside).as(side).isBetween(out, in);
            assertThat(value(a, "air." + side + ".stud")).as(side).isBetween(out, inside + 1e-9);
            // Rsi is 0.10 upwards, 0.13 sideways, 0.17 downwards; between the studs less passes than the whole does, over one more.
            assertThat((in - inside) / (in - out)).as(side).isBetween(0.01, 0.17 * u + 1e-9);
            assertThat((in - value(a, "air." + side + ".stud")) / (in - out)).as(side).isGreaterThan(0.5 * 0.10 * u);
        }
    }

    /// Twice as much insulation never loses more, and the walls' share is what changes: the air's is as it was.
    @ParameterizedTest
    @MethodSource("nights")
    void whatIsAssumedInsideChangesOnlyWhatHangsOnIt(String demo, double out, double in) {
        Analysis a = of(demo, out, in);
        Analysis warmer = of(demo, out, in + 3);

        assertThat(value(warmer, "air.loss.walls")).isCloseTo(value(a, "air.loss.walls"), within(1e-9));
        assertThat(value(warmer, "air.heat.load") - value(a, "air.heat.load")).isCloseTo(3 * value(a, "air.loss"),
                within(0.02 * value(a, "air.loss")));
        assertThat(Assumed.value(warmer.design(), Assumption.AIR_DAY)).isEqualTo(in + 3);
    }
}
