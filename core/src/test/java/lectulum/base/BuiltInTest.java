package lectulum.base;

import static lectulum.Told.raises;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.finding;
import static lectulum.Told.mended;
import static lectulum.Told.says;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import lectulum.layout.loading.LoadingRules;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.design.base.Stuff;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Severity;
import lectulum.kernel.beams.Bar;
import lectulum.kernel.beams.Held;
import lectulum.kernel.standing.Ground;
import lectulum.space.Solid;
import org.junit.jupiter.api.Test;

/// What is screwed to the shell, what hangs out as an arm, what stands near a flame, poles on a slope, and straps.
class BuiltInTest {
    private static final double G = 9.80665;

    private static Design studs(Design d, Carcass.Face face, double width, Double... at) {
        return d.with(d.base().with(d.base().carcass().with(face,
                Optional.of(new Carcass.Framing(List.of(at), width, 0.038, true)))));
    }

    /// A rack foot on the roof, its middle at 1.50, with two holes 0.40 apart: at 1.30 and 1.70.
    private static Thing rack(double middle) {
        return thing("rack", 8, middle, 0).with(Mount.OUTSIDE).with(new Size(0.6, 1.2, 0.1))
                .with(new Placement(middle, 0, 1.8, 0)).with(new Feature.Screwed(Carcass.Face.ROOF, 2, 0.40));
    }

    /// Rafters 38 mm wide at 1.25 and 1.65 hold a hole within 9 mm of their middle: both holes are 50 mm behind them, so
    /// 41 mm forwards do.
    @Test
    void everyHoleOfARackFootMeetsARafter() {
        Design d = studs(box(rack(1.50)), Carcass.Face.ROOF, 0.038, 0.85, 1.25, 1.65, 2.05);

        assertThat(value(d, "mount.rack.held")).isZero();
        assertThat(says(d, "mount.stud.rack")).contains("2 of 2 holes of").contains("Moved 41 mm towards the front");
        Design moved = mended(d, "mount.stud.rack");
        assertThat(value(moved, "mount.rack.held")).isEqualTo(2);
        assertThat(finding(moved, "mount.stud.rack")).isEmpty();
    }

    /// Rafters 0.37 apart hold holes between 0.352 and 0.388 apart: never 0.40.
    @Test
    void holesThatFitNoPitchWantARail() {
        Design d = studs(box(rack(1.50)), Carcass.Face.ROOF, 0.038, 1.12, 1.49, 1.86);

        assertThat(says(d, "mount.stud.rack")).contains("No place within 400 mm").contains("rail");
    }

    @Test
    void noHoleKeepsItsEdgeInAThinMember() {
        Design d = studs(box(rack(1.50)), Carcass.Face.ROOF, 0.018, 1.30, 1.70);

        assertThat(says(d, "mount.stud.rack")).contains("18 mm wide").contains("rail");
    }

    /// An arm of 41 mm strut channel, 0.5 m long, with 20 kg at its end: 98.07 Nm over 3.88 cm³ are 25.3 MPa; resting on both
    /// ends with the load in the middle it would be a quarter of that.
    @Test
    void aRackArmIsBentFourTimesAsMuchAsABarOnTwoFeet() {
        Feature.Bearers arm = new Feature.Bearers(2, 0.5, 0.0413, 0.0413, Stuff.STEEL, 0, 40, 1, 200, Bar.STRUT, 0.0026,
                Held.ARM);
        Feature.Bearers bar = new Feature.Bearers(2, 0.5, 0.0413, 0.0413, Stuff.STEEL, 0, 40, 0.5, 200, Bar.STRUT,
                0.0026,
                Held.RESTS);

        double arms = value(box(thing("rack", 8, 1.5, 0).with(arm)), "mech.rack.bearers.moment");
        double bars = value(box(thing("rack", 8, 1.5, 0).with(bar)), "mech.rack.bearers.moment");

        assertThat(arms).isCloseTo(20 * G * 0.5, within(1e-9));
        assertThat(bars).isCloseTo(arms / 4, within(1e-9));
        assertThat(value(box(thing("rack", 8, 1.5, 0).with(arm)), "mech.rack.bearers.stress"))
                .isCloseTo(98.07 / 3.88e-6, within(0.1e6));
    }

    @Test
    void aSectionThatCannotBeSaysSo() {
        Thing rack = thing("rack", 8, 1.5, 0).with(new Feature.Bearers(2, 0.5, 0.01, 0.01, Stuff.STEEL, 0, 40, 1, 200,
                Bar.TUBE, 0.006, Held.ARM));

        Analysis a = Analysis.of(box(rack));

        assertThat(a.figures().find("mech.rack.bearers.stress").orElseThrow().reason())
                .contains("cannot have such a wall");
        assertThat(a.findings()).noneMatch(f -> f.id().startsWith("bearer."));
    }

    /// The pane ends 0.20 m behind the hob and hangs 0.15 m above it: 0.25 m.
    @Test
    void aWindowKeepsItsDistanceFromAFlame() {
        Thing hob = thing("hob", 6, 1.20, -0.70).with(new Size(0.40, 0.30, 0.10))
                .with(new Placement(1.20, -0.70, 0.80, 0)).with(new Feature.Flame());
        Thing pane = thing("pane", 7, 1.85, -0.875).with(Mount.SET_IN).with(new Size(0.50, 0.05, 0.40))
                .with(new Placement(1.85, -0.875, 1.05, 0));
        Design d = box(hob, pane);

        assertThat(value(d, "cut.pane.flame")).isCloseTo(Math.hypot(0.20, 0.15), within(1e-9));
        assertThat(says(d, "cut.flame.pane")).contains("250 mm").contains("300 mm is wanted");
        assertThat(finding(d.mapping("pane", t -> t.with(new Placement(1.95, -0.875, 1.05, 0))), "cut.flame.pane"))
                .isEmpty();
    }

    private static Thing awning(double pole, double shortest) {
        return thing("awning", 14, 1.5, 0.97).with(Mount.OUTSIDE).with(new Size(2.0, 0.13, 0.13))
                .with(new Placement(1.5, 0.965, 1.3, 0))
                .with(new Feature.FoldOut(Feature.Face.RIGHT, 2.0, 0.4, pole, 0, shortest));
    }

    /// The edge is 0.5 + 1.43 − 0.4 = 1.53 m over the floor's level. With the right side down by 5° the ground under it, 3.03 m
    /// from the middle, falls tan 5° times its distance from the left wheel.
    @Test
    void polesGrowWhereTheGroundFallsAway() {
        Design level = box(awning(2.0, 1.2));
        double track = level.base().axle().track();
        Design slope = level.with(level.settings().with("site.roll", Math.toRadians(5)));

        assertThat(value(level, "outside.awning.pole")).isCloseTo(1.53, within(1e-9));
        double asked = 1.53 + Math.tan(Math.toRadians(5)) * (3.03 + track / 2);
        assertThat(value(slope, "outside.awning.pole")).isCloseTo(asked, within(1e-9));
        Design shortPoles = slope.mapping("awning", t -> awning(1.7, 1.2));
        assertThat(says(shortPoles, "out.pole.awning")).contains("too short")
                .contains(String.format("%.0f mm are missing", 1000 * (asked - 1.7)));
    }

    @Test
    void polesThatAreTooLongSayByHowMuch() {
        Design d = box(awning(2.0, 1.2));
        Design slope = d.with(d.settings().with("site.roll", Math.toRadians(-6)));

        double asked = value(slope, "outside.awning.poleShort");
        assertThat(asked).isLessThan(1.53);
        assertThat(says(slope.mapping("awning", t -> awning(2.4, 1.5)), "out.pole.awning")).contains("too long")
                .contains(String.format("%.0f mm too much", 1000 * (1.5 - asked)));
    }

    /// A plane through the three places where the levelled camper stands: high wheel on the ground, low wheel and jack off it.
    @Test
    void theGroundIsAPlaneThroughTheHighWheel() {
        Ground g = new Ground(0.02, 0.03, 2.0, 1.6);

        assertThat(g.height(2.0, -0.8)).isZero();
        assertThat(g.height(2.0, 0.8)).as("the low wheel stands on blocks").isCloseTo(-1.6 * Math.tan(0.03),
                within(1e-12));
        assertThat(g.height(0, -0.8)).as("the nose is up").isCloseTo(2 * Math.tan(0.02), within(1e-12));
    }

    private static Design loaded(Feature.Carried c, double width) {
        Thing bike = thing("bike", 290, 1.5, 0).with(new Size(1.95, width, 1.18)).with(c);
        Thing door = thing("door", 0, 2.985, 0).with(Mount.SET_IN).with(new Size(0.06, 1.6, 1.3))
                .with(new Feature.Opening(1.52, 1.30, Feature.Opening.Leaf.RAMP, 1.7, true, false));
        Design d = box(bike, door);
        return d.with(d.base().withFloorHeight(0.56));
    }

    private static Feature.Carried carried(double ring, double strap, int straps, int back, double overhang,
            double chin) {
        return new Feature.Carried(1.90, 1.24, 0.17, 0.35, 1.50, 0, straps, Math.toRadians(40), Math.toRadians(25),
                ring,
                strap > 0 ? OptionalDouble.of(strap) : OptionalDouble.empty(),
                back > 0 ? OptionalDouble.of(back) : OptionalDouble.empty(), overhang, chin);
    }

    /// 290 kg weigh 2844 N: half is 1422 N, and two straps of 700 N are 1400 N.
    @Test
    void strapsAndRingsAddUpToHalfTheWeight() {
        Design weak = loaded(carried(4000, 700, 2, 2, 0, 0), 0.8);
        Design good = loaded(carried(4000, 720, 2, 2, 0, 0), 0.8);

        assertThat(value(weak, "load.bike.ratings")).isCloseTo(1400, within(1e-9));
        assertThat(says(weak, "load.sum.bike")).contains("1 400 N").contains("1 422 N");
        assertThat(finding(good, "load.sum.bike")).isEmpty();
        assertThat(says(good, "load.lash.bike")).as("the weaker of the two is named").contains("straps")
                .contains("720 N");
    }

    /// 2 kN from two that pull 25° aside are too little to the side; from 45° aside they do.
    @Test
    void strapsSetWiderHoldItSideways() {
        Analysis a = Analysis.of(loaded(carried(4000, 2000, 2, 2, 0, 0), 0.8));

        assertThat(raises(a, LoadingRules.LOAD_ASIDE)).isTrue();
        everyRemedyMends(a, LoadingRules.LOAD_ASIDE);
    }

    /// A shelf 20 mm over its top is raised by what is missing.
    @Test
    void whatHangsTooLowOverALoadIsRaised() {
        Design d = loaded(carried(9000, 9000, 2, 2, 0, 0), 0.8)
                .plus(thing("shelf", 2, 1.5, 0).with(new Size(0.4, 0.3, 0.02)).with(new Placement(1.5, 0, 1.20, 0)));

        assertThat(raises(Analysis.of(d), LoadingRules.LOAD_ABOVE)).isTrue();
        everyRemedyMends(Analysis.of(d), LoadingRules.LOAD_ABOVE);
    }

    /// A machine of 290 kg with 10 kg of petrol in it: 0.745 kg/L, 13.423 L.
    @Test
    void whatIsInATankIsLashedToo() {
        Design d = loaded(carried(9000, 0, 2, 2, 0, 0), 0.8);
        double dry = value(d, "load.bike.lashForward");

        Design full = d.mapping("bike", t -> t.with(new Tank(Tank.Use.PETROL, 0.010 / 0.745)));

        assertThat(value(full, "load.bike.lashForward")).isCloseTo(dry * 300 / 290, within(1e-6));
    }

    @Test
    void fewerThanFourRingsAreTooFew() {
        assertThat(finding(loaded(carried(9000, 0, 2, 1, 0, 0), 0.8), "load.rings.bike").orElseThrow().severity())
                .isEqualTo(Severity.STOP);
        assertThat(finding(loaded(carried(9000, 0, 2, 2, 0, 0), 0.8), "load.rings.bike")).isEmpty();
    }

    /// The ramp rises asin(0.56/1.90) = 17.14°: a nose 0.40 ahead of the axle needs 123 mm.
    @Test
    void aLowNoseStrikesTheRamp() {
        Design low = loaded(carried(9000, 0, 2, 2, 0.40, 0.12), 0.8);
        Design high = loaded(carried(9000, 0, 2, 2, 0.40, 0.125), 0.8);

        assertThat(value(low, "load.bike.approach")).isCloseTo(Math.atan(0.12 / 0.40), within(1e-9));
        assertThat(finding(low, "load.approach.bike").orElseThrow().severity()).isEqualTo(Severity.STOP);
        assertThat(finding(high, "load.approach.bike")).isEmpty();
        assertThat(finding(mended(low, "load.approach.bike"), "load.approach.bike")).isEmpty();
    }

    /// The box is 1.74 clear: beside 1.35 m, 0.39 are left.
    @Test
    void theDriverHasToGetOut() {
        Design wide = loaded(carried(9000, 0, 2, 2, 0, 0), 1.35);
        double room = value(wide, "load.bike.side") * 2;

        assertThat(value(wide, "load.bike.driver")).isCloseTo(room, within(1e-9));
        assertThat(finding(wide, "load.driver.bike")).isPresent();
        assertThat(finding(loaded(carried(9000, 0, 2, 2, 0, 0), 1.0), "load.driver.bike")).isEmpty();
    }

    /// Points of two turned boxes, by chance: none nearer than is said, and one nearly as near.
    @Test
    void boxesAreAsFarApartAsTheirNearestPoints() {
        Solid a = Solid.of(new Size(0.8, 0.4, 0.5), new Placement(1.0, 0, 0, 0.4));
        Solid b = Solid.of(new Size(0.5, 0.3, 0.4), new Placement(2.0, 0.5, 0.7, -0.7));
        SplittableRandom dice = new SplittableRandom(4);

        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 400_000; i++) {
            double[] p = edge(a, dice);
            double[] q = edge(b, dice);
            least = Math.min(least, Math.hypot(Math.hypot(p[0] - q[0], p[1] - q[1]), 0.7 - 0.5));
        }

        assertThat(a.distanceTo(b)).isLessThanOrEqualTo(least).isCloseTo(least, within(0.005));
        assertThat(b.distanceTo(a)).isCloseTo(a.distanceTo(b), within(1e-12));
        assertThat(a.distanceTo(a)).isZero();
    }

    private static double[] edge(Solid s, SplittableRandom dice) {
        double[][] corners = s.corners();
        int i = dice.nextInt(4);
        double t = dice.nextDouble();
        return new double[]{corners[i][0] + t * (corners[(i + 1) % 4][0] - corners[i][0]),
                corners[i][1] + t * (corners[(i + 1) % 4][1] - corners[i][1])};
    }

    /// A kerf of 3.2 mm that leaves 2.5 of 9.5 mm closes by 3.2/7 rad: 3.44 of them a quarter turn, so 4, and on a radius of
    /// 0.5 m they stand 0.785/4 apart.
    @Test
    void aSheetThatIsTooStiffIsKerfed() {
        Design d = box();
        d = d.with(d.base().with(new Shell.Profile(1.5, List.of(new Shell.Profile.Point(0, 0.2, true, 0),
                new Shell.Profile.Point(0, 1.2, true, 0.5), new Shell.Profile.Point(3, 1.2, true, 0.6),
                new Shell.Profile.Point(3, 0.2, true, 0)))).with(
                        d.base().carcass().withSkin(Optional.of(new Carcass.Skin("softwood-ply-9", true, 1)))));

        assertThat(value(d, "shell.tightest")).isCloseTo(0.5, within(1e-6));
        assertThat(value(d, "shell.kerfs")).isEqualTo(4);
        assertThat(value(d, "shell.kerfSpacing")).isCloseTo(0.5 * Math.PI / 2 / 4, within(1e-9));
    }
}
