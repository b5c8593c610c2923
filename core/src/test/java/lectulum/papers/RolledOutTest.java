package lectulum.papers;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Shell;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.kernel.profile.Nose;
import lectulum.papers.Template.Contour;
import lectulum.papers.Template.Use;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Skins that are bent are cut as they lie flat; each file says what it is.
class RolledOutTest {
    private static Design nosed(Nose.Form form, double flat, Thing... things) {
        Design d = box(things);
        return d.with(d.base().with(new Shell.Nosed(3.4, 1.8, 1.8, 0.4, flat, form)));
    }

    private static Template panel(Design d, String key) {
        return Panels.find(d, key).orElseThrow().template();
    }

    private static List<Contour> used(Template t, Use use) {
        return t.contours().stream().filter(c -> c.use() == use).toList();
    }

    private static double width(Template t) {
        double[] b = new Template("", "", used(t, Use.CUT)).bounds();
        return b[2] - b[0];
    }

    /// Two slants of 0.4 × (0.9 − half the flat), and the flat between them.
    @ParameterizedTest
    @CsvSource({"0, 1", "0.3, 2", "1.0, 2"})
    void theFrontOfAVIsAsLongAsItsSides(double flat, int bends) {
        Template front = panel(nosed(Nose.Form.VEE, flat), "front");

        assertThat(width(front)).isCloseTo(2 * Math.hypot(0.4, 0.9 - flat / 2) + flat, within(1e-9));
        assertThat(used(front, Use.GUIDE)).hasSize(bends);
        assertThat(front.bounds()[3]).isCloseTo(1.8, within(1e-9));
    }

    /// A circle through the shoulders and the tip: r = (0.9² + 0.4²)/(2 · 0.4), its arc 2 r asin(0.9/r); half an ellipse by
    /// Simpson's rule over its parameter.
    @Test
    void roundFrontsAreAsLongAsTheirCurves() {
        double r = (0.81 + 0.16) / 0.8;
        assertThat(width(panel(nosed(Nose.Form.ARC, 0), "front"))).isCloseTo(2 * r * Math.asin(0.9 / r), within(2e-4));

        int n = 2000;
        double ellipse = 0;
        for (int i = 0; i <= n; i++) {
            double t = Math.PI * i / n;
            double speed = Math.hypot(0.9 * Math.sin(t), 0.4 * Math.cos(t));
            ellipse += speed * (i == 0 || i == n ? 1 : i % 2 == 1 ? 4 : 2);
        }
        ellipse *= Math.PI / n / 3;
        assertThat(width(panel(nosed(Nose.Form.ELLIPSE, 0), "front"))).isCloseTo(ellipse, within(5e-4));
    }

    /// A window 0.3 wide in the right slant of a V takes more of the skin than of the width.
    @Test
    void aHoleInASlantIsAsLongAsItsSkin() {
        Thing window = thing("window", 4, 0.2, 0.45).with(new Placement(0.2, 0.45, 0.8, 0))
                .with(new Size(0.05, 0.3, 0.4)).with(Mount.SET_IN).with(Fix.FIXED)
                .with(new Feature.Opening(0.3, 0.4, Feature.Opening.Leaf.FIXED, 0, false, false));
        Template front = panel(nosed(Nose.Form.VEE, 0, window), "front");

        List<Contour> holes = used(front, Use.HOLE);
        assertThat(holes).hasSize(1);
        double[] b = new Template("", "", holes).bounds();
        assertThat(b[2] - b[0]).isCloseTo(0.3 * Math.hypot(0.4, 0.9) / 0.9, within(1e-6));
    }

    @Test
    void aFlatFrontIsTheInsideOfTheWalls() {
        assertThat(width(panel(box(), "front"))).isCloseTo(1.74, within(1e-9));
        assertThat(used(panel(box(), "front"), Use.GUIDE)).isEmpty();
    }

    /// The rear of the teardrop is as high, laid flat, as the skin from its foot to where it turns into the roof.
    @Test
    void theCurvedRearOfATeardropIsLongerThanItIsHigh() {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Template rear = panel(d, "rear");
        double[] b = new Template("", "", used(rear, Use.CUT)).bounds();

        assertThat(width(rear)).isCloseTo(d.base().shell().width(), within(1e-9));
        assertThat(b[3] - b[1]).isBetween(0.4, 2.0);
        assertThat(rear.title()).contains("rolled out");
    }

    @Test
    void bothSidesSayWhichFaceLooksUp() {
        Design d = Campers.demo("dunlin").orElseThrow().design();

        assertThat(panel(d, "profile").title()).contains("left wall");
        assertThat(panel(d, "profile-right").title()).contains("right wall");
        assertThat(panel(d, "profile").notes()).anyMatch(n -> n.contains("edge of the floor"));
        Contour floor = used(panel(d, "profile"), Use.GUIDE).stream()
                .filter(c -> c.name().equals("underside of the floor")).findFirst().orElseThrow();
        assertThat(floor.pieces().getFirst().start()[1]).isEqualTo(-d.base().floor());
    }

    @Test
    void dxfSaysItsUnitsLayersAndNames() {
        Template side = panel(Campers.demo("dunlin").orElseThrow().design(), "profile");
        List<String> lines = TemplateDxf.write(side).lines().toList();

        assertThat(lines.get(lines.indexOf("$INSUNITS") + 2)).as("millimetres").isEqualTo("4");
        assertThat(lines).containsSequence("0", "LAYER", "2", "CUT").containsSequence("0", "LAYER", "2", "HOLE")
                .containsSequence("0", "LAYER", "2", "GUIDE");
        assertThat(lines).contains("TEXT", "inside", "hinge", "axle", side.title() + ", " + side.front());
        assertThat(lines).allMatch(l -> l.chars().allMatch(c -> c < 127));
        assertThat(TemplateSvg.write(side)).contains("<desc>").contains(side.notes().getLast());
    }

    @Test
    void lettersThatDxfDoesNotHaveAreWrittenByNumber() {
        String dxf = TemplateDxf.write(new Template("Küche", "", List.of()));

        assertThat(dxf).contains("K\\U+00FCche");
    }
}
