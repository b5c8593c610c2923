package lectulum.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Project;
import tools.jackson.databind.JsonNode;

/// The autosave of one running window: a copy of the unsaved project that is removed when it is saved or closed in
/// good order, and offered for recovery when it is found after a crash.
public final class Journal {
    private static final String ENDING = ".journal.json";

    private final Path file;
    private final Path origin;

    /// @param folder where journals are kept
    /// @param owner  the process that writes it
    public Journal(Path folder, long owner, int window) {
        this.file = folder.resolve(owner + "-" + window + ENDING);
        this.origin = folder.resolve(owner + "-" + window + ".origin");
    }

    /// Keeps the project as it is now.
    ///
    /// @param from file it belongs to, empty for a project never saved
    public void keep(Project project, JsonNode before, Optional<Path> from) throws IOException {
        AtomicFile.write(origin, from.map(p -> p.toAbsolutePath().toString()).orElse(""));
        AtomicFile.write(file, ProjectJson.write(project, before));
    }

    /// Everything is saved or given up: nothing is left to recover.
    public void clear() throws IOException {
        Files.deleteIfExists(file);
        Files.deleteIfExists(origin);
    }

    /// A project that a crash left behind.
    ///
    /// @param from file it belongs to, empty for a project never saved
    public record Left(Path journal, ProjectJson.Read read, Optional<Path> from) {
        /// Removes it after it was recovered or declined.
        public void discard() throws IOException {
            Files.deleteIfExists(journal);
            Files.deleteIfExists(originOf(journal));
        }
    }

    /// Journals whose process is no longer running, newest first. One that cannot be read is passed over and stays.
    public static List<Left> leftBehind(Path folder) throws IOException {
        List<Left> left = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return left;
        }
        List<Path> journals;
        try (Stream<Path> files = Files.list(folder)) {
            journals = files.filter(p -> p.getFileName().toString().endsWith(ENDING)).filter(Journal::abandoned)
                    .sorted(java.util.Comparator.comparing((Path p) -> p.toFile().lastModified()).reversed()).toList();
        }
        for (Path journal : journals) {
            try {
                Path origin = originOf(journal);
                String from = Files.exists(origin) ? Files.readString(origin).strip() : "";
                left.add(new Left(journal, ProjectFile.open(journal),
                        from.isEmpty() ? Optional.empty() : Optional.of(Path.of(from))));
            } catch (UnreadableFile unreadable) {
                continue;
            }
        }
        return left;
    }

    private static Path originOf(Path journal) {
        String name = journal.getFileName().toString();
        return journal.resolveSibling(name.substring(0, name.length() - ENDING.length()) + ".origin");
    }

    private static boolean abandoned(Path journal) {
        String owner = journal.getFileName().toString().split("-")[0];
        return !owner.matches("\\d{1,18}") || ProcessHandle.of(Long.parseLong(owner)).isEmpty();
    }
}
