package lectulum.layout.cutaway;

import lectulum.figures.drawing.Paint;
import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.layout.CrossSection;
import lectulum.layout.Fault;
import lectulum.layout.cutaway.CutAway.Facet;
import lectulum.layout.cutaway.CutAway.Kind;
import lectulum.space.Body;
import org.junit.jupiter.api.Test;

/// The picture of the inside from a corner, and the cut across.
class CutAwayTest {
    /// From behind and from the right.
    private static final View VIEW = new View(Math.toRadians(35), View.ISOMETRIC, 200);

    private static CutAway picture(Design design, double cutAt) {
        Map<Mode, Body> bodies = Stream.of(Mode.values())
                .collect(Collectors.toMap(m -> m, m -> Body.of(design.base(), m)));
        Map<Mode, List<Fault>> none = Stream.of(Mode.values()).collect(Collectors.toMap(m -> m, m -> List.of()));
        return CutAway.of(design, bodies, none, List.of(), Mode.ROAD, VIEW, cutAt);
    }

    private static Thing block(String id, double x, double y, double z) {
        return thing(id, 5, x, y).with(new Size(0.4, 0.4, 0.4)).with(new Placement(x, y, z, 0));
    }

    private static List<Facet> of(CutAway picture, String id) {
        return picture.facets().stream().filter(f -> f.id().equals(id)).toList();
    }

    @Test
    void aBlockShowsTheThreeFacesTowardsTheEye() {
        List<Facet> faces = of(picture(box(block("a", 1.5, 0, 0)), Double.POSITIVE_INFINITY), "a").stream()
                .filter(Facet::filled).toList();

        assertThat(faces).hasSize(3).allMatch(f -> f.points().length == 4 && !f.cut());
        double[] corner = faces.getLast().points()[0];
        assertThat(faces).as("one corner is common to all three")
                .anySatisfy(f -> assertThat(List.of(f.points()))
                        .anyMatch(p -> Math.hypot(p[0] - corner[0], p[1] - corner[1]) < 1e-6));
    }

    @Test
    void theNearerBlockIsPaintedLastAndPickedFirst() {
        Thing far = block("far", 1.0, 0, 0);
        Thing near = block("near", 1.5, 0.2, 0);
        CutAway picture = picture(box(near, far), Double.POSITIVE_INFINITY);
        List<String> order = picture.facets().stream().map(Facet::id).filter(i -> !i.isEmpty()).distinct().toList();

        assertThat(order).containsExactly("far", "near");
        assertThat(picture.at(VIEW.x(1.5, 0.2, 0.4), VIEW.y(1.5, 0.2, 0.4))).contains("near");
        assertThat(picture.at(VIEW.x(1.0, 0, 0.4), VIEW.y(1.0, 0, 0.4))).contains("far");
        assertThat(picture.at(VIEW.x(2.7, 0.6, 0), VIEW.y(2.7, 0.6, 0))).isEmpty();
    }

    @Test
    void aLevelCutTakesAwayWhatIsHigherAndMarksWhatItGoesThrough() {
        CutAway picture = picture(box(block("low", 0.8, 0, 0), block("high", 1.5, 0, 1.0)), 0.2);

        assertThat(of(picture, "high")).isEmpty();
        assertThat(of(picture, "low")).anyMatch(Facet::cut);
        assertThat(picture.facets()).filteredOn(f -> f.kind() == Kind.FLOOR).hasSize(1);
    }

    @Test
    void wallsTowardsTheEyeStayAsOutlines() {
        CutAway picture = picture(box(), Double.POSITIVE_INFINITY);

        assertThat(picture.facets()).filteredOn(f -> f.kind() == Kind.WALL).hasSize(2);
        assertThat(picture.outlines()).hasSize(2);
    }

    @Test
    void everyDemoHasAPictureOfEveryModeFromEveryCorner() {
        for (Campers.Demo demo : Campers.demos()) {
            Design design = Campers.demo(demo.key()).orElseThrow().design();
            CutAway picture = picture(design, Double.POSITIVE_INFINITY);
            long drawn = picture.facets().stream().map(Facet::id).filter(i -> !i.isEmpty()).distinct().count();
            assertThat(drawn).as(demo.key()).isGreaterThan(5);
            assertThat(picture.facets())
                    .allMatch(f -> Stream.of(f.points()).allMatch(p -> Double.isFinite(p[0] + p[1])));
        }
    }

    /// The box is 1.8 m wide and high with walls and roof of 30 mm; heights are above the floor.
    @Test
    void theCutAcrossShowsTheClearOutlineAndWhatItMeets() {
        Design design = box(block("a", 1.0, 0.3, 0.2), block("b", 2.5, 0, 0));

        CrossSection cut = CrossSection.at(design, Body.of(design.base(), Mode.ROAD), Mode.ROAD, 1.1);

        assertThat(cut.clear().getFirst()[0]).isCloseTo(-0.87, within(1e-9));
        assertThat(cut.clear().getLast()[0]).isCloseTo(0.87, within(1e-9));
        assertThat(cut.clear().get(2)[1]).isCloseTo(1.77, within(1e-9));
        assertThat(cut.inside()).extracting(CrossSection.Cut::thing).containsExactly("a");
        assertThat(cut.inside().getFirst().y1()).isCloseTo(0.1, within(1e-9));
        assertThat(cut.inside().getFirst().z2()).isCloseTo(0.6, within(1e-9));
        assertThat(cut.pick(0.3, 0.4)).contains("a");
        assertThat(cut.pick(-0.3, 0.4)).isEmpty();
    }

    @Test
    void whatIsPutAwayInAModeIsNotCut() {
        Thing away = block("a", 1.0, 0.3, 0.2).placed(Mode.ROAD, new Placement(1.0, 0.3, 0.2, 0).away(true));
        Design design = box(away);

        assertThat(CrossSection.at(design, Body.of(design.base(), Mode.ROAD), Mode.ROAD, 1.1).inside()).isEmpty();
        assertThat(of(picture(design, Double.POSITIVE_INFINITY), "a")).isEmpty();
    }

    private static CutAway from(Design design, View view, Mode mode, double cutAt) {
        Map<Mode, Body> bodies = Stream.of(Mode.values())
                .collect(Collectors.toMap(m -> m, m -> Body.of(design.base(), m)));
        Map<Mode, List<Fault>> none = Stream.of(Mode.values()).collect(Collectors.toMap(m -> m, m -> List.of()));
        return CutAway.of(design, bodies, none, List.of(), mode, view, cutAt);
    }

    /// A round thing has many faces without edges, and its upper side.
    @Test
    void thingsAreSolidsAsTheyLook() {
        Design design = box(block("a", 1.5, 0, 0).withSymbol("gas-bottle"));

        List<Facet> faces = of(picture(design, Double.POSITIVE_INFINITY), "a");

        assertThat(faces).filteredOn(Facet::smooth).hasSizeGreaterThan(20);
        assertThat(faces).extracting(Facet::paint).contains(Paint.RED, Paint.STEEL);
    }

    @Test
    void aCutThroughARoundThingIsRound() {
        Design design = box(block("a", 1.5, 0, 0).withSymbol("gas-bottle"));

        Facet cut = of(picture(design, 0.15), "a").stream().filter(Facet::cut).findFirst().orElseThrow();

        assertThat(cut.points().length).isGreaterThan(12);
        assertThat(cut.shade()).isEqualTo(1);
    }

    @Test
    void theRunningGearStandsBelowTheFloor() {
        CutAway picture = picture(box(), Double.POSITIVE_INFINITY);

        assertThat(picture.facets()).filteredOn(f -> f.kind() == Kind.GEAR).extracting(Facet::paint)
                .contains(Paint.RUBBER, Paint.STEEL, Paint.RED);
        assertThat(picture.facets()).filteredOn(f -> f.kind() == Kind.GEAR).allMatch(f -> f.id().isEmpty());
    }

    @Test
    void fromBelowTheFloorIsTakenAwayAndUndersidesAreSeen() {
        Design design = box(block("a", 1.5, 0, 0));
        CutAway below = from(design, new View(1, -0.6, 200), Mode.ROAD, Double.POSITIVE_INFINITY);

        assertThat(below.facets()).noneMatch(f -> f.kind() == Kind.FLOOR);
        assertThat(of(below, "a").stream().filter(Facet::filled)).hasSize(3);
    }

    @Test
    void theEndsOfAProfileAreFollowedByStrips() {
        Design dunlin = Campers.demo("dunlin").orElseThrow().design();
        CutAway picture = from(dunlin, VIEW, Mode.ROAD, Double.POSITIVE_INFINITY);

        assertThat(picture.facets()).filteredOn(f -> f.kind() == Kind.WALL && f.smooth()).hasSizeGreaterThan(5);
    }

    @Test
    void whatIsSetIntoAWallAwayFromTheEyeIsPaintedOnIt() {
        Design nightjar = Campers.demo("nightjar").orElseThrow().design();
        View fromRight = new View(Math.toRadians(60), View.ISOMETRIC, 200);
        View fromLeft = new View(Math.toRadians(-60), View.ISOMETRIC, 200);

        assertThat(glass(from(nightjar, fromRight, Mode.ROAD, Double.POSITIVE_INFINITY))).as("the left window")
                .isGreaterThan(0);
        assertThat(glass(from(nightjar, fromLeft, Mode.ROAD, Double.POSITIVE_INFINITY))).as("the door's")
                .isGreaterThan(0);
    }

    private static long glass(CutAway picture) {
        return picture.facets().stream().filter(f -> f.kind() == Kind.WALL && f.paint() == Paint.GLASS).count();
    }

    /// From any direction every face is finite and nothing of a thing that is not there is drawn.
    @Test
    void itTurnsFreely() {
        Design nightjar = Campers.demo("nightjar").orElseThrow().design();
        for (int azimuth = 0; azimuth < 360; azimuth += 30) {
            for (double elevation : new double[]{-Math.PI / 2, -0.5, 0, 0.3, 1.2, Math.PI / 2}) {
                CutAway picture = from(nightjar, new View(Math.toRadians(azimuth), elevation, 100), Mode.NIGHT, 1.2);
                assertThat(picture.facets()).isNotEmpty()
                        .allMatch(f -> Stream.of(f.points()).allMatch(p -> Double.isFinite(p[0] + p[1])))
                        .noneMatch(f -> f.id().equals("toilet"));
            }
        }
    }
}
