package lectulum.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LessonsTest {
    @TempDir
    private Path folder;

    private static LogEntry entry(String id, LogEntry.Kind kind, String text) {
        return LogEntry.of(id, "2027-01-01", kind, text).withStage("Layout").withWhy("because");
    }

    private static final Logbook LOG = Logbook.NONE.withEntries(List.of(
            entry("a", LogEntry.Kind.NEXT_TIME, "=Draw the hatch, \"twice\""),
            entry("b", LogEntry.Kind.MISTAKE, "Sheet traced\non the wrong side"),
            entry("c", LogEntry.Kind.WORK, "floor"),
            entry("d", LogEntry.Kind.NEXT_TIME, "   ")));

    @Test
    void onlyLessonsAreKeptOnceAndReadBackAsTheyWere() throws IOException {
        Lessons lessons = new Lessons(folder.resolve("lessons.csv"));
        assertThat(lessons.all()).isEmpty();

        assertThat(lessons.keep(LOG)).isEqualTo(2);
        assertThat(lessons.keep(LOG)).as("the same again").isZero();

        assertThat(lessons.all()).extracting(LogEntry::text).containsExactly("=Draw the hatch, \"twice\"",
                "Sheet traced\non the wrong side");
        assertThat(lessons.all()).extracting(LogEntry::kind).containsExactly(LogEntry.Kind.NEXT_TIME,
                LogEntry.Kind.MISTAKE);
        assertThat(lessons.all()).allMatch(e -> e.stage().equals("Layout") && e.why().equals("because")
                && e.date().isEmpty());
        assertThat(Files.readString(folder.resolve("lessons.csv"))).as("no formula for a spreadsheet")
                .doesNotContain("\"=Draw").contains("'=Draw");
    }

    @Test
    void theNextCamperGetsThoseThatItHasNot() throws IOException {
        Lessons lessons = new Lessons(folder.resolve("lessons.csv"));
        lessons.keep(LOG);
        Logbook next = Logbook.NONE.plus(entry("entry-1", LogEntry.Kind.NEXT_TIME, "Sheet traced\non the wrong side"));

        Logbook with = Lessons.with(next, lessons.all(), "2028-05-01");

        assertThat(with.entries()).extracting(LogEntry::id).containsExactly("entry-1", "entry-2");
        assertThat(with.entries().getLast().date()).isEqualTo("2028-05-01");
        assertThat(Lessons.with(with, lessons.all(), "2029-01-01")).isEqualTo(with);
    }

    @Test
    void aDamagedFileIsSaidOrReadAsFarAsItGoes() throws IOException {
        Path file = folder.resolve("lessons.csv");
        Files.writeString(file, "kind,text,why,stage\nNEXT_TIME\nODD,text,why,stage\n,,,\n");
        assertThat(new Lessons(file).all()).extracting(LogEntry::text).containsExactly("text");

        Files.write(file, new byte[]{(byte) 0xff, (byte) 0xfe, 0x22, 0x00, 0x0a});
        assertThatThrownBy(() -> new Lessons(file).all()).isInstanceOf(IOException.class);
    }
}
