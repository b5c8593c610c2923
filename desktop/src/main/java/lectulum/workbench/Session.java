package lectulum.workbench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.design.Project;
import lectulum.files.Attachments;
import lectulum.files.ChangedMeanwhile;
import lectulum.files.Home;
import lectulum.files.Journal;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.ProjectLock;
import tools.jackson.databind.JsonNode;

/// Where the project of one window lives: its file, whether this window may write it, and the journal that keeps what is
/// not saved.
///
/// The project itself needs nothing but its own file: where the user's folder cannot be read or written, opening and
/// saving go on, and [#notes] says what does not work.
public final class Session implements AutoCloseable {
    private final Home home;
    private Journal journal;
    private Optional<Path> file = Optional.empty();
    private Optional<ProjectLock> lock = Optional.empty();
    private Optional<String> readOnly = Optional.empty();
    private volatile JsonNode tree;
    private Project saved;
    private Project begun;
    private String stamp = "";
    private volatile Project kept;
    private final List<Attachments> earlier = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    public Session(Home home) {
        this.home = home;
        this.journal = new Journal(home.journals());
    }

    /// Opens a file; where another window has it, this one may only read.
    public ProjectJson.Read open(Path path) throws IOException {
        return open(path, ProjectFile.opened(path));
    }

    /// Works on a file that was opened.
    public ProjectJson.Read open(Path path, ProjectFile.Opened opened) throws IOException {
        ProjectJson.Read read = opened.read();
        belongTo(path);
        tree = read.tree();
        stamp = opened.stamp();
        saved = read.notes().isEmpty() ? read.project() : null;
        begun = read.project();
        remember(path);
        return read;
    }

    /// Starts with a project that has no file yet.
    public void begin(Project project, boolean worthSaving) throws IOException {
        releaseLock();
        file = Optional.empty();
        readOnly = Optional.empty();
        tree = null;
        stamp = "";
        saved = worthSaving ? null : project;
        begun = project;
    }

    /// Takes over work that a crash or an earlier window left: unsaved, with the file it belongs to. What is on the disk
    /// stays there until the work is saved.
    ///
    /// @return whether it could be had; another window may have been faster
    public boolean recover(Journal.Left left) throws IOException {
        Optional<Journal> taken = left.takeOver();
        if (taken.isEmpty()) {
            return false;
        }
        begin(left.read().project(), true);
        journal = taken.get();
        begun = null;
        tree = left.read().tree();
        kept = left.read().project();
        if (left.from().isPresent()) {
            belongTo(left.from().get().file());
            stamp = left.from().get().stamp();
        }
        return true;
    }

    /// Saves to the file; the session must have one and may write it.
    ///
    /// @throws ChangedMeanwhile where the file is not the version this work began with
    public void save(Project project) throws IOException {
        Path path = file.orElseThrow();
        Optional<String> now = ProjectFile.stamp(path);
        if (now.isPresent() && !now.get().equals(stamp)) {
            throw new ChangedMeanwhile(path);
        }
        saveOver(project);
    }

    /// Saves to the file whatever stands there; what it held is kept as its previous version.
    public void saveOver(Project project) throws IOException {
        if (readOnly.isPresent()) {
            throw new IOException(readOnly.get() + " Save under another name.");
        }
        write(file.orElseThrow(), project);
    }

    /// Saves under another name. Where that fails, the session stays with the file it had.
    public void saveAs(Path path, Project project) throws IOException {
        Path next = path.toAbsolutePath().normalize();
        if (file.filter(next::equals).isPresent() && readOnly.isEmpty()) {
            write(next, project);
            return;
        }
        notes.clear();
        Optional<ProjectLock> taken = Optional.empty();
        boolean told = true;
        try {
            taken = ProjectLock.take(home.locks(), next);
        } catch (IOException noLocks) {
            told = false;
            notes.add(cannotTell(noLocks));
        }
        if (told && taken.isEmpty()) {
            throw new IOException("Another window has " + path.getFileName() + " open.");
        }
        try {
            write(next, project);
        } catch (IOException e) {
            if (taken.isPresent()) {
                taken.get().close();
            }
            throw e;
        }
        releaseLock();
        lock = taken;
        earlier.add(attachments());
        file = Optional.of(next);
        readOnly = Optional.empty();
    }

    private void write(Path path, Project project) throws IOException {
        attachments().copyTo(Attachments.of(path), project);
        for (Attachments before : earlier) {
            before.copyTo(Attachments.of(path), project);
        }
        ProjectFile.Written written = ProjectFile.save(path, project, tree);
        stamp = written.stamp();
        tree = written.tree();
        saved = project;
        kept = null;
        try {
            journal.clear();
        } catch (IOException e) {
            notes.add("It is saved, but the copy of the unsaved work could not be removed: " + e.getMessage() + ".");
        }
        remember(path);
    }

    /// What saving would write now.
    public JsonNode tree(Project project) {
        return ProjectFile.tree(project, tree);
    }

    /// Another copy was merged into the project: what saving notes as changed is measured from the two of them.
    public void joined(JsonNode both) {
        tree = both;
    }

    /// Something that is written beside the interface thread.
    public interface Write {
        void run() throws IOException;
    }

    /// What has to be written so that unsaved work outlives a crash; empty where nothing changed since. To be called every
    /// few seconds and run by another thread.
    public Optional<Write> keeping(Project project) {
        if (project.equals(kept)) {
            return Optional.empty();
        }
        long moment = journal.moment();
        Journal into = journal;
        if (!unsaved(project)) {
            boolean nothing = kept == null;
            kept = null;
            return nothing ? Optional.empty() : Optional.of(into::clear);
        }
        JsonNode before = tree;
        Optional<Journal.Origin> from = origin();
        kept = project;
        return Optional.of(() -> {
            try {
                into.keep(project, before, from, moment);
            } catch (IOException e) {
                kept = null;
                throw e;
            }
        });
    }

    private Optional<Journal.Origin> origin() {
        return file.map(f -> new Journal.Origin(f, stamp));
    }

    /// Takes a picture over and gives the name it has in the project.
    ///
    /// @throws IOException with a sentence where it cannot be had
    public String attach(Path source) throws IOException {
        return file.isPresent() ? attachments().take(source) : journal.attach(source);
    }

    /// An attached file, where it is one of this project's: of the folder beside its file, or of a folder that it had
    /// before it was saved under another name.
    public Optional<Path> attachment(String name) {
        return Stream.concat(Stream.of(attachments()), earlier.stream()).flatMap(a -> a.find(name).stream())
                .findFirst();
    }

    public Attachments attachments() {
        return file.map(Attachments::of).orElseGet(journal::attachments);
    }

    /// Whether the project differs from its file, or has none.
    public boolean dirty(Project project) {
        return !project.equals(saved);
    }

    /// Whether something that somebody did would be lost without the journal: a new project that was only looked at is
    /// not.
    public boolean unsaved(Project project) {
        return dirty(project) && !project.equals(begun);
    }

    public Optional<Path> file() {
        return file;
    }

    public boolean readOnly() {
        return readOnly.isPresent();
    }

    /// Sentences on what did not work beside the project itself, and why it can only be read.
    public List<String> notes() {
        List<String> all = new ArrayList<>(readOnly.stream().toList());
        all.replaceAll(s -> s + " Here it can be read and saved under another name.");
        all.addAll(notes);
        return all;
    }

    public Home home() {
        return home;
    }

    /// Leaves the project and keeps what is not saved, to be offered again.
    public void leave(Project project) throws IOException {
        if (unsaved(project)) {
            journal.keep(project, tree, origin(), journal.moment());
            journal.close();
            releaseLock();
        } else {
            close();
        }
    }

    /// Leaves the project without saving; what is given up can be had back until something else is given up.
    public void giveUp(Project project) throws IOException {
        if (unsaved(project)) {
            try {
                journal.keep(project, tree, origin(), journal.moment());
                journal.giveUp();
            } catch (IOException cannotBeKept) {
                journal.close();
            }
            releaseLock();
        } else {
            close();
        }
    }

    /// Leaves a project of which everything is saved.
    @Override
    public void close() throws IOException {
        journal.end();
        releaseLock();
    }

    private void belongTo(Path path) throws IOException {
        releaseLock();
        notes.clear();
        Path own = path.toAbsolutePath().normalize();
        file = Optional.of(own);
        readOnly = Optional.empty();
        try {
            lock = ProjectLock.take(home.locks(), own);
            if (lock.isEmpty()) {
                readOnly = Optional.of("Another window has this file open.");
            }
        } catch (IOException e) {
            notes.add(cannotTell(e));
        }
        Path folder = own.getParent();
        if (readOnly.isEmpty() && Files.isDirectory(folder)
                && (!Files.isWritable(folder) || Files.exists(own) && !Files.isWritable(own))) {
            readOnly = Optional.of("This file is in a place that cannot be written.");
        }
    }

    private String cannotTell(IOException e) {
        return "The folder " + home.folder() + " cannot be written (" + e.getMessage()
                + "): nobody can tell whether another window has this file open, and unsaved work is not kept"
                + " against a crash.";
    }

    private void remember(Path path) {
        try {
            home.remember(path);
        } catch (IOException e) {
            notes.add("The list of recent files could not be written: " + e.getMessage() + ".");
        }
    }

    private void releaseLock() throws IOException {
        if (lock.isPresent()) {
            lock.get().close();
            lock = Optional.empty();
        }
    }
}
