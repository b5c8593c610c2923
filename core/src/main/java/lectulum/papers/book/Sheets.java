package lectulum.papers.book;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import lectulum.figures.drawing.Surface;
import lectulum.papers.Fonts;
import lectulum.papers.Paper;
import lectulum.papers.PdfSurface;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/// The pages of a book: all of one size, each open to be drawn on until the book is written. In points from the upper left corner.
final class Sheets implements AutoCloseable {
    private static final double MARGIN = 46;
    private static final double FOOT = 50;
    private static final int MOST_PIXELS = 40_000_000;

    /// A page with what draws on it.
    private record Sheet(PDPage page, PDPageContentStream out, Surface surface) {
    }

    private final PDDocument document = new PDDocument();
    private final PDDocumentOutline outline = new PDDocumentOutline();
    private final List<Sheet> all = new ArrayList<>();
    private final Fonts fonts;
    private final double width;
    private final double height;

    Sheets(Paper paper, String title) throws IOException {
        document.getDocumentInformation().setTitle(title);
        document.getDocumentCatalog().setDocumentOutline(outline);
        fonts = new Fonts(document);
        double[] size = paper.points();
        width = size[0];
        height = size[1];
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    double left() {
        return MARGIN;
    }

    double right() {
        return width - MARGIN;
    }

    double top() {
        return MARGIN + 6;
    }

    double bottom() {
        return height - FOOT;
    }

    int count() {
        return all.size();
    }

    /// A new page.
    void turn() throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) width, (float) height));
        document.addPage(page);
        PDPageContentStream out = new PDPageContentStream(document, page);
        all.add(new Sheet(page, out, new PdfSurface(out, fonts, 0, height, 1)));
    }

    /// The last page.
    Surface surface() {
        return all.getLast().surface;
    }

    /// @param page from 0
    Surface on(int page) {
        return all.get(page).surface;
    }

    double wide(String text, double size, boolean heavy) {
        return all.getFirst().surface.width(text, size, heavy);
    }

    /// A drawing on the last page, its upper left corner at a place.
    void drawn(Plates.Plate plate, double x, double y, double scale) throws IOException {
        PDPageContentStream out = all.getLast().out;
        out.saveGraphicsState();
        out.addRect((float) x, (float) (height - y - scale * plate.height()), (float) (scale * plate.width()),
                (float) (scale * plate.height()));
        out.clip();
        plate.drawing().on(new PdfSurface(out, fonts, x, height - y, scale));
        out.restoreGraphicsState();
    }

    /// A photograph on the last page, no higher than that.
    ///
    /// @return its height; 0 where it is no picture
    double photograph(byte[] file, double y, double most) throws IOException {
        PDImageXObject image;
        try {
            image = PDImageXObject.createFromByteArray(document, file, "photograph");
        } catch (IOException | IllegalArgumentException noPicture) {
            return 0;
        }
        if ((long) image.getWidth() * image.getHeight() > MOST_PIXELS || image.getWidth() < 1) {
            return 0;
        }
        double k = Math.min((right() - left()) / image.getWidth(), most / image.getHeight());
        double high = k * image.getHeight();
        all.getLast().out.drawImage(image, (float) left(), (float) (height - y - high),
                (float) (k * image.getWidth()), (float) high);
        return high;
    }

    /// A line of a page that leads to another page.
    void link(int page, double y, int to) throws IOException {
        PDAnnotationLink link = new PDAnnotationLink();
        PDBorderStyleDictionary none = new PDBorderStyleDictionary();
        none.setWidth(0);
        link.setBorderStyle(none);
        link.setRectangle(new PDRectangle((float) left(), (float) (height - y - 6), (float) (right() - left()), 12));
        PDActionGoTo action = new PDActionGoTo();
        action.setDestination(there(to));
        link.setAction(action);
        all.get(page).page.getAnnotations().add(link);
    }

    /// A mark by which readers jump.
    void outline(String title, int to) {
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(title);
        item.setDestination(there(to));
        outline.addLast(item);
    }

    private PDPageFitDestination there(int page) {
        PDPageFitDestination there = new PDPageFitDestination();
        there.setPage(all.get(page).page);
        return there;
    }

    byte[] bytes() throws IOException {
        for (Sheet s : all) {
            s.out.close();
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
