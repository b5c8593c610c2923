package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lectulum.Samples;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;
import org.apache.pdfbox.Loader;
import java.io.StringReader;
import lectulum.design.Design;
import lectulum.design.logbook.LogEntry;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/// Everything that is offered can be written, and is what it says.
class DocumentsTest {
    private static final Style METRIC = new Style(UnitSystem.METRIC, "€");
    private static final Style US = new Style(UnitSystem.US, "$");

    private static List<Document> of(String demo, Style style, Paper paper) {
        return Documents.of(demo, Analysis.of(Campers.demo(demo).orElseThrow().design()), style, paper);
    }

    private static Document document(List<Document> all, String id) {
        return all.stream().filter(d -> d.id().equals(id)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"nightjar", "dunlin", "chamois"})
    void everyFormOfEveryDocumentIsWhatItsEndingSays(String demo) throws IOException {
        List<Document> all = of(demo, METRIC, Paper.A3);

        assertThat(all).extracting(Document::id).doesNotHaveDuplicates();
        for (Document d : all) {
            for (Document.Form f : d.forms()) {
                byte[] bytes = f.content().bytes();
                String text = new String(bytes, StandardCharsets.UTF_8);
                switch (f.ending()) {
                    case ".pdf" -> {
                        try (var pdf = Loader.loadPDF(bytes)) {
                            assertThat(d.about()).as(d.name()).contains(pdf.getNumberOfPages() + " page");
                        }
                    }
                    case ".svg" -> assertThat(text).as(d.name()).contains("<svg").endsWith("</svg>\n");
                    case ".dxf" -> assertThat(text).as(d.name()).contains("ENTITIES").endsWith("EOF\n");
                    case ".json" -> assertThat(JsonMapper.shared().readTree(text).path("figures").size()).isPositive();
                    default -> assertThat(text.lines()).as(d.name()).hasSizeGreaterThan(2);
                }
                assertThat(d.fileName(f)).endsWith(f.ending()).doesNotContain("/").doesNotContain(" ");
            }
        }
    }

    /// The cut list on paper is the frame: as many sticks, as long.
    @Test
    void theCutListIsTheFrame() throws IOException {
        Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
        List<Document> all = Documents.of("nightjar", a, METRIC, Paper.A4);
        String list = new String(document(all, "mat-list-0-list").forms().getFirst().content().bytes(),
                StandardCharsets.UTF_8);
        int sticks = list.lines().skip(1).filter(l -> !l.isBlank() && !l.contains("end to end"))
                .mapToInt(l -> Integer.parseInt(l.substring(l.lastIndexOf(',') + 1))).sum();

        assertThat(sticks).isEqualTo((int) a.figures().value("stud.sticks"));
        assertThat(document(all, "mat-sheet-0-plan").name().replace('\u00a0', ' '))
                .isEqualTo("Sheets of plywood, 4 mm");
        assertThat(new String(document(all, "mat-sticks-0-plan").forms().get(1).content().bytes(),
                StandardCharsets.UTF_8)).contains("3.500");
    }

    /// Dunlin is 2.98 m long: 9 ft and 9 5/16 in.
    @Test
    void sizesAreInTheUnitsThatAreShown() {
        assertThat(document(of("dunlin", METRIC, Paper.A4), "panel.profile").about()).startsWith("2.980");
        assertThat(document(of("dunlin", US, Paper.LETTER), "panel.profile").about().replace('\u00a0', ' '))
                .startsWith("9' 9 5/16").contains("Letter");
    }

    /// The schematic names the tank, each tap and what the page of pipes says that it gives.
    @Test
    void pipesAreDrawnAsTheyJoin() throws IOException {
        Analysis a = Analysis.of(Campers.demo("nightjar").orElseThrow().design());
        List<Document> all = Documents.of("nightjar", a, METRIC, Paper.A4);
        String svg = new String(document(all, "water-schematic").forms().get(1).content().bytes(),
                StandardCharsets.UTF_8).replace('\u00a0', ' ');
        String gives = Units.text(a.figures().value("pipe.sink.alone"), Quantity.WATER_FLOW, METRIC)
                .replace('\u00a0', ' ');

        assertThat(svg).contains(">Fresh tank<", ">Sink<", ">Grey tank<", gives);
        String joints = new String(document(all, "hold-test").forms().getFirst().content().bytes(),
                StandardCharsets.UTF_8);
        assertThat(joints.lines().filter(l -> l.contains("elbow")).count())
                .isEqualTo((long) a.figures().value("pipe.elbows"));
    }

    @Test
    void aLargerPaperTakesFewerPages() {
        String small = document(of("dunlin", METRIC, Paper.A4), "panel.profile").about();
        String large = document(of("dunlin", METRIC, Paper.A3), "panel.profile").about();

        assertThat(pages(large)).isLessThan(pages(small));
    }

    private static int pages(String about) {
        return Integer.parseInt(about.replaceAll(".*, (\\d+) pages? of.*", "$1"));
    }

    @Test
    void anEmptyCamperHasItsPanelsAndListsWithoutRows() throws IOException {
        List<Document> all = Documents.of("empty", Analysis.of(Samples.box()), METRIC, Paper.A4);

        assertThat(all).extracting(Document::kind).contains(Document.Kind.FULL_SIZE, Document.Kind.LIST);
        assertThat(new String(document(all, "things").forms().getFirst().content().bytes(), StandardCharsets.UTF_8)
                .lines()).hasSize(1);
    }

    private static List<CSVRecord> table(Design d, String id) throws IOException {
        Document document = Documents.of("x", Analysis.of(d), Style.PLAIN, Paper.A4).stream()
                .filter(x -> x.id().equals(id)).findFirst().orElseThrow();
        String text = new String(document.forms().getFirst().content().bytes(), StandardCharsets.UTF_8);
        return CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get().parse(new StringReader(text))
                .getRecords();
    }

    @Test
    void tasksAreATableForOtherPrograms() throws IOException {
        Design d = Campers.demo("dunlin").orElseThrow().design();

        List<CSVRecord> rows = table(d, "tasks");

        assertThat(rows.stream().mapToDouble(r -> Double.parseDouble(r.get("likely_h"))).sum())
                .isCloseTo(Analysis.of(d).figures().value("build.hours") / 3600, within(1e-9));
        assertThat(rows).allSatisfy(r -> assertThat(Double.parseDouble(r.get("least_h")))
                .isLessThan(Double.parseDouble(r.get("most_h"))));
        CSVRecord axle = rows.stream().filter(r -> r.get("id").equals("B3")).findFirst().orElseThrow();
        assertThat(axle.get("logged_h")).as("6 typed and 4.5 in the log").isEqualTo("10.5");
        assertThat(axle.get("after")).isEqualTo("B2");
    }

    @Test
    void entriesAreATableWithoutFormulas() throws IOException {
        Design d = Campers.demo("dunlin").orElseThrow().design();
        Design odd = d.withLogbook(d.logbook().plus(LogEntry.of("entry-9", "2026-12-01", LogEntry.Kind.WORK,
                "=SUM(A1:A9), \"quoted\"")));

        List<CSVRecord> rows = table(odd, "log-entries");

        assertThat(rows).hasSize(7);
        assertThat(rows.getLast().get("text")).isEqualTo("'=SUM(A1:A9), \"quoted\"");
        assertThat(rows.getFirst().get("date")).as("in the order of days").isEqualTo("2026-10-30");
    }

    @Test
    void whatIsPackedStandsUnderItsPlace() throws IOException {
        Design d = Campers.demo("nightjar").orElseThrow().design();

        List<CSVRecord> rows = table(d, "log-packing");

        assertThat(rows).hasSize((int) Analysis.of(d).figures().value("log.pack.count"));
        assertThat(rows.getFirst().get("What")).isEqualTo("Telescope");
        assertThat(rows).filteredOn(r -> r.get("What").equals("Spares")).extracting(r -> r.get("packed"))
                .containsExactly("stays");
    }
}
