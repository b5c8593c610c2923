package lectulum.files.merge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.logbook.LogEntry;
import lectulum.design.purse.Receipt;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Thing;
import lectulum.files.Attachments;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class MergeTest {
    private static final Project BASE = Project.of("Nightjar", Campers.demo("nightjar").orElseThrow().design());

    @TempDir
    Path folder;

    private static Project with(Project p, UnaryOperator<Design> change) {
        return p.with(change.apply(p.design()));
    }

    private static Project moved(Project p, String thing, double dx) {
        return with(p, d -> d.mapping(thing, t -> t.with(t.place().moved(dx, 0, 0))));
    }

    private static Project weighed(Project p, String thing, double kg) {
        return with(p, d -> d.mapping(thing, t -> t.withMass(Mass.guess(kg))));
    }

    /// The tree of a project that was saved after another.
    private static JsonNode saved(Project p, JsonNode before) {
        return ProjectFile.tree(p, before);
    }

    private static Thing thing(Project p, String id) {
        return p.design().thing(id).orElseThrow();
    }

    private static List<String> paths(Merge m) {
        return m.questions().stream().map(Merge.Question::path).toList();
    }

    @Test
    void whatOneChangedIsTaken() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Merge m = Merge.of(saved(moved(BASE, "cells", 0.2), base), saved(weighed(BASE, "telescope", 47), base));

        Project merged = m.project(Set.of());

        assertThat(m.questions()).isEmpty();
        assertThat(merged).isEqualTo(weighed(moved(BASE, "cells", 0.2), "telescope", 47));
        assertThat(m.taken()).anyMatch(t -> t.startsWith("Telescope, mass"));
    }

    @Test
    void whatBothChangedIsAskedAndEachAnswerCounts() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Merge m = Merge.of(saved(weighed(BASE, "telescope", 44), base), saved(weighed(BASE, "telescope", 47), base));

        assertThat(m.questions()).hasSize(1);
        Merge.Question q = m.questions().getFirst();
        assertThat(q.label()).isEqualTo("Telescope, mass, value");
        assertThat(q.mine()).contains("44.0");
        assertThat(q.theirs()).contains("47.0");
        assertThat(thing(m.project(Set.of()), "telescope").mass().value()).isEqualTo(44);
        assertThat(thing(m.project(Set.of(q.path())), "telescope").mass().value()).isEqualTo(47);
    }

    @Test
    void theSameChangeInBothIsNoQuestion() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Project p = weighed(BASE, "telescope", 47);
        Merge m = Merge.of(saved(p, base), saved(p, base));

        assertThat(m.questions()).isEmpty();
        assertThat(m.taken()).isEmpty();
        assertThat(m.project(Set.of())).isEqualTo(p);
    }

    @Test
    void whatCameInEitherIsKeptAndWhatOneTookOutIsGone() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Project mine = with(BASE, d -> d.without(Set.of("laptop")).with(d.purse()
                .plus(Receipt.of("line-1", "Rope", Receipt.State.PAID, 12))));
        Project theirs = with(BASE, d -> d.plus(d.thing("cells").orElseThrow().withId("cells-2").withName("More cells"))
                .without(Set.of("tool-box")));

        Project merged = Merge.of(saved(mine, base), saved(theirs, base)).project(Set.of());

        assertThat(merged.design().thing("laptop")).isEmpty();
        assertThat(merged.design().thing("tool-box")).isEmpty();
        assertThat(merged.design().thing("cells-2")).isPresent();
        assertThat(merged.design().purse().receipts()).hasSize(1);
        assertThat(Merge.of(saved(mine, base), saved(theirs, base)).taken()).contains("Tool box (taken out)",
                "More cells (new)");
    }

    @Test
    void whatOneTookOutAndTheOtherChangedIsAsked() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Merge m = Merge.of(saved(with(BASE, d -> d.without(Set.of("laptop"))), base),
                saved(weighed(BASE, "laptop", 3), base));

        assertThat(paths(m)).containsExactly("/variants/plan/design/things/laptop");
        assertThat(m.questions().getFirst().mine()).isEmpty();
        assertThat(m.questions().getFirst().theirs()).contains("Laptop");
        assertThat(m.project(Set.of()).design().thing("laptop")).isEmpty();
        assertThat(thing(m.project(Set.copyOf(paths(m))), "laptop").mass().value()).isEqualTo(3);
    }

    /// Both wrote a receipt and an entry of the log, which got the same ids: all four are there, and what names them follows.
    @Test
    void whatBothAddedUnderOneIdIsKeptTwice() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        Project mine = with(BASE, d -> d.with(d.purse().plus(Receipt.of("line-1", "Rope", Receipt.State.PAID, 12)))
                .plus(d.thing("cells").orElseThrow().withId("lamp").withName("Lamp of hers")));
        Project theirs = with(BASE, d -> d.plus(d.thing("cells").orElseThrow().withId("lamp").withName("Lamp of his"))
                .with(d.purse().plus(Receipt.of("line-1", "Lamp", Receipt.State.PAID, 30).withThing("lamp"))));

        for (Merge m : List.of(Merge.of(saved(mine, base), saved(theirs, base)),
                Merge.of(saved(mine, base), saved(theirs, base), base))) {
            Design merged = m.project(Set.of()).design();

            assertThat(m.questions()).isEmpty();
            assertThat(merged.purse().receipts()).extracting(Receipt::what).containsExactlyInAnyOrder("Rope", "Lamp");
            assertThat(merged.purse().receipts()).extracting(Receipt::id).doesNotHaveDuplicates();
            assertThat(merged.things()).extracting(Thing::name).contains("Lamp of hers", "Lamp of his");
            String his = merged.things().stream().filter(t -> t.name().equals("Lamp of his")).map(Thing::id).findFirst()
                    .orElseThrow();
            assertThat(merged.purse().receipts().stream().filter(r -> r.what().equals("Lamp")).findFirst().orElseThrow()
                    .thing()).isEqualTo(his);
        }
    }

    @Test
    void withoutACommonPastEverythingThatDiffersIsAskedAndNothingIsLost() throws UnreadableFile {
        Project mine = with(weighed(BASE, "telescope", 44), d -> d.without(Set.of("laptop")));
        Project theirs = weighed(BASE, "telescope", 47);
        Merge m = Merge.of(tree(mine), tree(theirs));

        assertThat(m.questions()).extracting(Merge.Question::label).contains("Telescope, mass, value");
        assertThat(m.project(Set.of()).design().thing("laptop")).as("nobody can say that it was taken out").isPresent();
    }

    private static JsonNode tree(Project p) throws UnreadableFile {
        return ProjectJson.read(ProjectJson.write(p, null)).tree();
    }

    /// A second merge asks nothing that the first one settled.
    @Test
    void mergingAgainAsksOnlyWhatIsNew() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        JsonNode theirs = saved(weighed(BASE, "telescope", 47), base);
        Merge first = Merge.of(saved(moved(BASE, "cells", 0.2), base), theirs);
        JsonNode merged = saved(first.project(Set.of()), first.joined());

        JsonNode later = saved(weighed(BASE, "telescope", 48), theirs);
        Merge second = Merge.of(merged, later);

        assertThat(second.questions()).isEmpty();
        assertThat(thing(second.project(Set.of()), "telescope").mass().value()).isEqualTo(48);
        assertThat(thing(second.project(Set.of()), "cells").place())
                .isEqualTo(thing(moved(BASE, "cells", 0.2), "cells").place());
        Merge back = Merge.of(later, merged);
        assertThat(back.questions()).isEmpty();
        assertThat(back.project(Set.of())).isEqualTo(second.project(Set.of()));
    }

    @Test
    void theFileRemembersItsSavingsAndTellsTheRestAsBefore() throws IOException {
        Path file = folder.resolve("a" + ProjectFile.ENDING);
        ProjectFile.Written first = ProjectFile.save(file, BASE, null);
        ProjectFile.Written second = ProjectFile.save(file, moved(BASE, "cells", 0.1), first.tree());
        ProjectFile.Written same = ProjectFile.save(file, moved(BASE, "cells", 0.1), second.tree());

        Lineage lineage = Lineage.of(same.tree());
        assertThat(lineage.savings()).hasSize(2);
        assertThat(lineage.savings().getLast().changed())
                .containsExactly("/variants/plan/design/things/cells/place/x");
        assertThat(same.stamp()).as("saving again changes nothing").isEqualTo(second.stamp());
        assertThat(ProjectFile.open(file).project()).isEqualTo(moved(BASE, "cells", 0.1));
    }

    @Test
    void nonsenseInTheSavingsIsNoPast() throws UnreadableFile {
        JsonNode base = saved(BASE, null);
        String odd = base.toString().replaceFirst("\"savings\":\\[.*]", "\"savings\":[7,{\"mark\":4},\"x\"]");
        Merge m = Merge.of(ProjectJson.read(odd).tree(), saved(weighed(BASE, "telescope", 47), base));

        assertThat(Lineage.of(ProjectJson.read(odd).tree()).savings()).isEmpty();
        assertThat(m.questions()).extracting(Merge.Question::label).contains("Telescope, mass, value");
    }

    /// A random change of a camper.
    private static Project changed(Project p, Random random) {
        List<Thing> things = p.design().things();
        String id = things.get(random.nextInt(things.size())).id();
        return switch (random.nextInt(8)) {
            case 0 -> moved(p, id, random.nextInt(5) / 10.0 + 0.05);
            case 1 -> weighed(p, id, 1 + random.nextInt(30));
            case 2 -> with(p, d -> d.mapping(id, t -> t.withName("Renamed " + random.nextInt(3))));
            case 3 -> with(p, d -> d.without(Set.of(id)));
            case 4 -> with(p, d -> d.plus(things.getFirst().withId(d.freeId("new")).withName("New")));
            case 5 -> with(p, d -> d.with(d.brief().withNights(1 + random.nextInt(9))));
            case 6 -> with(p, d -> d.withLogbook(d.logbook().plus(LogEntry.of(d.logbook().freeId("entry"), "",
                    LogEntry.Kind.WORK, "word " + random.nextInt(3)).withHours(OptionalDouble.of(3600)))));
            default -> with(p, d -> d.with(d.works().mapping("C10", j -> j.withDone(random.nextInt(4) / 4.0))));
        };
    }

    private static Set<String> ids(Project p) {
        return p.design().things().stream().map(Thing::id).collect(Collectors.toSet());
    }

    /// A few hundred pairs of copies: both ways to know the past agree, both orders agree, each answer gives what it says, and what only
    /// one has is there.
    @Test
    void randomCopiesAreMergedAlikeFromBothSides() throws UnreadableFile {
        Random random = new Random(20);
        JsonNode base = saved(BASE, null);
        for (int trial = 0; trial < 150; trial++) {
            Project mine = BASE;
            Project theirs = BASE;
            for (int i = 0; i < 1 + random.nextInt(5); i++) {
                mine = changed(mine, random);
                theirs = changed(theirs, random);
            }
            JsonNode a = saved(mine, base);
            JsonNode b = saved(theirs, base);

            Merge by = Merge.of(a, b, base);
            Merge m = Merge.of(a, b);
            Merge turned = Merge.of(b, a);

            assertThat(paths(m)).as("trial %d", trial).containsExactlyInAnyOrderElementsOf(paths(by));
            assertThat(m.project(Set.of())).isEqualTo(by.project(Set.of()));
            Set<String> all = Set.copyOf(paths(m));
            assertThat(paths(turned)).containsExactlyInAnyOrderElementsOf(all);
            assertThat(ids(m.project(all))).hasSameSizeAs(ids(turned.project(Set.of())));
            assertThat(m.project(all).design().brief()).isEqualTo(turned.project(Set.of()).design().brief());
            Set<String> there = new HashSet<>(ids(mine));
            there.removeAll(ids(BASE));
            assertThat(ids(m.project(Set.of()))).containsAll(there);
            if (paths(m).isEmpty()) {
                List<Project> ends = new ArrayList<>(List.of(m.project(Set.of()), turned.project(Set.of())));
                assertThat(ends.getFirst().design().works()).isEqualTo(ends.getLast().design().works());
            }
            assertThat(Merge.of(a, a).questions()).isEmpty();
            assertThat(Merge.of(a, base, base).project(Set.of())).isEqualTo(ProjectJson.read(a.toString()).project());
            assertThat(ids(Merge.of(base, b, base).project(Set.of()))).isEqualTo(ids(theirs));
        }
    }

    @Test
    void photographsComeAlong() throws IOException {
        Path other = folder.resolve("b" + ProjectFile.ENDING);
        Files.createDirectories(folder.resolve("b.lectulum.files"));
        Files.writeString(folder.resolve("b.lectulum.files").resolve("seam.png"), "picture");
        Project p = with(BASE,
                d -> d.withLogbook(d.logbook().plus(LogEntry.of("entry-9", "", LogEntry.Kind.WORK, "seam")
                        .withPhoto("seam.png"))));
        Attachments to = Attachments.of(folder.resolve("a" + ProjectFile.ENDING));

        Attachments.of(other).copyTo(to, p);

        assertThat(to.find("seam.png")).isPresent();
    }
}
