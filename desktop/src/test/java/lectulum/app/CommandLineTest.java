package lectulum.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import javax.imageio.ImageIO;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.files.ProjectJson;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import lectulum.demo.Campers;
import lectulum.files.ProjectFile;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CommandLineTest {
    @TempDir
    private Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        return Main.commandLine().setOut(new PrintWriter(out, true)).setErr(new PrintWriter(err, true)).execute(args);
    }

    @Test
    void checkPrintsEveryFigureAsJson() throws IOException {
        Path file = folder.resolve("n" + ProjectFile.ENDING);
        ProjectFile.save(file, Campers.demo("nightjar").orElseThrow(), null);

        assertThat(run("check", file.toString(), "--format", "json")).as("two things overlap").isEqualTo(1);

        JsonNode report = JsonMapper.builder().build().readTree(out.toString());
        assertThat(report.get("project").asString()).isEqualTo("Nightjar");
        assertThat(report.get("figures").size()).isGreaterThan(60);
    }

    @Test
    void checkSpeaksBothUnitSystems() {
        assertThat(run("check", "demo:nightjar", "--units", "us")).isEqualTo(1);

        assertThat(out.toString()).contains("lb").contains("Tongue is light: Homeward");
    }

    /// A variant by its id or its name; what is checked is that one.
    @ParameterizedTest
    @ValueSource(strings = {"tandem", "two axles", "Two Axles"})
    void aVariantIsChosenByIdOrName(String name) {
        run("check", "demo:chamois", "--variant", name);

        assertThat(out.toString()).contains("torsion.front", "The two axles are not parallel");
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void aVariantThatIsNotThereIsToldWithThoseThatAre() {
        assertThat(run("check", "demo:chamois", "--variant", "three axles")).isEqualTo(2);

        assertThat(err.toString())
                .isEqualToIgnoringNewLines("There is no variant three axles; there is plan (one axle),"
                        + " tandem (two axles), top (lifting top).");
    }

    @Test
    void aWordThatIsNoCommandAndNoFileOpensNothing() {
        assertThat(run("chek")).isEqualTo(2);

        assertThat(err.toString()).contains("There is no command and no file chek.");
    }

    /// One sentence that names the file that was meant, and nothing is left beside it.
    @Test
    void whatCannotBeWrittenIsASentence() throws IOException {
        Path there = Files.createDirectory(folder.resolve("there.csv"));

        assertThat(run("export", "demo:dunlin", "--things", there.toString())).isEqualTo(2);

        assertThat(err.toString().strip()).startsWith(there + " cannot be written: ").endsWith(".")
                .doesNotContain(".part", "\n");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(there);
        }
    }

    @Test
    void aPictureIsOfAKindThatIsKnown() {
        assertThat(run("render", "demo:dunlin", "--out", folder.resolve("x.gif").toString())).isEqualTo(2);

        assertThat(err.toString()).contains("x.gif is neither a .png nor a .svg.");
        assertThat(folder.resolve("x.gif")).doesNotExist();
    }

    @Test
    void aPageIsNotDrawnWhereOnlyTheSheetIs() {
        String svg = folder.resolve("x.svg").toString();

        assertThat(run("render", "demo:dunlin", "--page", "Score", "--out", svg)).isEqualTo(2);

        assertThat(err.toString()).contains("--page is a page of the window");
        assertThat(Path.of(svg)).doesNotExist();
    }

    @Test
    void schemaPrintsWhatIsPublished() throws IOException {
        assertThat(run("schema")).isZero();

        assertThat(out.toString())
                .isEqualTo(Files.readString(Path.of("..", "docs", "file-format", "project.schema.json")));
    }

    /// Every concept is a variant of the written project; what is printed of a camper is what a check of it says.
    @Test
    void proposeDrawsEveryConceptAndWritesThem() throws IOException {
        Path file = folder.resolve("drawn" + ProjectFile.ENDING);

        run("propose", "demo:dunlin", "--out", file.toString());

        assertThat(out.toString()).contains("Teardrop", "Lifting roof", "Used camper", "Loaded", "Extra fuel a year");
        var project = ProjectFile.open(file).project();
        assertThat(project.variants()).hasSize(7);
        assertThat(project.design().brief().people()).hasSize(1);
        assertThat(run("check", file.toString())).isLessThan(2);
    }

    @Test
    void proposeOfATasteSaysWhatIsLeft() {
        int code = run("propose", "demo:dunlin", "--taste", "light");

        assertThat(code).isEqualTo(out.toString().contains("left:") ? 1 : 0);
        assertThat(out.toString()).contains("Loaded").doesNotContain("forbids it");
    }

    @Test
    void aBadFileIsASentenceAndExitCodeTwo() throws IOException {
        Path file = folder.resolve("bad.json");
        Files.writeString(file, "{");

        assertThat(run("check", file.toString())).isEqualTo(2);

        assertThat(err.toString()).contains("cut off").doesNotContain("Exception");
        assertThat(run("check", "demo:nobody")).isEqualTo(2);
        assertThat(run("check", "no-such-file")).isEqualTo(2);
    }

    @Test
    void standInsSayWhereTheyListenAndStopByThemselves() {
        assertThat(run("standin", "scale", "demo:dunlin", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).containsPattern("The scale listens on port \\d+ of this machine.");
        assertThat(run("standin", "monitor", "demo:dunlin", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).contains("The monitor listens on port");
        assertThat(run("standin", "monitor", "demo:dunlin", "--port", "0", "--days", "0")).isEqualTo(2);
        assertThat(run("standin", "level", "--port", "0", "--for", "0.01")).isZero();
        assertThat(out.toString()).containsPattern("The level listens on port \\d+ of this machine.");
        assertThat(run("standin", "scale", "demo:dunlin", "--port", "0", "--step", "0")).isEqualTo(2);
        assertThat(err.toString()).contains("between 0.001 and 1000 kg");
    }

    @Test
    void templatesAreWrittenByTheEndingOfTheFile() {
        Path pdf = folder.resolve("side.pdf");
        Path dxf = folder.resolve("box.dxf");

        assertThat(run("export", "demo:dunlin", "--template", pdf.toString(), "--paper", "A3")).isZero();
        assertThat(run("export", "demo:dunlin", "--template", dxf.toString(), "--panel", "thing.bed-box.top")).isZero();

        assertThat(pdf).content(java.nio.charset.StandardCharsets.ISO_8859_1).startsWith("%PDF");
        assertThat(dxf).content().contains("POLYLINE").endsWith("EOF\n");
        assertThat(run("export", "demo:dunlin", "--template", pdf.toString(), "--panel", "sail")).isEqualTo(2);
        assertThat(run("export", "demo:dunlin", "--template", folder.resolve("a.bmp").toString())).isEqualTo(2);
        assertThat(err.toString()).doesNotContain("Exception");
    }

    @Test
    void exportWritesWhatIsAskedFor() {
        Path things = folder.resolve("t.csv");
        Path figures = folder.resolve("f.csv");
        Path project = folder.resolve("p.json");
        Path wiring = folder.resolve("w.csv");

        assertThat(run("export", "demo:dunlin", "--things", things.toString(), "--figures", figures.toString(),
                "--project", project.toString(), "--wiring", wiring.toString())).isZero();
        assertThat(wiring).content().contains("group,part,quantity,unit").contains("Wire,").contains("heat-shrink");

        assertThat(things).content().contains("drying-press");
        assertThat(figures).content().contains("balance.departure.tongue");
        assertThat(project).content().contains("\"format\" : \"lectulum\"");
        assertThat(run("export", "demo:dunlin")).isEqualTo(CommandLine.ExitCode.USAGE);
    }

    @Test
    void theBuildBookAndItsPartsAreWritten() throws IOException {
        Path book = folder.resolve("book.pdf");
        Path visitor = folder.resolve("visitor.pdf");

        assertThat(run("export", "demo:dunlin", "--book", book.toString(), "--paper", "letter")).isZero();
        assertThat(run("export", "demo:dunlin", "--book", visitor.toString(), "--edition", "visitor", "--cover",
                "none")).isZero();

        try (PDDocument whole = Loader.loadPDF(book.toFile()); PDDocument one = Loader.loadPDF(visitor.toFile())) {
            assertThat(whole.getNumberOfPages()).isGreaterThan(60);
            assertThat(whole.getPage(0).getMediaBox().getWidth()).as("Letter").isEqualTo(612, within(0.5f));
            assertThat(one.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(whole)).contains("Hatch of ribs, no steel in it",
                    "Screws 4 × 30", "Balance");
        }
        assertThat(run("export", "demo:dunlin", "--book", book.resolve("below-a-file.pdf").toString()))
                .isEqualTo(2);
        assertThat(run("export", "demo:dunlin", "--book", book.toString(), "--edition", "poet")).isEqualTo(2);
    }

    /// A photograph beside the project is in its book; one that is gone is said.
    @Test
    void photographsOfTheLogAreInTheBook() throws IOException {
        Path file = folder.resolve("with-pictures.lectulum.json");
        Project p = Campers.demo("dunlin").orElseThrow();
        Path pictures = Files.createDirectories(folder.resolve("with-pictures.lectulum.files"));
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png",
                pictures.resolve("axle.png").toFile());
        ProjectFile.save(file, p.with(p.design().withLogbook(p.design().logbook()
                .mappingEntry("entry-1", e -> e.withPhoto("axle.png"))
                .mappingEntry("entry-2", e -> e.withPhoto("gone.png")))), null);
        Path book = folder.resolve("pictures.pdf");

        assertThat(run("export", file.toString(), "--book", book.toString())).isZero();

        try (PDDocument pdf = Loader.loadPDF(book.toFile())) {
            int pictured = 0;
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    pictured += page.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
            assertThat(pictured).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf)).contains("Photograph gone.png is gone");
        }
    }

    @Test
    void copiesAreMergedOrWhatIsLeftToDecideIsSaid() throws IOException {
        Path mine = folder.resolve("mine.lectulum.json");
        Path theirs = folder.resolve("theirs.lectulum.json");
        Path both = folder.resolve("both.lectulum.json");
        Project p = Project.of("Dunlin", Campers.demo("dunlin").orElseThrow().design());
        JsonNode base = ProjectFile.save(mine, p, null).tree();
        ProjectFile.save(mine, renamed(p, "drying-press", "Plant press"), base);
        ProjectFile.save(theirs, renamed(renamed(p, "cells", "Battery"), "drying-press", "Big press"), base);

        assertThat(run("merge", mine.toString(), theirs.toString(), "--out", both.toString())).isEqualTo(1);
        assertThat(out.toString()).contains("taken: Cells, name", "both: Plant press, name: Plant press | Big press",
                "1 to decide");
        assertThat(both).doesNotExist();

        assertThat(run("merge", mine.toString(), theirs.toString(), "--out", both.toString(), "--take", "theirs"))
                .isZero();
        Project merged = ProjectFile.open(both).project();
        assertThat(merged.design().thing("drying-press").orElseThrow().name()).isEqualTo("Big press");
        assertThat(merged.design().thing("cells").orElseThrow().name()).isEqualTo("Battery");
        assertThat(run("merge", both.toString(), theirs.toString())).as("nothing is left to merge").isZero();

        assertThat(run("merge", mine.toString(), folder.resolve("none.json").toString())).isEqualTo(2);
        Files.writeString(both, "{");
        assertThat(run("merge", mine.toString(), both.toString())).isEqualTo(2);
        assertThat(err.toString()).doesNotContain("Exception");
    }

    /// With a file of the state before, copies that tell nothing of their savings are merged too.
    @Test
    void aFileOfTheStateBeforeTellsWhoChangedWhat() throws IOException {
        Path before = folder.resolve("before.json");
        Path mine = folder.resolve("plain-mine.json");
        Path theirs = folder.resolve("plain-theirs.json");
        Project p = Campers.demo("dunlin").orElseThrow();
        Files.writeString(before, ProjectJson.write(p, null));
        Files.writeString(mine, ProjectJson.write(renamed(p, "cells", "Battery"), null));
        Files.writeString(theirs, ProjectJson.write(renamed(p, "drying-press", "Big press"), null));

        assertThat(run("merge", mine.toString(), theirs.toString())).as("nobody says who changed what").isEqualTo(1);
        assertThat(run("merge", mine.toString(), theirs.toString(), "--base", before.toString())).isZero();
    }

    /// A made-up shop writes its list, a project takes it over; receipts with a bad row are taken but for it.
    @Test
    void tablesAreBroughtIn() throws IOException {
        Path project = folder.resolve("dunlin.lectulum.json");
        Path next = folder.resolve("next.lectulum.json");
        Path list = folder.resolve("prices.csv");
        Path slips = folder.resolve("slips.csv");
        Path bad = folder.resolve("bad.csv");
        Project p = Campers.demo("dunlin").orElseThrow();
        ProjectFile.save(project, p, null);

        assertThat(run("standin", "prices", project.toString(), "--out", list.toString(), "--seed", "3")).isZero();
        assertThat(run("import", project.toString(), "--prices", list.toString(), "--out", next.toString())).isZero();
        assertThat(out.toString()).contains(" 0 rejected.");
        Design priced = ProjectFile.open(next).project().design();
        assertThat(priced.workshop().stock()).hasSizeGreaterThan(20).allMatch(s -> s.own() || s.price() > 0);

        Files.writeString(slips, "description,qty,unit_price,paid\nHinges,2,12.50,yes\nTape,two,4,no\n");
        assertThat(run("import", next.toString(), "--receipts", slips.toString(), "--out", next.toString(),
                "--rejected", bad.toString())).isEqualTo(1);
        assertThat(out.toString()).contains("Line 3, qty", "2 rows: 1 taken, 0 taken with a note, 1 rejected.");
        assertThat(ProjectFile.open(next).project().design().purse().receipts())
                .hasSize(p.design().purse().receipts().size() + 1);
        assertThat(Files.readString(bad)).contains("Tape").doesNotContain("Hinges");

        assertThat(run("import", project.toString(), "--receipts", slips.toString())).as("told only").isEqualTo(1);
        assertThat(ProjectFile.open(project).project()).isEqualTo(p);
        assertThat(run("import", project.toString())).isEqualTo(2);
        assertThat(run("import", project.toString(), "--prices", slips.toString())).as("no price list").isEqualTo(2);
        assertThat(run("import", project.toString(), "--prices", folder.resolve("none.csv").toString())).isEqualTo(2);
        assertThat(run("standin", "prices", project.toString(), "--day", "soon")).isEqualTo(2);
        assertThat(err.toString()).doesNotContain("Exception");
    }

    private static Project renamed(Project p, String thing, String name) {
        return p.with(p.design().mapping(thing, t -> t.withName(name)));
    }
}
