package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Scanner;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.kernel.profile.Outline;
import lectulum.kernel.profile.Piece;
import lectulum.kernel.profile.Tiles;
import lectulum.papers.Template.Contour;
import lectulum.papers.Template.Use;
import lectulum.space.Body;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;

/// What is written for printing and cutting is measured as a reader of the file would.
class TemplateTest {
    private static final double MM = 72 / 25.4;
    /// One level line of 1000 mm under a box that makes it more than one page.
    private static final Template METRE = new Template("One metre", "", List.of(
            new Contour(Use.CUT, "", List.of(new Piece.Line(0, 0, 1.0, 0))),
            new Contour(Use.GUIDE, "", List.of(new Piece.Line(0, 0, 0, 0.30)))));
    private static final Design TEARDROP = Campers.demo("dunlin").orElseThrow().design();

    private static Template side() {
        return Panels.find(TEARDROP, "profile").orElseThrow().template();
    }

    /// Straight strokes of one width on a page, in points: x1, y1, x2, y2.
    private static List<double[]> strokes(PDPage page, double width) throws IOException {
        List<double[]> lines = new ArrayList<>();
        List<Double> numbers = new ArrayList<>();
        double[] pen = new double[2];
        double now = 1;
        for (Object token : new PDFStreamParser(page).parse()) {
            if (token instanceof COSNumber n) {
                numbers.add((double) n.floatValue());
            } else if (token instanceof Operator o) {
                switch (o.getName()) {
                    case "w" -> now = numbers.getLast();
                    case "m" -> pen = new double[]{numbers.get(0), numbers.get(1)};
                    case "l" -> {
                        if (Math.abs(now - width) < 1e-3) {
                            lines.add(new double[]{pen[0], pen[1], numbers.get(0), numbers.get(1)});
                        }
                        pen = new double[]{numbers.get(0), numbers.get(1)};
                    }
                    default -> {
                        // paints or sets
                    }
                }
                numbers.clear();
            }
        }
        return lines;
    }

    /// The length of the level cut line over all pages, each counted up to where the next one starts \[mm\].
    private static double printed(TemplatePdf pdf, double stretch) throws IOException {
        double total = 0;
        try (PDDocument document = Loader.loadPDF(pdf.bytes())) {
            List<TemplatePdf.Tile> tiles = pdf.pages();
            for (int i = 0; i < tiles.size(); i++) {
                TemplatePdf.Tile tile = tiles.get(i);
                double from = 10;
                boolean last = tile.column() == tile.tiles().columns() - 1;
                double to = 10 + (tile.tiles().stepX() + (last ? Tiles.OVERLAP : 0)) * 1000 / stretch;
                for (double[] l : strokes(document.getPage(i), 1.0)) {
                    boolean level = Math.abs(l[1] - l[3]) < 0.01 && Math.abs(l[0] - l[2]) > 0.01;
                    if (level && tile.row() == 0) {
                        total += Math.max(0, Math.min(to, Math.max(l[0], l[2]) / MM)
                                - Math.max(from, Math.min(l[0], l[2]) / MM));
                    }
                }
            }
        }
        return total * stretch;
    }

    @Test
    void aMetreIsAMetreOverAllPagesOfEveryPaper() throws IOException {
        for (Paper paper : Paper.values()) {
            assertThat(printed(new TemplatePdf(METRE, paper), 1)).as(paper.label()).isCloseTo(1000, within(0.2));
        }
    }

    @Test
    void aPrinterThatStretchesIsCorrected() throws IOException {
        assertThat(printed(new TemplatePdf(METRE, Paper.A4, 1.012, 1), 1.012)).isCloseTo(1000, within(0.2));
    }

    /// 2.60 × 1.24 on A4 upright: steps of 180 and 267 mm would be 15 × 5; lying, 267 and 180 mm, 10 × 7 = 70.
    @Test
    void aSheetOfTheTeardropsSizeNeedsSeventyPagesOfA4() {
        Template box = new Template("Box", "", List.of(new Contour(Use.CUT, "",
                List.of(new Piece.Line(0, 0, 2.60, 0), new Piece.Line(2.60, 0, 2.60, 1.24)))));

        TemplatePdf pdf = new TemplatePdf(box, Paper.A4);

        assertThat(pdf.tiles().columns()).isEqualTo(10);
        assertThat(pdf.tiles().rows()).isEqualTo(7);
        assertThat(pdf.pages()).as("only pages with something on them").hasSize(16);
    }

    @Test
    void everyPageSaysWhereItBelongsAndWhichFaceLooksUp() throws IOException {
        TemplatePdf pdf = new TemplatePdf(side(), Paper.A4);
        try (PDDocument document = Loader.loadPDF(pdf.bytes())) {
            assertThat(document.getNumberOfPages()).isEqualTo(pdf.pages().size());
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(i + 1);
                text.setEndPage(i + 1);
                assertThat(text.getText(document)).contains("Page " + pdf.pages().get(i).name() + " of rows",
                        "front at the left", "100 mm when printed true", "4 in when printed true");
            }
        }
    }

    /// Neighbours show the same crosses: what is right of one page's step is the left edge of the next.
    @Test
    void crossesOfNeighboursMeet() {
        List<TemplatePdf.Tile> tiles = new TemplatePdf(METRE, Paper.A4).pages();
        for (TemplatePdf.Tile t : tiles) {
            tiles.stream().filter(n -> n.row() == t.row() && n.column() == t.column() + 1)
                    .forEach(n -> assertThat(n.x()).isCloseTo(t.x() + t.tiles().stepX(), within(1e-12)));
        }
        assertThat(tiles).extracting(TemplatePdf.Tile::name).contains("A1", "A2", "A3");
    }

    @Test
    void svgIsWellFormedAtFullSizeWithItsHoles() throws Exception {
        Template template = side();
        double[] b = template.bounds();

        Element svg = DocumentBuilderFactory.newInstance().newDocumentBuilder()
                .parse(new InputSource(new StringReader(TemplateSvg.write(template)))).getDocumentElement();

        assertThat(svg.getAttribute("width"))
                .isEqualTo(String.format(Locale.ROOT, "%.3fmm", (b[2] - b[0]) * 1000 + 20));
        assertThat(svg.getAttribute("viewBox")).startsWith("0 0 ").endsWith(
                String.format(Locale.ROOT, "%.3f", (b[3] - b[1]) * 1000 + 20));
        long holes = template.contours().stream().filter(c -> c.use() == Use.HOLE).count();
        assertThat(holes).isPositive();
        assertThat(Stream.iterate(0, i -> i < svg.getElementsByTagName("path").getLength(), i -> i + 1)
                .map(i -> ((Element) svg.getElementsByTagName("path").item(i)).getAttribute("class"))
                .filter("hole"::equals)).hasSize((int) holes);
    }

    @Test
    void dxfReadBackIsTheOutlineWithinATenthOfAMillimetre() {
        Template template = side();

        List<List<double[]>> polylines = polylines(TemplateDxf.write(template), "CUT");

        assertThat(polylines).hasSize(1);
        double area = area(polylines.getFirst());
        Contour cut = template.contours().stream().filter(c -> c.use() == Use.CUT).findFirst().orElseThrow();
        assertThat(area / 1e6).isCloseTo(new Outline(cut.pieces()).area(), within(2e-4));
        List<double[]> truth = new ArrayList<>();
        cut.pieces().forEach(p -> truth.addAll(p.samples()));
        for (double[] q : polylines.getFirst()) {
            assertThat(distance(q, truth)).isLessThan(0.1);
        }
    }

    @Test
    void everyPanelOfEveryDemoIsWrittenInEveryFormat() throws IOException {
        for (Campers.Demo demo : Campers.demos()) {
            Design design = Campers.demo(demo.key()).orElseThrow().design();
            for (Panels.Panel p : Panels.of(design, design.things().subList(0, 2))) {
                double[] b = p.template().bounds();
                assertThat(b[2] - b[0]).as(demo.key() + " " + p.key()).isPositive();
                assertThat(new TemplatePdf(p.template(), Paper.A3).pages()).as(p.key()).isNotEmpty();
                assertThat(TemplateDxf.write(p.template())).endsWith("EOF\n");
                assertThat(TemplateSvg.write(p.template())).endsWith("</svg>\n");
            }
        }
    }

    @Test
    void theTapeTableFollowsTheProfileAndKeepsItsInsideBelowTheOutside() throws IOException {
        List<CSVRecord> rows = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(OffsetTable.write(TEARDROP.base(), false))).getRecords();

        Outline outline = Body.of(TEARDROP.base()).profile().orElseThrow().outline();
        assertThat(rows).hasSizeGreaterThan(40);
        double before = -1;
        for (CSVRecord r : rows) {
            double x = Double.parseDouble(r.get("x_mm_behind_front"));
            assertThat(x).isGreaterThan(before);
            before = x;
            double z = Double.parseDouble(r.get("z_mm_outside"));
            if (x > 1 && x < 1000 * TEARDROP.base().shell().length() - 1) {
                assertThat(z).as("at %s", x).isCloseTo(1000 * outline.top(x / 1000).orElseThrow(), within(0.2));
            }
            if (!r.get("z_mm_inside").isEmpty()) {
                assertThat(Double.parseDouble(r.get("z_mm_inside"))).isLessThan(z);
            }
        }
        assertThat(OffsetTable.write(TEARDROP.base(), true)).contains("\n50.8,");
    }

    /// Vertices of the polylines on a layer, arcs by their bulges in steps, in mm.
    private static List<List<double[]>> polylines(String dxf, String layer) {
        List<List<double[]>> all = new ArrayList<>();
        List<double[]> vertices = List.of();
        Scanner in = new Scanner(dxf);
        String entity = "";
        boolean wanted = false;
        while (in.hasNextLine()) {
            int code = Integer.parseInt(in.nextLine());
            String value = in.nextLine();
            switch (code) {
                case 0 -> {
                    if (entity.equals("POLYLINE") && wanted) {
                        vertices = new ArrayList<>();
                        all.add(vertices);
                    }
                    entity = value;
                    if (value.equals("VERTEX") && wanted) {
                        vertices.add(new double[3]);
                    }
                }
                case 8 -> wanted = entity.equals("POLYLINE") ? value.equals(layer) : wanted;
                case 10 -> vertexOf(entity, wanted, vertices, 0, value);
                case 20 -> vertexOf(entity, wanted, vertices, 1, value);
                case 42 -> vertexOf(entity, wanted, vertices, 2, value);
                default -> {
                    // header and flags
                }
            }
        }
        return all.stream().map(TemplateTest::unbulged).toList();
    }

    private static void vertexOf(String entity, boolean wanted, List<double[]> vertices, int at, String value) {
        if (entity.equals("VERTEX") && wanted) {
            vertices.getLast()[at] = Double.parseDouble(value);
        }
    }

    private static List<double[]> unbulged(List<double[]> vertices) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < vertices.size(); i++) {
            double[] a = vertices.get(i);
            double[] b = vertices.get((i + 1) % vertices.size());
            points.add(a);
            double sweep = 4 * Math.atan(a[2]);
            double chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (Math.abs(sweep) > 1e-9 && chord > 1e-9) {
                double r = chord / (2 * Math.sin(sweep / 2));
                double away = r * Math.cos(sweep / 2);
                double cx = (a[0] + b[0]) / 2 - away * (b[1] - a[1]) / chord;
                double cy = (a[1] + b[1]) / 2 + away * (b[0] - a[0]) / chord;
                double start = Math.atan2(a[1] - cy, a[0] - cx);
                for (int k = 1; k < 64; k++) {
                    double t = start + sweep * k / 64;
                    points.add(new double[]{cx + Math.abs(r) * Math.cos(t), cy + Math.abs(r) * Math.sin(t)});
                }
            }
        }
        return points;
    }

    private static double area(List<double[]> points) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.getFirst()[0], points.getFirst()[1]);
        points.forEach(p -> path.lineTo(p[0], p[1]));
        path.closePath();
        assertThat(new Area(path).isSingular()).isTrue();
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            double[] p = points.get(i);
            double[] q = points.get((i + 1) % points.size());
            twice += p[0] * q[1] - q[0] * p[1];
        }
        return Math.abs(twice) / 2;
    }

    private static double distance(double[] q, List<double[]> line) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < line.size(); i++) {
            least = Math.min(least, Line2D.ptSegDist(1000 * line.get(i - 1)[0],
                    1000 * line.get(i - 1)[1], 1000 * line.get(i)[0], 1000 * line.get(i)[1], q[0], q[1]));
        }
        return least;
    }
}
