package lectulum.analysis;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Kept;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Limits of roof, road, garage, doors, tanks and springs: what is offered where one is passed keeps it.
///
/// The box of these tests is 3.0 × 1.8 × 1.8 m with its floor at 0.5 m and a tongue of 1.2 m.
class ReachedLimitsTest {
    private static Design set(Design d, String id, double value) {
        return d.with(d.settings().with(id, value));
    }

    private static Thing onTheRoof(String id, double mass, double x) {
        return thing(id, mass, x, 0).with(Mount.OUTSIDE).with(new Size(0.3, 0.8, 0.3))
                .with(new Placement(x, 0, 1.8, 0));
    }

    private static Optional<Finding> finding(Design d, String id) {
        return Analysis.of(d).findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /// What is offered; each takes the finding away or softens it.
    private static List<String> offered(Design d, String id) {
        Finding f = finding(d, id).orElseThrow(() -> new AssertionError("no " + id));
        List<Remedy> remedies = Remedies.of(Analysis.of(d), f);
        assertThat(remedies).allSatisfy(r -> assertThat(finding(r.edit().apply(d), id))
                .as(r.says().text(Style.PLAIN))
                .satisfiesAnyOf(g -> assertThat(g).isEmpty(),
                        g -> assertThat(g.orElseThrow().severity()).isLessThan(f.severity())));
        return remedies.stream().map(r -> r.says().text(Style.PLAIN).replace('\u00a0', ' ')).toList();
    }

    private static double value(Design d, String id) {
        return Analysis.of(d).figures().find(id).orElseThrow().value().orElseThrow();
    }

    /// 40 + 60 + 10 kg on a roof for 75 kg: 35 kg have to go.
    @Test
    void ofTheRoofOneThingThatIsEnoughStaysAtHome() {
        Design d = set(box(onTheRoof("chest", 40, 0.5), onTheRoof("canoe", 60, 1.2), onTheRoof("lamp", 10, 1.8)),
                "roof.road", 75);

        assertThat(offered(d, "roof.road")).contains("Leave chest at home", "Leave canoe at home",
                "A roof and a rack rated for 110 kg").doesNotContain("Leave lamp at home");
    }

    /// Four of 20 kg on a roof for 30 kg: three have to go.
    @Test
    void whereNoOneThingIsEnoughSeveralStayAtHome() {
        Design d = set(box(onTheRoof("a", 20, 0.4), onTheRoof("b", 21, 0.9), onTheRoof("c", 22, 1.4),
                onTheRoof("d", 23, 1.9)), "roof.road", 30);

        assertThat(offered(d, "roof.road")).contains("Leave d, c, b at home");
    }

    /// A rating for driving is none for standing.
    @Test
    void aRoofOfWhichARatingIsMissingIsNotTakenForStrong() {
        Design d = box(onTheRoof("chest", 40, 0.5));

        assertThat(finding(d, "roof.unknown")).isPresent();
        assertThat(finding(set(d, "roof.road", 75), "roof.unknown")).isPresent();
        assertThat(finding(set(set(d, "roof.road", 75), "roof.still", 300), "roof.unknown")).isEmpty();
        assertThat(finding(box(), "roof.unknown")).isEmpty();
    }

    /// A box of 8 kg with a tent of 12 kg in it, and a bag of 3 + 20 kg of water: 43 kg; what lies under the roof, inside, is not
    /// on it.
    @Test
    void whatIsInAThingOnTheRoofIsOnTheRoof() {
        Thing tent = thing("tent", 12, 1, 0).with(Mount.STOWED).with(new Size(0.2, 0.2, 0.1))
                .with(new Placement(1, 0, 1.85, 0));
        Thing below = thing("below", 50, 1, 0).with(Mount.STOWED).with(new Size(0.2, 0.2, 0.1));
        Design d = box(onTheRoof("box", 8, 1), tent, below,
                onTheRoof("bag", 3, 2).with(new Tank(Tank.Use.FRESH, 0.02)));

        assertThat(value(d, "roof.road")).isCloseTo(43, within(1e-9));
    }

    /// The roof is at 2.3 m, the crate on it at 2.6 m.
    @Test
    void whatIsTooHighStaysAtHomeOrRidesLower() {
        Design d = set(box(onTheRoof("crate", 20, 1)), "limit.height", 2.5);

        assertThat(offered(d, "out.limit.height")).contains("Without crate",
                "Carry the floor 100 mm lower: an axle with more drop, smaller wheels");
        assertThat(offered(set(d, "limit.height", 2.2), "out.limit.height"))
                .as("the box itself is too high").noneMatch(s -> s.startsWith("Without"));
    }

    /// A body of one's own may be built lower; one that was bought stays as it is.
    @Test
    void aBodyOfOnesOwnIsBuiltLower() {
        Design bought = set(box(), "limit.height", 2.2);
        Design own = bought.with(bought.brief().withType(CamperType.TEARDROP));

        assertThat(offered(own, "out.limit.height")).contains("A body 100 mm lower");
        assertThat(offered(bought, "out.limit.height")).noneMatch(s -> s.startsWith("A body"));
    }

    @Test
    void whatStandsOutSidewaysIsLeftOutOrTheWheelsStandCloser() {
        Thing awning = thing("awning", 14, 1, 0).with(Mount.OUTSIDE).with(new Size(2, 0.2, 0.2))
                .with(new Placement(1.5, 1.0, 1.4, 0));
        Design wheels = box();
        wheels = wheels.with(wheels.base().with(wheels.base().axle().withTrack(2.1)));

        assertThat(offered(set(box(awning), "limit.width", 2.0), "out.limit.width")).contains("Without awning");
        assertThat(offered(set(wheels, "limit.width", 2.2), "out.limit.width"))
                .contains("An axle with a track of 2.010 m");
    }

    /// 4.2 m from coupler to rear end, and 4.4 m with the box behind it.
    @ParameterizedTest
    @CsvSource({"4.0, false, Make the tongue 1.000 m long", "4.3, true, Without box"})
    void whatIsTooLongForItsPlaceIsMadeShorter(double place, boolean behind, String says) {
        Thing box = thing("box", 5, 3.1, 0).with(Mount.OUTSIDE).with(new Size(0.2, 0.4, 0.4))
                .with(new Placement(3.1, 0, 0.2, 0));
        Design d = behind ? box(box) : box();
        d = d.with(d.brief().withKept(new Kept(null, null, OptionalDouble.of(place), null)));

        assertThat(offered(d, "out.limit.deep")).contains(says);
    }

    /// The door 50 mm narrower than the telescope on its base of 0.66 m: 0.66 and twice the room that is wanted.
    @Test
    void theDoorIsMadeWideEnoughForWhatRollsIn() {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        double width = d.thing("telescope").orElseThrow().size().width();
        Design narrow = d.withThings(d.things().stream().map(t -> t.id().equals("rear-ramp-door")
                ? t.feature(Feature.Opening.class)
                        .map(o -> t.with(new Feature.Opening(width - 0.05, o.height(), o.leaf(), o.angle(), o.inside(),
                                o.barred())))
                        .orElse(t)
                : t).toList());

        assertThat(offered(narrow, "load.side.telescope")).anyMatch(s -> s.startsWith("Make Rear ramp door "));
    }

    /// The telescope in an empty box without an opening; that the door is heavy at the rear is another matter.
    @Test
    void forWhatHasNoDoorOneIsTried() {
        Thing telescope = Campers.demo("nightjar").orElseThrow().design().thing("telescope").orElseThrow();
        Design d = box(telescope.with(new Placement(1.5, 0, 0, 0)));

        Analysis analysis = Analysis.of(d);
        Finding f = finding(d, "load.door.telescope").orElseThrow();
        List<Remedy> tried = Disciplines.ALL.stream().flatMap(x -> x.remedies(analysis, f)).toList();

        assertThat(tried).hasSize(1);
        Design with = tried.getFirst().edit().apply(d);
        assertThat(tried.getFirst().says().text(Style.PLAIN)).startsWith("Add Rear ramp door");
        assertThat(finding(with, "load.door.telescope")).isEmpty();
        assertThat(finding(with, "load.side.telescope")).isEmpty();
        assertThat(finding(with, "exit.trap.rear-ramp-door")).isEmpty();
    }

    /// What is missing is offered as it has to be bought.
    @ParameterizedTest
    @ValueSource(strings = {"dry.axle", "ride.bounce", "gas.fuel.diesel", "tyres.reserve"})
    void aDemonstrationIsOffered(String id) {
        Design d = Campers.all().stream().filter(x -> finding(x, id).isPresent()).findFirst().orElseThrow();

        assertThat(offered(d, id)).isNotEmpty();
    }

    /// Two stores, one of which is far too full.
    @Test
    void fromAStoreThatIsTooFullSomethingGoesIntoAnother() {
        Design d = Campers.demo("chamois").orElseThrow().design();
        String full = Analysis.of(d).findings().stream().filter(f -> f.id().startsWith("storage.full")).map(Finding::id)
                .findFirst().orElseThrow();

        assertThat(offered(d, full)).isNotEmpty().allMatch(s -> s.contains(" into "));
    }
}
