package lectulum.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.base.survey.SurveyStudies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.drawing.Sketch;
import lectulum.layout.loading.LoadingStudies;
import lectulum.layout.mechanisms.MechanismStudies;
import lectulum.space.Solid;
import org.junit.jupiter.api.Test;

/// Things on the drawings of the pages look like themselves, at their true size, where the drawing says.
class PicturesTest {
    private static final Design CHAMOIS = Campers.demo("chamois").orElseThrow().design();
    private static final Design NIGHTJAR = Campers.demo("nightjar").orElseThrow().design();

    /// Corners of all that is drawn as it looks.
    private static List<double[]> looks(Sketch sketch) {
        return sketch.marks().stream().filter(m -> m.pen() == Sketch.Pen.LOOK).flatMap(m -> Arrays.stream(m.points()))
                .toList();
    }

    private static List<double[]> looks(Stream<Study> studies, String id) {
        return looks(studies.filter(s -> s.id().equals(id)).findFirst().orElseThrow().sketches().getFirst());
    }

    private static double least(List<double[]> points, int axis) {
        return points.stream().mapToDouble(p -> p[axis]).min().orElseThrow();
    }

    private static double most(List<double[]> points, int axis) {
        return points.stream().mapToDouble(p -> p[axis]).max().orElseThrow();
    }

    private static Thing with(Design d, Class<? extends Feature> feature) {
        return d.things().stream().filter(t -> t.has(feature)).findFirst().orElseThrow();
    }

    @Test
    void aSlideIsDrawnPulledOutByItsTravel() {
        Thing galley = with(CHAMOIS, Feature.Rails.class);
        Feature.Drawer drawer = galley.feature(Feature.Drawer.class).orElseThrow();
        List<double[]> drawn = looks(Analysis.of(CHAMOIS).of(MechanismStudies.DISCIPLINE).all().stream(),
                "slide." + galley.id());

        assertThat(least(drawn, 0)).isCloseTo(drawer.travel(), within(0.02));
        assertThat(most(drawn, 0) - least(drawn, 0)).isCloseTo(galley.size().width(), within(0.02));
        assertThat(most(drawn, 1)).isCloseTo(galley.size().height(), within(0.02));
    }

    @Test
    void aHungCupboardIsDrawnAgainstItsWall() {
        for (Design d : List.of(CHAMOIS, NIGHTJAR)) {
            Thing cupboard = with(d, Feature.Hung.class);
            Solid solid = Solid.of(cupboard.size(), cupboard.at(Mode.ROAD));
            List<double[]> drawn = looks(Analysis.of(d).of(MechanismStudies.DISCIPLINE).all().stream(),
                    "hung." + cupboard.id());

            assertThat(least(drawn, 0)).isCloseTo(0, within(0.02));
            assertThat(most(drawn, 0)).isCloseTo(solid.maxY() - solid.minY(), within(0.02));
        }
    }

    /// Shut it lies level from the hinge, open it stands at its angle; nothing but the strut is nearer the floor.
    @Test
    void aLidIsDrawnShutAndOpen() {
        Thing bench = with(NIGHTJAR, Feature.Lid.class);
        Feature.Lid lid = bench.feature(Feature.Lid.class).orElseThrow();
        List<double[]> drawn = looks(Analysis.of(NIGHTJAR).of(MechanismStudies.DISCIPLINE).all().stream(),
                "lid." + bench.id());
        double reach = Math.hypot(lid.handleX(), lid.handleZ());

        assertThat(most(drawn, 0)).isCloseTo(lid.handleX(), within(0.02));
        assertThat(most(drawn, 1)).isCloseTo(reach * Math.sin(lid.open() + Math.atan2(lid.handleZ(), lid.handleX())),
                within(0.02));
        assertThat(least(drawn, 1)).isCloseTo(lid.bodyZ(), within(0.02));
    }

    /// On the crest the load leans, and stays what it is: as wide and high as its box, leaning with it.
    @Test
    void aLoadIsDrawnOnTheCrest() {
        Thing load = with(NIGHTJAR, Feature.Carried.class);
        Sketch sketch = Analysis.of(NIGHTJAR).of(LoadingStudies.DISCIPLINE).all().stream()
                .filter(s -> s.thing().equals(load.id())).findFirst().orElseThrow().sketches().getFirst();
        double[][] box = sketch.marks().stream().filter(m -> m.pen() == Sketch.Pen.THIN && m.closed()).findFirst()
                .orElseThrow().points();
        List<double[]> drawn = looks(sketch);
        double ex = (box[1][0] - box[0][0]) / Math.hypot(box[1][0] - box[0][0], box[1][1] - box[0][1]);
        double ez = Math.sqrt(1 - ex * ex);

        assertThat(drawn).isNotEmpty().allSatisfy(p -> {
            double along = (p[0] - box[0][0]) * ex + (p[1] - box[0][1]) * ez;
            assertThat(along).isBetween(-0.02, Math.hypot(box[1][0] - box[0][0], box[1][1] - box[0][1]) + 0.02);
        });
        assertThat(ez).as("it leans").isGreaterThan(0.05);
    }

    @Test
    void theSurveyIsDrawnInTheWalls() {
        List<double[]> walls = looks(Analysis.of(NIGHTJAR).of(SurveyStudies.DISCIPLINE).all().stream(), "survey.tapes");

        assertThat(most(walls, 1) - least(walls, 1)).isCloseTo(NIGHTJAR.base().shell().width(), within(1e-6));
        assertThat(most(walls, 0)).isCloseTo(NIGHTJAR.base().shell().length(), within(1e-6));
    }
}
