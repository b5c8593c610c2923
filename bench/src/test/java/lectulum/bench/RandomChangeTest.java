package lectulum.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.figures.Severity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The hand that tries what nobody thought of.
class RandomChangeTest {
    @TempDir
    Path folder;

    /// One entry of a list with an id of its own.
    record Kept(String id, double size) {
    }

    record Whole(double number, int count, boolean yes, Severity choice, OptionalDouble maybe, Optional<Kept> one,
            List<Kept> all, String name) {
    }

    private static final Whole START = new Whole(2, 3, true, Severity.NOTE, OptionalDouble.of(4),
            Optional.of(new Kept("a", 1)), List.of(new Kept("b", 2), new Kept("c", 3)), "name");

    @Test
    void everyPartIsChangedAtTimesButNamesNever() {
        Set<String> changed = new TreeSet<>();
        for (int seed = 0; seed < 400; seed++) {
            Whole now = new RandomChange(new SplittableRandom(seed)).in(START);
            if (now.number() != 2) {
                changed.add("number");
            }
            if (now.count() != 3) {
                changed.add("count");
            }
            if (!now.yes()) {
                changed.add("yes");
            }
            if (now.choice() != Severity.NOTE) {
                changed.add("choice");
            }
            if (now.maybe().isEmpty()) {
                changed.add("maybe");
            }
            if (!now.one().equals(START.one())) {
                changed.add("one");
            }
            if (now.all().size() < 2) {
                changed.add("left out");
            }
            assertThat(now.name()).isEqualTo("name");
            assertThat(now.all()).extracting(Kept::id).as("no id twice").doesNotHaveDuplicates();
        }
        assertThat(changed).containsExactly("choice", "count", "left out", "maybe", "number", "one", "yes");
    }

    @Test
    void theSameSeedChangesTheSame() {
        assertThat(new RandomChange(new SplittableRandom(9)).in(START))
                .isEqualTo(new RandomChange(new SplittableRandom(9)).in(START));
    }

    /// Of a camper that has something of everything, most parts are reached.
    @Test
    void itReachesAllStages() throws ReflectiveOperationException {
        RecordComponent[] parts = Design.class.getRecordComponents();
        Set<String> reached = new TreeSet<>();
        SplittableRandom dice = new SplittableRandom(3);
        for (Design d : Campers.all()) {
            for (int i = 0; i < 150; i++) {
                Design next = new RandomChange(dice.split()).in(d);
                for (RecordComponent part : parts) {
                    if (!part.getAccessor().invoke(d).equals(part.getAccessor().invoke(next))) {
                        reached.add(part.getName());
                    }
                }
            }
        }
        assertThat(reached).contains("brief", "vehicle", "base", "things", "settings", "purse", "works", "logbook",
                "envelope", "wiring", "workshop", "weighings");
        assertThat((double) reached.size() / parts.length).as("of " + Arrays.toString(parts)).isGreaterThan(0.7);
    }

    /// A window is killed, and what is left of its work is judged.
    @Test
    void aKilledWindowLeavesWhatItSaved() throws Exception {
        WindowKills.Found found = WindowKills.run(Files.createDirectories(folder.resolve("kills")), 1, 5);

        assertThat(found.faults()).isEmpty();
        assertThat(found.edits()).isPositive();
        assertThat(found.behind()).isLessThan(5000);
    }
}
