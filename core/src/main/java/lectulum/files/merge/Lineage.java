package lectulum.files.merge;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lectulum.files.ProjectFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// The savings that a file has gone through: of each a mark and the paths of what it changed. Copies of a file share those until they
/// parted.
///
/// @param savings the first one first
public record Lineage(List<Saving> savings) {
    /// The field of a project file it stands in.
    public static final String FIELD = "savings";
    /// So many are kept, and of each so many paths: one that changed more says that all of it changed.
    private static final int MOST = 200;
    private static final int MOST_PATHS = 300;
    private static final int MARK = 12;

    public Lineage {
        savings = List.copyOf(savings);
    }

    /// One saving.
    ///
    /// @param mark    made of what was saved and of the mark before
    /// @param changed paths; an empty one stands for everything
    public record Saving(String mark, Set<String> changed) {
    }

    /// What a file tells of itself; nothing where it tells nothing, or nonsense.
    public static Lineage of(JsonNode tree) {
        List<Saving> all = new ArrayList<>();
        for (JsonNode s : tree.path(FIELD)) {
            if (s.path("mark").isString()) {
                Set<String> changed = new LinkedHashSet<>();
                s.path("changed").forEach(p -> changed.add(p.asString("")));
                all.add(new Saving(s.path("mark").asString(), changed));
            }
        }
        return new Lineage(all);
    }

    /// Notes in a tree that is about to be saved what is otherwise in it than before.
    ///
    /// @param before the tree that was opened or saved last; null for a project that was never saved
    public static void note(ObjectNode tree, JsonNode before) {
        tree.remove(FIELD);
        Lineage old = before == null ? new Lineage(List.of()) : of(before);
        Set<String> changed = before == null ? Set.of() : Parts.changed(plain(before), tree);
        List<Saving> all = new ArrayList<>(old.savings);
        if (before == null || all.isEmpty() || !changed.isEmpty()) {
            String last = all.isEmpty() ? "" : all.getLast().mark;
            String mark = ProjectFile.stamp((last + tree).getBytes(StandardCharsets.UTF_8))
                    .substring(0, MARK);
            all.add(new Saving(mark, all.isEmpty()
                    ? Set.of()
                    : changed.size() > MOST_PATHS ? Set.of("") : changed));
        }
        new Lineage(all).into(tree);
    }

    /// A tree without what it tells of itself.
    static ObjectNode plain(JsonNode tree) {
        ObjectNode copy = (ObjectNode) tree.deepCopy();
        copy.remove(FIELD);
        return copy;
    }

    /// Paths of what was changed by savings that another does not know; empty where they share none.
    public Optional<Set<String>> since(Lineage other) {
        Set<String> marks = new HashSet<>();
        other.savings.forEach(s -> marks.add(s.mark));
        if (savings.stream().noneMatch(s -> marks.contains(s.mark))) {
            return Optional.empty();
        }
        Set<String> changed = new LinkedHashSet<>();
        savings.stream().filter(s -> !marks.contains(s.mark)).forEach(s -> changed.addAll(s.changed));
        return Optional.of(changed);
    }

    /// With the savings of another that this one does not know.
    Lineage and(Lineage other) {
        Set<String> marks = new HashSet<>();
        savings.forEach(s -> marks.add(s.mark));
        List<Saving> all = new ArrayList<>(savings);
        other.savings.stream().filter(s -> !marks.contains(s.mark)).forEach(all::add);
        return new Lineage(all);
    }

    /// Writes it into a tree.
    void into(ObjectNode tree) {
        tree.remove(FIELD);
        ArrayNode list = tree.putArray(FIELD);
        for (Saving s : savings.subList(Math.max(0, savings.size() - MOST), savings.size())) {
            ObjectNode one = list.addObject();
            one.put("mark", s.mark);
            ArrayNode paths = one.putArray("changed");
            s.changed.forEach(paths::add);
        }
    }
}
