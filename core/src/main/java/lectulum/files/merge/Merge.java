package lectulum.files.merge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lectulum.design.Project;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Two copies of a project brought together. What only one of them changed is taken from it; what both changed otherwise is a [Question].
///
/// Entries that both added under one id are different ones: those of the second copy get another id, which what names them follows.
/// Nothing is lost: a part that one copy took out and the other changed is asked, and so is a part that differs although neither says
/// that it changed it. Which variant is worked on and what is pinned stays as it is in the first copy.
public final class Merge {
    private static final Set<String> OWN = Set.of("/current", "/pinned", "/format", "/formatVersion");
    private static final int SHORT = 60;

    private final ObjectNode mine;
    private final ObjectNode theirs;
    private final Map<String, String> renamed;
    private final Lineage savings;
    private final Past past;
    private final Map<String, Question> questions = new LinkedHashMap<>();
    private final Map<String, String> taken = new LinkedHashMap<>();

    /// Something that both changed, or that nobody says who changed.
    ///
    /// @param path   stable
    /// @param label  in words
    /// @param mine   what it is in the first copy; empty where it is not there
    /// @param theirs in the second
    public record Question(String path, String label, Optional<String> mine, Optional<String> theirs) {
    }

    /// What is known of who changed what.
    private interface Past {
        boolean byMe(String path, JsonNode now);

        boolean byThem(String path, JsonNode now);

        /// Whether a part that both have was put there by each of them apart.
        boolean byBothAnew(String path);
    }

    /// By the trees that changed since.
    private record OfTree(JsonNode base) implements Past {
        private JsonNode before(String path) {
            JsonNode before = base;
            for (String name : Parts.names(path)) {
                JsonNode from = before;
                before = from == null ? null : Parts.inner(from).map(m -> m.get(name)).orElse(null);
            }
            return before;
        }

        @Override
        public boolean byMe(String path, JsonNode now) {
            JsonNode before = before(path);
            return before == null ? now != null : !before.equals(now);
        }

        @Override
        public boolean byBothAnew(String path) {
            return before(path) == null;
        }

        @Override
        public boolean byThem(String path, JsonNode now) {
            return byMe(path, now);
        }
    }

    /// By what each file says of its savings.
    private record OfSavings(Set<String> mine, Set<String> theirs) implements Past {
        @Override
        public boolean byMe(String path, JsonNode now) {
            return Parts.touched(mine, path);
        }

        @Override
        public boolean byThem(String path, JsonNode now) {
            return Parts.touched(theirs, path);
        }

        @Override
        public boolean byBothAnew(String path) {
            return mine.contains(path) && theirs.contains(path);
        }
    }

    /// Nobody knows.
    private enum Unknown implements Past {
        PAST;

        @Override
        public boolean byMe(String path, JsonNode now) {
            return true;
        }

        @Override
        public boolean byThem(String path, JsonNode now) {
            return true;
        }

        @Override
        public boolean byBothAnew(String path) {
            return false;
        }
    }

    private Merge(JsonNode mine, JsonNode theirs, Past past) {
        this.mine = Lineage.plain(mine);
        Renaming.Renamed renamed = Renaming.of(this.mine, Lineage.plain(theirs), past::byBothAnew);
        this.theirs = renamed.tree();
        this.renamed = renamed.ids();
        this.savings = Lineage.of(mine).and(Lineage.of(theirs));
        this.past = past;
        merged(this.mine, this.theirs, "", Set.of(), true);
    }

    /// By the last saving that both files share; without one everything that differs is asked.
    public static Merge of(JsonNode mine, JsonNode theirs) {
        Lineage a = Lineage.of(mine);
        Lineage b = Lineage.of(theirs);
        Optional<Set<String>> byMe = a.since(b);
        Optional<Set<String>> byThem = b.since(a);
        return new Merge(mine, theirs, byMe.isPresent() && byThem.isPresent()
                ? new OfSavings(byMe.get(), byThem.get())
                : Unknown.PAST);
    }

    /// By a file of the state from which both were changed.
    public static Merge of(JsonNode mine, JsonNode theirs, JsonNode base) {
        return new Merge(mine, theirs, new OfTree(Lineage.plain(base)));
    }

    /// What is to be decided.
    public List<Question> questions() {
        return List.copyOf(questions.values());
    }

    /// What the second copy alone changed and the merged one takes, in words.
    public List<String> taken() {
        return taken.entrySet().stream().map(e -> label(e.getKey()) + e.getValue()).distinct().toList();
    }

    /// The project that comes of it.
    ///
    /// @param second paths of the questions that are decided for the second copy; all others stay with the first
    public Project project(Set<String> second) throws UnreadableFile {
        return ProjectJson.read(tree(second).toString()).project();
    }

    /// The same as a tree.
    public JsonNode tree(Set<String> second) {
        return merged(mine, theirs, "", second, false);
    }

    /// The tree from which what is decided and done after merging counts as changed: both copies with the savings of both, all
    /// questions left with the first.
    public JsonNode joined() {
        ObjectNode tree = (ObjectNode) tree(Set.of());
        savings.into(tree);
        return tree;
    }

    /// @param first whether questions and what is taken are noted
    private JsonNode merged(JsonNode a, JsonNode b, String path, Set<String> second, boolean first) {
        if (a.equals(b) || OWN.contains(path)) {
            return a;
        }
        Optional<Map<String, JsonNode>> x = Parts.inner(a);
        Optional<Map<String, JsonNode>> y = Parts.inner(b);
        if (x.isEmpty() || y.isEmpty() || a.isObject() != b.isObject()) {
            return chosen(a, b, path, second, first);
        }
        Map<String, JsonNode> both = new LinkedHashMap<>();
        for (String name : order(x.get(), y.get())) {
            JsonNode from = x.get().get(name);
            JsonNode to = y.get().get(name);
            String below = Parts.below(path, name);
            JsonNode kept = from != null && to != null
                    ? merged(from, to, below, second, first)
                    : alone(from, to, below, second, first);
            if (kept != null) {
                both.put(name, kept);
            }
        }
        return a.isObject() ? object(both) : list(both);
    }

    private ObjectNode object(Map<String, JsonNode> fields) {
        ObjectNode node = mine.objectNode();
        fields.forEach(node::set);
        return node;
    }

    private ArrayNode list(Map<String, JsonNode> entries) {
        ArrayNode node = mine.arrayNode();
        entries.values().forEach(node::add);
        return node;
    }

    /// Those of the first in their order, each of the second alone behind the one that it stands behind there.
    private static List<String> order(Map<String, JsonNode> a, Map<String, JsonNode> b) {
        List<String> names = new ArrayList<>(a.keySet());
        String before = null;
        for (String name : b.keySet()) {
            if (!a.containsKey(name)) {
                names.add(before == null ? 0 : names.indexOf(before) + 1, name);
            }
            before = name;
        }
        return names;
    }

    private JsonNode chosen(JsonNode a, JsonNode b, String path, Set<String> second, boolean first) {
        boolean me = past.byMe(path, a);
        boolean them = past.byThem(path, b);
        if (them && !me) {
            if (first) {
                taken.put(path, "");
            }
            return b;
        }
        if (me && !them) {
            return a;
        }
        if (first) {
            questions.put(path, new Question(path, label(path), Optional.of(shown(a)), Optional.of(shown(b))));
        }
        return second.contains(path) ? b : a;
    }

    /// A part that only one of them has.
    private JsonNode alone(JsonNode a, JsonNode b, String path, Set<String> second, boolean first) {
        String name = Parts.names(path).getLast();
        if (b == null && renamed.containsKey(name)) {
            return a;
        }
        boolean other = a == null && renamed.containsValue(name);
        boolean me = !other && past.byMe(path, a);
        boolean them = other || past.byThem(path, b);
        if (me && !them) {
            return a;
        }
        if (them && !me) {
            if (first) {
                taken.put(path, b == null ? " (taken out)" : " (new)");
            }
            return b;
        }
        if (past == Unknown.PAST) {
            // Without a common past nobody can say that it was taken out: it is kept.
            if (first && b != null) {
                taken.put(path, " (new)");
            }
            return a != null ? a : b;
        }
        if (first) {
            questions.put(path, new Question(path, label(path), Optional.ofNullable(a).map(this::shown),
                    Optional.ofNullable(b).map(this::shown)));
        }
        return second.contains(path) ? b : a;
    }

    private String shown(JsonNode node) {
        if (node.isObject()) {
            String called = called(node, "");
            if (!called.isEmpty()) {
                return called;
            }
        }
        String text = node.isString() ? node.asString() : node.toString();
        return text.length() <= SHORT ? text : text.substring(0, SHORT - 1) + "…";
    }

    /// A path in words: names instead of ids, the design itself left out.
    private String label(String path) {
        List<String> words = new ArrayList<>();
        JsonNode a = mine;
        JsonNode b = theirs;
        boolean several = mine.path("variants").size() > 1 || theirs.path("variants").size() > 1;
        List<String> names = Parts.names(path);
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            JsonNode x = a;
            JsonNode y = b;
            a = x == null ? null : Parts.inner(x).map(m -> m.get(name)).orElse(null);
            b = y == null ? null : Parts.inner(y).map(m -> m.get(name)).orElse(null);
            JsonNode here = a != null ? a : b;
            boolean list = here != null && here.isArray() && i + 1 < names.size();
            if (!list && !name.equals("design") && (i != 1 || several)) {
                words.add(called(here, name));
            }
        }
        return String.join(", ", words);
    }

    /// By its name, or the first words that it has.
    private static String called(JsonNode part, String name) {
        for (String field : List.of("name", "text", "what", "state")) {
            String words = part == null ? "" : part.path(field).asString("");
            if (!words.isBlank()) {
                return words.length() <= SHORT ? words : words.substring(0, SHORT - 1) + "…";
            }
        }
        return spaced(name);
    }

    /// `planned price` for `plannedPrice`.
    private static String spaced(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
