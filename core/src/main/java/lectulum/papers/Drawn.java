package lectulum.papers;

import java.nio.charset.StandardCharsets;
import java.util.List;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.SvgSurface;
import lectulum.files.ThingsCsv;
import lectulum.units.Style;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// Papers of what is drawn or listed.
final class Drawn {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private Drawn() {
    }

    /// A picture of this width and height \[px\] on one page, with a caution under it.
    static Document document(String id, String name, String about, double w, double h, Letters.Drawn drawing,
            Paper paper, String... words) {
        return new Document(id, Document.Kind.PICTURE, name, about + " 1 page of " + paper.label() + ".",
                List.of(new Document.Form("PDF", ".pdf", () -> Letters.page(paper, name, w, h, drawing, words)),
                        new Document.Form("SVG", ".svg", () -> svg(name, w, h, drawing)),
                        new Document.Form("DXF", ".dxf", () -> dxf(h, drawing))));
    }

    private static byte[] svg(String name, double w, double h, Letters.Drawn drawing) {
        SvgSurface s = new SvgSurface(w, h, name, Letters.SHIPPED);
        drawing.on(s);
        return s.file().getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] dxf(double h, Letters.Drawn drawing) {
        DxfSurface s = new DxfSurface(h, Letters.SHIPPED);
        drawing.on(s);
        return s.file().getBytes(StandardCharsets.UTF_8);
    }

    /// A list as it reads.
    static Document.Form csv(Listing listing, Style style) {
        return new Document.Form("CSV", ".csv", () -> {
            StringBuilder out = new StringBuilder();
            CSVPrinter printer = new CSVPrinter(out, FORMAT);
            for (List<String> row : listing.text(style)) {
                printer.printRecord(row.stream().map(c -> ThingsCsv.safe(c.replace('\u00a0', ' '))).toList());
            }
            return out.toString().getBytes(StandardCharsets.UTF_8);
        });
    }
}
