package lectulum.balance;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Axle;
import lectulum.design.brief.Person;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Size;
import lectulum.design.vehicle.Rating;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Severity;
import lectulum.kernel.towing.Sway;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Faults that were found by measuring against other computations, each held by a case of its own.
class RightOnTheRoadTest {
    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private static Design set(Design d, String id, double value) {
        return d.with(d.settings().with(id, value));
    }

    /// 120 kg spread over a body of 3.0 × 1.8 m turn like a plate: 120·(3² + 1.8²)/12 = 122.4 kg·m² more than a point at
    /// the same place.
    @Test
    void whatIsSpreadOverTheBodyTurnsLikeAPlate() {
        Design point = box(thing("lining", 120, 1.5, 0).with(new Size(0.0001, 0.0001, 0)));
        Design spread = box(thing("lining", 120, 1.5, 0).with(new Size(0, 0, 0)).with(Mount.SPREAD));

        double more = LoadedState.of(spread, spread.loadCase("departure")).roll().yawInertia()
                - LoadedState.of(point, point.loadCase("departure")).roll().yawInertia();

        assertThat(more).isCloseTo(122.4, within(1e-3));
    }

    /// A thing 0.4 long and 0.3 wide, turned by a quarter, 0.5 high, 60 kg: pitch inertia of its own 60·(0.3² + 0.5²)/12.
    @Test
    void aTurnedThingPitchesByItsOtherSideAndItsHeight() {
        Design straight = box(thing("chest", 60, 1.5, 0));
        Design turned = box(thing("chest", 60, 1.5, 0).with(thing("x", 1, 1.5, 0).place().turned(Math.PI / 2)));

        double less = LoadedState.of(straight, straight.loadCase("departure")).roll().pitchInertia()
                - LoadedState.of(turned, turned.loadCase("departure")).roll().pitchInertia();

        assertThat(less).isCloseTo(60 * (0.4 * 0.4 - 0.3 * 0.3) / 12, within(1e-9));
    }

    /// Independently computed with the lining, skin, shell and wiring as plates: 0.1096 and 28.1 m/s; as points it was 0.146
    /// and 33.5 m/s, and no warning came. The fan was 1.30 m behind the front then.
    @Test
    void dunlinSwaysAsItsRealMassMakesIt() {
        Design d = Campers.demo("dunlin").orElseThrow().design().mapping("roof-fan",
                t -> t.with(t.place().moved(1.3 - t.place().x(), 0, 1.06 - t.place().z())));

        assertThat(value(d, "sway.damping")).isCloseTo(0.1096, within(0.001));
        assertThat(value(d, "sway.critical")).isCloseTo(28.2, within(0.1));
        assertThat(finding(d, "sway.damping")).isPresent();
    }

    private static Design tandem() {
        Design d = box(thing("galley", 150, 1.2, 0), thing("chest", 120, 2.2, 0.1));
        Axle a = d.base().axle();
        Design two = d.with(d.base().with(a.with(2, 0.8)));
        return set(set(two, "spring.torsion", 1), "hitch.coupler", 0.45);
    }

    /// Level, both axles of equal springs carry the same, and the tongue is that of the lever rule.
    @Test
    void deadLevelIndependentAxlesCarryTheSame() {
        Design d = tandem();
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));

        assertThat(s.axles().get(0).load()).isCloseTo(s.axles().get(1).load(), within(1e-6));
        assertThat(value(d, "torsion.front")).isCloseTo(value(d, "torsion.rear"), within(1e-6));
        Design rockers = set(d, "spring.torsion", 0);
        assertThat(s.tongue()).isCloseTo(LoadedState.of(rockers, rockers.loadCase("departure")).tongue(), within(1e-6));
    }

    /// The ball 5 cm under the level coupler: the front axle and its tyres carry more than half, the tongue less; one answer
    /// on every page, and nothing is lost.
    @Test
    void noseDownTheFrontAxleItsTyresAndTheTongueAreJudgedAsTheyAre() {
        Design d = set(tandem(), "hitch.coupler", 0.50);
        d = d.with(d.base().with(Rating.AXLE_EACH, java.util.OptionalDouble.of(300)).with(Rating.TYRE,
                java.util.OptionalDouble.of(400)));
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));
        LoadedState level = LoadedState.of(tandem(), tandem().loadCase("departure"));

        double front = s.axles().get(0).load();
        double rear = s.axles().get(1).load();
        assertThat(front).isGreaterThan(rear + 50);
        assertThat(front + rear + s.tongue()).isCloseTo(s.mass(), within(1e-6));
        assertThat(s.tongue()).isLessThan(level.tongue());
        assertThat(value(d, "torsion.front")).isCloseTo(front, within(1e-9));
        assertThat(value(d, "torsion.tongue")).isCloseTo(value(d, "balance.departure.tongue"), within(1e-9));
        assertThat(s.left(Rating.AXLE_EACH).orElseThrow()).isCloseTo(300 - front, within(1e-6));
        assertThat(s.left(Rating.TYRE).orElseThrow())
                .isCloseTo(400 - Math.max(s.right(), s.left()) * front / (front + rear), within(1e-6));
        assertThat(finding(d, "torsion.over")).isPresent();
        assertThat(Tandem.of(d.with(d.base().with(d.base().axle().with(1, 0))), 800, 2, 3)).isEmpty();
    }

    /// Everything in the middle: whoever stands left tips it as much as whoever stands right.
    @Test
    void aSymmetricalTrailerHasSymmetricalMargins() {
        Design left = box(thing("battery", 40, 1.0, -0.5));
        Design right = box(thing("battery", 40, 1.0, 0.5));

        assertThat(value(left, "camp.margin")).isCloseTo(value(right, "camp.margin"), within(1e-9));
        assertThat(value(left, "camp.jack.most")).isCloseTo(value(right, "camp.jack.most"), within(1e-6));
    }

    @Test
    void theStopThatAsksForRearJacksIsClearedBySettingThem() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Analysis before = Analysis.of(d);
        Finding stop = before.findings().stream().filter(f -> f.id().equals("camp.tip")).findFirst().orElseThrow();
        assertThat(stop.severity()).isEqualTo(Severity.STOP);

        List<Remedy> remedies = Remedies.of(before, stop);

        assertThat(remedies).anyMatch(r -> r.says().text(Style.PLAIN).contains("rear jacks"));
        Design set = remedies.stream().filter(r -> r.says().text(Style.PLAIN).contains("rear jacks")).findFirst()
                .orElseThrow().edit().apply(d);
        assertThat(finding(set, "camp.tip").orElseThrow().severity()).isEqualTo(Severity.NOTE);
    }

    /// Box trailer 500 kg with its centre 1.4 m behind the body's front, axle 3 m behind the ball; 90 kg at 4.0 m on one
    /// corner: moments about the axle, T = (M·(3 − X) − 90·1)/3, whatever the springs.
    @Test
    void stayingCoupledTheBallHoldsWhatStaticsSay() {
        Design d = box();
        d = d.with(withPerson(d, 90));
        LoadedState s = LoadedState.of(d, d.loadCase("departure"));
        double rearEnd = 1.2 + 3.0;

        double ball = (s.mass() * (3 - s.roll().x()) - 90 * (rearEnd - 0.2 - 3)) / 3;

        assertThat(value(d, "camp.coupled")).isCloseTo(ball, within(0.01));
        Design light = d.with(d.base().withTongueLength(0.9));
        assertThat(value(light.with(withPerson(light, 250)), "camp.coupled")).as("the coupler is pulled").isNegative();
    }

    private static lectulum.design.brief.Brief withPerson(Design d, double mass) {
        return d.brief().withPeople(List.of(new Person("a", "Ada", 1.7, mass)));
    }

    /// No overhang to speak of but a tongue that takes the front axle's load away: an oversteering vehicle turns away and
    /// does not swing.
    @Test
    void aRigThatTurnsAwayIsNotCalledSwaying() {
        Sway away = new Sway(new Sway.Rig(900, 700, 2.5, 1.6, 600, 2.2, 3.0, 300),
                new Sway.Tyres(30, 2, 30, 0), 50_000);
        assertThat(away.turnsAway()).isPresent();
        assertThat(away.at(55).diverges()).isTrue();
        for (double v : new double[]{5, 20, 40, 59}) {
            double damping = away.at(v).damping();
            assertThat(Double.isNaN(damping) || Math.abs(damping) <= 1).isTrue();
        }
    }

    /// As the lag of the tyre goes to nothing the five states become the four of tyres that answer at once.
    @ParameterizedTest
    @ValueSource(doubles = {10, 22, 30})
    void tyresWithoutLagAreTheLimitOfALittleLag(double speed) {
        Sway.Rig rig = new Sway.Rig(1050, 850, 2.75, 1.05, 900, 2.7, 3.0, 1100);
        Sway none = new Sway(rig, new Sway.Tyres(8, 11, 7.5, 0), 0);
        Sway little = new Sway(rig, new Sway.Tyres(8, 11, 7.5, 0.005), 0);
        Sway less = new Sway(rig, new Sway.Tyres(8, 11, 7.5, 0.01), 0);

        double by = little.at(speed).damping() - none.at(speed).damping();
        assertThat(by).isCloseTo(0, within(0.01));
        assertThat(less.at(speed).damping() - none.at(speed).damping()).as("twice the lag, twice the difference")
                .isCloseTo(2 * by, within(0.1 * Math.abs(by)));
        assertThat(none.at(speed).frequency()).isCloseTo(little.at(speed).frequency(), within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void waterHasOneAnswer(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        Analysis a = Analysis.of(d);
        double days = a.figures().value("water.fresh.days");

        a.findings().stream().filter(f -> f.id().equals("trip.fresh")).forEach(f -> assertThat(
                f.title().text(Style.PLAIN)).contains("day " + Math.round(days * 10) / 10.0));
        assertThat(a.findings().stream().anyMatch(f -> f.id().equals("trip.fresh")))
                .isEqualTo(days < d.brief().nights());
        double share = a.figures().value("water.day.grey") / a.figures().value("water.day.use");
        a.findings().stream().filter(f -> f.id().equals("trip.grey")).forEach(f -> assertThat(
                f.detail().text(Style.PLAIN)).contains(Math.round(share * 100) + " %"));
    }

    /// The jack stands on the frame: a longer tongue takes it along, and what is promised comes true.
    @Test
    void aLongerTongueCuresWhereItIsOffered() {
        Design d = set(set(box(thing("galley", 60, 1.2, 0)), "tow.half", 0.9), "tow.ahead", 0.1);
        d = d.with(d.base().withTongueLength(0.6));
        Analysis before = Analysis.of(d);
        Finding f = before.findings().stream().filter(x -> x.id().equals("out.turn")).findFirst().orElseThrow();
        List<Remedy> remedies = Remedies.of(before, f);

        assertThat(remedies).isNotEmpty();
        for (Remedy r : remedies) {
            Design cured = r.edit().apply(d);
            assertThat(value(cured, "outside.turn")).isGreaterThan(value(d, "outside.turn"));
            if (r.says().text(Style.PLAIN).contains("tongue")) {
                assertThat(cured.settings().assumed().get("jack.at") - 0.25)
                        .isCloseTo(cured.base().tongueLength() - d.base().tongueLength(), within(1e-9));
            }
        }
    }

    /// Hinge 0.45 m ahead, 1.55 m up, 0.72 m long: the jack's head 0.25 m behind the ball is lowered out of reach by as much
    /// as the sentence says.
    @Test
    void whatIsInTheWayOfATailgateIsLoweredByWhatIsSaid() {
        Design d = set(set(set(box(thing("galley", 60, 1.2, 0)), "gate.radius", 0.98), "gate.gap", 0.03), "jack.at",
                0.2);
        Finding f = finding(d, "out.tailgate").orElseThrow();
        String says = f.detail().text(Style.PLAIN);

        assertThat(says).matches("(Lower it by|Move it back by|Make the tongue) .*");
        assertThat(says).doesNotContain("{").doesNotContain("assumed");
    }

    @Test
    void anAssumedValueOutOfRangeIsSaidAndNotReplacedInSilence() {
        Design d = set(box(thing("galley", 60, 1.2, 0)), "road.speed", 9e9);

        Finding f = finding(d, "sound.assumed.road.speed").orElseThrow();

        assertThat(f.severity()).isEqualTo(Severity.WARN);
        assertThat(f.detail().text(Style.PLAIN)).contains("is used");
        assertThat(Analysis.of(d).given().settings().assumed()).containsEntry("road.speed", 9e9);
    }

    /// Without an axle behind the ball nothing is known of the tongue: no interval of nothing around it.
    @Test
    void withoutAnAxleBehindTheBallThereIsNoCertainty() {
        Design d = box(thing("galley", 60, 1.2, 0));
        Design at = d.with(d.base().with(d.base().axle().at(-1.2)));

        assertThat(Analysis.of(at).figures().find("balance.departure.tongue").orElseThrow().value()).isEmpty();
        assertThat(Analysis.of(at).figures().find("balance.departure.centre").orElseThrow().interval()).isEmpty();
        assertThat(Analysis.of(at).figures().find("balance.departure.mass").orElseThrow().interval()).isPresent();
    }
}
