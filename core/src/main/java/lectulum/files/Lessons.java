package lectulum.files;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lectulum.design.logbook.LogEntry;
import lectulum.design.logbook.Logbook;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/// What earlier campers taught, kept in one CSV file of the user's for the next ones.
public final class Lessons {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader("kind", "text", "why", "stage")
            .setSkipHeaderRecord(true).setRecordSeparator('\n').get();
    private final Path file;

    public Lessons(Path file) {
        this.file = file;
    }

    /// What is kept, without days and tasks; nothing where there is no file yet. Rows that cannot be understood are passed over.
    ///
    /// @throws IOException where the file is there but cannot be read
    public List<LogEntry> all() throws IOException {
        if (!Files.exists(file)) {
            return List.of();
        }
        List<LogEntry> all = new ArrayList<>();
        try (Reader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            for (CSVRecord r : FORMAT.parse(reader)) {
                if (r.size() >= 4 && !SafeCell.read(r.get("text")).isBlank()) {
                    all.add(LogEntry.of("", "", kind(r.get("kind")), SafeCell.read(r.get("text")))
                            .withWhy(SafeCell.read(r.get("why"))).withStage(SafeCell.read(r.get("stage"))));
                }
            }
        } catch (IllegalArgumentException | java.io.UncheckedIOException e) {
            throw new IOException(file + " cannot be understood: " + e.getMessage(), e);
        }
        return all;
    }

    private static LogEntry.Kind kind(String word) {
        return word.equals(LogEntry.Kind.MISTAKE.name()) ? LogEntry.Kind.MISTAKE : LogEntry.Kind.NEXT_TIME;
    }

    /// Keeps the lessons of a log; one of the same words is kept once.
    ///
    /// @return how many are new
    public int keep(Logbook log) throws IOException {
        List<LogEntry> all = new ArrayList<>(all());
        int before = all.size();
        for (LogEntry e : log.entries()) {
            if (e.kind().lesson() && !e.text().isBlank() && all.stream().noneMatch(k -> k.text().equals(e.text()))) {
                all.add(e);
            }
        }
        StringWriter text = new StringWriter();
        CSVPrinter out = new CSVPrinter(text, FORMAT.builder().setSkipHeaderRecord(false).get());
        for (LogEntry e : all) {
            out.printRecord(e.kind().name(), SafeCell.write(e.text()), SafeCell.write(e.why()),
                    SafeCell.write(e.stage()));
        }
        AtomicFile.write(file, text.toString());
        return all.size() - before;
    }

    /// A log with those of earlier campers that it has not yet.
    public static Logbook with(Logbook log, List<LogEntry> earlier, String today) {
        Logbook next = log;
        for (LogEntry e : earlier) {
            if (next.entries().stream().noneMatch(k -> k.text().equals(e.text()))) {
                next = next.plus(e.withId(next.freeId("entry")).withDate(today));
            }
        }
        return next;
    }
}
