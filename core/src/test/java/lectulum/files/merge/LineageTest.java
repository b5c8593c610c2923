package lectulum.files.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.thing.Thing;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// What savings note, and which parts of two trees differ.
class LineageTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static JsonNode json(String text) {
        return JSON.readTree(text.replace('\'', '"'));
    }

    private static Set<String> changed(String before, String after) {
        return Parts.changed(json(before), json(after));
    }

    @Test
    void aFieldAnEntryAndAListWithoutIdsAreParts() {
        assertThat(changed("{'a':1,'b':{'c':2}}", "{'a':1,'b':{'c':3}}")).containsExactly("/b/c");
        assertThat(changed("{'a':1}", "{'a':1,'b':null}")).containsExactly("/b");
        assertThat(changed("{'l':[{'id':'x','n':1},{'id':'y','n':1}]}", "{'l':[{'id':'y','n':2},{'id':'x','n':1}]}"))
                .as("order apart").containsExactly("/l/y/n");
        assertThat(changed("{'l':[{'id':'x'}]}", "{'l':[]}")).containsExactly("/l/x");
        assertThat(changed("{'l':[1,2]}", "{'l':[1,3]}")).containsExactly("/l");
        assertThat(changed("{'l':[{'id':'x'},{'id':'x'}]}", "{'l':[{'id':'x'}]}")).as("an id twice names nothing")
                .containsExactly("/l");
        assertThat(changed("{'a':{'b':1}}", "{'a':[1]}")).containsExactly("/a");
        assertThat(changed("{'a':1}", "{'a':1}")).isEmpty();
    }

    @Test
    void namesWithSlashesAreToldApart() {
        assertThat(changed("{'l':[{'id':'a/b','n':1}]}", "{'l':[{'id':'a/b','n':2}]}")).containsExactly("/l/a~1b/n");
        assertThat(Parts.names("/l/a~1b/~0x")).containsExactly("l", "a/b", "~x");
    }

    @Test
    void aPathIsTouchedByWhatIsAboveAndBelowIt() {
        Set<String> paths = Set.of("/a/b/c", "/d");

        assertThat(Parts.touched(paths, "/a/b/c")).isTrue();
        assertThat(Parts.touched(paths, "/a")).isTrue();
        assertThat(Parts.touched(paths, "/d/e")).isTrue();
        assertThat(Parts.touched(paths, "/a/bc")).isFalse();
        assertThat(Parts.touched(Set.of(""), "/any")).as("everything").isTrue();
        assertThat(Parts.touched(Set.of(), "/any")).isFalse();
    }

    private static Lineage lineage(String... marks) {
        return new Lineage(IntStream.range(0, marks.length)
                .mapToObj(i -> new Lineage.Saving(marks[i], Set.of("/" + marks[i]))).toList());
    }

    @Test
    void onlyWhatTheOtherDoesNotKnowCountsAsChanged() {
        Lineage mine = lineage("a", "b", "c");
        Lineage theirs = lineage("a", "b", "x", "y");

        assertThat(mine.since(theirs).orElseThrow()).containsExactly("/c");
        assertThat(theirs.since(mine).orElseThrow()).containsExactlyInAnyOrder("/x", "/y");
        assertThat(mine.since(mine).orElseThrow()).isEmpty();
        assertThat(mine.since(lineage("z"))).as("no common past").isEmpty();
        assertThat(mine.and(theirs).savings()).extracting(Lineage.Saving::mark).containsExactly("a", "b", "c", "x",
                "y");
    }

    private static Project moved(Project p, int step) {
        Design d = p.design();
        Thing t = d.things().get(step % d.things().size());
        return p.with(d.mapping(t.id(), x -> x.with(x.place().moved(0.01 * (step + 1), 0, 0))));
    }

    /// However often it is saved, only so much is kept, and the file stays one that opens.
    @Test
    void aLongLineageIsCutAtItsBeginning() throws UnreadableFile {
        Project p = Campers.demo("dunlin").orElseThrow();
        JsonNode tree = ProjectFile.tree(p, null);
        for (int i = 0; i < 230; i++) {
            p = moved(p, i);
            tree = ProjectFile.tree(p, tree);
        }

        Lineage kept = Lineage.of(tree);
        assertThat(kept.savings()).hasSize(200);
        assertThat(kept.savings()).extracting(Lineage.Saving::mark).doesNotHaveDuplicates();
        assertThat(ProjectJson.read(tree.toString()).project()).isEqualTo(p);
    }

    /// A saving that changes more than can be told apart says that it changed everything.
    @Test
    void aSavingThatChangesTooMuchSaysEverything() {
        Project p = Campers.demo("nightjar").orElseThrow();
        JsonNode before = ProjectFile.tree(p, null);
        Project all = p.with(p.design().withThings(p.design().things().stream().map(t -> t
                .with(t.place().moved(0.1, 0.1, 0.1)).withName(t.name() + "!").withNote("moved").withSymbol("box"))
                .toList()));

        assertThat(Lineage.of(ProjectFile.tree(all, before)).savings().getLast().changed()).containsExactly("");
    }

    @Test
    void theSameContentAfterTheSamePastHasTheSameMark() {
        Project p = Campers.demo("dunlin").orElseThrow();
        JsonNode first = ProjectFile.tree(p, null);

        assertThat(Lineage.of(ProjectFile.tree(p, null))).isEqualTo(Lineage.of(first));
        assertThat(Lineage.of(ProjectFile.tree(moved(p, 3), first)))
                .isEqualTo(Lineage.of(ProjectFile.tree(moved(p, 3), first)))
                .isNotEqualTo(Lineage.of(ProjectFile.tree(moved(p, 4), first)));
    }

    /// The paths that are told are exactly those at which the trees differ: put in from the one into the other they make it the same.
    @Test
    void whatIsToldIsAllThatDiffers() {
        Random random = new Random(11);
        Project p = Campers.demo("dunlin").orElseThrow();
        for (int trial = 0; trial < 60; trial++) {
            Project q = p;
            for (int i = 0; i < 1 + random.nextInt(6); i++) {
                q = moved(q, random.nextInt(40));
            }
            ObjectNode a = Lineage.plain(ProjectFile.tree(p, null));
            ObjectNode b = Lineage.plain(ProjectFile.tree(q, null));
            for (String path : Parts.changed(a, b)) {
                List<String> names = Parts.names(path);
                JsonNode from = b;
                JsonNode to = a;
                for (String name : names.subList(0, names.size() - 1)) {
                    from = Parts.inner(from).orElseThrow().get(name);
                    to = Parts.inner(to).orElseThrow().get(name);
                }
                ((ObjectNode) to).set(names.getLast(), from.get(names.getLast()));
            }
            assertThat(a).isEqualTo(b);
        }
    }
}
