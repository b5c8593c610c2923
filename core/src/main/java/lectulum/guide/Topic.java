package lectulum.guide;

import java.util.List;
import java.util.stream.Collectors;

/// What stands under one heading.
///
/// @param level 1 for a page's own heading
/// @param page  what the page is called
public record Topic(Reference at, String page, String title, int level, List<Block> blocks) {
    public Topic {
        blocks = List.copyOf(blocks);
    }

    /// Its text without marks.
    public String words() {
        return blocks.stream().map(Block::words).collect(Collectors.joining("\n"));
    }
}
