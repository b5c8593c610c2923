package lectulum.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import lectulum.figures.drawing.SvgSurface;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/// Letters of the typeface that ships with the program: how long words are, and pages with them.
final class Letters implements SvgSurface.Letters {
    static final Letters SHIPPED = new Letters();
    /// \[pt\]
    private static final double MARGIN = 40;
    /// Of a drawing on a roll \[m\].
    private static final double PIXEL = 0.0254 / 72;

    private final TrueTypeFont regular = parsed(Typeface.REGULAR);
    private final TrueTypeFont bold = parsed(Typeface.BOLD);

    private static TrueTypeFont parsed(Typeface face) {
        try {
            return face.parsed();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public synchronized double width(String text, double size, boolean heavy) {
        TrueTypeFont font = heavy ? bold : regular;
        try {
            var map = font.getUnicodeCmapLookup();
            double sum = 0;
            for (int c : text.codePoints().toArray()) {
                sum += font.getAdvanceWidth(map.getGlyphId(c));
            }
            return sum / font.getUnitsPerEm() * size;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// What is drawn.
    interface Drawn {
        void on(lectulum.figures.drawing.Surface surface);
    }

    /// Pages of a paper that are drawn in points from the upper left corner of the sheet.
    static byte[] sheets(Paper paper, String title, List<Drawn> pages) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            Fonts fonts = new Fonts(document);
            double[] size = paper.points();
            for (Drawn drawn : pages) {
                PDPage page = new PDPage(new PDRectangle((float) size[0], (float) size[1]));
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    drawn.on(new PdfSurface(out, fonts, 0, size[1], 1));
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /// One page, lying where the drawing is wider than high, the drawing as large as it lets it be but never larger than it
    /// is.
    ///
    /// @param words under the drawing
    static byte[] page(Paper paper, String title, double width, double height, Drawn drawn, String... words)
            throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            Fonts fonts = new Fonts(document);
            double[] sides = paper.sides(width * PIXEL, height * PIXEL, MARGIN * 0.0254 / 72);
            double shorter = sides[0] * 72 / 0.0254;
            double longer = sides[1] * 72 / 0.0254;
            boolean lies = width > height;
            double w = lies ? longer : shorter;
            double h = lies ? shorter : longer;
            PDPage page = new PDPage(new PDRectangle((float) w, (float) h));
            document.addPage(page);
            double scale = Math.min(1, Math.min((w - 2 * MARGIN) / width,
                    (h - 2 * MARGIN - 40 - 12.0 * words.length) / height));
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                PdfSurface head = new PdfSurface(out, fonts, MARGIN, h - MARGIN, 1);
                var ink = new lectulum.figures.drawing.Ink(0, 0, 0, 1);
                head.text(title, 0, 0, lectulum.figures.drawing.Surface.Anchor.START, 13, true, ink);
                drawn.on(new PdfSurface(out, fonts, MARGIN, h - MARGIN - 20, scale));
                double y = 30 + height * scale;
                for (String line : words) {
                    head.text(line, 0, y, lectulum.figures.drawing.Surface.Anchor.START, 8.5, false, ink);
                    y += 12;
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
