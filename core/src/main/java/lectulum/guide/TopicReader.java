package lectulum.guide;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Link;
import org.commonmark.node.ListBlock;
import org.commonmark.node.Node;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/// Cuts a page of Markdown into topics. Reads what our pages are written with: headings, paragraphs, lists, tables, code, links between
/// pages; pictures and HTML are passed over, a link that leads out of the guide is plain text.
final class TopicReader {
    private static final Parser PARSER = Parser.builder().extensions(List.of(TablesExtension.create())).build();
    private static final String ENDING = ".md";

    private final String page;
    private final List<Topic> topics = new ArrayList<>();
    private final List<Block> blocks = new ArrayList<>();
    private String heading = "";
    private int level = 1;

    private TopicReader(String page) {
        this.page = page;
    }

    /// @param page as `guide/power`
    static List<Topic> read(String page, String markdown) {
        TopicReader reader = new TopicReader(page);
        for (Node n = PARSER.parse(markdown).getFirstChild(); n != null; n = n.getNext()) {
            if (n instanceof Heading h) {
                reader.close();
                reader.heading = words(reader.spans(h));
                reader.level = h.getLevel();
            } else {
                reader.block(n).ifPresent(reader.blocks::add);
            }
        }
        reader.close();
        String title = reader.topics.isEmpty() ? page : reader.topics.getFirst().title();
        return reader.topics.stream().map(t -> new Topic(t.at(), title, t.title(), t.level(), t.blocks())).toList();
    }

    /// A heading as it is linked to.
    static String anchor(String heading) {
        return heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N} -]", "").strip().replace(' ', '-');
    }

    private void close() {
        if (!heading.isEmpty() || !blocks.isEmpty()) {
            Reference at = new Reference(page, level == 1 ? "" : anchor(heading));
            topics.add(new Topic(at, "", heading, level, blocks));
        }
        blocks.clear();
    }

    private Optional<Block> block(Node n) {
        return switch (n) {
            case org.commonmark.node.Paragraph p -> Optional.of(new Block.Paragraph(spans(p)));
            case ListBlock l -> Optional.of(new Block.Points(!(l instanceof BulletList), children(l).stream()
                    .map(item -> children(item).stream().map(this::block).flatMap(Optional::stream).toList())
                    .toList()));
            case FencedCodeBlock c -> Optional.of(new Block.Verbatim(c.getLiteral().stripTrailing()));
            case IndentedCodeBlock c -> Optional.of(new Block.Verbatim(c.getLiteral().stripTrailing()));
            case TableBlock t -> Optional.of(new Block.Table(children(t).stream()
                    .flatMap(part -> children(part).stream())
                    .map(row -> children(row).stream().map(this::spans).toList()).toList()));
            default -> Optional.empty();
        };
    }

    private static List<Node> children(Node of) {
        List<Node> all = new ArrayList<>();
        for (Node n = of.getFirstChild(); n != null; n = n.getNext()) {
            all.add(n);
        }
        return all;
    }

    private List<Block.Span> spans(Node of) {
        List<Block.Span> all = new ArrayList<>();
        spans(of, Block.Face.PLAIN, Optional.empty(), all);
        return all;
    }

    private void spans(Node of, Block.Face face, Optional<Reference> to, List<Block.Span> all) {
        for (Node n : children(of)) {
            switch (n) {
                case Text t -> all.add(new Block.Span(t.getLiteral(), face, to));
                case Code c -> all.add(new Block.Span(c.getLiteral(), Block.Face.CODE, to));
                case SoftLineBreak _ -> all.add(new Block.Span(" ", face, to));
                case Emphasis e -> spans(e, Block.Face.SLANTED, to, all);
                case StrongEmphasis s -> spans(s, Block.Face.STRONG, to, all);
                case Link l -> spans(l, face, reference(l.getDestination()), all);
                default -> spans(n, face, to, all);
            }
        }
    }

    /// Where a link leads, from this page on; empty where that is outside.
    private Optional<Reference> reference(String link) {
        int hash = link.indexOf('#');
        String path = hash < 0 ? link : link.substring(0, hash);
        String anchor = hash < 0 ? "" : link.substring(hash + 1);
        if (path.isEmpty()) {
            return Optional.of(new Reference(page, anchor));
        }
        if (path.endsWith("/NOTICE")) {
            return Optional.of(Guidebook.LICENCES);
        }
        String folder = page.substring(0, page.indexOf('/'));
        String[] parts = path.split("/");
        if (!path.endsWith(ENDING)
                || parts.length > 1 && !(parts.length == 3 && parts[0].equals("..") && !parts[1].equals(".."))) {
            return Optional.empty();
        }
        String name = parts[parts.length - 1].substring(0, parts[parts.length - 1].length() - ENDING.length());
        return Optional.of(new Reference((parts.length == 1 ? folder : parts[1]) + "/" + name, anchor));
    }

    private static String words(List<Block.Span> spans) {
        return new Block.Paragraph(spans).words();
    }
}
