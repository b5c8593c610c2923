package lectulum.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Project;

/// Pictures that belong to a project: files in one folder beside it, known by their bare name. Nothing outside that folder
/// is ever read, whatever a project names.
///
/// A name carries a part of the checksum of what is in the file, so two different pictures never share one, and the same
/// picture taken twice is kept once.
public record Attachments(Path folder) {
    /// The largest file that is taken over or read \[bytes\].
    public static final long MOST_BYTES = 32L << 20;
    private static final int CHECKSUM = 8;

    /// The folder beside a project file: `NAME.lectulum.files`.
    public static Attachments of(Path project) {
        String name = project.getFileName().toString();
        String stem = name.endsWith(ProjectFile.ENDING)
                ? name.substring(0, name.length() - ProjectFile.ENDING.length())
                : name;
        return new Attachments(project.resolveSibling(stem + ".lectulum.files"));
    }

    /// Takes a file over and gives the name it has here.
    ///
    /// @throws IOException with a sentence where it is too large or cannot be read or written
    public String take(Path source) throws IOException {
        if (!Files.isRegularFile(source)) {
            throw new IOException(source.getFileName() + " is not a file.");
        }
        if (Files.size(source) > MOST_BYTES) {
            throw new IOException(source.getFileName() + " is larger than " + (MOST_BYTES >> 20) + " MB.");
        }
        byte[] bytes = read(source);
        String name = named(source.getFileName().toString(), ProjectFile.stamp(bytes).substring(0, CHECKSUM));
        if (find(name).isEmpty()) {
            AtomicFile.write(folder.resolve(name), bytes);
        }
        return name;
    }

    private static byte[] read(Path source) throws IOException {
        try {
            return Files.readAllBytes(source);
        } catch (IOException fault) {
            throw Disk.read(source, fault);
        }
    }

    /// The file of a name, where it is one of this folder and not too large. Names of older files, which told the folder
    /// too, count by their last part.
    public Optional<Path> find(String name) {
        String bare = bare(name);
        if (bare.isEmpty()) {
            return Optional.empty();
        }
        try {
            Path found = folder.resolve(bare);
            boolean here = Files.isRegularFile(found)
                    && found.toRealPath().getParent().equals(folder.toRealPath());
            return here && Files.size(found) <= MOST_BYTES ? Optional.of(found) : Optional.empty();
        } catch (IOException | InvalidPathException e) {
            return Optional.empty();
        }
    }

    /// Copies what a project names into another folder, where it is not there already. A file of that name with something
    /// else in it is kept as `NAME.previous`.
    public void copyTo(Attachments other, Project project) throws IOException {
        if (other.folder.toAbsolutePath().normalize().equals(folder.toAbsolutePath().normalize())) {
            return;
        }
        for (String name : names(project)) {
            Optional<Path> file = find(name);
            if (file.isEmpty()) {
                continue;
            }
            Files.createDirectories(other.folder);
            Path copy = other.folder.resolve(bare(name));
            if (Files.exists(copy) && Files.mismatch(file.get(), copy) >= 0) {
                Files.move(copy, copy.resolveSibling(copy.getFileName() + ".previous"),
                        StandardCopyOption.REPLACE_EXISTING);
            }
            if (!Files.exists(copy)) {
                AtomicFile.write(copy, Files.readAllBytes(file.get()));
            }
        }
    }

    /// Every attachment that a project names, in any variant.
    static Set<String> names(Project project) {
        Set<String> names = new TreeSet<>();
        Stream.concat(project.variants().stream().map(v -> v.design()), project.pinned().stream())
                .forEach(d -> names.addAll(names(d)));
        return names;
    }

    private static List<String> names(Design design) {
        return Stream.of(design.base().survey().trace().stream().map(t -> t.file()),
                design.weighings().stream().map(w -> w.photo()), design.purse().receipts().stream().map(r -> r.photo()),
                design.logbook().entries().stream().map(e -> e.photo()),
                design.logbook().trials().stream().map(t -> t.photo())).flatMap(n -> n).filter(n -> !n.isBlank())
                .toList();
    }

    static void delete(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        List<Path> files;
        try (Stream<Path> all = Files.list(folder)) {
            files = all.filter(Files::isRegularFile).toList();
        }
        for (Path file : files) {
            Files.delete(file);
        }
        Files.deleteIfExists(folder);
    }

    private static String bare(String name) {
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1).strip();
        return last.startsWith(".") ? "" : last;
    }

    private static String named(String source, String checksum) {
        int dot = source.lastIndexOf('.');
        String stem = (dot > 0 ? source.substring(0, dot) : source).replaceAll("[^\\p{L}\\p{N} _-]+", "-").strip();
        String ending = dot > 0 ? source.substring(dot).replaceAll("[^\\p{L}\\p{N}.]+", "") : "";
        return (stem.isEmpty() ? "picture" : stem.substring(0, Math.min(stem.length(), 60))) + "-" + checksum
                + ending.toLowerCase(Locale.ROOT);
    }
}
