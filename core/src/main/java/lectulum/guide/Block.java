package lectulum.guide;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// A piece of a topic, as it is laid on a page.
public sealed interface Block {

    /// Its words, for somebody who searches or listens.
    String words();

    record Paragraph(List<Span> spans) implements Block {
        public Paragraph {
            spans = List.copyOf(spans);
        }

        @Override
        public String words() {
            return Block.words(spans);
        }
    }

    /// @param numbered whether the points are counted
    record Points(boolean numbered, List<List<Block>> points) implements Block {
        public Points {
            points = points.stream().map(List::copyOf).toList();
        }

        @Override
        public String words() {
            return points.stream().flatMap(List::stream).map(Block::words).collect(Collectors.joining("\n"));
        }
    }

    /// @param rows the first is the head
    record Table(List<List<List<Span>>> rows) implements Block {
        public Table {
            rows = rows.stream().map(List::copyOf).toList();
        }

        @Override
        public String words() {
            return rows.stream().map(r -> r.stream().map(Block::words).collect(Collectors.joining(" · ")))
                    .collect(Collectors.joining("\n"));
        }
    }

    /// Text that keeps its lines.
    record Verbatim(String text) implements Block {
        @Override
        public String words() {
            return text;
        }
    }

    /// @param to what opens when it is pressed
    record Span(String text, Face face, Optional<Reference> to) {
    }

    enum Face {
        PLAIN, STRONG, SLANTED, CODE
    }

    private static String words(List<Span> spans) {
        return spans.stream().map(Span::text).collect(Collectors.joining());
    }
}
