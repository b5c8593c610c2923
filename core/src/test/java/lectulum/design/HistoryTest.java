package lectulum.design;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HistoryTest {

    /// Three hundred random edits; every state on the way back and forth again is the one that was.
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void undoingEverythingRestoresEveryState(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Project> states = new ArrayList<>();
        History history = History.of(Project.of("Any", many(20, seed)));
        states.add(history.now());
        while (states.size() < 300) {
            history = history.after("edit " + states.size(), random(history.now(), random));
            if (!history.now().equals(states.getLast())) {
                states.add(history.now());
            }
        }

        for (int i = states.size() - 2; i >= 0; i--) {
            history = history.undo();
            assertThat(history.now()).isEqualTo(states.get(i));
        }
        assertThat(history.undoName()).isEmpty();
        assertThat(history.undo()).isEqualTo(history);
        for (int i = 1; i < states.size(); i++) {
            history = history.redo();
            assertThat(history.now()).isEqualTo(states.get(i));
        }
        assertThat(history.redoName()).isEmpty();
    }

    private static Project random(Project p, SplittableRandom r) {
        Design d = p.design();
        String id = d.things().isEmpty() ? "" : d.things().get(r.nextInt(d.things().size())).id();
        return switch (r.nextInt(9)) {
            case 0 -> p.with(d.plus(thing(d.freeId("new"), 10 * r.nextDouble(), r.nextDouble(), 0)));
            case 1 -> p.with(d.without(List.of(id)));
            case 2 -> p.with(d.mapping(id, t -> t.with(t.place().moved(r.nextDouble(), 0, 0))));
            case 3 -> p.with(d.mapping(id, t -> t.placed(Mode.NIGHT, t.place().turned(r.nextDouble()))));
            case 4 -> p.with(d.with(d.brief().withNights(r.nextInt(9))));
            case 5 -> p.with(d.with(d.base().with(d.base().axle().at(1 + r.nextDouble()))));
            case 6 -> p.copyingVariant("v" + r.nextInt(1000));
            case 7 -> p.withoutVariant();
            default -> p.with(d.mappingCase("departure", c -> c.withFills(r.nextDouble(), 0, 1)));
        };
    }

    @Test
    void anEditThatChangesNothingLeavesNoTrace() {
        History history = History.of(Project.of("Any", box()));

        assertThat(history.after("nothing", history.now().with(box())).undoName()).isEmpty();
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        History history = History.of(Project.of("Any", box())).after("one", Project.of("One", box())).undo();

        assertThat(history.redoName()).contains("one");
        assertThat(history.after("two", Project.of("Two", box())).redoName()).isEmpty();
    }

    @Test
    void aVariantIsACopyThatCanGoItsOwnWay() {
        Project project = Project.of("Any", box(thing("a", 5, 1, 0)));
        Project copied = project.copyingVariant("cells aft");
        Project changed = copied.with(copied.design().without(List.of("a")));

        assertThat(changed.design().things()).isEmpty();
        assertThat(changed.switchedTo("plan").design().things()).hasSize(1);
        assertThat(changed.withoutVariant().variants()).hasSize(1);
        assertThat(project.withoutVariant()).isEqualTo(project);
        assertThat(changed.switchedTo("nowhere")).isEqualTo(changed);
    }

    @Test
    void freeIdsAreReadableAndNew() {
        Design d = box(thing("fresh-tank", 5, 1, 0));

        assertThat(d.freeId("Fresh tank")).isEqualTo("fresh-tank-2");
        assertThat(d.freeId("¿?")).isEqualTo("thing");
    }
}
