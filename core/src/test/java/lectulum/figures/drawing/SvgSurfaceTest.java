package lectulum.figures.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;

/// Drawings as SVG.
class SvgSurfaceTest {
    private static final Ink RED = new Ink(1, 0, 0, 1);
    private static final double[][] SQUARE = {{0, 0}, {10, 0}, {10, 10.126}, {0, 10}};

    private static SvgSurface surface() {
        return new SvgSurface(200, 100, "A <drawing> & more", (text, size, bold) -> text.length() * size / 2);
    }

    private static Document parsed(SvgSurface surface) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new InputSource(new StringReader(surface.file())));
    }

    @Test
    void eachShapeIsAnElement() throws Exception {
        SvgSurface s = surface();
        s.fill(SQUARE, RED.faded(0.5));
        s.stroke(SQUARE, true, new Surface.Line(RED, 1.5, 4, 3));
        s.fillOval(50, 50, 10, 5, RED);
        s.strokeOval(50, 50, 10, 5, new Surface.Line(RED, 1));
        s.text("1 < 2 \"&\" 3", 20, 20, Surface.Anchor.MIDDLE, 11, true, RED);

        Document svg = parsed(s);
        Element path = (Element) svg.getElementsByTagName("path").item(0);

        assertThat(svg.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 200 100");
        assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("A <drawing> & more");
        assertThat(svg.getElementsByTagName("path").getLength()).isEqualTo(2);
        assertThat(svg.getElementsByTagName("ellipse").getLength()).isEqualTo(2);
        assertThat(path.getAttribute("d")).isEqualTo("M0 0L10 0L10 10.13L0 10Z");
        assertThat(path.getAttribute("fill")).isEqualTo("#ff0000");
        assertThat(path.getAttribute("fill-opacity")).isEqualTo("0.5");
        assertThat(((Element) svg.getElementsByTagName("path").item(1)).getAttribute("stroke-dasharray"))
                .isEqualTo("4 3 ");
        assertThat(svg.getElementsByTagName("text").item(0).getTextContent()).isEqualTo("1 < 2 \"&\" 3");
    }

    @Test
    void aHatchIsOnePatternHoweverOftenItIsUsed() throws Exception {
        SvgSurface s = surface();
        Hatch lines = Hatch.of(RED, (x, y) -> y == 0);
        s.hatch(SQUARE, lines);
        s.hatch(SQUARE, Hatch.of(RED, (x, y) -> y == 0));

        Document svg = parsed(s);

        assertThat(svg.getElementsByTagName("pattern").getLength()).isEqualTo(1);
        assertThat(lines.at(3, 0)).isTrue();
        assertThat(lines.at(3, 1)).isFalse();
        assertThat(lines.at(3, 8)).as("repeats").isTrue();
        assertThat(lines.at(-5, -8)).isTrue();
    }

    @Test
    void partsAreCutOffAtARectangle() throws Exception {
        SvgSurface s = surface();
        s.within(0, 0, 50, 50);
        s.fill(SQUARE, RED);
        s.within(10, 10, -5, 20);
        s.fill(SQUARE, RED);

        Document svg = parsed(s);

        assertThat(svg.getElementsByTagName("clipPath").getLength()).isEqualTo(2);
        assertThat(svg.getElementsByTagName("g").getLength()).isEqualTo(2);
    }

    /// Names may hold what XML may not; what is no number is no coordinate.
    @Test
    void anythingGivesAFileThatParses() throws Exception {
        SvgSurface s = surface();
        s.text("bell \u0007 half \uD83D emoji 🏕 עגלה", Double.NaN, Double.POSITIVE_INFINITY, Surface.Anchor.END, 11,
                false, RED);
        s.fill(new double[][]{{Double.NaN, 1}, {2, 3}, {4, -0.0001}}, RED);
        s.fill(new double[0][], RED);
        s.stroke(new double[][]{{1, 1}}, false, new Surface.Line(RED, 1));

        Document svg = parsed(s);

        assertThat(svg.getElementsByTagName("text").item(0).getTextContent()).contains("🏕").contains("עגלה")
                .doesNotContain("\u0007");
        assertThat(svg.getElementsByTagName("path").getLength()).isEqualTo(1);
    }
}
