package lectulum.papers.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.brief.CamperType;
import lectulum.design.logbook.CheckItem;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Trial;
import lectulum.design.thing.Thing;
import lectulum.figures.drawing.Chart;
import lectulum.log.Checklists;
import lectulum.papers.Paper;
import lectulum.units.Style;
import lectulum.units.UnitSystem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BookTest {
    private static final Pattern CONTENTS = Pattern.compile("^(.+?) (\\d+)$");

    private static final Style METRIC = new Style(UnitSystem.METRIC, "€");

    private static Design demo(String key) {
        return Campers.demo(key).orElseThrow().design();
    }

    private static byte[] pdf(Design d, Edition e, Plates plates) throws IOException {
        return Book.pdf("Sand Lark", Analysis.of(d), e, Book.Cover.DRAWN, Paper.A4, METRIC, plates, "2027-03-01");
    }

    /// What stands on each page.
    private static List<String> pages(byte[] pdf) throws IOException {
        List<String> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                PDFTextStripper text = new PDFTextStripper();
                text.setStartPage(i);
                text.setEndPage(i);
                pages.add(text.getText(document).replace('\u00a0', ' '));
            }
        }
        return pages;
    }

    @ParameterizedTest
    @CsvSource({"nightjar, At a glance", "dunlin, At a glance", "chamois, At a glance"})
    void theBookHasCoverContentsChaptersAndIndex(String key, String first) throws IOException {
        List<String> pages = pages(pdf(demo(key), Edition.WHOLE, Plates.NONE));

        assertThat(pages.getFirst()).contains("Sand Lark", "Build book", "2027-03-01", "ratings of axle");
        assertThat(pages.get(1)).startsWith("Contents").contains(first);
        String all = String.join("\n", pages);
        assertThat(all).contains("What it is for", "Power and wiring", "Materials and cutting", "Money", "Build plan",
                "Tests", "Upkeep", "Checklists", "What the checks say today", "All figures with their working",
                "Index");
        assertThat(all).doesNotContain("NaN").doesNotContain("null").doesNotContain("{0}").doesNotContain("?width");
    }

    /// Every line of the contents names the page on which its heading really stands.
    @Test
    void theContentsTellTheTruth() throws IOException {
        List<String> pages = pages(pdf(demo("dunlin"), Edition.WHOLE, Plates.NONE));
        int checked = 0;
        for (String page : pages.subList(1, 5)) {
            for (String line : page.lines().toList()) {
                Matcher m = CONTENTS.matcher(line);
                if (m.matches() && !line.startsWith("Sand Lark")) {
                    int at = Integer.parseInt(m.group(2));
                    assertThat(at).as(line).isBetween(2, pages.size());
                    if (at > 5) {
                        assertThat(pages.get(at - 1)).as(line).contains(m.group(1).replaceAll("…$", ""));
                        checked++;
                    }
                }
            }
        }
        assertThat(checked).isGreaterThan(60);
    }

    /// The index names a thing on pages where it stands.
    @Test
    void theIndexTellsTheTruth() throws IOException {
        Design d = demo("nightjar");
        List<String> pages = pages(pdf(d, Edition.WHOLE, Plates.NONE));
        int from = IntStream.range(0, pages.size()).filter(i -> pages.get(i).startsWith("Index")).findFirst()
                .orElseThrow();
        String index = String.join("\n", pages.subList(from, pages.size()));

        Matcher m = Pattern.compile("^Telescope  ?(\\d+)", Pattern.MULTILINE).matcher(index);
        assertThat(m.find()).isTrue();
        assertThat(pages.get(Integer.parseInt(m.group(1)) - 1)).contains("Telescope");
        assertThat(d.things().stream().map(Thing::name).filter(n -> index.contains(n + " ")).count())
                .isGreaterThan(40);
    }

    /// Only the whole book and the page for visitors may show what things cost.
    @ParameterizedTest
    @EnumSource(value = Edition.class, names = {"WELDER", "UPHOLSTERER", "INSPECTOR", "BUYER", "TRIP"})
    void partsForOthersHaveNoPrices(Edition e) throws IOException {
        for (String key : List.of("nightjar", "dunlin", "chamois")) {
            String all = String.join("\n", pages(pdf(demo(key), e, Plates.NONE)));

            assertThat(all).as(key).doesNotContain("€").contains(e.label());
        }
    }

    @Test
    void theWholeBookHasThem() throws IOException {
        assertThat(String.join("\n", pages(pdf(demo("dunlin"), Edition.WHOLE, Plates.NONE)))).contains("€")
                .contains("Screws 4 × 30");
    }

    @Test
    void theWelderFindsTheFrameAndTheUpholstererTheCushions() throws IOException {
        Design d = demo("dunlin");
        String welder = String.join("\n", pages(pdf(demo("nightjar"), Edition.WELDER, Plates.NONE)));
        String upholsterer = String.join("\n", pages(pdf(d, Edition.UPHOLSTERER, Plates.NONE)));
        String inspector = String.join("\n", pages(pdf(demo("nightjar"), Edition.INSPECTOR, Plates.NONE)));

        assertThat(welder).contains("Welds in their order", "competent welder");
        assertThat(upholsterer).contains("Covers on the roll").doesNotContain("Welds");
        assertThat(inspector).contains("What the office wants", "Mudguards over every tyre", "licensed or experienced",
                "Ratings, as typed", "drop at the front left screw");
    }

    /// Every item of every list has its box on paper, and no price, cover or contents stand between.
    @Test
    void theListsOfATripAreThereToBeTicked() throws IOException {
        Design d = demo("chamois");
        List<String> pages = pages(pdf(d, Edition.TRIP, Plates.NONE));
        String all = String.join(" ", pages).replaceAll("\\s+", " ");

        assertThat(pages.getFirst()).startsWith("Checklists");
        for (CheckItem.Occasion o : CheckItem.Occasion.values()) {
            if (!o.once()) {
                assertThat(Checklists.items(d, o)).allSatisfy(i -> assertThat(all).contains(i.text()));
            }
        }
        assertThat(all).doesNotContain("Registration and inspection");
        assertThat(all).contains("Packing list", "Roof tent", "second look");
    }

    @Test
    void whatVisitorsAskIsOnePage() throws IOException {
        for (String key : List.of("nightjar", "dunlin", "chamois")) {
            List<String> pages = pages(pdf(demo(key), Edition.VISITOR, new Pictures(Map.of())));

            assertThat(pages).as(key).hasSize(1);
            assertThat(pages.getFirst()).contains("What every visitor asks", "Hours of the whole build", "Cost");
        }
    }

    @ParameterizedTest
    @EnumSource(Edition.class)
    void anEmptyCamperHasABookToo(Edition e) throws IOException {
        Design d = Campers.start(CamperType.TEARDROP, "x", UnitSystem.US).design().withThings(List.of());

        assertThat(pages(pdf(d, e, Plates.NONE))).isNotEmpty().allSatisfy(p -> assertThat(p).doesNotContain("null"));
    }

    @Test
    void longNamesOtherScriptsAndPicturesThatAreNoneDoNotStopIt() throws IOException {
        String name = "Ω".repeat(400) + " 日本 🏕 " + "verylongword".repeat(60);
        Design d = demo("nightjar");
        d = d.mapping("telescope", t -> t.withName(name));
        d = d.withLogbook(d.logbook()
                .plus(LogEntry.of("entry-8", "2027-01-01", LogEntry.Kind.WORK, "mast up").withPhoto("good.png"))
                .plus(LogEntry.of("entry-9", "2027-01-02", LogEntry.Kind.WORK, name).withPhoto("bad.png"))
                .plus(Trial.of("test-99", "", Trial.Kind.NIGHT, "", Trial.Outcome.FAILED).withPhoto("gone.png")));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(80, 60, BufferedImage.TYPE_INT_RGB), "png", png);

        List<String> pages = pages(pdf(d, Edition.WHOLE,
                new Pictures(Map.of("good.png", png.toByteArray(), "bad.png", new byte[]{1, 2, 3}))));

        String all = String.join("\n", pages);
        assertThat(all).contains("mast up", "bad.png cannot be read", "gone.png is gone");
    }

    @Test
    void thePagesOfAThingAreJoined() {
        assertThat(Book.ranges(List.of(3, 5, 6, 7, 12))).isEqualTo("3, 5–7, 12");
        assertThat(Book.ranges(List.of(1, 2))).isEqualTo("1–2");
        assertThat(Book.ranges(List.of())).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void anyPaperWillDo(Paper paper) throws IOException {
        byte[] pdf = Book.pdf("x", Analysis.of(demo("dunlin")), Edition.UPHOLSTERER, Book.Cover.PLAIN, paper,
                new Style(UnitSystem.US, "$"), Plates.NONE, "");

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isBetween(500f, 900f);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("x, For the upholsterer");
            assertThat(document.getDocumentCatalog().getDocumentOutline().getFirstChild().getTitle())
                    .isEqualTo("Cushions");
        }
    }

    /// Plates of plain boxes, with photographs by their names.
    private record Pictures(Map<String, byte[]> photographs) implements Plates {
        private static Plate box(String title) {
            return new Plate(title, 900, 560, s -> {
            });
        }

        @Override
        public List<Plate> sheets() {
            return List.of(box("Layout"));
        }

        @Override
        public Plate portrait() {
            return box("");
        }

        @Override
        public Plate chart(Chart chart) {
            return box(chart.title());
        }

        @Override
        public Optional<byte[]> photograph(String file) {
            return Optional.ofNullable(photographs.get(file));
        }
    }
}
