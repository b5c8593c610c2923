package lectulum.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.statics.AxlePlace;
import lectulum.kernel.statics.MassRoll;
import lectulum.kernel.statics.Part;
import lectulum.kernel.statics.Statics;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Cases worked by hand to five digits: one small trailer with two tanks, and a five-part build with uncertain masses.
class WorkedExamplesTest {
    private static final Percentage CLOSE = withinPercentage(0.01);
    private static final double BALL_TO_AXLE = 2.80;
    private static final double TRACK = 1.52;

    /// Frame, shell, galley, mattress, battery, tongue box, fridge, kitchen and food, clothes, spare wheel, rack:
    /// mass, x, y, z, length, width.
    private static final double[][] FIXED = {{112, 1.95, 0, .43, 3.9, 1.35}, {205, 2.52, 0, 1.02, 2.85, 1.55},
            {58, 3.62, .05, .8, .55, 1.45}, {24, 2.3, 0, .62, 1.9, 1.4}, {27, 1.02, -.22, .56, .33, .18},
            {36, .88, .08, .6, .45, 1.0}, {23, 3.5, .42, .78, .6, .4}, {42, 3.66, -.25, .82, .5, .8},
            {28, 2.05, .1, .72, .8, 1.1}, {18, 3.98, 0, .62, .2, .65}, {31, 2.6, .48, 1.74, 2.1, .9}};

    private static List<Part> trailer(double axle, double fresh, double grey) {
        List<Part> parts = new ArrayList<>();
        for (double[] f : FIXED) {
            parts.add(part(f[0], f[1], f[2], f[3], f[4], f[5]));
        }
        parts.add(part(76, axle, 0, .31, .6, 1.7));
        parts.add(part(60 * fresh, 2.95, -.28, .40 + fresh * .22 / 2, .7, .4));
        parts.add(part(40 * grey, 3.25, .30, .38 + grey * .19 / 2, .55, .4));
        return parts;
    }

    private static Part part(double m, double x, double y, double z, double lx, double ly) {
        return new Part("", m, x, y, z, lx, ly, 0, 0, false);
    }

    @ParameterizedTest
    @CsvSource({"1, 0, 740, 2.5582, -0.00016216, 0.73927, 835.10, 63.914, 0.086371, 676.09, 337.96, 338.12",
            "0.1, 1, 726, 2.5671, 0.037190, 0.74094, 842.87, 60.379, 0.083166, 665.62, 350.57, 315.05",
            "0, 0, 680, 2.5236, 0.024529, 0.75950, 816.71, 67.129, 0.098718, 612.87, 317.41, 295.46"})
    void rollsUpMassesAndFindsTheReactions(double fresh, double grey, double mass, double x, double y, double z,
            double inertia, double tongue, double share, double axle, double right, double left) {
        MassRoll roll = MassRoll.of(trailer(BALL_TO_AXLE, fresh, grey));

        double t = Statics.tongueLoad(roll.mass(), roll.x(), BALL_TO_AXLE).orElseThrow();
        double r = Statics.rightLoad(roll.mass() - t, roll.mass(), roll.y(), TRACK);

        assertThat(roll.mass()).isCloseTo(mass, CLOSE);
        assertThat(roll.x()).isCloseTo(x, CLOSE);
        assertThat(roll.y()).isCloseTo(y, CLOSE);
        assertThat(roll.z()).isCloseTo(z, CLOSE);
        assertThat(roll.yawInertia()).isCloseTo(inertia, CLOSE);
        assertThat(t).isCloseTo(tongue, CLOSE);
        assertThat(t / roll.mass()).isCloseTo(share, CLOSE);
        assertThat(roll.mass() - t).isCloseTo(axle, CLOSE);
        assertThat(r).isCloseTo(right, CLOSE);
        assertThat(roll.mass() - t - r).isCloseTo(left, CLOSE);
    }

    @Test
    void findsTheAxlePlaceThatKeepsEveryCaseInTheBand() {
        List<AxlePlace.Fixed> cases = List.of(fixed("departure", 1, 0), fixed("homeward", 0.1, 1),
                fixed("empty", 0, 0));

        AxlePlace place = AxlePlace.of(cases, 76, 0, new AxlePlace.Wanted(0.10, 0.15, 100, 680), 0.12).orElseThrow();

        assertThat(place.from()).isCloseTo(2.8593, CLOSE);
        assertThat(place.fromCase()).isEqualTo("homeward");
        assertThat(place.to()).isCloseTo(2.9791, CLOSE);
        assertThat(place.toCase()).isEqualTo("departure");
        assertThat(place.best()).isCloseTo(2.9211, CLOSE);
        assertThat(place.rounded(0.005)).isCloseTo(2.92, CLOSE);
        assertThat(shareWithAxleAt(2.92, 1, 0)).isCloseTo(0.11970, CLOSE);
        assertThat(shareWithAxleAt(2.92, 0.1, 1)).isCloseTo(0.11654, CLOSE);
        assertThat(shareWithAxleAt(2.92, 0, 0)).isCloseTo(0.13116, CLOSE);
    }

    private static AxlePlace.Fixed fixed(String name, double fresh, double grey) {
        List<Part> parts = trailer(BALL_TO_AXLE, fresh, grey);
        parts.removeIf(p -> p.mass() == 76);
        MassRoll roll = MassRoll.of(parts);
        return new AxlePlace.Fixed(name, roll.mass(), roll.x());
    }

    private static double shareWithAxleAt(double axle, double fresh, double grey) {
        MassRoll roll = MassRoll.of(trailer(axle, fresh, grey));
        return Statics.tongueLoad(roll.mass(), roll.x(), axle).orElseThrow() / roll.mass();
    }

    @Test
    void saysWhenNoAxlePlaceFitsAllCases() {
        List<AxlePlace.Fixed> cases = List.of(new AxlePlace.Fixed("light tail", 600, 2.2),
                new AxlePlace.Fixed("heavy tail", 600, 2.8));

        AxlePlace place = AxlePlace.of(cases, 76, 0, new AxlePlace.Wanted(0.10, 0.15, 1e9, 1e9), 0.12).orElseThrow();

        assertThat(place.possible()).isFalse();
        assertThat(place.fromCase()).isEqualTo("heavy tail");
        assertThat(place.toCase()).isEqualTo("light tail");
    }

    @Test
    void propagatesTheDoubtOfMassesAndPlaces() {
        List<Part> build = List.of(uncertain("chassis", 190, 13, 2.35, .02, false),
                uncertain("shell", 230, 58, 2.5, .05, true), uncertain("galley", 70, 18, 3.6, .03, true),
                uncertain("battery", 28, .2, 1.0, .01, false), uncertain("water", 50, 2, 2.9, .02, false),
                uncertain("gear", 80, 20, 2.0, .10, true));

        MassRoll roll = MassRoll.of(build);
        Certainty sure = Certainty.of(build, 2.87, .005);
        double tongue = Statics.tongueLoad(roll.mass(), roll.x(), 2.87).orElseThrow();

        assertThat(roll.mass()).isCloseTo(648, CLOSE);
        assertThat(sure.mass()).isCloseTo(75.532, CLOSE);
        assertThat(tongue).isCloseTo(88.244, CLOSE);
        assertThat(sure.tongue()).isCloseTo(12.626, CLOSE);
        assertThat(tongue / roll.mass()).isCloseTo(0.13618, CLOSE);
        assertThat(sure.share()).isCloseTo(0.014707, CLOSE);
        assertThat(sure.next().orElseThrow().thing()).isEqualTo("galley");
        assertThat(sure.next().orElseThrow().part()).isCloseTo(0.54406, CLOSE);
    }

    private static Part uncertain(String name, double m, double u, double x, double ux, boolean guess) {
        return new Part(name, m, x, 0, 0, 0, 0, u, ux, guess);
    }

    @Test
    void findsTheNeutralStationAndTheBallast() {
        assertThat(Statics.neutralStation(2.87, .11)).isCloseTo(2.5543, CLOSE);
        assertThat(Statics.ballast(742, 60, 2.87, .6, .11).orElseThrow()).isCloseTo(31.750, CLOSE);
        assertThat(Statics.ballast(742, 60, 2.87, 2.8, .11)).isEmpty();
    }

    @Test
    void anAxleThatIsNotBehindTheBallHasNoAnswer() {
        assertThat(Statics.tongueLoad(500, 2, 0)).isEmpty();
        assertThat(Statics.tongueLoad(500, 2, -1)).isEmpty();
    }
}
