package lectulum.papers;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.util.autodetect.FontFileFinder;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// The fonts of one document. Letters that the typeface of the program lacks are taken from a second one that knows most
/// scripts with an alphabet, and what that lacks from a font of this machine, where one has them; else a question mark is printed.
/// What is used of a font lies in the document.
public final class Fonts {
    /// So many fonts of a machine are looked through for a script, no more.
    private static final int MOST = 400;
    private static final String UNKNOWN = "?";

    /// Signs of formulas that the typefaces lack, and what is printed for them.
    private static final Map<Integer, String> FOR = Map.of(0x230A, "[", 0x230B, "]", 0x2308, "[", 0x2309, "]", 0x222E,
            "∫", 0x222C, "∫∫", 0x222A, "+", 0x2099, "n");

    /// By script, the first font file of this machine that has a letter of it.
    private static final Map<Character.UnicodeScript, Optional<File>> HERE = new ConcurrentHashMap<>();

    private final PDDocument document;
    private final PDFont regular;
    private final PDFont bold;
    private final Map<String, Optional<PDFont>> others = new HashMap<>();

    public Fonts(PDDocument document) throws IOException {
        this.document = document;
        this.regular = Typeface.REGULAR.in(document);
        this.bold = Typeface.BOLD.in(document);
    }

    /// Letters in a row that stand in one font.
    private record Run(PDFont font, String text) {
    }

    /// How wide a line is in a size of 1.
    public double width(String line, boolean heavy) {
        try {
            double sum = 0;
            for (Run run : runs(line, heavy)) {
                sum += run.font.getStringWidth(run.text);
            }
            return sum / 1000;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// Shows a line where the text is on the page, in the order in which it is read on paper.
    public void show(PDPageContentStream out, String line, boolean heavy, double size) throws IOException {
        for (Run run : runs(line, heavy)) {
            out.setFont(run.font, (float) size);
            out.showText(run.text);
        }
    }

    private List<Run> runs(String line, boolean heavy) {
        PDFont own = heavy ? bold : regular;
        List<Run> runs = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        PDFont now = own;
        for (int c : Scripts.laid(line.replace('\u00a0', ' ')).codePoints().toArray()) {
            String letter = FOR.getOrDefault(c, Character.toString(c));
            Optional<PDFont> font = knows(own, letter) ? Optional.of(own) : other(c, letter);
            if (font.orElse(own) != now && !text.isEmpty()) {
                runs.add(new Run(now, text.toString()));
                text.setLength(0);
            }
            now = font.orElse(own);
            text.append(font.isPresent() ? letter : UNKNOWN);
        }
        if (!text.isEmpty()) {
            runs.add(new Run(now, text.toString()));
        }
        return runs;
    }

    private static boolean knows(PDFont font, String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    private Optional<PDFont> other(int c, String letter) {
        Optional<PDFont> second = others.computeIfAbsent("second", k -> Optional.of(load(Typeface.SECOND)));
        if (second.filter(f -> knows(f, letter)).isPresent()) {
            return second;
        }
        Character.UnicodeScript script = Character.UnicodeScript.of(c);
        return HERE.computeIfAbsent(script, s -> here(c))
                .flatMap(file -> others.computeIfAbsent(file.getPath(), k -> load(file)))
                .filter(f -> knows(f, letter));
    }

    private PDFont load(Typeface face) {
        try {
            return face.in(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Optional<PDFont> load(File file) {
        try {
            return Optional.of(PDType0Font.load(document, new TTFParser().parse(new RandomAccessReadBufferedFile(file)),
                    true));
        } catch (IOException | RuntimeException damaged) {
            return Optional.empty();
        }
    }

    /// A font of this machine with a letter in outlines that a document can take.
    private static Optional<File> here(int c) {
        return new FontFileFinder().find().stream().limit(MOST).map(File::new)
                .filter(f -> f.getName().toLowerCase(java.util.Locale.ROOT).endsWith(".ttf")).filter(f -> has(f, c))
                .findFirst();
    }

    private static boolean has(File file, int c) {
        try (OpenTypeFont font = new OTFParser().parse(new RandomAccessReadBufferedFile(file))) {
            return !font.isPostScript() && font.getUnicodeCmapLookup().getGlyphId(c) != 0;
        } catch (IOException | RuntimeException damaged) {
            return false;
        }
    }
}
