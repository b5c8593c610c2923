package lectulum.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Markdown as it is cut into topics.
class TopicReaderTest {

    @Test
    void aPageIsCutAtItsHeadings() {
        List<Topic> topics = TopicReader.read("guide/box",
                "# Box\nAbout.\n\n## The lid\nIt closes.\n\n### Hinges\nTwo.\n");

        assertThat(topics).extracting(Topic::title).containsExactly("Box", "The lid", "Hinges");
        assertThat(topics).extracting(Topic::level).containsExactly(1, 2, 3);
        assertThat(topics).extracting(t -> t.at().toString()).containsExactly("guide/box", "guide/box#the-lid",
                "guide/box#hinges");
        assertThat(topics).extracting(Topic::words).containsExactly("About.", "It closes.", "Two.");
        assertThat(topics).extracting(Topic::page).containsOnly("Box");
    }

    @Test
    void listsTablesAndCodeKeepTheirShape() {
        List<Block> blocks = TopicReader.read("guide/box", """
                # Box
                1. one
                2. two
                   - inner

                | a | b |
                | --- | --- |
                | 1 | **2** |

                ```
                x = y
                  z
                ```
                """).getFirst().blocks();

        assertThat(blocks).hasSize(3);
        assertThat(blocks.get(0)).isInstanceOfSatisfying(Block.Points.class, p -> {
            assertThat(p.numbered()).isTrue();
            assertThat(p.points()).hasSize(2);
            assertThat(p.points().get(1)).hasSize(2).last().isInstanceOfSatisfying(Block.Points.class,
                    inner -> assertThat(inner.numbered()).isFalse());
        });
        assertThat(blocks.get(1)).isInstanceOfSatisfying(Block.Table.class, t -> {
            assertThat(t.rows()).hasSize(2).allSatisfy(r -> assertThat(r).hasSize(2));
            assertThat(t.rows().get(1).get(1).getFirst().face()).isEqualTo(Block.Face.STRONG);
        });
        assertThat(blocks.get(2)).isEqualTo(new Block.Verbatim("x = y\n  z"));
        assertThat(blocks.get(0).words()).isEqualTo("one\ntwo\ninner");
        assertThat(blocks.get(1).words()).isEqualTo("a · b\n1 · 2");
    }

    /// Links between pages are followed, those that lead out are only text.
    @ParameterizedTest
    @CsvSource({"power.md, guide/power", "power.md#fuses, guide/power#fuses", "#lid, guide/box#lid",
            "../method/wiring.md#sizes, method/wiring#sizes", "../../NOTICE, guide/licences",
            "../screenshots/book.png, ''", "../../README.md, ''"})
    void aLinkLeadsFromItsPage(String link, String to) {
        Block block = TopicReader.read("guide/box", "# Box\nsee [this](" + link + ") too").getFirst().blocks()
                .getFirst();

        assertThat(block).isInstanceOfSatisfying(Block.Paragraph.class, p -> {
            Optional<Block.Span> linked = p.spans().stream().filter(s -> s.text().equals("this")).findFirst();
            assertThat(linked.orElseThrow().to().map(Reference::toString).orElse("")).isEqualTo(to);
            assertThat(p.words()).isEqualTo("see this too");
        });
    }

    @ParameterizedTest
    @CsvSource({"Who hangs where, who-hangs-where", "'Drains, winter', drains-winter",
            "'Brakes, tyres, couplings', brakes-tyres-couplings", "Can I run it, can-i-run-it"})
    void aHeadingIsLinkedToByItsWords(String heading, String anchor) {
        assertThat(TopicReader.anchor(heading)).isEqualTo(anchor);
    }

    @Test
    void anEmptyPageHasNoTopics() {
        assertThat(TopicReader.read("guide/box", "")).isEmpty();
        assertThat(TopicReader.read("guide/box", "only text").getFirst().words()).isEqualTo("only text");
    }
}
