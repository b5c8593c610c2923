package lectulum.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import lectulum.kernel.profile.Piece;
import lectulum.kernel.profile.Tiles;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/// A template at full size over as many pages as it takes: each with its place in the grid, crosses at its step corners
/// that it shares with its neighbours, the overlap shaded, a grid, the datum line, and bars to check the printer by.
///
/// A printer that stretches is told so: the measured length of the bars corrects both directions.
///
/// @param stretchX printed length over true length along x, 1 for a true printer
/// @param stretchY the same along y
public record TemplatePdf(Template template, Paper paper, double stretchX, double stretchY) {
    private static final double POINT = 72 / 0.0254;
    private static final double GRID = 0.1;
    private static final double CROSS = 0.004;

    public TemplatePdf(Template template, Paper paper) {
        this(template, paper, 1, 1);
    }

    /// The pages that would be printed, row by row.
    public List<Tile> pages() {
        Tiles tiles = tiles();
        List<Tile> pages = new ArrayList<>();
        for (int row = 0; row < tiles.rows(); row++) {
            for (int column = 0; column < tiles.columns(); column++) {
                Tile tile = new Tile(tiles, row, column, left() + column * tiles.stepX(),
                        bottom() + row * tiles.stepY());
                if (touched(tile)) {
                    pages.add(tile);
                }
            }
        }
        return pages;
    }

    /// One page.
    ///
    /// @param x left edge of its printed area on the drawing \[m\]
    /// @param y lower edge \[m\]
    public record Tile(Tiles tiles, int row, int column, double x, double y) {
        /// Row letter and column number, such as `B3`.
        public String name() {
            return (char) ('A' + row % 26) + String.valueOf(column + 1);
        }

        double width() {
            return tiles.stepX() + Tiles.OVERLAP;
        }

        double height() {
            return tiles.stepY() + Tiles.OVERLAP;
        }
    }

    private double left() {
        return template.bounds()[0];
    }

    private double bottom() {
        return template.bounds()[1];
    }

    public Tiles tiles() {
        double[] b = template.bounds();
        double w = Math.max(b[2] - b[0], 0.01);
        double h = Math.max(b[3] - b[1], 0.01);
        return Tiles.of(w, h, paper.sides(w, h, Tiles.MARGIN), Tiles.MARGIN, Tiles.OVERLAP);
    }

    private boolean touched(Tile t) {
        for (Template.Contour c : template.contours()) {
            for (Piece p : c.pieces()) {
                List<double[]> s = p.samples();
                for (int i = 1; i < s.size(); i++) {
                    if (meets(t, s.get(i - 1), s.get(i))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /// Whether a line goes through the printed area (Liang and Barsky).
    private static boolean meets(Tile t, double[] a, double[] b) {
        double[] p = {a[0] - b[0], b[0] - a[0], a[1] - b[1], b[1] - a[1]};
        double[] q = {a[0] - t.x, t.x + t.width() - a[0], a[1] - t.y, t.y + t.height() - a[1]};
        double in = 0;
        double out = 1;
        for (int i = 0; i < 4; i++) {
            if (Math.abs(p[i]) < 1e-12) {
                if (q[i] < 0) {
                    return false;
                }
            } else if (p[i] < 0) {
                in = Math.max(in, q[i] / p[i]);
            } else {
                out = Math.min(out, q[i] / p[i]);
            }
        }
        return in <= out;
    }

    /// The document.
    public byte[] bytes() throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(template.title());
            Fonts fonts = new Fonts(document);
            List<Tile> pages = pages();
            for (Tile tile : pages) {
                PDPage page = new PDPage(new PDRectangle((float) (tile.tiles.pageWidth() * POINT),
                        (float) (tile.tiles.pageHeight() * POINT)));
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    new Sheet(out, fonts, tile).draw();
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /// Draws one page.
    private final class Sheet {
        private final PDPageContentStream out;
        private final Fonts fonts;
        private final Tile tile;

        Sheet(PDPageContentStream out, Fonts fonts, Tile tile) {
            this.out = out;
            this.fonts = fonts;
            this.tile = tile;
        }

        private float px(double x) {
            return (float) ((Tiles.MARGIN + (x - tile.x) / stretchX) * POINT);
        }

        private float py(double y) {
            return (float) ((Tiles.MARGIN + (y - tile.y) / stretchY) * POINT);
        }

        void draw() throws IOException {
            out.saveGraphicsState();
            out.addRect(px(tile.x), py(tile.y), px(tile.x + tile.width()) - px(tile.x),
                    py(tile.y + tile.height()) - py(tile.y));
            out.clip();
            overlap();
            grid();
            for (Template.Contour c : template.contours()) {
                contour(c);
            }
            out.restoreGraphicsState();
            crosses();
            words();
        }

        /// What the next page to the right and above shows again.
        private void overlap() throws IOException {
            out.setNonStrokingColor(0.93f);
            if (tile.column + 1 < tile.tiles.columns()) {
                rectangle(tile.x + tile.tiles.stepX(), tile.y, Tiles.OVERLAP, tile.height());
            }
            if (tile.row + 1 < tile.tiles.rows()) {
                rectangle(tile.x, tile.y + tile.tiles.stepY(), tile.width(), Tiles.OVERLAP);
            }
        }

        private void rectangle(double x, double y, double w, double h) throws IOException {
            out.addRect(px(x), py(y), px(x + w) - px(x), py(y + h) - py(y));
            out.fill();
        }

        private void grid() throws IOException {
            out.setStrokingColor(0.82f);
            out.setLineWidth(0.25f);
            for (double x = Math.ceil(tile.x / GRID) * GRID; x <= tile.x + tile.width(); x += GRID) {
                line(x, tile.y, x, tile.y + tile.height());
            }
            for (double y = Math.ceil(tile.y / GRID) * GRID; y <= tile.y + tile.height(); y += GRID) {
                line(tile.x, y, tile.x + tile.width(), y);
            }
            out.setStrokingColor(0.35f);
            out.setLineWidth(0.7f);
            out.setLineDashPattern(new float[]{9, 3, 2, 3}, 0);
            line(tile.x, 0, tile.x + tile.width(), 0);
            out.setLineDashPattern(new float[0], 0);
        }

        private void line(double x1, double y1, double x2, double y2) throws IOException {
            out.moveTo(px(x1), py(y1));
            out.lineTo(px(x2), py(y2));
            out.stroke();
        }

        private void contour(Template.Contour c) throws IOException {
            out.setStrokingColor(0f);
            out.setLineWidth(c.use() == Template.Use.CUT ? 1f : 0.6f);
            out.setLineDashPattern(c.use() == Template.Use.GUIDE ? new float[]{4, 3} : new float[0], 0);
            for (Piece p : c.pieces()) {
                List<double[]> s = p.samples();
                out.moveTo(px(s.getFirst()[0]), py(s.getFirst()[1]));
                for (double[] q : s) {
                    out.lineTo(px(q[0]), py(q[1]));
                }
                out.stroke();
            }
            out.setLineDashPattern(new float[0], 0);
            if (!c.name().isEmpty()) {
                double[] at = c.pieces().isEmpty() ? new double[2] : c.pieces().getFirst().at(0.5);
                text(c.name(), px(at[0]) + 4, py(at[1]) + 4, 8);
            }
        }

        /// At the corners of the step, where neighbours have theirs.
        private void crosses() throws IOException {
            out.setStrokingColor(0f);
            out.setLineWidth(0.4f);
            for (double x : new double[]{tile.x, tile.x + tile.tiles.stepX()}) {
                for (double y : new double[]{tile.y, tile.y + tile.tiles.stepY()}) {
                    line(x - CROSS, y, x + CROSS, y);
                    line(x, y - CROSS, x, y + CROSS);
                }
            }
        }

        private void words() throws IOException {
            float top = (float) (tile.tiles.pageHeight() * POINT);
            float inside = (float) (Tiles.MARGIN * POINT) + 6;
            label("Page " + tile.name() + " of rows A to " + (char) ('A' + tile.tiles.rows() - 1) + ", columns 1 to "
                    + tile.tiles.columns(), inside + 12, top - inside - 8, 9);
            String face = template.title() + (template.front().isEmpty() ? "" : ", " + template.front());
            label(face, inside + 12, top - inside - 20, 8);
            if (tile.row == 0 && tile.column == 0) {
                float y = top - inside - 31;
                for (String note : template.notes()) {
                    label(note, inside + 12, y, 7);
                    y -= 10;
                }
            }
            bars();
        }

        /// 100 mm and 4 in, to be measured on the paper.
        private void bars() throws IOException {
            double w = Math.min(0.1016, tile.width() - 0.03);
            if (w < 0.1016) {
                return;
            }
            double x = tile.x + 0.012;
            double y = tile.y + 0.006;
            out.setStrokingColor(0f);
            out.setLineWidth(0.8f);
            bar(x, y, 0.1, "100 mm");
            bar(x, y + 0.006, 0.1016, "4 in");
        }

        private void bar(double x, double y, double length, String name) throws IOException {
            line(x, y, x + length, y);
            line(x, y - 0.0015, x, y + 0.0015);
            line(x + length, y - 0.0015, x + length, y + 0.0015);
            text(name + " when printed true", px(x + length) + 5, py(y) - 3, 7);
        }

        private void text(String words, float x, float y, float size) throws IOException {
            out.beginText();
            out.setNonStrokingColor(0.2f);
            out.newLineAtOffset(x, y);
            fonts.show(out, words, false, size);
            out.endText();
        }

        /// Words on a white ground, over whatever is drawn there.
        private void label(String words, float x, float y, float size) throws IOException {
            float wide = (float) fonts.width(words, false) * size;
            out.setNonStrokingColor(1f);
            out.addRect(x - 2, y - 3, wide + 4, size + 3);
            out.fill();
            text(words, x, y, size);
        }
    }
}
