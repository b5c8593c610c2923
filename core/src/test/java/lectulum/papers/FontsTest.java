package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import lectulum.figures.drawing.Ink;
import lectulum.figures.drawing.Surface;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Words of any script on a page of a PDF.
class FontsTest {
    private static final Ink BLACK = new Ink(0, 0, 0, 1);

    /// What a page with one line has: the line as a reader finds it, and its fonts.
    private record Page(String text, List<String> fonts) {
        static Page with(String line) throws IOException {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            try (PDDocument document = new PDDocument()) {
                PDPage page = new PDPage();
                document.addPage(page);
                Fonts fonts = new Fonts(document);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    new PdfSurface(out, fonts, 40, 700, 1).text(line, 0, 0, Surface.Anchor.START, 12, false, BLACK);
                }
                document.save(bytes);
            }
            try (PDDocument read = Loader.loadPDF(bytes.toByteArray())) {
                List<String> names = new ArrayList<>();
                for (COSName name : read.getPage(0).getResources().getFontNames()) {
                    names.add(read.getPage(0).getResources().getFont(name).getName());
                }
                return new Page(new PDFTextStripper().getText(read).strip(), names);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Cupboard over the galley", "Größe ½ Zoll", "Łóżko żółte", "Ящик для воды", "Κρεβάτι"})
    void whatTheTypefaceKnowsStandsInItAlone(String line) throws IOException {
        Page page = Page.with(line);

        assertThat(page.text()).isEqualTo(line);
        assertThat(page.fonts()).singleElement().asString().contains("Lato");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Մահճակալ", "საწოლი", "מיטה", "ארון גדול", "سرير", "خزانة المطبخ"})
    void otherScriptsAreReadAsTheyWereTyped(String line) throws IOException {
        Page page = Page.with(line);

        assertThat(page.text()).doesNotContain("?").isEqualTo(line);
        assertThat(page.fonts()).anyMatch(f -> f.contains("DejaVu"));
    }

    /// A name of two scripts stands in both fonts, one behind the other: no wider than the two apart.
    @Test
    void twoScriptsStandBesideEachOther() throws IOException {
        Page page = Page.with("Bed מיטה");
        assertThat(page.text()).contains("Bed", "מיטה");
        assertThat(page.fonts()).hasSize(2);

        try (PDDocument document = new PDDocument()) {
            Fonts fonts = new Fonts(document);
            assertThat(fonts.width("Bed מיטה", false))
                    .isCloseTo(fonts.width("Bed ", false) + fonts.width("מיטה", false), within(1e-9));
            assertThat(fonts.width("Bed", true)).isGreaterThan(fonts.width("Bed", false));
            assertThat(fonts.width("", false)).isZero();
        }
    }

    /// A letter that no font has is one question mark, and the rest of the line stands.
    @Test
    void whatNobodyKnowsIsAQuestionMark() throws IOException {
        assertThat(Page.with("a\uDBFF\uDFFDb").text()).isEqualTo("a?b");
        assertThat(Page.with("a\u000Bb").text()).isEqualTo("a?b");
    }
}
