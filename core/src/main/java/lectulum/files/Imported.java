package lectulum.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/// What came in from a table of others. Every row is taken, taken with a note, or rejected with its line, column, reason and text; nothing
/// is lost, and what was rejected can be written out, mended and read again.
///
/// @param <T>      what a row becomes
/// @param taken    in the order of the rows
/// @param rows     of which something is to be said
/// @param read     rows that came in
/// @param rejected as a file that can be mended and read again; empty where none was
public record Imported<T>(List<T> taken, List<Row> rows, int read, String rejected) {
    public Imported {
        taken = List.copyOf(taken);
        rows = List.copyOf(rows);
    }

    /// A table as a file has it.
    ///
    /// @throws IOException where there is none, or one of more than 10 MB
    public static String text(Path path) throws IOException {
        if (!Files.isRegularFile(path)) {
            throw new UnreadableFile("There is no file " + path + ".");
        }
        try {
            if (Files.size(path) > CsvTable.MOST_BYTES) {
                throw new UnreadableFile("The file is larger than 10 MB.");
            }
            return new String(Files.readAllBytes(path), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw Disk.read(path, fault);
        }
    }

    /// What is to be said of a row.
    ///
    /// @param line in the file, the header is 1
    public record Row(long line, Fate fate, String column, String why, String text) {
        /// As people read it.
        public String sentence() {
            return "Line " + line + ", " + column + ": " + why + " — " + (fate == Fate.REJECTED ? "rejected" : "taken")
                    + ": " + text;
        }
    }

    /// How a row ended.
    public enum Fate {
        TAKEN, NOTED, REJECTED
    }

    public long count(Fate fate) {
        long said = rows.stream().filter(r -> r.fate == Fate.REJECTED).count();
        long noted = rows.stream().filter(r -> r.fate == Fate.NOTED).map(Row::line).distinct().count();
        return switch (fate) {
            case REJECTED -> said;
            case NOTED -> noted;
            case TAKEN -> read - said - noted;
        };
    }

    /// How many rows ended how.
    public String sums() {
        return read + " rows: " + count(Fate.TAKEN) + " taken, " + count(Fate.NOTED) + " taken with a note, "
                + count(Fate.REJECTED) + " rejected.";
    }
}
