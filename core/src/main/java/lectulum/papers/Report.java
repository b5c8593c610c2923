package lectulum.papers;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.figures.Figure;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.files.ThingsCsv;
import lectulum.units.Style;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Figures and findings for other programs and for a terminal.
public final class Report {
    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Report() {
    }

    /// Every figure (id, SI value, unit, interval, load case) and every finding (id, severity, sentence, place) as JSON.
    ///
    /// @param notes    what had to be changed to open the file
    /// @param remedies whether each finding is to bring what would mend it, which takes many analyses
    public static String json(String project, Analysis analysis, List<String> notes, Style style, boolean remedies) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("project", project);
        ArrayNode noted = root.putArray("notes");
        notes.forEach(noted::add);
        ArrayNode figures = root.putArray("figures");
        for (Figure figure : analysis.figures().all()) {
            ObjectNode node = figures.addObject();
            node.put("id", figure.id());
            node.put("label", figure.label());
            if (figure.value().isPresent()) {
                node.put("value", figure.value().getAsDouble());
            } else {
                node.putNull("value");
                node.put("reason", figure.reason());
            }
            node.put("unit", figure.quantity().si());
            node.put("loadCase", figure.loadCase().isEmpty() ? null : figure.loadCase());
            figure.interval().ifPresentOrElse(i -> node.putArray("interval").add(i.low()).add(i.high()),
                    () -> node.putNull("interval"));
            node.put("verdict", name(figure.band().verdict()));
        }
        ArrayNode findings = root.putArray("findings");
        for (Finding finding : analysis.findings()) {
            ObjectNode node = findings.addObject();
            node.put("id", finding.id());
            node.put("severity", name(finding.severity()));
            node.put("stage", name(finding.stage()));
            node.put("title", finding.title().text(style));
            node.put("sentence", finding.detail().text(style));
            ArrayNode place = node.putArray("things");
            finding.things().forEach(place::add);
            place(analysis, finding, node);
            node.put("accepted", finding.acceptance().map(a -> a.reason()).orElse(null));
            if (remedies) {
                ArrayNode ways = node.putArray("remedies");
                Remedies.of(analysis, finding).forEach(r -> ways.add(r.says().text(style)));
                node.put("unmended", ways.isEmpty() ? finding.rule().unmended() : null);
            }
        }
        return MAPPER.writeValueAsString(root);
    }

    /// Where to look: the middle of the first thing it is about, in metres behind the ball, right, and above ground.
    private static void place(Analysis analysis, Finding finding, ObjectNode node) {
        finding.things().stream().findFirst().flatMap(analysis.design()::thing).ifPresentOrElse(thing -> {
            ObjectNode at = node.putObject("place");
            at.put("x", analysis.design().base().tongueLength() + thing.place().x());
            at.put("y", thing.place().y());
            at.put("z", analysis.design().base().floorHeight() + thing.place().z() + thing.size().height() / 2);
        }, () -> node.putNull("place"));
    }

    /// Every figure as comma-separated text.
    public static void figuresCsv(Analysis analysis, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get());
        printer.printRecord("id", "label", "value_SI", "unit", "low95", "high95", "load_case", "verdict", "reason");
        for (Figure f : analysis.figures().all()) {
            printer.printRecord(f.id(), ThingsCsv.safe(f.label()), f.value().isPresent() ? f.value().getAsDouble() : "",
                    f.quantity().si(), f.interval().map(i -> (Object) i.low()).orElse(""),
                    f.interval().map(i -> (Object) i.high()).orElse(""), f.loadCase(), name(f.band().verdict()),
                    ThingsCsv.safe(f.reason()));
        }
    }

    /// Figures and findings for people, worst first.
    ///
    /// @param notes    what had to be changed to open the file
    /// @param remedies whether each finding is to bring what would mend it, which takes many analyses
    public static String text(String project, Analysis analysis, List<String> notes, Style style, boolean remedies) {
        var text = new StringBuilder(project).append('\n');
        notes.forEach(note -> text.append("  note: ").append(note).append('\n'));
        for (Figure f : analysis.figures().all()) {
            text.append(String.format(Locale.ROOT, "  %-38s %14s  %s%n", f.id(), f.text(style),
                    f.value().isPresent() ? f.band().says().text(style) : f.reason()));
        }
        for (Finding f : analysis.findings()) {
            text.append(f.open() ? f.severity().name() : "ACCEPTED").append("  ").append(f.title().text(style))
                    .append(". ").append(f.detail().text(style)).append('\n');
            if (remedies) {
                List<Remedy> ways = Remedies.of(analysis, f);
                ways.forEach(r -> text.append("      - ").append(r.says().text(style)).append('\n'));
                if (ways.isEmpty()) {
                    text.append("      ").append(f.rule().unmended()).append('\n');
                }
            }
        }
        return text.toString();
    }

    private static String name(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
