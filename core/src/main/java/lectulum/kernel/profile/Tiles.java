package lectulum.kernel.profile;

/// How a full-size drawing is cut into printed pages.
///
/// @param pageWidth  of the sheet as it is fed \[m\]
/// @param pageHeight \[m\]
/// @param columns    pages side by side
/// @param rows       pages above each other
/// @param stepX      new width each page brings \[m\]
/// @param stepY      new height each page brings \[m\]
public record Tiles(double pageWidth, double pageHeight, int columns, int rows, double stepX, double stepY) {
    /// What a printer leaves white round the edge \[m\] (assumed).
    public static final double MARGIN = 0.010;
    /// What neighbouring pages share for gluing \[m\] (assumed).
    public static final double OVERLAP = 0.010;

    /// The way of feeding that needs fewer pages; upright where both need as many.
    ///
    /// @param width  of the drawing \[m\]
    /// @param height \[m\]
    /// @param paper  short and long side of the paper \[m\]
    public static Tiles of(double width, double height, double[] paper, double margin, double overlap) {
        Tiles upright = fed(width, height, paper[0], paper[1], margin, overlap);
        Tiles across = fed(width, height, paper[1], paper[0], margin, overlap);
        return across.count() < upright.count() ? across : upright;
    }

    private static Tiles fed(double width, double height, double pageWidth, double pageHeight, double margin,
            double overlap) {
        double stepX = pageWidth - 2 * margin - overlap;
        double stepY = pageHeight - 2 * margin - overlap;
        return new Tiles(pageWidth, pageHeight, pages(width, stepX, overlap), pages(height, stepY, overlap), stepX,
                stepY);
    }

    private static int pages(double size, double step, double overlap) {
        return Math.max(1, (int) Math.ceil((size - overlap) / step - 1e-9));
    }

    public int count() {
        return columns * rows;
    }
}
