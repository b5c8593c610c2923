package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.demo.Campers;
import lectulum.discipline.Studies;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Sketch;
import lectulum.figures.drawing.SvgSurface;
import lectulum.units.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/// Sketches on paper: to scale, with all their words on the sheet.
class SketchPaperTest {
    private static final double WIDE = 560;

    private static Document drawn(Sketch sketch, double width) throws Exception {
        SketchPaper paper = new SketchPaper(sketch, Style.PLAIN, width);
        SvgSurface svg = new SvgSurface(width, paper.height(), "sketch", Letters.SHIPPED);
        paper.paint(svg);
        return javax.xml.parsers.DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new java.io.ByteArrayInputStream(svg.file().getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }

    /// Middle and half width of every word.
    private static List<double[]> words(Document svg) {
        List<double[]> all = new ArrayList<>();
        NodeList texts = svg.getElementsByTagName("text");
        for (int i = 0; i < texts.getLength(); i++) {
            Element t = (Element) texts.item(i);
            double half = Letters.SHIPPED.width(t.getTextContent(), Double.parseDouble(t.getAttribute("font-size")),
                    false) / 2;
            all.add(new double[]{Double.parseDouble(t.getAttribute("x")), half});
        }
        return all;
    }

    @Test
    void wordsAtTheEdgeStayOnThePaper() throws Exception {
        Sketch.Board board = new Sketch.Board("Two ends");
        board.line(Sketch.Pen.MAIN, 0, 0, 4, 0);
        board.dot(0, 0, Sentence.of("a long word about the front end"));
        board.dot(4, 0, Sentence.of("an even longer word about what stands at the rear end"));

        assertThat(words(drawn(board.done(), WIDE))).hasSize(2).allSatisfy(w -> {
            assertThat(w[0] - w[1]).isGreaterThanOrEqualTo(0);
            assertThat(w[0] + w[1]).isLessThanOrEqualTo(WIDE);
        });
    }

    /// Words wider than the paper stand in its middle.
    @Test
    void wordsWiderThanThePaperStandInItsMiddle() throws Exception {
        Sketch.Board board = new Sketch.Board("One end");
        board.line(Sketch.Pen.MAIN, 0, 0, 4, 0);
        board.dot(4, 0, Sentence.of("{0}", "word ".repeat(60)));

        assertThat(words(drawn(board.done(), WIDE)).getFirst()[0]).isCloseTo(WIDE / 2, within(0.01));
    }

    /// Twice as wide, twice as large: heights follow, but for the margin.
    @Test
    void lengthAndHeightHaveOneScale() {
        Sketch.Board board = new Sketch.Board("A box");
        board.box(Sketch.Pen.MAIN, 0, 0, 4, 2);
        double margin = 40;

        assertThat(new SketchPaper(board.done(), Style.PLAIN, WIDE).height())
                .isCloseTo((WIDE - 2 * margin) / 2 + 2 * margin, within(1e-9));
    }

    /// No word of any sketch of the demonstrations leaves the paper.
    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void allSketchesOfADemonstrationFit(String demo) throws Exception {
        Analysis a = Analysis.of(Campers.demo(demo).orElseThrow().design());
        int looked = 0;
        for (var d : Disciplines.ALL) {
            if (a.of(d) instanceof Studies studies) {
                for (var study : studies.all()) {
                    for (Sketch sketch : study.sketches()) {
                        assertThat(words(drawn(sketch, WIDE))).as(study.id() + ": " + sketch.title()).allSatisfy(
                                w -> assertThat(w[1] >= WIDE / 2 || w[0] - w[1] >= -0.1 && w[0] + w[1] <= WIDE + 0.1)
                                        .isTrue());
                        looked++;
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(20);
    }
}
