package lectulum.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.OptionalInt;
import lectulum.design.Project;
import tools.jackson.databind.JsonNode;

/// Opens and saves project files (`NAME.lectulum.json`).
public final class ProjectFile {
    /// What a project file's name ends with.
    public static final String ENDING = ".lectulum.json";
    private static final long MOST_BYTES = 32L << 20;

    private ProjectFile() {
    }

    /// A project file as it was opened.
    ///
    /// @param stamp tells this version of the file from every other
    public record Opened(ProjectJson.Read read, String stamp) {
    }

    /// A project file as it was written.
    ///
    /// @param tree  everything that it holds
    /// @param stamp tells this version of the file from every other
    public record Written(JsonNode tree, String stamp) {
    }

    /// @throws UnreadableFile with a sentence that says what is wrong and where; the file is left as it was
    /// @throws IOException    where the disk fails
    public static ProjectJson.Read open(Path file) throws IOException {
        return opened(file).read();
    }

    /// Opens a file and notes which version of it that was; throws as [#open].
    public static Opened opened(Path file) throws IOException {
        try {
            if (Files.isDirectory(file)) {
                throw new UnreadableFile(file + " is a folder.");
            }
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw new UnreadableFile(file + " is not a file.");
            }
            if (Files.size(file) > MOST_BYTES) {
                throw new UnreadableFile(file.getFileName() + " is larger than 32 MB and is not opened.");
            }
            byte[] bytes = Files.readAllBytes(file);
            String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
            return new Opened(ProjectJson.read(text.startsWith("\ufeff") ? text.substring(1) : text), stamp(bytes));
        } catch (NoSuchFileException e) {
            throw new UnreadableFile("There is no file " + file + ".");
        } catch (CharacterCodingException e) {
            throw new UnreadableFile(file.getFileName() + " is not a text file in UTF-8.");
        } catch (IOException fault) {
            throw Disk.read(file, fault);
        }
    }

    /// Saves, keeping the version before as `NAME.lectulum.json.previous`.
    ///
    /// @param before tree of the file the project was opened from, or null
    /// @throws IOException where it cannot be written, saying why; what was saved before is then still there
    public static Written save(Path file, Project project, JsonNode before) throws IOException {
        try {
            return saved(file, project, before);
        } catch (IOException fault) {
            throw Disk.written(file, fault);
        }
    }

    private static Written saved(Path file, Project project, JsonNode before) throws IOException {
        ProjectJson.Tree tree = ProjectJson.noted(project, before);
        byte[] bytes = tree.text().getBytes(StandardCharsets.UTF_8);
        keepPrevious(file);
        keepOlder(file);
        Path last = last(file);
        if (Files.exists(file)) {
            Files.copy(file, last, StandardCopyOption.REPLACE_EXISTING);
        }
        AtomicFile.write(file, bytes);
        keepPrevious(file);
        return new Written(tree.node(), stamp(bytes));
    }

    /// The tree that saving would write.
    ///
    /// @param before tree of the file the project was opened from, or null
    public static JsonNode tree(Project project, JsonNode before) {
        return ProjectJson.noted(project, before).node();
    }

    /// A file of an older version stays beside the one that is written over it, as `NAME.lectulum.json.format-1`.
    private static void keepOlder(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            return;
        }
        OptionalInt version = ProjectJson.version(Files.readAllBytes(file));
        if (version.isPresent() && version.getAsInt() < ProjectJson.VERSION) {
            Path kept = file.resolveSibling(file.getFileName() + ".format-" + version.getAsInt());
            if (!Files.exists(kept)) {
                AtomicFile.write(kept, Files.readAllBytes(file));
            }
        }
    }

    private static Path last(Path file) {
        return file.resolveSibling(file.getFileName() + ".last");
    }

    /// What the file held before it was written anew becomes the previous version, once the file holds something else: a
    /// program that is killed in between leaves the previous version as it was, and this is done at the next saving.
    private static void keepPrevious(Path file) throws IOException {
        Path last = last(file);
        if (!Files.exists(last)) {
            return;
        }
        if (Files.exists(file) && Files.mismatch(last, file) < 0) {
            Files.delete(last);
        } else {
            Files.move(last, file.resolveSibling(file.getFileName() + ".previous"), StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /// Tells one version of a file from every other (SHA-256, hexadecimal).
    public static String stamp(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /// The stamp of a file as it is now; empty where there is none that can be read.
    public static Optional<String> stamp(Path file) {
        try {
            return Files.isRegularFile(file) ? Optional.of(stamp(Files.readAllBytes(file))) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /// The file name a project of this name gets.
    public static String nameFor(String project) {
        String stem = project.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return (stem.isEmpty() ? "camper" : stem) + ENDING;
    }
}
