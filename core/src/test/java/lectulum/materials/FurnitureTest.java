package lectulum.materials;

import static lectulum.Samples.box;
import static lectulum.Told.everyRemedyMends;
import static lectulum.Told.raises;
import static lectulum.Told.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.envelope.Substance;
import lectulum.design.feature.Feature;
import lectulum.design.feature.Joined;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.kernel.joinery.Build;
import lectulum.kernel.joinery.Cabinet;
import lectulum.materials.cutting.CutPlans;
import lectulum.materials.cutting.Lot;
import lectulum.materials.joinery.Furniture;
import lectulum.materials.joinery.JoineryRules;
import lectulum.space.Body;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/// Furniture of boards in a camper: where it stands, what it weighs, what it is joined by, what is cut for it.
class FurnitureTest {
    private static Thing cupboard(String id) {
        return Catalogue.shipped().find("cupboard-overhead-80-cm").orElseThrow().withId(id)
                .with(new Placement(1.5, 0.5, 1.2, 0));
    }

    private static Design with(Thing t) {
        return box().withThings(List.of(t));
    }

    private static Furniture only(Design d) {
        return Furniture.of(d).getFirst();
    }

    private static Joined.Boards boards(Thing t) {
        return t.feature(Joined.Boards.class).orElseThrow();
    }

    /// 800 × 300 × 320 of 18 mm, back 6 mm, two doors on the edges: sides 276 × 320, bottom, top 764 × 276, doors 397 × 317.
    @Test
    void theOverheadCupboardByHand() {
        Furniture f = only(with(cupboard("c")));
        double wood = 0.018 * (2 * 0.276 * 0.320 + 2 * 0.764 * 0.276 + 2 * 0.397 * 0.317) + 0.006 * 0.8 * 0.32;

        assertThat(f.cabinet().volume()).isCloseTo(wood, within(1e-9));
        assertThat(f.part("boards").orElseThrow().mass()).isCloseTo(500 * wood, within(1e-9));
        assertThat(f.part("hinges").orElseThrow().count()).isEqualTo(4);
        assertThat(f.mass()).isCloseTo(f.parts().stream().mapToDouble(Furniture.Part::mass).sum(), within(1e-12));
        assertThat(value(with(cupboard("c")), "built.c.mass")).isCloseTo(f.mass(), within(1e-12));
    }

    /// The doors are heavier than the back: the middle of its boards lies towards its front, whichever way it is turned.
    @ParameterizedTest
    @CsvSource({"0, 0, 1", "90, -1, 0", "180, 0, -1", "270, 1, 0", "30, -0.5, 0.8660254"})
    void itsMiddleTurnsWithIt(double degrees, double towardX, double towardY) {
        Thing t = cupboard("c").with(new Placement(1.5, 0.2, 1.0, Math.toRadians(degrees)));
        double[] m = only(with(t)).middle();
        double off = Math.hypot(m[0] - 1.5, m[1] - 0.2);

        assertThat(boards(t).fronts()).isEqualTo(Build.Fronts.OVERLAY);
        assertThat(Furniture.face(t)).isEqualTo(Feature.Face.RIGHT);
        assertThat(off).isBetween(0.005, 0.15);
        assertThat((m[0] - 1.5) / off).isCloseTo(towardX, within(1e-6));
        assertThat((m[1] - 0.2) / off).isCloseTo(towardY, within(1e-6));
        assertThat(m[2]).isBetween(1.0, 1.0 + t.size().height());
    }

    @ParameterizedTest
    @EnumSource(Build.Joint.class)
    void everySchoolOfJointsHasItsFittings(Build.Joint joint) {
        Thing t = cupboard("c").with(boards(cupboard("c")).joined(joint));
        Furniture f = only(with(t));

        String has = switch (joint) {
            case SCREWED -> "screws";
            case POCKET -> "pocket screws";
            case DADO -> "grooves";
            case ANGLE -> "aluminium angle";
        };
        assertThat(f.part(has)).as(joint.label()).isPresent();
        assertThat(f.part(has).orElseThrow().count()).isPositive();
        assertThat(f.part("glue").isPresent()).isEqualTo(joint == Build.Joint.SCREWED || joint == Build.Joint.DADO);
        double seam = f.cabinet().seam();
        if (joint == Build.Joint.ANGLE) {
            // 20 × 20 × 1.5 mm: 1.5 (20 + 20 − 1.5) mm² of aluminium
            assertThat(f.part(has).orElseThrow().mass()).isCloseTo(seam * 57.75e-6 * 2700, within(1e-9));
        }
        if (joint == Build.Joint.DADO) {
            assertThat(f.cabinet().boards().stream().filter(b -> b.what().equals("bottom")).findFirst().orElseThrow()
                    .length()).isCloseTo(0.764 + 2 * 0.006, within(1e-12));
        }
    }

    /// Under the curve of a teardrop no board reaches through the roof.
    @ParameterizedTest
    @CsvSource({"2.5, 0", "2.5, 180", "0.5, 0", "2.45, 90", "2.45, 270"})
    void whatIsCutToTheRoofStaysUnderIt(double x, double degrees) {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Thing t = cupboard("c").with(new Size(0.6, 0.6, 1.0)).with(new Placement(x, 0.1, 0.1, Math.toRadians(degrees)));
        Joined.Boards b = boards(t);
        Thing fitted = t.with(new Joined.Boards(b.form(), b.board(), b.thick(), b.back(), b.top(), 1, 0, b.fronts(),
                b.joint(), b.gap(), true));
        Body body = Body.of(d.base());

        Furniture f = only(d.withThings(List.of(fitted)));

        assertThat(only(d.withThings(List.of(t))).cabinet().boards()).allMatch(q -> q.outline().isEmpty());
        assertThat(f.cabinet().boards()).filteredOn(q -> !q.outline().isEmpty())
                .allMatch(q -> q.area() < q.length() * q.wide());
        assertThat(f.cabinet().boards()).anyMatch(Cabinet.Board::bent).anyMatch(q -> !q.outline().isEmpty());
        double highest = body.roofInside().highest() - 0.1 + 1e-6;
        assertThat(f.cabinet().boards()).allMatch(q -> q.box()[5] <= highest);
        double[] m = f.middle();
        assertThat(m[2]).isLessThan(body.roofInside().at(Math.clamp(m[0], 0, body.length())));
    }

    @Test
    void whatIsPutDownForItIsCompared() {
        Thing t = cupboard("c").withMass(Mass.guess(20));
        Design d = with(t);

        assertThat(raises(d, JoineryRules.MASS)).isTrue();
        everyRemedyMends(Analysis.of(d), JoineryRules.MASS);
        assertThat(raises(with(t.withMass(Mass.weighed(20))), JoineryRules.MASS)).isFalse();
        assertThat(raises(with(t.withMass(Mass.guess(only(d).mass() * 1.1))), JoineryRules.MASS)).isFalse();
    }

    @Test
    void boardsTooThickLeaveNoRoomAndShallowDrawersHaveNoRunners() {
        Thing thin = cupboard("c").with(new Size(0.8, 0.05, 0.4)).with(boards(cupboard("c")).thick(0.03));
        Thing shallow = cupboard("c").with(new Size(0.8, 0.2, 0.4)).with(boards(cupboard("c")).drawers(2));

        assertThat(raises(with(thin), JoineryRules.ROOM)).isTrue();
        everyRemedyMends(Analysis.of(with(thin)), JoineryRules.ROOM);
        assertThat(raises(with(shallow), JoineryRules.RUNNER)).isTrue();
        everyRemedyMends(Analysis.of(with(shallow)), JoineryRules.RUNNER);
        assertThat(raises(with(cupboard("c")), JoineryRules.ROOM)).isFalse();
    }

    /// Every board of it is among the pieces of its sheets, as large.
    @Test
    void itsBoardsAreCut() {
        Design d = with(cupboard("c"));
        List<Lot> lots = Analysis.of(d).of(CutPlans.DISCIPLINE).lots();
        Furniture f = only(d);

        assertThat(lots).extracting(l -> l.ware().thick()).containsExactlyInAnyOrder(0.018, 0.006);
        assertThat(lots.stream().mapToInt(l -> l.pieces().size()).sum()).isEqualTo(f.cabinet().boards().size());
        assertThat(lots.stream().flatMap(l -> l.pieces().stream().map(p -> p.area() * l.ware().thick()))
                .mapToDouble(x -> x).sum()).isCloseTo(f.cabinet().volume(), within(1e-9));
    }

    @Test
    void aRackIsCutFromStrut() {
        Thing rack = cupboard("r").with(new Size(1.0, 0.5, 0.8)).with(Joined.Boards.usual(Build.Form.RACK));
        Design d = with(rack);
        Furniture f = only(d);

        assertThat(f.part("strut channel").orElseThrow().length())
                .isCloseTo(f.cabinet().bars().stream().mapToDouble(Cabinet.Bar::length).sum(), within(1e-12));
        assertThat(Analysis.of(d).of(CutPlans.DISCIPLINE).lots()).anyMatch(l -> !l.ware().sheet()
                && l.ware().of() == Substance.STEEL && l.pieces().size() == f.cabinet().bars().size());
    }
}
