package lectulum.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lectulum.design.Differences;
import lectulum.design.Project;
import tools.jackson.databind.JsonNode;

/// The unsaved work of one window, on disk: a copy of the project that outlives a crash and a window that was left
/// without saving. It goes when the work is saved.
///
/// While a window uses its journal it holds a lock on it, which the system frees when the program dies: a journal without
/// a holder is offered for recovery. Of work that was given up the last is kept too, until the next takes its place.
/// Writing and clearing may come from different threads; a write that was asked for before a clear and comes after it
/// does nothing.
public final class Journal implements AutoCloseable {
    private static final String ENDING = ".journal.json";
    private static final String STAMP = "stamp ";
    private static final String GIVEN_UP = "given-up";

    private final Path folder;
    private final String name;
    private Optional<ProjectLock> held = Optional.empty();
    private long cleared;

    /// A new journal. Nothing is written until something is kept.
    ///
    /// @param folder where journals are kept
    public Journal(Path folder) {
        this(folder, UUID.randomUUID().toString());
    }

    private Journal(Path folder, String name) {
        this.folder = folder;
        this.name = name;
    }

    /// Where kept work comes from.
    ///
    /// @param file  it belongs to
    /// @param stamp of that file as it was opened or saved last, see [ProjectFile#stamp(byte\[\])]; empty where it is unknown
    public record Origin(Path file, String stamp) {
    }

    /// The moment a write belongs to; see [#keep].
    public synchronized long moment() {
        return cleared;
    }

    /// Keeps the project as it is now.
    ///
    /// @param from   file it belongs to, empty for a project never saved
    /// @param moment when it was asked for; nothing is written where the journal was cleared since
    public synchronized void keep(Project project, JsonNode before, Optional<Origin> from, long moment)
            throws IOException {
        if (moment != cleared) {
            return;
        }
        Files.createDirectories(folder);
        holdIfItCan();
        AtomicFile.write(origin(), from.map(o -> STAMP + o.stamp() + "\n" + o.file().toAbsolutePath()).orElse(""));
        AtomicFile.write(file(), ProjectJson.write(project, before));
    }

    /// The files attached to a project that has no file of its own yet.
    public Attachments attachments() {
        return new Attachments(attached());
    }

    /// Takes a file over for a project that has no file of its own yet; see [Attachments#take].
    public synchronized String attach(Path source) throws IOException {
        Files.createDirectories(folder);
        holdIfItCan();
        return attachments().take(source);
    }

    /// Everything is saved: nothing is left to recover. What was attached stays while the window is open.
    public synchronized void clear() throws IOException {
        cleared++;
        if (Files.isDirectory(folder)) {
            Files.deleteIfExists(file());
            Files.deleteIfExists(origin());
        }
    }

    /// Everything is saved and the window closes.
    public synchronized void end() throws IOException {
        clear();
        Attachments.delete(attached());
        release();
    }

    private Path attached() {
        return folder.resolve(name + ".files");
    }

    /// What it holds is given up: it takes the place of what was given up before, and can be had back until the next does.
    public synchronized void giveUp() throws IOException {
        cleared++;
        if (Files.exists(file())) {
            Journal last = new Journal(folder, GIVEN_UP);
            last.end();
            if (Files.exists(origin())) {
                Files.move(origin(), last.origin(), StandardCopyOption.ATOMIC_MOVE);
            }
            if (Files.isDirectory(attached())) {
                Files.move(attached(), last.attached(), StandardCopyOption.ATOMIC_MOVE);
            }
            Files.move(file(), last.file(), StandardCopyOption.ATOMIC_MOVE);
        }
        release();
    }

    /// Lets go of it; what was kept stays and is offered.
    @Override
    public synchronized void close() throws IOException {
        cleared++;
        release();
    }

    /// Work that nobody has open.
    ///
    /// @param from    file it belongs to, empty for a project never saved
    /// @param kept    when it was written
    /// @param givenUp whether its window was left without saving it, on purpose
    public record Left(Path journal, ProjectJson.Read read, Optional<Origin> from, Instant kept, boolean givenUp) {

        /// Takes it over: what is kept from now on takes its place, and it goes when it is saved. Empty where another window
        /// was faster.
        public Optional<Journal> takeOver() throws IOException {
            String file = journal.getFileName().toString();
            String name = file.substring(0, file.length() - ENDING.length());
            Journal taken = new Journal(journal.getParent(), name);
            if (givenUp) {
                taken = taken.movedTo(new Journal(journal.getParent()));
            }
            boolean mine = taken.holdIfItCan();
            return mine ? Optional.of(taken) : Optional.empty();
        }

        /// How it stands against the file it belongs to; empty where it belongs to none, or that cannot be read.
        public Optional<Against> against() {
            return from.flatMap(origin -> {
                try {
                    if (!Files.exists(origin.file())) {
                        return Optional.of(new Against(origin.file(), true, Instant.MIN, false, List.of()));
                    }
                    ProjectFile.Opened opened = ProjectFile.opened(origin.file());
                    Instant written = Files.getLastModifiedTime(origin.file()).toInstant();
                    boolean newer = origin.stamp().isEmpty()
                            ? written.isAfter(kept)
                            : !origin.stamp().equals(opened.stamp());
                    return Optional.of(new Against(origin.file(), false, written, newer,
                            Differences.between(opened.read().project(), read.project())));
                } catch (IOException | RuntimeException unreadable) {
                    return Optional.empty();
                }
            });
        }

        /// Gives it up; what was given up before goes for good.
        public void giveUp() throws IOException {
            String file = journal.getFileName().toString();
            Journal mine = new Journal(journal.getParent(), file.substring(0, file.length() - ENDING.length()));
            if (givenUp) {
                mine.end();
            } else {
                mine.giveUp();
            }
        }
    }

    /// A file that kept work belongs to, as it is now.
    ///
    /// @param gone        whether it is not there any more
    /// @param written     when it was written last
    /// @param newer       whether it was written since the kept work began with it
    /// @param differences what the kept work has otherwise
    public record Against(Path file, boolean gone, Instant written, boolean newer, List<String> differences) {
    }

    /// Journals that no window holds, newest first. What is damaged, or no journal at all, is passed over and stays.
    public static List<Left> leftBehind(Path folder) {
        List<Left> left = new ArrayList<>();
        for (Path path : journals(folder)) {
            try {
                String name = path.getFileName().toString();
                Journal journal = new Journal(folder, name.substring(0, name.length() - ENDING.length()));
                if (journal.abandoned()) {
                    left.add(new Left(path, ProjectFile.open(path), journal.readOrigin(),
                            Files.getLastModifiedTime(path).toInstant(), journal.name.equals(GIVEN_UP)));
                }
            } catch (IOException | RuntimeException unreadable) {
                continue;
            }
        }
        left.sort(Comparator.comparing(Left::givenUp).thenComparing(Left::kept, Comparator.reverseOrder()));
        return left;
    }

    /// Removes what killed programs left beside their journals: half-written files, and what belongs to no journal any more.
    /// What cannot be removed stays.
    public static void clean(Path folder) {
        for (Path path : list(folder)) {
            String file = path.getFileName().toString();
            if (file.endsWith(ENDING) || file.endsWith(".origin")) {
                AtomicFile.sweep(path);
            }
            int dot = file.indexOf('.');
            boolean half = file.endsWith(".part");
            boolean beside = file.endsWith(".origin") || file.endsWith(".files") || file.endsWith(".lock");
            if (dot > 0 && (half || beside) && !Files.exists(folder.resolve(file.substring(0, dot) + ENDING))) {
                new Journal(folder, file.substring(0, dot)).removeAbandoned(path);
            }
        }
    }

    private void removeAbandoned(Path path) {
        try {
            if (abandoned()) {
                Attachments.delete(path);
                Files.deleteIfExists(path);
            }
        } catch (IOException | RuntimeException stays) {
            // It takes room and does no harm.
        }
    }

    private static List<Path> list(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.toList();
        } catch (IOException | RuntimeException unreadable) {
            return List.of();
        }
    }

    private static List<Path> journals(Path folder) {
        return list(folder).stream().filter(p -> p.getFileName().toString().endsWith(ENDING))
                .filter(Files::isRegularFile).toList();
    }

    private Optional<Origin> readOrigin() {
        try {
            String text = Files.exists(origin()) ? Files.readString(origin()) : "";
            int line = text.indexOf('\n');
            boolean stamped = text.startsWith(STAMP) && line > 0;
            String path = stamped ? text.substring(line + 1) : text.strip();
            return path.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Origin(Path.of(path), stamped ? text.substring(STAMP.length(), line) : ""));
        } catch (IOException | InvalidPathException damaged) {
            return Optional.empty();
        }
    }

    private Journal movedTo(Journal next) throws IOException {
        if (Files.isDirectory(attached())) {
            Files.move(attached(), next.attached());
        }
        if (Files.exists(origin())) {
            Files.move(origin(), next.origin());
        }
        Files.move(file(), next.file());
        return next;
    }

    /// Whether no window holds it.
    private boolean abandoned() throws IOException {
        try (Journal probe = new Journal(folder, name)) {
            return probe.holdIfItCan();
        }
    }

    /// Takes the lock unless another window has it. Where the disk knows no locks nobody can tell who has it: then anybody
    /// may, since work offered twice is better than work never offered.
    private boolean holdIfItCan() {
        if (held.isEmpty()) {
            try {
                held = ProjectLock.take(lock());
                return held.isPresent();
            } catch (IOException noLocks) {
                return true;
            }
        }
        return true;
    }

    private void release() throws IOException {
        if (held.isPresent()) {
            held.get().close();
            held = Optional.empty();
            Files.deleteIfExists(lock());
        }
    }

    private Path file() {
        return folder.resolve(name + ENDING);
    }

    private Path origin() {
        return folder.resolve(name + ".origin");
    }

    private Path lock() {
        return folder.resolve(name + ".lock");
    }
}
