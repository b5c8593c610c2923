package lectulum.files;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.thing.Thing;
import lectulum.papers.Report;
import lectulum.units.Style;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ExportTest {
    private static List<CSVRecord> rows(String csv) throws IOException {
        return CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get().parse(new StringReader(csv))
                .getRecords();
    }

    @Test
    void theThingsListHoldsEveryThingWithItsPlace() throws IOException {
        var text = new StringWriter();
        ThingsCsv.things(box(thing("bed", 12.5, 1.25, -0.3)), text);

        CSVRecord row = rows(text.toString()).getFirst();

        assertThat(row.get("mass_kg")).isEqualTo("12.5");
        assertThat(row.get("x_mm_behind_body_front")).isEqualTo("1250");
        assertThat(row.get("y_mm_right")).isEqualTo("-300");
        assertThat(row.get("mass_source")).isEqualTo("WEIGHED");
    }

    @Test
    void aNameThatASpreadsheetWouldRunIsKeptAsText() throws IOException {
        var text = new StringWriter();
        ThingsCsv.things(box(thing("x", 1, 1, 0).named("=HYPERLINK(1)")), text);

        assertThat(rows(text.toString()).getFirst().get("name")).isEqualTo("'=HYPERLINK(1)");
    }

    @Test
    void aCatalogueWrittenIsReadBackEqual() throws IOException {
        List<Thing> things = Catalogue.shipped().things();
        var text = new StringWriter();

        ThingsCsv.catalogue(things, text);

        assertThat(Catalogue.read(new StringReader(text.toString()))).isEqualTo(things);
    }

    @Test
    void theReportHoldsEveryFigureAndFinding() {
        Design design = Campers.demo("nightjar").orElseThrow().design();
        Analysis analysis = Analysis.of(design);

        JsonNode report = JsonMapper.builder().build()
                .readTree(Report.json("Nightjar", analysis, List.of(), Style.PLAIN, true));

        assertThat(report.get("figures").size()).isEqualTo(analysis.figures().all().size());
        assertThat(report.get("findings").size()).isEqualTo(analysis.findings().size());
        JsonNode tongue = find(report.get("figures"), "balance.departure.tongue");
        assertThat(tongue.get("unit").asString()).isEqualTo("kg");
        assertThat(tongue.get("value").asDouble()).isEqualTo(analysis.figures().value("balance.departure.tongue"));
        assertThat(tongue.get("interval").get(0).asDouble()).isLessThan(tongue.get("value").asDouble());
        assertThat(tongue.get("loadCase").asString()).isEqualTo("departure");
        JsonNode light = find(report.get("findings"), "balance.tongue-share");
        assertThat(light.get("severity").asString()).isEqualTo("warn");
        assertThat(light.get("remedies").size()).isPositive();
        assertThat(
                find(report.get("findings"), "layout.overlap.optics-chest+telescope").get("place").get("x").asDouble())
                .isPositive();
    }

    private static JsonNode find(JsonNode list, String id) {
        for (JsonNode node : list) {
            if (node.get("id").asString().equals(id)) {
                return node;
            }
        }
        throw new AssertionError("no " + id);
    }

    @Test
    void theFiguresListHasOneRowForEachFigure() throws IOException {
        Analysis analysis = Analysis.of(box());
        var text = new StringWriter();

        Report.figuresCsv(analysis, text);

        assertThat(rows(text.toString())).hasSameSizeAs(analysis.figures().all());
    }
}
