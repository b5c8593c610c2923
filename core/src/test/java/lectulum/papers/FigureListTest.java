package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.figures.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The list of all figures.
class FigureListTest {
    private static final List<Analysis> DEMOS = Campers.all().stream().map(Analysis::of).toList();
    /// What stands for a name or a number in the documents.
    private static final Pattern NAME = Pattern.compile("[A-Z]+|\\*");

    /// To be written again by `lectulum figures > docs/figures.md` where figures came or were called otherwise.
    @Test
    void theOneInTheDocumentsIsUpToDate() throws IOException {
        assertThat(FigureList.markdown(DEMOS)).isEqualTo(Files.readString(Path.of("../docs/figures.md")));
    }

    @Test
    void everyFigureSaysHowItIsWorkedOutAndFromWhere() {
        assertThat(DEMOS).allSatisfy(a -> assertThat(a.figures().all()).isNotEmpty().allSatisfy(f -> {
            assertThat(f.label()).as(f.id()).isNotBlank();
            assertThat(f.working().formula()).as(f.id()).isNotBlank();
            assertThat(f.working().source()).as(f.id()).isNotBlank();
            assertThat(f.value().isPresent() || !f.reason().isBlank()).as(f.id() + " has a value or a reason").isTrue();
        }));
    }

    /// One kind of figure stands once, without what this camper calls its things and people.
    @Test
    void aKindOfFigureStandsOnceAndNamesNobody() {
        String text = FigureList.markdown(DEMOS);
        List<String> ids = text.lines().filter(l -> l.startsWith("| `")).map(l -> l.split("`")[1]).toList();

        assertThat(ids).hasSizeGreaterThan(500).doesNotHaveDuplicates();
        assertThat(ids).contains("balance.CASE.tongue", "layout.bed.THING.length", "money.forecast",
                "layout.change.MODE-MODE.minutes", "brief.wish.WISH.mass", "air.heat.load", "air.cool.size");
        assertThat(text).contains("| Air conditioner to buy |", "| WISH, mass |").doesNotContain("PERSONr", "WISHer");
        assertThat(ids).noneMatch(id -> id.startsWith("WISH") || id.startsWith("MODE"));
        for (Analysis a : DEMOS) {
            a.design().things().stream().filter(t -> t.id().contains("-"))
                    .forEach(t -> assertThat(ids).noneMatch(id -> List.of(id.split("\\.")).contains(t.id())));
            a.design().brief().people().forEach(p -> assertThat(text).doesNotContain("`" + p.id() + "`"));
        }
    }

    /// The ids of the table in the documents, `.b` after `x.a` written out as `x.b`.
    static Stream<String> documented() throws IOException {
        List<String> ids = new ArrayList<>();
        List<String> rows = Files.readAllLines(Path.of("../docs/command-line.md")).stream()
                .dropWhile(l -> !l.startsWith("## Figure ids")).filter(l -> l.startsWith("| `")).toList();
        for (String row : rows) {
            String stem = "";
            for (Matcher m = Pattern.compile("`([^`]+)`").matcher(row.split(" \\| ")[0]); m.find();) {
                String id = m.group(1);
                if (id.startsWith(".")) {
                    ids.add(stem.substring(0, stem.lastIndexOf('.')) + id);
                } else {
                    ids.add(id);
                    stem = id;
                }
            }
        }
        return ids.stream();
    }

    @ParameterizedTest
    @MethodSource("documented")
    void aDocumentedFigureIsInOneOfTheDemonstrations(String id) {
        Pattern like = Pattern.compile(NAME.matcher(id.replace(".", "\\.")).replaceAll("[^ ]+"));

        assertThat(DEMOS).anyMatch(a -> a.figures().all().stream().anyMatch(f -> like.matcher(f.id()).matches()));
    }

    /// Figures of every stage but Papers, which only prints them.
    @Test
    void everyStageHasItsTable() {
        String text = FigureList.markdown(DEMOS);
        for (Stage s : Stage.values()) {
            assertThat(text.contains("\n## " + s.label() + "\n")).as(s.label()).isEqualTo(s != Stage.PAPERS);
        }
        assertThat(FigureList.markdown(List.of())).doesNotContain("| `");
    }
}
