package lectulum.papers;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.design.Design;
import lectulum.files.ThingsCsv;
import lectulum.power.wiring.Wired;
import lectulum.units.Quantity;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import lectulum.units.Units;

/// All that can be written of a camper today. A camper without things has its panels, and lists with a head and no rows.
public final class Documents {
    private Documents() {
    }

    /// @param project what the camper is called
    /// @param paper   what full-size drawings are printed on
    public static List<Document> of(String project, Analysis analysis, Style style, Paper paper) {
        Design design = analysis.design();
        List<Document> all = new ArrayList<>();
        for (Panels.Panel p : Panels.of(design, List.of())) {
            all.add(panel(p, paper, style));
        }
        WiringPapers.panel(design, analysis.of(Wired.DISCIPLINE)).ifPresent(p -> all.add(panel(p, paper, style)));
        all.addAll(WiringPapers.of(analysis, style, paper));
        all.addAll(WaterPapers.of(analysis, style, paper));
        all.addAll(MaterialPapers.of(analysis, style, paper));
        all.addAll(LogPapers.of(analysis, style));
        all.add(new Document("offsets", Document.Kind.LIST, "Offset table",
                "Heights of the profile along the body, for drawing it with a tape.",
                List.of(new Document.Form("CSV", ".csv",
                        text(() -> OffsetTable.write(design.base(), style.system() == UnitSystem.US))))));
        all.add(new Document("things", Document.Kind.LIST, "Things",
                "Everything aboard with its place, size, mass and price.",
                List.of(new Document.Form("CSV", ".csv", text(() -> {
                    StringBuilder out = new StringBuilder();
                    ThingsCsv.things(analysis.given(), out);
                    return out.toString();
                })))));
        all.add(new Document("figures", Document.Kind.LIST, "Figures",
                "Every figure in SI units with its interval and what it is allowed to be.",
                List.of(new Document.Form("CSV", ".csv", text(() -> {
                    StringBuilder out = new StringBuilder();
                    Report.figuresCsv(analysis.whole(), out);
                    return out.toString();
                })))));
        all.add(new Document("report", Document.Kind.LIST, "Report",
                "All figures and findings, for reading or for another program.",
                List.of(new Document.Form("Text", ".txt",
                        text(() -> Report.text(project, analysis.whole(), List.of(), style, false))),
                        new Document.Form("JSON", ".json",
                                text(() -> Report.json(project, analysis.whole(), List.of(), style, false) + "\n")))));
        return List.copyOf(all);
    }

    private static Document panel(Panels.Panel p, Paper paper, Style style) {
        TemplatePdf pdf = new TemplatePdf(p.template(), paper);
        double[] b = p.template().bounds();
        int pages = pdf.pages().size();
        String size = Units.text(b[2] - b[0], Quantity.LENGTH, style) + " × "
                + Units.text(b[3] - b[1], Quantity.LENGTH, style) + ", " + pages
                + (pages == 1 ? " page of " : " pages of ")
                + paper.label();
        return new Document("panel." + p.key(), Document.Kind.FULL_SIZE, p.name(), size,
                List.of(new Document.Form("PDF", ".pdf", pdf::bytes),
                        new Document.Form("SVG", ".svg", text(() -> TemplateSvg.write(p.template()))),
                        new Document.Form("DXF", ".dxf", text(() -> TemplateDxf.write(p.template())))));
    }

    private interface Text {
        String written() throws IOException;
    }

    private static Document.Content text(Text text) {
        return () -> text.written().getBytes(StandardCharsets.UTF_8);
    }
}
