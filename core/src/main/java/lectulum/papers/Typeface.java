package lectulum.papers;

import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// The typeface that ships with the program, for the window and for paper, and the one for letters that it lacks.
public enum Typeface {
    REGULAR("Lato-Regular.ttf"), BOLD("Lato-Bold.ttf"),
    /// Greek, Cyrillic, Hebrew, Arabic, Armenian, Georgian and many signs.
    SECOND("DejaVuSans.ttf");

    private final String file;

    Typeface(String file) {
        this.file = file;
    }

    /// The font as TrueType. The caller closes it.
    public InputStream open() {
        return Objects.requireNonNull(Typeface.class.getResourceAsStream(file), file);
    }

    /// The font in a document, only the letters that are used.
    public PDFont in(PDDocument document) throws IOException {
        return PDType0Font.load(document, parsed(), true);
    }

    TrueTypeFont parsed() throws IOException {
        try (InputStream in = open()) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // Ligatures have no letters to search and copy by.
            font.setEnableGsub(false);
            return font;
        }
    }
}
