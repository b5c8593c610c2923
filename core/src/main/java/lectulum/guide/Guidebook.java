package lectulum.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.figures.Stage;

/// All pages of the guide. Read once, from the first page along the links; what no page leads to is not in it.
public final class Guidebook {
    private static final String GUIDE = "guide/";
    /// What ships of others.
    public static final Reference LICENCES = new Reference(GUIDE + "licences", "");
    /// What the first hour is.
    public static final Reference FIRST_HOUR = new Reference(GUIDE + "first-hour", "");
    /// A word in a heading tells more than one in the text.
    private static final int IN_TITLE = 10;
    private static final int MOST_IN_TEXT = 4;
    /// What is for using a page comes before what is for reckoning it.
    private static final int OF_A_PAGE = 3;

    private final Map<String, List<Topic>> pages;

    private Guidebook(Map<String, List<Topic>> pages) {
        this.pages = pages;
    }

    private static final class Shipped {
        private static final Guidebook BOOK = read();
    }

    /// The guide of this program.
    public static Guidebook shipped() {
        return Shipped.BOOK;
    }

    private static Guidebook read() {
        Map<String, List<Topic>> pages = new LinkedHashMap<>();
        Deque<String> open = new ArrayDeque<>(List.of(Reference.FIRST.page()));
        while (!open.isEmpty()) {
            String page = open.poll();
            if (pages.containsKey(page)) {
                continue;
            }
            Optional<String> text = resource("/lectulum/" + page + ".md");
            if (text.isPresent()) {
                List<Topic> topics = TopicReader.read(page, text.get());
                pages.put(page, topics);
                topics.stream().flatMap(t -> links(t.blocks())).map(Reference::page).forEach(open::add);
            }
        }
        resource("/lectulum/guide/NOTICE").ifPresent(
                notice -> pages.put(LICENCES.page(), TopicReader.read(LICENCES.page(), "# Licences\n\n" + notice)));
        return new Guidebook(pages);
    }

    private static Optional<String> resource(String path) {
        try (InputStream in = Guidebook.class.getResourceAsStream(path)) {
            return in == null
                    ? Optional.empty()
                    : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }

    /// Where the links of some blocks lead.
    public static Stream<Reference> links(List<Block> blocks) {
        return blocks.stream().flatMap(b -> switch (b) {
            case Block.Paragraph p -> p.spans().stream().flatMap(s -> s.to().stream());
            case Block.Points p -> p.points().stream().flatMap(Guidebook::links);
            case Block.Table t -> t.rows().stream().flatMap(List::stream).flatMap(List::stream)
                    .flatMap(s -> s.to().stream());
            case Block.Verbatim _ -> Stream.empty();
        });
    }

    /// Whether it leads to how something is worked out, not to how a page is used.
    public static boolean ofMethod(Reference place) {
        return place.page().startsWith("method/");
    }

    /// Names of all pages, as `method/balance`.
    public List<String> pages() {
        return List.copyOf(pages.keySet());
    }

    /// All topics of a page, its own heading first; none where there is no such page.
    public List<Topic> page(String page) {
        return pages.getOrDefault(page, List.of());
    }

    /// What stands there; with deeper headings that belong to it. Empty where nothing does.
    public List<Topic> at(Reference place) {
        List<Topic> all = page(place.page());
        int from = 0;
        while (from < all.size() && !all.get(from).at().equals(place)) {
            from++;
        }
        if (from == all.size()) {
            return List.of();
        }
        if (place.anchor().isEmpty()) {
            return all;
        }
        int to = from + 1;
        while (to < all.size() && all.get(to).level() > all.get(from).level()) {
            to++;
        }
        return all.subList(from, to);
    }

    /// The page of the guide that a stage has.
    public static Reference of(Stage stage) {
        return new Reference(GUIDE + stage.name().toLowerCase(Locale.ROOT), "");
    }

    /// What the guide says of a page of the program; that of the stage where it has no pages.
    ///
    /// @param name as it stands on the strip over the sheet; empty for a stage without pages
    public static Reference of(Stage stage, String name) {
        return new Reference(of(stage).page(), TopicReader.anchor(name));
    }

    /// Topics that hold all words, the fittest first. A word is found at the beginning of words.
    ///
    /// @param typed blank finds nothing
    public List<Topic> find(String typed) {
        List<String> words = Arrays.stream(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                .filter(w -> !w.isEmpty()).toList();
        if (words.isEmpty()) {
            return List.of();
        }
        record Hit(Topic topic, int worth) {
        }
        List<Hit> hits = new ArrayList<>();
        pages.values().stream().flatMap(List::stream).forEach(t -> {
            int worth = worth(t, words);
            if (worth > 0) {
                hits.add(new Hit(t, worth));
            }
        });
        return hits.stream().sorted(Comparator.comparingInt(Hit::worth).reversed()).map(Hit::topic).toList();
    }

    private static int worth(Topic t, List<String> words) {
        String title = " " + t.title().toLowerCase(Locale.ROOT);
        String text = " " + (t.page() + "\n" + t.words()).toLowerCase(Locale.ROOT);
        int sum = t.at().page().startsWith(GUIDE) ? OF_A_PAGE : 0;
        for (String word : words) {
            int here = begins(title, word) * IN_TITLE + Math.min(MOST_IN_TEXT, begins(text, word));
            if (here == 0) {
                return 0;
            }
            sum += here;
        }
        return sum;
    }

    /// How many words begin so.
    private static int begins(String text, String word) {
        int count = 0;
        for (int i = text.indexOf(word); i >= 0; i = text.indexOf(word, i + 1)) {
            if (!Character.isLetterOrDigit(text.charAt(i - 1))) {
                count++;
            }
        }
        return count;
    }
}
