package lectulum.papers.book;

import java.util.List;
import lectulum.figures.Figure;
import lectulum.figures.Sentence;
import lectulum.figures.drawing.Listing;
import lectulum.figures.drawing.Sketch;

/// A chapter of a book.
record Chapter(Edition.Topic topic, String title, List<Block> blocks) {
    Chapter {
        blocks = List.copyOf(blocks);
    }

    /// A piece of a chapter.
    sealed interface Block {
    }

    /// The title of a section, which stands in the contents.
    record Heading(String text) implements Block {
    }

    record Words(Sentence text, boolean faint) implements Block {
    }

    record Caution(String text) implements Block {
    }

    /// Figures with their values; with their working where that is wanted.
    record Values(List<Figure> figures, boolean working) implements Block {
    }

    record Table(Listing listing) implements Block {
    }

    record Picture(Sketch sketch) implements Block {
    }

    record Drawn(Plates.Plate plate) implements Block {
    }

    /// @param file among the attachments
    record Photograph(String file, String caption) implements Block {
    }

    /// An item of a list to tick on paper.
    record Box(String text, boolean ticked, boolean second, boolean looked) implements Block {
    }
}
