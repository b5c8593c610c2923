package lectulum.workbench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import lectulum.design.Project;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.ProjectLock;
import tools.jackson.databind.JsonNode;

/// Where the project of one window lives: its file, whether this window may write it, and the journal that catches a
/// crash.
public final class Session implements AutoCloseable {
    private static final AtomicInteger WINDOWS = new AtomicInteger();

    private final Home home;
    private final Journal journal;
    private Optional<Path> file = Optional.empty();
    private Optional<ProjectLock> lock = Optional.empty();
    private boolean readOnly;
    private JsonNode tree;
    private Project saved;
    private Project kept;

    public Session(Home home) {
        this.home = home;
        this.journal = new Journal(home.journals(), ProcessHandle.current().pid(), WINDOWS.incrementAndGet());
    }

    /// Opens a file; where another window has it, this one may only read.
    public ProjectJson.Read open(Path path) throws IOException {
        ProjectJson.Read read = ProjectFile.open(path);
        releaseLock();
        file = Optional.of(path.toAbsolutePath().normalize());
        lock = ProjectLock.take(home.locks(), path);
        readOnly = lock.isEmpty();
        tree = read.tree();
        saved = read.notes().isEmpty() ? read.project() : null;
        home.remember(path);
        return read;
    }

    /// Starts with a project that has no file yet.
    public void begin(Project project, boolean worthSaving) throws IOException {
        releaseLock();
        file = Optional.empty();
        readOnly = false;
        tree = null;
        saved = worthSaving ? null : project;
    }

    /// Takes over what a crash left: unsaved, with the file it belongs to.
    public void recover(Journal.Left left) throws IOException {
        begin(left.read().project(), true);
        tree = left.read().tree();
        if (left.from().isPresent()) {
            lock = ProjectLock.take(home.locks(), left.from().get());
            readOnly = lock.isEmpty();
            file = left.from();
        }
    }

    /// Saves to the file; the session must have one and may write it.
    public void save(Project project) throws IOException {
        Path path = file.orElseThrow();
        if (readOnly) {
            throw new IOException("Another window has this file open. Save under another name.");
        }
        ProjectFile.save(path, project, tree);
        tree = ProjectJson.read(ProjectJson.write(project, tree)).tree();
        saved = project;
        journal.clear();
        home.remember(path);
    }

    public void saveAs(Path path, Project project) throws IOException {
        Optional<ProjectLock> taken = ProjectLock.take(home.locks(), path);
        boolean mine = file.filter(f -> f.equals(path.toAbsolutePath().normalize())).isPresent() && !readOnly;
        if (taken.isEmpty() && !mine) {
            throw new IOException("Another window has " + path.getFileName() + " open.");
        }
        if (!mine) {
            releaseLock();
            lock = taken;
        }
        file = Optional.of(path.toAbsolutePath().normalize());
        readOnly = false;
        save(project);
    }

    /// Keeps unsaved work in the journal; called every few seconds. Returns whether something was written.
    public boolean keep(Project project) throws IOException {
        if (project == saved || project.equals(saved) || project == kept) {
            return false;
        }
        journal.keep(project, tree, file);
        kept = project;
        return true;
    }

    /// Takes a file over into the folder beside the project and gives the name it has there; where the project has no file
    /// yet, its path.
    public String attach(Path source) throws IOException {
        if (file.isEmpty()) {
            return source.toAbsolutePath().toString();
        }
        Path folder = attachments(file.get());
        Files.createDirectories(folder);
        Path copy = folder.resolve(source.getFileName());
        if (!source.toAbsolutePath().normalize().equals(copy)) {
            Files.copy(source, copy, StandardCopyOption.REPLACE_EXISTING);
        }
        return folder.getFileName() + "/" + copy.getFileName();
    }

    /// An attached file, where it still is.
    public Optional<Path> attachment(String name) {
        try {
            Path path = Path.of(name);
            Path found = path.isAbsolute() ? path : file.map(f -> f.resolveSibling(path)).orElse(path);
            return Files.isRegularFile(found) ? Optional.of(found) : Optional.empty();
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private static Path attachments(Path project) {
        String name = project.getFileName().toString();
        String stem = name.endsWith(ProjectFile.ENDING)
                ? name.substring(0, name.length() - ProjectFile.ENDING.length())
                : name;
        return project.resolveSibling(stem + ".lectulum.files");
    }

    public boolean dirty(Project project) {
        return !project.equals(saved);
    }

    public Optional<Path> file() {
        return file;
    }

    public boolean readOnly() {
        return readOnly;
    }

    public Home home() {
        return home;
    }

    @Override
    public void close() throws IOException {
        journal.clear();
        releaseLock();
    }

    private void releaseLock() throws IOException {
        if (lock.isPresent()) {
            lock.get().close();
            lock = Optional.empty();
        }
    }
}
